package sectorum.question;

import java.util.ArrayList;
import java.util.List;
import sectorum.bench.Bench;
import sectorum.divide.Compare;
import sectorum.divide.Division;
import sectorum.divide.Evenness;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.outline.Along;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.tier.DivisionWork;
import sectorum.tier.WaysToMark;

/** How even a division came out, read off a photograph of the side from the front. */
public record EvennessRequest(
        Plan plan,
        String tier,
        String division,
        Evenness.Pointed pressed,
        @Absent Bench bench) implements Question<EvennessRequest.Found> {
    public EvennessRequest {
        Given.in("plan", plan);
        Given.in("pressed", pressed);
        bench = Bench.orUsual(bench);
    }

    /**
     * What the photograph says.
     *
     * @param distance of the camera from the tier's axis, mm
     * @param planned what a section was to be, in the mean, mm
     * @param ordinary the middle one of those that tell, mm; absent: none tells
     */
    public record Found(
            double distance, double planned, @Absent Double ordinary, List<Judged> sections) {
        public Found {
            sections = List.copyOf(sections);
        }
    }

    /**
     * One section of it.
     *
     * @param number of the section that it is by its place, from 1
     * @param ends where it ends, as read on the tape from the back seam, mm
     * @param looks beside the ordinary one; absent: it is too unsure to say
     */
    public record Judged(
            int number,
            double width,
            double doubt,
            boolean tells,
            double ends,
            @Absent Compare looks) {}

    @Override
    public Found answer(Tiers tiers) {
        Tier side = plan.cut().tier(tier);
        Division planned = DivisionWork.closing(
                WaysToMark.spec(side, division), side, side.side().outline());
        Evenness seen = Evenness.of(planned.outline(), pressed);
        List<Double> telling = seen.sections().stream()
                .filter(Evenness.Seen::tells)
                .map(Evenness.Seen::width)
                .sorted()
                .toList();
        Double ordinary = telling.isEmpty() ? null : telling.get(telling.size() / 2);
        List<Judged> judged = new ArrayList<>();
        int first = first(planned, seen.sections());
        for (Evenness.Seen s : seen.sections()) {
            judged.add(new Judged(
                    (first + judged.size()) % planned.count() + 1,
                    s.width(),
                    s.doubt(),
                    s.tells(),
                    bench.tape()
                            .read(Along.of(s.from() + s.width(), planned.around())
                                    .s()),
                    s.tells() ? Compare.of(s.width(), ordinary) : null));
        }
        return new Found(seen.distance(), planned.around() / planned.count(), ordinary, judged);
    }

    /** Which section the first one seen is, so that all of them, one after the other, lie nearest to where they were planned. */
    private static int first(Division planned, List<Evenness.Seen> seen) {
        int best = 0;
        double least = Double.POSITIVE_INFINITY;
        for (int k = 0; k < planned.count(); k++) {
            double off = 0;
            for (int i = 0; i < seen.size(); i++) {
                Along middle = Along.of(seen.get(i).from() + seen.get(i).width() / 2, planned.around());
                off += planned.middle(k + i).distance(middle);
            }
            if (off < least) {
                least = off;
                best = k;
            }
        }
        return best;
    }
}
