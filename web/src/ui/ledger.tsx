import type { ReactNode } from 'react';

/** One of the few numbers that matter here. */
export function Lead({ number, unit, words }: { number: string; unit: string; words: string }) {
  return (
    <div className="flex flex-wrap items-baseline gap-x-1.5">
      <span className="figure">{number}</span>
      <span className="text-[1.05rem] text-soft">
        {unit} {words}
      </span>
    </div>
  );
}

export function Row({ label, children }: { label: string; children: ReactNode }) {
  return (
    <div className="flex items-baseline justify-between gap-3 border-b border-dotted border-ink/30 py-1.5">
      <dt className="shrink-0 text-[0.98rem]">{label}</dt>
      <dd className="text-right text-[1.02rem] leading-snug font-semibold">{children}</dd>
    </div>
  );
}
