import { describe, expect, it } from 'vitest';
import type { BenchPlace, BenchState, BenchStep, StepState } from '../api/client';
import { act, handful, isThrough, type Now, nowAt, onwards, sectionsBehind, usualGrain } from './flow';

const step = (id: string, count = 0, checks = 0): BenchStep =>
  ({
    key: { id, task: id.split('/')[0], count, before: [], done: false },
    told: { checks: Array.from({ length: checks }, () => ({ template: 'Look.', quantities: [] })) },
    division: '',
    one: 'piece',
    many: 'pieces',
    late: [],
  }) as unknown as BenchStep;
const standing = (id: string, more: Partial<StepState> = {}): StepState => ({
  id,
  progress: 'open',
  count: 0,
  apart: [],
  undo: '',
  open: [],
  ...more,
});
const now = (s: BenchStep, state: Partial<StepState>): Now => ({
  index: 0,
  step: s,
  state: standing(s.key.id, state),
});
const places = (z: readonly number[]): BenchPlace[] =>
  z.map((each, i) => ({ number: i + 1, surface: 'side', s: i, z: each, tape: i, turn: 0, rows: [i] }));

describe('what a press does', () => {
  it.each([
    ['counts while there is something to count', step('a', 3), { count: 2 }, false, 'count'],
    ['looks before it goes on', step('a', 3, 1), { count: 3 }, false, 'look'],
    ['is done once it was looked at', step('a', 3, 1), { count: 3 }, true, 'tick'],
    ['is done where there is nothing to look at', step('a'), {}, false, 'tick'],
    ['guards what cannot be undone', step('a', 3), { open: ['coat'] }, true, 'guard'],
    ['goes on from what is done', step('a', 3), { progress: 'done' as const }, false, 'on'],
    ['goes on from what was skipped', step('a', 3), { progress: 'skipped' as const }, false, 'on'],
  ])('%s', (_, s, state, looked, expected) => {
    expect(act(now(s, state), looked)).toBe(expected);
  });
});

it('goes on past the guard once somebody said so, and counts then as always', () => {
  const guarded = now(step('a', 3, 1), { open: ['coat'] });
  expect(act(guarded, false)).toBe('guard');
  expect(act(guarded, false, true)).toBe('count');
});

describe('how many a tap does', () => {
  it.each([
    ['one by one', [1, 1, 1, 9, 9], 0, 'one' as const, 1],
    ['a row', [1, 1, 1, 9, 9], 0, 'run' as const, 3],
    ['the rest of a row', [1, 1, 1, 9, 9], 1, 'run' as const, 2],
    ['the next row', [1, 1, 1, 9, 9], 3, 'run' as const, 2],
    ['nothing after the last', [1, 1], 2, 'run' as const, 0],
  ])('%s', (_, z, from, grain, many) => {
    expect(handful(places(z), from, z.length, grain)).toBe(many);
  });
  it('takes a handful where there are no rows', () => {
    expect(handful(places(Array(240).fill(5)), 0, 240, 'run')).toBe(20);
    expect(usualGrain(step('a', 151))).toBe('run');
    expect(usualGrain(step('a', 150))).toBe('one');
  });
});

describe('a task is through', () => {
  const steps = ['a/1', 'a/2', 'b/1'].map((id) => step(id));
  it.each([
    ['done', 'tick' as const, true],
    ['skipped', 'tick' as const, true],
    ['open', 'tick' as const, false],
    ['begun', 'tick' as const, false],
    ['done', 'skip' as const, true],
    ['skipped', 'skip' as const, false],
  ])('its other step %s, by %s: %s', (other, by, through) => {
    const state = {
      steps: steps.map((s, i) => standing(s.key.id, i === 0 ? { progress: other as never } : {})),
    } as unknown as BenchState;
    expect(isThrough(steps, state, steps[1]!, by)).toBe(through);
  });
});

it.each([
  [[1, 2, 3, 4], 3, 3],
  [[1, 2, 3, 4], 0, undefined],
  [[6, 5, 7], 2, undefined],
  [[1, 12, 11], 2, undefined],
])('behind marks %j, %d made, lie %s sections', (numbers, count, sections) => {
  const made = numbers.map((number) => ({ number })) as BenchPlace[];
  expect(sectionsBehind(made, count)).toBe(sections);
});

describe('where one goes on', () => {
  const steps = ['a/1', 'a/2', 'b/1'].map((id) => step(id));
  const state = (...progress: StepState['progress'][]): BenchState =>
    ({
      steps: progress.map((p, i) => standing(steps[i]!.key.id, { progress: p })),
      timers: [],
      lines: [],
      work: { hands: [], clocks: [] },
      ...(progress.includes('open') ? { next: steps[progress.indexOf('open')]!.key.id } : {}),
    }) as BenchState;
  it.each([
    [state('done', 'open', 'open'), 0, 'a/2'],
    [state('open', 'done', 'open'), 1, 'b/1'],
    [state('open', 'done', 'done'), 2, 'a/1'],
    [state('done', 'done', 'done'), 0, 'a/2'],
  ])('%#', (s, index, expected) => {
    expect(onwards(steps, s, index)).toBe(expected);
  });
  it('begins at the next that is open, and stays at the one that is meant', () => {
    expect(nowAt(steps, state('done', 'open', 'open'), null)?.step.key.id).toBe('a/2');
    expect(nowAt(steps, state('done', 'open', 'open'), 'b/1')?.index).toBe(2);
    expect(nowAt(steps, state('done', 'open', 'open'), 'gone/1')?.index).toBe(1);
    expect(
      nowAt([], { steps: [], timers: [], lines: [], work: { hands: [], clocks: [] } } as BenchState, null),
    ).toBeNull();
  });
});
