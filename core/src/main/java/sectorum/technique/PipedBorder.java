package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** Shells, dots or a rope piped along (craft 3E): pitch, count, grams. All round it closes on the side itself. */
final class PipedBorder implements Everywhere {
    private static final Rule HIGH =
            new Rule("border.out-of-zone", Level.STOP, "What is piped is higher than its zone.");
    private static final Rule LOOSE = new Rule(
            "border.loose", Level.LOOK, "Piped pieces stand more than 1.5 of their size apart: no border any more.");

    private static final Element[] PIPED = {Element.SHELL, Element.ROPE, Element.DOT};

    private static final Field ELEMENT = Choices.field("element", "Piped as", PIPED, e -> e.words);
    private static final Field PASTE = Material.field("Icing", Material.BUTTERCREAM, Material.ROYAL);

    private record Settings(Element element, double size, double pitch, Material material) {}

    @Override
    public String id() {
        return "border";
    }

    @Override
    public String name() {
        return "Piped border";
    }

    @Override
    public List<Rule> rules() {
        return List.of(HIGH, LOOSE, Cycle.MEETS);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("element", "size", "pitch", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return new Zone(0, Math.min(14, surface.depth()));
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double size = Math.max(3, Math.min(12, place.onTape(place.zone().height() * 0.85)));
        Field element = ELEMENT;
        Field each = Field.length("size", "Each", 1, 60, size, "Its length along the border, or its height.");
        double pitch = Choices.of(PIPED, element.choice(values)).pitch(each.number(values));
        return List.of(element, each, Field.length("pitch", "One every", 0.5, 200, pitch, "Along the border."), PASTE);
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        return new Settings(
                Choices.of(PIPED, chosen.choice("element")),
                chosen.number("size"),
                chosen.number("pitch"),
                Material.of(chosen.choice("material")));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        DressingBuilder work = new DressingBuilder(place);
        double z = place.zone().foot() + set.size() / 2;
        double line = Math.min(z, place.surface().depth());
        double around = place.along(line);
        LevelRow row = LevelRow.of(place, line, set.pitch(), set.size(), 0, false);
        int n = row.count();
        int shape = work.piece(set.element().outline(set.size()));
        for (int j = 0; j < n; j++) {
            work.put(shape, row.places().get(j), z, j % place.colours());
        }
        work.lead("elements", set.element().words, Quantity.count(n))
                .lead("each", Quantity.length(set.size()))
                .lead("apart", Quantity.length(row.apart()))
                .figure(place.isClosed() ? "All round" : "Along", Quantity.length(around));
        List<Handle.Grip> pitch = new ArrayList<>();
        List<Handle.Grip> size = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            pitch.add(new Handle.Grip(
                    place.division()
                            .mark(k)
                            .plus(place.division().section(k) * 0.75)
                            .s(),
                    z));
            size.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().foot() + set.size()));
        }
        work.handle(new Handle(
                        "size",
                        "Upper edge",
                        Handle.Way.UP,
                        1,
                        1,
                        Math.max(2, place.zone().height()),
                        size))
                .handle(new Handle("pitch", "How far apart", Handle.Way.ALONG, 0.25, 0.5, 60, pitch));
        judge(work, set, n, around, place);
        double grams = set.element() == Element.DOT
                ? set.material().ball(set.size()) / 2
                : set.element().grams(set.size());
        work.cycled(n)
                .forEach((colour, many) -> work.made(
                        Phrase.of("{} of {}", Quantity.text(set.element().words), Quantity.length(set.size())),
                        set.material(),
                        colour,
                        set.size(),
                        many,
                        Spare.NONE,
                        grams));
        work.adhesive(sectorum.material.Adhesive.ITSELF)
                .step(
                        Gesture.PIPE,
                        Phrase.of(
                                place.isClosed()
                                        ? "Pipe {} with one every {}, from the back round to the back."
                                        : "Pipe {} with one every {}, from end to end.",
                                Quantity.count(n),
                                Quantity.length(row.apart())),
                        "bag, nozzle",
                        Rate.PIPED_PIECE.minutes(n))
                .check("{} half way: else squeeze a little more, or less, to come out.", Quantity.count(n / 2));
        return work.done();
    }

    private static void judge(DressingBuilder work, Settings set, int n, double around, DressingContext place) {
        double room = place.zone().height();
        if (!Rounding.atMost(set.size(), room)) {
            work.find(
                    HIGH,
                    Phrase.of(
                            "Piped {} high, it leaves its zone of {}.",
                            Quantity.length(set.size()),
                            Quantity.length(room)),
                    Mend.setting(Phrase.of("Pipe it {} high", Quantity.length(room)), "size", Math.max(1, room)));
        }
        if (set.pitch() > 1.5 * set.size() && set.element() != Element.DOT) {
            double close = set.element().pitch(set.size());
            work.find(
                    LOOSE,
                    Phrase.of(
                            "One of {} every {} stands alone.",
                            Quantity.length(set.size()),
                            Quantity.length(set.pitch())),
                    Mend.setting(Phrase.of("One every {}", Quantity.length(close)), "pitch", close));
        }
        Cycle.judgeRow(work, n, around, place);
    }
}
