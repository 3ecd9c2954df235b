import type { Plan } from '../api/client';

/** Whether a tier has the same on it and under it in both plans: its ledge and its board are bounded by them. */
export function isBoundAlike(before: Plan, i: number, after: Plan, j: number): boolean {
  const [above, other] = [before.tiers[i + 1], after.tiers[j + 1]];
  return (
    above?.id === other?.id &&
    above?.outline === other?.outline &&
    above?.coats === other?.coats &&
    above?.readings === other?.readings &&
    before.stand?.shifts === after.stand?.shifts &&
    (i === 0) === (j === 0) &&
    (i > 0 || before.table?.base === after.table?.base)
  );
}
