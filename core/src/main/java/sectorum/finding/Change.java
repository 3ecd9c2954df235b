package sectorum.finding;

import sectorum.measure.Absent;

/**
 * One edit to the thing a finding is about.
 *
 * @param target what is edited
 * @param field the field's name in the plan document
 * @param value the new value; absent: the field is taken out
 */
public record Change(Target target, String field, @Absent Object value) {
    /**
     * What a change edits: the dressing's settings, the dressing, its division, its tier, how the plan is made, what carries
     * it, a piece of one's own (its field is {@code id/field}), what is settled about the days, or the workshop itself.
     */
    public enum Target {
        SETTING,
        DRESSING,
        DIVISION,
        TIER,
        TABLE,
        STAND,
        PIECE,
        AGENDA,
        WORKSHOP
    }
}
