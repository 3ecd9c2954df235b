/**
 * The server: HTTP in and out, MariaDB through Hibernate, documents. It decides no number of the craft; those come from
 * core.
 *
 * <p>{@code tenancy} knows whose workshop it is and is the only door to it; {@code plans} keeps plans and their revisions;
 * {@code documents} writes PDF and SVG; {@code demo} fills a new workshop; {@code http} is thin.
 */
package sectorum.server;
