import { Plus } from 'lucide-react';
import { useState } from 'react';
import { api, type Measured, problemOf } from '../api/client';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { Dialog } from '../ui/dialog';
import { NumberField } from '../ui/number';
import { Pick } from '../ui/select';
import { tell } from '../ui/toasts';
import { LengthField, ShareField } from '../ui/typed';
import { useCatalogue } from '../units/preferences';
import { useNotebookChanged } from './use';

type What = 'ten' | 'patch' | 'cooling' | 'drying';

const USUAL: Record<What, string> = { ten: 'gum', patch: 'wafer', cooling: 'buttercream', drying: 'gum' };

interface Read {
  width: number;
  height: number;
  thickness: number;
  round: 'round' | 'square';
  pieces: number;
  grams: number | null;
  side: number;
  across: number;
  counted: number | null;
  chilled: number | null;
  soft: number | null;
  faces: 'both' | 'turned' | 'former';
  humidity: number;
  weighings: { hours: number; grams: number }[];
}

/** Something measured for its own sake: it counts at once, everywhere. */
export function MeasureDialog({ close }: { close: () => void }) {
  const materials = (useCatalogue()?.materials ?? []).map((m) => ({
    name: m.material as string,
    label: m.words,
  }));
  const changed = useNotebookChanged();
  const [what, setWhat] = useState<What>('ten');
  const [paste, setPaste] = useState(USUAL.ten);
  const [wrong, setWrong] = useState<string | null>(null);
  const [read, setRead] = useState<Read>({
    width: 40,
    height: 40,
    thickness: 3,
    round: 'round',
    pieces: 10,
    grams: null,
    side: 60,
    across: 20,
    counted: null,
    chilled: null,
    soft: null,
    faces: 'both',
    humidity: 0.5,
    weighings: [],
  });
  const [next, setNext] = useState<{ hours: number | null; grams: number | null }>({ hours: 0, grams: null });
  const set = async (part: Partial<Read>) => {
    setRead((r) => ({ ...r, ...part }));
    return null;
  };
  const measured = (): Pick<Measured, What> | null => {
    switch (what) {
      case 'ten':
        return read.grams === null
          ? null
          : {
              ten: {
                width: read.width,
                height: read.round === 'round' ? read.width : read.height,
                thickness: read.thickness,
                round: read.round === 'round',
                pieces: read.pieces,
                grams: read.grams,
              },
            };
      case 'patch':
        return read.counted === null
          ? null
          : { patch: { side: read.side, across: read.across, counted: read.counted } };
      case 'cooling':
        return read.chilled === null && read.soft === null
          ? null
          : {
              cooling: {
                ...(read.chilled === null ? {} : { chilled: read.chilled }),
                ...(read.soft === null ? {} : { soft: read.soft }),
              },
            };
      case 'drying':
        return read.weighings.length < 3
          ? null
          : {
              drying: {
                thickness: read.thickness,
                faces: read.faces,
                dark: false,
                humidity: read.humidity,
                weighings: read.weighings,
              },
            };
    }
  };
  const ready = measured();
  const keep = async () => {
    try {
      const at = new Date();
      await api.measured({
        at: new Date(at.getTime() - at.getTimezoneOffset() * 60_000).toISOString().slice(0, 16),
        who: '',
        paste: paste as Measured['paste'],
        ...ready,
      });
      await changed();
      tell('It is kept, and plans go by it from now on.');
      close();
    } catch (thrown) {
      setWrong(problemOf(thrown).detail);
    }
  };
  return (
    <Dialog title="Measure something" open onOpenChange={(open) => !open && close()}>
      <div className="flex flex-col gap-4">
        <Choice
          label="What is measured"
          hideLabel
          value={what}
          options={[
            { name: 'ten', label: 'Ten weighed' },
            { name: 'patch', label: 'A swatch' },
            { name: 'cooling', label: 'Cooling' },
            { name: 'drying', label: 'Drying' },
          ]}
          onChoice={(w) => {
            setWhat(w);
            setPaste(USUAL[w]);
            setWrong(null);
          }}
        />
        <Pick label="Of" value={paste} options={materials} onChoice={setPaste} />
        {what === 'ten' ? (
          <div className="grid grid-cols-2 gap-3">
            <Choice
              label="They are"
              value={read.round}
              options={[
                { name: 'round', label: 'round' },
                { name: 'square', label: 'rectangles' },
              ]}
              onChoice={(round) => void set({ round })}
            />
            <NumberField label="So many" value={read.pieces} onNumber={(n) => set({ pieces: n ?? 10 })} />
            <LengthField
              label="Across"
              field="width"
              mm={read.width}
              onLength={(mm) => set({ width: mm ?? 40 })}
            />
            {read.round === 'round' ? null : (
              <LengthField
                label="High"
                field="height"
                mm={read.height}
                onLength={(mm) => set({ height: mm ?? 40 })}
              />
            )}
            <LengthField
              label="Thick"
              field="thickness"
              mm={read.thickness}
              onLength={(mm) => set({ thickness: mm ?? 3 })}
            />
            <NumberField
              label="Together they weigh"
              suffix="g"
              value={read.grams}
              mayBeEmpty
              onNumber={(grams) => set({ grams })}
            />
          </div>
        ) : null}
        {what === 'patch' ? (
          <div className="grid grid-cols-2 gap-3">
            <LengthField
              label="The patch, each way"
              field="side"
              mm={read.side}
              onLength={(mm) => set({ side: mm ?? 60 })}
            />
            <LengthField
              label="A disc across"
              field="across"
              mm={read.across}
              onLength={(mm) => set({ across: mm ?? 20 })}
            />
            <NumberField
              label="Discs on it, counted"
              value={read.counted}
              mayBeEmpty
              onNumber={(counted) => set({ counted })}
            />
          </div>
        ) : null}
        {what === 'cooling' ? (
          <div className="grid grid-cols-2 gap-3">
            <NumberField
              label="Lifted whole after"
              suffix="min"
              value={read.chilled}
              mayBeEmpty
              onNumber={(chilled) => set({ chilled })}
            />
            <NumberField
              label="Too soft to place after"
              suffix="min"
              value={read.soft}
              mayBeEmpty
              onNumber={(soft) => set({ soft })}
            />
          </div>
        ) : null}
        {what === 'drying' ? (
          <div className="flex flex-col gap-3">
            <div className="grid grid-cols-2 gap-3">
              <LengthField
                label="Thick"
                field="thickness"
                mm={read.thickness}
                onLength={(mm) => set({ thickness: mm ?? 3 })}
              />
              <ShareField label="Humidity" value={read.humidity} onShare={(humidity) => set({ humidity })} />
            </div>
            <Choice
              label="It lies"
              value={read.faces}
              options={[
                { name: 'both', label: 'free' },
                { name: 'turned', label: 'turned half way' },
                { name: 'former', label: 'on a former' },
              ]}
              onChoice={(faces) => void set({ faces })}
            />
            <ul aria-label="Weighings">
              {read.weighings.map((w) => (
                <li key={w.hours}>
                  after {w.hours} h: <b>{w.grams} g</b>
                </li>
              ))}
            </ul>
            <div className="flex flex-wrap items-end gap-3">
              <NumberField
                label="After"
                suffix="h"
                value={next.hours}
                mayBeEmpty
                onNumber={async (hours) => {
                  setNext((n) => ({ ...n, hours }));
                  return null;
                }}
              />
              <NumberField
                label="it weighs"
                suffix="g"
                value={next.grams}
                mayBeEmpty
                onNumber={async (grams) => {
                  setNext((n) => ({ ...n, grams }));
                  return null;
                }}
              />
              <Button
                disabled={next.hours === null || next.grams === null}
                onClick={() => {
                  void set({
                    weighings: [
                      ...read.weighings.filter((w) => w.hours !== next.hours),
                      { hours: next.hours!, grams: next.grams! },
                    ].sort((a, b) => a.hours - b.hours),
                  });
                  setNext({ hours: null, grams: null });
                }}
              >
                <Plus size={17} aria-hidden /> Weighing
              </Button>
            </div>
            <p className="note">
              Three weighings or more, hours apart, say when it stands and when it is hard.
            </p>
          </div>
        ) : null}
        {wrong ? (
          <p role="alert" className="rounded-md bg-stop-ground px-3 py-2 text-stop">
            {wrong}
          </p>
        ) : null}
        <Button look="main" disabled={ready === null} className="self-end" onClick={() => void keep()}>
          Keep it
        </Button>
      </div>
    </Dialog>
  );
}
