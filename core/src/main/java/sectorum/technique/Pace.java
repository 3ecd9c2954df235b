package sectorum.technique;

import java.util.List;
import sectorum.bench.Bases;
import sectorum.bench.Basis;
import sectorum.bench.OwnRate;
import sectorum.bench.OwnRates;
import sectorum.bench.RateKind;
import sectorum.bench.Subject;
import sectorum.material.Breakage;
import sectorum.material.Material;

/** A dressing at a workshop's own pace: its minutes, spares and weights by what was written down here (craft 4.4, 4.5). */
final class Pace {
    private final OwnRates rates;
    private final String subject;

    Pace(OwnRates rates, String technique) {
        this.rates = rates;
        this.subject = Subject.dressing(technique);
    }

    /** The same dressing at this pace; itself where nothing was written down. */
    Dressed of(Dressed plain) {
        if (rates.isEmpty()) {
            return plain;
        }
        Making making = of(plain.making());
        return plain.made(
                making,
                plain.figures().stream()
                        .map(f -> Totals.of(f.name(), making).orElse(f))
                        .toList());
    }

    private Making of(Making plain) {
        double pace = rates.time(subject);
        return new Making(
                plain.cuts().stream().map(this::cut).toList(),
                plain.used().stream().map(this::used).toList(),
                plain.adhesive(),
                plain.why(),
                plain.steps().stream().map(s -> s.taking(pace * s.minutes())).toList(),
                plain.tools(),
                plain.powder(),
                plain.unstacked(),
                plain.turns(),
                plain.wanted(),
                plain.out(),
                plain.layers());
    }

    private Making.Cut cut(Making.Cut c) {
        OwnRate breaks = rates.breakage(subject, c.material());
        // What is piped where it stays has no spares, however much of it fails: it is piped again.
        int spare =
                breaks == null || c.spare() == 0 ? c.spare() : Breakage.spare(c.count(), breaks.value(), Breakage.SURE);
        return new Making.Cut(
                c.what(),
                c.material(),
                c.thickness(),
                c.colour(),
                c.width(),
                c.height(),
                c.outline(),
                c.count(),
                spare,
                c.each() * rates.weight(c.material()));
    }

    private Making.Used used(Making.Used u) {
        boolean line = u.length() > 0 && rates.find(RateKind.METRE, u.material().key()) != null;
        double by = line ? rates.metre(u.material()) : rates.weight(u.material());
        return new Making.Used(u.material(), u.colour(), u.thickness(), u.grams() * by, u.length());
    }

    /** What the estimates of what is made so rest on. */
    Bases bases(Making making) {
        List<Material> materials =
                making.used().stream().map(Making.Used::material).distinct().toList();
        return new Bases(rates.timeBasis(subject), spares(materials), rates.weightBasis(materials));
    }

    private Basis spares(List<Material> materials) {
        OwnRate counted = rates.breakage(subject, materials.isEmpty() ? null : materials.get(0));
        return counted == null ? Basis.PLAIN_SPARES : counted.basis();
    }
}
