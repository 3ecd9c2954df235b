import { useState } from 'react';
import { api, type Plan, problemOf, type StackWorkup } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { putOn } from '../plan/edits';
import { Button } from '../ui/button';
import { Pick } from '../ui/select';
import { tell, tellBad } from '../ui/toasts';
import { useBench } from '../units/preferences';

/** The other one's dressings; each can be fitted to a tier of the open plan, undone like any edit. */
export function TakeOver({ other, worked, name }: { other: Plan; worked: StackWorkup; name: string }) {
  const { editor } = useOpen();
  const plan = usePlan();
  const { data: bench } = useBench();
  const [to, setTo] = useState<string | null>(null);
  const dressings = worked.tiers.flatMap((t) =>
    t.dressings.map((w) => ({
      tier: t.id,
      id: w.id,
      words: `${w.name}, ${other.tiers.find((o) => o.id === t.id)!.name.toLowerCase()}`,
    })),
  );
  const take = async (from: string, dressing: string) => {
    // Where the tier of the same name is here, too, it goes there if nothing else was said.
    const same = plan.tiers.find((t) => t.id === from) ?? plan.tiers[0]!;
    const target = to ?? same.id;
    try {
      const refit = await api.refit({ plan: other, from, dressing, to: target, into: plan, bench: bench! });
      const known = refit.dressing.colours.filter((c) => plan.palette.some((p) => p.id === c));
      const refused = await editor.edit(putOn(target, { ...refit.dressing, colours: known }));
      if (refused) {
        tellBad(refused.detail);
      } else {
        tell(`It is on ${plan.tiers.find((t) => t.id === target)!.name} now.`, {
          label: 'Undo',
          run: () => void editor.undo(),
        });
      }
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  if (dressings.length === 0) {
    return null;
  }
  return (
    <section aria-label="Take over" className="mt-5 border-t border-ink/25 pt-3">
      <div className="mb-2 flex flex-wrap items-end justify-between gap-3">
        <h2 className="heading text-[1.1rem]">Take over from “{name}”</h2>
        <Pick
          label="Onto"
          value={to ?? 'same'}
          options={[
            { name: 'same', label: 'the same tier' },
            ...plan.tiers.map((t) => ({ name: t.id, label: t.name })),
          ]}
          onChoice={(t) => setTo(t === 'same' ? null : t)}
        />
      </div>
      <div className="flex flex-wrap gap-2">
        {dressings.map((d) => (
          <Button key={`${d.tier}/${d.id}`} onClick={() => take(d.tier, d.id)} disabled={bench === undefined}>
            {d.words}
          </Button>
        ))}
      </div>
    </section>
  );
}
