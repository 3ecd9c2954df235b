import { useCallback, useState } from 'react';
import type { Worn } from '../api/client';
import { Later } from '../band/later';
import { Lens, needsLens } from '../band/lens';
import { onSurface } from '../band/level';
import { PlanView } from '../band/plan-view';
import { shades } from '../band/shades';
import { useWidth } from '../band/size';
import { TurningView } from '../band/turning-view';
import { Ladder } from '../divide/ladder';
import { WhatChanged } from '../measure/changed';
import { Beside, useOpen, usePlan, useTier, useWorkup } from '../plan/context';
import { count, mend } from '../plan/edits';
import { usePieces } from '../plan/use';
import { Button } from '../ui/button';
import { Findings } from '../ui/findings';
import { useKept } from '../ui/kept';
import { Stage } from '../ui/stage';
import { usePreferences } from '../units/preferences';
import { length } from '../units/units';
import { choose, type Held, type SurfaceName, useChosen, useColours } from './chosen';
import { Courses } from './courses';
import { DressingLedger } from './ledger';
import { BAND_HIGH, OnTheBand } from './on-the-band';
import { Tray } from './tray';
import { Borders } from './zones';

/** The dressings of a tier on its band, and one of them under the hand; beside them the whole cake. */
export function Dress() {
  const { tierId } = useOpen();
  const [wish, setWish] = useKept<string | null>(`course.${tierId}`, null);
  const [section, setSection] = useKept<number | null>(`section.${tierId}`, null);
  const [surface, setSurface] = useKept<SurfaceName>(`surface.${tierId}`, 'side');
  const [tray, setTray] = useState(false);
  const [box, width] = useWidth<HTMLDivElement>(790);
  const held: Held = { wish, setWish, section, setSection, surface, setSurface, width };
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

function AboveTheBand(props: Held & { onTray: () => void }) {
  const { chooseTier } = useOpen();
  const { tier, worked, seen, dressing, worn, divided, at } = useChosen(props);
  const { width, onTray } = props;
  const workup = useWorkup();
  const made = usePieces(usePlan()).data;
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
        <Courses chosen={dressing?.id} choose={(id) => choose(props, tier, id)} onTray={onTray} />
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
            pieces={made}
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
        {worn && worn.surface !== 'inner' && needsLens(worn, k) ? (
          <Lens
            form={worked.form}
            worn={worn}
            others={onSurface(worked.dressings, seen.kind).filter((w) => w.id !== worn.id)}
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
  const { divided, seen } = useChosen(props);
  const { palette } = usePlan();
  return (
    <Tray
      division={divided.id}
      surface={seen}
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
  const { dressing, worn, seen } = useChosen(props);
  return (
    <>
      {worn && dressing ? (
        <DressingLedger worn={worn} dressing={dressing} />
      ) : (
        <>
          <p className="heading">
            {dressing ? 'This course is set aside' : `Nothing on this ${seen.name} yet`}
          </p>
          <p className="note">
            {dressing
              ? 'It is kept, but neither drawn nor counted. Take it up again with the eye beside its name.'
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

function TierFindings() {
  const { editor } = useOpen();
  const { tier, worked } = useTier();
  const place = { tier: tier.id, division: tier.divisions[0]!.id };
  return <Findings findings={worked.findings} onMend={(_, press) => void editor.edit(mend(place, press))} />;
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
