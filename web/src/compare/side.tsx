import { useCallback } from 'react';
import type { Plan, StackWorkup, TierWorkup, Worn } from '../api/client';
import { shadesOf } from '../band/shades';
import { useWidth } from '../band/size';
import { TurningView } from '../band/turning-view';

interface Props {
  title: string;
  plan: Plan;
  workup: StackWorkup;
  /** The other one: both are drawn to one scale. */
  beside: StackWorkup;
}

const HIGH = 360;

/** One cake from the front. */
export function Side({ title, plan, workup, beside }: Props) {
  const [ref, width] = useWidth<HTMLDivElement>(380);
  const colours = useCallback((tier: TierWorkup, worn: Worn) => shadesOf(plan, tier, worn), [plan]);
  const tall = (w: StackWorkup) => w.tiers.reduce((sum, t) => sum + t.form.height.mm, 0);
  const share = Math.min(1, tall(workup) / Math.max(tall(workup), tall(beside)));
  return (
    <section ref={ref} aria-label={title} className="min-w-0">
      <h2 className="border-b-[3px] border-ink pb-1 font-semibold">{title}</h2>
      <div className="flex flex-col justify-end" style={{ height: HIGH }}>
        <TurningView
          tiers={workup.tiers}
          chosen=""
          width={width}
          height={Math.max(120, HIGH * share)}
          colours={colours}
        />
      </div>
    </section>
  );
}
