import { type Dressing, isShownOf, type Plan, type PlanDressing, type Tier } from '../api/client';

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

const LEDGE = '-ledge';

/** The name under which what goes over several tiers lies on the level part above a side. */
export const levelled = (id: string): string => id.slice(0, 40 - LEDGE.length) + LEDGE;

/** Whether a course shown by that name is of what goes over several tiers, on a side or on the level part above it. */
export const isOf =
  (id: string) =>
  (over: PlanDressing): boolean =>
    over.dressing.id === id || (over.across !== undefined && levelled(over.dressing.id) === id);

/** What goes over several tiers as a tier wears it. */
function onTier(plan: Plan, tier: Tier): Dressing[] {
  const top = plan.tiers.at(-1)?.id === tier.id;
  return plan.dressings
    .filter((d) => d.tiers.includes(tier.id))
    .flatMap(({ dressing, across }) => {
      const side = onMarks(dressing, tier);
      const { zone: _, ...rest } = side;
      return across === 'top' || (across === 'ledges' && !top)
        ? [side, { ...rest, id: levelled(dressing.id), surface: 'top' as const }]
        : [side];
    });
}

function wearing(plan: Plan, tier: Tier): Tier {
  const over = plan.dressings.filter((d) => d.tiers.includes(tier.id));
  if (over.length === 0) {
    return tier;
  }
  let here = worn;
  for (const key of [tier, ...over]) {
    const next = here.more.get(key) ?? { more: new WeakMap() };
    here.more.set(key, next);
    here = next;
  }
  here.made ??= { ...tier, dressings: [...tier.dressings, ...onTier(plan, tier)] };
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
    plan.dressings.find((d) => isOf(id)(d) && d.tiers.includes(tier))?.dressing
  );
}

/** The tiers that a dressing goes over; none where it is a tier's own. */
export function tiersUnder(plan: Plan, id: string): readonly string[] {
  return plan.dressings?.find(isOf(id))?.tiers ?? [];
}
