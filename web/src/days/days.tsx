import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { api, type Days, type Mend, problemOf } from '../api/client';
import { save } from '../make/use';
import { usePlan } from '../plan/context';
import { readyBy } from '../plan/document-edits';
import { mend } from '../plan/edits';
import { dayLabels, printLabels } from '../plan/labels';
import { StepLinks } from '../plan/step-links';
import { useEdit, usePlanId } from '../plan/use';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Findings } from '../ui/findings';
import { useKept } from '../ui/kept';
import { Row } from '../ui/ledger';
import { Stage } from '../ui/stage';
import { tellBad } from '../ui/toasts';
import { day } from '../units/days';
import { usePreferences } from '../units/preferences';
import { DAY, dayHour, HOUR, local, midnight, minutes, span } from '../units/time';
import { hours, say } from '../units/units';
import { Chosen } from './chosen';
import { TaskList } from './list';
import { OwnTaskDialog } from './own-task';
import { RoomDialog } from './room';
import { SaveTime } from './saving';
import { Shelves } from './shelves';
import { useDays, useSettle } from './use';
import { WorkshopDialog } from './workshop';

const REACHES = [
  { name: 'all', label: 'All' },
  { name: '14', label: 'Fortnight' },
  { name: '7', label: 'Week' },
  { name: '1', label: 'Day' },
  { name: 'hour', label: 'Hours' },
] as const;
type Reach = (typeof REACHES)[number]['name'];

/** When everything is done: days with shelves for hands, drying and the fridge, planned back from the moment it is ready. */
export function DaysStage() {
  const plan = usePlan();
  return plan.readyBy === undefined ? <NoDay /> : <Dated />;
}

function NoDay() {
  const edit = useEdit();
  const [moment, setMoment] = useState('');
  const main = (
    <>
      <h1 className="heading">When is it needed?</h1>
      <p className="note mb-4">everything is planned back from that moment</p>
      <form
        className="flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void edit(readyBy(moment));
        }}
      >
        <label className="block">
          <span className="note mb-0.5 block">Ready on, at</span>
          <input
            type="datetime-local"
            value={moment}
            onChange={(e) => setMoment(e.currentTarget.value)}
            className="min-h-11 rounded-md border border-ink/45 bg-sheet px-3"
          />
        </label>
        <Button look="main" type="submit" disabled={moment === ''}>
          Plan the days
        </Button>
      </form>
    </>
  );
  return <Stage main={main} ledger={null} />;
}

function Dated() {
  const plan = usePlan();
  const edit = useEdit();
  const [moved, setMoved] = useState<string | null>(null);
  const tried = useMemo(() => (moved === null ? plan : { ...plan, readyBy: moved }), [plan, moved]);
  const { data: days, error } = useDays(tried);
  const [reach, setReach] = useKept<Reach>('reach', 'all');
  const [from, setFrom] = useKept<number | null>('from', null);
  const [chosen, setChosen] = useKept<string | null>('task', null);
  const { unit } = usePreferences();
  const [adding, setAdding] = useState(false);
  const [settling, setSettling] = useState(false);
  const [airing, setAiring] = useState(false);
  const view = days ? window_(days, reach, from) : null;
  const step = (by: number) => view && setFrom(view.from + by * (view.to - view.from));

  const main = (
    <>
      <div className="mb-2 flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="heading">Ready by {day(tried.readyBy!)}</h1>
          <p className="note">
            each piece stands where it is, when it is · drag the ready pin to another day
          </p>
        </div>
        <div className="flex items-end gap-1.5">
          <Choice
            label="How much is seen"
            hideLabel
            value={reach}
            options={REACHES}
            onChoice={(r) => {
              setReach(r);
              setFrom(null);
            }}
          />
          {reach === 'all' ? null : (
            <>
              <Button className="px-3" aria-label="Earlier" onClick={() => step(-0.5)}>
                ‹
              </Button>
              <Button className="px-3" aria-label="Later" onClick={() => step(0.5)}>
                ›
              </Button>
            </>
          )}
        </div>
      </div>
      {error ? (
        <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problemOf(error).detail}
        </p>
      ) : null}
      {days && days.leftOut.length > 0 ? (
        <div className="mb-4 border-l-4 border-look bg-look-ground px-4 py-3">
          {days.leftOut.map((o) => (
            <p key={o.order}>
              <b>Planned without {o.plan}.</b> {say(o.why, unit)}{' '}
              <Link
                to={`/plan/${o.order.replace('plan-', '')}/dress`}
                className="inline-flex min-h-6 items-center font-semibold text-pin"
              >
                Open it
              </Link>
            </p>
          ))}
        </div>
      ) : null}
      {days && view ? (
        <>
          <Shelves
            days={days}
            plan={plan}
            from={view.from}
            to={view.to}
            chosen={chosen}
            choose={setChosen}
            ready={minutes(tried.readyBy!)}
            look={(at) => {
              setReach('1');
              setFrom(at);
            }}
            onMove={(at) => setMoved(local(at))}
            onMoved={async (at) => {
              await edit(readyBy(local(at)));
              setMoved(null);
            }}
          />
          <Chosen days={days} id={chosen} choose={setChosen} />
          <div className="mt-3 flex flex-wrap gap-2.5">
            <Button onClick={() => setAdding(true)}>Add a task</Button>
            <Button onClick={() => setSettling(true)}>Hours, hands and places</Button>
            <Button onClick={() => setAiring(true)}>The room, hour by hour</Button>
          </div>
          <TaskList days={days} chosen={chosen} choose={setChosen} />
        </>
      ) : error ? null : (
        <p className="note">Planning</p>
      )}
      {adding && days ? <OwnTaskDialog days={days} close={() => setAdding(false)} /> : null}
      {airing && days ? <RoomDialog now={days.now} close={() => setAiring(false)} /> : null}
      {settling ? <WorkshopDialog close={() => setSettling(false)} /> : null}
    </>
  );
  return <Stage main={main} ledger={days ? <Ledger days={days} choose={setChosen} /> : null} />;
}

