import { AlarmClock, BellRing, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { BenchStep, Remedy, Timer } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { mend } from '../plan/edits';
import { usePlanId } from '../plan/use';
import { Dialog } from '../ui/dialog';
import { tell } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { say } from '../units/units';
import { useBenchState, useJournal, useSteps } from './job';
import { type Journal, now as serverNow } from './journal';
import { makeReady, ring } from './sound';
import { useTicking } from './use-now';

export type Phase = 'soon' | 'now' | 'late';

/** How a timer stands: the late edge itself is still in time. */
export function phaseOf(timer: Pick<Timer, 'early' | 'late'>, at: number): Phase {
  return at < timer.early ? 'soon' : timer.late === undefined || at <= timer.late ? 'now' : 'late';
}

/** 1 h 05, 12:30, 0:09. */
export function clock(ms: number): string {
  const s = Math.max(0, Math.ceil(ms / 1000));
  const [h, m] = [Math.floor(s / 3600), Math.floor((s % 3600) / 60)];
  return h > 0 ? `${h} h ${String(m).padStart(2, '0')}` : `${m}:${String(s % 60).padStart(2, '0')}`;
}

const WORDS: Record<Phase, string> = { soon: 'too soon', now: 'now', late: 'too late' };
const LOOKS: Record<Phase, string> = {
  soon: 'border-ink/50 bg-sheet text-ink',
  now: 'border-good bg-good-ground text-good',
  late: 'border-stop bg-stop-ground text-stop',
};
/** Away from the bench nobody's plan is changed under the hand: another window is told of, and asked about. */
const nothing = () => undefined;

/** What dries takes longer than this; shorter rests are no drying, ms. */
const LONG_MS = 60 * 60_000;

const NONE: Timer[] = [];
const NO_STEPS: BenchStep[] = [];

/** The timers of a plan over every view of it, named, each with its sign; a sound at either edge. */
export function Timers() {
  const id = usePlanId();
  const journal = useJournal(id, nothing);
  const timers = useBenchState(journal, NO_STEPS)?.timers ?? NONE;
  const running = timers.filter((t) => t.stopped === undefined);
  useEffect(() => {
    // The first press anywhere lets the browser make a sound later.
    window.addEventListener('pointerdown', makeReady, { once: true });
    return () => window.removeEventListener('pointerdown', makeReady);
  }, []);
  return running.length === 0 ? null : <Running timers={running} journal={journal} />;
}

function Running({ timers, journal }: { timers: readonly Timer[]; journal: Journal }) {
  const at = useTicking(serverNow, true);
  const [chosen, setChosen] = useState<string | null>(null);
  const rung = useRef(new Map<string, Phase>());
  useEffect(() => {
    for (const t of timers) {
      const phase = phaseOf(t, at);
      const before = rung.current.get(t.id);
      rung.current.set(t.id, phase);
      // What passed while nobody looked rings once, when somebody looks again.
      if (before !== undefined ? before !== phase : phase !== 'soon' && at - t.early < 1000) {
        ring(phase === 'late');
      }
    }
  }, [timers, at]);
  const shown = timers.find((t) => t.id === chosen);
  const first = [...timers].sort((a, b) => a.early - b.early);
  return (
    <>
      <ul
        aria-label="Timers"
        className="fixed bottom-2 left-1/2 z-30 flex max-w-[96vw] -translate-x-1/2 flex-wrap justify-center gap-2 print:hidden in-[.at-bench]:top-[66px] in-[.at-bench]:bottom-auto"
      >
        {first.map((t) => {
          const phase = phaseOf(t, at);
          const until =
            phase === 'soon'
              ? t.early - at
              : phase === 'now' && t.late
                ? t.late - at
                : at - (t.late ?? t.early);
          return (
            <li key={t.id}>
              <button
                type="button"
                onClick={() => setChosen(t.id)}
                data-phase={phase}
                className={`flex min-h-14 items-center gap-3 rounded-lg border-2 px-4 py-1 text-left shadow-[0_4px_18px_rgb(28_42_54/0.28)] ${LOOKS[phase]}`}
              >
                {phase === 'soon' ? <AlarmClock size={26} aria-hidden /> : <BellRing size={26} aria-hidden />}
                <span className="leading-tight">
                  <span className="block max-w-56 truncate text-[0.98rem]">{t.name}</span>
                  <span className="block text-[1.25rem] font-bold">
                    {phase === 'late'
                      ? `${WORDS.late}, by ${clock(until)}`
                      : phase === 'now' && t.late === undefined
                        ? 'now'
                        : phase === 'now'
                          ? `now, for ${clock(until)}`
                          : `${WORDS.soon}, ${clock(until)}`}
                  </span>
                </span>
              </button>
            </li>
          );
        })}
      </ul>
      {shown ? <One timer={shown} at={at} journal={journal} close={() => setChosen(null)} /> : null}
    </>
  );
}

const hour = (ms: number) =>
  new Date(ms).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit', second: '2-digit' });

function One({
  timer,
  at,
  journal,
  close,
}: {
  timer: Timer;
  at: number;
  journal: Journal;
  close: () => void;
}) {
  const phase = phaseOf(timer, at);
  return (
    <Dialog title={timer.name} open onOpenChange={(open) => (open ? undefined : close())}>
      <p className="mb-3 text-[1.2rem]">
        Left alone since {hour(timer.from)}; right from {hour(timer.early)}
        {timer.late === undefined ? ' on.' : ` to ${hour(timer.late)}.`}
      </p>
      {phase === 'late' ? <StillPossible timer={timer} close={close} /> : null}
      {at - timer.from > LONG_MS ? <Looked timer={timer} at={at} journal={journal} close={close} /> : null}
      <button
        type="button"
        onClick={() => {
          journal.add({ kind: 'stop', step: timer.step, about: timer.id });
          close();
        }}
        className="mt-2 flex min-h-16 w-full items-center justify-center gap-2 rounded-lg border-2 border-ink text-[1.25rem] font-semibold"
      >
        <X size={26} aria-hidden /> Done with it
      </button>
    </Dialog>
  );
}

/** How hard it is by now: the notebook learns how things dry here. */
function Looked({
  timer,
  at,
  journal,
  close,
}: {
  timer: Timer;
  at: number;
  journal: Journal;
  close: () => void;
}) {
  const hours = ((at - timer.from) / 3_600_000).toFixed(1);
  const say = (kind: 'handled' | 'hard') => {
    journal.add({ kind, step: timer.step, about: timer.id });
    tell(`${kind === 'hard' ? 'Hard' : 'To be handled'} after ${hours} h: it is noted.`);
    close();
  };
  return (
    <div className="mt-2 grid grid-cols-2 gap-2">
      <button
        type="button"
        onClick={() => say('handled')}
        className="min-h-14 rounded-lg border-2 border-ink/40 text-[1.1rem] font-semibold"
      >
        Can be handled now
      </button>
      <button
        type="button"
        onClick={() => say('hard')}
        className="min-h-14 rounded-lg border-2 border-ink/40 text-[1.1rem] font-semibold"
      >
        Hard now
      </button>
    </div>
  );
}

/** Past the late edge: what can still be done. */
function StillPossible({ timer, close }: { timer: Timer; close: () => void }) {
  const plan = usePlan();
  const { editor } = useOpen();
  const { unit } = usePreferences();
  const { steps } = useSteps(usePlanId(), plan);
  const remedies = steps?.find((s) => s.key.id === timer.step)?.late ?? [];
  const apply = async (remedy: Remedy) => {
    await editor.edit(
      mend({ tier: remedy.tier, division: remedy.about, dressing: remedy.about }, remedy.mend!),
    );
    close();
  };
  return (
    <section aria-label="What can still be done" className="mb-2 flex flex-col gap-2">
      <h3 className="font-semibold text-stop">
        {remedies.length > 0 ? 'It is too late. What can still be done:' : 'It is too late.'}
      </h3>
      {remedies.map((r, i) => (
        <div key={i} className="border border-ink/35 bg-paper px-3 py-2">
          <p className="text-[1.1rem]">{say(r.what, unit)}</p>
          {r.mend ? (
            <button
              type="button"
              onClick={() => void apply(r)}
              className="mt-1 min-h-12 rounded-md border-2 border-ink px-4 text-[1.1rem] font-semibold"
            >
              {say(r.mend.label, unit)}
            </button>
          ) : null}
        </div>
      ))}
    </section>
  );
}
