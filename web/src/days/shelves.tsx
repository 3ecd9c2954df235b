import { useQuery } from '@tanstack/react-query';
import { useMemo, useRef } from 'react';
import { api, type DayItem, type Days, type Plan } from '../api/client';
import { useWidth } from '../band/size';
import { useWorkup } from '../plan/context';
import { hours } from '../units/units';
import { boxes, shortName } from './boxes';
import { DAY, HOUR, local, midnight, minutes, rows, shortDay, span } from './time';
import { usePlanId } from './use';

interface Props {
  days: Days;
  plan: Plan;
  from: number;
  to: number;
  chosen: string | null;
  choose: (id: string) => void;
  ready: number;
  look: (at: number) => void;
  onMove: (at: number) => void;
  onMoved: (at: number) => void;
}

const HEAD = 34;
const HANDS = 176;
const GAP = 30;
const ROW = 40;
const LANE = 34;
const LEAST_BOX = 19;
const LETTER = 6.7;

/** Time from left to right; what hands do above, what is left alone on its shelf below, drawn as it is. */
export function Shelves(props: Props) {
  const { days, from, to } = props;
  const [ref, width] = useWidth<HTMLDivElement>(760);
  const x = (at: number) => ((at - from) / (to - from)) * width;
  const close = to - from <= 2 * DAY;
  const lanes = laned(days, x, close);
  const high = close ? Math.max(1, ...lanes.map((l) => l.row + 1)) * LANE + 12 : HANDS;
  const hands = HEAD + high;
  const lying = SHELVES.map((s) => ({ ...s, ...onShelf(days, s.is, x, from, to, width) }));
  let foot = hands;
  const placed = lying.map((s) => {
    foot += GAP + Math.max(1, s.count) * ROW;
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
                key={`${thing.order}/${thing.id}`}
                item={thing}
                {...props}
                x={x}
                y={s.y - row * ROW}
                width={width}
              />
            ))}
            <ShelfLine y={s.y} width={width} label={s.label} note={s.note} />
          </g>
        ))}
        <NowAndReady {...props} x={x} end={end} width={width} />
      </svg>
    </div>
  );
}

const SHELVES = [
  {
    label: 'Drying',
    is: (i: DayItem) => i.lying!.shelf === 'former' || (i.lying!.shelf === 'room' && i.kind === 'piece'),
  },
  { label: 'Fridge and freezer', is: (i: DayItem) => /fri|free/.test(i.lying!.shelf) },
  { label: 'On the bench', is: (i: DayItem) => i.lying!.shelf === 'room' && i.kind !== 'piece' },
];

/** What lies on a shelf in the part that is seen; what would be a dot is only counted. */
function onShelf(
  days: Days,
  is: (item: DayItem) => boolean,
  x: (at: number) => number,
  from: number,
  to: number,
  width: number,
) {
  const all = days.items.filter((i) => i.lying && is(i));
  const seen = all
    .filter((i) => minutes(i.lying!.until) > from && minutes(i.lying!.from) < to)
    .sort((a, b) => minutes(a.lying!.from) - minutes(b.lying!.from));
  const drawn = seen.filter((i) => x(minutes(i.lying!.until)) - x(minutes(i.lying!.from)) >= 5);
  const laid = rows(drawn, (i) => {
    const x0 = Math.max(0, x(minutes(i.lying!.from)));
    return [
      x0,
      Math.max(x(minutes(i.lying!.until)), Math.min(width, x0 + 40 + words(i).length * LETTER)) + 6,
    ];
  });
  const short = seen.length - drawn.length;
  return {
    rows: laid,
    count: Math.max(0, ...laid.map((l) => l.row + 1)),
    note: short === 0 ? '' : `and ${short} short ${short === 1 ? 'wait' : 'waits'}`,
  };
}

function words(item: DayItem): string {
  const { lying } = item;
  const low = minutes(lying!.low) - minutes(lying!.from);
  const high = minutes(lying!.until) - minutes(lying!.from);
  const long = low === high ? span(low) : `${span(low)} to ${span(high)}`;
  return `${item.own ? '' : `${item.plan}: `}${shortName(item)}, ${lying!.estimate ? 'about ' : ''}${long}`;
}

function busiest(days: Days): string {
  const most = days.loads.reduce((a, b) => (b.busy > a.busy ? b : a), days.loads[0]!);
  return `${hours(days.left)} to do · busiest ${shortDay(minutes(`${most.day}T00:00`))}, ${hours(most.busy)} of ${hours(most.open)}`;
}

function ShelfLine({ y, width, label, note }: { y: number; width: number; label: string; note: string }) {
  return (
    <>
      <rect x={0} y={y} width={width} height={3} fill="var(--color-ink)" />
      <rect x={0} y={y + 3} width={width} height={4} fill="var(--color-edge)" />
      <text x={0} y={y + 23} fontSize={15} fontWeight={650} fill="var(--color-ink)">
        {label}
      </text>
      <text x={width} y={y + 23} fontSize={14} textAnchor="end" fill="var(--color-soft)">
        {note}
      </text>
    </>
  );
}

