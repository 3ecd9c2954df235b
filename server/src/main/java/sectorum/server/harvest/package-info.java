/** What was done at the bench, read into the notebook. */
package sectorum.server.harvest;
