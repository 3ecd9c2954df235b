import type { Reading } from '../api/client';
import { useOpen, useTier } from '../plan/context';
import { type Edit, onTier, reading } from '../plan/edits';
import { Stage } from '../shell/stage';
import { AnyField } from '../ui/any-field';
import { Findings } from '../ui/findings';
import { Lead, Row } from '../ui/ledger';
import { Pick } from '../ui/select';
import { LengthField } from '../ui/typed';
import { useCatalogue, usePreferences } from '../units/preferences';
import { length, lengthParts } from '../units/units';
import { MeasureDrawing } from './drawing';

/** The tier as it was baked and as it was measured; what is measured wins. */
export function Measure() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const { unit } = usePreferences();
  const choices = useCatalogue();
  const { form } = worked;
  const kind = choices?.outlines.find((o) => o.kind === tier.outline.kind);
  const edit = (change: Edit) => editor.edit(change);
  const now = () => new Date().toISOString().slice(0, 16);
  const read = (what: Reading['what']) => tier.readings.find((r) => r.what === what)?.mm ?? null;
  const round = lengthParts(form.foot.mm, unit);
  const across = lengthParts(form.across, unit);
  const high = lengthParts(form.height.mm, unit);

  const main = (
    <>
      <h1 className="heading">{tier.name}</h1>
      <p className="note mb-2">
        {form.foot.readings > 0
          ? 'measured on the finished tier'
          : 'as planned; put a tape around it when it is covered'}
      </p>
      <MeasureDrawing form={form} />
      <div className="mt-4 grid grid-cols-[1fr_1fr] gap-x-10 gap-y-5 max-md:grid-cols-1">
        <section aria-labelledby="planned">
          <h2 id="planned" className="heading mb-2 border-b border-ink/30 pb-1">
            As planned
          </h2>
          <div className="flex flex-wrap items-start gap-x-4 gap-y-3">
            <Pick
              label="Outline"
              value={tier.outline.kind}
              options={(choices?.outlines ?? []).map((o) => ({ name: o.kind, label: o.label }))}
              onChoice={(name) =>
                void edit(onTier(tier.id, (t) => ({ ...t, outline: { kind: name, sizes: {} } })))
              }
            />
            {kind?.fields.map((field) => (
              <AnyField
                key={`${kind.kind}.${field.name}`}
                field={field}
                value={tier.outline.sizes[field.name] ?? field.fallback}
                nominal={form.foot.readings > 0}
                onValue={(value) =>
                  edit(
                    onTier(tier.id, (t) => ({
                      ...t,
                      outline: { ...t.outline, sizes: { ...t.outline.sizes, [field.name]: value } },
                    })),
                  )
                }
              />
            ))}
            <LengthField
              label="Height of the cake"
              field="height"
              mm={tier.height}
              nominal={form.height.readings > 0}
              onLength={(mm) => edit(onTier(tier.id, (t) => ({ ...t, height: mm ?? t.height })))}
            />
            {tier.coats.map((coat, i) => (
              <LengthField
                key={coat.name}
                label={`${coat.name[0]!.toUpperCase()}${coat.name.slice(1)}, thick`}
                field="thickness"
                mm={coat.thickness}
                onLength={(mm) =>
                  edit(
                    onTier(tier.id, (t) => ({
                      ...t,
                      coats: t.coats.map((c, j) => (j === i ? { ...c, thickness: mm ?? c.thickness } : c)),
                    })),
                  )
                }
              />
            ))}
          </div>
        </section>
        <section aria-labelledby="measured">
          <h2 id="measured" className="heading mb-2 border-b border-ink/30 pb-1">
            As measured
          </h2>
          <div className="flex flex-wrap items-start gap-x-4 gap-y-3">
            <LengthField
              label="Tape round the foot"
              field="readings.foot"
              mm={read('foot')}
              mayBeEmpty
              placeholder={length(form.foot.nominalMm, unit)}
              onLength={(mm) => edit(reading(tier.id, 'foot', mm, now()))}
            />
            <LengthField
              label="Height, covered"
              field="readings.height"
              mm={read('height')}
              mayBeEmpty
              placeholder={length(form.height.nominalMm, unit)}
              onLength={(mm) => edit(reading(tier.id, 'height', mm, now()))}
            />
          </div>
          <p className="note mt-3 max-w-sm">
            Type as you think: 19 cm, 7 1/2″, 7.5in or just 190. Empty a reading to go back to the planned
            size.
          </p>
        </section>
      </div>
    </>
  );

  const ledger = (
    <>
      <div>
        <p className="note">{tier.name}, covered</p>
        <Lead number={round.number} unit={round.unit} words="round the foot" />
        <Lead number={across.number} unit={across.unit} words="across" />
        <Lead number={high.number} unit={high.unit} words="high" />
      </div>
      <dl>
        <Row label="Round it, planned">{length(form.foot.nominalMm, unit)}</Row>
        <Row label="Round it, by tape">{form.foot.readings > 0 ? length(form.foot.mm, unit) : 'not yet'}</Row>
        {form.foot.readings > 0 ? (
          <Row label="Tape less plan">{length(form.foot.mm - form.foot.nominalMm, unit)}</Row>
        ) : null}
        <Row label="All coats, thick">
          {length(
            tier.coats.reduce((sum, c) => sum + c.thickness, 0),
            unit,
          )}
        </Row>
      </dl>
      <Findings findings={worked.findings} onMend={() => undefined} />
    </>
  );
  return <Stage main={main} ledger={ledger} />;
}
