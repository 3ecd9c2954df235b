import { memo } from 'react';
import type { Layout } from '../api/client';
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
  const reach = layout.shapes.map((s) =>
    s.xz.reduce((most, v, i) => (i % 2 === 0 ? Math.max(most, Math.abs(v)) : most), 0),
  );
  return (
    <g opacity={quiet ? 0.45 : 1}>
      {layout.placements.flatMap((p, i) => {
        const shape = layout.shapes[p.shape]!;
        const far = reach[p.shape]! * p.size;
        const shifts = [0];
        if (p.s + far > around) {
          shifts.push(-around);
        }
        if (p.s - far < 0) {
          shifts.push(around);
        }
        return shifts.map((shift) => (
          <path
            key={`${i}:${shift}`}
            d={paths[p.shape]}
            transform={`translate(${p.s + shift} ${-p.z}) rotate(${(-p.turn * 180) / Math.PI}) scale(${p.size})`}
            fill={shape.role === 'piece' ? (colours[p.colour] ?? 'var(--color-sheet)') : 'none'}
            stroke={colours[p.colour] ?? 'var(--color-ink)'}
            strokeWidth={shape.role === 'guide' ? 2 : 0.6}
            vectorEffect="non-scaling-stroke"
            strokeLinecap="round"
            strokeLinejoin="round"
          />
        ));
      })}
    </g>
  );
});
