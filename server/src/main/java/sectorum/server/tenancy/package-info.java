/**
 * Whose workshop it is. Everything stored belongs to a workshop and every query asks {@link sectorum.server.tenancy.Tenancy} for
 * it; when people sign in, only this package changes.
 */
package sectorum.server.tenancy;
