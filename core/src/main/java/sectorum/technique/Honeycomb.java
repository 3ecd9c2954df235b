package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.art.Contour;
import sectorum.bench.Rate;
import sectorum.divide.Division;
import sectorum.drawing.Ink;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Honeycomb, points up and flats upright (craft 3B): w = P/n across flats, side w/√3, row pitch w·√3/2. Whole rows only,
 * the block in the middle of its zone.
 */
final class Honeycomb implements Technique {
    private static final double ROOT3 = Math.sqrt(3);
    private static final Rule NONE =
            new Rule("honeycomb.none", Level.STOP, "The zone is lower than a single cell: 2w/√3 over its height.");
    private static final Rule TIGHT =
            new Rule("honeycomb.gap", Level.LOOK, "The gap between cut cells leaves less than a third of a cell.");
    private static final Field MADE = Choices.field("made", "Cells are", Made.values(), m -> m.words);
    private static final Field PASTE =
            Material.field("Cut from", Material.FONDANT, Material.HALF, Material.GUM, Material.CHOCOLATE);

    private enum Made {
        PRESSED("pressed in"),
        CUT("cut and laid on");

        final String words;

        Made(String words) {
            this.words = words;
        }
    }

    private record Settings(Made made, int each, double gap, double thickness, Material material) {}

    /** 1 + floor((H − 2w/√3)/(w√3/2)), none where a single cell does not fit; lengths in mm. */
    static int rows(double high, double across) {
        double cell = 2 * across / ROOT3;
        return high < cell - Rounding.EPS ? 0 : 1 + (int) Rounding.floor((high - cell) / (across * ROOT3 / 2));
    }

    @Override
    public String id() {
        return "honeycomb";
    }

    @Override
    public String name() {
        return "Honeycomb";
    }

    @Override
    public List<Rule> rules() {
        return List.of(NONE, TIGHT, Cycle.MEETS);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("made", "each", "gap", "thickness", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        int each = place.parts(0.35 * place.zone().height(), 1);
        return List.of(
                MADE,
                Field.count(
                        "each",
                        "Cells in a section",
                        1,
                        DressingContext.MOST_PARTS,
                        each,
                        "1 makes a cell as wide as a section."),
                Field.length("gap", "Gap between cut cells", 0, 50, 1, "Half of it on every side."),
                Field.length("thickness", "Paste rolled to", 0.5, 8, 2, "Only where cells are cut."),
                PASTE);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(Made.values(), MADE.choice(values)),
                chosen.count("each"),
                chosen.number("gap"),
                chosen.number("thickness"),
                Material.of(PASTE.choice(values)));
        // Cells stand on a division of their own: each section in so many.
        Division division = place.parted(set.each()).division();
        Zone zone = place.zone();
        double middle = (zone.foot() + zone.top()) / 2;
        // Cells of uneven sides are as high as the narrowest allows, so that rows stay level all round.
        double least = division.sizes().get(division.sizes().size() - 1) * place.narrowing(middle);
        int rows = rows(zone.height(), least);
        double block = rows == 0 ? 0 : 2 * least / ROOT3 + (rows - 1) * least * ROOT3 / 2;
        double lowest = middle - block / 2 + least / ROOT3;
        DressingBuilder work = new DressingBuilder(place);
        boolean cut = set.made() == Made.CUT;
        double inset = cut ? set.gap() : 0;
        List<Double> widths = new ArrayList<>();
        List<Integer> shapes = new ArrayList<>();
        List<Integer> counts = new ArrayList<>();
        int cells = 0;
        int[][] byColour = new int[division.count() * 2 + 1][place.colours()];
        for (int j = 0; j < rows; j++) {
            double z = lowest + j * least * ROOT3 / 2;
            for (int k = 0; k < division.count(); k++, cells++) {
                // Odd rows stand on the marks, between two sections.
                double w = place.narrowing(middle)
                        * (j % 2 == 0
                                ? division.section(k)
                                : (division.section(k) + division.section(Math.floorMod(k - 1, division.count()))) / 2);
                int kind = kind(widths, w);
                if (kind == shapes.size()) {
                    List<Double> cell = cell(w - inset, least - inset);
                    shapes.add(cut ? work.piece(cell) : work.guide(Contour.closed(cell)));
                    counts.add(0);
                }
                int colour = cells % place.colours();
                byColour[kind][colour]++;
                work.put(shapes.get(kind), j % 2 == 0 ? division.middle(k) : division.mark(k), z, colour);
            }
        }
        double w = division.section(division.frontSection()) * place.narrowing(middle);
        work.lead("across flats", Quantity.length(w))
                .lead("side", Quantity.length(least / ROOT3))
                .lead("cells", Quantity.count(cells))
                .figure("Rows", Quantity.count(rows))
                .figure("Row pitch", Quantity.length(least * ROOT3 / 2))
                .figure("Left above and below", Quantity.length((zone.height() - block) / 2));
        handles(work, set, place, lowest, least);
        judge(work, set, place, rows, least);
        if (cut && rows > 0) {
            Cycle.judge(work, division.count(), place);
        }
        make(work, set, cells, least, widths, byColour, inset);
        if (rows > 0) {
            work.draw(() -> Card.of(cell(w, least), true)
                    .line(Ink.Pen.GUIDE, 0, -least / ROOT3, 0, least / ROOT3)
                    .made("honeycomb-cell", Phrase.of("Honeycomb cell, {} across flats", Quantity.length(w))));
        }
        return work.done();
    }

