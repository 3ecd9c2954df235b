package sectorum.tier;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import sectorum.bench.Bench;
import sectorum.divide.Division;
import sectorum.divide.Way;
import sectorum.drawing.Drawing;
import sectorum.finding.Change;
import sectorum.finding.Finding;
import sectorum.finding.Mend;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Border;
import sectorum.plan.DivisionSpec;
import sectorum.plan.Dressing;
import sectorum.plan.Tier;
import sectorum.plan.ZoneSpec;
import sectorum.surface.LevelSurface;
import sectorum.surface.Side;
import sectorum.surface.Stretch;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;
import sectorum.technique.Catalogue;
import sectorum.technique.Dressed;
import sectorum.technique.DressingContext;
import sectorum.technique.Ground;
import sectorum.technique.Technique;
import sectorum.technique.Turns;
import sectorum.template.GaugeCard;
import sectorum.template.MarkingStrip;
import sectorum.template.SectorWheel;

/** Works up one tier: its form, its divisions, then its dressings on them. */
public final class TierWork {
    private final PlacedTier placed;
    private final Tier tier;
    private final Bench bench;
    private final Side side;
    private final Zones zones;
    private final Map<SurfaceKind, Surface> surfaces = new EnumMap<>(SurfaceKind.class);

    /** What is known from before; absent: nothing that serves. */
    @Absent
    private final KeptTier before;

    private final Map<String, KeptTier.Step> steps = new HashMap<>();

    private TierWork(PlacedTier placed, Bench bench) {
        this(placed, bench, null);
    }

    private TierWork(PlacedTier placed, Bench bench, @Absent KeptTier before) {
        this.before = before;
        this.placed = placed;
        this.tier = placed.tier();
        this.bench = bench;
        this.side = tier.side();
        this.zones = new Zones(tier, side);
    }

    /** A tier worked up: pure, and where its readings changed also what they changed. */
    public static TierWorkup of(PlacedTier placed, Bench bench) {
        return kept(placed, bench, null).workup();
    }

    /** The same with what it followed from. @param before of the same tier but for settings of its dressings */
    static KeptTier kept(PlacedTier placed, Bench bench, @Absent KeptTier before) {
        TierWork work = new TierWork(placed, bench, before);
        TierWorkup now = work.worked();
        Tier tier = placed.tier();
        if (tier.isChanged()) {
            TierWorkup last = new TierWork(placed.with(tier.before()), bench).worked();
            now = new TierWorkup(
                    now.id(),
                    now.form(),
                    now.divisions(),
                    now.dressings(),
                    now.borders(),
                    now.findings(),
                    Differences.between(last, now));
        }
        return new KeptTier(placed, bench, now, work.steps);
    }

    /** The templates that belong to the tier itself: strip, cards, wheel, top; for each division its own. */
    public static List<Drawing> drawings(Tier tier, Bench bench) {
        TierWork work = new TierWork(PlacedTier.alone(tier), bench);
        List<Drawing> drawings = new ArrayList<>();
        for (DivisionSpec spec : tier.divisions()) {
            Division division = DivisionWork.closing(spec, tier, work.side.outline());
            List<Drawing> own = work.marking(spec, division);
            own.add(SectorWheel.top(division, work.side.top().mm()));
            boolean first = drawings.isEmpty();
            own.forEach(d -> drawings.add(first ? d : d.named(d.name() + "-" + spec.id())));
        }
        return drawings;
    }

    /** What a division is marked with: the templates of the way chosen, or of every way while none is. */
    private List<Drawing> marking(DivisionSpec spec, Division division) {
        Way way = spec.way();
        List<Drawing> own = new ArrayList<>();
        boolean stepped = division.isEven() && division.count() > 1;
        if (way == null || way == Way.STRIP || way == Way.FOLD) {
            // A band is folded from a strip of the same length, whose marks say whether the creases are right.
            own.add(MarkingStrip.of(division, side, bench.tape()));
        }
        if (stepped && (way == null || way == Way.SOFT)) {
            own.add(GaugeCard.soft(division.section(0)));
        }
        if (stepped && (way == null || way == Way.STIFF)) {
            own.add(GaugeCard.stiff(division.chord(0)));
        }
        if (way == null || way == Way.WHEEL) {
            own.add(SectorWheel.wheel(division));
        }
        return own;
    }

