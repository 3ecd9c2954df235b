import { Trash2 } from 'lucide-react';
import { lazy, Suspense, useState } from 'react';
import type { OwnPiece, PieceWorkup } from '../api/client';
import { usePlan } from '../plan/context';
import { onPiece, removePiece } from '../plan/document-edits';
import { withField } from '../plan/edit';
import { useEdit } from '../plan/use';
import { AnyField } from '../ui/any-field';
import { Button } from '../ui/button';
import { Pick } from '../ui/select';
import { CountField, LengthField, WordsField } from '../ui/typed';
import { useCatalogue, useMaterials } from '../units/preferences';
import { MouldPick } from './mould-pick';
import { PieceArt, widthOf } from './piece-art';
import { EATEN, FORMS } from './piece-choices';
import { type ChangePiece, Group } from './piece-group';
import { PieceHands } from './piece-hands';
import { PieceSeat } from './piece-seat';

const RecipeEditor = lazy(() => import('./recipe-editor').then((m) => ({ default: m.RecipeEditor })));

/** All that is settled about one piece. */
export function PieceFields({ piece, worked }: { piece: OwnPiece; worked: PieceWorkup | undefined }) {
  const edit = useEdit();
  const change: ChangePiece = (next) => edit(onPiece(piece.id, next));
  return (
    <div className="mt-4">
      <What piece={piece} worked={worked} change={change} />
      <PieceSeat piece={piece} change={change} />
      <PieceHands piece={piece} change={change} />
      <Button onClick={() => void edit(removePiece(piece.id))}>
        <Trash2 size={17} aria-hidden /> Take it out
      </Button>
    </div>
  );
}

interface Part {
  piece: OwnPiece;
  worked: PieceWorkup | undefined;
  change: ChangePiece;
}

function What({ piece, worked, change }: Part) {
  const catalogue = useCatalogue();
  const { choices } = useMaterials();
  const [recipe, setRecipe] = useState(false);
  const set = (part: Partial<OwnPiece>) => change((p) => ({ ...p, ...part }));
  const plain = !piece.kind || piece.kind === 'own';
  return (
    <Group name="What it is">
      <Pick
        label="Kind"
        value={piece.kind ?? 'own'}
        options={(catalogue?.ahead ?? []).map((k) => ({ name: k.kind, label: k.name }))}
        onChoice={(kind) =>
          void change(({ kind: _, settings: __, art: ___, recipe: ____, ...p }) =>
            kind === 'own' ? p : { ...p, kind: kind as NonNullable<OwnPiece['kind']> },
          )
        }
      />
      <WordsField label="What it is" value={piece.name} onWords={(name) => set({ name })} />
      {piece.kind === 'cut_figure' && (piece.settings?.shape ?? 'art') === 'art' ? (
        <PieceArt
          piece={piece}
          onArt={(art) =>
            change((p) => ({ ...p, art, width: Math.max(1, Math.min(800, widthOf(art, p.height))) }))
          }
        />
      ) : null}
      {piece.kind === 'moulded' ? <MouldPick piece={piece} change={change} /> : null}
      {plain ? (
        <Pick
          label="Drawn as"
          value={piece.form}
          options={FORMS}
          onChoice={(f) => void set({ form: f as OwnPiece['form'] })}
        />
      ) : null}
      <CountField label="How many" value={piece.count} onCount={(count) => set({ count })} />
      <Sizes piece={piece} worked={worked} change={change} />
      {plain
        ? null
        : (worked?.fields ?? []).map((field) => (
            <AnyField
              key={field.name}
              field={field}
              value={piece.settings?.[field.name] ?? field.fallback}
              nominal={piece.settings?.[field.name] === undefined}
              onValue={(to) => change((p) => ({ ...p, settings: { ...p.settings, [field.name]: to } }))}
            />
          ))}
      {worked?.fields.some((f) => f.name === 'recipe') ? (
        <Button onClick={() => setRecipe(true)}>Change the recipe</Button>
      ) : null}
      <Pick
        label="Made of"
        value={piece.material ?? 'none'}
        options={[...choices('pieces'), { name: 'none', label: 'something else' }]}
        onChoice={(p) =>
          void change((o) => withField(o, 'material', p === 'none' ? undefined : (p as OwnPiece['material'])))
        }
      />
      <Colours piece={piece} worked={worked} change={change} />
      <Pick
        label="The guest"
        value={piece.eaten}
        options={EATEN}
        onChoice={(eaten) => void set({ eaten: eaten as OwnPiece['eaten'] })}
      />
      {recipe ? (
        <Suspense fallback={null}>
          <RecipeEditor
            piece={piece}
            close={() => setRecipe(false)}
            take={(own) => change((p) => ({ ...p, recipe: own, settings: { ...p.settings, recipe: 'own' } }))}
          />
        </Suspense>
      ) : null}
    </Group>
  );
}

/** Its three measures by the names its kind has for them. */
function Sizes({ piece, worked, change }: Part) {
  const named = worked?.sizes ?? { width: 'Width', height: 'Height', thickness: 'Thickness' };
  return (['width', 'height', 'thickness'] as const).map((which) =>
    named[which] === undefined ? null : (
      <LengthField
        key={which}
        label={named[which]!}
        field={`pieces.${which}`}
        mm={piece[which]}
        onLength={(mm) => change((p) => ({ ...p, [which]: mm ?? p[which] }))}
      />
    ),
  );
}

/** A colour of the palette for each thing that has one. */
function Colours({ piece, worked, change }: Part) {
  const plan = usePlan();
  const options = [
    { name: 'none', label: 'as it comes' },
    ...plan.palette.map((c) => ({ name: c.id, label: c.name })),
  ];
  return (worked?.colours ?? ['Colour']).map((label, i) => (
    <Pick
      key={label}
      label={label}
      value={(i === 0 ? piece.colour : (piece.others?.[i - 1] ?? piece.colour)) ?? 'none'}
      options={i === 0 ? options : options.slice(1)}
      onChoice={(c) =>
        void change((p) =>
          i === 0
            ? withField(p, 'colour', c === 'none' ? undefined : c)
            : { ...p, others: others(p, i, c, plan.palette[0]?.id ?? c) },
        )
      }
    />
  ));
}

/** Further colours up to one that is chosen; those before it that nobody has chosen are the piece's own. */
function others(piece: OwnPiece, index: number, chosen: string, first: string): string[] {
  const row = [...(piece.others ?? [])];
  while (row.length < index) {
    row.push(piece.colour ?? first);
  }
  row[index - 1] = chosen;
  return row;
}
