import type { Dressing, Form, Layout, Seen, Worn } from '../api/client';
import { ROW } from './projection';

/** A surface as a document names it: a ledge is the top with a tier on it. */
export function documentSurface(kind: Seen['kind']): NonNullable<Dressing['surface']> {
  return kind === 'ledge' ? 'top' : kind;
}

export function surfaceOf(dressing: Pick<Dressing, 'surface'>): NonNullable<Dressing['surface']> {
  return dressing.surface ?? 'side';
}

export function isLevel(kind: Seen['kind']): boolean {
  return kind !== 'side' && kind !== 'inner';
}

/** The surface of the tier that is meant; the side where it cannot be seen. */
export function seenOf(form: Form, surface: NonNullable<Dressing['surface']>): Seen {
  return form.surfaces.find((s) => documentSurface(s.kind) === surface) ?? form.surfaces[0]!;
}

/**
 * The courses that are told of with a surface. Where it can no longer be seen its own courses still are: what is wrong with
 * them must be reached.
 */
export function coursesOf<T extends Pick<Dressing, 'surface'>>(
  dressings: readonly T[],
  form: Form,
  surface: NonNullable<Dressing['surface']>,
): T[] {
  const named = dressings.filter((d) => surfaceOf(d) === surface);
  const seen = documentSurface(seenOf(form, surface).kind);
  return seen === surface || named.length > 0 ? named : dressings.filter((d) => surfaceOf(d) === seen);
}

export interface LevelScale {
  /** px per mm, alike both ways: true to scale. */
  k: number;
  x: (mm: number) => number;
  y: (mm: number) => number;
}

export interface Box {
  left: number;
  right: number;
  front: number;
  back: number;
}

export function boxOf(points: Form['outline']): Box {
  const xs = points.map((p) => p.x);
  const ys = points.map((p) => p.y);
  return {
    left: Math.min(...xs),
    right: Math.max(...xs),
    front: Math.min(...ys),
    back: Math.max(...ys),
  };
}

/** Pieces of a level layout whose middle lies in this part of the plane. */
export function within(layout: Layout, { left, right, front, back }: Box): Layout {
  const placements: number[] = [];
  for (let at = 0; at < layout.placements.length; at += ROW) {
    const x = layout.placements[at + 1]!;
    const y = layout.placements[at + 2]!;
    if (x > left && x < right && y > front && y < back) {
      for (let i = 0; i < ROW; i++) {
        placements.push(layout.placements[at + i]!);
      }
    }
  }
  return { ...layout, placements };
}

/** The stretch of a rim from one s to another, as x, y of its points; `to` may lie past the seam. */
export function stretch(rim: Form['outline'], around: number, from: number, to: number): [number, number][] {
  const points: [number, number][] = [];
  const n = rim.length;
  for (let round = 0; round <= 1; round++) {
    for (let i = 0; i < n; i++) {
      const s = rim[i]!.s + round * around;
      if (s > from && s < to) {
        points.push([rim[i]!.x, rim[i]!.y]);
      }
    }
  }
  return points;
}

/** Courses of one surface, with the number that each has among all of the tier. */
export function onSurface(dressings: readonly Worn[], kind: Seen['kind']): Worn[] {
  return dressings.filter((w) => w.surface === kind);
}
