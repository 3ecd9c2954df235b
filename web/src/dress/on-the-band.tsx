import { RefreshCw, Ruler, Undo2 } from 'lucide-react';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { TierWorkup, Worn } from '../api/client';
import { Band, type BandScale } from '../band/band';
import { innerSide } from '../band/inner';
import { documentSurface, isLevel, type LevelScale, onSurface } from '../band/level';
import { LevelBand } from '../band/level-band';
import { Calibrate, useRealSize } from '../band/real-size';
import { Roll } from '../band/roll';
import { TurningView } from '../band/turning-view';
import { Button } from '../ui/button';
import { Choice } from '../ui/choice';
import { type Held, useChosen, useColours } from './chosen';
import { Holds } from './hold';

export const BAND_HIGH = 178;
/** A surface from above is as wide as high: it takes more of the page than the band. */
const LEVEL_HIGH = 330;

/** The band under the hand: flat, at real size, or rolled up into its tier. */
export function OnTheBand(props: Held) {
  const { worked, seen, dressing, worn, divided, at: section } = useChosen(props);
  const { width, setWish, setSection } = props;
  const level = isLevel(seen.kind);
  const inner = seen.kind === 'inner' ? innerSide(worked) : null;
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
  const holds = (scale: BandScale | LevelScale) =>
    worn && dressing && worn.surface === seen.kind && !dressing.over ? (
      <Holds worn={worn} dressing={dressing} divided={divided} section={section} scale={scale} seen={seen} />
    ) : null;
  return (
    <div className="mt-3" ref={holder}>
      <div className={`${level ? '' : 'mb-1'} flex flex-wrap items-center justify-end gap-x-1`}>
        {shape === 'flat' ? <Surfaces {...props} /> : null}
        {level || inner ? null : shape === 'flat' ? (
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
      {level ? (
        <LevelBand
          form={worked.form}
          seen={seen}
          divided={divided}
          dressings={onSurface(worked.dressings, seen.kind)}
          colours={colours}
          chosen={chosen}
          section={worn ? section : undefined}
          onSection={worn ? setSection : undefined}
          height={LEVEL_HIGH}
        >
          {holds}
        </LevelBand>
      ) : inner ? (
        <Band
          form={inner.form}
          name={seen.name}
          divided={inner.divided(divided.id)}
          dressings={inner.dressings}
          colours={colours}
          chosen={chosen}
          section={worn ? section : undefined}
          onSection={worn ? setSection : undefined}
          onNotch={setWish}
          mostHeight={BAND_HIGH}
        >
          {(scale) => holds({ ...scale, x: (s: number) => scale.x(s * inner.share) })}
        </Band>
      ) : shape === 'flat' ? (
        <Band
          form={worked.form}
          divided={divided}
          dressings={worked.dressings}
          colours={colours}
          chosen={chosen}
          section={worn ? section : undefined}
          onSection={worn ? setSection : undefined}
          onNotch={setWish}
          mostHeight={BAND_HIGH}
          borders={worked.borders}
          fixed={fixed}
        >
          {holds}
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

/** Which surface of the tier lies under the hand. */
function Surfaces(props: Held) {
  const { worked, seen } = useChosen(props);
  return (
    <div className="mr-auto">
      <Choice
        hideLabel
        label="Surface"
        value={documentSurface(seen.kind)}
        options={worked.form.surfaces.map((s) => ({
          name: documentSurface(s.kind),
          label: s.name[0]!.toUpperCase() + s.name.slice(1),
        }))}
        onChoice={props.setSurface}
      />
    </div>
  );
}
