import type { BenchPlace } from '../api/client';
import { Rescue } from '../divide/rescue';
import { Readings } from '../measure/readings';
import { useTier } from '../plan/context';
import { type Now, sectionsBehind } from './flow';
import type { Journal } from './journal';

interface Props {
  now: Now;
  places: readonly BenchPlace[];
  journal: Journal;
  close: () => void;
}

/** What came out otherwise: a side that measures differently, or sections that end elsewhere. The step goes on with new marks. */
export function CameOut({ now, places, journal, close }: Props) {
  const { tier, worked } = useTier();
  const { step, state } = now;
  const dressing = tier.dressings.find((d) => d.id === step.told.about);
  const division =
    step.division !== '' ? step.division : (dressing?.division ?? worked.divisions[0]?.id ?? '');
  const divided = worked.divisions.find((d) => d.id === division);
  const behind = step.division === division ? sectionsBehind(places, state.count) : undefined;
  const note = (words: string) =>
    journal.add({ kind: 'reading', step: step.key.id, about: words.slice(0, 400) });
  return (
    <div className="grid grid-cols-2 gap-8 max-md:grid-cols-1">
      {divided && divided.count > 1 ? (
        <div>
          <p className="mb-3">
            So many sections are placed, and the last of them ends elsewhere than it should: the rest is laid
            out anew.
          </p>
          <Rescue
            division={division}
            begun={behind === undefined ? undefined : Math.min(divided.count - 1, behind)}
            onApplied={(said) => {
              note(`${tier.name}: ${said}`);
              close();
            }}
          />
        </div>
      ) : null}
      <div>
        <h3 className="mb-1 font-semibold">The side measures otherwise?</h3>
        <p className="mb-3">
          A reading wins over what was planned; every mark and piece moves with it at once.
        </p>
        <Readings />
      </div>
    </div>
  );
}
