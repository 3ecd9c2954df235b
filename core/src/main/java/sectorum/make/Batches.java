package sectorum.make;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import sectorum.bench.Dial;
import sectorum.bench.Stock;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Numbers;
import sectorum.plan.Colour;
import sectorum.plan.Table;
import sectorum.technique.Making;

/**
 * Gathers coverings and jobs into batches in the order of rolling: coats, coverings, then what dries longest first; of one
 * paste the light colours before the dark, the thick sheets before the thin.
 */
final class Batches {
    /** How far a pasta machine's sheet is rolled before it gets in its own way, mm. */
    static final double MACHINE_LENGTH = 400;
    /** Pastes are rolled first, whatever else there is. */
    private static final int AFTER_KNEADED = 1000;
    /** Share of a sheet that is pieces where no sheet owned takes them and nobody knows better. */
    private static final double UNKNOWN_SHARE = 0.7;
    /** Spare of what is extruded or rolled by length: strands break. Icing is piped where it stays. */
    private static final double BY_LENGTH = 0.1;

    private final Stock stock;
    private final Table table;
    private final Mixing.Palette palette;
    private final Map<String, Group> groups = new LinkedHashMap<>();
    private final Map<String, Double> pool = new HashMap<>();

    private Batches(Stock stock, Table table, List<Colour> palette) {
        this.stock = stock;
        this.table = table;
        this.palette = new Mixing.Palette(palette);
    }

    static List<Batch> of(
            List<Covering> coverings,
            List<Filled> filled,
            List<Job> jobs,
            Stock stock,
            Table table,
            List<Colour> palette) {
        Batches batches = new Batches(stock, table, palette);
        for (Filled inside : filled) {
            Batch.Form form = inside.use() == Filled.Use.CAKE ? Batch.Form.BAKE : Batch.Form.FILL;
            Group fresh = new Group(false, form, inside.material(), inside.tint(), 0, inside.recipe());
            batches.groups.computeIfAbsent(fresh.id(), id -> fresh).filled.add(inside);
        }
        for (Covering covering : coverings) {
            Batch.Form form = covering.laid() == sectorum.plan.Coat.Laid.SPREAD ? Batch.Form.COAT : Batch.Form.COVER;
            batches.group(false, form, covering.material(), covering.tint(), covering.thickness())
                    .coverings
                    .add(covering);
        }
        jobs.forEach(batches::gather);
        List<Group> order = new ArrayList<>(batches.groups.values());
        order.sort(Comparator.comparing((Group g) -> !g.ahead)
                .thenComparing(g -> g.form)
                .thenComparing(g -> rank(g.material))
                .thenComparing(g -> -g.tint.light())
                .thenComparing(g -> -g.thickness));
        return order.stream().map(batches::batch).toList();
    }

    /** What dries longest is rolled first, so that it dries while the rest is rolled. */
    private static int rank(Material material) {
        return material.isKneaded() ? (int) material.dryingHours() : AFTER_KNEADED + material.ordinal();
    }

    /** What is still one batch's. */
    private static final class Group {
        final boolean ahead;
        final Batch.Form form;
        final Material material;
        final Tint tint;
        final double thickness;
        final List<Covering> coverings = new ArrayList<>();
        final List<Filled> filled = new ArrayList<>();

        @Absent
        final String recipe;

        final List<CutLine> lines = new ArrayList<>();
        final Map<String, double[]> loose = new LinkedHashMap<>();
        double powder;

        Group(boolean ahead, Batch.Form form, Material material, Tint tint, double thickness, @Absent String recipe) {
            this.recipe = recipe;
            this.ahead = ahead;
            this.form = form;
            this.material = material;
            this.tint = tint;
            this.thickness = thickness;
        }

        String id() {
            String colour = tint.id().isEmpty() ? "plain" : tint.id();
            return form.name().toLowerCase(java.util.Locale.ROOT) + "-" + material.key() + "-" + colour + "-"
                    + Numbers.plain(thickness, 2) + (ahead ? "-ahead" : "") + (recipe == null ? "" : "-" + recipe);
        }

        /** Grams told by length, of jobs whose grams are not those of counted pieces. */
        double loose() {
            return loose.values().stream().mapToDouble(l -> l[0]).reduce(0, Double::sum);
        }
    }

    private Group group(boolean ahead, Batch.Form form, Material material, Tint tint, double thickness) {
        Group fresh = new Group(ahead, form, material, tint, thickness, null);
        return groups.computeIfAbsent(fresh.id(), id -> fresh);
    }

    private static Batch.Form form(Material material, double thickness) {
        return switch (material.shaping()) {
            case COUNTED, STREWN, LIQUID -> Batch.Form.BOUGHT;
            case SHEET -> Batch.Form.SHEET;
            default -> thickness > 0 ? Batch.Form.ROLLED : Batch.Form.SHAPED;
        };
    }

