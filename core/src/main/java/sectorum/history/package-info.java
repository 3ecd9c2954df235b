/**
 * What became of a plan over time: two documents of one beginning put together, what changed between two in the words of the trade,
 * and which of many saves are kept. Documents are looked at as trees of maps, lists, words and numbers, so that a new field is
 * merged, told and kept without a line here.
 */
package sectorum.history;
