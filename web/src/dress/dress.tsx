import { RefreshCw, Ruler, Undo2 } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { TierWorkup, Worn } from '../api/client';
import { Band } from '../band/band';
import { shades } from '../band/colours';
import { Later } from '../band/later';
import { Lens, needsLens } from '../band/lens';
import { PlanView } from '../band/plan-view';
import { Calibrate, useRealSize } from '../band/real-size';
import { Roll } from '../band/roll';
import { useWidth } from '../band/size';
import { TurningView } from '../band/turning-view';
import { Ladder } from '../divide/ladder';
import { WhatChanged } from '../measure/changed';
import { Beside, useOpen, usePlan, useTier, useWorkup } from '../plan/context';
import { count, mend } from '../plan/edits';
import { Button } from '../ui/button';
import { Findings } from '../ui/findings';
import { useKept } from '../ui/kept';
import { Stage } from '../ui/stage';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';
import { Courses } from './courses';
import { Holds } from './hold';
import { DressingLedger } from './ledger';
import { Tray } from './tray';
import { Borders } from './zones';

const BAND_HIGH = 178;

/** The dressings of a tier on its band, and one of them under the hand; beside them the whole cake. */
export function Dress() {
  const { tierId } = useOpen();
  const [wish, setWish] = useKept<string | null>(`course.${tierId}`, null);
  const [section, setSection] = useKept<number | null>(`section.${tierId}`, null);
  const [tray, setTray] = useState(false);
  const [box, width] = useWidth<HTMLDivElement>(790);
  const held: Held = { wish, setWish, section, setSection, width };
  return (
    <Stage
      main={
        <div ref={box}>
          <Beside>
            <AboveTheBand {...held} onTray={() => setTray(true)} />
          </Beside>
          <Later high={BAND_HIGH + 124}>{() => <OnTheBand key={tierId} {...held} />}</Later>
          <Beside>
            <Counts {...held} />
            {tray ? <PulledTray {...held} close={() => setTray(false)} /> : null}
          </Beside>
        </div>
      }
      ledger={
        <Beside>
          <Ledger {...held} onTray={() => setTray(true)} />
        </Beside>
      }
    />
  );
}

/** What the hand has chosen, by its wish. */
interface Held {
  wish: string | null;
  setWish: (id: string) => void;
  section: number | null;
  setSection: (k: number) => void;
  width: number;
}

/** The chosen course and section; the topmost course and the front where nothing was chosen, or it is gone. */
function useChosen({ wish, section }: Held) {
  const { tier, worked } = useTier();
  const dressing =
    tier.dressings.find((d) => d.id === wish) ??
    tier.dressings.find((d) => d.id === worked.dressings.at(-1)?.id) ??
    tier.dressings.at(-1);
  const worn = worked.dressings.find((w) => w.id === dressing?.id);
  const divided = worked.divisions.find((d) => d.id === dressing?.division) ?? worked.divisions[0]!;
  const at = section !== null && section < divided.count ? section : divided.frontSection;
  return { tier, worked, dressing, worn, divided, at };
}