    private void gather(Job job) {
        Map<String, Double> counted = new HashMap<>();
        List<Making.Cut> cuts = job.making().cuts();
        for (int i = 0; i < cuts.size(); i++) {
            Making.Cut cut = cuts.get(i);
            Group group = group(
                    job.isAhead(),
                    form(cut.material(), cut.thickness()),
                    cut.material(),
                    job.tint(cut.colour()),
                    cut.thickness());
            String id = job.id() + "/" + (i + 1);
            group.powder = Math.max(group.powder, job.making().powder());
            group.lines.add(new CutLine(
                    id,
                    job.id(),
                    cut.what(),
                    cut.width(),
                    cut.height(),
                    cut.outline(),
                    cut.count(),
                    cut.spare(),
                    cut.each(),
                    table.yields().get(id)));
            counted.merge(group.id(), cut.count() * cut.each(), Double::sum);
        }
        Map<String, double[]> told = new LinkedHashMap<>();
        for (Making.Used used : job.making().used()) {
            Group group = group(
                    job.isAhead(),
                    form(used.material(), used.thickness()),
                    used.material(),
                    job.tint(used.colour()),
                    used.thickness());
            double[] sum = told.computeIfAbsent(group.id(), id -> new double[2]);
            sum[0] += used.grams();
            sum[1] += used.length();
        }
        told.forEach((id, sum) -> {
            double grams = sum[0] - counted.getOrDefault(id, 0.0);
            // Pieces sum to what is used but for the last bits of their doubles.
            if (grams > 1e-6 || sum[1] > 0) {
                groups.get(id).loose.put(job.id(), new double[] {Math.max(0, grams), sum[1]});
            }
        });
    }

    private Batch batch(Group g) {
        double covered = g.coverings.stream().mapToDouble(Covering::stays).reduce(0, Double::sum);
        double trimmed = g.coverings.stream().mapToDouble(Covering::trimmed).reduce(0, Double::sum);
        covered += g.filled.stream().mapToDouble(Filled::grams).reduce(0, Double::sum);
        double net = covered + g.lines.stream().mapToDouble(CutLine::net).reduce(0, Double::sum) + g.loose();
        double byLength = g.material.isIcing() || g.material.isBoughtReady() ? 0 : BY_LENGTH * g.loose();
        double spare = g.lines.stream().mapToDouble(CutLine::spared).reduce(0, Double::sum) + byLength;
        Sheeting sheeting = g.form == Batch.Form.ROLLED || g.form == Batch.Form.SHEET ? sheeting(g) : Sheeting.NONE;
        double cut = Batch.Parts.offCuts(net + spare, sheeting.rolls, sheeting.share);
        String key = g.material.key() + "/" + g.tint.id();
        Batch.Parts parts = Batch.Parts.of(
                net,
                spare,
                trimmed + cut,
                g.form == Batch.Form.ROLLED ? pool.getOrDefault(key, 0.0) : 0,
                !g.material.isBoughtReady());
        if (g.form == Batch.Form.COVER) {
            pool.merge(key, trimmed, Double::sum);
        } else if (parts.credit() > 0) {
            pool.merge(key, -parts.credit(), Double::sum);
        }
        return new Batch(
                g.id(),
                g.ahead,
                g.form,
                g.material,
                g.tint,
                g.thickness,
                g.form == Batch.Form.ROLLED && g.material.isKneaded() ? dial(g.thickness) : null,
                g.coverings,
                g.filled,
                g.lines,
                g.loose(),
                g.loose.values().stream().mapToDouble(l -> l[1]).reduce(0, Double::sum),
                parts,
                sheeting.nested,
                sheeting.rolls,
                Mixing.of(
                        g.material,
                        g.tint,
                        parts.kneaded(),
                        palette,
                        Mixing.powder(g.form, g.material, table, g.powder)),
                recipe(g),
                shares(g, parts));
    }

    /** What its tiers say, or what is said of the batch; only what is in the book and makes this. */
    @Absent
    private String recipe(Group g) {
        String said = table.recipe(g.id());
        String asked = said == null ? g.recipe : said;
        return asked == null
                ? null
                : stock.recipes()
                        .find(asked)
                        .filter(r -> r.makes() == g.material)
                        .map(r -> r.id())
                        .orElse(null);
    }

    /** What is kneaded, shared out by what each job has of net and spare. */
    private static List<Batch.Share> shares(Group g, Batch.Parts parts) {
        Map<String, Double> by = new LinkedHashMap<>();
        g.filled.forEach(f -> by.merge(f.tier() + "/", f.grams(), Double::sum));
        g.coverings.forEach(c -> by.merge(c.tier() + "/", c.all(), Double::sum));
        g.lines.forEach(l -> by.merge(l.job(), l.net() + l.spared(), Double::sum));
        g.loose.forEach((job, l) -> by.merge(job, l[0], Double::sum));
        double sum = by.values().stream().mapToDouble(Double::doubleValue).reduce(0, Double::sum);
        return by.entrySet().stream()
                .map(e -> new Batch.Share(e.getKey(), sum > 0 ? parts.kneaded() * e.getValue() / sum : 0))
                .toList();
    }

