package sectorum.bench;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import sectorum.material.Material;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/** All that a workshop has seen of itself and lets flow into its plans; what it has not seen, the plain tables say. */
public record OwnRates(List<OwnRate> rates) {
    public static final OwnRates NONE = new OwnRates(List.of());

    private static final int MOST = 1000;

    public OwnRates {
        rates = List.copyOf(Given.all("rates", rates));
        if (rates.size() > MOST) {
            throw new Refused(
                    "rates",
                    Phrase.of(
                            "{} rates of one's own; up to {} are looked through. Leave out the oldest.",
                            Quantity.count(rates.size()),
                            Quantity.count(MOST)));
        }
        Set<String> seen = new HashSet<>();
        for (OwnRate rate : rates) {
            if (!seen.add(rate.kind() + " " + rate.of())) {
                throw new Refused(
                        "rates",
                        Phrase.of(
                                "Two rates tell the {} of {}. Keep one.",
                                Quantity.text(rate.kind().words()),
                                Quantity.text(rate.of())));
            }
        }
    }

    public static OwnRates orNone(@Absent OwnRates rates) {
        return rates == null ? NONE : rates;
    }

    public boolean isEmpty() {
        return rates.isEmpty();
    }

    /** The rate of a kind about something; absent: it has not been seen. */
    @Absent
    public OwnRate find(RateKind kind, String of) {
        for (OwnRate rate : rates) {
            if (rate.kind() == kind && rate.of().equals(of)) {
                return rate;
            }
        }
        return null;
    }

    private double factor(RateKind kind, String of) {
        OwnRate rate = find(kind, of);
        return rate == null ? 1 : rate.value();
    }

    private Basis basis(RateKind kind, String of, Basis plain) {
        OwnRate rate = find(kind, of);
        return rate == null ? plain : rate.basis();
    }

    /** On a subject's plain minutes. */
    public double time(String subject) {
        return factor(RateKind.TIME, subject);
    }

    public Basis timeBasis(String subject) {
        return basis(RateKind.TIME, subject, Basis.PLAIN_TIME);
    }

    /** On a material's plain weight. */
    public double weight(@Absent Material material) {
        return material == null ? 1 : factor(RateKind.DENSITY, material.key());
    }

    /** On the pieces that a technique lays over an area. */
    public double coverage(String subject) {
        return factor(RateKind.COVERAGE, subject);
    }

    /** On the plain weight of a length that is piped or extruded. */
    public double metre(Material material) {
        return factor(RateKind.METRE, material.key());
    }

    /** What the weight of these materials rests on: the least sure of it. */
    public Basis weightBasis(List<Material> materials) {
        List<Basis> all = new ArrayList<>();
        materials.forEach(m -> all.add(
                find(RateKind.METRE, m.key()) != null
                        ? basis(RateKind.METRE, m.key(), Basis.PLAIN_WEIGHT)
                        : basis(RateKind.DENSITY, m.key(), Basis.PLAIN_WEIGHT)));
        Basis least = all.isEmpty() ? Basis.PLAIN_WEIGHT : all.get(0);
        for (Basis each : all) {
            least = each.isEstimate() || each.off() > least.off() ? each : least;
            if (least.isEstimate()) {
                return least;
            }
        }
        return least;
    }

    /** The share of a subject's pieces that break, in a material where that is known apart; absent: nobody counted. */
    @Absent
    public OwnRate breakage(String subject, @Absent Material material) {
        OwnRate apart = material == null ? null : find(RateKind.BREAKAGE, Subject.of(subject, material.key()));
        return apart == null ? find(RateKind.BREAKAGE, subject) : apart;
    }

    /** On the formula's hours of drying; absent: nobody saw any. */
    @Absent
    public OwnRate drying(@Absent Material material) {
        return material == null ? null : find(RateKind.DRYING, material.key());
    }

    /** Minutes that a material's pieces chill or stay firm, or what is usual. */
    public double cooling(RateKind kind, Material material, double usual) {
        OwnRate rate = find(kind, material.key());
        return rate == null ? usual : rate.value();
    }
}
