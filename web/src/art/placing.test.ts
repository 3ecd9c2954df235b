import { expect, test } from 'vitest';
import type { Motif, Plan } from '../api/client';
import { samplePlan } from '../plan/sample';
import { coloured, dropArt, free, shadesOf, takeArt } from './placing';

const square = (shade: string) => ({ shade, outers: [[0, 0, 10, 0, 10, 10, 0, 10]], holes: [] });
const motif = (...shades: string[]): Motif => ({ id: 'star', name: 'Star', parts: shades.map(square) });
const palette = [
  { id: 'red', name: 'Red', shade: '#cc2233' },
  { id: 'cream', name: 'Cream', shade: '#f4ead0' },
] as Plan['palette'];

test.each([
  [['#cc2236'], ['red'], 2],
  [['#cc2236', '#f2e8d0'], ['red', 'cream'], 2],
  [['#1144aa'], ['art'], 3],
  [['#1144aa', '#22aa44', '#1144aa'], ['art', 'art-2'], 4],
])('shades %s become colours %s', (shades, colours, many) => {
  const found = coloured(palette, motif(...shades));
  expect(found.colours).toEqual(colours);
  expect(found.palette).toHaveLength(many);
  expect(shadesOf(motif(...shades))).toEqual([...new Set(shades)]);
});

test('a full palette gives its nearest', () => {
  const full = Array.from({ length: 24 }, (_, i) => ({
    id: `c${i}`,
    name: `${i}`,
    shade: `#${(i * 10).toString(16).padStart(2, '0').repeat(3)}`,
  })) as Plan['palette'];
  const found = coloured(full, motif('#ff0000'));
  expect(found.palette).toBe(full);
  expect(found.colours).toHaveLength(1);
});

test('art is kept with the plan under a name of its own, chosen, and taken out again', () => {
  const plan = { ...samplePlan(), palette };
  const tier = plan.tiers[0]!;
  const once = takeArt(tier.id, tier.dressings[0]!.id, motif('#cc2233'))(plan);
  const twice = takeArt(tier.id, tier.dressings[0]!.id, motif('#1144aa'))(once);
  expect(twice.art?.map((m) => m.id)).toEqual(['star', 'star-2']);
  expect(twice.tiers[0]!.dressings[0]!.settings.motif).toBe('star-2');
  expect(twice.tiers[0]!.dressings[0]!.colours).toEqual(['art']);
  expect(dropArt('star')(twice).art?.map((m) => m.id)).toEqual(['star-2']);
  expect(free('x', ['x', 'x-2'])).toBe('x-3');
});
