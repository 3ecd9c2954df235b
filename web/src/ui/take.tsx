import { useQuery } from '@tanstack/react-query';
import { Gauge } from 'lucide-react';
import { useState } from 'react';
import { api, type DeviceKind, type DeviceReading, problemOf } from '../api/client';

const OFFERS: Partial<Record<DeviceKind, string>> = {
  tape: 'From the tape reader',
  scale: 'From the scale',
  thermometer: 'From the probe',
  room: 'From the room sensor',
};

/** Whether a device of a kind stands at this bench; asked once for all fields. */
export function useDevice(kind: DeviceKind | undefined): string | undefined {
  const { data } = useQuery({
    queryKey: ['devices-there'],
    queryFn: async () => (await api.devices()).map(({ id, kind: of }) => ({ id, kind: of })),
    staleTime: 10 * 60_000,
    retry: false,
    enabled: kind !== undefined,
  });
  return data?.find((d) => d.kind === kind)?.id;
}

interface Props {
  kind: DeviceKind;
  /** Gives back whether the reading could be used. */
  take: (reading: DeviceReading) => Promise<boolean>;
  /** Where it stands alone, what a press does. */
  words?: string;
}

/** One press takes what a device says into the field beside it; what cannot be taken says why. */
export function Take({ kind, take, words }: Props) {
  const id = useDevice(kind);
  const [said, setSaid] = useState<{ good: boolean; words: string } | null>(null);
  if (id === undefined) {
    return null;
  }
  const press = async () => {
    try {
      const { reading, name } = await api.device(id);
      if (reading.value === undefined) {
        setSaid({ good: false, words: reading.problem });
      } else if (!reading.settled) {
        setSaid({
          good: false,
          words: `The ${name.toLowerCase()} has not settled yet at ${reading.shown}. Wait a moment.`,
        });
      } else if (await take(reading)) {
        setSaid({ good: true, words: `${reading.shown}, ${OFFERS[kind]!.replace('From', 'from')}` });
      } else {
        setSaid(null);
      }
    } catch (thrown) {
      setSaid({ good: false, words: problemOf(thrown).detail });
    }
  };
  return (
    <>
      <button
        type="button"
        onClick={() => void press()}
        aria-label={words ?? OFFERS[kind]}
        title={OFFERS[kind]}
        data-take={kind}
        className={`inline-flex min-h-11 min-w-11 shrink-0 items-center justify-center gap-2 rounded-md text-soft hover:bg-ink/8 hover:text-ink ${words ? 'self-start px-3' : ''}`}
      >
        <Gauge size={19} aria-hidden /> {words}
      </button>
      {said ? (
        <span
          role="status"
          className={`text-[0.92rem] leading-snug ${said.good ? 'text-good' : 'rounded-md bg-look-ground px-2 py-1 text-look'}`}
        >
          {said.words}
        </span>
      ) : null}
    </>
  );
}
