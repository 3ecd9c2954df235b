import { useState } from 'react';
import { api, problemOf, type WorkRecord } from '../api/client';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { tell } from '../ui/toasts';
import { useChoices, useNotebookChanged } from './use';

interface Line {
  subject: string;
  plain: string;
  minutes: string;
  made: string;
  broken: string;
}

const EMPTY: Line = { subject: '', plain: '', minutes: '', made: '', broken: '' };

/** A job of before, a line for each thing that was done; Tab goes on, and a filled line is followed by an empty one. */
export function TypeIn({ close }: { close: () => void }) {
  const choices = useChoices();
  const changed = useNotebookChanged();
  const [job, setJob] = useState('');
  const [day, setDay] = useState('');
  const [who, setWho] = useState('');
  const [lines, setLines] = useState<Line[]>([EMPTY]);
  const [wrong, setWrong] = useState<string | null>(null);
  const set = (at: number, part: Partial<Line>) =>
    setLines((all) => {
      const next = all.map((l, i) => (i === at ? { ...l, ...part } : l));
      return next.at(-1)!.subject === '' ? next : [...next, EMPTY];
    });
  const number = (typed: string) => Number(typed.trim().replace(',', '.'));
  const filled = lines.filter((l) => l.subject !== '');
  const keep = async () => {
    const unread = filled.find((l) =>
      [l.plain, l.minutes, l.made, l.broken].some((t) => t.trim() !== '' && !Number.isFinite(number(t))),
    );
    if (unread) {
      setWrong('Minutes and pieces are numbers, like 45. Mend the line that has other signs.');
      return;
    }
    const records: WorkRecord[] = filled.map((l) => ({
      job,
      at: `${day}T09:00`,
      subject: l.subject,
      name: choices?.subjects.find((s) => s.subject === l.subject)?.name ?? l.subject,
      task: '',
      who,
      note: '',
      pictures: [],
      aside: [],
      waiting: [],
      ...(l.minutes.trim() === '' ? {} : { time: { plain: number(l.plain), minutes: number(l.minutes) } }),
      ...(l.made.trim() === '' ? {} : { pieces: { made: number(l.made), broken: number(l.broken || '0') } }),
    }));
    try {
      await api.keepRecords(records);
      await changed();
      tell(records.length === 1 ? 'One record is kept.' : `${records.length} records are kept.`);
      close();
    } catch (thrown) {
      setWrong(problemOf(thrown).detail);
    }
  };
  const box = 'min-h-11 w-full rounded-md border border-ink/45 bg-sheet px-2.5';
  return (
    <Dialog title="A job of before" open onOpenChange={(open) => !open && close()} wide>
      <div className="mb-4 grid grid-cols-3 gap-3 max-sm:grid-cols-1">
        <label>
          <span className="block text-[0.92rem] text-soft">Job</span>
          <input value={job} onChange={(e) => setJob(e.currentTarget.value)} className={box} />
        </label>
        <label>
          <span className="block text-[0.92rem] text-soft">Day</span>
          <input type="date" value={day} onChange={(e) => setDay(e.currentTarget.value)} className={box} />
        </label>
        <label>
          <span className="block text-[0.92rem] text-soft">Who</span>
          <input value={who} onChange={(e) => setWho(e.currentTarget.value)} className={box} />
        </label>
      </div>
      <table className="w-full">
        <thead>
          <tr className="text-left text-[0.92rem] text-soft">
            <th className="font-normal">What was done</th>
            <th className="font-normal">Minutes planned</th>
            <th className="font-normal">Minutes taken</th>
            <th className="font-normal">Pieces made</th>
            <th className="font-normal">Broken</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((l, i) => (
            <tr key={i}>
              <td className="pr-2 pb-1.5">
                <select
                  aria-label={`What was done, line ${i + 1}`}
                  value={l.subject}
                  onChange={(e) => set(i, { subject: e.currentTarget.value })}
                  className={box}
                >
                  <option value="">—</option>
                  {choices?.subjects.map((s) => (
                    <option key={s.subject} value={s.subject}>
                      {s.name}
                    </option>
                  ))}
                </select>
              </td>
              {(['plain', 'minutes', 'made', 'broken'] as const).map((field) => (
                <td key={field} className="pr-2 pb-1.5">
                  <input
                    aria-label={`${{ plain: 'Minutes planned', minutes: 'Minutes taken', made: 'Pieces made', broken: 'Broken' }[field]}, line ${i + 1}`}
                    inputMode="decimal"
                    value={l[field]}
                    onChange={(e) => set(i, { [field]: e.currentTarget.value })}
                    className={box}
                  />
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      {wrong ? (
        <p role="alert" className="mt-2 rounded-md bg-stop-ground px-3 py-2 text-stop">
          {wrong}
        </p>
      ) : null}
      <div className="mt-4 flex flex-wrap items-center justify-between gap-3">
        <p className="note">
          Planned minutes are those of the plain tables: that is what the minutes taken are set against.
        </p>
        <Button
          look="main"
          disabled={job.trim() === '' || day === '' || filled.length === 0}
          onClick={() => void keep()}
        >
          Keep {filled.length === 1 ? 'one line' : `${filled.length} lines`}
        </Button>
      </div>
    </Dialog>
  );
}
