import { useOpen, usePlan } from '../plan/context';
import { onTable } from '../plan/document-edits';
import { withField } from '../plan/edit';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { LengthField, ShareField } from '../ui/typed';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

/** The room it is made in, and the board under it: what pastes and coverings depend on beside the design. */
export function Room() {
  const { editor } = useOpen();
  const { unit } = usePreferences();
  const { table, palette } = usePlan();
  const set = (field: 'humidity' | 'celsius', value: number | undefined) =>
    editor.edit(onTable((t) => withField(t, field, value)));
  const base = table?.base;
  const board = (change: Partial<NonNullable<typeof base>>) =>
    editor.edit(
      onTable((t) => ({
        ...t,
        base: { across: 300, thickness: 3, ...t.base, ...change } as NonNullable<typeof base>,
      })),
    );
  return (
    <section aria-label="The room and the board" className="border-t border-ink/25 pt-3">
      <h2 className="heading text-[1.05rem]">The room and the board</h2>
      <div className="mt-2 flex flex-wrap gap-3">
        <ShareField label="Humidity" value={table?.humidity ?? 0.5} onShare={(s) => set('humidity', s)} />
        <NumberField
          label="Warmth"
          suffix="°C"
          value={table?.celsius ?? 20}
          onNumber={(n) => set('celsius', n ?? 20)}
        />
        <LengthField
          label="Board, across"
          field="base.across"
          mm={base?.across ?? null}
          mayBeEmpty
          placeholder={length(300, unit)}
          onLength={(mm) =>
            mm === null ? editor.edit(onTable((t) => withField(t, 'base', undefined))) : board({ across: mm })
          }
        />
        {base ? (
          <Pick
            label="Covered with"
            value={base.material ? (base.colour ?? 'plain') : 'bare'}
            options={[
              { name: 'bare', label: 'nothing' },
              { name: 'plain', label: 'fondant, as it comes' },
              ...palette.map((c) => ({ name: c.id, label: `fondant, ${c.name}` })),
            ]}
            onChoice={(chosen) =>
              void editor.edit(
                onTable((t) => {
                  const { material: _, colour: __, ...bare } = t.base!;
                  return {
                    ...t,
                    base:
                      chosen === 'bare'
                        ? bare
                        : chosen === 'plain'
                          ? { ...bare, material: 'fondant' }
                          : { ...bare, material: 'fondant', colour: chosen },
                  };
                }),
              )
            }
          />
        ) : null}
      </div>
    </section>
  );
}
