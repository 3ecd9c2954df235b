import type { Dressing, Plan, TierWorkup } from '../api/client';
import { surfaceOf } from '../band/level';
import { useOpen, usePlan, useTier } from '../plan/context';
import { onDressing } from '../plan/edits';
import { Pick } from '../ui/select';
import { useCatalogue } from '../units/preferences';

type Over = NonNullable<Dressing['over']>;

/** What a finish goes over, in words. */
export function overWords(
  { dressing, colour }: Over,
  worked: Pick<TierWorkup, 'dressings'>,
  palette: Plan['palette'],
): string {
  return dressing
    ? (worked.dressings.find((w) => w.id === dressing)?.name.toLowerCase() ?? 'what is gone')
    : `all in ${palette.find((c) => c.id === colour)?.name.toLowerCase() ?? 'a colour that is gone'}`;
}

const ITSELF = '*';

/** Whether a finish lies on the surface itself, goes over a course, or over every piece of a colour. */
export function GoesOver({ dressing }: { dressing: Dressing }) {
  const { editor } = useOpen();
  const { palette } = usePlan();
  const { tier, worked } = useTier();
  const finishes = useCatalogue()?.techniques.filter((t) => t.finishes) ?? [];
  if (!finishes.some((t) => t.id === dressing.technique)) {
    return null;
  }
  const others = tier.dressings.filter((d) => !finishes.some((t) => t.id === d.technique));
  const name = (d: Dressing) => worked.dressings.find((w) => w.id === d.id)?.name ?? d.technique;
  const { over } = dressing;
  const choose = (chosen: string) => {
    const [what, id] = [chosen.slice(0, 2), chosen.slice(2)];
    void editor.edit(
      onDressing(tier.id, dressing.id, ({ over: _, zone, stretch, surface, ...d }) => {
        const under = what === 'd/' ? tier.dressings.find((o) => o.id === id) : undefined;
        if (under) {
          // It is told of where the pieces are.
          const there = surfaceOf(under);
          return { ...d, ...(there === 'side' ? {} : { surface: there }), over: { dressing: id } };
        }
        const same = {
          ...d,
          ...(surface ? { surface } : {}),
          ...(stretch ? { stretch } : {}),
          ...(zone ? { zone } : {}),
        };
        return what === 'c/' ? { ...same, over: { colour: id } } : same;
      }),
    );
  };
  return (
    <Pick
      label="Goes over"
      value={over?.dressing ? `d/${over.dressing}` : over?.colour ? `c/${over.colour}` : ITSELF}
      options={[
        { name: ITSELF, label: 'the surface itself' },
        ...others.map((d) => ({ name: `d/${d.id}`, label: name(d) })),
        ...palette.map((c) => ({ name: `c/${c.id}`, label: `every piece in ${c.name.toLowerCase()}` })),
      ]}
      onChoice={choose}
    />
  );
}
