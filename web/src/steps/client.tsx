import { useQuery } from '@tanstack/react-query';
import { useCallback, useState } from 'react';
import { api, problemOf, type TierWorkup, type Worn } from '../api/client';
import { shadesOf } from '../band/shades';
import { useWidth } from '../band/size';
import { TurningView } from '../band/turning-view';
import { save } from '../make/use';
import { useOpen, usePlan, useWorkup } from '../plan/context';
import { ShareButton } from '../plan/share';
import { usePieces, usePlanId } from '../plan/use';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Lead } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { tellBad } from '../ui/toasts';
import { day } from '../units/days';
import { usePreferences } from '../units/preferences';
import { money, say } from '../units/units';
import { Allergens, Part } from './part';

/** What a client is shown: the picture, sizes, day, portions, allergens, and a price or none. */
export function ClientPage() {
  const plan = usePlan();
  const id = usePlanId();
  const { unit } = usePreferences();
  const [priced, setPriced] = useState(false);
  const workup = useWorkup();
  const made = usePieces(plan).data;
  const { tierId, chooseTier } = useOpen();
  const [frame, wide] = useWidth<HTMLDivElement>(520);
  const colours = useCallback((t: TierWorkup, w: Worn) => shadesOf(plan, t, w), [plan]);
  const { data: sheet, error } = useQuery({
    queryKey: ['client', id, plan, priced],
    queryFn: () => api.client(id, plan, priced),
    placeholderData: (before) => before,
  });
  const print = async () => {
    try {
      save(await api.clientPdf(id, plan, priced), `${plan.name}, client.pdf`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const main = error ? (
    <p role="alert" className="border-l-4 border-stop bg-stop-ground px-4 py-3">
      {problemOf(error).detail}
    </p>
  ) : sheet ? (
    <>
      <h1 className="heading">{sheet.name}</h1>
      <p className="note mb-2">
        {[sheet.readyBy ? day(sheet.readyBy) : '', sheet.client, sheet.place].filter(Boolean).join(' · ')}
      </p>
      <div ref={frame} className="min-w-0 pb-3">
        <TurningView
          tiers={workup.tiers}
          chosen={tierId}
          width={Math.min(520, wide)}
          height={430}
          colours={colours}
          onTier={chooseTier}
          pieces={made}
        />
      </div>
      <Part title="Sizes">
        <p>{say(sheet.whole, unit)}</p>
        {sheet.tiers.map((t, i) => (
          <p key={i}>{say(t, unit)}</p>
        ))}
      </Part>
      <Allergens sheet={sheet} />
    </>
  ) : (
    <p className="note">Writing it</p>
  );
  const ledger = sheet ? (
    <>
      <div>
        <p className="note">Portions</p>
        <Lead number={String(sheet.portions)} unit="" words={say(sheet.slice, unit)} />
        {sheet.price === undefined ? null : (
          <>
            <p className="note mt-3">Price</p>
            <Lead
              number={money(sheet.price, sheet.coin)}
              unit=""
              words={sheet.incomplete ? 'or more: something is not known' : ''}
            />
          </>
        )}
      </div>
      <div className="print:hidden">
        <Choice
          label="Price on it"
          value={priced ? 'shown' : 'none'}
          options={[
            { name: 'none', label: 'None' },
            { name: 'shown', label: 'Shown' },
          ]}
          onChoice={(c) => setPriced(c === 'shown')}
        />
      </div>
      {priced && sheet.price === undefined ? (
        <p className="note">No margin is told yet: give it in Make, under hours and cost.</p>
      ) : null}
      <Button look="main" onClick={() => void print()}>
        Save as PDF
      </Button>
      <ShareButton id={id} kind="client" />
      <p className="note">
        Nothing of how it is made stands on it. Allergens are those the materials usually bring; your recipes
        and packets rule.
      </p>
    </>
  ) : null;
  return <Stage main={main} ledger={ledger} />;
}
