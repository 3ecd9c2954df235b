package sectorum.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import sectorum.bench.Dial;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.divide.Way;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Values;
import sectorum.plan.Coat;
import sectorum.plan.Table;
import sectorum.plan.Tier;
import sectorum.technique.Making;

/**
 * Whether the cupboard's tools fit what is planned (craft 7). A kind of which the workshop has told nothing is not
 * judged: nothing is invented.
 */
public final class Fits {
    static final Rule TOOL = new Rule(
            "fit.tool",
            Level.LOOK,
            "Of rods, discs, combs, rollers, cutters or punches none owned has the size worked with.");
    static final Rule SHEET = new Rule(
            "fit.sheet",
            Level.STOP,
            "A piece goes on none of the sheets and roll widths owned, whichever way it is turned.");
    static final Rule COVER =
            new Rule("fit.cover", Level.LOOK, "A covering's sheet is larger than the largest mat to roll it on.");
    static final Rule DIAL = new Rule(
            "fit.dial", Level.NOTE, "A paste is to be rolled thinner or thicker than the pasta machine's dial goes.");
    static final Rule HOT =
            new Rule("fit.hot", Level.LOOK, "Something is stuck with melted chocolate in a room over 24 °C.");

    /** A size farther off than this share of it makes another decoration. */
    private static final double NEAR = 0.5;

    private final Stock stock;
    private final Table table;
    private final List<Fit> found = new ArrayList<>();

    /**
     * A finding and what it is about.
     *
     * @param dressing empty: the tier; tier empty: the board
     */
    public record Fit(String tier, String dressing, String division, Finding finding) {}

    private Fits(Stock stock, Table table) {
        this.stock = stock;
        this.table = table;
    }

    public static List<Rule> rules() {
        return List.of(TOOL, SHEET, COVER, DIAL, HOT, FormerFits.FORMER, RecipeFits.RECIPE);
    }

    static List<Fit> of(List<Job> jobs, List<Batch> batches, List<Tier> tiers, Stock stock, Table table) {
        Fits fits = new Fits(stock, table);
        for (Job job : jobs) {
            Who who = new Who(
                    job.tier(),
                    job.dressing(),
                    job.division(),
                    job.tierName().isEmpty() ? job.name() : job.name() + " on " + job.tierName());
            job.making().tools().forEach(tool -> fits.tool(who, tool));
            fits.joint(job);
            job.formers().forEach(f -> FormerFits.of(job, f, stock, table).ifPresent(found -> fits.add(job, found)));
        }
        for (Tier tier : tiers) {
            tier.divisions().stream()
                    .filter(d -> d.marked() == Way.PRESS)
                    .forEach(d -> fits.tool(
                            new Who(tier.id(), "", d.id(), "Marking " + tier.name()),
                            new Making.Tool(ThingKind.CUTTER, "", d.press().cutter(), 1)));
        }
        for (Batch batch : batches) {
            if (batch.form() == Batch.Form.ROLLED) {
                fits.rolled(batch, jobs);
            }
            batch.coverings().forEach(c -> fits.cover(c, tiers));
            RecipeFits.of(batch, tiers, stock, table).ifPresent(fits.found::add);
        }
        return List.copyOf(fits.found);
    }

    /** What a tool is for. */
    private record Who(String tier, String dressing, String division, String name) {
        /** A setting of the dressing, or a measure of the piece made ahead, which is on no tier. */
        Mend with(Phrase label, String field, double size) {
            return tier.isEmpty()
                    ? new Mend(label, List.of(new Change(Change.Target.PIECE, dressing + "/" + field, size)))
                    : Mend.setting(label, field, size);
        }
    }

    private void add(Who who, Finding finding) {
        found.add(new Fit(who.tier(), who.dressing(), who.division(), finding));
    }

    private void add(@Absent Job job, Finding finding) {
        found.add(
                job == null
                        ? new Fit("", "", "", finding)
                        : new Fit(job.tier(), job.dressing(), job.division(), finding));
    }

