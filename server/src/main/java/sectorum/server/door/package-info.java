/**
 * The door for devices in the same network: a second, encrypted connector that only stands where it was asked for, and lets in
 * only who has a link, to one plan's turntable.
 */
package sectorum.server.door;
