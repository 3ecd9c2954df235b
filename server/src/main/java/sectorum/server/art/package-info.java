/**
 * Drawings from outside and back: SVG in and out, letters of the faces that ship, pictures made grey for tracing, the workshop's drawer.
 * What is done with outlines is core's.
 */
package sectorum.server.art;
