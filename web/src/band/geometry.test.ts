import { describe, expect, it } from 'vitest';
import { squareForm } from '../plan/sample';
import { alongOutline, moved, path, spaced } from './geometry';

describe('a place along an outline', () => {
  const at = alongOutline(squareForm().outline, 400);
  it.each([
    [0, 0, 50, -1],
    [200, 0, -50, 1],
    [225, 25, -50, 1],
    [399.999, 0, 50, -1],
    [-200, 0, -50, 1],
    [600, 0, -50, 1],
    [120, -50, -20, 0],
  ])('s %d', (s, x, y, seen) => {
    const spot = at(s);
    expect(spot.x).toBeCloseTo(x, 2);
    expect(spot.y).toBeCloseTo(y, 2);
    expect(Math.sign(Math.round(spot.seen))).toBe(seen);
  });
});

describe('labels', () => {
  it('are left out where they would touch the one before', () => {
    const labels = [0, 10, 30, 31, 60].map((at, index) => ({ at, text: 'xx', index }));
    expect(spaced(labels, (t) => t.length * 5, 4).map((l) => l.at)).toEqual([0, 30, 60]);
    expect(spaced([], () => 1, 1)).toEqual([]);
  });
});

describe('a handle', () => {
  it.each([
    ['up by a drop', 48, 10, -1, 1, 38],
    ['down', 48, -10.4, -1, 1, 58],
    ['snaps to the tape', 48, 0.6, -1, 1, 47],
    ['to sixteenths', 25.4, -1, -1, 1.5875, 26.9875],
    ['stays over its least', 5, 100, -1, 1, 0],
    ['stays under its most', 48, -1000, -1, 1, 110],
  ])('%s', (_, value, up, perMm, step, to) => {
    expect(moved(value, up, perMm, step, 0, 110)).toBeCloseTo(to, 9);
  });
});

it('paths turn z down', () => {
  expect(path([0, 0, 10, -5], false)).toBe('M0.00 0.00L10.00 5.00');
  expect(path([0, 0, 10, -5], true)).toMatch(/Z$/);
});
