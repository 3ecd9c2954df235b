/** The workshop's orders in time: who shares what, and what leaves as a calendar. */
package sectorum.server.days;
