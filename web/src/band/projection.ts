import type { Form, Layout } from '../api/client';

/** How the cake is looked at, radians: turned about its axis, and from straight ahead (0) to from above (π/2). */
export interface View {
  turn: number;
  tilt: number;
}

/** A tier's outline as it stands to the viewer: x to the right, d away, both at the foot; s along it, closed. */
export interface Body extends Tapering {
  s: Float64Array;
  x: Float64Array;
  d: Float64Array;
  /** Its height straight up: a tapered side leans. */
  upright: number;
}

/** How a side gets narrower (or wider) from its foot to its top edge. */
export interface Tapering {
  around: number;
  /** Height along the side. */
  high: number;
  /** How wide the top edge is, as a share of the foot. */
  narrow: number;
}

/** What tapering is told by. */
export type Sized = Pick<Form, 'foot' | 'top' | 'height'>;

export function tapering(form: Sized): Tapering {
  return { around: form.foot.mm, high: form.height.mm, narrow: form.top.mm / form.foot.mm };
}

/** A stretch of side that faces the viewer without a break, from one limb to the other. */
export interface Run {
  /** Indices of the first and the last point, the last one perhaps past the seam. */
  first: number;
  last: number;
  from: number;
  to: number;
}

function body(form: Form, x: Float64Array, d: Float64Array): Body {
  const n = form.outline.length;
  const s = new Float64Array(n + 1);
  for (let i = 0; i < n; i++) {
    s[i] = form.outline[i]!.s;
  }
  s[n] = form.foot.mm;
  const lean = (form.foot.mm - form.top.mm) / (2 * Math.PI);
  const taper = tapering(form);
  return { s, x, d, ...taper, upright: Math.sqrt(Math.max(1, taper.high * taper.high - lean * lean)) };
}

/** The tier turned about its axis; over 0 its right side comes forward. */
export function turned(form: Form, turn: number): Body {
  const n = form.outline.length;
  const x = new Float64Array(n + 1);
  const d = new Float64Array(n + 1);
  const cos = Math.cos(turn);
  const sin = Math.sin(turn);
  for (let i = 0; i <= n; i++) {
    const p = form.outline[i % n]!;
    x[i] = p.x * cos + p.y * sin;
    d[i] = p.y * cos - p.x * sin;
  }
  return body(form, x, d);
}

/**
 * The band on its way round the tier: every bend of the outline done to the share t, so that 0 is the flat band with the
 * front in the middle and 1 the tier. Lengths along it never change, whatever the outline.
 */
export function rolled(form: Form, t: number): Body {
  const n = form.outline.length;
  const at = (i: number) => form.outline[((i % n) + n) % n]!;
  const around = form.foot.mm;
  const ends = (i: number) => (i + 1 < n ? at(i + 1).s : around) - at(i).s;
  // Which stretch holds the front: headings are measured from there, both ways.
  let front = 0;
  while (front + 1 < n && at(front + 1).s <= around / 2) {
    front++;
  }
  const heading = (i: number) => {
    const a = at(i);
    const b = at(i + 1);
    return Math.atan2(b.y - a.y, b.x - a.x);
  };
  const bent = new Float64Array(n);
  let sum = 0;
  for (let i = front + 1; i < n; i++) {
    sum += wrapAngle(heading(i) - heading(i - 1));
    bent[i] = sum;
  }
  sum = 0;
  for (let i = front - 1; i >= 0; i--) {
    sum -= wrapAngle(heading(i + 1) - heading(i));
    bent[i] = sum;
  }
  const x = new Float64Array(n + 1);
  const d = new Float64Array(n + 1);
  const ahead = around / 2 - at(front).s;
  x[front] = -ahead;
  for (let i = front; i < n; i++) {
    x[i + 1] = x[i]! + ends(i) * Math.cos(bent[i]! * t);
    d[i + 1] = d[i]! + ends(i) * Math.sin(bent[i]! * t);
  }
  for (let i = front - 1; i >= 0; i--) {
    x[i] = x[i + 1]! - ends(i) * Math.cos(bent[i]! * t);
    d[i] = d[i + 1]! - ends(i) * Math.sin(bent[i]! * t);
  }
  return body(form, x, d);
}

function wrapAngle(a: number): number {
  return a - 2 * Math.PI * Math.round(a / (2 * Math.PI));
}

/**
 * The stretches that face the viewer, the farthest first, so that nearer ones drawn later hide what is behind them. The
 * outline runs anticlockwise, so what faces us runs to the right.
 *
 * @param closed false while the band is still open at the seam
 * @param away those that face away instead
 */
