import { describe, expect, it } from 'vitest';
import type { PieceWorkup } from '../api/client';
import { isBehind, reaches, stood } from './made-ahead';

const piece = (angle: number, up: number): PieceWorkup => ({
  id: 'star',
  outline: [-10, 0, 10, 0, 0, 30],
  grams: 4,
  minutes: 10,
  picks: 1,
  buried: 50,
  fields: [],
  places: [{ tier: 'top', x: 40 * Math.sin(angle), y: -40 * Math.cos(angle), up, angle, within: false }],
});
const tops = new Map([['top', 100]]);

describe('pieces made ahead', () => {
  it.each([
    ['in front', 0, 0, -40, false],
    ['at the back', Math.PI, 0, 40, true],
    ['at the right, its side turned to the front', Math.PI / 2, -Math.PI / 2, 40, true],
    ['at the right, turned forward', Math.PI / 2, Math.PI / 2, -40, false],
  ] as const)('%s', (_, angle, turn, d, behind) => {
    const [one] = stood([piece(angle, 100)], tops, turn);
    expect(one!.d).toBeCloseTo(d, 9);
    expect(isBehind(one!)).toBe(behind);
    expect(one!.faces).toBe(!behind);
    expect(one!.onSide).toBe(false);
  });
  it('in a hole is on no side, and seen above the top alone', () => {
    const own = piece(0, 0);
    const [one] = stood([{ ...own, places: [{ ...own.places[0]!, within: true }] }], tops, 0);
    expect(one!.onSide).toBe(false);
    expect(one!.floor).toBe(100);
  });
  it('at the side is told from one on top, and a topper reaches above the stack', () => {
    expect(stood([piece(0, 30)], tops, 0)[0]!.onSide).toBe(true);
    expect(reaches([piece(0, 100)], 'top', 100)).toBe(30);
    expect(reaches([piece(0, 30)], 'top', 100)).toBe(0);
  });
});
