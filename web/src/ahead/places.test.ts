import { describe, expect, it } from 'vitest';
import type { Plan, TierWorkup } from '../api/client';
import { axes, droppedAt, feet, polar } from './places';

const ring = (r: number) =>
  Array.from({ length: 48 }, (_, i) => ({
    x: r * Math.sin((i / 48) * 2 * Math.PI),
    y: -r * Math.cos((i / 48) * 2 * Math.PI),
    s: i,
  }));
const tier = (id: string, r: number, high: number) =>
  ({
    id,
    form: {
      outline: ring(r),
      hole: [],
      width: 2 * r,
      depth: 2 * r,
      foot: { mm: 2 * Math.PI * r },
      top: { mm: 2 * Math.PI * r },
      height: { mm: high },
    },
  }) as unknown as TierWorkup;
const tiers = [tier('low', 120, 100), tier('top', 70, 90)];
const plan = {
  tiers: [{ id: 'low' }, { id: 'top' }],
  stand: { shifts: { top: { x: 20, y: 0 } }, board: 5 },
} as unknown as Plan;

describe('where a piece is let go of', () => {
  it.each([
    ['over the top tier, from its own middle', 20, -40, { tier: 'top', on: 'top', angle: 0, out: 40 }],
    ['near its middle: in the middle', 22, 1, { tier: 'top', on: 'top', angle: 0, out: 0 }],
    ['beside it: on the ledge', -90, 0, { tier: 'low', on: 'ledge', angle: -90, out: 90 }],
    ['beside the cake: on the board', 0, -140, { tier: 'low', on: 'board', angle: 0, out: 140 }],
    ['behind the cake', 0, 140, { tier: 'low', on: 'board', angle: 180, out: 140 }],
  ] as const)('%s', (_, x, y, want) => {
    expect(droppedAt(plan, tiers, x, y)).toEqual(want);
  });
  it('tiers stand on one another, shifted as they are', () => {
    expect(axes(plan).get('top')).toEqual([20, 0]);
    expect(feet(plan, tiers).get('top')).toBe(105);
    expect(polar(50, 0)).toEqual({ angle: 90, out: 50 });
  });
});
