import { expect, test } from 'vitest';
import { sent } from '../api/client';
import { cut } from './cut';
import { samplePlan } from './sample';

test('what is shown of a plan is asked about as its document', () => {
  const plan = samplePlan();
  const own = plan.tiers[0]!.dressings[0]!;
  const shared = { ...plan, dressings: [{ dressing: { ...own, id: 'train' }, tiers: [plan.tiers[0]!.id] }] };
  const shown = cut(shared);
  expect(shown.tiers[0]!.dressings.map((d) => d.id)).toContain('train');
  expect(shown.dressings).toEqual([]);
  expect(JSON.parse(sent({ id: 3, plan: shown }))).toEqual(
    JSON.parse(JSON.stringify({ id: 3, plan: shared })),
  );
  expect(sent({ plan })).toBe(JSON.stringify({ plan }));
});
