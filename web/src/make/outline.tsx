import type { CutLine, Nested } from '../api/client';

export function path(outline: readonly number[]): string {
  let d = '';
  for (let i = 0; i < outline.length; i += 2) {
    d += `${i === 0 ? 'M' : 'L'}${outline[i]} ${outline[i + 1]}`;
  }
  return `${d}Z`;
}

export interface Box {
  x: number;
  y: number;
  width: number;
  height: number;
}

export function box(outline: readonly number[]): Box {
  const xs = outline.filter((_, i) => i % 2 === 0);
  const ys = outline.filter((_, i) => i % 2 === 1);
  const x = Math.min(...xs);
  const y = Math.min(...ys);
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** Where an outline turned by quarters has to be moved so that its box begins at a place: a nest's own convention. */
export function placed(outline: readonly number[], at: Nested['sheets'][number]['laid'][number]): string {
  const b = box(outline);
  const turn = ((at.quarters % 4) + 4) % 4;
  // Turned about 0, 0 against the clock (y up), the box's lower left corner comes to lie here.
  const low = [
    [b.x, b.y],
    [-(b.y + b.height), b.x],
    [-(b.x + b.width), -(b.y + b.height)],
    [b.y, -(b.x + b.width)],
  ][turn]!;
  return `translate(${at.x - low[0]!} ${at.y - low[1]!}) rotate(${turn * 90})`;
}

/** A piece as it is cut, all pieces of a list to one scale up to what a line can hold. */
export function PieceOutline({ line, shade }: { line: CutLine; shade: string }) {
  const wide = 74;
  const high = 46;
  if (line.outline.length === 0) {
    const r = Math.max(2, Math.min(20, line.width / 2));
    return (
      <svg width={wide} height={high} aria-hidden="true" className="shrink-0">
        <circle cx={wide / 2} cy={high / 2} r={r} fill={shade} stroke="var(--color-ink)" />
      </svg>
    );
  }
  const b = box(line.outline);
  const k = Math.min((wide - 4) / b.width, (high - 4) / b.height);
  return (
    <svg width={wide} height={high} aria-hidden="true" className="shrink-0">
      <g
        transform={`translate(${wide / 2} ${high / 2}) scale(${k} ${-k}) translate(${-(b.x + b.width / 2)} ${-(b.y + b.height / 2)})`}
      >
        <path
          d={path(line.outline)}
          fill={shade}
          stroke="var(--color-ink)"
          strokeWidth={1.2}
          vectorEffect="non-scaling-stroke"
        />
      </g>
    </svg>
  );
}
