import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api } from '../api/client';
import { useDocument } from '../plan/context';
import { usePreferences } from '../units/preferences';
import { say } from '../units/units';

/** Where this plan is otherwise than the workshop's plans begin. */
export function Differing() {
  const plan = useDocument();
  const { unit } = usePreferences();
  const { data } = useQuery({
    queryKey: ['differing', plan],
    queryFn: () => api.differing(plan),
    placeholderData: (before) => before,
  });
  if (data === undefined || data.length === 0) {
    return null;
  }
  return (
    <section aria-label="Differs from the workshop">
      <h3 className="mb-1 font-semibold">Otherwise than usual here</h3>
      <ul className="grid gap-1">
        {data.map((phrase, i) => (
          <li key={i} className="border-t border-dotted border-ink/30 pt-1">
            {say(phrase, unit)}
          </li>
        ))}
      </ul>
      <Link to="/workshop?part=defaults" className="inline-flex min-h-11 items-center font-semibold text-pin">
        What is usual
      </Link>
    </section>
  );
}
