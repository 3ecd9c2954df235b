package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import sectorum.bench.Bases;
import sectorum.bench.Hand;
import sectorum.divide.Division;
import sectorum.drawing.Drawings;
import sectorum.finding.Finding;
import sectorum.measure.Absent;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.surface.LevelSurface;
import sectorum.surface.Surface;

/**
 * All that follows from a technique in its place.
 *
 * @param drawings its templates
 * @param look how what it goes over looks; absent: it finishes nothing
 * @param bases what its estimates rest on
 */
public record Dressed(
        Layout layout,
        List<Figure> figures,
        List<Handle> handles,
        List<Finding> findings,
        Drawings drawings,
        Making making,
        @Absent FinishLook look,
        Bases bases) {
    public Dressed {
        figures = List.copyOf(figures);
        handles = List.copyOf(handles);
        findings = List.copyOf(findings);
    }

    /**
     * A technique in its place for the hand that works: a left hand works, and cycles colours, the other way round, so it
     * gets what a right hand would get on the mirrored side, mirrored back.
     */
    public static Dressed of(Technique technique, Values settings, DressingContext place) {
        Pace pace = new Pace(place.bench().rates(), technique.id());
        Dressed paced = pace.of(right(technique, settings, place));
        return paced.on(place.surface()).resting(pace.bases(paced.making()));
    }

    /** As the plain tables have it. */
    public Dressed(
            Layout layout,
            List<Figure> figures,
            List<Handle> handles,
            List<Finding> findings,
            Drawings drawings,
            Making making,
            @Absent FinishLook look) {
        this(layout, figures, handles, findings, drawings, making, look, Bases.PLAIN);
    }

    /** The same made otherwise, with what that changes of its figures. */
    Dressed made(Making other, List<Figure> told) {
        return new Dressed(layout, told, handles, findings, drawings, other, look, bases);
    }

    private Dressed resting(Bases on) {
        return new Dressed(layout, figures, handles, findings, drawings, making, look, on);
    }

    private static Dressed right(Technique technique, Values settings, DressingContext place) {
        if (place.bench().hand() == Hand.RIGHT || !technique.isHanded()) {
            return technique.dress(settings, place);
        }
        Dressed other = technique.dress(settings, place.mirrored());
        return new Dressed(
                other.layout().mirrored(place.division().around()),
                other.figures(),
                other.handles().stream().map(h -> mirrored(h, place.division())).toList(),
                other.findings(),
                other.drawings(),
                other.making(),
                other.look());
    }

    /** With where things lie in the plane, where the surface is level. */
    private Dressed on(Surface surface) {
        if (!(surface instanceof LevelSurface level)) {
            return this;
        }
        return new Dressed(
                layout.on(level),
                figures,
                handles.stream().map(h -> h.on(level)).toList(),
                findings,
                drawings,
                making,
                look);
    }

    private static Handle.Grip mirrored(Handle.Grip grip, Division division) {
        return new Handle.Grip(Along.of(grip.s(), division.around()).mirrored().s(), grip.z());
    }

    /** Grips come in the order of the sections, so each goes to the section that now lies under it. */
    private static Handle mirrored(Handle handle, Division division) {
        List<Handle.Grip> sorted = new ArrayList<>();
        boolean every = handle.grips().size() > 1 && handle.grips().size() >= division.count();
        for (int k = handle.grips().size() - 1; !every && k >= 0; k--) {
            sorted.add(mirrored(handle.grips().get(k), division));
        }
        for (int k = 0; every && k < division.count(); k++) {
            Along middle = division.middle(k);
            handle.grips().stream()
                    .map(g -> mirrored(g, division))
                    .min(java.util.Comparator.comparingDouble(
                            g -> Along.of(g.s(), division.around()).distance(middle)))
                    .ifPresent(sorted::add);
        }
        double perMm = handle.way() == Handle.Way.ALONG ? -handle.perMm() : handle.perMm();
        return new Handle(handle.field(), handle.label(), handle.way(), perMm, handle.least(), handle.most(), sorted);
    }
}
