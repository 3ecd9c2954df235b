import { Check, Minus, SkipForward } from 'lucide-react';
import { useEffect, useRef } from 'react';
import type { BenchState, BenchStep } from '../api/client';
import { usePreferences } from '../units/preferences';
import { say } from '../units/units';

interface Props {
  steps: BenchStep[];
  state: BenchState;
  at: number;
  goTo: (step: string) => void;
}

/** Every step of the work under its task; one press goes there. */
export function Jump({ steps, state, at, goTo }: Props) {
  const { unit } = usePreferences();
  const here = useRef<HTMLButtonElement>(null);
  useEffect(() => {
    here.current?.scrollIntoView({ block: 'center' });
  }, []);
  return (
    <ol className="flex flex-col">
      {steps.map((s, i) => {
        const { progress, count } = state.steps[i]!;
        const first = i === 0 || steps[i - 1]!.key.task !== s.key.task;
        return (
          <li key={s.key.id}>
            {first ? <p className="pt-3 pb-1 font-semibold">{s.told.name}</p> : null}
            <button
              ref={i === at ? here : undefined}
              type="button"
              aria-current={i === at ? 'step' : undefined}
              onClick={() => goTo(s.key.id)}
              className={`flex min-h-12 w-full items-center gap-3 rounded-md px-2 py-1 text-left text-[1.05rem] leading-snug hover:bg-ink/8 ${i === at ? 'bg-wash' : ''} ${progress === 'done' ? 'text-soft' : ''}`}
            >
              <span className="grid w-6 shrink-0 place-items-center">
                {progress === 'done' ? (
                  <Check size={20} aria-label="done" />
                ) : progress === 'skipped' ? (
                  <SkipForward size={18} aria-label="skipped" />
                ) : progress === 'begun' ? (
                  <Minus size={20} aria-label="begun" />
                ) : null}
              </span>
              <span className="min-w-0 flex-1">{say(s.told.what, unit)}</span>
              {s.key.count > 0 ? (
                <span className="shrink-0 text-soft">
                  {progress === 'done' ? s.key.count : count} of {s.key.count}
                </span>
              ) : null}
            </button>
          </li>
        );
      })}
    </ol>
  );
}
