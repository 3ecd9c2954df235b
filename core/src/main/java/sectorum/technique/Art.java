package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import sectorum.art.Islands;
import sectorum.art.Regions;
import sectorum.art.Rings;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.outline.Along;
import sectorum.surface.Surface;
import sectorum.surface.SurfaceKind;
import sectorum.surface.Zone;

/** A drawing, a traced picture or letters on a surface: scribed, rubbed on, stencilled, piped, painted or cut (craft 3H). */
final class Art implements Technique {
    private static final Rule NONE =
            new Rule("art.none", Level.STOP, "No art is chosen, or what was chosen is gone from the plan.");
    private static final Rule HIGH = new Rule("art.out-of-zone", Level.STOP, "Art reaches out of its zone.");
    private static final Rule WIDE =
            new Rule("art.crosses", Level.LOOK, "Art is wider than its sections: neighbours run into one another.");
    private static final Rule ROUND = new Rule(
            "art.round", Level.LOOK, "Art goes more than half the way round: its ends are not seen from the front.");
    private static final Rule ISLANDS = new Rule(
            "art.islands", Level.STOP, "Islands fall out of the stencil: nothing holds what an opening closes in.");
    private static final Rule THIN = new Rule(
            "art.thin", Level.LOOK, "More than a tenth of it is thinner than its nozzle, or than a sheet can be cut.");

    /** Paste is not cut narrower than this, mm. */
    private static final double CUT_MM = 1.5;
    /** A bridge that holds, mm. */
    private static final double BRIDGE_MM = 2;

    private static final double THIN_SHARE = 0.1;
    /** Points that strokes are measured on, once they are simplified; more would keep a hand waiting. */
    private static final int MEASURED = 600;

    @Override
    public String id() {
        return "art";
    }

    @Override
    public String name() {
        return "Art";
    }

    @Override
    public Set<SurfaceKind> surfaces() {
        return ON_ALL;
    }

    @Override
    public boolean drawsArt() {
        return true;
    }

    @Override
    public boolean isHanded() {
        return false;
    }

    @Override
    public boolean covers() {
        return true;
    }

    @Override
    public List<Rule> rules() {
        return List.of(NONE, HIGH, WIDE, ROUND, ISLANDS, THIN);
    }

    @Override
    public Set<String> settingNames() {
        return ArtSet.NAMES;
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        return ArtSet.fields(values, place);
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        ArtSet set = ArtSet.of(values, place);
        DressingBuilder work = new DressingBuilder(place);
        if (set.motif() == null) {
            return bare(work, set, place);
        }
        ArtShape shape = ArtShape.of(set);
        List<Along> middles = middles(set, place);
        double z = place.zone().foot() + set.up();
        ArtDrawing.draw(work, set, shape, middles, z, place);
        double radius = place.surface().around(Math.min(z, place.surface().depth())) / (2 * Math.PI);
        double apparent = 2 * radius * Elementary.sin(Math.min(Math.PI / 2, shape.width() / (2 * radius)));
        boolean side = place.surface().kind() == SurfaceKind.SIDE;
        work.lead("wide", Quantity.length(shape.width()))
                .lead("high", Quantity.length(shape.height()))
                .lead(
                        "seen",
                        side ? "seen from the front" : "seen from above",
                        Quantity.length(side ? apparent : shape.width()))
                .figure("How often", Quantity.count(middles.size()))
                .figure("Parts", Quantity.count(shape.parts().size()))
                .figure("Line", Quantity.length(shape.outline()))
                .figure("Area, cm²", Quantity.plain(Rounding.halfUp(shape.area() / 100, 0.1)));
        if (side) {
            work.figure("Of it in sight", Quantity.share(Math.min(1, Math.PI * radius / shape.width())));
        }
        handles(work, set, shape, middles, z, place);
        judge(work, set, shape, middles, place);
        ArtMaking.make(work, set, shape, middles.size(), place);
        return work.done();
    }

    /** Nothing is drawn; what to do is told. */
    private static Dressed bare(DressingBuilder work, ArtSet set, DressingContext place) {
        work.lead("wide", Quantity.length(0))
                .lead("high", Quantity.length(set.high()))
                .lead("seen", Quantity.length(0));
        List<Mend> mends = place.art().stream()
                .limit(3)
                .map(m -> Mend.setting(Phrase.of("Take {}", Quantity.text(m.name())), "motif", m.id()))
                .toList();
        work.handle(new Handle(
                "up",
                "Middle",
                Handle.Way.UP,
                1,
                0,
                900,
                List.of(new Handle.Grip(
                        place.division().middle(place.division().frontSection()).s(), place.middleZ()))));
        work.find(
                NONE,
                Phrase.of(
                        "There are {} drawings to choose from. Bring one in.",
                        Quantity.count(place.art().size())),
                mends);
        return work.done();
    }

    private static List<Along> middles(ArtSet set, DressingContext place) {
        double z = Math.min(place.zone().foot() + set.up(), place.surface().depth());
        double period = place.surface().period();
        List<Along> middles = new ArrayList<>();
        if (set.where() == ArtSet.Where.FRONT) {
            middles.add(Along.of(place.surface().further(period / 2, set.aside(), z), period));
            return middles;
        }
        int n = place.division().count();
        int front = place.division().frontSection();
        for (int i = 0; i < n; i += set.every()) {
            double s = place.division().middle((front + set.first() + i) % n).s();
            middles.add(Along.of(place.surface().further(s, set.aside(), z), period));
        }
        return middles;
    }

