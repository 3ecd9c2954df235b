import { useQuery } from '@tanstack/react-query';
import { Download, Plus } from 'lucide-react';
import { useState } from 'react';
import { api, problemOf, type Recipe, type ScaledRecipe, type Worktop } from '../api/client';
import { Button } from '../ui/button';
import { FileButton } from '../ui/file-button';
import { NumberField } from '../ui/number';
import { tell, tellBad } from '../ui/toasts';
import { useMaterials } from '../units/preferences';
import { decimal, mass } from '../units/units';
import { blank, copied, RecipeForm } from './recipe-form';
import { save, useRecipes, useRecipesChanged } from './use';

/** What the workshop makes itself, for what this plan needs, for any mass, or for what there is of one part. */
export function Recipes({ top }: { top: Worktop }) {
  const book = useRecipes();
  const [editing, setEditing] = useState<{ recipe: Recipe; fresh: boolean } | null>(null);
  const needed = (id: string) => top.recipes.find((r) => r.recipe === id);
  const inOrder = [...book].sort(
    (a, b) => Number(!needed(a.recipe.id)) - Number(!needed(b.recipe.id)) || Number(!a.own) - Number(!b.own),
  );
  return (
    <>
      <div className="mb-5 flex flex-wrap items-center gap-3">
        <Button look="main" onClick={() => setEditing({ recipe: blank(), fresh: true })}>
          <Plus size={18} aria-hidden /> New recipe
        </Button>
        <Files />
      </div>
      <div className="grid grid-cols-2 gap-x-9 gap-y-7 max-lg:grid-cols-1">
        {inOrder.map(({ recipe, own }) => (
          <OneRecipe
            key={recipe.id}
            recipe={recipe}
            own={own}
            needed={needed(recipe.id)}
            edit={(fresh) =>
              setEditing({
                recipe: fresh
                  ? copied(
                      recipe,
                      book.map((r) => r.recipe.id),
                    )
                  : recipe,
                fresh,
              })
            }
          />
        ))}
      </div>
      {editing ? (
        <RecipeForm
          start={editing.recipe}
          fresh={editing.fresh}
          book={book.map((r) => r.recipe)}
          close={() => setEditing(null)}
        />
      ) : null}
    </>
  );
}

function Files() {
  const changed = useRecipesChanged();
  const [wrong, setWrong] = useState<string | null>(null);
  const read = async (file: File) => {
    try {
      const { fresh, replaced } = await api.readRecipes(await file.text());
      setWrong(null);
      tell(`${fresh} new, ${replaced} written anew.`);
      await changed();
    } catch (thrown) {
      setWrong(problemOf(thrown).detail);
    }
  };
  return (
    <>
      <Button
        look="quiet"
        onClick={() =>
          api.recipeFile().then(
            (blob) => save(blob, 'recipes.json'),
            (thrown) => tellBad(problemOf(thrown).detail),
          )
        }
      >
        <Download size={17} aria-hidden /> Save own as JSON
      </Button>
      <FileButton
        label="A file of recipes"
        accept=".json,application/json"
        onFile={(file) => void read(file)}
      >
        Bring in JSON
      </FileButton>
      {wrong ? (
        <p role="alert" className="basis-full border-l-4 border-stop bg-stop-ground px-4 py-3">
          {wrong}
        </p>
      ) : null}
    </>
  );
}

interface OneProps {
  recipe: Recipe;
  own: boolean;
  needed: ScaledRecipe | undefined;
  /** Itself, or a copy of it. */
  edit: (fresh: boolean) => void;
}

type Asked = { grams: number } | { part: number; have: number } | null;

