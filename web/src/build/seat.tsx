import type { Standing, TierWorkup } from '../api/client';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

interface Props {
  lower: TierWorkup;
  upper: TierWorkup | undefined;
  standing: Standing;
  shift: Standing['shift'] | undefined;
  /** A dowel's diameter, mm. */
  across: number;
  /** What else is stuck into it, from its own middle. */
  picks: readonly { x0: number; y0: number; x1: number; y1: number; across: number; name: string }[];
}

const SIZE = 400;

/** An outline seen from above, y down the page towards the front. */
function around(points: readonly { x: number; y: number }[], share: number, dx: number, dy: number): string {
  return `${points.map((p, i) => `${i === 0 ? 'M' : 'L'}${p.x * share + dx} ${-(p.y * share + dy)}`).join('')}Z`;
}

/** The top of a tier from above: the seat of the one on it, its dowels, and what is seen of the ledge. */
export function Seat({ lower, upper, standing, shift, across, picks }: Props) {
  const { unit } = usePreferences();
  const share = lower.form.top.mm / lower.form.foot.mm;
  const reach = Math.max(lower.form.width, lower.form.depth) * 1.22;
  const k = SIZE / reach;
  const dx = shift?.x ?? 0;
  const dy = shift?.y ?? 0;
  const { ledge } = standing;
  const sign = 15 / k;
  const label = (x: number, y: number, mm: number, upright = false) => (
    <text
      x={x}
      y={y}
      transform={upright ? `rotate(-90 ${x} ${y})` : undefined}
      fontSize={sign}
      textAnchor="middle"
      dominantBaseline="central"
      fill="var(--color-ink)"
    >
      {length(mm, unit)}
    </text>
  );
  const front = (lower.form.depth / 2) * share;
  const side = (lower.form.width / 2) * share;
  return (
    <svg
      viewBox={`${-reach / 2} ${-reach / 2} ${reach} ${reach}`}
      className="block w-full"
      role="img"
      aria-label="The tier's top from above, with the seat and its dowels"
    >
      <path
        d={around(lower.form.outline, share, 0, 0)}
        fill="var(--color-sheet)"
        stroke="var(--color-ink)"
        strokeWidth={1.8 / k}
      />
      {lower.form.hole.length > 0 ? (
        <path
          d={around(lower.form.hole, 1, 0, 0)}
          fill="var(--color-edge)"
          stroke="var(--color-ink)"
          strokeWidth={1.2 / k}
        />
      ) : null}
      {upper ? (
        <path
          d={around(upper.form.outline, 1, dx, dy)}
          fill="var(--color-wash)"
          stroke="var(--color-ink)"
          strokeWidth={1.2 / k}
        />
      ) : null}
      {standing.dowels.length > 0 ? (
        <circle
          cx={dx}
          cy={-dy}
          r={standing.seat * 0.7}
          fill="none"
          stroke="var(--color-chalk)"
          strokeDasharray={`${6 / k} ${5 / k}`}
          strokeWidth={1 / k}
        />
      ) : null}
      {standing.dowels.map((d, i) => (
        <circle key={i} cx={d.x} cy={-d.y} r={across / 2} fill="var(--color-pin)" />
      ))}
      {standing.inner.map((d, i) => (
        <circle
          key={i}
          cx={d.x}
          cy={-d.y}
          r={across / 2}
          fill="none"
          stroke="var(--color-pin)"
          strokeWidth={1.6 / k}
        />
      ))}
      {picks.map((p, i) => (
        <g key={i}>
          <title>{p.name}</title>
          <line
            x1={p.x0}
            y1={-p.y0}
            x2={p.x1}
            y2={-p.y1}
            stroke="var(--color-look)"
            strokeWidth={p.across}
            opacity={0.7}
          />
          <circle cx={p.x0} cy={-p.y0} r={Math.max(p.across / 2, 3 / k)} fill="var(--color-look)" />
        </g>
      ))}
      {ledge ? (
        <>
          {label(dx, front - ledge.front / 2, ledge.front)}
          {label(dx, -front + ledge.back / 2, ledge.back)}
          {label(-side + ledge.left / 2, -dy, ledge.left, true)}
          {label(side - ledge.right / 2, -dy, ledge.right, true)}
        </>
      ) : null}
      <text
        x={0}
        y={front + sign * 1.6}
        fontSize={sign}
        textAnchor="middle"
        fill="var(--color-pin)"
        fontWeight={600}
      >
        front
      </text>
    </svg>
  );
}