    private static void handles(
            DressingBuilder work, ArtSet set, ArtShape shape, List<Along> middles, double z, DressingContext place) {
        List<Handle.Grip> middle = new ArrayList<>();
        List<Handle.Grip> top = new ArrayList<>();
        List<Handle.Grip> edge = new ArrayList<>();
        for (Along at : middles.subList(0, 1)) {
            middle.add(new Handle.Grip(at.s(), z));
            top.add(new Handle.Grip(at.s(), z + shape.height() / 2));
            double s = place.surface()
                    .further(
                            at.s(),
                            shape.width() / 2,
                            Math.min(z, place.surface().depth()));
            edge.add(new Handle.Grip(Along.of(s, place.surface().period()).s(), z));
        }
        double most = Math.max(10, place.zone().height());
        work.handle(new Handle("high", "Its upper edge", Handle.Way.UP, 2, 3, Math.min(900, 2 * most), top))
                .handle(new Handle("up", "Its middle, up", Handle.Way.UP, 1, 0, most, middle))
                .handle(new Handle("aside", "Its edge, along", Handle.Way.ALONG, 1, -1500, 1500, edge));
    }

    private static void judge(
            DressingBuilder work, ArtSet set, ArtShape shape, List<Along> middles, DressingContext place) {
        double zone = place.zone().height();
        double low = set.up() - shape.height() / 2;
        double over = set.up() + shape.height() / 2;
        if (!Rounding.atMost(over, zone) || low < -Rounding.EPS) {
            double fits = Math.max(3, Rounding.floor(set.high() * Math.min(1, 0.96 * zone / shape.height())));
            work.find(
                    HIGH,
                    Phrase.of(
                            "{} high about {} above the foot, in a zone of {}.",
                            Quantity.length(shape.height()),
                            Quantity.length(set.up()),
                            Quantity.length(zone)),
                    new Mend(
                            Phrase.of("{} high, in the middle", Quantity.length(fits)),
                            List.of(
                                    new sectorum.finding.Change(sectorum.finding.Change.Target.SETTING, "high", fits),
                                    new sectorum.finding.Change(
                                            sectorum.finding.Change.Target.SETTING, "up", zone / 2))));
        }
        double around = place.along(
                Math.min(place.zone().foot() + set.up(), place.surface().depth()));
        double room = around / middles.size();
        if (middles.size() > 1 && !Rounding.atMost(shape.width(), room)) {
            double fits = Math.max(3, Rounding.floor(0.9 * set.high() * room / shape.width()));
            work.find(
                    WIDE,
                    Phrase.of("{} wide on {}.", Quantity.length(shape.width()), Quantity.length(room)),
                    Mend.setting(Phrase.of("{} high", Quantity.length(fits)), "high", fits));
        }
        if (place.surface().kind() == SurfaceKind.SIDE && shape.width() > around / 2) {
            double fits = Math.max(3, Rounding.floor(0.95 * set.high() * around / 2 / shape.width()));
            work.find(
                    ROUND,
                    Phrase.of("{} wide on {} all round.", Quantity.length(shape.width()), Quantity.length(around)),
                    Mend.setting(Phrase.of("{} high", Quantity.length(fits)), "high", fits));
        }
        islands(work, set, shape);
        thin(work, set, shape);
    }

    private static void islands(DressingBuilder work, ArtSet set, ArtShape shape) {
        int islands = shape.openings().stream().mapToInt(Islands::count).sum();
        if (set.use() == ArtUse.STENCILLED && islands > 0) {
            work.find(
                    ISLANDS,
                    Phrase.of("{} of them would fall out.", Quantity.count(islands)),
                    Mend.setting(
                            Phrase.of("Hold them with bridges of {}", Quantity.length(BRIDGE_MM)),
                            "bridge",
                            BRIDGE_MM));
        }
    }

    /** What an opening by half the nozzle takes away is too thin for it. */
    private static void thin(DressingBuilder work, ArtSet set, ArtShape shape) {
        double least = set.use().cut ? CUT_MM : set.nozzle();
        boolean measured = set.use().cut || set.use().piped;
        if (!measured) {
            return;
        }
        List<Rings> simpler = shape.parts().stream()
                .map(part ->
                        Optional.ofNullable(Regions.lighter(part, least / 8)).orElse(part))
                .toList();
        if (simpler.stream().mapToInt(ArtShape::points).sum() > MEASURED) {
            return;
        }
        double whole = 0;
        double left = 0;
        for (Rings simple : simpler) {
            Rings core = Regions.offset(simple, -least / 2);
            Rings back = core == null ? null : Regions.offset(core, least / 2);
            whole += simple.area();
            left += back == null ? 0 : back.area();
        }
        double lost = whole > 0 ? 1 - left / whole : 0;
        if (lost > THIN_SHARE) {
            List<Mend> mends = new ArrayList<>();
            double larger = Math.min(900, Rounding.ceil(set.high() * 1.5));
            if (!set.use().cut && set.nozzle() > 0.8) {
                double finer = Math.max(0.5, Rounding.floor(set.nozzle() / 2 * 10) / 10);
                mends.add(Mend.setting(Phrase.of("A nozzle of {}", Quantity.length(finer)), "nozzle", finer));
            }
            mends.add(Mend.setting(Phrase.of("{} high", Quantity.length(larger)), "high", larger));
            work.find(
                    THIN,
                    Phrase.of("{} of it is thinner than {}.", Quantity.share(lost), Quantity.length(least)),
                    mends);
        }
    }
}
