/**
 * What lies on the bench and who stands at it: the tape, the hand, the boards to trace round; and what any workshop
 * knows before it has weighed or timed anything: densities, adhesives, plain rates, spares (craft 3, 4.3, 4.5).
 */
package sectorum.bench;
