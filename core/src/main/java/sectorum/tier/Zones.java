package sectorum.tier;

import java.util.ArrayList;
import java.util.List;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Mend;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Rounding;
import sectorum.plan.Border;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;
import sectorum.technique.Catalogue;

/** Who claims which strips of a surface (craft 2.6); borders are on the side. */
final class Zones {
    /** A strip lower than this is a line, and lines may cross. */
    private static final double LEAST_SHARED_MM = 0.5;

    private final Tier tier;
    private final Surface surface;
    private final List<Border> borders;

    Zones(Tier tier, Surface surface) {
        this.tier = tier;
        this.surface = surface;
        this.borders = surface.kind() == SurfaceKind.SIDE ? tier.borders() : List.of();
    }

    /** Where a border is; its lowest centimetre where its edges cross on this side. */
    Zone of(Border border) {
        try {
            return border.zone().on(surface);
        } catch (Refused crossed) {
            return new Zone(0, Math.min(10, surface.depth()));
        }
    }

    /** What a zone keeps when the borders at foot and top have taken theirs; all of it where nothing would be left. */
    Zone free(Zone usual) {
        double foot = usual.foot();
        double top = usual.top();
        for (Border border : borders) {
            if (border.covers()) {
                continue;
            }
            Zone taken = of(border);
            if (taken.foot() + taken.top() < surface.depth()) {
                foot = Math.max(foot, taken.top());
            } else {
                top = Math.min(top, taken.foot());
            }
        }
        return top - foot > 1 ? new Zone(foot, top) : usual;
    }

    /** Whether a covering border hides an edge that is so much out of level. */
    boolean hidesTopEdge(double spread) {
        return borders.stream()
                .map(this::of)
                .anyMatch(z -> z.top() >= surface.depth() - 0.5 && z.height() >= spread - Rounding.EPS);
    }

    List<Finding> borderFindings() {
        List<Finding> found = new ArrayList<>();
        for (int i = 0; i < borders.size(); i++) {
            Border one = borders.get(i);
            try {
                one.zone().on(surface);
            } catch (Refused crossed) {
                found.add(Rules.BORDER_CROSSED.found(crossed.phrase(), without(one)));
            }
            for (Border other : borders.subList(i + 1, borders.size())) {
                double shared = shared(of(one), of(other));
                if (shared > LEAST_SHARED_MM && !one.covers() && !other.covers()) {
                    found.add(Rules.BORDER_OVERLAP.found(
                            Phrase.of(
                                    "{} and {} both claim {} of the side.",
                                    Quantity.text(one.name()),
                                    Quantity.text(other.name()),
                                    Quantity.length(shared)),
                            covering(other)));
                }
            }
        }
        return found;
    }

    private Mend without(Border gone) {
        List<Border> left = tier.borders().stream().filter(b -> b != gone).toList();
        return new Mend(
                Phrase.of("Take {} off", Quantity.text(gone.name())),
                List.of(new Change(Change.Target.TIER, "borders", left)));
    }

    private Mend covering(Border above) {
        List<Border> changed = tier.borders().stream()
                .map(b -> b == above ? new Border(b.id(), b.name(), b.zone(), true) : b)
                .toList();
        return new Mend(
                Phrase.of("Let {} lie on it", Quantity.text(above.name())),
                List.of(new Change(Change.Target.TIER, "borders", changed)));
    }

    /** What else claims the heights of a dressing. */
    List<Finding> overlaps(Dressing dressing, Zone zone) {
        List<Finding> found = new ArrayList<>();
        if (dressing.covers()) {
            return found;
        }
        for (Border border : borders) {
            double shared = shared(zone, of(border));
            if (!border.covers() && shared > LEAST_SHARED_MM) {
                Zone rest = free(new Zone(0, surface.depth()));
                found.add(overlap(border.name(), shared, zone, List.of(zoned(rest), lying())));
            }
        }
        for (Dressing other : tier.dressings()) {
            // Told once, by the one that was put on later.
            if (other == dressing) {
                break;
            }
            if (other.aside() || other.covers() || other.on() != dressing.on() || !meet(dressing, other)) {
                continue;
            }
            Zone theirs = zoneOf(other);
            double shared = shared(zone, theirs);
            if (shared > LEAST_SHARED_MM) {
                List<Mend> mends = new ArrayList<>(List.of(lying()));
                if (theirs.foot() - zone.foot() > 1) {
                    mends.add(0, zoned(new Zone(zone.foot(), theirs.foot())));
                } else if (zone.top() - theirs.top() > 1) {
                    mends.add(0, zoned(new Zone(theirs.top(), zone.top())));
                }
                found.add(overlap(Catalogue.of(other.technique()).name(), shared, zone, mends));
            }
        }
        return found;
    }

    /** Whether both go over the same part of the way round. */
    private boolean meet(Dressing one, Dressing other) {
        return one.stretch() == null
                || other.stretch() == null
                || one.stretch().on(surface).meets(other.stretch().on(surface));
    }

    private Zone zoneOf(Dressing other) {
        try {
            return other.zone() == null
                    ? free(Catalogue.of(other.technique()).usualZone(surface))
                    : other.zone().on(surface);
        } catch (Refused crossed) {
            return free(Catalogue.of(other.technique()).usualZone(surface));
        }
    }

    private static Finding overlap(String other, double shared, Zone zone, List<Mend> mends) {
        return Rules.ZONE_OVERLAP.found(
                Phrase.of(
                        "It shares {} of its {} with {}.",
                        Quantity.length(shared),
                        Quantity.length(zone.height()),
                        Quantity.text(other)),
                mends);
    }

    private static Mend lying() {
        return new Mend(
                Phrase.of("Let it lie on top"), List.of(new Change(Change.Target.DRESSING, "covers", Boolean.TRUE)));
    }

    private static Mend zoned(Zone zone) {
        ZoneSpec spec = new ZoneSpec(
                new ZoneSpec.Height(ZoneSpec.Edge.FOOT, zone.foot()),
                new ZoneSpec.Height(ZoneSpec.Edge.FOOT, zone.top()));
        return new Mend(
                Phrase.of("Keep it from {} to {}", Quantity.length(zone.foot()), Quantity.length(zone.top())),
                List.of(new Change(Change.Target.DRESSING, "zone", spec)));
    }

    private static double shared(Zone a, Zone b) {
        return Math.min(a.top(), b.top()) - Math.max(a.foot(), b.foot());
    }
}
