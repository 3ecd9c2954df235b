import { useState } from 'react';
import type { Worn } from '../api/client';
import { Band } from '../band/band';
import { FrontView } from '../band/front-view';
import { Grip } from '../band/grip';
import { Ladder } from '../divide/ladder';
import { WhatChanged } from '../measure/changed';
import { useOpen, usePlan, useTier, useWorkup } from '../plan/context';
import { addDressing, count, type Edit, freeId, mend, onDressing, onTier, setting } from '../plan/edits';
import { Stage } from '../shell/stage';
import { AnyField } from '../ui/any-field';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Findings } from '../ui/findings';
import { Lead, Row } from '../ui/ledger';
import { tell } from '../ui/toasts';
import { useCatalogue, usePreferences } from '../units/preferences';
import { length, quantity, quantityParts } from '../units/units';
import { Borders, DressingZone } from './zones';

/** The dressings of a tier on its band, and one of them under the hand. */
export function Dress() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const plan = usePlan();
  const workup = useWorkup();
  const { unit, tapeMm } = usePreferences();
  const choices = useCatalogue();
  const [wish, setWish] = useState<string | null>(null);
  const [section, setSection] = useState<number | null>(null);
  const { form } = worked;
  const chosen = worked.dressings.find((w) => w.id === wish) ?? worked.dressings.at(-1);
  const dressing = tier.dressings.find((d) => d.id === chosen?.id);
  const divided = worked.divisions.find((d) => d.id === dressing?.division) ?? worked.divisions[0]!;
  const at = section !== null && section < divided.count ? section : divided.frontSection;
  const edit = (change: Edit) => editor.edit(change);
  const colours = () => [plan.palette[0]?.shade ?? '#27375f'];
  const handle = chosen?.handles[0];
  const handled = chosen?.fields.find((f) => f.name === handle?.field);
  const value = Number(dressing?.settings[handle?.field ?? ''] ?? handled?.fallback ?? 0);

  const add = async (technique: string) => {
    const id = freeId(technique, tier.dressings);
    const problem = await edit(addDressing(tier.id, technique));
    if (problem === null) {
      setWish(id);
    }
  };
  const takeOff = async (id: string, name: string) => {
    await edit(onTier(tier.id, (t) => ({ ...t, dressings: t.dressings.filter((d) => d.id !== id) })));
    tell(`${name} is taken off.`, { label: 'Undo', run: () => void editor.undo() });
  };

  const main = (
    <>
      <div className="grid grid-cols-[minmax(180px,220px)_minmax(0,1fr)] gap-5 max-md:grid-cols-1">
        <div>
          <h1 className="heading">{tier.name}, dressed</h1>
          <p className="note mb-3">its courses, from the top down</p>
          <ul aria-label="Courses" className="flex flex-col gap-2">
            {[...worked.dressings].reverse().map((worn) => (
              <li key={worn.id}>
                <button
                  type="button"
                  aria-pressed={worn.id === chosen?.id}
                  onClick={() => setWish(worn.id)}
                  className={`flex min-h-11 w-full items-center justify-between gap-3 rounded-md border px-3 ${worn.id === chosen?.id ? 'border-ink bg-ink text-sheet' : 'border-ink/35 bg-sheet hover:border-ink'}`}
                >
                  <span>{worn.name}</span>
                  <span className="font-semibold">{worn.layout.placements.length}</span>
                </button>
              </li>
            ))}
          </ul>
          <div className="mt-2 flex flex-wrap gap-x-1">
            {choices?.techniques.map((t) => (
              <Button key={t.id} look="pin" onClick={() => add(t.id)} className="px-2">
                Add a {t.name.toLowerCase()}
              </Button>
            ))}
            {chosen ? (
              <Button look="quiet" className="px-2" onClick={() => takeOff(chosen.id, chosen.name)}>
                Take it off
              </Button>
            ) : null}
          </div>
        </div>
        <div className="flex justify-center">
          <FrontView tiers={workup.tiers} chosen={tier.id} width={420} height={236} colours={colours} />
        </div>
      </div>
      <div className="mt-4">
        <Band
          form={form}
          divided={divided}
          dressings={worked.dressings}
          colours={colours}
          chosen={chosen?.id}
          section={chosen ? at : undefined}
          onSection={chosen ? setSection : undefined}
          mostHeight={190}
          borders={worked.borders}
        >
          {(scale) => {
            const grip = handle?.grips[at];
            return chosen && dressing && handle && handled && grip ? (
              <Grip
                label={`${handle.label} of section ${at + 1}: ${handled.label.toLowerCase()}`}
                value={value}
                perMm={handle.perMm}
                stepMm={tapeMm}
                min={handled.min}
                max={handled.max}
                x={scale.x(grip.s)}
                y={scale.y(grip.z)}
                pxPerMm={scale.k}
                shown={length(value, unit)}
                onPreview={(to) => editor.preview(setting(tier.id, dressing.id, handle.field, to))}
                onCommit={(to) => void edit(setting(tier.id, dressing.id, handle.field, to))}
                onCancel={() => editor.letGo()}
              />
            ) : null;
          }}
        </Band>
      </div>
      <h2 className="heading mt-5 mb-2">Counts that close on {length(form.foot.mm, unit)}</h2>
      <Ladder divided={divided} onCount={(n) => void edit(count(tier.id, divided.id, n))} />
    </>
  );

  const ledger =
    chosen && dressing ? (
      <>
        <DressingNumbers worn={chosen} />
        <WhatChanged />
        <div className="flex flex-col gap-3">
          {chosen.fields.map((field) => (
            <AnyField
              stacked
              key={`${chosen.id}.${field.name}`}
              field={field}
              value={dressing.settings[field.name] ?? field.fallback}
              onValue={(to) => edit(setting(tier.id, dressing.id, field.name, to))}
            />
          ))}
        </div>
        {tier.divisions.length > 1 ? (
          <Choice
            label="Hangs on the marks of"
            value={dressing.division}
            options={tier.divisions.map((d) => ({ name: d.id, label: d.id }))}
            onChoice={(division) => void edit(onDressing(tier.id, dressing.id, (d) => ({ ...d, division })))}
          />
        ) : null}
        <DressingZone key={dressing.id} dressing={dressing.id} />
        <Findings
          findings={[...chosen.findings, ...divided.findings, ...worked.findings]}
          onMend={(_, press) =>
            void edit(mend({ tier: tier.id, division: divided.id, dressing: dressing.id }, press))
          }
        />
        <Borders />
      </>
    ) : (
      <>
        <p className="heading">Nothing on this tier yet</p>
        <p className="note">
          Add a dressing: it takes its sizes from the tier and its division, and can be moved by hand after.
        </p>
        {choices?.techniques.map((t) => (
          <Button key={t.id} look="main" onClick={() => add(t.id)}>
            Add a {t.name.toLowerCase()}
          </Button>
        ))}
        <WhatChanged />
        <Borders />
      </>
    );
  return <Stage main={main} ledger={ledger} />;
}

function DressingNumbers({ worn }: { worn: Worn }) {
  const { unit } = usePreferences();
  return (
    <>
      <div>
        <p className="note">{worn.name}, each section</p>
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
    </>
  );
}
