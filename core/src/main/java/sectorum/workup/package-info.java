/**
 * Everything that follows from a plan, as one pure function: no clock, no randomness, no files. The same plan gives the
 * same workup to the last bit. What cannot be done is said as a finding with its mend and the nearest thing that can is
 * shown, so that a plan whose tier came out smaller still draws.
 */
package sectorum.workup;
