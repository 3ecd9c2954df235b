import { useState } from 'react';
import { api, type Lesson } from '../api/client';
import { Button } from '../ui/button';
import { usePreferences } from '../units/preferences';
import { say } from '../units/units';
import { useDoing } from './use';

/** So many are said; the others on request. */
const SENTENCES = 3;

/** What did it teach: a few sentences with numbers, each taken in or left by a press. */
export function Lessons({ lessons }: { lessons: readonly Lesson[] }) {
  const { unit } = usePreferences();
  const [all, setAll] = useState(false);
  const doing = useDoing();
  const decide = (l: Lesson, taken: boolean) =>
    doing(() =>
      api.decide({
        records: l.records,
        kind: l.kind,
        taken,
        why: taken ? '' : 'left when the job was looked at',
      }),
    );
  const shown = all ? lessons : lessons.slice(0, SENTENCES);
  return (
    <section
      aria-label="What did it teach?"
      className="mb-6 border-[1.5px] border-ink bg-sheet px-5 py-4 shadow-[inset_5px_0_0_var(--color-pin)]"
    >
      <h3 className="heading mb-2">What did it teach?</h3>
      <ul>
        {shown.map((l) => (
          <li
            key={`${l.kind}.${l.of}`}
            className="flex flex-wrap items-center justify-between gap-x-5 gap-y-1 border-t border-dotted border-ink/30 py-2 first:border-0"
          >
            <p className="min-w-0 flex-1 basis-72">
              <b className="font-semibold">{say(l.said, unit)}</b>
              <span className="block text-[0.97rem] text-soft">{say(l.effect, unit)}</span>
            </p>
            <span className="flex gap-2">
              <Button look="main" onClick={() => void decide(l, true)}>
                Take it in
              </Button>
              <Button onClick={() => void decide(l, false)}>Leave it</Button>
            </span>
          </li>
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap gap-2">
        {lessons.length > SENTENCES && !all ? (
          <Button look="pin" className="-ml-3.5" onClick={() => setAll(true)}>
            {lessons.length - SENTENCES} more
          </Button>
        ) : null}
        {lessons.length > 1 ? (
          <Button
            look="pin"
            onClick={() =>
              void doing(() =>
                Promise.all(
                  lessons.map((l) => api.decide({ records: l.records, kind: l.kind, taken: true, why: '' })),
                ),
              )
            }
          >
            Take all of it in
          </Button>
        ) : null}
      </div>
    </section>
  );
}
