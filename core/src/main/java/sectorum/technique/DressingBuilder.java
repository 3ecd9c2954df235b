package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Supplier;
import sectorum.bench.Course;
import sectorum.bench.Hand;
import sectorum.bench.ThingKind;
import sectorum.drawing.Box;
import sectorum.drawing.Drawing;
import sectorum.drawing.Drawings;
import sectorum.finding.Finding;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.outline.Along;
import sectorum.surface.Frame;
import sectorum.surface.Zone;

/** Gathers what follows while a technique works its place. */
final class DressingBuilder {
    /** Pieces of less are none, mm². */
    private static final double NOTHING = 1e-6;

    private final DressingContext place;
    private final List<Layout.Shape> shapes = new ArrayList<>();
    private final List<Layout.Placement> placements = new ArrayList<>();
    private final List<Figure> figures = new ArrayList<>();
    private final List<Handle> handles = new ArrayList<>();
    private final List<Finding> findings = new ArrayList<>();
    private final List<Supplier<Drawing>> drawings = new ArrayList<>();
    private final List<Making.Cut> cuts = new ArrayList<>();
    private final List<Making.Used> used = new ArrayList<>();
    private final List<Making.Step> steps = new ArrayList<>();
    private final List<Making.Tool> tools = new ArrayList<>();
    private double powder;
    private boolean soft;
    private boolean unstacked;
    private List<Integer> marbled = List.of();
    private final List<Making.Wanted> wanted = new ArrayList<>();
    private final List<Making.Turn> turns = new ArrayList<>();
    private final List<Making.Out> out = new ArrayList<>();
    private final List<Phrase> layers = new ArrayList<>();
    private Adhesive adhesive = Adhesive.NONE;

    @Absent
    private FinishLook look;

    DressingBuilder(DressingContext place) {
        this.place = place;
    }

    int piece(List<Double> outline) {
        return shape(Layout.Role.PIECE, true, 0, 1, outline);
    }

    /** A piece that is a line of some thickness. */
    int strand(double wide, List<Double> line) {
        return shape(Layout.Role.PIECE, false, wide, 1, line);
    }

    int guide(List<Double> line) {
        return shape(Layout.Role.GUIDE, false, 0, 1, line);
    }

    int detail(List<Double> line) {
        return shape(Layout.Role.DETAIL, false, 0, 1, line);
    }

    /** An edge that can be gilded; of pieces without one it is all of their outline. */
    int edge(List<Double> line) {
        return shape(Layout.Role.EDGE, false, 0, 1, line);
    }

    private int shape(Layout.Role role, boolean closed, double wide, double tone, List<Double> xz) {
        shapes.add(new Layout.Shape(role, closed, wide, tone, xz));
        return shapes.size() - 1;
    }

    /** Another shade that comes out of the same bag, on a piece. */
    int shade(List<Double> outline) {
        return shape(Layout.Role.TONE, true, 0, 0.85, outline);
    }

    /** The whole of a zone in a breath of colour. */
    DressingBuilder tone(Zone zone, double dense, int colour) {
        double from = place.isClosed() ? 0 : place.stretch().from().s();
        double round =
                place.isClosed() ? place.division().around() : place.stretch().length();
        List<Double> patch = place.surface().patch(from, round, zone);
        return put(shape(Layout.Role.TONE, true, 0, dense, patch), from + round / 2, zone.foot(), 0, colour);
    }

    /** Puts a shape at s on the foot's circumference, wrapped, and z above the foot. */
    DressingBuilder put(int shape, double s, double z, double turn, int colour) {
        return put(shape, s, z, turn, 1, colour);
    }

    DressingBuilder put(int shape, double s, double z, double turn, double size, int colour) {
        double wrapped = Along.of(s, place.division().around()).s();
        placements.add(new Layout.Placement(shape, wrapped, z, turn, size, colour));
        return this;
    }

    /** Puts a shape that stands off, or leans out by so many radians about its foot. */
    DressingBuilder standing(int shape, Along s, double z, double lift, double lean, int colour) {
        return put(shape, s, z, colour).off(lift, lean);
    }

