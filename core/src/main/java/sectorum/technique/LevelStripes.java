package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.bench.ThingKind;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** Level stripes in icing, pulled with a comb and filled (craft 3C): heights, colours, icing of each, freezer window. */
final class LevelStripes implements Technique {
    private static final Rule THIN =
            new Rule("levels.thin", Level.LOOK, "Stripes lower than 4 mm run into one another when they are scraped.");
    private static final Rule COMB =
            new Rule("levels.comb", Level.LOOK, "A stripe is no whole number of the comb's pitches high.");
    private static final Field PASTE = Material.field("Icing", Material.BUTTERCREAM, Material.ROYAL);
    private static final double LEAST_MM = 4;

    private record Settings(int stripes, double depth, double comb, Material material) {}

    @Override
    public String id() {
        return "levels";
    }

    @Override
    public boolean combsCoat() {
        return true;
    }

    @Override
    public String name() {
        return "Level stripes";
    }

    @Override
    public List<Rule> rules() {
        return List.of(THIN, COMB);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("stripes", "depth", "comb", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double high = place.zone().height();
        int stripes = (int) Math.max(1, Math.min(40, Rounding.halfUp(high / 20, 1)));
        Field count = Field.count("stripes", "Stripes", 1, 100, stripes, "From the foot up.");
        return List.of(
                count,
                Field.length("depth", "Icing deep", 1, 20, 4, "From the coat under it to the scraped face."),
                Field.length(
                        "comb", "Comb's pitch", 1, 200, Math.max(1, high / count.number(values)), "Tooth to tooth."),
                PASTE);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                chosen.count("stripes"),
                chosen.number("depth"),
                chosen.number("comb"),
                Material.of(PASTE.choice(values)));
        double high = place.zone().height() / set.stripes();
        DressingBuilder work = new DressingBuilder(place);
        boolean straight = place.surface().around(0)
                == place.surface().around(place.surface().depth());
        int shape = -1;
        for (int j = 0; j < set.stripes(); j++) {
            double z = place.zone().foot() + (j + 0.5) * high;
            double around = place.surface().around(z);
            // A tapered side is another length at every stripe.
            shape = shape >= 0 && straight ? shape : work.piece(Flat.rectangle(0, -high / 2, around, high));
            work.put(shape, 0, z, 0, j % place.colours());
            double volume = around * high;
            work.made(
                    Phrase.of("Stripe {} from below", Quantity.count(j + 1L)),
                    set.material(),
                    j % place.colours(),
                    high,
                    1,
                    Spare.NONE,
                    set.material().sheet(volume, set.depth()));
        }
        work.lead("stripes", Quantity.count(set.stripes()))
                .lead("high", Quantity.length(high))
                .lead("deep", Quantity.length(set.depth()))
                .figure("All round", Quantity.length(place.aroundMiddle()))
                .figure("Pitches a stripe", Quantity.plain(Rounding.halfUp(high / set.comb(), 0.01)));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().foot() + high));
        }
        work.handle(new Handle("stripes", "First stripe", Handle.Way.UP, -set.stripes() / high, 1, 60, grips));
        judge(work, set, place, high);
        steps(work, set);
        work.draw(() -> gauge(set, high, place.zone().height()));
        return work.done();
    }

    /** Combed, chilled so that the grooves hold, filled colour by colour, scraped, chilled and scraped once more. */
    private static void steps(DressingBuilder work, Settings set) {
        work.adhesive(Adhesive.ITSELF)
                .tool(ThingKind.COMB, "comb", set.comb(), 0.5)
                .soft()
                .step(
                        Gesture.SCRAPE,
                        Phrase.of("Comb the coat with a pitch of {}, level all round.", Quantity.length(set.comb())),
                        "comb, turntable",
                        10)
                .check("Grooves of {} meet themselves all round.", Quantity.length(set.comb()))
                .firm()
                .step(
                        Gesture.CHILL,
                        Phrase.of("Chill it so that the grooves hold, {} stripes.", Quantity.count(set.stripes())),
                        "freezer",
                        1,
                        new Making.Pause(15, 15, Storage.FREEZER, "in the freezer, never longer"),
                        "")
                .step(
                        Gesture.PIPE,
                        Phrase.of(
                                "Pipe {} stripes into the grooves colour by colour and scrape them flush.",
                                Quantity.count(set.stripes())),
                        "bags, scraper",
                        Rate.COMBED_STRIPE.minutes(set.stripes()),
                        new Making.Pause(
                                10, 20, Storage.FREEZER, "in the freezer, not longer, before it is scraped again"),
                        Cautions.HEATED)
                .step(
                        Gesture.SCRAPE,
                        Phrase.of(
                                "Scrape {} stripes once more, until they stand clean.", Quantity.count(set.stripes())),
                        "scraper, turntable",
                        10,
                        null,
                        Cautions.HEATED);
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, double high) {
        if (high < LEAST_MM) {
            int fewer = (int) Math.max(1, Rounding.floor(place.zone().height() / LEAST_MM));
            work.find(
                    THIN,
                    Phrase.of(
                            "{} stripes are only {} high each.", Quantity.count(set.stripes()), Quantity.length(high)),
                    Mend.setting(Phrase.of("Take {} stripes", Quantity.count(fewer)), "stripes", fewer));
        }
        double pitches = high / set.comb();
        if (Math.abs(pitches - Elementary.rint(pitches)) > 0.03 * Math.max(1, pitches)) {
            int stripes = (int) Math.max(
                    1,
                    Math.min(
                            100,
                            Rounding.halfUp(
                                    place.zone().height() / (Math.max(1, Elementary.rint(pitches)) * set.comb()), 1)));
            List<Mend> mends = new ArrayList<>();
            double fits = high / Math.max(1, Elementary.rint(pitches));
            mends.add(Mend.setting(Phrase.of("A comb of {}", Quantity.length(fits)), "comb", fits));
            double then = place.zone().height() / stripes / set.comb();
            if (Math.abs(then - Elementary.rint(then)) <= 0.03 * Math.max(1, then)) {
                mends.add(Mend.setting(Phrase.of("Take {} stripes", Quantity.count(stripes)), "stripes", stripes));
            }
            work.find(
                    COMB,
                    Phrase.of(
                            "Stripes of {} are {} pitches of a comb of {}.",
                            Quantity.length(high),
                            Quantity.plain(Rounding.halfUp(pitches, 0.01)),
                            Quantity.length(set.comb())),
                    mends);
        }
    }

    /** A card to cut a comb from: a notch for every stripe. */
    private static Drawing gauge(Settings set, double high, double zone) {
        List<Double> edge = new ArrayList<>(List.of(0.0, 0.0));
        for (int j = 0; j < set.stripes(); j++) {
            double in = j % 2 == 0 ? set.depth() : 0;
            edge.addAll(List.of(40 - in, j * high, 40 - in, (j + 1) * high));
        }
        edge.addAll(List.of(0.0, zone));
        return Card.of(edge, true)
                .line(Ink.Pen.GUIDE, 0, zone / 2, 30, zone / 2)
                .made(
                        "comb-gauge",
                        Phrase.of(
                                "Comb, {} teeth every {}, {} deep",
                                Quantity.count(set.stripes()),
                                Quantity.length(high),
                                Quantity.length(set.depth())));
    }
}
