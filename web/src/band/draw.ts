import type { Form, Seen, TierWorkup } from '../api/client';
import { Brush, type Course, coarse, drawLying, INKS, points } from './brush';
import {
  type Body,
  type Eye,
  facing,
  narrowing,
  project,
  ROW,
  type Run,
  type View,
  Walker,
} from './projection';
import { hang, isWallpaper } from './wallpaper';

export interface Pose {
  cx: number;
  /** Where the foot's axis meets the drawing, px. */
  foot: number;
  k: number;
  view: View;
}

export function eyeOf({ cx, foot, k, view }: Pose): Eye {
  return { cx, foot, k, up: Math.cos(view.tilt) * k, back: Math.sin(view.tilt) * k };
}

type ToPx = (x: number, z: number, d: number) => [number, number];

/** From millimetres across, up and away to the drawing: never in perspective, so that sizes can be compared. */
export function drawn({ cx, foot, k, up, back }: Eye): ToPx {
  return (x, z, d) => [cx + x * k, foot - z * up - d * back];
}

interface Looks {
  chosen: boolean;
  borders: TierWorkup['borders'];
  hole: [number, number][];
  /** False while the band is still open at the seam. */
  closed: boolean;
}

/** One tier: its side from the farthest stretch to the nearest, each with its pieces, then its top. */
export function drawTier(
  ctx: CanvasRenderingContext2D,
  b: Body,
  courses: readonly Course[],
  pose: Pose,
  looks: Looks,
): void {
  const eye = eyeOf(pose);
  const toPx = drawn(eye);
  if (looks.closed) {
    drawRising(ctx, b, courses, pose, true);
  }
  if (looks.closed && b.narrow < 1) {
    // A side that leans in is seen all round from above: its foot is drawn under everything.
    ring(ctx, b, 1, 0, toPx);
    ctx.fillStyle = INKS.sheet;
    ctx.fill();
    ctx.strokeStyle = INKS.ink;
    ctx.lineWidth = 1.1;
    ctx.stroke();
  }
  for (const run of facing(b, looks.closed)) {
    drawRun(ctx, b, run, courses, eye, looks);
  }
  if (looks.closed) {
    drawTop(ctx, b, toPx, looks);
    const level = courses.filter((c) => c.surface === 'top' || c.surface === 'ledge');
    drawLevel(ctx, level, b.upright, eye, pose.view.turn);
    drawRising(ctx, b, courses, pose, false);
  }
}

/** Over the edge by less than this, mm, and it is hidden by nothing that it should hide. */
const OVER_MM = 0.5;

/**
 * What of a side's courses stands over its edge: at the back before the tier is drawn, in front after its top, and again after
 * what stands on that.
 */
export function drawRising(
  ctx: CanvasRenderingContext2D,
  b: Body,
  courses: readonly Course[],
  pose: Pose,
  away: boolean,
): void {
  const rising = courses.filter((c) => c.surface === 'side' && c.top > b.high + OVER_MM);
  if (rising.length === 0) {
    return;
  }
  const eye = eyeOf(pose);
  for (const run of facing(b, true, away)) {
    for (const each of rising) {
      ctx.save();
      if (!away) {
        wall(ctx, b, run, b.high, each.top + 1, drawn(eye));
        ctx.clip();
      }
      drawCourse(ctx, b, run, each, eye);
      ctx.restore();
    }
  }
}

/** What lies on a level surface so far up, turned with the tier. */
function drawLevel(
  ctx: CanvasRenderingContext2D,
  courses: readonly Course[],
  up: number,
  eye: Eye,
  turn: number,
): void {
  const toPx = drawn(eye);
  const cos = Math.cos(turn);
  const sin = Math.sin(turn);
  for (const each of courses) {
    drawLying(ctx, each, eye.k, (x, y) => toPx(x * cos + y * sin, up, y * cos - x * sin));
  }
}

