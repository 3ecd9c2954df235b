import { useState } from 'react';
import type { Changed } from '../api/client';
import { useOpen, useTier } from '../plan/context';
import { acceptReadings } from '../plan/edits';
import { Button } from '../ui/button';
import { usePreferences } from '../units/preferences';
import { quantity } from '../units/units';

const FEW = 6;

/** What a new reading changed, old beside new, until it is accepted. Shown in the ledger of every stage. */
export function WhatChanged() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { unit } = usePreferences();
  const [all, setAll] = useState(false);
  if (tier.accepted === undefined) {
    return null;
  }
  const rows: Changed[] = worked.changed;
  return (
    <section aria-label="Since the new reading" className="border-l-4 border-pin bg-paper px-3.5 py-2.5">
      <h2 className="mb-1 font-semibold">Since the new reading</h2>
      {rows.length === 0 ? <p className="note">Nothing moved by as much as a hand could measure.</p> : null}
      <table className="w-full text-[0.95rem]">
        <tbody>
          {(all ? rows : rows.slice(0, FEW)).map((r) => (
            <tr key={`${r.group}${r.label}`} className="border-b border-dotted border-ink/25">
              <th className="py-0.5 pr-2 text-left font-normal">{r.label}</th>
              <td className="pr-2 text-right text-soft line-through decoration-1">
                {quantity(r.before, unit)}
              </td>
              <td className="text-right font-semibold whitespace-nowrap">{quantity(r.after, unit)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button look="main" onClick={() => editor.edit(acceptReadings(tier.id))}>
          Accept
        </Button>
        {rows.length > FEW ? (
          <Button onClick={() => setAll(!all)}>{all ? 'Fewer' : `All ${rows.length}`}</Button>
        ) : null}
      </div>
    </section>
  );
}
