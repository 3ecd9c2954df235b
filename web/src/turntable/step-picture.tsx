import { memo } from 'react';
import { PiecePicture } from '../ahead/piece-picture';
import type { BenchPlace, Gesture, Plan, TierWorkup, Worn } from '../api/client';
import { LevelCrop } from '../band/level-crop';
import { near } from '../band/near';
import { Pieces } from '../band/pieces';
import { Sample } from '../band/sample';
import { type Shade, shadesOf } from '../band/shades';
import { usePlan, useWorkup } from '../plan/context';
import { usePieces } from '../plan/use';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';
import type { Now } from './flow';
import { TOOLS } from './gestures';
import { only } from './seen';

const WIDE = 176;
const HIGH = 118;
/** Room for what is worked on; the rest is the tool's. */
const THING = 118;
/** At the table and not on the cake: then the piece is drawn as it is cut. */
const TABLE: ReadonlySet<Gesture> = new Set(['weigh', 'roll', 'cut', 'shape', 'sort', 'trace']);
const PIN: readonly Shade[] = Array.from({ length: 64 }, () => ({ fill: '#bd3a26' }));

interface Props {
  now: Now;
  place: BenchPlace | undefined;
  /** Over the cake, in its place where a step is not about it, or among the words. */
  where?: 'over' | 'instead' | 'among';
}

const FRAMES = {
  over: 'absolute top-3 left-3 rounded-lg border border-ink/35 bg-sheet/92 p-1.5',
  instead: 'grid w-full max-w-[720px] place-items-center text-[1.3rem]',
  among: 'self-start rounded-lg border border-ink/35 p-1.5',
};

/** What the hand does, where and with which face: the piece itself to scale, and the tool that meets it. */
export function StepPicture({ now, place, where = 'over' }: Props) {
  const plan = usePlan();
  const workup = useWorkup();
  const pieces = usePieces(plan).data;
  const { told } = now.step;
  const tier = workup.tiers.find((t) => t.id === told.tier);
  const worn = tier?.dressings.find((w) => w.id === told.about);
  const piece = pieces?.find((p) => p.id === told.about);
  const colours = worn && tier ? shadesOf(plan, tier, worn) : [];
  const placed = worn !== undefined && place !== undefined && place.rows.length > 0;
  const atTable = TABLE.has(told.gesture);
  return (
    <figure className={`pointer-events-none m-0 text-ink ${FRAMES[where]}`} data-gesture={told.gesture}>
      <svg
        {...(where === 'instead'
          ? { className: 'block w-full max-h-[52dvh]' }
          : { width: WIDE, height: HIGH, className: 'block' })}
        viewBox={`0 0 ${WIDE} ${HIGH}`}
        role="img"
        aria-label={`What the hand does: ${told.gesture}`}
      >
        {worn && tier ? (
          placed ? (
            <Placed tier={tier} worn={worn} place={place!} colours={colours} />
          ) : atTable && worn.making.cuts[0]?.outline.length ? (
            <Outline xz={worn.making.cuts[0].outline} fill={colours[0]?.fill ?? 'var(--color-edge)'} />
          ) : (
            <svg x={0} y={30} width={THING} height={60}>
              <Sample form={tier.form} divided={divided(tier, plan, worn.id)} worn={worn} colours={colours} />
            </svg>
          )
        ) : piece ? (
          <svg x={4} y={4} width={THING - 8} height={HIGH - 8}>
            <PiecePicture worked={piece} size={THING - 8} />
          </svg>
        ) : tier ? (
          <Silhouette tier={tier} />
        ) : null}
        <g
          transform="translate(112 26) scale(1.3)"
          fill="none"
          stroke="var(--color-ink)"
          strokeWidth={1.8}
          strokeLinejoin="round"
          strokeLinecap="round"
        >
          <path d={TOOLS[told.gesture].tool} fill="var(--color-sheet)" fillOpacity={0.72} />
          <path d={TOOLS[told.gesture].way} stroke="var(--color-pin)" strokeWidth={2.2} />
        </g>
      </svg>
      <Face worn={worn} thick={worn?.making.cuts[0]?.thickness ?? 0} />
    </figure>
  );
}

