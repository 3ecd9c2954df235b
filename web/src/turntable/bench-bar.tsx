import { ArrowLeft, CloudOff, Moon, Sun } from 'lucide-react';
import { Link, useLocation } from 'react-router';
import { useStore } from 'zustand';
import type { BenchState, BenchStep } from '../api/client';
import { useEditorState, usePlan } from '../plan/context';
import { usePlanId } from '../plan/use';
import type { Now } from './flow';
import type { Journal } from './journal';
import type { Open } from './opened';
import { WorkClock } from './work-clock';

interface Props {
  steps: BenchStep[];
  state: BenchState;
  now: Now;
  journal: Journal;
  /** Whether the steps' words are from before the plan's last change. */
  old: boolean;
  night: boolean;
  setNight: (night: boolean) => void;
  setOpened: (open: Open) => void;
}

/** Along the top: where one is in the whole work, as notches of a tape, and whether the server is there. */
export function BenchBar({ steps, state, now, journal, old, night, setNight, setOpened }: Props) {
  const id = usePlanId();
  const plan = usePlan();
  const { search } = useLocation();
  return (
    <header className="flex min-h-[60px] items-center gap-3 border-b-[1.5px] border-ink bg-sheet pr-2 pl-1 max-md:gap-1">
      <Link
        to={{ pathname: `/plan/${id}/days`, search }}
        aria-label="Away from the bench, to the plan"
        className="grid size-14 shrink-0 place-items-center rounded-md text-ink hover:bg-ink/8"
      >
        <ArrowLeft size={26} aria-hidden />
      </Link>
      <div className="min-w-0 shrink max-md:sr-only">
        <h1 className="heading truncate">{plan.name}</h1>
      </div>
      <button
        type="button"
        onClick={() => setOpened('jump')}
        aria-label={`Step ${now.index + 1} of ${steps.length}, all steps`}
        className="flex h-14 min-w-0 flex-1 items-center gap-3 rounded-md px-2 hover:bg-ink/8"
      >
        <Progress steps={steps} state={state} at={now.index} />
        <span className="shrink-0 text-[1.25rem] font-semibold">
          {now.index + 1}
          <span className="text-soft"> of {steps.length}</span>
        </span>
      </button>
      <WorkClock state={state} journal={journal} />
      <InTouch journal={journal} old={old} />
      <button
        type="button"
        onClick={() => setNight(!night)}
        aria-pressed={night}
        aria-label={night ? 'Light' : 'Dark, for the evening'}
        title="D"
        className="grid size-14 shrink-0 place-items-center rounded-md hover:bg-ink/8"
      >
        {night ? <Sun size={24} aria-hidden /> : <Moon size={24} aria-hidden />}
      </button>
    </header>
  );
}

function Progress({ steps, state, at }: { steps: BenchStep[]; state: BenchState; at: number }) {
  return (
    <svg
      viewBox={`0 0 ${steps.length} 20`}
      preserveAspectRatio="none"
      className="block h-8 min-w-0 flex-1"
      aria-hidden="true"
    >
      {steps.map((s, i) => {
        const progress = state.steps[i]?.progress;
        const first = i === 0 || steps[i - 1]!.key.task !== s.key.task;
        return (
          <line
            key={s.key.id}
            x1={i + 0.5}
            x2={i + 0.5}
            y1={i === at ? 0 : first ? 5 : 10}
            y2={20}
            stroke={
              i === at
                ? 'var(--color-pin)'
                : progress === 'done'
                  ? 'var(--color-ink)'
                  : progress === 'skipped'
                    ? 'var(--color-look)'
                    : 'var(--color-chalk)'
            }
            strokeWidth={i === at ? 4 : first ? 2.4 : 1.6}
            vectorEffect="non-scaling-stroke"
          />
        );
      })}
    </svg>
  );
}

/** Whether somebody answers, and what waits to be sent. */
function InTouch({ journal, old }: { journal: Journal; old: boolean }) {
  const touch = useStore(journal.state, (s) => s.touch);
  const waiting = useStore(journal.state, (s) => s.waiting.length);
  const refused = useStore(journal.state, (s) => s.refused);
  const saving = useEditorState((s) => s.saving);
  const plan = saving === 'unreachable' ? 1 : 0;
  const waits = waiting + plan;
  const away = touch === 'away';
  const words = away
    ? waits > 0
      ? `away · ${waits} ${waits === 1 ? 'waits' : 'wait'} to be sent`
      : 'away · nothing waits'
    : waits > 0
      ? 'sending'
      : 'in touch';
  const why = [
    away ? 'Sectorum does not answer. Go on: all of it is kept on this device and sent when it does.' : '',
    old ? 'The words of the steps are from before the last change; marks and places are new.' : '',
    ...refused.map((r) => `Not taken: ${r.why}`),
  ].filter(Boolean);
  return (
    <p
      role="status"
      title={why.join(' ')}
      data-touch={touch}
      data-waiting={waiting}
      className={`flex shrink-0 items-center gap-2 px-1 text-[1.05rem] leading-tight max-md:max-w-28 max-md:text-[0.95rem] ${away || refused.length > 0 ? 'font-semibold text-stop' : 'text-soft'}`}
    >
      {away ? <CloudOff size={22} aria-hidden className="shrink-0" /> : null}
      <span>
        {words}
        {refused.length > 0 ? ` · ${refused.length} not taken` : ''}
      </span>
    </p>
  );
}
