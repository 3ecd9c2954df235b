import type { PieceWorkup, TierWorkup } from '../api/client';
import type { Course } from './brush';
import { drawBoard, drawFront, drawRising, drawTier, type Pose } from './draw';
import { drawAhead, isBehind, type Stood, stood } from './made-ahead';
import { turned } from './projection';

/** What is painted of a cake: its tiers foot to top, each in its courses, and what stands on them. */
export interface Stack {
  tiers: readonly TierWorkup[];
  courses: readonly (readonly Course[])[];
  chosen: string;
  pieces: readonly PieceWorkup[];
}

/** The whole stack as it stands to the viewer. */
export function paintStack(ctx: CanvasRenderingContext2D, stack: Stack, place: Pose): void {
  const { tiers, courses, chosen, pieces } = stack;
  let foot = place.foot;
  const tops = new Map(tiers.map((t) => [t.id, topOf(t)]));
  const all = stood(pieces, tops, place.view.turn);
  /** What stands before the next tier is drawn after that. */
  let waiting: [Stood[], Pose] | null = null;
  /** What of the last tier stands over its edge hides the foot of the next. */
  let before: Parameters<typeof drawRising> | null = null;
  tiers.forEach((t, i) => {
    const body = turned(t.form, place.view.turn);
    const cos = Math.cos(place.view.turn);
    const sin = Math.sin(place.view.turn);
    const hole = t.form.hole.map((p): [number, number] => [p.x * cos + p.y * sin, p.y * cos - p.x * sin]);
    const here = { ...place, foot };
    if (i === 0) {
      drawBoard(ctx, t.form, courses[i]!, here);
      drawAhead(
        ctx,
        all.filter((p) => p.on === 'board' && isBehind(p)),
        here,
      );
    }
    drawTier(ctx, body, courses[i]!, here, {
      chosen: t.id === chosen,
      borders: t.borders,
      hole,
      closed: true,
    });
    if (i === 0) {
      drawFront(ctx, body, here);
    }
    if (before) {
      drawRising(...(before as Parameters<typeof drawRising>));
    }
    before = [ctx, body, courses[i]!, here, false];
    if (waiting) {
      drawAhead(ctx, ...waiting);
    }
    if (i === 0) {
      drawAhead(
        ctx,
        all.filter((p) => p.on === 'board' && !isBehind(p)),
        here,
      );
    }
    const own = all.filter((p) => p.tier === t.id && p.on !== 'board');
    drawAhead(ctx, own.filter(isBehind), here);
    waiting = [own.filter((p) => !isBehind(p)), here];
    foot -= body.upright * Math.cos(place.view.tilt) * place.k;
  });
  if (waiting) {
    drawAhead(ctx, ...(waiting as [Stood[], Pose]));
  }
}

/** Straight up from a tier's foot to its top: where what stands on it stands. */
function topOf(tier: TierWorkup): number {
  return tier.form.surfaces.find((s) => s.up > 0)?.up ?? tier.form.height.mm;
}
