/** What the workshop makes by recipes of its own; they are reckoned with in core. */
package sectorum.server.recipes;
