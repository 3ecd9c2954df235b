package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.divide.Demand;
import sectorum.divide.Division;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Upright stripes made flat on a collar and wrapped (craft 3C): a multiple of the colours, width P/n, the collar P and a
 * tab long and mirrored, because what is piped first lies against the collar and is seen.
 */
final class UprightStripes implements Technique {
    private static final Rule THIN =
            new Rule("uprights.thin", Level.LOOK, "Stripes narrower than 4 mm cannot be piped side by side.");
    private static final Rule TAB = FlatCoat.tab("uprights.tab");
    private static final Field PASTE = Material.field("Icing", Material.BUTTERCREAM, Material.ROYAL);
    private static final double LEAST_MM = 4;

    private record Settings(int each, double depth, double tab, Material material) {}

    @Override
    public String id() {
        return "uprights";
    }

    @Override
    public String name() {
        return "Upright stripes";
    }

    @Override
    public Demand demand(Values settings, int colours) {
        return Cycle.demand(
                settings.get("each"), colours, "stripes in " + colours + " colours close only on a multiple of them");
    }

    @Override
    public List<Rule> rules() {
        return List.of(THIN, TAB);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("each", "depth", "tab", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        return List.of(
                Field.count(
                        "each",
                        "Stripes in a section",
                        1,
                        DressingContext.MOST_PARTS,
                        place.parts(0.2 * place.zone().height(), place.colours()),
                        "Between two marks."),
                Field.length("depth", "Icing deep", 1, 20, 4, "From the collar to the coat."),
                FlatCoat.TAB,
                PASTE);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                chosen.count("each"), chosen.number("depth"), chosen.number("tab"), Material.of(PASTE.choice(values)));
        Division division = place.division();
        double high = place.zone().height();
        // The collar lies flat, so it is as long as the side is at mid-zone.
        double narrowing = place.narrowing(place.middleZ());
        double around = place.aroundMiddle();
        DressingBuilder work = new DressingBuilder(place);
        List<Double> sizes = division.sizes();
        List<Integer> shapes = sizes.stream()
                .map(w -> narrowing * w / set.each())
                .map(w -> work.piece(Flat.rectangle(0, -high / 2, w, high)))
                .toList();
        int stripes = 0;
        double[] grams = new double[place.colours()];
        int[] counts = new int[place.colours()];
        for (int k = 0; k < division.count(); k++) {
            double w = division.section(k) / set.each();
            int kind = 0;
            while (Math.abs(sizes.get(kind) - division.section(k)) > 0.002) {
                kind++;
            }
            for (int j = 0; j < set.each(); j++, stripes++) {
                int colour = stripes % place.colours();
                work.put(shapes.get(kind), division.mark(k).plus(j * w), place.middleZ(), colour);
                grams[colour] += set.material().sheet(narrowing * w * high, set.depth());
                counts[colour]++;
            }
        }
        double narrow = narrowing * sizes.get(sizes.size() - 1) / set.each();
        for (int c = 0; c < place.colours(); c++) {
            if (counts[c] > 0) {
                work.made(
                        Phrase.of("Stripe {} high", Quantity.length(high)),
                        set.material(),
                        c,
                        narrow,
                        counts[c],
                        Spare.NONE,
                        grams[c] / counts[c]);
            }
        }
        work.lead("stripes", Quantity.count(stripes))
                .lead("wide", Quantity.length(narrowing * division.section(division.frontSection()) / set.each()))
                .lead("collar long", Quantity.length(around + set.tab()))
                .figure("Collar high", Quantity.length(high))
                .figure(
                        "Of each colour",
                        Quantity.text(java.util.Arrays.stream(counts)
                                .mapToObj(String::valueOf)
                                .collect(java.util.stream.Collectors.joining(" + "))));
        handle(work, set, place, narrow);
        judge(work, set, narrow);
        make(work, set, stripes, around);
        work.draw(() -> collar(set, place, high));
        return work.done();
    }

    private static void handle(DressingBuilder work, Settings set, DressingContext place, double narrow) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division()
                            .mark(k)
                            .plus(place.division().section(k) / set.each())
                            .s(),
                    (place.zone().foot() + place.zone().top()) / 2));
        }
        work.handle(new Handle("each", "First stripe", Handle.Way.ALONG, -set.each() / narrow, 1, 20, grips));
    }

    private static void judge(DressingBuilder work, Settings set, double narrow) {
        if (narrow < LEAST_MM && set.each() > 1) {
            int fewer = (int) Math.max(1, Rounding.floor(narrow * set.each() / LEAST_MM));
            work.find(
                    THIN,
                    Phrase.of("Stripes of {} run into one another as they are piped.", Quantity.length(narrow)),
                    Mend.setting(Phrase.of("{} in a section", Quantity.count(fewer)), "each", fewer));
        }
        FlatCoat.judgeTab(work, TAB, set.tab());
    }

    private static void make(DressingBuilder work, Settings set, int stripes, double around) {
        work.adhesive(Adhesive.ITSELF)
                .turn(Phrase.of(
                        "{} stripes are piped on the collar; wrapped, the icing touches the tier and the face from the collar"
                                + " shows.",
                        Quantity.count(stripes)))
                .step(
                        Gesture.TRACE,
                        Phrase.of(
                                "Lay the collar of {} over its sheet, mirrored, and pipe {} stripes side by side.",
                                Quantity.length(around + set.tab()),
                                Quantity.count(stripes)),
                        "acetate collar, collar sheet, bags",
                        Rate.COLLAR_STRIPE.minutes(stripes))
                .check("{} stripes, colours in turn, no gap between them.", Quantity.count(stripes));
        FlatCoat.wrapped(work, Quantity.text(stripes + " stripes"), set.depth(), set.tab());
    }

    /** The sheet under the collar: mirrored, with its arrow, because the collar's face is turned to the cake. */
    private static Drawing collar(Settings set, DressingContext place, double high) {
        Division division = place.division();
        double around = place.aroundMiddle();
        double narrowing = place.narrowing(place.middleZ());
        Card card = Card.of(Flat.rectangle(0, 0, around + set.tab(), high), true);
        for (int k = 0; k < division.count(); k++) {
            for (int j = 0; j < set.each(); j++) {
                double s = division.mark(k)
                        .plus(division.section(k) * j / set.each())
                        .mirrored()
                        .s();
                card.line(Ink.Pen.MARK, narrowing * s, 0, narrowing * s, high);
            }
        }
        double arrow = around / 2;
        return card.line(Ink.Pen.CUT, around, 0, around, high)
                .line(Ink.Pen.GUIDE, arrow, 0, arrow, high)
                .line(Ink.Pen.GUIDE, arrow, high, arrow - 4, high - 8)
                .line(Ink.Pen.GUIDE, arrow, high, arrow + 4, high - 8)
                .words(arrow + 40, high / 2, Phrase.of("front, this way up; drawn mirrored; this side to the cake"))
                .made(
                        "collar-sheet",
                        Phrase.of(
                                "Collar, {} and a tab of {}, {} high",
                                Quantity.length(around),
                                Quantity.length(set.tab()),
                                Quantity.length(high)));
    }
}
