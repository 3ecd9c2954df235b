import { useId, useState } from 'react';
import type { Now } from './flow';
import type { Journal } from './journal';
import { makeReady } from './sound';

interface Props {
  now: Now;
  journal: Journal;
  close: () => void;
}

const USUAL = [5, 10, 15, 30, 60];
const MOST_MIN = 60 * 24 * 60;

/** Minutes as typed; null: they cannot be read, or are none. */
function minutes(typed: string): number | null {
  const value = Number(typed.trim().replace(',', '.'));
  return typed.trim() !== '' && Number.isFinite(value) && value >= 0 && value <= MOST_MIN ? value : null;
}

/** A timer of one's own: when it is right, and where wanted until when. */
export function OwnTimer({ now, journal, close }: Props) {
  const [name, setName] = useState('');
  const [early, setEarly] = useState('');
  const [late, setLate] = useState('');
  const [wrong, setWrong] = useState('');
  const ids = [useId(), useId(), useId()];
  const begin = (from: number, to: number | null) => {
    makeReady();
    journal.add({
      kind: 'timer',
      step: now.step.key.id,
      about: name.trim() === '' ? now.step.told.name : name.trim(),
      window: { early: from, storage: 'room', ...(to === null ? {} : { late: to }) },
    });
    close();
  };
  const typed = () => {
    const from = minutes(early);
    const to = late.trim() === '' ? null : minutes(late);
    if (from === null) {
      setWrong(`"${early}" is no number of minutes from 0 to ${MOST_MIN}. Write it like 12 or 2.5.`);
    } else if (late.trim() !== '' && (to === null || to < from)) {
      setWrong(
        `"${late}" is no number of minutes from ${from} to ${MOST_MIN}. Leave it empty where it may wait.`,
      );
    } else {
      begin(from, to);
    }
  };
  const box = 'min-h-14 w-full rounded-md border-2 border-ink/45 bg-sheet px-3 text-[1.2rem]';
  return (
    <div className="flex flex-col gap-4">
      <div>
        <label htmlFor={ids[0]} className="mb-0.5 block text-soft">
          What it is for
        </label>
        <input
          id={ids[0]}
          maxLength={60}
          value={name}
          placeholder={now.step.told.name}
          onChange={(e) => setName(e.target.value)}
          className={box}
        />
      </div>
      <div className="grid grid-cols-5 gap-2">
        {USUAL.map((m) => (
          <button
            key={m}
            type="button"
            onClick={() => begin(m, null)}
            className="min-h-16 rounded-md border-2 border-ink/40 text-[1.2rem] font-semibold hover:bg-ink/8"
          >
            {m} min
          </button>
        ))}
      </div>
      <form
        className="grid grid-cols-2 gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          typed();
        }}
      >
        <div>
          <label htmlFor={ids[1]} className="mb-0.5 block text-soft">
            Right after, minutes
          </label>
          <input
            id={ids[1]}
            inputMode="decimal"
            value={early}
            onChange={(e) => setEarly(e.target.value)}
            className={box}
          />
        </div>
        <div>
          <label htmlFor={ids[2]} className="mb-0.5 block text-soft">
            Too late after, minutes
          </label>
          <input
            id={ids[2]}
            inputMode="decimal"
            value={late}
            placeholder="it may wait"
            onChange={(e) => setLate(e.target.value)}
            className={box}
          />
        </div>
        {wrong ? (
          <p role="alert" className="col-span-2 text-stop">
            {wrong}
          </p>
        ) : null}
        <button
          type="submit"
          className="col-span-2 min-h-14 rounded-md border-2 border-ink text-[1.2rem] font-semibold"
        >
          Begin
        </button>
      </form>
    </div>
  );
}
