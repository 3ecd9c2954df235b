import type { Built, Inserted, Plan, TierWorkup } from '../api/client';
import { pathOf, seen } from '../band/facets';
import { usePieces } from '../plan/use';
import { kilos } from '../units/units';

interface Props {
  tiers: readonly TierWorkup[];
  built: Built;
  plan: Plan;
  chosen: string;
  choose: (tier: string) => void;
}

const WIDE = 400;
const HIGH = 400;
const BOARD = 4;

/** Everything stuck in, seen from the front: tiers, the boards between them, dowels and the long one. */
export function Elevation({ tiers, built, plan, chosen, choose }: Props) {
  const board = plan.stand?.board ?? BOARD;
  const wide = Math.max(...tiers.map((t) => t.form.width)) * 1.5;
  const above = Math.max(0, ...plan.pieces.filter((p) => p.seat.on === 'top').map((p) => p.height));
  const k = Math.min(WIDE / wide, (HIGH - 20) / (built.height + above));
  let foot = 0;
  let middle = 0;
  const drawn = tiers.map((t, i) => {
    const standing = built.tiers[i]!;
    middle += i === 0 ? 0 : standing.shift.x;
    const here = { t, standing, foot, middle };
    foot += t.form.height.mm + board;
    return here;
  });
  return (
    <svg
      viewBox={`${-WIDE / 2} ${-HIGH + 10} ${WIDE} ${HIGH}`}
      className="block w-full"
      role="img"
      aria-label="The stack from the front, with everything stuck in"
    >
      <line x1={-WIDE / 2} x2={WIDE / 2} y1={2} y2={2} stroke="var(--color-ink)" strokeWidth={3} />
      <OwnPieces tiers={tiers} plan={plan} built={built} board={board} k={k} behind />
      {drawn.map(({ t, standing, foot: z, middle: x }, i) => {
        const w = t.form.width * k;
        const h = t.form.height.mm * k;
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: see above
          <g key={t.id} onClick={() => choose(t.id)} className="cursor-pointer">
            <rect
              x={x * k - w / 2}
              y={-z * k - h}
              width={w}
              height={h}
              fill={t.id === chosen ? 'var(--color-wash)' : 'var(--color-sheet)'}
              stroke="var(--color-ink)"
              strokeWidth={t.id === chosen ? 2.4 : 1.4}
            />
            {i > 0 ? (
              <line
                x1={x * k - w / 2}
                x2={x * k + w / 2}
                y1={-z * k + (board * k) / 2}
                y2={-z * k + (board * k) / 2}
                stroke="var(--color-tape-line)"
                strokeWidth={Math.max(2, board * k)}
              />
            ) : null}
            <text
              x={x * k - w / 2 - 8}
              y={-z * k - h / 2 + 5}
              fontSize={15}
              textAnchor="end"
              fill="var(--color-ink)"
            >
              {kilos(standing.own)} kg
            </text>
          </g>
        );
      })}
      <OwnPieces tiers={tiers} plan={plan} built={built} board={board} k={k} behind={false} />
      {built.stuck.map((s, i) => (
        <Pin key={i} stuck={s} k={k} />
      ))}
    </svg>
  );
}

/** One thing that is stuck in, as thick as it is; a rod of a tall tier is broken, a pick has a head. */
function Pin({ stuck: s, k }: { stuck: Inserted; k: number }) {
  const pick = s.kind === 'pick';
  return (
    <g>
      <title>{s.name}</title>
      <line
        x1={s.x0 * k}
        y1={-s.z0 * k}
        x2={s.x1 * k}
        y2={-s.z1 * k}
        stroke={s.kind === 'centre' ? 'var(--color-ink)' : pick ? 'var(--color-look)' : 'var(--color-pin)'}
        strokeWidth={Math.max(1.6, s.across * k)}
        strokeDasharray={s.kind === 'rod' ? '5 4' : undefined}
        opacity={0.82}
      />
      {pick ? <circle cx={s.x0 * k} cy={-s.z0 * k} r={3.4} fill="var(--color-look)" /> : null}
    </g>
  );
}

/** Pieces made ahead where they will be, as far as they are seen from the front. */
function OwnPieces({
  tiers,
  plan,
  built,
  board,
  k,
  behind,
}: Pick<Props, 'tiers' | 'plan' | 'built'> & {
  board: number;
  k: number;
  /** Those that the cake, or the tier on their ledge, hides. */
  behind: boolean;
}) {
  const worked = usePieces(plan).data ?? [];
  const seats = tiers.map((t, i) => ({
    id: t.id,
    foot: tiers.slice(0, i).reduce((sum, o) => sum + o.form.height.mm + board, 0),
    middle: built.tiers.slice(1, i + 1).reduce((sum, s) => sum + s.shift.x, 0),
  }));
  return worked.flatMap((w) =>
    w.places.map((p, i) => {
      const on = seats.find((s) => s.id === p.tier) ?? seats.at(-1)!;
      const [c, s] = [Math.cos(p.angle), Math.sin(p.angle)];
      const hidden = p.y > 0 && (p.on === 'board' || p.on === 'ledge');
      if ((p.on === 'side' && c < 0) || hidden !== behind) {
        return null;
      }
      const hole = p.on === 'hole';
      const faces = seen(w.look, (x, y, z) => [x * c - y * s, z, x * s + y * c]);
      return (
        <g
          key={`${w.id}-${i}`}
          opacity={hole ? 0.4 : 0.85}
          transform={`translate(${(on.middle + p.x) * k} ${-(on.foot + p.up) * k})`}
        >
          <title>{plan.pieces.find((o) => o.id === w.id)?.name}</title>
          {faces.map((f, j) => (
            <path key={j} d={pathOf(f.points, k)} fill={f.fill} stroke={f.stroke} strokeWidth={0.6} />
          ))}
        </g>
      );
    }),
  );
}
