package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.art.Contour;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.divide.Compare;
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
 * A coat on a flat collar that a comb is drawn through, its grooves filled, wrapped (craft 3C): the comb fixes the width of a
 * stripe, so the last differs; a thin film keeps the stripes together until they are round the tier.
 */
final class Combed implements Technique {
    private static final Rule LAST = new Rule(
            "combed.last", Level.LOOK, "The last stripe differs from the comb's pitch by more than 3 %: it shows.");
    private static final Rule FILM =
            new Rule("combed.film", Level.STOP, "A comb that leaves less than half a millimetre parts its stripes.");
    private static final Rule TAB = FlatCoat.tab("combed.tab");

    private static final double FILM_MM = 0.5;

    private static final Field MATERIAL = Material.field("Icing", Material.BUTTERCREAM, Material.GANACHE);
    private static final Field RUN = Choices.field("run", "Stripes", Run.values(), r -> r.words);

    private enum Run {
        UPRIGHT("upright"),
        LEVEL("level");

        private final String words;

        Run(String words) {
            this.words = words;
        }
    }

    /**
     * @param groove width of a groove, as a share of the pitch
     * @param film left in a groove, mm
     */
    private record Settings(
            Material material, Run run, double comb, double groove, double deep, double film, double tab) {
        double filled() {
            return Math.max(0, deep - film);
        }
    }

    @Override
    public String id() {
        return "combed";
    }

    @Override
    public boolean combsCoat() {
        return true;
    }

    @Override
    public String name() {
        return "Combed coat";
    }

    @Override
    public List<Rule> rules() {
        return List.of(LAST, FILM, TAB);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("material", "run", "comb", "groove", "deep", "film", "tab");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double around = place.aroundMiddle();
        double comb = around / Math.max(1, Rounding.halfUp(around / 12, 1));
        return List.of(
                RUN,
                Field.length("comb", "Comb's pitch", 2, 100, comb, "From one tooth to the next."),
                Field.share("groove", "Of it the groove", 0.1, 0.9, 0.5, "The rest stays in the first colour."),
                Field.length("deep", "Coat deep", 1.5, 20, 5, "From the acetate to the coat beneath."),
                Field.length("film", "Film left in a groove", 0, 10, 1, "Scraped off once it is peeled."),
                FlatCoat.TAB,
                MATERIAL);
    }

