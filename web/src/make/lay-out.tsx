import { useQuery } from '@tanstack/react-query';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { api, type LayScope, problemOf, type ToLay } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { tick } from '../plan/document-edits';
import { usePlanId } from '../plan/use';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Pick } from '../ui/select';
import { date } from '../units/days';
import { usePreferences } from '../units/preferences';
import { mass, say } from '../units/units';
import { usePacking } from './packing';

const GROUPS: { key: ToLay['group']; words: string }[] = [
  { key: 'tools', words: 'Tools' },
  { key: 'formers', words: 'Formers' },
  { key: 'papers', words: 'Papers, cut to size' },
  { key: 'pastes', words: 'Pastes, icings and parts' },
  { key: 'colours', words: 'Colours' },
  { key: 'adhesives', words: 'Adhesives' },
  { key: 'brushes', words: 'Brushes' },
];

/** The name under which a thing laid out is ticked in the plan. */
export function tickOf(scope: string, item: ToLay): string {
  return `lay/${scope}/${item.id}`;
}

/** Everything to lay out before a day's work or a dressing's, ticked off, what is missing first. */
export function LayOutRoom() {
  const plan = usePlan();
  const id = usePlanId();
  const [by, setBy] = useState<'day' | 'job'>('day');
  const [key, setKey] = useState('');
  const { data, error } = useQuery({
    queryKey: ['lay-out', id, plan],
    queryFn: () => api.layOut(id, plan),
    placeholderData: (before) => before,
  });
  const { packing, makeBooklet, cancel } = usePacking();
  if (error) {
    return <p role="alert">{problemOf(error).detail}</p>;
  }
  if (!data) {
    return <p className="note">Gathering it</p>;
  }
  const dated = data.days.length > 0;
  const scopes = by === 'day' && dated ? data.days : data.jobs;
  const scope = scopes.find((s) => s.key === key) ?? scopes[0];
  const named = (s: LayScope) => (by === 'day' && dated ? date(s.key) : s.name);
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end gap-3">
        {dated ? (
          <Choice
            label="Laid out by"
            value={by}
            options={[
              { name: 'day', label: 'Day' },
              { name: 'job', label: 'Dressing' },
            ]}
            onChoice={setBy}
          />
        ) : (
          <p className="note basis-full">The plan has no day yet, so it is laid out by dressing.</p>
        )}
        {scope ? (
          <Pick
            label={by === 'day' && dated ? 'Day' : 'For'}
            value={scope.key}
            options={scopes.map((s) => ({ name: s.key, label: named(s) }))}
            onChoice={setKey}
          />
        ) : null}
        <Button
          aria-disabled={packing !== null}
          onClick={() =>
            makeBooklet({ id, plan, chapters: ['lay_out'], paper: 'a4' }, (pdf) =>
              window.open(URL.createObjectURL(pdf), '_blank'),
            )
          }
        >
          <Printer size={18} aria-hidden /> Print all of it
        </Button>
        {packing ? (
          <span role="status">
            Sheet {packing.done} of {packing.of} <Button onClick={cancel}>Stop</Button>
          </span>
        ) : null}
      </div>
      {scope ? <Laid scope={scope} /> : <p className="note">All is done: nothing is laid out any more.</p>}
    </>
  );
}

function Laid({ scope }: { scope: LayScope }) {
  const plan = usePlan();
  const ticked = new Set(plan.table?.ticked ?? []);
  const open = scope.items.filter((i) => !ticked.has(tickOf(scope.key, i)));
  const missing = scope.items.filter((i) => i.missing);
  return (
    <>
      <p role="status" className="mb-2">
        <b>
          {scope.items.length - open.length} of {scope.items.length}
        </b>{' '}
        lie ready
        {missing.length > 0 ? (
          <b className="text-stop">
            {' '}
            · {missing.length} {missing.length === 1 ? 'is' : 'are'} missing
          </b>
        ) : null}
      </p>
      {missing.length > 0 ? (
        <Group words="Missing" items={missing} scope={scope.key} ticked={ticked} />
      ) : null}
      <div className="grid grid-cols-2 gap-x-10 max-lg:grid-cols-1">
        {GROUPS.map((g) => {
          const items = scope.items.filter((i) => i.group === g.key && !i.missing);
          return items.length > 0 ? (
            <Group key={g.key} words={g.words} items={items} scope={scope.key} ticked={ticked} />
          ) : null;
        })}
      </div>
    </>
  );
}

interface GroupProps {
  words: string;
  items: ToLay[];
  scope: string;
  ticked: ReadonlySet<string>;
}

function Group({ words, items, scope, ticked }: GroupProps) {
  const { editor } = useOpen();
  const { unit } = usePreferences();
  return (
    <section aria-label={words} className="mb-4">
      <h2 className="heading border-b-[1.5px] border-ink text-[1.05rem]">{words}</h2>
      <ul>
        {items.map((item) => {
          const name = tickOf(scope, item);
          const done = ticked.has(name);
          return (
            <li key={item.id} className="border-b border-dotted border-ink/25">
              <label className="flex min-h-11 cursor-pointer items-center gap-3">
                <input
                  type="checkbox"
                  checked={done}
                  onChange={() => void editor.edit(tick(name))}
                  className="size-5 shrink-0 accent-ink"
                />
                <span className={done ? 'text-soft line-through' : ''}>
                  {item.grams !== undefined ? <b>{mass(item.grams)} </b> : null}
                  {item.count > 1 ? <b>{item.count} × </b> : null}
                  {say(item.what, unit)}
                  {item.missing ? (
                    <span className="ml-2 text-stop">
                      {item.have === undefined || item.have < 0.5
                        ? 'there is none'
                        : item.grams === undefined
                          ? `there are ${Math.floor(item.have)}`
                          : `there are ${mass(item.have)}`}
                    </span>
                  ) : null}
                </span>
              </label>
            </li>
          );
        })}
      </ul>
    </section>
  );
}
