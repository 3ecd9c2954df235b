/**
 * How people come in: the first owner, invitations, signing in and out, passwords, codes, devices. What each may do is decided
 * where requests arrive ({@code http}); whose workshop it then is, by {@link sectorum.server.tenancy.Tenancy}.
 */
package sectorum.server.people;
