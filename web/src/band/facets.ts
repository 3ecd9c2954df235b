import type { PieceWorkup } from '../api/client';
import { deepened, INKS } from './brush';
import { mixed } from './shades';

export type Facet = PieceWorkup['look'][number];

/** Across, up the page and away from the eye, of a place in the piece's space. */
export type Eye = (x: number, y: number, z: number) => [number, number, number];

export const FRONT: Eye = (x, y, z) => [x, z, y];
export const ABOVE: Eye = (x, y, z) => [x, y, -z];
/** A little from above and from the left, as one holds a thing up to look at it. */
export const HELD: Eye = (x, y, z) => {
  const [c, s] = [Math.cos(0.35), Math.sin(0.35)];
  const [u, v] = [Math.cos(0.3), Math.sin(0.3)];
  const [a, d] = [x * c - y * s, x * s + y * c];
  return [a, z * u + d * v, d * u - z * v];
};

/** Its colour as it is turned to the light. */
export function fillOf({ shade, tone }: Facet): string {
  const own = shade ?? INKS.made;
  return tone > 0 ? mixed(own, '#ffffff', Math.min(0.6, tone)) : mixed(own, INKS.ink, Math.min(0.7, -tone));
}

export interface Drawn {
  /** Across and up, mm; closed. */
  points: [number, number][];
  fill: string;
  stroke: string;
}

/** Twice the area that corners span, anticlockwise positive where y grows upwards. */
export function spanned(points: readonly [number, number][]): number {
  return points.reduce((sum, [x, y], i) => {
    const [nx, ny] = points[(i + 1) % points.length]!;
    return sum + x * ny - nx * y;
  }, 0);
}

/** What is seen from there, the farthest first; the far skin of something closed is not. */
export function seen(look: readonly Facet[], eye: Eye): Drawn[] {
  return look
    .flatMap((facet) => {
      const points: [number, number][] = [];
      let deep = 0;
      for (let i = 0; i + 2 < facet.xyz.length; i += 3) {
        const [a, b, d] = eye(facet.xyz[i]!, facet.xyz[i + 1]!, facet.xyz[i + 2]!);
        points.push([a, b]);
        deep += d;
      }
      if (facet.solid && spanned(points) <= 0) {
        return [];
      }
      const fill = fillOf(facet);
      return [{ points, fill, stroke: deepened(fill, 0.28), deep: deep / points.length }];
    })
    .sort((a, b) => b.deep - a.deep);
}

/** A path of it, y down the page. */
export function pathOf(points: readonly [number, number][], k = 1, dx = 0, dy = 0): string {
  return `${points.map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${(dx + x * k).toFixed(2)} ${(dy - y * k).toFixed(2)}`).join('')}Z`;
}
