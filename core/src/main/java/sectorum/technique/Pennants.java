package sectorum.technique;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import sectorum.bench.Rate;
import sectorum.curve.Hanging;
import sectorum.curve.School;
import sectorum.finding.Level;
import sectorum.finding.Mend;
import sectorum.finding.Rule;
import sectorum.material.Material;
import sectorum.material.Spare;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;
import sectorum.measure.Values;
import sectorum.surface.Frame;
import sectorum.surface.Surface;
import sectorum.surface.Zone;

/**
 * Bunting: flags of half squares on an extruded swag line (craft 3A). Squares of side a cut corner to corner give two
 * flags each, base a√2 and height a/√2; m = floor((L − 2e + g)/(base + g)) a swag, from the middle outwards.
 */
final class Pennants implements Technique {
    private static final Rule ONE_MORE = new Rule(
            "pennant.one-more",
            Level.NOTE,
            "One more flag a swag would close with a gap within 20 % of the wanted one.");
    private static final Rule NONE = new Rule("pennant.none", Level.STOP, "The line is too short for a single flag.");

    private enum Rest {
        GAP("a gap at both ends"),
        TRIMMED("a trimmed flag at both ends");

        final String words;

        Rest(String words) {
            this.words = words;
        }
    }

    private static final Field REST = Choices.field("rest", "What is left is", Rest.values(), r -> r.words);
    private static final Field PASTE = Material.field("Cut from", Material.HALF, Material.FONDANT, Material.GUM);

    private record Settings(
            double drop,
            School school,
            double square,
            double gap,
            double end,
            Rest rest,
            double cord,
            Material material) {
        double base() {
            return square * Math.sqrt(2);
        }

        double high() {
            return square / Math.sqrt(2);
        }

        int flags(double length) {
            return Pennants.flags(length, base(), gap, end);
        }

        /** What is left at each end beside whole flags. */
        double left(double length) {
            int m = flags(length);
            return m == 0 ? length / 2 : (length - m * base() - (m - 1) * gap) / 2;
        }
    }

    /** m = floor((L − 2e + g)/(base + g)), never under 0; lengths in mm. */
    static int flags(double length, double base, double gap, double end) {
        return (int) Math.max(0, Rounding.floor((length - 2 * end + gap) / (base + gap)));
    }

    @Override
    public String id() {
        return "pennant";
    }

    @Override
    public String name() {
        return "Pennants";
    }

    @Override
    public List<Rule> rules() {
        return Stream.concat(Hung.RULES.stream(), Stream.of(NONE, ONE_MORE, Cycle.MEETS))
                .toList();
    }

    @Override
    public Set<String> settingNames() {
        return Set.of("drop", "curve", "square", "gap", "end", "rest", "cord", "material");
    }

    @Override
    public Zone usualZone(Surface surface) {
        return Hung.usualZone(surface);
    }

    @Override
    public List<Field> fields(Values values, DressingContext place) {
        double wide = place.widest(place.zone().top());
        double drop = place.onTape(Math.min(0.16 * wide, 0.35 * place.zone().height()));
        double square = Math.max(
                8, place.onTape(Math.min(0.17 * wide, 0.6 * place.zone().height())));
        return List.of(
                Field.length("drop", "Drop", 0, 600, drop, "Measure from the marks down."),
                Hung.CURVE,
                Field.length("square", "Flags from squares of", 4, 200, square, "Cut corner to corner, two a square."),
                Field.length("gap", "Gap between flags", 0, 100, place.onTape(square / 7), "Along the line."),
                Field.length("end", "Free at each end", 0, 200, 0, "From the marks."),
                REST,
                Field.length("cord", "Line's thickness", 0.5, 8, 1.5, "The extruder disc's opening."),
                PASTE);
    }

    private Settings settings(Values values, DressingContext place) {
        Chosen chosen = new Chosen(fields(values, place), values);
        return new Settings(
                chosen.number("drop"),
                School.of(chosen.choice("curve")),
                chosen.number("square"),
                chosen.number("gap"),
                chosen.number("end"),
                Choices.of(Rest.values(), chosen.choice("rest")),
                chosen.number("cord"),
                Material.of(chosen.choice("material")));
    }

