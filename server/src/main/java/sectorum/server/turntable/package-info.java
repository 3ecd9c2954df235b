/**
 * The journal of a job, kept line by line and each line once, and who is told when it or its plan changes. What follows from
 * a journal core says.
 */
package sectorum.server.turntable;
