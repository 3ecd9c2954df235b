import { useState } from 'react';
import { api, type PlanChange, problemOf } from '../api/client';
import { useChanges } from '../plan/changes';
import { useEditorState, useOpen, usePlan } from '../plan/context';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Dialog } from '../ui/dialog';
import { tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { say } from '../units/units';

type Side = 'mine' | 'theirs';
const SIDES = [
  { name: 'mine', label: 'Mine' },
  { name: 'theirs', label: 'Theirs' },
] as const;

/** Shown when two changed the same meanwhile: both sides of each part, and nothing goes until it is chosen. */
export function Conflict() {
  const conflict = useEditorState((s) => s.conflict);
  return conflict === null ? null : <Asked key={conflict.theirs.revision} conflict={conflict} />;
}

function Asked({ conflict }: { conflict: NonNullable<ReturnType<typeof useConflict>> }) {
  const { editor } = useOpen();
  const mine = usePlan();
  const started = useEditorState((s) => s.from ?? s.base);
  const document = useEditorState((s) => s.history.present);
  const { unit } = usePreferences();
  const here = useChanges(started, document);
  const there = useChanges(started, conflict.theirs.document);
  const [chosen, setChosen] = useState<Record<string, Side>>({});
  const words = (changes: readonly PlanChange[] | undefined, path: string) => {
    const found = (changes ?? []).filter((c) => c.path !== '' && c.path.startsWith(path));
    return found.length === 0 ? 'as it is there' : found.map((c) => say(c.what, unit)).join('; ');
  };
  const where = (path: string) =>
    [...(here ?? []), ...(there ?? [])].find((c) => c.path.startsWith(path))?.where || mine.name;
  const keepBoth = async () => {
    try {
      await api.open(JSON.stringify({ ...mine, name: `${mine.name.slice(0, 110)}, mine` }));
      await editor.settle('theirs');
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  const parts = conflict.clashes;
  return (
    <Dialog title="You both changed the same" open wide>
      <p className="mb-3">
        {parts.length > 0
          ? 'All else is put together already. Choose for each of these; nothing is lost until you do.'
          : 'Your change and the other one cannot be put together part by part. Keep mine makes your changes on what the other has; nothing is lost until you choose.'}
      </p>
      <ul className="mb-5 grid gap-3">
        {parts.map((path) => (
          <li
            key={path}
            className="flex flex-wrap items-center justify-between gap-3 border-t border-dotted border-ink/30 pt-2"
          >
            <div className="min-w-0">
              <p className="font-semibold">{where(path)}</p>
              <p>Mine: {words(here, path)}</p>
              <p>Theirs: {words(there, path)}</p>
            </div>
            <Choice
              label={`${where(path)}: which holds`}
              hideLabel
              value={chosen[path] ?? 'mine'}
              options={SIDES}
              onChoice={(side) => setChosen((all) => ({ ...all, [path]: side }))}
            />
          </li>
        ))}
      </ul>
      <div className="flex flex-wrap gap-3">
        <Button
          look="main"
          onClick={() =>
            void editor.settle(
              parts.length === 0 ? 'mine' : Object.fromEntries(parts.map((p) => [p, chosen[p] ?? 'mine'])),
            )
          }
        >
          {parts.length > 0 ? 'Keep it so' : 'Keep mine'}
        </Button>
        <Button onClick={() => void editor.settle('theirs')}>Take the other</Button>
        <Button onClick={keepBoth}>Keep both: mine as a new order</Button>
      </div>
    </Dialog>
  );
}

const useConflict = () => useEditorState((s) => s.conflict);
