import { type FormEvent, useState } from 'react';
import { api, type Days, type OwnTask, problemOf } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { onAgenda } from '../plan/document-edits';
import { usePlanId } from '../plan/use';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Dialog } from '../ui/dialog';
import { Pick } from '../ui/select';

/** A task that the plan does not know of. */
export function OwnTaskDialog({ days, close }: { days: Days; close: () => void }) {
  const { editor } = useOpen();
  const plan = usePlan();
  const id = usePlanId();
  const [name, setName] = useState('');
  const [minutes, setMinutes] = useState('30');
  const [rest, setRest] = useState('');
  const [storage, setStorage] = useState<NonNullable<OwnTask['storage']>>('room');
  const [pauses, setPauses] = useState('no');
  const [after, setAfter] = useState('');
  const [before, setBefore] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const mine = days.items.filter((i) => i.own).map((i) => ({ name: i.id, label: i.name }));
  const number = (typed: string) => Number(typed.replace(',', '.'));
  const add = async (e: FormEvent) => {
    e.preventDefault();
    const taken = new Set((plan.agenda?.own ?? []).map((o) => o.id));
    let k = taken.size + 1;
    while (taken.has(`task-${k}`)) {
      k += 1;
    }
    const task: OwnTask = {
      id: `task-${k}`,
      name,
      minutes: number(minutes),
      pauses: pauses === 'yes',
      after: after === '' || after === 'none' ? [] : [after],
      before: before === '' || before === 'none' ? [] : [before],
      ...(rest.trim() === '' ? {} : { rest: { least: number(rest) }, storage }),
    };
    if (!Number.isFinite(task.minutes) || (task.rest && !Number.isFinite(task.rest.least))) {
      setProblem('Minutes and hours are numbers: type digits, like 30 or 1.5.');
      return;
    }
    const edit = onAgenda((a) => ({ ...a, own: [...a.own, task] }));
    try {
      // What would go round in a circle is refused before it is in the plan.
      await api.days(id, edit(plan));
    } catch (thrown) {
      setProblem(problemOf(thrown).detail);
      return;
    }
    const refused = await editor.edit(edit);
    if (refused) {
      setProblem(refused.detail);
    } else {
      close();
    }
  };
  const typed = (label: string, value: string, set: (v: string) => void, hint = '') => (
    <label className="block">
      <span className="note mb-0.5 block">{label}</span>
      <input
        value={value}
        placeholder={hint}
        onChange={(e) => set(e.currentTarget.value)}
        className="min-h-11 w-full rounded-md border border-ink/45 bg-sheet px-3"
      />
    </label>
  );
  const nothing = { name: 'none', label: 'nothing' };
  return (
    <Dialog title="Add a task" open onOpenChange={(open) => open || close()}>
      <form onSubmit={add} className="flex flex-col gap-3">
        {typed('What', name, setName, 'Fetch the boards')}
        <div className="grid grid-cols-2 gap-3">
          {typed('Minutes of hands', minutes, setMinutes)}
          {typed('Then left alone, hours', rest, setRest, 'not at all')}
        </div>
        <div className="flex flex-wrap gap-3">
          <Choice
            label="May be laid down between"
            value={pauses}
            options={[
              { name: 'no', label: 'no' },
              { name: 'yes', label: 'yes' },
            ]}
            onChoice={setPauses}
          />
          {rest.trim() === '' ? null : (
            <Pick
              label="Where"
              value={storage}
              options={[
                { name: 'room', label: 'on the bench' },
                { name: 'fridge', label: 'in the fridge' },
                { name: 'freezer', label: 'in the freezer' },
                { name: 'former', label: 'on a former' },
              ]}
              onChoice={(s) => setStorage(s as typeof storage)}
            />
          )}
        </div>
        <div className="flex flex-wrap gap-3">
          <Pick label="After" value={after || 'none'} options={[nothing, ...mine]} onChoice={setAfter} />
          <Pick
            label="Before"
            value={before || 'none'}
            options={[{ name: 'none', label: 'the last look' }, ...mine]}
            onChoice={setBefore}
          />
        </div>
        {problem ? (
          <p role="alert" className="rounded-md bg-stop-ground px-3 py-2 text-stop">
            {problem}
          </p>
        ) : null}
        <div className="flex gap-3">
          <Button look="main" type="submit">
            Add it
          </Button>
          <Button onClick={close}>Not now</Button>
        </div>
      </form>
    </Dialog>
  );
}
