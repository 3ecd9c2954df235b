import type { ReactNode } from 'react';
import type { Form, Worn } from '../api/client';
import { alongOutline } from './geometry';
import { LevelCrop } from './level-crop';
import { near } from './near';
import { Pieces } from './pieces';
import { ROW } from './projection';
import type { Shade } from './shades';

/** Smaller than this on the band, px, and a piece is looked at through the lens. */
const SMALL_PX = 12;
const WIDE = 172;
const HIGH = 108;

/** The smallest side of a dressing's pieces, mm; null where it has none. */
export function smallest(worn: Worn): number | null {
  let least: number | null = null;
  for (const shape of worn.layout.shapes) {
    if (shape.role !== 'piece' || !shape.closed) {
      continue;
    }
    const xs = shape.xz.filter((_, i) => i % 2 === 0);
    const zs = shape.xz.filter((_, i) => i % 2 === 1);
    const size = Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...zs) - Math.min(...zs));
    least = least === null ? size : Math.min(least, size);
  }
  return least;
}

export function needsLens(worn: Worn, pxPerMm: number): boolean {
  const size = smallest(worn);
  return size !== null && size * pxPerMm < SMALL_PX;
}

interface Props {
  form: Form;
  worn: Worn;
  others: readonly Worn[];
  colours: (worn: Worn) => readonly Shade[];
  /** Middle of what is looked at, mm along the side. */
  s: number;
  section: number;
}

/** A part of the band enlarged until its smallest pieces can be told apart. */
export function Lens({ form, worn, others, colours, s, section }: Props) {
  const size = smallest(worn) ?? 4;
  const k = Math.min(12, 22 / size);
  if (worn.surface !== 'side') {
    return (
      <LevelLens form={form} worn={worn} others={others} colours={colours} s={s} section={section} k={k} />
    );
  }
  const { placements } = worn.layout;
  const zs = placements.filter((_, i) => i % ROW === 2 && Math.abs(placements[i - 1]! - s) < WIDE / k);
  const z = zs.length > 0 ? zs.reduce((a, b) => a + b, 0) / zs.length : (worn.zone.foot + worn.zone.top) / 2;
  return (
    <Glass section={section}>
      <g transform={`translate(${WIDE / 2 - s * k} ${HIGH / 2 + z * k}) scale(${k})`}>
        {[...others, worn].map((w) => (
          <Pieces
            key={w.id}
            layout={near(w.layout, s, WIDE / k / 2, form)}
            form={form}
            colours={colours(w)}
            quiet={w.id !== worn.id}
            k={k}
          />
        ))}
        <line
          x1={s - WIDE}
          x2={s + WIDE}
          stroke="var(--color-ink)"
          strokeWidth={2}
          vectorEffect="non-scaling-stroke"
        />
      </g>
    </Glass>
  );
}

/** The same on a level surface, from above. */
function LevelLens({ form, worn, others, colours, s, section, k }: Props & { k: number }) {
  const seen = form.surfaces.find((each) => each.kind === worn.surface);
  if (!seen) {
    return null;
  }
  const rim = alongOutline(seen.rim, form.foot.mm)(s);
  const share = 1 - (worn.zone.foot + worn.zone.top) / 2 / (Math.hypot(rim.x, rim.y) || 1);
  return (
    <Glass section={section}>
      <LevelCrop
        seen={seen}
        courses={[...others, worn]}
        colours={colours}
        chosen={worn.id}
        x={rim.x * share}
        y={rim.y * share}
        k={k}
        width={WIDE}
        height={HIGH}
      />
    </Glass>
  );
}

function Glass({ section, children }: { section: number; children: ReactNode }) {
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        width={WIDE}
        height={HIGH}
        className="block rounded-full border-[3px] border-ink bg-sheet"
        role="img"
        aria-label={`Section ${section + 1}, enlarged`}
      >
        {children}
      </svg>
      <figcaption className="note mt-1 text-center">section {section + 1} under the lens</figcaption>
    </figure>
  );
}
