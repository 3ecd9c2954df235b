/**
 * Bench devices: one small interface each, and the simulated stand-ins that ship. A real device is one new class (docs/devices.md).
 * They stand beside the machine that the server runs on, so that each copy of a server has its own.
 */
package sectorum.server.devices;
