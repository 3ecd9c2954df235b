import { useState } from 'react';
import type { Divided } from '../api/client';
import { Choice } from '../ui/choice';
import { usePreferences } from '../units/preferences';
import { lengthParts } from '../units/units';

/** Every mark's place on the tape, to be read off while the hand marks. */
export function Marks({ divided }: { divided: Divided }) {
  const { unit } = usePreferences();
  const [zero, setZero] = useState<'seam' | 'first'>('seam');
  return (
    <div>
      <div className="mb-1.5 flex flex-wrap items-end justify-between gap-3">
        <h2 className="text-[1.02rem] font-semibold">
          Marks on the tape, in {unit === 'inch' ? 'inches' : unit}
        </h2>
        <Choice
          label="Zero of the tape at"
          hideLabel
          value={zero}
          options={[
            { name: 'seam', label: 'from the back seam' },
            { name: 'first', label: 'from the first mark' },
          ]}
          onChoice={setZero}
        />
      </div>
      <ol
        aria-label="Marks on the tape"
        className="grid max-h-44 grid-cols-[repeat(auto-fill,minmax(78px,1fr))] overflow-auto border-t border-l border-ink/20"
      >
        {divided.marks.map((mark) => (
          <li
            key={mark.number}
            className="flex items-baseline justify-between gap-2 border-r border-b border-ink/20 bg-sheet px-2 py-1"
          >
            <span className={`text-[0.86rem] ${mark.locked ? 'font-bold text-pin' : 'text-soft'}`}>
              {mark.number}
            </span>
            <span className="font-semibold">
              {lengthParts(zero === 'seam' ? mark.tape : mark.fromFirst, unit).number}
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}
