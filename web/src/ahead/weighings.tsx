import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import type { OwnPiece, Problem } from '../api/client';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number';

type Weighing = NonNullable<OwnPiece['resting']['weighed']>[number];

interface Props {
  weighed: readonly Weighing[];
  onWeighed: (weighed: Weighing[]) => Promise<Problem | null>;
}

/** One piece on the scale while it dries: from the third weighing on its hours are known, not guessed. */
export function Weighings({ weighed, onWeighed }: Props) {
  const [hours, setHours] = useState<number | null>(null);
  const [grams, setGrams] = useState<number | null>(null);
  const add = async () => {
    if (hours !== null && grams !== null && (await onWeighed([...weighed, { hours, grams }])) === null) {
      setHours(null);
      setGrams(null);
    }
  };
  return (
    <fieldset className="w-full">
      <legend className="text-[0.92rem] text-soft">
        Weighed while it dries{' '}
        {weighed.length < 3 ? `(${3 - weighed.length} more, and its hours are known)` : ''}
      </legend>
      <div className="mt-1 flex flex-wrap items-end gap-x-3 gap-y-2">
        {weighed.map((w, i) => (
          <span
            key={w.hours}
            className="inline-flex min-h-11 items-center gap-1 rounded-md border border-ink/35 bg-sheet pl-3"
          >
            {w.hours} h: {w.grams} g
            <button
              type="button"
              aria-label={`Take out the weighing after ${w.hours} hours`}
              onClick={() => void onWeighed(weighed.filter((_, k) => k !== i))}
              className="grid size-11 place-items-center hover:text-pin"
            >
              <X size={16} aria-hidden />
            </button>
          </span>
        ))}
        <NumberField
          label="Hours since made"
          suffix="h"
          value={hours}
          mayBeEmpty
          onNumber={(n) => {
            setHours(n);
            return Promise.resolve(null);
          }}
        />
        <NumberField
          label="Weighs"
          suffix="g"
          value={grams}
          mayBeEmpty
          onNumber={(n) => {
            setGrams(n);
            return Promise.resolve(null);
          }}
        />
        <Button onClick={() => void add()}>
          <Plus size={17} aria-hidden /> Note it
        </Button>
      </div>
    </fieldset>
  );
}
