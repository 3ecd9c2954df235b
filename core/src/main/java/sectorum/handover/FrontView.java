package sectorum.handover;

import java.util.ArrayList;
import java.util.List;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.Face;
import sectorum.ahead.MadeAhead;
import sectorum.build.Build;
import sectorum.build.Inserted;
import sectorum.build.Seating;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.outline.Spot;
import sectorum.plan.Layers;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.surface.Side;
import sectorum.surface.SurfaceKind;
import sectorum.technique.Layout;
import sectorum.technique.Making;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/** The whole cake as it is seen from the front, drawn flat to scale from the pieces themselves. */
public final class FrontView {
    private static final double MARGIN = 20;
    /** A dressing of more pieces is a texture on paper: every so many are drawn. */
    private static final int MOST_DRAWN = 1500;

    private final Plan plan;
    private final Seating seats;
    private final StackWorkup worked;
    private final Build build;
    private final double width;
    private final double height;

    public FrontView(Plan plan, StackWorkup worked, Build build) {
        this.plan = plan;
        this.seats = new Seating(plan);
        this.worked = worked;
        this.build = build;
        double wide =
                worked.tiers().stream().mapToDouble(t -> t.form().width()).max().orElse(100);
        double shifted =
                build.tiers().stream().mapToDouble(s -> Math.abs(s.shift().x())).reduce(0, Double::sum);
        double pieces = plan.pieces().stream()
                .mapToDouble(p -> p.seat().on() == OwnPiece.On.TOP
                        ? AheadCatalogue.make(plan, p).front().height()
                        : 0)
                .max()
                .orElse(0);
        this.width = wide + 2 * shifted + 2 * MARGIN;
        this.height = build.height() + pieces + 2 * MARGIN;
    }

    private double px(double x) {
        return width / 2 + x;
    }

    private double py(double z) {
        return height - MARGIN - z;
    }

    /** With every piece on the front. */
    public Drawing pieces() {
        Drawing.Maker maker = new Drawing.Maker();
        eachTier((tier, w, x, z) -> {
            w.dressings().forEach(worn -> dressing(maker, tier, worn, x, z));
            silhouette(maker, w, x, z, Ink.Pen.CUT);
        });
        plan.pieces().forEach(p -> own(maker, p));
        return maker.made(
                "front", Phrase.of("From the front, {} high", Quantity.length(build.height())), width, height);
    }

    /** One dressing on its tier, the others as outlines. */
    Drawing dressed(String tierId, String dressing) {
        Drawing.Maker maker = new Drawing.Maker();
        eachTier((tier, w, x, z) -> {
            boolean meant = tier.id().equals(tierId);
            if (meant) {
                w.dressings().stream()
                        .filter(worn -> worn.id().equals(dressing))
                        .forEach(worn -> dressing(maker, tier, worn, x, z));
            }
            silhouette(maker, w, x, z, meant ? Ink.Pen.CUT : Ink.Pen.GUIDE);
        });
        String name = plan.tier(tierId).name();
        return maker.made("step", Phrase.of("{}", Quantity.text("On " + name)), width, height);
    }

    /** One tier among the others, with the marks of its first division along its foot, and its layers. */
    Drawing bare(String tierId) {
        Drawing.Maker maker = new Drawing.Maker();
        eachTier((tier, w, x, z) -> {
            boolean meant = tier.id().equals(tierId);
            silhouette(maker, w, x, z, meant ? Ink.Pen.CUT : Ink.Pen.GUIDE);
            if (meant) {
                layers(maker, tier, w, x, z);
                for (TierWorkup.Mark mark : w.divisions().get(0).marks()) {
                    Spot spot = tier.side().outline().at(mark.s());
                    if (spot.ny() <= 0.05) {
                        maker.line(
                                Ink.Pen.MARK,
                                px(x + spot.x()),
                                py(z),
                                px(x + spot.x()),
                                py(z + w.form().height().mm() / 6));
                    }
                }
            }
        });
        return maker.made(
                "step", Phrase.of("{}", Quantity.text(plan.tier(tierId).name())), width, height);
    }

    private void layers(Drawing.Maker maker, Tier tier, TierWorkup w, double x, double z) {
        if (tier.dummy()) {
            return;
        }
        Layers layers = tier.built();
        double half = w.form().width() / 2;
        for (int i = 1; i < layers.count(); i++) {
            double foot = i * layers.each() + (i - 1) * layers.filling();
            for (double up : List.of(foot, foot + layers.filling())) {
                if (up < w.form().height().mm()) {
                    maker.line(Ink.Pen.GUIDE, px(x - half), py(z + up), px(x + half), py(z + up));
                }
            }
        }
    }

    /** A piece made ahead from its front, alone. */
    Drawing alone(OwnPiece piece, MadeAhead made) {
        Drawing.Maker maker = new Drawing.Maker();
        double wide = Math.max(10, made.front().width()) + 2 * MARGIN;
        double high = Math.max(10, made.front().height()) + 2 * MARGIN;
        for (Face face : made.look()) {
            List<Double> line = new ArrayList<>();
            List<Double> xyz = face.xyz();
            for (int i = 0; i <= xyz.size(); i += 3) {
                int k = i % xyz.size();
                line.add(wide / 2 + xyz.get(k));
                line.add(high - MARGIN - xyz.get(k + 2));
            }
            if (!face.solid() || isTurnedHere(line)) {
                maker.path(Ink.Pen.CUT, line);
            }
        }
        return maker.made("step", Phrase.of("{}", Quantity.text(piece.name())), wide, high);
    }

