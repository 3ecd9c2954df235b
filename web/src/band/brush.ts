import type { Worn } from '../api/client';
import { type Fine, fine, narrowing, Points, ROW, type Tapering } from './projection';
import { reachOf } from './rise';
import { HEX, keyOf, mixed, type Shade } from './shades';
import { Specks } from './specks';

/** Colours of the house, for a canvas that knows no style sheet. */
export const INKS = {
  sheet: '#fcf9f1',
  paper: '#f3ecdd',
  edge: '#d9cfb9',
  made: '#f0e0b4',
  ink: '#1c2a36',
  chalk: '#7c9aad',
  pin: '#bd3a26',
  soft: '#4f5d67',
};

/** A dressing ready to be drawn often: its outlines made fine once. */
export interface Course {
  surface: Worn['surface'];
  /** How high above the foot it reaches, mm. */
  top: number;
  /** Whether edges that can be gilded are shapes of their own: then outlines are not. */
  edged: boolean;
  placements: readonly number[];
  standing: readonly number[];
  shapes: Fine[];
  colours: readonly Shade[];
}

const made = new WeakMap<Worn['layout'], { key: string; course: Course }>();

/** Made once for a layout and its colours: most edits leave most courses as they are. */
export function course({ layout, surface }: Worn, colours: readonly Shade[]): Course {
  const key = keyOf(colours);
  const known = made.get(layout);
  if (known?.key === key) {
    return known.course;
  }
  const fresh = {
    surface,
    top: reachOf(layout),
    edged: layout.shapes.some((s) => s.role === 'edge'),
    placements: layout.placements,
    standing: layout.standing,
    shapes: layout.shapes.map(fine),
    colours,
  };
  made.set(layout, { key, course: fresh });
  return fresh;
}

