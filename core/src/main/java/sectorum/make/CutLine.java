package sectorum.make;

import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;

/**
 * A line of the cut list.
 *
 * @param id its own in the plan: tier, dressing and place in the dressing's list
 * @param job whose it is
 * @param colour index of the job's colour
 * @param outline flat; empty for what is not cut from a sheet
 * @param spare whole pieces beside those needed
 * @param each grams of one
 * @param yield pieces that were counted from one sheet; absent: as nested
 */
public record CutLine(
        String id,
        String job,
        Phrase what,
        double width,
        double height,
        List<Double> outline,
        int count,
        int spare,
        double each,
        @Absent Integer yield) {
    public CutLine {
        outline = List.copyOf(outline);
    }

    int all() {
        return count + spare;
    }

    double net() {
        return count * each;
    }

    double spared() {
        return spare * each;
    }
}
