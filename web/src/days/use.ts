import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { api, type House, type Plan, problemOf } from '../api/client';
import { useOpen } from '../plan/context';
import type { Edit } from '../plan/edits';
import { tellBad } from '../ui/toasts';

export function usePlanId(): number {
  return Number(useParams().id);
}

/** The plan's days among the workshop's orders; the last ones stay in sight while newer ones are worked out. */
export function useDays(plan: Plan) {
  const id = usePlanId();
  return useQuery({
    queryKey: ['days', id, plan],
    queryFn: () => api.days(id, plan),
    enabled: plan.readyBy !== undefined,
    placeholderData: (before) => before,
    // The pin of now moves on.
    refetchInterval: 60_000,
  });
}

/** An edit whose refusal is told. */
export function useEdit() {
  const { editor } = useOpen();
  return async (edit: Edit) => {
    const refused = await editor.edit(edit);
    if (refused) {
      tellBad(refused.detail);
    }
    return refused;
  };
}

/** The workshop's hours, hands and places settled; the days are planned again. */
export function useSettle() {
  const client = useQueryClient();
  return async (change: (house: House) => House) => {
    try {
      const house = await client.fetchQuery({ queryKey: ['house'], queryFn: api.house });
      const settled = await api.settle(change(house));
      client.setQueryData(['house'], settled);
      await Promise.all([
        client.invalidateQueries({ queryKey: ['days'] }),
        client.invalidateQueries({ queryKey: ['savings'] }),
      ]);
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
}

/** The plan's own pieces, worked out. */
export function usePieces(plan: Plan) {
  const id = usePlanId();
  return useQuery({
    queryKey: ['pieces', id, plan.pieces, plan.table?.humidity],
    queryFn: () => api.pieces(plan),
    enabled: plan.pieces.length > 0,
    placeholderData: (before) => before,
  });
}
