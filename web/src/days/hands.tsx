import { useMemo } from 'react';
import type { DayItem, Days } from '../api/client';
import { DAY, LETTER, minutes, rows } from '../units/time';
import { boxes, shortName } from './boxes';
import type { Drawn } from './drawn';

export const HANDS = 176;
export const LANE = 34;
const LEAST_BOX = 19;

/** Days: the work of each in a pile as high as it is long. */
export function Piles({ days, from, to, chosen, choose, x, foot, width }: Drawn & { foot: number }) {
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
            const high = Math.min(room / pile.length, LEAST_BOX + box.minutes * k) - 1;
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

export interface Lane {
  item: DayItem;
  from: number;
  to: number;
  row: number;
}

/** Near enough to see hours: each stretch of work where it is. */
export function laned(days: Days, x: (at: number) => number, close: boolean): Lane[] {
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

export function Lanes({ lanes, chosen, choose, x, foot }: Drawn & { lanes: Lane[]; foot: number }) {
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
