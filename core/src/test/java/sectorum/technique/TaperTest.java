package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.drawing.Box;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.surface.Reading;
import sectorum.surface.Side;

/**
 * On a side that tapers by a seventh and more every piece keeps its true size: what is drawn, cut, printed and told is one
 * number, and it closes where it lies (craft 2.1).
 */
class TaperTest {
    private static final double FOOT = 731;
    /** At mid-zone of the side that is 631 round at its top edge. */
    private static final double MIDDLE = 681;

    private static DressingContext place(String id, double top, int n, int colours) {
        Side side = Side.of(
                OutlineKind.ROUND,
                Values.NONE,
                118,
                0,
                List.of(Reading.of(Reading.What.FOOT, FOOT), Reading.of(Reading.What.TOP, top)));
        DressingContext usual = Places.on(Catalogue.of(id), side, n, colours);
        return new DressingContext(side, usual.division(), side.whole(), colours, usual.bench()).drawn(Places.ART);
    }

    private static Dressed worn(String id, String settings, DressingContext place) {
        return Catalogue.of(id).dress(Places.set(settings), place);
    }

    @ParameterizedTest(name = "{0} {1}: {2} is {3}")
    @CsvSource(
            delimiter = '|',
            value = {
                "squares   | each=1 laid=chequers       | wide         | 56.75",
                "uprights  | each=1                     | wide         | 56.75",
                "uprights  | each=1                     | collar long  | 706",
                "folded    | round=4                    | wide         | 42.5625",
                "ropes     | strand=3 pitch=5.4         | apart        | 5.404762",
                "weave     | each=1 stake=6 tuck=0      | each long    | 107.5",
                "weave     | each=1 stake=6             | each long    | 113.5",
                "mat       | repeat=56.75               | each         | 56.75",
                "mat       | repeat=56.75               | left over    | 0",
                "channel   | each=1                     | apart        | 56.75",
                "quilting  | each=1                     | wide         | 56.75",
                "honeycomb | each=1                     | across flats | 56.75",
                "levels    | stripes=4                  | All round    | 681",
                "rings     | across=40                  | between them | 16.75",
                "frames    | across=40                  | Between them | 16.75",
                "runs      | each=1                     | apart        | 56.75",
                "combed    | comb=56.75                 | stripes      | 12",
                "combed    | comb=56.75 tab=25          | Sheet long   | 706",
                "stencilled | repeat=56.75              | left over    | 0",
                "art       | use=scribed high=40        | wide         | 30",
            })
    void toldAtMidZone(String id, String settings, String figure, double value) {
        DressingContext place = place(id, 631, 12, 1);
        assertThat(Places.figure(worn(id, settings, place), figure)).isCloseTo(value, within(5e-6));
    }

    /** Pieces that lie edge to edge fill the side where they lie: widths in their own millimetres sum to its length there. */
    @ParameterizedTest(name = "{0} {1} fill the side")
    @CsvSource(
            delimiter = '|',
            value = {
                "squares   | each=1 laid=chequers rows=1",
                "squares   | each=2 laid=runs rows=1",
                "uprights  | each=2",
                "ropes     | strand=3 pitch=5.4",
                "honeycomb | each=1 made=cut gap=0",
            })
    void whatLiesEdgeToEdgeCloses(String id, String settings) {
        DressingContext place = place(id, 631, 12, 2);
        Dressed dressed = worn(id, settings, place);
        double lowest = dressed.layout().placements().stream()
                .mapToDouble(Layout.Placement::z)
                .min()
                .orElseThrow();
        double sum = 0;
        for (Layout.Placement p : dressed.layout().placements()) {
            Layout.Shape shape = dressed.layout().shapes().get(p.shape());
            if (shape.role() == Layout.Role.PIECE && p.z() == lowest) {
                sum += Places.width(shape);
            }
        }
        assertThat(sum).isCloseTo(MIDDLE, within(1e-6));
    }

    @Test
    void levelStripesEachGoOnceRoundWhereTheyLie() {
        DressingContext place = place("levels", 631, 12, 2);
        Dressed dressed = worn("levels", "stripes=5", place);
        for (Layout.Placement p : dressed.layout().placements()) {
            Layout.Shape shape = dressed.layout().shapes().get(p.shape());
            assertThat(Places.width(shape)).isCloseTo(place.surface().around(p.z()), within(1e-9));
            Box box = Box.of(shape.xz());
            Side side = (Side) place.surface();
            assertThat(p.along(box.right(), 0, side) - p.along(box.left(), 0, side))
                    .isCloseTo(FOOT, within(1e-9));
        }
    }

