import { useEffect } from 'react';

/** The window's title says what is looked at. */
export function useTitle(words: string): void {
  useEffect(() => {
    document.title = `${words} · Sectorum`;
    return () => {
      document.title = 'Sectorum';
    };
  }, [words]);
}
