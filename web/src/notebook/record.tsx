import { useState } from 'react';
import { api, type Problem, problemOf, type RateKind, type WorkRecord } from '../api/client';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { NumberField } from '../ui/number';
import { TypedField } from '../ui/typed';
import { useChoices, useDoing, useNotebookChanged } from './use';

/** What a record says of each kind of rate, so far as it says anything. */
function says(r: WorkRecord): RateKind[] {
  const all: [RateKind, boolean][] = [
    ['time', r.time !== undefined],
    ['breakage', r.pieces !== undefined],
    ['density', r.weight !== undefined && !r.weight.line],
    ['metre', r.weight?.line === true],
    ['drying', r.drying?.hard !== undefined || r.drying?.handled !== undefined],
    ['coverage', r.patch !== undefined],
    ['hand', r.markMm !== undefined],
    ['chilling', r.cooling?.chilled !== undefined],
    ['softening', r.cooling?.soft !== undefined],
  ];
  return all.filter(([, known]) => known).map(([kind]) => kind);
}

/** One record: mended, put aside with a reason, or taken out. */
export function RecordDialog({ record, close }: { record: WorkRecord; close: () => void }) {
  const [now, setNow] = useState(record);
  const [why, setWhy] = useState('');
  const changed = useNotebookChanged();
  const choices = useChoices();
  const doing = useDoing();
  const keep = async (to: WorkRecord): Promise<Problem | null> => {
    try {
      const [kept] = await api.keepRecords([to]);
      setNow(kept!);
      await changed();
      return null;
    } catch (thrown) {
      return problemOf(thrown);
    }
  };
  const number = (
    label: string,
    suffix: string,
    value: number | undefined,
    on: (v: number) => WorkRecord,
  ) => (
    <NumberField
      label={label}
      suffix={suffix}
      value={value ?? null}
      mayBeEmpty
      onNumber={async (v) => (v === null ? null : keep(on(v)))}
    />
  );
  const made = now.pieces ?? { made: 1, broken: 0 };
  return (
    <Dialog title={now.name} open onOpenChange={(open) => !open && close()}>
      <p className="note mb-3">
        {now.job} · {now.at.replace('T', ', ')} {now.plan === undefined ? '' : '· written by the turntable'}
      </p>
      <div className="grid grid-cols-2 gap-3 max-sm:grid-cols-1">
        {number(
          'Minutes of hands',
          `of ${Math.round(now.time?.plain ?? 0)} by the table`,
          now.time?.minutes,
          (minutes) => ({
            ...now,
            time: { plain: now.time?.plain ?? minutes, minutes },
          }),
        )}
        <TypedField label="Who" shown={now.who} onTyped={(who) => keep({ ...now, who })} />
        {number('Pieces made', 'broken ones with them', now.pieces?.made, (v) => ({
          ...now,
          pieces: { ...made, made: v },
        }))}
        {number('Of them broke', 'pieces', now.pieces?.broken, (v) => ({
          ...now,
          pieces: { ...made, made: Math.max(made.made, v), broken: v },
        }))}
        {now.weight
          ? number(
              'It weighed',
              `g, ${Math.round(now.weight.plain)} by the table`,
              now.weight.grams,
              (grams) => ({
                ...now,
                weight: { ...now.weight!, grams },
              }),
            )
          : null}
        {now.drying ? (
          <>
            {number('Could be handled after', 'h', now.drying.handled, (handled) => ({
              ...now,
              drying: { ...now.drying!, handled },
            }))}
            {number(
              'Was hard after',
              `h, ${Math.round(now.drying.plain)} by the formula`,
              now.drying.hard,
              (hard) => ({
                ...now,
                drying: { ...now.drying!, hard },
              }),
            )}
          </>
        ) : null}
        {number(
          'Humidity',
          '%',
          now.humidity === undefined ? undefined : Math.round(now.humidity * 100),
          (v) => ({
            ...now,
            humidity: v / 100,
          }),
        )}
        {number('Warmth', '°C', now.celsius, (celsius) => ({ ...now, celsius }))}
        <div className="col-span-full">
          <TypedField label="Note" shown={now.note} wide onTyped={(note) => keep({ ...now, note })} />
        </div>
      </div>
      <h3 className="mt-4 mb-1 font-semibold">What it counts for</h3>
      <label className="mb-2 block">
        <span className="mb-0.5 block text-[0.92rem] text-soft">Reason to put it aside</span>
        <input
          value={why}
          maxLength={200}
          placeholder="the door bell, a new nozzle"
          onChange={(e) => setWhy(e.currentTarget.value)}
          className="min-h-11 w-full rounded-md border border-ink/45 bg-sheet px-2.5"
        />
      </label>
      <ul>
        {says(now).map((kind) => {
          const aside = now.aside.find((a) => a.kind === kind);
          const decide = async (taken: boolean) => {
            const done = await doing(() => api.decide({ records: [now.id!], kind, taken, why }));
            if (done) {
              setNow({
                ...now,
                waiting: now.waiting.filter((k) => k !== kind),
                aside: [...now.aside.filter((a) => a.kind !== kind), ...(taken ? [] : [{ kind, why }])],
              });
            }
          };
          return (
            <li
              key={kind}
              className="flex flex-wrap items-center justify-between gap-2 border-t border-dotted border-ink/30 py-1"
            >
              <span>
                {choices?.kinds.find((k) => k.kind === kind)?.words ?? kind}
                <span className="note">
                  {aside
                    ? ` · put aside: ${aside.why}`
                    : now.waiting.includes(kind)
                      ? ' · waits'
                      : ' · counts'}
                </span>
              </span>
              <span className="flex gap-1">
                {aside || now.waiting.includes(kind) ? (
                  <Button onClick={() => void decide(true)}>Count it</Button>
                ) : null}
                {aside ? null : (
                  <Button disabled={why.trim() === ''} onClick={() => void decide(false)}>
                    Put it aside
                  </Button>
                )}
              </span>
            </li>
          );
        })}
      </ul>
      <div className="mt-4 flex justify-between gap-2">
        <Button
          onClick={async () => {
            if (await doing(() => api.takeOutRecord(now.id!))) {
              close();
            }
          }}
        >
          Take it out
        </Button>
        <Button look="main" onClick={close}>
          Done
        </Button>
      </div>
    </Dialog>
  );
}
