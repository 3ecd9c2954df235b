/**
 * The plan at the bench: every step with the places where a hand goes and what must be looked at first, the journal of what
 * was done and what follows from it, timers with an early and a late edge, what a photograph says of the sections and what in
 * the plan's own language covers a fault. No clock: moments come in as milliseconds since the epoch, and all that follows from
 * a journal follows from its entries in the order in which they were kept, so that every device comes to the same.
 */
package sectorum.turntable;
