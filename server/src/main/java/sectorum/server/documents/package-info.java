/** Core's drawings as files: SVG at true size, and PDF sheets with their fonts inside. */
package sectorum.server.documents;
