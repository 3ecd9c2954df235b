import { describe, expect, it } from 'vitest';
import { ABOVE, FRONT, fillOf, HELD, pathOf, seen } from './facets';

const wall = { xyz: [-10, 5, 0, 10, 5, 0, 10, 5, 20, -10, 5, 20], tone: 0 };
const front = { ...wall, xyz: wall.xyz.map((v, i) => (i % 3 === 1 ? -5 : v)), shade: '#808080', tone: -0.2 };

describe('what is seen of a piece', () => {
  it('is drawn the farthest first, whichever way one looks', () => {
    expect(seen([front, wall], FRONT).map((d) => d.fill)).toEqual([fillOf(wall), fillOf(front)]);
    const low = { ...wall, xyz: wall.xyz.map((v, i) => (i % 3 === 2 ? -1 : v)) };
    expect(seen([wall, low], ABOVE)[0]!.points.map(([, y]) => y)).toEqual([5, 5, 5, 5]);
  });
  it('keeps its size from the front and from above', () => {
    expect(seen([wall], FRONT)[0]!.points).toEqual([
      [-10, 0],
      [10, 0],
      [10, 20],
      [-10, 20],
    ]);
  });
  it.each([
    [0, '#808080'],
    [0.5, '#c0c0c0'],
    [-1, '#3a444c'],
  ])('of tone %d is %s', (tone, colour) => {
    expect(fillOf({ ...front, tone })).toBe(colour);
  });
  it('leaves out the far skin of what is closed', () => {
    const near = { ...wall, solid: true };
    const far = { ...near, xyz: [10, 5, 0, -10, 5, 0, -10, 5, 20, 10, 5, 20] };
    expect(seen([near, far], FRONT)).toHaveLength(1);
    expect(seen([{ ...far, solid: undefined }], FRONT)).toHaveLength(1);
  });
  it('held in a hand keeps lengths that lie square to the eye', () => {
    const [a, b] = [HELD(0, 0, 0), HELD(0, 0, 10)];
    expect(Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2])).toBeCloseTo(10, 9);
  });
  it('is a closed path with y down the page', () => {
    expect(
      pathOf(
        [
          [0, 0],
          [1, 2],
        ],
        2,
        5,
        5,
      ),
    ).toBe('M5.00 5.00L7.00 1.00Z');
  });
});
