package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.art.Contour;
import sectorum.bench.Rate;
import sectorum.bench.ThingKind;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/** Pressed shapes or concentric rings at the middle of every section (craft 3B). */
final class Rings implements Technique {
    private static final Rule WIDE =
            new Rule("rings.overlap", Level.LOOK, "The outermost ring is wider than a section: neighbours cross.");
    private static final Rule HIGH =
            new Rule("rings.out-of-zone", Level.STOP, "The outermost ring is higher than its zone.");
    private static final Rule MANY =
            new Rule("rings.middle", Level.LOOK, "So many rings so far apart do not fit into the outermost one.");
    private static final Field FORM = Choices.field("form", "Shape", Form.values(), f -> f.words);

    private enum Form {
        ROUND("round", 48),
        HEXAGON("hexagon", 6),
        SQUARE("square, on its point", 4);

        final String words;
        final int corners;

        Form(String words, int corners) {
            this.words = words;
            this.corners = corners;
        }
    }

    private record Settings(Form form, double across, int rings, double apart) {
        int fits() {
            return (int) Math.max(1, Rounding.ceil(across / 2 / apart - 1e-6));
        }
    }

    @Override
    public String id() {
        return "rings";
    }

    @Override
    public String name() {
        return "Pressed rings";
    }

    @Override
    public List<Rule> rules() {
        return List.of(WIDE, HIGH, MANY);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("form", "across", "rings", "apart");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double good = Math.max(
                4,
                place.tape().read(0.85 * Math.min(place.widest(0), place.zone().height())));
        return List.of(
                FORM,
                Field.length("across", "Outermost, across", 2, 400, good, "The cutter's or the ring's diameter."),
                Field.count("rings", "Rings", 1, 12, 3, "One inside the other; 1 is a single shape."),
                Field.length("apart", "Rings apart", 1, 100, Math.max(1, place.onTape(good / 8)), "From rim to rim."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Form.values(), FORM.choice(values)),
                chosen.number("across"),
                chosen.count("rings"),
                chosen.number("apart"));
        DressingBuilder work = new DressingBuilder(place);
        double z = (place.zone().foot() + place.zone().top()) / 2;
        int n = place.division().count();
        int pressed = 0;
        double pressedLine = 0;
        for (int j = 0; j < Math.min(set.rings(), set.fits()); j++) {
            double across = set.across() - 2 * j * set.apart();
            if (across <= 0) {
                break;
            }
            int shape = work.guide(Contour.closed(Flat.circle(across, set.form().corners)));
            for (int k = 0; k < n; k++, pressed++) {
                work.put(shape, place.division().middle(k), z, 0);
            }
            pressedLine += n * Math.PI * across;
        }
        double w = place.division().sizes().get(place.division().sizes().size() - 1) * place.narrowing(z);
        work.lead("shapes to press", Quantity.count(pressed))
                .lead("across", Quantity.length(set.across()))
                .lead("between them", Quantity.length(w - set.across()))
                .figure("Middles above the foot", Quantity.length(z))
                .figure("Line pressed, as if round", Quantity.length(pressedLine));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < n; k++) {
            grips.add(new Handle.Grip(place.division().middle(k).s(), z + set.across() / 2));
        }
        work.handle(new Handle(
                "across",
                "Upper rim",
                Handle.Way.UP,
                2,
                2,
                Math.max(3, Math.min(400, place.zone().height())),
                grips));
        judge(work, set, place, w);
        return work.tool(ThingKind.CUTTER, "across", set.across(), 1)
                .soft()
                .step(
                        Gesture.PRESS,
                        Phrase.of(
                                "While the covering is soft, press {} shapes, {}.",
                                Quantity.count(pressed),
                                Quantity.text(work.order())),
                        "cutters, marking strip",
                        Rate.PRESSED.minutes(pressed))
                .lasting()
                .done();
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, double w) {
        double fits = Math.max(2, Rounding.floor(0.9 * Math.min(w, place.zone().height())));
        Mend smaller = Mend.setting(Phrase.of("Take {} across", Quantity.length(fits)), "across", fits);
        if (!Rounding.atMost(set.across(), place.zone().height())) {
            work.find(
                    HIGH,
                    Phrase.of(
                            "{} across leaves a zone of {}.",
                            Quantity.length(set.across()),
                            Quantity.length(place.zone().height())),
                    smaller);
        }
        if (!Rounding.atMost(set.across(), w)) {
            work.find(
                    WIDE,
                    Phrase.of(
                            "{} across crosses into sections of {}.",
                            Quantity.length(set.across()),
                            Quantity.length(w)),
                    smaller);
        }
        if (set.rings() > set.fits()) {
            work.find(
                    MANY,
                    Phrase.of(
                            "{} rings {} apart do not fit into {}; {} do.",
                            Quantity.count(set.rings()),
                            Quantity.length(set.apart()),
                            Quantity.length(set.across()),
                            Quantity.count(set.fits())),
                    Mend.setting(Phrase.of("Take {} rings", Quantity.count(set.fits())), "rings", set.fits()));
        }
    }
}
