import { useQuery } from '@tanstack/react-query';
import { api, type Part, problemOf } from '../api/client';
import { Sample } from '../band/sample';
import { shadesOf } from '../band/shades';
import { useOpen, usePlan, useWorkup } from '../plan/context';
import { mend } from '../plan/edits';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { tellBad } from '../ui/toasts';
import { useBench, usePreferences } from '../units/preferences';
import { hours, quantity, say } from '../units/units';

/** Quicker ways to nearly this look: each with the time it saves and its picture beside the one there is. */
export function QuickerWays({ part, close }: { part: Part; close: () => void }) {
  const { editor } = useOpen();
  const plan = usePlan();
  const workup = useWorkup();
  const { unit } = usePreferences();
  const { data: bench } = useBench();
  const worked = workup.tiers.find((t) => t.id === part.tier)!;
  const dressing = plan.tiers.find((t) => t.id === part.tier)!.dressings.find((d) => d.id === part.dressing)!;
  const divided = worked.divisions.find((d) => d.id === dressing.division) ?? worked.divisions[0]!;
  const now = worked.dressings.find((d) => d.id === part.dressing)!;
  const colours = shadesOf(plan, worked, dressing);
  const { data: ways, error } = useQuery({
    queryKey: ['quicker', plan, part.tier, part.dressing, bench],
    queryFn: () => api.quicker({ plan, tier: part.tier, dressing: part.dressing, bench: bench! }),
    enabled: bench !== undefined,
  });
  return (
    <Dialog title={`${part.name}: quicker ways`} open onOpenChange={(open) => !open && close()} wide>
      <p className="note mb-3">
        Nearly the same look in less time: one setting, two together, or another technique of its family. As
        it is now it takes {hours(part.minutes)}.
      </p>
      {error ? <p role="alert">{problemOf(error).detail}</p> : null}
      {ways === undefined ? (
        error ? null : (
          <p className="note">Trying them</p>
        )
      ) : (
        <ul className="grid grid-cols-2 gap-4 max-md:grid-cols-1">
          <li className="overflow-hidden rounded-md border border-ink/40 bg-paper">
            <Sample form={worked.form} divided={divided} worn={now} colours={colours} />
            <p className="px-3 py-2">
              <b>As it is</b> <span className="note">{hours(part.minutes)}</span>
            </p>
          </li>
          {ways.map((way) => (
            <li
              key={say(way.mend.label, 'mm')}
              className="overflow-hidden rounded-md border border-ink/40 bg-paper"
            >
              <Sample form={worked.form} divided={divided} worn={way.worn} colours={colours} />
              <div className="flex items-center justify-between gap-2 px-3 py-2">
                <span>
                  <b>{say(way.mend.label, unit)}</b>{' '}
                  <span className="block">
                    saves <b>{hours(way.saved)}</b>
                  </span>
                  {way.changes.slice(0, 3).map((c) => (
                    <span key={c.label} className="note block">
                      {c.label.toLowerCase()} {quantity(c.before, unit)} → {quantity(c.after, unit)}
                    </span>
                  ))}
                </span>
                <Button
                  look="main"
                  className="shrink-0"
                  onClick={async () => {
                    const refused = await editor.edit(
                      mend({ tier: part.tier, division: divided.id, dressing: part.dressing }, way.mend),
                    );
                    if (refused) {
                      tellBad(refused.detail);
                    } else {
                      close();
                    }
                  }}
                >
                  Take it
                </Button>
              </div>
            </li>
          ))}
        </ul>
      )}
      {ways?.length === 0 ? <p className="mt-3">No coarser way saves much here.</p> : null}
    </Dialog>
  );
}
