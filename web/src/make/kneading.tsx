import { Check } from 'lucide-react';
import { api, type Batch, problemOf, type Worktop } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { entry, onTable } from '../plan/document-edits';
import { withField } from '../plan/edit';
import { Button } from '../ui/button';
import { Pick } from '../ui/select';
import { tell, tellBad } from '../ui/toasts';
import { useMaterials, usePreferences } from '../units/preferences';
import { length, mass } from '../units/units';
import { batchWords, formWords, lid } from '../units/words';
import { usedAs } from './inside';
import { Lump, Sum } from './lump';
import { useCupboardChanged, useRecipes } from './use';

/** Batches in the order of rolling, each with what it is the sum of and what it is mixed from. */
export function Kneading({ top }: { top: Worktop }) {
  const most = Math.max(
    ...top.batches.map((b) => b.parts.net + b.parts.spare + b.parts.offCuts + b.parts.rounding),
    1,
  );
  return (
    <>
      {top.batches.length === 0 ? (
        <p className="note">
          Nothing yet: give a tier a coat, or dress it, and its pastes are reckoned here.
        </p>
      ) : (
        <ol aria-label="Batches" className="border-t-[1.5px] border-ink">
          {top.batches.map((batch, i) => (
            <Kneaded key={batch.id} batch={batch} number={i + 1} most={most} top={top} />
          ))}
        </ol>
      )}
    </>
  );
}

interface KneadedProps {
  batch: Batch;
  number: number;
  most: number;
  top: Worktop;
}

function Kneaded({ batch, number, most, top }: KneadedProps) {
  const { unit } = usePreferences();
  const { words } = useMaterials();
  const plan = usePlan();
  const { parts } = batch;
  const kneaded = parts.net + parts.spare + parts.offCuts + parts.rounding - parts.credit;
  const several = batch.mixed.length > 1;
  return (
    <li
      data-batch={batch.id}
      className="grid grid-cols-[2rem_56px_minmax(0,1fr)_auto] items-center gap-x-4 border-b border-ink/25 py-3 max-md:grid-cols-[56px_minmax(0,1fr)]"
    >
      <span className="font-display text-[1.15rem] text-soft max-md:hidden">{number}</span>
      <Lump grams={kneaded} most={most} shade={batch.tint.shade} />
      <div className="min-w-0">
        <h2 className="text-[1.08rem] font-semibold">
          {batchWords(batch, unit, words)} <span className="note font-normal">{formWords(batch)}</span>
        </h2>
        <p className="note">
          {batch.coverings.length > 0
            ? batch.coverings
                .map((c) => covered(c, plan.tiers.find((t) => t.id === c.tier)?.name ?? 'board', unit))
                .join(' · ')
            : batch.filled.length > 0
              ? batch.filled
                  .map(
                    (f) =>
                      `${plan.tiers.find((t) => t.id === f.tier)?.name ?? ''}: ${mass(f.grams)} ${usedAs(f, '').trim()}`,
                  )
                  .join(' · ')
              : uses(batch, unit)}
        </p>
        <div className="mt-1.5 max-w-xl">
          <Sum parts={parts} cover={batch.form === 'cover'} />
        </div>
        {several ? (
          <p className="mt-1 text-[0.95rem]">
            {batch.tint.blend?.marbled ? 'Marble, kneaded only until it veins: ' : 'Mix '}
            {batch.mixed
              .map((m) =>
                m.powder
                  ? `${mass(m.grams)} CMC powder, kneaded in and rested`
                  : `${mass(m.grams)} ${words(m.material)}${m.tint.id === '' ? '' : ` ${m.tint.name}`}`,
              )
              .join(' + ')}
            {batch.tint.blend?.marbled ? '. Its off-cuts serve only as marble.' : ''}
          </p>
        ) : null}
      </div>
      <div className="text-right max-md:col-start-2 max-md:text-left">
        <p className="figure">{mass(kneaded)}</p>
        <MadeBy batch={batch} />
        <MadeIt batch={batch} top={top} />
      </div>
    </li>
  );
}

