/** What the workshop owns, with what is in stock of it; in and out as a table that any spreadsheet opens. */
package sectorum.server.cupboard;