    private void tool(Who who, Making.Tool tool) {
        List<Thing> owned = stock.of(tool.kind()).toList();
        Field size = tool.kind().fields().get(tool.kind().fields().size() - 1);
        String across = size.name();
        if (tool.size() < size.min() - 1e-9 || tool.size() > size.max() + 1e-9) {
            nobodyOwns(who, tool, size);
            return;
        }
        Thing nearest = owned.stream()
                .min(Comparator.comparingDouble(t -> Math.abs(t.size(across) - tool.size())))
                .orElse(null);
        if (nearest == null || Math.abs(nearest.size(across) - tool.size()) <= tool.slack() + 1e-9) {
            return;
        }
        List<Mend> mends = new ArrayList<>();
        boolean near = Math.abs(nearest.size(across) - tool.size()) <= NEAR * tool.size();
        if (!tool.field().isEmpty() && near) {
            mends.add(who.with(
                    Phrase.of("Work with the {} there is", Quantity.length(nearest.size(across))),
                    tool.field(),
                    nearest.size(across)));
        }
        mends.addAll(wanted(tool.kind(), tool.size(), new Values(Map.of(across, tool.size()))));
        add(
                who,
                TOOL.found(
                        Phrase.of(
                                "{} asks for {}; of \"{}\" the nearest owned is {}, {}.",
                                Quantity.text(who.name()),
                                Quantity.length(tool.size()),
                                Quantity.text(tool.kind().label().toLowerCase(java.util.Locale.ROOT)),
                                Quantity.text(nearest.name()),
                                Quantity.length(nearest.size(across))),
                        mends));
    }

    /** Nobody makes one of such a size: it is told, and never asked of the cupboard. */
    private void nobodyOwns(Who who, Making.Tool tool, Field size) {
        double nearest = Math.max(size.min(), Math.min(size.max(), tool.size()));
        add(
                who,
                TOOL.found(
                        Phrase.of(
                                "{} asks for {}; of \"{}\" there are {} to {}.",
                                Quantity.text(who.name()),
                                Quantity.length(tool.size()),
                                Quantity.text(tool.kind().label().toLowerCase(java.util.Locale.ROOT)),
                                Quantity.length(size.min()),
                                Quantity.length(size.max())),
                        tool.field().isEmpty()
                                ? List.of()
                                : List.of(who.with(
                                        Phrase.of("Work with {}", Quantity.length(nearest)), tool.field(), nearest))));
    }

    /** To be bought, where there is such a one: nobody sells a mat of three metres. */
    private List<Mend> wanted(ThingKind kind, double size, Values sizes) {
        boolean made = kind.fields().stream()
                .filter(f -> f.kind() == Quantity.Kind.LENGTH && sizes.get(f.name()) instanceof Double)
                .allMatch(f -> (double) sizes.get(f.name()) >= f.min() && (double) sizes.get(f.name()) <= f.max());
        if (!made) {
            return List.of();
        }
        List<Thing> list = new ArrayList<>(table.wanted());
        String name = kind.label() + " " + sectorum.measure.Numbers.plain(size, 1) + " mm";
        list.add(Thing.of(kind, name, sizes).stocked(0));
        return List.of(new Mend(
                Phrase.of("Buy one of {}", Quantity.length(size)),
                List.of(new Change(Change.Target.TABLE, "wanted", list))));
    }

    private void rolled(Batch batch, List<Job> jobs) {
        if (batch.nested() == null) {
            batch.lines().stream()
                    .filter(l -> l.yield() == null)
                    .max(Comparator.comparingDouble(l -> Math.max(l.width(), l.height())))
                    .ifPresent(l -> add(job(jobs, l), SHEET.found(noSheet(l), wantedSheet(l))));
        }
        stock.of(ThingKind.MACHINE)
                .filter(m -> batch.dial() == null
                        && batch.material().isKneaded()
                        && !m.dial().isEmpty())
                .findFirst()
                .ifPresent(machine -> {
                    Dial dial = Dial.parse(machine.dial());
                    boolean thin = batch.thickness() < dial.thinnest();
                    double to = thin ? dial.thinnest() : dial.thickest();
                    Job job = batch.lines().isEmpty()
                            ? null
                            : job(jobs, batch.lines().get(0));
                    boolean set = job != null && job.making().cuts().stream().anyMatch(c -> c.thickness() > 0);
                    add(
                            job,
                            DIAL.found(
                                    Phrase.of(
                                            "{} is {} than the machine rolls, {}: roll it by hand between guides.",
                                            Quantity.length(batch.thickness()),
                                            Quantity.text(thin ? "thinner" : "thicker"),
                                            Quantity.length(to)),
                                    set ? List.of(rolled(job, to)) : List.of()));
                });
    }