    private TierWorkup worked() {
        List<TierWorkup.Divided> divided = before != null
                ? before.workup().divisions()
                : tier.divisions().stream()
                        .map(spec -> DivisionWork.of(spec, tier, side.outline(), bench.tape()))
                        .toList();
        List<TierWorkup.Worn> worn = LiesOver.told(new Finishes(tier).over(this::step), side).stream()
                .map(this::same)
                .toList();
        List<TierWorkup.Strip> borders =
                tier.borders().stream().map(this::strip).toList();
        List<Finding> findings = sideFindings();
        findings.addAll(zones.borderFindings());
        return new TierWorkup(
                tier.id(),
                before != null ? before.workup().form() : FormWork.of(placed, side),
                divided,
                worn,
                borders,
                findings,
                List.of());
    }

    /** The very dressing that was known, where it came out the same. */
    private TierWorkup.Worn same(TierWorkup.Worn worn) {
        return before == null
                ? worn
                : before.workup().dressings().stream()
                        .filter(worn::equals)
                        .findFirst()
                        .orElse(worn);
    }

    /** A dressing by itself, as it was where it is the same. */
    private TierWorkup.Worn step(Dressing dressing, Finishes.Beneath beneath) {
        TierWorkup.Worn again = before == null ? null : before.again(dressing, beneath);
        TierWorkup.Worn worn = again == null ? worn(dressing, beneath) : again;
        steps.put(dressing.id(), new KeptTier.Step(dressing, beneath, worn));
        return worn;
    }

    private TierWorkup.Strip strip(Border border) {
        return new TierWorkup.Strip(border.id(), border.name(), zones.of(border), border.covers());
    }

    private List<Finding> sideFindings() {
        List<Finding> found = new ArrayList<>();
        if (Math.abs(side.taper()) > Side.TAPER_SHOWS) {
            found.add(Rules.TAPER.found(Phrase.of(
                    "Foot {} and top edge {} differ by {}: its strip is printed as a curved wrap, and sections narrow"
                            + " to {} of their width.",
                    Quantity.length(side.foot().mm()),
                    Quantity.length(side.top().mm()),
                    Quantity.share(Math.abs(side.taper())),
                    Quantity.share(Math.min(side.top().mm(), side.foot().mm())
                            / Math.max(side.top().mm(), side.foot().mm())))));
        }
        double spread = side.height().spreadMm();
        if (spread > Side.LEVEL_SHOWS_MM && !zones.hidesTopEdge(spread)) {
            List<Border> hidden = new ArrayList<>(tier.borders());
            ZoneSpec edge = new ZoneSpec(
                    new ZoneSpec.Height(ZoneSpec.Edge.TOP, Math.ceil(spread) + 2),
                    new ZoneSpec.Height(ZoneSpec.Edge.TOP, 0));
            hidden.add(new Border("level-border", "Border over the edge", edge, true));
            found.add(Rules.LEVEL.found(
                    Phrase.of(
                            "Heights differ by {} round the tier. Level it again, or plan a border to hide it.",
                            Quantity.length(spread)),
                    new Mend(
                            Phrase.of("Hide it under a border of {}", Quantity.length(Math.ceil(spread) + 2)),
                            List.of(new Change(Change.Target.TIER, "borders", hidden)))));
        }
        return found;
    }

    /** Where a dressing goes on a tier that it need not be on. */
    static DressingContext place(PlacedTier placed, Dressing dressing, Bench bench) {
        TierWork work = new TierWork(placed, bench);
        Surface surface = work.surface(dressing);
        return work.place(
                dressing,
                work.zones(surface).free(Catalogue.of(dressing.technique()).usualZone(surface)),
                Ground.BARE);
    }

    /** A dressing worked out on a tier that it need not be on. */
    public static TierWorkup.Worn worn(PlacedTier placed, Dressing dressing, Bench bench) {
        TierWork work = new TierWork(placed, bench);
        return work.worn(dressing, new Finishes(placed.tier()).beneath(dressing, work::worn));
    }

    private Surface surface(Dressing dressing) {
        return surfaces.computeIfAbsent(dressing.on(), kind -> placed.surface(kind, side));
    }

