import { describe, expect, it } from 'vitest';
import type { Plan } from '../api/client';
import { cut, dressingOf, tiersUnder } from './cut';
import {
  acceptReadings,
  addBorder,
  addDivision,
  addDressing,
  addReading,
  copyTier,
  count,
  freeId,
  lockMark,
  mend,
  moveDressing,
  moveTier,
  onDivision,
  onDressing,
  onEveryTier,
  onThisTier,
  putOn,
  removeDivision,
  removeReading,
  removeTier,
  setting,
  stretchEnd,
  takeOff,
  zoneEdge,
} from './edits';
import { begin, commit, redo, undo } from './history';
import { merged } from './merge';
import { samplePlan } from './sample';

const tier = (plan: Plan) => plan.tiers[0]!;

describe('edits', () => {
  it('changes what it names and keeps the identity of the rest', () => {
    const before = samplePlan();
    const after = count('top', 'marks', 7)(before);
    expect(tier(after).divisions[0]!.count).toBe(7);
    expect(tier(after).dressings).toBe(tier(before).dressings);
    expect(after.brief).toBe(before.brief);
    expect(tier(before).divisions[0]!.count).toBe(5);
  });

  it('another count frees the marks moved by hand, the same count keeps them', () => {
    const locked = onDivision('top', 'marks', (d) => ({ ...d, locked: [{ mark: 1, s: 150 }] }))(samplePlan());
    expect(tier(count('top', 'marks', 5)(locked)).divisions[0]!.locked).toHaveLength(1);
    expect(tier(count('top', 'marks', 6)(locked)).divisions[0]!.locked).toHaveLength(0);
  });

  it('readings are gathered beside what was accepted, until they are accepted', () => {
    const read = addReading('top', { what: 'foot', mm: 729, spot: 0 })(samplePlan());
    expect(tier(read).readings.map((r) => r.mm)).toEqual([731, 729]);
    expect(tier(read).accepted?.map((r) => r.mm)).toEqual([731]);
    const less = removeReading('top', 0)(read);
    expect(tier(less).readings.map((r) => r.mm)).toEqual([729]);
    expect(tier(less).accepted?.map((r) => r.mm)).toEqual([731]);
    expect(tier(acceptReadings('top')(less))).not.toHaveProperty('accepted');
  });

  it('tiers are copied above themselves, moved, and taken out', () => {
    const two = copyTier('top')(samplePlan());
    expect(two.tiers.map((t) => t.id)).toEqual(['top', 'tier']);
    expect(moveTier('top', 1)(two).tiers.map((t) => t.id)).toEqual(['tier', 'top']);
    expect(moveTier('top', 99)(two).tiers.map((t) => t.id)).toEqual(['tier', 'top']);
    expect(moveTier('top', 0)(two)).toBe(two);
    expect(removeTier('top')(two).tiers.map((t) => t.id)).toEqual(['tier']);
  });

  it('a mark moved by hand holds in its place', () => {
    const moved = lockMark('top', 'marks', 1, 150)(lockMark('top', 'marks', 3, 440)(samplePlan()));
    expect(tier(lockMark('top', 'marks', 1, 152)(moved)).divisions[0]!.locked).toEqual([
      { mark: 1, s: 152 },
      { mark: 3, s: 440 },
    ]);
  });

  it('a division that goes leaves its dressings to the first', () => {
    const more = addDivision('top')(
      addDivision('top', { division: 'marks', into: 2, every: 1 })(samplePlan()),
    );
    expect(tier(more).divisions.map((d) => d.id)).toEqual(['marks', 'halves', 'marks-2']);
    const left = removeDivision('top', 'marks')(more);
    expect(tier(left).divisions.map((d) => d.id)).toEqual(['marks-2']);
    expect(tier(left).dressings[0]!.division).toBe('marks-2');
  });

  it.each(['foot', 'top'] as const)('a border at the %s is measured from there', (edge) => {
    expect(tier(addBorder('top', edge)(samplePlan())).borders[0]!.zone.from.edge).toBe(edge);
  });

  it('a mend puts a course last', () => {
    const two = addDressing('top', 'pearls')(samplePlan());
    const place = { tier: 'top', division: 'marks', dressing: 'swags' };
    const label = { template: '', quantities: [] };
    const last = mend(place, { label, changes: [{ target: 'dressing', field: 'place', value: 'last' }] })(
      two,
    );
    expect(tier(last).dressings.map((d) => d.id)).toEqual(['pearls', 'swags']);
    expect(tier(last).dressings[1]).not.toHaveProperty('place');
  });

  it('a new dressing has a name of its own', () => {
    const twice = addDressing('top', 'swag')(addDressing('top', 'swag')(samplePlan()));
    expect(tier(twice).dressings.map((d) => d.id)).toEqual(['swags', 'swag', 'swag-2']);
    expect(freeId('a', [{ id: 'a' }, { id: 'a-2' }])).toBe('a-3');
  });

  it.each([
    ['setting', 'drop', 30, (p: Plan) => tier(p).dressings[0]!.settings.drop],
    ['division', 'count', 3, (p: Plan) => tier(p).divisions[0]!.count],
    ['division', 'front', 'mark', (p: Plan) => tier(p).divisions[0]!.front],
    ['tier', 'height', 90, (p: Plan) => tier(p).height],
    ['tier', 'top/height', 95, (p: Plan) => tier(p).height],
    ['dressing', 'covers', true, (p: Plan) => tier(p).dressings[0]!.covers],
    ['dressing', 'zone', undefined, (p: Plan) => tier(p).dressings[0]!.zone],
  ] as const)('a mend edits the %s %s', (target, field, value, got) => {
    const label = { template: '', quantities: [] };
    const place = { tier: 'top', division: 'marks', dressing: 'swags' };
    expect(got(mend(place, { label, changes: [{ target, field, value }] })(samplePlan()))).toBe(value);
  });
});

