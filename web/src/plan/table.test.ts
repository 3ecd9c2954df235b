import { describe, expect, it } from 'vitest';
import type { Mend, Plan } from '../api/client';
import { onStand, onTable, tick } from './document-edits';
import { withField } from './edit';
import { coat, mend } from './edits';
import { samplePlan } from './sample';

const coated = (): Plan => {
  const plan = samplePlan();
  const coats = [
    { name: 'ganache', thickness: 5 },
    { name: 'fondant', thickness: 3.5 },
  ];
  return { ...plan, tiers: plan.tiers.map((t) => ({ ...t, coats })) };
};

/** A press that edits one field of something. */
const press = (target: Mend['changes'][number]['target'], field: string, value?: unknown): Mend => ({
  label: { template: '', quantities: [] },
  changes: [{ target, field, value } as Mend['changes'][number]],
});

describe('how a plan is made', () => {
  it('begins with nothing said, and leaves the rest of the plan as it was', () => {
    const before = samplePlan();
    const after = onTable((t) => ({ ...t, humidity: 0.7 }))(before);
    expect(after.table).toEqual({ humidity: 0.7, ticked: [], made: [], yields: {}, wanted: [], joints: {} });
    expect(after.tiers).toBe(before.tiers);
    expect(before.table).toBeUndefined();
  });

  it('is the same plan where nothing changes', () => {
    const before = samplePlan();
    expect(onTable((t) => t)(before)).toBe(before);
  });

  it('ticks a line and, pressed again, no more', () => {
    const once = tick('top/swags/1')(samplePlan());
    const more = tick('top/swags/2')(once);
    expect(more.table!.ticked).toEqual(['top/swags/1', 'top/swags/2']);
    expect(tick('top/swags/1')(more).table!.ticked).toEqual(['top/swags/2']);
  });

  it.each(['spread', 'sheet', 'bare', 'strip'] as const)(
    'lays one coat as %s and keeps the others',
    (laid) => {
      const before = coated();
      const after = coat('top', 1, { laid })(before);
      expect(after.tiers[0]!.coats[1]).toEqual({ name: 'fondant', thickness: 3.5, laid });
      expect(after.tiers[0]!.coats[0]).toBe(before.tiers[0]!.coats[0]);
      expect(coat('cellar', 1, { laid })(before).tiers[0]).toBe(before.tiers[0]);
    },
  );

  it('takes a field out where there is no value', () => {
    expect(withField({ name: 'ganache', laid: 'strip' }, 'laid', undefined)).toEqual({ name: 'ganache' });
    expect(withField({ name: 'ganache' }, 'laid', 'strip')).toEqual({ name: 'ganache', laid: 'strip' });
  });
});

describe('what carries it', () => {
  it('begins with nothing said', () => {
    expect(onStand((s) => ({ ...s, rod: 'wood' }))(samplePlan()).stand).toEqual({
      rod: 'wood',
      centre: false,
      cakes: {},
      shifts: {},
    });
  });
});

describe('a press from the table or the stack', () => {
  const place = { tier: 'top', division: 'marks', dressing: 'swags' };

  it('changes how the plan is made', () => {
    const after = mend(place, press('table', 'joints', { 'top/swags': 'royal' }))(samplePlan());
    expect(after.table!.joints).toEqual({ 'top/swags': 'royal' });
    expect(mend(place, press('table', 'humidity'))(after).table).not.toHaveProperty('humidity');
  });

  it('changes what carries it', () => {
    const after = mend(place, press('stand', 'shifts', {}))(samplePlan());
    expect(after.stand!.shifts).toEqual({});
  });

  it('changes the tier it is about', () => {
    const coats = [{ name: 'fondant', thickness: 3, laid: 'strip' as const }];
    expect(mend(place, press('tier', 'coats', coats))(samplePlan()).tiers[0]!.coats).toEqual(coats);
  });
});
