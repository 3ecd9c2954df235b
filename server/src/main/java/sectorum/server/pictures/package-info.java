/**
 * Reference pictures of an order. A picture is known by its content, never by its name; it is turned upright, scaled down
 * and written anew, so that nothing of the camera or the place it was taken at is kept.
 */
package sectorum.server.pictures;
