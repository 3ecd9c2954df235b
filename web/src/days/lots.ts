import type { DayItem, Days } from '../api/client';
import { isEstimate } from '../units/basis';
import { LETTER, midnight, minutes, rows, span } from '../units/time';
import { shortName } from './boxes';

/** What lies there together: alike, begun on the same day. */
export interface Lot {
  item: DayItem;
  many: number;
  from: number;
  low: number;
  until: number;
}

export function lots(days: Days, is: (item: DayItem) => boolean): Lot[] {
  const all = new Map<string, Lot>();
  for (const item of days.items) {
    if (!item.lying || !is(item)) {
      continue;
    }
    const [from, low, until] = [item.lying.from, item.lying.low, item.lying.until].map(minutes) as [
      number,
      number,
      number,
    ];
    const single = item.kind === 'piece' || item.kind === 'dress' || item.kind === 'own';
    const key = `${item.order}/${single ? item.id : item.kind}/${midnight(from)}`;
    const lot = all.get(key);
    all.set(
      key,
      lot
        ? {
            item: lot.item,
            many: lot.many + 1,
            from: Math.min(lot.from, from),
            low: Math.max(lot.low, low),
            until: Math.max(lot.until, until),
          }
        : { item, many: 1, from, low, until },
    );
  }
  return [...all.values()].sort((p, q) => p.from - q.from);
}

/** What lies on a shelf in the part that is seen; what would be a dot is only counted. */
export function onShelf(
  days: Days,
  is: (item: DayItem) => boolean,
  x: (at: number) => number,
  from: number,
  to: number,
  width: number,
) {
  const seen = lots(days, is).filter((l) => l.until > from && l.from < to);
  const drawn = seen.filter((l) => x(l.until) - x(l.from) >= 5);
  const laid = rows(drawn, (l) => {
    const x0 = Math.max(0, x(l.from));
    const long = 40 + words(l).length * LETTER;
    return x0 + long > width
      ? [x0 - long + 34, Math.max(x(l.until), x0 + 38) + 6]
      : [x0, Math.max(x(l.until), x0 + long) + 6];
  });
  const short = seen.length - drawn.length;
  return {
    rows: laid,
    count: Math.max(0, ...laid.map((l) => l.row + 1)),
    note: short === 0 ? '' : `and ${short} short ${short === 1 ? 'wait' : 'waits'}`,
  };
}

export function words({ item, many }: Lot): string {
  const { lying } = item;
  const low = minutes(lying!.low) - minutes(lying!.from);
  const high = minutes(lying!.until) - minutes(lying!.from);
  const long = low === high ? span(low) : `${span(low)} to ${span(high)}`;
  const name = many > 1 ? `${many} × ${shortName(item).toLowerCase()}` : shortName(item);
  return `${item.own ? '' : `${item.plan}: `}${name}, ${isEstimate(lying!.basis) ? 'about ' : ''}${long}`;
}
