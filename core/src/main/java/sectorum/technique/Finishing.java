package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Dust, wash, paint, airbrush, glitter, leaf, glaze or steam, on a surface or over the pieces of other dressings (craft 3J):
 * amount = area × faces × passes × what goes on 100 cm²; of an edge its length × its width.
 */
final class Finishing implements Everywhere {
    private static final double DM2 = 10_000;
    /** A leaf is so wide, mm; a tenth of it is torn or overlaps. */
    private static final double LEAF_MM = 80;

    private static final double TORN = 0.1;
    /** Tones that a fading one is drawn with. */
    private static final int FADING = 8;

    private static final Field KIND = Choices.field("kind", "Finish", FinishKind.values(), FinishKind::words);
    private static final Field FACES = Choices.field("faces", "On", Faces.values(), f -> f.words);
    private static final Field WHEN = Choices.field("when", "When", FinishOrder.values(), o -> o.words);
    private static final Field FROM = Choices.field("from", "Strongest", From.values(), f -> f.words);
    private static final Field FLOW = Choices.field("flow", "Flow", Flow.values(), f -> f.words);
    private static final Field BRUSH = Choices.field("brush", "With", Brush.values(), b -> b.words);

    private enum Faces {
        FRONT("the face that is seen", 1),
        BOTH("both faces", 2),
        EDGE("the edges alone", 1);

        private final String words;
        private final int many;

        Faces(String words, int many) {
            this.words = words;
            this.many = many;
        }
    }

    private enum From {
        EVEN("the same all over"),
        LOW("from below, fading up"),
        HIGH("from above, fading down");

        private final String words;

        From(String words) {
            this.words = words;
        }
    }

    private enum Flow {
        EVEN("even", 1),
        THIN("thin, a breath", 0.6),
        FULL("full", 1.5);

        private final String words;
        private final double share;

        Flow(String words, double share) {
            this.words = words;
            this.share = share;
        }
    }

    private enum Brush {
        USUAL("what is usual"),
        WIDE("a wide soft brush"),
        FINE("a fine brush"),
        SPONGE("a sponge"),
        PAD("a cotton pad"),
        DIPPED("dipped, without a brush");

        private final String words;

        Brush(String words) {
            this.words = words;
        }
    }

    private record Settings(
            FinishKind kind,
            Faces faces,
            double wide,
            FinishOrder order,
            double per,
            int passes,
            From from,
            Flow flow,
            Brush brush) {
        String tool() {
            return brush == Brush.USUAL ? kind.tool() : brush.words;
        }
    }

    @Override
    public String id() {
        return "finish";
    }

    @Override
    public String name() {
        return "Finish";
    }

    @Override
    public String name(Values settings) {
        return capital(Choices.of(FinishKind.values(), KIND.choice(settings)).words());
    }

    @Override
    public boolean finishes() {
        return true;
    }

    @Override
    public boolean covers() {
        return true;
    }

    @Override
    public List<Rule> rules() {
        return FinishRules.ALL;
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("kind", "faces", "wide", "when", "per", "passes", "from", "flow", "brush");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        FinishKind kind = Choices.of(FinishKind.values(), KIND.choice(values));
        List<Field> fields = new ArrayList<>(List.of(KIND));
        if (place.ground().wanted()) {
            fields.add(FACES);
            fields.add(Field.length("wide", "Edge, wide", 0.3, 20, 1.5, "What of the edge is seen gilded."));
            fields.add(WHEN);
        } else {
            fields.add(FROM);
        }
        if (!kind.parts().isEmpty()) {
            String of = kind.parts().get(0).material().words();
            fields.add(Field.mass(
                    "per",
                    "To 100 cm², of " + of,
                    0.001,
                    20,
                    place.bench().weighed(KIND.choice(values), kind.per()),
                    "Weigh the pot before and after a patch of 10 by 10 cm."));
        }
        fields.add(Field.count("passes", "Passes", 1, 8, kind.passes(), "Each is left to dry before the next."));
        fields.add(FLOW);
        fields.add(BRUSH);
        return fields;
    }

