package sectorum.notebook;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import sectorum.bench.RateKind;
import sectorum.material.Breakage;
import sectorum.material.Spare;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Rounding;

/** What jobs taught that nobody has decided on yet, what changes most first. */
public final class Lessons {
    private Lessons() {}

    private record About(RateKind kind, String of) {}

    /**
     * @param job the records of one job
     * @param all the workshop's, those of the job with them
     */
    public static List<Lesson> of(List<WorkRecord> job, List<WorkRecord> all) {
        Map<About, List<WorkRecord>> waiting = new LinkedHashMap<>();
        for (WorkRecord record : job) {
            for (RateKind kind : RateKind.values()) {
                if (record.isKnown(kind) && record.waiting().contains(kind)) {
                    waiting.computeIfAbsent(new About(kind, record.about(kind)), k -> new ArrayList<>())
                            .add(record);
                }
            }
        }
        List<Weighed> lessons = new ArrayList<>();
        waiting.forEach((about, records) -> {
            Lesson lesson = lesson(about, records, all);
            lessons.add(new Weighed(lesson, moves(lesson, records)));
        });
        lessons.sort(Comparator.comparingDouble((Weighed w) -> -w.minutes()));
        return lessons.stream().map(Weighed::lesson).toList();
    }

    /** A lesson and what it moves, so that what matters most is said first. */
    private record Weighed(Lesson lesson, double minutes) {}

    /** A piece more or less is some minutes of hands. */
    private static final double PIECE_MIN = 4;
    /** A wait an hour longer or shorter is worth so many minutes of hands. */
    private static final double HOUR_MIN = 6;
    /** What a rate that moves by a tenth is worth where nothing else tells. */
    private static final double TENTH_MIN = 5;

    /** What it changes of the same work done again, as minutes of hands. */
    private static double moves(Lesson lesson, List<WorkRecord> records) {
        double by = Math.abs(lesson.after() - lesson.before());
        return switch (lesson.kind()) {
            case TIME -> by * sum(records, r -> r.time().plain());
            case BREAKAGE -> PIECE_MIN * Math.abs(spares(records, lesson.after()) - spares(records, lesson.before()));
            case DRYING -> HOUR_MIN * by * records.get(0).drying().plain();
            default -> by / Math.max(0.1, lesson.before()) * 10 * TENTH_MIN;
        };
    }

    /** Pieces beside those needed where so many break; as they were planned where nobody has counted. */
    private static int spares(List<WorkRecord> records, double share) {
        return share <= 0
                ? (int) sum(records, r -> spare(r.pieces()))
                : Breakage.spare(needed(records), share, Breakage.SURE);
    }

    private static int needed(List<WorkRecord> records) {
        return (int) sum(records, r -> r.pieces().made() - r.pieces().broken());
    }

    private static Lesson lesson(About about, List<WorkRecord> records, List<WorkRecord> all) {
        RateKind kind = about.kind();
        List<Long> ids = records.stream().map(WorkRecord::id).toList();
        List<WorkRecord> others = all.stream()
                .filter(r -> r.isKnown(kind) && Objects.equals(r.about(kind), about.of()))
                .toList();
        List<WorkRecord> taken = others.stream()
                .map(r -> ids.contains(r.id()) ? r.decided(r.aside(), without(r, kind)) : r)
                .toList();
        double before = value(about, others);
        double after = value(about, taken);
        return new Lesson(
                kind, about.of(), ids, said(kind, records), effect(kind, records, before, after), before, after);
    }

    private static java.util.Set<RateKind> without(WorkRecord record, RateKind kind) {
        return record.waiting().stream().filter(k -> k != kind).collect(Collectors.toSet());
    }

    private static double value(About about, List<WorkRecord> records) {
        return Rates.of(records).stream()
                .filter(r -> r.kind() == about.kind()
                        && r.of().equals(about.of())
                        && (isOfOne(about) || r.who().isEmpty()))
                .filter(r -> r.rate() != null)
                .mapToDouble(r -> r.rate().value())
                .findFirst()
                .orElse(plain(about.kind()));
    }

    /** A hand's marks are nobody else's. */
    private static boolean isOfOne(About about) {
        return about.kind() == RateKind.HAND;
    }

    /** The figure of whoever has seen nothing. */
    static double plain(RateKind kind) {
        return switch (kind) {
            case BREAKAGE -> 0;
            case HAND -> 0.7;
            case CHILLING -> 20;
            case SOFTENING -> 5;
            default -> 1;
        };
    }

