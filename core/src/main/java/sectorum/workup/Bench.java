package sectorum.workup;

import sectorum.measure.Tape;

/** What a workup needs to know of whoever works: for now the tape in hand. */
public record Bench(Tape tape) {}
