package sectorum.server.turn;

import sectorum.measure.Length;
import sectorum.measure.LengthUnit;
import sectorum.measure.Tape;
import sectorum.workup.Bench;

/**
 * How one person thinks of sizes.
 *
 * @param unit lengths are shown in it, and it is meant where none is typed
 * @param tapeMm finest division of the tape in hand, mm
 */
public record Preferences(LengthUnit unit, double tapeMm) {
    static final Preferences USUAL =
            new Preferences(LengthUnit.CM, LengthUnit.CM.tape().divisionMm());

    public Preferences {
        unit = unit == null ? LengthUnit.CM : unit;
        new Tape(tapeMm);
    }

    public Bench bench() {
        return new Bench(new Tape(tapeMm));
    }

    public String show(double mm) {
        return Length.ofMm(mm).show(unit);
    }
}
