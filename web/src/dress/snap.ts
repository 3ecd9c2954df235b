import type { Divided } from '../api/client';

/** Nearer than this to an edge that is there already, mm, and it is meant. */
const CATCH_MM = 3;

/** Grips nearer than this, px, cannot be told apart by a finger. */
const APART_PX = 27;

/** Places to take hold of, moved to the right until none lies on one before it. */
export function apart<T extends { x: number; y: number }>(
  places: readonly T[],
  taken: readonly { x: number; y: number }[],
): T[] {
  const kept: { x: number; y: number }[] = [...taken];
  return places.map((place) => {
    let { x } = place;
    while (kept.some((k) => Math.hypot(k.x - x, k.y - place.y) < APART_PX)) {
      x += APART_PX;
    }
    const moved = { ...place, x };
    kept.push(moved);
    return moved;
  });
}

/** The counts that close, in order, the present one always among them. */
export function closes(divided: Divided): number[] {
  const counts = divided.ladder.rungs.filter((r) => !r.refused).map((r) => r.n);
  return [...new Set([...counts, divided.count])].sort((a, b) => a - b);
}

/** An edge comes to rest on another one near it, else on the tape's divisions. */
export function nearestEdge(z: number, edges: readonly number[], stepMm: number): number {
  let best: number | null = null;
  for (const edge of edges) {
    if (Math.abs(edge - z) <= CATCH_MM && (best === null || Math.abs(edge - z) < Math.abs(best - z))) {
      best = edge;
    }
  }
  return best ?? Math.floor(z / stepMm + 0.5 + 1e-9) * stepMm;
}
