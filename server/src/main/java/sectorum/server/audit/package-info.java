/** Who did what, in words: added to, read by an owner, never changed. */
package sectorum.server.audit;
