package sectorum.art;

import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * A drawing kept as filled regions, from the back to the front, in mm at the size it came in: its middle at x 0, its foot at z 0.
 *
 * @param name what it shows
 * @param parts from the back to the front
 */
public record Motif(String id, String name, List<Region> parts) {
    public static final int MOST_PARTS = 400;
    /** Points of all lines together; more is no drawing that a hand could follow. */
    public static final int MOST_POINTS = 60_000;

    /** Larger or smaller is no drawing of anything on a cake, mm. */
    private static final double LEAST_MM = 0.01;

    private static final double MOST_MM = 5000;

    /**
     * One filled region.
     *
     * @param shade its colour, #rrggbb
     * @param outers outer lines, each x0, z0, x1, z1, … in mm
     * @param holes in them
     */
    public record Region(String shade, List<List<Double>> outers, List<List<Double>> holes) {
        public Region {
            if (shade == null || !shade.matches("#[0-9a-f]{6}")) {
                throw new Refused(
                        "art.shade",
                        Phrase.of(
                                "A shade \"{}\" is not written as #rrggbb, in small letters.",
                                Quantity.text("" + shade)));
            }
            outers = outers == null
                    ? List.of()
                    : outers.stream().map(List::copyOf).toList();
            holes = holes == null ? List.of() : holes.stream().map(List::copyOf).toList();
            if (outers.isEmpty()) {
                throw new Refused(
                        "art.outers", Phrase.of("A part of art has {} outer lines; it needs one.", Quantity.count(0)));
            }
            outers.forEach(Region::check);
            holes.forEach(Region::check);
        }

        public static Region of(String shade, Rings rings) {
            return new Region(shade, rings.outers(), rings.holes());
        }

        private static void check(List<Double> line) {
            if (line.size() < 6 || line.size() % 2 != 0) {
                throw new Refused(
                        "art.outers",
                        Phrase.of(
                                "A closed line of {} numbers is none: it takes three points or more, two numbers each.",
                                Quantity.count(line.size())));
            }
            for (double at : line) {
                if (!(Math.abs(at) <= MOST_MM)) {
                    throw new Refused(
                            "art.outers",
                            Phrase.of(
                                    "A point lies {} from the middle; at most {} is possible. Import it smaller.",
                                    Quantity.plain(at),
                                    Quantity.length(MOST_MM)));
                }
            }
        }

        public Rings rings() {
            return new Rings(outers, holes);
        }

        int points() {
            return outers.stream().mapToInt(List::size).sum() / 2
                    + holes.stream().mapToInt(List::size).sum() / 2;
        }

        Region scaled(double by) {
            return new Region(
                    shade,
                    outers.stream().map(l -> scaled(l, by)).toList(),
                    holes.stream().map(l -> scaled(l, by)).toList());
        }

        private static List<Double> scaled(List<Double> line, double by) {
            List<Double> there = new ArrayList<>(line.size());
            line.forEach(v -> there.add(v * by));
            return there;
        }
    }

    public Motif {
        if (id == null || !id.matches("[a-z0-9-]{1,40}")) {
            throw new Refused(
                    "art.id",
                    Phrase.of(
                            "The name \"{}\" is not small letters, digits and hyphens, 1 to 40 of them.",
                            Quantity.text("" + id)));
        }
        name = name == null ? "" : name.strip();
        if (name.isEmpty() || name.length() > 60) {
            throw new Refused(
                    "art.name",
                    Phrase.of("Art is called by {} letters; give it 1 to 60.", Quantity.count(name.length())));
        }
        parts = parts == null ? List.of() : List.copyOf(parts);
        int points = parts.stream().mapToInt(Region::points).sum();
        if (parts.isEmpty() || parts.size() > MOST_PARTS || points > MOST_POINTS) {
            throw new Refused(
                    "art.parts",
                    Phrase.of(
                            "\"{}\" has {} parts of {} points; 1 to {} parts of at most {} points are kept. Simplify it.",
                            Quantity.text(name),
                            Quantity.count(parts.size()),
                            Quantity.count(points),
                            Quantity.count(MOST_PARTS),
                            Quantity.count(MOST_POINTS)));
        }
    }

    /** Regions wherever they lie, moved so that the middle is at x 0 and the foot at z 0; those of no size are left out. */
    public static Motif of(String id, String name, List<Region> parts) {
        double[] box = box(parts);
        double dx = -(box[0] + box[2]) / 2;
        double dz = -box[1];
        return new Motif(
                id,
                name,
                parts.stream()
                        .map(p -> new Region(
                                p.shade(),
                                p.outers().stream().map(l -> moved(l, dx, dz)).toList(),
                                p.holes().stream().map(l -> moved(l, dx, dz)).toList()))
                        .toList());
    }

    private static double[] box(List<Region> parts) {
        double[] box = {Double.MAX_VALUE, Double.MAX_VALUE, -Double.MAX_VALUE, -Double.MAX_VALUE};
        for (Region part : parts) {
            List<Double> own = part.rings().box();
            for (int i = 0; i < 2; i++) {
                box[i] = Math.min(box[i], own.get(i));
                box[2 + i] = Math.max(box[2 + i], own.get(2 + i));
            }
        }
        return box;
    }

    private static List<Double> moved(List<Double> line, double dx, double dz) {
        List<Double> there = new ArrayList<>(line.size());
        for (int i = 0; i < line.size(); i += 2) {
            there.add(kept(line.get(i) + dx));
            there.add(kept(line.get(i + 1) + dz));
        }
        return there;
    }

    /** A thousandth of a millimetre is kept: ten times finer than anything is cut. */
    private static double kept(double mm) {
        return Elementary.rint(mm * 1000) / 1000;
    }

    public double width() {
        double[] box = box(parts);
        return Math.max(LEAST_MM, box[2] - box[0]);
    }

    public double height() {
        double[] box = box(parts);
        return Math.max(LEAST_MM, box[3] - box[1]);
    }

    /** Its shades in the order in which they first come. */
    public List<String> shades() {
        return parts.stream().map(Region::shade).distinct().toList();
    }

    /** The same in another size. */
    public Motif scaled(double by) {
        return new Motif(id, name, parts.stream().map(p -> p.scaled(by)).toList());
    }

    /** With an ornament under it, as wide as a share of it, a gap between them. */
    public Motif ornamented(Motif ornament, double share, double gap) {
        Motif sized = ornament.scaled(share * width() / ornament.width());
        double up = sized.height() + gap;
        List<Region> all = new ArrayList<>(sized.parts());
        for (Region part : parts) {
            all.add(new Region(
                    part.shade(),
                    part.outers().stream().map(l -> moved(l, 0, up)).toList(),
                    part.holes().stream().map(l -> moved(l, 0, up)).toList()));
        }
        return of(id, name, all);
    }

    /** A star, to show what could be where nobody has brought a drawing in. */
    public static Motif sample() {
        List<Double> star = new ArrayList<>();
        for (int i = 0; i < 10; i++) {
            double radius = i % 2 == 0 ? 30 : 12.5;
            star.add(radius * Elementary.sin(Math.PI * i / 5));
            star.add(radius * Elementary.cos(Math.PI * i / 5));
        }
        return of("star", "Star", List.of(new Region("#334455", List.of(star), List.of())));
    }

    /** The same under another name for programs, one that none of these has. */
    public Motif named(List<String> taken) {
        TreeSet<String> there = new TreeSet<>(taken);
        String free = id;
        for (int i = 2; there.contains(free); i++) {
            String end = "-" + i;
            free = id.substring(0, Math.min(id.length(), 40 - end.length())) + end;
        }
        return new Motif(free, name, parts);
    }
}
