import type { Divided, Form } from '../api/client';
import { alongOutline } from './geometry';

interface Props {
  form: Form;
  divided?: Divided | undefined;
  size: number;
  words?: string | undefined;
  section?: number | undefined;
}

/** The tier from above, front at the bottom, its marks where they are. */
export function PlanView({ form, divided, size, words, section }: Props) {
  const k = (size - 64) / Math.max(form.width, form.depth);
  const cx = size / 2;
  const cy = size / 2;
  const px = (x: number) => cx + x * k;
  const py = (y: number) => cy - y * k;
  const ring = (points: Form['outline']) =>
    points.length === 0
      ? ''
      : `${points.map((p, i) => `${i === 0 ? 'M' : 'L'}${px(p.x).toFixed(2)} ${py(p.y).toFixed(2)}`).join('')}Z`;
  const at = alongOutline(form.outline, form.foot.mm);
  const front = py(Math.min(...form.outline.map((p) => p.y)));
  const few = divided !== undefined && divided.count <= 60;
  return (
    <svg
      width={size}
      height={size}
      role="img"
      aria-label="The tier from above, front at the bottom"
      className="block"
    >
      <path d={ring(form.outline)} fill="var(--color-sheet)" stroke="var(--color-ink)" strokeWidth={1.8} />
      {form.hole.length > 0 ? (
        <path d={ring(form.hole)} fill="var(--color-paper)" stroke="var(--color-ink)" strokeWidth={1.4} />
      ) : null}
      {divided?.marks.map((mark, i) => {
        const p = at(mark.s);
        const out = Math.hypot(p.x, p.y) || 1;
        const angle = Math.atan2(-p.y, p.x);
        const x = px(p.x) + (p.x / out) * 3;
        const y = py(p.y) - (p.y / out) * 3;
        return (
          <g key={mark.number}>
            {few ? (
              <line
                x1={cx}
                y1={cy}
                x2={px(p.x)}
                y2={py(p.y)}
                stroke="var(--color-chalk)"
                strokeWidth={section === i ? 2 : 1}
              />
            ) : null}
            <path
              d="M0 0L9 -5.2L9 5.2Z"
              fill={mark.locked ? 'var(--color-pin)' : 'var(--color-ink)'}
              transform={`translate(${x} ${y}) rotate(${(angle * 180) / Math.PI}) scale(${divided.count > 60 ? 0.5 : 1})`}
            />
          </g>
        );
      })}
      {words ? (
        <>
          <rect
            x={cx - words.length * 4.4 - 6}
            y={cy - 14}
            width={words.length * 8.8 + 12}
            height={28}
            rx={14}
            fill="var(--color-sheet)"
          />
          <text x={cx} y={cy + 6} textAnchor="middle" className="fill-ink text-[17px] font-semibold">
            {words}
          </text>
        </>
      ) : null}
      <line x1={cx} x2={cx} y1={front - 12} y2={front + 14} stroke="var(--color-pin)" strokeWidth={2} />
      <text x={cx + 6} y={size - 6} className="fill-pin text-[14px] font-semibold">
        front
      </text>
    </svg>
  );
}
