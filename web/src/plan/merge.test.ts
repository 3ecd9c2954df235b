import { describe, expect, it } from 'vitest';
import { isOnlyDone, merged, same } from './merge';
import { samplePlan } from './sample';

const plan = samplePlan;
type P = ReturnType<typeof plan>;
const tier = (p: P, change: (t: P['tiers'][number]) => P['tiers'][number], at = 0): P => ({
  ...p,
  tiers: p.tiers.map((t, i) => (i === at ? change(t) : t)),
});
const another = (id: string) => ({ ...plan().tiers[0]!, id, name: id });

describe('three documents of one beginning', () => {
  it('are the other side where nothing was changed here, and mine where nothing was there', () => {
    const mine = { ...plan(), name: 'mine' };
    expect(merged(plan(), plan(), mine)).toEqual(mine);
    expect(merged(plan(), mine, plan())).toEqual(mine);
  });

  it('hold both changes where they are of different fields, and mine where of one', () => {
    const mine = tier({ ...plan(), name: 'mine' }, (t) => ({ ...t, height: 123 }));
    const theirs = tier({ ...plan(), name: 'theirs' }, (t) => ({ ...t, name: 'Their tier' }));
    const both = merged(plan(), mine, theirs);
    expect(both.name).toBe('mine');
    expect(both.tiers[0]).toMatchObject({ height: 123, name: 'Their tier' });
  });

  it('hold what either side added, in its place', () => {
    const mine = { ...plan(), tiers: [...plan().tiers, another('mine')] };
    const theirs = { ...plan(), tiers: [another('theirs'), ...plan().tiers] };
    expect(merged(plan(), mine, theirs).tiers.map((t) => t.id)).toEqual([
      'theirs',
      plan().tiers[0]!.id,
      'mine',
    ]);
  });

  it.each([
    ['there, unchanged here: gone', (p: P) => p, (p: P) => ({ ...p, tiers: [p.tiers[1]!] }), ['b']],
    ['here, unchanged there: gone', (p: P) => ({ ...p, tiers: [p.tiers[1]!] }), (p: P) => p, ['b']],
    [
      'there, changed here: kept',
      (p: P) => tier(p, (t) => ({ ...t, height: 77 })),
      (p: P) => ({ ...p, tiers: [p.tiers[1]!] }),
      ['a', 'b'],
    ],
    [
      'here, changed there: back',
      (p: P) => ({ ...p, tiers: [p.tiers[1]!] }),
      (p: P) => tier(p, (t) => ({ ...t, height: 77 })),
      ['a', 'b'],
    ],
  ])('a tier taken out %s', (_, mine, theirs, left) => {
    const base = { ...plan(), tiers: [another('a'), another('b')] };
    expect(merged(base, mine(base), theirs(base)).tiers.map((t) => t.id)).toEqual(left);
  });

  it('a setting changed there and another here are both in force', () => {
    const worn = (settings: Record<string, unknown>) =>
      tier(plan(), (t) => ({
        ...t,
        dressings: [
          {
            id: 'd',
            technique: 'swag',
            division: 'marks',
            aside: false,
            covers: false,
            colours: [],
            settings,
          },
        ],
      }));
    const base = worn({ drop: 40, thick: 2 });
    const both = merged(base, worn({ drop: 50, thick: 2 }), worn({ drop: 40, thick: 3 }));
    expect(both.tiers[0]!.dressings[0]!.settings).toEqual({ drop: 50, thick: 3 });
  });

  it.each([
    [{ a: 1, b: [{ c: 2 }] }, { b: [{ c: 2 }], a: 1 }, true],
    [{ a: 1 }, { a: 1, b: undefined }, true],
    [{ a: [1, 2] }, { a: [2, 1] }, false],
    [{ a: {} }, { a: [] }, false],
    [null, {}, false],
  ])('%j says the same as %j: %s', (a, b, alike) => {
    expect(same(a, b)).toBe(alike);
  });

  it('knows where only something was done', () => {
    const done = { ...plan(), agenda: { done: { coat: { from: 'x', minutes: 5 } } } } as unknown as P;
    expect(isOnlyDone(plan(), done)).toBe(true);
    expect(isOnlyDone(plan(), { ...done, name: 'other' })).toBe(false);
  });
});
