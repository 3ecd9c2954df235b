import { useOpen, useTier, useWorkup } from '../plan/context';
import { mend } from '../plan/edits';
import { Reckoned } from '../plan/reckoned';
import { Findings } from '../ui/findings';
import { Lead, Row } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { usePreferences } from '../units/preferences';
import { length, lengthParts } from '../units/units';
import { WhatChanged } from './changed';
import { StackDrawing } from './drawing';
import { Planned } from './planned';
import { Readings } from './readings';

/** The tier as it was baked and as it was measured; what is measured wins. */
export function Measure() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const workup = useWorkup();
  const { unit } = usePreferences();
  const { form } = worked;
  const round = lengthParts(form.foot.mm, unit);
  const across = lengthParts(form.across, unit);
  const high = lengthParts(form.height.mm, unit);

  const main = (
    <>
      <h1 className="heading">{tier.name}</h1>
      <p className="note mb-1">
        {form.foot.readings > 0
          ? 'measured on the finished tier'
          : 'as planned; put a tape around it when it is covered'}
      </p>
      <StackDrawing tiers={workup.tiers} ledges={workup.ledges} chosen={tier.id} />
      <div className="mt-3 grid grid-cols-2 gap-x-9 gap-y-5 max-lg:grid-cols-1">
        <section aria-labelledby="planned">
          <h2 id="planned" className="heading mb-2 border-b border-ink/30 pb-1">
            As planned
          </h2>
          <Planned key={tier.id} />
        </section>
        <section aria-labelledby="measured">
          <h2 id="measured" className="heading mb-2 border-b border-ink/30 pb-1">
            As measured
          </h2>
          <Readings key={tier.id} />
        </section>
      </div>
      <p className="note mt-4">Type as you think: 19 cm, 7 1/2″, 7.5in or just 190.</p>
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
      <WhatChanged />
      <dl>
        <Row label="Round it, planned">{length(form.foot.nominalMm, unit)}</Row>
        <Row label="Round it, by tape">{form.foot.readings > 0 ? length(form.foot.mm, unit) : 'not yet'}</Row>
        {form.foot.readings > 0 ? (
          <Row label="Tape less plan">{length(form.foot.mm - form.foot.nominalMm, unit)}</Row>
        ) : null}
        {form.top.mm !== form.foot.mm ? (
          <Row label="Round the top edge">{length(form.top.mm, unit)}</Row>
        ) : null}
        {form.heights.length > 1 ? (
          <Row label="Heights differ by">{length(form.height.spreadMm, unit)}</Row>
        ) : null}
        <Row label="All coats, thick">
          {length(
            tier.coats.reduce((sum, c) => sum + c.thickness, 0),
            unit,
          )}
        </Row>
      </dl>
      <Reckoned tier={tier.id} only="round" />
      <Findings
        findings={worked.findings}
        onMend={(_, press) =>
          void editor.edit(mend({ tier: tier.id, division: tier.divisions[0]!.id }, press))
        }
      />
    </>
  );
  return <Stage main={main} ledger={ledger} />;
}