    @Override
    public Dressed dress(Values values, DressingContext place) {
        Settings set = settings(values, place);
        DressingBuilder work = new DressingBuilder(place);
        Hung hung = new Hung(place, place.zone().top(), set.drop(), set.school());
        List<Integer> lines = hung.curves().stream()
                .map(c -> work.strand(set.cord(), c.points(48)))
                .toList();
        List<Double> flag = List.of(-set.base() / 2, 0.0, 0.0, -set.high(), set.base() / 2, 0.0);
        int shape = work.piece(flag);
        int flags = 0;
        int trimmed = 0;
        for (int k = 0; k < hung.count(); k++) {
            work.put(lines.get(hung.kind(k)), place.division().mark(k), hung.z(), 0);
            double length = hung.curve(k).length();
            double left = set.left(length);
            for (int j = 0; j < set.flags(length); j++, flags++) {
                double middle = left + set.base() / 2 + j * (set.base() + set.gap());
                put(work, shape, hung, k, middle, flags % place.colours());
            }
            double room = left - set.gap() - set.end();
            if (set.rest() == Rest.TRIMMED && room > 3 && room < set.base() && set.flags(length) > 0) {
                put(work, work.piece(trimmed(set, room, 1)), hung, k, set.end() + room - set.base() / 2, 0);
                put(work, work.piece(trimmed(set, room, -1)), hung, k, length - set.end() - room + set.base() / 2, 0);
                trimmed += 2;
            }
        }
        figures(work, set, hung, flags, trimmed);
        work.handle(hung.handle(set.high())).handle(sizeHandle(set, hung, place));
        hung.judge(work, set.high());
        judge(work, set, hung, flags, place);
        make(work, set, hung, flags, trimmed, place);
        SwagLine.scallops(work, hung);
        return work.draw(() -> Card.of(Flat.rectangle(0, 0, set.square(), set.square()), true)
                        .path(sectorum.drawing.Ink.Pen.CUT, List.of(0.0, 0.0, set.square(), set.square()))
                        .made(
                                "pennant-square",
                                Phrase.of("Square of {}, cut corner to corner", Quantity.length(set.square()))))
                .done();
    }

    private static void put(DressingBuilder work, int shape, Hung hung, int k, double along, int colour) {
        double length = hung.curve(k).length();
        double u = hung.curve(k).share(Math.max(0, Math.min(length, along)));
        Frame.Pose at = hung.at(k, u);
        work.put(shape, at, 0, colour);
    }

    /** What is kept of a flag when only so much of its base fits: its right part for the left end, and the other way. */
    private static List<Double> trimmed(Settings set, double keeps, int right) {
        double half = set.base() / 2;
        double cut = half - keeps;
        List<Double> kept = new ArrayList<>(List.of(right * cut, 0.0, right * cut, -(half - Math.abs(cut))));
        if (cut < 0) {
            kept.addAll(List.of(0.0, -half));
        }
        kept.addAll(List.of(right * half, 0.0));
        return kept;
    }

    private static void figures(DressingBuilder work, Settings set, Hung hung, int flags, int trimmed) {
        Hanging front = hung.front();
        work.lead("flags", Quantity.count(flags))
                .lead("wide", Quantity.length(set.base()))
                .lead("high", Quantity.length(set.high()))
                .figure("Flags a swag, in front", Quantity.count(set.flags(front.length())))
                .figure("Squares to cut", squares(work.cycled(flags), trimmed))
                .figure("Left at each end", Quantity.length(set.left(front.length())))
                .figure("Line a swag", Quantity.length(front.length()));
        if (trimmed > 0) {
            work.figure("Trimmed flags", Quantity.count(trimmed));
        }
    }

