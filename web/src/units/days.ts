const DATE = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** A local day: Sat 12 Dec. */
export function date(iso: string): string {
  return DATE.format(new Date(`${iso}T12:00`)).replace(',', '');
}

/** A local moment without a zone, as people say it: Sat 12 Dec, 14:00. */
export function day(moment: string): string {
  return `${date(moment.slice(0, 10))}, ${moment.slice(11, 16)}`;
}