    private static Settings settings(List<Field> fields, Values values) {
        Chosen chosen = new Chosen(fields, values);
        FinishKind kind = Choices.of(FinishKind.values(), chosen.choice("kind"));
        boolean over = chosen.has("faces");
        return new Settings(
                kind,
                over ? Choices.of(Faces.values(), chosen.choice("faces")) : Faces.FRONT,
                over ? chosen.number("wide") : 0,
                over ? Choices.of(FinishOrder.values(), chosen.choice("when")) : FinishOrder.AFTER,
                chosen.has("per") ? chosen.number("per") : 0,
                chosen.count("passes"),
                over ? From.EVEN : Choices.of(From.values(), chosen.choice("from")),
                Choices.of(Flow.values(), chosen.choice("flow")),
                Choices.of(Brush.values(), chosen.choice("brush")));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(fields(values, place), values);
        DressingBuilder work = new DressingBuilder(place);
        double area = area(set, place);
        if (!place.ground().wanted()) {
            tones(work, set, place);
        }
        figures(work, set, place, area);
        FinishRules.judge(work, set.kind(), set.per(), place);
        steps(work, set, place, area);
        FinishKind.Appearance like = set.kind().appearance();
        double dense = 1 - Elementary.pow(1 - Math.min(0.98, like.dense() * set.flow().share), passed(set));
        return work.looks(new FinishLook(
                        set.faces() == Faces.EDGE,
                        set.faces() == Faces.EDGE ? set.wide() : 0,
                        dense,
                        like.sheen(),
                        like.tint(),
                        set.order()))
                .done();
    }

    /** Passes beside the usual ones; the amount and the look of a row are those of the usual. */
    private static double passed(Settings set) {
        return (double) set.passes() / set.kind().passes();
    }

    /** What is finished, every face counted, mm². */
    private static double area(Settings set, DressingContext place) {
        if (!place.ground().wanted()) {
            return shades(set, place).stream()
                            .mapToDouble(z -> place.within(z).area())
                            .reduce(0, Double::sum)
                    / shades(set, place).size();
        }
        return set.faces() == Faces.EDGE
                ? place.ground().edges() * set.wide()
                : place.ground().area() * set.faces().many;
    }

    /** Of the first material, g. */
    private static double grams(Settings set, double area) {
        return area / DM2 * set.per() * set.flow().share * set.passes();
    }

    /** Where it lies: the whole zone, or fading each shade a little less far. */
    private static List<Zone> shades(Settings set, DressingContext place) {
        if (set.from() == From.EVEN) {
            return List.of(place.zone());
        }
        List<Zone> shades = new ArrayList<>();
        for (int i = 1; i <= FADING; i++) {
            double far = place.zone().height() * i / FADING;
            shades.add(
                    set.from() == From.LOW
                            ? new Zone(place.zone().foot(), place.zone().foot() + far)
                            : new Zone(place.zone().top() - far, place.zone().top()));
        }
        return shades;
    }

    private static void tones(DressingBuilder work, Settings set, DressingContext place) {
        double dense = Math.min(0.95, set.kind().appearance().dense() * set.flow().share * passed(set));
        List<Zone> shades = shades(set, place);
        // One upon the other: where all lie it is as dense as it should be.
        double each = 1 - Elementary.pow(1 - dense, 1.0 / shades.size());
        shades.forEach(z -> work.tone(z, each, 0));
    }

