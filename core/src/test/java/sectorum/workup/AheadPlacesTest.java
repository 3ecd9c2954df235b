package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.bench.Stock;
import sectorum.build.Seating;
import sectorum.measure.Values;
import sectorum.outline.OutlineKind;
import sectorum.plan.OutlineSpec;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Table;
import sectorum.plan.Tier;
import sectorum.surface.Reading;
import sectorum.surface.Side;
import sectorum.tier.PieceWorkup;

/** Where pieces made ahead stand, on every outline, upright and tapered by 15 %. */
class AheadPlacesTest {
    private static final int MANY = 7;

    static Stream<Arguments> tiers() {
        return Stream.of(OutlineKind.values()).flatMap(k -> Stream.of(Arguments.of(k, 0.0), Arguments.of(k, 0.15)));
    }

    private static Plan plan(OutlineKind kind, double taper, OwnPiece... pieces) {
        Plan bare = Plan.fresh("Places");
        Tier t = bare.tiers().get(0);
        Tier formed = t.formed(new OutlineSpec(kind.key(), Values.NONE), 110, t.coats());
        double foot = formed.side().foot().mm();
        List<Reading> read =
                List.of(Reading.of(Reading.What.FOOT, foot), Reading.of(Reading.What.TOP, foot * (1 - taper)));
        Tier taped = new Tier(
                t.id(),
                t.name(),
                formed.outline(),
                110,
                null,
                false,
                t.coats(),
                read,
                null,
                List.of(),
                t.divisions(),
                List.of());
        return bare.with(taped).with(List.of(pieces));
    }

    private static OwnPiece many(String id, OwnPiece.On on, double up) {
        return AheadRulesTest.offered(id).many(MANY).at(new OwnPiece.Seat("", on, 10, 0, up));
    }

    /** On the side each stands with its back on the side at its own height, whatever that tapers to. */
    @ParameterizedTest(name = "{0} tapered by {1}")
    @MethodSource("tiers")
    void onTheSideTheyTouchIt(OutlineKind kind, double taper) {
        for (double up : new double[] {0, 40, 90}) {
            Plan plan = plan(kind, taper, many("relief", OwnPiece.On.SIDE, up));
            Side side = plan.tiers().get(0).side();
            double narrow = side.narrowing(up);
            PieceWorkup worked = Workup.pieces(plan, Tiers.BENCH).get(0);
            assertThat(worked.places()).hasSize(MANY);
            for (Seating.Place place : worked.places()) {
                double off = side.outline().within(place.x() / narrow, place.y() / narrow);
                assertThat(off).as(kind + " at " + up).isCloseTo(0, within(0.1));
                assertThat(place.up()).isEqualTo(up);
                // It looks away from the middle.
                double out = place.x() * Math.sin(place.angle()) - place.y() * Math.cos(place.angle());
                assertThat(out).isPositive();
            }
            double back = worked.look().stream()
                    .flatMap(f -> Stream.iterate(1, i -> i + 3)
                            .limit(f.xyz().size() / 3)
                            .map(f.xyz()::get))
                    .mapToDouble(y -> y)
                    .max()
                    .orElseThrow();
            assertThat(back).isCloseTo(0, within(0.01));
        }
    }

    /** On the board each is clear of the lowest tier's foot by 4 mm, as deep as it is. */
    @ParameterizedTest(name = "{0} tapered by {1}")
    @MethodSource("tiers")
    void onTheBoardTheyAreClearOfTheCake(OutlineKind kind, double taper) {
        for (String id : List.of("model-pawn", "ball", "flower-rose")) {
            Plan plan = plan(kind, taper, many(id, OwnPiece.On.BOARD, 0));
            PieceWorkup worked = Workup.pieces(plan, Tiers.BENCH).get(0);
            for (Seating.Place place : worked.places()) {
                assertThat(plan.tiers().get(0).side().outline().within(place.x(), place.y()))
                        .as(kind + " " + id)
                        .isLessThan(-1);
                assertThat(place.up()).isZero();
            }
            assertThat(worked.picks()).isNotNegative();
            assertThat(Workup.build(plan, Workup.of(plan, Tiers.BENCH)).stuck())
                    .noneMatch(s -> s.piece().equals(id));
        }
    }

    /** On a ledge each stands in its middle, between the upper tier's foot and the lower one's rim. */
    @ParameterizedTest(name = "{0} tapered by {1}")
    @MethodSource("tiers")
    void onALedgeTheyStandInItsMiddle(OutlineKind kind, double taper) {
        Plan one = plan(kind, taper);
        Tier upper = one.nextTier();
        Plan two = new Tables(List.of(one.tiers().get(0), upper), List.of(), Stock.NONE, Table.USUAL).plan();
        OwnPiece blossom = AheadRulesTest.offered("flower-blossom")
                .sized(16, 16)
                .many(MANY)
                .at(new OwnPiece.Seat(one.tiers().get(0).id(), OwnPiece.On.LEDGE, 3, 0, 0));
        Plan plan = two.with(List.of(blossom));
        Side lower = one.tiers().get(0).side();
        for (Seating.Place place : Workup.pieces(plan, Tiers.BENCH).get(0).places()) {
            assertThat(lower.edge().within(place.x(), place.y()))
                    .as(kind + " rim")
                    .isPositive();
            assertThat(upper.side().outline().within(place.x(), place.y()))
                    .as(kind + " upper foot")
                    .isNegative();
            assertThat(place.up()).isCloseTo(lower.upright(), within(1e-9));
        }
    }
}
