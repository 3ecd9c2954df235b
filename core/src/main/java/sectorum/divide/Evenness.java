package sectorum.divide;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.outline.Outline;
import sectorum.outline.Spot;

/**
 * How even sections came out, read off a photograph of the side taken from the front (craft 7): the tier's two edges and the marks
 * are pressed on it, and each section's true width follows from where the marks lie between the edges. On a round seen from far
 * away that is s = R·asin((x − x_mid)/(half width)); from nearer, and on other outlines, the same by the rays of the camera.
 *
 * @param distance of the camera from the tier's axis, mm
 * @param sections between the marks pressed, from left to right
 */
public record Evenness(double distance, List<Seen> sections) {
    /** A finger and a lens press a place to so much, px. */
    static final double PRESS_SIGMA = 1.5;
    /** A camera that tells its lens is off by so much in distance, tilted as hands hold it. */
    private static final double KNOWN_DOUBT = 0.12;
    /** One that does not is taken to be held so far from the axis, mm, but may be this near or this far. */
    private static final double USUAL = 800;

    private static final double NEAREST = 500;
    private static final double FARTHEST = 1600;
    /** A camera cannot be nearer to what it sees whole than this many of its reaches, and one so far away sees it flat. */
    private static final double NEAREST_REACH = 1.15;

    private static final double FLAT_REACH = 400;
    private static final double LEAST_WIDE_PX = 40;
    private static final int MOST_MARKS = 80;
    private static final double STEP_MM = 0.5;
    private static final int HALVINGS = 60;
    /** Rays that go back by less than this, in focal lengths, are no fold of the side. */
    private static final double HIDES = 1e-9;
    /** So many σ hold 19 of 20 presses, with what the edges add. */
    private static final double SURE = 2.4;
    /** A section less sure than this share of its width tells nothing. */
    private static final double TELLS = 0.15;

    public Evenness {
        sections = List.copyOf(sections);
    }

    /**
     * What was pressed, all of it at one height.
     *
     * @param left the tier's left edge, px from the picture's left
     * @param right its right edge
     * @param marks from left to right
     * @param lens the camera's focal length in px: its 35 mm equivalent over 36 times the picture's width; absent: not told
     */
    public record Pointed(
            double left,
            double right,
            List<Double> marks,
            @Absent Double lens) {
        public Pointed {
            marks = marks == null ? List.of() : List.copyOf(marks);
            if (!(right - left >= LEAST_WIDE_PX)) {
                throw new Refused(
                        "edges",
                        Phrase.of(
                                "The edges lie {} px apart; at least {} are needed. Press the left one, then the right one, on a"
                                        + " larger picture.",
                                Quantity.plain(right - left),
                                Quantity.plain(LEAST_WIDE_PX)));
            }
            if (marks.size() < 2 || marks.size() > MOST_MARKS) {
                throw new Refused(
                        "marks",
                        Phrase.of(
                                "{} marks are pressed; from 2 to {} can be compared.",
                                Quantity.count(marks.size()),
                                Quantity.count(MOST_MARKS)));
            }
            double before = left;
            for (double mark : marks) {
                if (!(mark > before && mark < right)) {
                    throw new Refused(
                            "marks",
                            Phrase.of(
                                    "A mark at {} px is not between the one before, at {}, and the right edge, at {}. Press them"
                                            + " from left to right.",
                                    Quantity.plain(mark),
                                    Quantity.plain(before),
                                    Quantity.plain(right)));
                }
                before = mark;
            }
            if (lens != null && !(lens >= right - left && lens <= 100 * (right - left))) {
                throw new Refused(
                        "lens",
                        Phrase.of(
                                "A lens of {} px does not see a tier {} px wide. Leave it out where it is not known.",
                                Quantity.plain(lens),
                                Quantity.plain(right - left)));
            }
        }
    }

    /**
     * One section as it was seen.
     *
     * @param from its left mark, mm from the back seam on the foot's circumference
     * @param width along the side, mm
     * @param doubt so much either way, of 20 times at most once more, mm
     * @param tells whether that is little enough to judge it by
     */
    public record Seen(double from, double width, double doubt, boolean tells) {}

