import { useCallback, useEffect, useRef, useState } from 'react';
import type { Exercise, Judgement } from '../api/client';
import { Button } from '../ui/button';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';

/** So much of the side is in sight, mm: a hand on the screen is then about as fine as one on a cake. */
const SEEN_MM = 150;
const WIDTH = 900;
const SCALE = WIDTH / SEEN_MM;
/** Arrows move by so much, and with Shift by so much, mm. */
const STEP_MM = 0.5;
const LEAP_MM = 5;

interface Props {
  exercise: Exercise;
  judged: Judgement | null;
  done: (marks: readonly number[]) => void;
}

/** The side rolled by under the hand, true to scale: each mark is made with the pointer or with the arrows, and stays. */
export function ByHand({ exercise, judged, done }: Props) {
  const { unit } = usePreferences();
  const { around, sections, gauge } = exercise;
  const byCard = gauge > 0;
  const [marks, setMarks] = useState<readonly number[]>([0]);
  const [at, setAt] = useState(30);
  const bench = useRef<SVGSVGElement>(null);
  const last = marks.at(-1)!;
  const step = byCard ? gauge : around / sections;
  const target = byCard ? last + gauge : marks.length * step;
  const full = marks.length === sections;
  const from = full ? 0 : target - SEEN_MM * 0.62;
  const x = (mm: number) => (mm - from) * SCALE;
  const mark = useCallback(
    (mm: number) => {
      const all = [...marks, mm];
      setMarks(all);
      // The hand goes on from where it is: near the next place, never on it.
      setAt(mm + step * 0.55);
      if (all.length === sections) {
        done(all);
      }
    },
    [marks, sections, step, done],
  );
  useEffect(() => {
    bench.current?.focus();
  }, []);
  if (full) {
    return <Whole exercise={exercise} marks={marks} judged={judged} />;
  }
  const mm = (clientX: number) => {
    const box = bench.current!.getBoundingClientRect();
    return from + ((clientX - box.left) / box.width) * SEEN_MM;
  };
  const first = Math.ceil(from / 5) * 5;
  return (
    <div>
      <svg
        ref={bench}
        viewBox={`0 0 ${WIDTH} 190`}
        role="application"
        aria-label={`The side under your hand; ${byCard ? `the card stands at ${at.toFixed(1)}` : `the pencil stands at ${at.toFixed(1)}`} millimetres. Arrows move it, Enter marks.`}
        // biome-ignore lint/a11y/noNoninteractiveTabindex: the drawing itself is worked with keys
        tabIndex={0}
        data-bench
        data-at={at.toFixed(2)}
        data-target={target.toFixed(2)}
        onPointerMove={(e) => setAt(mm(e.clientX))}
        onClick={(e) => mark(mm(e.clientX))}
        onKeyDown={(e) => {
          const by = e.shiftKey ? LEAP_MM : STEP_MM;
          if (e.key === 'ArrowRight' || e.key === 'ArrowLeft') {
            e.preventDefault();
            setAt(at + (e.key === 'ArrowRight' ? by : -by));
          } else if (e.key === 'Enter') {
            e.preventDefault();
            mark(at);
          }
        }}
        className="w-full cursor-crosshair touch-none rounded-md border border-ink/40 bg-paper"
      >
        <rect y={24} width={WIDTH} height={104} fill="var(--color-sheet)" stroke="var(--color-edge)" />
        {byCard ? (
          <g>
            <rect
              x={x(at - gauge)}
              y={52}
              width={gauge * SCALE}
              height={48}
              fill="var(--color-wash)"
              stroke="var(--color-ink)"
              strokeWidth={1.5}
              opacity={0.85}
            />
            <text x={x(at - gauge / 2)} y={81} fontSize={15} textAnchor="middle" fill="var(--color-ink)">
              card of {length(gauge, unit)}
            </text>
          </g>
        ) : null}
        {marks.map((m, i) => (
          <line key={i} x1={x(m)} x2={x(m)} y1={24} y2={128} stroke="var(--color-ink)" strokeWidth={2} />
        ))}
        <line x1={x(at)} x2={x(at)} y1={16} y2={128} stroke="var(--color-pin)" strokeWidth={1.5} />
        {byCard ? null : (
          <g>
            <rect y={128} width={WIDTH} height={62} fill="var(--color-tape)" />
            {Array.from({ length: SEEN_MM + 6 }, (_, i) => Math.ceil(from) + i).map((t) => (
              <line
                key={t}
                x1={x(t)}
                x2={x(t)}
                y1={128}
                y2={128 + (t % 10 === 0 ? 26 : t % 5 === 0 ? 19 : 12)}
                stroke="var(--color-tape-ink)"
                strokeWidth={t % 10 === 0 ? 1.6 : 0.9}
              />
            ))}
            {Array.from({ length: SEEN_MM / 10 + 2 }, (_, i) => Math.ceil(first / 10) * 10 + i * 10).map(
              (t) => (
                <text key={t} x={x(t)} y={176} fontSize={17} textAnchor="middle" fill="var(--color-tape-ink)">
                  {t}
                </text>
              ),
            )}
          </g>
        )}
      </svg>
      <p className="mt-3 flex flex-wrap items-baseline justify-between gap-3">
        <span>
          <span className="text-soft">
            {byCard ? 'Lay the card’s left edge on the last mark: mark ' : 'Mark '}
          </span>
          <b className="font-display text-[1.7rem]">{marks.length + 1}</b>
          <span className="text-soft"> of {sections}</span>
          {byCard ? null : (
            <>
              <span className="text-soft"> at </span>
              <b className="font-display text-[1.7rem] tabular-nums">{Math.round(target)} mm</b>
            </>
          )}
        </span>
        <span className="note">
          click, or ← → ({STEP_MM} mm, with Shift {LEAP_MM}) and Enter
        </span>
      </p>
      {marks.length > 1 ? (
        <Button look="quiet" className="-ml-3.5" onClick={() => setMarks(marks.slice(0, -1))}>
          Wipe the last mark out
        </Button>
      ) : null}
    </div>
  );
}

