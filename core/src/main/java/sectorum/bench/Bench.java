package sectorum.bench;

import java.util.List;
import sectorum.divide.Rehearsal;
import sectorum.measure.Absent;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.measure.Tape;

/**
 * What a workup needs to know of whoever works and of the workshop.
 *
 * @param tape in hand; suggested sizes are rounded to it
 * @param shelf the rounds owned that a curve can be traced around
 * @param course the order of the places round a tier; absent: alternating
 * @param weighed what finishes took, as far as anybody has weighed it; absent: nothing
 * @param cutters round cutters owned; absent: none
 * @param handMm how far a mark of this hand is off (σ), mm; absent: as is usual
 * @param rates what the workshop has seen of itself; absent: nothing, and the plain tables hold
 */
public record Bench(
        Tape tape,
        Hand hand,
        List<Round> shelf,
        @Absent Course course,
        @Absent List<Weighed> weighed,
        @Absent List<Cutter> cutters,
        @Absent Double handMm,
        @Absent OwnRates rates) {
    static final int MOST = 500;

    public Bench {
        if (tape == null) {
            throw new Refused("tape", Phrase.of("A bench has a {}. Say its finest division.", Quantity.text("tape")));
        }
        hand = hand == null ? Hand.RIGHT : hand;
        course = course == null ? Course.ALTERNATE : course;
        shelf = shelf == null ? List.of() : List.copyOf(shelf);
        weighed = weighed == null ? List.of() : List.copyOf(weighed);
        cutters = cutters == null ? List.of() : List.copyOf(cutters);
        handMm = handMm == null ? (Double) Rehearsal.HAND.fallback() : handMm;
        Rehearsal.HAND.check(handMm);
        rates = OwnRates.orNone(rates);
        looked("shelf", shelf.size());
        looked("cutters", cutters.size());
    }

    public Bench(Tape tape, Hand hand, List<Round> shelf) {
        this(tape, hand, shelf, Course.ALTERNATE);
    }

    public Bench(Tape tape, Hand hand, List<Round> shelf, @Absent Course course) {
        this(tape, hand, shelf, course, List.of(), List.of(), null, OwnRates.NONE);
    }

    private static void looked(String field, int things) {
        if (things > MOST) {
            throw new Refused(
                    field,
                    Phrase.of(
                            "{} things in \"{}\"; up to {} are looked through.",
                            Quantity.count(things),
                            Quantity.text(field),
                            Quantity.count(MOST)));
        }
    }

    /** The same bench by these rates. */
    public Bench by(OwnRates others) {
        return new Bench(tape, hand, shelf, course, weighed, cutters, handMm, others);
    }

    /** Grams to 100 cm² that a finish took when it was weighed, or what is usual. */
    public double weighed(String finish, double usual) {
        return weighed.stream()
                .filter(w -> w.finish().equals(finish))
                .findFirst()
                .map(Weighed::per)
                .orElse(usual);
    }

    /** The bench, or where there is none a right hand with a tape of millimetres and nothing on the shelf. */
    public static Bench orUsual(@Absent Bench bench) {
        return bench == null ? of(LengthUnit.MM.tape()) : bench;
    }

    /** A right hand with this tape and nothing on the shelf. */
    public static Bench of(Tape tape) {
        return new Bench(tape, Hand.RIGHT, List.of());
    }

    /** The round whose traced arc comes nearest to the wanted drop over a chord, or none where all are too small. */
    public Traced nearest(double chord, double drop) {
        return shelf.stream()
                .filter(round -> round.across() >= chord)
                .map(round -> new Traced(round, round.drop(chord)))
                .min(java.util.Comparator.comparingDouble((Traced t) -> Math.abs(t.drop() - drop))
                        .thenComparing(t -> t.round().name()))
                .orElse(Traced.NONE);
    }

    /** A round and the drop that it draws; {@link #NONE} where there is none. */
    public record Traced(Round round, double drop) {
        public static final Traced NONE = new Traced(null, Double.NaN);

        public boolean found() {
            return round != null;
        }
    }
}