    /** Tiers as outlines, with everything that is stuck into them. */
    Drawing stuck() {
        Drawing.Maker maker = new Drawing.Maker();
        eachTier((tier, w, x, z) -> silhouette(maker, w, x, z, Ink.Pen.GUIDE));
        for (Inserted s : build.stuck()) {
            double half = s.across() / 2;
            boolean upright = Math.abs(s.z1() - s.z0()) > 1;
            double dx = upright ? half : 0;
            double dz = upright ? 0 : half;
            maker.path(
                    Ink.Pen.MARK,
                    List.of(
                            px(s.x0() - dx),
                            py(s.z0() - dz),
                            px(s.x1() - dx),
                            py(s.z1() - dz),
                            px(s.x1() + dx),
                            py(s.z1() + dz),
                            px(s.x0() + dx),
                            py(s.z0() + dz),
                            px(s.x0() - dx),
                            py(s.z0() - dz)));
        }
        return maker.made(
                "stuck-in",
                Phrase.of(
                        "Everything stuck in: {}", Quantity.count(build.stuck().size())),
                width,
                height);
    }

    private interface Visit {
        void at(Tier tier, TierWorkup worked, double x, double z);
    }

    private void eachTier(Visit visit) {
        double x = 0;
        double z = 0;
        for (int i = 0; i < plan.tiers().size(); i++) {
            Build.Standing s = build.tiers().get(i);
            x += s.shift().x();
            visit.at(plan.tiers().get(i), worked.tiers().get(i), x, z);
            z += s.length() + plan.stands().thick();
        }
    }

    private void silhouette(Drawing.Maker maker, TierWorkup w, double x, double z, Ink.Pen pen) {
        double foot = w.form().width() / 2;
        double top = foot * w.form().top().mm() / w.form().foot().mm();
        double up = z + w.form().height().mm();
        maker.path(
                pen,
                List.of(
                        px(x - foot),
                        py(z),
                        px(x - top),
                        py(up),
                        px(x + top),
                        py(up),
                        px(x + foot),
                        py(z),
                        px(x - foot),
                        py(z)));
    }

    private void dressing(Drawing.Maker maker, Tier tier, TierWorkup.Worn worn, double x, double z) {
        if (worn.surface() != SurfaceKind.SIDE) {
            // What lies level is seen edge on from here.
            return;
        }
        Layout layout = worn.layout();
        // Pressed lines are the pattern; lines that pieces follow are covered by them.
        boolean lines = layout.pieces() == 0 || worn.making().steps().stream().anyMatch(Making.Step::soft);
        Side side = tier.side();
        int step = 1 + layout.placements().size() / MOST_DRAWN;
        for (int i = 0; i < layout.placements().size(); i += step) {
            Layout.Placement p = layout.placements().get(i);
            Layout.Shape shape = layout.shapes().get(p.shape());
            if (shape.role() != Layout.Role.GUIDE || lines) {
                drawn(maker, side, shape, p, x, z);
            }
        }
    }

    private void drawn(Drawing.Maker maker, Side side, Layout.Shape shape, Layout.Placement p, double x, double z) {
        List<Double> line = new ArrayList<>();
        List<Double> xz = shape.xz();
        int points = xz.size() / 2 + (shape.closed() ? 1 : 0);
        for (int k = 0; k < points; k++) {
            double a = xz.get(2 * k % xz.size());
            double b = xz.get((2 * k + 1) % xz.size());
            double up = p.above(a, b);
            Spot spot = side.outline().at(p.along(a, b, side));
            if (spot.ny() > 0.05) {
                // It goes round to the back, where nobody sees it from here.
                add(maker, line);
                line = new ArrayList<>();
                continue;
            }
            double narrowing = side.narrowing(Math.max(0, up));
            line.add(px(x + spot.x() * narrowing));
            line.add(py(z + up));
        }
        add(maker, line);
    }

    private static void add(Drawing.Maker maker, List<Double> line) {
        if (line.size() >= 4) {
            maker.path(Ink.Pen.MARK, line);
        }
    }

    /** Its faces as they are seen from the front, each in its place; those behind the cake's middle are hidden by it. */
    private void own(Drawing.Maker maker, OwnPiece piece) {
        MadeAhead made = AheadCatalogue.make(plan, piece);
        boolean side = piece.seat().on() == OwnPiece.On.SIDE;
        for (Seating.Place place : seats.of(piece, made.planted())) {
            boolean behind = place.y() > 0 && (place.on() == OwnPiece.On.LEDGE || place.on() == OwnPiece.On.BOARD);
            if ((side && Elementary.cos(place.angle()) < 0) || behind) {
                continue;
            }
            eachTier((tier, w, x, z) -> {
                if (!place.tier().equals(tier.id())) {
                    return;
                }
                double cos = Elementary.cos(place.angle());
                double sin = Elementary.sin(place.angle());
                for (Face face : made.look()) {
                    List<Double> line = new ArrayList<>();
                    List<Double> xyz = face.xyz();
                    for (int i = 0; i <= xyz.size(); i += 3) {
                        int k = i % xyz.size();
                        double right = xyz.get(k) * cos - xyz.get(k + 1) * sin;
                        line.add(px(x + place.x() + right));
                        line.add(py(z + place.up() + xyz.get(k + 2)));
                    }
                    if (!face.solid() || isTurnedHere(line)) {
                        maker.path(Ink.Pen.CUT, line);
                    }
                }
            });
        }
    }

    /** Whether the skin of something closed faces whoever looks: down the page its corners run clockwise then. */
    private static boolean isTurnedHere(List<Double> xy) {
        double twice = 0;
        for (int i = 0; i + 3 < xy.size(); i += 2) {
            twice += xy.get(i) * xy.get(i + 3) - xy.get(i + 2) * xy.get(i + 1);
        }
        return twice < 0;
    }
}
