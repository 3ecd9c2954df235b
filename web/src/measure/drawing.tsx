import type { Form, TierWorkup } from '../api/client';
import { useWidth } from '../band/size';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

const TALL = 268;

interface Props {
  tiers: readonly TierWorkup[];
  /** Of each tier to the one on it, mm. */
  ledges: readonly number[];
  chosen: string;
}

/** The stack to scale, from the front and from above; sizes in force, read ones dark, planned ones light. */
export function StackDrawing({ tiers, ledges, chosen }: Props) {
  const [box, width] = useWidth<HTMLDivElement>(780);
  const narrow = width < 520;
  const side = narrow ? Math.min(TALL, width) : Math.min(TALL, Math.floor(width * 0.36));
  return (
    <div ref={box} className="flex items-center gap-5 max-md:flex-col">
      <FromFront tiers={tiers} ledges={ledges} chosen={chosen} width={narrow ? width : width - side - 20} />
      <FromAbove tiers={tiers} chosen={chosen} size={side} />
    </div>
  );
}

function FromFront({ tiers, ledges, chosen, width }: Props & { width: number }) {
  const { unit } = usePreferences();
  const wide = Math.max(...tiers.map((t) => t.form.width));
  const tall = tiers.reduce((sum, t) => sum + t.form.height.mm, 0);
  const k = Math.min((width - 210) / wide, (TALL - 74) / tall);
  const cx = width / 2 - 20;
  let foot = TALL - 46;
  const base = foot;
  const tone = (readings: number) => (readings > 0 ? 'fill-ink font-semibold' : 'fill-soft');
  return (
    <svg
      width={width}
      height={TALL}
      role="img"
      aria-label="The stack from the front, to scale"
      className="block"
    >
      <line
        x1={cx - (wide * k) / 2 - 40}
        x2={cx + (wide * k) / 2 + 40}
        y1={base}
        y2={base}
        stroke="var(--color-ink)"
        strokeWidth={3}
      />
      {tiers.map((t, i) => {
        const { form } = t;
        const half = (form.width * k) / 2;
        const narrow = form.top.mm / form.foot.mm;
        const low = foot;
        const top = low - form.height.mm * k;
        foot = top;
        const on = t.id === chosen;
        const ledge = ledges[i] ?? null;
        return (
          <g key={t.id}>
            <path
              d={`M${cx - half} ${low}L${cx - half * narrow} ${top}H${cx + half * narrow}L${cx + half} ${low}Z`}
              fill={on ? 'var(--color-wash)' : 'var(--color-sheet)'}
              stroke="var(--color-ink)"
              strokeWidth={on ? 2.4 : 1.3}
            />
            {ledge !== null && Math.abs(ledge) > 0.5 ? (
              <text x={cx - half - 8} y={top + 14} textAnchor="end" className="fill-soft text-[13px]">
                {ledge > 0 ? `ledge ${length(ledge, unit)}` : `hangs over ${length(-ledge, unit)}`}
              </text>
            ) : null}
            {on ? (
              <>
                <g stroke="var(--color-soft)" strokeWidth={1.2}>
                  <path d={`M${cx + half + 16} ${low}V${top}m-6 0h12m-12 ${low - top}h12`} fill="none" />
                </g>
                <text
                  x={cx + half + 28}
                  y={(low + top) / 2 + 5}
                  className={`text-[16px] ${tone(form.height.readings)}`}
                >
                  {length(form.height.mm, unit)}
                </text>
                <g stroke="var(--color-soft)" strokeWidth={1.2}>
                  <path
                    d={`M${cx - half} ${base + 14}H${cx + half}m0 -5v10m${-2 * half} -10v10`}
                    fill="none"
                  />
                </g>
                <text
                  x={cx}
                  y={base + 36}
                  textAnchor="middle"
                  className={`text-[16px] ${tone(form.foot.readings)}`}
                >
                  {length(form.width, unit)} wide
                </text>
                {form.foot.readings > 0 ? <TapeSign x={cx + 66} y={base + 24} /> : null}
              </>
            ) : null}
          </g>
        );
      })}
      <line
        x1={cx}
        x2={cx}
        y1={foot - 12}
        y2={base}
        stroke="var(--color-pin)"
        strokeDasharray="2 4"
        strokeWidth={1.4}
      />
      <text x={cx} y={foot - 15} textAnchor="middle" className="fill-pin text-[14px] font-semibold">
        front
      </text>
    </svg>
  );
}

function FromAbove({ tiers, chosen, size }: Omit<Props, 'ledges'> & { size: number }) {
  const { unit } = usePreferences();
  const k = (size - 34) / Math.max(...tiers.map((t) => Math.max(t.form.width, t.form.depth)));
  const c = (size - 14) / 2;
  const ring = (points: Form['outline']) =>
    points.length === 0
      ? ''
      : `${points.map((p, i) => `${i === 0 ? 'M' : 'L'}${(c + p.x * k).toFixed(2)} ${(c - p.y * k).toFixed(2)}`).join('')}Z`;
  const on = tiers.find((t) => t.id === chosen) ?? tiers[0]!;
  const front = c - Math.min(...on.form.outline.map((p) => p.y)) * k;
  const words = `${length(on.form.foot.mm, unit)} round`;
  return (
    <svg
      width={size}
      height={size}
      role="img"
      aria-label="The stack from above, front at the bottom"
      className="block"
    >
      {tiers.map((t) => (
        <g key={t.id}>
          <path
            d={ring(t.form.outline)}
            fill={t.id === chosen ? 'var(--color-wash)' : 'var(--color-sheet)'}
            stroke="var(--color-ink)"
            strokeWidth={t.id === chosen ? 2.4 : 1.2}
          />
          <path d={ring(t.form.hole)} fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth={1.2} />
        </g>
      ))}
      <text
        x={c}
        y={c + 5}
        textAnchor="middle"
        className="fill-ink text-[15px] font-semibold"
        stroke="var(--color-sheet)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {words}
      </text>
      <line x1={c} x2={c} y1={front - 10} y2={front + 10} stroke="var(--color-pin)" strokeWidth={2} />
      <text x={c} y={size - 2} textAnchor="middle" className="fill-pin text-[14px] font-semibold">
        front
      </text>
    </svg>
  );
}

/** The small sign of a tape: this size was read. */
function TapeSign({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`}>
      <title>read with the tape</title>
      <rect width={22} height={12} fill="var(--color-tape)" stroke="var(--color-tape-line)" />
      <path d="M5 0v5M9 0v3.500M13 0v5M17 0v3.500" stroke="var(--color-tape-line)" />
    </g>
  );
}
