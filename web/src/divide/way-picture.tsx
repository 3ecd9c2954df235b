import type { Played } from '../api/client';

export type WayKey = Played['way'] | 'wheel';

const PATHS: Record<WayKey, { ink: string; guide?: string; fill?: string }> = {
  tape: {
    ink: 'M4 12H60V24H4ZM10 12v6M18 12v4M26 12v6M34 12v4M42 12v6M50 12v4',
    guide: 'M18 28v6M42 28v6',
    fill: 'var(--color-tape)',
  },
  strip: {
    ink: 'M4 10H60V24H4ZM16 10v14M28 10v14M40 10v14M52 10v14',
    guide: 'M16 28v5M28 28v5M40 28v5M52 28v5',
    fill: 'var(--color-sheet)',
  },
  wheel: {
    ink: 'M14 18A18 12 0 1 0 50 18A18 12 0 1 0 14 18M32 18H58M32 18L45 2M32 18L19 2M32 18H6M32 18L19 34M32 18L45 34',
  },
  soft: { ink: 'M6 30Q32 2 58 30', guide: 'M18 15Q32 7 46 15L46 22Q32 14 18 22Z' },
  stiff: { ink: 'M6 30Q32 2 58 30', guide: 'M17 18H47V24H17Z' },
  fold: { ink: 'M6 26L14 12L22 26L30 12L38 26L46 12L54 26L60 15' },
  press: { ink: 'M4 28H60', guide: 'M8 28A9 9 0 0 1 24 28M24 28A9 9 0 0 1 40 28M40 28A9 9 0 0 1 56 28' },
};

/** A small drawing of how the hand does it. */
export function WayPicture({ way }: { way: WayKey }) {
  const { ink, guide, fill } = PATHS[way];
  return (
    <svg width={64} height={36} aria-hidden="true" className="block">
      <path
        d={ink}
        fill={fill ?? 'none'}
        stroke="var(--color-ink)"
        strokeWidth={1.6}
        strokeLinejoin="round"
      />
      {guide ? (
        <path d={guide} fill="none" stroke="var(--color-pin)" strokeWidth={1.6} strokeLinejoin="round" />
      ) : null}
    </svg>
  );
}