export function facing(b: Body, closed = true, away = false): Run[] {
  const n = b.x.length - 1;
  const sign = away ? -1 : 1;
  const seen = (i: number) => sign * (b.x[i + 1]! - b.x[i]!) > 1e-9;
  const runs: Run[] = [];
  for (let i = 0; i < n; i++) {
    if (seen(i) && (i === 0 || !seen(i - 1))) {
      let last = i;
      while (last < n && seen(last)) {
        last++;
      }
      runs.push({ first: i, last, from: b.s[i]!, to: b.s[last]! });
    }
  }
  const head = runs[0];
  const tail = runs.at(-1);
  if (closed && head && tail && head !== tail && head.first === 0 && tail.last === n) {
    runs.shift();
    tail.last = n + head.last;
    tail.to = b.around + head.to;
  }
  return runs.sort((p, q) => (isBehind(b, p, q) ? -1 : isBehind(b, q, p) ? 1 : 0));
}

const index = (b: Body, i: number) => (i >= b.x.length ? i - (b.x.length - 1) : i);

/** Whether, where both are in the same line of sight, the one is farther away. */
function isBehind(b: Body, p: Run, q: Run): boolean {
  const left = Math.max(b.x[p.first]!, b.x[q.first]!);
  const right = Math.min(b.x[index(b, p.last)]!, b.x[index(b, q.last)]!);
  if (right - left < 1e-6) {
    return false;
  }
  const middle = (left + right) / 2;
  return depthAt(b, p, middle) > depthAt(b, q, middle);
}

function depthAt(b: Body, run: Run, x: number): number {
  let i = run.first;
  while (i + 1 < run.last && b.x[index(b, i + 1)]! < x) {
    i++;
  }
  const a = index(b, i);
  const c = index(b, i + 1);
  const t = (x - b.x[a]!) / (b.x[c]! - b.x[a]! || 1);
  return b.d[a]! + (b.d[c]! - b.d[a]!) * t;
}

/** Finds places in a run by walking from the last one found: the points of a piece are near one another. */
export class Walker {
  /** The place last found: across, and away; and which way is out there. */
  x = 0;
  d = 0;
  outX = 0;
  outD = -1;
  private i: number;
  private readonly n: number;

  constructor(
    private readonly b: Body,
    private readonly run: Run,
  ) {
    this.i = run.first;
    this.n = b.x.length - 1;
  }

  private s(j: number): number {
    return j > this.n ? this.b.s[j - this.n]! + this.b.around : this.b.s[j]!;
  }

  to(s: number): void {
    const { b, run, n } = this;
    let { i } = this;
    while (i > run.first && this.s(i) > s) {
      i--;
    }
    while (i + 1 < run.last && this.s(i + 1) < s) {
      i++;
    }
    this.i = i;
    const from = this.s(i);
    const span = this.s(i + 1) - from;
    const t = span > 0 ? Math.max(0, Math.min(1, (s - from) / span)) : 0;
    const a = i > n ? i - n : i;
    const c = i + 1 > n ? i + 1 - n : i + 1;
    const dx = b.x[c]! - b.x[a]!;
    const dd = b.d[c]! - b.d[a]!;
    this.x = b.x[a]! + dx * t;
    this.d = b.d[a]! + dd * t;
    const long = Math.hypot(dx, dd) || 1;
    this.outX = dd / long;
    this.outD = -dx / long;
  }
}

/**
 * How wide the side is at a height, as a share of the foot. Pieces come in their own true millimetres, the band is
 * unrolled at the foot's width: along it a piece lying at z takes up 1/narrowing of its own.
 */
export function narrowing(b: Tapering, z: number): number {
  return 1 + (b.narrow - 1) * (z / b.high);
}

/** An outline with points close enough to follow a bend, as x0, z0, x1, z1, …; a closed one ends where it began. */
export interface Fine {
  xz: Float64Array;
  closed: boolean;
  role: Layout['shapes'][number]['role'];
  wide: number;
  tone: number;
  left: number;
  right: number;
}

const FINE_MM = 3;

