import { useQuery } from '@tanstack/react-query';
import { api, type Chapter } from '../api/client';

const WHAT: Record<Chapter, string> = {
  brief: 'who it is for, tiers, coats, colours',
  views: 'drawn to scale, front and above',
  cuts: 'every piece with its spares, to tick',
  batches: 'grams to knead and mix, and what goes in',
  days: 'what is done when, and what lies where',
  steps: 'each with its picture, checks and cautions',
  lay_out: 'by day, what is missing first',
  templates: 'at true size, with their check lines',
  handover: 'for whoever serves it',
};

/** The chapters that a booklet may have. */
export function useChapters() {
  return (
    useQuery({ queryKey: ['chapters'], queryFn: api.chapters, staleTime: Number.POSITIVE_INFINITY }).data ??
    []
  );
}

interface Props {
  left: ReadonlySet<Chapter>;
  leave: (left: ReadonlySet<Chapter>) => void;
}

/** Which chapters the booklet of the whole order has. */
export function Chapters({ left, leave }: Props) {
  return (
    <ul aria-label="Chapters" className="border-t border-ink/30">
      {useChapters().map((c) => (
        <li key={c.chapter} className="border-b border-ink/20">
          <label className="flex min-h-12 cursor-pointer items-center gap-3">
            <input
              type="checkbox"
              checked={!left.has(c.chapter)}
              onChange={() => {
                const next = new Set(left);
                if (!next.delete(c.chapter)) {
                  next.add(c.chapter);
                }
                leave(next);
              }}
              className="size-5 shrink-0 accent-ink"
            />
            <span className="font-semibold">{c.title}</span>
            <span className="note">{WHAT[c.chapter]}</span>
          </label>
        </li>
      ))}
    </ul>
  );
}
