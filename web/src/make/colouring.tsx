import { useQuery, useQueryClient } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { useState } from 'react';
import { api, type Batch, problemOf, type Swatch, type Worktop } from '../api/client';
import { usePlan } from '../plan/context';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { Lead } from '../ui/ledger';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { tell, tellBad } from '../ui/toasts';
import { WordsField } from '../ui/typed';
import { useMaterials, usePreferences } from '../units/preferences';
import { decimal, mass } from '../units/units';
import { batchWords } from '../units/words';

const LATER_H = 12;
const PLAIN = '#fbf6ea';

/** Colours that deepen: how much reaches a palette colour, never past it; what was seen of each is kept here. */
export function Colouring({ top }: { top: Worktop }) {
  const { data: swatches } = useQuery({ queryKey: ['swatches'], queryFn: api.swatches });
  const [adding, setAdding] = useState(false);
  const coloured = top.batches.filter((b) => b.tint.id !== '' && b.mixed.length < 2);
  return (
    <>
      <Reach batches={coloured} swatches={swatches ?? []} />
      <Doses swatches={swatches ?? []} />
      <section aria-label="Colours seen" className="mt-8">
        <div className="flex items-end justify-between border-b-[3px] border-ink pb-1">
          <h2 className="heading">Colours seen</h2>
          <Button onClick={() => setAdding(true)}>
            <Plus size={17} aria-hidden /> Keep a swatch
          </Button>
        </div>
        {swatches?.length === 0 ? (
          <p className="note py-2">
            None yet. Weigh a dose into 100 g, look at it at once and again the day after, and keep both
            shades: from then on it is reckoned.
          </p>
        ) : null}
        <ul>
          {swatches?.map((s) => (
            <Seen key={s.id} swatch={s} />
          ))}
        </ul>
      </section>
      {adding ? <SwatchForm close={() => setAdding(false)} /> : null}
    </>
  );
}

function Patch({ shade, words }: { shade: string; words: string }) {
  return (
    <figure className="m-0">
      <svg viewBox="0 0 96 56" className="block h-14 w-24 rounded border border-ink/30" aria-hidden="true">
        <rect width={96} height={56} fill={shade} />
      </svg>
      <figcaption className="note">{words}</figcaption>
    </figure>
  );
}

/** How far two shades lie apart, roughly: only to choose which pot is offered first. */
function apart(one: string, other: string): number {
  const channels = (shade: string) => [1, 3, 5].map((i) => Number.parseInt(shade.slice(i, i + 2), 16));
  const b = channels(other);
  return channels(one).reduce((sum, c, i) => sum + (c - b[i]!) ** 2, 0);
}

