import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import type { OwnPiece, PieceWorkup } from '../api/client';
import { usePlan } from '../plan/context';
import { addPiece, onPiece, removePiece } from '../plan/document-edits';
import { withField } from '../plan/edit';
import { useEdit, usePieces } from '../plan/use';
import { AnyField } from '../ui/any-field';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { CountField, LengthField, WordsField } from '../ui/typed';
import { useCatalogue, useMaterials } from '../units/preferences';
import { span } from '../units/time';
import { mass } from '../units/units';
import { PieceArt, widthOf } from './piece-art';
import { Outline } from './piece-outline';

const named = <T extends string>(...names: [T, string][]) => names.map(([name, label]) => ({ name, label }));
const FORMS = named<OwnPiece['form']>(
  ['plaque', 'plaque'],
  ['round', 'disc'],
  ['dome', 'dome'],
  ['star', 'star'],
  ['pair', 'moulded pair'],
  ['bow', 'bow'],
  ['flower', 'flower'],
  ['figure', 'figure'],
);
const FACES = named<OwnPiece['resting']['faces']>(
  ['both', 'both faces free'],
  ['turned', 'turned half way'],
  ['former', 'on a former'],
);
const ON = named<OwnPiece['seat']['on']>(
  ['top', 'on top'],
  ['side', 'on the side'],
  ['ledge', 'on the ledge'],
  ['hole', 'in the hole'],
);
const EATEN = named<OwnPiece['eaten']>(['eat', 'eat'], ['hard', 'edible but hard'], ['out', 'take out']);
const STICKS = named<OwnPiece['sticks']['kind']>(
  ['pick', 'food-safe picks'],
  ['skewer', 'skewers'],
  ['wire', 'wires in picks'],
);

const UNTIL = named(['place', 'as its place asks'], ['handled', 'may be handled'], ['hard', 'is hard']);
/** No tier's own name has this sign. */
const TOPMOST = '*';

const FRESH: Omit<OwnPiece, 'id'> = {
  name: 'Topper',
  form: 'plaque',
  width: 100,
  height: 100,
  thickness: 3,
  count: 1,
  material: 'gum',
  dark: false,
  seat: { tier: '', on: 'top', angle: 0, out: 0, up: 0 },
  labour: { minutes: 40, placing: 5, pauses: true, ahead: 0 },
  resting: { faces: 'both', storage: 'room' },
  sticks: { kind: 'pick' },
  eaten: 'hard',
};