    /** What was put last stands off so far, and leans out by so many radians. */
    DressingBuilder off(double lift, double lean) {
        int last = placements.size() - 1;
        placements.set(last, placements.get(last).standing(lift, lean));
        return this;
    }

    /** A level line as long as a stretch of the foot, put at a height where that stretch is shorter or longer. */
    DressingBuilder putLevel(int shape, Along s, double z) {
        return put(shape, s.s(), z, 0, place.narrowing(z), 0);
    }

    /** Puts a shape where something of a frame lies, turned further by so much. */
    DressingBuilder put(int shape, Frame.Pose at, double turn, int colour) {
        return put(shape, at.s(), at.z(), at.turn() + turn, colour);
    }

    DressingBuilder put(int shape, Along s, double z, int colour) {
        return put(shape, s.s(), z, 0, colour);
    }

    DressingBuilder lead(String label, Quantity quantity) {
        return lead(Figure.named(label), label, quantity);
    }

    /** One whose words change with the settings. */
    DressingBuilder lead(String name, String label, Quantity quantity) {
        figures.add(Figure.lead(name, label, quantity));
        return this;
    }

    DressingBuilder figure(String label, Quantity quantity) {
        figures.add(Figure.of(label, quantity));
        return this;
    }

    DressingBuilder handle(Handle handle) {
        handles.add(handle);
        return this;
    }

    DressingBuilder find(Rule rule, Phrase what, Mend... mends) {
        return find(rule, what, List.of(mends));
    }

    DressingBuilder find(Rule rule, Phrase what, List<Mend> mends) {
        findings.add(rule.found(what, mends));
        return this;
    }

    DressingBuilder draw(Supplier<Drawing> drawing) {
        drawings.add(drawing);
        return this;
    }

    DressingBuilder adhesive(Adhesive with) {
        adhesive = with;
        return this;
    }

    /** Pieces cut from a sheet: their net mass is area × thickness × density × count (craft 4.3). */
    DressingBuilder cut(
            Phrase what,
            Material material,
            double thickness,
            int colour,
            List<Double> outline,
            int count,
            Spare spare) {
        return cut(what, material, thickness, colour, outline, count, spare.of(count));
    }

    /** The same with so many spares, where several lines share them. */
    DressingBuilder cut(
            Phrase what, Material material, double thickness, int colour, List<Double> outline, int count, int spare) {
        // What has shrunk to a line is no piece; whoever drew it says so.
        double area = Flat.area(outline);
        Box box = Box.of(outline);
        return area <= NOTHING
                ? this
                : add(new Making.Cut(
                        what,
                        material,
                        thickness,
                        colour,
                        box.width(),
                        box.height(),
                        outline,
                        count,
                        spare,
                        material.sheet(area, thickness)));
    }

    /** Round pieces: their mass is that of the round, not of the polygon that it is drawn as. */
    DressingBuilder cutRound(
            Phrase what, Material material, double thickness, int colour, double across, int count, Spare spare) {
        double each = material.sheet(Math.PI * across * across / 4, thickness);
        List<Double> outline = Flat.circle(across, 40);
        return add(new Making.Cut(
                what, material, thickness, colour, across, across, outline, count, spare.of(count), each));
    }

    /** Pieces that are not cut from a sheet: pearls, piped shells. */
    DressingBuilder made(
            Phrase what, Material material, int colour, double across, int count, Spare spare, double gramsEach) {
        return add(new Making.Cut(
                what, material, 0, colour, across, across, List.of(), count, spare.of(count), gramsEach));
    }

    private DressingBuilder add(Making.Cut cut) {
        if (cut.count() > 0) {
            cuts.add(cut);
            List<Integer> of = marbled.isEmpty() ? List.of(cut.colour()) : marbled;
            double grams = cut.count() * cut.each() / of.size();
            of.forEach(colour -> used(cut.material(), colour, cut.thickness(), grams, 0));
        }
        return this;
    }

    /** What is cut from here on is of paste marbled from these colours, as much of each. */
    DressingBuilder marbled(List<Integer> colours) {
        marbled = colours;
        return this;
    }

    /** A thing of a size that is worked with; one within the slack serves, too. */
    DressingBuilder tool(ThingKind kind, String field, double size, double slack) {
        if (tools.stream().noneMatch(t -> t.kind() == kind && t.size() == size)) {
            tools.add(new Making.Tool(kind, field, size, slack));
        }
        return this;
    }

