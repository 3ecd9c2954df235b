import { describe, expect, it } from 'vitest';
import type { Form } from '../api/client';
import { squareForm } from '../plan/sample';
import outlines from './outlines.fixture.json';
import {
  type Body,
  type Eye,
  type Fine,
  facing,
  fine,
  Points,
  project,
  type Run,
  rolled,
  turned,
  Walker,
} from './projection';

type Fixture = { around: number; outline: number[][]; probes: number[][] };
const shapes = Object.entries(outlines as unknown as Record<string, Fixture>);
const ANGLES = [...Array(12).keys()].map((i) => (i * Math.PI) / 6 + 0.01);

function form({ around, outline }: Fixture): Form {
  const known = (mm: number) => ({ mm, nominalMm: mm, readings: 0, spreadMm: 0 });
  const points = outline.map(([s, x, y]) => ({ s: s!, x: x!, y: y! }));
  return { ...squareForm(), foot: known(around), top: known(around), outline: points };
}

const dot = fine({ role: 'piece', closed: true, wide: 0, tone: 1, xz: [-0.5, 0, 0.5, 0, 0, 0.5] });
/** Across as it is, down what is away: depth can be read off. */
const EXACT: Eye = { cx: 0, foot: 0, k: 1, up: 0, back: -1 };

function seenOn(b: Body, run: Run, shape: Fine, s: number, size = 1, eye = EXACT): [number, number][] {
  const points = new Points();
  return [-b.around, 0, b.around].flatMap((shift) => {
    project(b, run, shape, [0, s, 10, 0, size, 0], 0, new Walker(b, run), eye, points, shift);
    return [...Array(points.n).keys()].map((i): [number, number] => [
      points.xy[2 * i]!,
      points.xy[2 * i + 1]!,
    ]);
  });
}

describe.each(shapes)('%s, at twelve angles', (_, fixture) => {
  const sent = form(fixture);
  it.each(ANGLES)('%d: what faces away is the rest of the way round', (turn) => {
    const body = turned(sent, turn);
    const length = (away: boolean) => facing(body, true, away).reduce((sum, r) => sum + r.to - r.from, 0);
    expect(length(false) + length(true)).toBeCloseTo(body.around, 0);
  });
  it.each(ANGLES)('%d: pieces lie on the outline to 0.1 mm, and what faces away is not seen', (turn) => {
    const body = turned(sent, turn);
    const runs = facing(body);
    for (const [s, x, y, nx, ny] of fixture.probes as [number, number, number, number, number][]) {
      const toward = -(ny * Math.cos(turn) - nx * Math.sin(turn));
      if (Math.abs(toward) < 0.05) {
        continue; // too near a limb for either to be wrong
      }
      const seen = runs.map((run) => seenOn(body, run, dot, s, 0.001)).filter((points) => points.length > 0);
      expect(seen.length).toBe(toward > 0 ? 1 : 0);
      if (toward > 0) {
        const [px, depth] = seen[0]![0]!;
        expect(Math.abs(px - (x * Math.cos(turn) + y * Math.sin(turn)))).toBeLessThan(0.1);
        expect(Math.abs(depth - (y * Math.cos(turn) - x * Math.sin(turn)))).toBeLessThan(0.1);
      }
    }
  });

  it.each(ANGLES)('%d: what is nearer is drawn later', (turn) => {
    const body = turned(sent, turn);
    const runs = facing(body);
    const xs = [...Array(60).keys()].map((i) => -200 + i * 6.7);
    for (const x of xs) {
      let before = Number.POSITIVE_INFINITY;
      for (const run of runs) {
        const n = body.x.length - 1;
        for (let i = run.first; i < run.last; i++) {
          const a = body.x[i % n]!;
          const b = body.x[(i + 1) % n]!;
          if (a <= x && x < b) {
            const depth = body.d[i % n]! + ((x - a) / (b - a)) * (body.d[(i + 1) % n]! - body.d[i % n]!);
            expect(depth).toBeLessThanOrEqual(before + 1e-6);
            before = depth;
          }
        }
      }
    }
  });

  it('rolls up into itself, and lies flat with the front in the middle before', () => {
    const flat = rolled(sent, 0);
    const full = rolled(sent, 1);
    const straight = turned(sent, 0);
    const last = flat.x.length - 1;
    expect(flat.x[last]! - flat.x[0]!).toBeCloseTo(fixture.around, 0);
    expect(Math.abs(flat.x[0]! + fixture.around / 2)).toBeLessThan(0.6);
    for (let i = 0; i <= last; i++) {
      expect(Math.abs(flat.d[i]!)).toBeLessThan(1e-9);
      // The same outline, from its front on: as far from one another as the outline's own points.
      const j = (i * 7) % last;
      const there = Math.hypot(straight.x[i]! - straight.x[j]!, straight.d[i]! - straight.d[j]!);
      expect(Math.abs(Math.hypot(full.x[i]! - full.x[j]!, full.d[i]! - full.d[j]!) - there)).toBeLessThan(
        0.9,
      );
    }
  });
});

describe('a piece at a limb', () => {
  const body = turned(squareForm(), 0);
  const run = facing(body)[0]!;
  const wide = fine({ role: 'piece', closed: true, wide: 0, tone: 1, xz: [-30, 0, 30, 0, 30, 10, -30, 10] });
  const xs = (b: Body, r: Run, s: number) => seenOn(b, r, wide, s).map(([x]) => x);
  it('is held back where the side turns away', () => {
    expect(Math.max(...xs(body, run, 240))).toBeCloseTo(50, 6);
    expect(Math.min(...xs(body, run, 240))).toBeCloseTo(10, 6);
  });
  it('behind the cake is nowhere, and across the seam is where it belongs', () => {
    expect(xs(body, run, 0)).toHaveLength(0);
    const back = turned(squareForm(), Math.PI);
    const behind = facing(back)[0]!;
    expect(Math.max(...xs(back, behind, 390))).toBeCloseTo(20, 6);
    expect(Math.min(...xs(back, behind, 390))).toBeCloseTo(-40, 6);
  });
});

describe('a piece that stands off', () => {
  const body = turned(squareForm(), 0);
  const run = facing(body)[0]!;
  const slip = fine({ role: 'piece', closed: true, wide: 0, tone: 1, xz: [-1, 0, 1, 0, 1, 20, -1, 20] });
  const above = { cx: 0, foot: 0, k: 1, up: 0, back: 1 };
  const nearest = (standing: readonly number[]) => {
    const points = new Points();
    project(body, run, slip, [0, 200, 10, 0, 1, 0], 0, new Walker(body, run), above, points, 0, 1, standing);
    const ys = Array.from({ length: points.n }, (_, i) => points.xy[2 * i + 1]!);
    return [Math.min(...ys), Math.max(...ys)];
  };
  it('is seen from above as far out as it is lifted, and as its edge leans', () => {
    expect(nearest([])).toEqual([50, 50]);
    expect(nearest([5, 0])).toEqual([55, 55]);
    const [foot, edge] = nearest([2, Math.PI / 6]);
    expect(foot).toBeCloseTo(52, 9);
    expect(edge).toBeCloseTo(62, 9);
  });
});
