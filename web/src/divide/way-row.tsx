import type { ReactNode } from 'react';
import type { Played } from '../api/client';
import { Button } from '../ui/button';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';
import { type WayKey, WayPicture } from './way-picture';

interface RowProps {
  way: WayKey;
  name: string;
  played: Played | undefined;
  best: Played | undefined;
  /** Whether these sections can be marked so at all. */
  possible: boolean;
  /** The way that this division is marked by. */
  chosen: WayKey;
  choose: (way: WayKey) => unknown;
  children: ReactNode;
}

/** One way to mark: its picture, how it comes out, and a press that has the division marked so. */
export function WayRow({ way, name, played, best, possible, chosen: marked, choose, children }: RowProps) {
  const { unit } = usePreferences();
  const chosen = played !== undefined && way === best?.way;
  return (
    <div
      data-way={way}
      className="grid grid-cols-[64px_minmax(0,1fr)_minmax(260px,46%)] items-center gap-3.5 border-t border-ink/20 py-1.5 max-md:grid-cols-[64px_1fr]"
    >
      <WayPicture way={way} />
      <div>
        <div className={chosen ? 'font-bold' : 'font-semibold'}>
          {name} {chosen ? <span className="text-[0.9rem] text-good">use this</span> : null}
        </div>
        <div className="note">{children}</div>
        {way === marked ? (
          <p className="mt-1 font-semibold text-good">
            ✓ This division is marked so: steps, templates and days follow
          </p>
        ) : possible ? (
          <Button className="mt-1" onClick={() => void choose(way)}>
            Mark it so
          </Button>
        ) : null}
      </div>
      {played ? (
        <div className="max-md:col-span-2">
          <Histogram played={played} />
          <div className="note flex justify-between">
            <span>
              {length(played.mean, unit)} ± {length(played.spread, unit)}
            </span>
            <span className={played.shows > 0.1 ? 'font-semibold text-look' : 'font-semibold text-good'}>
              shows in {Math.round(played.shows * 100)} of 100
            </span>
          </div>
        </div>
      ) : (
        <div className="note max-md:col-span-2">not for these sections</div>
      )}
    </div>
  );
}

/** Where the last section comes out, two thousand times. */
function Histogram({ played }: { played: Played }) {
  const { unit } = usePreferences();
  const most = Math.max(...played.bars);
  const wide = played.bar * played.bars.length;
  const x = (mm: number) => ((mm - played.from) / wide) * 610;
  const unseen = 0.03 * played.ordinary;
  return (
    <svg
      viewBox="0 0 610 44"
      preserveAspectRatio="none"
      className="block h-10 w-full"
      role="img"
      aria-label={`The last section comes out ${length(played.mean, unit)}, give or take ${length(played.spread, unit)}`}
    >
      <rect width={610} height={44} fill="var(--color-edge)" opacity={0.7} />
      <rect
        x={x(played.ordinary - unseen)}
        width={Math.max(0, x(played.ordinary + unseen) - x(played.ordinary - unseen))}
        height={44}
        fill="var(--color-sheet)"
      />
      {played.bars.map((n, i) => {
        const middle = played.from + (i + 0.5) * played.bar;
        const shows = Math.abs(middle - played.ordinary) > unseen;
        const h = (n / most) * 40;
        return n === 0 ? null : (
          <rect
            key={i}
            x={i * 10 + 1.5}
            y={44 - h}
            width={7}
            height={h}
            fill={shows ? 'var(--color-stop)' : 'var(--color-good)'}
          />
        );
      })}
      <line
        x1={x(played.ordinary)}
        x2={x(played.ordinary)}
        y1={0}
        y2={44}
        stroke="var(--color-ink)"
        strokeDasharray="3 3"
        vectorEffect="non-scaling-stroke"
      />
    </svg>
  );
}
