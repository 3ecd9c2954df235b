/// <reference types="vite/client" />
import DxfParser, { type IPolylineEntity } from 'dxf-parser';
import { describe, expect, it } from 'vitest';
import dxfText from './scallop.fixture.dxf?raw';
import svgText from './scallop.fixture.svg?raw';

// A scallop for a swag over 146.2 mm, 48 mm deep, as files for others; read by readers that are not our own.

function spans(points: readonly { x: number; y: number }[]): { x: number; y: number } {
  const of = (axis: 'x' | 'y') =>
    Math.max(...points.map((p) => p[axis])) - Math.min(...points.map((p) => p[axis]));
  return { x: of('x'), y: of('y') };
}

/** Every line of the SVG, by its commands. */
function drawn(): { x: number; y: number }[][] {
  const svg = new DOMParser().parseFromString(svgText, 'image/svg+xml');
  expect(svg.querySelector('parsererror')).toBeNull();
  return [...svg.querySelectorAll('path')].map((p) =>
    [...p.getAttribute('d')!.matchAll(/[ML](-?[\d.]+) (-?[\d.]+)/g)].map((m) => ({
      x: Number(m[1]),
      y: Number(m[2]),
    })),
  );
}

describe('files for others', () => {
  it('the SVG is as large as its drawing, in millimetres', () => {
    const svg = new DOMParser().parseFromString(svgText, 'image/svg+xml').documentElement;
    const box = svg.getAttribute('viewBox')!.split(' ').map(Number);
    expect(svg.getAttribute('width')).toBe(`${box[2]}mm`);
    expect(svg.getAttribute('height')).toBe(`${box[3]}mm`);
    // Plan, tier and the day it was printed.
    expect(svg.textContent).toMatch(/ · .+ · printed \d{1,2} \w{3} \d{4}/);
  });

  it('the DXF holds the same lines, y the other way, on a layer for each pen', () => {
    const dxf = new DxfParser().parseSync(dxfText)!;
    expect(Object.keys(dxf.tables.layer.layers)).toEqual(['CUT', 'MARK', 'GUIDE', 'TEXT']);
    const lines = dxf.entities.filter((e): e is IPolylineEntity => e.type === 'POLYLINE');
    // Before the template's own lines the SVG has those to measure, three for each way.
    const checked = drawn();
    expect(checked.slice(0, 6).filter((p) => Math.abs(spans(p).x - 100) < 0.001)).toHaveLength(1);
    expect(checked.slice(0, 6).filter((p) => Math.abs(spans(p).y - 100) < 0.001)).toHaveLength(1);
    const paths = checked.slice(6);
    expect(lines).toHaveLength(paths.length);
    lines.forEach((line, i) => {
      const a = spans(line.vertices);
      const b = spans(paths[i]!);
      expect(Math.abs(a.x - b.x)).toBeLessThan(0.001);
      expect(Math.abs(a.y - b.y)).toBeLessThan(0.001);
    });
    expect(lines.some((l) => Math.abs(spans(l.vertices).x - 146.2) < 0.2)).toBe(true);
  });
});
