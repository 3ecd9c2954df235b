import { type Dressing, isShownOf, type Plan, type Tier } from '../api/client';

const cuts = new WeakMap<Plan, Plan>();

/**
 * The plan with what goes over several tiers put on each of them, on top of its own: what is drawn and told of. Edits are
 * made on the document itself.
 */
export function cut(plan: Plan): Plan {
  if (!plan.dressings?.length) {
    return plan;
  }
  let made = cuts.get(plan);
  if (made === undefined) {
    made = { ...plan, tiers: plan.tiers.map((tier) => wearing(plan, tier)), dressings: [] };
    cuts.set(plan, made);
    isShownOf(made, plan);
  }
  return made;
}

/** A tier in what goes over it, by the tier and each of those: what an edit left alone stays the same. */
interface Worn {
  made?: Tier;
  more: WeakMap<object, Worn>;
}
const worn: Worn = { more: new WeakMap() };

function wearing(plan: Plan, tier: Tier): Tier {
  const over = plan.dressings.filter((d) => d.tiers.includes(tier.id)).map((d) => d.dressing);
  if (over.length === 0) {
    return tier;
  }
  let here = worn;
  for (const key of [tier, ...over]) {
    const next = here.more.get(key) ?? { more: new WeakMap() };
    here.more.set(key, next);
    here = next;
  }
  here.made ??= { ...tier, dressings: [...tier.dressings, ...over.map((d) => onMarks(d, tier))] };
  return here.made;
}

const onMarks = (dressing: Dressing, tier: Tier): Dressing =>
  tier.divisions.some((d) => d.id === dressing.division)
    ? dressing
    : { ...dressing, division: tier.divisions[0]!.id };

/** A dressing of a tier, its own or one that goes over several. */
export function dressingOf(plan: Plan, tier: string, id: string): Dressing | undefined {
  return (
    plan.tiers.find((t) => t.id === tier)?.dressings.find((d) => d.id === id) ??
    plan.dressings.find((d) => d.dressing.id === id && d.tiers.includes(tier))?.dressing
  );
}

/** The tiers that a dressing goes over; none where it is a tier's own. */
export function tiersUnder(plan: Plan, id: string): readonly string[] {
  return plan.dressings?.find((d) => d.dressing.id === id)?.tiers ?? [];
}
