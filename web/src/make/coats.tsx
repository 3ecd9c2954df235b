import type { Coat, Tier } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { withField } from '../plan/edit';
import { coat } from '../plan/edits';
import { Pick } from '../ui/select';
import { tellBad } from '../ui/toasts';
import { LengthField } from '../ui/typed';
import { useMaterials, usePreferences } from '../units/preferences';
import { length } from '../units/units';
import { Edge } from './edge';

const LAID = [
  { name: 'usual', label: 'the usual way' },
  { name: 'spread', label: 'spread' },
  { name: 'sheet', label: 'one sheet with a margin' },
  { name: 'bare', label: 'one sheet, the bare sum' },
  { name: 'strip', label: 'a strip and a lid' },
];

/** What each coat is made of and how it goes on: the schools of covering. */
export function Coats() {
  const plan = usePlan();
  return (
    <section aria-label="Coats and coverings" className="mt-8">
      <h2 className="heading border-b-[3px] border-ink pb-1">Coats and coverings</h2>
      {plan.tiers.map((tier) => (
        <div key={tier.id} className="border-b border-ink/20 py-2">
          <h3 className="font-semibold">{tier.name}</h3>
          {tier.coats.length === 0 ? <p className="note">No coat; Measure gives it one.</p> : null}
          {tier.coats.map((c, i) => (
            <OneCoat key={i} tier={tier} coat={c} index={i} />
          ))}
        </div>
      ))}
    </section>
  );
}

function OneCoat({ tier, coat: c, index }: { tier: Tier; coat: Coat; index: number }) {
  const { editor } = useOpen();
  const { unit } = usePreferences();
  const { words, choices } = useMaterials();
  const { palette } = usePlan();
  const change = async (field: keyof Coat, value: unknown) => {
    const refused = await editor.edit((plan) =>
      coat(
        tier.id,
        index,
        withField(plan.tiers.find((t) => t.id === tier.id)!.coats[index]!, field, value),
      )(plan),
    );
    if (refused) {
      tellBad(refused.detail);
    }
    return refused;
  };
  return (
    <div className="flex flex-wrap items-end gap-x-4 gap-y-2 py-1.5">
      <p className="w-40 pb-2.5">
        {c.name} <span className="note">{length(c.thickness, unit)}</span>
      </p>
      <Pick
        label="Of"
        value={c.material ?? 'usual'}
        options={[
          { name: 'usual', label: 'as its name says' },
          ...choices('coats'),
          ...(c.material && !choices('coats').some((m) => m.name === c.material)
            ? [{ name: c.material, label: words(c.material) }]
            : []),
        ]}
        onChoice={(p) => void change('material', p === 'usual' ? undefined : p)}
      />
      <Pick
        label="Colour"
        value={c.colour ?? 'none'}
        options={[
          { name: 'none', label: 'as it comes' },
          ...palette.map((p) => ({ name: p.id, label: p.name })),
        ]}
        onChoice={(p) => void change('colour', p === 'none' ? undefined : p)}
      />
      <Pick
        label="Laid"
        value={c.laid ?? 'usual'}
        options={LAID}
        onChoice={(p) => void change('laid', p === 'usual' ? undefined : p)}
      />
      <LengthField
        label="Margin"
        field="margin"
        mm={c.margin ?? null}
        mayBeEmpty
        placeholder={length(20, unit)}
        onLength={(mm) => change('margin', mm ?? undefined)}
      />
      <Edge coat={c} change={(edge) => void change('edge', edge)} />
    </div>
  );
}
