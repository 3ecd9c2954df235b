import type { Worn } from '../api/client';
import type { BandScale } from './geometry';

/** Courses at the edge of the band, numbered from the foot, none on top of another. */
export function Notches({
  dressings,
  chosen,
  scale,
  onNotch,
}: {
  dressings: readonly Worn[];
  chosen: string | undefined;
  scale: BandScale;
  onNotch: (id: string) => void;
}) {
  const rows = dressings
    .flatMap((worn, i) => (worn.surface === 'side' ? [{ worn, i }] : []))
    .map(({ worn, i }) => ({ worn, number: i + 1, y: scale.y((worn.zone.foot + worn.zone.top) / 2) }))
    .sort((a, b) => b.y - a.y);
  let above = Number.POSITIVE_INFINITY;
  return (
    <g>
      {rows.map(({ worn, number, y }) => {
        above = Math.min(y, above - 22);
        const on = worn.id === chosen;
        return (
          <g
            key={worn.id}
            transform={`translate(${scale.x(0)} ${above})`}
            onPointerDown={() => onNotch(worn.id)}
            className="cursor-pointer"
          >
            <path
              d="M-24 -9.5H-6L0 0L-6 9.5H-24Z"
              fill={on ? 'var(--color-ink)' : 'var(--color-sheet)'}
              stroke="var(--color-ink)"
            />
            <text
              x={-15}
              y={4.5}
              textAnchor="middle"
              className={`text-[13px] font-semibold ${on ? 'fill-sheet' : 'fill-ink'}`}
            >
              {number}
            </text>
          </g>
        );
      })}
    </g>
  );
}
