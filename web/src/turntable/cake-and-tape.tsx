import { useLayoutEffect, useRef, useState } from 'react';
import type { BenchPlace, TierWorkup, Worn } from '../api/client';
import type { Shade } from '../band/shades';
import { useWorkup } from '../plan/context';
import { BenchView } from './bench-view';
import type { Now } from './flow';
import { RunningTape } from './running-tape';
import type { OnCake } from './seen';
import { StepPicture } from './step-picture';

interface Props {
  seen: OnCake;
  now: Now;
  places: readonly BenchPlace[];
  colours: (tier: TierWorkup, worn: Worn) => readonly Shade[];
  /** What a tap on it does; undefined: nothing, so that no stray touch settles a step. */
  onTap: (() => void) | undefined;
}

/** Room at the left for the picture of what the hand does, px: the cake, and the tape's pointer with it, stand so much further right. */
const PICTURE_WIDE = 196;
const TAPE_HIGH = 104;
/** What lies level is looked at from further up. */
const TILT = 0.16;
const TILT_LEVEL = 0.85;

function useSize() {
  const ref = useRef<HTMLDivElement>(null);
  const [size, setSize] = useState({ width: 640, height: 400 });
  useLayoutEffect(() => {
    const element = ref.current;
    if (element === null) {
      return;
    }
    const measure = () =>
      setSize({ width: Math.max(200, element.clientWidth), height: Math.max(140, element.clientHeight) });
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size] as const;
}

/** The cake as far as it is and the tape under it; a tap anywhere on either is the next press. */
export function CakeAndTape({ seen, now, places, colours, onTap }: Props) {
  const [frame, size] = useSize();
  const workup = useWorkup();
  const { told } = now.step;
  const next = places[now.state.count];
  const tier = workup.tiers.find((t) => t.id === told.tier);
  const level =
    next !== undefined && ['top', 'ledge', 'board'].includes(next.surface) && told.kind === 'dress';
  const onSide =
    tier !== undefined && (now.step.division !== '' || (told.kind === 'dress' && places.length > 0));
  const beside = size.width > 560 ? PICTURE_WIDE : 0;
  const marks =
    now.step.division !== '' && tier ? { tier: tier.id, made: places.slice(0, now.state.count), next } : null;
  return (
    <section aria-label="The cake as far as it is" className="flex min-h-0 min-w-0 flex-col max-md:shrink-0">
      {/* biome-ignore lint/a11y/useKeyWithClickEvents: the keys for it are the page's own, and the button beside says it */}
      {/* biome-ignore lint/a11y/noStaticElementInteractions: a knuckle finds the whole of it; what it does a button does, too */}
      <div
        className={`flex min-h-0 flex-1 touch-manipulation flex-col select-none ${onTap ? 'cursor-pointer' : ''}`}
        onClick={onTap}
      >
        <div
          ref={frame}
          className="relative min-h-0 flex-1 overflow-hidden max-md:h-[25dvh] max-md:flex-none"
        >
          {told.tier === '' && told.kind !== 'inspect' ? (
            <div className="grid size-full place-items-center p-6">
              <StepPicture now={now} place={next} where="instead" />
            </div>
          ) : (
            <>
              <BenchView
                seen={seen}
                width={size.width}
                height={size.height}
                beside={beside}
                colours={colours}
                turn={next?.turn ?? 0}
                tilt={level ? TILT_LEVEL : TILT}
                marks={marks}
                words={`The cake as far as it is${next ? ', turned to the next place' : ''}`}
              />
              {beside > 0 ? <StepPicture now={now} place={next} /> : null}
            </>
          )}
        </div>
        {onSide && tier ? (
          <div className="border-t border-ink/25" style={{ height: TAPE_HIGH }}>
            <RunningTape
              around={tier.form.foot.mm}
              width={size.width}
              pointer={(size.width + beside) / 2}
              at={next?.s ?? places.at(-1)?.s}
              places={places.length <= 200 ? places : NO_PLACES}
              done={now.state.count}
            />
          </div>
        ) : null}
      </div>
    </section>
  );
}

const NO_PLACES: readonly BenchPlace[] = [];