function AboveTheBand(props: Held & { onTray: () => void }) {
  const { chooseTier } = useOpen();
  const { tier, worked, dressing, worn, divided, at } = useChosen(props);
  const { width, setWish, onTray } = props;
  const workup = useWorkup();
  const colours = useColours();
  const own = useCallback((w: Worn) => colours(worked, w), [colours, worked]);
  const k = Math.min((width - 48) / worked.form.foot.mm, BAND_HIGH / worked.form.height.mm);
  const middle = (divided.marks[at]!.s + divided.sections[at]!.arc / 2) % worked.form.foot.mm;
  // On a phone one below the other; on a tablet the ring from above gives way to the band.
  const phone = width < 470;
  const tablet = width < 700;
  const grid = phone
    ? 'grid-cols-1'
    : tablet
      ? 'grid-cols-[200px_minmax(0,1fr)]'
      : 'grid-cols-[208px_minmax(0,1fr)_176px]';
  const beside = phone ? 0 : tablet ? 216 : 208 + 176 + 32;
  return (
    <div className={`grid gap-4 ${grid}`}>
      <div>
        <h1 className="heading">{tier.name}, dressed</h1>
        <p className="note mb-2">its courses, from the top down</p>
        <Courses chosen={dressing?.id} choose={setWish} onTray={onTray} />
      </div>
      <Later high={286}>
        {() => (
          <TurningView
            tiers={workup.tiers}
            chosen={tier.id}
            width={width - beside}
            height={286}
            colours={colours}
            onTier={chooseTier}
          />
        )}
      </Later>
      <div className={tablet ? 'hidden' : 'flex flex-col items-center gap-2'}>
        <PlanView
          form={worked.form}
          divided={divided}
          size={148}
          section={at}
          words={divided.count > 1 ? `${divided.count}` : undefined}
        />
        {worn && needsLens(worn, k) ? (
          <Lens
            form={worked.form}
            worn={worn}
            others={worked.dressings.filter((w) => w.id !== worn.id)}
            colours={own}
            s={middle}
            section={at}
          />
        ) : null}
      </div>
    </div>
  );
}

function PulledTray(props: Held & { close: () => void }) {
  const { divided } = useChosen(props);
  const { palette } = usePlan();
  return (
    <Tray
      division={divided.id}
      colours={shades(palette, [])}
      close={props.close}
      choose={(id) => {
        props.setWish(id);
        // The keys go on at what was taken.
        setTimeout(
          () =>
            document.querySelector<HTMLElement>('ul[aria-label="Courses"] [aria-pressed="true"]')?.focus(),
          60,
        );
      }}
    />
  );
}

function Ledger(props: Held & { onTray: () => void }) {
  const { dressing, worn } = useChosen(props);
  return (
    <>
      {worn && dressing ? (
        <DressingLedger worn={worn} dressing={dressing} />
      ) : (
        <>
          <p className="heading">{dressing ? 'This course rests' : 'Nothing on this tier yet'}</p>
          <p className="note">
            {dressing
              ? 'It is kept, but neither drawn nor counted. Wake it with the eye beside its name.'
              : 'Add a course: it takes its sizes from the tier and its division, and can be moved by hand after.'}
          </p>
          {dressing ? null : (
            <Button look="main" onClick={props.onTray}>
              Choose from the tray
            </Button>
          )}
          <TierFindings />
        </>
      )}
      <WhatChanged />
      <Borders />
    </>
  );
}

/** The shades of every dressing of the plan, kept the same as long as the plan's palette and dressings are. */
function useColours(): (tier: TierWorkup, worn: Worn) => readonly string[] {
  const plan = usePlan();
  const kept = useRef(new Map<string, string[]>());
  const { palette, tiers } = plan;
  return useCallback(
    (worked: TierWorkup, worn: Worn) => {
      const dressing = tiers.find((t) => t.id === worked.id)?.dressings.find((d) => d.id === worn.id);
      const made = shades(palette, dressing?.colours ?? []);
      const key = made.join();
      const same = kept.current.get(key) ?? made;
      kept.current.set(key, same);
      return same;
    },
    [palette, tiers],
  );
}

function TierFindings() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const place = { tier: tier.id, division: tier.divisions[0]!.id };
  return <Findings findings={worked.findings} onMend={(_, press) => void editor.edit(mend(place, press))} />;
}

