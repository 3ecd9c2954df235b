import { useQuery } from '@tanstack/react-query';
import { Download, Printer } from 'lucide-react';
import { useState } from 'react';
import { api, type Chapter, type Paper } from '../api/client';
import { save } from '../make/use';
import { usePlan } from '../plan/context';
import { usePlanId } from '../plan/use';
import { Button } from '../ui/button';
import { usePacking } from './packing';

/** The whole order on paper as one booklet: which chapters, then made with its progress told. */
export function BookletChoice({ paper }: { paper: Paper }) {
  const plan = usePlan();
  const id = usePlanId();
  const { data: chapters } = useQuery({
    queryKey: ['chapters'],
    queryFn: api.chapters,
    staleTime: Number.POSITIVE_INFINITY,
  });
  const [left, setLeft] = useState<ReadonlySet<Chapter>>(new Set());
  const { packing, makeBooklet, cancel } = usePacking();
  const chosen = (chapters ?? []).map((c) => c.chapter).filter((c) => !left.has(c));
  const order = { id, plan, chapters: chosen, paper };
  return (
    <section aria-label="Booklet of the whole order" className="border-t border-ink/30 pt-3">
      <h2 className="heading text-[1.05rem]">The whole order as a booklet</h2>
      <ul aria-label="Chapters" className="mt-1 grid grid-cols-1">
        {chapters?.map((c) => (
          <li key={c.chapter}>
            <label className="flex min-h-9 cursor-pointer items-center gap-3">
              <input
                type="checkbox"
                checked={!left.has(c.chapter)}
                onChange={() => {
                  const next = new Set(left);
                  if (!next.delete(c.chapter)) {
                    next.add(c.chapter);
                  }
                  setLeft(next);
                }}
                className="size-5 shrink-0 accent-ink"
              />
              {c.title}
            </label>
          </li>
        ))}
      </ul>
      {packing ? (
        <div role="status" className="mt-2 rounded-md border border-ink/40 px-3 py-2">
          <p>
            Page <b>{packing.done}</b> of {packing.of}
          </p>
          <progress value={packing.done} max={Math.max(1, packing.of)} className="my-1.5 w-full accent-ink" />
          <Button onClick={cancel}>Stop</Button>
        </div>
      ) : null}
      <div className="mt-2 flex flex-wrap gap-2">
        <Button
          disabled={chosen.length === 0}
          aria-disabled={packing !== null}
          onClick={() => makeBooklet(order, (pdf) => window.open(URL.createObjectURL(pdf), '_blank'))}
        >
          <Printer size={18} aria-hidden /> Open the booklet
        </Button>
        <Button
          disabled={chosen.length === 0}
          aria-disabled={packing !== null}
          onClick={() => makeBooklet(order, (pdf) => save(pdf, `${plan.name}, booklet.pdf`))}
        >
          <Download size={18} aria-hidden /> Save the booklet
        </Button>
      </div>
    </section>
  );
}