    private static Mend rolled(Job job, double to) {
        Phrase label = Phrase.of("Roll it {} thick", Quantity.length(to));
        return job.isAhead()
                ? new Mend(label, List.of(new Change(Change.Target.PIECE, job.dressing() + "/thickness", to)))
                : Mend.setting(label, "thickness", to);
    }

    private static Phrase noSheet(CutLine line) {
        return Phrase.of(
                "A piece of {} by {} goes on none of the sheets owned: cut it in parts, or roll a longer sheet.",
                Quantity.length(line.width()),
                Quantity.length(line.height()));
    }

    /** A mat on which it lies, up to the next 50 mm. */
    private List<Mend> wantedSheet(CutLine line) {
        double margins = 2 * Roll.BY_HAND.margin();
        double w = up(Math.min(line.width(), line.height()) + margins);
        double l = up(Math.max(line.width(), line.height()) + margins);
        return wanted(ThingKind.SHEET, l, new Values(new TreeMap<>(Map.of("of", "mat", "width", w, "length", l))));
    }

    private static double up(double mm) {
        return Math.max(50, Math.ceil(mm / 50) * 50);
    }

    private static Job job(List<Job> jobs, CutLine line) {
        return jobs.stream().filter(j -> j.id().equals(line.job())).findFirst().orElseThrow();
    }

    private void cover(Covering c, List<Tier> tiers) {
        double mat = stock.of(ThingKind.SHEET)
                .filter(s -> s.choice("of").equals("mat"))
                .mapToDouble(s -> Math.min(s.size("width"), s.size("length")))
                .max()
                .orElse(Double.MAX_VALUE);
        if (c.laid() == Coat.Laid.SPREAD || Math.min(c.width(), c.round() ? c.width() : c.height()) <= mat) {
            return;
        }
        List<Mend> mends = new ArrayList<>();
        tiers.stream().filter(t -> t.id().equals(c.tier())).forEach(t -> mends.add(stripped(t, c)));
        double size = up(Math.max(c.width(), c.height()));
        mends.addAll(wanted(
                ThingKind.SHEET, size, new Values(new TreeMap<>(Map.of("of", "mat", "width", size, "length", size)))));
        found.add(new Fit(
                c.tier(),
                "",
                "",
                COVER.found(
                        Phrase.of(
                                "The covering is rolled {} across; the largest mat takes {}.",
                                Quantity.length(Math.min(c.width(), c.height())),
                                Quantity.length(mat)),
                        mends)));
    }

    private static Mend stripped(Tier tier, Covering c) {
        List<Coat> coats = new ArrayList<>(tier.coats());
        Coat coat = coats.get(c.index());
        coats.set(
                c.index(),
                new Coat(
                        coat.name(), coat.thickness(), coat.material(), coat.colour(), Coat.Laid.STRIP, coat.margin()));
        return new Mend(
                Phrase.of("Cover it with a strip {} high and a lid", Quantity.length(tier.height())),
                List.of(new Change(Change.Target.TIER, "coats", coats)));
    }

    private void joint(Job job) {
        Adhesive chosen = table.joints().get(job.id());
        if (chosen == Adhesive.CHOCOLATE && table.warm() > 24) {
            Map<String, Adhesive> joints = new TreeMap<>(table.joints());
            joints.remove(job.id());
            add(
                    job,
                    HOT.found(
                            Phrase.of(
                                    "Melted chocolate holds {} pieces in a room of {} °C: it softens.",
                                    Quantity.count(job.making().pieces()),
                                    Quantity.plain(table.warm())),
                            new Mend(
                                    Phrase.of(
                                            "Stick all {} the usual way",
                                            Quantity.count(job.making().pieces())),
                                    List.of(new Change(Change.Target.TABLE, "joints", joints)))));
        }
    }
}
