package sectorum.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.art.Motif;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;
import sectorum.measure.Values;

/**
 * One cake job.
 *
 * @param format always {@value #FORMAT}, so that a file can be told from any other
 * @param version of the format, {@value #VERSION}; whoever reads an older one brings it up to this before
 * @param name what the job is called
 * @param readyBy local day and hour it is needed, ISO without a zone; absent while unknown
 * @param brief who it is for and what to mind
 * @param palette its named colours
 * @param tiers foot to top, up to 8
 * @param table how it is made, as far as anybody has said
 * @param stand what carries it, as far as anybody has said
 * @param pieces pieces of one's own, made ahead
 * @param agenda what is settled about its days, as far as anybody has said
 * @param dressings those that go over several tiers, on top of what is a tier's own
 * @param art its drawings, kept with it; absent in a document: none
 */
public record Plan(
        String format,
        int version,
        String name,
        @Absent String readyBy,
        Brief brief,
        List<Colour> palette,
        List<Tier> tiers,
        @Absent Table table,
        @Absent Stand stand,
        List<OwnPiece> pieces,
        @Absent Agenda agenda,
        List<PlanDressing> dressings,
        @Absent List<Motif> art) {
    public static final String FORMAT = "sectorum-plan";
    public static final int VERSION = 2;
    /** Picks in one cake; more cannot be counted in and out. */
    private static final int MOST_PICKS = 1000;

    public Plan {
        checkFormat(format, version);
        version = VERSION;
        name = Check.words("name", "The plan's name", name, 1, 120);
        readyBy = Check.moment("readyBy", readyBy);
        brief = brief == null ? Brief.EMPTY : brief;
        palette = Check.list("palette", "Colours", palette, 0, 24);
        Check.unique("palette", "Colour", palette, Colour::id);
        tiers = Check.list("tiers", "Tiers", tiers, 1, 8);
        Check.unique("tiers", "Tier", tiers, Tier::id);
        checkBlends(palette);
        pieces = Check.list("pieces", "Pieces", pieces, 0, 60);
        Check.unique("pieces", "Piece", pieces, OwnPiece::id);
        checkSeats(pieces, tiers);
        dressings = Check.list("dressings", "Dressings", dressings, 0, 24);
        Check.unique("dressings", "Dressing", dressings, PlanDressing::id);
        checkWorn(dressings, tiers);
        art = Check.list("art", "Drawings", art, 0, 24);
        Check.unique("art", "Drawing", art, Motif::id);
    }

    public Plan(
            String format,
            int version,
            String name,
            @Absent String readyBy,
            Brief brief,
            List<Colour> palette,
            List<Tier> tiers) {
        this(format, version, name, readyBy, brief, palette, tiers, null, null, List.of(), null, List.of(), List.of());
    }

    /** What of it can be seen from outside, for whoever may see no more: no client, no notes, no days, nothing of how it is made. */
    public Plan seen() {
        List<Tier> outside = tiers.stream().map(Tier::seen).toList();
        return new Plan(
                format, version, name, null, Brief.EMPTY, palette, outside, null, stand, pieces, null, dressings, art);
    }

    /** Whether all that is otherwise there is what is done. */
    public boolean isSameButDone(Plan other) {
        return on(settled().undone()).equals(other.on(other.settled().undone()));
    }

    private static void checkSeats(List<OwnPiece> pieces, List<Tier> tiers) {
        long picks =
                pieces.stream().mapToLong(p -> (long) p.picks() * p.count()).sum();
        if (picks > MOST_PICKS) {
            throw new Refused(
                    "pieces.sticks.each",
                    Phrase.of(
                            "{} picks in one cake are more than {}. Take fewer pieces, or fewer picks in each.",
                            Quantity.count(picks),
                            Quantity.count(MOST_PICKS)));
        }
        for (OwnPiece piece : pieces) {
            String on = piece.seat().tier();
            if (!on.isEmpty() && tiers.stream().noneMatch(t -> t.id().equals(on))) {
                throw new Refused(
                        "pieces.seat.tier",
                        Phrase.of(
                                "{} stands on \"{}\", which is no tier of this plan. Put it on another.",
                                Quantity.text(piece.name()),
                                Quantity.text(on)));
            }
        }
    }

    /** A dressing over several tiers names tiers that are there, and nothing of theirs is called as it is. */
    private static void checkWorn(List<PlanDressing> dressings, List<Tier> tiers) {
        for (Tier tier : tiers) {
            long worn = tier.dressings().size()
                    + dressings.stream()
                            .filter(over -> over.tiers().contains(tier.id()))
                            .count();
            if (worn > Tier.MOST_DRESSINGS) {
                throw new Refused(
                        "dressings",
                        Phrase.of(
                                "{} would wear {} dressings, with those over several tiers; at most {} fit. Take some off.",
                                Quantity.text(tier.name()),
                                Quantity.count(worn),
                                Quantity.count(Tier.MOST_DRESSINGS)));
            }
        }
        for (PlanDressing over : dressings) {
            for (String on : over.tiers()) {
                Tier tier = tiers.stream()
                        .filter(t -> t.id().equals(on))
                        .findFirst()
                        .orElseThrow(() -> new Refused(
                                "dressings.tiers",
                                Phrase.of(
                                        "\"{}\" goes over \"{}\", which is no tier of this plan. Name those it has.",
                                        Quantity.text(over.id()),
                                        Quantity.text(on))));
                if (tier.hasDressing(over.id())) {
                    throw new Refused(
                            "dressings.id",
                            Phrase.of(
                                    "{} has a dressing \"{}\" of its own and another over several tiers. Call one otherwise.",
                                    Quantity.text(tier.name()),
                                    Quantity.text(over.id())));
                }
            }
        }
    }

    /**
     * The same with what goes over several tiers put on each of them, on top of its own: all that is worked out begins with
     * this. A plan without any is its own cut.
     */
    public Plan cut() {
        if (dressings.isEmpty()) {
            return this;
        }
        List<Tier> cut = tiers.stream().map(this::cut).toList();
        return new Plan(
                format, version, name, readyBy, brief, palette, cut, table, stand, pieces, agenda, List.of(), art);
    }

    private Tier cut(Tier tier) {
        List<Dressing> worn = new ArrayList<>(tier.dressings());
        dressings.stream()
                .filter(over -> over.tiers().contains(tier.id()))
                .forEach(over -> worn.addAll(over.on(tier, tiers)));
        return worn.size() == tier.dressings().size() ? tier : tier.wearing(worn);
    }

    /** With other drawings. */
    public Plan drawn(List<Motif> others) {
        return new Plan(
                format, version, name, readyBy, brief, palette, tiers, table, stand, pieces, agenda, dressings, others);
    }

    /** With other dressings over several tiers. */
    public Plan over(List<PlanDressing> others) {
        return new Plan(
                format, version, name, readyBy, brief, palette, tiers, table, stand, pieces, agenda, others, art);
    }

    /** A blend is made of plain colours: of blends again, nobody could say what to knead first. */
    private static void checkBlends(List<Colour> palette) {
        for (Colour colour : palette) {
            for (Colour.Portion part : colour.blend() == null
                    ? List.<Colour.Portion>of()
                    : colour.blend().parts()) {
                boolean plain = palette.stream()
                        .anyMatch(c -> c.id().equals(part.colour()) && c.blend() == null && c != colour);
                if (!plain) {
                    throw new Refused(
                            "palette.blend",
                            Phrase.of(
                                    "{} is blended from \"{}\", which is no unblended colour of the palette. Choose one"
                                            + " that is.",
                                    Quantity.text(colour.name()),
                                    Quantity.text(part.colour())));
                }
            }
        }
    }

    /** How it is made; the usual where nobody has said. */
    public Table made() {
        return table == null ? Table.USUAL : table;
    }

    /** What carries it; the usual where nobody has said. */
    public Stand stands() {
        return stand == null ? Stand.USUAL : stand;
    }

    /** What is settled about its days; the usual where nobody has said. */
    public Agenda settled() {
        return agenda == null ? Agenda.USUAL : agenda;
    }

    /** The tier that a piece of one's own stands on. */
    public Tier under(OwnPiece piece) {
        if (piece.seat().on() == OwnPiece.On.BOARD) {
            return tiers.get(0);
        }
        return piece.seat().tier().isEmpty()
                ? tiers.get(tiers.size() - 1)
                : tier(piece.seat().tier());
    }

    public Plan on(Stand other) {
        return new Plan(
                format, version, name, readyBy, brief, palette, tiers, table, other, pieces, agenda, dressings, art);
    }

    public Plan on(Agenda other) {
        return new Plan(
                format, version, name, readyBy, brief, palette, tiers, table, stand, pieces, other, dressings, art);
    }

    public Plan with(List<OwnPiece> others) {
        return new Plan(
                format, version, name, readyBy, brief, palette, tiers, table, stand, others, agenda, dressings, art);
    }

    /** With a piece of one's own instead of the one of its name. */
    public Plan with(OwnPiece other) {
        return with(
                pieces.stream().map(p -> p.id().equals(other.id()) ? other : p).toList());
    }

    /** With a tier instead of the one of its name. */
    public Plan with(Tier other) {
        List<Tier> others =
                tiers.stream().map(t -> t.id().equals(other.id()) ? other : t).toList();
        return new Plan(
                format, version, name, readyBy, brief, palette, others, table, stand, pieces, agenda, dressings, art);
    }

    public Plan on(Table other) {
        return new Plan(
                format, version, name, readyBy, brief, palette, tiers, other, stand, pieces, agenda, dressings, art);
    }

    /** Refuses what is no plan, and a plan that is newer than this house, before anything else of it is read. */
    public static void checkFormat(String format, int version) {
        if (!FORMAT.equals(format)) {
            throw new Refused(
                    "format",
                    Phrase.of(
                            "This is not a Sectorum plan: its format is \"{}\", a plan's is \"{}\".",
                            Quantity.text("" + format),
                            Quantity.text(FORMAT)));
        }
        if (version < 1 || version > VERSION) {
            throw new Refused(
                    "version",
                    Phrase.of(
                            "This plan is of version {}; this Sectorum reads versions 1 to {}. Open it with a newer one.",
                            Quantity.count(version),
                            Quantity.count(VERSION)));
        }
    }

    /** A plan with one round tier and nothing on it: where everybody begins. */
    public static Plan fresh(String name) {
        return new Plan(FORMAT, VERSION, name, null, Brief.EMPTY, List.of(), List.of(Tier.fresh("tier-1", "Tier")));
    }

    /**
     * The tier that a decorator would put on top next: of the same form, about 75 mm narrower (not under 90), as high, under
     * the same coats.
     */
    public Tier nextTier() {
        Tier top = tiers.get(tiers.size() - 1);
        double wide = top.side().outline().box().width();
        double share = Math.min(1, Math.max(90, wide - 75) / wide);
        Map<String, Object> smaller = new TreeMap<>();
        for (Field field : top.kind().fields()) {
            if (field.kind() == Quantity.Kind.LENGTH) {
                double scaled = Rounding.halfUp(field.number(top.sizes()) * share, 5);
                smaller.put(field.name(), Math.max(field.min(), scaled));
            } else if (top.sizes().get(field.name()) != null) {
                smaller.put(field.name(), top.sizes().get(field.name()));
            }
        }
        int number = tiers.size() + 1;
        while (hasTier("tier-" + number)) {
            number++;
        }
        return Tier.fresh("tier-" + number, "Tier " + number)
                .formed(new OutlineSpec(top.outline().kind(), new Values(smaller)), top.height(), top.coats());
    }

    private boolean hasTier(String id) {
        return tiers.stream().anyMatch(t -> t.id().equals(id));
    }

    /** The tier of that name; refused with the names there are. */
    public Tier tier(String id) {
        return tiers.stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Refused(
                        "tier",
                        Phrase.of(
                                "This plan has no tier \"{}\". It has: {}.",
                                Quantity.text("" + id),
                                Quantity.text(String.join(
                                        ", ", tiers.stream().map(Tier::id).toList())))));
    }

    public Plan readyBy(@Absent String moment) {
        return new Plan(
                format, version, name, moment, brief, palette, tiers, table, stand, pieces, agenda, dressings, art);
    }

    /** The same design for somebody else: without client, place, day and notes. */
    public Plan asNewOrder(String other) {
        return new Plan(
                format,
                version,
                other,
                null,
                Brief.EMPTY,
                palette,
                tiers,
                table == null ? null : table.untouched(),
                stand,
                pieces,
                agenda == null ? null : agenda.untouched(),
                dressings,
                art);
    }

    public Plan named(String other) {
        return new Plan(
                format, version, other, readyBy, brief, palette, tiers, table, stand, pieces, agenda, dressings, art);
    }
}
