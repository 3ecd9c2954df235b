import { useQuery } from '@tanstack/react-query';
import { Copy, Download, Plus, Trash2, Upload } from 'lucide-react';
import { useRef, useState } from 'react';
import { api, type OwnPiece, type PiecePart, type PieceRecipe, type Problem, problemOf } from '../api/client';
import { usePlan } from '../plan/context';
import { onPiece } from '../plan/document-edits';
import { withField } from '../plan/edit';
import { usePieces } from '../plan/use';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Dialog } from '../ui/dialog';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { LengthField, WordsField } from '../ui/typed';
import { useBench } from '../units/preferences';
import { mass, say } from '../units/units';
import { YES } from './piece-choices';
import { PiecePicture } from './piece-picture';

interface Props {
  piece: OwnPiece;
  close: () => void;
  take: (recipe: PieceRecipe) => Promise<Problem | null>;
}

const FORMS: { name: PiecePart['form']; label: string }[] = [
  { name: 'petal', label: 'petal' },
  { name: 'heart', label: 'heart' },
  { name: 'leaf', label: 'leaf' },
  { name: 'round', label: 'round' },
  { name: 'oval', label: 'oval' },
  { name: 'blossom', label: 'five-petal blossom' },
  { name: 'calyx', label: 'calyx' },
  { name: 'square', label: 'square' },
  { name: 'ball', label: 'ball, rolled' },
  { name: 'egg', label: 'egg, rolled' },
  { name: 'cone', label: 'cone, rolled' },
  { name: 'cylinder', label: 'cylinder, rolled' },
  { name: 'stamen', label: 'stamen, thread' },
  { name: 'wire', label: 'wire' },
];
const OVER = [
  { name: 'none', label: 'nothing' },
  { name: 'flat', label: 'a flat board' },
  { name: 'cup', label: 'a cup' },
  { name: 'cone', label: 'a paper cone' },
  { name: 'ball', label: 'a half ball' },
];
const NEW: PiecePart = {
  name: 'Petal',
  form: 'petal',
  across: 0.5,
  high: 0.8,
  thick: 0.8,
  each: 5,
  order: 1,
  colour: 0,
  thinned: false,
  set: { out: 0.1, up: 0, tilt: 30, from: 0 },
};
const share = (n: number | null) => Math.round(n ?? 0) / 100;
const hundred = (n: number) => Math.round(n * 1000) / 10;

