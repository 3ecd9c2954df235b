import type { Form } from '../api/client';
import { PlanView } from '../band/plan-view';
import { useWidth } from '../band/size';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

const TALL = 292;

/** The tier to scale, from the front and from above, with the sizes that are in force: read ones dark, planned ones light. */
export function MeasureDrawing({ form }: { form: Form }) {
  const { unit } = usePreferences();
  const [box, width] = useWidth<HTMLDivElement>(780);
  const side = Math.min(TALL, width * 0.42);
  const room = width - side - 24;
  const k = Math.min(
    (room - 150) / form.width,
    (TALL - 96) / form.height.mm,
    (side - 64) / Math.max(form.width, form.depth) / 0.9,
  );
  const w = form.width * k;
  const h = form.height.mm * k;
  const cx = room / 2 - 10;
  const foot = TALL - 62;
  const narrow = form.top.mm / form.foot.mm;
  const tone = (readings: number) => (readings > 0 ? 'fill-ink font-semibold' : 'fill-soft');
  return (
    <div ref={box} className="flex items-center gap-6">
      <svg
        width={room}
        height={TALL}
        role="img"
        aria-label="The tier from the front, to scale"
        className="block"
      >
        <line x1={24} x2={room - 24} y1={foot} y2={foot} stroke="var(--color-ink)" strokeWidth={3} />
        <path
          d={`M${cx - w / 2} ${foot}L${cx - (w / 2) * narrow} ${foot - h}H${cx + (w / 2) * narrow}L${cx + w / 2} ${foot}Z`}
          fill="var(--color-sheet)"
          stroke="var(--color-ink)"
          strokeWidth={1.8}
        />
        <line
          x1={cx}
          x2={cx}
          y1={foot - h - 18}
          y2={foot}
          stroke="var(--color-pin)"
          strokeDasharray="2 4"
          strokeWidth={1.4}
        />
        <text x={cx} y={foot - h - 24} textAnchor="middle" className="fill-pin text-[14px] font-semibold">
          front
        </text>
        <Dimension x1={cx - w / 2} x2={cx + w / 2} y={foot + 22} />
        <text x={cx} y={foot + 46} textAnchor="middle" className={`text-[16px] ${tone(form.foot.readings)}`}>
          {length(form.width, unit)} wide
        </text>
        <Tape x={cx + 70} y={foot + 34} shown={form.foot.readings > 0} />
        <g transform={`translate(${cx + w / 2 + 22} ${foot}) rotate(-90)`}>
          <Dimension x1={0} x2={h} y={0} />
        </g>
        <text
          x={cx + w / 2 + 34}
          y={foot - h / 2 + 5}
          className={`text-[16px] ${tone(form.height.readings)}`}
        >
          {length(form.height.mm, unit)}
        </text>
      </svg>
      <PlanView form={form} size={side} words={length(form.foot.mm, unit)} />
    </div>
  );
}

function Dimension({ x1, x2, y }: { x1: number; x2: number; y: number }) {
  return (
    <g stroke="var(--color-soft)" strokeWidth={1.2}>
      <line x1={x1} x2={x2} y1={y} y2={y} />
      <line x1={x1} x2={x1} y1={y - 6} y2={y + 6} />
      <line x1={x2} x2={x2} y1={y - 6} y2={y + 6} />
    </g>
  );
}

/** The small sign of a tape: this size was read. */
function Tape({ x, y, shown }: { x: number; y: number; shown: boolean }) {
  if (!shown) {
    return null;
  }
  return (
    <g transform={`translate(${x} ${y})`}>
      <title>read with the tape</title>
      <rect width={22} height={12} fill="var(--color-tape)" stroke="var(--color-tape-line)" />
      <path d="M5 0v5M9 0v3.500M13 0v5M17 0v3.500" stroke="var(--color-tape-line)" />
    </g>
  );
}
