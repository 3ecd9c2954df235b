/**
 * Thousands of specks, each a box of a pixel or two, laid over one another as a canvas would lay them, but without asking it for each:
 * for as many as a woven side has, the asking takes longer than a frame.
 */
export class Specks {
  private readonly picture: ImageData;
  private readonly data: Uint8ClampedArray;
  private readonly colours = new Map<string, readonly [number, number, number]>();

  /** @param scale device pixels to a pixel of the drawing */
  constructor(
    private readonly width: number,
    private readonly height: number,
    private readonly scale: number,
  ) {
    this.picture = new ImageData(width, height);
    this.data = this.picture.data;
  }

  /** A box, px, its edges as dense as they cover a pixel; `fill` as #rrggbb. */
  add(left: number, top: number, right: number, foot: number, fill: string): void {
    const [r, g, b] = this.parts(fill);
    const { scale, width, data } = this;
    const [x0, x1] = [Math.max(0, left * scale), Math.min(width, right * scale)];
    const [y0, y1] = [Math.max(0, top * scale), Math.min(this.height, foot * scale)];
    for (let y = Math.floor(y0); y < y1; y++) {
      const high = Math.min(y + 1, y1) - Math.max(y, y0);
      for (let x = Math.floor(x0); x < x1; x++) {
        const over = high * (Math.min(x + 1, x1) - Math.max(x, x0));
        const i = 4 * (y * width + x);
        const under = (data[i + 3]! / 255) * (1 - over);
        const all = over + under;
        if (all > 0) {
          data[i] = (r * over + data[i]! * under) / all;
          data[i + 1] = (g * over + data[i + 1]! * under) / all;
          data[i + 2] = (b * over + data[i + 2]! * under) / all;
          data[i + 3] = all * 255;
        }
      }
    }
  }

  /** The colour of a pixel, red, green, blue and how dense it is. */
  at(x: number, y: number): number[] {
    return [...this.data.subarray(4 * (y * this.width + x), 4 * (y * this.width + x) + 4)];
  }

  /** Lays all of them on a canvas whose drawing begins at its corner. */
  lay(ctx: CanvasRenderingContext2D): void {
    const sheet = document.createElement('canvas');
    sheet.width = this.width;
    sheet.height = this.height;
    sheet.getContext('2d')?.putImageData(this.picture, 0, 0);
    ctx.save();
    ctx.setTransform(1, 0, 0, 1, 0, 0);
    ctx.drawImage(sheet, 0, 0);
    ctx.restore();
  }

  private parts(fill: string): readonly [number, number, number] {
    let parts = this.colours.get(fill);
    if (parts === undefined) {
      const part = (at: number) => Number.parseInt(fill.slice(at, at + 2), 16);
      parts = [part(1), part(3), part(5)];
      this.colours.set(fill, parts);
    }
    return parts;
  }
}
