import { useQuery } from '@tanstack/react-query';
import { useCallback } from 'react';
import { api, problemOf, type SharedSheet, type TierWorkup, type Worn } from '../api/client';
import { shadesOf } from '../band/shades';
import { useWidth } from '../band/size';
import { TurningView } from '../band/turning-view';
import { HandoverParts } from '../steps/handover-parts';
import { Allergens, Part } from '../steps/part';
import { Lead } from '../ui/ledger';
import { useTitle } from '../ui/title';
import { day } from '../units/days';
import { money, say } from '../units/units';

/** What somebody sees who has a link: one sheet, and the cake to be turned. */
export function Shared() {
  const { data, error } = useQuery({ queryKey: ['shared'], queryFn: api.shared, retry: false });
  useTitle(data?.plan.name ?? 'Shared with you');
  return (
    <div className="min-h-dvh">
      <header className="flex min-h-[72px] items-center justify-between border-b-[1.5px] border-ink bg-sheet px-5 print:hidden">
        <span className="font-display text-[1.35rem] font-bold">{data?.workshop ?? 'Sectorum'}</span>
      </header>
      <main id="work" className="mx-auto max-w-4xl px-6 py-8 max-[360px]:px-3">
        {data ? (
          <Sheet sheet={data} />
        ) : error ? (
          <>
            <h1 className="heading mb-2">This link does not open</h1>
            <p>{problemOf(error).detail}</p>
          </>
        ) : (
          <p className="note">One moment</p>
        )}
      </main>
    </div>
  );
}

function Sheet({ sheet }: { sheet: SharedSheet }) {
  const { plan, look, preferences } = sheet;
  const [frame, wide] = useWidth<HTMLDivElement>(560);
  const colours = useCallback((t: TierWorkup, w: Worn) => shadesOf(plan, t, w), [plan]);
  const told = sheet.client ?? sheet.handover!;
  const unit = preferences.unit;
  return (
    <>
      <h1 className="font-display text-[1.9rem] leading-tight font-bold">{told.name}</h1>
      <p className="note mb-3">
        {[told.readyBy ? day(told.readyBy) : '', told.client, told.place].filter(Boolean).join(' · ')}
      </p>
      <div className="grid grid-cols-[minmax(0,1fr)_260px] gap-6 max-md:grid-cols-1">
        <div ref={frame} className="min-w-0">
          <TurningView
            tiers={look.tiers}
            chosen=""
            width={Math.min(560, wide)}
            height={460}
            colours={colours}
            pieces={sheet.pieces}
          />
          <p className="note print:hidden">Turn it by dragging, or with the arrow keys.</p>
        </div>
        {sheet.client ? (
          <div>
            <p className="note">Portions</p>
            <Lead number={String(sheet.client.portions)} unit="" words={say(sheet.client.slice, unit)} />
            {sheet.client.price === undefined ? null : (
              <>
                <p className="note mt-3">Price</p>
                <Lead
                  number={money(sheet.client.price, sheet.client.coin)}
                  unit=""
                  words={sheet.client.incomplete ? 'or more: something is not known' : ''}
                />
              </>
            )}
          </div>
        ) : null}
      </div>
      {sheet.client ? (
        <>
          <Part title="Sizes">
            <p>{say(sheet.client.whole, unit)}</p>
            {sheet.client.tiers.map((t, i) => (
              <p key={i}>{say(t, unit)}</p>
            ))}
          </Part>
          <Allergens sheet={sheet.client} />
        </>
      ) : (
        <HandoverParts sheet={sheet.handover!} unit={unit} />
      )}
      <p className="note mt-8">
        Shown until{' '}
        {new Date(sheet.until).toLocaleDateString('en-GB', {
          day: 'numeric',
          month: 'long',
          year: 'numeric',
        })}
        . Follow your local food rules.
      </p>
    </>
  );
}
