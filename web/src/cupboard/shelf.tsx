import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { Field, KindOfThing, Problem, Thing } from '../api/client';
import { AnyField } from '../ui/any-field';
import { Button } from '../ui/button';
import { NumberField } from '../ui/number';
import { WordsField } from '../ui/typed';
import { usePreferences } from '../units/preferences';
import { decimal, length, mass, money } from '../units/units';

interface Props {
  kind: KindOfThing;
  things: readonly Thing[];
  coin: string;
  keep: (thing: Thing) => Promise<Problem | null>;
  /** Puts a new thing in; its id, or none where it cannot be. */
  add: (thing: Thing) => Promise<number | null>;
  takeOut: (thing: Thing) => Promise<void>;
}

/** Kinds whose things have a colour of their own. */
const COLOURED = ['paste', 'colour', 'pearl'];

function sized(field: Field): boolean {
  return field.choices.length === 0;
}

function value(thing: Thing, field: Field): unknown {
  return (thing.sizes as Record<string, unknown>)[field.name] ?? field.fallback;
}

/** One kind of thing: what there is, opened to change it, and one more. */
export function Shelf({ kind, things, coin, keep, add, takeOut }: Props) {
  const { unit } = usePreferences();
  const [open, setOpen] = useState<number | null>(null);
  const one = kind.label.toLowerCase();
  const more = async () => {
    const id = await add({
      kind: kind.kind,
      name: 'New one',
      colour: '',
      sizes: Object.fromEntries(kind.fields.map((f) => [f.name, f.fallback])),
      dial: '',
      stock: kind.counted === 'grams' ? 0 : 1,
      pack: 0,
      notes: '',
    });
    setOpen(id);
  };
  const most = Math.max(1, ...things.map((t) => Number(value(t, kind.fields.find(sized) ?? NOTHING)) || 0));
  return (
    <section aria-label={kind.label}>
      <div className="flex items-end justify-between border-b-[3px] border-ink pb-0.5">
        <h2 className="heading">{kind.label}</h2>
        <Button look="quiet" className="px-2" onClick={more} aria-label={`One more: ${one}`}>
          <Plus size={17} aria-hidden /> One more
        </Button>
      </div>
      {things.length === 0 ? <p className="note py-2">{kind.hint}</p> : null}
      <ul>
        {things.map((thing) => (
          <li key={thing.id} className="border-b border-ink/20">
            <div className="flex items-center gap-3">
              <Mark kind={kind} thing={thing} most={most} />
              <button
                type="button"
                aria-expanded={open === thing.id}
                onClick={() => setOpen(open === thing.id ? null : thing.id!)}
                className="min-h-11 min-w-0 flex-1 truncate text-left hover:text-pin"
              >
                {thing.name}
                <span className="note ml-2">
                  {kind.fields
                    .filter(sized)
                    .map((f) => length(Number(value(thing, f)), unit))
                    .join(' × ')}
                </span>
              </button>
              <span className="text-right whitespace-nowrap">
                <b>
                  {kind.counted === 'grams'
                    ? mass(thing.stock)
                    : thing.stock === 1
                      ? ''
                      : decimal(thing.stock, 0)}
                </b>
                {thing.price === undefined ? null : (
                  <span className="note ml-2">
                    {money(thing.price, coin)}
                    {thing.pack > 0
                      ? ` / ${kind.counted === 'grams' ? mass(thing.pack) : decimal(thing.pack, 0)}`
                      : kind.counted === 'grams'
                        ? ' / g'
                        : ''}
                  </span>
                )}
              </span>
              <Button
                look="quiet"
                className="px-2"
                aria-label={`Take ${thing.name} out`}
                onClick={() => takeOut(thing)}
              >
                <Trash2 size={17} aria-hidden />
              </Button>
            </div>
            {open === thing.id ? <Details kind={kind} thing={thing} keep={keep} /> : null}
          </li>
        ))}
      </ul>
    </section>
  );
}

const NOTHING = { name: '', fallback: 0 } as unknown as Field;

/** How large it is beside the others of its kind; pastes in the measure of what is left. */
function Mark({ kind, thing, most }: { kind: KindOfThing; thing: Thing; most: number }) {
  const field = kind.fields.find(sized);
  const share = field
    ? Number(value(thing, field)) / most
    : Math.min(1, thing.stock / Math.max(1, thing.pack || 500));
  const wide = Math.max(3, 44 * Math.min(1, share));
  return (
    <svg width={48} height={16} aria-hidden="true" className="shrink-0">
      {field ? (
        <ellipse
          cx={24}
          cy={8}
          rx={wide / 2}
          ry={Math.min(6, wide / 7 + 1)}
          fill="var(--color-sheet)"
          stroke="var(--color-ink)"
          strokeWidth={1.4}
        />
      ) : (
        <>
          <rect
            x={2}
            y={4}
            width={44}
            height={9}
            rx={4}
            fill="none"
            stroke="var(--color-ink)"
            strokeWidth={1.2}
          />
          <rect x={2} y={4} width={thing.stock > 0 ? wide : 0} height={9} rx={4} fill="var(--color-ink)" />
        </>
      )}
    </svg>
  );
}

function Details({ kind, thing, keep }: { kind: KindOfThing; thing: Thing; keep: Props['keep'] }) {
  const grams = kind.counted === 'grams';
  const { price, ...free } = thing;
  return (
    <div className="flex flex-wrap items-start gap-3 pb-3">
      <WordsField
        label="Called"
        value={thing.name}
        onWords={(name) => keep({ ...thing, name })}
        className="w-52"
      />
      {COLOURED.includes(kind.kind) ? (
        <WordsField
          label="Colour"
          value={thing.colour}
          onWords={(colour) => keep({ ...thing, colour })}
          className="w-36"
        />
      ) : null}
      {kind.fields.map((field) => (
        <AnyField
          key={field.name}
          field={field}
          value={value(thing, field)}
          onValue={(v) => keep({ ...thing, sizes: { ...thing.sizes, [field.name]: v } })}
        />
      ))}
      {kind.kind === 'machine' ? (
        <WordsField
          label="Dial: each number and what it rolls, mm"
          value={thing.dial}
          placeholder="1=2.4 2=2.0 3=1.6"
          onWords={(dial) => keep({ ...thing, dial })}
          className="w-72"
        />
      ) : null}
      <NumberField
        label="In stock"
        value={thing.stock}
        suffix={grams ? 'g' : ''}
        onNumber={(n) => keep({ ...thing, stock: n ?? 0 })}
      />
      <NumberField
        label="A pack holds"
        value={thing.pack === 0 ? null : thing.pack}
        mayBeEmpty
        suffix={grams ? 'g' : ''}
        onNumber={(n) => keep({ ...thing, pack: n ?? 0 })}
      />
      <NumberField
        label={thing.pack > 0 ? 'Price of a pack' : grams ? 'Price of a gram' : 'Price of one'}
        value={price ?? null}
        mayBeEmpty
        placeholder="not known"
        onNumber={(n) => keep(n === null ? (free as Thing) : { ...thing, price: n })}
      />
      <WordsField
        label="Note"
        value={thing.notes}
        onWords={(notes) => keep({ ...thing, notes })}
        className="w-52"
      />
    </div>
  );
}
