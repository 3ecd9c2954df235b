package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import sectorum.bench.Bases;
import sectorum.divide.Compare;
import sectorum.divide.Gauge;
import sectorum.divide.Ladder;
import sectorum.drawing.Drawings;
import sectorum.finding.Finding;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Quantity;
import sectorum.surface.Known;
import sectorum.surface.Stretch;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;
import sectorum.technique.Figure;
import sectorum.technique.FinishLook;
import sectorum.technique.Handle;
import sectorum.technique.Layout;
import sectorum.technique.Making;

/** All that follows for one tier. Lengths in mm, s from the back seam on the foot's circumference. */
public record TierWorkup(
        String id,
        Form form,
        List<Divided> divisions,
        List<Worn> dressings,
        List<Strip> borders,
        List<Finding> findings,
        List<Changed> changed) {

    /** What of it can be seen: no figures, findings or handles. */
    TierWorkup seen() {
        List<Worn> looks = dressings.stream()
                .map(w -> new Worn(
                        w.id,
                        w.technique,
                        w.name,
                        w.surface,
                        w.zone,
                        w.stretch,
                        List.of(),
                        w.layout,
                        List.of(),
                        List.of(),
                        List.of(),
                        w.drawings,
                        w.making.unseen(),
                        w.finish,
                        Bases.PLAIN))
                .toList();
        return new TierWorkup(id, form, List.of(), looks, List.of(), List.of(), List.of());
    }

    /** A strip of the side that is spoken for. */
    public record Strip(String id, String name, Zone zone, boolean covers) {}

    /**
     * What a new reading changed: before, when readings were last accepted, and now.
     *
     * @param group what it belongs to: the side, a division, a dressing
     */
    public record Changed(String group, String label, Quantity before, Quantity after) {}

    /**
     * The tier as a body, for whoever draws it.
     *
     * @param outline places along the foot, straight between them to 0.05 mm
     * @param hole the same for a ring's hole, otherwise empty
     * @param width of the outline's box across, seen from the front
     * @param depth of the outline's box, front to back
     * @param across diameter of a round with this circumference
     * @param surfaces that can be seen and dressed, the side first
     */
    public record Form(
            Known foot,
            Known top,
            Known height,
            double taper,
            List<Double> heights,
            List<OutlinePoint> outline,
            List<OutlinePoint> hole,
            List<Double> corners,
            double width,
            double depth,
            double across,
            List<Seen> surfaces) {}

    /**
     * A surface that can be seen.
     *
     * @param from what z is measured from, as words after a length
     * @param edge what lies at z 0
     * @param end what lies at the most z
     * @param around length of its edge, mm
     * @param depth the most z there is all round, mm
     * @param up of a level one above the tier's foot, mm
     * @param rim places along a level one's edge with the s that they have on the side's foot; none for the side
     * @param hidden the line round what stands on it or is cut out of it
     */
    public record Seen(
            SurfaceKind kind,
            String name,
            String from,
            String edge,
            String end,
            double around,
            double depth,
            double up,
            List<OutlinePoint> rim,
            List<OutlinePoint> hidden) {}

    /** A place along an outline and where it is, x to the right, y away from the front. */
    public record OutlinePoint(double s, double x, double y) {}

    /**
     * A division worked out.
     *
     * @param count the count in force; another than asked only when that one cannot close
     * @param asked the count in the plan
     * @param gap between pieces, where pieces are set one a section
     * @param ways how to mark it: a gauge of card, soft and stiff, where one size serves
     */
    public record Divided(
            String id,
            int count,
            int asked,
            boolean markInFront,
            int frontSection,
            List<Mark> marks,
            List<Section> sections,
            List<Double> sizes,
            List<Gauge> ways,
            Compare unevenness,
            double worst,
            boolean cornered,
            @Absent Double gap,
            Ladder ladder,
            List<Finding> findings) {}

    /**
     * One mark.
     *
     * @param s exact
     * @param tape as read on the tape from the back seam
     * @param fromFirst as read on the tape with its zero at the first mark
     * @param shared whether another division of the tier has a mark there, too
     */
    public record Mark(
            int number, double s, double tape, double fromFirst, boolean corner, boolean locked, boolean shared) {}

    /** One section: its arc, and the chord where it has one. */
    public record Section(int number, double arc, @Absent Double chord) {}

    /**
     * What a finish does to the pieces it goes over.
     *
     * @param on the dressings that it goes over, with those of their colours that are meant; none: all of them
     */
    public record Finish(FinishLook look, List<Finished> on) {}

    /** One of them. */
    public record Finished(String dressing, List<Integer> colours) {}

    /**
     * A dressing worked out.
     *
     * @param finish absent: it finishes nothing
     * @param bases what its estimates rest on
     */
    public record Worn(
            String id,
            String technique,
            String name,
            SurfaceKind surface,
            Zone zone,
            @Absent Stretch stretch,
            List<Field> fields,
            Layout layout,
            List<Figure> figures,
            List<Handle> handles,
            List<Finding> findings,
            Drawings drawings,
            Making making,
            @Absent Finish finish,
            Bases bases) {
        /** The same with one figure more. */
        Worn with(Figure more) {
            List<Figure> all = new ArrayList<>(figures);
            all.add(more);
            return new Worn(
                    id, technique, name, surface, zone, stretch, fields, layout, all, handles, findings, drawings,
                    making, finish, bases);
        }

        /** The same made in other steps. */
        Worn in(List<Making.Step> steps) {
            return made(making.in(steps));
        }

        /** The same made so. */
        Worn made(Making other) {
            return new Worn(
                    id, technique, name, surface, zone, stretch, fields, layout, figures, handles, findings, drawings,
                    other, finish, bases);
        }
    }
}
