import { useMemo } from 'react';
import type { DayItem, Days, Plan } from '../api/client';
import { useWidth } from '../band/size';
import { useWorkup } from '../plan/context';
import { usePieces } from '../plan/use';
import { DAY, HALO, HOUR, LETTER, local, midnight, minutes, shortDay } from '../units/time';
import { hours } from '../units/units';
import { type Drawn, HEAD, type Look } from './drawn';
import { HANDS, LANE, Lanes, laned, Piles } from './hands';
import { type Lot, onShelf, words } from './lots';
import { NowAndReady, ReadyGrip } from './ready';
import { scale } from './scale';

const GAP = 30;
const ROW = 40;

/** Time from left to right; what hands do above, what is left alone on its shelf below, drawn as it is. */
export function Shelves(props: Look) {
  const { days, from, to } = props;
  const [ref, width] = useWidth<HTMLDivElement>(760);
  const x = useMemo(() => scale(days, from, to, width), [days, from, to, width]);
  const close = to - from <= 2 * DAY;
  const lanes = laned(days, x, close);
  const high = close ? Math.max(1, ...lanes.map((l) => l.row + 1)) * LANE + 12 : HANDS;
  const hands = HEAD + high;
  const lying = SHELVES.map((s) => ({ ...s, ...onShelf(days, s.is, x, from, to, width) }));
  let foot = hands;
  const placed = lying.map((s) => {
    foot += GAP + Math.max(0.3, s.count) * ROW;
    return { ...s, y: foot };
  });
  const end = foot + GAP;
  return (
    <div ref={ref} className="w-full overflow-hidden">
      <svg
        width={width}
        height={end}
        viewBox={`0 0 ${width} ${end}`}
        className="block touch-pan-y select-none"
        role="group"
        aria-label={`Days from ${shortDay(from)} to ${shortDay(to - 1)}`}
      >
        <Ticks {...props} x={x} end={end} width={width} />
        <NowAndReady {...props} x={x} end={end} width={width} />
        {close ? (
          <Lanes lanes={lanes} {...props} x={x} foot={hands} width={width} />
        ) : (
          <Piles {...props} x={x} foot={hands} width={width} />
        )}
        <ShelfLine y={hands} width={width} label="Your hands" note={busiest(days)} />
        {placed.map((s) => (
          <g key={s.label}>
            {s.rows.map(({ thing, row }) => (
              <Resting
                key={`${thing.item.order}/${thing.item.id}`}
                lot={thing}
                {...props}
                x={x}
                y={s.y - row * ROW}
                width={width}
              />
            ))}
            <ShelfLine y={s.y} width={width} label={s.label} note={s.note} />
          </g>
        ))}
        <ReadyGrip {...props} x={x} width={width} />
      </svg>
    </div>
  );
}

const SHELVES = [
  {
    label: 'Drying',
    is: (i: DayItem) => i.lying!.storage === 'former' || (i.lying!.storage === 'room' && i.kind === 'piece'),
  },
  { label: 'Fridge and freezer', is: (i: DayItem) => /fri|free/.test(i.lying!.storage) },
  { label: 'On the bench', is: (i: DayItem) => i.lying!.storage === 'room' && i.kind !== 'piece' },
];

function busiest(days: Days): string {
  const most = days.loads.reduce((a, b) => (b.busy > a.busy ? b : a), days.loads[0]!);
  return `${hours(days.left)} to do · busiest ${shortDay(minutes(`${most.day}T00:00`))}, ${hours(most.busy)} of ${hours(most.open)}`;
}

function ShelfLine({ y, width, label, note }: { y: number; width: number; label: string; note: string }) {
  return (
    <>
      <rect x={0} y={y} width={width} height={3} fill="var(--color-ink)" />
      <rect x={0} y={y + 3} width={width} height={4} fill="var(--color-edge)" />
      <text x={0} y={y + 23} fontSize={15} fontWeight={650} fill="var(--color-ink)" {...HALO}>
        {label}
        {/* Beside its name, where no pin stands; a narrow page has the same words in its ledger. */}
        {(label.length + note.length) * 7.4 + 14 < width ? (
          <tspan dx={14} fontSize={14} fontWeight={400} fill="var(--color-soft)">
            {note}
          </tspan>
        ) : null}
      </text>
    </>
  );
}

