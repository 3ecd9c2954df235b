import type { Days } from '../api/client';
import { dayHour, span } from '../units/time';
import { hours } from '../units/units';

interface Props {
  days: Days;
  chosen: string | null;
  choose: (id: string) => void;
}

/** Every task of the plan in its order, for keys and small screens; the tightest way is marked. */
export function TaskList({ days, chosen, choose }: Props) {
  const mine = days.items.filter((i) => i.own);
  const open = mine.filter((i) => i.state !== 'done').length;
  return (
    <details className="mt-4 border-t border-ink/25 pt-2">
      <summary className="min-h-11 py-2 font-semibold">
        All tasks, {open} to do of {mine.length}
      </summary>
      <ol aria-label="All tasks">
        {mine.map((item) => (
          <li key={item.id}>
            <button
              type="button"
              aria-pressed={item.id === chosen}
              onClick={() => choose(item.id)}
              className={`grid min-h-11 w-full grid-cols-[8.5rem_minmax(0,1fr)_auto] items-center gap-3 border-b border-ink/15 text-left hover:text-pin ${item.state === 'done' ? 'text-soft' : ''}`}
            >
              <span className={item.late ? 'font-semibold text-stop' : ''}>
                {dayHour(item.work[0]!.from)}
              </span>
              <span>
                {item.state === 'done' ? 'Done: ' : ''}
                {item.name}
                {item.critical ? <span className="ml-2 text-[0.92rem] text-pin">tightest way</span> : null}
              </span>
              <span className="note">
                {hours(item.minutes)}
                {item.state === 'open' ? ` · slack ${item.slack < 0 ? '−' : ''}${span(item.slack)}` : ''}
              </span>
            </button>
          </li>
        ))}
      </ol>
    </details>
  );
}
