package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.art.Motif;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Rounding;
import sectorum.measure.Values;

/**
 * What a decorator decides about art on a surface.
 *
 * @param motif as it is kept; absent until some was brought in
 * @param high how high it is wanted, mm
 * @param up its middle above the foot of the zone, mm
 * @param aside from the middle of its section, mm to the right
 */
record ArtSet(
        @sectorum.measure.Absent Motif motif,
        ArtUse use,
        Where where,
        int every,
        int first,
        double high,
        double up,
        double aside,
        double turn,
        boolean mirrored,
        Material material,
        double thick,
        double nozzle,
        double depth,
        int passes,
        double bridge,
        double border,
        double allowance) {
    static final Set<String> NAMES = Set.of(
            "motif",
            "use",
            "where",
            "every",
            "first",
            "high",
            "up",
            "aside",
            "turn",
            "way",
            "material",
            "thick",
            "nozzle",
            "depth",
            "passes",
            "bridge",
            "border",
            "allowance");

    private static final Field USE = Choices.field("use", "It is", ArtUse.values(), u -> u.words);
    private static final Field WHERE = Choices.field("where", "Placed", Where.values(), w -> w.words);
    private static final Field WAY = Choices.field("way", "Seen", Way.values(), w -> w.words);
    private static final Field MATERIAL = Material.field(
            "Of",
            Material.FONDANT,
            Material.GUM,
            Material.HALF,
            Material.MODELLING,
            Material.CHOCOLATE,
            Material.ROYAL,
            Material.BUTTERCREAM,
            Material.WAFER);

    enum Where {
        FRONT("at the front"),
        SECTIONS("in the middle of sections");

        private final String words;

        Where(String words) {
            this.words = words;
        }
    }

    private enum Way {
        DRAWN("as it is drawn"),
        MIRRORED("mirrored");

        private final String words;

        Way(String words) {
            this.words = words;
        }
    }

    /** One of the plan's drawings. */
    static Field motifField(Values values, DressingContext place) {
        List<Field.Choice> motifs = new ArrayList<>();
        place.art().forEach(m -> motifs.add(new Field.Choice(m.id(), m.name())));
        Object told = values.get("motif");
        if (told == null
                ? motifs.isEmpty()
                : motifs.stream().noneMatch(m -> m.name().equals(told))) {
            // What is gone from the plan's art is told, not refused: the course stays as it is until another is chosen.
            motifs.add(
                    told == null ? new Field.Choice("none", "none yet") : new Field.Choice("" + told, told + ", gone"));
        }
        return Field.choice("motif", "Art", motifs, motifs.get(0).name());
    }

    /** The drawing chosen; absent: there is none, or it is gone. */
    @sectorum.measure.Absent
    static Motif motif(String chosen, DressingContext place) {
        return place.art().stream()
                .filter(m -> m.id().equals(chosen))
                .findFirst()
                .orElse(null);
    }

    static List<Field> fields(Values values, DressingContext place) {
        Object told = values.get("motif");
        double high = place.zone().height();
        // A drawing in several colours is usually cut, a plain one scribed.
        boolean layered = place.art().stream()
                .filter(m -> told == null ? m == place.art().get(0) : m.id().equals(told))
                .anyMatch(m -> m.shades().size() > 1);
        Field used = layered ? USE.usually("laid") : USE;
        ArtUse use = Choices.of(ArtUse.values(), used.choice(values));
        Material usual = use == ArtUse.STENCILLED || use.piped ? Material.ROYAL : Material.FONDANT;
        Field nozzle = Field.length("nozzle", "Nozzle, open", 0.5, 12, 1.5, "Of its lines.");
        return List.of(
                motifField(values, place),
                used,
                WHERE,
                Field.count("every", "Of the sections every", 1, 20, 1, "1: each, from the front's on."),
                Field.count("first", "Beginning from the front at", 0, 20, 0, "0: the front's own section."),
                Field.length("high", "Height", 3, 900, Math.max(3, place.onTape(high * 0.7)), "Of the whole."),
                Field.length("up", "Its middle above the foot", 0, 900, high / 2, "Of its zone."),
                Field.length("aside", "To the right by", -1500, 1500, 0, "From the middle of its section."),
                Field.angle("turn", "Turned", -Math.PI, Math.PI, 0, "Anticlockwise."),
                WAY,
                MATERIAL.usually(usual.key()),
                Field.length(
                        "thick",
                        "Thickness",
                        0.2,
                        12,
                        use == ArtUse.STENCILLED ? 0.5 : 2,
                        "Of a sheet, or of a stencil."),
                nozzle,
                Field.length("depth", "Flooded deep", 0.3, 12, 2, "In all passes together."),
                Field.count("passes", "Passes", 1, 6, 1, "Each dry before the next."),
                Field.length("bridge", "Bridges, wide", 0, 20, 0, "0: none; islands fall out of a stencil."),
                Field.length(
                        "border", "Border round it", 0, 100, Math.max(1, Rounding.floor(high * 0.08)), "Of a panel."),
                Field.length("allowance", "Lies under by", 0, 20, 0, "What is set in, over the edge of its void."));
    }

    static ArtSet of(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        String motif = chosen.choice("motif");
        return new ArtSet(
                motif(motif, place),
                Choices.of(ArtUse.values(), chosen.choice("use")),
                Choices.of(Where.values(), chosen.choice("where")),
                chosen.count("every"),
                chosen.count("first"),
                chosen.number("high"),
                chosen.number("up"),
                chosen.number("aside"),
                chosen.number("turn"),
                Choices.of(Way.values(), chosen.choice("way")) == Way.MIRRORED,
                Material.of(chosen.choice("material")),
                chosen.number("thick"),
                chosen.number("nozzle"),
                chosen.number("depth"),
                chosen.count("passes"),
                chosen.number("bridge"),
                chosen.number("border"),
                chosen.number("allowance"));
    }
}
