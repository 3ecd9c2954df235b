import { useQuery } from '@tanstack/react-query';
import { type PointerEvent, useCallback, useRef, useState } from 'react';
import { api, type CoverUp, type Fault, problemOf, type Worn } from '../api/client';
import { Band, type BandScale } from '../band/band';
import { useColours } from '../dress/chosen';
import { useOpen, usePlan, useTier } from '../plan/context';
import { addPiece } from '../plan/document-edits';
import { onTier } from '../plan/edits';
import { Choice } from '../ui/choice';
import { tell } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { span } from '../units/time';
import { length, mass, say } from '../units/units';
import type { Now } from './flow';
import type { Journal } from './journal';

interface Props {
  now: Now;
  journal: Journal;
  close: () => void;
}

type Kind = Fault['kind'];
const KINDS: { name: Kind; label: string }[] = [
  { name: 'gap', label: 'A gap' },
  { name: 'bruise', label: 'A bruise' },
  { name: 'tear', label: 'A torn edge' },
  { name: 'broken', label: 'A broken point' },
];

/** A tap alone marks a fault of this size, mm. */
const TAPPED_MM = 12;

interface Marked {
  s: number;
  z: number;
  width: number;
  height: number;
}

/** From fault to design: its place and size are pressed on the band, and what the plan already wears covers it. */
export function CoverFault({ now, journal, close }: Props) {
  const plan = usePlan();
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { unit } = usePreferences();
  const [kind, setKind] = useState<Kind>('bruise');
  const [marked, setMarked] = useState<Marked | null>(null);
  const [mirrored, setMirrored] = useState<boolean | null>(null);
  const ofPlan = useColours();
  const colours = useCallback((w: Worn) => ofPlan(worked, w), [ofPlan, worked]);
  const fault: Fault | null = marked ? { kind, tier: tier.id, ...marked } : null;
  const { data, error } = useQuery({
    queryKey: ['cover-ups', plan, fault, mirrored],
    queryFn: () => api.coverUps({ plan, fault: fault!, ...(mirrored === null ? {} : { mirrored }) }),
    enabled: fault !== null,
  });
  const take = async (offer: CoverUp) => {
    const refused = await editor.edit((newest) => {
      const dressed = onTier(tier.id, (t) => ({ ...t, dressings: [...t.dressings, ...offer.dressings] }))(
        newest,
      );
      return offer.pieces.reduce((p, piece) => addPiece(piece)(p), dressed);
    });
    if (refused) {
      tell(refused.detail);
      return;
    }
    journal.add({
      kind: 'note',
      step: now.step.key.id,
      about: `Covered ${KINDS.find((k) => k.name === kind)!.label.toLowerCase()} on ${tier.name}: ${say(offer.what, unit)}`,
    });
    tell('It is in the plan, with its paste and minutes.', { label: 'Undo', run: () => void editor.undo() });
    close();
  };
  return (
    <div className="flex flex-col gap-3">
      <Choice label="What it is" value={kind} options={KINDS} onChoice={setKind} />
      <p>Press one corner of it on the band and draw over it; a tap alone is {length(TAPPED_MM, unit)}.</p>
      <div className="-mx-2">
        <Band
          form={worked.form}
          divided={worked.divisions[0]!}
          dressings={worked.dressings}
          colours={colours}
          mostHeight={210}
        >
          {(scale) => (
            <Mark
              scale={scale}
              around={worked.form.foot.mm}
              high={worked.form.height.mm}
              marked={marked}
              onMarked={setMarked}
            />
          )}
        </Band>
      </div>
      {error ? <p role="alert">{problemOf(error).detail}</p> : null}
      {marked ? (
        <p className="text-[1.05rem]" data-fault>
          {length(marked.width, unit)} wide, {length(marked.height, unit)} high, {length(marked.s, unit)} from
          the back seam.
        </p>
      ) : null}
      {data ? (
        <>
          {data.balance || mirrored !== null ? (
            <Choice
              label="On the other side, too"
              value={(mirrored ?? data.balance) ? 'yes' : 'no'}
              options={[
                { name: 'yes', label: 'mirrored, for balance' },
                { name: 'no', label: 'only over it' },
              ]}
              onChoice={(v) => setMirrored(v === 'yes')}
            />
          ) : null}
          {data.why ? <p className="text-[1.1rem] font-semibold text-look">{say(data.why, unit)}</p> : null}
          <ul aria-label="What covers it" className="grid grid-cols-2 gap-3 max-md:grid-cols-1">
            {data.offers.map((offer, i) => (
              <li key={i} className="flex flex-col gap-1 border border-ink/35 bg-paper px-4 py-3">
                <p className="text-[1.15rem] font-semibold">
                  {say(offer.what, unit)}
                  {offer.own ? <span className="font-normal text-soft"> · worn already</span> : null}
                </p>
                <p>
                  {mass(offer.grams)} · {span(Math.max(1, offer.minutes))} of hands · hides{' '}
                  {Math.floor(offer.covered * 100)} %
                </p>
                <p className={offer.lacking.length > 0 ? 'text-look' : 'text-good'}>
                  {offer.lacking.length === 0
                    ? 'All of it is in stock.'
                    : `To buy: ${offer.lacking.map((l) => `${l.name}${l.colour ? `, ${l.colour}` : ''}`).join('; ')}.`}
                </p>
                <button
                  type="button"
                  onClick={() => void take(offer)}
                  className="mt-1 min-h-14 rounded-md border-2 border-ink text-[1.15rem] font-semibold hover:bg-ink/8"
                >
                  Put it into the plan
                </button>
              </li>
            ))}
          </ul>
        </>
      ) : null}
    </div>
  );
}

