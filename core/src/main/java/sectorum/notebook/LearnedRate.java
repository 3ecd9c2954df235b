package sectorum.notebook;

import java.util.List;
import sectorum.bench.OwnRate;
import sectorum.bench.RateKind;
import sectorum.measure.Absent;

/**
 * A rate with what stands behind it.
 *
 * @param of what it is about, as {@link OwnRate#of} has it
 * @param who it is of alone; empty: of everybody
 * @param rate absent: all that speaks for it waits, or is put aside
 * @param unsure by how much the value itself may be off, as a share of it: nine in ten are nearer
 * @param drift by how much it grows in ten jobs, as a share; absent: it does not, as far as can be told
 * @param points every job that says something, the oldest first
 */
public record LearnedRate(
        RateKind kind,
        String of,
        String who,
        @Absent OwnRate rate,
        double unsure,
        @Absent Double drift,
        List<Point> points) {
    public LearnedRate {
        points = List.copyOf(points);
    }

    /**
     * One job.
     *
     * @param record its number
     * @param says its ratio to the plain figure, or the figure itself
     * @param counted whether it counts
     * @param odd whether it stands apart from the others, so that one should ask why
     */
    public record Point(@Absent Long record, String at, String job, double says, boolean counted, boolean odd) {}

    /** So many jobs stand behind it. */
    public int jobs() {
        return rate == null ? 0 : rate.jobs();
    }
}