/** The outline at a height, grown or shrunk about the axis. */
function ring(ctx: CanvasRenderingContext2D, b: Body, grown: number, up: number, toPx: ToPx): void {
  ctx.beginPath();
  for (let i = 0; i + 1 < b.x.length; i++) {
    ctx.lineTo(...toPx(b.x[i]! * grown, up, b.d[i]! * grown));
  }
  ctx.closePath();
}

function drawTop(ctx: CanvasRenderingContext2D, b: Body, toPx: ToPx, { chosen, hole }: Looks): void {
  ring(ctx, b, b.narrow, b.upright, toPx);
  ctx.fillStyle = INKS.sheet;
  ctx.fill();
  ctx.strokeStyle = INKS.ink;
  ctx.lineWidth = chosen ? 2 : 1.1;
  ctx.stroke();
  if (hole.length > 0) {
    ctx.beginPath();
    for (const [x, d] of hole) {
      ctx.lineTo(...toPx(x, b.upright, d));
    }
    ctx.closePath();
    ctx.fillStyle = INKS.edge;
    ctx.fill();
    ctx.stroke();
  }
}

const at = (b: Body, i: number) => (i >= b.x.length ? i - (b.x.length - 1) : i);

function wall(ctx: CanvasRenderingContext2D, b: Body, run: Run, low: number, top: number, toPx: ToPx) {
  // At a limb the upper edge turns back on itself: a pointed join would stand out like a thorn.
  ctx.lineJoin = 'round';
  ctx.beginPath();
  const edge = (z: number, from: number, to: number, by: number) => {
    const n = narrowing(b, z);
    for (let i = from; i !== to + by; i += by) {
      const j = at(b, i);
      ctx.lineTo(...toPx(b.x[j]! * n, (z * b.upright) / b.high, b.d[j]! * n));
    }
  };
  edge(low, run.first, run.last, 1);
  edge(top, run.last, run.first, -1);
  ctx.closePath();
}

function drawRun(
  ctx: CanvasRenderingContext2D,
  b: Body,
  run: Run,
  courses: readonly Course[],
  eye: Eye,
  looks: Looks,
): void {
  const toPx = drawn(eye);
  wall(ctx, b, run, 0, b.high, toPx);
  ctx.fillStyle = INKS.sheet;
  ctx.fill();
  for (const border of looks.borders) {
    wall(ctx, b, run, border.zone.foot, border.zone.top, toPx);
    ctx.fillStyle = INKS.edge;
    ctx.fill();
  }
  for (const each of courses) {
    if (each.surface !== 'side') {
      continue;
    }
    if (isWallpaper(each)) {
      hang(ctx, b, run, each, eye);
    } else {
      drawCourse(ctx, b, run, each, eye);
    }
  }
  shade(ctx, b, run, toPx);
  wall(ctx, b, run, 0, b.high, toPx);
  ctx.strokeStyle = INKS.ink;
  ctx.lineWidth = looks.chosen ? 2 : 1.1;
  ctx.stroke();
}

function drawCourse(ctx: CanvasRenderingContext2D, b: Body, run: Run, course: Course, eye: Eye): void {
  const { placements, shapes, standing } = course;
  const walk = new Walker(b, run);
  const brush = new Brush(ctx, course, eye.k);
  for (let at = 0; at < placements.length; at += ROW) {
    const index = placements[at]!;
    const shape = shapes[index]!;
    const s = placements[at + 1]!;
    for (let round = -1; round <= 1; round++) {
      // Most of many pieces are behind: asked here, before anything is called.
      const here = s + round * b.around;
      if (here + 2 * shape.right < run.from || here + 2 * shape.left > run.to) {
        continue;
      }
      project(
        b,
        run,
        shape,
        placements,
        at,
        walk,
        eye,
        points,
        round * b.around,
        coarse(shape, eye.k),
        standing,
      );
      if (points.n > 0) {
        brush.draw(index, placements[at + 5]!);
      }
    }
  }
  brush.done();
}

