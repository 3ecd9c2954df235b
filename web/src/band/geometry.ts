import type { Form } from '../api/client';

/** Words at a place along a line. */
export interface Label {
  at: number;
  text: string;
  /** Which mark it names. */
  index: number;
}

/**
 * Leaves out labels that would touch the one kept before them.
 *
 * @param widthOf how wide a text is, in the unit of `at`
 */
export function spaced(labels: readonly Label[], widthOf: (text: string) => number, gap: number): Label[] {
  const kept: Label[] = [];
  for (const label of labels) {
    const before = kept.at(-1);
    if (
      before === undefined ||
      label.at - before.at >= (widthOf(before.text) + widthOf(label.text)) / 2 + gap
    ) {
      kept.push(label);
    }
  }
  return kept;
}

/** Text of an SVG path through x0, z0, x1, z1, … with z turned down, moved and scaled. */
export function path(xz: readonly number[], closed: boolean): string {
  let d = '';
  for (let i = 0; i + 1 < xz.length; i += 2) {
    d += `${i === 0 ? 'M' : 'L'}${xz[i]!.toFixed(2)} ${(-xz[i + 1]!).toFixed(2)}`;
  }
  return closed ? `${d}Z` : d;
}

/** A point of the side as the front sees it: across, and how squarely its skin looks at us (over 0: seen). */
interface Facing {
  x: number;
  y: number;
  seen: number;
}

/**
 * Finds places along an outline sent as points; straight between them, to the 0.05 mm they were made for.
 *
 * @param around how far s goes all round
 */
export function alongOutline(outline: Form['outline'], around: number): (s: number) => Facing {
  const n = outline.length;
  return (s: number) => {
    const u = ((s % around) + around) % around;
    let low = 0;
    let high = n - 1;
    while (low < high) {
      const mid = (low + high + 1) >> 1;
      if (outline[mid]!.s <= u) {
        low = mid;
      } else {
        high = mid - 1;
      }
    }
    const a = outline[low]!;
    const b = outline[(low + 1) % n]!;
    const span = (low + 1 < n ? b.s : around) - a.s;
    const t = span > 0 ? (u - a.s) / span : 0;
    const dx = b.x - a.x;
    const dy = b.y - a.y;
    const l = Math.hypot(dx, dy) || 1;
    return { x: a.x + dx * t, y: a.y + dy * t, seen: dx / l };
  };
}

/** What a handle does to its setting when its grip is moved up by so many millimetres: snapped to the tape, in range. */
export function moved(
  value: number,
  upMm: number,
  perMm: number,
  stepMm: number,
  min: number,
  max: number,
): number {
  const wanted = value + upMm * perMm;
  const snapped = Math.floor(wanted / stepMm + 0.5 + 1e-9) * stepMm;
  return Math.min(max, Math.max(min, snapped));
}

/** The band as it is drawn. */
export interface BandScale {
  /** px per mm, alike both ways: the band is true to scale. */
  k: number;
  x: (s: number) => number;
  y: (z: number) => number;
}
