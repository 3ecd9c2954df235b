/** What jobs took, kept for every workshop: records, the rates that follow from them, and which of these are switched off. */
package sectorum.server.notebook;
