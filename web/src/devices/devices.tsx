import { useQuery } from '@tanstack/react-query';
import { api, type DeviceView, problemOf } from '../api/client';
import { Page } from '../shell/page';
import { CutterCard } from './cutter';
import { PrinterCard } from './printer';
import { Probe } from './probe';
import { Room } from './room';
import { Scale } from './scale';
import { Tape } from './tape';

const LOOK_MS = 400;

/** The bench panel: every device as it stands there, alive; and for the stand-ins what is put before them. */
export function BenchDevices() {
  const { data, error } = useQuery({
    queryKey: ['devices'],
    queryFn: api.devices,
    refetchInterval: LOOK_MS,
    retry: false,
  });
  const of = (kind: DeviceView['kind']) => data?.find((d) => d.kind === kind);
  const [tape, scale, probe, room] = [of('tape'), of('scale'), of('thermometer'), of('room')];
  return (
    <Page
      title="Bench devices"
      note="Wherever a number is typed, a press on the gauge beside the field takes what stands here. These are stand-ins that ship with Sectorum; a real device takes the place of one."
    >
      {error ? (
        <p role="alert" className="mb-4 border-l-4 border-stop bg-stop-ground px-4 py-3">
          {problemOf(error).detail}
        </p>
      ) : null}
      <div className="grid grid-cols-3 items-stretch gap-5 max-lg:grid-cols-2 max-sm:grid-cols-1">
        {scale ? <Scale device={scale} /> : null}
        {tape ? <Tape device={tape} /> : null}
        {probe ? <Probe device={probe} /> : null}
        {room ? <Room device={room} /> : null}
        <CutterCard />
        <PrinterCard />
      </div>
    </Page>
  );
}
