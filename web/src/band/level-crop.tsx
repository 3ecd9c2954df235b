import type { Seen, Worn } from '../api/client';
import { within } from './level';
import { LevelPieces } from './pieces';
import type { Shade } from './shades';

interface Props {
  seen: Seen;
  courses: readonly Worn[];
  colours: (worn: Worn) => readonly Shade[];
  chosen: string;
  /** Its middle, mm. */
  x: number;
  y: number;
  /** px per mm. */
  k: number;
  width: number;
  height: number;
}

/** A part of a level surface from above, its middle in the middle of the box. */
export function LevelCrop({ seen, courses, colours, chosen, x, y, k, width, height }: Props) {
  const ring = (points: Seen['rim']) =>
    points.length === 0 ? '' : `${points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x} ${-p.y}`).join('')}Z`;
  const [dx, dy] = [width / k, height / k];
  const part = { left: x - dx, right: x + dx, front: y - dy, back: y + dy };
  return (
    <g transform={`translate(${width / 2 - x * k} ${height / 2 + y * k}) scale(${k})`}>
      <path
        d={ring(seen.rim)}
        fill="var(--color-sheet)"
        stroke="var(--color-ink)"
        strokeWidth={1.4}
        vectorEffect="non-scaling-stroke"
      />
      <path
        d={ring(seen.hidden)}
        fill="var(--color-edge)"
        stroke="var(--color-ink)"
        strokeWidth={1}
        vectorEffect="non-scaling-stroke"
      />
      {courses.map((w) => (
        <LevelPieces
          key={w.id}
          layout={within(w.layout, part)}
          colours={colours(w)}
          quiet={w.id !== chosen}
        />
      ))}
    </g>
  );
}
