/**
 * What bench devices say and how it is judged: lines into readings, readings that settle, sugar on its way to hard crack, the way a
 * cutting head takes. No device is driven from here; whoever has one hands its lines in. Rejected: trusting a device's own word that
 * it is settled, for a scale in a draught says so, too.
 */
package sectorum.device;
