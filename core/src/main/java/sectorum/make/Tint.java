package sectorum.make;

import java.util.List;
import sectorum.measure.Absent;
import sectorum.plan.Colour;

/**
 * A colour as it is kneaded.
 *
 * @param id of the palette; empty: as the paste comes
 * @param shade #rrggbb
 */
public record Tint(
        String id, String name, String shade, @Absent Colour.Blend blend) {
    public static final Tint PLAIN = new Tint("", "as it comes", "#f7f2e8", null);

    public static Tint of(Colour colour) {
        return new Tint(colour.id(), colour.name(), colour.shade(), colour.blend());
    }

    /** The colour of that name, or none. */
    public static Tint in(List<Colour> palette, @Absent String id) {
        return palette.stream()
                .filter(c -> c.id().equals(id))
                .findFirst()
                .map(Tint::of)
                .orElse(PLAIN);
    }

    /**
     * The colour at an index of a dressing's, which is the palette's where it names none, as it is drawn; of an index under
     * 0 as it comes.
     */
    public static Tint at(List<Colour> palette, List<String> chosen, int index) {
        if (index < 0) {
            return PLAIN;
        }
        if (!chosen.isEmpty()) {
            return in(palette, chosen.get(index % chosen.size()));
        }
        return palette.isEmpty() ? PLAIN : of(palette.get(index % palette.size()));
    }

    /** How light it looks, 0 to 1: light pastes are rolled before dark ones, so that no crumb of dark is rolled in. */
    public double light() {
        int rgb = Integer.parseInt(shade.substring(1), 16);
        return (0.299 * (rgb >> 16 & 255) + 0.587 * (rgb >> 8 & 255) + 0.114 * (rgb & 255)) / 255;
    }
}
