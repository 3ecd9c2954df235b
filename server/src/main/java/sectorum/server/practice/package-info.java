/** What people rehearsed, and how it came out. */
package sectorum.server.practice;
