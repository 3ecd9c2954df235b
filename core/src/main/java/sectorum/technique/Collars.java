package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
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
    /** Lines of all repeats together that are drawn: more cannot be told apart. */
    private static final int MOST = 4000;

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
            Drawn drawn) {
        /** Cut so long without its tab, mm. */
        double length(double around) {
            return around + (over == Over.COAT ? 2 * Math.PI * coat : Math.PI * thick);
        }

        double lapped() {
            return ends == Ends.TAB ? tab : 0;
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
        return Set.of("kind", "over", "coat", "ends", "tab", "rise", "share", "line", "thick", "repeat", "drawn");
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
                DRAWN);
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
                Choices.of(Drawn.values(), chosen.choice("drawn")));
        double foot = place.zone().foot();
        double around = Math.max(place.along(foot), place.along(place.zone().top()));
        double length = set.length(around);
        double high = place.zone().height() + set.rise();
        int repeats = (int) Math.max(1, Rounding.halfUp(length / set.repeat(), 1));
        double each = length / repeats;
        DressingBuilder work = new DressingBuilder(place);
        List<List<Double>> lines = pattern(set, each, high, repeats);
        draw(work, set, place, lines, repeats, each * place.along(foot) / length, high);
        double grams = around
                * high
                / 1000
                * set.share()
                * set.thick()
                * set.kind().material.density()
                * (set.drawn() == Drawn.TWICE && set.share() < 1 ? 2 : 1);
        if (set.share() < 1) {
            work.used(set.kind().material, 0, 0, grams, 0);
        } else {
            work.made(Phrase.of("Band"), set.kind().material, 0, high, 1, Spare.NONE, grams);
        }
        work.lead("long", Quantity.length(length + set.lapped()))
                .lead("high", Quantity.length(high))
                .lead("repeats", Quantity.count(repeats))
                .figure("Without its tab", Quantity.length(length))
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
        steps(work, set, length, high);
        work.draw(() -> sheet(set, lines, length, repeats, high));
        return work.done();
    }

    /** Lines of one repeat about its middle, from the foot up, as many as cover the share: each ends where it began. */
    private static List<List<Double>> pattern(Settings set, double each, double high, int repeats) {
        List<List<Double>> lines = new ArrayList<>();
        if (set.share() >= 1) {
            return lines;
        }
        double wave = Math.min(high / 5, each / 3);
        double one = Flat.length(wave(each, high / 2, wave, 0), false);
        // The rims are lines, too.
        double left = set.share() * each * high / set.line() - 2 * each;
        int most = Math.max(2, Math.min(40, MOST / repeats));
        int many = (int) Math.max(2, Math.min(most, Rounding.halfUp(left / one, 1)));
        for (int i = 0; i < many; i++) {
            double z = wave + set.line() / 2 + (high - 2 * wave - set.line()) * i / Math.max(1, many - 1);
            lines.add(wave(each, z, wave, i % 2 == 0 ? 0 : Math.PI));
        }
        for (double z : List.of(set.line() / 2, high - set.line() / 2)) {
            lines.add(List.of(-each / 2, z, each / 2, z));
        }
        return lines;
    }

    private static List<Double> wave(double each, double z, double high, double begins) {
        List<Double> line = new ArrayList<>();
        int parts = 24;
        for (int i = 0; i <= parts; i++) {
            double t = 2 * Math.PI * i / parts;
            line.add(-each / 2 + each * i / parts);
            line.add(z + high * Math.sin(t + begins));
        }
        return line;
    }

    private static void draw(
            DressingBuilder work,
            Settings set,
            DressingContext place,
            List<List<Double>> lines,
            int repeats,
            double apart,
            double high) {
        double foot = place.zone().foot();
        double period = place.surface().period();
        if (lines.isEmpty()) {
            double half = place.along(foot) / 2;
            work.put(work.piece(List.of(-half, 0.0, half, 0.0, half, high, -half, high)), period / 2, foot, 0, 0);
            return;
        }
        List<Integer> shapes =
                lines.stream().map(l -> work.strand(set.line(), l)).toList();
        for (int k = 0; k < repeats; k++) {
            double s = place.surface().further(period / 2, k * apart, foot);
            for (int shape : shapes) {
                work.put(shape, s, foot, 0, k % place.colours());
            }
        }
    }

    private static void judge(DressingBuilder work, Settings set, double each) {
        if (set.ends() == Ends.TAB && set.tab() < TAB_MM) {
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
        boolean poured = set.kind().isPoured();
        work.adhesive(set.kind().adhesive);
        if (poured) {
            // The acetate is peeled before the cake leaves: whoever cuts it never sees it.
            work.step(
                            Phrase.of(
                                    set.share() < 1
                                            ? "Pipe the pattern over its sheet on acetate {} long and {} high, its lines {}."
                                            : "Spread it over acetate {} long and {} high, level, {}.",
                                    whole,
                                    Quantity.length(high),
                                    Quantity.text(set.share() < 1 ? set.drawn().words : "edges wiped")),
                            "acetate, collar sheet, bag",
                            Rate.PIPED_METRE.minutes(length * Math.max(1, set.share() * high / set.line()) / 1000),
                            new Making.Pause(1, 3, Storage.ROOM, "until it is dull at the rim but still bends"),
                            "")
                    .check("{} of it bend and do not run.", whole)
                    .step(
                            Phrase.of(
                                    "Wrap it round from the front, {} of lap at the back.",
                                    Quantity.length(set.lapped())),
                            "gloves",
                            6,
                            new Making.Pause(5, 30, Storage.FRIDGE, "in the fridge, until it lets go of the acetate"),
                            "")
                    .step(Phrase.of("Peel the acetate off, {} of it.", whole), "scalpel", 6, null, Cautions.BLADE)
                    .check("The pattern meets itself at the back, and nothing is broken.");
            return;
        }
        work.step(
                        Phrase.of(
                                "Spread it into its mat, {} by {}, and scrape it level.", whole, Quantity.length(high)),
                        "lace mat, scraper",
                        20,
                        new Making.Pause(480, 960, Storage.ROOM, "overnight, until it lets go"),
                        "")
                .step(
                        Phrase.of(
                                "Peel it, mist the side and lay it round, {} of lap at the back.",
                                Quantity.length(set.lapped())),
                        "soft brush",
                        10)
                .check("The pattern meets itself at the back.");
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
