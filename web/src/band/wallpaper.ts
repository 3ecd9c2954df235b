import { type Course, drawFlat } from './brush';
import { type Body, type Eye, narrowing, ROW, type Run } from './projection';

/** More pieces than this are painted once on the flat and hung on the side in strips, instead of each in every frame. */
const MANY = 2500;
/** Strips overlap by so much, px, so that no hairline shows between them. */
const OVERLAP = 0.6;

export function isWallpaper({ placements }: Course): boolean {
  return placements.length / ROW > MANY;
}

const painted = new WeakMap<Course, { k: number; paper: HTMLCanvasElement }>();

function paperOf(course: Course, b: Body, k: number): HTMLCanvasElement {
  const known = painted.get(course);
  if (known?.k === k) {
    return known.paper;
  }
  const paper = document.createElement('canvas');
  paper.width = Math.max(1, Math.ceil(b.around * k));
  paper.height = Math.max(1, Math.ceil(b.high * k));
  const ctx = paper.getContext('2d');
  if (ctx) {
    drawFlat(ctx, course, b, { left: 0, foot: b.high * k, k });
  }
  painted.set(course, { k, paper });
  return paper;
}

/** The flat painting on one run: a strip for every straight part of the outline, sheared as the side goes away. */
export function hang(ctx: CanvasRenderingContext2D, b: Body, run: Run, course: Course, eye: Eye): void {
  const sharp = window.devicePixelRatio || 1;
  // Rounded, so that a zoom of a hair does not paint it anew.
  const k = Math.max(0.1, Math.round(eye.k * sharp * 20) / 20);
  const paper = paperOf(course, b, k);
  const n = b.x.length - 1;
  const middle = narrowing(b, b.high / 2);
  const down = (b.upright * eye.up) / (b.high * k);
  ctx.save();
  for (let i = run.first; i < run.last; i++) {
    const a = i >= n ? i - n : i;
    const c = a + 1;
    const u = b.s[a]! * k;
    const du = (b.s[c]! - b.s[a]!) * k;
    const x = eye.cx + b.x[a]! * middle * eye.k;
    const y = eye.foot - b.d[a]! * middle * eye.back;
    const right = ((b.x[c]! - b.x[a]!) * middle * eye.k) / du;
    const fall = (-(b.d[c]! - b.d[a]!) * middle * eye.back) / du;
    const wide = Math.min(paper.width - u, du + OVERLAP / Math.max(0.2, right));
    if (wide > 0 && du > 0) {
      ctx.setTransform(
        right * sharp,
        fall * sharp,
        0,
        down * sharp,
        (x - right * u) * sharp,
        (y - fall * u - down * b.high * k) * sharp,
      );
      ctx.drawImage(paper, u, 0, wide, paper.height, u, 0, wide, paper.height);
    }
  }
  ctx.restore();
}
