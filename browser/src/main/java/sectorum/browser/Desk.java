package sectorum.browser;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import sectorum.bench.Bench;
import sectorum.measure.Refused;
import sectorum.question.Question;
import sectorum.tier.KeptTier;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWorkup;

/** Answers questions; knows each tier as it was worked up last. */
final class Desk implements Question.Tiers {
    /** Told to the page. */
    static final int ANSWERED = 0;

    static final int REFUSED = 1;
    static final int FAILED = 2;

    /** Tiers of a plan, and of one it is compared with. */
    private static final int MOST = 24;

    private final Out out;
    private final Codec codec;
    private final Map<String, KeptTier> known = new LinkedHashMap<>();

    Desk(Wire wire) {
        Vocabulary words = new Vocabulary(wire, Codec.WORDS);
        out = new Out(wire, words);
        codec = new Codec(new In(wire, words), out);
    }

    /** That it stands is all. */
    void begin() {}

    int ask(int question) {
        try {
            codec.answer(question, this);
            return ANSWERED;
        } catch (Refused refused) {
            Forms.writeRefused(codec, out, refused);
            return REFUSED;
        } catch (RuntimeException fault) {
            return FAILED;
        }
    }

    @Override
    public TierWorkup of(PlacedTier tier, Bench bench) {
        String id = tier.tier().id();
        KeptTier last = known.get(id);
        if (last != null && last.placed().equals(tier) && last.bench().equals(bench)) {
            return last.workup();
        }
        KeptTier now = KeptTier.of(tier, bench, last);
        if (known.size() >= MOST) {
            known.values().forEach(k -> parts(k.workup()).forEach(out::forget));
            known.clear();
        }
        known.put(id, now);
        // Most of it is the very same as before: that is named, not written once more.
        List<Object> parts = parts(now.workup());
        parts.forEach(out::mayKeep);
        if (last != null) {
            parts(last.workup()).stream()
                    .filter(old -> parts.stream().noneMatch(p -> p == old))
                    .forEach(out::forget);
        }
        return now.workup();
    }

    private static List<Object> parts(TierWorkup worked) {
        List<Object> parts = new ArrayList<>(worked.divisions());
        parts.addAll(worked.dressings());
        parts.add(worked.form());
        return parts;
    }
}
