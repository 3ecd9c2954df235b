package sectorum.tier;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import sectorum.divide.Compare;
import sectorum.divide.Demand;
import sectorum.divide.Division;
import sectorum.divide.Gauge;
import sectorum.divide.Ladder;
import sectorum.divide.Way;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Tape;
import sectorum.outline.Along;
import sectorum.outline.Outline;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Tier;
import sectorum.technique.Catalogue;

/** Works up one division, and finds the nearest one that closes where the plan's own cannot. */
public final class DivisionWork {
    private static final double SAME_MARK_MM = 0.01;

    private DivisionWork() {}

    /** The division asked for, or the nearest count that closes, without the marks moved by hand if they no longer fit. */
    public static Division closing(DivisionSpec spec, Tier tier, Outline outline) {
        Division followed = followed(spec, tier, outline);
        if (followed != null) {
            return followed;
        }
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

    /** The marks of another division used again, or null where this one stands alone or the other cannot give them. */
    @Absent
    private static Division followed(DivisionSpec spec, Tier tier, Outline outline) {
        DivisionSpec.Follow follow = spec.follows();
        if (follow == null) {
            return null;
        }
        return tier.divisions().stream()
                .filter(d -> d.id().equals(follow.division()) && d.follows() == null)
                .findFirst()
                .map(base -> {
                    try {
                        return closing(base, tier, outline).split(follow.into()).every(follow.every());
                    } catch (Refused refused) {
                        return null;
                    }
                })
                .orElse(null);
    }

    @Absent
    private static Division tried(DivisionSpec spec, int n, Map<Integer, Double> locks, Outline outline) {
        try {
            return Division.of(outline, n, spec.front(), locks, spec.corners());
        } catch (Refused refused) {
            return null;
        }
    }

    static TierWorkup.Divided of(DivisionSpec spec, Tier tier, Outline outline, Tape tape) {
        Division division = closing(spec, tier, outline);
        double p = division.around();
        double wanted = wanted(spec, p / division.count());
        Demand demand = demand(spec, tier);
        Ladder ladder = Ladder.of(outline, wanted, spec.items(), spec.liked(), demand, spec.corners(), tape);
        boolean even = division.isEven();
        List<Gauge> ways = new ArrayList<>();
        if (even) {
            ways.add(Gauge.soft(p, division.count(), tape));
            if (division.count() > 1 && isRound(outline)) {
                ways.add(Gauge.stiff(p, division.count(), tape));
            }
        }
        List<Double> sizes = division.sizes();
        double odd = odd(division);
        double ordinary = Compare.ordinary(all(division), odd);
        return new TierWorkup.Divided(
                spec.id(),
                division.count(),
                spec.count(),
                division.markInFront(),
                division.frontSection(),
                marks(spec, division, tier, tape),
                sections(division),
                sizes,
                ways,
                Compare.of(odd, ordinary),
                Compare.share(odd, ordinary),
                spec.corners() && outline.cornersRule(),
                spec.items() == null
                        ? null
                        : p / division.count() - spec.items().width(),
                ladder,
                new Judged(spec, tier, outline, division, demand).findings());
    }

    private static double wanted(DivisionSpec spec, double asItIs) {
        double wish = spec.items() != null ? spec.items().wanted() : spec.wanted() != null ? spec.wanted() : asItIs;
        return Math.max(Ladder.WANTED.min(), Math.min(Ladder.WANTED.max(), wish));
    }

    /** What all dressings that follow this division ask of its count. */
    private static Demand demand(DivisionSpec spec, Tier tier) {
        return tier.dressings().stream()
                .filter(d -> !d.aside() && d.stretch() == null && d.division().equals(spec.id()))
                .map(d -> Catalogue.of(d.technique())
                        .demand(d.settings(), Math.max(1, d.colours().size())))
                .reduce(Demand.NONE, Demand::and);
    }

    static boolean isRound(Outline outline) {
        return outline.corners().isEmpty()
                && Math.abs(outline.at(0).curvature() * outline.perimeter() - 2 * Math.PI) < 1e-9
                && Math.abs(outline.at(outline.perimeter() / 8).curvature()
                                - outline.at(0).curvature())
                        < 1e-12;
    }

    private static List<TierWorkup.Mark> marks(DivisionSpec spec, Division division, Tier tier, Tape tape) {
        double p = division.around();
        double first = division.mark(0).s();
        List<Along> others = tier.divisions().stream()
                .filter(d -> !d.id().equals(spec.id()))
                .flatMap(d -> closing(d, tier, division.outline()).marks().stream())
                .map(s -> Along.of(s, p))
                .toList();
        List<TierWorkup.Mark> marks = new ArrayList<>();
        for (int k = 0; k < division.count(); k++) {
            Along mark = division.mark(k);
            boolean corner = division.outline().corners().stream()
                    .anyMatch(c -> Along.of(c, p).distance(mark) < 1e-6);
            marks.add(new TierWorkup.Mark(
                    k + 1,
                    mark.s(),
                    tape.read(mark.s()),
                    tape.read(mark.s() - first),
                    corner,
                    spec.locks().containsKey(k),
                    others.stream().anyMatch(o -> o.distance(mark) < SAME_MARK_MM)));
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

    private static List<Double> all(Division division) {
        return IntStream.range(0, division.count()).mapToObj(division::section).toList();
    }

    /** The section that differs most from the ordinary one. */
    private static double odd(Division division) {
        List<Double> all = all(division);
        return division.sizes().stream()
                .max(Comparator.comparingDouble(size -> Compare.share(size, Compare.ordinary(all, size))))
                .orElseThrow();
    }

    /** What there is to say about a division. */
    private record Judged(DivisionSpec spec, Tier tier, Outline outline, Division division, Demand demand) {
        List<Finding> findings() {
            List<Finding> findings = new ArrayList<>();
            if (spec.follows() != null) {
                following(findings);
            } else {
                standing(findings);
            }
            Phrase refused = demand.refusal(division.count());
            if (refused != null) {
                findings.add(Rules.DEMAND.found(
                        refused,
                        TierWork.divisionMend(
                                "Take {} sections",
                                demand.nearest(division.count()),
                                Map.of("count", demand.nearest(division.count())))));
            }
            uneven(findings);
            way(findings);
            return findings;
        }

        /** A way chosen for another count, or another outline, may not serve any more. */
        private void way(List<Finding> findings) {
            Way way = spec.marked();
            int n = division.count();
            int presses = way == Way.PRESS ? spec.press().count(division.around()) : n;
            if (presses == n && !Marking.cannot(way, n, division.isEven(), isRound(outline))) {
                return;
            }
            List<Mend> mends = new ArrayList<>();
            if (presses != n && presses > 0 && demand.refusal(presses) == null && closes(presses)) {
                mends.add(TierWork.divisionMend("Take the {} sections it makes", presses, Map.of("count", presses)));
            }
            mends.add(TierWork.divisionMend("Read all {} marks off the tape", n, TierWork.cleared("way")));
            findings.add(Rules.WAY.found(
                    presses != n
                            ? Phrase.of(
                                    "{} goes {} times round, for {} sections.",
                                    Quantity.text("The cutter, pressed,"),
                                    Quantity.count(presses),
                                    Quantity.count(n))
                            : Phrase.of(
                                    "{} sections cannot be marked by {}.",
                                    Quantity.count(n),
                                    Quantity.text(way.words())),
                    mends));
        }

        private boolean closes(int n) {
            try {
                Division.of(outline, n, spec.front(), Map.of(), spec.corners());
                return true;
            } catch (Refused refused) {
                return false;
            }
        }

        private void following(List<Finding> findings) {
            if (followed(spec, tier, outline) == null) {
                findings.add(Rules.FOLLOW.found(
                        Phrase.of(
                                "The marks of \"{}\" cannot be used again in {} and every {}. It stands alone for now.",
                                Quantity.text(spec.follows().division()),
                                Quantity.count(spec.follows().into()),
                                Quantity.count(spec.follows().every())),
                        TierWork.divisionMend("Let it stand alone in {}", spec.count(), TierWork.cleared("follows"))));
            }
        }

        private void standing(List<Finding> findings) {
            try {
                Division.of(outline, spec.count(), spec.front(), spec.locks(), spec.corners());
            } catch (Refused refused) {
                boolean locks = "locked".equals(refused.field());
                findings.add((locks ? Rules.LOCKED : Rules.COUNT)
                        .found(
                                refused.phrase(),
                                locks
                                        ? freeMarks()
                                        : TierWork.divisionMend(
                                                "Take {} sections",
                                                division.count(),
                                                Map.of("count", division.count()))));
            }
        }

        private void uneven(List<Finding> findings) {
            double odd = odd(division);
            double ordinary = Compare.ordinary(all(division), odd);
            Compare looks = Compare.of(odd, ordinary);
            if (looks == Compare.UNNOTICED) {
                return;
            }
            findings.add(Rules.UNEVEN
                    .at(looks == Compare.SHOWS ? Level.NOTE : Level.LOOK)
                    .found(
                            Phrase.of(
                                    "Sections of {} stand beside sections of {}: {} apart, which " + looks.words()
                                            + ".",
                                    Quantity.length(odd),
                                    Quantity.length(ordinary),
                                    Quantity.share(Compare.share(odd, ordinary))),
                            spec.locked().isEmpty() ? List.of() : List.of(freeMarks())));
        }

        private Mend freeMarks() {
            return TierWork.divisionMend(
                    "Free the {} marks moved by hand", spec.locked().size(), Map.of("locked", List.of()));
        }
    }
}
