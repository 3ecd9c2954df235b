package sectorum.make;

import java.util.List;
import sectorum.technique.Making;

/**
 * One dressing to be made.
 *
 * @param division its division, which a mend may change
 * @param covers what it hangs on: the tier's height, mm
 * @param colours as its pieces name them, by index; one or more
 */
public record Job(
        String tier,
        String tierName,
        String dressing,
        String division,
        String name,
        double height,
        List<Tint> colours,
        Making making) {
    public Job {
        colours = List.copyOf(colours);
    }

    /** Whether it is a piece made ahead, which is no tier's dressing. */
    public boolean isAhead() {
        return tier.isEmpty();
    }

    public String id() {
        return tier + "/" + dressing;
    }

    Tint tint(int index) {
        return index < 0 ? Tint.PLAIN : colours.get(index % colours.size());
    }
}
