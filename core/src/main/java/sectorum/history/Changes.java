package sectorum.history;

import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import sectorum.measure.Absent;
import sectorum.measure.Field;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.technique.Figure;
import sectorum.tier.StackWorkup;
import sectorum.tier.TierWorkup;

/**
 * What changed between two plans, in the words of the trade: first what somebody changed, part by part, then what follows from it,
 * so many pieces more, so much less paste, so much longer at work.
 */
public final class Changes {
    private static final double LEAST_GRAMS = 1;

    private final List<PlanChange> found = new ArrayList<>();
    /** Of both sides: what dressings are called, and their fields by name. */
    private final Map<String, String> worn = new HashMap<>();

    private final Map<String, Map<String, Field>> fields = new HashMap<>();

    private final Map<String, String> tiers = new HashMap<>();

    private Changes(StackWorkup before, StackWorkup after) {
        for (StackWorkup side : List.of(before, after)) {
            for (TierWorkup tier : side.tiers()) {
                for (TierWorkup.Worn w : tier.dressings()) {
                    worn.put(w.id(), w.name());
                    w.fields()
                            .forEach(f -> fields.computeIfAbsent(w.id(), id -> new HashMap<>())
                                    .put(f.name(), f));
                }
            }
        }
    }

    /** Of documents as trees, with what was worked out of each. */
    public static List<PlanChange> of(
            Map<?, ?> before, Map<?, ?> after, StackWorkup workedBefore, StackWorkup workedAfter) {
        Changes changes = new Changes(workedBefore, workedAfter);
        changes.tiers.putAll(changes.named(before));
        changes.tiers.putAll(changes.named(after));
        changes.fields("", List.of(), "", before, after);
        changes.consequences(workedBefore, workedAfter);
        return List.copyOf(changes.found);
    }

    private Map<String, String> named(Map<?, ?> plan) {
        Map<String, String> names = new HashMap<>();
        Map<String, Object> parts = Trees.named(plan.get("tiers"));
        if (parts != null) {
            parts.forEach((id, tier) -> names.put(id, PlanWords.name((Map<?, ?>) tier, worn)));
        }
        return names;
    }

    private void tell(String path, List<String> where, Phrase what) {
        found.add(new PlanChange(path, String.join(", ", where), what));
    }

    /** @param of the dressing whose settings these are; empty: none */
    private void fields(String path, List<String> where, String of, Map<?, ?> before, Map<?, ?> after) {
        for (Object key : Trees.keys(before, after)) {
            String name = "" + key;
            if (!PlanWords.isUnsaid(name)) {
                value(path + "/" + name, where, of, name, before.get(key), after.get(key));
            }
        }
    }

    private void value(
            String path, List<String> where, String of, String key, @Absent Object before, @Absent Object after) {
        if (Trees.same(before, after)) {
            return;
        }
        if (path.equals("/readyBy") && before != null && after != null) {
            moment(path, "" + before, "" + after);
            return;
        }
        if (path.equals("/agenda/done")) {
            done(path, before, after);
            return;
        }
        Map<String, Object> partsBefore = Trees.named(before == null ? List.of() : before);
        Map<String, Object> partsAfter = Trees.named(after == null ? List.of() : after);
        if (partsBefore != null && partsAfter != null && !(partsBefore.isEmpty() && partsAfter.isEmpty())) {
            parts(path, where, key, partsBefore, partsAfter);
            return;
        }
        boolean maps = (before == null || before instanceof Map<?, ?>) && (after == null || after instanceof Map<?, ?>);
        if (maps) {
            String word = PlanWords.of(key);
            List<String> deeper = word.isEmpty() || before == null || after == null ? where : and(where, word);
            fields(path, deeper, of, asMap(before), asMap(after));
            return;
        }
        Field field = fields.getOrDefault(of, Map.of()).get(key);
        String label = field == null ? capital(PlanWords.of(key)) : field.label();
        Quantity now = PlanWords.said(key, after, field);
        if (before == null) {
            tell(path, where, Phrase.of(label + " {} now", now));
        } else {
            tell(path, where, Phrase.of(label + " from {} to {}", PlanWords.said(key, before, field), now));
        }
    }

    private static Map<?, ?> asMap(@Absent Object value) {
        return value instanceof Map<?, ?> map ? map : Map.of();
    }

    private void moment(String path, String before, String after) {
        long minutes = ChronoUnit.MINUTES.between(LocalDateTime.parse(before), LocalDateTime.parse(after));
        String words = PlanWords.span(Math.abs(minutes)) + (minutes > 0 ? " later" : " earlier");
        tell(path, List.of(), Phrase.of("Needed {}: {}", Quantity.text(words), Quantity.text(after.replace('T', ' '))));
    }

