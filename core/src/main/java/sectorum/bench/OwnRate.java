package sectorum.bench;

import sectorum.measure.Field;
import sectorum.measure.Given;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * What a workshop has seen of itself, and lets its plans be reckoned by.
 *
 * @param of what it is about: a {@link Subject}, or a material
 * @param value a factor on the plain figure, or the figure itself, see {@link RateKind#isFactor}
 * @param jobs that stand behind it
 * @param off by what share of itself the next job may be off: nine in ten stay below
 */
public record OwnRate(RateKind kind, String of, double value, int jobs, double off) {
    private static final Field JOBS = Field.count("jobs", "Jobs behind a rate", 1, 100_000, 1, "Count them.");
    private static final double MOST_OFF = 10;
    private static final int LONGEST = 120;

    public OwnRate {
        kind = Given.in("kind", kind);
        of = Given.in("of", of);
        if (of.isEmpty() || of.length() > LONGEST) {
            throw new Refused(
                    "of",
                    Phrase.of(
                            "A rate of \"{}\" is about nothing. Name a technique, a piece, a task or a material in up to {} letters.",
                            Quantity.text(of.length() > LONGEST ? of.substring(0, LONGEST) + "…" : of),
                            Quantity.count(LONGEST)));
        }
        kind.check(value);
        JOBS.check(jobs);
        if (!(off >= 0 && off <= MOST_OFF)) {
            throw new Refused(
                    "off",
                    Phrase.of(
                            "A rate off by {} is outside {} to {} of itself.",
                            Quantity.plain(off),
                            Quantity.count(0),
                            Quantity.plain(MOST_OFF)));
        }
    }

    /** What an estimate by it rests on. */
    public Basis basis() {
        return new Basis(Basis.Source.OWN, jobs, off);
    }
}
