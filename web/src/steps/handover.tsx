import { useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
import { api, type Handover, problemOf, type TierWorkup, type Worn } from '../api/client';
import { shadesOf } from '../band/shades';
import { useWidth } from '../band/size';
import { TurningView } from '../band/turning-view';
import { Elevation } from '../build/elevation';
import { save } from '../make/use';
import { useOpen, usePlan, useWorkup } from '../plan/context';
import { ShareButton } from '../plan/share';
import { useBuild, usePieces, usePlanId } from '../plan/use';
import { Button } from '../ui/button';
import { Row } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { tellBad } from '../ui/toasts';
import { day } from '../units/days';
import { usePreferences } from '../units/preferences';
import { span } from '../units/time';
import { say } from '../units/units';
import { HandoverParts } from './handover-parts';

/** What goes with the cake to whoever serves it. */
export function HandoverSheet() {
  const plan = usePlan();
  const id = usePlanId();
  const { data: sheet, error } = useQuery({
    queryKey: ['handover', id, plan],
    queryFn: () => api.handover(id, plan),
    placeholderData: (before) => before,
  });
  const print = async () => {
    try {
      save(await api.handoverPdf(id, plan), `${plan.name}, handover.pdf`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const main = error ? (
    <p role="alert" className="border-l-4 border-stop bg-stop-ground px-4 py-3">
      {problemOf(error).detail}
    </p>
  ) : sheet ? (
    <Sheet sheet={sheet} />
  ) : (
    <p className="note">Writing it</p>
  );
  const count = sheet?.out.reduce((sum, p) => sum + p.count, 0) ?? 0;
  const ledger = sheet ? (
    <>
      <div>
        <p className="note">To take out before it is cut</p>
        <p className="figure">{count}</p>
        <p className="note mt-3">Portions</p>
        <p className="figure">{sheet.slices}</p>
        <p className="note mt-3">Allergens by the materials</p>
        <p className="font-display text-[1.4rem] leading-tight font-bold">
          {sheet.allergens.map((a) => a.name).join(', ') || 'none named'}
        </p>
      </div>
      <dl>
        {sheet.uncooled === undefined ? null : <Row label="Out of the fridge">{span(sheet.uncooled)}</Row>}
      </dl>
      <Button look="main" onClick={() => void print()}>
        Save as PDF
      </Button>
      <ShareButton id={id} kind="handover" />
      <p className="note">
        One sheet to go with the cake. We advise; the packets, your local food rules and a qualified adviser
        rule.
      </p>
    </>
  ) : null;
  return <Stage main={main} ledger={ledger} />;
}

function Sheet({ sheet }: { sheet: Handover }) {
  const { unit } = usePreferences();
  const plan = usePlan();
  const made = usePieces(usePlan()).data;
  const workup = useWorkup();
  const { tierId, chooseTier } = useOpen();
  const [frame, wide] = useWidth<HTMLDivElement>(360);
  const colours = useCallback((t: TierWorkup, w: Worn) => shadesOf(plan, t, w), [plan]);
  const { data: built } = useBuild(plan);
  return (
    <>
      <h1 className="heading">Handover: {sheet.name}</h1>
      <p className="note mb-2">
        {[sheet.readyBy ? day(sheet.readyBy) : '', sheet.client, sheet.place].filter(Boolean).join(' · ')}
        {' · '}
        {say(sheet.whole, unit)}
      </p>
      <div className="grid grid-cols-2 items-end gap-6 pb-3 max-md:grid-cols-1">
        <div ref={frame} className="min-w-0">
          <TurningView
            tiers={workup.tiers}
            chosen={tierId}
            width={Math.min(360, wide)}
            height={380}
            colours={colours}
            onTier={chooseTier}
            pieces={made}
          />
        </div>
        {built && built.tiers.length === plan.tiers.length ? (
          <Elevation tiers={workup.tiers} built={built} plan={plan} chosen={tierId} choose={chooseTier} />
        ) : null}
      </div>
      <HandoverParts sheet={sheet} unit={unit} />
    </>
  );
}
