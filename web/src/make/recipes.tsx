import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, problemOf, type Scaled, type Worktop } from '../api/client';
import { NumberField } from '../ui/number';
import { decimal, mass } from '../units/units';

const ALL = ['royal', 'sugar_sheet', 'cooked_sugar', 'modelling_paste'];
const USUAL_G = 500;

/** What the workshop makes itself, for what this plan needs or for any mass. */
export function Recipes({ top }: { top: Worktop }) {
  return (
    <div className="grid grid-cols-2 gap-x-9 gap-y-7 max-lg:grid-cols-1">
      {ALL.map((name) => (
        <Recipe key={name} name={name} needed={top.recipes.find((r) => r.recipe === name)} />
      ))}
    </div>
  );
}

function Recipe({ name, needed }: { name: string; needed: Scaled | undefined }) {
  const [grams, setGrams] = useState<number | null>(null);
  const wanted = grams ?? needed?.grams ?? USUAL_G;
  const { data, error } = useQuery({
    queryKey: ['recipe', name, wanted],
    queryFn: () => api.recipe(name, wanted),
    placeholderData: (before) => before,
  });
  if (error) {
    return <p role="alert">{problemOf(error).detail}</p>;
  }
  if (!data) {
    return null;
  }
  return (
    <section aria-label={data.label}>
      <div className="flex items-end justify-between border-b-[3px] border-ink pb-1.5">
        <h2 className="heading text-[1.1rem]">{data.label}</h2>
        <NumberField
          label="Make"
          hideLabel
          value={Math.round(wanted * 10) / 10}
          suffix="g"
          onNumber={async (n) => {
            try {
              await api.recipe(name, n ?? wanted);
              setGrams(n);
              return null;
            } catch (thrown) {
              return problemOf(thrown);
            }
          }}
        />
      </div>
      <p className="note py-1">
        {grams !== null
          ? 'for what you typed'
          : needed
            ? `this plan needs ${mass(needed.grams)}`
            : 'not needed by this plan; type how much you want'}
      </p>
      <table className="w-full">
        <tbody>
          {data.amounts.map((a) => (
            <tr key={a.name} className="border-b border-dotted border-ink/30">
              <th scope="row" className="py-1.5 text-left font-normal">
                {a.name}
                {a.allergen === '' ? null : <span className="note block">holds {a.allergen}</span>}
              </th>
              <td className="w-20 text-right font-semibold whitespace-nowrap">{mass(a.grams)}</td>
              <td className="w-20 text-right whitespace-nowrap text-soft">{decimal(a.ounces, 2)} oz</td>
              <td className="w-36 text-right text-soft">
                {a.tablespoons === undefined ? 'weigh it' : spoons(a.tablespoons, a.teaspoons ?? 0)}
                <span className="block text-[0.85rem]">level, at {decimal(a.density, 2)} g/ml</span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {data.note === '' ? null : <p className="note mt-2">{data.note}</p>}
    </section>
  );
}

/** Level spoons, quarters as a set of spoons has them. */
export function spoons(table: number, tea: number): string {
  const whole = Math.floor(tea);
  const quarter = ['', '¼', '½', '¾'][Math.round((tea - whole) * 4)] ?? '';
  const said = [table > 0 ? `${table} tbsp` : '', tea > 0 ? `${whole > 0 ? whole : ''}${quarter} tsp` : ''];
  return said.filter((s) => s !== '').join(' + ') || '0';
}
