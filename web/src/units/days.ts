const DATE = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });

/** A local moment without a zone, as people say it: Sat 12 Dec, 14:00. */
export function day(moment: string): string {
  const at = new Date(moment);
  const date = DATE.format(at).replace(',', '');
  return `${date}, ${moment.slice(11, 16)}`;
}
