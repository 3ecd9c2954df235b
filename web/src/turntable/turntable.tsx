import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { BenchState, BenchStep, PieceWorkup } from '../api/client';
import { problemOf } from '../api/client';
import { useColours } from '../dress/chosen';
import { OpenPlan, useOpen, usePlan, useWorkup } from '../plan/context';
import { entry, onAgenda } from '../plan/document-edits';
import { useEdit, usePieces, usePlanId } from '../plan/use';
import { useKept } from '../ui/kept';
import { useShortcuts } from '../ui/keys';
import { tell } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { length, say } from '../units/units';
import { Actions } from './actions';
import { useAwake } from './awake';
import { BenchBar } from './bench-bar';
import { CakeAndTape } from './cake-and-tape';
import { act, type Grain, handful, isThrough, type Now, nowAt, onwards, usualGrain } from './flow';
import { useBenchState, useJournal, useSteps } from './job';
import { type Journal, now as serverNow } from './journal';
import { keepOnDevice } from './offline';
import { type Open, Opened } from './opened';
import { Panel } from './panel';
import { speak } from './say';
import { onCake } from './seen';
import { makeReady } from './sound';
import { type Sequence, usePlaces } from './use-now';
import { open, tellBegun, worked } from './work-clock';

const NONE: readonly PieceWorkup[] = [];

/** The plan at the bench: one step at a time, the whole screen. */
export function Turntable() {
  useAwake();
  useEffect(open, []);
  const id = usePlanId();
  const plan = usePlan();
  const { editor } = useOpen();
  const journal = useJournal(id, editor.keepUp);
  useEffect(() => {
    void keepOnDevice(id);
  }, [id]);
  const { steps, old, error } = useSteps(id, plan);
  const state = useBenchState(journal, steps);
  if (steps === undefined || state === null) {
    return (
      <main id="work" tabIndex={-1} className="p-8 text-[1.3rem] outline-none">
        {error ? problemOf(error).detail : 'Laying out the steps'}
      </main>
    );
  }
  return steps.length === 0 ? (
    <main id="work" tabIndex={-1} className="p-8 text-[1.3rem] outline-none">
      There is nothing to do yet: put a dressing on a tier first.
    </main>
  ) : (
    <AtStep steps={steps} state={state} journal={journal} old={old} />
  );
}

interface Props {
  steps: BenchStep[];
  state: BenchState;
  journal: Journal;
  old: boolean;
}

const localNow = () => {
  const at = new Date(serverNow());
  return new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
};

/** What a hand does: each press is a line of the journal, and a task that is through is done in the plan, too. */
function useHands({ steps, state, journal }: Props, now: Now, goTo: (step: string | null) => void) {
  const edit = useEdit();
  const plan = usePlan();
  const { key, told } = now.step;
  const settle = (by: 'tick' | 'skip') => {
    if (isThrough(steps, state, now.step, by) && plan.agenda?.done[key.task] === undefined) {
      const minutes = worked(steps, state, key.task);
      const from = localNow();
      void edit(onAgenda((a) => ({ ...a, done: entry(a.done, key.task, { from, minutes }) })));
    }
    goTo(onwards(steps, state, now.index));
  };
  return {
    tick() {
      tellBegun(journal, state);
      journal.add({ kind: 'tick', step: key.id });
      if (now.step.window) {
        const begun = journal.add({
          kind: 'timer',
          step: key.id,
          about: told.name,
          window: now.step.window,
        });
        tell(`A timer runs: ${told.name}.`, {
          label: 'Not this one',
          run: () => void journal.add({ kind: 'undo', step: key.id, about: begun.id }),
        });
      }
      settle('tick');
    },
    count(many: number) {
      tellBegun(journal, state);
      journal.add({ kind: 'count', step: key.id, amount: many });
    },
    skip(reason: string) {
      journal.add({ kind: 'skip', step: key.id, about: reason });
      settle('skip');
    },
    /** Takes back the last line of the step; at a step nobody touched yet goes to the one before. */
    back() {
      if (now.state.undo === '') {
        goTo(steps[Math.max(0, now.index - 1)]!.key.id);
        return;
      }
      journal.add({ kind: 'undo', step: key.id, about: now.state.undo });
      // What was not done after all is not waited for either.
      for (const t of state.timers) {
        if (now.state.progress === 'done' && t.step === key.id && t.stopped === undefined) {
          journal.add({ kind: 'stop', step: key.id, about: t.id });
        }
      }
      if (plan.agenda?.done[key.task] !== undefined) {
        void edit(onAgenda((a) => ({ ...a, done: entry(a.done, key.task, undefined) })));
      }
    },
    settled: () => void journal.add({ kind: 'settled', step: key.id }),
  };
}

