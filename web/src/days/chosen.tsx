import { Check, Pin, PinOff, RotateCcw, Trash2, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import type { DayItem, Days } from '../api/client';
import { usePlan } from '../plan/context';
import { entry, onAgenda } from '../plan/document-edits';
import { useEdit } from '../plan/use';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { NumberField } from '../ui/number';
import { isEstimate, restsOn } from '../units/basis';
import { minutes as at, dayHour, span } from '../units/time';
import { hours } from '../units/units';

const HELD = {
  moment: 'held by the moment it must be ready',
  follower: 'held by what comes after:',
  hands: 'held because hands are busy:',
  storage: 'held because its shelf is full:',
  settled: 'settled by hand',
};
const WHERE = {
  room: 'on the bench',
  former: 'on a former',
  fridge: 'in the fridge',
  freezer: 'in the freezer',
};
const PARTS = ['1', '2', '3', '4'].map((name) => ({ name, label: name === '1' ? 'whole' : name }));

/** The chosen task: when and why then, and what a hand may settle about it. */
export function Chosen({
  days,
  id,
  choose,
}: {
  days: Days;
  id: string | null;
  choose: (id: string | null) => void;
}) {
  const item = days.items.find((i) => i.own && i.id === id);
  return item ? <One key={item.id} item={item} days={days} close={() => choose(null)} /> : null;
}

function One({ item, days, close }: { item: DayItem; days: Days; close: () => void }) {
  const edit = useEdit();
  const { agenda } = usePlan();
  const first = item.work[0]!;
  const [moment, setMoment] = useState(first.from);
  const panel = useRef<HTMLElement>(null);
  // Chosen from the drawing, it may lie under the fold.
  useEffect(() => {
    panel.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  const open = days.items.filter((i) => i.own && item.guard.includes(i.id)).map((i) => i.name);
  const whole = item.id.split('#')[0]!;
  const seen = agenda?.waits[whole];
  const done = (from: string, took: number) =>
    edit(onAgenda((a) => ({ ...a, done: entry(a.done, item.id, { from, minutes: took }) })));
  return (
    <section ref={panel} aria-label={item.name} className="mt-3 border-[1.5px] border-ink bg-sheet px-4 py-3">
      <div className="flex items-start justify-between gap-3">
        <div>
          <h2 className="heading">{item.name}</h2>
          <p>
            {item.state === 'done' ? 'done' : 'begins'} <b>{dayHour(first.from)}</b>
            {item.state === 'done' ? '' : ' at the latest'} · {hours(item.minutes)}, {restsOn(item.basis)}
            {item.pairs > 1 ? ` · ${item.pairs} pairs of hands` : ''}
            {item.work.length > 1 ? ` · in ${item.work.length} goes` : ''}
            {item.lying
              ? ` · then ${span(at(item.lying.low) - at(item.lying.from))} to ${span(at(item.lying.until) - at(item.lying.from))} ${WHERE[item.lying.storage]}${item.lying.latest ? `, never over ${span(at(item.lying.latest) - at(item.lying.from))}` : ''}, ${restsOn(item.lying.basis)}`
              : ''}
          </p>
          <p className="note">
            {item.late ? <b className="text-stop">late · </b> : null}
            {item.state === 'done' ? '' : `slack ${item.slack < 0 ? '−' : ''}${span(item.slack)} · `}
            {HELD[item.held]} {item.by}
          </p>
          {open.length > 0 ? (
            <p className="mt-1 text-[0.97rem]">
              <b className="text-look">Cannot be undone.</b> Still open before it:{' '}
              {open.slice(0, 5).join(', ')}
              {open.length > 5 ? ` and ${open.length - 5} more` : ''}.
            </p>
          ) : null}
        </div>
        <Button look="quiet" className="px-2.5" aria-label="Close the task" onClick={close}>
          <X size={19} aria-hidden />
        </Button>
      </div>
      <div className="mt-2.5 flex flex-wrap items-end gap-3">
        {item.state === 'done' ? (
          <Button
            onClick={() => void edit(onAgenda((a) => ({ ...a, done: entry(a.done, item.id, undefined) })))}
          >
            <RotateCcw size={17} aria-hidden /> Not done after all
          </Button>
        ) : (
          <Button
            look="main"
            onClick={() => void done(days.now < first.from ? days.now : first.from, item.minutes)}
          >
            <Check size={18} aria-hidden /> It is done
          </Button>
        )}
        <label className="block">
          <span className="note mb-0.5 block">{item.state === 'done' ? 'It began' : 'Or begins, began'}</span>
          <input
            type="datetime-local"
            value={moment}
            onChange={(e) => setMoment(e.currentTarget.value)}
            className="min-h-11 rounded-md border border-ink/45 bg-paper px-2.5"
          />
        </label>
        {item.state === 'fixed' ? (
          <Button
            onClick={() => void edit(onAgenda((a) => ({ ...a, fixed: entry(a.fixed, item.id, undefined) })))}
          >
            <PinOff size={17} aria-hidden /> Let it move
          </Button>
        ) : (
          <Button
            disabled={moment === ''}
            onClick={() =>
              item.state === 'done'
                ? void done(moment, item.minutes)
                : void edit(onAgenda((a) => ({ ...a, fixed: entry(a.fixed, item.id, moment) })))
            }
          >
            <Pin size={17} aria-hidden /> {item.state === 'done' ? 'Began then' : 'Fix it there'}
          </Button>
        )}
        {item.pauses && item.state === 'open' ? (
          <Choice
            label="In parts"
            value={String(agenda?.split[whole] ?? 1)}
            options={PARTS}
            onChoice={(n) =>
              void edit(
                onAgenda((a) => ({ ...a, split: entry(a.split, whole, n === '1' ? undefined : Number(n)) })),
              )
            }
          />
        ) : null}
        {item.lying ? (
          <NumberField
            label="Wait, as seen here"
            suffix="h"
            value={seen?.least ?? null}
            mayBeEmpty
            placeholder={isEstimate(item.lying.basis) ? 'estimated' : 'as stated'}
            onNumber={(h) =>
              edit(
                onAgenda((a) => ({
                  ...a,
                  waits: entry(a.waits, whole, h === null ? undefined : { least: h }),
                })),
              )
            }
          />
        ) : null}
        {item.kind === 'own' ? (
          <Button
            onClick={() => {
              void edit(onAgenda((a) => ({ ...a, own: a.own.filter((o) => `own-${o.id}` !== whole) })));
              close();
            }}
          >
            <Trash2 size={17} aria-hidden /> Take it out
          </Button>
        ) : null}
      </div>
    </section>
  );
}
