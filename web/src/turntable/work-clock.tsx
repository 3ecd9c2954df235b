import { Pause, Play } from 'lucide-react';
import type { BenchState, BenchStep } from '../api/client';
import { deviceName, type Journal, now as serverNow } from './journal';
import { useTicking } from './use-now';

const MINUTE_MS = 60_000;
/** When this turntable was opened: until the first press that is when hands went to work. */
let opened = 0;

/** Hands at this device. */
export interface Hands {
  /** Since when they work, ms; undefined: they pause. */
  since: number | undefined;
  /** Minutes from before a pause that no step has had yet. */
  kept: number;
  /** Whether the journal knows of them: not of a sitting that has just begun. */
  told: boolean;
  /** The last press of the sitting before, where nobody said that hands left the work; ms. */
  left: number | undefined;
}

/** The turntable was opened so long after the last press: it is another sitting, ms. */
const ANOTHER_SITTING_MS = 20 * MINUTE_MS;

export function handsHere(state: BenchState): Hands {
  const clock = state.work.clocks.find((c) => c.device === deviceName());
  if (!clock) {
    return { since: opened || undefined, kept: 0, told: false, left: undefined };
  }
  const anew = clock.since !== undefined && opened - clock.since > ANOTHER_SITTING_MS;
  return anew
    ? { since: opened, kept: clock.kept, told: false, left: clock.since }
    : { since: clock.since, kept: clock.kept, told: true, left: undefined };
}

/** The turntable is open: hands are taken to be at work from now on, until a press says otherwise. */
export function open(): void {
  opened = serverNow();
}

/** The line that says since when hands were at work, where the journal does not know: before the first press of a device. */
export function tellBegun(journal: Journal, state: BenchState): void {
  const { told, left } = handsHere(state);
  if (!told && opened > 0) {
    if (left !== undefined) {
      journal.add({ kind: 'pause', at: left });
    }
    journal.add({ kind: 'begin', at: Math.round(opened) });
  }
}

/** Minutes that hands were at a task by now, or what is planned where nobody knows. */
export function worked(steps: readonly BenchStep[], state: BenchState, task: string): number {
  const mine = steps.filter((s) => s.key.task === task);
  const planned = mine.reduce((sum, s) => sum + s.told.minutes, 0);
  const at = state.work.hands.filter((h) => mine.some((s) => s.key.id === h.step));
  const here = handsHere(state);
  const running = here.kept + (here.since === undefined ? 0 : (serverNow() - here.since) / MINUTE_MS);
  const sum = at.reduce((minutes, h) => minutes + h.minutes, running);
  const asked = at.some((h) => h.asked > 0) || running > Math.max(20, 4 * planned);
  return Math.max(1, Math.round(asked || sum < 0.5 ? planned : sum));
}

/** Minutes at this step, running; one press pauses. */
export function WorkClock({ state, journal }: { state: BenchState; journal: Journal }) {
  const hands = handsHere(state);
  const at = useTicking(serverNow, hands.since !== undefined);
  const minutes = hands.kept + (hands.since === undefined ? 0 : Math.max(0, at - hands.since) / MINUTE_MS);
  const runs = hands.since !== undefined;
  const press = () => {
    if (runs) {
      tellBegun(journal, state);
      journal.add({ kind: 'pause' });
    } else {
      journal.add({ kind: 'begin' });
    }
  };
  return (
    <button
      type="button"
      onClick={press}
      data-clock={runs ? 'runs' : 'rests'}
      aria-label={`${runs ? 'Pause' : 'Go on'}, ${Math.floor(minutes)} minutes at it`}
      className={`flex min-h-14 shrink-0 items-center gap-2 rounded-md px-2 text-[1.15rem] leading-tight hover:bg-ink/8 ${runs ? '' : 'font-semibold text-look'}`}
    >
      {runs ? <Pause size={22} aria-hidden /> : <Play size={22} aria-hidden />}
      <span className="tabular-nums">{Math.floor(minutes)} min</span>
      {runs ? null : <span className="max-md:sr-only">paused</span>}
    </button>
  );
}
