package sectorum.handover;

import java.util.ArrayList;
import java.util.List;
import sectorum.ahead.AheadCatalogue;
import sectorum.ahead.Face;
import sectorum.ahead.MadeAhead;
import sectorum.build.Build;
import sectorum.build.Seating;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.measure.Absent;
import sectorum.measure.Elementary;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.outline.Outline;
import sectorum.outline.Spot;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.surface.LevelSurface;
import sectorum.technique.Layout;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/** The whole cake as it is seen from above, the front below, to scale: what lies level, and what stands on it. */
public final class AboveView {
    private static final double MARGIN = 20;
    /** As near as points of an outline are drawn, mm. */
    private static final double FINE = 0.5;

    private static final int MOST_DRAWN = 1500;

    private final Plan plan;
    private final StackWorkup worked;
    private final Build build;
    private final double half;
    private final Drawing.Maker maker = new Drawing.Maker();

    /** The only dressing drawn, as tier/dressing; absent: all there is. */
    @Absent
    private String only;

    private AboveView(Plan plan, StackWorkup worked, Build build) {
        this.plan = plan;
        this.worked = worked;
        this.build = build;
        double reach = 0;
        double x = 0;
        double y = 0;
        for (int i = 0; i < plan.tiers().size(); i++) {
            x += build.tiers().get(i).shift().x();
            y += build.tiers().get(i).shift().y();
            Outline outline = plan.tiers().get(i).side().outline();
            for (double s : outline.stops(FINE)) {
                Spot spot = outline.at(s);
                reach = Math.max(reach, Math.max(Math.abs(x + spot.x()), Math.abs(y + spot.y())));
            }
        }
        double board = plan.made().base() == null ? 0 : plan.made().base().across() / 2;
        this.half = Math.max(reach, board) + MARGIN;
    }

    /** Plan and workup are of one another. */
    public static Drawing of(Plan plan, StackWorkup worked, Build build) {
        return new AboveView(plan, worked, build).drawn();
    }

    /** One dressing of one tier alone. */
    static Drawing of(Plan plan, StackWorkup worked, Build build, String tier, String dressing) {
        AboveView view = new AboveView(plan, worked, build);
        view.only = tier + "/" + dressing;
        return view.drawn();
    }

    private Drawing drawn() {
        if (plan.made().base() != null) {
            path(Ink.Pen.GUIDE, circle(plan.made().base().across() / 2));
        }
        double x = 0;
        double y = 0;
        for (int i = 0; i < plan.tiers().size(); i++) {
            x += build.tiers().get(i).shift().x();
            y += build.tiers().get(i).shift().y();
            outline(plan.tiers().get(i).side().edge(), x, y);
            for (TierWorkup.Worn worn : worked.tiers().get(i).dressings()) {
                if (only == null || only.equals(plan.tiers().get(i).id() + "/" + worn.id())) {
                    level(worn.layout(), x, y);
                }
            }
        }
        Seating seats = new Seating(plan);
        if (only == null) {
            plan.pieces().forEach(p -> piece(seats, p));
        }
        return maker.made(
                "above",
                Phrase.of("From above, the front below; {} wide", Quantity.length(2 * (half - MARGIN))),
                2 * half,
                2 * half);
    }

    private List<Double> circle(double radius) {
        List<Double> xy = new ArrayList<>();
        for (int i = 0; i <= 72; i++) {
            xy.add(radius * Elementary.cos(2 * Math.PI * i / 72));
            xy.add(radius * Elementary.sin(2 * Math.PI * i / 72));
        }
        return xy;
    }

    /** The front is down the page. */
    private void path(Ink.Pen pen, List<Double> xy) {
        List<Double> page = new ArrayList<>();
        for (int i = 0; i < xy.size(); i += 2) {
            page.add(half + xy.get(i));
            page.add(half - xy.get(i + 1));
        }
        if (page.size() >= 4) {
            maker.path(pen, page);
        }
    }

    private void outline(Outline outline, double x, double y) {
        List<Double> xy = new ArrayList<>();
        for (double s : outline.stops(FINE)) {
            Spot spot = outline.at(s);
            xy.add(x + spot.x());
            xy.add(y + spot.y());
        }
        xy.add(xy.get(0));
        xy.add(xy.get(1));
        path(Ink.Pen.CUT, xy);
    }

    private void level(Layout layout, double x, double y) {
        boolean lines = layout.pieces() == 0;
        int step = 1 + layout.inPlane().size() / MOST_DRAWN;
        for (int i = 0; i < layout.inPlane().size(); i += step) {
            Layout.Placement placed = layout.placements().get(i);
            Layout.Shape shape = layout.shapes().get(placed.shape());
            if (shape.role() == Layout.Role.PIECE || (lines && shape.role() == Layout.Role.GUIDE)) {
                LevelSurface.InPlane at = layout.inPlane().get(i);
                double cos = placed.size() * Elementary.cos(at.angle());
                double sin = placed.size() * Elementary.sin(at.angle());
                List<Double> xy = new ArrayList<>();
                List<Double> xz = shape.xz();
                int points = xz.size() / 2 + (shape.closed() ? 1 : 0);
                for (int k = 0; k < points; k++) {
                    double a = xz.get(2 * k % xz.size());
                    double b = xz.get((2 * k + 1) % xz.size());
                    xy.add(x + at.x() + a * cos - b * sin);
                    xy.add(y + at.y() + a * sin + b * cos);
                }
                path(Ink.Pen.MARK, xy);
            }
        }
    }

    private void piece(Seating seats, OwnPiece piece) {
        MadeAhead made = AheadCatalogue.make(plan, piece);
        for (Seating.Place place : seats.of(piece, made.planted())) {
            double x = 0;
            double y = 0;
            for (int i = 0; i < plan.tiers().size(); i++) {
                x += build.tiers().get(i).shift().x();
                y += build.tiers().get(i).shift().y();
                if (plan.tiers().get(i).id().equals(place.tier())) {
                    break;
                }
            }
            double cos = Elementary.cos(place.angle());
            double sin = Elementary.sin(place.angle());
            for (Face face : made.look()) {
                List<Double> xy = new ArrayList<>();
                List<Double> xyz = face.xyz();
                for (int i = 0; i <= xyz.size(); i += 3) {
                    int k = i % xyz.size();
                    xy.add(x + place.x() + xyz.get(k) * cos - xyz.get(k + 1) * sin);
                    xy.add(y + place.y() + xyz.get(k) * sin + xyz.get(k + 1) * cos);
                }
                path(Ink.Pen.MARK, xy);
            }
        }
    }
}
