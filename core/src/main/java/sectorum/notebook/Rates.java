package sectorum.notebook;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import sectorum.bench.OwnRate;
import sectorum.bench.OwnRates;
import sectorum.bench.RateKind;
import sectorum.bench.Subject;

/** Rates out of records: of everybody, of one person, and of one material. */
public final class Rates {
    /** A rate of one person, or of one material, takes the place of everybody's from so many jobs on. */
    public static final int APART = 3;
    /** What rates of a hand are about. */
    public static final String HAND = "hand";

    private Rates() {}

    /** What a rate is about and whose it is. */
    private record Key(RateKind kind, String of, String who) {}

    /** All that the records say, by kind, then by what it is about; each in the order in which the jobs were. */
    public static List<LearnedRate> of(List<WorkRecord> records) {
        List<WorkRecord> inTime = records.stream()
                .sorted(Comparator.comparing(WorkRecord::at)
                        .thenComparing(r -> r.id() == null ? Long.MAX_VALUE : r.id()))
                .toList();
        Map<Key, List<WorkRecord>> by = new TreeMap<>(
                Comparator.comparing(Key::kind).thenComparing(Key::of).thenComparing(Key::who));
        for (WorkRecord record : inTime) {
            for (RateKind kind : RateKind.values()) {
                if (record.isKnown(kind)) {
                    String of = record.about(kind);
                    if (kind != RateKind.HAND) {
                        put(by, new Key(kind, of, ""), record);
                    }
                    if (!record.who().isEmpty() && isOfAHand(kind)) {
                        put(by, new Key(kind, of, record.who()), record);
                    }
                    if (record.paste() != null && Subject.isOne(of)) {
                        put(by, new Key(kind, Subject.of(of, record.paste().key()), ""), record);
                    }
                }
            }
        }
        List<LearnedRate> all = new ArrayList<>();
        by.forEach((key, jobs) -> all.add(rate(key, jobs)));
        return all;
    }

    /** What differs from hand to hand. */
    private static boolean isOfAHand(RateKind kind) {
        return kind == RateKind.TIME || kind == RateKind.BREAKAGE || kind == RateKind.HAND;
    }

    private static void put(Map<Key, List<WorkRecord>> by, Key key, WorkRecord record) {
        by.computeIfAbsent(key, k -> new ArrayList<>()).add(record);
    }

    private static LearnedRate rate(Key key, List<WorkRecord> jobs) {
        RateKind kind = key.kind();
        List<WorkRecord> counting = jobs.stream().filter(j -> j.counts(kind)).toList();
        List<Double> says = counting.stream().map(j -> j.says(kind)).toList();
        Sample.Rated rated = counting.isEmpty()
                ? null
                : kind == RateKind.BREAKAGE
                        ? Sample.broken(
                                key.of(),
                                counting.stream().map(WorkRecord::pieces).toList())
                        : Sample.of(kind, key.of(), says);
        List<LearnedRate.Point> points = jobs.stream()
                .map(j -> new LearnedRate.Point(
                        j.id(),
                        j.at(),
                        j.job(),
                        j.says(kind),
                        j.counts(kind),
                        kind.isFactor() && Sample.isOdd(j.says(kind), says)))
                .toList();
        return new LearnedRate(
                kind,
                key.of(),
                key.who(),
                rated == null ? null : rated.rate(),
                rated == null ? 0 : rated.unsure(),
                kind.isFactor() ? Sample.drift(says) : null,
                points);
    }

    /**
     * What flows into the plans of a person.
     *
     * @param off switched off: a kind's name, or a kind and what it is about with a space between
     */
    public static OwnRates flowing(List<LearnedRate> learned, String who, Set<String> off) {
        Map<String, OwnRate> chosen = new LinkedHashMap<>();
        for (LearnedRate each : learned) {
            boolean hand = each.kind() == RateKind.HAND;
            boolean mine = !who.isEmpty() && each.who().equals(who) && (hand || each.jobs() >= APART);
            // Of one material alone only breakage is asked for: thin gum breaks where fondant bends.
            boolean apart = each.of().indexOf('@') < 0 || (each.kind() == RateKind.BREAKAGE && each.jobs() >= APART);
            if (each.rate() != null && apart && ((each.who().isEmpty() && !hand) || mine) && !isOff(each, off)) {
                String of = each.kind() + " " + each.of();
                OwnRate before = chosen.get(of);
                chosen.put(of, before == null || !each.who().isEmpty() ? each.rate() : before);
            }
        }
        return new OwnRates(List.copyOf(chosen.values()));
    }

    /** The name under which a rate is switched off. */
    public static String called(RateKind kind, String of) {
        return kind + " " + of;
    }

    private static boolean isOff(LearnedRate rate, Set<String> off) {
        String of = rate.of();
        int cut = of.indexOf('@');
        return off.contains(rate.kind().name())
                || off.contains(called(rate.kind(), of))
                || (cut >= 0 && off.contains(called(rate.kind(), of.substring(0, cut))));
    }
}