/** Which face goes to the cake, where it was turned over on its way; else how thick it is. */
function Face({ worn, thick }: { worn: Worn | undefined; thick: number }) {
  const { unit } = usePreferences();
  const turns = worn?.making.turns.length ?? 0;
  const words =
    turns > 0
      ? `${turns % 2 === 1 ? 'drawn mirrored, turned over once' : 'turned over twice'}: the last side that was seen goes to the cake`
      : thick > 0
        ? `${length(thick, unit)} thick`
        : '';
  return words ? <figcaption className="max-w-44 text-[0.88rem] leading-tight">{words}</figcaption> : null;
}

const divided = (tier: TierWorkup, plan: Plan, worn: string) => {
  const named = plan.tiers.find((t) => t.id === tier.id)?.dressings.find((d) => d.id === worn)?.division;
  return tier.divisions.find((d) => d.id === named) ?? tier.divisions[0]!;
};

interface PlacedProps {
  tier: TierWorkup;
  worn: Worn;
  place: BenchPlace;
  colours: readonly Shade[];
}

/** The surface about the next place, the next piece in the pin's colour. */
const Placed = memo(function Placed({ tier, worn, place, colours }: PlacedProps) {
  const lit = { ...only(worn, place.rows), id: 'next' };
  const k = 42 / Math.max(6, Math.min(60, reach(lit)));
  const seen = tier.form.surfaces.find((s) => s.kind === worn.surface);
  if (worn.layout.inPlane && seen) {
    const [, x, y] = lit.layout.placements;
    return (
      <svg width={THING} height={HIGH}>
        <LevelCrop
          seen={seen}
          courses={[worn, lit]}
          colours={(w) => (w.id === 'next' ? PIN : colours)}
          chosen="next"
          x={x ?? 0}
          y={y ?? 0}
          k={k}
          width={THING}
          height={HIGH}
        />
      </svg>
    );
  }
  return (
    <svg width={THING} height={HIGH}>
      <g transform={`translate(${THING / 2 - place.s * k} ${HIGH / 2 + 8 + place.z * k}) scale(${k})`}>
        <rect
          x={place.s - WIDE}
          y={-tier.form.height.mm}
          width={WIDE * 2}
          height={tier.form.height.mm}
          fill="var(--color-paper)"
        />
        <line x1={place.s - WIDE} x2={place.s + WIDE} stroke="var(--color-ink)" strokeWidth={2 / k} />
        <Pieces
          layout={near(worn.layout, place.s, 80 / k, tier.form)}
          form={tier.form}
          colours={colours}
          quiet
          k={k}
        />
        <Pieces layout={lit.layout} form={tier.form} colours={PIN} quiet={false} k={k} />
      </g>
    </svg>
  );
});

function reach(worn: Worn): number {
  const shape = worn.layout.shapes[worn.layout.placements[0] ?? 0];
  if (!shape) {
    return 20;
  }
  const xs = shape.xz.filter((_, i) => i % 2 === 0);
  const zs = shape.xz.filter((_, i) => i % 2 === 1);
  return (
    Math.max(Math.max(...xs) - Math.min(...xs), Math.max(...zs) - Math.min(...zs)) *
    (worn.layout.placements[4] ?? 1)
  );
}

/** A piece as it is cut, to scale with itself. */
function Outline({ xz, fill }: { xz: readonly number[]; fill: string }) {
  const xs = xz.filter((_, i) => i % 2 === 0);
  const zs = xz.filter((_, i) => i % 2 === 1);
  const [x0, x1, z0, z1] = [Math.min(...xs), Math.max(...xs), Math.min(...zs), Math.max(...zs)];
  const k = Math.min(108 / Math.max(1, x1 - x0), 92 / Math.max(1, z1 - z0));
  const points = xs.map(
    (x, i) => `${(x - (x0 + x1) / 2) * k + 64},${HIGH / 2 - (zs[i]! - (z0 + z1) / 2) * k}`,
  );
  return (
    <polygon
      points={points.join(' ')}
      fill={fill}
      stroke="var(--color-ink)"
      strokeWidth={1.4}
      vectorEffect="non-scaling-stroke"
    />
  );
}

function Silhouette({ tier }: { tier: TierWorkup }) {
  const { width, height, top, foot } = tier.form;
  const k = Math.min(112 / width, 88 / height.mm);
  const [w, h, t] = [width * k, height.mm * k, (width * k * top.mm) / foot.mm];
  return (
    <path
      d={`M${64 - w / 2} ${HIGH - 14}h${w}L${64 + t / 2} ${HIGH - 14 - h}h${-t}z`}
      fill="var(--color-paper)"
      stroke="var(--color-ink)"
      strokeWidth={1.6}
    />
  );
}
