package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Rounding;
import sectorum.outline.Along;

/**
 * Things in a level row (craft 3E): all round it closes on the surface itself; part of the way it begins and ends with a
 * whole one.
 *
 * @param apart from middle to middle, mm along the line; of one alone the whole line
 * @param places their middles
 */
record LevelRow(double apart, List<Along> places) {
    /**
     * All round n = round(P/pitch), at least 1; over a length L of which a thing takes its size n = round((L − size)/pitch) + 1.
     *
     * @param size of one along the row, mm
     * @param least from middle to middle, mm: where the pitch would have less, as many as fit; 0: whatever the pitch has
     * @param between whether they stand in the gaps of the row without it
     */
    static LevelRow of(DressingContext place, double z, double pitch, double size, double least, boolean between) {
        double length = place.along(z);
        if (place.isClosed()) {
            int n = count(length, pitch, least);
            return new LevelRow(length / n, place.surface().row(n, z, between ? 0.5 : 0));
        }
        double open = Math.max(0, length - size);
        int gaps = open == 0 ? 0 : count(open, pitch, least);
        double apart = gaps == 0 ? length : open / gaps;
        List<Along> places = new ArrayList<>();
        int n = between ? gaps : gaps + 1;
        double first = gaps == 0 ? length / 2 : size / 2 + (between ? apart / 2 : 0);
        for (int j = 0; j < n; j++) {
            places.add(Along.of(
                    place.surface().further(place.stretch().from().s(), first + j * apart, z),
                    place.surface().period()));
        }
        return new LevelRow(apart, places);
    }

    /** round(length/pitch), but floor(length/least) where they would not fit, at least 1. */
    static int count(double length, double pitch, double least) {
        int wished = (int) Rounding.halfUp(length / pitch, 1);
        int fits = least > 0 ? (int) Rounding.floor(length / least) : wished;
        return Math.max(1, Math.min(wished, fits));
    }

    int count() {
        return places.size();
    }
}