    private static void figures(DressingBuilder work, Settings set, DressingContext place, double area) {
        if (place.ground().wanted()) {
            work.lead("faces", Quantity.count((long) place.ground().count() * set.faces().many));
        } else {
            work.lead("area", "to go over", Quantity.text(Elementary.round(area / 100) + " cm²"));
        }
        if (set.kind().parts().isEmpty()) {
            work.lead("minutes", "of " + set.kind().words(), Quantity.minutes(minutes(set, place, area)));
        }
        if (set.kind().parts().size() < 2) {
            work.lead("passes", "times over", Quantity.count(set.passes()));
        }
        for (FinishKind.Part part : set.kind().parts()) {
            double grams = grams(set, area) * part.grams() / set.kind().per();
            Quantity much = part.material().shaping() == Material.Shaping.LIQUID
                    ? Quantity.volume(grams / part.material().density())
                    : Quantity.mass(grams);
            work.lead(part.material().key(), part.material().words(), much);
            boolean coloured = part.material().isDusty() || part.material() == Material.AIRBRUSH;
            work.used(part.material(), coloured ? 0 : Making.UNCOLOURED, 0, grams, 0);
        }
        if (place.ground().wanted()) {
            work.figure("Area", Quantity.text(Elementary.round(area / 100) + " cm²"));
        }
        if (set.faces() == Faces.EDGE) {
            work.figure("Edges", Quantity.length(place.ground().edges()));
        }
        if (set.kind() == FinishKind.LEAF) {
            double leaves = area * (1 + TORN) / (LEAF_MM * LEAF_MM);
            work.figure("Leaves of 80 mm", Quantity.count((long) Rounding.ceil(leaves)));
        }
        work.figure("Shine", Quantity.text(set.kind().appearance().shine()))
                .figure("Lasts", Quantity.text(set.kind().lasting()));
    }

    static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static double minutes(Settings set, DressingContext place, double area) {
        if (set.faces() == Faces.EDGE) {
            return set.passes() * Rate.GILDED_METRE.minutes(place.ground().edges() / 1000);
        }
        Rate rate = set.kind() == FinishKind.LEAF ? Rate.LEAFED_DM2 : Rate.FINISHED_DM2;
        return set.passes() * rate.minutes(area / DM2);
    }

    private static void steps(DressingBuilder work, Settings set, DressingContext place, double area) {
        FinishKind.Wait wait = set.kind().left();
        double minutes = minutes(set, place, area);
        boolean over = place.ground().wanted();
        String where = set.faces() == Faces.EDGE
                ? "the edges"
                : set.faces() == Faces.BOTH ? "both faces" : over ? "the face that is seen" : "the surface";
        String first = set.order() == FinishOrder.FIRST
                ? "Before anything is poured, on the mould or sheet: "
                : set.order() == FinishOrder.BEFORE ? "Before they are set on: " : "";
        String doing = set.kind().doing();
        work.adhesive(Adhesive.NONE)
                .step(
                        Gesture.BRUSH,
                        Phrase.of(
                                first
                                        + (first.isEmpty()
                                                ? doing
                                                : Character.toLowerCase(doing.charAt(0)) + doing.substring(1))
                                        + ": {}{}, {} passes{}.",
                                Quantity.text(where),
                                Quantity.text(over ? " of " + place.ground().count() + " pieces" : ""),
                                Quantity.count(set.passes()),
                                Quantity.text(set.from() == From.EVEN ? "" : ", " + set.from().words)),
                        set.tool(),
                        minutes,
                        // Before they are set the next step waits in the same hands, not in the days.
                        set.order() == FinishOrder.AFTER && wait.most() > 0
                                ? new Making.Pause(
                                        wait.least(), wait.most(), Storage.ROOM, "in the room, until nothing comes off")
                                : null,
                        set.kind().caution());
        if (set.kind() == FinishKind.STEAM) {
            work.check("All gleams alike, no drop runs, and the glue still gave while it was steamed.");
        } else if (set.order() == FinishOrder.FIRST) {
            work.check(
                    "Seen from beneath it covers as it should: {}.",
                    Quantity.text(set.kind().appearance().shine()));
        } else {
            work.check(
                    "No bare spot and no streak: {}; the board and the bench are wiped.",
                    Quantity.text(set.kind().appearance().shine()));
        }
    }
}
