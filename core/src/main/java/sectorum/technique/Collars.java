package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import sectorum.art.Contour;
import sectorum.bench.Rate;
import sectorum.bench.Storage;
import sectorum.drawing.Drawing;
import sectorum.drawing.Ink;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * A strip that goes once round a tier and meets itself: a drawn cage, lace, a band (craft 3G). Cut P + πt alone, P + 2πc over a
 * coat of c; its pattern is eased so that whole repeats close; a cage takes P × height × share covered × thickness.
 */
final class Collars implements Technique {
    private static final Rule TAB = new Rule(
            "collar.tab",
            Level.LOOK,
            "A tab under 15 mm holds nothing; 0 is right only where ends are to meet exactly.");
    private static final Rule ALONE = new Rule(
            "collar.alone",
            Level.LOOK,
            "A cage that stands over its tier by more than 40 mm carries itself: its lines are drawn over twice.");
    private static final Rule EASED = new Rule(
            "collar.eased", Level.NOTE, "A pattern is eased by more than 5 % so that it meets itself at the seam.");

    private static final double TAB_MM = 15;
    private static final double ALONE_MM = 40;
    private static final double EASED_BY = 0.05;
    private static final Field KIND = Choices.field("kind", "Collar", CollarKind.values(), k -> k.words);
    private static final Field OVER = Choices.field("over", "Goes over", Over.values(), o -> o.words);
    private static final Field ENDS = Choices.field("ends", "Its ends", Ends.values(), e -> e.words);
    private static final Field DRAWN = Choices.field("drawn", "Lines drawn", Drawn.values(), d -> d.words);

    private enum Over {
        BARE("the side as it is taped"),
        COAT("a coat still to come");

        private final String words;

        Over(String words) {
            this.words = words;
        }
    }

    private enum Ends {
        TAB("lap by a tab"),
        EXACT("meet exactly");

        private final String words;

        Ends(String words) {
            this.words = words;
        }
    }

    private enum Drawn {
        TWICE("twice"),
        ONCE("once");

        private final String words;

        Drawn(String words) {
            this.words = words;
        }
    }

    private record Settings(
            CollarKind kind,
            Over over,
            double coat,
            Ends ends,
            double tab,
            double rise,
            double share,
            double line,
            double thick,
            double repeat,
            Drawn drawn,
            int parts,
            double gap) {
        /** Cut so long without its tab, mm. */
        double length(double around) {
            return around + (over == Over.COAT ? 2 * Math.PI * coat : Math.PI * thick);
        }

        /** One strip that closes, or several with the side seen between. */
        boolean isClosed() {
            return parts == 1 && gap == 0;
        }

        double lapped() {
            return ends == Ends.TAB && isClosed() ? tab : 0;
        }

        /** Of one part, mm; what is left open is never more than what is covered. */
        double part(double length) {
            return Math.max(length / parts / 2, length / parts - gap);
        }
    }

    @Override
    public String id() {
        return "collar";
    }

    @Override
    public String name() {
        return "Collar or cage";
    }

    @Override
    public boolean rises() {
        return true;
    }

    @Override
    public boolean covers() {
        return true;
    }

    @Override
    public List<Rule> rules() {
        return List.of(TAB, ALONE, EASED);
    }