/** A recipe of parts, changed while it is looked at: sizes are hundredths of the main cutter, or of a model's height. */
export function RecipeEditor({ piece, close, take }: Props) {
  const plan = usePlan();
  const worked = usePieces(plan).data?.find((w) => w.id === piece.id);
  const [typed, setTyped] = useState<PieceRecipe | null>(null);
  const [at, setAt] = useState(0);
  const [problem, setProblem] = useState<string | null>(null);
  const file = useRef<HTMLInputElement>(null);
  const draft = typed ?? worked?.recipe;
  const tried = draft
    ? onPiece(piece.id, (p) => ({
        ...p,
        recipe: draft,
        settings: { ...p.settings, recipe: 'own' },
      }))(plan)
    : plan;
  const { data: bench } = useBench();
  const { data, error } = useQuery({
    queryKey: ['recipe', piece.id, draft],
    queryFn: () => api.pieces({ ...tried, pieces: tried.pieces.filter((p) => p.id === piece.id) }, bench!),
    enabled: draft !== undefined && bench !== undefined,
    placeholderData: (before) => before,
    retry: false,
  });
  if (!draft) {
    return null;
  }
  const part = draft.parts[Math.min(at, draft.parts.length - 1)]!;
  const index = draft.parts.indexOf(part);
  const own = { ...draft };
  const put = (next: PiecePart): Promise<null> => {
    setTyped({ ...own, parts: own.parts.map((p, i) => (i === index ? next : p)) });
    return Promise.resolve(null);
  };
  const set = (some: Partial<PiecePart>) => put({ ...part, ...some });
  const seat = (some: Partial<PiecePart['set']>) => put({ ...part, set: { ...part.set, ...some } });
  const read = async (chosen: File | undefined) => {
    try {
      const found = JSON.parse((await chosen?.text()) ?? '') as PieceRecipe;
      if (typeof found?.name !== 'string' || !Array.isArray(found.parts)) {
        throw new Error('no recipe');
      }
      setTyped(found);
      setAt(0);
      setProblem(null);
    } catch {
      setProblem(`"${chosen?.name}" holds no recipe. Take a file that was saved here.`);
    }
  };
  const seen = data?.[0];
  return (
    <Dialog title={`Recipe: ${draft.name}`} open onOpenChange={(open) => !open && close()} wide>
      <div className="grid grid-cols-[220px_1fr] gap-5 max-md:grid-cols-1">
        <div>
          <PiecePicture worked={seen} size={210} />
          <p className="note">
            {seen ? `${mass(seen.grams / piece.count)} each, ${draft.parts.length} kinds of parts` : ''}
          </p>
          <ol className="mt-2 flex flex-col" aria-label="Parts">
            {draft.parts.map((p, i) => (
              <li key={i}>
                <button
                  type="button"
                  aria-pressed={i === index}
                  onClick={() => setAt(i)}
                  className="flex min-h-11 w-full items-center justify-between gap-2 rounded-md px-2 text-left hover:bg-wash aria-pressed:bg-wash aria-pressed:font-semibold"
                >
                  <span>
                    {p.order}. {p.each > 1 ? `${p.each} × ` : ''}
                    {p.name}
                  </span>
                  <span className="note">
                    {(() => {
                      const made = seen?.parts.find((m) => say(m.what, 'mm') === p.name);
                      return made ? mass(made.grams) : '';
                    })()}
                  </span>
                </button>
              </li>
            ))}
          </ol>
          <div className="mt-2 flex flex-wrap gap-2">
            <Button
              onClick={() => {
                setTyped({ ...own, parts: [...own.parts, NEW] });
                setAt(own.parts.length);
              }}
            >
              <Plus size={17} aria-hidden /> A part
            </Button>
            <Button
              onClick={() => {
                setTyped({
                  ...own,
                  parts: [...own.parts, { ...part, name: `${part.name} again`.slice(0, 40) }],
                });
                setAt(own.parts.length);
              }}
            >
              <Copy size={17} aria-hidden /> Copy it
            </Button>
            {own.parts.length > 1 ? (
              <Button
                onClick={() => {
                  setTyped({ ...own, parts: own.parts.filter((_, i) => i !== index) });
                  setAt(Math.max(0, index - 1));
                }}
              >
                <Trash2 size={17} aria-hidden /> Take it out
              </Button>
            ) : null}
          </div>
        </div>
        <div className="flex flex-col gap-3">
          <div className="flex flex-wrap items-end gap-3">
            <WordsField
              label="The recipe's name"
              value={draft.name}
              onWords={(name) => {
                setTyped({ ...own, name });
                return Promise.resolve(null);
              }}
            />
          </div>
          <div key={index} className="flex flex-wrap items-end gap-x-4 gap-y-3 border-t border-ink/25 pt-3">
            <WordsField label="Part" value={part.name} onWords={(name) => set({ name })} />
            <Pick
              label="Form"
              value={part.form}
              options={FORMS}
              onChoice={(form) => void set({ form: form as PiecePart['form'] })}
            />
            <NumberField label="Of this part" value={part.each} onNumber={(n) => set({ each: n ?? 1 })} />
            <NumberField label="Its turn" value={part.order} onNumber={(n) => set({ order: n ?? 1 })} />
            <NumberField
              label="Across"
              suffix="%"
              value={hundred(part.across)}
              onNumber={(n) => set({ across: share(n) })}
            />
            <NumberField
              label="Long"
              suffix="%"
              value={hundred(part.high)}
              onNumber={(n) => set({ high: share(n) })}
            />
            <LengthField
              label="Thick"
              field="pieces.thickness"
              mm={part.thick}
              onLength={(mm) => set({ thick: mm ?? 1 })}
            />
            <Choice
              label="Edges thinned"
              value={part.thinned ? 'yes' : 'no'}
              options={YES}
              onChoice={(t) => void set({ thinned: t === 'yes' })}
            />
            <Pick
              label="Dries over"
              value={part.over ?? 'none'}
              options={OVER}
              onChoice={(over) =>
                void put(withField(part, 'over', over === 'none' ? undefined : (over as PiecePart['over'])))
              }
            />
            <NumberField
              label="Dries before the next"
              suffix="h"
              value={part.hours ?? null}
              mayBeEmpty
              placeholder="reckoned"
              onNumber={(n) => put(withField(part, 'hours', n ?? undefined))}
            />
            <Choice
              label="Colour"
              value={String(part.colour)}
              options={[
                { name: '0', label: 'first' },
                { name: '1', label: 'second' },
                { name: '2', label: 'third' },
              ]}
              onChoice={(c) => void set({ colour: Number(c) })}
            />
          </div>
          <div
            key={`set-${index}`}
            className="flex flex-wrap items-end gap-x-4 gap-y-3 border-t border-ink/25 pt-3"
          >
            <NumberField
              label="From the middle"
              suffix="%"
              value={hundred(part.set.out)}
              onNumber={(n) => seat({ out: share(n) })}
            />
            <NumberField
              label="Above the foot"
              suffix="%"
              value={hundred(part.set.up)}
              onNumber={(n) => seat({ up: share(n) })}
            />
            <NumberField
              label="Rises"
              suffix="°"
              value={part.set.tilt}
              onNumber={(n) => seat({ tilt: n ?? 0 })}
            />
            <NumberField
              label="The first from the front"
              suffix="°"
              value={part.set.from}
              onNumber={(n) => seat({ from: n ?? 0 })}
            />
          </div>
          {error || problem ? (
            <p role="alert" className="rounded-md bg-stop-ground px-3 py-2 text-stop">
              {problem ?? problemOf(error).detail}
            </p>
          ) : null}
          <div className="mt-auto flex flex-wrap gap-2 border-t border-ink/25 pt-3">
            <Button
              look="main"
              onClick={async () => {
                const refused = await take(draft);
                if (refused) {
                  setProblem(refused.detail);
                } else {
                  close();
                }
              }}
            >
              Make it by this recipe
            </Button>
            <a
              className="inline-flex min-h-11 items-center gap-2 rounded-md border border-ink/45 px-3 font-semibold hover:bg-wash"
              href={`data:application/json,${encodeURIComponent(JSON.stringify(draft, null, 2))}`}
              download={`${draft.name.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.recipe.json`}
            >
              <Download size={17} aria-hidden /> Save as a file
            </a>
            <Button onClick={() => file.current?.click()}>
              <Upload size={17} aria-hidden /> From a file
            </Button>
            <input
              ref={file}
              type="file"
              accept=".json,application/json"
              aria-label="A recipe from a file"
              className="sr-only"
              onChange={(e) => {
                void read(e.target.files?.[0]);
                // The same file, mended, may be given again.
                e.target.value = '';
              }}
            />
          </div>
        </div>
      </div>
    </Dialog>
  );
}
