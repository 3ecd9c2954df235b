import { memo } from 'react';
import type { Form, Layout } from '../api/client';
import { deepened, INKS, paler } from './brush';
import { path } from './geometry';
import { narrowing, ROW, tapering } from './projection';
import type { Shade } from './shades';

const BARE: Shade = { fill: INKS.sheet };

interface Props {
  layout: Layout;
  form: Form;
  colours: readonly Shade[];
  quiet: boolean;
  /** px per mm, for fine lines; left out where a drawing is stretched: then the browser measures each line, which takes its time. */
  k?: number;
}

/** The pieces of one dressing on the band, in mm with z up; whatever crosses the back seam shows at both ends. */
export const Pieces = memo(function Pieces({ layout, form, colours, quiet, k }: Props) {
  const taper = tapering(form);
  const { around } = taper;
  const paths = layout.shapes.map((s) => path(s.xz, s.closed));
  const edged = layout.shapes.some((s) => s.role === 'edge');
  const reach = layout.shapes.map((s) => {
    const xs = s.xz.filter((_, i) => i % 2 === 0);
    return { left: Math.min(...xs), right: Math.max(...xs) };
  });
  const drawn = [];
  for (let at = 0; at < layout.placements.length; at += ROW) {
    const [index, s, z, turn, size, colour] = layout.placements.slice(at, at + ROW) as Row;
    const { left, right } = reach[index]!;
    const shifts = [0];
    const across = narrowing(taper, z);
    if (s + (right * size) / across > around + 0.01) {
      shifts.push(-around);
    }
    if (s + (left * size) / across < -0.01) {
      shifts.push(around);
    }
    // Mixed by hand: a group of its own opacity is painted twice, and a hand waits for it.
    const shade = colours[colour] ?? BARE;
    const looks = look(layout.shapes[index]!, quiet ? paler(shade) : shade, quiet, edged, k && k * size);
    for (const shift of shifts) {
      drawn.push(
        <path
          key={`${at}:${shift}`}
          d={paths[index]}
          transform={`translate(${s + shift} ${-z}) scale(${1 / across} 1) rotate(${(-turn * 180) / Math.PI}) scale(${size})`}
          strokeLinecap="round"
          strokeLinejoin="round"
          {...looks}
        />,
      );
    }
  }
  return <g>{drawn}</g>;
});

/** The pieces of a level surface from above, x to the right and y up, in mm. */
export const LevelPieces = memo(function LevelPieces({ layout, colours, quiet, k }: Omit<Props, 'form'>) {
  const paths = layout.shapes.map((s) => path(s.xz, s.closed));
  const edged = layout.shapes.some((s) => s.role === 'edge');
  const drawn = [];
  for (let at = 0; at < layout.placements.length; at += ROW) {
    const [index, x, y, turn, size, colour] = layout.placements.slice(at, at + ROW) as Row;
    const shade = colours[colour] ?? BARE;
    drawn.push(
      <path
        key={at}
        d={paths[index]}
        transform={`translate(${x} ${-y}) rotate(${(-turn * 180) / Math.PI}) scale(${size})`}
        strokeLinecap="round"
        strokeLinejoin="round"
        {...look(layout.shapes[index]!, quiet ? paler(shade) : shade, quiet, edged, k && k * size)}
      />,
    );
  }
  return <g>{drawn}</g>;
});

type Row = [number, number, number, number, number, number];

/** A line so many px wide, on a shape of so many px per unit. */
const line = (px: number, k?: number) =>
  k === undefined
    ? { strokeWidth: px, vectorEffect: 'non-scaling-stroke' as const }
    : { strokeWidth: px / k };

/**
 * A piece in its colour, a string as thick as it is, a line on a piece fine, a line to follow in chalk's place. `k`: px per unit of
 * the shape. Fine lines are told by it and not left to the browser, which would measure each path anew in every frame.
 */
export function look(
  shape: Layout['shapes'][number],
  { fill, edge: gilt, wide }: Shade,
  quiet: boolean,
  edged: boolean,
  k?: number,
) {
  if (shape.role === 'edge') {
    return { fill: 'none', stroke: gilt ?? 'none', strokeWidth: wide ?? 1 };
  }
  // Where edges that can be gilded are shapes of their own, outlines are not.
  const edge = edged ? undefined : gilt;
  if (shape.role === 'tone') {
    return { fill, fillOpacity: shape.tone, stroke: 'none' };
  }
  if (shape.role === 'piece' && shape.closed) {
    return edge
      ? { fill, stroke: edge, strokeWidth: wide ?? 1 }
      : { fill, stroke: deepened(fill), ...line(0.9, k) };
  }
  if (shape.wide > 0) {
    return { fill: 'none', stroke: edge ?? fill, strokeWidth: shape.wide };
  }
  const detail = shape.role === 'detail';
  return {
    fill: 'none',
    stroke: detail ? deepened(fill) : quiet ? 'var(--color-chalk)' : 'var(--color-ink)',
    ...line(detail ? 0.8 : 1.4, k),
  };
}
