import type { PieceWorkup } from '../api/client';
import { deepened } from './brush';
import { eyeOf, type Pose } from './draw';
import { type Facet, fillOf } from './facets';

type On = PieceWorkup['places'][number]['on'];

/** A piece made ahead in its place on a tier, as it stands to the viewer. */
export interface Stood {
  tier: string;
  look: readonly Facet[];
  x: number;
  up: number;
  /** Away from the viewer. */
  d: number;
  /** Its own right: across, and away. */
  rightX: number;
  rightD: number;
  /** Whether its face is turned to the viewer. */
  faces: boolean;
  /** What of it is lower than this above the tier's foot stands in its hole, mm. */
  floor: number;
  /** Where it goes: held by the side it is hidden by the cake from behind; on the board it is before or behind all of it. */
  on: On;
}

/** Every piece in its place, the cake turned. */
export function stood(
  pieces: readonly PieceWorkup[],
  tops: ReadonlyMap<string, number>,
  turn: number,
): Stood[] {
  const cos = Math.cos(turn);
  const sin = Math.sin(turn);
  return pieces.flatMap(({ look, places }) =>
    places.map((p) => {
      const [c, s] = [Math.cos(p.angle), Math.sin(p.angle)];
      return {
        tier: p.tier,
        look,
        x: p.x * cos + p.y * sin,
        d: p.y * cos - p.x * sin,
        up: p.up,
        rightX: c * cos + s * sin,
        rightD: s * cos - c * sin,
        faces: -c * cos - s * sin < 0,
        floor: p.on === 'hole' ? (tops.get(p.tier) ?? 0) : Number.NEGATIVE_INFINITY,
        on: p.on,
      };
    }),
  );
}

/** Which of a tier's pieces are drawn before what stands on the tier: those behind its axis. */
export function isBehind(piece: Stood): boolean {
  return piece.on !== 'side' && piece.d > 0;
}

/** What is seen of a piece as numbers in one row, made once: a stack turns sixty times a second. */
interface Packed {
  xyz: Float32Array;
  /** Where each face begins, in corners, and one more. */
  from: Uint32Array;
  solid: Uint8Array;
  fill: string[];
  stroke: string[];
}

const packs = new WeakMap<readonly Facet[], Packed>();

function packed(look: readonly Facet[]): Packed {
  const known = packs.get(look);
  if (known) {
    return known;
  }
  const from = new Uint32Array(look.length + 1);
  look.forEach((facet, i) => {
    from[i + 1] = from[i]! + facet.xyz.length / 3;
  });
  const fill = look.map(fillOf);
  const made: Packed = {
    xyz: Float32Array.from(look.flatMap((facet) => facet.xyz)),
    from,
    solid: Uint8Array.from(look, (facet) => (facet.solid ? 1 : 0)),
    fill,
    stroke: fill.map((colour) => deepened(colour, 0.28)),
  };
  packs.set(look, made);
  return made;
}

/** Under twice so many square pixels a face has no edge. */
const SMALL_PX = 120;

/** Pieces of a tier, the farthest first, and of each the farthest of what is seen of it. */
export function drawAhead(ctx: CanvasRenderingContext2D, pieces: readonly Stood[], pose: Pose): void {
  ctx.lineJoin = 'round';
  ctx.lineWidth = 0.6;
  for (const piece of [...pieces].sort((a, b) => b.d - a.d)) {
    if (piece.on !== 'side' || piece.faces) {
      drawPiece(ctx, piece, pose);
    }
  }
}

function drawPiece(ctx: CanvasRenderingContext2D, piece: Stood, pose: Pose): void {
  const pack = packed(piece.look);
  const { px, away } = projected(piece, pack, pose);
  const areas = new Float32Array(pack.fill.length);
  const order: number[] = [];
  for (let i = 0; i < pack.fill.length; i += 1) {
    const twice = facing(px, pack.from[i]!, pack.from[i + 1]!);
    areas[i] = Math.abs(twice);
    // The far skin of something closed is not seen.
    if (pack.solid[i] === 0 || twice > 0) {
      order.push(i);
    }
  }
  order.sort((a, b) => away[b]! - away[a]!);
  for (const i of order) {
    ctx.beginPath();
    for (let c = pack.from[i]!; c < pack.from[i + 1]!; c += 1) {
      ctx.lineTo(px[2 * c]!, px[2 * c + 1]!);
    }
    ctx.closePath();
    ctx.fillStyle = pack.fill[i]!;
    ctx.fill();
    if (areas[i]! >= SMALL_PX) {
      ctx.strokeStyle = pack.stroke[i]!;
      ctx.stroke();
    }
  }
}

/** Every corner on the page, and how far away each face's middle is. */
function projected(piece: Stood, pack: Packed, pose: Pose): { px: Float32Array; away: Float32Array } {
  const eye = eyeOf(pose);
  const [cos, sin] = [Math.cos(pose.view.tilt), Math.sin(pose.view.tilt)];
  const px = new Float32Array((pack.xyz.length / 3) * 2);
  const away = new Float32Array(pack.fill.length);
  for (let i = 0; i < pack.fill.length; i += 1) {
    let sum = 0;
    for (let c = pack.from[i]!; c < pack.from[i + 1]!; c += 1) {
      const [x, y] = [pack.xyz[3 * c]!, pack.xyz[3 * c + 1]!];
      // Its right and its back are square to one another, both level.
      const d = piece.d + x * piece.rightD + y * piece.rightX;
      const up = Math.max(piece.floor, piece.up + pack.xyz[3 * c + 2]!);
      px[2 * c] = eye.cx + (piece.x + x * piece.rightX - y * piece.rightD) * eye.k;
      px[2 * c + 1] = eye.foot - up * eye.up - d * eye.back;
      sum += d * cos - up * sin;
    }
    away[i] = sum / (pack.from[i + 1]! - pack.from[i]!);
  }
  return { px, away };
}

/** Twice the area that corners span on the page, more than nothing where they run anticlockwise to the eye. */
function facing(px: Float32Array, from: number, to: number): number {
  let twice = 0;
  for (let c = from; c < to; c += 1) {
    const n = c + 1 < to ? c + 1 : from;
    twice += px[2 * n]! * px[2 * c + 1]! - px[2 * c]! * px[2 * n + 1]!;
  }
  return twice;
}

/** How far pieces reach above the stack, mm. */
export function reaches(pieces: readonly PieceWorkup[], topmost: string, high: number): number {
  return Math.max(
    0,
    ...pieces.flatMap(({ outline, places }) => {
      const tall = Math.max(0, ...outline.filter((_, i) => i % 2 === 1));
      return places.filter((p) => p.tier === topmost).map((p) => p.up + tall - high);
    }),
  );
}
