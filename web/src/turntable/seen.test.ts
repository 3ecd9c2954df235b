import { describe, expect, it } from 'vitest';
import type { BenchPlace, BenchState, BenchStep, PieceWorkup, StepState, TierWorkup } from '../api/client';
import { nowAt } from './flow';
import { onCake, only } from './seen';

const worn = (id: string) => ({
  id,
  surface: 'side',
  layout: {
    shapes: [{ role: 'piece' }, { role: 'guide' }],
    // A guide, then three pieces.
    placements: [1, 0, 0, 0, 1, 0, 0, 10, 5, 0, 1, 0, 0, 20, 5, 0, 1, 0, 0, 30, 5, 0, 1, 0],
    standing: [0, 0, 1, 0, 2, 0, 3, 0],
    inPlane: false,
  },
});
const tier = (id: string) => ({ id, dressings: [worn('pearls')] }) as unknown as TierWorkup;
const TIERS = [tier('foot'), tier('top')];
const PIECES = [{ id: 'star', places: [{}, {}, {}] }] as unknown as PieceWorkup[];
const step = (id: string, kind: string, of = '', about = '', count = 0): BenchStep =>
  ({
    key: { id, task: id.split('/')[0], count, before: [], done: false },
    told: { kind, tier: of, about, checks: [] },
    division: '',
  }) as unknown as BenchStep;
const STEPS = [
  step('stack-foot/1', 'stack', 'foot'),
  step('dress-foot/1', 'dress', 'foot', 'pearls', 3),
  step('stack-top/1', 'stack', 'top'),
  step('dress-top/1', 'dress', 'top', 'pearls', 3),
  step('place-star/1', 'place', 'top', 'star', 3),
];
const PLACES = [1, 2, 3].map((row) => ({ number: row, surface: 'side', rows: [row] })) as BenchPlace[];

function seen(at: string, standing: Record<string, Partial<StepState>>, places = PLACES) {
  const state = {
    steps: STEPS.map((s) => ({
      id: s.key.id,
      progress: 'open',
      count: 0,
      apart: [],
      undo: '',
      open: [],
      ...standing[s.key.id],
    })),
    timers: [],
    lines: [],
  } as unknown as BenchState;
  return onCake(TIERS, PIECES, STEPS, state, nowAt(STEPS, state, at)!, places);
}
const DONE = { progress: 'done' as const };
const shown = (s: ReturnType<typeof seen>) =>
  s.tiers.map((t) => `${t.id}:${t.dressings.map((d) => d.layout.placements.length / 6).join()}`);

describe('what is on the cake so far', () => {
  it.each([
    ['a tier that is worked on before it is stacked stands alone', 'dress-top/1', {}, ['top:']],
    ['what is not dressed is bare', 'dress-foot/1', { 'stack-foot/1': DONE }, ['foot:']],
    [
      'a dressing as far as it is laid, with its lines',
      'dress-foot/1',
      { 'stack-foot/1': DONE, 'dress-foot/1': { progress: 'begun' as const, count: 2 } },
      ['foot:3'],
    ],
    [
      'a dressing that is done is whole',
      'stack-top/1',
      { 'stack-foot/1': DONE, 'dress-foot/1': DONE },
      ['foot:4', 'top:'],
    ],
    [
      'what was skipped is not there',
      'stack-top/1',
      { 'stack-foot/1': DONE, 'dress-foot/1': { progress: 'skipped' as const } },
      ['foot:', 'top:'],
    ],
  ])('%s', (_, at, standing, tiers) => {
    expect(shown(seen(at, standing))).toEqual(tiers);
  });

  it('lights the next piece, and nothing where all is laid', () => {
    const begun = seen('dress-foot/1', { 'dress-foot/1': { progress: 'begun', count: 1 } });
    expect(begun.lit?.tier).toBe('foot');
    expect(begun.lit?.worn.layout.placements.slice(0, 3)).toEqual([0, 20, 5]);
    expect(begun.lit?.worn.layout.standing).toEqual([2, 0]);
    expect(seen('dress-foot/1', { 'dress-foot/1': { count: 3 } }).lit).toBeNull();
  });

  it('has the pieces made ahead that are set', () => {
    const all = { 'stack-foot/1': DONE, 'stack-top/1': DONE };
    expect(seen('place-star/1', { ...all, 'place-star/1': { count: 2 } }, []).pieces[0]?.places).toHaveLength(
      2,
    );
    expect(seen('place-star/1', all, []).pieces).toEqual([]);
    expect(seen('place-star/1', { ...all, 'place-star/1': DONE }, []).pieces[0]?.places).toHaveLength(3);
  });

  it('keeps rows in the order of the pile', () => {
    expect(only(worn('x') as never, [3, 1]).layout.placements.filter((_, i) => i % 6 === 1)).toEqual([
      10, 30,
    ]);
  });
});
