import { useQuery } from '@tanstack/react-query';
import { Plus, X } from 'lucide-react';
import { useId, useState } from 'react';
import { api, type Ingredient, type Problem, problemOf, type Recipe } from '../api/client';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { Pick } from '../ui/select';
import { tell } from '../ui/toasts';
import { useMaterials } from '../units/preferences';
import { mass } from '../units/units';
import { useRecipesChanged } from './use';

const UNITS: { name: Ingredient['unit']; label: string }[] = [
  { name: 'gram', label: 'g' },
  { name: 'ounce', label: 'oz' },
  { name: 'millilitre', label: 'ml' },
  { name: 'teaspoon', label: 'tsp' },
  { name: 'tablespoon', label: 'tbsp' },
  { name: 'cup', label: 'cup (240 ml)' },
  { name: 'piece', label: 'pieces' },
];
const BOUGHT = 'bought';

export function blank(): Recipe {
  return { id: '', name: '', makes: 'buttercream', parts: [part()], note: '' };
}

function part(): Ingredient {
  return { name: '', amount: 0, unit: 'gram', allergens: [] };
}

/** A name in documents: small letters, digits and hyphens, unlike those there are. */
export function slug(name: string, taken: readonly string[]): string {
  const base =
    name
      .toLowerCase()
      .normalize('NFD')
      .replace(/\p{M}/gu, '')
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 50) || 'recipe';
  let free = base;
  for (let n = 2; taken.includes(free); n++) {
    free = `${base}-${n}`;
  }
  return free;
}

/** A recipe of one's own that begins as another. */
export function copied(recipe: Recipe, taken: readonly string[]): Recipe {
  const name = `${recipe.name}, own`.slice(0, 60);
  return { ...recipe, name, id: slug(name, taken) };
}

interface Props {
  start: Recipe;
  fresh: boolean;
  book: Recipe[];
  close: () => void;
}

/** Numbers as they are typed: kept until the server has read them. */
type Row = Omit<Ingredient, 'amount' | 'density' | 'allergens'> & {
  amount: string;
  density: string;
  allergens: string;
};

const shown = (n: number | undefined) => (n === undefined || n === 0 ? '' : String(n));
const read = (typed: string): number | undefined =>
  typed.trim() === '' ? undefined : Number(typed.trim().replace(',', '.'));

