package sectorum.tasks;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.Component;
import sectorum.ahead.Former;
import sectorum.ahead.MadeAhead;
import sectorum.bench.OwnRates;
import sectorum.bench.Stock;
import sectorum.make.Covering;
import sectorum.make.Filled;
import sectorum.make.Job;
import sectorum.make.Tint;
import sectorum.make.Worktop;
import sectorum.material.Breakage;
import sectorum.measure.Values;
import sectorum.outline.Outline;
import sectorum.outline.OutlineKind;
import sectorum.plan.Coat;
import sectorum.plan.Dressing;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Table;
import sectorum.plan.Tier;
import sectorum.surface.Side;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Catalogue;
import sectorum.technique.Making;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/** Brings a plan and its workup to the table: coats and coverings of each tier, and each dressing as a job. */
public final class TableWork {
    /** A lip of 10 to 15 mm is left to be drawn in or cut; more where a combed stripe is the topmost, mm. */
    private static final double LIP = 12.5;

    private static final double COMBED_LIP = 20;

    private TableWork() {}

    /**
     * Coverings, then every dressing and piece made ahead as a job, brought to the table (craft 4.3, 4.4); plan and workup are of one another.
     */
    public static Worktop of(Plan plan, StackWorkup worked, Stock stock) {
        List<Covering> coverings = new ArrayList<>();
        List<Job> jobs = new ArrayList<>();
        OwnRates rates = worked.rates();
        for (int i = 0; i < plan.tiers().size(); i++) {
            Tier tier = plan.tiers().get(i);
            coats(plan, tier).forEach(c -> coverings.add(c.weighing(rates.weight(c.material()))));
            for (TierWorkup.Worn worn : worked.tiers().get(i).dressings()) {
                jobs.add(job(plan, tier, worn));
            }
        }
        worked.toMake(plan).forEach(made -> jobs.add(job(plan, made.piece(), rates)));
        board(plan).ifPresent(c -> coverings.add(c.weighing(rates.weight(c.material()))));
        List<Filled> inside = InsideWork.of(plan).stream()
                .map(f -> f.weighing(rates.weight(f.material())))
                .toList();
        return Worktop.of(coverings, inside, jobs, plan.tiers(), stock, plan.made(), plan.palette());
    }

    private static Job job(Plan plan, Tier tier, TierWorkup.Worn worn) {
        Dressing dressing = tier.dressing(worn.id());
        List<Tint> tints = new ArrayList<>();
        int colours = Math.max(1, Math.max(dressing.colours().size(), named(worn)));
        for (int i = 0; i < colours; i++) {
            tints.add(Tint.at(plan.palette(), dressing.colours(), i));
        }
        return new Job(
                tier.id(),
                tier.name(),
                worn.id(),
                tier.marksOf(dressing).id(),
                worn.name(),
                tier.side().height().mm(),
                tints,
                worn.making());
    }

    /** A piece made ahead as it is cut, stuck and timed. */
    private static Job job(Plan plan, OwnPiece piece, OwnRates rates) {
        MadeAhead made = AheadCatalogue.make(plan, piece, rates);
        List<Making.Cut> cuts = new ArrayList<>();
        List<Making.Used> used = new ArrayList<>();
        int colours = 0;
        for (Component part : made.components()) {
            if (part.material() != null) {
                int count = part.each() * piece.count();
                double each = part.grams() * rates.weight(part.material());
                boolean sheet = part.weighs() == null;
                double thick = sheet ? part.thickness() : 0;
                int colour = Math.max(0, part.colour());
                colours = Math.max(colours, colour);
                cuts.add(new Making.Cut(
                        part.what(),
                        part.material(),
                        thick,
                        colour,
                        part.rings().width(),
                        part.rings().height(),
                        sheet ? part.rings().outers().get(0) : List.of(),
                        count,
                        Breakage.spare(part.material(), MadeAhead.breaks(piece, part.material(), rates), count),
                        each));
                used.add(new Making.Used(part.material(), colour, thick, count * each, 0));
            }
        }
        List<Tint> tints = new ArrayList<>();
        for (int i = 0; i <= colours; i++) {
            tints.add(Tint.in(plan.palette(), piece.colour(i)));
        }
        Making making = new Making(
                cuts,
                used,
                made.adhesive().words(),
                made.adhesive().why(),
                made.steps(),
                made.tools(),
                0,
                false,
                List.of(),
                List.of(),
                List.of(),
                List.of());
        return new Job("", "", piece.id(), "", piece.name(), piece.height(), tints, making, formers(made, piece));
    }

