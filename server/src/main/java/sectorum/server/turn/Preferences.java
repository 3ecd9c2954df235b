package sectorum.server.turn;

import sectorum.divide.Rehearsal;
import sectorum.measure.Length;
import sectorum.measure.LengthUnit;
import sectorum.measure.Tape;
import sectorum.workup.Bench;

/**
 * How one person thinks of sizes.
 *
 * @param unit lengths are shown in it, and it is meant where none is typed
 * @param tapeMm finest division of the tape in hand, mm
 * @param handMm how far a mark of this hand is off (σ), mm
 */
public record Preferences(LengthUnit unit, double tapeMm, double handMm) {
    public Preferences {
        unit = unit == null ? LengthUnit.CM : unit;
        new Tape(tapeMm);
        Rehearsal.HAND.check(handMm);
    }

    public Bench bench() {
        return new Bench(new Tape(tapeMm));
    }

    public String show(double mm) {
        return Length.ofMm(mm).show(unit);
    }
}
