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
  });

  it('the DXF holds the same lines, y the other way, on a layer for each pen', () => {
    const dxf = new DxfParser().parseSync(dxfText)!;
    expect(Object.keys(dxf.tables.layer.layers)).toEqual(['CUT', 'MARK', 'GUIDE', 'TEXT']);
    const lines = dxf.entities.filter((e): e is IPolylineEntity => e.type === 'POLYLINE');
    const paths = drawn();
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
