package sectorum.tier;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import sectorum.ahead.MadeAhead;
import sectorum.build.Build;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.plan.Dressing;
import sectorum.plan.OwnPiece;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.surface.Known;
import sectorum.technique.Figure;
import sectorum.technique.Gesture;
import sectorum.technique.Making;

/**
 * How the numbers of a course came about: what went in, by which formula, and for what is a sum each of its parts with this plan's
 * numbers. The parts of a sum add up to the figure that the ledger shows.
 */
public final class Reckoning {
    private static final double LEAST = 1e-9;

    private Reckoning() {}

    /**
     * A figure, or several that follow from one formula.
     *
     * @param figures their names, as {@link Figure#name()}
     * @param label what they are called
     * @param lines what they come from, one below the other
     */
    public record Reckoned(List<String> figures, String label, List<Phrase> lines) {
        public Reckoned {
            figures = List.copyOf(figures);
            lines = List.copyOf(lines);
        }
    }

    /** How a tier's own sizes came about: from its plan and its coats, or from the tape, which wins. */
    public static Reckoned measured(Tier tier, TierWorkup worked) {
        var form = worked.form();
        double bare = tier.kind().build(tier.sizes(), 0).perimeter();
        double coats = tier.coatThickness();
        List<Phrase> lines = new ArrayList<>();
        lines.add(Phrase.of(
                "Planned: {} round the cake alone, and {} that {} of coats add: {}",
                Quantity.length(bare),
                Quantity.length(form.foot().nominalMm() - bare),
                Quantity.length(coats),
                Quantity.length(form.foot().nominalMm())));
        read(lines, "Round the foot", form.foot());
        read(lines, "Round the top edge", form.top());
        lines.add(Phrase.of(
                "Planned height: {} of cake and {} of coats on top: {}",
                Quantity.length(tier.height()),
                Quantity.length(form.height().nominalMm() - tier.height()),
                Quantity.length(form.height().nominalMm())));
        read(lines, "The height", form.height());
        return new Reckoned(List.of("round", "high"), tier.name(), lines);
    }

    private static void read(List<Phrase> lines, String what, Known known) {
        if (known.readings() > 0) {
            lines.add(Phrase.of(
                    known.readings() == 1
                            ? what + ": {} by {} reading, which holds"
                            : what + ": {}, the middle of {} readings",
                    Quantity.length(known.mm()),
                    Quantity.count(known.readings())));
        }
    }

    /** How a division came about: sections, and where its first mark lies. */
    public static Reckoned division(TierWorkup worked, TierWorkup.Divided divided) {
        double round = worked.form().foot().mm();
        List<Phrase> lines = new ArrayList<>();
        lines.add(around(worked));
        lines.add(Phrase.of(
                "{} ÷ {} sections = {}",
                Quantity.length(round),
                Quantity.count(divided.count()),
                Quantity.length(round / divided.count())));
        if (divided.count() != divided.asked()) {
            lines.add(Phrase.of("{} were asked, which does not close", Quantity.count(divided.asked())));
        }
        lines.add(Phrase.of(
                divided.markInFront()
                        ? "A mark stands in front, so the first is {} from the back seam"
                        : "The middle of a section stands in front, so the first mark is {} from the back seam",
                Quantity.length(divided.marks().get(0).s())));
        return new Reckoned(List.of("section"), "Each section", lines);
    }

    private static Phrase around(TierWorkup worked) {
        Known foot = worked.form().foot();
        return foot.readings() > 0
                ? Phrase.of("Round the foot {}, as the tape read it", Quantity.length(foot.mm()))
                : Phrase.of("Round the foot {}, from its planned size and its coats", Quantity.length(foot.mm()));
    }

    /** How what a tier carries came about, and its dowels. */
    public static Reckoned carried(Plan plan, Build built, String tier) {
        List<Phrase> lines = new ArrayList<>();
        Build.Standing at = null;
        double own = 0;
        for (Build.Standing standing : built.tiers()) {
            if (at != null) {
                own += standing.own();
                lines.add(Phrase.of(
                        "{} of {}",
                        Quantity.mass(standing.own()),
                        Quantity.text(plan.tier(standing.id()).name())));
            }
            at = at == null && standing.id().equals(tier) ? standing : at;
        }
        if (at == null || lines.isEmpty()) {
            return new Reckoned(List.of("load"), "To carry", List.of(Phrase.of("Nothing stands on it")));
        }
        lines.add(Phrase.of("{} of boards between them", Quantity.mass(at.load() - own)));
        lines.add(Phrase.of("together {}", Quantity.mass(at.load())));
        if (!at.dowels().isEmpty()) {
            lines.add(Phrase.of(
                    "Dowels: {} for the size of the board above, {} for the load at {} kg each; the more of the two",
                    Quantity.count(at.bySize()),
                    Quantity.count(at.byLoad()),
                    Quantity.plain(plan.stands().capacity())));
        }
        return new Reckoned(List.of("load"), "To carry", lines);
    }

    /** How the weight and the hands of a piece made ahead came about. */
    public static List<Reckoned> piece(OwnPiece piece, MadeAhead made) {
        List<Phrase> weight = new ArrayList<>();
        made.components().forEach(part -> {
            List<Quantity> quantities = new ArrayList<>(part.what().quantities());
            quantities.add(Quantity.count(part.each()));
            quantities.add(Quantity.mass(part.grams()));
            weight.add(new Phrase(part.what().template() + ": {} in each, {} apiece", quantities));
        });
        weight.add(Phrase.of(
                "{} × {} = {}",
                Quantity.count(piece.count()),
                Quantity.mass(made.grams()),
                Quantity.mass(piece.count() * made.grams())));
        List<Phrase> hands = List.of(
                Phrase.of("{} to make", Quantity.minutes(made.minutes())),
                Phrase.of("{} to place", Quantity.minutes(made.placing().minutes())),
                Phrase.of(
                        "together {}",
                        Quantity.minutes(made.minutes() + made.placing().minutes())));
        return List.of(
                new Reckoned(List.of("net-weight"), "Net weight", weight),
                new Reckoned(List.of("hands"), "Hands", hands));
    }