/** What part of time is seen. */
function window_(days: Days, reach: Reach, from: number | null): { from: number; to: number } {
  const starts = days.items.filter((i) => i.own).map((i) => minutes(i.work[0]!.from));
  const ready = minutes(days.readyBy);
  const first = Math.min(...starts, ready - DAY);
  if (reach === 'all') {
    return { from: midnight(first), to: midnight(ready) + DAY };
  }
  const now = minutes(days.now);
  const begin = Math.min(Math.max(now, first), ready);
  if (reach === 'hour') {
    const at = from ?? Math.floor(begin / HOUR) * HOUR - HOUR;
    return { from: at, to: at + 6 * HOUR };
  }
  const at = from ?? midnight(begin);
  return { from: at, to: at + Number(reach) * DAY };
}

function Ledger({ days, choose }: { days: Days; choose: (id: string) => void }) {
  const plan = usePlan();
  const id = usePlanId();
  const edit = useEdit();
  const settle = useSettle();
  const next = days.next === undefined ? null : days.items[days.next]!;
  const pinching = days.items.find((i) => i.own && i.critical && i.lying && i.state !== 'done');
  const press = async (chosen: Mend) => {
    const settings = chosen.changes.filter((c) => c.target === 'workshop');
    if (settings.length > 0) {
      const refused = await settle((h) => ({
        ...h,
        ...Object.fromEntries(settings.map((c) => [c.field, c.value])),
      }));
      if (refused) {
        tellBad(refused.detail);
      }
    } else {
      await edit(mend({ tier: '', division: '' }, chosen));
    }
  };
  const file = async (what: 'calendar' | 'table') => {
    try {
      save(await api.dayFile(what, id, plan), `${plan.name}.${what === 'calendar' ? 'ics' : 'csv'}`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const damp = plan.table?.humidity ?? 0.5;
  return (
    <>
      {next ? (
        <div>
          <p className="note">{days.late > 0 ? 'Late: start at once' : 'Start next'}</p>
          <button
            type="button"
            onClick={() => choose(next.id)}
            className="block text-left font-display text-[1.7rem] leading-tight font-bold hover:text-pin"
          >
            {next.name}
          </button>
          <p className="mt-1 text-[1.05rem]">
            by <b>{dayHour(days.first!)}</b> at the latest · {hours(next.minutes)}
          </p>
        </div>
      ) : (
        <div>
          <p className="note">Start next</p>
          <p className="font-display text-[1.7rem] leading-tight font-bold">All is done</p>
        </div>
      )}
      <dl>
        {next ? (
          <Row label={days.late > 0 ? 'Late by' : 'Slack before it pinches'}>
            {span(days.late > 0 ? days.late : next.slack)}
          </Row>
        ) : null}
        {pinching ? (
          <div className="flex flex-wrap items-baseline justify-between gap-x-3 border-b border-dotted border-ink/30 py-1.5">
            <dt className="text-[0.98rem]">What pinches</dt>
            <dd className="ml-auto text-right leading-tight font-semibold">{pinching.name}</dd>
          </div>
        ) : null}
        <Row label="Hours left for hands">
          {hours(days.left)}
          <span className="block font-normal text-soft">careful {hours(days.careful)}</span>
        </Row>
        <Row label="Room">
          {Math.round(damp * 100)} %, {plan.table?.celsius ?? 20} °C
        </Row>
        {days.fills.map((f) => (
          <Row key={f.storage} label={SHELF[f.storage]}>
            {f.most}
            {f.places === undefined ? '' : ` of ${f.places}`} · {dayHour(f.when)}
          </Row>
        ))}
      </dl>
      <Findings findings={days.findings} onMend={(_, chosen) => void press(chosen)} />
      <SaveTime late={days.late > 0} press={(chosen) => void press(chosen)} />
      <div className="flex flex-col items-start border-t border-ink/25 pt-2">
        <Button look="pin" className="-ml-3.5" onClick={() => void file('calendar')}>
          Calendar file
        </Button>
        <Button look="pin" className="-ml-3.5" onClick={() => void file('table')}>
          Day sheet as a table
        </Button>
        <Button look="pin" className="-ml-3.5" onClick={() => void printLabels(dayLabels(days.items))}>
          Labels for what waits
        </Button>
        <StepLinks />
      </div>
    </>
  );
}

const SHELF = {
  room: 'On the bench',
  former: 'On formers',
  fridge: 'In the fridge',
  freezer: 'In the freezer',
};