    /** More sizes of sheets than a kitchen has. */
    private static final int MOST_ROLLS = 24;

    /** How pieces lie and what that leaves. */
    private record Sheeting(@Absent Nested nested, int rolls, double share) {
        static final Sheeting NONE = new Sheeting(null, 0, 1);
    }

    private Sheeting sheeting(Group g) {
        List<CutLine> cut = g.lines;
        if (cut.isEmpty()) {
            return Sheeting.NONE;
        }
        int counted = cut.stream()
                .filter(l -> l.yield() != null)
                .mapToInt(l -> (l.all() + l.yield() - 1) / l.yield())
                .sum();
        List<Blank> blanks = blanks(cut);
        Nested best = Nest.of(blanks, rolls(g.material, g.thickness)).orElse(null);
        if (best == null) {
            return new Sheeting(null, 1 + counted, UNKNOWN_SHARE);
        }
        double pieces = cut.stream().mapToDouble(l -> l.all() * l.each()).reduce(0, Double::sum);
        double own = cut.stream()
                .filter(l -> l.yield() != null)
                .mapToDouble(l -> (double) l.all() / l.yield())
                .reduce(0, Double::sum);
        double sheets = g.material.sheet(
                area(best) + own * best.roll().width() * best.roll().length(), g.thickness);
        int rolled = Math.max(1, best.count() + counted);
        double share = sheets > 0 ? Math.min(1, pieces / sheets) : UNKNOWN_SHARE;
        return new Sheeting(best.count() == 0 ? null : best, rolled, share);
    }

    /** One blank a line, those of one outline all told in the first of them: they nest as one. */
    private static List<Blank> blanks(List<CutLine> lines) {
        int[] counts = new int[lines.size()];
        for (int i = 0; i < lines.size(); i++) {
            if (lines.get(i).yield() == null) {
                int first = i;
                for (int j = i - 1; j >= 0; j--) {
                    boolean same = lines.get(j).yield() == null
                            && lines.get(j).outline().equals(lines.get(i).outline());
                    first = same ? j : first;
                }
                counts[first] += lines.get(i).all();
            }
        }
        List<Blank> blanks = new ArrayList<>();
        for (int i = 0; i < counts.length; i++) {
            blanks.add(new Blank(lines.get(i).outline(), counts[i]));
        }
        return blanks;
    }

    private static double area(Nested nested) {
        return nested.taken() * nested.roll().width();
    }

    /** The sheets that a paste of a thickness is cut from here. */
    List<Roll> rolls(Material material, double thickness) {
        List<Roll> rolls = new ArrayList<>();
        if (material.isKneaded()) {
            stock.of(ThingKind.MACHINE)
                    .filter(m -> m.dial().isEmpty() || Dial.parse(m.dial()).at(thickness) != null)
                    .map(m -> Roll.of(m.name(), m.size("width"), MACHINE_LENGTH))
                    .forEach(rolls::add);
        }
        String of = material.isKneaded()
                ? "mat"
                : material.shaping() == Material.Shaping.SHEET ? material.key() : "acetate";
        stock.of(ThingKind.SHEET)
                .filter(s -> s.choice("of").equals(of))
                .map(s -> Roll.of(s.name(), s.size("width"), s.size("length")))
                .forEach(rolls::add);
        if (rolls.isEmpty()) {
            material.sheets()
                    .forEach(s -> rolls.add(Roll.of(material.words() + " " + s.name(), s.width(), s.length())));
        }
        if (rolls.isEmpty()) {
            rolls.add(Roll.BY_HAND);
        }
        return unlike(rolls);
    }

    /** The first of each size: of those alike nothing would lie otherwise, and trying them all takes seconds in a large cupboard. */
    private static List<Roll> unlike(List<Roll> rolls) {
        Set<List<Double>> sizes = new HashSet<>();
        return rolls.stream()
                .filter(r -> sizes.add(List.of(r.width(), r.length())))
                .limit(MOST_ROLLS)
                .toList();
    }

    @Absent
    private Dial.Set dial(double thickness) {
        return stock.of(ThingKind.MACHINE)
                .map(Thing::dial)
                .filter(d -> !d.isEmpty())
                .map(d -> Dial.parse(d).at(thickness))
                .filter(set -> set != null)
                .min(Comparator.comparingDouble(set -> Math.abs(set.rolls() - thickness)))
                .orElse(null);
    }
}
