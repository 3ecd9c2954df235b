import type { TierWorkup, Worn } from '../api/client';
import {
  type Body,
  type Eye,
  type Fine,
  facing,
  fine,
  narrowing,
  Points,
  project,
  ROW,
  type Run,
  type View,
  Walker,
} from './projection';

/** Colours of the house, for a canvas that knows no style sheet. */
export const INKS = {
  sheet: '#fcf9f1',
  paper: '#f3ecdd',
  edge: '#d9cfb9',
  ink: '#1c2a36',
  chalk: '#7c9aad',
  pin: '#bd3a26',
  soft: '#4f5d67',
};

/** A dressing ready to be drawn often: its outlines made fine once. */
export interface Course {
  placements: readonly number[];
  shapes: Fine[];
  colours: readonly string[];
}

const made = new WeakMap<Worn['layout'], { key: string; course: Course }>();

/** Made once for a layout and its colours: most edits leave most courses as they are. */
export function course({ layout }: Worn, colours: readonly string[]): Course {
  const key = colours.join();
  const known = made.get(layout);
  if (known?.key === key) {
    return known.course;
  }
  const fresh = { placements: layout.placements, shapes: layout.shapes.map(fine), colours };
  made.set(layout, { key, course: fresh });
  return fresh;
}

function mixed(colour: string, to: string, share: number): string {
  const part = (of: string, at: number) => Number.parseInt(of.slice(at, at + 2), 16);
  const mix = (at: number) =>
    Math.round(part(colour, at) + (part(to, at) - part(colour, at)) * share)
      .toString(16)
      .padStart(2, '0');
  return `#${mix(1)}${mix(3)}${mix(5)}`;
}

/** A colour as it looks on a course that is not the chosen one. */
export function paler(colour: string): string {
  return /^#[0-9a-f]{6}$/i.test(colour) ? mixed(colour, INKS.sheet, 0.32) : colour;
}

/** Darker than this share of white, and ink would not be seen on it. */
const DARK = 0.32;

/** A line on a piece: its own colour, deepened, or on a dark one lightened. */
export function deepened(colour: string, by = 0.42): string {
  if (!/^#[0-9a-f]{6}$/i.test(colour)) {
    return INKS.ink;
  }
  const part = (of: string, at: number) => Number.parseInt(of.slice(at, at + 2), 16);
  const light = (0.299 * part(colour, 1) + 0.587 * part(colour, 3) + 0.114 * part(colour, 5)) / 255;
  const [to, share] = light < DARK ? [INKS.sheet, by * 0.8] : [INKS.ink, by];
  return mixed(colour, to, share);
}

export interface Pose {
  cx: number;
  /** Where the foot's axis meets the drawing, px. */
  foot: number;
  k: number;
  view: View;
}

function eyeOf({ cx, foot, k, view }: Pose): Eye {
  return { cx, foot, k, up: Math.cos(view.tilt) * k, back: Math.sin(view.tilt) * k };
}

type ToPx = (x: number, z: number, d: number) => [number, number];

/** From millimetres across, up and away to the drawing: never in perspective, so that sizes can be compared. */
function drawn({ cx, foot, k, up, back }: Eye): ToPx {
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
    drawCourse(ctx, b, run, each, eye);
  }
  shade(ctx, b, run, toPx);
  wall(ctx, b, run, 0, b.high, toPx);
  ctx.strokeStyle = INKS.ink;
  ctx.lineWidth = looks.chosen ? 2 : 1.1;
  ctx.stroke();
}

/** Smaller than this, px, and pieces of one colour are drawn at one stroke: what lies over what cannot be seen. */
const TINY_PX = 9;
/** Smaller than this, px, and a rim would be all there is of a piece. */
const RIM_PX = 3.5;
const points = new Points();

function drawCourse(
  ctx: CanvasRenderingContext2D,
  b: Body,
  run: Run,
  { placements, shapes, colours }: Course,
  eye: Eye,
): void {
  const walk = new Walker(b, run);
  let open = -1;
  let openColour = -1;
  const close = () => {
    if (open >= 0) {
      ink(ctx, shapes[open]!, colours[openColour] ?? INKS.sheet, eye.k);
      open = -1;
    }
  };
  for (let at = 0; at < placements.length; at += ROW) {
    const index = placements[at]!;
    const colour = placements[at + 5]!;
    const shape = shapes[index]!;
    const px = shape.right * eye.k;
    const every = shape.closed ? Math.max(1, Math.floor(shape.xz.length / 2 / Math.max(7, px * 2.5))) : 1;
    for (let round = -1; round <= 1; round++) {
      project(b, run, shape, placements, at, walk, eye, points, round * b.around, every);
      if (points.n === 0) {
        continue;
      }
      if (open !== index || openColour !== colour) {
        close();
        ctx.beginPath();
      }
      trace(ctx, shape);
      open = index;
      openColour = colour;
      if (px > TINY_PX) {
        close();
      }
    }
  }
  close();
}

