package sectorum.art;

import java.util.List;

/**
 * One letter of a face: closed lines that may overlap, filled where they run round more often one way than the other; lengths in
 * ems, z up from the line that it stands on.
 *
 * @param advance to where the next begins
 */
public record Glyph(List<List<Double>> lines, double advance) {
    public Glyph {
        lines = lines.stream().map(List::copyOf).toList();
    }
}
