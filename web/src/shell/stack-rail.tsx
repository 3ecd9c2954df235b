import { useOpen, usePlan, useWorkup } from '../plan/context';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

/** Left: the tiers to scale, one pressed to choose it. */
export function StackRail() {
  const { tierId, chooseTier } = useOpen();
  const plan = usePlan();
  const workup = useWorkup();
  const { unit } = usePreferences();
  const rows = plan.tiers.map((tier, i) => ({ tier, form: workup.tiers[i]!.form })).reverse();
  const wide = Math.max(...rows.map((r) => r.form.width));
  const tall = rows.reduce((sum, r) => sum + r.form.height.mm, 0);
  const k = Math.min(118 / wide, 400 / tall);
  return (
    <aside
      aria-label="The stack"
      className="flex flex-col border-r border-edge bg-paper px-3 py-5 max-md:flex-row max-md:items-center max-md:gap-4 max-md:border-r-0 max-md:border-b max-md:py-2"
    >
      <h2 className="note mb-auto px-1 max-md:mb-0">The stack</h2>
      <div className="flex flex-col items-center">
        <span className="text-[0.88rem] font-semibold text-pin max-md:hidden">front</span>
        <span className="mb-1 h-4 border-l-2 border-dotted border-pin max-md:hidden" />
        {rows.map(({ tier, form }) => {
          const on = tier.id === tierId;
          const w = Math.max(44, form.width * k);
          const h = Math.max(28, form.height.mm * k);
          return (
            <button
              type="button"
              key={tier.id}
              aria-pressed={on}
              aria-label={`${tier.name}, ${length(form.across, unit)} across`}
              onClick={() => chooseTier(tier.id)}
              className="relative flex flex-col items-center"
            >
              <svg width={w} height={h} className="-mb-px block">
                <rect
                  x={1}
                  y={1}
                  width={w - 2}
                  height={h - 2}
                  fill={on ? 'var(--color-wash)' : 'var(--color-sheet)'}
                  stroke="var(--color-ink)"
                  strokeWidth={on ? 2.4 : 1.2}
                />
                <text
                  x={w / 2}
                  y={h / 2 + 5}
                  textAnchor="middle"
                  className={`text-[15px] ${on ? 'fill-ink font-bold' : 'fill-soft'}`}
                >
                  {length(form.across, unit)}
                </text>
              </svg>
            </button>
          );
        })}
        <div className="h-1 w-[126px] bg-ink" />
      </div>
      <div className="mt-auto pt-4 max-md:hidden">
        <p className="note px-1">
          <b>[ ]</b> count
        </p>
      </div>
    </aside>
  );
}
