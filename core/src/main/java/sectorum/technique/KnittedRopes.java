package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.art.Contour;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.bench.ThingKind;
import sectorum.divide.Compare;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Elementary;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Knitted ropes (craft 3D): two strands of diameter δ twisted with lay λ, ropes side by side, twisted right and left in
 * turn, so their count is even. Laid on greased paper in panels, turned over with a second greased sheet, and put onto the
 * tier: two turns, so the face that was up as they were laid shows, not mirrored, and the flattened table face lies on it.
 */
final class KnittedRopes implements Technique {
    private static final Rule TIGHT =
            new Rule("ropes.tight", Level.STOP, "The lay is shorter than π·δ: no strand twists so tightly.");
    private static final Rule PITCH = new Rule(
            "ropes.pitch", Level.LOOK, "To close on an even count the pitch is off its wish by more than 3 %.");
    private static final Rule PANEL = new Rule("ropes.panel", Level.LOOK, "A panel is narrower than two ropes.");

    private static final Rule INSET =
            new Rule("ropes.inset", Level.STOP, "The inset shape with its border is higher than the zone.");
    private static final Field SHAPE = Choices.field("inset", "Inset in front", Inset.values(), i -> i.words);
    /** What stays of the sheet above and below an inset, mm: less tears as it is cut. */
    private static final double RIM_MM = 5;

    /** A shape let into the middle of the front. */
    private enum Inset {
        NONE("none", 0),
        ROUND("a round", 48),
        HEXAGON("a hexagon", 6);

        final String words;
        final int corners;

        Inset(String words, int corners) {
            this.words = words;
            this.corners = corners;
        }
    }

    private record Settings(
            double strand, double lay, double pitch, double panel, double trim, Inset inset, double across) {}

    /** √(1+(πδ/λ)²) − 1: how much longer a strand is than its rope. */
    static double takeUp(double strand, double lay) {
        return Elementary.hypot(1, Math.PI * strand / lay) - 1;
    }

    /** N = max(2, 2·round(P/(2p))). */
    static int count(double around, double pitch) {
        return (int) Math.max(2, 2 * Rounding.halfUp(around / (2 * pitch), 1));
    }

    @Override
    public String id() {
        return "ropes";
    }

    @Override
    public String name() {
        return "Knitted ropes";
    }

    @Override
    public List<Rule> rules() {
        return List.of(TIGHT, PITCH, PANEL, INSET);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("strand", "lay", "pitch", "panel", "trim", "inset", "across");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        Field strand = Field.length("strand", "Strands of", 0.8, 20, 3, "Their diameter.");
        double of = strand.number(values);
        double closes = place.aroundMiddle() / count(place.aroundMiddle(), 1.8 * of);
        return List.of(
                strand,
                Field.length("lay", "One twist every", 1, 200, 5 * of, "Along the rope."),
                Field.length("pitch", "Ropes every", 1, 60, closes, "A little less than two strands, as they nestle."),
                Field.length("panel", "Panels wide", 5, 400, 80, "As wide as can be turned over in one go."),
                Field.length("trim", "Longer for trimming", 0, 60, 10, "Above the tier's edge."),
                SHAPE,
                Field.length(
                        "across",
                        "Inset across",
                        5,
                        300,
                        Math.max(5, place.onTape(0.5 * place.zone().height())),
                        "It needs a rim of the sheet above and below."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                chosen.number("strand"),
                chosen.number("lay"),
                chosen.number("pitch"),
                chosen.number("panel"),
                chosen.number("trim"),
                Choices.of(Inset.values(), SHAPE.choice(values)),
                chosen.number("across"));
        double p = place.aroundMiddle();
        int n = count(p, set.pitch());
        double pitch = p / n;
        double high = place.zone().height();
        DressingBuilder work = new DressingBuilder(place);
        int[] ropes = {rope(work, set, pitch, high, 1), rope(work, set, pitch, high, -1)};
        for (int k = 0; k < n; k++) {
            double s = (k + 0.5) * place.division().around() / n;
            work.put(ropes[k % 2], s, place.middleZ(), 0, k / 2 % place.colours());
            work.put(ropes[k % 2] + 1, s, place.middleZ(), 0, k / 2 % place.colours());
        }
        inset(work, set, place, high);
        double strand = (high + set.trim()) * (1 + takeUp(set.strand(), set.lay()));
        int each = (int) Math.max(1, Rounding.floor(set.panel() / pitch));
        int panels = (int) Rounding.ceil((double) n / each);
        work.lead("ropes", Quantity.count(n))
                .lead("apart", Quantity.length(pitch))
                .lead("cut each strand", Quantity.length(strand))
                .figure("Take-up", Quantity.share(takeUp(set.strand(), set.lay())))
                .figure("Slope of the strands", Quantity.angle(Elementary.atan(Math.PI * set.strand() / set.lay())))
                .figure("Off the wished pitch", Quantity.share((pitch - set.pitch()) / set.pitch()))
                .figure("Panels", Quantity.count(panels))
                .figure("Ropes a panel", Quantity.count(each))
                .figure("Strands", Quantity.count(2L * n));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(new Handle.Grip(
                    place.division().middle(k).s(),
                    (place.zone().foot() + place.zone().top()) / 2));
        }
        work.handle(new Handle("pitch", "How far apart", Handle.Way.ALONG, 0.1, 1, 30, grips));
        judge(work, set, n, pitch, each);
        make(work, set, place, n, strand, panels, high);
        work.draw(() -> sheet(set, pitch, each, high));
        return work.done();
    }

