/**
 * Whose workshop it is. Everything stored belongs to a workshop, and every query asks
 * {@link sectorum.server.tenancy.Tenancy} for it: that of whoever signed in, never what a request says. Who there is at all is
 * {@link sectorum.server.tenancy.Register}'s.
 */
package sectorum.server.tenancy;
