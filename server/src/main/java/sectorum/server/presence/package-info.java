/** Who is at which plan just now, and where in it: kept in the database, so that it holds for all copies of the server. */
package sectorum.server.presence;