/** A course on the flat band; whatever crosses the seam is drawn at both ends. */
export function drawFlat(
  ctx: CanvasRenderingContext2D,
  { placements, shapes, colours }: Course,
  at: { left: number; foot: number; k: number; around: number },
): void {
  const { left, foot, k, around } = at;
  let open = -1;
  let openColour = -1;
  const close = () => {
    if (open >= 0) {
      ink(ctx, shapes[open]!, colours[openColour] ?? INKS.sheet, k);
      open = -1;
    }
  };
  for (let row = 0; row < placements.length; row += ROW) {
    const index = placements[row]!;
    const shape = shapes[index]!;
    const s = placements[row + 1]!;
    const z = placements[row + 2]!;
    const size = placements[row + 4]!;
    const cos = Math.cos(placements[row + 3]!) * size;
    const sin = Math.sin(placements[row + 3]!) * size;
    const colour = placements[row + 5]!;
    for (const shift of [0, -around, around]) {
      if (shift !== 0 && (s + shift + shape.right * size < 0 || s + shift + shape.left * size > around)) {
        continue;
      }
      if (open !== index || openColour !== colour) {
        close();
        ctx.beginPath();
      }
      points.start(shape.xz.length / 2);
      for (let i = 0; i < shape.xz.length; i += 2) {
        const x = s + shift + shape.xz[i]! * cos - shape.xz[i + 1]! * sin;
        points.add(left + x * k, foot - (z + shape.xz[i]! * sin + shape.xz[i + 1]! * cos) * k, 0);
      }
      trace(ctx, shape);
      open = index;
      openColour = colour;
      if (shape.right * k > TINY_PX) {
        close();
      }
    }
  }
  close();
}

/** A line that is not filled breaks off at the limb instead of running along it. */
function trace(ctx: CanvasRenderingContext2D, shape: Fine): void {
  const { xy, held, n } = points;
  const filled = shape.role === 'piece' && shape.closed;
  ctx.moveTo(xy[0]!, xy[1]!);
  for (let i = 1; i < n; i++) {
    if (!filled && held[i] !== 0 && held[i - 1] === held[i]) {
      ctx.moveTo(xy[2 * i]!, xy[2 * i + 1]!);
    } else {
      ctx.lineTo(xy[2 * i]!, xy[2 * i + 1]!);
    }
  }
  if (filled) {
    ctx.closePath();
  }
}

function ink(ctx: CanvasRenderingContext2D, shape: Fine, colour: string, k: number): void {
  if (shape.role === 'piece' && shape.closed) {
    ctx.fillStyle = colour;
    ctx.fill();
    if (shape.right * k > RIM_PX / 2) {
      ctx.strokeStyle = deepened(colour);
      ctx.lineWidth = 0.7;
      ctx.stroke();
    }
    return;
  }
  if (shape.wide > 0) {
    ctx.strokeStyle = colour;
    ctx.lineWidth = Math.max(1.2, shape.wide * k);
    ctx.lineCap = 'round';
  } else {
    ctx.strokeStyle = shape.role === 'detail' ? deepened(colour) : INKS.chalk;
    ctx.lineWidth = shape.role === 'detail' ? 0.7 : 1.2;
  }
  ctx.stroke();
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

/** The board under it all, mm wider than the cake all round. */
const BOARD_MM = 16;
const BOARD_THICK_MM = 5;

/** What it all stands on: a board of the foot's own outline. */
export function drawBoard(ctx: CanvasRenderingContext2D, b: Body, pose: Pose): void {
  const toPx = drawn(eyeOf(pose));
  const reach = Math.max(...b.x.map(Math.abs), ...b.d.map(Math.abs));
  const grown = 1 + BOARD_MM / reach;
  ctx.fillStyle = INKS.edge;
  for (let z = -BOARD_THICK_MM; z <= 0; z++) {
    ring(ctx, b, grown, z, toPx);
    ctx.fill();
  }
}

/** How large, and where the foot's axis stands, so that all of it is in the picture, whatever way it is tilted. */
export function fitted(tall: number, wide: number, view: View, width: number, height: number): Pose {
  const need = tall * Math.cos(view.tilt) + (wide + 2 * BOARD_MM) * Math.sin(view.tilt);
  const k = Math.min((width - 44) / (wide + 2 * BOARD_MM), (height - 48) / need);
  return { cx: width / 2, foot: (height - 34 + tall * Math.cos(view.tilt) * k) / 2 + 2, k, view };
}
