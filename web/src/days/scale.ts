import type { Days } from '../api/client';
import { DAY, midnight, minutes } from '../units/time';

/** A day without work takes so much of the width of another. */
const QUIET = 0.55;

/** Where a moment is drawn. Where days are seen, those without work are narrower. */
export function scale(days: Days, from: number, to: number, width: number): (at: number) => number {
  if (to - from <= 2 * DAY) {
    return (at) => ((at - from) / (to - from)) * width;
  }
  const busy = new Set(
    days.items.filter((i) => i.own).flatMap((i) => i.work.map((w) => midnight(minutes(w.from)))),
  );
  busy.add(midnight(minutes(days.readyBy)));
  const first = midnight(from);
  const weights: number[] = [];
  for (let at = first; at < to; at += DAY) {
    weights.push(busy.has(at) ? 1 : QUIET);
  }
  const k = width / weights.reduce((sum, w) => sum + w, 0);
  const starts = [0];
  for (const w of weights) {
    starts.push(starts.at(-1)! + w * k);
  }
  return (at) => {
    const i = Math.floor((at - first) / DAY);
    if (i < 0 || i >= weights.length) {
      return i < 0 ? ((at - first) / DAY) * k : width + ((at - to) / DAY) * k;
    }
    return starts[i]! + ((at - first - i * DAY) / DAY) * weights[i]! * k;
  };
}
