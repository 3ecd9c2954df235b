import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';

/** So many hang out of it; the others have been torn off. */
const SHOWN = 4;

/** The label printer with what came out of it, the newest first, as large as on its roll. */
export function PrinterCard() {
  const { data: labels } = useQuery({
    queryKey: ['printed'],
    queryFn: api.printed,
    refetchInterval: 1500,
    retry: false,
  });
  return (
    <section
      aria-label="Label printer"
      data-device="printer"
      className="flex flex-col border-[1.5px] border-ink bg-sheet px-4 pt-3 pb-4"
    >
      <h2 className="heading">Label printer</h2>
      <svg viewBox="0 0 240 40" className="mt-2 w-full" aria-hidden>
        <rect
          x={30}
          y={4}
          width={180}
          height={30}
          rx={6}
          fill="var(--color-wash)"
          stroke="var(--color-ink)"
          strokeWidth={2}
        />
        <rect x={50} y={27} width={140} height={5} rx={2} fill="var(--color-ink)" />
      </svg>
      <ul aria-label="Labels printed" className="-mt-1 px-8">
        {(labels ?? []).slice(0, SHOWN).map((l, i) => (
          <li
            key={i}
            className="mx-auto w-full max-w-[230px] border border-t-0 border-edge bg-white px-2.5 py-1.5 text-[#111]"
          >
            <p className="leading-tight font-bold">{l.title}</p>
            {l.lines.map((line) => (
              <p key={line} className="text-[0.88rem] leading-snug">
                {line}
              </p>
            ))}
          </li>
        ))}
      </ul>
      {labels && labels.length > 0 ? null : (
        <p className="note mt-2">
          Make prints a label for each batch; Days one for each thing that dries or waits.
        </p>
      )}
    </section>
  );
}