/** A recipe written down: its parts by mass or a kitchen's measure, what comes out, how long it keeps and rests. */
export function RecipeForm({ start, fresh, book, close }: Props) {
  const [name, setName] = useState(start.name);
  const [makes, setMakes] = useState<string>(start.makes);
  const [note, setNote] = useState(start.note);
  const [yields, setYields] = useState(shown(start.yield));
  const [keeps, setKeeps] = useState(shown(start.keeps));
  const [rests, setRests] = useState(shown(start.rests));
  const [rows, setRows] = useState<Row[]>(
    start.parts.map((p) => ({
      ...p,
      amount: shown(p.amount),
      density: shown(p.density),
      allergens: p.allergens.join(', '),
    })),
  );
  const [problem, setProblem] = useState<Problem | null>(null);
  const changed = useRecipesChanged();
  const { choices } = useMaterials();
  const others = book.filter((r) => r.id !== start.id);
  const recipe = (): Recipe => {
    const out: Record<string, unknown> = {
      id:
        fresh || start.id === ''
          ? slug(
              name,
              book.map((r) => r.id),
            )
          : start.id,
      name,
      makes,
      note,
      parts: rows.map((r) => {
        const row: Record<string, unknown> = {
          name: r.name,
          amount: read(r.amount) ?? 0,
          unit: r.unit,
          allergens: r.allergens
            .split(',')
            .map((a) => a.trim())
            .filter((a) => a !== ''),
        };
        if (read(r.density) !== undefined) {
          row.density = read(r.density);
        }
        if (r.recipe) {
          row.recipe = r.recipe;
        }
        return row;
      }),
    };
    for (const [field, typed] of [
      ['yield', yields],
      ['keeps', keeps],
      ['rests', rests],
    ] as const) {
      if (read(typed) !== undefined) {
        out[field] = read(typed);
      }
    }
    return out as unknown as Recipe;
  };
  const numbers = [yields, keeps, rests, ...rows.flatMap((r) => [r.amount, r.density])];
  const odd = numbers.find((n) => Number.isNaN(read(n) ?? 0));
  const now = recipe();
  const tried = useQuery({
    queryKey: ['tried', JSON.stringify(now)],
    queryFn: () => api.tried(now),
    enabled: odd === undefined && name.trim() !== '',
    retry: false,
    placeholderData: (before) => before,
  });
  const keep = async () => {
    if (odd !== undefined) {
      setProblem({
        type: 'refused',
        title: 'Not possible',
        status: 400,
        detail: `"${odd.slice(0, 40)}" is no number. Type digits, like 12.5.`,
      });
      return;
    }
    try {
      await api.keepRecipe(now);
      await changed();
      tell(`${name} is in the book.`);
      close();
    } catch (thrown) {
      setProblem(problemOf(thrown));
    }
  };
  const put = (i: number, change: Partial<Row>) =>
    setRows(rows.map((r, k) => (k === i ? { ...r, ...change } : r)));
  return (
    <Dialog
      title={fresh ? 'New recipe' : `Change ${start.name}`}
      open
      onOpenChange={(open) => !open && close()}
      wide
    >
      <div className="flex flex-wrap items-end gap-3">
        <Typed label="Name" value={name} onChange={setName} wide />
        <Pick label="Makes" value={makes} options={choices('made')} onChoice={setMakes} />
      </div>
      <fieldset className="mt-4">
        <legend className="heading text-[1.05rem]">Parts</legend>
        <ul>
          {rows.map((r, i) => (
            <li key={i} className="flex flex-wrap items-end gap-2 border-b border-dotted border-ink/30 py-2">
              <Typed label={`Part ${i + 1}`} value={r.name} onChange={(v) => put(i, { name: v })} />
              <Typed label="Amount" value={r.amount} onChange={(v) => put(i, { amount: v })} number />
              <Pick
                label="In"
                value={r.unit}
                options={UNITS}
                onChoice={(u) => put(i, { unit: u as Ingredient['unit'] })}
              />
              <Typed
                label={r.unit === 'piece' ? 'g each' : 'g/ml'}
                value={r.density}
                onChange={(v) => put(i, { density: v })}
                number
              />
              <Pick
                label="Made by"
                value={r.recipe ?? BOUGHT}
                options={[
                  { name: BOUGHT, label: 'bought' },
                  ...others.map((o) => ({ name: o.id, label: o.name })),
                ]}
                onChoice={(c) => {
                  const { recipe: _, ...bought } = r;
                  const next = c === BOUGHT ? bought : { ...r, recipe: c };
                  setRows(rows.map((row, k) => (k === i ? next : row)));
                }}
              />
              <Typed label="Holds" value={r.allergens} onChange={(v) => put(i, { allergens: v })} />
              <Button
                look="quiet"
                aria-label={`Leave part ${i + 1} out`}
                disabled={rows.length === 1}
                onClick={() => setRows(rows.filter((_, k) => k !== i))}
              >
                <X size={18} aria-hidden />
              </Button>
            </li>
          ))}
        </ul>
        <Button
          className="mt-2"
          onClick={() =>
            setRows([...rows, { name: '', amount: '', unit: 'gram', density: '', allergens: '' }])
          }
        >
          <Plus size={17} aria-hidden /> Another part
        </Button>
      </fieldset>
      <div className="mt-4 flex flex-wrap items-end gap-3">
        <Typed label="Comes out, g" value={yields} onChange={setYields} number placeholder="all of it" />
        <Typed label="Keeps, days" value={keeps} onChange={setKeeps} number />
        <Typed label="Rests before use, h" value={rests} onChange={setRests} number />
      </div>
      <label className="mt-3 block">
        <span className="mb-0.5 block text-[0.92rem] text-soft">How it is made, and what to mind</span>
        <textarea
          value={note}
          onChange={(e) => setNote(e.currentTarget.value)}
          rows={2}
          className="w-full rounded-md border border-ink/45 bg-sheet px-2.5 py-2"
        />
      </label>
      <p className="mt-2 min-h-6" role="status">
        {tried.error ? (
          <span className="text-stop">{problemOf(tried.error).detail}</span>
        ) : tried.data ? (
          <>
            <b>{mass(tried.data.grams)}</b> come out
            {tried.data.lost > 0.5 ? `, ${mass(tried.data.lost)} are lost` : ''}
            {tried.data.allergens.length > 0
              ? `; it holds ${tried.data.allergens.join(', ')}.`
              : '. No allergen is told: the handover sheet will name none for it.'}
          </>
        ) : null}
      </p>
      {problem ? (
        <p role="alert" className="mb-2 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problem.detail}
        </p>
      ) : null}
      <Button look="main" onClick={() => void keep()}>
        Keep it
      </Button>
    </Dialog>
  );
}

interface TypedProps {
  label: string;
  value: string;
  onChange: (typed: string) => void;
  number?: boolean;
  wide?: boolean;
  placeholder?: string;
}

function Typed({ label, value, onChange, number, wide, placeholder }: TypedProps) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-0.5 block text-[0.92rem] text-soft">
        {label}
      </label>
      <input
        id={id}
        value={value}
        inputMode={number ? 'decimal' : 'text'}
        autoComplete="off"
        placeholder={placeholder}
        onChange={(e) => onChange(e.currentTarget.value)}
        className={`min-h-11 rounded-md border border-ink/45 bg-sheet px-2.5 ${number ? 'w-20' : wide ? 'w-72' : 'w-32'}`}
      />
    </div>
  );
}
