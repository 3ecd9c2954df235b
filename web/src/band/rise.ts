import type { Layout, Worn } from '../api/client';
import { ROW } from './projection';

const known = new WeakMap<Layout, number>();

/** How high above the foot the pieces of a layout on a side reach, mm. */
export function reachOf(layout: Layout): number {
  const told = known.get(layout);
  if (told !== undefined) {
    return told;
  }
  const ups = layout.shapes.map((s) => Math.max(0, ...s.xz.filter((_, i) => i % 2 === 1)));
  const sides = layout.shapes.map((s) => Math.max(...s.xz.map(Math.abs)));
  let top = 0;
  for (let at = 0; at < layout.placements.length; at += ROW) {
    const index = layout.placements[at]!;
    // Turned pieces reach no farther than their farthest point.
    const up = layout.placements[at + 3] === 0 ? ups[index]! : sides[index]!;
    top = Math.max(top, layout.placements[at + 2]! + up * layout.placements[at + 4]!);
  }
  known.set(layout, top);
  return top;
}

/** Over the edge by less than this, mm, and nobody would say that it rises. */
const RISES_MM = 12;

/** How far what is worn on a side stands over its upper edge, mm; 0: nothing does. */
export function risen(dressings: readonly Worn[], high: number): number {
  const most = Math.max(
    0,
    ...dressings.filter((w) => w.surface === 'side').map((w) => reachOf(w.layout) - high),
  );
  return most > RISES_MM ? most : 0;
}
