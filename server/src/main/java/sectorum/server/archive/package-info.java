/**
 * A workshop, a plan or the drawer as one file, out and in: a zip of JSON and JPEG, described in docs/archive-format.md. What comes in
 * is read and checked wholly before anything is written, and is then written whole or not at all.
 */
package sectorum.server.archive;
