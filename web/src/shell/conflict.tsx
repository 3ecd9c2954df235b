import { api, problemOf } from '../api/client';
import { useEditorState, useOpen, usePlan } from '../plan/context';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';
import { differences } from './differences';

/** Shown when the plan was changed elsewhere meanwhile: both sides, and nothing goes until one is chosen. */
export function Conflict() {
  const { editor } = useOpen();
  const conflict = useEditorState((s) => s.conflict);
  const mine = usePlan();
  const { unit } = usePreferences();
  if (conflict === null) {
    return null;
  }
  const rows = differences(mine, conflict.theirs.document, (mm) => length(mm, unit));
  const keepBoth = async () => {
    try {
      await api.open(JSON.stringify({ ...mine, name: `${mine.name.slice(0, 110)}, mine` }));
      await editor.settle('theirs');
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  return (
    <Dialog title="This plan was changed elsewhere" open wide>
      <p className="mb-3">
        Your change and the other one started from the same plan. Keep mine makes your changes on what the
        other has: what you left alone stays theirs. Nothing is lost until you choose.
      </p>
      <table className="mb-5 w-full text-left">
        <thead>
          <tr className="text-soft">
            <th className="py-1 font-normal">What</th>
            <th className="font-normal">Yours</th>
            <th className="font-normal">The other</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={`${r.what} ${r.mine} ${r.theirs}`} className="border-t border-dotted border-ink/30">
              <th className="py-1.5 pr-4 font-semibold">{r.what}</th>
              <td className="pr-4">{r.mine}</td>
              <td>{r.theirs}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="flex flex-wrap gap-3">
        <Button look="main" onClick={() => editor.settle('mine')}>
          Keep mine
        </Button>
        <Button onClick={() => editor.settle('theirs')}>Take the other</Button>
        <Button onClick={keepBoth}>Keep both: mine as a new order</Button>
      </div>
    </Dialog>
  );
}
