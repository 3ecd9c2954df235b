import { memo } from 'react';
import type { Dressing, Field, Making, Plan, Worn } from '../api/client';
import { Colours } from '../band/colours';
import { useOpen, usePlan, useTier } from '../plan/context';
import type { Edit } from '../plan/edit';
import { mend, onDressing, setting } from '../plan/edits';
import { Reckoned } from '../plan/reckoned';
import { AnyField } from '../ui/any-field';
import { Choice } from '../ui/choice';
import { Findings } from '../ui/findings';
import { Lead, Row } from '../ui/ledger';
import { restsOn, sparesOn } from '../units/basis';
import { useMaterials, usePreferences } from '../units/preferences';
import { quantity, quantityParts, say } from '../units/units';
import { capital } from '../units/words';
import { ArtPress } from './art-press';
import { GoesOver } from './over';
import { DressingStretch, DressingZone } from './zones';

/** What matters of the chosen course: its numbers, what there is to say, its settings, how it is made. */
export function DressingLedger({ worn, dressing }: { worn: Worn; dressing: Dressing }) {
  const { editor } = useOpen();
  const plan = usePlan();
  const { tier, worked } = useTier();
  const divided = worked.divisions.find((d) => d.id === dressing.division) ?? worked.divisions[0]!;
  const edit = (change: Edit) => editor.edit(change);
  return (
    <>
      <Numbers worn={worn} />
      <Reckoned tier={tier.id} dressing={dressing.id} />
      <Findings
        findings={[...worn.findings, ...divided.findings, ...worked.findings]}
        onMend={(_, press) =>
          void edit(mend({ tier: tier.id, division: divided.id, dressing: dressing.id }, press))
        }
      />
      <GoesOver dressing={dressing} />
      {dressing.technique === 'art' ? (
        <ArtPress
          key={dressing.id}
          dressing={dressing}
          chosen={String(dressing.settings.motif ?? worn.fields.find((f) => f.name === 'motif')?.fallback)}
        />
      ) : null}
      <section aria-label="Settings" className="grid grid-cols-2 items-end gap-x-3 gap-y-3">
        {worn.fields.map((field) => (
          <Setting
            key={`${worn.id}.${field.name}`}
            tier={tier.id}
            dressing={dressing.id}
            field={field}
            value={dressing.settings[field.name] ?? field.fallback}
          />
        ))}
      </section>
      <Colours
        palette={plan.palette}
        chosen={dressing.colours}
        onColours={(colours) => void edit(onDressing(tier.id, dressing.id, (d) => ({ ...d, colours })))}
      />
      {tier.divisions.length > 1 ? (
        <Choice
          label="Stands on the marks of"
          value={dressing.division}
          options={tier.divisions.map((d) => ({ name: d.id, label: d.id }))}
          onChoice={(division) => void edit(onDressing(tier.id, dressing.id, (d) => ({ ...d, division })))}
        />
      ) : null}
      {dressing.over ? null : (
        <>
          <DressingStretch key={`${dressing.id}.round`} dressing={dressing} />
          <DressingZone key={dressing.id} dressing={dressing.id} />
        </>
      )}
      <HowMade making={worn.making} colours={dressing.colours} palette={plan.palette} />
    </>
  );
}

interface SettingProps {
  tier: string;
  dressing: string;
  field: Field;
  value: unknown;
}

/** One of its settings. Kept as it is while others change: while a hand drags, most of the ledger stands still. */
const Setting = memo(function Setting({ tier, dressing, field, value }: SettingProps) {
  const { editor } = useOpen();
  return (
    <div className={field.kind === 'text' ? 'col-span-2' : ''}>
      <AnyField
        stacked={field.choices.length > 2}
        field={field}
        value={value}
        onValue={(to) => editor.edit(setting(tier, dressing, field.name, to))}
      />
    </div>
  );
});

function Numbers({ worn }: { worn: Worn }) {
  const { unit } = usePreferences();
  return (
    <>
      <div>
        <p className="note">{worn.name}</p>
        {worn.figures
          .filter((f) => f.lead)
          .map((f) => {
            const parts = quantityParts(f.quantity, unit);
            return <Lead key={f.label} number={parts.number} unit={parts.unit} words={f.label} />;
          })}
      </div>
      <dl>
        {worn.figures
          .filter((f) => !f.lead)
          .map((f) => (
            <Row key={f.label} label={f.label}>
              {quantity(f.quantity, unit)}
            </Row>
          ))}
      </dl>
      <p className="note" data-rests-on>
        Hands {restsOn(worn.bases.time)}; spares {sparesOn(worn.bases.spares)}; weights{' '}
        {restsOn(worn.bases.weight)}.
      </p>
    </>
  );
}