    /** Two flags a square, each colour of its own; trimmed flags are of the first colour. */
    private static Quantity squares(Map<Integer, Integer> flags, int trimmed) {
        List<Long> squares = new ArrayList<>();
        flags.forEach((colour, many) -> squares.add((many + (colour == 0 ? trimmed : 0) + 1L) / 2));
        return squares.size() == 1
                ? Quantity.count(squares.get(0))
                : Quantity.text(squares.stream().map(String::valueOf).collect(Collectors.joining(" + ")));
    }

    private static Handle sizeHandle(Settings set, Hung hung, DressingContext place) {
        List<Handle.Grip> grips = new ArrayList<>();
        for (int k = 0; k < hung.count(); k++) {
            grips.add(new Handle.Grip(place.division().middle(k).s(), hung.z() - set.drop() - set.high()));
        }
        return new Handle(
                "square",
                "Flags' points",
                Handle.Way.UP,
                -Math.sqrt(2),
                4,
                Math.max(5, place.zone().height()),
                grips);
    }

    private static void judge(DressingBuilder work, Settings set, Hung hung, int flags, DressingContext place) {
        double length = hung.front().length();
        int m = set.flags(length);
        if (m == 0) {
            double fits = Rounding.floor((length - 2 * set.end()) / Math.sqrt(2));
            work.find(
                    NONE,
                    Phrase.of(
                            "A line of {} is too short for a flag {} wide.",
                            Quantity.length(length),
                            Quantity.length(set.base())),
                    fits >= 4
                            ? List.of(
                                    Mend.setting(Phrase.of("Cut squares of {}", Quantity.length(fits)), "square", fits))
                            : List.of());
        }
        double gap = m == 0 ? -1 : (length - 2 * set.end() - (m + 1) * set.base()) / m;
        if (gap > 0 && set.gap() > 0 && Math.abs(gap - set.gap()) <= 0.2 * set.gap()) {
            work.find(
                    ONE_MORE,
                    Phrase.of(
                            "{} flags a swag would fill the line with gaps of {} instead of {}.",
                            Quantity.count(m + 1L),
                            Quantity.length(gap),
                            Quantity.length(set.gap())),
                    Mend.setting(Phrase.of("Take gaps of {}", Quantity.length(gap)), "gap", gap));
        }
        Cycle.judge(work, flags, place);
    }

    private static void make(
            DressingBuilder work, Settings set, Hung hung, int flags, int trimmed, DressingContext place) {
        double rolled = 1.5;
        List<Double> flag = List.of(-set.base() / 2, 0.0, 0.0, -set.high(), set.base() / 2, 0.0);
        work.cycled(flags)
                .forEach((colour, many) -> work.cut(
                        Phrase.of("Flag, two from a square of {}", Quantity.length(set.square())),
                        set.material(),
                        rolled,
                        colour,
                        flag,
                        many,
                        Spare.USUAL));
        if (trimmed > 0) {
            work.cut(Phrase.of("Flag to trim"), set.material(), rolled, 0, flag, trimmed, Spare.USUAL);
        }
        double total = hung.total();
        work.used(set.material(), 0, 0, set.material().line(total, set.cord()), total)
                .adhesive(set.material().adhesive())
                .step(
                        Gesture.MARK,
                        Phrase.of("Mark {} swags and their lowest points.", Quantity.count(hung.count())),
                        "tape, scallop, pricker",
                        Rate.MARK.minutes(2.0 * hung.count()))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Extrude {} of line and hang {} a swag.",
                                Quantity.length(total),
                                Quantity.length(hung.front().length())),
                        "extruder",
                        Rate.EXTRUDED_METRE.minutes(total / 1000))
                .check("{} lines hang alike.", Quantity.count(hung.count()))
                .step(
                        Gesture.STICK,
                        Phrase.of(
                                "Roll the paste to {}, cut squares and cut them corner to corner; {} flags, in each swag"
                                        + " from the middle outwards, {}.",
                                Quantity.length(rolled),
                                Quantity.count((long) flags + trimmed),
                                Quantity.text(work.order())),
                        "wheel cutter, soft brush",
                        Rate.FLAG.minutes(flags + (double) trimmed),
                        null,
                        Cautions.BLADE);
    }
}
