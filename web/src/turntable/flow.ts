import type { BenchPlace, BenchState, BenchStep, StepState } from '../api/client';

/** A step with where it stands. */
export interface Now {
  index: number;
  step: BenchStep;
  state: StepState;
}

/** Of more places than this nobody taps each. */
const TAPPED_ONE_BY_ONE = 150;
/** Places that differ less in height than this are one row, mm. */
const ROW_MM = 1.5;
/** What forms no rows is counted in so many handfuls. */
const HANDFULS = 12;

export type Grain = 'one' | 'run';

/** The step that is meant, else the next that is open, else the last. */
export function nowAt(steps: readonly BenchStep[], state: BenchState, wanted: string | null): Now | null {
  const find = (id: string | null | undefined) => (id ? steps.findIndex((s) => s.key.id === id) : -1);
  const meant = find(wanted);
  const index = meant >= 0 ? meant : find(state.next) >= 0 ? find(state.next) : steps.length - 1;
  const step = steps[index];
  const standing = state.steps[index];
  return step && standing ? { index, step, state: standing } : null;
}

export const usualGrain = (step: BenchStep): Grain => (step.key.count > TAPPED_ONE_BY_ONE ? 'run' : 'one');

/** How many places one tap does from here on. */
export function handful(places: readonly BenchPlace[], from: number, total: number, grain: Grain): number {
  const left = total - from;
  if (grain === 'one' || left <= 1) {
    return Math.min(1, left);
  }
  const z = places[from]?.z;
  if (z !== undefined && places.some((p) => Math.abs(p.z - places[0]!.z) > ROW_MM)) {
    let end = from;
    while (end < places.length && Math.abs(places[end]!.z - z) <= ROW_MM) {
      end++;
    }
    if (end - from > 1) {
      return end - from;
    }
  }
  return Math.min(left, Math.max(1, Math.ceil(total / HANDFULS)));
}

/** What a press of "next" does now. */
export type Act = 'count' | 'look' | 'guard' | 'tick' | 'on';

/**
 * @param looked whether what there is to look at before going on has been shown
 * @param passed whether somebody said to go on though something before it is open
 */
export function act({ step, state }: Now, looked: boolean, passed = false): Act {
  if (state.progress === 'done' || state.progress === 'skipped') {
    return 'on';
  }
  if (state.open.length > 0 && !passed) {
    return 'guard';
  }
  if (state.count < step.key.count) {
    return 'count';
  }
  return step.told.checks.length > 0 && !looked ? 'look' : 'tick';
}

/**
 * Whether a task is through once this step is: every step of it is past, and one of them was done. What was passed over
 * throughout was not done.
 */
export function isThrough(
  steps: readonly BenchStep[],
  state: BenchState,
  { key }: BenchStep,
  by: 'tick' | 'skip',
): boolean {
  const progress = steps.flatMap((s, i) =>
    s.key.task === key.task && s.key.id !== key.id ? [state.steps[i]?.progress ?? 'open'] : [],
  );
  return (
    progress.every((p) => p === 'done' || p === 'skipped') && (by === 'tick' || progress.includes('done'))
  );
}

/** How many sections lie behind marks that were made one after the other from the first; undefined: they were made otherwise. */
export function sectionsBehind(places: readonly BenchPlace[], count: number): number | undefined {
  return count > 0 && places.slice(0, count).every((p, i) => p.number === i + 1) ? count : undefined;
}

/** Where one goes on after a step: the next that is open after it, else the first that is. */
export function onwards(steps: readonly BenchStep[], state: BenchState, index: number): string | null {
  const open = (i: number) => ['open', 'begun'].includes(state.steps[i]?.progress ?? 'done');
  for (let i = index + 1; i < steps.length; i++) {
    if (open(i)) {
      return steps[i]!.key.id;
    }
  }
  return state.next ?? steps[index + 1]?.key.id ?? null;
}
