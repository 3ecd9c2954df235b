/**
 * Pieces made ahead, one small file for each kind behind {@link sectorum.ahead.AheadKind}: what they are put together from,
 * how they look, what holds them. A kind is to a piece what a technique is to a dressing. Rejected: a field for every size of
 * every kind in the document; settings go by name, as those of techniques do.
 */
package sectorum.ahead;