    private void done(String path, @Absent Object before, @Absent Object after) {
        Set<?> was = asMap(before).keySet();
        Set<?> is = asMap(after).keySet();
        long more = is.stream().filter(t -> !was.contains(t)).count();
        long less = was.stream().filter(t -> !is.contains(t)).count();
        if (more > 0) {
            tell(path, List.of(), Phrase.of(more == 1 ? "{} task done" : "{} tasks done", Quantity.count(more)));
        }
        if (less > 0) {
            tell(path, List.of(), Phrase.of("{} done before and not now", Quantity.count(less)));
        }
        if (more == 0 && less == 0) {
            tell(path, List.of(), Phrase.of("Done at another time, or in other minutes"));
        }
    }

    private void parts(
            String path, List<String> where, String key, Map<String, Object> before, Map<String, Object> after) {
        String kind = capital(PlanWords.of(key));
        before.forEach((id, part) -> {
            if (!after.containsKey(id)) {
                tell(path + "/" + id, where, Phrase.of(kind + " {} taken out", name(part)));
            }
        });
        after.forEach((id, part) -> {
            Object was = before.get(id);
            if (was == null) {
                tell(path + "/" + id, where, Phrase.of(kind + " {} added", name(part)));
            } else {
                Map<?, ?> now = (Map<?, ?>) part;
                fields(path + "/" + id, and(where, PlanWords.name(now, worn)), id, (Map<?, ?>) was, now);
            }
        });
        List<String> stayed =
                before.keySet().stream().filter(after::containsKey).toList();
        if (!stayed.equals(after.keySet().stream().filter(before::containsKey).toList())) {
            tell(path + "/", where, Phrase.of(kind + "s in another order"));
        }
    }

    private Quantity name(Object part) {
        return Quantity.text(PlanWords.name((Map<?, ?>) part, worn));
    }

    /** What follows for dressings that are there before and after, and for the cake as a whole. */
    private void consequences(StackWorkup before, StackWorkup after) {
        Map<String, TierWorkup.Worn> was = worn(before);
        worn(after).forEach((key, now) -> {
            TierWorkup.Worn then = was.get(key);
            if (then != null) {
                counts(key, then, now);
            }
        });
        double minutes = sum(after, true) - sum(before, true);
        if (Math.abs(minutes) >= 1) {
            tell("", List.of(), Phrase.of("{} " + (minutes > 0 ? "more" : "less") + " work", minutesOf(minutes)));
        }
        double grams = sum(after, false) - sum(before, false);
        if (Math.abs(grams) >= LEAST_GRAMS) {
            tell(
                    "",
                    List.of(),
                    Phrase.of("{} " + (grams > 0 ? "more" : "less") + " on the cake", Quantity.mass(Math.abs(grams))));
        }
    }

    private static Quantity minutesOf(double minutes) {
        return Quantity.minutes(Math.abs(minutes));
    }

    private void counts(String key, TierWorkup.Worn then, TierWorkup.Worn now) {
        Map<String, Figure> before = new HashMap<>();
        then.figures().forEach(f -> before.put(f.name(), f));
        String id = key.substring(0, key.indexOf('\n'));
        String tier = tiers.getOrDefault(id, id);
        for (Figure figure : now.figures()) {
            Figure other = before.get(figure.name());
            if (other == null
                    || figure.quantity().kind() != Quantity.Kind.COUNT
                    || other.quantity().kind() != Quantity.Kind.COUNT) {
                continue;
            }
            double more = figure.quantity().value() - other.quantity().value();
            if (more != 0) {
                tell(
                        "",
                        List.of(tier, now.name()),
                        Phrase.of(
                                "{} " + (more > 0 ? "more " : "fewer ")
                                        + figure.label().toLowerCase(Locale.ROOT),
                                Quantity.count((long) Math.abs(more))));
            }
        }
    }

    /** By tier and dressing. */
    private static Map<String, TierWorkup.Worn> worn(StackWorkup stack) {
        Map<String, TierWorkup.Worn> all = new LinkedHashMap<>();
        stack.tiers().forEach(t -> t.dressings().forEach(w -> all.put(t.id() + "\n" + w.id(), w)));
        return all;
    }

    private static double sum(StackWorkup stack, boolean minutes) {
        double sum = 0;
        for (TierWorkup tier : stack.tiers()) {
            for (TierWorkup.Worn w : tier.dressings()) {
                sum += minutes ? w.making().minutes() : w.making().grams();
            }
        }
        return sum;
    }

    private static List<String> and(List<String> where, String more) {
        List<String> all = new ArrayList<>(where);
        all.add(more);
        return all;
    }

    private static String capital(String words) {
        return words.isEmpty() ? words : words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
