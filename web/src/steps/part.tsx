import type { ReactNode } from 'react';
import type { Handover } from '../api/client';

/** A part of a sheet that goes out with the cake. */
export function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-t border-ink/30 py-3" aria-label={title}>
      <h2 className="heading mb-1 text-[1.08rem]">{title}</h2>
      {children}
    </section>
  );
}

/** What people must be told that it holds, and from what; what must not be in it stands out. */
export function Allergens({ sheet }: { sheet: Pick<Handover, 'allergens' | 'unwanted'> }) {
  return (
    <Part title="Allergens">
      {sheet.allergens.map((a) => (
        <p key={a.name}>
          <b>{a.name}</b> <span className="text-soft">{a.from.join('; ')}</span>
        </p>
      ))}
      {sheet.allergens.length === 0 ? <p>None by the materials named. The packets rule.</p> : null}
      {sheet.unwanted ? (
        <p className="mt-1 border-l-4 border-stop bg-stop-ground px-3 py-1.5">
          Asked to be free of: {sheet.unwanted}
        </p>
      ) : null}
    </Part>
  );
}
