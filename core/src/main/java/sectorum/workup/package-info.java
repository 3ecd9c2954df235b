/**
 * The front: a plan and a bench, and everything that follows, as pure functions over the rooms that compute it: no clock,
 * no randomness, no files. The same plan gives the same workup to the last bit. Nothing is computed here.
 */
package sectorum.workup;
