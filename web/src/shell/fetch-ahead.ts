import type { QueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { beginOpening } from '../plan/ahead';
import { benchQuery } from '../units/preferences';
import { Fetched, stages } from './screens';

export const pages = new Fetched<'plan'>({
  plan: () => import('./plan-screen').then((m) => m.PlanScreen),
});

/**
 * What the page at this address will ask for one after the other is asked for at once, before anything is drawn.
 *
 * @returns settled when its screens have come, or will not
 */
export async function fetchAhead(path: string, client: QueryClient): Promise<void> {
  const [, id, stage = 'measure'] = /^\/plan\/(\d+)(?:\/([^/]+))?\/?$/.exec(path) ?? [];
  if (id === undefined || !stages.has(stage)) {
    return;
  }
  const opened = beginOpening(Number(id));
  // Where that does not come the bench is asked for by itself, again and again like anything that a page needs.
  void client.prefetchQuery({
    ...benchQuery,
    queryFn: () =>
      opened.then(
        (o) => o.bench,
        () => api.bench(),
      ),
  });
  await Promise.all([pages.ahead('plan'), stages.ahead(stage)]);
}
