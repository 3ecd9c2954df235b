import { useId, useState } from 'react';
import type { BenchState, BenchStep } from '../api/client';
import type { Now } from './flow';
import type { Journal } from './journal';

interface Props {
  now: Now;
  steps: readonly BenchStep[];
  state: BenchState;
  journal: Journal;
}

const LONGEST = 1000;

/** What somebody wants to remember of this step, and what was noted before. */
export function Notes({ now, steps, state, journal }: Props) {
  const [words, setWords] = useState('');
  const id = useId();
  const step = (of: string) => steps.find((s) => s.key.id === of)?.told.name ?? '';
  return (
    <div className="flex flex-col gap-4">
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (words.trim() !== '') {
            journal.add({ kind: 'note', step: now.step.key.id, about: words.trim() });
            setWords('');
          }
        }}
      >
        <label htmlFor={id} className="mb-0.5 block text-soft">
          At {now.step.told.name}
        </label>
        <textarea
          id={id}
          rows={3}
          maxLength={LONGEST}
          value={words}
          onChange={(e) => setWords(e.target.value)}
          className="block w-full rounded-md border-2 border-ink/45 bg-sheet px-3 py-2 text-[1.2rem]"
        />
        <button
          type="submit"
          disabled={words.trim() === ''}
          className="mt-2 min-h-14 rounded-md border-2 border-ink px-5 text-[1.2rem] font-semibold disabled:opacity-45"
        >
          Note it
        </button>
      </form>
      <ul aria-label="Notes and readings" className="flex flex-col gap-2">
        {[...state.lines].reverse().map((line) => (
          <li key={line.id} className="border-l-4 border-chalk pl-3">
            <p className="text-[1.1rem]">{line.about}</p>
            <p className="note">
              {[
                step(line.step),
                line.who,
                new Date(line.at).toLocaleString('en-GB', {
                  day: 'numeric',
                  month: 'short',
                  hour: '2-digit',
                  minute: '2-digit',
                }),
              ]
                .filter(Boolean)
                .join(' · ')}
            </p>
          </li>
        ))}
      </ul>
    </div>
  );
}
