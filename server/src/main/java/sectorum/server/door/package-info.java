/**
 * The door for devices in the same network: a second, encrypted connector that only stands where it was asked for. Who comes through
 * it signs in, or has a link.
 */
package sectorum.server.door;
