import { useEffect, useRef } from 'react';
import type { TierWorkup, Worn } from '../api/client';
import { course } from './brush';
import { drawFront, drawTier, fitted, widest } from './draw';
import { rolled } from './projection';
import type { Shade } from './shades';
import { reducedMotion } from './size';
import { USUAL } from './turning-view';

/** Long enough to follow with the eye, short enough not to wait for. */
const TAKES_MS = 700;

interface Props {
  tier: TierWorkup;
  width: number;
  height: number;
  colours: (worn: Worn) => readonly Shade[];
  /** From the flat band to the tier, or back. */
  up: boolean;
  done: () => void;
}

/** The band rolling up into the tier, or unrolling: the same pieces all the way, every length along the side kept. */
export function Roll({ tier, width, height, colours, up, done }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const finished = useRef(done);
  finished.current = done;
  // biome-ignore lint/correctness/useExhaustiveDependencies: one way is played once
  useEffect(() => {
    const ctx = canvas.current?.getContext('2d');
    if (!ctx || reducedMotion()) {
      finished.current();
      return;
    }
    const courses = tier.dressings.map((w) => course(w, colours(w)));
    const { form } = tier;
    const flat = Math.min((width - 48) / form.foot.mm, (height - 60) / form.height.mm);
    const wide = widest([form]);
    const round = fitted(form.height.mm, wide, USUAL, width, height);
    const level = height / 2 + (form.height.mm * flat) / 2;
    const sharp = window.devicePixelRatio || 1;
    const begin = performance.now();
    let frame = 0;
    const step = (now: number) => {
      const gone = Math.min(1, (now - begin) / TAKES_MS);
      const ease = gone * gone * (3 - 2 * gone);
      const t = up ? ease : 1 - ease;
      const k = flat + (round.k - flat) * t;
      const body = rolled(form, t);
      const pose = {
        cx: width / 2,
        foot: level + (round.foot - level) * t,
        k,
        view: { turn: 0, tilt: USUAL.tilt * t },
      };
      ctx.setTransform(sharp, 0, 0, sharp, 0, 0);
      ctx.clearRect(0, 0, width, height);
      drawTier(ctx, body, courses, pose, {
        chosen: true,
        borders: tier.borders,
        hole: [],
        closed: t > 0.999,
      });
      drawFront(ctx, body, pose, t > 0.999);
      if (gone < 1) {
        frame = requestAnimationFrame(step);
      } else {
        finished.current();
      }
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [up]);
  const sharp = window.devicePixelRatio || 1;
  return (
    <canvas
      ref={canvas}
      width={width * sharp}
      height={height * sharp}
      style={{ width, height }}
      className="block"
      role="img"
      aria-label="The band, rolling"
    />
  );
}
