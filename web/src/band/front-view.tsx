import type { TierWorkup } from '../api/client';
import { fromFront } from './geometry';

interface Props {
  tiers: readonly TierWorkup[];
  chosen: string;
  width: number;
  height: number;
  colours: (tier: TierWorkup, dressing: string) => readonly string[];
}

/** The stack as guests see it from the front: every line where the pieces will be, what is behind left out. */
export function FrontView({ tiers, chosen, width, height, colours }: Props) {
  const tall = tiers.reduce((sum, t) => sum + t.form.height.mm, 0);
  const wide = Math.max(...tiers.map((t) => t.form.width));
  const k = Math.min((width - 40) / wide, (height - 30) / tall);
  const cx = width / 2;
  let foot = height - 14;
  return (
    <svg width={width} height={height} role="img" aria-label="The cake from the front" className="block">
      <ellipse cx={cx} cy={foot} rx={(wide * k) / 2 + 22} ry={7} fill="var(--color-edge)" />
      {tiers.map((t) => {
        const { form } = t;
        const half = (form.width * k) / 2;
        const narrow = form.top.mm / form.foot.mm;
        const base = foot;
        const top = base - form.height.mm * k;
        foot = top;
        return (
          <g key={t.id}>
            <path
              d={`M${cx - half} ${base}L${cx - half * narrow} ${top}H${cx + half * narrow}L${cx + half} ${base}Z`}
              fill="var(--color-sheet)"
              stroke="var(--color-ink)"
              strokeWidth={t.id === chosen ? 2.4 : 1.2}
            />
            {t.dressings.flatMap((worn) =>
              fromFront(form, worn.layout).map((line, i) => (
                <polyline
                  key={`${worn.id}:${i}`}
                  points={line.points
                    .map(([x, z]) => `${(cx + x * k).toFixed(2)},${(base - z * k).toFixed(2)}`)
                    .join(' ')}
                  fill="none"
                  stroke={colours(t, worn.id)[0] ?? 'var(--color-ink)'}
                  strokeWidth={1.8}
                  strokeLinecap="round"
                />
              )),
            )}
          </g>
        );
      })}
    </svg>
  );
}
