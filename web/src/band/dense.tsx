import { useEffect, useRef } from 'react';
import type { Form, Worn } from '../api/client';
import { course, drawFlat, paler } from './brush';
import { ROW, tapering } from './projection';

/** More pieces than this and every one of them as a drawing of its own would be felt under the hand. */
const MANY = 600;

export function isDense(worn: Worn): boolean {
  return worn.layout.placements.length / ROW > MANY;
}

interface Props {
  worn: Worn;
  colours: readonly string[];
  quiet: boolean;
  form: Form;
  /** px per mm, and the band's box with white on both sides, px. */
  k: number;
  side: number;
  width: number;
  top: number;
  height: number;
}

/** Thousands of pieces at once on a canvas in the band's place. */
export function DensePieces({ worn, colours, quiet, form, k, side, width, top, height }: Props) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useEffect(() => {
    const ctx = canvas.current?.getContext('2d');
    if (!ctx) {
      return;
    }
    const sharp = window.devicePixelRatio || 1;
    ctx.setTransform(sharp, 0, 0, sharp, 0, 0);
    ctx.clearRect(0, 0, width, height);
    const shades = quiet ? colours.map(paler) : colours;
    drawFlat(ctx, course(worn, shades), tapering(form), { left: side, foot: height - top, k });
  });
  const sharp = window.devicePixelRatio || 1;
  return (
    <foreignObject x={0} y={0} width={width} height={height}>
      <canvas
        ref={canvas}
        width={width * sharp}
        height={height * sharp}
        style={{ width, height }}
        className="block"
      />
    </foreignObject>
  );
}
