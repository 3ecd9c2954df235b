import { useMemo } from 'react';
import type { Motif } from '../api/client';

type Line = readonly number[];

function path(lines: readonly Line[]): string {
  return lines
    .map((line) => {
      let d = '';
      for (let i = 0; i < line.length; i += 2) {
        d += `${i === 0 ? 'M' : 'L'}${line[i]} ${-line[i + 1]!}`;
      }
      return `${d}Z`;
    })
    .join('');
}

/** Left, upper, width and height of a drawing, y down. */
export function boxOf(motif: Motif): [number, number, number, number] {
  let [left, low, right, high] = [Infinity, Infinity, -Infinity, -Infinity];
  for (const part of motif.parts) {
    for (const line of part.outers) {
      for (let i = 0; i < line.length; i += 2) {
        left = Math.min(left, line[i]!);
        right = Math.max(right, line[i]!);
        low = Math.min(low, line[i + 1]!);
        high = Math.max(high, line[i + 1]!);
      }
    }
  }
  return [left, -high, right - left, high - low];
}

interface Props {
  motif: Motif;
  className?: string;
  /** How it was smoothed, drawn over it, mm. */
  line?: boolean;
}

/** A drawing as it is kept: its regions from the back to the front. */
export function MotifPicture({ motif, className, line }: Props) {
  const [box, paths] = useMemo(
    () => [boxOf(motif), motif.parts.map((p) => ({ shade: p.shade, d: path([...p.outers, ...p.holes]) }))],
    [motif],
  );
  const rim = Math.max(box[2], box[3]) * 0.02;
  return (
    <svg
      role="img"
      aria-label={`${motif.name}, ${motif.parts.length} parts`}
      viewBox={`${box[0] - rim} ${box[1] - rim} ${box[2] + 2 * rim} ${box[3] + 2 * rim}`}
      className={className ?? 'h-56 w-full'}
    >
      {paths.map((p, i) => (
        <path
          key={i}
          d={p.d}
          fill={line ? 'none' : p.shade}
          fillRule="evenodd"
          stroke={line ? 'var(--color-pin)' : 'none'}
          strokeWidth={line ? rim / 4 : 0}
        />
      ))}
    </svg>
  );
}
