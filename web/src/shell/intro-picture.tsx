import { useOpen, useWorkup } from '../plan/context';
import type { StageKey } from './stages';

const WIDE = 150;
const HIGH = 104;
const INK = 'var(--color-ink)';
const PIN = 'var(--color-pin)';
const CHALK = 'var(--color-chalk)';

/** The stage's own picture, drawn from this plan. */
export function IntroPicture({ stage }: { stage: StageKey }) {
  const { tiers } = useWorkup();
  const { tierId } = useOpen();
  const tier = tiers.find((t) => t.id === tierId) ?? tiers.at(-1)!;
  const tall = tiers.reduce((sum, t) => sum + t.form.height.mm, 0);
  const wide = Math.max(...tiers.map((t) => t.form.width));
  const k = Math.min((WIDE - 30) / wide, (HIGH - 16) / tall);
  let foot = HIGH - 8;
  const blocks = tiers.map((t) => {
    const high = t.form.height.mm * k;
    foot -= high;
    return { id: t.id, x: (WIDE - t.form.width * k) / 2, y: foot, w: t.form.width * k, h: high };
  });
  const marks = tier.divisions[0]?.marks ?? [];
  const round = tier.form.foot.mm;
  const on = (s: number, r: number) => {
    const a = (2 * Math.PI * s) / round + Math.PI / 2;
    return [WIDE / 2 + r * Math.cos(a) * -1, HIGH / 2 + r * Math.sin(a) * -1] as const;
  };
  return (
    <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="h-26 w-38 shrink-0" aria-hidden="true">
      {stage === 'divide' ? (
        <>
          <circle cx={WIDE / 2} cy={HIGH / 2} r={38} fill="none" stroke={INK} strokeWidth={1.4} />
          {marks.map((m) => {
            const [x1, y1] = on(m.s, 38);
            const [x2, y2] = on(m.s, 46);
            return <line key={m.number} x1={x1} y1={y1} x2={x2} y2={y2} stroke={PIN} strokeWidth={1.6} />;
          })}
        </>
      ) : (
        blocks.map((b) => (
          <rect
            key={b.id}
            x={b.x}
            y={b.y}
            width={b.w}
            height={b.h}
            fill="var(--color-sheet)"
            stroke={INK}
            strokeWidth={1.3}
          />
        ))
      )}
      {stage === 'measure'
        ? blocks.map((b) => (
            <line
              key={b.id}
              x1={b.x - 5}
              x2={b.x + b.w + 5}
              y1={b.y + b.h - 3}
              y2={b.y + b.h - 3}
              stroke={PIN}
              strokeWidth={2.2}
              strokeDasharray="3 1.5"
            />
          ))
        : null}
      {stage === 'dress' || stage === 'turntable'
        ? blocks.map((b) => (
            <path
              key={b.id}
              d={swags(b.x, b.y + b.h * 0.25, b.w, b.h * 0.35)}
              fill="none"
              stroke={PIN}
              strokeWidth={1.6}
            />
          ))
        : null}
      {stage === 'ahead' && blocks.at(-1) ? (
        <circle cx={WIDE / 2} cy={blocks.at(-1)!.y - 7} r={7} fill={PIN} />
      ) : null}
      {stage === 'make'
        ? [10, 7, 5].map((r, i) => (
            <circle key={r} cx={14 + i * 20} cy={HIGH - 8 - r} r={r} fill={CHALK} stroke={INK} />
          ))
        : null}
      {stage === 'days'
        ? [0, 1, 2].map((i) => (
            <rect key={i} x={8 + i * 34} y={10 + i * 9} width={44} height={6} fill={i === 2 ? PIN : CHALK} />
          ))
        : null}
      {stage === 'build'
        ? blocks
            .slice(0, -1)
            .flatMap((b) =>
              [0.35, 0.5, 0.65].map((at) => (
                <line
                  key={`${b.id} ${at}`}
                  x1={b.x + b.w * at}
                  x2={b.x + b.w * at}
                  y1={b.y}
                  y2={b.y + b.h}
                  stroke={PIN}
                  strokeWidth={1.8}
                />
              )),
            )
        : null}
    </svg>
  );
}

/** Five arcs between two edges. */
function swags(x: number, y: number, wide: number, deep: number): string {
  const each = wide / 5;
  return `M${x} ${y}${Array.from({ length: 5 }, () => `q${each / 2} ${deep} ${each} 0`).join('')}`;
}
