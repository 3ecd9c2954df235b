import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, problemOf } from '../api/client';
import { usePreferences } from '../units/preferences';
import { say } from '../units/units';
import { useDocument } from './context';

interface Props {
  /** Empty where a piece is asked about. */
  tier: string;
  piece?: string;
  /** Whether it is asked what the tier carries. */
  carried?: boolean;
  /** Left out: the tier itself and its divisions are told. */
  dressing?: string;
  /** What of it stands here. */
  only?: 'round' | 'section';
}

/** How the numbers above came about, with this plan's own; worked out when it is opened. */
export function Reckoned({ tier, dressing, piece, carried = false, only }: Props) {
  const [open, setOpen] = useState(false);
  const plan = useDocument();
  const { unit } = usePreferences();
  const { data, error } = useQuery({
    queryKey: ['reckoning', plan, tier, dressing, piece, carried],
    queryFn: () =>
      api.reckoning({
        plan,
        tier,
        carried,
        ...(dressing === undefined ? {} : { dressing }),
        ...(piece === undefined ? {} : { piece }),
      }),
    enabled: open,
    placeholderData: (before) => before,
  });
  const shown = data?.filter((r) => only === undefined || r.figures.includes(only));
  return (
    <details
      open={open}
      className={open ? '' : 'print:hidden'}
      onToggle={(e) => setOpen(e.currentTarget.open)}
    >
      <summary className="flex min-h-11 cursor-pointer items-center font-semibold text-pin">
        How these were reckoned
      </summary>
      {error ? <p className="note">{problemOf(error).detail}</p> : null}
      {open && data === undefined && !error ? <p className="note">Looking</p> : null}
      {open
        ? shown?.map((r) => (
            <section key={r.figures.join(' ')} className="mb-3" aria-label={r.label}>
              <h4 className="font-semibold">{r.label}</h4>
              {r.lines.map((line, i) => (
                <p key={i} className="text-[0.95rem] leading-snug text-soft">
                  {say(line, unit)}
                </p>
              ))}
            </section>
          ))
        : null}
    </details>
  );
}
