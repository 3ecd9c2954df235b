import { Plus, X } from 'lucide-react';
import { useOpen, useTier } from '../plan/context';
import type { Edit } from '../plan/edit';
import { onTier } from '../plan/edits';
import { AnyField } from '../ui/any-field';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Pick } from '../ui/select';
import { CountField, LengthField, WordsField } from '../ui/typed';
import { useCatalogue } from '../units/preferences';

const said = (name: string) => `${name[0]!.toUpperCase()}${name.slice(1)}`;

/** The tier as it is to be baked and coated; light where a reading has taken over. */
export function Planned() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { form } = worked;
  const choices = useCatalogue();
  const kind = choices?.outlines.find((o) => o.kind === tier.outline.kind);
  const edit = (change: Edit) => editor.edit(change);
  const change = (fn: Parameters<typeof onTier>[1]) => edit(onTier(tier.id, fn));
  const { layers } = tier;
  // What the layers came to is kept as one height.
  const bare = form.height.nominalMm - tier.coats.reduce((sum, c) => sum + c.thickness, 0);
  return (
    <div className="flex flex-col gap-3">
      <div className="flex flex-wrap items-start gap-x-4 gap-y-3">
        <WordsField
          label="Called"
          value={tier.name}
          onWords={(name) => change((t) => ({ ...t, name }))}
          className="w-44"
        />
        <Choice
          label="It is"
          value={tier.dummy ? 'dummy' : 'cake'}
          options={[
            { name: 'cake', label: 'cake' },
            { name: 'dummy', label: 'a dummy' },
          ]}
          onChoice={(v) => void change((t) => ({ ...t, dummy: v === 'dummy' }))}
        />
      </div>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-3">
        <Pick
          label="Outline"
          value={tier.outline.kind}
          options={(choices?.outlines ?? []).map((o) => ({ name: o.kind, label: o.label }))}
          onChoice={(name) => void change((t) => ({ ...t, outline: { kind: name, sizes: {} } }))}
        />
        {kind?.fields.map((field) => (
          <AnyField
            key={`${kind.kind}.${field.name}`}
            field={field}
            value={tier.outline.sizes[field.name] ?? field.fallback}
            nominal={form.foot.readings > 0}
            onValue={(value) =>
              change((t) => ({
                ...t,
                outline: { ...t.outline, sizes: { ...t.outline.sizes, [field.name]: value } },
              }))
            }
          />
        ))}
      </div>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-3">
        {layers === undefined ? (
          <>
            <LengthField
              label="Height of the cake"
              field="height"
              mm={tier.height}
              nominal={form.height.readings > 0}
              onLength={(mm) => change((t) => ({ ...t, height: mm ?? t.height }))}
            />
            <Button
              look="pin"
              className="mt-6 px-1"
              onClick={() =>
                change((t) => ({
                  ...t,
                  layers: { count: 3, each: Math.round((t.height - 16) / 3), filling: 8 },
                }))
              }
            >
              From layers
            </Button>
          </>
        ) : (
          <>
            <CountField
              label="Layers"
              value={layers.count}
              onCount={(n) => change((t) => ({ ...t, layers: { ...layers, count: n } }))}
            />
            <LengthField
              label="Each layer"
              field="layers.each"
              mm={layers.each}
              onLength={(mm) => change((t) => ({ ...t, layers: { ...layers, each: mm ?? layers.each } }))}
            />
            <LengthField
              label="Filling between"
              field="layers.filling"
              mm={layers.filling}
              onLength={(mm) =>
                change((t) => ({ ...t, layers: { ...layers, filling: mm ?? layers.filling } }))
              }
            />
            <Button
              look="pin"
              className="mt-6 px-1"
              onClick={() => change(({ layers: _, ...t }) => ({ ...t, height: bare }))}
            >
              One height
            </Button>
          </>
        )}
      </div>
      <div className="flex flex-wrap items-start gap-x-4 gap-y-3">
        {tier.coats.map((coat, i) => (
          <div key={i} className="flex items-start">
            <LengthField
              label={`${said(coat.name)}, thick`}
              field="coats.thickness"
              mm={coat.thickness}
              nominal={form.foot.readings > 0}
              onLength={(mm) =>
                change((t) => ({
                  ...t,
                  coats: t.coats.map((c, j) => (j === i ? { ...c, thickness: mm ?? c.thickness } : c)),
                }))
              }
            />
            <button
              type="button"
              aria-label={`Take the ${coat.name} off`}
              title={`Take the ${coat.name} off`}
              onClick={() => change((t) => ({ ...t, coats: t.coats.filter((_, j) => j !== i) }))}
              className="mt-6 grid h-11 w-8 place-items-center rounded-md hover:bg-ink/8"
            >
              <X size={16} aria-hidden />
            </button>
          </div>
        ))}
        {tier.coats.length < 6 ? (
          <Button
            look="pin"
            className="mt-6 px-1"
            onClick={() =>
              change((t) => ({
                ...t,
                coats: [...t.coats, { name: `coat ${t.coats.length + 1}`, thickness: 3 }],
              }))
            }
          >
            <Plus size={16} aria-hidden /> Coat
          </Button>
        ) : null}
      </div>
    </div>
  );
}