export function fine(shape: Layout['shapes'][number]): Fine {
  const { xz, closed, role, wide, tone } = shape;
  const made: number[] = [];
  const n = xz.length / 2;
  for (let i = 0; i < (closed ? n : n - 1); i++) {
    const j = (i + 1) % n;
    const dx = xz[2 * j]! - xz[2 * i]!;
    const dz = xz[2 * j + 1]! - xz[2 * i + 1]!;
    const parts = Math.max(1, Math.ceil(Math.abs(dx) / FINE_MM));
    for (let k = 0; k < parts; k++) {
      made.push(xz[2 * i]! + (dx * k) / parts, xz[2 * i + 1]! + (dz * k) / parts);
    }
  }
  const end = closed ? 0 : n - 1;
  made.push(xz[2 * end]!, xz[2 * end + 1]!);
  let left = Number.POSITIVE_INFINITY;
  let right = Number.NEGATIVE_INFINITY;
  for (let i = 0; i < made.length; i += 2) {
    // Whatever way it is turned, it reaches no farther.
    const reach = Math.hypot(made[i]!, made[i + 1]!);
    left = Math.min(left, made[i]!, -reach);
    right = Math.max(right, made[i]!, reach);
  }
  return { xz: Float64Array.from(made), closed, role, wide, tone, left, right };
}

/** Where the drawing is and how it is looked at, px: across, up and away of a millimetre. */
export interface Eye {
  cx: number;
  foot: number;
  k: number;
  up: number;
  back: number;
}

/** Points of one piece as drawn, used again for the next: x0, y0, …, and at which limb each is held back (−1, 1, or 0). */
export class Points {
  n = 0;
  xy = new Float64Array(512);
  held = new Int8Array(256);

  start(many: number): void {
    this.n = 0;
    if (this.held.length < many) {
      this.xy = new Float64Array(4 * many);
      this.held = new Int8Array(2 * many);
    }
  }

  add(x: number, y: number, held: number): void {
    this.xy[2 * this.n] = x;
    this.xy[2 * this.n + 1] = y;
    this.held[this.n++] = held;
  }
}

/** What stands off or leans comes as rows of its own: lift, lean; none where all lies flat. */
const STANDING = 2;
const FLAT: readonly number[] = [];

/** Placements come as rows of numbers: shape, s, z, turn, size, colour. */
export const ROW = 6;

/**
 * A piece as it is seen on one run: every point of it, those past a limb held back on the limb, so that what is filled
 * ends there. No points where nothing of it is on this run.
 *
 * @param rows placements, of which the one that begins at `at` is meant
 * @param shift how often round it is meant, mm: a piece may reach over the seam at both ends
 * @param every takes only every so-manyth point, for pieces too small to show them
 * @param standing lift and lean of every piece; none where all lies flat
 */
export function project(
  b: Body,
  run: Run,
  shape: Fine,
  rows: readonly number[],
  at: number,
  walk: Walker,
  eye: Eye,
  out: Points,
  shift = 0,
  every = 1,
  standing: readonly number[] = FLAT,
): void {
  const s0 = rows[at + 1]!;
  const z0 = rows[at + 2]!;
  const turn = rows[at + 3]!;
  const size = rows[at + 4]!;
  out.start(shape.xz.length / 2 + 1);
  const reach = narrowing(b, z0);
  if (
    s0 + shift + (shape.right * size) / reach < run.from ||
    s0 + shift + (shape.left * size) / reach > run.to
  ) {
    return;
  }
  const cos = Math.cos(turn) * size;
  const sin = Math.sin(turn) * size;
  const stands = b.upright / b.high;
  const stood = (at / ROW) * STANDING;
  const lift = standing[stood] ?? 0;
  const lean = standing[stood + 1] ?? 0;
  const upright = Math.cos(lean);
  const outwards = Math.sin(lean);
  let inside = false;
  let onLeft = false;
  let onRight = false;
  for (let i = 0; i < shape.xz.length; i += 2 * every) {
    const px = shape.xz[i]!;
    const pz = shape.xz[i + 1]!;
    const rise = px * sin + pz * cos;
    const z = z0 + rise * upright;
    const off = lift + Math.abs(rise) * outwards;
    const s = s0 + shift + (px * cos - pz * sin) / reach;
    const held = s < run.from ? -1 : s > run.to ? 1 : 0;
    walk.to(held < 0 ? run.from : held > 0 ? run.to : s);
    const n = narrowing(b, z);
    out.add(
      eye.cx + (walk.x * n + walk.outX * off) * eye.k,
      eye.foot - z * stands * eye.up - (walk.d * n + walk.outD * off) * eye.back,
      held,
    );
    inside ||= held === 0;
    onLeft ||= held < 0;
    onRight ||= held > 0;
  }
  if (!inside && !(onLeft && onRight)) {
    out.n = 0;
  }
}
