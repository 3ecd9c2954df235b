import { type KeyboardEvent, type PointerEvent, useEffect, useMemo, useRef } from 'react';
import type { PieceWorkup, TierWorkup, Worn } from '../api/client';
import { Button } from '../ui/button';
import { useKept } from '../ui/kept';
import { course } from './brush';
import { fitted, widest } from './draw';
import { reaches } from './made-ahead';
import type { View } from './projection';
import { risen } from './rise';
import type { Shade } from './shades';
import { reducedMotion } from './size';
import { paintStack } from './stack';

interface Props {
  tiers: readonly TierWorkup[];
  chosen: string;
  width: number;
  height: number;
  colours: (tier: TierWorkup, worn: Worn) => readonly Shade[];
  onTier?: (id: string) => void;
  /** Pieces made ahead, where they will stand. */
  pieces?: readonly PieceWorkup[] | undefined;
}

const NONE: readonly PieceWorkup[] = [];

/** A little from above, so that a top is seen to be one. */
export const USUAL: View = { turn: 0, tilt: 0.13 };
const ABOVE = Math.PI / 2;
const STEP = Math.PI / 36;

/** The whole stack as guests see it, turned by the hand, drawn from the pieces themselves. */
export function TurningView({ tiers, chosen, width, height, colours, onTier, pieces = NONE }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [keptView, keepView] = useKept<View>('view', USUAL);
  const view = useRef<View>({ ...keptView });
  const asked = useRef(0);
  const drag = useRef<{ x: number; y: number; from: View; moved: boolean } | null>(null);
  const courses = useMemo(
    () => tiers.map((t) => t.dressings.map((w) => course(w, colours(t, w)))),
    [tiers, colours],
  );
  const wide = widest(tiers.map((t) => t.form));
  const topmost = tiers.at(-1)!;
  const tall =
    tiers.reduce((sum, t) => sum + t.form.height.mm, 0) +
    Math.max(
      reaches(pieces, topmost.id, topmost.form.height.mm),
      risen(topmost.dressings, topmost.form.height.mm),
    );

  const pose = () => fitted(tall, wide, view.current, width, height);

  const draw = () => {
    asked.current = 0;
    const ctx = canvas.current?.getContext('2d');
    if (!canvas.current || !ctx) {
      return;
    }
    const sharp = window.devicePixelRatio || 1;
    ctx.setTransform(sharp, 0, 0, sharp, 0, 0);
    ctx.clearRect(0, 0, width, height);
    const place = pose();
    paintStack(ctx, { tiers, courses, chosen, pieces }, place);
    const degrees = Math.round((view.current.turn * 180) / Math.PI);
    canvas.current.setAttribute('aria-valuenow', String(degrees));
    canvas.current.setAttribute('aria-valuetext', said(view.current));
  };
  const current = useRef(draw);
  current.current = draw;
  const soon = () => {
    if (asked.current === 0) {
      asked.current = requestAnimationFrame(() => current.current());
    }
  };
  // biome-ignore lint/correctness/useExhaustiveDependencies: drawn anew when what it shows changes
  useEffect(soon, [courses, chosen, width, height, pieces]);
  useEffect(() => {
    // Another width empties it, and paper does not wait for a frame.
    const now = () => current.current();
    window.addEventListener('beforeprint', now);
    return () => window.removeEventListener('beforeprint', now);
  }, []);

  const look = (turn: number, tilt: number) => {
    view.current = { turn: normal(turn), tilt: Math.max(0, Math.min(ABOVE, tilt)) };
    soon();
  };
  /** Moves there in a few frames, so that one sees what went where. */
  const glide = (turn: number, tilt: number) => {
    const from = { ...view.current };
    if (reducedMotion()) {
      look(turn, tilt);
      return;
    }
    const begin = performance.now();
    const step = (now: number) => {
      const t = Math.min(1, (now - begin) / 320);
      const ease = t * t * (3 - 2 * t);
      look(from.turn + normal(turn - from.turn) * ease, from.tilt + (tilt - from.tilt) * ease);
      if (t < 1) {
        requestAnimationFrame(step);
      } else {
        keepView({ ...view.current });
      }
    };
    requestAnimationFrame(step);
  };

  const keyed = (e: KeyboardEvent) => {
    const { turn, tilt } = view.current;
    const by = e.shiftKey ? 3 * STEP : STEP;
    const moves: Record<string, [number, number]> = {
      ArrowRight: [turn + by, tilt],
      ArrowLeft: [turn - by, tilt],
      ArrowUp: [turn, tilt + by],
      ArrowDown: [turn, tilt - by],
      Home: [USUAL.turn, USUAL.tilt],
    };
    const move = moves[e.key];
    if (move) {
      e.preventDefault();
      look(...move);
      keepView({ ...view.current });
    }
  };
  const pressed = (e: PointerEvent) => {
    if (e.button === 0) {
      e.currentTarget.setPointerCapture(e.pointerId);
      drag.current = { x: e.clientX, y: e.clientY, from: { ...view.current }, moved: false };
    }
  };
  const moved = (e: PointerEvent) => {
    const held = drag.current;
    if (held === null) {
      return;
    }
    const dx = e.clientX - held.x;
    const dy = e.clientY - held.y;
    held.moved ||= Math.hypot(dx, dy) > 4;
    if (held.moved) {
      // What faces us goes with the hand. A finger that goes up or down scrolls the page; only a mouse tilts.
      const tilt = e.pointerType === 'mouse' ? held.from.tilt + dy * 0.006 : held.from.tilt;
      look(held.from.turn - dx / ((wide / 2) * pose().k), tilt);
    }
  };
  const released = (e: PointerEvent) => {
    const held = drag.current;
    drag.current = null;
    if (held?.moved) {
      keepView({ ...view.current });
    }
    if (held && !held.moved && onTier) {
      const { k, foot } = pose();
      let up = (foot - (e.clientY - e.currentTarget.getBoundingClientRect().top)) / k;
      up /= Math.max(0.2, Math.cos(view.current.tilt));
      const hit = tiers.find((t) => {
        up -= t.form.height.mm;
        return up < 0;
      });
      onTier((hit ?? tiers.at(-1)!).id);
    }
  };

  const sharp = window.devicePixelRatio || 1;
  return (
    <div className="relative" style={{ width }}>
      <canvas
        ref={canvas}
        width={width * sharp}
        height={height * sharp}
        style={{ width, height }}
        className="block cursor-grab touch-pan-y rounded-md active:cursor-grabbing"
        role="slider"
        tabIndex={0}
        aria-label="The cake, turned"
        aria-valuemin={-180}
        aria-valuemax={180}
        aria-valuenow={0}
        title="Drag sideways to turn · arrow keys"
        onKeyDown={keyed}
        onPointerDown={pressed}
        onPointerMove={moved}
        onPointerUp={released}
        onPointerCancel={() => {
          drag.current = null;
        }}
      />
      <div className="pointer-events-none absolute inset-x-0 bottom-0 flex justify-between">
        <Button look="quiet" className="pointer-events-auto px-2" onClick={() => glide(0, USUAL.tilt)}>
          Front
        </Button>
        <Button
          look="quiet"
          className="pointer-events-auto px-2"
          onClick={() => glide(view.current.turn, ABOVE)}
        >
          Above
        </Button>
      </div>
    </div>
  );
}

function normal(a: number): number {
  return a - 2 * Math.PI * Math.round(a / (2 * Math.PI));
}

function said({ turn, tilt }: View): string {
  const degrees = Math.round((turn * 180) / Math.PI);
  const side =
    degrees === 0
      ? 'from the front'
      : `turned ${Math.abs(degrees)}° to the ${degrees > 0 ? 'left' : 'right'}`;
  return tilt > 1.2 ? `from above, ${side}` : side;
}
