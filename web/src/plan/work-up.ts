import { api, type Bench, type Plan, type StackWorkup } from '../api/client';
import { isBoundAlike } from './bound';
import { cut } from './cut';
import type { EditorState } from './editor-state';
import { shared, sharedTier } from './shared';

/**
 * What follows from a document. Tiers that an edit left alone are not asked for again, where it also left alone what bounds
 * them: nothing else matters to them.
 *
 * @param anew all of them are asked for, as when the tape in hand or the shelf changed
 */
export async function workUp(
  { history, workup: now }: Pick<EditorState, 'history' | 'workup'>,
  plan: Plan,
  bench: Bench,
  anew: boolean,
): Promise<StackWorkup> {
  const worn = cut(plan).tiers;
  const before = cut(history.present).tiers;
  const known = (i: number) => {
    const at = anew ? -1 : before.indexOf(worn[i]!);
    return at >= 0 && isBoundAlike(history.present, at, plan, i) ? now.tiers[at] : undefined;
  };
  const only = plan.tiers.filter((_, i) => known(i) === undefined).map((t) => t.id);
  const answer = await api.workup(plan, bench, only.length === plan.tiers.length ? undefined : only);
  const tiers = plan.tiers.map((tier, i) => {
    const fresh = answer.tiers.find((t) => t.id === tier.id);
    const last = now.tiers.find((t) => t.id === tier.id);
    return known(i) ?? sharedTier(last, fresh!);
  });
  return { tiers, ledges: shared(now.ledges, answer.ledges), rates: shared(now.rates, answer.rates) };
}
