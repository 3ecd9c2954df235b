import { Plus, Trash2 } from 'lucide-react';
import { api } from '../api/client';
import { usePlan } from '../plan/context';
import { onAgenda, onTable } from '../plan/document-edits';
import { withField } from '../plan/edit';
import { useEdit } from '../plan/use';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { NumberField } from '../ui/number';
import { Take } from '../ui/take';
import { ShareField } from '../ui/typed';
import { local, minutes } from '../units/time';

const HOUR = 60;

/** Which of the steps of drying a humidity is in (limits inclusive). */
const step = (humidity: number) => [0.45, 0.6, 0.7].filter((limit) => humidity > limit + 1e-9).length;

const localHour = (ms: number) => {
  const at = new Date(ms);
  return new Date(ms - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
};

/** How damp the room is: one figure, or another from some hour on. */
export function RoomDialog({ now, close }: { now: string; close: () => void }) {
  const edit = useEdit();
  const { table, agenda } = usePlan();
  const air = agenda?.air ?? [];
  const change = (index: number, part: Partial<(typeof air)[number]>) =>
    edit(onAgenda((a) => ({ ...a, air: a.air.map((r, i) => (i === index ? { ...r, ...part } : r)) })));
  const add = () => {
    const last = air.at(-1);
    const from = last ? local(minutes(last.from) + 24 * HOUR) : `${now.slice(0, 13)}:00`;
    return edit(
      onAgenda((a) => ({
        ...a,
        air: [...a.air, { from, humidity: last?.humidity ?? table?.humidity ?? 0.5 }],
      })),
    );
  };
  /** The hours at which drying goes another pace: what lies between is no news. */
  const fromSensor = async () => {
    const hours = await api.roomHours(48);
    const steps = hours.filter((h, i) => i === 0 || step(h.humidity) !== step(hours[i - 1]!.humidity));
    const refused = await edit(
      onAgenda((a) => ({
        ...a,
        air: steps.map((h) => ({ from: localHour(h.ms), humidity: h.humidity })),
      })),
    );
    return refused === null;
  };
  return (
    <Dialog title="The room" open onOpenChange={(open) => open || close()}>
      <div className="flex flex-col gap-4">
        <p className="note">
          Up to 45 % dries a little faster, to 60 % as usual, to 70 % half as long again, above that two and a
          half times as long.
        </p>
        <div className="flex flex-wrap gap-4">
          <ShareField
            label="Humidity"
            value={table?.humidity ?? 0.5}
            onShare={(s) => edit(onTable((t) => withField(t, 'humidity', s)))}
          />
          <NumberField
            label="Warmth"
            suffix="°C"
            value={table?.celsius ?? 20}
            onNumber={(n) => edit(onTable((t) => withField(t, 'celsius', n ?? 20)))}
          />
        </div>
        <ul aria-label="By the hour" className="flex flex-col gap-2">
          {air.map((reading, i) => (
            <li key={i} className="flex items-end gap-3">
              <label className="block">
                <span className="note mb-0.5 block">From</span>
                <input
                  type="datetime-local"
                  value={reading.from}
                  onChange={(e) => e.currentTarget.value && void change(i, { from: e.currentTarget.value })}
                  className="min-h-11 rounded-md border border-ink/45 bg-sheet px-2.5"
                />
              </label>
              <ShareField
                label={`Humidity from then, ${i + 1}`}
                value={reading.humidity}
                onShare={(humidity) => change(i, { humidity })}
              />
              <Button
                look="quiet"
                className="px-2.5"
                aria-label={`Take reading ${i + 1} out`}
                onClick={() => void edit(onAgenda((a) => ({ ...a, air: a.air.filter((_, j) => j !== i) })))}
              >
                <Trash2 size={18} aria-hidden />
              </Button>
            </li>
          ))}
        </ul>
        <Take kind="room" take={fromSensor} words="Take the sensor’s last two days" />
        <Button onClick={() => void add()} className="self-start">
          <Plus size={17} aria-hidden /> Another humidity from some hour on
        </Button>
      </div>
    </Dialog>
  );
}
