import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { api, type Cutter } from '../api/client';
import { Button } from '../ui/button';
import { FileButton } from '../ui/file-button';
import { tried } from './card';

const LOOK_MS = 250;
const WORDS: Record<Cutter['state'], string> = {
  idle: 'nothing to do',
  runs: 'at work',
  paused: 'paused',
  torn: 'the sheet tore',
  done: 'done',
};
const DOES = {
  travels: 'moves',
  draws: 'draws',
  cuts: 'cuts',
  changes: 'waits for the knife',
  done: 'done',
} as const;

/** The cutter's bed from above, true to scale: what is done in ink, what is to come in chalk, the head where it is. */
export function CutterCard() {
  const client = useQueryClient();
  const strokes = useRef<{ title: string; strokes: Cutter['strokes'] }>({ title: '', strokes: [] });
  const [tears, setTears] = useState(false);
  const { data } = useQuery({
    queryKey: ['cutter'],
    queryFn: async () => {
      const known = strokes.current.strokes.length > 0;
      const answer = await api.cutter(known);
      if (known && answer.title !== strokes.current.title) {
        strokes.current = { title: '', strokes: [] };
        return api.cutter(false);
      }
      return answer;
    },
    refetchInterval: LOOK_MS,
    retry: false,
  });
  if (data && data.strokes.length > 0) {
    strokes.current = { title: data.title, strokes: data.strokes };
  }
  const all = strokes.current.strokes;
  const state = data?.state ?? 'idle';
  const head = data?.head;
  const again = () => client.invalidateQueries({ queryKey: ['cutter'] });
  const begin = async (file: File) => {
    strokes.current = { title: '', strokes: [] };
    await api.cut({ title: file.name.replace(/\.dxf$/i, ''), dxf: await file.text(), torn: tears });
    await again();
  };
  return (
    <section
      aria-label="Cutting machine"
      data-device="cutter"
      className="flex flex-col border-[1.5px] border-ink bg-sheet px-4 pt-3 pb-4"
    >
      <div className="flex items-baseline justify-between gap-2">
        <h2 className="heading">Cutting machine</h2>
        <span className={state === 'torn' ? 'font-semibold text-stop' : 'text-soft'}>{WORDS[state]}</span>
      </div>
      <svg
        viewBox={data && data.width > 0 ? `-4 -4 ${data.width + 8} ${data.height + 8}` : '0 0 200 110'}
        className="mt-2 max-h-44 w-full"
        role="img"
        aria-label={data?.title ? `${data.title} on the bed` : 'An empty bed'}
      >
        <rect
          width={data && data.width > 0 ? data.width : 200}
          height={data && data.height > 0 ? data.height : 110}
          fill="var(--color-paper)"
          stroke="var(--color-edge)"
          strokeWidth={1}
          vectorEffect="non-scaling-stroke"
        />
        <g transform={data && data.height > 0 ? `translate(0 ${data.height}) scale(1 -1)` : undefined}>
          {all.map((s, i) => (
            <polyline
              key={i}
              points={s.xy.join(' ')}
              fill="none"
              stroke={
                i < (head?.stroke ?? 0)
                  ? s.cut
                    ? 'var(--color-ink)'
                    : 'var(--color-soft)'
                  : 'var(--color-chalk)'
              }
              strokeWidth={i < (head?.stroke ?? 0) ? 2 : 1}
              strokeDasharray={s.cut ? undefined : '4 3'}
              vectorEffect="non-scaling-stroke"
            />
          ))}
          {head ? (
            <circle
              cx={head.x}
              cy={head.y}
              r={Math.max(data.width, data.height) / 60}
              fill={state === 'torn' ? 'var(--color-stop)' : 'var(--color-pin)'}
            />
          ) : null}
        </g>
      </svg>
      {head && data ? (
        <>
          <p className="mt-2 leading-snug">
            <b className="font-semibold">{data.title}</b>
            <span className="text-soft">
              {' '}
              · {DOES[head.does]} · line {Math.min(head.stroke + 1, all.length)} of {all.length}
              {state === 'done' ? '' : ` · ${Math.ceil(data.left)} s left`}
            </span>
          </p>
          <div
            role="progressbar"
            aria-label="Of the job done"
            aria-valuenow={Math.round(100 * head.share)}
            aria-valuemin={0}
            aria-valuemax={100}
            className="mt-1.5 h-3 w-full overflow-hidden rounded-full bg-wash"
          >
            <svg viewBox="0 0 100 3" preserveAspectRatio="none" className="block h-full w-full" aria-hidden>
              <rect width={100 * head.share} height={3} fill="var(--color-ink)" />
            </svg>
          </div>
        </>
      ) : (
        <p className="note mt-2">Print sends templates here, or choose a DXF of ours.</p>
      )}
      {state === 'torn' ? (
        <p role="alert" className="mt-1.5 rounded-md bg-stop-ground px-2.5 py-1.5 text-stop">
          Lay a new sheet. It goes on with the line that was not finished.
        </p>
      ) : null}
      <div className="mt-auto flex flex-wrap items-center gap-2 pt-3">
        {state === 'runs' ? (
          <Button onClick={() => tried(api.pauseCutter().then(again))}>Pause</Button>
        ) : null}
        {state === 'paused' || state === 'torn' ? (
          <Button look="main" onClick={() => tried(api.resumeCutter().then(again))}>
            {state === 'torn' ? 'New sheet, go on' : 'Go on'}
          </Button>
        ) : null}
        <FileButton label="A DXF to cut" accept=".dxf" onFile={(file) => tried(begin(file))}>
          Cut a DXF
        </FileButton>
        <label className="inline-flex min-h-11 items-center gap-2 text-[0.95rem]">
          <input
            type="checkbox"
            checked={tears}
            onChange={(e) => setTears(e.currentTarget.checked)}
            className="size-5 accent-ink"
          />
          the next sheet tears
        </label>
      </div>
    </section>
  );
}
