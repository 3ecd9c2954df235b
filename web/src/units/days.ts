/** A local moment without a zone, as people say it: Sat 12 Dec, 14:00. */
export function day(moment: string): string {
  const at = new Date(moment);
  const date = at
    .toLocaleDateString('en-GB', { weekday: 'short', day: 'numeric', month: 'short' })
    .replace(',', '');
  return `${date}, ${moment.slice(11, 16)}`;
}
