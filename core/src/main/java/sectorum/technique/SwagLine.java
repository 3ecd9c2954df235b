package sectorum.technique;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import sectorum.curve.Hanging;
import sectorum.curve.School;
import sectorum.divide.Division;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.side.Side;
import sectorum.side.Zone;

/**
 * One hanging curve in each section (handbook 3A): its ends on the marks at the zone's top edge, its width along the side
 * P/n, never the chord.
 */
public final class SwagLine implements Technique {
    /** Deeper than this share of its width it hangs like a loop. */
    private static final double LOOP = 0.45;
    /** Shallower than this share it looks flat. */
    private static final double FLAT = 0.1;

    /** What a decorator decides: the drop in mm and how the curve is drawn. */
    record Settings(double drop, School school) {}

    @Override
    public String id() {
        return "swag";
    }

    @Override
    public String name() {
        return "Swag line";
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("drop", "curve");
    }

    /** From the foot to a finger's breadth under the edge, where a covering still holds a prick. */
    @Override
    public Zone usualZone(Side side) {
        double h = side.height().mm();
        return new Zone(0, h - Math.min(10, h / 10));
    }

    @Override
    public List<Field> fields(Place place) {
        double widest = widest(place);
        double good = Math.min(0.3 * widest, 0.7 * place.zone().height());
        double most = Math.max(place.side().height().mm(), 1);
        return List.of(
                Field.length(
                        "drop",
                        "Drop",
                        0,
                        most,
                        Math.min(Math.max(place.tape().read(good), 1), most),
                        "A drop ends on the side: measure from the marks down."),
                Field.choice(
                        "curve",
                        "Curve",
                        Arrays.stream(School.values())
                                .map(s -> new Field.Choice(s.key(), s.words()))
                                .toList(),
                        School.ARC.key()));
    }

    private Settings settings(Values values, Place place) {
        List<Field> fields = fields(place);
        Field drop = fields.get(0);
        // A tier read smaller than planned must not refuse what is saved: a drop past the side is a finding, not an
        // error.
        double wide = Field.length("drop", "Drop", 0, 2000, ((Number) drop.fallback()).doubleValue(), "")
                .number(values);
        return new Settings(wide, School.of(fields.get(1).choice(values)));
    }

    @Override
    public Dressed dress(Values values, Place place) {
        Settings settings = settings(values, place);
        Division division = place.division();
        double z = place.zone().top();
        List<Layout.Shape> shapes = new ArrayList<>();
        List<Double> widths = new ArrayList<>();
        List<Layout.Placement> placements = new ArrayList<>();
        List<Handle.Grip> grips = new ArrayList<>();
        double total = 0;
        for (int k = 0; k < division.count(); k++) {
            double width = place.width(k, z);
            int shape = indexOf(widths, width);
            Hanging curve = Hanging.of(settings.school(), width, settings.drop());
            if (shape < 0) {
                shape = widths.size();
                widths.add(width);
                shapes.add(new Layout.Shape(Layout.Role.GUIDE, false, curve.points(48)));
            }
            total += curve.length();
            placements.add(new Layout.Placement(shape, division.mark(k).s(), z, 0, 1, 0));
            grips.add(new Handle.Grip(division.middle(k).s(), z - settings.drop()));
        }
        return new Dressed(
                new Layout(shapes, placements),
                figures(settings, place, total),
                List.of(new Handle("drop", "Lowest point", -1, grips)),
                findings(settings, place),
                widths.stream()
                        .map(w -> scallop(Hanging.of(settings.school(), w, settings.drop()), widths.indexOf(w)))
                        .toList());
    }

    private static int indexOf(List<Double> widths, double width) {
        for (int i = 0; i < widths.size(); i++) {
            if (Math.abs(widths.get(i) - width) < 0.001) {
                return i;
            }
        }
        return -1;
    }

    private static double widest(Place place) {
        double widest = 0;
        for (int k = 0; k < place.division().count(); k++) {
            widest = Math.max(widest, place.width(k, place.zone().top()));
        }
        return widest;
    }

    private List<Figure> figures(Settings settings, Place place, double total) {
        int front = place.division().frontSection();
        double width = place.width(front, place.zone().top());
        Hanging curve = Hanging.of(settings.school(), width, settings.drop());
        List<Figure> figures = new ArrayList<>(List.of(
                Figure.lead("wide", Quantity.length(width)),
                Figure.lead("drop", Quantity.length(settings.drop())),
                Figure.lead("along the curve", Quantity.length(curve.length())),
                Figure.of("Swags", Quantity.count(place.division().count())),
                Figure.of("All curves together", Quantity.length(total)),
                Figure.of("Slope at the ends", Quantity.angle(curve.endSlope())),
                Figure.of(
                        "Lowest point above the foot",
                        Quantity.length(place.zone().top() - settings.drop()))));
        if (curve instanceof Hanging.Arc arc) {
            figures.add(Figure.of("Round that draws it, across", Quantity.length(2 * arc.radius())));
        }
        return figures;
    }