    /** A rope's outline and the line that its strands throw, all in one go from side to side. */
    private static int rope(DressingBuilder work, Settings set, double pitch, double high, int way) {
        int shape = work.piece(Flat.rectangle(-pitch / 2, -high / 2, pitch, high));
        List<Double> twist = new ArrayList<>();
        double each = Math.max(set.lay() / 2, high / 400);
        double rise = Math.min(each, pitch * 1.2);
        boolean up = true;
        for (double z = -high / 2; z + rise <= high / 2; z += each) {
            double from = way * (up ? -1 : 1) * pitch / 2;
            twist.addAll(up ? List.of(from, z, -from, z + rise) : List.of(from, z + rise, -from, z));
            up = !up;
        }
        work.detail(twist.size() >= 4 ? twist : List.of(-pitch / 2, -high / 2, pitch / 2, high / 2));
        return shape;
    }

    /** Cut out of the finished sheet: a line to cut along, and a piece's own card to cut by. */
    private static void inset(DressingBuilder work, Settings set, DressingContext place, double high) {
        if (set.inset() == Inset.NONE) {
            return;
        }
        List<Double> outline = Flat.circle(set.across(), set.inset().corners);
        List<Double> line = Contour.closed(outline);
        double room = high - 2 * RIM_MM;
        if (Rounding.atMost(set.across(), room)) {
            work.put(work.guide(line), place.division().around() / 2, place.middleZ(), 0, 0);
        } else {
            double fits = Math.max(5, Rounding.floor(room));
            work.find(
                    INSET,
                    Phrase.of(
                            "An inset of {} leaves less than {} of the sheet above and below.",
                            Quantity.length(set.across()),
                            Quantity.length(RIM_MM)),
                    room >= 5
                            ? Mend.setting(Phrase.of("Make it {} across", Quantity.length(fits)), "across", fits)
                            : Mend.setting(
                                    Phrase.of("Leave the inset of {} out", Quantity.length(set.across())),
                                    "inset",
                                    "none"));
        }
        work.figure("Inset, across", Quantity.length(set.across()))
                .draw(() -> Card.of(outline, true)
                        .made("inset-shape", Phrase.of("Inset, {} across", Quantity.length(set.across()))));
    }

    private static void judge(DressingBuilder work, Settings set, int n, double pitch, int each) {
        if (set.lay() < Math.PI * set.strand() - Rounding.EPS) {
            double loose = Math.min(200, Rounding.ceil(5 * set.strand()));
            work.find(
                    TIGHT,
                    Phrase.of(
                            "Strands of {} cannot twist every {}; the shortest lay is {}.",
                            Quantity.length(set.strand()),
                            Quantity.length(set.lay()),
                            Quantity.length(Math.PI * set.strand())),
                    Mend.setting(Phrase.of("Twist every {}", Quantity.length(loose)), "lay", loose));
        }
        double off = Compare.share(pitch, set.pitch());
        if (off > Compare.UNNOTICED_UP_TO + Rounding.EPS) {
            work.find(
                    PITCH,
                    Phrase.of(
                            "{} ropes stand {} apart instead of {}, {} off.",
                            Quantity.count(n),
                            Quantity.length(pitch),
                            Quantity.length(set.pitch()),
                            Quantity.share(off)),
                    Mend.setting(Phrase.of("Wish for {}", Quantity.length(pitch)), "pitch", Math.min(60, pitch)));
        }
        if (each < 2) {
            double wide = Math.min(400, Rounding.ceil(6 * pitch));
            work.find(
                    PANEL,
                    Phrase.of("A panel of {} holds {} rope.", Quantity.length(set.panel()), Quantity.count(each)),
                    Mend.setting(Phrase.of("Panels of {}", Quantity.length(wide)), "panel", wide));
        }
    }

