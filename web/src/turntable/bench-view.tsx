import { useEffect, useMemo, useRef } from 'react';
import type { BenchPlace, TierWorkup, Worn } from '../api/client';
import { course } from '../band/brush';
import { fitted, type Pose, widest } from '../band/draw';
import { reaches } from '../band/made-ahead';
import { facing, turned } from '../band/projection';
import { risen } from '../band/rise';
import type { Shade } from '../band/shades';
import { reducedMotion } from '../band/size';
import { paintStack } from '../band/stack';
import type { OnCake } from './seen';

interface Props {
  seen: OnCake;
  width: number;
  height: number;
  /** Kept free at the left, px. */
  beside: number;
  colours: (tier: TierWorkup, worn: Worn) => readonly Shade[];
  /** How the cake is turned, radians: the next place looks at whoever works. */
  turn: number;
  tilt: number;
  /** Marks that are made, and the one that comes next, on this tier. */
  marks: { tier: string; made: readonly BenchPlace[]; next: BenchPlace | undefined } | null;
  words: string;
}

const PIN = '#bd3a26';
const LIT: readonly Shade[] = Array.from({ length: 64 }, () => ({ fill: PIN }));
const GLIDE_MS = 420;

/** The cake as far as it is, turned to the next place, which is lit. */
export function BenchView({ seen, width, height, beside, colours, turn, tilt, marks, words }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const at = useRef(turn);
  const tilted = useRef(tilt);
  const courses = useMemo(
    () =>
      seen.tiers.map((t) => [
        ...t.dressings.map((w) => course(w, colours(t, w))),
        ...(seen.lit?.tier === t.id ? [course(seen.lit.worn, LIT)] : []),
      ]),
    [seen, colours],
  );

  const draw = () => {
    const ctx = canvas.current?.getContext('2d');
    if (!ctx) {
      return;
    }
    const sharp = window.devicePixelRatio || 1;
    ctx.setTransform(sharp, 0, 0, sharp, 0, 0);
    ctx.clearRect(0, 0, width, height);
    const { tiers, pieces } = seen;
    const wide = widest(tiers.map((t) => t.form));
    const top = tiers.at(-1)!;
    const tall =
      tiers.reduce((sum, t) => sum + t.form.height.mm, 0) +
      Math.max(reaches(pieces, top.id, top.form.height.mm), risen(top.dressings, top.form.height.mm));
    const view = { turn: at.current, tilt: tilted.current };
    const fit = fitted(tall, wide, view, width - beside, height);
    const place = { ...fit, cx: fit.cx + beside };
    paintStack(ctx, { tiers, courses, chosen: marks?.tier ?? seen.lit?.tier ?? '', pieces }, place);
    if (marks) {
      drawMarks(ctx, tiers, marks, place);
    }
  };
  const current = useRef(draw);
  current.current = draw;

  useEffect(() => {
    const from = { turn: at.current, tilt: tilted.current };
    const way = normal(turn - from.turn);
    const begun = performance.now();
    let frame = 0;
    const step = (now: number) => {
      const t = reducedMotion() ? 1 : Math.min(1, Math.max(0, now - begun) / GLIDE_MS);
      const ease = t * t * (3 - 2 * t);
      at.current = t === 1 ? turn : from.turn + way * ease;
      tilted.current = from.tilt + (tilt - from.tilt) * ease;
      current.current();
      if (t < 1) {
        frame = requestAnimationFrame(step);
      }
    };
    frame = requestAnimationFrame(step);
    return () => cancelAnimationFrame(frame);
  }, [turn, tilt]);
  // biome-ignore lint/correctness/useExhaustiveDependencies: drawn anew when what it shows changes
  useEffect(() => {
    const frame = requestAnimationFrame(() => current.current());
    return () => cancelAnimationFrame(frame);
  }, [courses, marks, width, height, beside]);

  const sharp = window.devicePixelRatio || 1;
  return (
    <canvas
      ref={canvas}
      width={width * sharp}
      height={height * sharp}
      style={{ width, height }}
      className="block"
      role="img"
      aria-label={words}
    />
  );
}

function normal(a: number): number {
  return a - 2 * Math.PI * Math.round(a / (2 * Math.PI));
}

/** Marks where they are on the side, those that face us; the next one as a pin's line up the side. */
function drawMarks(
  ctx: CanvasRenderingContext2D,
  tiers: readonly TierWorkup[],
  { tier, made, next }: NonNullable<Props['marks']>,
  place: Pose,
): void {
  let foot = place.foot;
  for (const t of tiers) {
    const body = turned(t.form, place.view.turn);
    const up = Math.cos(place.view.tilt) * place.k;
    const back = Math.sin(place.view.tilt) * place.k;
    if (t.id === tier) {
      const runs = facing(body);
      const line = (s: number, share: number, wide: number, colour: string, always: boolean) => {
        const seen = runs.some((r) => (s >= r.from && s <= r.to) || s + body.around <= r.to);
        if (!seen && !always) {
          return;
        }
        let i = 0;
        while (i + 1 < body.s.length - 1 && body.s[i + 1]! < s) {
          i++;
        }
        const part = (s - body.s[i]!) / (body.s[i + 1]! - body.s[i]! || 1);
        const x = body.x[i]! + (body.x[i + 1]! - body.x[i]!) * part;
        const d = body.d[i]! + (body.d[i + 1]! - body.d[i]!) * part;
        const grown = 1 + (body.narrow - 1) * share;
        ctx.beginPath();
        ctx.moveTo(place.cx + x * place.k, foot - d * back);
        ctx.lineTo(place.cx + x * grown * place.k, foot - body.upright * share * up - d * grown * back);
        ctx.strokeStyle = colour;
        ctx.lineWidth = wide;
        ctx.lineCap = 'round';
        ctx.stroke();
      };
      for (const p of made) {
        line(p.s, 0.16, 2.4, '#1c2a36', false);
      }
      if (next) {
        line(next.s, 1, 5, PIN, true);
      }
    }
    foot -= body.upright * up;
  }
}
