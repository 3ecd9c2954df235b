import { Plus, X } from 'lucide-react';
import type { Dressing, Problem, Seen, ZoneSpec } from '../api/client';
import { isLevel, seenOf, surfaceOf } from '../band/level';
import { useOpen, useTier } from '../plan/context';
import { addBorder, onBorder, onDressing, removeBorder, stretchEnd } from '../plan/edits';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { LengthField, WordsField } from '../ui/typed';
import { useCatalogue, usePreferences } from '../units/preferences';
import { length } from '../units/units';

interface ZoneProps {
  seen: Seen;
  zone: ZoneSpec;
  onZone: (zone: ZoneSpec) => Promise<Problem | null>;
}

/** A zone as one measures it: each edge from the foot or from the top. */
function ZoneFields({ seen, zone, onZone }: ZoneProps) {
  const level = isLevel(seen.kind);
  const edges = [
    ['from', level ? 'Outer edge' : 'Lower edge'],
    ['to', level ? 'Inner edge' : 'Upper edge'],
  ] as const;
  return (
    <div className="flex flex-col gap-2">
      {edges.map(([end, label]) => (
        <div key={end} className="flex items-end gap-2">
          <LengthField
            label={label}
            field="zone"
            mm={zone[end].mm}
            onLength={async (mm) => (mm === null ? null : onZone({ ...zone, [end]: { ...zone[end], mm } }))}
          />
          <Choice
            hideLabel
            label={`${label} measured from`}
            value={zone[end].edge}
            options={[
              { name: 'foot', label: level ? 'rim' : 'foot' },
              { name: 'top', label: level ? 'inside' : 'top' },
            ]}
            onChoice={(edge) => void onZone({ ...zone, [end]: { ...zone[end], edge } })}
          />
        </div>
      ))}
    </div>
  );
}

/** The heights that a dressing may use: its usual ones, or told. */
export function DressingZone({ dressing }: { dressing: string }) {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const spec = tier.dressings.find((d) => d.id === dressing)!;
  const zone = worked.dressings.find((w) => w.id === dressing)!.zone;
  const change = (fn: Parameters<typeof onDressing>[2]) => editor.edit(onDressing(tier.id, dressing, fn));
  const told: ZoneSpec = { from: { edge: 'foot', mm: zone.foot }, to: { edge: 'foot', mm: zone.top } };
  return (
    <div className="flex flex-col gap-2">
      <Choice
        label="Zone"
        value={spec.zone ? 'told' : 'usual'}
        options={[
          { name: 'usual', label: 'the usual' },
          { name: 'told', label: 'told' },
        ]}
        onChoice={(v) => void change(({ zone: _, ...d }) => (v === 'told' ? { ...d, zone: told } : d))}
      />
      {spec.zone ? (
        <ZoneFields
          seen={seenOf(worked.form, surfaceOf(spec))}
          zone={spec.zone}
          onZone={(z) => change((d) => ({ ...d, zone: z }))}
        />
      ) : null}
    </div>
  );
}

type EndEdit = (degrees: number | null) => Promise<Problem | null>;

/** The quarter on either side of the front: what is usually meant by part of the way. */
const FRONT_HALF = { from: -90, to: 90 };

/** How far round a dressing goes, where it need not go all round. */
export function DressingStretch({ dressing }: { dressing: Dressing }) {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const partial = useCatalogue()?.techniques.find((t) => t.id === dressing.technique)?.partial;
  const { unit } = usePreferences();
  const { stretch } = dressing;
  const change = (fn: Parameters<typeof onDressing>[2]) => editor.edit(onDressing(tier.id, dressing.id, fn));
  const end =
    (which: 'from' | 'to'): EndEdit =>
    async (degrees) =>
      degrees === null ? null : editor.edit(stretchEnd(tier.id, dressing.id, which, degrees));
  if (!partial) {
    return null;
  }
  const long = worked.dressings.find((w) => w.id === dressing.id)?.stretch?.length;
  return (
    <div className="flex flex-col gap-2">
      <Choice
        label="Goes"
        value={stretch ? 'part' : 'round'}
        options={[
          { name: 'round', label: 'all round' },
          { name: 'part', label: 'part of the way' },
        ]}
        onChoice={(v) =>
          void change(({ stretch: _, ...d }) => (v === 'part' ? { ...d, stretch: FRONT_HALF } : d))
        }
      />
      {stretch ? (
        <>
          <div className="grid grid-cols-2 gap-3">
            <NumberField label="From the front" suffix="°" value={stretch.from} onNumber={end('from')} />
            <NumberField label="to the right" suffix="°" value={stretch.to} onNumber={end('to')} />
          </div>
          <ByMarks dressing={dressing} end={end} />
          <p className="note">
            Left of the front is less than 0.{' '}
            {long === undefined ? '' : `${length(long, unit)} along the foot.`}
          </p>
        </>
      ) : null}
    </div>
  );
}

