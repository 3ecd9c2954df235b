package sectorum.bench;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import sectorum.material.Material;
import sectorum.measure.Field;

/**
 * What a thing in the cupboard is for, what is asked of it, and how its stock is counted. Screens and files are made from
 * these fields; a further kind needs no new screen.
 */
public enum ThingKind {
    PASTE(
            "Pastes and icings",
            "Paste and icing in stock is taken off the shopping list.",
            Counted.GRAMS,
            Field.choice("paste", "Is", pastes(), "fondant")),
    COLOUR(
            "Colours",
            "Gels, dusts and paints; of a finish what was weighed on a patch.",
            Counted.GRAMS,
            Field.choice(
                    "of",
                    "For",
                    List.of(
                            new Field.Choice("paste", "colouring paste"),
                            new Field.Choice("dust", "dry dusting"),
                            new Field.Choice("wash", "a wash with spirit"),
                            new Field.Choice("paint", "paint with oil"),
                            new Field.Choice("airbrush", "the airbrush"),
                            new Field.Choice("glitter", "glitter"),
                            new Field.Choice("leaf", "leaf"),
                            new Field.Choice("glaze", "glaze")),
                    "paste"),
            Field.mass("per", "Weighed, to 100 cm²", 0, 20, 0, "0 while nobody has weighed it.")),
    PEARL(
            "Pearls",
            "Pearls by their diameter.",
            Counted.GRAMS,
            Field.length("across", "Across", 0.5, 30, 4, "Measure over the pearl.")),
    SUPPLY("Sugars and powders", "What recipes ask for.", Counted.GRAMS),
    SHEET(
            "Sheets",
            "Mats and sheets that pieces are rolled, cut or set on.",
            Counted.PIECES,
            Field.choice("of", "Of", sheets(), "mat"),
            Field.length("width", "Width", 50, 2000, 400, "Measure the sheet itself."),
            Field.length("length", "Length", 50, 5000, 600, "Measure the sheet itself.")),
    BOARD("Boards", "Boards draw curves and seat tiers.", Counted.PIECES, across("Across", 3, 160)),
    TIN("Tins", "A tin turned over draws a curve, too.", Counted.PIECES, across("Across", 3, 200)),
    CUTTER("Cutters", "Cutters can be pressed round a side.", Counted.PIECES, across("Across", 3, 40)),
    NOZZLE(
            "Nozzles",
            "Nozzles by their opening.",
            Counted.PIECES,
            Field.choice(
                    "form",
                    "Form",
                    List.of(
                            new Field.Choice("plain", "plain"),
                            new Field.Choice("star", "star"),
                            new Field.Choice("petal", "petal"),
                            new Field.Choice("leaf", "leaf"),
                            new Field.Choice("basket", "basket")),
                    "plain"),
            Field.length("across", "Opening", 0.5, 40, 3, "The opening, not the base.")),
    ROD("Rods", "Rods for pleats, flutes and channels.", Counted.PIECES, across("Diameter", 1, 6)),
    DISC(
            "Extruder discs",
            "Discs by their opening.",
            Counted.PIECES,
            Field.length("across", "Opening", 0.5, 40, 3, "The opening, not the disc.")),
    ROLLER(
            "Rollers and mats",
            "Textured rollers and press mats by their repeat.",
            Counted.PIECES,
            Field.length("across", "Repeat", 5, 1000, 60, "Until the pattern comes again.")),
    COMB(
            "Combs",
            "Combs by what one tooth or stripe takes.",
            Counted.PIECES,
            Field.length("across", "Pitch", 2, 100, 10, "From one tooth to the next.")),
    STENCIL("Stencils", "Stencils by their height.", Counted.PIECES, across("Height", 1, 100)),
    PUNCH("Punches", "Punches by what they cut.", Counted.PIECES, across("Across", 1, 20)),
    MOULD(
            "Moulds",
            "Moulds by what comes out.",
            Counted.PIECES,
            Field.mass("holds", "It holds", 0, 2000, 0, "0 while nobody has weighed a pressing."),
            across("Across", 1, 40)),
    MACHINE(
            "Pasta machine",
            "Its width and its dial: what each number rolls.",
            Counted.PIECES,
            Field.length("width", "Rollers, wide", 50, 600, 145, "The width that goes through.")),
    FORMER(
            "Formers",
            "What pieces dry over or in.",
            Counted.PIECES,
            Field.choice(
                    "form",
                    "Form",
                    List.of(
                            new Field.Choice("flat", "flat board"),
                            new Field.Choice("round", "round, as a cake's side"),
                            new Field.Choice("roll", "roll or tube"),
                            new Field.Choice("cup", "cup"),
                            new Field.Choice("ball", "half ball")),
                    "flat"),
            across("Across", 1, 150));

    /** How stock of a kind is counted. */
    public enum Counted {
        GRAMS,
        PIECES
    }

    private final String label;
    private final String hint;
    private final Counted counted;
    private final List<Field> fields;

    ThingKind(String label, String hint, Counted counted, Field... fields) {
        this.label = label;
        this.hint = hint;
        this.counted = counted;
        this.fields = List.of(fields);
    }

    private static Field across(String label, double least, double usual) {
        return Field.length("across", label, least, 1000, usual, "Measure from edge to edge, outside.");
    }

    /** What is worked on, and what is cut from. */
    private static List<Field.Choice> sheets() {
        Stream<Field.Choice> eaten = Arrays.stream(Material.values())
                .filter(m -> m.shaping() == Material.Shaping.SHEET)
                .map(m -> new Field.Choice(m.key(), m.words()));
        return Stream.of(
                        Stream.of(new Field.Choice("mat", "mat to roll on")),
                        eaten,
                        Stream.of(new Field.Choice("acetate", "acetate"), new Field.Choice("parchment", "parchment")))
                .flatMap(c -> c)
                .toList();
    }

    private static List<Field.Choice> pastes() {
        return Arrays.stream(Material.values())
                .filter(p -> !p.isBoughtReady() && !p.isBaked())
                .map(p -> new Field.Choice(p.key(), p.words()))
                .toList();
    }

    public String key() {
        return name().toLowerCase(Locale.ROOT);
    }

    public String label() {
        return label;
    }

    /** What it is good for, said where there is none yet. */
    public String hint() {
        return hint;
    }

    public Counted counted() {
        return counted;
    }

    public List<Field> fields() {
        return fields;
    }

    /** A round one draws curves (craft 3A). */
    public boolean draws() {
        return this == BOARD || this == TIN || this == CUTTER;
    }
}
