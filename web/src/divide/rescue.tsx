import { useState } from 'react';
import { api, type Rescue as Found, type Offer, problemOf } from '../api/client';
import { useOpen, usePlan, useTier } from '../plan/context';
import { onDivision } from '../plan/edits';
import { Button } from '../ui/button';
import { tell } from '../ui/toasts';
import { CountField, LengthField } from '../ui/typed';
import { useBench, usePreferences } from '../units/preferences';
import { length, lengthParts } from '../units/units';

const LOOKS = { unnoticed: 'nobody notices', shows: 'shows if one looks', plain: 'is plain to see' };

/** Came out wrong half way: where the work stands, and three ways out. */
export function Rescue({ division }: { division: string }) {
  const { editor } = useOpen();
  const plan = usePlan();
  const { tier, worked } = useTier();
  const { unit } = usePreferences();
  const { data: bench } = useBench();
  const divided = worked.divisions.find((d) => d.id === division)!;
  const [placed, setPlaced] = useState(Math.max(1, Math.floor(divided.count / 2)));
  const [reads, setReads] = useState<number | null>(null);
  const [found, setFound] = useState<Found | null>(null);

  const ask = async (k: number, mm: number | null) => {
    if (mm === null || bench === undefined) {
      setPlaced(k);
      return null;
    }
    try {
      setFound(await api.rescue({ plan, tier: tier.id, division, placed: k, reads: mm, bench }));
      setPlaced(k);
      setReads(mm);
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
  const apply = async (offer: Offer) => {
    const locked = Object.entries(offer.locks).map(([mark, s]) => ({ mark: Number(mark), s }));
    await editor.edit(onDivision(tier.id, division, (d) => ({ ...d, count: offer.count, locked })));
    setFound(null);
    setReads(null);
    tell('The new marks hold; the rest is spread between them.', {
      label: 'Undo',
      run: () => void editor.undo(),
    });
  };

  if (divided.count < 2) {
    return null;
  }
  return (
    <section aria-label="Rescue">
      <h2 className="mb-1 font-semibold">Came out wrong half way?</h2>
      <div className="flex items-start gap-3">
        <CountField label="Sections placed" value={placed} onCount={(k) => ask(k, reads)} />
        <LengthField
          label="The last ends at"
          field="rescue.reads"
          mm={reads}
          mayBeEmpty
          placeholder={length(divided.marks[placed % divided.count]!.tape, unit)}
          onLength={(mm) => ask(placed, mm)}
        />
      </div>
      {found ? (
        <div className="mt-2 flex flex-col gap-2.5">
          <p className="note">
            {Math.abs(found.gap) < 0.05
              ? 'It is where it should be.'
              : found.gap > 0
                ? `${length(found.gap, unit)} are left over for the rest.`
                : `The rest lacks ${length(-found.gap, unit)}.`}
          </p>
          {found.offers.map((offer) => (
            <div key={offer.kind} data-offer={offer.kind} className="border border-ink/30 bg-paper px-3 py-2">
              <p className="text-[0.97rem]">{words(offer, placed, unit)}</p>
              <Strip offer={offer} around={worked.form.foot.mm} />
              <p className="note">
                next marks{' '}
                {offer.ends
                  .slice(1, -1)
                  .slice(0, 4)
                  .map((s) => lengthParts(s, unit).number)
                  .join(', ')}
                {offer.ends.length > 6 ? ' …' : ''}
              </p>
              <Button className="mt-1" onClick={() => apply(offer)}>
                {offer.kind === 'spread'
                  ? 'Spread it'
                  : offer.kind === 'hide'
                    ? 'Hide it at the back'
                    : `Take ${offer.count}`}
              </Button>
            </div>
          ))}
        </div>
      ) : null}
    </section>
  );
}

function words(offer: Offer, placed: number, unit: Parameters<typeof length>[1]): string {
  const size = length(offer.size, unit);
  switch (offer.kind) {
    case 'spread':
      return `The other ${offer.count - placed} become ${size} each, which ${LOOKS[offer.looks]}.`;
    case 'one_more':
      return `One more: ${offer.count - placed} of ${size} each, which ${LOOKS[offer.looks]}.`;
    case 'one_fewer':
      return `One fewer: ${offer.count - placed} of ${size} each, which ${LOOKS[offer.looks]}.`;
    default:
      return `Keep the size, and let the last ${offer.hidden} at the back be ${size}, which ${LOOKS[offer.looks]}.`;
  }
}

/** The side from seam to seam: what is placed dark, what is to come light. */
function Strip({ offer, around }: { offer: Offer; around: number }) {
  const x = (s: number) => (s / around) * 200;
  return (
    <svg viewBox="0 0 200 22" className="my-1 block h-[22px] w-full" aria-hidden="true">
      <rect x={0.5} y={3} width={199} height={16} fill="var(--color-sheet)" stroke="var(--color-ink)" />
      <rect
        x={0.5}
        y={3}
        width={x(offer.ends[0]!)}
        height={16}
        fill="var(--color-wash)"
        stroke="var(--color-ink)"
      />
      {offer.ends.map((s, i) => (
        <line
          key={i}
          x1={x(s)}
          x2={x(s)}
          y1={3}
          y2={19}
          stroke={i === 0 ? 'var(--color-pin)' : 'var(--color-ink)'}
          strokeWidth={i === 0 ? 2.5 : 1}
        />
      ))}
    </svg>
  );
}