type Drawn = Props & { x: (at: number) => number; width: number };

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

/** Days: the work of each in a pile as high as it is long. */
function Piles({ days, from, to, chosen, choose, x, foot, width }: Drawn & { foot: number }) {
  const piles = useMemo(() => boxes(days), [days]);
  const tall = Math.max(60, ...[...piles.values()].map((p) => p.reduce((sum, b) => sum + b.minutes, 0)));
  const most = Math.max(1, ...[...piles.values()].map((p) => p.length));
  const room = HANDS - 20;
  const k = Math.max(0, room - most * LEAST_BOX) / tall;
  return (
    <>
      {[...piles.entries()]
        .filter(([at]) => at + DAY > from && at < to)
        .map(([at, pile]) => {
          let y = foot;
          const x0 = x(at) + 3;
          const wide = Math.min(x(at + DAY), width) - x0 - 3;
          return pile.map((box, i) => {
            const high = Math.max(Math.min(LEAST_BOX, room / pile.length), LEAST_BOX + box.minutes * k - 1);
            y -= high + 1;
            const on = box.item.own && box.item.id === chosen;
            const letters = Math.floor((wide - 12) / LETTER);
            const told = `${box.label} ${box.minutes}′`;
            return (
              // biome-ignore lint/a11y/noStaticElementInteractions: the tasks are listed for keys in the steps; see the link beside
              <g
                key={`${at}-${i}`}
                className={box.item.own ? 'cursor-pointer' : undefined}
                onClick={() => box.item.own && choose(box.item.id)}
                data-task={box.item.own ? box.item.id : undefined}
              >
                <title>{`${box.item.own ? '' : 'Another order: '}${told}`}</title>
                <rect
                  x={x0}
                  y={y}
                  width={Math.max(2, wide)}
                  height={high}
                  fill={fill(box.item, on)}
                  stroke={box.item.own ? 'var(--color-ink)' : 'var(--color-chalk)'}
                  strokeWidth={on ? 2.4 : box.item.critical && box.item.own ? 1.8 : 1}
                  strokeDasharray={box.item.own ? undefined : '4 3'}
                />
                {letters > 3 ? (
                  <text
                    x={x0 + 6}
                    y={y + high / 2 + 4.5}
                    fontSize={13}
                    fill={box.item.own ? 'var(--color-ink)' : 'var(--color-soft)'}
                  >
                    {told.length <= letters
                      ? told
                      : box.label.length <= letters
                        ? box.label
                        : `${box.label.slice(0, letters - 1)}…`}
                  </text>
                ) : null}
              </g>
            );
          });
        })}
    </>
  );
}

function fill(item: DayItem, on: boolean): string {
  return on
    ? 'var(--color-wash)'
    : item.state === 'done'
      ? 'var(--color-good-ground)'
      : item.late && item.own
        ? 'var(--color-stop-ground)'
        : item.own
          ? 'var(--color-sheet)'
          : 'transparent';
}

interface Lane {
  item: DayItem;
  from: number;
  to: number;
  row: number;
}

/** Near enough to see hours: each stretch of work where it is. */
function laned(days: Days, x: (at: number) => number, close: boolean): Lane[] {
  if (!close) {
    return [];
  }
  const all = days.items
    .flatMap((item) => item.work.map((w) => ({ item, from: minutes(w.from), to: minutes(w.to) })))
    .sort((a, b) => a.from - b.from);
  const ends = all.filter((s) => x(s.to) > 0 && x(s.from) < 4000);
  return rows(ends, (s) => [
    x(s.from),
    Math.max(x(s.to), x(s.from) + shortName(s.item).length * LETTER + 16) + 2,
  ]).map(({ thing, row }) => ({ ...thing, row }));
}

function Lanes({ lanes, chosen, choose, x, foot }: Drawn & { lanes: Lane[]; foot: number }) {
  return (
    <>
      {lanes.map(({ item, from, to, row }) => {
        const y = foot - (row + 1) * LANE;
        const wide = Math.max(3, x(to) - x(from) - 1);
        const fits = wide > shortName(item).length * LETTER + 10;
        return (
          // biome-ignore lint/a11y/noStaticElementInteractions: as above
          <g
            key={`${item.order}/${item.id}-${from}`}
            className={item.own ? 'cursor-pointer' : undefined}
            onClick={() => item.own && choose(item.id)}
            data-task={item.own ? item.id : undefined}
          >
            <title>{`${item.own ? '' : `${item.plan}: `}${item.name}`}</title>
            <rect
              x={x(from)}
              y={y}
              width={wide}
              height={LANE - 3}
              fill={fill(item, item.own && item.id === chosen)}
              stroke={item.own ? 'var(--color-ink)' : 'var(--color-chalk)'}
              strokeWidth={item.critical && item.own ? 1.8 : 1}
              strokeDasharray={item.own ? undefined : '4 3'}
            />
            <text
              x={fits ? x(from) + 6 : x(from) + wide + 5}
              y={y + LANE / 2 + 3}
              fontSize={13.5}
              fill={item.own ? 'var(--color-ink)' : 'var(--color-soft)'}
            >
              {shortName(item)}
            </text>
          </g>
        );
      })}
    </>
  );
}

