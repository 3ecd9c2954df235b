package sectorum.history;

import sectorum.measure.Phrase;

/**
 * One thing that is otherwise in one document than in another.
 *
 * @param path of the part, as {@link Merge.Clash#path()} has it; empty for what follows from several
 * @param where the tier, course or piece, in words; empty: the plan itself
 * @param what changed, in words and numbers
 */
public record PlanChange(String path, String where, Phrase what) {}
