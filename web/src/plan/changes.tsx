import { useQuery } from '@tanstack/react-query';
import { api, type Plan, type PlanChange } from '../api/client';
import { usePreferences } from '../units/preferences';
import { say } from '../units/units';

/** What changed between two plans, in words; none while it is being found out. */
export function useChanges(before: Plan | undefined, after: Plan | undefined): PlanChange[] | undefined {
  return useQuery({
    queryKey: ['changes', before, after],
    queryFn: () => api.changes(before!, after!),
    enabled: before !== undefined && after !== undefined,
    staleTime: Number.POSITIVE_INFINITY,
  }).data;
}

/** Each with where it is, the course or piece before what became of it. */
export function Changes({ changes, none }: { changes: readonly PlanChange[]; none: string }) {
  const { unit } = usePreferences();
  if (changes.length === 0) {
    return <p className="note">{none}</p>;
  }
  return (
    <ul className="grid gap-1">
      {changes.map((c, i) => (
        <li key={`${c.path} ${i}`} className="border-t border-dotted border-ink/30 pt-1">
          {c.where === '' ? null : <span className="text-soft">{c.where}: </span>}
          {say(c.what, unit)}
        </li>
      ))}
    </ul>
  );
}
