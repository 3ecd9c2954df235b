import type { PieceWorkup } from '../api/client';
import { INKS } from './brush';
import { drawn, eyeOf, type Pose } from './draw';

/** A piece made ahead in its place on a tier, as it stands to the viewer. */
export interface Stood {
  tier: string;
  /** x to its right and up from its foot, mm. */
  outline: readonly number[];
  shade: string | undefined;
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
  /** Whether it is held by the side: from behind the cake hides it. */
  onSide: boolean;
}

/** Every piece in its place, the cake turned. */
export function stood(
  pieces: readonly PieceWorkup[],
  tops: ReadonlyMap<string, number>,
  turn: number,
): Stood[] {
  const cos = Math.cos(turn);
  const sin = Math.sin(turn);
  return pieces.flatMap(({ outline, places, shade }) =>
    places.map((p) => {
      const [c, s] = [Math.cos(p.angle), Math.sin(p.angle)];
      return {
        tier: p.tier,
        outline,
        shade,
        x: p.x * cos + p.y * sin,
        d: p.y * cos - p.x * sin,
        up: p.up,
        rightX: c * cos + s * sin,
        rightD: s * cos - c * sin,
        faces: -c * cos - s * sin < 0,
        floor: p.within ? (tops.get(p.tier) ?? 0) : Number.NEGATIVE_INFINITY,
        onSide: !p.within && p.up < (tops.get(p.tier) ?? 0) - 1e-6,
      };
    }),
  );
}

/** Which of a tier's pieces are drawn before what stands on the tier: those behind its axis. */
export function isBehind(piece: Stood): boolean {
  return !piece.onSide && piece.d > 0;
}

/** Pieces of a tier, the farthest first. */
export function drawAhead(ctx: CanvasRenderingContext2D, pieces: readonly Stood[], pose: Pose): void {
  const toPx = drawn(eyeOf(pose));
  for (const piece of [...pieces].sort((a, b) => b.d - a.d)) {
    if (piece.onSide && !piece.faces) {
      continue;
    }
    ctx.beginPath();
    for (let i = 0; i + 1 < piece.outline.length; i += 2) {
      const px = piece.outline[i]!;
      ctx.lineTo(
        ...toPx(
          piece.x + px * piece.rightX,
          Math.max(piece.floor, piece.up + piece.outline[i + 1]!),
          piece.d + px * piece.rightD,
        ),
      );
    }
    ctx.closePath();
    ctx.fillStyle = piece.shade ?? INKS.made;
    ctx.fill();
    ctx.lineJoin = 'round';
    ctx.strokeStyle = INKS.ink;
    ctx.lineWidth = 1.1;
    ctx.stroke();
  }
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