function Reach({ batches, swatches }: { batches: Batch[]; swatches: Swatch[] }) {
  const { unit } = usePreferences();
  const { words } = useMaterials();
  const plan = usePlan();
  const [chosen, setChosen] = useState('');
  const [pot, setPot] = useState('');
  const [hours, setHours] = useState(LATER_H);
  const [have, setHave] = useState(0);
  const [grams, setGrams] = useState<number | null>(null);
  // What has been seen of a colour can be reckoned at once: such a batch is shown first.
  const known = batches.find((b) => swatches.some((s) => s.material === b.material));
  const batch = batches.find((b) => b.id === chosen) ?? known ?? batches[0];
  const pots = [
    ...new Map(
      swatches.filter((s) => s.material === batch?.material).map((s) => [s.colour.toLowerCase(), s.colour]),
    ).values(),
  ];
  const wanted = plan.palette.find((c) => c.id === batch?.tint.id)?.shade ?? batch?.tint.shade ?? PLAIN;
  // The pot whose shade is nearest to the one wanted is offered first.
  const nearest = [...swatches]
    .filter((s) => s.material === batch?.material)
    .sort((a, b) => apart(a.later, wanted) - apart(b.later, wanted))[0]?.colour;
  const colour = pots.includes(pot) ? pot : (pots.find((p) => p === nearest) ?? pots[0]);
  const { parts } = batch ?? {};
  const bowl =
    grams ?? (parts ? parts.net + parts.spare + parts.offCuts + parts.rounding - parts.credit : 500);
  const asked =
    batch && colour
      ? {
          colour,
          material: batch.material,
          shade: wanted,
          hours,
          grams: Math.max(1, bowl),
          have,
        }
      : null;
  const { data, error } = useQuery({
    queryKey: ['reach', asked, swatches],
    queryFn: () => api.reach(asked!),
    enabled: asked !== null,
    placeholderData: (before) => before,
  });
  if (batch === undefined) {
    return (
      <p className="note">No batch of this plan is coloured. Give a coat or a dressing a colour first.</p>
    );
  }
  return (
    <section aria-label="How much colour">
      <h2 className="heading border-b-[3px] border-ink pb-1">How much colour</h2>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2 py-3">
        <Pick
          label="Batch"
          value={batch.id}
          options={batches.map((b) => ({ name: b.id, label: batchWords(b, unit, words) }))}
          onChoice={(c) => {
            setChosen(c);
            setGrams(null);
            setHave(0);
          }}
        />
        {colour ? (
          <Pick
            label="Colour from the pot"
            value={colour}
            options={pots.map((p) => ({ name: p, label: p }))}
            onChoice={setPot}
          />
        ) : null}
        <NumberField
          label="In the bowl"
          suffix="g"
          value={Math.round(bowl)}
          onNumber={async (n) => {
            setGrams(n);
            return null;
          }}
          mayBeEmpty
        />
        <NumberField
          label="Colour in it already"
          suffix="g"
          value={have}
          onNumber={async (n) => {
            setHave(Math.max(0, n ?? 0));
            return null;
          }}
        />
        <NumberField
          label="Looked at after"
          suffix="h"
          value={hours}
          onNumber={async (n) => {
            setHours(Math.min(240, Math.max(0, n ?? LATER_H)));
            return null;
          }}
        />
      </div>
      {error ? <p role="alert">{problemOf(error).detail}</p> : null}
      {colour === undefined ? (
        <p className="note">
          Nothing has been seen of a colour in {words(batch.material)} yet. Keep a swatch of it below.
        </p>
      ) : data && asked ? (
        <div className="flex flex-wrap items-end gap-8">
          <div>
            <p className="note">{data.thin > 0 ? 'Thin it with plain' : 'Add'}</p>
            <Lead
              number={decimal(data.thin > 0 ? data.thin : data.add, data.add < 10 && data.thin === 0 ? 2 : 0)}
              unit="g"
              words=""
            />
            <p className="note">{decimal(data.dose, 2)} g in 100 g</p>
          </div>
          <Patch shade={asked.shade} words="wanted" />
          <Patch shade={data.now} words="as it is mixed" />
          <Patch shade={data.later} words={hours === 0 ? 'when looked at' : `after ${decimal(hours)} h`} />
          <p className="max-w-80 pb-2">
            {data.said[0]!.toUpperCase() + data.said.slice(1)}
            {data.said.endsWith('.') ? '' : '.'}
          </p>
        </div>
      ) : null}
    </section>
  );
}

/** This dose now, this shade then. */
function Doses({ swatches }: { swatches: Swatch[] }) {
  const { words } = useMaterials();
  const [chosen, setChosen] = useState('');
  const [dose, setDose] = useState(1);
  const [hours, setHours] = useState(LATER_H);
  const kinds = [
    ...new Map(swatches.map((s) => [`${s.colour.toLowerCase()} in ${s.material}`, s])).entries(),
  ];
  const seen = kinds.find(([key]) => key === chosen)?.[1] ?? kinds[0]?.[1];
  const { data, error } = useQuery({
    queryKey: ['shades', seen?.colour, seen?.material, dose, hours, swatches],
    queryFn: () => api.shades({ colour: seen!.colour, material: seen!.material, dose, hours }),
    enabled: seen !== undefined,
    retry: false,
    placeholderData: (before) => before,
  });
  if (seen === undefined) {
    return null;
  }
  const number = (set: (n: number) => void, usual: number) => async (n: number | null) => {
    set(n ?? usual);
    return null;
  };
  return (
    <section aria-label="This dose, this shade" className="mt-8">
      <h2 className="heading border-b-[3px] border-ink pb-1">This dose now, this shade then</h2>
      <div className="flex flex-wrap items-end gap-x-4 gap-y-2 py-3">
        <Pick
          label="Colour"
          value={`${seen.colour.toLowerCase()} in ${seen.material}`}
          options={kinds.map(([name, s]) => ({ name, label: `${s.colour} in ${words(s.material)}` }))}
          onChoice={setChosen}
        />
        <NumberField label="In 100 g" suffix="g" value={dose} onNumber={number(setDose, 1)} />
        <NumberField label="After" suffix="h" value={hours} onNumber={number(setHours, LATER_H)} />
        {error ? (
          <p role="alert" className="text-stop">
            {problemOf(error).detail}
          </p>
        ) : data ? (
          <>
            <Patch shade={data.now} words="as it is mixed" />
            <Patch shade={data.later} words={`after ${decimal(hours)} h`} />
          </>
        ) : null}
      </div>
    </section>
  );
}