    /** Every cut outline is one that is drawn, whatever the side; pieces that bend as they hang are cut straight. */
    @ParameterizedTest(name = "{0} {1}, top {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "squares   | each=1 laid=chequers rows=2 | 621.35",
                "squares   | each=1 laid=runs rows=3     | 621.35",
                "channel   | each=1 made=strips          | 621.35",
                "honeycomb | each=1 made=cut             | 621.35",
                "dots      | made=cut set=all            | 621.35",
                "pennant   | drop=20                     | 621.35",
                "crescent  | drop=20                     | 621.35",
                "squares   | each=1 laid=chequers rows=2 | 840.65",
            })
    void cutAsDrawn(String id, String settings, double top) {
        DressingContext place = place(id, top, 12, 2);
        Dressed dressed = worn(id, settings, place);
        assertThat(dressed.making().cuts())
                .isNotEmpty()
                .allSatisfy(cut -> assertThat(
                                dressed.layout().shapes().stream().filter(s -> s.role() == Layout.Role.PIECE))
                        .anySatisfy(shape -> {
                            Box box = Box.of(shape.xz());
                            assertThat(box.right() - box.left()).isCloseTo(cut.width(), within(1e-6));
                            assertThat(box.high() - box.low()).isCloseTo(cut.height(), within(1e-6));
                        }));
    }

    static List<Technique> all() {
        return Places.ofTheSide();
    }

    /** Nothing leaves the side, and marks keep their angle: what is repeated in every section stands evenly on the foot. */
    @ParameterizedTest
    @MethodSource("all")
    void everyTechniqueStaysOnATaperedSideWithPiecesThatDoNotGrow(Technique technique) {
        DressingContext straight = place(technique.id(), FOOT, 12, 2);
        DressingContext tapered = place(technique.id(), 621.35, 12, 2);
        Layout layout = technique.dress(Values.NONE, tapered).layout();
        assertThat(layout.placements()).isNotEmpty();
        double widest = technique.dress(Values.NONE, straight).layout().shapes().stream()
                .filter(s -> s.role() == Layout.Role.PIECE)
                .mapToDouble(Places::width)
                .max()
                .orElse(0);
        for (Layout.Placement p : layout.placements()) {
            Layout.Shape shape = layout.shapes().get(p.shape());
            assertThat(p.z()).isBetween(-1e-9, 118 + 1e-9);
            if (shape.role() == Layout.Role.PIECE) {
                assertThat(Places.width(shape)).isLessThanOrEqualTo(widest + 1e-6);
                Box box = Box.of(shape.xz());
                double along = p.along(box.right(), 0, (Side) tapered.surface())
                        - p.along(box.left(), 0, (Side) tapered.surface());
                double turned = Math.abs(Math.cos(p.turn())) * Places.width(shape);
                assertThat(Math.abs(along) * tapered.surface().around(p.z()) / FOOT)
                        .isCloseTo(turned, within(1e-6));
            }
        }
    }

    /** The outline that is cut round, without its card's margin. */
    private static double printed(Dressed dressed, String name) {
        Drawing drawing = dressed.drawings().all().stream()
                .filter(d -> d.name().equals(name))
                .findFirst()
                .orElseThrow();
        return drawing.inks().stream()
                .filter(i -> i instanceof Ink.Line l && l.pen() == Ink.Pen.CUT)
                .map(i -> ((Ink.Line) i).xy())
                .mapToDouble(xy -> {
                    Box box = Box.of(xy);
                    return box.right() - box.left();
                })
                .max()
                .orElseThrow();
    }

    @ParameterizedTest(name = "{0} {1}: {2} is {3} wide")
    @CsvSource(
            delimiter = '|',
            value = {
                "uprights  | each=1                     | collar-sheet   | 706",
                "squares   | each=1 laid=chequers       | prick-grid     | 113.5",
                "honeycomb | each=1                     | honeycomb-cell | 56.75",
                "weave     | each=1 stake=6 weaver=8    | weave-gauge    | 170.25",
            })
    void printedAsTold(String id, String settings, String drawing, double wide) {
        assertThat(printed(worn(id, settings, place(id, 631, 12, 1)), drawing)).isCloseTo(wide, within(1e-6));
    }
}
