import type { Batch } from '../api/client';
import { mass } from '../units/units';

/** The largest lump drawn fills its place; others in true proportion, as balls of one paste. */
export function Lump({ grams, most, shade }: { grams: number; most: number; shade: string }) {
  const r = most > 0 ? Math.max(3, 25 * Math.cbrt(grams / most)) : 3;
  return (
    <svg width={56} height={54} aria-hidden="true" className="shrink-0">
      <ellipse
        cx={28}
        cy={52 - r * 0.1}
        rx={r * 0.95}
        ry={Math.max(1, r * 0.1)}
        fill="rgb(28 42 54 / 0.16)"
      />
      <circle cx={28} cy={52 - r} r={r} fill={shade} stroke="var(--color-ink)" strokeWidth={1.2} />
      <path
        d={`M${28 - r * 0.55} ${52 - r * 1.3}A${r * 0.7} ${r * 0.7} 0 0 1 ${28 - r * 0.1} ${52 - r * 1.72}`}
        fill="none"
        stroke="rgb(255 255 255 / 0.7)"
        strokeWidth={Math.max(1, r * 0.09)}
        strokeLinecap="round"
      />
    </svg>
  );
}

const PARTS = [
  { key: 'net', words: 'on the cake', fill: 'var(--color-ink)' },
  { key: 'spare', words: 'spare', fill: 'var(--color-chalk)' },
  { key: 'offCuts', words: 'off-cuts', fill: 'var(--color-tape-line)' },
  { key: 'rounding', words: 'rounding', fill: 'var(--color-edge)' },
] as const;

/** What a kneaded mass is the sum of, as a measured bar and in numbers; trimmings used up are taken off. */
export function Sum({ parts, cover }: { parts: Batch['parts']; cover: boolean }) {
  const whole = PARTS.reduce((sum, p) => sum + parts[p.key], 0);
  let x = 0;
  return (
    <div>
      <svg viewBox="0 0 400 10" preserveAspectRatio="none" className="block h-2.5 w-full" aria-hidden="true">
        {PARTS.map((p) => {
          const wide = whole > 0 ? (400 * parts[p.key]) / whole : 0;
          const bar = <rect key={p.key} x={x} width={wide} height={10} fill={p.fill} />;
          x += wide;
          return bar;
        })}
      </svg>
      <p className="mt-1 flex flex-wrap gap-x-3 text-[0.9rem] text-soft">
        {PARTS.filter((p) => parts[p.key] > 0.05).map((p) => (
          <span key={p.key} className="whitespace-nowrap">
            <svg width={9} height={9} className="mr-1 inline" aria-hidden="true">
              <rect width={9} height={9} fill={p.fill} stroke="var(--color-ink)" strokeWidth={0.6} />
            </svg>
            {mass(parts[p.key])} {cover && p.key === 'offCuts' ? 'trimmed off and given back' : p.words}
          </span>
        ))}
        {parts.credit > 0.05 ? (
          <span className="whitespace-nowrap">− {mass(parts.credit)} trimmings of the covering</span>
        ) : null}
      </p>
    </div>
  );
}
