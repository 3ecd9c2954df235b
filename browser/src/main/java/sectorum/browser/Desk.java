package sectorum.browser;

import java.util.LinkedHashMap;
import java.util.Map;
import sectorum.bench.Bench;
import sectorum.measure.Refused;
import sectorum.question.Question;
import sectorum.tier.PlacedTier;
import sectorum.tier.TierWorkup;
import sectorum.workup.Workup;

/** Answers questions; knows each tier as it was worked up last. */
final class Desk implements Question.Tiers {
    /** Told to the page. */
    static final int ANSWERED = 0;

    static final int REFUSED = 1;
    static final int FAILED = 2;

    /** Tiers of a plan, and of one it is compared with. */
    private static final int MOST = 24;

    private record Known(PlacedTier tier, Bench bench, TierWorkup worked) {}

    private final Out out;
    private final Codec codec;
    private final Map<String, Known> known = new LinkedHashMap<>();

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
        Known last = known.get(id);
        if (last != null && last.tier().equals(tier) && last.bench().equals(bench)) {
            return last.worked();
        }
        TierWorkup worked = Workup.tier(tier, bench);
        if (known.size() >= MOST) {
            known.clear();
        }
        known.put(id, new Known(tier, bench, worked));
        return worked;
    }
}
