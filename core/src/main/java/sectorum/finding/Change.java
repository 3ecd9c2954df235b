package sectorum.finding;

/**
 * One edit to the thing a finding is about.
 *
 * @param target what is edited
 * @param field the field's name in the plan document
 * @param value the new value
 */
public record Change(Target target, String field, Object value) {
    /** What a change edits: the dressing's settings, its division, or the tier it is on. */
    public enum Target {
        SETTING,
        DIVISION,
        TIER
    }
}