interface MadeProps {
  making: Making;
  colours: readonly string[];
  palette: Plan['palette'];
}

/** What is cut, what holds it, and the steps in order with the caution where it belongs. */
const HowMade = memo(function HowMade({ making, colours, palette }: MadeProps) {
  const { unit } = usePreferences();
  const { words } = useMaterials();
  const name = (index: number) =>
    palette.find((c) => c.id === colours[index])?.name ??
    (colours.length === 0 && index >= 0 ? palette[0]?.name : undefined);
  return (
    <details className="border-t border-ink/25 pt-2" open>
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold">How it is made</summary>
      {making.cuts.length > 0 ? (
        <table className="mb-3 w-full text-[0.97rem]">
          <thead>
            <tr className="text-left text-[0.92rem] text-soft">
              <th className="font-normal">piece</th>
              <th className="text-right font-normal">needed + spare</th>
            </tr>
          </thead>
          <tbody>
            {making.cuts.map((c, i) => (
              <tr key={i} className="border-t border-dotted border-ink/30 align-top">
                <td className="py-1">
                  {say(c.what, unit)}
                  <span className="block text-[0.92rem] text-soft">
                    {quantity({ kind: 'length', value: c.width }, unit)}
                    {c.outline.length > 0
                      ? ` × ${quantity({ kind: 'length', value: c.height }, unit)}`
                      : ' across'}
                    {name(c.colour) ? ` · ${name(c.colour)}` : ''}
                  </span>
                </td>
                <td className="py-1 text-right font-semibold whitespace-nowrap">
                  {c.count} + {c.spare}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
      {making.used.length > 0 ? (
        <table className="mb-3 w-full text-[0.97rem]">
          <thead>
            <tr className="text-left text-[0.92rem] text-soft">
              <th className="font-normal">it takes</th>
              <th className="text-right font-normal">net</th>
            </tr>
          </thead>
          <tbody>
            {making.used.map((u) => (
              <tr
                key={`${u.material}.${u.colour}.${u.thickness}`}
                className="border-t border-dotted border-ink/30"
              >
                <td className="py-1">
                  {capital(words(u.material))}
                  <span className="block text-[0.92rem] text-soft">
                    {[
                      name(u.colour),
                      u.thickness > 0
                        ? `${quantity({ kind: 'length', value: u.thickness }, unit)} thick`
                        : '',
                      u.length > 0 ? `${quantity({ kind: 'length', value: u.length }, unit)} long` : '',
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </span>
                </td>
                <td className="py-1 text-right font-semibold whitespace-nowrap">
                  {quantity({ kind: 'mass', value: u.grams }, unit)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      ) : null}
      {making.layers.length > 0 ? (
        <>
          <p className="text-[0.97rem] font-semibold">Laid in this order, built in reverse</p>
          <ol className="mb-2 list-decimal pl-6 text-[0.97rem]">
            {making.layers.map((layer, i) => (
              <li key={i}>{say(layer, unit)}</li>
            ))}
          </ol>
        </>
      ) : null}
      <p className="mb-2 text-[0.97rem]">
        <b>Holds with</b> {making.adhesive}. <span className="text-soft">{capital(making.why)}.</span>
      </p>
      <ol className="flex flex-col gap-2 text-[0.97rem]">
        {making.steps.map((step, i) => (
          <li key={i} className="grid grid-cols-[1.5rem_1fr] gap-x-1">
            <span className="font-semibold text-pin">{i + 1}</span>
            <span>
              {say(step.what, unit)}{' '}
              <span className="text-soft">
                {step.tool} · {quantity({ kind: 'minutes', value: step.minutes }, unit)}
              </span>
              {step.pause ? (
                <span className="block text-soft">
                  then {quantity({ kind: 'minutes', value: step.pause.least }, unit)} to{' '}
                  {quantity({ kind: 'minutes', value: step.pause.most }, unit)} {step.pause.where}
                </span>
              ) : null}
              {step.caution ? (
                <span className="mt-1 block border-l-4 border-look bg-look-ground px-2 py-1">
                  <b className="text-look">Mind</b> {step.caution}
                </span>
              ) : null}
            </span>
          </li>
        ))}
      </ol>
    </details>
  );
});
