package sectorum.technique;

import java.util.List;
import java.util.Set;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Rounding;
import sectorum.measure.Values;

/**
 * What a decorator decides about panels.
 *
 * @param width across a panel, mm: along the side where they stand, up it where they lie
 * @param plank how long one is that lies, mm
 * @param lap over the next at least, mm
 * @param vary how far widths differ from the mean, share of it
 * @param rise over the upper edge of their zone, mm
 * @param uneven by how much upper ends differ, mm
 */
record PanelSet(
        Run run,
        Material material,
        double width,
        double plank,
        double lap,
        double vary,
        double rise,
        double uneven,
        double thick,
        Edge edge,
        Bed bed,
        Laid laid,
        PanelWindow window,
        int seed) {
    static final double STANDS_OFF_MM = 3;

    private static final Field RUN = Choices.field("run", "They", Run.values(), r -> r.words);
    private static final Field MATERIAL = Material.field(
            "Of", Material.CHOCOLATE, Material.GUM, Material.HALF, Material.FONDANT, Material.SUGAR_SHEET);
    private static final Field EDGE = Choices.field("edge", "Ends", Edge.values(), e -> e.words);
    private static final Field BED = Choices.field("bed", "They are set", Bed.values(), b -> b.words);
    private static final Field LAID = Choices.field("laid", "Built", Laid.values(), l -> l.words);

    static final Set<String> NAMES = Set.of(
            "run",
            "material",
            "width",
            "plank",
            "lap",
            "vary",
            "rise",
            "uneven",
            "thick",
            "edge",
            "bed",
            "laid",
            "window",
            "windowWide",
            "windowHigh",
            "windowUp",
            "seed");

    enum Run {
        UPRIGHT("stand upright"),
        LEVEL("lie level");

        private final String words;

        Run(String words) {
            this.words = words;
        }
    }

    enum Edge {
        STRAIGHT("straight"),
        BROKEN("broken"),
        CUT("cut at a slant");

        private final String words;

        Edge(String words) {
            this.words = words;
        }
    }

    enum Bed {
        AGAINST("against the side"),
        BEDDED("bedded in icing"),
        BENT("while they still bend");

        private final String words;

        Bed(String words) {
            this.words = words;
        }
    }

    enum Laid {
        SEEN("as it is seen"),
        REVERSE("in reverse: grain first, then the sheet");

        private final String words;

        Laid(String words) {
            this.words = words;
        }
    }

    boolean isLevel() {
        return run == Run.LEVEL;
    }

    static List<Field> fields(Values values, DressingContext place) {
        double radius = place.surface().around(0) / (2 * Math.PI);
        boolean level = Choices.of(Run.values(), RUN.choice(values)) == Run.LEVEL;
        double high = place.zone().height();
        // As wide as still lies against a round of this size; of those that lie, four rows.
        double upright = Math.min(60, Rounding.floor(PanelForms.widest(radius, STANDS_OFF_MM * 0.9)));
        Field width = Field.length(
                "width",
                "Panel, wide",
                5,
                300,
                Math.max(8, level ? place.onTape(high / 4) : upright),
                "Of several the mean.");
        double given = width.number(values);
        double plank = place.aroundMiddle() / Math.max(1, Rounding.halfUp(place.aroundMiddle() / 160, 1));
        return List.of(
                RUN,
                MATERIAL,
                width,
                Field.length(
                        "plank", "Panel, long", 10, 1000, Math.max(10, plank), "Of those that lie; eased to close."),
                Field.length("lap", "Laps by at least", 0, 100, Math.min(8, given / 4), "Made even."),
                Field.share("vary", "Widths differ by", 0, 0.6, 0, "0: they are equal."),
                Field.length("rise", "Over the edge", 0, 200, 0, "Above the upper edge of its zone."),
                Field.length("uneven", "Tops differ by", 0, 120, 0, "Lower ones by up to so much."),
                Field.length("thick", "Thickness", 0.5, 12, 3, "Of the sheet."),
                EDGE,
                BED,
                LAID,
                PanelWindow.FORM,
                Field.length(
                        "windowWide", "Window, wide", 10, 600, Math.max(10, place.onTape(high * 0.6)), "For a motif."),
                Field.length(
                        "windowHigh", "Window, high", 10, 600, Math.max(10, place.onTape(high * 0.6)), "For a motif."),
                Field.length("windowUp", "Its middle above the foot", 0, 600, high / 2, "Of their zone, at the front."),
                Seeded.SEED);
    }

    static PanelSet of(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        return new PanelSet(
                Choices.of(Run.values(), chosen.choice("run")),
                Material.of(chosen.choice("material")),
                chosen.number("width"),
                chosen.number("plank"),
                chosen.number("lap"),
                chosen.number("vary"),
                chosen.number("rise"),
                Math.min(chosen.number("uneven"), 0.8 * place.zone().height()),
                chosen.number("thick"),
                Choices.of(Edge.values(), chosen.choice("edge")),
                Choices.of(Bed.values(), chosen.choice("bed")),
                Choices.of(Laid.values(), chosen.choice("laid")),
                new PanelWindow(
                        Choices.of(PanelWindow.Form.values(), chosen.choice("window")),
                        chosen.number("windowWide"),
                        chosen.number("windowHigh"),
                        chosen.number("windowUp")),
                chosen.count("seed"));
    }

    /** One as it stands: from the middle of its foot up, so high; what is uneven is lower, never higher. */
    List<Double> outline(double wide, double high, int form) {
        double half = wide / 2;
        double top = high - (isLevel() ? 0 : uneven * Seeded.share(seed + 17L, form));
        List<Double> line = new java.util.ArrayList<>(List.of(-half, 0.0, half, 0.0));
        switch (edge) {
            case STRAIGHT -> line.addAll(List.of(half, top, -half, top));
            case CUT -> {
                double slant = Math.min(0.35 * wide, 0.3 * top);
                boolean left = Seeded.share(seed + 29L, form) < 0.5;
                line.addAll(List.of(half, left ? top : top - slant, -half, left ? top - slant : top));
            }
            case BROKEN -> {
                double deep = Math.min(0.25 * wide, 0.15 * top);
                int parts = 9;
                for (int i = parts; i >= 0; i--) {
                    line.add(-half + wide * i / parts);
                    line.add(top - deep * Seeded.share(seed + 41L * form, i));
                }
            }
        }
        return line;
    }
}
