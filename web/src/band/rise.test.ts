import { expect, test } from 'vitest';
import type { Layout, Worn } from '../api/client';
import { reachOf, risen } from './rise';

const layout = (z: number, turn: number, size = 1): Layout =>
  ({
    shapes: [{ role: 'piece', closed: true, wide: 0, tone: 1, xz: [-20, 0, 20, 0, 20, 50, -20, 50] }],
    placements: [0, 100, z, turn, size, 0],
    inPlane: false,
    standing: [],
  }) as Layout;

test.each([
  [0, 0, 1, 50],
  [30, 0, 1, 80],
  [30, 0, 2, 130],
  [0, 1, 1, 50],
])('a piece at %d, turned by %d, times %d reaches %d', (z, turn, size, top) => {
  expect(reachOf(layout(z, turn, size))).toBe(top);
});

test.each([
  [100, 0],
  [60, 20],
  [75, 0],
])('over an edge at %d it rises by %d', (high, over) => {
  const worn = { surface: 'side', layout: layout(30, 0) } as Worn;
  expect(risen([worn], high)).toBe(over);
  expect(risen([{ ...worn, surface: 'top' }], high)).toBe(0);
});
