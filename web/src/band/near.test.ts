import { expect, it } from 'vitest';
import { near } from './near';

const shapes = [
  { role: 'piece' as const, closed: true, wide: 0, tone: 1, xz: [-2, 0, 2, 0, 0, 3] },
  { role: 'piece' as const, closed: true, wide: 0, tone: 1, xz: [0, 0, 400, 0, 400, 9, 0, 9] },
];
const mm = (length: number) => ({ mm: length, nominalMm: length, readings: 0, spreadMm: 0 });
const straight = { foot: mm(400), top: mm(400), height: mm(100) };
const flat = { inPlane: false, standing: [] };
const at = (shape: number, s: number) => [shape, s, 10, 0, 1, 0];

it.each([
  ['beside the middle', at(0, 205), 1],
  ['far from it', at(0, 60), 0],
  ['reaching in with its rim', at(0, 231), 1],
  ['all round', at(1, 0), 1],
])('a piece %s', (_, placements, kept) => {
  expect(near({ ...flat, shapes, placements }, 200, 30, straight).placements).toHaveLength(kept * 6);
});

it('across the seam is near both its ends', () => {
  const layout = { ...flat, shapes, placements: at(0, 399) };
  expect(near(layout, 3, 10, straight).placements).toHaveLength(6);
  expect(near(layout, 397, 10, straight).placements).toHaveLength(6);
});
