import { Download } from 'lucide-react';
import { api, type Batch, type CutLine, problemOf, type Worktop } from '../api/client';
import { useOpen, usePlan } from '../plan/context';
import { tick } from '../plan/document-edits';
import { Button } from '../ui/button';
import { tellBad } from '../ui/toasts';
import { useMaterials, usePreferences } from '../units/preferences';
import { length, say } from '../units/units';
import { batchWords, capital } from '../units/words';
import { PieceOutline } from './outline';
import { save } from './use';

/** The cut list in cutting order, ticked off piece by piece. */
export function Cutting({ top }: { top: Worktop }) {
  const plan = usePlan();
  const { unit } = usePreferences();
  const { words } = useMaterials();
  const ticked = new Set(plan.table?.ticked ?? []);
  const batches = top.batches.filter((b) => b.lines.length > 0);
  const lines = batches.flatMap((b) => b.lines);
  const done = lines.filter((l) => ticked.has(l.id)).length;
  const csv = async () => {
    try {
      save(await api.list('cuts', plan), `${plan.name}, cut list.csv`);
    } catch (thrown) {
      tellBad(problemOf(thrown).detail);
    }
  };
  if (lines.length === 0) {
    return <p className="note">Nothing is cut yet. Dress a tier and its pieces are listed here.</p>;
  }
  return (
    <>
      <div className="mb-3 flex items-center justify-between">
        <p role="status">
          <b>
            {done} of {lines.length}
          </b>{' '}
          lines cut
        </p>
        <Button look="quiet" onClick={csv}>
          <Download size={17} aria-hidden /> Cut list as CSV
        </Button>
      </div>
      {batches.map((batch) => (
        <section key={batch.id} aria-label={batchWords(batch, unit, words)} className="mb-5">
          <h2 className="heading border-b-[3px] border-ink pb-1 text-[1.1rem]">
            {batchWords(batch, unit, words)}
            {batch.rolls > 0 ? (
              <span className="note ml-2 font-normal">
                {batch.rolls === 1 ? 'one sheet' : `${batch.rolls} sheets`}
                {batch.nested ? ` of ${batch.nested.roll.name}` : ''}
              </span>
            ) : null}
          </h2>
          <ul>
            {batch.lines.map((line) => (
              <Cut key={line.id} line={line} batch={batch} top={top} done={ticked.has(line.id)} />
            ))}
          </ul>
        </section>
      ))}
    </>
  );
}

function Cut({ line, batch, top, done }: { line: CutLine; batch: Batch; top: Worktop; done: boolean }) {
  const { editor } = useOpen();
  const plan = usePlan();
  const { unit } = usePreferences();
  const [tier, dressing] = line.job.split('/');
  const part = top.jobs.find((j) => j.tier === tier && j.dressing === dressing);
  const where = [plan.tiers.find((t) => t.id === tier)?.name ?? 'made ahead', part?.name.toLowerCase()]
    .filter(Boolean)
    .join(', ');
  const words = capital(say(line.what, unit));
  return (
    <li className={`border-b border-ink/20 ${done ? 'text-soft' : ''}`}>
      <label className="flex min-h-14 cursor-pointer items-center gap-4 py-1">
        <input
          type="checkbox"
          checked={done}
          onChange={() => void editor.edit(tick(line.id))}
          aria-label={`${words}, ${where}`}
          className="size-6 accent-ink"
        />
        <PieceOutline line={line} shade={batch.tint.shade} />
        <span className="min-w-0 flex-1">
          <span className={`block text-[1.05rem] ${done ? 'line-through' : 'font-semibold'}`}>{words}</span>
          <span className="note">
            {where}
            {line.outline.length > 0 ? ` · ${length(line.width, unit)} × ${length(line.height, unit)}` : ''}
            {batch.nested && line.yield === undefined ? ` · ${sheetsOf(batch, line)}` : ''}
          </span>
        </span>
        <b className="w-16 text-right font-display text-[1.5rem]">{line.count}</b>
        <span className="note w-16 whitespace-nowrap">{line.spare > 0 ? `+ ${line.spare} spare` : ''}</span>
      </label>
    </li>
  );
}

/** From which of the sheets, counted from 1, the pieces of a line come. Lines of one outline are nested as one. */
function sheetsOf(batch: Batch, line: CutLine): string {
  const alike = batch.lines.findIndex(
    (l) => l.yield === undefined && l.outline.join() === line.outline.join(),
  );
  const on: number[] = [];
  let number = 1;
  for (const sheet of batch.nested!.sheets) {
    for (let i = 0; i < sheet.copies; i++, number++) {
      if (sheet.laid.some((l) => l.piece === alike)) {
        on.push(number);
      }
    }
  }
  const first = on[0];
  const last = on.at(-1);
  return first === undefined ? '' : first === last ? `sheet ${first}` : `sheets ${first} to ${last}`;
}
