/** The doors to the outside: thin controllers, one place for errors, one for headers. */
package sectorum.server.http;