    private Zones zones(Surface surface) {
        return surface.kind() == SurfaceKind.SIDE ? zones : new Zones(tier, surface);
    }

    private DressingContext place(Dressing dressing, Zone zone, Ground ground) {
        Division division = DivisionWork.closing(tier.marksOf(dressing), tier, side.outline());
        return new DressingContext(
                surface(dressing),
                division,
                zone,
                stretch(dressing),
                Turns.named(dressing.colours()),
                bench,
                ground,
                placed.art());
    }

    @Absent
    private Stretch stretch(Dressing dressing) {
        return dressing.stretch() == null ? null : dressing.stretch().on(side);
    }

    private TierWorkup.Worn worn(Dressing dressing, Finishes.Beneath beneath) {
        Technique technique = Catalogue.of(dressing.technique());
        List<Finding> findings = new ArrayList<>();
        Surface surface = surface(dressing);
        Zones claims = zones(surface);
        Zone zone = claims.free(technique.usualZone(surface));
        if (dressing.zone() != null) {
            try {
                zone = dressing.zone().on(surface);
            } catch (Refused crossed) {
                findings.add(Rules.ZONE_CROSSED.found(
                        crossed.phrase(),
                        new Mend(
                                Phrase.of("Take its usual zone, {} high", Quantity.length(zone.height())),
                                List.of(cleared(Change.Target.DRESSING, "zone")))));
            }
        }
        DressingContext place = place(dressing, zone, beneath.ground());
        Dressed dressed = Dressed.of(technique, dressing.settings(), place);
        findings.addAll(dressed.findings());
        findings.addAll(claims.overlaps(dressing, zone));
        findings.addAll(unseen(dressing, surface));
        findings.addAll(CloseByCoat.of(tier, side, surface, technique.repeat(dressing.settings(), place)));
        return new TierWorkup.Worn(
                dressing.id(),
                technique.id(),
                technique.name(dressing.settings()),
                surface.kind(),
                zone,
                place.stretch(),
                technique.fields(dressing.settings(), place),
                dressed.layout(),
                dressed.figures(),
                dressed.handles(),
                findings,
                dressed.drawings(),
                dressed.making(),
                dressed.look() == null ? null : new TierWorkup.Finish(dressed.look(), beneath.on()),
                dressed.bases());
    }

    /** A board under a tier that stands on another, a ledge that the tier above covers, the inner side of no ring. */
    private List<Finding> unseen(Dressing dressing, Surface surface) {
        boolean solid = dressing.on() == SurfaceKind.INNER && surface.kind() != SurfaceKind.INNER;
        boolean none = surface.kind() == SurfaceKind.BOARD && !placed.lowest();
        if (!solid && !none && !(surface instanceof LevelSurface level && !level.isSeen())) {
            return List.of();
        }
        Quantity name = Quantity.text(tier.name());
        Phrase what = solid
                ? Phrase.of("{} has no hole, and no inner side.", name)
                : none
                        ? Phrase.of("{} stands on another tier, not on the board.", name)
                        : Phrase.of(
                                "Of the {} of {} less than a finger's breadth is seen all round.",
                                Quantity.text(surface.kind().words()),
                                name);
        return List.of(Rules.SURFACE_UNSEEN.found(
                what,
                new Mend(
                        Phrase.of("Put it on the {}", Quantity.text(SurfaceKind.SIDE.words())),
                        List.of(cleared(Change.Target.DRESSING, "surface"), cleared(Change.Target.DRESSING, "zone"))),
                new Mend(
                        Phrase.of("Set it aside"),
                        List.of(new Change(Change.Target.DRESSING, "aside", Boolean.TRUE)))));
    }

    /** A mend that changes a division. */
    static Mend divisionMend(String label, long count, Map<String, Object> changes) {
        return new Mend(
                Phrase.of(label, Quantity.count(count)),
                changes.entrySet().stream()
                        .map(c -> new Change(Change.Target.DIVISION, c.getKey(), c.getValue()))
                        .toList());
    }

    /** A field to be taken out of a document; maps of the language itself refuse an absent value. */
    static Map<String, Object> cleared(String field) {
        Map<String, Object> cleared = new HashMap<>();
        cleared.put(field, null);
        return cleared;
    }

    private static Change cleared(Change.Target target, @Absent String field) {
        return new Change(target, field, null);
    }
}
