import { useMemo } from 'react';
import type { PieceWorkup } from '../api/client';
import { type Eye, HELD, pathOf, seen } from '../band/facets';

interface Props {
  worked: PieceWorkup | undefined;
  size: number;
  eye?: Eye;
  /** mm on the page for a mm of the piece; as large as fits where left out. */
  scale?: number;
}

/** A piece as it will be, drawn from its own parts. */
export function PiecePicture({ worked, size, eye = HELD, scale }: Props) {
  const drawn = useMemo(() => (worked ? seen(worked.look, eye) : []), [worked, eye]);
  if (drawn.length === 0) {
    return <span style={{ width: size, height: size }} className="shrink-0" />;
  }
  const all = drawn.flatMap((d) => d.points);
  const [left, right] = ends(all.map((p) => p[0]));
  const [low, high] = ends(all.map((p) => p[1]));
  const k = scale ?? (size - 6) / Math.max(right - left, high - low, 1);
  const [dx, dy] = [size / 2 - ((left + right) / 2) * k, size / 2 + ((low + high) / 2) * k];
  return (
    <svg width={size} height={size} aria-hidden="true" className="shrink-0">
      {drawn.map((d, i) => (
        <path key={i} d={pathOf(d.points, k, dx, dy)} fill={d.fill} stroke={d.stroke} strokeWidth={0.5} />
      ))}
    </svg>
  );
}

/** Of a thousand corners, too, without an argument for each. */
function ends(values: readonly number[]): [number, number] {
  return values.reduce<[number, number]>(
    ([least, most], v) => [Math.min(least, v), Math.max(most, v)],
    [Number.POSITIVE_INFINITY, Number.NEGATIVE_INFINITY],
  );
}