describe('history', () => {
  const named = (name: string): Plan => ({ ...samplePlan(), name });

  it('undoes and redoes without end', () => {
    let h = begin(named('0'));
    for (let i = 1; i <= 200; i++) {
      h = commit(h, named(String(i)));
    }
    for (let i = 0; i < 200; i++) {
      h = undo(h);
    }
    expect(h.present.name).toBe('0');
    expect(undo(h)).toBe(h);
    for (let i = 0; i < 200; i++) {
      h = redo(h);
    }
    expect(h.present.name).toBe('200');
    expect(redo(h)).toBe(h);
  });

  it('forgets the future when something new is done, and nothing when nothing is', () => {
    const h = undo(commit(begin(named('a')), named('b')));
    expect(commit(h, h.present)).toBe(h);
    expect(commit(h, named('c')).future).toEqual([]);
  });
});

describe('a dressing over several tiers', () => {
  const two = copyTier('top')(addDressing('top', 'pearls')(samplePlan()));
  const shared = onEveryTier('top', 'pearls')(two);
  const worn = (plan: Plan) => cut(plan).tiers.map((t) => t.dressings.map((d) => d.id));

  it('is told once, and worn by every tier on top of its own', () => {
    // The copy has pearls of its own, so the shared ones are called otherwise.
    expect(worn(shared)).toEqual([
      ['swags', 'pearls-2'],
      ['swags', 'pearls', 'pearls-2'],
    ]);
    expect(tiersUnder(shared, 'pearls-2')).toEqual(two.tiers.map((t) => t.id));
    expect(cut(two)).toBe(two);
  });

  it('is changed on all of them by one edit, and only those tiers are other ones after', () => {
    const set = setting('top', 'pearls-2', 'rows', 3)(shared);
    expect(cut(set).tiers.map((t) => t.dressings.at(-1)!.settings)).toEqual([{ rows: 3 }, { rows: 3 }]);
    expect(dressingOf(set, 'top', 'pearls-2')?.settings).toEqual({ rows: 3 });
    const own = setting('top', 'swags', 'drop', 9)(shared);
    expect(cut(own).tiers[1]).toBe(cut(shared).tiers[1]);
    expect(cut(own).tiers[0]).not.toBe(cut(shared).tiers[0]);
  });

  it('leaves a tier, becomes its own again, and goes with the last of its tiers', () => {
    expect(worn(takeOff('top', 'pearls-2')(shared))[0]).toEqual(['swags']);
    const own = onThisTier('top', 'pearls-2')(shared);
    expect(worn(own)[0]).toEqual(['swags', 'pearls-2-own']);
    expect(tiersUnder(own, 'pearls-2')).toHaveLength(1);
    expect(removeTier(two.tiers[1]!.id)(own).dressings).toEqual([]);
    expect(tiersUnder(copyTier('top')(shared), 'pearls-2')).toHaveLength(3);
  });

  it('stands on the marks that its tier has', () => {
    const other = onDivision('top', 'marks', (d) => ({ ...d, id: 'halves' }))(shared);
    expect(cut(other).tiers[0]!.dressings.at(-1)!.division).toBe('halves');
  });

  it('changes places among its like, and is merged by its name', () => {
    const more = onEveryTier('top', 'swags')(shared);
    const names = (plan: Plan) => plan.dressings.map((d) => d.dressing.id);
    expect(names(more)).toEqual(['pearls-2', 'swags-2']);
    expect(names(moveDressing('top', 'swags-2', -1)(more))).toEqual(['swags-2', 'pearls-2']);
    const mine = setting('top', 'swags-2', 'drop', 7)(more);
    const theirs = setting('top', 'pearls-2', 'rows', 4)(more);
    const both = merged(more, mine, theirs);
    expect(both.dressings.map((d) => d.dressing.settings)).toEqual([{ rows: 4 }, { drop: 7 }]);
  });

  it('keeps an end of its stretch in degrees', () => {
    const part = onDressing('top', 'pearls-2', (d) => ({ ...d, stretch: { from: -90, to: 90 } }))(shared);
    expect(dressingOf(stretchEnd('top', 'pearls-2', 'to', 30)(part), 'top', 'pearls-2')?.stretch).toEqual({
      from: -90,
      to: 30,
    });
    expect(stretchEnd('top', 'pearls-2', 'to', 30)(shared).dressings).toEqual(shared.dressings);
  });
});

