import { type ReactNode, useDeferredValue } from 'react';

/** A heavy drawing comes after the words beside it are painted: on first sight a slow processor shows those at once. */
export function Later({ high, children }: { high: number; children: () => ReactNode }) {
  const drawn = useDeferredValue(true, false);
  return drawn ? children() : <div style={{ minHeight: high }} />;
}
