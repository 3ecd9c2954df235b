import { useWorktop } from '../make/use';
import { usePlan, useTier } from '../plan/context';
import { usePreferences } from '../units/preferences';
import { length, mass } from '../units/units';
import { lid } from '../units/words';

/** What is rolled or spread on the chosen tier and on the board, with its margin to trim. */
export function Coverings() {
  const { unit } = usePreferences();
  const { tier } = useTier();
  const { table } = usePlan();
  const { data: top } = useWorktop();
  const all = (top?.batches ?? [])
    .flatMap((b) => b.coverings)
    .filter((c) => c.tier === tier.id || c.tier === '')
    .sort((a, b) => (a.tier === b.tier ? a.index - b.index : a.tier === '' ? 1 : -1));
  if (all.length === 0) {
    return null;
  }
  return (
    <section aria-label="Coats and coverings" className="mt-5 border-t border-ink/25 pt-4">
      <h2 className="heading">Coats and coverings</h2>
      <ul className="mt-1">
        {all.map((c) => (
          <li
            key={`${c.tier}/${c.index}`}
            className="flex flex-wrap justify-between gap-x-4 border-b border-dotted border-ink/30 py-1.5"
          >
            <span>
              <b>{c.tier === '' ? 'The board' : c.name}</b>, {length(c.thickness, unit)}
              {c.tier === '' && table?.base ? `, ${length(table.base.across, unit)} across` : ''}
            </span>
            <span className="text-soft">
              {c.laid === 'spread'
                ? 'spread and scraped'
                : c.laid === 'strip'
                  ? `strip ${length(c.width, unit)} by ${length(c.height, unit)}, ${lid(c, unit)}`
                  : c.round
                    ? `circle of ${length(c.width, unit)}`
                    : `${length(c.width, unit)} by ${length(c.height, unit)}`}
              {' · '}
              {mass(c.stays)}
              {c.trimmed > 0 ? `, ${mass(c.trimmed)} trimmed` : ''}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