/** The whole side with its marks, the closing section in pin colour, and how far each mark was off, many times as large. */
function Whole({
  exercise,
  marks,
  judged,
}: {
  exercise: Exercise;
  marks: readonly number[];
  judged: Judgement | null;
}) {
  const { unit } = usePreferences();
  const x = (mm: number) => (mm / exercise.around) * WIDTH;
  return (
    <svg
      viewBox={`-2 0 ${WIDTH + 4} 150`}
      className="w-full"
      role="img"
      aria-label="Your marks on the whole side"
    >
      <rect y={10} width={WIDTH} height={70} fill="var(--color-paper)" stroke="var(--color-ink)" />
      <rect
        x={x(marks.at(-1)!)}
        y={10}
        width={WIDTH - x(marks.at(-1)!)}
        height={70}
        fill="var(--color-pin)"
        opacity={0.22}
      />
      {marks.map((m, i) => (
        <line key={i} x1={x(m)} x2={x(m)} y1={10} y2={80} stroke="var(--color-ink)" strokeWidth={2} />
      ))}
      {judged?.closing === undefined ? null : (
        <text
          x={WIDTH - (WIDTH - x(marks.at(-1)!)) / 2}
          y={50}
          fontSize={15}
          fontWeight={650}
          textAnchor="middle"
          fill="var(--color-pin)"
        >
          {length(judged.closing, unit)}
        </text>
      )}
      <line y1={118} y2={118} x2={WIDTH} stroke="var(--color-chalk)" />
      {(judged?.offs ?? []).map((off, i) => (
        <g key={i}>
          <line
            x1={x(marks[i + 1]!)}
            x2={x(marks[i + 1]!)}
            y1={118}
            y2={118 - Math.max(-26, Math.min(26, off * 9))}
            stroke="var(--color-ink)"
            strokeWidth={5}
          />
          <title>{`${off.toFixed(2)} mm`}</title>
        </g>
      ))}
    </svg>
  );
}
