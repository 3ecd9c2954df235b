import { memo, useMemo } from 'react';
import type { BenchPlace } from '../api/client';
import { usePreferences } from '../units/preferences';
import { lengthParts } from '../units/units';

interface Props {
  around: number;
  width: number;
  /** Where the pointer is drawn, px. */
  pointer: number;
  /** Where the pointer stands, mm from the back seam; undefined: the tape rests. */
  at: number | undefined;
  places: readonly BenchPlace[];
  done: number;
}

/** So much of the tape is seen at once, mm. */
const WINDOW_MM = 190;
const HIGH = 86;
/** Beyond both ends the tape's own pieces are seen again: it is closed about the cake. */
const OVER_MM = WINDOW_MM;

/** The tape drawn running past a pointer, to scale with itself: what the hand reads stands under the pointer. */
export function RunningTape({ around, width, pointer, at, places, done }: Props) {
  const k = Math.max(2.6, width / WINDOW_MM);
  const shift = pointer - ((at ?? around / 2) + OVER_MM) * k;
  return (
    <div className="relative overflow-hidden" style={{ width, height: HIGH + 18 }}>
      <div
        className="absolute top-[18px] left-0 will-change-transform transition-transform duration-[420ms] ease-in-out"
        style={{ transform: `translate3d(${shift}px,0,0)` }}
        data-tape-at={at === undefined ? '' : at.toFixed(3)}
      >
        <Ticks around={around} k={k} places={places} done={done} />
      </div>
      <svg
        width={36}
        height={HIGH + 18}
        className="absolute top-0"
        style={{ left: pointer - 18 }}
        aria-hidden="true"
      >
        <path d="M18 30L4 2h28z" fill="var(--color-pin)" />
        <line x1={18} x2={18} y1={24} y2={HIGH + 18} stroke="var(--color-pin)" strokeWidth={2.5} />
      </svg>
    </div>
  );
}

/** Drawn once for a tape; the browser moves it as one picture. */
const Ticks = memo(function Ticks({
  around,
  k,
  places,
  done,
}: Pick<Props, 'around' | 'places' | 'done'> & { k: number }) {
  const { unit } = usePreferences();
  const inch = unit === 'inch';
  const small = inch ? 25.4 / 8 : k >= 3 ? 1 : 5;
  const lines = useMemo(() => {
    const fine: string[] = [];
    const half: string[] = [];
    const whole: string[] = [];
    for (let copy = -1; copy <= 1; copy++) {
      for (let i = 0; i * small < around; i++) {
        const mm = i * small + copy * around;
        if (mm < -OVER_MM || mm > around + OVER_MM) {
          continue;
        }
        const x = ((mm + OVER_MM) * k).toFixed(2);
        const rank = inch
          ? i % 8 === 0
            ? whole
            : i % 4 === 0
              ? half
              : fine
          : Math.round(i * small) % 10 === 0
            ? whole
            : Math.round(i * small) % 5 === 0
              ? half
              : fine;
        rank.push(`M${x} 0v${rank === whole ? 22 : rank === half ? 16 : 10}`);
      }
    }
    return { fine: fine.join(''), half: half.join(''), whole: whole.join('') };
  }, [around, k, small, inch]);
  const numbers = useMemo(() => {
    const each = inch ? 25.4 : 10;
    const all: { x: number; text: string }[] = [];
    for (let copy = -1; copy <= 1; copy++) {
      for (let i = 0; i * each < around - each / 4; i++) {
        const mm = i * each + copy * around;
        if (mm >= -OVER_MM && mm <= around + OVER_MM) {
          all.push({ x: (mm + OVER_MM) * k, text: lengthParts(i * each, unit).number });
        }
      }
    }
    return all;
  }, [around, k, unit, inch]);
  const wide = (around + 2 * OVER_MM) * k;
  return (
    <svg width={wide} height={HIGH} className="block" aria-hidden="true">
      <rect width={wide} height={HIGH} fill="var(--color-tape)" />
      <line x1={0} x2={wide} y1={0.75} y2={0.75} stroke="var(--color-tape-line)" strokeWidth={1.5} />
      <line
        x1={0}
        x2={wide}
        y1={HIGH - 0.75}
        y2={HIGH - 0.75}
        stroke="var(--color-tape-line)"
        strokeWidth={1.5}
      />
      <path d={lines.fine} stroke="var(--color-tape-ink)" strokeWidth={1} fill="none" />
      <path d={lines.half} stroke="var(--color-tape-ink)" strokeWidth={1.3} fill="none" />
      <path d={lines.whole} stroke="var(--color-tape-ink)" strokeWidth={2} fill="none" />
      {numbers.map((n) => (
        <text key={n.x} x={n.x + 3} y={41} className="text-[17px] font-semibold" fill="var(--color-tape-ink)">
          {n.text}
        </text>
      ))}
      {[0, around].map((s) => (
        <text
          key={s}
          x={(s + OVER_MM) * k + 5}
          y={HIGH - 7}
          className="text-[14px] font-semibold"
          fill="var(--color-tape-ink)"
        >
          back seam
        </text>
      ))}
      {places.map((p, i) =>
        [-1, 0, 1].map((copy) => {
          const x = (p.s + copy * around + OVER_MM) * k;
          return x < 0 || x > wide ? null : (
            <path
              key={`${p.number}:${copy}`}
              d={`M${x} ${HIGH - 24}l7 13h-14z`}
              fill={
                i < done
                  ? 'var(--color-tape-line)'
                  : i === done
                    ? 'var(--color-pin)'
                    : 'var(--color-tape-ink)'
              }
            />
          );
        }),
      )}
    </svg>
  );
});
