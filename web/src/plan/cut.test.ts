import { expect, test } from 'vitest';
import { sent } from '../api/client';
import { cut, dressingOf, isOf, tiersUnder } from './cut';
import { acrossLedges, onDressing } from './edits';
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

test('over ledges it lies on the level part of each tier, the top with it where told, and is changed as one', () => {
  const plan = samplePlan();
  const own = plan.tiers[0]!.dressings[0]!;
  const tiers = plan.tiers.map((t) => t.id);
  const told = { ...plan, dressings: [{ dressing: { ...own, id: 'train' }, tiers }] };
  const lying = (across: 'ledges' | 'top' | undefined) =>
    cut(acrossLedges('train', across)(told)).tiers.map((t) =>
      t.dressings.some((d) => d.id === 'train-ledge'),
    );
  expect(lying(undefined)).toEqual(tiers.map(() => false));
  expect(lying('ledges')).toEqual(tiers.map((_, i) => i < tiers.length - 1));
  expect(lying('top')).toEqual(tiers.map(() => true));

  const over = acrossLedges('train', 'top')(told);
  expect(isOf('train-ledge')(over.dressings[0]!)).toBe(true);
  expect(tiersUnder(over, 'train-ledge')).toEqual(tiers);
  expect(dressingOf(over, tiers[0]!, 'train-ledge')?.id).toBe('train');
  const aside = onDressing(tiers[0]!, 'train-ledge', (d) => ({ ...d, aside: true }))(over);
  expect(aside.dressings[0]!.dressing.aside).toBe(true);
  expect(cut(aside).tiers[0]!.dressings.filter((d) => d.aside)).toHaveLength(2);
  expect(acrossLedges('train', undefined)(over).dressings[0]).not.toHaveProperty('across');
});
