import type { ReactNode } from 'react';

/** A stage's own drawing, and right of it the ledger. */
export function Stage({ main, ledger }: { main: ReactNode; ledger: ReactNode }) {
  return (
    <>
      <main className="min-w-0 overflow-x-hidden px-6 py-5 max-md:px-4">{main}</main>
      <aside
        aria-label="Ledger"
        className="sticky top-0 flex h-[calc(100dvh-73px)] flex-col gap-4 overflow-y-auto border-l-[1.5px] border-ink bg-sheet px-5 py-5 max-md:static max-md:h-auto max-md:border-t max-md:border-l-0"
      >
        {ledger}
      </aside>
    </>
  );
}