interface MarkProps {
  scale: BandScale;
  around: number;
  high: number;
  marked: Marked | null;
  onMarked: (marked: Marked) => void;
}

/** The fault as it is drawn over the band by the hand. */
function Mark({ scale, around, high, marked, onMarked }: MarkProps) {
  const from = useRef<{ s: number; z: number } | null>(null);
  const [live, setLive] = useState<Marked | null>(null);
  const box = useRef<SVGRectElement>(null);
  const place = (e: PointerEvent) => {
    const svg = box.current!.ownerSVGElement!.getBoundingClientRect();
    const s = (e.clientX - svg.left - scale.x(0)) / scale.k;
    const z = (scale.y(0) - (e.clientY - svg.top)) / scale.k;
    return { s: Math.max(0, Math.min(around - 0.01, s)), z: Math.max(0, Math.min(high, z)) };
  };
  const between = (a: { s: number; z: number }, b: { s: number; z: number }): Marked => {
    const width = Math.abs(a.s - b.s);
    const height = Math.abs(a.z - b.z);
    const tapped = width < 3 && height < 3;
    return {
      s: Math.round(((a.s + b.s) / 2) * 10) / 10,
      z: Math.round(((a.z + b.z) / 2) * 10) / 10,
      width: tapped ? TAPPED_MM : Math.max(2, Math.round(width)),
      height: tapped ? TAPPED_MM : Math.max(2, Math.round(height)),
    };
  };
  const shown = live ?? marked;
  return (
    <g>
      {shown ? (
        <rect
          x={scale.x(shown.s - shown.width / 2)}
          y={scale.y(shown.z + shown.height / 2)}
          width={shown.width * scale.k}
          height={shown.height * scale.k}
          fill="var(--color-pin)"
          fillOpacity={0.35}
          stroke="var(--color-pin)"
          strokeWidth={2}
        />
      ) : null}
      <rect
        ref={box}
        x={scale.x(0)}
        y={scale.y(high)}
        width={around * scale.k}
        height={high * scale.k}
        fill="transparent"
        className="cursor-crosshair touch-none"
        role="img"
        aria-label="The side: draw over the fault"
        data-fault-band
        onPointerDown={(e) => {
          e.currentTarget.setPointerCapture(e.pointerId);
          from.current = place(e);
          setLive(between(from.current, from.current));
        }}
        onPointerMove={(e) => {
          if (from.current) {
            setLive(between(from.current, place(e)));
          }
        }}
        onPointerUp={(e) => {
          if (from.current) {
            onMarked(between(from.current, place(e)));
            from.current = null;
            setLive(null);
          }
        }}
      />
    </g>
  );
}
