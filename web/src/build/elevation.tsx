import type { Built, Inserted, Plan, TierWorkup } from '../api/client';
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
      <OwnPieces tiers={tiers} plan={plan} built={built} board={board} k={k} />
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

/** Pieces of one's own where they will be, as far as they are seen from the front. */
function OwnPieces({
  tiers,
  plan,
  built,
  board,
  k,
}: Pick<Props, 'tiers' | 'plan' | 'built'> & { board: number; k: number }) {
  const worked = usePieces(plan).data ?? [];
  const seats = tiers.map((t, i) => ({
    id: t.id,
    form: t.form,
    foot: tiers.slice(0, i).reduce((sum, o) => sum + o.form.height.mm + board, 0),
    middle: built.tiers.slice(1, i + 1).reduce((sum, s) => sum + s.shift.x, 0),
  }));
  return plan.pieces.flatMap((piece) => {
    const outline = worked.find((w) => w.id === piece.id)?.outline;
    const on = seats.find((s) => s.id === piece.seat.tier) ?? seats.at(-1)!;
    if (outline === undefined) {
      return [];
    }
    return Array.from({ length: piece.count }, (_, i) => {
      const angle = ((piece.seat.angle + (360 * i) / piece.count) * Math.PI) / 180;
      const side = piece.seat.on === 'side';
      if (side && Math.cos(angle) < 0) {
        return null;
      }
      const hole = piece.seat.on === 'hole';
      const out = hole || piece.seat.on === 'top' ? piece.seat.out : piece.seat.out || on.form.width / 2;
      const x = on.middle + (side ? on.form.width / 2 : out) * Math.sin(angle);
      const z = on.foot + (side ? piece.seat.up : hole ? 0 : on.form.height.mm);
      const flat = side ? Math.abs(Math.cos(angle)) : 1;
      const path = outline
        .map((v, j) =>
          j % 2 === 0 ? `${j === 0 ? 'M' : 'L'}${(x + v * flat) * k} ${-(z + outline[j + 1]!) * k}` : '',
        )
        .join('');
      return (
        <path
          key={`${piece.id}-${i}`}
          d={`${path}Z`}
          fill="var(--color-tape)"
          fillOpacity={hole ? 0.3 : 0.55}
          stroke="var(--color-ink)"
          strokeWidth={1.2}
          strokeDasharray={hole ? '5 4' : undefined}
        >
          <title>{piece.name}</title>
        </path>
      );
    });
  });
}