/** A little shade where the side turns away: round looks round, and a corner is seen. */
function shade(ctx: CanvasRenderingContext2D, b: Body, run: Run, toPx: ToPx): void {
  const left = toPx(b.x[run.first]!, 0, 0)[0];
  const right = toPx(b.x[at(b, run.last)]!, 0, 0)[0];
  if (right - left < 1) {
    return;
  }
  const gradient = ctx.createLinearGradient(left, 0, right, 0);
  for (let i = run.first; i < run.last; i++) {
    const a = at(b, i);
    const c = at(b, i + 1);
    const dx = b.x[c]! - b.x[a]!;
    const away = 1 - dx / (Math.hypot(dx, b.d[c]! - b.d[a]!) || 1);
    const middle = (toPx((b.x[a]! + b.x[c]!) / 2, 0, 0)[0] - left) / (right - left);
    gradient.addColorStop(Math.max(0, Math.min(1, middle)), `rgba(28,42,54,${(0.2 * away).toFixed(3)})`);
  }
  wall(ctx, b, run, 0, b.high, toPx);
  ctx.fillStyle = gradient;
  ctx.fill();
}

/** The front: a pin at the foot, where it can be seen. */
export function drawFront(ctx: CanvasRenderingContext2D, b: Body, pose: Pose, closed = true): void {
  const toPx = drawn(eyeOf(pose));
  const front = b.around / 2;
  for (const run of facing(b, closed)) {
    const s = [front, front + b.around].find((f) => f >= run.from - 1e-9 && f <= run.to + 1e-9);
    if (s !== undefined) {
      const walk = new Walker(b, run);
      walk.to(s);
      const [x, y] = toPx(walk.x, 0, walk.d);
      ctx.fillStyle = INKS.pin;
      ctx.beginPath();
      ctx.moveTo(x, y + 3);
      ctx.lineTo(x - 6, y + 13);
      ctx.lineTo(x + 6, y + 13);
      ctx.fill();
      ctx.font = '600 14px "Source Sans 3 Variable", sans-serif';
      ctx.textAlign = 'center';
      ctx.fillText('front', x, y + 27);
    }
  }
}

const BOARD_THICK_MM = 5;

/** What it all stands on, and what lies on that. */
export function drawBoard(
  ctx: CanvasRenderingContext2D,
  form: Form,
  courses: readonly Course[],
  pose: Pose,
): void {
  const board = boardOf(form);
  if (!board) {
    return;
  }
  const eye = eyeOf(pose);
  const toPx = drawn(eye);
  const cos = Math.cos(pose.view.turn);
  const sin = Math.sin(pose.view.turn);
  ctx.fillStyle = INKS.edge;
  for (let z = -BOARD_THICK_MM; z <= 0; z++) {
    ctx.beginPath();
    for (const { x, y } of board.rim) {
      ctx.lineTo(...toPx(x * cos + y * sin, z, y * cos - x * sin));
    }
    ctx.closePath();
    ctx.fill();
  }
  const on = courses.filter((c) => c.surface === 'board');
  drawLevel(ctx, on, 0, eye, pose.view.turn);
}

function boardOf(form: Form): Seen | undefined {
  return form.surfaces.find((s) => s.kind === 'board');
}

/** How wide a stack is, its board with it, mm: whatever way it is turned. */
export function widest(forms: readonly Form[]): number {
  const board = forms[0] && boardOf(forms[0]);
  const reach = board ? 2 * Math.max(...board.rim.map((p) => Math.hypot(p.x, p.y))) : 0;
  return Math.max(reach, ...forms.map((f) => Math.max(f.width, f.depth)));
}

/** How large, and where the foot's axis stands, so that all of it is in the picture, whatever way it is tilted. */
export function fitted(tall: number, wide: number, view: View, width: number, height: number): Pose {
  const need = tall * Math.cos(view.tilt) + wide * Math.sin(view.tilt);
  const k = Math.min((width - 44) / wide, (height - 48) / need);
  return { cx: width / 2, foot: (height - 34 + tall * Math.cos(view.tilt) * k) / 2 + 2, k, view };
}