    /** CMC kneaded into the paste, g/kg, so that it stands. */
    DressingBuilder powder(double gramsPerKg) {
        powder = gramsPerKg;
        return this;
    }

    /** What it goes over looks so. */
    DressingBuilder looks(FinishLook like) {
        look = like;
        return this;
    }

    /** It goes onto its tier before that is stacked. */
    DressingBuilder unstacked() {
        unstacked = true;
        return this;
    }

    /** Pieces that are made ahead and set in the steps told here. */
    DressingBuilder want(Making.Wanted ahead) {
        wanted.add(ahead);
        return this;
    }

    /** One layer more, in the order of laying, where it is built in reverse. */
    DressingBuilder layer(Phrase laid) {
        layers.add(laid);
        return this;
    }

    /** So many things that come out again. */
    DressingBuilder comesOut(String what, int count) {
        out.add(new Making.Out(what, count));
        return this;
    }

    /** One contact of faces on the way to the cake. */
    DressingBuilder turn(Phrase contact) {
        turns.add(new Making.Turn(contact));
        return this;
    }

    /** What is extruded, piped or cut by length. */
    DressingBuilder used(Material material, int colour, double thickness, double grams, double length) {
        if (grams > 0) {
            for (int i = 0; i < used.size(); i++) {
                Making.Used same = used.get(i);
                if (same.material() == material && same.colour() == colour && same.thickness() == thickness) {
                    used.set(
                            i,
                            new Making.Used(material, colour, thickness, same.grams() + grams, same.length() + length));
                    return this;
                }
            }
            used.add(new Making.Used(material, colour, thickness, grams, length));
        }
        return this;
    }

    DressingBuilder step(Gesture gesture, Phrase what, String tool, double minutes) {
        return step(gesture, what, tool, minutes, null, "");
    }

    DressingBuilder step(
            Gesture gesture, Phrase what, String tool, double minutes, @Absent Making.Pause pause, String caution) {
        steps.add(new Making.Step(gesture, what, tool, minutes, pause, null, caution, false, soft));
        return this;
    }

    /** What to look at after the step just told, before going on. */
    DressingBuilder check(String words, Quantity... numbers) {
        return last(steps.get(steps.size() - 1).checked(Phrase.of(words, numbers)));
    }

    /** The step just told cannot be undone: what is pressed or cut stays so. */
    DressingBuilder lasting() {
        return last(steps.get(steps.size() - 1).asLasting());
    }

    private DressingBuilder last(Making.Step step) {
        steps.set(steps.size() - 1, step);
        return this;
    }

    /** What is done from here on wants a soft covering: within the hour (craft 1). */
    DressingBuilder soft() {
        soft = true;
        return this;
    }

    /** What is done from here on wants it firm again. */
    DressingBuilder firm() {
        soft = false;
        return this;
    }

    /** Which way the work goes from the front, for this hand. */
    String order() {
        boolean right = place.bench().hand() == Hand.RIGHT;
        if (place.bench().course() == Course.ROUND) {
            return "front first, then round to the " + (right ? "right" : "left") + " until it closes";
        }
        return "front first, then alternately " + (right ? "right and left" : "left and right");
    }

    /** How many repeats of each colour there are when so many cycle through the dressing's colours. */
    Map<Integer, Integer> cycled(int many) {
        return place.turns().cycled(many);
    }

    /** Everything, with the totals that every dressing has at the end of its figures. */
    Dressed done() {
        Making making = new Making(
                cuts,
                used,
                adhesive.words(),
                adhesive.why(),
                steps,
                tools,
                powder,
                unstacked,
                turns,
                wanted,
                out,
                layers);
        figures.addAll(Totals.pieces(making));
        int bent = Bends.count(shapes, placements, place);
        if (bent > 0) {
            figures.add(Figure.of("Bent round a corner", Quantity.count(bent)));
        }
        figures.addAll(Totals.amounts(making));
        return new Dressed(
                new Layout(shapes, placements),
                figures,
                handles,
                findings,
                Drawings.when(() -> drawings.stream().map(Supplier::get).toList()),
                making,
                look);
    }
}
