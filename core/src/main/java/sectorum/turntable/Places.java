package sectorum.turntable;

import java.util.ArrayList;
import java.util.List;
import sectorum.bench.Bench;
import sectorum.divide.Division;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.outline.Along;
import sectorum.outline.Outline;
import sectorum.outline.Spot;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Layout;
import sectorum.tier.DivisionWork;
import sectorum.tier.TierWorkup;
import sectorum.tier.WaysToMark;

/** Where the hand goes in a step, one place after the other. */
public final class Places {
    private Places() {}

    /** The marks of a division; as the tape runs, unless another sequence is wished. */
    public static List<BenchPlace> marks(Tier tier, String division, Bench bench, @Absent Sequence wish) {
        Outline outline = tier.side().outline();
        Division marked = DivisionWork.closing(WaysToMark.spec(tier, division), tier, outline);
        Sequence sequence = wish == null ? Sequence.TAPE : wish;
        List<BenchPlace> places = new ArrayList<>();
        for (int k : sequence.order(marked.marks(), marked.around(), bench.hand())) {
            double s = marked.marks().get(k);
            places.add(
                    new BenchPlace(k + 1, SurfaceKind.SIDE, s, 0, bench.tape().read(s), turn(outline, s), List.of()));
        }
        return places;
    }

    /**
     * The pieces of a dressing; in the order of the bench's school, unless another sequence is wished.
     *
     * @param worn the dressing as it came out on the tier
     */
    public static List<BenchPlace> pieces(Tier tier, TierWorkup.Worn worn, Bench bench, @Absent Sequence wish) {
        Outline outline = tier.side().outline();
        Dressing dressing = tier.dressing(worn.id());
        Division division = DivisionWork.closing(WaysToMark.spec(tier, dressing.division()), tier, outline);
        Sequence sequence = wish == null ? Sequence.of(bench.course()) : wish;
        Layout layout = worn.layout();
        List<BenchPlace> places = new ArrayList<>();
        for (List<Integer> rows : WorkingOrder.of(layout, division, sequence, bench.hand())) {
            Layout.Placement first = layout.placements().get(rows.get(0));
            double s = Along.of(first.s(), division.around()).s();
            places.add(new BenchPlace(
                    places.size() + 1,
                    worn.surface(),
                    s,
                    first.z(),
                    bench.tape().read(s),
                    turn(outline, s),
                    rows));
        }
        return places;
    }

    /** How far the cake is turned so that a place looks at whoever works. */
    private static double turn(Outline outline, double s) {
        Spot spot = outline.at(s);
        return Elementary.atan2(spot.nx(), -spot.ny());
    }
}