describe('a setting', () => {
  it('is set on its dressing alone', () => {
    expect(tier(setting('top', 'swags', 'drop', 20)(samplePlan())).dressings[0]!.settings).toEqual({
      drop: 20,
    });
    expect(setting('top', 'other', 'drop', 20)(samplePlan())).toEqual(samplePlan());
  });

  it('courses are put on, moved among one another and taken off', () => {
    const two = addDressing('top', 'pearls', { division: 'marks', covers: true, surface: 'top' })(
      samplePlan(),
    );
    const ids = (plan: Plan) => tier(plan).dressings.map((d) => d.id);
    expect(ids(two)).toEqual(['swags', 'pearls']);
    expect(tier(two).dressings[1]!.covers).toBe(true);
    expect(ids(moveDressing('top', 'pearls', -1)(two))).toEqual(['pearls', 'swags']);
    expect(moveDressing('top', 'pearls', 1)(two).tiers[0]).toBe(two.tiers[0]);
    expect(ids(takeOff('top', 'swags')(two))).toEqual(['pearls']);
    expect(ids(putOn('top', { ...tier(two).dressings[0]!, id: 'swags-2' })(two))).toHaveLength(3);
  });

  it.each([
    ['from', 20, { from: { edge: 'foot', mm: 20 }, to: { edge: 'top', mm: 8 } }],
    ['to', 100, { from: { edge: 'foot', mm: 10 }, to: { edge: 'top', mm: 18 } }],
  ] as const)('the %s edge of a zone goes to %d and keeps where it is told from', (edge, z, told) => {
    const plan = zoneEdge('top', 'swags', edge, z, { foot: 10, top: 110 }, 118)(samplePlan());
    expect(tier(plan).dressings[0]!.zone).toEqual(told);
  });
});