    @Override
    public Double repeat(Values settings, DressingContext place) {
        boolean upright = Choices.of(Run.values(), RUN.choice(settings)) == Run.UPRIGHT;
        return upright ? new Chosen(fields(settings, place), settings).number("comb") : null;
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Material.of(chosen.choice("material")),
                Choices.of(Run.values(), chosen.choice("run")),
                chosen.number("comb"),
                chosen.number("groove"),
                chosen.number("deep"),
                chosen.number("film"),
                chosen.number("tab"));
        boolean upright = set.run() == Run.UPRIGHT;
        double around = place.aroundMiddle();
        double high = place.zone().height();
        int stripes = count(upright ? around : high, set.comb());
        double last = (upright ? around : high) - (stripes - 1) * set.comb();
        DressingBuilder work = new DressingBuilder(place);
        int[] grooves = draw(work, set, place, stripes);
        weigh(work, set, place, grooves);
        work.lead("stripes", Quantity.count(stripes))
                .lead("each", Quantity.length(set.comb()))
                .lead("last", upright ? "the last, at the back" : "the last, at the top", Quantity.length(last))
                .figure("Sheet long", Quantity.length(around + set.tab()))
                .figure("Sheet high", Quantity.length(high));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            double s = place.division().middle(k).plus(upright ? set.comb() : 0).s();
            grips.add(
                    new Handle.Grip(s, upright ? place.middleZ() : place.zone().foot() + set.comb()));
        }
        work.handle(new Handle("comb", "Next stripe", upright ? Handle.Way.ALONG : Handle.Way.UP, 1, 2, 100, grips));
        judge(work, set, upright ? around : high, stripes, last);
        steps(work, set, around, stripes);
        work.draw(() -> {
            Card card = Card.of(Flat.rectangle(0, 0, around + set.tab(), high), true);
            for (int k = 1; k < stripes; k++) {
                double at = k * set.comb();
                card.line(Ink.Pen.MARK, upright ? at : 0, upright ? 0 : at, upright ? at : around, upright ? high : at);
            }
            return card.line(Ink.Pen.CUT, around, 0, around, high)
                    .made("combed-sheet", Phrase.of("Acetate sheet, {} long", Quantity.length(around + set.tab())));
        });
        return work.done();
    }

    /** As many as make the last differ least: it is from half to one and a half times as wide as the others. */
    static int count(double length, double comb) {
        return (int) Math.max(1, Rounding.halfUp(length / comb, 1));
    }

    /** The ground with its grooves; how many there are of each colour but the first, which is the ground's. */
    private static int[] draw(DressingBuilder work, Settings set, DressingContext place, int stripes) {
        double foot = place.zone().foot();
        double high = place.zone().height();
        double period = place.surface().period();
        boolean upright = set.run() == Run.UPRIGHT;
        work.put(work.piece(place.surface().patch(0, period, place.zone())), period / 2, foot, 0, 0);
        double wide = set.comb() * set.groove();
        int others = place.colours() - 1;
        int[] grooves = new int[Math.max(1, others)];
        int line = upright ? groove(work, others, Flat.rectangle(-wide / 2, 0, wide, high)) : -1;
        double onFoot = 1 / place.narrowing(place.middleZ());
        for (int k = 0; k < stripes; k++) {
            double at = (k + 0.5) * set.comb();
            int colour = others == 0 ? 0 : 1 + k % others;
            grooves[others == 0 ? 0 : k % others]++;
            if (upright) {
                work.put(line, at * onFoot, foot, 0, colour);
            } else {
                double z = foot + Math.min(at, high - wide / 2);
                double round = place.surface().around(z);
                work.put(
                        groove(work, others, Flat.rectangle(-round / 2, -wide / 2, round, wide)),
                        period / 2,
                        z,
                        0,
                        colour);
            }
        }
        return grooves;
    }

    /** Of one colour alone grooves stay open: a line on the coat, nothing of their own. */
    private static int groove(DressingBuilder work, int others, List<Double> outline) {
        return others == 0 ? work.detail(Contour.closed(outline)) : work.piece(outline);
    }

    private static void weigh(DressingBuilder work, Settings set, DressingContext place, int[] grooves) {
        double area = place.area();
        double open = area * set.groove();
        double ground = set.material().sheet(area, set.deep()) - set.material().sheet(open, set.filled());
        work.made(Phrase.of("Ground"), set.material(), 0, place.zone().height(), 1, Spare.NONE, ground);
        int all = java.util.Arrays.stream(grooves).sum();
        for (int c = 0; c < grooves.length && place.colours() > 1; c++) {
            double each = set.material().sheet(open, set.filled()) / all;
            work.made(
                    Phrase.of("Groove {} wide", Quantity.length(set.comb() * set.groove())),
                    set.material(),
                    c + 1,
                    set.comb() * set.groove(),
                    grooves[c],
                    Spare.NONE,
                    each);
        }
    }

    private static void judge(DressingBuilder work, Settings set, double length, int stripes, double last) {
        double off = Math.abs(last - set.comb()) / set.comb();
        if (off > Compare.UNNOTICED_UP_TO + Rounding.EPS) {
            List<Mend> mends = new ArrayList<>();
            for (int n : new int[] {stripes, stripes + (last > set.comb() ? 1 : -1)}) {
                double fits = length / Math.max(1, n);
                if (fits >= 2 && fits <= 100) {
                    mends.add(Mend.setting(
                            Phrase.of("{} with a comb of {}", Quantity.count(n), Quantity.length(fits)), "comb", fits));
                }
            }
            work.find(
                    LAST,
                    Phrase.of(
                            "{} stripes of {}, the last {}: it differs by {}.",
                            Quantity.count(stripes),
                            Quantity.length(set.comb()),
                            Quantity.length(last),
                            Quantity.share(off)),
                    mends);
        }
        if (set.film() < FILM_MM || set.film() > set.deep() - FILM_MM) {
            double good = Math.min(1, set.deep() / 3);
            work.find(
                    FILM,
                    Phrase.of(
                            "A film of {} under {} of coat.", Quantity.length(set.film()), Quantity.length(set.deep())),
                    Mend.setting(Phrase.of("Leave {}", Quantity.length(good)), "film", good));
        }
        FlatCoat.judgeTab(work, TAB, set.tab());
    }

    private static void steps(DressingBuilder work, Settings set, double around, int stripes) {
        Quantity long_ = Quantity.length(around + set.tab());
        work.tool(ThingKind.COMB, "comb", set.comb(), 0.25)
                .adhesive(Adhesive.ITSELF)
                .turn(Phrase.of("{} of icing lie on the acetate; wrapped, the filled face touches the tier.", long_))
                .step(
                        Gesture.SPREAD,
                        Phrase.of(
                                "Spread the ground on {} of acetate, {} deep and level.",
                                long_,
                                Quantity.length(set.deep())),
                        "acetate, palette knife, two strips as a gauge",
                        Rate.COLLAR_STRIPE.minutes(6))
                .step(
                        Gesture.SCRAPE,
                        Phrase.of(
                                "Draw the comb through it, {}: it leaves a film of {} on the acetate.",
                                Quantity.text(set.run().words),
                                Quantity.length(set.film())),
                        "comb, ruler",
                        Rate.COLLAR_STRIPE.minutes(2),
                        FlatCoat.FIRMED,
                        "")
                .step(
                        Gesture.SPREAD,
                        Phrase.of("Fill the grooves of {} stripes and scrape them level.", Quantity.count(stripes)),
                        "bags, scraper",
                        Rate.COLLAR_STRIPE.minutes(stripes))
                .check("{} stripes, none has run into the next.", Quantity.count(stripes));
        FlatCoat.wrapped(work, Quantity.text(stripes + " stripes"), set.deep(), set.tab());
        work.step(
                Gesture.SCRAPE,
                Phrase.of("Scrape the film of {} off until the stripes are sharp.", Quantity.length(set.film())),
                "scraper, hot and dry",
                Rate.COLLAR_STRIPE.minutes(4));
    }
}
