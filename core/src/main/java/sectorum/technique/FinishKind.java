package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.material.Material;
import sectorum.material.Medium;

/**
 * How something is finished, a row each (craft 3J). Amounts are for 100 cm² of one face: starting values, nobody states them;
 * a weighed patch replaces them.
 */
enum FinishKind {
    DUST(row("dry dust", Medium.DRY, "Brush dry dust on", "soft dry brush, mask")
            .of(Material.DUST, 0.12)
            .looks(0.4, 0.35, "#f0e2c4", "satin")
            .lasts("until it is rubbed; steam or glaze holds it")
            .mind(Cautions.DUST)),
    WASH(row("wash of dust and spirit", Medium.SPIRIT, "Paint dust stirred into spirit on", "flat brush")
            .of(Material.DUST, 0.3)
            .of(Material.SPIRIT, 1.2)
            .looks(0.85, 0.5, "#c9a24b", "even and metallic")
            .waits(10, 30)
            .lasts("once the spirit is gone, until it is wetted")
            .mind(Cautions.SPIRIT)),
    PAINT(row("paint of dust and oil", Medium.OIL, "Paint dust stirred into oil on", "fine flat brush")
            .of(Material.DUST, 0.3)
            .of(Material.OIL, 1)
            .looks(0.85, 0.4, "#c9a24b", "even, a little greasy")
            .waits(30, 120)
            .lasts("it never dries right through: not touched again")
            .mind(Cautions.DUST)),
    AIRBRUSH(row("airbrush", Medium.WATER, "Spray airbrush colour on", "airbrush, turntable, mask")
            .of(Material.AIRBRUSH, 0.4)
            .looks(0.35, 0, "#8aa3b4", "matt")
            .passes(2)
            .waits(5, 10)
            .lasts("for good once it is dry")
            .mind(Cautions.SPRAY)),
    GLITTER(row("glitter on glue", Medium.WATER, "Brush thin glue on and strew glitter over", "soft brush, tray, mask")
            .of(Material.GLITTER, 0.4)
            .looks(0.5, 0.6, "#eadfb8", "sparkling")
            .waits(15, 30)
            .lasts("for good where the glue holds it")
            .mind(Cautions.GLITTER)),
    LEAF(row(
                    "edible leaf",
                    Medium.SPIRIT,
                    "Lay edible leaf on a breath of spirit and press it down",
                    "dry soft brush, tweezers")
            .of(Material.LEAF, 0.023)
            .looks(0.95, 0.7, "#c8a14b", "a mirror")
            .waits(5, 10)
            .lasts("for good; draughts lift it while it is laid")
            .mind(Cautions.LEAF)),
    GLAZE(row("glaze for sheen", Medium.SPIRIT, "Brush or spray glaze on thinly", "soft brush or spray")
            .of(Material.GLAZE, 1.2)
            .looks(0.06, 0.7, "#ffffff", "glossy")
            .waits(30, 60)
            .lasts("for good; it holds dust")
            .mind(Cautions.SPIRIT)),
    STEAM(row("steam", Medium.STEAM, "Steam from a hand's breadth away, always moving", "steamer")
            .looks(0.04, 0.5, "#ffffff", "wet for some minutes, then satin")
            .waits(10, 20)
            .lasts("its shine goes in some minutes; colours stay deeper and dust holds")
            .mind(Cautions.STEAM));

    /** A material of it, g to 100 cm² of one face. */
    record Part(Material material, double grams) {}

    /** How it looks: how densely its colour lies, how much it shines, its own colour, and the words for its shine. */
    record Appearance(double dense, double sheen, String tint, String shine) {}

    /** Left alone after, minutes. */
    record Wait(double least, double most) {}

    /** Gathers a row. */
    private static final class Row {
        private final String words;
        private final Medium medium;
        private final String doing;
        private final String tool;
        private final List<Part> parts = new ArrayList<>();
        private Appearance appearance = new Appearance(0, 0, "#ffffff", "");
        private int passes = 1;
        private Wait wait = new Wait(0, 0);
        private String lasting = "";
        private String caution = "";

        Row(String words, Medium medium, String doing, String tool) {
            this.words = words;
            this.medium = medium;
            this.doing = doing;
            this.tool = tool;
        }

        Row of(Material material, double grams) {
            parts.add(new Part(material, grams));
            return this;
        }

        Row looks(double dense, double sheen, String tint, String shine) {
            appearance = new Appearance(dense, sheen, tint, shine);
            return this;
        }

        Row passes(int usual) {
            passes = usual;
            return this;
        }

        Row waits(double least, double most) {
            wait = new Wait(least, most);
            return this;
        }

        Row lasts(String until) {
            lasting = until;
            return this;
        }

        Row mind(String hazard) {
            caution = hazard;
            return this;
        }
    }

    private static Row row(String words, Medium medium, String doing, String tool) {
        return new Row(words, medium, doing, tool);
    }

    private final Row row;

    FinishKind(Row row) {
        this.row = row;
    }

    String words() {
        return row.words;
    }

    Medium medium() {
        return row.medium;
    }

    /** What the hand does, as a sentence begins. */
    String doing() {
        return row.doing;
    }

    String tool() {
        return row.tool;
    }

    List<Part> parts() {
        return List.copyOf(row.parts);
    }

    /** Grams of its first material to 100 cm² of one face; 0 for steam. */
    double per() {
        return row.parts.isEmpty() ? 0 : row.parts.get(0).grams();
    }

    Appearance appearance() {
        return row.appearance;
    }

    /** How often it is usually gone over. */
    int passes() {
        return row.passes;
    }

    Wait left() {
        return row.wait;
    }

    /** How long it lasts, in words. */
    String lasting() {
        return row.lasting;
    }

    String caution() {
        return row.caution;
    }
}
