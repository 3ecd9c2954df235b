/** Local moments as minutes on a wall clock: differences are of the clock, which is what a drawing shows. */
export function minutes(local: string): number {
  return (
    Date.UTC(
      Number(local.slice(0, 4)),
      Number(local.slice(5, 7)) - 1,
      Number(local.slice(8, 10)),
      Number(local.slice(11, 13)),
      Number(local.slice(14, 16)),
    ) / 60_000
  );
}

export function local(minute: number): string {
  return new Date(minute * 60_000).toISOString().slice(0, 16);
}

export const HOUR = 60;
export const DAY = 24 * HOUR;

export function midnight(minute: number): number {
  return Math.floor(minute / DAY) * DAY;
}

/** Sat 12. */
export function shortDay(minute: number): string {
  const at = new Date(minute * 60_000);
  return `${at.toLocaleDateString('en-GB', { weekday: 'short', timeZone: 'UTC' })} ${at.getUTCDate()}`;
}

/** Tue 16:30. */
export function dayHour(moment: string): string {
  return `${shortDay(minutes(moment))}, ${moment.slice(11, 16)}`;
}

/** A stretch of time in words: 40 min, 7 h 10, 3 days 4 h. */
export function span(minute: number): string {
  const m = Math.abs(Math.round(minute));
  if (m < HOUR) {
    return `${m} min`;
  }
  if (m < 2 * DAY) {
    return m % HOUR === 0
      ? `${m / HOUR} h`
      : `${Math.floor(m / HOUR)} h ${String(m % HOUR).padStart(2, '0')}`;
  }
  const h = Math.round((m % DAY) / HOUR);
  return h === 0 || h === 24
    ? `${Math.floor(m / DAY) + (h === 24 ? 1 : 0)} days`
    : `${Math.floor(m / DAY)} days ${h} h`;
}

/** Rows that do not overlap, the first that is free taken; each thing is from…to in pixels. */
export function rows<T>(
  things: readonly T[],
  ends: (thing: T) => [number, number],
): { thing: T; row: number }[] {
  const free: number[] = [];
  return things.map((thing) => {
    const [from, to] = ends(thing);
    let row = free.findIndex((until) => until <= from);
    if (row < 0) {
      row = free.length;
    }
    free[row] = to;
    return { thing, row };
  });
}

/** A letter of the drawing's type, pixels: names are cut where they would leave their box. */
export const LETTER = 6.7;

/** Words over lines stay readable. */
export const HALO = { paintOrder: 'stroke', stroke: 'var(--color-paper)', strokeWidth: 4 } as const;
