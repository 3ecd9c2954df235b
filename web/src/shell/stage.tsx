import type { ReactNode } from 'react';

/** A stage's own drawing, and right of it the ledger. */
export function Stage({ main, ledger }: { main: ReactNode; ledger: ReactNode }) {
  return (
    <>
      <main className="min-h-0 min-w-0 overflow-x-hidden overflow-y-auto px-6 py-5 max-md:px-4">{main}</main>
      <aside
        aria-label="Ledger"
        className="flex min-h-0 flex-col gap-4 overflow-y-auto border-l-[1.5px] border-ink bg-sheet px-5 py-5 max-md:border-t max-md:border-l-0"
      >
        {ledger}
      </aside>
    </>
  );
}
