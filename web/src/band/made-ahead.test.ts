import { describe, expect, it } from 'vitest';
import type { PieceWorkup } from '../api/client';
import { drawAhead, isBehind, reaches, stood } from './made-ahead';

type On = PieceWorkup['places'][number]['on'];

const piece = (angle: number, up: number, on: On = 'top'): PieceWorkup => ({
  id: 'star',
  outline: [-10, 0, 10, 0, 0, 30],
  look: [{ xyz: [-10, 0, 0, 10, 0, 0, 0, 0, 30], tone: 0 }],
  bases: {
    time: { source: 'plain', jobs: 0, off: 0.45 },
    spares: { source: 'plain', jobs: 0, off: 1 },
    weight: { source: 'plain', jobs: 0, off: 0.1 },
  },
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
  it('draws the farthest face first, each in its place, and not the far skin of what is closed', () => {
    const square = (y: number) => [-10, y, 0, 10, y, 0, 10, y, 20, -10, y, 20];
    const away = square(5).map((_, i, all) => all[9 - 3 * Math.floor(i / 3) + (i % 3)]!);
    const closed: PieceWorkup = {
      ...piece(0, 100),
      look: [
        { xyz: square(-5), tone: 0, shade: '#aa0000', solid: true },
        { xyz: away, tone: 0, shade: '#00aa00', solid: true },
        { xyz: square(0), tone: 0, shade: '#0000aa' },
      ],
    };
    const filled: string[] = [];
    const corners: [number, number][] = [];
    const ctx = {
      beginPath: () => undefined,
      closePath: () => undefined,
      stroke: () => undefined,
      lineTo: (x: number, y: number) => corners.push([x, y]),
      fill() {
        filled.push((this as unknown as { fillStyle: string }).fillStyle);
      },
    } as unknown as CanvasRenderingContext2D;
    const pose = { cx: 100, foot: 200, k: 2, view: { turn: 0, tilt: 0 } };
    drawAhead(ctx, stood([closed], tops, 0), pose);
    expect(filled).toEqual(['#0000aa', '#aa0000']);
    expect(corners.slice(0, 2)).toEqual([
      [80, 0],
      [120, 0],
    ]);
    filled.length = 0;
    drawAhead(ctx, stood([closed], tops, Math.PI), { ...pose, view: { turn: Math.PI, tilt: 0 } });
    expect(filled).toEqual(['#0000aa', '#00aa00']);
  });
});