    private List<Finding> findings(Settings settings, Place place) {
        double widest = widest(place);
        double drop = settings.drop();
        double room = place.zone().height();
        double q = place.tape().divisionMm();
        List<Finding> found = new ArrayList<>();
        if (!Rounding.atMost(drop, room)) {
            found.add(new Finding(
                    "swag.out-of-side",
                    Level.STOP,
                    Phrase.of(
                            "A drop of {} runs out of its zone, which is {} high.",
                            Quantity.length(drop),
                            Quantity.length(room)),
                    List.of(drop("Drop {} ends in the zone", Rounding.floor(Math.min(room, LOOP * widest) / q) * q))));
        }
        double loop = Rounding.floor(LOOP * widest / q) * q;
        if (settings.school() == School.ARC && !Rounding.atMost(drop, widest / 2)) {
            found.add(new Finding(
                    "swag.overhang",
                    Level.LOOK,
                    Phrase.of(
                            "Deeper than half its width of {}, the arc bulges past its own marks.",
                            Quantity.length(widest)),
                    loopMends(loop, drop, place)));
        } else if (!Rounding.atMost(drop, LOOP * widest)) {
            found.add(new Finding(
                    "swag.loop",
                    Level.LOOK,
                    Phrase.of(
                            "A drop of {} on a width of {} hangs like a loop; up to {} it hangs like a swag.",
                            Quantity.length(drop),
                            Quantity.length(widest),
                            Quantity.length(LOOP * widest)),
                    loopMends(loop, drop, place)));
        }
        if (drop < FLAT * widest - Rounding.EPS) {
            double least = Rounding.ceil(FLAT * widest / q) * q;
            found.add(new Finding(
                    "swag.flat",
                    Level.LOOK,
                    Phrase.of(
                            "A drop of {} on a width of {} looks flat; from {} on it reads as a swag.",
                            Quantity.length(drop),
                            Quantity.length(widest),
                            Quantity.length(FLAT * widest)),
                    List.of(drop("Drop {}", least))));
        }
        return found;
    }

    private static List<Mend> loopMends(double loop, double drop, Place place) {
        List<Mend> mends = new ArrayList<>(List.of(drop("Drop {}", loop)));
        int fewer = (int) Rounding.floor(LOOP * place.side().around(place.zone().top()) / drop);
        if (fewer >= 1 && !place.division().outline().cornersRule()) {
            mends.add(new Mend(
                    Phrase.of("Only {} sections", Quantity.count(fewer)),
                    List.of(new Change(Change.Target.DIVISION, "count", fewer))));
        }
        return mends;
    }

    private static Mend drop(String label, double mm) {
        return new Mend(Phrase.of(label, Quantity.length(mm)), List.of(new Change(Change.Target.SETTING, "drop", mm)));
    }

    /** A card to draw round: the section's width, its middle, and the curve as the lower edge. */
    private static Drawing scallop(Hanging curve, int index) {
        double margin = 12;
        double side = Math.max(0, -lowest(curve, 0)) + 6;
        double width = curve.width() + 2 * side;
        double height = curve.drop() + 2 * margin;
        List<Double> line = new ArrayList<>();
        List<Double> points = curve.points(96);
        for (int i = 0; i < points.size(); i += 2) {
            line.add(side + points.get(i));
            line.add(margin - points.get(i + 1));
        }
        Drawing.Maker maker = new Drawing.Maker()
                .path(Ink.Pen.CUT, line)
                .line(Ink.Pen.MARK, side, margin - 8, side, margin + 4)
                .line(Ink.Pen.MARK, side + curve.width(), margin - 8, side + curve.width(), margin + 4)
                .line(Ink.Pen.GUIDE, side, margin, side + curve.width(), margin)
                .line(Ink.Pen.GUIDE, width / 2, margin - 8, width / 2, margin + curve.drop())
                .words(width / 2 + 2, margin - 3, 3.2, Ink.Anchor.START, Phrase.of("middle"))
                .words(
                        width / 2,
                        height - 2,
                        3.2,
                        Ink.Anchor.MIDDLE,
                        Phrase.of("{} wide, drop {}", Quantity.length(curve.width()), Quantity.length(curve.drop())));
        return maker.made(
                index == 0 ? "swag-scallop" : "swag-scallop-" + (index + 1),
                Phrase.of(
                        "Swag scallop, {} wide with a drop of {}",
                        Quantity.length(curve.width()),
                        Quantity.length(curve.drop())),
                width,
                height);
    }

    /** Smallest x (axis 0) of a curve: below zero where an arc overhangs. */
    private static double lowest(Hanging curve, int axis) {
        List<Double> points = curve.points(96);
        double least = Double.MAX_VALUE;
        for (int i = axis; i < points.size(); i += 2) {
            least = Math.min(least, points.get(i));
        }
        return least;
    }
}