    private static int kind(List<Double> widths, double w) {
        for (int i = 0; i < widths.size(); i++) {
            if (Math.abs(widths.get(i) - w) < 0.001) {
                return i;
            }
        }
        widths.add(w);
        return widths.size() - 1;
    }

    /** A cell as wide as its section and as high as all others. */
    private static List<Double> cell(double w, double high) {
        double side = high / ROOT3;
        return List.of(0.0, -side, w / 2, -side / 2, w / 2, side / 2, 0.0, side, -w / 2, side / 2, -w / 2, -side / 2);
    }

    private static void handles(
            DressingBuilder work, Settings set, DressingContext place, double lowest, double least) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).plus(least / 2 - set.gap() / 2).s(), lowest));
        }
        work.handle(new Handle("gap", "Gap", Handle.Way.ALONG, -2, 0, Math.min(50, Math.max(1, least / 2)), grips));
    }

    private static void judge(DressingBuilder work, Settings set, DressingContext place, int rows, double least) {
        if (rows == 0) {
            double fits = place.zone().height() * ROOT3 / 2;
            int each = (int) Rounding.ceil(place.widest(0) / fits);
            work.find(
                    NONE,
                    Phrase.of(
                            "A cell {} across flats is {} high; the zone has {}.",
                            Quantity.length(least),
                            Quantity.length(2 * least / ROOT3),
                            Quantity.length(place.zone().height())),
                    each <= DressingContext.MOST_PARTS
                            ? List.of(Mend.setting(
                                    Phrase.of("{} cells in a section", Quantity.count(each)), "each", each))
                            : List.of());
        }
        if (set.made() == Made.CUT && set.gap() > least * 2 / 3) {
            work.find(
                    TIGHT,
                    Phrase.of(
                            "Gaps of {} leave little of cells {} across.",
                            Quantity.length(set.gap()),
                            Quantity.length(least)),
                    Mend.setting(Phrase.of("Gaps of {}", Quantity.length(1)), "gap", 1));
        }
    }

    private static void make(
            DressingBuilder work,
            Settings set,
            int cells,
            double least,
            List<Double> widths,
            int[][] byColour,
            double inset) {
        if (set.made() == Made.PRESSED) {
            work.soft()
                    .step(
                            Gesture.PRESS,
                            Phrase.of(
                                    "While the covering is soft, press {} cells with the hexagon or along the card, {}.",
                                    Quantity.count(cells),
                                    Quantity.text(work.order())),
                            "hexagon cutter or cell card",
                            Rate.PRESSED.minutes(cells))
                    .lasting()
                    .check("Rows run level, and the {} cells close at the back.", Quantity.count(cells));
            return;
        }
        for (int kind = 0; kind < widths.size(); kind++) {
            for (int colour = 0; colour < byColour[kind].length; colour++) {
                work.cut(
                        Phrase.of("Cell {} across flats", Quantity.length(widths.get(kind) - inset)),
                        set.material(),
                        set.thickness(),
                        colour,
                        cell(widths.get(kind) - inset, Math.max(0.1, least - inset)),
                        byColour[kind][colour],
                        set.material().spare());
            }
        }
        work.adhesive(set.material().adhesive())
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Cut {} cells and lay them row by row from the lowest, {}.",
                                Quantity.count(cells),
                                Quantity.text(work.order())),
                        "cell card, knife, soft brush",
                        Rate.CUT_PIECE.minutes(cells),
                        null,
                        Cautions.BLADE);
    }
}
