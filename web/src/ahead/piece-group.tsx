import type { ReactNode } from 'react';
import type { OwnPiece, Problem } from '../api/client';

export type ChangePiece = (next: (p: OwnPiece) => OwnPiece) => Promise<Problem | null>;

/** Fields that belong together, under a few words. */
export function Group({ name, children }: { name: string; children: ReactNode }) {
  return (
    <section aria-label={name} className="border-t border-ink/25 pt-2.5 pb-3.5">
      <h2 className="mb-1.5 text-[0.95rem] font-semibold text-soft">{name}</h2>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-3">{children}</div>
    </section>
  );
}
