import type { Layout } from '../api/client';
import { narrowing, ROW, type Sized, tapering } from './projection';

/** The part of a layout that reaches into a stretch of the side, for whoever draws no more than that. */
export function near(layout: Layout, s: number, reach: number, form: Sized): Layout {
  const taper = tapering(form);
  const { around } = taper;
  const extents = layout.shapes.map(({ xz }) => {
    let left = 0;
    let right = 0;
    for (let i = 0; i < xz.length; i += 2) {
      // Whatever way it is turned, it reaches no farther.
      const far = Math.hypot(xz[i]!, xz[i + 1]!);
      left = Math.min(left, xz[i]! < 0 ? -far : -Math.abs(xz[i + 1]!));
      right = Math.max(right, xz[i]! > 0 ? far : Math.abs(xz[i + 1]!));
    }
    return { left, right };
  });
  const placements: number[] = [];
  for (let at = 0; at < layout.placements.length; at += ROW) {
    const { left, right } = extents[layout.placements[at]!]!;
    const place = layout.placements[at + 1]!;
    const across = narrowing(taper, layout.placements[at + 2]!);
    const seen = [-around, 0, around].some(
      (shift) => place + shift + right / across > s - reach && place + shift + left / across < s + reach,
    );
    if (seen) {
      for (let i = 0; i < ROW; i++) {
        placements.push(layout.placements[at + i]!);
      }
    }
  }
  return { ...layout, placements };
}