function Ticks({ days, from, to, x, end, look }: Drawn & { end: number }) {
  const close = to - from <= 2 * DAY;
  const step = close ? (to - from <= 8 * HOUR ? HOUR : 2 * HOUR) : DAY;
  const wide = x(from + step) - x(from);
  const every = Math.max(1, Math.ceil(48 / wide));
  const ticks = [];
  for (let at = Math.ceil(from / step) * step; at < to; at += step) {
    ticks.push(at);
  }
  const today = midnight(minutes(days.now));
  return (
    <>
      {ticks.map((at, i) => (
        <g key={at}>
          <line x1={x(at)} x2={x(at)} y1={8} y2={end} stroke="var(--color-edge)" />
          {i % every === 0 ? (
            // biome-ignore lint/a11y/noStaticElementInteractions: the day's own view is also reached with "Day" above
            <text
              x={x(at) + 6}
              y={22}
              fontSize={15}
              fill={!close && at === today ? 'var(--color-pin)' : 'var(--color-ink)'}
              fontWeight={!close && at === today ? 650 : 400}
              className={close ? undefined : 'cursor-pointer'}
              onClick={close ? undefined : () => look(at)}
            >
              {close
                ? at % DAY === 0
                  ? shortDay(at)
                  : local(at).slice(11, 16)
                : wide < 70
                  ? shortDay(at).replace(/^(..)\w*/, '$1')
                  : shortDay(at)}
            </text>
          ) : null}
        </g>
      ))}
    </>
  );
}

/** A piece, or a tier, on its shelf: as it is, over the time it lies there; hatched where it may be ready or not. */
function Resting({ lot, choose, x, y, width, plan }: Drawn & { lot: Lot; y: number }) {
  const { item } = lot;
  const [a, b, c] = [x(lot.from), x(lot.low), x(lot.until)];
  const cold = item.lying!.storage !== 'room' && item.lying!.storage !== 'former';
  const colour = cold ? 'var(--color-chalk)' : 'var(--color-ink)';
  const at = Math.max(2, a);
  const said = words(lot);
  // Another order's bars are faint; its words stay readable.
  const faint = item.own ? 1 : 0.5;
  const turned = at + 40 + said.length * LETTER > width;
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: as above
    <g
      className={item.own ? 'cursor-pointer' : undefined}
      onClick={() => item.own && choose(item.id)}
      data-task={item.own ? item.id : undefined}
    >
      <title>{said}</title>
      <rect x={a} y={y - 7} width={Math.max(2, b - a)} height={6} fill={colour} opacity={faint} />
      {c > b + 1 ? (
        <line
          x1={b + 2}
          x2={c}
          y1={y - 4}
          y2={y - 4}
          stroke={colour}
          opacity={faint}
          strokeWidth={6}
          strokeDasharray="2.5 3"
        />
      ) : null}
      <Likeness item={item} plan={plan} x={at} y={y - 8} />
      <text
        x={turned ? at - 5 : at + 38}
        y={y - 13}
        fontSize={13.5}
        textAnchor={turned ? 'end' : 'start'}
        fill={item.own ? 'var(--color-ink)' : 'var(--color-soft)'}
        fontStyle={item.own ? 'normal' : 'italic'}
        {...HALO}
      >
        {said}
      </text>
    </g>
  );
}

/** What it looks like: the piece's own outline, or its tier, small. */
function Likeness({ item, plan, x, y }: { item: DayItem; plan: Plan; x: number; y: number }) {
  const workup = useWorkup();
  const { data } = usePieces(plan);
  if (!item.own) {
    return null;
  }
  const piece = item.kind === 'piece' ? data?.find((p) => p.id === item.about) : undefined;
  if (piece) {
    const xs = piece.outline.filter((_, i) => i % 2 === 0);
    const zs = piece.outline.filter((_, i) => i % 2 === 1);
    const k = Math.min(32 / (Math.max(...xs) - Math.min(...xs)), 26 / Math.max(...zs));
    const path = xs.map((px, i) => `${i === 0 ? 'M' : 'L'}${x + 17 + px * k} ${y - zs[i]! * k}`).join('');
    return <path d={`${path}Z`} fill="var(--color-sheet)" stroke="var(--color-ink)" strokeWidth={1.2} />;
  }
  const tier = workup.tiers.find((t) => t.id === item.tier);
  if (!tier) {
    return (
      <circle
        cx={x + 14}
        cy={y - 9}
        r={9}
        fill="var(--color-sheet)"
        stroke="var(--color-ink)"
        strokeWidth={1.2}
      />
    );
  }
  const k = Math.min(32 / tier.form.width, 26 / tier.form.height.mm);
  return (
    <rect
      x={x + 1}
      y={y - tier.form.height.mm * k}
      width={tier.form.width * k}
      height={tier.form.height.mm * k}
      fill="var(--color-sheet)"
      stroke="var(--color-ink)"
      strokeWidth={1.2}
    />
  );
}
