import { expect, it } from 'vitest';
import type { Plan } from '../api/client';
import { samplePlan } from '../plan/sample';
import { differences } from './differences';

const mm = (n: number) => `${n} mm`;
const plan = samplePlan;
const tier = (change: (t: Plan['tiers'][number]) => Plan['tiers'][number]): Plan => ({
  ...plan(),
  tiers: plan().tiers.map((t, i) => (i === 0 ? change(t) : t)),
});

it('says nothing of plans that are alike', () => {
  expect(differences(plan(), plan(), mm)).toEqual([]);
});

it.each([
  ['a name', { ...plan(), name: 'Other' }, /Name/, 'Sample', 'Other'],
  ['a height', tier((t) => ({ ...t, height: 77 })), /height/, undefined, '77 mm'],
  [
    'an outline',
    tier((t) => ({ ...t, outline: { kind: 'round', sizes: { diameter: 199 } } })),
    /diameter/,
    undefined,
    '199 mm',
  ],
  [
    'a count',
    tier((t) => ({ ...t, divisions: t.divisions.map((d) => ({ ...d, count: 23 })) })),
    /count/,
    undefined,
    '23',
  ],
])('tells %s in words, never as it is written in files', (_, other, what, mine, theirs) => {
  const rows = differences(plan(), other as Plan, mm);
  expect(rows).toHaveLength(1);
  expect(rows[0]!.what).toMatch(what as RegExp);
  expect(rows[0]!.theirs).toBe(theirs);
  if (mine !== undefined) {
    expect(rows[0]!.mine).toBe(mine);
  }
  expect(JSON.stringify(rows)).not.toMatch(/\{\\"|undefined|\[object/);
});

it('tells what only one side has', () => {
  const more: Plan = {
    ...plan(),
    tiers: [...plan().tiers, { ...plan().tiers[0]!, id: 'new', name: 'New tier' }],
  };
  expect(differences(plan(), more, mm)).toEqual([
    { what: 'Tier New tier', mine: 'not there', theirs: 'there' },
  ]);
});
