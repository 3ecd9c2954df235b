/** Links that open one plan, or one sheet of it, to somebody who is not of the workshop. */
package sectorum.server.shares;
