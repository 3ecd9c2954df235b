import type { PieceWorkup } from '../api/client';
import { deepened } from './brush';
import { drawn, eyeOf, type Pose } from './draw';
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

interface Ink {
  fill: string;
  stroke: string;
}

const inks = new WeakMap<Facet, Ink>();

function inkOf(facet: Facet): Ink {
  const known = inks.get(facet);
  if (known) {
    return known;
  }
  const fill = fillOf(facet);
  const ink = { fill, stroke: deepened(fill, 0.28) };
  inks.set(facet, ink);
  return ink;
}

/** A facet on the page, and how far away it is. */
interface Laid {
  facet: Facet;
  px: number[];
  away: number;
  /** Too small for an edge of its own to be seen. */
  small: boolean;
}

/** Under twice so many square pixels a face has no edge. */
const SMALL_PX = 120;

/** Pieces of a tier, the farthest first, and of each the farthest of what is seen of it. */
export function drawAhead(ctx: CanvasRenderingContext2D, pieces: readonly Stood[], pose: Pose): void {
  const toPx = drawn(eyeOf(pose));
  const [cos, sin] = [Math.cos(pose.view.tilt), Math.sin(pose.view.tilt)];
  ctx.lineJoin = 'round';
  ctx.lineWidth = 0.6;
  for (const piece of [...pieces].sort((a, b) => b.d - a.d)) {
    if (piece.on === 'side' && !piece.faces) {
      continue;
    }
    for (const { facet, px, small } of laid(piece, toPx, cos, sin)) {
      ctx.beginPath();
      for (let i = 0; i < px.length; i += 2) {
        ctx.lineTo(px[i]!, px[i + 1]!);
      }
      ctx.closePath();
      const ink = inkOf(facet);
      ctx.fillStyle = ink.fill;
      ctx.fill();
      if (!small) {
        ctx.strokeStyle = ink.stroke;
        ctx.stroke();
      }
    }
  }
}

/** Twice the area that corners span on the page, more than nothing where they run anticlockwise to the eye. */
function facing(px: readonly number[]): number {
  let twice = 0;
  for (let i = 0; i < px.length; i += 2) {
    const j = (i + 2) % px.length;
    twice += px[j]! * px[i + 1]! - px[i]! * px[j + 1]!;
  }
  return twice;
}

function laid(piece: Stood, toPx: ReturnType<typeof drawn>, cos: number, sin: number): Laid[] {
  const all: Laid[] = [];
  for (const facet of piece.look) {
    const { xyz } = facet;
    const px: number[] = [];
    let away = 0;
    for (let i = 0; i + 2 < xyz.length; i += 3) {
      const [x, y] = [xyz[i]!, xyz[i + 1]!];
      // Its right and its back are square to one another, both level.
      const d = piece.d + x * piece.rightD + y * piece.rightX;
      const up = Math.max(piece.floor, piece.up + xyz[i + 2]!);
      px.push(...toPx(piece.x + x * piece.rightX - y * piece.rightD, up, d));
      away += d * cos - up * sin;
    }
    const twice = facing(px);
    // The far skin of something closed is not seen.
    if (!facet.solid || twice > 0) {
      all.push({ facet, px, away: (away * 3) / xyz.length, small: Math.abs(twice) < SMALL_PX });
    }
  }
  return all.sort((a, b) => b.away - a.away);
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
