import type { Drill, PracticeProgress } from '../api/client';
import { api } from '../api/client';
import { useDoing } from '../notebook/use';
import { Button } from '../ui/button';
import { tell } from '../ui/toasts';

interface Props {
  progress: PracticeProgress | undefined;
  drill: Drill;
  choose: (drill: Drill) => void;
}

/** What can be rehearsed and how far one is, and what one's own hand is worth by now. */
export function Drills({ progress, drill, choose }: Props) {
  const doing = useDoing();
  const note = async () => {
    const mm = progress?.markMm;
    if (mm === undefined) {
      return;
    }
    const at = new Date();
    const day = new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
    const kept = await doing(() =>
      api.keepRecords([
        {
          job: 'Rehearsal',
          at: day,
          subject: 'task/measure',
          name: 'Marks by hand',
          task: '',
          who: progress!.person,
          markMm: mm,
          note: '',
          pictures: [],
          aside: [],
          waiting: [],
        },
      ]),
    );
    if (kept) {
      tell('It is in the notebook: your plans reckon with your own hand now.');
    }
  };
  return (
    <nav aria-label="What to rehearse" className="print:hidden">
      <ul>
        {(progress?.drills ?? []).map((d) => (
          <li key={d.drill} className="border-b border-ink/20">
            <button
              type="button"
              aria-current={d.drill === drill}
              onClick={() => choose(d.drill)}
              className="block min-h-11 w-full px-2.5 py-2 text-left hover:bg-wash aria-[current=true]:bg-wash aria-[current=true]:shadow-[inset_4px_0_0_var(--color-pin)]"
            >
              <span className="block font-semibold">{d.words}</span>
              <span className="flex items-center gap-2 text-[0.92rem] text-soft">
                {d.done === 0 ? 'not tried yet' : `${d.right} of ${d.done} right`}
                {d.last.length === 0 ? null : (
                  <svg
                    viewBox={`0 0 ${d.last.length * 10} 10`}
                    width={d.last.length * 10}
                    height={10}
                    aria-hidden
                  >
                    {d.last.map((right, i) => (
                      <circle
                        key={i}
                        cx={5 + 10 * i}
                        cy={5}
                        r={3.6}
                        fill={right ? 'var(--color-good)' : 'none'}
                        stroke={right ? 'var(--color-good)' : 'var(--color-look)'}
                        strokeWidth={1.5}
                      />
                    ))}
                  </svg>
                )}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {progress?.markMm === undefined ? (
        <p className="note mt-3">
          Mark a side by hand, and you learn how far your marks are off: every rehearsal in Divide goes by it.
        </p>
      ) : (
        <div className="mt-4">
          <p className="flex items-baseline gap-2">
            <span className="figure">{progress.markMm.toFixed(2)}</span>
            <span className="text-soft">mm your marks are off</span>
          </p>
          <p className="note">
            σ of {progress.hands === 1 ? 'one rehearsal' : `your last ${progress.hands} rehearsals`}
          </p>
          <Button className="mt-2" onClick={() => void note()}>
            Note it in the notebook
          </Button>
        </div>
      )}
    </nav>
  );
}
