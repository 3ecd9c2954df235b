import { memo } from 'react';
import type { Layout } from '../api/client';
import { deepened } from './draw';
import { path } from './geometry';

interface Props {
  layout: Layout;
  around: number;
  colours: readonly string[];
  quiet: boolean;
}

/** The pieces of one dressing on the band, in mm with z up; whatever crosses the back seam shows at both ends. */
export const Pieces = memo(function Pieces({ layout, around, colours, quiet }: Props) {
  const paths = layout.shapes.map((s) => path(s.xz, s.closed));
  const reach = layout.shapes.map((s) => {
    const xs = s.xz.filter((_, i) => i % 2 === 0);
    return { left: Math.min(...xs), right: Math.max(...xs) };
  });
  return (
    <g opacity={quiet ? 0.72 : 1}>
      {layout.placements.flatMap((p, i) => {
        const shape = layout.shapes[p.shape]!;
        const { left, right } = reach[p.shape]!;
        const shifts = [0];
        if (p.s + right * p.size > around + 0.01) {
          shifts.push(-around);
        }
        if (p.s + left * p.size < -0.01) {
          shifts.push(around);
        }
        const looks = look(shape, colours[p.colour] ?? 'var(--color-sheet)');
        return shifts.map((shift) => (
          <path
            key={`${i}:${shift}`}
            d={paths[p.shape]}
            transform={`translate(${p.s + shift} ${-p.z}) rotate(${(-p.turn * 180) / Math.PI}) scale(${p.size})`}
            strokeLinecap="round"
            strokeLinejoin="round"
            {...looks}
          />
        ));
      })}
    </g>
  );
});

/** A piece in its colour, a string as thick as it is, a line on a piece fine, a line to follow in chalk's place. */
function look(shape: Layout['shapes'][number], colour: string) {
  if (shape.role === 'piece' && shape.closed) {
    return {
      fill: colour,
      stroke: deepened(colour),
      strokeWidth: 0.9,
      vectorEffect: 'non-scaling-stroke' as const,
    };
  }
  if (shape.wide > 0) {
    return { fill: 'none', stroke: colour, strokeWidth: shape.wide };
  }
  const detail = shape.role === 'detail';
  return {
    fill: 'none',
    stroke: detail ? deepened(colour) : 'var(--color-ink)',
    strokeWidth: detail ? 0.8 : 1.6,
    vectorEffect: 'non-scaling-stroke' as const,
  };
}