function OneRecipe({ recipe, own, needed, edit }: OneProps) {
  const [asked, setAsked] = useState<Asked>(null);
  const { words } = useMaterials();
  const changed = useRecipesChanged();
  const usual = needed ? { grams: Math.max(1, needed.grams) } : {};
  const wanted = asked ?? usual;
  const { data, error } = useQuery({
    queryKey: ['recipe', recipe, wanted],
    queryFn: () => api.scaled(recipe.id, wanted),
    placeholderData: (before) => before,
  });
  if (error) {
    return <p role="alert">{problemOf(error).detail}</p>;
  }
  if (!data) {
    return null;
  }
  const ask = async (next: Asked) => {
    try {
      await api.scaled(recipe.id, next ?? usual);
      setAsked(next);
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
  const takeOut = async () => {
    try {
      await api.takeOutRecipe(recipe.id);
      tell(`${recipe.name} is taken out.`, {
        label: 'Undo',
        run: () => void api.keepRecipe(recipe).then(changed),
      });
      await changed();
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <section aria-label={recipe.name}>
      <div className="flex items-end justify-between border-b-[3px] border-ink pb-1.5">
        <h2 className="heading text-[1.1rem]">
          {recipe.name} <span className="note font-normal">{words(recipe.makes)}</span>
        </h2>
        <NumberField
          label={`Make ${recipe.name}`}
          hideLabel
          value={weighed(data.grams)}
          suffix="g"
          onNumber={(n) => ask(n === null ? null : { grams: n })}
        />
      </div>
      <p className="note py-1">
        {asked === null
          ? needed
            ? `this plan needs ${mass(needed.grams)}`
            : 'as it is written; not needed by this plan'
          : 'part' in asked
            ? `as much as ${mass(asked.have)} of ${recipe.parts[asked.part]!.name} gives`
            : 'for what you typed'}
        {data.lost > 0.5 ? ` · ${mass(data.lost)} boil or bake away` : ''}
        {data.keeps === undefined ? '' : ` · keeps ${decimal(data.keeps)} days`}
        {data.rests === undefined ? '' : ` · rests ${decimal(data.rests)} h before use`}
      </p>
      {data.first.length > 0 ? (
        <p className="py-1">
          First make{' '}
          {data.first.map((f, i) => (
            <span key={f.recipe}>
              {i > 0 ? ', ' : ''}
              <b>{mass(f.grams)}</b> {f.label}
            </span>
          ))}
          .
        </p>
      ) : null}
      <table className="w-full">
        <tbody>
          {data.amounts.map((a, i) => (
            <tr key={i} className="border-b border-dotted border-ink/30">
              <th scope="row" className="py-1.5 text-left font-normal">
                {a.name}
                {a.allergens.length === 0 ? null : (
                  <span className="note block">holds {a.allergens.join(', ')}</span>
                )}
              </th>
              <td className="w-32 py-1 text-right">
                <NumberField
                  label={`There is of ${a.name}`}
                  hideLabel
                  className="inline-block [&_input]:w-20 [&_input]:text-right"
                  value={weighed(a.grams)}
                  suffix="g"
                  onNumber={(n) => ask(n === null ? null : { part: i, have: n })}
                />
              </td>
              <td className="w-32 text-right text-[0.92rem] text-soft">
                {a.pieces !== undefined
                  ? `${decimal(a.pieces, 1)} pieces`
                  : a.tablespoons === undefined
                    ? `${decimal(a.ounces, 2)} oz`
                    : spoons(a.tablespoons, a.teaspoons ?? 0)}
                {a.tablespoons !== undefined && a.density !== undefined ? (
                  <span className="block text-[0.85rem]">level, at {decimal(a.density, 2)} g/ml</span>
                ) : null}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {data.note === '' ? null : <p className="note mt-2">{data.note}</p>}
      <p className="mt-1 flex flex-wrap gap-1">
        {own ? (
          <>
            <Button look="quiet" onClick={() => edit(false)}>
              Change
            </Button>
            <Button look="quiet" onClick={() => void takeOut()}>
              Take out
            </Button>
          </>
        ) : null}
        <Button look="quiet" onClick={() => edit(true)}>
          Copy and change
        </Button>
      </p>
    </section>
  );
}

/** As a kitchen scale shows it: to the gram, and small amounts to the tenth. */
function weighed(grams: number): number {
  return grams < 100 ? Math.round(grams * 10) / 10 : Math.round(grams);
}

/** Level spoons, quarters as a set of spoons has them. */
export function spoons(table: number, tea: number): string {
  const whole = Math.floor(tea);
  const quarter = ['', '¼', '½', '¾'][Math.round((tea - whole) * 4)] ?? '';
  const said = [table > 0 ? `${table} tbsp` : '', tea > 0 ? `${whole > 0 ? whole : ''}${quarter} tsp` : ''];
  return said.filter((s) => s !== '').join(' + ') || '0';
}
