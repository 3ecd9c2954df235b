import type { Filled, Inside, Tier, Worktop } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { withField } from '../plan/edit';
import { onTier } from '../plan/edits';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { LengthField } from '../ui/typed';
import { useMaterials, usePreferences } from '../units/preferences';
import { length, mass } from '../units/units';
import { Coats } from './coats';
import { useRecipes } from './use';

const USUAL = 'usual';

/** What is inside each tier, under it and in its join; then its coats. */
export function InsideRoom({ top }: { top: Worktop }) {
  const plan = usePlan();
  return (
    <>
      <section aria-label="Inside and between">
        <h2 className="heading border-b-[3px] border-ink pb-1">Inside and between</h2>
        {plan.tiers.map((tier) => (
          <Within key={tier.id} tier={tier} top={top} />
        ))}
      </section>
      <Coats />
    </>
  );
}

function Within({ tier, top }: { tier: Tier; top: Worktop }) {
  const { editor } = useOpen();
  const { unit } = usePreferences();
  const { words, choices } = useMaterials();
  const recipes = useRecipes();
  const inside: Inside = tier.inside ?? {};
  const set = (change: (now: Inside) => Inside) =>
    editor.edit(
      onTier(tier.id, (t) => {
        const next = change(t.inside ?? {});
        return withField(t, 'inside', Object.keys(next).length === 0 ? undefined : next);
      }),
    );
  const field = (name: keyof Inside, value: unknown) => set((now) => withField(now, name, value));
  const filled = top.batches.flatMap((b) => b.filled).filter((f) => f.tier === tier.id && f.grams >= 0.5);
  const fills = choices('fills');
  const filling = inside.filling ?? 'buttercream';
  const baked = recipes.filter((r) => ['sponge', 'rich_cake', 'fruit_cake'].includes(r.recipe.makes));
  const byRecipe = recipes.filter((r) => fills.some((f) => f.name === r.recipe.makes));
  const { layers } = tier;
  return (
    <div className="border-b border-ink/20 py-3">
      <h3 className="font-semibold">
        {tier.name}{' '}
        <span className="note font-normal">
          {tier.dummy
            ? 'a dummy: nothing is in it'
            : layers
              ? `${layers.count} layers of ${length(layers.each, unit)}, ${length(layers.filling, unit)} between`
              : 'layers not told: reckoned as three with the usual filling; Measure tells them'}
        </span>
      </h3>
      {tier.dummy ? null : (
        <div className="flex flex-wrap items-end gap-x-4 gap-y-2 py-1.5">
          <Pick
            label="Filling"
            value={inside.recipe ? `by ${inside.recipe}` : filling}
            options={[
              ...fills,
              ...byRecipe.map((r) => ({ name: `by ${r.recipe.id}`, label: r.recipe.name })),
              ...(inside.recipe && !byRecipe.some((r) => r.recipe.id === inside.recipe)
                ? [{ name: `by ${inside.recipe}`, label: `“${inside.recipe}”, not here` }]
                : []),
            ]}
            onChoice={(chosen) => {
              const recipe = byRecipe.find((r) => `by ${r.recipe.id}` === chosen)?.recipe;
              void set((now) =>
                withField(
                  withField(now, 'recipe', recipe?.id),
                  'filling',
                  recipe ? recipe.makes : chosen === 'buttercream' ? undefined : chosen,
                ),
              );
            }}
          />
          <NumberField
            label="Syrup on 100 cm²"
            suffix="g"
            value={inside.syrup ?? null}
            mayBeEmpty
            placeholder="8"
            onNumber={(g) => field('syrup', g ?? undefined)}
          />
          <LengthField
            label="Icing under it"
            field="inside.grip"
            mm={inside.grip ?? null}
            mayBeEmpty
            placeholder={length(2, unit)}
            onLength={(mm) => field('grip', mm ?? undefined)}
          />
          <LengthField
            label="Fillet at the join"
            field="inside.seam"
            mm={inside.seam ?? null}
            mayBeEmpty
            placeholder={length(3, unit)}
            onLength={(mm) => field('seam', mm ?? undefined)}
          />
          <Pick
            label="Cake baked by"
            value={inside.cake ?? USUAL}
            options={[
              { name: USUAL, label: 'bought, or baked elsewhere' },
              ...baked.map((r) => ({ name: r.recipe.id, label: r.recipe.name })),
              ...(inside.cake && !baked.some((r) => r.recipe.id === inside.cake)
                ? [{ name: inside.cake, label: `“${inside.cake}”, not here` }]
                : []),
            ]}
            onChoice={(chosen) => void field('cake', chosen === USUAL ? undefined : chosen)}
          />
        </div>
      )}
      <p className="mt-1 flex flex-wrap gap-x-6 gap-y-1">
        {filled.map((f) => (
          <span key={f.use}>
            <b className="tabular-nums">{mass(f.grams)}</b>{' '}
            <span className="note">{usedAs(f, words(f.material))}</span>
          </span>
        ))}
      </p>
    </div>
  );
}

const USES: Record<Filled['use'], string> = {
  cake: 'to bake',
  filling: 'between the layers',
  syrup: 'on the layers',
  grip: 'under the cake',
  cement: 'under its board',
  seam: 'in the join',
};

export function usedAs(f: Filled, material: string): string {
  return `${material} ${USES[f.use]}`;
}
