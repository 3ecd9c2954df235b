/** The invented workshop that a new database begins with, when asked for. */
package sectorum.server.demo;
