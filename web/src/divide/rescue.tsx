import { useEffect, useState } from 'react';
import { api, type Rescue as Found, type Offer, problemOf } from '../api/client';
import { useOpen, usePlan, useTier } from '../plan/context';
import { onDivision } from '../plan/edits';
import { Button } from '../ui/button';
import { tell } from '../ui/toasts';
import { CountField, LengthField } from '../ui/typed';
import { useBench, usePreferences } from '../units/preferences';
import { length, lengthParts } from '../units/units';

const LOOKS = { unnoticed: 'nobody notices', shows: 'shows if one looks', plain: 'is plain to see' };

interface Props {
  division: string;
  /** Sections that are placed, where that is known. */
  begun?: number | undefined;
  /** Where the last of them ends, where that was read, mm. */
  reads?: number | null;
  /** After a way out was taken, with what was done. */
  onApplied?: (said: string) => void;
}

/** Came out wrong half way: where the work stands, and three ways out. */
export function Rescue({ division, begun, reads: read = null, onApplied }: Props) {
  const { editor } = useOpen();
  const plan = usePlan();
  const { tier, worked } = useTier();
  const { unit } = usePreferences();
  const { data: bench } = useBench();
  const divided = worked.divisions.find((d) => d.id === division)!;
  const [placed, setPlaced] = useState(begun ?? Math.max(1, Math.floor(divided.count / 2)));
  const [reads, setReads] = useState<number | null>(read);
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
  // What was read elsewhere is asked about at once.
  // biome-ignore lint/correctness/useExhaustiveDependencies: once, with the tape in hand
  useEffect(() => {
    if (read !== null) {
      void ask(placed, read);
    }
  }, [bench]);
  const apply = async (offer: Offer) => {
    const locked = Object.entries(offer.locks).map(([mark, s]) => ({ mark: Number(mark), s }));
    await editor.edit(onDivision(tier.id, division, (d) => ({ ...d, count: offer.count, locked })));
    onApplied?.(
      `${placed} sections placed, the last ends at ${length(reads ?? 0, unit)}. ${words(offer, placed, unit)}`,
    );
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
              <Strip
                label="before"
                around={worked.form.foot.mm}
                from={divided.marks[placed % divided.count]!.s}
                ends={divided.marks.slice(placed % divided.count || divided.count).map((m) => m.s)}
              />
              <Strip label="after" around={worked.form.foot.mm} from={offer.ends[0]!} ends={offer.ends} />
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
function Strip({
  label,
  around,
  from,
  ends,
}: {
  label: string;
  around: number;
  from: number;
  ends: readonly number[];
}) {
  const x = (s: number) => (s / around) * 200;
  return (
    <div className="my-1 flex items-center gap-2">
      <span className="w-12 shrink-0 text-[0.86rem] text-soft">{label}</span>
      <svg
        viewBox="0 0 200 18"
        preserveAspectRatio="none"
        className="block h-[18px] w-full"
        aria-hidden="true"
      >
        <rect x={0.5} y={1} width={199} height={16} fill="var(--color-sheet)" stroke="var(--color-ink)" />
        <rect x={0.5} y={1} width={x(from)} height={16} fill="var(--color-wash)" stroke="var(--color-ink)" />
        {[from, ...ends].map((s, i) => (
          <line
            key={i}
            x1={x(s)}
            x2={x(s)}
            y1={1}
            y2={17}
            stroke={i === 0 ? 'var(--color-pin)' : 'var(--color-ink)'}
            strokeWidth={i === 0 ? 2.5 : 1}
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
    </div>
  );
}
