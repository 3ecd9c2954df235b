import { memo, useEffect, useRef } from 'react';
import type { Form, Worn } from '../api/client';
import { course, drawFlat, drawLying, paler } from './brush';
import { ROW, tapering } from './projection';
import type { Shade } from './shades';

/** More pieces than this and every one of them as a drawing of its own would be felt under the hand. */
const MANY = 600;

export function isDense(worn: Worn): boolean {
  return worn.layout.placements.length / ROW > MANY;
}

interface Props {
  worn: Worn;
  colours: readonly Shade[];
  quiet: boolean;
  form: Form;
  /** px per mm, and the band's box with white on both sides, px. */
  k: number;
  side: number;
  width: number;
  top: number;
  height: number;
}

interface LevelProps {
  worn: Worn;
  colours: readonly Shade[];
  quiet: boolean;
  /** px per mm, and where the axis is, px. */
  k: number;
  cx: number;
  cy: number;
  width: number;
  height: number;
}

/** Thousands of pieces at once on a canvas over a surface seen from above. */
export const DenseLevel = memo(function DenseLevel({
  worn,
  colours,
  quiet,
  k,
  cx,
  cy,
  width,
  height,
}: LevelProps) {
  return (
    <Canvas
      width={width}
      height={height}
      draw={(ctx) =>
        drawLying(ctx, course(worn, quiet ? colours.map(paler) : colours), k, (x, y) => [
          cx + x * k,
          cy - y * k,
        ])
      }
    />
  );
});

/** Thousands of pieces at once on a canvas in the band's place. */
export const DensePieces = memo(function DensePieces(props: Props) {
  const { worn, colours, quiet, form, k, side, width, top, height } = props;
  return (
    <Canvas
      width={width}
      height={height}
      draw={(ctx) =>
        drawFlat(ctx, course(worn, quiet ? colours.map(paler) : colours), tapering(form), {
          left: side,
          foot: height - top,
          k,
        })
      }
    />
  );
});

function Canvas({
  width,
  height,
  draw,
}: {
  width: number;
  height: number;
  draw: (ctx: CanvasRenderingContext2D) => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const sharp = window.devicePixelRatio || 1;
  useEffect(() => {
    const ctx = canvas.current?.getContext('2d');
    if (ctx) {
      ctx.setTransform(sharp, 0, 0, sharp, 0, 0);
      ctx.clearRect(0, 0, width, height);
      draw(ctx);
    }
  });
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
