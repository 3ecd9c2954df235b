import { X } from 'lucide-react';
import { useState } from 'react';
import type { Problem, Reading } from '../api/client';
import { useOpen, useTier } from '../plan/context';
import { addReading, removeReading } from '../plan/edits';
import { Pick } from '../ui/select';
import { LengthField, TypedField } from '../ui/typed';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

/** Who reads is remembered by this browser: at a bench it is mostly the same hand. */
const READER = 'sectorum.reader';

const SPOTS = ['front', 'front right', 'right', 'back right', 'back', 'back left', 'left', 'front left'];

/** What was taped on the tier: several readings of one thing, the median of them in force. */
export function Readings() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { form } = worked;
  const [spot, setSpot] = useState(0);
  const [coat, setCoat] = useState<number | null>(null);
  const [who, setWho] = useState(() => localStorage.getItem(READER) ?? '');
  const add = async (what: Reading['what'], mm: number | null, at: number): Promise<Problem | null> => {
    if (mm === null) {
      return null;
    }
    const taken = new Date();
    const local = new Date(taken.getTime() - taken.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
    const problem = await editor.edit(
      addReading(tier.id, {
        what,
        mm,
        spot: at,
        at: local,
        ...(who === '' ? {} : { by: who }),
        ...(coat === null ? {} : { under: coat }),
      }),
    );
    if (problem === null && what === 'height') {
      setSpot((at + 1) % SPOTS.length);
    }
    return problem;
  };
  return (
    <div className="flex flex-col gap-3">
      <Row what="foot" label="Tape round the foot" known={form.foot} onAdd={(mm) => add('foot', mm, 0)} />
      <Row what="top" label="Tape round the top edge" known={form.top} onAdd={(mm) => add('top', mm, 0)} />
      <div className="flex flex-wrap items-start gap-x-4">
        <Row
          what="height"
          label="Height, covered"
          known={form.height}
          onAdd={(mm) => add('height', mm, spot)}
        />
        <Pick
          label="Measured at the"
          value={String(spot)}
          options={SPOTS.map((s, i) => ({ name: String(i), label: s }))}
          onChoice={(s) => setSpot(Number(s))}
        />
      </div>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-3">
        <TypedField
          label="Read by"
          shown={who}
          placeholder="initials"
          onTyped={async (words) => {
            const kept = words.slice(0, 12);
            localStorage.setItem(READER, kept);
            setWho(kept);
            return null;
          }}
        />
        <LengthField
          label="A coat still to come"
          field="readings.under"
          mm={coat}
          mayBeEmpty
          placeholder="none"
          onLength={async (mm) => {
            setCoat(mm);
            return null;
          }}
        />
      </div>
    </div>
  );
}

interface RowProps {
  what: Reading['what'];
  label: string;
  known: { mm: number; nominalMm: number; spreadMm: number };
  onAdd: (mm: number | null) => Promise<Problem | null>;
}

function Row({ what, label, known, onAdd }: RowProps) {
  const { editor } = useOpen();
  const { tier } = useTier();
  const { unit } = usePreferences();
  const own = tier.readings
    .map((reading, index) => ({ reading, index }))
    .filter((r) => r.reading.what === what);
  return (
    <div>
      <LengthField
        label={label}
        field={`readings.${what}`}
        mm={null}
        mayBeEmpty
        placeholder={own.length > 0 ? 'once more' : length(known.nominalMm, unit)}
        onLength={onAdd}
      />
      <ul aria-label={`Readings, ${label.toLowerCase()}`} className="mt-1.5 flex flex-wrap gap-1.5">
        {own.map(({ reading, index }) => (
          <li
            key={index}
            className="flex items-center rounded-md border border-tape-line bg-tape pl-2.5 text-tape-ink"
          >
            <span title={[reading.by, reading.at?.replace('T', ' ')].filter(Boolean).join(', ')}>
              <b>{length(reading.mm, unit)}</b>
              {what === 'height' ? ` ${SPOTS[reading.spot]}` : ''}
              {reading.under ? ` under ${length(reading.under, unit)}` : ''}
              {reading.by ? `, ${reading.by}` : ''}
            </span>
            <button
              type="button"
              aria-label={`Take away the reading ${length(reading.mm, unit)}`}
              onClick={() => editor.edit(removeReading(tier.id, index))}
              className="grid size-11 place-items-center rounded-md hover:bg-black/10"
            >
              <X size={15} aria-hidden />
            </button>
          </li>
        ))}
      </ul>
      {own.length > 1 ? (
        <p className="note mt-0.5">
          In force the middle one, {length(known.mm, unit)}; they differ by {length(known.spreadMm, unit)}.
        </p>
      ) : null}
    </div>
  );
}