function Seen({ swatch: s }: { swatch: Swatch }) {
  const { words } = useMaterials();
  const client = useQueryClient();
  const takeOut = async () => {
    try {
      await api.takeOutSwatch(s.id!);
      const { id: _, ...same } = s;
      tell(`${s.colour} is taken out.`, {
        label: 'Undo',
        run: () =>
          void api
            .keepSwatch(same as Swatch)
            .then(() => client.invalidateQueries({ queryKey: ['swatches'] })),
      });
      await client.invalidateQueries({ queryKey: ['swatches'] });
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <li className="flex flex-wrap items-center gap-6 border-b border-ink/20 py-2.5">
      <div className="w-52">
        <b>{s.colour}</b>
        <span className="note block">
          {mass(s.dose)} in 100 g of {words(s.material)}
        </span>
      </div>
      <Patch shade={s.now} words="as it was mixed" />
      <Patch shade={s.later} words={s.hours === 0 ? 'not looked at later' : `after ${decimal(s.hours)} h`} />
      <Button look="quiet" className="ml-auto" onClick={() => void takeOut()}>
        Take out
      </Button>
    </li>
  );
}

function Shade({ label, value, onChange }: { label: string; value: string; onChange: (v: string) => void }) {
  return (
    <label>
      <span className="mb-0.5 block text-[0.92rem] text-soft">{label}</span>
      <input
        type="color"
        value={value}
        onChange={(e) => onChange(e.currentTarget.value)}
        className="h-11 w-24 rounded-md border border-ink/45 bg-sheet"
      />
    </label>
  );
}

function SwatchForm({ close }: { close: () => void }) {
  const { choices } = useMaterials();
  const client = useQueryClient();
  const [seen, setSeen] = useState<Swatch>({
    colour: '',
    material: 'buttercream',
    dose: 0.5,
    plain: PLAIN,
    now: '#d98a90',
    hours: LATER_H,
    later: '#b3232f',
  });
  const [wrong, setWrong] = useState<string | null>(null);
  const put = async (change: Partial<Swatch>) => {
    setSeen((s) => ({ ...s, ...change }));
    return null;
  };
  const keep = async () => {
    try {
      await api.keepSwatch(seen);
      await client.invalidateQueries({ queryKey: ['swatches'] });
      tell(`${seen.colour} is kept.`);
      close();
    } catch (thrown) {
      setWrong(problemOf(thrown).detail);
    }
  };
  return (
    <Dialog title="Keep a swatch" open onOpenChange={(open) => !open && close()}>
      <p className="note mb-3">
        Weigh the colour into icing or paste, spread a patch, and take its shade now and some hours later.
      </p>
      <div className="flex flex-wrap items-end gap-3">
        <WordsField
          label="Colour, as the pot is called"
          value={seen.colour}
          onWords={(colour) => put({ colour })}
        />
        <Pick
          label="Into"
          value={seen.material}
          options={choices('made')}
          onChoice={(m) => void put({ material: m as Swatch['material'] })}
        />
        <NumberField
          label="Colour in 100 g"
          suffix="g"
          value={seen.dose}
          onNumber={(n) => put({ dose: n ?? 0.5 })}
        />
        <NumberField
          label="Looked at again after"
          suffix="h"
          value={seen.hours}
          onNumber={(n) => put({ hours: n ?? 0 })}
        />
        <Shade label="Plain" value={seen.plain} onChange={(plain) => void put({ plain })} />
        <Shade label="As it is mixed" value={seen.now} onChange={(now) => void put({ now })} />
        <Shade label="After the hours" value={seen.later} onChange={(later) => void put({ later })} />
      </div>
      {wrong ? (
        <p role="alert" className="mt-3 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {wrong}
        </p>
      ) : null}
      <Button look="main" className="mt-4" onClick={() => void keep()}>
        Keep it
      </Button>
    </Dialog>
  );
}
