package sectorum.handover;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import sectorum.ahead.AheadCatalogue;
import sectorum.build.Build;
import sectorum.build.Inserted;
import sectorum.make.Batch;
import sectorum.make.Worktop;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.plan.Eaten;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Stand;
import sectorum.plan.Tier;
import sectorum.recipe.ScaledRecipe;
import sectorum.tasks.BuildWork;
import sectorum.tasks.Instruction;
import sectorum.tasks.TierTasks;
import sectorum.technique.Making;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;
import sectorum.tier.ToMake;

/** Tells whoever serves a cake what it is made of, what comes out of it and how it is taken apart. */
public final class HandoverWork {

    private static final String PACKETS =
            "Allergens are those the materials usually bring; the packets and recipes rule. Follow your local food rules and"
                    + " a qualified adviser where this matters.";

    private final Plan plan;
    private final StackWorkup worked;
    private final Build build;
    private final Worktop top;
    private final Slice slice;
    private final Map<String, Portions> portions = new LinkedHashMap<>();
    private final Map<String, Set<String>> allergens = new TreeMap<>();

    private HandoverWork(Plan plan, StackWorkup worked, Worktop top, Slice slice) {
        this.top = top;
        this.slice = slice;
        for (int i = plan.tiers().size() - 1; i >= 0; i--) {
            Tier tier = plan.tiers().get(i);
            if (!tier.dummy()) {
                portions.put(tier.id(), Portions.of(tier, slice));
            }
        }
        this.plan = plan;
        this.worked = worked;
        this.build = BuildWork.of(plan, worked);
    }

    /** @param uncooled minutes out of the fridge by the schedule, where there is one */
    public static Handover of(
            Plan plan, StackWorkup worked, Worktop top, Slice slice, List<Instruction> steps, @Absent Long uncooled) {
        return new HandoverWork(plan, worked, top, slice).made(steps, uncooled);
    }

    private Handover made(List<Instruction> steps, @Absent Long uncooled) {
        List<Handover.Handed> parts = parts();
        Set<String> cautions = new LinkedHashSet<>();
        steps.stream().map(Instruction::caution).filter(c -> !c.isEmpty()).forEach(cautions::add);
        cautions.add(PACKETS);
        return new Handover(
                plan.name(),
                plan.brief().client(),
                plan.brief().place(),
                plan.readyBy(),
                Phrase.of(
                        "{} tiers, {} high, {} kg.",
                        Quantity.count(plan.tiers().size()),
                        Quantity.length(build.height()),
                        kilos(build.grams())),
                parts,
                out(),
                allergens.entrySet().stream()
                        .map(e -> new Handover.Allergen(e.getKey(), List.copyOf(e.getValue())))
                        .toList(),
                plan.brief().allergies(),
                uncooled,
                lifting(),
                List.copyOf(portions.values()),
                portions.values().stream().mapToInt(Portions::slices).sum(),
                cutting(),
                List.copyOf(cautions));
    }

    private static Quantity kilos(double grams) {
        return Quantity.plain(Rounding.halfUp(grams / 1000, 0.1));
    }

    private List<Handover.Handed> parts() {
        List<Handover.Handed> parts = new ArrayList<>();
        for (int i = 0; i < plan.tiers().size(); i++) {
            Tier tier = plan.tiers().get(i);
            Stand.Cake cake = plan.stands().cake(tier);
            if (tier.filled().cake() == null) {
                brings(cake.allergens(), cake.words());
            }
            TierWorkup w = worked.tiers().get(i);
            parts.add(new Handover.Handed(
                    tier.dummy() ? tier.name() + ", not cake" : tier.name(),
                    1,
                    Phrase.of(
                            "{} wide, {} high, {} kg",
                            Quantity.length(w.form().width()),
                            Quantity.length(w.form().height().mm()),
                            kilos(build.tiers().get(i).own())),
                    (tier.dummy() ? Eaten.OUT : Eaten.EAT).words()));
            for (TierWorkup.Worn worn : w.dressings()) {
                Handover.Handed part = dressing(tier, worn);
                // A finish is no part of its own: only what it brings is told.
                if (worn.finish() == null) {
                    parts.add(part);
                }
            }
        }
        worked.toMake(plan).stream().filter(ToMake::isPlaced).forEach(p -> parts.add(piece(p.piece())));
        top.batches().forEach(this::brings);
        return parts;
    }

