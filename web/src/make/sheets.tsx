import type { Batch, Nested, Worktop } from '../api/client';
import { useOpen } from '../plan/context';
import { onTable } from '../plan/document-edits';
import { NumberField } from '../ui/number';
import { useMaterials, usePreferences } from '../units/preferences';
import { decimal, length, say } from '../units/units';
import { batchWords } from '../units/words';
import { path, placed } from './outline';

const WIDE = 230;

/** How pieces lie on the sheets owned, drawn; what was counted from one wins over the drawing. */
export function Sheets({ top }: { top: Worktop }) {
  const { unit } = usePreferences();
  const { words } = useMaterials();
  const cut = top.batches.filter((b) => (b.form === 'rolled' || b.form === 'sheet') && b.lines.length > 0);
  if (cut.length === 0) {
    return <p className="note">Nothing is cut from a sheet yet.</p>;
  }
  return (
    <>
      {cut.map((batch) => (
        <section key={batch.id} aria-label={batchWords(batch, unit, words)} className="mb-7">
          <h2 className="heading border-b-[3px] border-ink pb-1 text-[1.1rem]">
            {batchWords(batch, unit, words)}
          </h2>
          {batch.nested ? (
            <>
              <p className="note my-2">
                {batch.nested.roll.name}, {length(batch.nested.roll.width, unit)} ×{' '}
                {length(batch.nested.roll.length, unit)} · {batch.nested.way} ·{' '}
                <b className="text-ink">{decimal(batch.nested.used * 100, 0)} %</b> of the paste rolled is
                pieces
              </p>
              <div className="flex flex-wrap gap-5">
                {batch.nested.sheets.map((sheet, i) => (
                  <SheetDrawn key={i} batch={batch} nested={batch.nested!} sheet={sheet} />
                ))}
              </div>
            </>
          ) : batch.lines.some((l) => l.yield === undefined) ? (
            <p className="note my-2">
              A piece of these goes on none of the sheets owned: see what is found, at the right.
            </p>
          ) : null}
          <Yields batch={batch} />
        </section>
      ))}
    </>
  );
}

interface DrawnProps {
  batch: Batch;
  nested: Nested;
  sheet: Nested['sheets'][number];
}

function SheetDrawn({ batch, nested, sheet }: DrawnProps) {
  const { width, length: long } = nested.roll;
  const k = Math.min(WIDE / width, 300 / long);
  const shown = sheet.reach < long * 0.6 ? Math.min(long, sheet.reach + 20) : long;
  return (
    <figure className="m-0">
      <svg
        width={width * k}
        height={shown * k}
        viewBox={`0 0 ${width} ${shown}`}
        role="img"
        aria-label={`${sheet.copies} sheets with ${sheet.laid.length} pieces`}
        className="block border border-ink bg-sheet shadow-[0_3px_10px_rgb(28_42_54/0.14)]"
      >
        <g transform={`translate(0 ${shown}) scale(1 -1)`}>
          {sheet.laid.map((l, i) => (
            <g key={i} transform={placed(batch.lines[l.piece]!.outline, l)}>
              <path
                d={path(batch.lines[l.piece]!.outline)}
                fill={batch.tint.shade}
                stroke="var(--color-ink)"
                strokeWidth={1}
                vectorEffect="non-scaling-stroke"
              />
            </g>
          ))}
          {sheet.reach < shown - 1 ? (
            <line
              x1={0}
              x2={width}
              y1={sheet.reach}
              y2={sheet.reach}
              stroke="var(--color-pin)"
              strokeWidth={1.4}
              strokeDasharray="6 4"
              vectorEffect="non-scaling-stroke"
            />
          ) : null}
        </g>
      </svg>
      <figcaption className="note mt-1">
        {sheet.copies > 1 ? `${sheet.copies} like this, ` : ''}
        {sheet.laid.length} pieces
      </figcaption>
    </figure>
  );
}

/** What a hand counted from one sheet. */
function Yields({ batch }: { batch: Batch }) {
  const { editor } = useOpen();
  const { unit } = usePreferences();
  return (
    <details className="mt-2">
      <summary className="inline-flex min-h-11 cursor-pointer items-center text-[0.98rem] font-semibold">
        I counted more or fewer from a sheet
      </summary>
      <ul>
        {batch.lines.map((line) => (
          <li key={line.id} className="flex items-end gap-4 py-1">
            <span className="w-72 pb-2.5">{say(line.what, unit)}</span>
            <NumberField
              label="From one sheet"
              value={line.yield ?? null}
              mayBeEmpty
              placeholder="as drawn"
              onNumber={(n) =>
                editor.edit(
                  onTable((t) => {
                    const { [line.id]: _, ...others } = t.yields;
                    return { ...t, yields: n === null ? others : { ...others, [line.id]: n } };
                  }),
                )
              }
            />
          </li>
        ))}
      </ul>
    </details>
  );
}
