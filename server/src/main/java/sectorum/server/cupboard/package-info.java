/** What the workshop owns: for now boards, tins and cutters, by how wide they are. */
package sectorum.server.cupboard;
