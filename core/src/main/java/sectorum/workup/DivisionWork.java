package sectorum.workup;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import sectorum.divide.Compare;
import sectorum.divide.Demand;
import sectorum.divide.Division;
import sectorum.divide.Gauge;
import sectorum.divide.Ladder;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Tape;
import sectorum.outline.Along;
import sectorum.outline.Outline;
import sectorum.plan.DivisionSpec;
import sectorum.side.Side;

/** Works up one division, and finds the nearest one that closes where the plan's own cannot. */
final class DivisionWork {
    private DivisionWork() {}

    /** The division asked for, or the nearest count that closes, without the marks moved by hand if they no longer fit. */
    static Division closing(DivisionSpec spec, Outline outline) {
        for (int away = 0; away < 500; away++) {
            for (int n : new int[] {spec.count() - away, spec.count() + away}) {
                if (n < 1 || n > 500) {
                    continue;
                }
                Division found = tried(spec, n, away == 0 ? spec.locks() : Map.of(), outline);
                if (found == null && away == 0) {
                    found = tried(spec, n, Map.of(), outline);
                }
                if (found != null) {
                    return found;
                }
            }
        }
        throw new IllegalStateException("No count from 1 to 500 closes on " + outline.perimeter() + " mm");
    }

    @Absent
    private static Division tried(DivisionSpec spec, int n, Map<Integer, Double> locks, Outline outline) {
        try {
            return Division.of(outline, n, spec.front(), locks, spec.corners());
        } catch (Refused refused) {
            return null;
        }
    }

    static TierWorkup.Divided of(DivisionSpec spec, Side side, Tape tape) {
        Outline outline = side.outline();
        Division division = closing(spec, outline);
        List<Finding> findings = findings(spec, outline, division);
        double p = division.around();
        double wanted = spec.wanted() == null
                ? Math.max(Ladder.WANTED.min(), Math.min(Ladder.WANTED.max(), p / division.count()))
                : spec.wanted();
        Ladder ladder = Ladder.of(outline, wanted, spec.liked(), Demand.NONE, spec.corners(), tape);
        boolean even = division.isEven();
        List<Gauge> ways = new ArrayList<>();
        if (even) {
            ways.add(Gauge.soft(p, division.count(), tape));
            if (division.count() > 1 && outline.corners().isEmpty() && isRound(outline)) {
                ways.add(Gauge.stiff(p, division.count(), tape));
            }
        }
        List<Double> sizes = division.sizes();
        double worst = Compare.share(sizes.get(0), sizes.get(sizes.size() - 1));
        return new TierWorkup.Divided(
                spec.id(),
                division.count(),
                spec.count(),
                division.markInFront(),
                division.frontSection(),
                marks(spec, division, outline, tape),
                sections(division),
                sizes,
                ways,
                Compare.of(sizes.get(0), sizes.get(sizes.size() - 1)),
                worst,
                spec.corners() && outline.cornersRule(),
                ladder,
                findings);
    }

    private static boolean isRound(Outline outline) {
        return Math.abs(outline.at(0).curvature() * outline.perimeter() - 2 * Math.PI) < 1e-9
                && Math.abs(outline.at(outline.perimeter() / 8).curvature()
                                - outline.at(0).curvature())
                        < 1e-12;
    }

    private static List<TierWorkup.Mark> marks(DivisionSpec spec, Division division, Outline outline, Tape tape) {
        double p = division.around();
        double first = division.mark(0).s();
        List<TierWorkup.Mark> marks = new ArrayList<>();
        for (int k = 0; k < division.count(); k++) {
            Along mark = division.mark(k);
            boolean corner =
                    outline.corners().stream().anyMatch(c -> Along.of(c, p).distance(mark) < 1e-6);
            marks.add(new TierWorkup.Mark(
                    k + 1,
                    mark.s(),
                    tape.read(mark.s()),
                    tape.read(mark.s() - first),
                    corner,
                    spec.locks().containsKey(k)));
        }
        return marks;
    }

    private static List<TierWorkup.Section> sections(Division division) {
        List<TierWorkup.Section> sections = new ArrayList<>();
        for (int k = 0; k < division.count(); k++) {
            sections.add(new TierWorkup.Section(
                    k + 1, division.section(k), division.count() > 1 ? division.chord(k) : null));
        }
        return sections;
    }

    private static List<Finding> findings(DivisionSpec spec, Outline outline, Division division) {
        List<Finding> findings = new ArrayList<>();
        try {
            Division.of(outline, spec.count(), spec.front(), spec.locks(), spec.corners());
        } catch (Refused refused) {
            boolean locks = "locked".equals(refused.field());
            findings.add(new Finding(
                    locks ? "divide.locked" : "divide.count",
                    Level.STOP,
                    refused.phrase(),
                    List.of(
                            locks
                                    ? TierWork.divisionMend(
                                            "Free the {} marks moved by hand",
                                            spec.locked().size(),
                                            Map.of("locked", List.of()))
                                    : TierWork.divisionMend(
                                            "Take {} sections", division.count(), Map.of("count", division.count())))));
        }
        double least = division.sizes().get(division.sizes().size() - 1);
        double most = division.sizes().get(0);
        if (Compare.of(most, least) != Compare.UNNOTICED) {
            findings.add(new Finding(
                    "divide.uneven",
                    Compare.of(most, least) == Compare.SHOWS ? Level.NOTE : Level.LOOK,
                    Phrase.of(
                            "Sections of {} stand beside sections of {}: {} apart, which "
                                    + Compare.of(most, least).words() + ".",
                            Quantity.length(most),
                            Quantity.length(least),
                            Quantity.share(Compare.share(most, least))),
                    spec.locked().isEmpty()
                            ? List.of()
                            : List.of(TierWork.divisionMend(
                                    "Free the {} marks moved by hand",
                                    spec.locked().size(),
                                    Map.of("locked", List.of())))));
        }
        return findings;
    }
}
