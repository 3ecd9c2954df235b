import type { PlanLine } from '../api/client';

export type Filter = 'open' | 'late' | 'archived' | 'all';

export const FILTERS: { name: Filter; label: string }[] = [
  { name: 'open', label: 'in work' },
  { name: 'late', label: 'late' },
  { name: 'archived', label: 'archived' },
  { name: 'all', label: 'all' },
];

export const isLate = (line: PlanLine, now: number): boolean =>
  line.readyBy !== undefined && !line.archived && new Date(line.readyBy).getTime() < now;

/** Whether an order belongs to what is looked for, by name, client or place. */
export function fits(line: PlanLine, filter: Filter, typed: string, now: number): boolean {
  const words = typed.trim().toLowerCase();
  const found = [line.name, line.client, line.place].some((w) => w.toLowerCase().includes(words));
  switch (filter) {
    case 'open':
      return found && !line.archived;
    case 'late':
      return found && isLate(line, now);
    case 'archived':
      return found && line.archived;
    default:
      return found;
  }
}
