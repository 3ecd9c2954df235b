import { describe, expect, it } from 'vitest';
import type { PieceWorkup } from '../api/client';
import { isBehind, reaches, stood } from './made-ahead';

type On = PieceWorkup['places'][number]['on'];

const piece = (angle: number, up: number, on: On = 'top'): PieceWorkup => ({
  id: 'star',
  outline: [-10, 0, 10, 0, 0, 30],
  look: [{ xyz: [-10, 0, 0, 10, 0, 0, 0, 0, 30], tone: 0 }],
  sizes: { width: 'Width' },
  colours: ['Colour'],
  parts: [],
  spares: [],
  grams: 4,
  minutes: 10,
  picks: 1,
  buried: 50,
  fields: [],
  places: [{ tier: 'top', x: 40 * Math.sin(angle), y: -40 * Math.cos(angle), up, angle, on }],
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
    expect(one!.on).toBe('top');
  });
  it('in a hole is on no side, and seen above the top alone', () => {
    const [one] = stood([piece(0, 0, 'hole')], tops, 0);
    expect(one!.floor).toBe(100);
  });
  it('at the side is told from one on top, and a topper reaches above the stack', () => {
    expect(isBehind(stood([piece(Math.PI, 30, 'side')], tops, 0)[0]!)).toBe(false);
    expect(isBehind(stood([piece(Math.PI, 0, 'board')], tops, 0)[0]!)).toBe(true);
    expect(reaches([piece(0, 100)], 'top', 100)).toBe(30);
    expect(reaches([piece(0, 30)], 'top', 100)).toBe(0);
  });
});
