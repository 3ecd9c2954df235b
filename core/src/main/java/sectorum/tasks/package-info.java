/**
 * What follows from a plan as work: what it puts on the table and on the dowels, its tasks with their hands and waits, the
 * days these come to among the workshop's orders, what would save time, and each step in words with its cautions. A task's
 * name is kept in plan documents and never changes; times are minutes since the epoch inside and local moments outside.
 */
package sectorum.tasks;
