import { lazy, Suspense } from 'react';
import type { Plan } from '../api/client';
import { useGoTo } from './goto-open';

const GoToDialog = lazy(() => import('./goto-dialog').then((m) => ({ default: m.GoToDialog })));

/** Fetched when it is asked for. */
export function GoTo(props: { id?: number | undefined; plan?: Plan | undefined }) {
  const open = useGoTo((s) => s.open);
  return open ? (
    <Suspense>
      <GoToDialog {...props} />
    </Suspense>
  ) : null;
}