function AtStep(props: Props) {
  const { steps, state, journal, old } = props;
  const plan = usePlan();
  const { unit } = usePreferences();
  const open = useOpen();
  const colours = useColours();
  const workup = useWorkup();
  const pieces = usePieces(plan).data ?? NONE;
  const [wanted, setWanted] = useKept<string | null>('step', null);
  const [night, setNight] = useKept('night', false);
  const [aloud, setAloud] = useKept('aloud', false);
  const [sequence, setSequence] = useKept<Sequence | null>('sequence', null);
  const [grains, setGrains] = useKept<Record<string, Grain>>('grains', {});
  const [lookedAt, setLooked] = useState('');
  const [guarded, setGuarded] = useState(false);
  const [passed, setPassed] = useState('');
  const [opened, setOpened] = useState<Open | null>(null);
  const now = nowAt(steps, state, wanted)!;
  const { step } = now;
  const grain = grains[step.key.id] ?? usualGrain(step);
  const goTo = useCallback(
    (to: string | null) => {
      setWanted(to);
      // On a phone one presses at the foot of the page: the next step begins at its head.
      document.getElementById('work')?.scrollTo(0, 0);
      window.scrollTo(0, 0);
      setLooked('');
      setGuarded(false);
      setPassed('');
    },
    [setWanted],
  );
  const hands = useHands(props, now, goTo);
  const places = usePlaces(plan, now, pieces, sequence ?? undefined);
  const next = places[now.state.count];
  const many = handful(places, now.state.count, step.key.count, grain);
  const seen = useMemo(
    () => onCake(workup.tiers, pieces, steps, state, now, places),
    [workup, pieces, steps, state, now, places],
  );
  const spoken =
    now.state.count < step.key.count && next !== undefined && next.surface === 'side'
      ? `${step.one} ${next.number}: ${length(next.tape, unit)}`
      : say(step.told.what, unit);

  // The next mark is read as soon as the one before is made, where that is wished.
  useEffect(() => {
    if (aloud) {
      speak(spoken);
    }
  }, [aloud, spoken]);

  useEffect(() => {
    // On the whole page, so that what opens over it is dark, too.
    document.documentElement.classList.toggle('night', night);
    return () => document.documentElement.classList.remove('night');
  }, [night]);
  const looked = lookedAt === step.key.id;
  const meant = act(now, looked, passed === step.key.id);
  const go = () => {
    makeReady();
    switch (meant) {
      case 'on':
        goTo(steps[Math.min(steps.length - 1, now.index + 1)]!.key.id);
        break;
      case 'guard':
        setGuarded(true);
        break;
      case 'count':
        hands.count(many);
        break;
      case 'look':
        setLooked(step.key.id);
        break;
      case 'tick':
        hands.tick();
        break;
    }
  };
  const heldBack = useRef(0);
  /** Knuckles bounce: what comes within a blink of the last is the same press. */
  const press = (run: () => void) => {
    const at = performance.now();
    if (at - heldBack.current > 160) {
      heldBack.current = at;
      run();
    }
  };
  const onButton = () =>
    document.activeElement instanceof HTMLElement && document.activeElement.closest('button,a');
  useShortcuts([
    { key: ' ', run: () => (onButton() ? (document.activeElement as HTMLElement).click() : press(go)) },
    { key: 'ArrowRight', run: () => press(go) },
    { key: 'ArrowLeft', run: () => press(hands.back) },
    { key: 's', run: () => speak(spoken) },
    { key: 'd', run: () => setNight(!night) },
    { key: 'j', run: () => setOpened('jump') },
  ]);
  const value = useMemo(() => ({ ...open, tierId: step.told.tier || open.tierId }), [open, step.told.tier]);

  return (
    <OpenPlan.Provider value={value}>
      <div className="fixed inset-0 z-20 flex flex-col bg-paper text-ink" data-step={step.key.id}>
        <BenchBar
          steps={steps}
          state={state}
          now={now}
          journal={journal}
          old={old}
          night={night}
          setNight={setNight}
          setOpened={setOpened}
        />
        <main
          id="work"
          tabIndex={-1}
          className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_minmax(380px,34vw)] grid-rows-[minmax(0,1fr)_auto] outline-none max-md:flex max-md:flex-col max-md:overflow-y-auto"
        >
          <CakeAndTape
            seen={seen}
            now={now}
            places={places}
            colours={colours}
            onTap={meant === 'count' ? () => press(go) : undefined}
          />
          <Panel
            now={now}
            place={next}
            many={many}
            meant={meant}
            guarded={guarded}
            steps={steps}
            go={() => press(go)}
            back={() => press(hands.back)}
            rest={() => press(() => hands.count(step.key.count - now.state.count))}
            anyway={() => setPassed(step.key.id)}
            goTo={goTo}
            settled={hands.settled}
            grain={grain}
            setGrain={(g) => setGrains({ ...grains, [step.key.id]: g })}
            sayIt={() => speak(spoken)}
          />
          <Actions now={now} setOpened={setOpened} />
        </main>
        <div aria-live="polite" className="sr-only">
          {spoken}
        </div>
        {opened ? (
          <Opened
            what={opened}
            close={() => setOpened(null)}
            now={now}
            steps={steps}
            state={state}
            journal={journal}
            places={places}
            goTo={goTo}
            skip={hands.skip}
            choices={{
              aloud,
              setAloud,
              sequence,
              setSequence,
            }}
          />
        ) : null}
      </div>
    </OpenPlan.Provider>
  );
}