type Cover = Batch['coverings'][number];

function covered(c: Cover, what: string, unit: Parameters<typeof length>[1]): string {
  if (c.laid === 'spread') {
    return `${what}, ${mass(c.stays)}`;
  }
  if (c.laid === 'strip') {
    return `${what}: strip ${length(c.width, unit)} × ${length(c.height, unit)}, ${lid(c, unit)}`;
  }
  return c.round
    ? `${what}: circle ${length(c.width, unit)}`
    : `${what}: ${length(c.width, unit)} × ${length(c.height, unit)}`;
}

function uses(batch: Batch, unit: Parameters<typeof length>[1]): string {
  const said: string[] = [];
  if (batch.lines.length > 0) {
    const count = batch.lines.reduce((sum, l) => sum + l.count, 0);
    const spare = batch.lines.reduce((sum, l) => sum + l.spare, 0);
    said.push(`${count} ${count === 1 ? 'piece' : 'pieces'}${spare > 0 ? `, ${spare} spare` : ''}`);
  }
  if (batch.rolls > 0) {
    said.push(batch.rolls === 1 ? 'one sheet' : `${batch.rolls} sheets made equal`);
  }
  if (batch.length > 0) {
    said.push(`${length(batch.length, unit)} by length`);
  }
  if (batch.dial) {
    const { number, rolls, guessed } = batch.dial;
    said.push(`dial ${number}${guessed ? ' (about)' : ''}, rolls ${length(rolls, unit)}`);
  }
  return said.join(' · ');
}

/** The recipe a batch is made by, where there are some that make it. */
function MadeBy({ batch }: { batch: Batch }) {
  const { editor } = useOpen();
  const plan = usePlan();
  const making = useRecipes().filter((r) => r.recipe.makes === batch.material);
  if (making.length === 0 || batch.form === 'bake') {
    return null;
  }
  return (
    <Pick
      label="Made by"
      hideLabel
      value={plan.table?.recipes?.[batch.id] ?? batch.recipe ?? 'usual'}
      options={[
        { name: 'usual', label: 'bought, or the usual' },
        ...making.map((r) => ({ name: r.recipe.id, label: r.recipe.name })),
      ]}
      onChoice={async (chosen) => {
        const refused = await editor.edit(
          onTable((t) => {
            const recipes = entry(t.recipes ?? {}, batch.id, chosen === 'usual' ? undefined : chosen);
            return withField(t, 'recipes', Object.keys(recipes).length === 0 ? undefined : recipes);
          }),
        );
        if (refused) {
          tellBad(refused.detail);
        }
      }}
    />
  );
}

/** Takes what the batch is made from out of the cupboard; undone, it is put back. */
function MadeIt({ batch, top }: { batch: Batch; top: Worktop }) {
  const { editor } = useOpen();
  const plan = usePlan();
  const changed = useCupboardChanged();
  const made = plan.table?.made.find((m) => m.batch === batch.id);
  const put = async () => {
    try {
      if (made) {
        await api.take(made.taken.map((t) => ({ thing: t.thing, amount: -t.amount })));
        await editor.edit(onTable((t) => ({ ...t, made: t.made.filter((m) => m.batch !== batch.id) })));
      } else {
        const wanted = top.takings.filter((t) => t.batch === batch.id);
        const taken = await api.take(wanted.map((t) => ({ thing: t.thing, amount: t.amount })));
        await editor.edit(onTable((t) => ({ ...t, made: [...t.made, { batch: batch.id, taken }] })));
        tell(taken.length > 0 ? 'Taken from the cupboard.' : 'Noted; none of it was in the cupboard.');
      }
      await changed();
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <Button look={made ? 'quiet' : 'plain'} onClick={put} className="mt-1">
      {made ? (
        <>
          <Check size={17} aria-hidden /> Made
        </>
      ) : (
        'Made it'
      )}
    </Button>
  );
}