    private static double sum(List<WorkRecord> records, java.util.function.ToDoubleFunction<WorkRecord> of) {
        return records.stream().mapToDouble(of).reduce(0, Double::sum);
    }

    private static Quantity times(double ratio) {
        return Quantity.plain(Rounding.halfUp(ratio, 0.1));
    }

    private static Quantity hours(double hours) {
        return Quantity.plain(Rounding.halfUp(hours, hours < 10 ? 0.1 : 1));
    }

    private static Phrase said(RateKind kind, List<WorkRecord> records) {
        WorkRecord first = records.get(0);
        Quantity name = Quantity.text(
                records.size() == 1 ? first.name() : first.name() + ", and " + (records.size() - 1) + " like it");
        return switch (kind) {
            case TIME -> {
                double took = sum(records, r -> r.time().minutes());
                double plain = sum(records, r -> r.time().plain());
                yield Phrase.of(
                        "{}: {} × the plain time, {} beside {}.",
                        name,
                        times(took / plain),
                        Quantity.minutes(took),
                        Quantity.minutes(plain));
            }
            case BREAKAGE -> {
                long made = (long) sum(records, r -> r.pieces().made());
                long broken = (long) sum(records, r -> r.pieces().broken());
                long spare = (long) sum(records, r -> spare(r.pieces()));
                yield Phrase.of(
                        "{}: {} of {} broke; spare were planned: {}.",
                        name,
                        Quantity.count(broken),
                        Quantity.count(made),
                        Quantity.count(spare));
            }
            case DRYING ->
                first.drying().hard() != null
                        ? Phrase.of(
                                "{}: hard after {} hours; the formula says {}.",
                                name,
                                hours(first.drying().hard()),
                                hours(first.drying().plain()))
                        : Phrase.of(
                                "{}: could be handled after {} hours; the formula says {}.",
                                name,
                                hours(first.drying().handled()),
                                hours(first.drying().plain() * sectorum.days.Drying.HANDLED));
            case DENSITY, METRE ->
                Phrase.of(
                        "{}: {} where the table has {}.",
                        name,
                        Quantity.mass(sum(records, r -> r.weight().grams())),
                        Quantity.mass(sum(records, r -> r.weight().plain())));
            case COVERAGE ->
                Phrase.of(
                        "{}: {} pieces on a patch where the look has {}.",
                        name,
                        Quantity.count((long) sum(records, r -> r.patch().counted())),
                        Quantity.plain(
                                Rounding.halfUp(sum(records, r -> r.patch().plain()), 0.1)));
            case HAND -> Phrase.of("{}: your marks were {} off.", name, Quantity.length(first.says(kind)));
            case CHILLING -> Phrase.of("{}: lifted whole after {} minutes in the cold.", name, hours(first.says(kind)));
            case SOFTENING -> Phrase.of("{}: too soft to place after {} minutes.", name, hours(first.says(kind)));
        };
    }

    private static int spare(WorkRecord.PiecesMade pieces) {
        return pieces.spare() == null ? Spare.USUAL.of(pieces.made() - pieces.broken()) : pieces.spare();
    }

    private static Phrase effect(RateKind kind, List<WorkRecord> records, double before, double after) {
        return switch (kind) {
            case TIME -> {
                double plain = sum(records, r -> r.time().plain());
                yield Phrase.of(
                        "The same again would be planned with {} instead of {}.",
                        Quantity.minutes(plain * after),
                        Quantity.minutes(plain * before));
            }
            case BREAKAGE ->
                Phrase.of(
                        "For {} whole ones {} spare would be made instead of {}.",
                        Quantity.count(needed(records)),
                        Quantity.count(spares(records, after)),
                        Quantity.count(spares(records, before)));
            case DRYING -> {
                double plain = records.get(0).drying().plain();
                yield Phrase.of(
                        "The same again would be expected hard after {} hours instead of {}.",
                        hours(plain * after),
                        hours(plain * before));
            }
            case HAND ->
                Phrase.of(
                        "Marks would be reckoned {} off instead of {}.",
                        Quantity.length(after),
                        Quantity.length(before));
            case CHILLING, SOFTENING ->
                Phrase.of("{} minutes would be reckoned with instead of {}.", hours(after), hours(before));
            default ->
                Phrase.of(
                        "{} × the table would be reckoned with instead of {} ×.",
                        Quantity.plain(Rounding.halfUp(after, 0.01)),
                        Quantity.plain(Rounding.halfUp(before, 0.01)));
        };
    }
}