/** A colour as it looks on a course that is not the chosen one. */
export function paler({ fill, edge, ...shade }: Shade): Shade {
  const pale = (colour: string) => mixed(colour, INKS.sheet, 0.32);
  return { ...shade, fill: pale(fill), ...(edge ? { edge: pale(edge) } : {}) };
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

/** Smaller than this, px, and pieces of one colour are drawn at one stroke: what lies over what cannot be seen. */
const TINY_PX = 9;
/** More pieces than this in one path, and painting it takes longer than painting them apart. */
const BATCH = 60;
/** Reaching no farther than this from its middle, px, a piece of many is a speck: its box is all that can be seen of it. */
const SPECK_PX = 2.4;
/** Fewer pieces than this are drawn as they are, however small. */
const SPECKS_FROM = 400;
/** So many specks are laid on a sheet of their own first. */
const SHEET_FROM = 2000;
/** Laying one down takes as long as some hundred specks: where larger pieces lie between, there are only so many. */
const MOST_SHEETS = 8;
/** Smaller than this, px, and a rim would be all there is of a piece. */
const RIM_PX = 3.5;
/** Points of the piece at hand, used again for the next. */
export const points = new Points();

const BARE: Shade = { fill: INKS.sheet };

/** Gathers pieces of one shape and colour into paths, and draws specks as what they look like. */
export class Brush {
  private open = -1;
  private colour = -1;
  private many = 0;

  private readonly shapes: readonly Fine[];
  private readonly colours: readonly Shade[];
  private readonly specks: boolean;
  /** What specks are laid on where they are many, and how many more such sheets there may be. */
  private sheet: Specks | null = null;
  private sheets: number;
  private readonly edged: boolean;

  constructor(
    private readonly ctx: CanvasRenderingContext2D,
    { shapes, colours, placements, edged }: Course,
    private readonly k: number,
    flat = false,
  ) {
    this.shapes = shapes;
    this.colours = colours;
    this.edged = edged;
    this.specks = placements.length / ROW >= SPECKS_FROM;
    this.sheets =
      flat && placements.length / ROW >= SHEET_FROM && colours.every((c) => HEX.test(c.fill))
        ? MOST_SHEETS
        : 0;
  }

  private isSpeck(shape: Fine): boolean {
    return this.specks && shape.closed && shape.role === 'piece' && shape.right * this.k < SPECK_PX;
  }

  /** Draws what stands in the points as this shape. */
  draw(index: number, colour: number): void {
    const shape = this.shapes[index]!;
    const px = shape.right * this.k;
    if (this.isSpeck(shape)) {
      this.done();
      this.speck(this.colours[colour]?.fill ?? INKS.sheet);
      return;
    }
    this.layDown();
    if (this.open !== index || this.colour !== colour || this.many >= BATCH) {
      this.done();
      this.ctx.beginPath();
    }
    trace(this.ctx, shape);
    this.open = index;
    this.colour = colour;
    this.many++;
    if (px > TINY_PX) {
      this.done();
    }
  }

  done(): void {
    if (this.open >= 0) {
      ink(this.ctx, this.shapes[this.open]!, this.colours[this.colour] ?? BARE, this.k, this.edged);
      this.open = -1;
      this.many = 0;
    }
  }

  /** All that was drawn is on the canvas then. */
  end(): void {
    this.done();
    this.layDown();
  }

  /** What comes next lies on the specks so far. */
  private layDown(): void {
    this.sheet?.lay(this.ctx);
    this.sheet = null;
  }

  private speck(colour: string): void {
    const { xy, n } = points;
    let left = xy[0]!;
    let right = left;
    let top = xy[1]!;
    let foot = top;
    for (let i = 1; i < n; i++) {
      left = Math.min(left, xy[2 * i]!);
      right = Math.max(right, xy[2 * i]!);
      top = Math.min(top, xy[2 * i + 1]!);
      foot = Math.max(foot, xy[2 * i + 1]!);
    }
    if (this.sheet === null && this.sheets > 0) {
      this.sheets--;
      const { canvas } = this.ctx;
      this.sheet = new Specks(canvas.width, canvas.height, this.ctx.getTransform().a);
    }
    if (this.sheet !== null) {
      this.sheet.add(left, top, right, foot, colour);
      return;
    }
    if (this.ctx.fillStyle !== colour) {
      this.ctx.fillStyle = colour;
    }
    this.ctx.fillRect(left, top, right - left, foot - top);
  }
}

/** Every so-manyth point of an outline is enough at this scale. */
export function coarse(shape: Fine, k: number): number {
  const px = shape.right * k;
  const enough = px < SPECK_PX ? 4 : Math.max(7, px * 2.5);
  return shape.closed ? Math.max(1, Math.floor(shape.xz.length / 2 / enough)) : 1;
}

/** A course on the flat band; whatever crosses the seam is drawn at both ends. */
export function drawFlat(
  ctx: CanvasRenderingContext2D,
  course: Course,
  taper: Tapering,
  at: { left: number; foot: number; k: number },
): void {
  const { left, foot, k } = at;
  const { around } = taper;
  const { placements, shapes } = course;
  const brush = new Brush(ctx, course, k, true);
  for (let row = 0; row < placements.length; row += ROW) {
    const index = placements[row]!;
    const shape = shapes[index]!;
    const s = placements[row + 1]!;
    const z = placements[row + 2]!;
    const size = placements[row + 4]!;
    const across = narrowing(taper, z);
    const cos = Math.cos(placements[row + 3]!) * size;
    const sin = Math.sin(placements[row + 3]!) * size;
    const colour = placements[row + 5]!;
    for (const shift of [0, -around, around]) {
      const here = s + shift;
      if (
        shift !== 0 &&
        (here + (shape.right * size) / across < 0 || here + (shape.left * size) / across > around)
      ) {
        continue;
      }
      points.start(shape.xz.length / 2);
      const every = coarse(shape, k);
      for (let i = 0; i < shape.xz.length; i += 2 * every) {
        const x = here + (shape.xz[i]! * cos - shape.xz[i + 1]! * sin) / across;
        points.add(left + x * k, foot - (z + shape.xz[i]! * sin + shape.xz[i + 1]! * cos) * k, 0);
      }
      brush.draw(index, colour);
    }
  }
  brush.end();
}

/** A course on a level surface: each piece lies in its plane as it is. */
export function drawLying(
  ctx: CanvasRenderingContext2D,
  course: Course,
  k: number,
  toPx: (x: number, y: number) => [number, number],
): void {
  const { placements, shapes } = course;
  const brush = new Brush(ctx, course, k, true);
  for (let row = 0; row < placements.length; row += ROW) {
    const index = placements[row]!;
    const shape = shapes[index]!;
    const size = placements[row + 4]!;
    const cos = Math.cos(placements[row + 3]!) * size;
    const sin = Math.sin(placements[row + 3]!) * size;
    points.start(shape.xz.length / 2);
    const every = coarse(shape, k);
    for (let i = 0; i < shape.xz.length; i += 2 * every) {
      const [x, y] = toPx(
        placements[row + 1]! + shape.xz[i]! * cos - shape.xz[i + 1]! * sin,
        placements[row + 2]! + shape.xz[i]! * sin + shape.xz[i + 1]! * cos,
      );
      points.add(x, y, 0);
    }
    brush.draw(index, placements[row + 5]!);
  }
  brush.end();
}

/** A line that is not filled breaks off at the limb instead of running along it. */
function trace(ctx: CanvasRenderingContext2D, shape: Fine): void {
  const { xy, held, n } = points;
  const filled = isFilled(shape);
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

const isFilled = ({ role, closed }: Fine) => closed && (role === 'piece' || role === 'tone');

function ink(
  ctx: CanvasRenderingContext2D,
  shape: Fine,
  { fill, edge: gilt, wide }: Shade,
  k: number,
  edged: boolean,
): void {
  if (shape.role === 'edge') {
    if (gilt) {
      ctx.strokeStyle = gilt;
      ctx.lineWidth = Math.max(0.8, (wide ?? 1) * k);
      ctx.stroke();
    }
    return;
  }
  const edge = edged ? undefined : gilt;
  if (shape.role === 'tone') {
    ctx.globalAlpha = shape.tone;
    ctx.fillStyle = fill;
    ctx.fill();
    ctx.globalAlpha = 1;
    return;
  }
  if (isFilled(shape)) {
    ctx.fillStyle = fill;
    ctx.fill();
    if (edge) {
      ctx.strokeStyle = edge;
      ctx.lineWidth = Math.max(0.8, (wide ?? 1) * k);
      ctx.stroke();
    } else if (shape.right * k > RIM_PX / 2) {
      ctx.strokeStyle = deepened(fill);
      ctx.lineWidth = 0.7;
      ctx.stroke();
    }
    return;
  }
  if (shape.wide > 0) {
    ctx.strokeStyle = edge ?? fill;
    ctx.lineWidth = Math.max(1.2, shape.wide * k);
    ctx.lineCap = 'round';
  } else {
    ctx.strokeStyle = shape.role === 'detail' ? deepened(fill) : INKS.chalk;
    ctx.lineWidth = shape.role === 'detail' ? 0.7 : 1.2;
  }
  ctx.stroke();
}