    /** Reads the sections off what was pressed on a tier of this outline, its front to the camera. */
    public static Evenness of(Outline outline, Pointed pressed) {
        View view = new View(outline);
        double near = view.reach * NEAREST_REACH;
        view.checkOpen();
        double distance = pressed.lens() == null
                ? Math.max(USUAL, near)
                : view.distance(pressed.lens(), pressed.right() - pressed.left(), near);
        double nearest = Math.max(near, pressed.lens() == null ? NEAREST : distance * (1 - KNOWN_DOUBT));
        double farthest = Math.max(nearest, pressed.lens() == null ? FARTHEST : distance * (1 + KNOWN_DOUBT));
        List<Double> places = view.places(pressed, distance);
        List<Double> closer = view.places(pressed, nearest);
        List<Double> farther = view.places(pressed, farthest);
        List<Double> off = view.pressDoubts(pressed, distance);
        List<Seen> sections = new ArrayList<>();
        for (int i = 0; i + 1 < places.size(); i++) {
            double width = places.get(i + 1) - places.get(i);
            double held = Math.max(
                    Math.abs(closer.get(i + 1) - closer.get(i) - width),
                    Math.abs(farther.get(i + 1) - farther.get(i) - width));
            double doubt = Elementary.hypot(SURE * Elementary.hypot(off.get(i), off.get(i + 1)), held);
            sections.add(new Seen(places.get(i), width, doubt, doubt <= TELLS * width));
        }
        return new Evenness(distance, sections);
    }

    /** An outline before a camera that looks at its front, along y. */
    private static final class View {
        private final Outline outline;
        private final List<Double> stops = new ArrayList<>();
        private final List<Spot> spots = new ArrayList<>();
        private final double reach;

        View(Outline outline) {
            this.outline = outline;
            double around = outline.perimeter();
            int many = (int) Math.ceil(around / STEP_MM);
            double far = 0;
            for (int i = 0; i <= many; i++) {
                double s = around * i / many;
                Spot spot = outline.at(s);
                stops.add(s);
                spots.add(spot);
                far = Math.max(far, Elementary.hypot(spot.x(), spot.y()));
            }
            this.reach = far;
        }

        /** A side that hides part of itself cannot be read off a picture. */
        void checkOpen() {
            int right = limb(USUAL + reach, 1);
            for (int i = limb(USUAL + reach, -1); i < right; i++) {
                if (ray(spots.get(i + 1), USUAL + reach) < ray(spots.get(i), USUAL + reach) - HIDES) {
                    throw new Refused(
                            "outline",
                            Phrase.of(
                                    "From the front, part of this side hides another, {} from the back seam. Read it off the tape.",
                                    Quantity.length(stops.get(i))));
                }
            }
        }

        /** Across over depth: where a ray meets the picture, in focal lengths. */
        private static double ray(Spot spot, double distance) {
            return spot.x() / (distance + spot.y());
        }

        /** The stop at the left limb, or at the right one. */
        private int limb(double distance, int side) {
            int best = 0;
            for (int i = 1; i < spots.size(); i++) {
                if (side * ray(spots.get(i), distance) > side * ray(spots.get(best), distance)) {
                    best = i;
                }
            }
            return best;
        }

        private double span(double distance) {
            return ray(spots.get(limb(distance, 1)), distance) - ray(spots.get(limb(distance, -1)), distance);
        }

        /** How far away a camera of this lens must be for the tier to be so wide. */
        double distance(double lens, double wide, double near) {
            double low = near;
            double high = FLAT_REACH * reach;
            if (lens * span(low) <= wide) {
                return low;
            }
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (low + high) / 2;
                if (lens * span(middle) > wide) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return low;
        }

        List<Double> places(Pointed pressed, double distance) {
            int left = limb(distance, -1);
            int right = limb(distance, 1);
            double from = ray(spots.get(left), distance);
            double to = ray(spots.get(right), distance);
            return pressed.marks().stream()
                    .map(px -> place(
                            from + (px - pressed.left()) / (pressed.right() - pressed.left()) * (to - from),
                            left,
                            right,
                            distance))
                    .toList();
        }

        /** From the left limb over the front to the right one rays only ever go to the right. */
        private double place(double wanted, int left, int right, double distance) {
            double low = stops.get(left);
            double high = stops.get(right);
            for (int i = 0; i < HALVINGS; i++) {
                double middle = (low + high) / 2;
                if (ray(outline.at(middle), distance) < wanted) {
                    low = middle;
                } else {
                    high = middle;
                }
            }
            return (low + high) / 2;
        }

        /** How far a press that is off moves each mark along the side: little in front, more and more towards a limb. */
        List<Double> pressDoubts(Pointed pressed, double distance) {
            double px = (pressed.right() - pressed.left()) / span(distance);
            return places(pressed, distance).stream()
                    .map(s -> {
                        double slope = (ray(outline.at(s + STEP_MM), distance) - ray(outline.at(s - STEP_MM), distance))
                                / (2 * STEP_MM)
                                * px;
                        // The edges are pressed, too, and no better.
                        return Math.sqrt(1.5) * PRESS_SIGMA / Math.max(1e-6, Math.abs(slope));
                    })
                    .toList();
        }
    }
}