    private Handover.Handed dressing(Tier tier, TierWorkup.Worn worn) {
        boolean hard = false;
        for (Making.Used used : worn.making().used()) {
            hard |= used.material().isHard();
        }
        for (Making.Wanted wanted : worn.making().wanted()) {
            hard |= wanted.material().isHard();
        }
        boolean out = worn.making().used().isEmpty()
                && worn.making().wanted().isEmpty()
                && !worn.making().out().isEmpty();
        return new Handover.Handed(
                worn.name(),
                worn.making().pieces(),
                Phrase.of(
                        "on the {} of {}, {} to {} {}",
                        Quantity.text(worn.surface().words()),
                        Quantity.text(tier.name()),
                        Quantity.length(worn.zone().foot()),
                        Quantity.length(worn.zone().top()),
                        Quantity.text(worn.surface().from())),
                (out ? Eaten.OUT : hard ? Eaten.HARD : Eaten.EAT).words());
    }

    private Phrase where(OwnPiece p) {
        Quantity tier = Quantity.text(plan.under(p).name());
        Quantity angle = Quantity.angle(Elementary.toRadians(Math.abs(p.seat().angle())));
        String side = p.seat().angle() < 0 ? "left" : "right";
        String on = switch (p.seat().on()) {
            case TOP -> "on top of {}";
            case SIDE -> "on the side of {}";
            case LEDGE -> "on the ledge of {}";
            case HOLE -> "in the hole of {}";
            case BOARD -> "on the board, before {}";
        };
        if (p.count() > 1) {
            return Phrase.of(on + ", spread round, the first at the front", tier);
        }
        if (p.seat().on() == OwnPiece.On.TOP && p.seat().out() == 0) {
            return Phrase.of(on + ", in the middle", tier);
        }
        return p.seat().angle() == 0
                ? Phrase.of(on + ", at the front", tier)
                : Phrase.of(on + ", {} from the front to the " + side, tier, angle);
    }

    private Handover.Handed piece(OwnPiece p) {
        return new Handover.Handed(p.name(), p.count(), where(p), p.eaten().words());
    }

    /** By its recipe where it says one. */
    private void brings(Batch batch) {
        String from = top.recipes().stream()
                .filter(r -> r.recipe().equals(batch.recipe()))
                .map(ScaledRecipe::label)
                .findFirst()
                .orElse(batch.material().words());
        brings(top.allergens(batch), from);
    }

    private void brings(List<String> names, String from) {
        names.forEach(name ->
                allergens.computeIfAbsent(name, n -> new LinkedHashSet<>()).add(from));
    }

    private List<Handover.Handed> out() {
        List<Handover.Handed> out = new ArrayList<>();
        String words = Eaten.OUT.words();
        for (OwnPiece p : plan.pieces()) {
            if (p.eaten() == Eaten.OUT) {
                out.add(new Handover.Handed(p.name(), p.count(), where(p), words));
            }
            int picks = (int)
                    build.stuck().stream().filter(s -> s.piece().equals(p.id())).count();
            if (picks > 0) {
                out.add(new Handover.Handed(p.sticks().kind().words() + " of " + p.name(), picks, where(p), words));
            }
            for (Making.Out each : AheadCatalogue.make(plan, p).out()) {
                out.add(new Handover.Handed(
                        each.what() + ", in " + p.name(), each.count() * p.count(), where(p), words));
            }
        }
        for (int i = 0; i < plan.tiers().size(); i++) {
            for (TierWorkup.Worn worn : worked.tiers().get(i).dressings()) {
                Phrase where = Phrase.of(
                        "{} on the {} of {}",
                        Quantity.text(worn.name()),
                        Quantity.text(worn.surface().words()),
                        Quantity.text(plan.tiers().get(i).name()));
                worn.making().out().forEach(o -> out.add(new Handover.Handed(o.what(), o.count(), where, words)));
            }
        }
        if (build.centre() != null) {
            out.add(new Handover.Handed(
                    "long dowel",
                    1,
                    Phrase.of("through the middle of all tiers, {} long", Quantity.length(build.centre())),
                    words));
        }
        for (int i = build.tiers().size() - 1; i >= 0; i--) {
            Build.Standing s = build.tiers().get(i);
            Quantity tier = Quantity.text(plan.tier(s.id()).name());
            if (i > 0) {
                out.add(new Handover.Handed("board", 1, Phrase.of("under {}", tier), words));
            }
            dowels(out, s.dowels().size(), "dowel", s, tier);
            dowels(out, s.inner().size(), "rod", s, tier);
        }
        return out;
    }

