import { useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Plan, problemOf, type WorkshopSettings } from '../api/client';
import { usePlanId } from '../plan/use';

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

/** The workshop's hours, hands and places settled; the days are planned again. */
export function useSettle() {
  const client = useQueryClient();
  return async (change: (settings: WorkshopSettings) => WorkshopSettings) => {
    try {
      const settings = await client.fetchQuery({ queryKey: ['workshop'], queryFn: api.workshop });
      const settled = await api.settle(change(settings));
      client.setQueryData(['workshop'], settled);
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