/** Pieces of one's own: made ahead, dried, stuck in and told to whoever cuts the cake. */
export function Pieces() {
  const plan = usePlan();
  const edit = useEdit();
  const [open, setOpen] = useState<string | null>(null);
  const { data } = usePieces(plan);
  const add = async () => {
    let k = plan.pieces.length + 1;
    while (plan.pieces.some((p) => p.id === `piece-${k}`)) {
      k += 1;
    }
    if ((await edit(addPiece({ ...FRESH, id: `piece-${k}` }))) === null) {
      setOpen(`piece-${k}`);
    }
  };
  return (
    <section aria-label="Pieces of your own" className="mt-5 border-t border-ink/25 pt-4">
      <div className="flex items-end justify-between gap-3">
        <div>
          <h2 className="heading">Pieces of your own</h2>
          <p className="note">made ahead, with their place, hands, waits and picks</p>
        </div>
        <Button onClick={() => void add()}>
          <Plus size={17} aria-hidden /> Add a piece
        </Button>
      </div>
      <ul className="mt-2">
        {plan.pieces.map((piece) => (
          <li key={piece.id} className="border-b border-ink/25 py-2">
            <Line
              piece={piece}
              worked={data?.find((w) => w.id === piece.id)}
              open={open === piece.id}
              toggle={() => setOpen(open === piece.id ? null : piece.id)}
            />
            {open === piece.id ? (
              <Fields piece={piece} worked={data?.find((w) => w.id === piece.id)} />
            ) : null}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Line({
  piece,
  worked,
  open,
  toggle,
}: {
  piece: OwnPiece;
  worked: PieceWorkup | undefined;
  open: boolean;
  toggle: () => void;
}) {
  const dries = worked?.dries;
  return (
    <button
      type="button"
      aria-expanded={open}
      onClick={toggle}
      className="flex w-full items-center gap-4 text-left hover:text-pin"
    >
      <Outline worked={worked} />
      <span className="min-w-0 flex-1">
        <b className="font-display text-[1.08rem]">
          {piece.count > 1 ? `${piece.count} × ` : ''}
          {piece.name}
        </b>
        {worked ? (
          <span className="note block">
            {mass(worked.grams)} · {span(worked.minutes)} of hands · {dries ? dried(dries) : 'no wait'}
            {worked.picks > 0 ? ` · ${worked.picks} stuck in` : ''} ·{' '}
            {EATEN.find((e) => e.name === piece.eaten)!.label}
          </span>
        ) : null}
      </span>
    </button>
  );
}

/** How long until it may be handled and until it is hard, and which of them it waits for. */
function dried(d: NonNullable<PieceWorkup['dries']>): string {
  const span =
    d.high < 2
      ? `${Math.round(d.low * 60)} to ${Math.round(d.high * 60)} min`
      : `${Math.round(d.low)} to ${Math.round(d.high)} h`;
  if (d.handled === undefined) {
    return d.high < 2 ? `cools ${span}` : `waits ${span}`;
  }
  const hard = d.hard === undefined ? 'gets firm, never hard' : `hard after about ${Math.round(d.hard)} h`;
  const goal = d.until === 'handled' ? 'may be handled' : d.hard === undefined ? 'is firm' : 'is hard';
  return `may be handled after about ${Math.round(d.handled)} h, ${hard} · waits until it ${goal}, ${span}, an estimate`;
}

function Fields({ piece, worked }: { piece: OwnPiece; worked: PieceWorkup | undefined }) {
  const catalogue = useCatalogue();
  const { choices } = useMaterials();
  const edit = useEdit();
  const plan = usePlan();
  const change = (next: (p: OwnPiece) => OwnPiece) => edit(onPiece(piece.id, next));
  const set = (part: Partial<OwnPiece>) => change((p) => ({ ...p, ...part }));
  const seat = (part: Partial<OwnPiece['seat']>) => change((p) => ({ ...p, seat: { ...p.seat, ...part } }));
  const labour = (part: Partial<OwnPiece['labour']>) =>
    change((p) => ({ ...p, labour: { ...p.labour, ...part } }));
  const { seat: at, resting } = piece;
  const stated = resting.stated;
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-3 py-3">
      <Pick
        label="Kind"
        value={piece.kind ?? 'own'}
        options={(catalogue?.ahead ?? []).map((k) => ({ name: k.kind, label: k.name }))}
        onChoice={(kind) =>
          void change(({ kind: _, settings: __, art: ___, ...p }) =>
            kind === 'own' ? p : { ...p, kind: kind as NonNullable<OwnPiece['kind']> },
          )
        }
      />
      {piece.kind === 'cut_figure' ? (
        <PieceArt
          piece={piece}
          onArt={(art) =>
            change((p) => ({ ...p, art, width: Math.max(1, Math.min(800, widthOf(art, p.height))) }))
          }
        />
      ) : null}
      <WordsField label="What it is" value={piece.name} onWords={(name) => set({ name })} />
      {piece.kind && piece.kind !== 'own' ? (
        (worked?.fields ?? []).map((field) => (
          <AnyField
            key={field.name}
            field={field}
            value={piece.settings?.[field.name] ?? field.fallback}
            onValue={(to) => change((p) => ({ ...p, settings: { ...p.settings, [field.name]: to } }))}
          />
        ))
      ) : (
        <Pick
          label="Drawn as"
          value={piece.form}
          options={FORMS}
          onChoice={(f) => void set({ form: f as OwnPiece['form'] })}
        />
      )}
      <CountField label="How many" value={piece.count} onCount={(count) => set({ count })} />
      <LengthField
        label="Width"
        field="pieces.width"
        mm={piece.width}
        onLength={(mm) => set({ width: mm ?? 60 })}
      />
      <LengthField
        label="Height"
        field="pieces.height"
        mm={piece.height}
        onLength={(mm) => set({ height: mm ?? 60 })}
      />
      <LengthField
        label="Thickness"
        field="pieces.thickness"
        mm={piece.thickness}
        onLength={(mm) => set({ thickness: mm ?? 3 })}
      />
      <Pick
        label="Made of"
        value={piece.material ?? 'none'}
        options={[...choices('pieces'), { name: 'none', label: 'something else' }]}
        onChoice={(p) =>
          void change((o) => withField(o, 'material', p === 'none' ? undefined : (p as OwnPiece['material'])))
        }
      />
      <Pick
        label="Colour"
        value={piece.colour ?? 'none'}
        options={[
          { name: 'none', label: 'as it comes' },
          ...plan.palette.map((c) => ({ name: c.id, label: c.name })),
        ]}
        onChoice={(c) => void change((o) => withField(o, 'colour', c === 'none' ? undefined : c))}
      />
      <Choice
        label="Strong dark colour"
        value={piece.dark ? 'yes' : 'no'}
        options={named(['no', 'no'], ['yes', 'yes'])}
        onChoice={(d) => void set({ dark: d === 'yes' })}
      />
      <Pick
        label="Goes on"
        value={at.tier || TOPMOST}
        options={[
          { name: TOPMOST, label: 'the topmost tier' },
          ...plan.tiers.map((t) => ({ name: t.id, label: t.name })),
        ]}
        onChoice={(tier) => void seat({ tier: tier === TOPMOST ? '' : tier })}
      />
      <Choice label="Where" value={at.on} options={ON} onChoice={(on) => void seat({ on })} />
      <NumberField
        label="From the front"
        suffix="°"
        value={at.angle}
        onNumber={(angle) => seat({ angle: angle ?? 0 })}
      />
      {at.on === 'side' ? (
        <LengthField
          label="Above the foot"
          field="pieces.seat.up"
          mm={at.up}
          onLength={(mm) => seat({ up: mm ?? 0 })}
        />
      ) : (
        <LengthField
          label="From the middle"
          field="pieces.seat.out"
          mm={at.out}
          onLength={(mm) => seat({ out: mm ?? 0 })}
        />
      )}
      <NumberField
        label="Minutes each"
        value={piece.labour.minutes}
        onNumber={(minutes) => labour({ minutes: minutes ?? 0 })}
      />
      <NumberField
        label="Minutes to place"
        value={piece.labour.placing}
        onNumber={(placing) => labour({ placing: placing ?? 0 })}
      />
      <NumberField
        label="Keeps, days"
        value={piece.labour.ahead}
        onNumber={(ahead) => labour({ ahead: ahead ?? 0 })}
      />
      <Choice
        label="Dries"
        value={resting.faces}
        options={FACES}
        onChoice={(faces) => void set({ resting: { ...resting, faces } })}
      />
      <NumberField
        label="Or a stated wait"
        suffix="h"
        value={stated?.least ?? null}
        mayBeEmpty
        placeholder="reckoned"
        onNumber={(h) =>
          set({ resting: withField(resting, 'stated', h === null ? undefined : { least: h }) })
        }
      />
      <Pick
        label="Goes up when it"
        value={resting.until ?? 'place'}
        options={UNTIL}
        onChoice={(until) =>
          void set({
            resting: withField(
              resting,
              'until',
              until === 'place' ? undefined : (until as OwnPiece['resting']['until']),
            ),
          })
        }
      />
      <Pick
        label="Another paste over it"
        value={resting.layer?.material ?? 'none'}
        options={[{ name: 'none', label: 'nothing' }, ...choices('dries')]}
        onChoice={(paste) =>
          void set({
            resting: withField(
              resting,
              'layer',
              paste === 'none'
                ? undefined
                : {
                    material: paste as NonNullable<OwnPiece['material']>,
                    thickness: resting.layer?.thickness ?? 2,
                  },
            ),
          })
        }
      />
      {resting.layer ? (
        <LengthField
          label="That is thick"
          field="pieces.resting.layer.thickness"
          mm={resting.layer.thickness}
          onLength={(mm) =>
            set({ resting: { ...resting, layer: { ...resting.layer!, thickness: mm ?? 2 } } })
          }
        />
      ) : null}
      <Pick
        label="Held by"
        value={piece.sticks.kind}
        options={STICKS}
        onChoice={(kind) =>
          void set({ sticks: { ...piece.sticks, kind: kind as OwnPiece['sticks']['kind'] } })
        }
      />
      <NumberField
        label="Of them in each"
        value={piece.sticks.each ?? null}
        mayBeEmpty
        placeholder="by its width"
        onNumber={(n) => set({ sticks: withField(piece.sticks, 'each', n ?? undefined) })}
      />
      <Choice
        label="The guest"
        value={piece.eaten}
        options={EATEN}
        onChoice={(eaten) => void set({ eaten })}
      />
      <Button onClick={() => void edit(removePiece(piece.id))}>
        <Trash2 size={17} aria-hidden /> Take it out
      </Button>
      {piece.sticks.kind === 'wire' ? (
        <p className="note w-full">Wires never go bare into cake: each into a pick.</p>
      ) : null}
      {piece.material === 'sugar' ? (
        <p className="note w-full">Hot sugar burns: gloves and sleeves, no children near, cold water by.</p>
      ) : null}
    </div>
  );
}
