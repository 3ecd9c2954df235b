package sectorum.make;

import java.util.List;
import sectorum.bench.Thing;
import sectorum.technique.Making;

/**
 * One dressing to be made.
 *
 * @param division its division, which a mend may change
 * @param covers what it hangs on: the tier's height, mm
 * @param colours as its pieces name them, by index; one or more
 * @param formers what its pieces dry over, all at once
 */
public record Job(
        String tier,
        String tierName,
        String dressing,
        String division,
        String name,
        double height,
        List<Tint> colours,
        Making making,
        List<Formed> formers) {
    public Job {
        formers = List.copyOf(formers);
        colours = List.copyOf(colours);
    }

    /** One whose pieces dry over nothing. */
    public Job(
            String tier,
            String tierName,
            String dressing,
            String division,
            String name,
            double height,
            List<Tint> colours,
            Making making) {
        this(tier, tierName, dressing, division, name, height, colours, making, List.of());
    }

    /**
     * Formers that are needed at once.
     *
     * @param form as the cupboard's field has it
     * @param words the same on the screen
     * @param across mm
     * @param setting of the piece that its size comes from; empty: none
     */
    public record Formed(String form, String words, double across, int many, String setting) {
        /** Off by less than this share of it a former gives the same curve to the eye. */
        private static final double SAME = 0.15;

        /** Whether one of the cupboard's serves. */
        public boolean isLike(Thing former) {
            return former.choice("form").equals(form) && Math.abs(former.size("across") - across) <= SAME * across;
        }
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
