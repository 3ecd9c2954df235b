package sectorum.workup;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import sectorum.divide.Division;
import sectorum.drawing.Drawing;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.outline.Outline;
import sectorum.outline.Spot;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;
import sectorum.side.Side;
import sectorum.side.Zone;
import sectorum.technique.Catalogue;
import sectorum.technique.Dressed;
import sectorum.technique.Place;
import sectorum.technique.Technique;
import sectorum.template.MarkingStrip;

/** Works up one tier: its form, its divisions, then its dressings on them. */
final class TierWork {
    private final Tier tier;
    private final Bench bench;
    private final Side side;

    private TierWork(Tier tier, Bench bench) {
        this.tier = tier;
        this.bench = bench;
        this.side = tier.side();
    }

    static TierWorkup of(Tier tier, Bench bench) {
        return new TierWork(tier, bench).worked();
    }

    static List<Drawing> strips(Tier tier, TierWorkup worked, Bench bench) {
        TierWork work = new TierWork(tier, bench);
        List<Drawing> strips = new ArrayList<>();
        for (DivisionSpec spec : tier.divisions()) {
            Drawing strip = MarkingStrip.of(DivisionWork.closing(spec, work.side.outline()), bench.tape());
            String name = strips.isEmpty() ? strip.name() : strip.name() + "-" + spec.id();
            strips.add(new Drawing(name, strip.title(), strip.width(), strip.height(), strip.inks()));
        }
        return strips;
    }

    private TierWorkup worked() {
        List<TierWorkup.Divided> divided = tier.divisions().stream()
                .map(spec -> DivisionWork.of(spec, side, bench.tape()))
                .toList();
        List<TierWorkup.Worn> worn = tier.dressings().stream()
                .filter(dressing -> !dressing.resting())
                .map(this::worn)
                .toList();
        return new TierWorkup(tier.id(), form(), divided, worn, sideFindings());
    }

    private TierWorkup.Form form() {
        double[] box = side.outline().box();
        List<TierWorkup.OutlinePoint> hole = tier.kind()
                .hole(tier.sizes(), tier.coatThickness())
                .map(TierWork::points)
                .orElse(List.of());
        return new TierWorkup.Form(
                side.foot(),
                side.top(),
                side.height(),
                side.taper(),
                side.heights(),
                points(side.outline()),
                hole,
                side.outline().corners(),
                box[0],
                box[1],
                side.acrossAsRound());
    }

    private static List<TierWorkup.OutlinePoint> points(Outline outline) {
        return outline.stops(0.05).stream()
                .map(s -> {
                    Spot spot = outline.at(s);
                    return new TierWorkup.OutlinePoint(s, spot.x(), spot.y());
                })
                .toList();
    }

    private List<Finding> sideFindings() {
        List<Finding> found = new ArrayList<>();
        if (Math.abs(side.taper()) > Side.TAPER_SHOWS) {
            found.add(new Finding(
                    "side.taper",
                    Level.LOOK,
                    Phrase.of(
                            "Foot {} and top edge {} differ by {}: a straight strip will not lie flat, and sections narrow"
                                    + " upwards.",
                            Quantity.length(side.foot().mm()),
                            Quantity.length(side.top().mm()),
                            Quantity.share(Math.abs(side.taper()))),
                    List.of()));
        }
        if (side.height().spreadMm() > Side.LEVEL_SHOWS_MM) {
            found.add(new Finding(
                    "side.level",
                    Level.LOOK,
                    Phrase.of(
                            "Heights differ by {} round the tier. Level it again, or plan a border to hide it.",
                            Quantity.length(side.height().spreadMm())),
                    List.of()));
        }
        return found;
    }

    private TierWorkup.Worn worn(Dressing dressing) {
        Technique technique = Catalogue.of(dressing.technique());
        List<Finding> findings = new ArrayList<>();
        Zone zone = technique.usualZone(side);
        if (dressing.zone() != null) {
            try {
                zone = dressing.zone().on(side);
            } catch (Refused crossed) {
                findings.add(new Finding("zone.crossed", Level.STOP, crossed.phrase(), List.of()));
            }
        }
        DivisionSpec spec = tier.divisions().stream()
                .filter(d -> d.id().equals(dressing.division()))
                .findFirst()
                .orElse(tier.divisions().get(0));
        Division division = DivisionWork.closing(spec, side.outline());
        Place place = new Place(side, division, zone, bench.tape());
        Dressed dressed = technique.dress(dressing.settings(), place);
        findings.addAll(dressed.findings());
        return new TierWorkup.Worn(
                dressing.id(),
                technique.id(),
                technique.name(),
                zone,
                technique.fields(place),
                dressed.layout(),
                dressed.figures(),
                dressed.handles(),
                findings,
                dressed.drawings());
    }

    /** A mend that frees every mark moved by hand, or takes another count. */
    static Mend divisionMend(String label, long count, Map<String, Object> changes) {
        return new Mend(
                Phrase.of(label, Quantity.count(count)),
                changes.entrySet().stream()
                        .map(c -> new Change(Change.Target.DIVISION, c.getKey(), c.getValue()))
                        .toList());
    }
}
