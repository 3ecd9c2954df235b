import { describe, expect, it } from 'vitest';
import type { Seen } from '../api/client';
import { squareForm } from '../plan/sample';
import { boxOf, coursesOf, documentSurface, onSurface, seenOf, stretch, surfaceOf, within } from './level';

const rim = squareForm().outline;
const seen = (kind: Seen['kind']): Seen => ({
  kind,
  name: kind,
  from: 'in from the rim',
  edge: 'rim',
  end: 'tier above',
  around: 400,
  depth: 20,
  up: 100,
  rim,
  hidden: [],
});

describe('surfaces of a tier', () => {
  const form = { ...squareForm(), surfaces: [seen('side'), seen('ledge'), seen('board')] };
  it.each([
    ['top', 'ledge'],
    ['board', 'board'],
    ['side', 'side'],
  ] as const)('a document’s %s is seen as the %s', (named, kind) => {
    expect(seenOf(form, named).kind).toBe(kind);
    expect(documentSurface(kind)).toBe(named);
  });
  it('courses of a surface that is gone are still told of with it', () => {
    const [pearls, dots] = [{ surface: 'board' as const }, {}];
    const bare = { ...form, surfaces: [seen('side')] };
    expect(coursesOf([pearls, dots], form, 'board')).toEqual([pearls]);
    expect(coursesOf([pearls, dots], bare, 'board')).toEqual([pearls]);
    expect(coursesOf([dots], bare, 'board')).toEqual([dots]);
    expect(coursesOf([dots], form, 'board')).toEqual([]);
  });
  it('what cannot be seen falls back to the side, and nothing said is the side', () => {
    expect(seenOf({ ...form, surfaces: [seen('side')] }, 'board').kind).toBe('side');
    expect(surfaceOf({})).toBe('side');
    expect(onSurface([{ surface: 'top' }, { surface: 'side' }] as never, 'top')).toHaveLength(1);
  });
});

describe('a rim', () => {
  it('is cut into stretches, over the seam, too', () => {
    expect(stretch(rim, 400, 40, 160)).toEqual([
      [-50, 50],
      [-50, 0],
      [-50, -50],
    ]);
    expect(stretch(rim, 400, 340, 460)).toEqual([
      [50, 50],
      [0, 50],
      [-50, 50],
    ]);
    expect(boxOf(rim)).toEqual({ left: -50, right: 50, front: -50, back: 50 });
  });
  it('shows the pieces of a part of the plane', () => {
    const layout = {
      shapes: [],
      placements: [0, 10, -40, 0, 1, 0, 0, 10, 40, 0, 1, 0],
      inPlane: true,
      standing: [],
    };
    const front = { left: -50, right: 50, front: -60, back: 0 };
    expect(within(layout, front).placements).toEqual([0, 10, -40, 0, 1, 0]);
  });
});
