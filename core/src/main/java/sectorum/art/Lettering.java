package sectorum.art;

import java.util.ArrayList;
import java.util.List;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** Initials and short words as regions: set beside, over or across one another, kerned, straight or along a line, framed (craft 3H). */
public final class Lettering {
    /** As many letters as anybody reads on a cake. */
    public static final int MOST = 40;

    public static final Field HEIGHT = Field.length("height", "Letters, high", 3, 600, 60, "A capital's height.");
    public static final Field GAP =
            Field.length("gap", "Gap", 0, 50, 1.5, "Between letters, or left where they cross.");
    public static final Field BOW =
            Field.length("bow", "Bows by", 0, 400, 20, "Its middle over its ends, or under them.");
    public static final Field RIM = Field.length("rim", "Frame, wide", 0.5, 60, 3, "Its line.");

    /** Set closer or wider than the face has it by so much of an em at most. */
    private static final double KERNED = 0.14;
    /** Between the nearest points of two letters beside one another, ems. */
    private static final double NEAR = 0.06;
    /** Heights at which letters are compared. */
    private static final int BANDS = 24;
    /** A letter across another is moved by so much of its width. */
    private static final double CROSSED = 0.45;
    /** Between letters and their frame, of their height. */
    private static final double FRAME_ROOM = 0.18;

    /** How letters are set to one another. */
    public enum Set {
        BESIDE,
        OVER,
        ACROSS
    }

    /** What happens where two cross. */
    public enum Join {
        JOINED,
        CUT
    }

    /** What they stand on. */
    public enum Line {
        STRAIGHT,
        ARCH,
        SWAG
    }

    /** What goes round them. */
    public enum Frame {
        NONE,
        RING,
        SQUARE,
        DIAMOND
    }

    /**
     * @param height of a capital, mm
     * @param gap between letters beside one another, or left where one cuts another, mm
     * @param bow of the line that they stand on, mm
     */
    public record Style(
            double height,
            @Absent Set set,
            @Absent Join join,
            double gap,
            @Absent Line line,
            double bow,
            @Absent Frame frame,
            double rim) {
        public Style {
            HEIGHT.check(height);
            GAP.check(gap);
            BOW.check(bow);
            RIM.check(rim);
            set = set == null ? Set.BESIDE : set;
            join = join == null ? Join.JOINED : join;
            line = line == null ? Line.STRAIGHT : line;
            frame = frame == null ? Frame.NONE : frame;
        }
    }

    /** A letter laid out: moved by x, ems, turned about its foot's middle. */
    private record Laid(Glyph glyph, double x) {
        double middle() {
            return x + glyph.advance() / 2;
        }
    }

    private Lettering() {}

    /**
     * @param capital height of a capital of the face, ems
     * @return one region, or one for each letter where they cut one another
     */
    public static List<Rings> of(List<Glyph> glyphs, double capital, Style wish) {
        long drawn = glyphs.stream().filter(g -> !g.lines().isEmpty()).count();
        if (drawn < 1 || glyphs.size() > MOST) {
            throw new Refused(
                    "text",
                    Phrase.of(
                            "{} letters to draw of {}: give 1 to {} that the face has.",
                            Quantity.count(drawn),
                            Quantity.count(glyphs.size()),
                            Quantity.count(MOST)));
        }
        double em = wish.height() / capital;
        List<Laid> laid = laid(glyphs, wish, em);
        double width = laid.get(laid.size() - 1).x()
                + laid.get(laid.size() - 1).glyph().advance();
        List<Rings> letters = new ArrayList<>();
        for (Laid letter : laid) {
            Rings rings = letter.glyph().lines().isEmpty() ? null : Regions.nonZero(placed(letter, width, em, wish));
            if (rings != null) {
                letters.add(rings);
            }
        }
        List<Rings> parts = wish.join() == Join.CUT ? cut(letters, wish.gap()) : List.of(joined(letters));
        if (wish.frame() == Frame.NONE) {
            return parts;
        }
        List<Rings> framed = new ArrayList<>();
        framed.add(frame(joined(letters), wish));
        framed.addAll(parts);
        return framed;
    }

    private static List<Laid> laid(List<Glyph> glyphs, Style wish, double em) {
        List<Laid> laid = new ArrayList<>();
        double x = 0;
        Glyph last = null;
        for (Glyph glyph : glyphs) {
            switch (wish.set()) {
                case OVER -> x = (glyphs.get(0).advance() - glyph.advance()) / 2;
                case ACROSS -> x += last == null ? 0 : last.advance() * CROSSED;
                case BESIDE -> x += last == null ? 0 : last.advance() + kerned(last, glyph) + wish.gap() / em;
            }
            laid.add(new Laid(glyph, x));
            last = glyph;
        }
        return laid;
    }

