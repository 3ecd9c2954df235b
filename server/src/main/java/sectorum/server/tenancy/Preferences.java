package sectorum.server.tenancy;

import sectorum.bench.Bench;
import sectorum.bench.Course;
import sectorum.bench.Hand;
import sectorum.bench.OwnRate;
import sectorum.bench.OwnRates;
import sectorum.bench.RateKind;
import sectorum.bench.Stock;
import sectorum.divide.Rehearsal;
import sectorum.measure.Absent;
import sectorum.measure.Length;
import sectorum.measure.LengthUnit;
import sectorum.measure.Tape;
import sectorum.notebook.Rates;

/**
 * How one person thinks of sizes.
 *
 * @param unit lengths are shown in it, and it is meant where none is typed
 * @param tapeMm finest division of the tape in hand, mm
 * @param handMm how far a mark of this hand is off (σ), mm
 * @param hand the hand that leads
 * @param course the order of the places round a tier; absent: alternating
 */
public record Preferences(
        LengthUnit unit,
        double tapeMm,
        double handMm,
        Hand hand,
        @Absent Course course) {
    public Preferences {
        hand = hand == null ? Hand.RIGHT : hand;
        course = course == null ? Course.ALTERNATE : course;
        unit = unit == null ? LengthUnit.CM : unit;
        new Tape(tapeMm);
        Rehearsal.HAND.check(handMm);
    }

    public Tape tape() {
        return new Tape(tapeMm);
    }

    /** This person at a bench with what the workshop has and has seen of itself. */
    public Bench bench(Stock stock, OwnRates rates) {
        OwnRate marks = rates.find(RateKind.HAND, Rates.HAND);
        double off = marks == null ? handMm : marks.value();
        return new Bench(tape(), hand, stock.shelf(), course, stock.weighed(), stock.cutters(), off, rates);
    }

    public String show(double mm) {
        return Length.ofMm(mm).show(unit);
    }
}
