/**
 * Plans and their revisions. A plan's design is one JSON document; name and day stand beside it for lists. A save names
 * the revision it started from: a stale one is refused with both documents, so that nothing is ever overwritten unseen.
 */
package sectorum.server.plans;