    private void dowels(List<Handover.Handed> out, int many, String what, Build.Standing s, Quantity tier) {
        if (many > 0) {
            Phrase where = Phrase.of("in {}, each {} long", tier, Quantity.length(s.length()));
            String of = plan.stands().dowel().name().toLowerCase(java.util.Locale.ROOT);
            out.add(new Handover.Handed(what + ", " + of, many, where, Eaten.OUT.words()));
        }
    }

    private List<Phrase> lifting() {
        List<Phrase> lifting = new ArrayList<>();
        lifting.add(
                build.grams() > TierTasks.BY_TWO
                        ? Phrase.of("It weighs {} kg: two lift it, from under the board.", kilos(build.grams()))
                        : Phrase.of("It weighs {} kg: lift it from under the board.", kilos(build.grams())));
        lifting.add(Phrase.of(
                "Drive it level and cool, in a box higher than {}, never on a seat.", Quantity.length(build.height())));
        return lifting;
    }

    /** From the top: what stands on it off, its picks out, the tier off with its board, the dowels out, then the knife. */
    private List<Phrase> cutting() {
        List<Phrase> cutting = new ArrayList<>();
        if (build.centre() != null) {
            cutting.add(Phrase.of("Draw the long dowel of {} out upwards.", Quantity.length(build.centre())));
        }
        for (int i = build.tiers().size() - 1; i >= 0; i--) {
            Build.Standing s = build.tiers().get(i);
            Tier tier = plan.tier(s.id());
            Quantity name = Quantity.text(tier.name());
            long picks = build.stuck().stream()
                    .filter(k -> k.kind() == Inserted.Kind.PICK && k.tier().equals(s.id()))
                    .count();
            if (picks > 0) {
                cutting.add(Phrase.of("Take the pieces off {} and {} picks out.", name, Quantity.count(picks)));
            }
            if (i > 0) {
                Quantity below =
                        Quantity.text(plan.tier(build.tiers().get(i - 1).id()).name());
                cutting.add(Phrase.of("Lift {} off {} with its board.", name, below));
            }
            int rods = s.dowels().size() + s.inner().size();
            if (rods > 0) {
                cutting.add(Phrase.of("Draw {} dowels and rods out of {}.", Quantity.count(rods), name));
            }
            cutting.add(
                    tier.dummy()
                            ? Phrase.of("{} is no cake: put it aside.", name)
                            : cut(portions.get(s.id()), name, s.length()));
        }
        return cutting;
    }

    /** Into how many of which slices, row by row. */
    private Phrase cut(Portions p, Quantity name, double high) {
        String rows = p.rows().stream().map(String::valueOf).collect(Collectors.joining(" + "));
        String middle = p.middle() > 0 ? (rows.isEmpty() ? "" : " + ") + p.middle() + " from the middle" : "";
        String across = p.storeys() > 1 ? ", first across into " + p.storeys() + " storeys" : "";
        String how = p.grid() ? "in rows" : "in rings from the outside in";
        return Phrase.of(
                "Cut {}, {} high{}, " + how + ", {} deep, in slices of {}: {}{}, {} portions.",
                name,
                Quantity.length(high),
                Quantity.text(across),
                Quantity.length(slice.deep()),
                Quantity.length(slice.wide()),
                Quantity.text(p.storeys() > 1 ? p.storeys() + " × (" + rows : rows),
                Quantity.text(middle + (p.storeys() > 1 ? ")" : "")),
                Quantity.count(p.slices()));
    }
}