/** A piece, or a tier, on its shelf: as it is, over the time it lies there; hatched where it may be ready or not. */
function Resting({ item, choose, x, y, width, plan }: Drawn & { item: DayItem; y: number }) {
  const lying = item.lying!;
  const [a, b, c] = [lying.from, lying.low, lying.until].map((m) => x(minutes(m))) as [
    number,
    number,
    number,
  ];
  const cold = lying.shelf !== 'room' && lying.shelf !== 'former';
  const colour = cold ? 'var(--color-chalk)' : 'var(--color-ink)';
  const at = Math.max(2, a);
  return (
    // biome-ignore lint/a11y/noStaticElementInteractions: as above
    <g
      className={item.own ? 'cursor-pointer' : undefined}
      opacity={item.own ? 1 : 0.5}
      onClick={() => item.own && choose(item.id)}
      data-task={item.own ? item.id : undefined}
    >
      <title>{words(item)}</title>
      <rect x={a} y={y - 7} width={Math.max(2, b - a)} height={6} fill={colour} />
      {c > b + 1 ? (
        <line
          x1={b + 2}
          x2={c}
          y1={y - 4}
          y2={y - 4}
          stroke={colour}
          strokeWidth={6}
          strokeDasharray="2.5 3"
        />
      ) : null}
      <Likeness item={item} plan={plan} x={at} y={y - 8} />
      <text x={Math.min(at + 38, width - 40)} y={y - 13} fontSize={13.5} fill="var(--color-ink)">
        {words(item)}
      </text>
    </g>
  );
}

/** What it looks like: the piece's own outline, or its tier, small. */
function Likeness({ item, plan, x, y }: { item: DayItem; plan: Plan; x: number; y: number }) {
  const id = usePlanId();
  const workup = useWorkup();
  const { data } = useQuery({
    queryKey: ['pieces', id, plan.pieces, plan.table?.humidity],
    queryFn: () => api.pieces(plan),
    enabled: plan.pieces.length > 0,
  });
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

/** The pin of now, and the line of the moment, which is dragged by days. */
function NowAndReady({ days, ready, from, to, x, end, width, onMove, onMoved }: Drawn & { end: number }) {
  const held = useRef<{ x: number; ready: number; days: number } | null>(null);
  const now = minutes(days.now);
  const at = x(ready);
  const perDay = (DAY / (to - from)) * width;
  return (
    <>
      {now >= from && now <= to ? (
        <g>
          <line x1={x(now)} x2={x(now)} y1={HEAD + 12} y2={end} stroke="var(--color-pin)" strokeWidth={1.6} />
          <path
            d={`M${x(now)} ${HEAD + 14}c-3-7-8-9-8-14a8 8 0 0 1 16 0c0 5-5 7-8 14Z`}
            fill="var(--color-pin)"
          />
          <text
            x={x(now) + (x(now) > width - 90 ? -12 : 12)}
            textAnchor={x(now) > width - 90 ? 'end' : 'start'}
            y={HEAD + 5}
            fontSize={13.5}
            fill="var(--color-pin)"
            paintOrder="stroke"
            stroke="var(--color-paper)"
            strokeWidth={4}
          >
            now, {days.now.slice(11, 16)}
          </text>
        </g>
      ) : null}
      {at >= -10 && at <= width + 10 ? (
        <g>
          <line x1={at} x2={at} y1={HEAD - 4} y2={end} stroke="var(--color-ink)" strokeWidth={2.6} />
          <text
            x={at - 12}
            y={HEAD + 8}
            fontSize={14}
            fontWeight={650}
            textAnchor="end"
            fill="var(--color-ink)"
            paintOrder="stroke"
            stroke="var(--color-paper)"
            strokeWidth={4}
          >
            ready
          </text>
          <circle cx={at} cy={HEAD + 4} r={7} fill="var(--color-ink)" />
          <rect
            role="slider"
            aria-label="The moment it is ready"
            aria-valuenow={ready}
            aria-valuetext={local(ready).replace('T', ', ')}
            tabIndex={0}
            x={at - 22}
            y={HEAD - 18}
            width={44}
            height={44}
            fill="transparent"
            className="cursor-ew-resize touch-none"
            onPointerDown={(e) => {
              e.currentTarget.setPointerCapture(e.pointerId);
              held.current = { x: e.clientX, ready, days: 0 };
            }}
            onPointerMove={(e) => {
              const h = held.current;
              const by = h ? Math.round((e.clientX - h.x) / perDay) : 0;
              if (h && by !== h.days) {
                h.days = by;
                onMove(h.ready + by * DAY);
              }
            }}
            onPointerUp={() => {
              const h = held.current;
              held.current = null;
              if (h && h.days !== 0) {
                onMoved(h.ready + h.days * DAY);
              }
            }}
            onKeyDown={(e) => {
              const by = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
              if (by !== 0) {
                e.preventDefault();
                onMoved(ready + by * DAY);
              }
            }}
          />
        </g>
      ) : null}
    </>
  );
}