    /** What its parts dry over at once; rolls and cones of paper are made on the spot. */
    static List<Job.Formed> formers(MadeAhead made, OwnPiece piece) {
        List<Job.Formed> formers = new ArrayList<>();
        for (Component part : made.components()) {
            Former f = part.former();
            if (f != null && !f.form().isPaper() && f.form() != Former.Form.FLAT) {
                String setting = f.form() == Former.Form.ROUND ? "former" : "";
                formers.add(new Job.Formed(
                        f.form().key(), f.form().words(), f.across(), f.many() * piece.count(), setting));
            }
        }
        return formers;
    }

    /** How many colours its pieces name. */
    private static int named(TierWorkup.Worn worn) {
        int cut = worn.making().cuts().stream().mapToInt(c -> c.colour()).max().orElse(0);
        int used = worn.making().used().stream().mapToInt(u -> u.colour()).max().orElse(0);
        return 1 + Math.max(cut, used);
    }

    /** Each coat on what lies under it: a reading is the finished side's, and coats are as thick as they are. */
    public static List<Covering> coats(Plan plan, Tier tier) {
        List<Covering> coverings = new ArrayList<>();
        double ratio = ratio(tier);
        double high = tier.side().height().mm() - tier.coatThickness();
        double under = 0;
        for (int i = 0; i < tier.coats().size(); i++) {
            Coat coat = tier.coats().get(i);
            boolean outermost = tier.coats().size() > 1 && i == tier.coats().size() - 1;
            if (coat.thickness() > 0) {
                double inner = under;
                coverings.add(Covering.of(
                                more -> coated(tier, ratio, inner + more),
                                Math.max(1, high + under),
                                coat,
                                outermost,
                                new Covering.Named(tier.id(), i, coat.name()),
                                Tint.in(plan.palette(), coat.colour()))
                        .lipped(coated(tier, ratio, inner).perimeter(), lip(tier, coat, outermost)));
            }
            under += coat.thickness();
        }
        return coverings;
    }

    /** What is left standing over the edge, mm (craft 4.3). */
    static double lip(Tier tier, Coat coat, boolean outermost) {
        return !coat.edged(outermost).leavesLip() ? 0 : isCombedToTheTop(tier) ? COMBED_LIP : LIP;
    }

    private static boolean isCombedToTheTop(Tier tier) {
        Side side = tier.side();
        return tier.dressings().stream()
                .filter(d -> d.on() == SurfaceKind.SIDE)
                .filter(d -> Catalogue.of(d.technique()).combsCoat())
                .map(d -> d.zone() == null
                        ? Catalogue.of(d.technique()).usualZone(side)
                        : d.zone().on(side))
                .anyMatch(zone -> zone.top() >= side.depth() - 1);
    }

    /** The cake alone: of its own form, as large as leaves the finished side what it was taped at. */
    public static Outline bare(Tier tier) {
        return coated(tier, ratio(tier), 0);
    }

    /** How much larger the cake is than its nominal sizes: under coats as thick as they are it gives the tape's reading. */
    private static double ratio(Tier tier) {
        double nominal = tier.kind().build(tier.sizes(), 0).perimeter();
        double foot = tier.side().foot().mm();
        double ratio =
                foot / tier.kind().build(tier.sizes(), tier.coatThickness()).perimeter();
        // Coats add nearly the same whatever the size, so a few turns are exact.
        for (int i = 0; i < 8; i++) {
            ratio += (foot - coated(tier, ratio, tier.coatThickness()).perimeter()) / nominal;
            ratio = Math.max(0.01, ratio);
        }
        return ratio;
    }

    /** Its sizes by the ratio, then a coat of t mm: coats are not scaled. */
    private static Outline coated(Tier tier, double ratio, double t) {
        return tier.kind().build(tier.sizes(), t / ratio).scaled(ratio);
    }

    private static java.util.Optional<Covering> board(Plan plan) {
        Table.Base base = plan.made().base();
        if (base == null || base.material() == null || !(base.thickness() > 0)) {
            return java.util.Optional.empty();
        }
        Map<String, Object> size = new TreeMap<>(Map.of("diameter", base.across()));
        // A board is covered to its edge: no side, and a small margin to trim.
        Coat coat = new Coat("Board", base.thickness(), base.material(), base.colour(), null, 10.0);
        Covering.Named named = new Covering.Named("", 0, "Board");
        return java.util.Optional.of(Covering.of(
                t -> OutlineKind.ROUND.build(new Values(size), t),
                0,
                coat,
                true,
                named,
                Tint.in(plan.palette(), base.colour())));
    }
}
