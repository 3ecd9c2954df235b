import { useCallback, useState } from 'react';
import { useLocation } from 'react-router';

/** What was chosen on a page outlives a reload and going back to it, in this window. */
export function useKept<T>(name: string, usual: T): [T, (value: T) => void] {
  const { pathname } = useLocation();
  const key = `sectorum.kept.${pathname}.${name}`;
  const [held, setHeld] = useState<{ key: string; value: T }>(() => ({ key, value: read(key, usual) }));
  const value = held.key === key ? held.value : read(key, usual);
  const set = useCallback(
    (next: T) => {
      setHeld({ key, value: next });
      try {
        sessionStorage.setItem(key, JSON.stringify(next));
      } catch {
        // Then it is forgotten with the page.
      }
    },
    [key],
  );
  return [value, set];
}

export function read<T>(key: string, usual: T): T {
  try {
    const kept = sessionStorage.getItem(key);
    return kept === null ? usual : (JSON.parse(kept) as T);
  } catch {
    return usual;
  }
}