/** The same told by the marks that it goes between: a mark on the left of the front is less than 0°. */
function ByMarks({ dressing, end }: { dressing: Dressing; end: (which: 'from' | 'to') => EndEdit }) {
  const { worked } = useTier();
  const divided = worked.divisions.find((d) => d.id === dressing.division);
  const around = worked.form.foot.mm;
  const marks = divided?.marks ?? [];
  const { stretch } = dressing;
  if (!stretch || marks.length === 0) {
    return null;
  }
  const degrees = marks.map((m) => (m.s / around) * 360 - 180);
  const options = marks.map((_, k) => ({ name: String(k), label: `mark ${k + 1}` }));
  const turn = (d: number, least: number) => d + 360 * Math.ceil((least - d) / 360 - 1e-9);
  const at = (d: number) => degrees.findIndex((m) => Math.abs(((m - d + 540) % 360) - 180) < 0.05);
  const told = (value: number) => {
    const found = at(value);
    return found < 0 ? 'between' : String(found);
  };
  const between = { name: 'between', label: 'between marks' };
  const shown = (value: string) => (value === 'between' ? [between, ...options] : options);
  return (
    <div className="grid grid-cols-2 gap-3">
      <Pick
        label="From"
        value={told(stretch.from)}
        options={shown(told(stretch.from))}
        onChoice={(k) => {
          const from = degrees[Number(k)];
          return from === undefined ? undefined : void end('from')(turn(from, stretch.to - 359));
        }}
      />
      <Pick
        label="to"
        value={told(stretch.to)}
        options={shown(told(stretch.to))}
        onChoice={(k) => {
          const to = degrees[Number(k)];
          return to === undefined ? undefined : void end('to')(turn(to, stretch.from + 1));
        }}
      />
    </div>
  );
}

/** Strips of the side that are spoken for. */
export function Borders() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  return (
    <section aria-label="Borders">
      <h2 className="font-semibold">Borders and bands</h2>
      {tier.borders.map((border) => (
        <details key={border.id} className="border-b border-ink/20 py-1">
          <summary className="flex min-h-11 cursor-pointer items-center justify-between">
            <span>{border.name}</span>
            <button
              type="button"
              aria-label={`Take ${border.name} off`}
              onClick={(e) => {
                e.preventDefault();
                void editor.edit(removeBorder(tier.id, border.id));
              }}
              className="grid size-11 place-items-center rounded-md hover:bg-ink/8"
            >
              <X size={16} aria-hidden />
            </button>
          </summary>
          <div className="flex flex-col gap-2 pb-2">
            <WordsField
              label="Called"
              value={border.name}
              onWords={(name) => editor.edit(onBorder(tier.id, border.id, (b) => ({ ...b, name })))}
            />
            <ZoneFields
              seen={seenOf(worked.form, 'side')}
              zone={border.zone}
              onZone={(zone) => editor.edit(onBorder(tier.id, border.id, (b) => ({ ...b, zone })))}
            />
            <Choice
              label="It"
              value={border.covers ? 'covers' : 'claims'}
              options={[
                { name: 'claims', label: 'takes its height' },
                { name: 'covers', label: 'lies on top' },
              ]}
              onChoice={(v) =>
                void editor.edit(onBorder(tier.id, border.id, (b) => ({ ...b, covers: v === 'covers' })))
              }
            />
          </div>
        </details>
      ))}
      <div className="flex flex-col items-start">
        <Button look="pin" className="px-1.5" onClick={() => editor.edit(addBorder(tier.id, 'foot'))}>
          <Plus size={16} aria-hidden /> Border at the foot
        </Button>
        <Button look="pin" className="px-1.5" onClick={() => editor.edit(addBorder(tier.id, 'top'))}>
          <Plus size={16} aria-hidden /> Border at the top
        </Button>
      </div>
    </section>
  );
}
