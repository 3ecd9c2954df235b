import { describe, expect, it } from 'vitest';
import type { Form } from '../api/client';
import { squareForm } from '../plan/sample';
import outlines from './outlines.fixture.json';
import { facing, fine, type Put, project, rolled, turned, walker } from './projection';

type Fixture = { around: number; outline: number[][]; probes: number[][] };
const shapes = Object.entries(outlines as unknown as Record<string, Fixture>);
const ANGLES = [...Array(12).keys()].map((i) => (i * Math.PI) / 6 + 0.01);

function form({ around, outline }: Fixture): Form {
  const known = (mm: number) => ({ mm, nominalMm: mm, readings: 0, spreadMm: 0 });
  const points = outline.map(([s, x, y]) => ({ s: s!, x: x!, y: y! }));
  return { ...squareForm(), foot: known(around), top: known(around), outline: points };
}

const dot = fine({ role: 'piece', closed: true, wide: 0, xz: [-0.5, 0, 0.5, 0, 0, 0.5] });
const exactly = (x: number, z: number, d: number): [number, number] => [x, z + d * 1000];

describe.each(shapes)('%s, at twelve angles', (_, fixture) => {
  const sent = form(fixture);
  it.each(ANGLES)('%d: pieces lie on the outline to 0.1 mm, and what faces away is not seen', (turn) => {
    const body = turned(sent, turn);
    const runs = facing(body);
    for (const [s, x, y, nx, ny] of fixture.probes as [number, number, number, number, number][]) {
      const toward = -(ny * Math.cos(turn) - nx * Math.sin(turn));
      if (Math.abs(toward) < 0.05) {
        continue; // too near a limb for either to be wrong
      }
      const put: Put[] = [];
      const seen = runs.filter((run) => {
        const p = project(body, run, dot, { s, z: 10, turn: 0, size: 0.001 }, walker(body, run), exactly, []);
        if (p.length > 0) {
          put.push(...p);
        }
        return p.length > 0;
      });
      expect(seen.length).toBe(toward > 0 ? 1 : 0);
      if (toward > 0) {
        const depth = y * Math.cos(turn) - x * Math.sin(turn);
        expect(Math.abs(put[0]!.x - (x * Math.cos(turn) + y * Math.sin(turn)))).toBeLessThan(0.1);
        expect(Math.abs((put[0]!.y - 10) / 1000 - depth)).toBeLessThan(0.1);
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
  const wide = fine({ role: 'piece', closed: true, wide: 0, xz: [-30, 0, 30, 0, 30, 10, -30, 10] });
  const at = (s: number) =>
    project(body, run, wide, { s, z: 20, turn: 0, size: 1 }, walker(body, run), (x, z) => [x, z], []);
  it('is held back where the side turns away', () => {
    const xs = at(240).map((p) => p.x);
    expect(Math.max(...xs)).toBeCloseTo(50, 6);
    expect(Math.min(...xs)).toBeCloseTo(10, 6);
  });
  it('behind the cake is nowhere, and across the seam is where it belongs', () => {
    expect(at(0)).toHaveLength(0);
    const back = turned(squareForm(), Math.PI);
    const behind = facing(back)[0]!;
    const seen = project(
      back,
      behind,
      wide,
      { s: 390, z: 20, turn: 0, size: 1 },
      walker(back, behind),
      (x, z) => [x, z],
      [],
    );
    expect(Math.max(...seen.map((p) => p.x))).toBeCloseTo(20, 6);
    expect(Math.min(...seen.map((p) => p.x))).toBeCloseTo(-40, 6);
  });
});
