/**
 * What goes with the cake to whoever serves it: what it is made of, what comes out of it and where, how it is taken apart;
 * with the whole seen from the front, drawn to scale from the pieces themselves, and both laid on paper.
 */
package sectorum.handover;
