import { scaleLinear } from 'd3-scale';
import type { WorkRecord } from '../api/client';
import { hours } from '../units/units';

const WIDTH = 560;

/** Planned beside actual: the table's minutes as an outline, those it took in ink; what else was noted in words. */
export function PlannedActual({
  records,
  open,
}: {
  records: readonly WorkRecord[];
  open: (record: WorkRecord) => void;
}) {
  const most = Math.max(10, ...records.map((r) => Math.max(r.time?.plain ?? 0, r.time?.minutes ?? 0)));
  const x = scaleLinear([0, most], [0, WIDTH]).nice(4);
  const ticks = x.ticks(4);
  return (
    <section aria-label="Planned beside actual">
      <h3 className="heading mb-1">Planned beside actual</h3>
      <div className="grid grid-cols-[minmax(150px,240px)_minmax(0,1fr)] gap-x-4 max-sm:grid-cols-1">
        <p className="note self-end">
          <svg viewBox="0 0 30 8" className="mr-1 inline-block w-8" aria-hidden>
            <rect y={1} width={28} height={5} fill="none" stroke="var(--color-soft)" />
          </svg>
          by the table
          <svg viewBox="0 0 30 8" className="mr-1 ml-3 inline-block w-8" aria-hidden>
            <rect y={1} width={28} height={5} fill="var(--color-ink)" />
          </svg>
          as it was
        </p>
        <svg viewBox={`0 0 ${WIDTH} 18`} className="w-full" aria-hidden>
          {ticks.map((t) => (
            <text
              key={t}
              x={x(t)}
              y={14}
              fontSize={12}
              textAnchor={t === 0 ? 'start' : x(t) > WIDTH - 20 ? 'end' : 'middle'}
              fill="var(--color-soft)"
            >
              {t === 0 ? '0 min' : t}
            </text>
          ))}
        </svg>
      </div>
      <ul>
        {records.map((r) => (
          <li key={r.id} className="border-t border-dotted border-ink/30">
            <button
              type="button"
              onClick={() => open(r)}
              className="grid min-h-11 w-full grid-cols-[minmax(150px,240px)_minmax(0,1fr)] items-center gap-x-4 py-1.5 text-left hover:bg-wash max-sm:grid-cols-1"
            >
              <span className="leading-snug">
                <span className="block font-semibold">{r.name}</span>
                <span className="block text-[0.92rem] text-soft">{noted(r)}</span>
              </span>
              {r.time ? (
                <svg
                  viewBox={`0 0 ${WIDTH} 30`}
                  className="w-full"
                  role="img"
                  aria-label={`${hours(r.time.minutes)} beside ${hours(r.time.plain)} by the table`}
                >
                  {ticks.map((t) => (
                    <line key={t} x1={x(t)} x2={x(t)} y2={30} stroke="var(--color-chalk)" strokeWidth={1} />
                  ))}
                  <rect
                    x={0.75}
                    y={4}
                    width={Math.max(1, x(r.time.plain))}
                    height={9}
                    fill="none"
                    stroke="var(--color-soft)"
                    strokeWidth={1.5}
                  />
                  <rect
                    y={16}
                    width={Math.max(1.5, x(r.time.minutes))}
                    height={10}
                    fill="var(--color-ink)"
                    opacity={r.aside.some((a) => a.kind === 'time') ? 0.4 : 1}
                  />
                  <Ratio record={r} at={x(r.time.minutes)} />
                </svg>
              ) : (
                <span className="note">no minutes</span>
              )}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** How many times the table's minutes, beside the bar or in it where it is long. */
function Ratio({ record, at }: { record: WorkRecord; at: number }) {
  const words = `${(record.time!.minutes / record.time!.plain).toFixed(2)} ×`;
  const inside = at > WIDTH - 60;
  return (
    <text
      x={inside ? at - 6 : at + 6}
      y={25.5}
      fontSize={13}
      fontWeight={650}
      textAnchor={inside ? 'end' : 'start'}
      fill={inside ? 'var(--color-sheet)' : 'var(--color-ink)'}
    >
      {words}
    </text>
  );
}

/** What else was noted of it. */
function noted(r: WorkRecord): string {
  return [
    r.who,
    r.pieces ? `${r.pieces.broken} of ${r.pieces.made} broke` : '',
    r.weight ? `${Math.round(r.weight.grams)} g for ${Math.round(r.weight.plain)}` : '',
    r.drying?.hard === undefined ? '' : `hard after ${Math.round(r.drying.hard)} h`,
    r.drying?.handled === undefined ? '' : `handled after ${Math.round(r.drying.handled)} h`,
    r.markMm === undefined ? '' : `marks ${r.markMm.toFixed(2)} mm off`,
    r.humidity === undefined ? '' : `${Math.round(r.humidity * 100)} % humid`,
    r.aside.length > 0 ? `put aside: ${r.aside[0]!.why}` : '',
    r.note,
  ]
    .filter(Boolean)
    .join(' · ');
}