/** The band under the hand: flat, at real size, or rolled up into its tier. */
function OnTheBand(props: Held) {
  const { worked, dressing, worn, divided, at: section } = useChosen(props);
  const { width, setWish: choose, setSection } = props;
  const chosen = dressing?.id;
  const ofPlan = useColours();
  const colours = useCallback((w: Worn) => ofPlan(worked, w), [ofPlan, worked]);
  const [shape, setShape] = useState<'flat' | 'up' | 'round' | 'down'>('flat');
  const [real, setReal] = useState(false);
  const [asking, setAsking] = useState(false);
  const { pxPerMm } = useRealSize();
  const holder = useRef<HTMLDivElement>(null);
  const high = BAND_HIGH + 30 + 56;
  const round = useCallback((_: TierWorkup, w: Worn) => colours(w), [colours]);
  const fixed = real && pxPerMm !== null ? pxPerMm : undefined;
  const middle = worked.divisions[0]!.marks.length > 0 ? (divided.marks[section]?.s ?? 0) : 0;

  // biome-ignore lint/correctness/useExhaustiveDependencies: brought into sight when the size changes, not while dragging
  useEffect(() => {
    const scroller = holder.current?.querySelector('[role="region"]');
    if (fixed && scroller) {
      const arc = divided.sections[section]?.arc ?? 0;
      scroller.scrollLeft = (middle + arc / 2) * fixed - scroller.clientWidth / 2;
    }
  }, [fixed]);

  const toRealSize = () => {
    if (real) {
      setReal(false);
    } else {
      setReal(true);
      if (pxPerMm === null) {
        setAsking(true);
      }
    }
  };
  return (
    <div className="mt-3" ref={holder}>
      <div className="-mb-1 flex flex-wrap items-center justify-end gap-x-1">
        {shape === 'flat' ? (
          <>
            <Button look="quiet" className="px-2" aria-pressed={real} onClick={toRealSize}>
              <Ruler size={17} aria-hidden /> {real ? 'To fit again' : 'Real size'}
            </Button>
            {real ? (
              <Button look="quiet" className="px-2" onClick={() => setAsking(true)}>
                Calibrate
              </Button>
            ) : null}
            <Button look="quiet" className="px-2" onClick={() => setShape('up')}>
              <RefreshCw size={17} aria-hidden /> Roll it up
            </Button>
          </>
        ) : (
          <Button look="quiet" className="px-2" onClick={() => setShape('down')}>
            <Undo2 size={17} aria-hidden /> Unroll it
          </Button>
        )}
      </div>
      {shape === 'flat' ? (
        <Band
          form={worked.form}
          divided={divided}
          dressings={worked.dressings}
          colours={colours}
          chosen={chosen}
          section={worn ? section : undefined}
          onSection={worn ? setSection : undefined}
          onNotch={choose}
          mostHeight={BAND_HIGH}
          borders={worked.borders}
          fixed={fixed}
        >
          {(scale) =>
            worn && dressing ? (
              <Holds worn={worn} dressing={dressing} divided={divided} section={section} scale={scale} />
            ) : null
          }
        </Band>
      ) : shape === 'round' ? (
        <TurningView tiers={[worked]} chosen={worked.id} width={width} height={high} colours={round} />
      ) : (
        <Roll
          tier={worked}
          width={width}
          height={high}
          colours={colours}
          up={shape === 'up'}
          done={() => setShape(shape === 'up' ? 'round' : 'flat')}
        />
      )}
      {asking ? <Calibrate close={() => setAsking(false)} /> : null}
    </div>
  );
}

function Counts(props: Held) {
  const { editor } = useOpen();
  const { tier, worked, divided, at } = useChosen(props);
  const { unit } = usePreferences();
  const division = divided.id;
  const goTo = (k: number) => props.setSection((k + divided.count) % divided.count);
  const onCount = useCallback(
    (n: number) => void editor.edit(count(tier.id, division, n)),
    [editor, tier.id, division],
  );
  return (
    <>
      <div className="mt-4 mb-2 flex flex-wrap items-center justify-between gap-x-6 gap-y-1">
        <h2 className="heading">Counts that close on {length(worked.form.foot.mm, unit)}</h2>
        {divided.count > 1 ? (
          <fieldset className="m-0 flex items-center gap-1 border-0 p-0">
            <legend className="sr-only">The section whose handles are shown</legend>
            <Button look="quiet" className="px-3" aria-label="Section before" onClick={() => goTo(at - 1)}>
              ‹
            </Button>
            <span aria-live="polite" className="whitespace-nowrap">
              handles of section <b>{at + 1}</b>
            </span>
            <Button look="quiet" className="px-3" aria-label="Section after" onClick={() => goTo(at + 1)}>
              ›
            </Button>
          </fieldset>
        ) : null}
      </div>
      <Ladder divided={divided} onCount={onCount} />
    </>
  );
}
