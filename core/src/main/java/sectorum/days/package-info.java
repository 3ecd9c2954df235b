/**
 * When everything is done (craft 4.2, 5.2). A {@link sectorum.days.Task} takes hands, is then left alone, and needs
 * others before it; {@link sectorum.days.Backward} puts every task of every order as late as its followers, the workshop's
 * hours, its hands and its places allow, so that each begins at its last safe start. Moments are whole minutes since the
 * epoch: hours of a day come in through the workshop's zone, and a wait over a change of the clocks stays as long as it is.
 *
 * <p>Rejected: planning forward from now. It fills the days before the cake with work that could still be done later, when
 * everything is fresher, and says nothing about how late one may begin.
 */
package sectorum.days;
