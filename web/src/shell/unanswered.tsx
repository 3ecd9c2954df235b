import { notifyManager, type QueryClient, useQueryClient } from '@tanstack/react-query';
import { useCallback, useSyncExternalStore } from 'react';
import { Refusal } from '../api/client';

/** Something that a page needs was asked for, did not come, and is asked for again. */
export function isUnanswered(client: QueryClient): boolean {
  return client
    .getQueryCache()
    .getAll()
    .some(
      ({ state }) =>
        state.data === undefined &&
        state.fetchStatus !== 'idle' &&
        state.fetchFailureReason instanceof Refusal &&
        state.fetchFailureReason.unreachable,
    );
}

/** Over a page that cannot be shown yet: why, and that nothing has to be done. */
export function Unanswered() {
  const client = useQueryClient();
  const subscribe = useCallback(
    (heard: () => void) => client.getQueryCache().subscribe(notifyManager.batchCalls(heard)),
    [client],
  );
  return useSyncExternalStore(subscribe, () => isUnanswered(client)) ? (
    <p role="status" className="bg-stop px-5 py-2 text-sheet print:hidden">
      Sectorum does not answer just now. It is asked again until it does; what you did is kept.
    </p>
  ) : null;
}
