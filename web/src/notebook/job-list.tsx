import type { JobLine } from '../api/client';
import { Button } from '../ui/button';
import { hours } from '../units/units';

interface Props {
  jobs: readonly JobLine[];
  chosen: string;
  choose: (job: JobLine) => void;
  sought: string;
  setSought: (words: string) => void;
  older: (() => void) | undefined;
  newer: (() => void) | undefined;
}

/** Jobs, the newest first, each with the minutes by the table beside those it took. */
export function JobList({ jobs, chosen, choose, sought, setSought, older, newer }: Props) {
  const most = Math.max(1, ...jobs.map((j) => Math.max(j.plain, j.minutes)));
  return (
    <nav aria-label="Jobs">
      <label className="mb-3 block">
        <span className="mb-0.5 block text-[0.92rem] text-soft">Look for</span>
        <input
          value={sought}
          onChange={(e) => setSought(e.currentTarget.value)}
          className="min-h-11 w-full rounded-md border border-ink/45 bg-sheet px-2.5"
        />
      </label>
      <ul>
        {jobs.map((j) => {
          const key = j.plan === undefined ? `-${j.job}` : String(j.plan);
          return (
            <li key={key} className="border-b border-ink/20">
              <button
                type="button"
                aria-current={key === chosen}
                onClick={() => choose(j)}
                className="block min-h-11 w-full px-2.5 py-2 text-left hover:bg-wash aria-[current=true]:bg-wash aria-[current=true]:shadow-[inset_4px_0_0_var(--color-pin)]"
              >
                <span className="block font-semibold leading-snug">{j.job}</span>
                <span className="block text-[0.92rem] text-soft">
                  {new Date(`${j.at}:00`).toLocaleDateString('en-GB', {
                    day: 'numeric',
                    month: 'short',
                    year: 'numeric',
                  })}
                  {j.minutes > 0 ? ` · ${hours(j.minutes)}` : ''}
                  {j.waiting > 0 ? <b className="text-stop"> · {j.waiting} to look at</b> : null}
                </span>
                <svg viewBox="0 0 200 9" className="mt-1 w-full" aria-hidden>
                  <rect width={(200 * j.plain) / most} height={3.5} fill="none" stroke="var(--color-soft)" />
                  <rect y={5} width={(200 * j.minutes) / most} height={3.5} fill="var(--color-ink)" />
                </svg>
              </button>
            </li>
          );
        })}
      </ul>
      <div className="mt-2 flex gap-2">
        {newer ? <Button onClick={newer}>Newest</Button> : null}
        {older ? <Button onClick={older}>Older</Button> : null}
      </div>
    </nav>
  );
}