    /** How each figure of a course came about. */
    public static List<Reckoned> of(Tier tier, TierWorkup worked, TierWorkup.Worn worn) {
        List<Reckoned> all = new ArrayList<>();
        List<String> rest = new ArrayList<>();
        for (Figure figure : worn.figures()) {
            List<Phrase> parts = parts(figure.name(), worn.making());
            if (parts.isEmpty()) {
                rest.add(figure.name());
            } else {
                all.add(new Reckoned(List.of(figure.name()), figure.label(), parts));
            }
        }
        if (!rest.isEmpty()) {
            all.add(0, new Reckoned(rest, worn.name(), inputs(tier, worked, worn)));
        }
        return all;
    }

    private static List<Phrase> parts(String figure, Making making) {
        return switch (figure) {
            case "hands" -> minutes(making);
            case "net-weight" -> grams(making);
            case "pieces-and-spares" -> pieces(making);
            case "to-pipe-or-extrude" -> lengths(making);
            default -> List.of();
        };
    }

    private static List<Phrase> minutes(Making making) {
        Map<Gesture, Double> by = new LinkedHashMap<>();
        making.steps().forEach(s -> by.merge(s.gesture(), s.minutes(), Double::sum));
        List<Phrase> lines = new ArrayList<>();
        by.forEach((gesture, minutes) -> {
            if (minutes > LEAST) {
                lines.add(Phrase.of("{} to {}", Quantity.minutes(minutes), Quantity.text(gesture.words())));
            }
        });
        if (!lines.isEmpty()) {
            lines.add(Phrase.of("together {}", Quantity.minutes(making.minutes())));
        }
        return lines;
    }

    private static List<Phrase> grams(Making making) {
        List<Phrase> lines = new ArrayList<>();
        for (Making.Used used : making.used()) {
            if (used.grams() > LEAST) {
                lines.add(
                        used.thickness() > 0 && used.length() == 0
                                ? Phrase.of(
                                        "{} of {}, {} thick",
                                        Quantity.mass(used.grams()),
                                        Quantity.text(used.material().words()),
                                        Quantity.length(used.thickness()))
                                : Phrase.of(
                                        "{} of {}",
                                        Quantity.mass(used.grams()),
                                        Quantity.text(used.material().words())));
            }
        }
        if (!lines.isEmpty()) {
            lines.add(Phrase.of("together {}, without spares and off-cuts", Quantity.mass(making.grams())));
        }
        return lines;
    }

    private static List<Phrase> pieces(Making making) {
        List<Phrase> lines = new ArrayList<>();
        for (Making.Cut cut : making.cuts()) {
            List<Quantity> quantities = new ArrayList<>(cut.what().quantities());
            quantities.add(Quantity.count(cut.count()));
            quantities.add(Quantity.count(cut.spare()));
            lines.add(new Phrase(cut.what().template() + ": {}, and {} to spare", quantities));
        }
        for (Making.Wanted wanted : making.wanted()) {
            lines.add(Phrase.of(
                    "{}, made ahead: {}, and {} to spare",
                    Quantity.text(wanted.what()),
                    Quantity.count(wanted.count()),
                    Quantity.count(wanted.material().spare().of(wanted.count()))));
        }
        return lines;
    }

    private static List<Phrase> lengths(Making making) {
        List<Phrase> lines = new ArrayList<>();
        for (Making.Used used : making.used()) {
            if (used.length() > LEAST) {
                lines.add(Phrase.of(
                        "{} of {}, {} thick",
                        Quantity.length(used.length()),
                        Quantity.text(used.material().words()),
                        Quantity.length(used.thickness())));
            }
        }
        return lines;
    }

    /** The formula, and each number that goes into it. */
    private static List<Phrase> inputs(Tier tier, TierWorkup worked, TierWorkup.Worn worn) {
        List<Phrase> lines = new ArrayList<>();
        String formula = Formulas.of(worn.technique());
        lines.add(Phrase.of("{}", Quantity.text(formula == null ? "" : formula)));
        lines.add(around(worked));
        Dressing dressing = tier.dressings().stream()
                .filter(d -> d.id().equals(worn.id()))
                .findFirst()
                .orElse(null);
        String follows = dressing == null ? "" : dressing.division();
        worked.divisions().stream()
                .filter(d -> d.id().equals(follows))
                .findFirst()
                .ifPresent(d -> lines.add(Phrase.of("{} sections", Quantity.count(d.count()))));
        lines.add(Phrase.of(
                "From {} to {} of the surface",
                Quantity.length(worn.zone().foot()),
                Quantity.length(worn.zone().top())));
        for (Field field : worn.fields()) {
            Object given = dressing == null ? null : dressing.settings().get(field.name());
            Object value = given == null ? field.fallback() : given;
            if (value instanceof Number number) {
                lines.add(Phrase.of(field.label() + ": {}", new Quantity(field.kind(), number.doubleValue(), null)));
            } else if (value != null) {
                lines.add(Phrase.of(field.label() + ": {}", Quantity.text(chosen(field, "" + value))));
            }
        }
        return lines;
    }

    private static String chosen(Field field, String value) {
        return field.choices().stream()
                .filter(c -> c.name().equals(value))
                .map(Field.Choice::label)
                .findFirst()
                .orElse(value);
    }
}
