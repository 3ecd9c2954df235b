package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
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
 * Level rows of pearls (craft 3E): n = round(P/pitch), but floor(P/diameter) where they would not fit. All round they
 * close on the surface itself, whatever its sections, and one stands at the front.
 */
final class PearlRow implements Everywhere {
    private static final Rule TIGHT = new Rule(
            "pearls.tight", Level.LOOK, "The pitch is smaller than a pearl: as many are set as fit side by side.");
    private static final Rule HIGH =
            new Rule("pearls.out-of-zone", Level.STOP, "The rows together are higher than their zone.");

    private record Settings(double diameter, double pitch, int rows, double rise) {
        double high() {
            return diameter + (rows - 1) * rise;
        }
    }

    @Override
    public String id() {
        return "pearls";
    }

    @Override
    public String name() {
        return "Pearl rows";
    }

    @Override
    public List<Rule> rules() {
        return List.of(TIGHT, HIGH, Cycle.MEETS);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("diameter", "pitch", "rows", "rise");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return new Zone(0, Math.min(12, surface.depth()));
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double d = Math.max(2, Math.min(7, Rounding.halfUp(place.surface().period() / 130, 1)));
        Field diameter = Field.length("diameter", "Pearls of", 1, 30, d, "Their diameter.");
        double of = diameter.number(values);
        return List.of(
                diameter,
                Field.length("pitch", "One every", 1, 300, of + 2, "From middle to middle along the row."),
                Field.count("rows", "Rows", 1, 20, 1, "The rows above stand in the gaps of those below."),
                Field.length(
                        "rise",
                        "Rows apart",
                        0,
                        200,
                        of + 1,
                        "From middle to middle " + place.surface().kind().onwards() + "."));
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        return new Settings(
                chosen.number("diameter"), chosen.number("pitch"), chosen.count("rows"), chosen.number("rise"));
    }

    private static LevelRow row(Settings set, DressingContext place, double z, int number) {
        return LevelRow.of(place, z, set.pitch(), set.diameter(), set.diameter(), number % 2 == 1);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        DressingBuilder work = new DressingBuilder(place);
        int pearl = work.piece(Flat.circle(set.diameter(), 20));
        double foot = place.zone().foot() + set.diameter() / 2;
        int total = 0;
        for (int row = 0; row < set.rows(); row++) {
            double z = foot + row * set.rise();
            LevelRow pearls = row(set, place, z, row);
            for (int j = 0; j < pearls.count(); j++, total++) {
                work.put(pearl, pearls.places().get(j), z, j % place.colours());
            }
        }
        LevelRow first = row(set, place, foot, 0);
        work.lead("pearls", Quantity.count(total))
                .lead("across", Quantity.length(set.diameter()))
                .lead("apart", Quantity.length(first.apart()))
                .figure("Rows", Quantity.count(set.rows()))
                .figure("In the first row", Quantity.count(first.count()))
                .figure("Rows are high together", Quantity.length(set.high()));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(place.division().middle(k).s(), foot));
        }
        work.handle(new Handle("pitch", "How far apart", Handle.Way.ALONG, 0.25, set.diameter(), 60, grips));
        judge(work, set, place, first);
        make(work, set, total, place);
        return work.done();
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, LevelRow first) {
        if (set.pitch() < set.diameter() - Rounding.EPS) {
            work.find(
                    TIGHT,
                    Phrase.of(
                            "Pearls of {} every {} do not fit beside one another; {} do.",
                            Quantity.length(set.diameter()),
                            Quantity.length(set.pitch()),
                            Quantity.count(first.count())),
                    Mend.setting(Phrase.of("One every {}", Quantity.length(set.diameter())), "pitch", set.diameter()));
        }
        double room = place.zone().height();
        if (!Rounding.atMost(set.high(), room)) {
            int rows = (int) Math.max(1, 1 + Rounding.floor((room - set.diameter()) / Math.max(0.1, set.rise())));
            work.find(
                    HIGH,
                    Phrase.of(
                            "{} rows are {} high; their zone has {}.",
                            Quantity.count(set.rows()),
                            Quantity.length(set.high()),
                            Quantity.length(room)),
                    rows < set.rows()
                            ? Mend.setting(Phrase.of("Take {} rows", Quantity.count(rows)), "rows", rows)
                            : Mend.setting(
                                    Phrase.of("Take pearls of {}", Quantity.length(Math.max(1, room))),
                                    "diameter",
                                    Math.max(1, room)));
        }
        Cycle.judgeRow(work, first.count(), place.along(place.zone().foot() + set.diameter() / 2), place);
    }

    private static void make(DressingBuilder work, Settings set, int total, DressingContext place) {
        work.cycled(total)
                .forEach((colour, many) -> work.made(
                        Phrase.of("Pearl of {}", Quantity.length(set.diameter())),
                        Material.PEARL,
                        colour,
                        set.diameter(),
                        many,
                        Spare.USUAL,
                        Material.PEARL.ball(set.diameter())));
        work.adhesive(Adhesive.HOLLOW)
                .step(
                        Gesture.PRESS,
                        Phrase.of(
                                "Press {} hollows with a ball tool, the first row {} {}, {}.",
                                Quantity.count(total),
                                Quantity.length(place.zone().foot() + set.diameter() / 2),
                                Quantity.text(place.surface().kind().from()),
                                Quantity.text(work.order())),
                        "ball tool, marking strip",
                        Rate.PEARL.minutes(total) / 2)
                .lasting()
                .check(
                        "{} hollows, and the last is as far from the first as from its neighbour.",
                        Quantity.count(total))
                .step(
                        Gesture.STICK,
                        Phrase.of("Set {} pearls, each with a dot of glue.", Quantity.count(total)),
                        "fine brush, tweezers",
                        Rate.PEARL.minutes(total) / 2,
                        null,
                        Cautions.PEARLS);
    }
}
