/** What the server's clock was when it was last heard of, beside this device's own two. */
export interface Anchor {
  server: number;
  wall: number;
  steady: number;
}

/** Less than this is how long an answer takes, ms. */
const SAME_MS = 2000;

/**
 * The server's time now. A device's clock may be wrong, and may be set while it is away: what counts is how far it went since
 * the server was heard. It stands still for nobody who sleeps, so where it is ahead of the steady one it is believed; set
 * back it is not.
 */
export function serverTime(anchor: Anchor | null, wall: number, steady: number): number {
  if (anchor === null) {
    return wall;
  }
  const byWall = wall - anchor.wall;
  const bySteady = steady - anchor.steady;
  // After a reload the steady clock begins anew, and says nothing.
  return anchor.server + (byWall < bySteady - SAME_MS && bySteady >= 0 ? bySteady : byWall);
}
