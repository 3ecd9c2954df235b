import { beforeAll, expect, it } from 'vitest';
import { Specks } from './specks';

beforeAll(() => {
  // The test's own page paints nothing.
  globalThis.ImageData ??= class {
    readonly data: Uint8ClampedArray;
    constructor(
      readonly width: number,
      readonly height: number,
    ) {
      this.data = new Uint8ClampedArray(4 * width * height);
    }
  } as unknown as typeof ImageData;
});

it('fills whole pixels, and those it covers in part by that part', () => {
  const specks = new Specks(4, 4, 1);
  specks.add(1, 1, 2.5, 2, '#204060');
  expect(specks.at(0, 1)).toEqual([0, 0, 0, 0]);
  expect(specks.at(1, 1)).toEqual([32, 64, 96, 255]);
  expect(specks.at(2, 1)).toEqual([32, 64, 96, 128]);
  expect(specks.at(3, 1)).toEqual([0, 0, 0, 0]);
});

it('lays one over the other, the later on top', () => {
  const specks = new Specks(2, 1, 1);
  specks.add(0, 0, 2, 1, '#000000');
  specks.add(0, 0, 0.5, 1, '#ffffff');
  expect(specks.at(0, 0)).toEqual([128, 128, 128, 255]);
  expect(specks.at(1, 0)).toEqual([0, 0, 0, 255]);
});

it.each([1, 2])('leaves out what lies outside, at %i to a pixel', (scale) => {
  const specks = new Specks(2 * scale, 2 * scale, scale);
  specks.add(-3, -3, 0.5, 5, '#ff0000');
  specks.add(7, 0, 9, 1, '#ff0000');
  expect(specks.at(0, 0)[0]).toBe(255);
  expect(specks.at(2 * scale - 1, 0)).toEqual([0, 0, 0, 0]);
});
