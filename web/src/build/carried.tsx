import type { Standing } from '../api/client';
import { useOpen, usePlan, useTier } from '../plan/context';
import { onAgenda, onStand } from '../plan/document-edits';
import { withField } from '../plan/edit';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { tellBad } from '../ui/toasts';
import { LengthField } from '../ui/typed';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

const RODS = [
  { name: 'plastic', label: 'plastic' },
  { name: 'straw', label: 'wide straws' },
  { name: 'wood', label: 'wood' },
] as const;
const CAKES = [
  { name: 'sponge', label: 'sponge' },
  { name: 'rich', label: 'rich cake' },
  { name: 'fruit', label: 'fruit cake' },
  { name: 'dummy', label: 'dummy' },
] as const;
const CARRIES = { plastic: 1.5, straw: 0.5, wood: 1.5 };

/** What the stack is carried by, and what the chosen tier is made of. */
export function Carried({ standing }: { standing: Standing }) {
  const { editor } = useOpen();
  const { unit } = usePreferences();
  const { tier, index } = useTier();
  const { stand, agenda, tiers } = usePlan();
  const dressFirst = agenda?.dressFirst ?? false;
  const rod = stand?.rod ?? 'plastic';
  const change = async (edit: Parameters<typeof onStand>[0]) => {
    const refused = await editor.edit(onStand(edit));
    if (refused) {
      tellBad(refused.detail);
    }
    return refused;
  };
  const shift = (part: Partial<Standing['shift']>) =>
    change((s) => ({ ...s, shifts: { ...s.shifts, [tier.id]: { ...standing.shift, ...part } } }));
  return (
    <div className="mt-5 flex flex-wrap items-end gap-x-5 gap-y-3 border-t border-ink/25 pt-4">
      <Choice
        label="Dowels"
        value={rod}
        options={RODS}
        onChoice={(r) => void change((s) => ({ ...s, rod: r }))}
      />
      <NumberField
        label="One carries"
        suffix="kg"
        value={stand?.carries ?? null}
        mayBeEmpty
        placeholder={String(CARRIES[rod])}
        onNumber={(kg) => change((s) => withField(s, 'carries', kg ?? undefined))}
      />
      <LengthField
        label="Boards between"
        field="board"
        mm={stand?.board ?? null}
        mayBeEmpty
        placeholder={length(4, unit)}
        onLength={(mm) => change((s) => withField(s, 'board', mm ?? undefined))}
      />
      <Choice
        label="Centre dowel"
        value={stand?.centre ? 'yes' : 'no'}
        options={[
          { name: 'no', label: 'none' },
          { name: 'yes', label: 'through all tiers' },
        ]}
        onChoice={(c) => void change((s) => ({ ...s, centre: c === 'yes' }))}
      />
      {tiers.length > 1 ? (
        <Choice
          label="Order of the work"
          value={dressFirst ? 'dress' : 'stack'}
          options={[
            { name: 'stack', label: 'stack, then decorate' },
            { name: 'dress', label: 'decorate each, then stack' },
          ]}
          onChoice={(order) => void editor.edit(onAgenda((a) => ({ ...a, dressFirst: order === 'dress' })))}
        />
      ) : null}
      {tier.dummy ? null : (
        <Pick
          label={`${tier.name} is`}
          value={stand?.cakes[tier.id] ?? 'sponge'}
          options={CAKES}
          onChoice={(c) =>
            void change((s) => ({
              ...s,
              cakes: { ...s.cakes, [tier.id]: c as (typeof CAKES)[number]['name'] },
            }))
          }
        />
      )}
      {index > 0 ? (
        <>
          <LengthField
            label="Set to the right by"
            field="shift"
            mm={standing.shift.x}
            onLength={(mm) => shift({ x: mm ?? 0 })}
          />
          <LengthField
            label="Set back by"
            field="shift"
            mm={standing.shift.y}
            onLength={(mm) => shift({ y: mm ?? 0 })}
          />
        </>
      ) : null}
    </div>
  );
}
