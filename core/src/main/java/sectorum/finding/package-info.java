/**
 * Judgements about a plan. Findings are gathered, all of them, and the caller decides: each carries its rule, its level,
 * a phrase with the numbers behind it, and the changes that mend it, which can be applied with one press and undone like
 * any edit (craft 5.4).
 */
package sectorum.finding;
