import { api, type Plan, problemOf } from '../api/client';
import { useEditorState, useOpen, usePlan } from '../plan/context';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { tellBad } from '../ui/toasts';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

/** What two versions of a plan differ in, tier by tier, in a decorator's words. */
function differences(
  mine: Plan,
  theirs: Plan,
  show: (mm: number) => string,
): { what: string; mine: string; theirs: string }[] {
  const rows: { what: string; mine: string; theirs: string }[] = [];
  const row = (what: string, a: string, b: string) => a === b || rows.push({ what, mine: a, theirs: b });
  row('Name', mine.name, theirs.name);
  row('Needed', mine.readyBy ?? 'not said', theirs.readyBy ?? 'not said');
  for (const tier of mine.tiers) {
    const other = theirs.tiers.find((t) => t.id === tier.id);
    if (other === undefined) {
      rows.push({ what: tier.name, mine: 'there', theirs: 'taken out' });
      continue;
    }
    const read = (t: typeof tier) => t.readings.map((r) => `${r.what} ${show(r.mm)}`).join(', ') || 'none';
    row(`${tier.name}, outline`, JSON.stringify(tier.outline.sizes), JSON.stringify(other.outline.sizes));
    row(`${tier.name}, height`, show(tier.height), show(other.height));
    row(`${tier.name}, readings`, read(tier), read(other));
    row(
      `${tier.name}, sections`,
      tier.divisions.map((d) => d.count).join(', '),
      other.divisions.map((d) => d.count).join(', '),
    );
    const worn = (t: typeof tier) =>
      t.dressings
        .map(
          (d) =>
            `${d.technique} ${Object.values(d.settings)
              .map((v) => (typeof v === 'number' ? show(v) : String(v)))
              .join(' ')}`,
        )
        .join(', ') || 'none';
    row(`${tier.name}, dressings`, worn(tier), worn(other));
  }
  for (const tier of theirs.tiers) {
    if (!mine.tiers.some((t) => t.id === tier.id)) {
      rows.push({ what: tier.name, mine: 'not there', theirs: 'added' });
    }
  }
  return rows;
}

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
        Your change and the other one started from the same plan. Choose; nothing is lost until you do.
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
            <tr key={r.what} className="border-t border-dotted border-ink/30">
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
