import { type KeyboardEvent, memo } from 'react';
import type { Divided } from '../api/client';
import { usePreferences } from '../units/preferences';
import { length, say } from '../units/units';

interface Props {
  divided: Divided;
  /** How wide a section is wanted, mm; null: as wide as it is. */
  onCount: (n: number) => void;
}

/** So many rungs stand side by side; the best of the ladder, in the order of their counts. */
const SHOWN = 8;

/** The counts that come near the wanted section, one rung each. */
export const Ladder = memo(function Ladder({ divided, onCount }: Props) {
  const { unit } = usePreferences();
  const { rungs } = divided.ladder;
  const open = rungs.filter((r) => !r.refused);
  const nearest = [...open].sort((a, b) => Math.abs(a.n - divided.count) - Math.abs(b.n - divided.count));
  // The ladder's own order chooses, but what stands beside the count in force must be there to step to.
  const kept = new Set([...nearest.slice(0, 3), ...open].slice(0, SHOWN + 3).map((r) => r.n));
  const shown = open.filter((r) => kept.has(r.n)).slice(0, SHOWN);
  for (const near of nearest.slice(0, 3)) {
    if (!shown.includes(near)) {
      shown.pop();
      shown.unshift(near);
    }
  }
  shown.sort((a, b) => a.n - b.n);
  const best = rungs[0];
  const anyOn = shown.some((r) => r.n === divided.count);
  /** Arrows go from one to the next and take it, as in any group of which one is chosen. */
  const arrow = (e: KeyboardEvent<HTMLButtonElement>, n: number) => {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[e.key];
    if (by === undefined) {
      return;
    }
    e.preventDefault();
    const at = shown.findIndex((r) => r.n === n);
    const next = shown[(at + by + shown.length) % shown.length]!;
    onCount(next.n);
    const group = e.currentTarget.parentElement;
    requestAnimationFrame(() => group?.querySelector<HTMLElement>(`[data-count="${next.n}"]`)?.focus());
  };
  const refused = rungs.find((r) => r.refused);
  return (
    <div>
      <div
        role="radiogroup"
        aria-label="Counts that close"
        className="grid auto-cols-fr grid-flow-col border-y-[2.5px] border-r-2 border-ink max-md:grid-flow-row max-md:grid-cols-4"
      >
        {shown.map((rung) => {
          const on = rung.n === divided.count;
          return (
            <button
              type="button"
              role="radio"
              data-count={rung.n}
              aria-checked={on}
              tabIndex={on || (!anyOn && rung === shown[0]) ? 0 : -1}
              key={rung.n}
              onKeyDown={(e) => arrow(e, rung.n)}
              onClick={() => onCount(rung.n)}
              className={`min-h-[76px] px-2.5 py-1.5 text-left hover:bg-sheet ${on ? 'border-l-[5px] border-pin bg-sheet' : 'border-l-2 border-ink'}`}
            >
              <span
                className={`block font-display leading-tight ${on ? 'text-[1.75rem] font-bold' : 'text-[1.35rem] text-soft'}`}
              >
                {rung.n}
                <span className="sr-only"> sections of </span>
              </span>
              <span className={`block text-[0.95rem] ${on ? 'font-semibold' : 'text-soft'}`}>
                {rung.gap === undefined ? length(rung.section, unit) : `gap ${length(rung.gap, unit)}`}
              </span>
              <span className="block text-[0.86rem] font-semibold text-good">
                {[rung.n === best?.n ? 'nearest' : '', rung.odd ? 'odd' : '', rung.folds ? 'folds' : '']
                  .filter(Boolean)
                  .join(' · ') || '\u00a0'}
              </span>
            </button>
          );
        })}
      </div>
      {refused?.refused ? <p className="note mt-1.5">Not offered: {say(refused.refused, unit)}</p> : null}
    </div>
  );
});
