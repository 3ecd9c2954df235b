import { useState } from 'react';
import type { WorkshopSettings } from '../api/client';
import { useWorkshop } from '../make/use';
import { Button } from '../ui/button';
import { Dialog } from '../ui/dialog';
import { NumberField } from '../ui/number';
import { useSettle } from './use';

const WEEK = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];
const USUAL = [...Array.from({ length: 6 }, () => '09:00-13:00 14:00-18:00'), ''];

/** When the workshop works, with how many hands, and what fits in its fridge. */
export function WorkshopDialog({ close }: { close: () => void }) {
  const settings = useWorkshop();
  return (
    <Dialog title="Hours, hands and places" open onOpenChange={(open) => open || close()}>
      {settings ? <Fields settings={settings} close={close} /> : <p className="note">Opening</p>}
    </Dialog>
  );
}

function Fields({ settings, close }: { settings: WorkshopSettings; close: () => void }) {
  const settle = useSettle();
  const [week, setWeek] = useState(settings.week.length === 7 ? settings.week : USUAL);
  const [zone, setZone] = useState(settings.zone);
  const [problem, setProblem] = useState<string | null>(null);
  const keep = async () => {
    const refused = await settle((h) => ({ ...h, week, zone }));
    setProblem(refused?.detail ?? null);
    if (!refused) {
      close();
    }
  };
  const places = (field: 'fridge' | 'freezer', label: string) => (
    <NumberField
      label={label}
      value={settings[field] ?? null}
      mayBeEmpty
      placeholder="not counted"
      onNumber={(n) =>
        settle((h) => {
          const { [field]: _, ...rest } = h;
          return (n === null ? rest : { ...rest, [field]: n }) as WorkshopSettings;
        })
      }
    />
  );
  return (
    <div className="flex flex-col gap-4">
      <div className="flex flex-wrap gap-4">
        <NumberField
          label="Pairs of hands"
          value={settings.hands}
          onNumber={(n) => settle((h) => ({ ...h, hands: n ?? 1 }))}
        />
        {places('fridge', 'Fridge takes')}
        {places('freezer', 'Freezer takes')}
      </div>
      <p className="note">
        Formers are counted in the cupboard. Hours like 09:00-13:00 14:00-18:00; empty is closed.
      </p>
      <div className="grid gap-1.5">
        {WEEK.map((name, i) => (
          <label key={name} className="grid grid-cols-[7rem_1fr] items-center gap-3">
            <span>{name}</span>
            <input
              value={week[i]}
              onChange={(e) => setWeek(week.map((d, j) => (j === i ? e.currentTarget.value : d)))}
              placeholder="closed"
              className="min-h-11 rounded-md border border-ink/45 bg-sheet px-3"
            />
          </label>
        ))}
        <label className="grid grid-cols-[7rem_1fr] items-center gap-3">
          <span>The clock of</span>
          <input
            value={zone}
            onChange={(e) => setZone(e.currentTarget.value)}
            placeholder="this machine, or Europe/Paris"
            className="min-h-11 rounded-md border border-ink/45 bg-sheet px-3"
          />
        </label>
      </div>
      {problem ? (
        <p role="alert" className="rounded-md bg-stop-ground px-3 py-2 text-stop">
          {problem}
        </p>
      ) : null}
      <div className="flex gap-3">
        <Button look="main" onClick={() => void keep()}>
          Keep the hours
        </Button>
        <Button onClick={close}>Close</Button>
      </div>
    </div>
  );
}