    /** How much nearer, or further, a letter stands than the face has it: by the nearest points at like heights. */
    static double kerned(Glyph left, Glyph right) {
        if (left.lines().isEmpty() || right.lines().isEmpty()) {
            return 0;
        }
        double least = Double.MAX_VALUE;
        for (int i = 0; i < BANDS; i++) {
            double low = -0.25 + 1.25 * i / BANDS;
            double high = low + 1.25 / BANDS;
            double to = reach(left, low, high, true);
            double from = reach(right, low, high, false);
            if (!Double.isNaN(to) && !Double.isNaN(from)) {
                least = Math.min(least, left.advance() - to + from);
            }
        }
        return least == Double.MAX_VALUE ? 0 : Math.max(-KERNED, Math.min(KERNED, NEAR - least));
    }

    /** How far a letter reaches to one side between two heights; not a number: it is not there. */
    private static double reach(Glyph glyph, double low, double high, boolean right) {
        double reach = Double.NaN;
        for (List<Double> line : glyph.lines()) {
            for (int i = 0; i < line.size(); i += 2) {
                int j = (i + 2) % line.size();
                double from = Math.max(Math.min(line.get(i + 1), line.get(j + 1)), low);
                double to = Math.min(Math.max(line.get(i + 1), line.get(j + 1)), high);
                if (from > to) {
                    continue;
                }
                for (double z : new double[] {from, to}) {
                    double dz = line.get(j + 1) - line.get(i + 1);
                    double t = dz == 0 ? 0 : (z - line.get(i + 1)) / dz;
                    double x = line.get(i) + t * (line.get(j) - line.get(i));
                    reach = Double.isNaN(reach) || (right ? x > reach : x < reach) ? x : reach;
                }
            }
        }
        return reach;
    }

    private static List<List<Double>> placed(Laid letter, double width, double em, Style wish) {
        double whole = width * em;
        double at = letter.middle() * em - whole / 2;
        double bow = wish.line() == Line.STRAIGHT ? 0 : wish.line() == Line.ARCH ? wish.bow() : -wish.bow();
        double up = 0;
        double turn = 0;
        double side = at;
        if (bow != 0 && whole > 0) {
            // A round through both ends and the middle; letters keep their distances along it.
            double half = whole / 2;
            double radius = (half * half + bow * bow) / (2 * Math.abs(bow));
            double angle = at / radius;
            side = radius * Elementary.sin(angle);
            up = Math.signum(bow) * (radius * Elementary.cos(angle) - radius + Math.abs(bow));
            turn = -Math.signum(bow) * angle;
        }
        double cos = Elementary.cos(turn);
        double sin = Elementary.sin(turn);
        List<List<Double>> lines = new ArrayList<>();
        for (List<Double> line : letter.glyph().lines()) {
            List<Double> there = new ArrayList<>(line.size());
            for (int i = 0; i < line.size(); i += 2) {
                double x = (line.get(i) - letter.glyph().advance() / 2) * em;
                double z = line.get(i + 1) * em;
                there.add(side + x * cos - z * sin);
                there.add(up + x * sin + z * cos);
            }
            lines.add(there);
        }
        return lines;
    }

    private static Rings joined(List<Rings> letters) {
        Rings sum = letters.get(0);
        for (Rings letter : letters.subList(1, letters.size())) {
            sum = Regions.union(sum, letter);
        }
        return sum;
    }

    /** Each letter lies over the one before it, which is cut back by the gap. */
    private static List<Rings> cut(List<Rings> letters, double gap) {
        List<Rings> parts = new ArrayList<>();
        Rings over = null;
        for (int i = letters.size() - 1; i >= 0; i--) {
            Rings letter = letters.get(i);
            Rings left = over == null ? letter : Regions.difference(letter, over);
            if (left != null) {
                parts.add(0, left);
            }
            Rings wider = gap > 0 ? Regions.offset(letter, gap) : letter;
            over = over == null ? wider : Regions.union(over, wider);
        }
        return parts;
    }

    private static Rings frame(Rings letters, Style wish) {
        List<Double> box = letters.box();
        double x = (box.get(0) + box.get(2)) / 2;
        double z = (box.get(1) + box.get(3)) / 2;
        double room = FRAME_ROOM * wish.height();
        double wide = (box.get(2) - box.get(0)) / 2;
        double high = (box.get(3) - box.get(1)) / 2;
        double reach = switch (wish.frame()) {
            case SQUARE -> Math.max(wide, high) + room;
            case DIAMOND -> wide + high + room;
            default -> Elementary.hypot(wide, high) + room / 2;
        };
        int corners = wish.frame() == Frame.RING ? 128 : 4;
        double turned = wish.frame() == Frame.SQUARE ? Math.PI / 4 : 0;
        double out = wish.frame() == Frame.SQUARE ? Math.sqrt(2) : 1;
        Rings outer = Rings.of(polygon(x, z, (reach + wish.rim()) * out, corners, turned));
        return Regions.difference(outer, Rings.of(polygon(x, z, reach * out, corners, turned)));
    }

    private static List<Double> polygon(double x, double z, double radius, int corners, double turned) {
        List<Double> line = new ArrayList<>();
        for (int i = 0; i < corners; i++) {
            double t = turned + 2 * Math.PI * i / corners;
            line.add(x + radius * Elementary.cos(t));
            line.add(z + radius * Elementary.sin(t));
        }
        return line;
    }
}