    @Override
    public Set<String> settingNames() {
        return Set.of(
                "kind", "over", "coat", "ends", "tab", "rise", "share", "line", "thick", "repeat", "drawn", "parts",
                "gap");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return surface.whole();
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        CollarKind kind = Choices.of(CollarKind.values(), KIND.choice(values));
        double around = place.surface().around(place.zone().foot());
        double repeat = around / Math.max(3, Rounding.halfUp(around / 60, 1));
        return List.of(
                KIND,
                OVER,
                Field.length("coat", "Coat to come", 0.5, 30, 5, "Where it goes over one."),
                ENDS,
                Field.length("tab", "Tab", 0, 80, 30, "Beyond the length."),
                Field.length("rise", "Over the edge", 0, 150, kind.rise, "Above the upper edge of its zone."),
                Field.share("share", "Of it covered", 0.1, 1, kind.share, "By its lines; 1 is solid."),
                Field.length("line", "A line, wide", 0.5, 15, 3, "As it is piped."),
                Field.length("thick", "Thickness", 0.3, 8, 2, "Of the strip or its lines."),
                Field.length("repeat", "Pattern repeats every", 5, 600, repeat, "Eased so that it closes."),
                DRAWN,
                Field.count("parts", "Of so many parts", 1, 60, 1, "1: one strip all round."),
                Field.length("gap", "Open between them", 0, 200, 0, "0: it is closed."));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        Settings set = new Settings(
                Choices.of(CollarKind.values(), chosen.choice("kind")),
                Choices.of(Over.values(), chosen.choice("over")),
                chosen.number("coat"),
                Choices.of(Ends.values(), chosen.choice("ends")),
                chosen.number("tab"),
                chosen.number("rise"),
                chosen.number("share"),
                chosen.number("line"),
                chosen.number("thick"),
                chosen.number("repeat"),
                Choices.of(Drawn.values(), chosen.choice("drawn")),
                chosen.count("parts"),
                chosen.number("gap"));
        double foot = place.zone().foot();
        double around = Math.max(place.along(foot), place.along(place.zone().top()));
        double length = set.length(around);
        double high = place.zone().height() + set.rise();
        double part = set.part(length);
        int repeats = (int) Math.max(1, Rounding.halfUp(part / set.repeat(), 1));
        double each = part / repeats;
        DressingBuilder work = new DressingBuilder(place);
        List<List<Double>> lines = CollarPattern.lines(set.share(), set.line(), each, high, repeats * set.parts());
        draw(work, set, place, lines, repeats, part, place.along(foot) / length, high);
        double grams = around
                * (part * set.parts() / length)
                * high
                / 1000
                * set.share()
                * set.thick()
                * set.kind().material.density()
                * (set.drawn() == Drawn.TWICE && set.share() < 1 ? 2 : 1);
        if (!set.kind().isEaten()) {
            work.comesOut(set.kind().words, 1);
        } else if (set.share() < 1) {
            work.used(set.kind().material, 0, 0, grams, 0);
        } else {
            work.made(Phrase.of("Band"), set.kind().material, 0, high, set.parts(), Spare.NONE, grams / set.parts());
        }
        work.lead("long", Quantity.length(part + set.lapped()))
                .lead("high", Quantity.length(high))
                .lead("repeats", Quantity.count(repeats))
                .figure("Parts", Quantity.count(set.parts()))
                .figure("Without its tab", Quantity.length(part))
                .figure("Each repeat", Quantity.length(each))
                .figure("Eased by", Quantity.share(Math.abs(each / set.repeat() - 1)))
                .figure("Room inside", Quantity.length(place.along(place.zone().top()) / Math.PI));
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < place.division().count(); k++) {
            grips.add(
                    new Handle.Grip(place.division().middle(k).s(), place.zone().top()));
        }
        work.handle(new Handle("rise", "Over the edge", Handle.Way.UP, 1, 0, 150, grips));
        judge(work, set, each);
        steps(work, set, part, high);
        work.draw(() -> sheet(set, lines, part, repeats, high));
        return work.done();
    }

    private static void draw(
            DressingBuilder work,
            Settings set,
            DressingContext place,
            List<List<Double>> lines,
            int repeats,
            double part,
            double share,
            double high) {
        double foot = place.zone().foot();
        double period = place.surface().period();
        double apart = part / repeats * share;
        List<Integer> shapes = lines.isEmpty()
                ? List.of(band(work, set, part * share / 2, high))
                : lines.stream().map(l -> work.strand(set.line(), l)).toList();
        int each = lines.isEmpty() ? 1 : repeats;
        for (int p = 0; p < set.parts(); p++) {
            double middle = p * place.along(foot) / set.parts();
            for (int k = 0; k < each; k++) {
                double s = place.surface().further(period / 2, middle + (k - (each - 1) / 2.0) * apart, foot);
                for (int shape : shapes) {
                    work.put(shape, s, foot, 0, k % place.colours());
                }
            }
        }
    }

    /** What is clear is seen by its edges alone. */
    private static int band(DressingBuilder work, Settings set, double half, double high) {
        List<Double> outline = List.of(-half, 0.0, half, 0.0, half, high, -half, high);
        return set.kind().isEaten() ? work.piece(outline) : work.guide(Contour.closed(outline));
    }

    private static void judge(DressingBuilder work, Settings set, double each) {
        if (set.ends() == Ends.TAB && set.isClosed() && set.tab() < TAB_MM) {
            work.find(
                    TAB,
                    Phrase.of("A tab of {}.", Quantity.length(set.tab())),
                    Mend.setting(Phrase.of("A tab of {}", Quantity.length(30)), "tab", 30),
                    Mend.setting(Phrase.of("Let the ends meet exactly"), "ends", "exact"));
        }
        if (set.rise() > ALONE_MM && set.drawn() == Drawn.ONCE && set.share() < 1) {
            work.find(
                    ALONE,
                    Phrase.of("It stands {} over the edge on single lines.", Quantity.length(set.rise())),
                    Mend.setting(Phrase.of("Draw its lines twice"), "drawn", "twice"));
        }
        double eased = Math.abs(each / set.repeat() - 1);
        if (eased > EASED_BY) {
            work.find(
                    EASED,
                    Phrase.of(
                            "Repeats of {} are eased to {}: {}.",
                            Quantity.length(set.repeat()),
                            Quantity.length(each),
                            Quantity.share(eased)),
                    Mend.setting(Phrase.of("Draw it {} long", Quantity.length(each)), "repeat", each));
        }
    }

    private static void steps(DressingBuilder work, Settings set, double length, double high) {
        Quantity whole = Quantity.length(length + set.lapped());
        work.adhesive(set.kind().adhesive);
        if (!set.kind().isEaten()) {
            work.step(
                            Gesture.WRAP,
                            Phrase.of(
                                    "Cut acetate {} long and {} high, lay it round the chilled tier and tape its tab of {} at the"
                                            + " back.",
                                    whole,
                                    Quantity.length(high),
                                    Quantity.length(set.lapped())),
                            "acetate, scissors, tape",
                            6)
                    .check("It stands upright all round and touches everywhere.")
                    .step(
                            Gesture.PEEL,
                            Phrase.of("Take the acetate off, {} of it, once what it keeps in shape is firm.", whole),
                            "scalpel",
                            6,
                            null,
                            Cautions.BLADE);
            return;
        }
        if (set.kind().isPoured()) {
            poured(work, set, length, high);
            return;
        }
        work.step(
                        Gesture.SPREAD,
                        Phrase.of(
                                "Spread it into its mat, {} by {}, and scrape it level.", whole, Quantity.length(high)),
                        "lace mat, scraper",
                        20,
                        new Making.Pause(480, 960, Storage.ROOM, "overnight, until it lets go"),
                        "")
                .step(
                        Gesture.WRAP,
                        Phrase.of(
                                "Peel it, mist the side and lay it round, {} of lap at the back.",
                                Quantity.length(set.lapped())),
                        "soft brush",
                        10)
                .check("The pattern meets itself at the back.");
    }

    /** Piped or spread on acetate, wrapped while it bends. */
    private static void poured(DressingBuilder work, Settings set, double length, double high) {
        Quantity whole = Quantity.length(length + set.lapped());
        // The acetate is peeled before the cake leaves: whoever cuts it never sees it.
        work.step(
                        Gesture.TRACE,
                        Phrase.of(
                                set.share() < 1
                                        ? "Pipe the pattern over its sheet on {} of acetate, {} long and {} high, its lines {}."
                                        : "Spread it over {} of acetate, {} long and {} high, level, {}.",
                                Quantity.count(set.parts()),
                                whole,
                                Quantity.length(high),
                                Quantity.text(set.share() < 1 ? set.drawn().words : "edges wiped")),
                        "acetate, collar sheet, bag",
                        Rate.PIPED_METRE.minutes(length * Math.max(1, set.share() * high / set.line()) / 1000),
                        new Making.Pause(1, 3, Storage.ROOM, "until it is dull at the rim but still bends"),
                        "")
                .check("{} of it bend and do not run.", whole)
                .step(
                        Gesture.WRAP,
                        Phrase.of(
                                set.isClosed()
                                        ? "Wrap it round from the front, {} of lap at the back."
                                        : "Wrap one part after the other, the first at the front, {} open between them.",
                                Quantity.length(set.isClosed() ? set.lapped() : set.gap())),
                        "gloves",
                        6.0 * set.parts(),
                        new Making.Pause(5, 30, Storage.FRIDGE, "in the fridge, until it lets go of the acetate"),
                        "")
                .step(
                        Gesture.PEEL,
                        Phrase.of("Peel the acetate off, {} of it.", whole),
                        "scalpel",
                        6,
                        null,
                        Cautions.BLADE)
                .check(
                        set.isClosed()
                                ? "The pattern meets itself at the back, and nothing is broken."
                                : "Gaps are alike, and nothing is broken.");
    }

    /** The sheet that it is drawn over, with its pattern. */
    private static Drawing sheet(Settings set, List<List<Double>> lines, double length, int repeats, double high) {
        Card card = Card.of(Flat.rectangle(0, 0, length + set.lapped(), high), true);
        double each = length / repeats;
        for (int k = 0; k < repeats; k++) {
            for (List<Double> line : lines) {
                card.path(Ink.Pen.MARK, Flat.moved(line, (k + 0.5) * each, 0));
            }
        }
        if (set.lapped() > 0) {
            card.line(Ink.Pen.GUIDE, length, 0, length, high);
        }
        return card.made("collar", Phrase.of("Collar sheet, {} long", Quantity.length(length + set.lapped())));
    }
}
