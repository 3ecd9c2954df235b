import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, type Mend, problemOf } from '../api/client';
import { usePlan } from '../plan/context';
import { usePlanId } from '../plan/use';
import { Button } from '../ui/button';
import { usePreferences } from '../units/preferences';
import { span } from '../units/time';
import { say } from '../units/units';

/** What would save time, each way planned again; looked for when it is late, or when asked. */
export function SaveTime({ late, press }: { late: boolean; press: (mend: Mend) => void }) {
  const plan = usePlan();
  const id = usePlanId();
  const { unit } = usePreferences();
  const [asked, setAsked] = useState(false);
  const { data, error, isFetching } = useQuery({
    queryKey: ['savings', id, plan],
    queryFn: () => api.savings(id, plan),
    enabled: late || asked,
  });
  if (!late && !asked) {
    return (
      <Button onClick={() => setAsked(true)} className="self-start">
        What would save time?
      </Button>
    );
  }
  return (
    <section aria-label="What would save time" className="border-t border-ink/25 pt-3">
      <h2 className="heading mb-2 text-[1.05rem]">What would save time</h2>
      {error ? <p className="text-stop">{problemOf(error).detail}</p> : null}
      {data === undefined ? <p className="note">{isFetching ? 'Planning each way again' : ''}</p> : null}
      {data?.length === 0 ? <p className="note">Nothing that was tried begins later. Move the day.</p> : null}
      <ul className="flex flex-col gap-2">
        {data?.map((saving) => (
          <li key={say(saving.mend.label, 'mm')}>
            <button
              type="button"
              onClick={() => press(saving.mend)}
              className="min-h-11 w-full rounded-md border border-ink/40 bg-sheet px-3 py-1.5 text-left leading-snug hover:border-ink"
            >
              {say(saving.mend.label, unit)}
              <b className="block">{span(saving.saved)} later start</b>
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
