import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { api, type KindOfThing, problemOf, type Thing } from '../api/client';
import { Tables } from '../make/tables';
import { useCupboardChanged, useWorkshop } from '../make/use';
import { Page } from '../shell/page';
import { NumberField } from '../ui/number';
import { tell, tellBad } from '../ui/toasts';
import { LengthField, WordsField } from '../ui/typed';
import { Shelf } from './shelf';

/** What the workshop owns, kind by kind, with what is in stock of it and what it costs. */
export function Cupboard() {
  const things = useQuery({ queryKey: ['cupboard'], queryFn: api.cupboard });
  const kinds = useQuery({ queryKey: ['kinds'], queryFn: api.kinds, staleTime: Number.POSITIVE_INFINITY });
  // Whoever went to a thing by its name sees it alone.
  const { hash } = useLocation();
  const [sought, setSought] = useState(() => decodeURIComponent(hash.slice(1)));
  const changed = useCupboardChanged();
  const settings = useWorkshop();
  const keep = async (thing: Thing) => {
    try {
      await api.keepThing(thing);
      await changed();
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
  const add = async (thing: Thing) => {
    try {
      const { id } = await api.keepThing(thing);
      await changed();
      return id ?? null;
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
      return null;
    }
  };
  const takeOut = async (thing: Thing) => {
    try {
      await api.takeOutThing(thing.id!);
      const { id: _, ...same } = thing;
      tell(`${thing.name} is taken out.`, { label: 'Undo', run: () => void keep(same as Thing) });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
    await changed();
  };
  const wanted = sought.trim().toLowerCase();
  const shown = (kind: KindOfThing) =>
    (things.data ?? []).filter(
      (t) =>
        t.kind === kind.kind &&
        (wanted === '' || `${t.name} ${t.colour} ${t.notes} ${kind.label}`.toLowerCase().includes(wanted)),
    );
  const shelves = (kinds.data ?? []).filter((k) => wanted === '' || shown(k).length > 0);
  return (
    <Page
      title="Cupboard"
      note="what you own; shopping lists, sheets and tool findings come from it"
      actions={
        <>
          <label>
            <span className="mb-0.5 block text-[0.92rem] text-soft">Look for</span>
            <input
              value={sought}
              onChange={(e) => setSought(e.currentTarget.value)}
              className="min-h-11 w-48 rounded-md border border-ink/45 bg-sheet px-2.5"
            />
          </label>
          <Tables
            file="cupboard.csv"
            label="A CSV of things"
            write={api.cupboardTable}
            read={async (file) => {
              const { things: many } = await api.readTable(file);
              return many === 1 ? 'One thing is put in.' : `${many} things are put in.`;
            }}
            changed={changed}
          />
        </>
      }
    >
      {things.error ? (
        <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problemOf(things.error).detail}
        </p>
      ) : null}
      {wanted !== '' && shelves.length === 0 ? <p>Nothing here is called “{sought}”.</p> : null}
      <div className="grid grid-cols-2 items-start gap-x-10 gap-y-8 max-lg:grid-cols-1">
        {shelves.map((kind) => (
          <Shelf
            key={kind.kind}
            kind={kind}
            things={shown(kind)}
            coin={settings?.coin ?? ''}
            keep={keep}
            add={add}
            takeOut={takeOut}
          />
        ))}
      </div>
      <Costs />
    </Page>
  );
}

/** What an hour costs here, and in which coin. No price is invented: empty means not counted. */
function Costs() {
  const settings = useWorkshop();
  const changed = useCupboardChanged();
  if (!settings) {
    return null;
  }
  const settle = async (change: Partial<typeof settings>) => {
    try {
      await api.settle({ ...settings, ...change });
      await changed();
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
  return (
    <section aria-label="Prices" className="mt-10 border-t border-ink/25 pt-4">
      <h2 className="heading mb-2">Prices and portions</h2>
      <div className="flex flex-wrap gap-4">
        <WordsField
          label="Coin"
          value={settings.coin}
          onWords={(coin) => settle({ coin })}
          className="w-24"
        />
        <NumberField
          label="An hour of hands"
          value={settings.hour ?? null}
          mayBeEmpty
          placeholder="not counted"
          onNumber={async (hour) => {
            if (hour === null) {
              const { hour: _, ...free } = settings;
              try {
                await api.settle(free);
                await changed();
                return null;
              } catch (thrown) {
                return problemOf(thrown);
              }
            }
            return settle({ hour });
          }}
        />
        <LengthField
          label="A slice, wide"
          field="sliceWide"
          mm={settings.sliceWide ?? 25}
          onLength={(mm) => settle({ sliceWide: mm ?? 25 })}
        />
        <LengthField
          label="A slice, deep"
          field="sliceDeep"
          mm={settings.sliceDeep ?? 50}
          onLength={(mm) => settle({ sliceDeep: mm ?? 50 })}
        />
      </div>
    </section>
  );
}
