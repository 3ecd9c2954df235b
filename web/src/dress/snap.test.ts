import { describe, expect, it } from 'vitest';
import type { Divided } from '../api/client';
import { apart, closes, nearestEdge } from './snap';

describe('an edge that is dragged', () => {
  it.each([
    [31.4, [0, 30, 118], 1, 31.4 - 1.4],
    [34.4, [0, 30, 118], 1, 34],
    [34.5, [0, 30, 118], 1, 35],
    [-2, [0, 118], 1, 0],
    [117.1, [0, 118], 1, 118],
    [61, [60, 62.5], 1, 60],
    [10.2, [], 1.5875, 9.525],
  ])('%d near %j rests at %d-steps', (z, edges, step, rests) => {
    expect(nearestEdge(z, edges, step)).toBeCloseTo(rests, 9);
  });
});

describe('grips', () => {
  it('are moved apart, the first staying where it is', () => {
    const made = apart(
      [
        { x: 10, y: 0 },
        { x: 12, y: 3 },
        { x: 200, y: 0 },
      ],
      [{ x: 11, y: 90 }],
    );
    expect(made[0]).toEqual({ x: 10, y: 0 });
    expect(made[1]!.x).toBe(39);
    expect(made[2]!.x).toBe(200);
  });
});

describe('counts that close', () => {
  const rung = (n: number, refused?: string) => ({ n, ...(refused ? { refused } : {}) });
  it('come in order and hold the present one, even where it is none of the ladder', () => {
    const divided = { count: 5, ladder: { rungs: [rung(8), rung(6), rung(7, 'odd')] } } as unknown as Divided;
    expect(closes(divided)).toEqual([5, 6, 8]);
  });
});
