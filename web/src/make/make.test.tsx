import { describe, expect, it } from 'vitest';
import type { Colour } from '../api/client';
import { between, blended } from '../order/blend';
import { box, placed } from './outline';
import { spoons } from './recipes';

/** A right angle of three corners, so that every turn of it is another. */
const CORNER = [10, 5, 40, 5, 10, 25];

/** The turned and moved outline's corners, reckoned from the transform's own words. */
function moved(outline: readonly number[], transform: string): number[] {
  const [dx, dy] = /translate\(([^ ]+) ([^)]+)\)/.exec(transform)!.slice(1).map(Number) as [number, number];
  const turn = (Number(/rotate\((\d+)\)/.exec(transform)![1]) * Math.PI) / 180;
  return outline.flatMap((_, i) =>
    i % 2 === 1
      ? []
      : [
          outline[i]! * Math.cos(turn) - outline[i + 1]! * Math.sin(turn) + dx,
          outline[i]! * Math.sin(turn) + outline[i + 1]! * Math.cos(turn) + dy,
        ],
  );
}

describe('pieces on a sheet', () => {
  it.each([0, 1, 2, 3])('turned by %i quarters, the box begins where the nest says', (quarters) => {
    const at = { piece: 0, x: 31.5, y: 8, quarters };
    const b = box(moved(CORNER, placed(CORNER, at)));
    expect(b.x).toBeCloseTo(31.5, 9);
    expect(b.y).toBeCloseTo(8, 9);
    expect(b.width).toBeCloseTo(quarters % 2 === 0 ? 30 : 20, 9);
  });
});

describe('spoons', () => {
  it.each([
    [0, 0.25, '¼ tsp'],
    [1, 1.5, '1 tbsp + 1½ tsp'],
    [4, 0, '4 tbsp'],
    [0, 0, '0'],
  ])('%i and %d are said as %s', (table, tea, said) => {
    expect(spoons(table, tea)).toBe(said);
  });
});

describe('blends', () => {
  const palette: Colour[] = [
    { id: 'white', name: 'White', shade: '#ffffff', material: '' },
    { id: 'black', name: 'Black', shade: '#000000', material: '' },
    { id: 'grey', name: 'Grey', shade: '#123456', material: '' },
  ];
  it('lies between its parts by share, and is what it was without them', () => {
    expect(between('#ffffff', '#000000', 0.25)).toBe('#bfbfbf');
    const parts = [
      { colour: 'white', share: 3 },
      { colour: 'black', share: 1 },
    ];
    const mixed = blended(palette, 'grey', { marbled: false, parts });
    expect(mixed[2]).toMatchObject({ shade: '#bfbfbf', blend: { parts } });
    expect(blended(mixed, 'grey', null)[2]).not.toHaveProperty('blend');
  });
});
