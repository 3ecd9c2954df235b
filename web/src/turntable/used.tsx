import { useState } from 'react';
import { NumberField } from '../ui/number';
import { tell } from '../ui/toasts';
import type { Now } from './flow';
import type { Journal } from './journal';

/** What was weighed for this step, and what broke: both go to the notebook. */
export function UsedOrBroken({ now, journal, close }: { now: Now; journal: Journal; close: () => void }) {
  const [broke, setBroke] = useState(1);
  const step = now.step.key.id;
  const noted = (words: string, id: string) => {
    tell(words, { label: 'Undo', run: () => void journal.add({ kind: 'undo', step, about: id }) });
    close();
  };
  return (
    <div className="flex flex-col gap-5">
      <section aria-label="Pieces that broke">
        <h3 className="mb-2 font-semibold">Pieces that broke</h3>
        <div className="grid grid-cols-[64px_1fr_64px] items-stretch gap-2">
          <button
            type="button"
            aria-label="One less"
            onClick={() => setBroke(Math.max(1, broke - 1))}
            className="min-h-16 rounded-md border-2 border-ink/40 text-[1.6rem] font-semibold"
          >
            −
          </button>
          <button
            type="button"
            onClick={() => {
              const line = journal.add({ kind: 'broken', step, amount: broke });
              noted(broke === 1 ? 'One broke: it is noted.' : `${broke} broke: it is noted.`, line.id);
            }}
            className="min-h-16 rounded-md border-2 border-ink bg-bench text-[1.3rem] font-semibold text-on-bench"
          >
            {broke} broke
          </button>
          <button
            type="button"
            aria-label="One more"
            onClick={() => setBroke(broke + 1)}
            className="min-h-16 rounded-md border-2 border-ink/40 text-[1.6rem] font-semibold"
          >
            +
          </button>
        </div>
      </section>
      <section aria-label="Grams used">
        <h3 className="mb-2 font-semibold">Grams used</h3>
        <NumberField
          label="The bag before, less the bag after"
          suffix="g"
          value={null}
          mayBeEmpty
          onNumber={async (grams) => {
            if (grams !== null && grams > 0 && grams <= 20_000) {
              const line = journal.add({ kind: 'used', step, amount: grams });
              noted(`${grams} g used: it is noted.`, line.id);
              return null;
            }
            return grams === null
              ? null
              : {
                  type: 'refused',
                  title: 'Not possible',
                  status: 400,
                  detail: `${grams} g is outside 0.01 to 20000. Weigh the bag before and after.`,
                };
          }}
        />
      </section>
    </div>
  );
}
