import { describe, expect, it } from 'vitest';
import type { Mend, OwnPiece } from '../api/client';
import { addPiece, entry, onAgenda, onPiece, readyBy, removePiece } from './document-edits';
import { mend, removeTier } from './edits';
import { samplePlan } from './sample';

const piece = (id: string, tier = ''): OwnPiece => ({
  id,
  name: id,
  form: 'star',
  width: 40,
  height: 40,
  thickness: 3,
  count: 2,
  material: 'gum',
  dark: false,
  seat: { tier, on: 'top', angle: 0, out: 0, up: 0 },
  labour: { minutes: 10, placing: 2, pauses: true, ahead: 0 },
  resting: { faces: 'both', storage: 'room' },
  sticks: { kind: 'pick' },
  eaten: 'hard',
});

const press = (...changes: Mend['changes']): Mend => ({ label: { template: '', quantities: [] }, changes });
const nowhere = { tier: '', division: '' };

describe('pieces of one’s own', () => {
  const two = addPiece(piece('moon', 'top'))(addPiece(piece('sun'))(samplePlan()));

  it('come and go, and the others keep their identity', () => {
    expect(two.pieces.map((p) => p.id)).toEqual(['sun', 'moon']);
    const changed = onPiece('moon', (p) => ({ ...p, count: 5 }))(two);
    expect(changed.pieces[1]!.count).toBe(5);
    expect(changed.pieces[0]).toBe(two.pieces[0]);
    expect(removePiece('sun')(two).pieces.map((p) => p.id)).toEqual(['moon']);
  });

  it('stand on the top tier when theirs is taken out', () => {
    expect(removeTier('top')(two).pieces.map((p) => p.seat.tier)).toEqual(['', '']);
    expect(removeTier('other')(two).pieces).toBe(two.pieces);
  });

  it('are mended by field', () => {
    const thin = mend(nowhere, press({ target: 'piece', field: 'moon/thickness', value: 2 }))(two);
    expect(thin.pieces[1]!.thickness).toBe(2);
    expect(thin.pieces[0]!.thickness).toBe(3);
    const bare = mend(nowhere, press({ target: 'piece', field: 'moon/material' }))(two);
    expect(bare.pieces[1]).not.toHaveProperty('material');
  });
});

describe('the agenda', () => {
  it('begins empty and is changed', () => {
    const done = onAgenda((a) => ({
      ...a,
      done: entry(a.done, 'fill-top', { from: '2026-12-01T09:00', minutes: 20 }),
    }))(samplePlan());
    expect(done.agenda!.done['fill-top']!.minutes).toBe(20);
    expect(done.agenda!.dressFirst).toBe(false);
    expect(entry(done.agenda!.done, 'fill-top', undefined)).toEqual({});
  });

  it('takes presses of the days, and those of the workshop leave the plan as it is', () => {
    const plan = samplePlan();
    const first = mend(nowhere, press({ target: 'agenda', field: 'dressFirst', value: true }))(plan);
    expect(first.agenda!.dressFirst).toBe(true);
    expect(mend(nowhere, press({ target: 'workshop', field: 'hands', value: 2 }))(plan)).toBe(plan);
  });

  it('a setting found for the whole plan says its dressing itself', () => {
    const plan = samplePlan();
    const id = plan.tiers[0]!.dressings[0]!.id;
    const slow = mend(nowhere, press({ target: 'setting', field: `top/${id}/drop`, value: 31 }))(plan);
    expect(slow.tiers[0]!.dressings[0]!.settings).toMatchObject({ drop: 31 });
  });

  it('the moment moves and nothing else', () => {
    const plan = samplePlan();
    const moved = readyBy('2027-01-02T10:00')(plan);
    expect(moved.readyBy).toBe('2027-01-02T10:00');
    expect(moved.tiers).toBe(plan.tiers);
  });
});