    private static void make(
            DressingBuilder work, Settings set, DressingContext place, int n, double strand, int panels, double high) {
        int[] counts = new int[place.colours()];
        for (int k = 0; k < n; k++) {
            counts[k / 2 % place.colours()]++;
        }
        for (int c = 0; c < counts.length; c++) {
            double length = 2 * counts[c] * strand;
            work.made(
                            Phrase.of("Rope of two strands {} long", Quantity.length(strand)),
                            Material.HALF,
                            c,
                            set.strand(),
                            counts[c],
                            Spare.USUAL,
                            0)
                    .used(Material.HALF, c, 0, Material.HALF.line(length, set.strand()), length);
        }
        work.adhesive(Adhesive.WATER)
                .tool(ThingKind.DISC, "strand", set.strand(), 0.3)
                .turn(Phrase.of(
                        "The {} ropes lie on greased paper, their upper face under a second sheet; turned over, the face from"
                                + " the table is up and its paper comes off.",
                        Quantity.count(n)))
                .turn(Phrase.of(
                        "The table face of {} panels, a little flattened, is put against the tier; the face that was up as"
                                + " they were laid shows.",
                        Quantity.count(panels)))
                .step(
                        Gesture.ROLL,
                        Phrase.of(
                                "Extrude {} strands of {} and twist them in pairs, half of them to the right and half to the"
                                        + " left.",
                                Quantity.count(2L * n),
                                Quantity.length(strand)),
                        "extruder",
                        Rate.TWISTED_ROPE.minutes(n))
                .step(
                        Gesture.SORT,
                        Phrase.of(
                                "Lay them on greased paper over the sheet, right and left in turn, in {} panels, and cut the"
                                        + " lower edge straight.",
                                Quantity.count(panels)),
                        "panel sheet, two sheets of greased paper, knife",
                        panels * 4.0)
                .check("Right and left in turn in all {} panels, no strand missing.", Quantity.count(panels))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Lay the second greased sheet on each of {} panels, turn it over and peel the first; put the"
                                        + " flattened table side against the tier and peel the second.",
                                Quantity.count(panels)),
                        "soft brush",
                        panels * 3.0,
                        new Making.Pause(10, 20, Storage.ROOM, "on the tier, before it is trimmed"),
                        "")
                .step(
                        Gesture.CUT,
                        Phrase.of("Trim the top at {}.", Quantity.length(high)),
                        "sharp blade",
                        panels * 2.0,
                        set.inset() == Inset.NONE
                                ? null
                                : new Making.Pause(
                                        10, 20, Storage.ROOM, "more (an estimate), until the sheet holds a cut edge"),
                        Cautions.BLADE);
        inset(work, set);
    }

    private static void inset(DressingBuilder work, Settings set) {
        if (set.inset() != Inset.NONE) {
            work.step(
                    Gesture.CUT,
                    Phrase.of(
                            "Cut the inset of {} out round its card, now that the sheet has set.",
                            Quantity.length(set.across())),
                    "inset card, fine blade",
                    6,
                    null,
                    Cautions.BLADE);
        }
    }

    /** The sheet under one panel, as it will be seen: turned over twice, the face that is up here shows. */
    private static Drawing sheet(Settings set, double pitch, int each, double high) {
        double wide = each * pitch;
        Card card =
                Card.of(Flat.rectangle(0, 0, wide, high + set.trim()), true).line(Ink.Pen.MARK, 0, high, wide, high);
        for (int k = 0; k < each; k++) {
            double x = k * pitch;
            card.line(Ink.Pen.GUIDE, x, 0, x, high + set.trim());
            double lean = (k % 2 == 0 ? 1 : -1) * pitch / 2;
            card.line(Ink.Pen.MARK, x + pitch / 2 - lean, high / 2, x + pitch / 2 + lean, high / 2 + pitch);
        }
        return card.line(Ink.Pen.GUIDE, wide / 2, high * 0.2, wide / 2, high * 0.4)
                .line(Ink.Pen.GUIDE, wide / 2, high * 0.4, wide / 2 - 3, high * 0.4 - 6)
                .line(Ink.Pen.GUIDE, wide / 2, high * 0.4, wide / 2 + 3, high * 0.4 - 6)
                .words(
                        wide / 2,
                        high * 0.12,
                        Phrase.of("up; drawn as it shows, not mirrored; this side away from the cake"))
                .made(
                        "knitted-panel",
                        Phrase.of(
                                "Knitted panel, {} ropes every {}, {} high",
                                Quantity.count(each),
                                Quantity.length(pitch),
                                Quantity.length(high)));
    }
}
