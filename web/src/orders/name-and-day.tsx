import { type FormEvent, useState } from 'react';
import { api, type PlanLine, problemOf, type SavedPlan } from '../api/client';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';

interface Props {
  /** Null for a plan that is to be made. */
  line: PlanLine | null;
  onClose: () => void;
  onDone: (saved: SavedPlan) => Promise<void>;
}

/** What a plan is called and when it is needed; both can be changed later. */
export function NameAndDay({ line, onClose, onDone }: Props) {
  const [name, setName] = useState(line?.name ?? '');
  const [moment, setMoment] = useState(line?.readyBy?.slice(0, 16) ?? '');
  const [problem, setProblem] = useState<string | null>(null);

  const use = async (e: FormEvent) => {
    e.preventDefault();
    try {
      const begun = line === null ? await api.fresh(name) : await api.plan(line.id);
      const { readyBy: _, ...rest } = begun.document;
      const document = { ...rest, name, ...(moment === '' ? {} : { readyBy: moment }) };
      await onDone(await api.save(begun.id, begun.revision, document));
    } catch (thrown) {
      setProblem(problemOf(thrown).detail);
    }
  };

  return (
    <Dialog
      title={line === null ? 'New plan' : 'Name and day'}
      open
      onOpenChange={(open) => open || onClose()}
    >
      <form onSubmit={use} className="flex flex-col gap-4">
        <label className="block">
          <span className="note mb-0.5 block">What it is called</span>
          <input
            value={name}
            onChange={(e) => setName(e.currentTarget.value)}
            placeholder="Observatory gala"
            className="min-h-11 w-full rounded-md border border-ink/45 bg-sheet px-3"
          />
        </label>
        <label className="block">
          <span className="note mb-0.5 block">Needed on, at</span>
          <input
            type="datetime-local"
            value={moment}
            min="1970-01-01T00:00"
            max="2199-12-31T23:59"
            onChange={(e) => setMoment(e.currentTarget.value)}
            className="min-h-11 rounded-md border border-ink/45 bg-sheet px-3"
          />
        </label>
        {problem ? (
          <p role="alert" className="rounded-md bg-stop-ground px-3 py-2 text-stop">
            {problem}
          </p>
        ) : null}
        <div className="flex gap-3">
          <Button look="main" type="submit">
            {line === null ? 'Make it' : 'Keep'}
          </Button>
          <Button onClick={onClose}>Not now</Button>
        </div>
      </form>
    </Dialog>
  );
}
