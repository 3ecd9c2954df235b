/**
 * What follows for one tier: its form as taped, its divisions and how they are marked, its dressings with their figures,
 * handles and findings, what a new reading changed, what a dressing would be on another tier. A tier depends on itself and
 * the bench alone, so that an edit of one works up one; {@link sectorum.tier.StackWorkup} puts them on one another. What
 * cannot be done is said as a finding with its mend and the nearest thing that can is shown, so that a plan whose tier
 * came out smaller still draws.
 */
package sectorum.tier;
