package sectorum.server.tenancy;

import sectorum.measure.Absent;

/**
 * Who asks.
 *
 * @param person whose tape, hand and units hold
 * @param plan the only plan that is open to them; absent: all of the workshop's
 */
public record Who(
        long workshop, long person, Role role, @Absent Long plan) {
    Who(long workshop, long person, Role role) {
        this(workshop, person, role, null);
    }

    /** Whoever holds a link to one plan: as the person who gave it, but with no more than that. */
    public Who at(long plan, Role role) {
        return new Who(workshop, person, role, plan);
    }
}
