import type { DivisionSpec, Dressing, Mend, Plan, Reading, Tier } from '../api/client';

/** An edit is a pure function of documents; what it does not touch keeps its identity. */
export type Edit = (plan: Plan) => Plan;

const replaced = <T>(list: readonly T[], is: (each: T) => boolean, change: (each: T) => T): T[] =>
  list.map((each) => (is(each) ? change(each) : each));

export function onTier(id: string, change: (tier: Tier) => Tier): Edit {
  return (plan) => ({ ...plan, tiers: replaced(plan.tiers, (t) => t.id === id, change) });
}

export function onDivision(tier: string, id: string, change: (spec: DivisionSpec) => DivisionSpec): Edit {
  return onTier(tier, (t) => ({ ...t, divisions: replaced(t.divisions, (d) => d.id === id, change) }));
}

export function onDressing(tier: string, id: string, change: (dressing: Dressing) => Dressing): Edit {
  return onTier(tier, (t) => ({ ...t, dressings: replaced(t.dressings, (d) => d.id === id, change) }));
}

export function setting(tier: string, dressing: string, field: string, value: unknown): Edit {
  return onDressing(tier, dressing, (d) => ({ ...d, settings: { ...d.settings, [field]: value } }));
}

/** Another count frees the marks moved by hand: they belonged to the old one. */
export function count(tier: string, division: string, n: number): Edit {
  return onDivision(tier, division, (d) => (d.count === n ? d : { ...d, count: n, locked: [] }));
}

/** The one reading of a kind that is not a height replaces those before it; none takes them away. */
export function reading(tier: string, what: Reading['what'], mm: number | null, at: string): Edit {
  return onTier(tier, (t) => {
    const others = t.readings.filter((r) => r.what !== what);
    return { ...t, readings: mm === null ? others : [...others, { what, mm, spot: 0, at }] };
  });
}

/** A name that nothing in the list has yet: `swag`, `swag-2`, … */
export function freeId(wish: string, taken: readonly { id: string }[]): string {
  const has = (id: string) => taken.some((t) => t.id === id);
  let n = 1;
  while (has(n === 1 ? wish : `${wish}-${n}`)) {
    n++;
  }
  return n === 1 ? wish : `${wish}-${n}`;
}

export function addDressing(tier: string, technique: string): Edit {
  return onTier(tier, (t) => ({
    ...t,
    dressings: [
      ...t.dressings,
      {
        id: freeId(technique, t.dressings),
        technique,
        division: t.divisions[0]!.id,
        resting: false,
        settings: {},
      },
    ],
  }));
}

/** Where a mend's changes go: the dressing and the division its finding is about. */
export interface MendPlace {
  tier: string;
  division: string;
  dressing?: string;
}

/** A mend is one edit, whatever number of changes it makes. */
export function mend(place: MendPlace, { changes }: Mend): Edit {
  const edits = changes.map(({ target, field, value }): Edit => {
    switch (target) {
      case 'setting':
        return setting(place.tier, place.dressing ?? '', field, value);
      case 'division':
        return field === 'count'
          ? count(place.tier, place.division, Number(value))
          : onDivision(place.tier, place.division, (d) => ({ ...d, [field]: value }));
      default:
        return onTier(place.tier, (t) => ({ ...t, [field]: value }));
    }
  });
  return (plan) => edits.reduce((changed, edit) => edit(changed), plan);
}
