import type { DayItem, Days } from '../api/client';
import { DAY, midnight, minutes } from '../units/time';

/** Work of a day that is drawn as one box. */
export interface Box {
  label: string;
  minutes: number;
  /** The first task of it. */
  item: DayItem;
}

const SHORT: Partial<Record<DayItem['kind'], string>> = {
  fill: 'Fill',
  coat: 'Coat',
  cover: 'Cover',
  knead: 'Knead',
  dowel: 'Dowels',
  stack: 'Stack',
  measure: 'Measure',
  inspect: 'Last look',
  board: 'Board',
};
const MOST = 7;

/** What a box is called: the work in a word, or what is made. */
export function shortName(item: DayItem): string {
  return SHORT[item.kind] ?? item.name.replace(/ on .*$/, '').replace(/^Put on: /, 'Put on ');
}

interface Piece {
  item: DayItem;
  minutes: number;
}

function joined(pieces: readonly Piece[], key: (p: Piece) => string, label: (p: Piece) => string): Box[] {
  const boxes = new Map<string, Box & { many: Set<string> }>();
  for (const piece of pieces) {
    const k = key(piece);
    const box = boxes.get(k);
    if (box === undefined) {
      boxes.set(k, {
        label: label(piece),
        minutes: piece.minutes,
        item: piece.item,
        many: new Set([piece.item.id]),
      });
    } else {
      box.minutes += piece.minutes;
      box.many.add(piece.item.id);
    }
  }
  return [...boxes.values()].map(({ many, ...box }) => ({
    ...box,
    label: many.size > 1 ? `${box.label} ×${many.size}` : box.label,
  }));
}

/** As many of the other orders as there is room for beside one's own work; the rest are one box together. */
function fewer(others: readonly Box[], room: number): Box[] {
  if (others.length <= room) {
    return [...others];
  }
  const shown = others.slice(0, Math.max(0, room - 1));
  const rest = others.slice(shown.length);
  const more: Box = {
    label: `${rest.length} ${shown.length > 0 ? 'more' : 'other'} orders`,
    minutes: rest.reduce((sum, b) => sum + b.minutes, 0),
    item: rest[0]!.item,
  };
  return [...shown, more];
}

/** Each day's work in the order in which it is done, alike things together; every other order is one box. */
export function boxes(days: Days): Map<number, Box[]> {
  const byDay = new Map<number, Piece[]>();
  for (const item of days.items) {
    for (const stretch of item.work) {
      for (let from = minutes(stretch.from); from < minutes(stretch.to); ) {
        const to = Math.min(minutes(stretch.to), midnight(from) + DAY);
        const list = byDay.get(midnight(from)) ?? [];
        list.push({ item, minutes: to - from });
        byDay.set(midnight(from), list);
        from = to;
      }
    }
  }
  const all = new Map<number, Box[]>();
  for (const [at, pieces] of byDay) {
    const mine = pieces.filter((p) => p.item.own);
    const others = joined(
      pieces.filter((p) => !p.item.own),
      (p) => p.item.order,
      (p) => p.item.plan,
    ).map((b) => ({ ...b, label: b.label.replace(/ ×\d+$/, '') }));
    const single = (p: Piece) => (SHORT[p.item.kind] === undefined ? p.item.id : p.item.kind);
    let own = joined(mine, single, (p) => shortName(p.item));
    if (own.length > MOST) {
      own = joined(
        mine,
        (p) => (p.item.kind === 'dress' ? 'dress' : single(p)),
        (p) => (p.item.kind === 'dress' ? 'Decorate' : shortName(p.item)),
      );
    }
    all.set(at, [...own, ...fewer(others, Math.max(1, MOST - own.length))]);
  }
  return all;
}
