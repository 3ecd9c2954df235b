import { useEffect, useState } from 'react';
import { api, type Problem, problemOf, type Seen, type Worn } from '../api/client';
import { documentSurface } from '../band/level';
import { Sample } from '../band/sample';
import type { Shade } from '../band/shades';
import { useOpen, usePlan, useTier } from '../plan/context';
import { addDressing, freeId } from '../plan/edits';
import { Dialog } from '../ui/dialog';
import { useBench, useCatalogue } from '../units/preferences';

interface Props {
  division: string;
  surface: Seen;
  colours: readonly Shade[];
  close: () => void;
  choose: (id: string) => void;
}

/** Every technique as it would be on this very tier; one press puts it on. */
export function Tray({ division, surface, colours, close, choose }: Props) {
  const { editor } = useOpen();
  const plan = usePlan();
  const { tier, worked } = useTier();
  const { data: bench } = useBench();
  const techniques = useCatalogue()?.techniques ?? [];
  const [tray, setTray] = useState<Worn[] | null>(null);
  const [problem, setProblem] = useState<Problem | null>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: drawn for the tier as it is when the tray is pulled out
  useEffect(() => {
    let gone = false;
    if (bench) {
      api.tray({ plan, tier: tier.id, surface: surface.kind, division, bench }).then(
        (all) => gone || setTray(all),
        (thrown) => gone || setProblem(problemOf(thrown)),
      );
    }
    return () => {
      gone = true;
    };
  }, [bench]);
  const divided = worked.divisions.find((d) => d.id === division) ?? worked.divisions[0]!;
  const add = async (technique: string) => {
    const id = freeId(technique, tier.dressings);
    const covers = techniques.find((t) => t.id === technique)?.covers ?? false;
    const refused = await editor.edit(
      addDressing(tier.id, technique, {
        division: divided.id,
        covers,
        surface: documentSurface(surface.kind),
      }),
    );
    if (refused) {
      setProblem(refused);
    } else {
      choose(id);
      close();
    }
  };
  return (
    <Dialog
      title={`What goes on the ${surface.name} of ${tier.name}`}
      open
      onOpenChange={(open) => !open && close()}
      wide
    >
      <p className="note mb-3">Each drawn as it would be here, in {divided.count} sections.</p>
      {problem ? (
        <p role="alert" className="mb-3 rounded-md bg-stop-ground px-3 py-2 text-stop">
          {problem.detail}
        </p>
      ) : null}
      {tray === null ? (
        <p className="note">Drawing them</p>
      ) : (
        <ul className="grid grid-cols-3 gap-3 max-md:grid-cols-1">
          {tray.map((worn) => (
            <li key={worn.technique}>
              <button
                type="button"
                onClick={() => add(worn.technique)}
                className="block w-full overflow-hidden rounded-md border border-ink/40 bg-paper text-left hover:border-ink"
              >
                <Sample
                  form={worked.form}
                  divided={divided}
                  worn={worn}
                  colours={worn.finish ? [{ fill: worn.finish.look.tint }] : colours}
                />
                <span className="block px-3 py-2 font-semibold">
                  {techniques.find((t) => t.id === worn.technique)?.name ?? worn.name}
                </span>
              </button>
            </li>
          ))}
        </ul>
      )}
    </Dialog>
  );
}
