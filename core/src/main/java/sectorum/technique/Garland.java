package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.curve.Hanging;
import sectorum.curve.School;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Frame;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** Leaves, blossoms, pearls, dots, shells or a rope repeated along each arc (craft 3A). */
final class Garland implements Everywhere {
    private static final Rule CROWDED = new Rule(
            "garland.crowded", Level.LOOK, "Elements that stand closer than 0.4 of their size pile up on one another.");

    private static final Field ELEMENT = Choices.field("element", "Made of", Element.values(), e -> e.words);

    private static final Field LAID = Choices.field("laid", "Leaves and blossoms", Laid.values(), s -> s.words);

    /** How cut ones go on. */
    private enum Laid {
        SOFT("set while soft"),
        DRIED("dried beforehand, on formers");

        private final String words;

        Laid(String words) {
            this.words = words;
        }
    }

    private record Settings(double drop, School school, Element element, Laid laid, double size, double pitch) {
        boolean isDried() {
            return element.cut && laid == Laid.DRIED;
        }

        /** How many stand along a curve, at least one, and how far apart that is. */
        int along(Hanging curve) {
            return (int) Math.max(1, Rounding.halfUp(curve.length() / pitch, 1));
        }

        double reach() {
            return size / 2;
        }
    }

    @Override
    public String id() {
        return "garland";
    }

    @Override
    public String name() {
        return "Garlands";
    }

    @Override
    public List<Rule> rules() {
        return Stream.concat(Hung.RULES.stream(), Stream.of(CROWDED, Cycle.MEETS))
                .toList();
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("element", "laid", "size", "pitch", "drop", "curve");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return Hung.usualZone(surface);
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double room = Math.min(14, place.zone().height() / 4);
        double size = Math.max(
                4, place.onTape(Math.min(room, 0.09 * place.widest(place.zone().top()))));
        Field element = ELEMENT;
        Field each = Field.length("size", "Each", 1, 100, size, "Its length or diameter.");
        double pitch = Choices.of(Element.values(), element.choice(values)).pitch(each.number(values));
        return List.of(
                element,
                LAID,
                each,
                Field.length("pitch", "One every", 0.5, 200, pitch, "Along the line."),
                Hung.dropField(place),
                Hung.CURVE);
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        return new Settings(
                chosen.number("drop"),
                School.of(chosen.choice("curve")),
                Choices.of(Element.values(), chosen.choice("element")),
                Choices.of(Laid.values(), chosen.choice("laid")),
                chosen.number("size"),
                chosen.number("pitch"));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        DressingBuilder work = new DressingBuilder(place);
        double z = Math.max(place.zone().foot(), place.zone().top() - set.reach());
        Hung hung = new Hung(place, z, set.drop(), set.school());
        int shape = work.piece(set.element().outline(set.size()));
        int many = 0;
        for (int k = 0; k < hung.count(); k++) {
            Hanging curve = hung.curve(k);
            int along = set.along(curve);
            for (int j = 0; j < along; j++, many++) {
                Frame.Pose at = hung.at(k, curve.share((j + 0.5) * curve.length() / along));
                work.put(shape, at, set.element().turn(j), many % place.colours());
            }
        }
        Hanging front = hung.front();
        int each = set.along(front);
        work.lead("elements", set.element().words, Quantity.count(many))
                .lead("a swag", Quantity.count(each))
                .lead("apart", Quantity.length(front.length() / each))
                .figure("Swags", Quantity.count(hung.count()))
                .figure("Line a swag", Quantity.length(front.length()));
        work.handle(hung.handle(set.reach())).handle(pitchHandle(set, hung));
        hung.judge(work, set.reach());
        if (set.pitch() < 0.4 * set.size()) {
            double pitch = set.element().pitch(set.size());
            work.find(
                    CROWDED,
                    Phrase.of(
                            "{} of {} every {} pile up on one another.",
                            Quantity.text(set.element().words),
                            Quantity.length(set.size()),
                            Quantity.length(set.pitch())),
                    Mend.setting(Phrase.of("One every {}", Quantity.length(pitch)), "pitch", pitch));
        }
        Cycle.judge(work, many, place);
        make(work, set, hung, many);
        SwagLine.scallops(work, hung);
        return work.done();
    }

    private static Handle pitchHandle(Settings set, Hung hung) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < hung.count(); k++) {
            Hanging curve = hung.curve(k);
            Frame.Pose at = hung.at(k, curve.share(Math.min(curve.length(), 1.5 * curve.length() / set.along(curve))));
            grips.add(hung.grip(at));
        }
        return new Handle("pitch", "How far apart", Handle.Way.ALONG, 1, 0.5, 10 * set.size(), grips);
    }

    private static void make(DressingBuilder work, Settings set, Hung hung, int many) {
        Element element = set.element();
        work.cycled(many).forEach((colour, of) -> {
            Phrase what = Phrase.of("{} of {}", Quantity.text(element.words), Quantity.length(set.size()));
            if (set.isDried()) {
                work.want(new Making.Wanted(
                        "cut_shape",
                        element.words.substring(0, 1).toUpperCase(Locale.ROOT) + element.words.substring(1),
                        new Values(Map.of("shape", element.name().toLowerCase(Locale.ROOT))),
                        set.size(),
                        Element.ROLLED_MM,
                        element.material,
                        colour,
                        of,
                        Rate.CUT_PIECE.minutes(of) / of,
                        true));
            } else if (element.cut) {
                work.cut(
                        what,
                        element.material,
                        Element.ROLLED_MM,
                        colour,
                        element.outline(set.size()),
                        of,
                        element.spare());
            } else {
                work.made(what, element.material, colour, set.size(), of, element.spare(), element.grams(set.size()));
            }
        });
        Rate rate = set.isDried() || element == Element.PEARL
                ? Rate.PEARL
                : element.cut ? Rate.CUT_PIECE : Rate.PIPED_PIECE;
        if (element.cut) {
            work.tool(ThingKind.CUTTER, "size", set.size(), 1);
        }
        work.adhesive(set.isDried() ? Adhesive.ROYAL : element.adhesive())
                .step(
                        Gesture.MARK,
                        Phrase.of("Scribe {} curves round the scallop.", Quantity.count(hung.count())),
                        "scallop, scriber",
                        Rate.SCRIBED_METRE.minutes(hung.total() / 1000))
                .check("{} curves meet at the back.", Quantity.count(hung.count()))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Set {} along them, {} a swag, {}.",
                                Quantity.count(many),
                                Quantity.count(set.along(hung.front())),
                                Quantity.text(work.order())),
                        set.isDried()
                                ? "bag of royal icing, tweezers"
                                : element.cut
                                        ? "cutter, soft brush"
                                        : element == Element.PEARL ? "ball tool, tweezers" : "bag, nozzle",
                        rate.minutes(many),
                        null,
                        element == Element.PEARL ? Cautions.PEARLS : "");
    }
}
