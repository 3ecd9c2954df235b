import type { ReactNode } from 'react';
import { api, type DeviceView, problemOf } from '../api/client';
import { tellBad } from '../ui/toasts';

const FAULTS = [
  ['none', 'nothing'],
  ['unplugged', 'unplugged'],
  ['noise', 'a draught'],
  ['nonsense', 'nonsense'],
  ['other_unit', 'its unit button'],
] as const;

/** Tries something at a device; what cannot be is told. */
export const tried = (run: Promise<unknown>): void =>
  void run.catch((thrown) => tellBad(problemOf(thrown).detail));

/** A device: its picture, its display, and for a stand-in what is wrong with it. */
export function Card({
  device,
  picture,
  children,
}: {
  device: DeviceView;
  picture: ReactNode;
  children?: ReactNode;
}) {
  const { reading } = device;
  return (
    <section
      aria-label={device.name}
      data-device={device.id}
      className="flex flex-col border-[1.5px] border-ink bg-sheet px-4 pt-3 pb-4"
    >
      <div className="flex items-center justify-between gap-2">
        <h2 className="heading">{device.name}</h2>
        {device.fault === undefined ? null : (
          <label className="flex items-center gap-1.5 text-[0.92rem] text-soft">
            wrong
            <select
              aria-label={`What is wrong with the ${device.name.toLowerCase()}`}
              value={device.fault.toLowerCase()}
              onChange={(e) => tried(api.faultAt(device.id, e.currentTarget.value))}
              className="min-h-11 rounded-md border border-ink/30 bg-sheet px-1.5"
            >
              {FAULTS.map(([name, words]) => (
                <option key={name} value={name}>
                  {words}
                </option>
              ))}
            </select>
          </label>
        )}
      </div>
      {picture}
      <p
        role="status"
        aria-label={`Display of the ${device.name.toLowerCase()}`}
        data-settled={reading.settled}
        className={`mt-2 rounded-md px-3 py-1.5 font-display text-[1.7rem] leading-tight font-bold tabular-nums ${reading.settled ? 'bg-ink text-sheet' : 'bg-ink/80 text-sheet/80'}`}
      >
        {reading.shown || '—'}
        <span className="ml-2 align-middle font-sans text-[0.95rem] font-normal">
          {reading.problem ? '' : reading.settled ? 'settled' : 'moving'}
        </span>
      </p>
      {reading.problem ? (
        <p className="mt-1.5 rounded-md bg-look-ground px-2.5 py-1.5 text-[0.97rem] leading-snug text-look">
          {reading.problem}
        </p>
      ) : null}
      <div className="mt-auto flex flex-wrap items-end gap-2 pt-3">{children}</div>
    </section>
  );
}
