/**
 * From a design to what is on the table (craft 4.3 to 4.5): pieces nested on sheets, pastes and icings kneaded, coverings
 * and coats, what is bought, what it costs and what it asks of the cupboard.
 *
 * <p>Every technique says what it cuts and uses in its {@link sectorum.technique.Making}; nothing here knows one technique
 * from another, so a new one comes in without a change here. Masses are grams, lengths mm, money is in whatever coin the
 * workshop counts in. Whoever rounds a mass shows the rounding as a part of its own, so that what is kneaded is the sum of
 * its shown parts. Rejected: a nest by trial and annealing, which gives another answer at each asking.
 */
package sectorum.make;
