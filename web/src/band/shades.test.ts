import { expect, test } from 'vitest';
import type { Plan, TierWorkup } from '../api/client';
import { keyOf, mixed, shades, shadesOf } from './shades';

const palette: Plan['palette'] = [
  { id: 'rose', name: 'Rose', shade: '#cc8888', material: 'fondant' },
  { id: 'gold', name: 'Gold', shade: '#c0a040', material: 'fondant' },
];

const look = { edge: false, wide: 0, dense: 0.5, sheen: 0, tint: '#000000', order: 'after' as const };

function cake(
  finish: Partial<typeof look>,
  on: { dressing: string; colours: number[] }[],
  colours: string[] = [],
) {
  const plan = {
    palette,
    tiers: [
      {
        id: 'top',
        dressings: [
          { id: 'discs', colours: ['rose', 'gold'] },
          { id: 'dust', colours },
        ],
      },
    ],
  } as unknown as Plan;
  const tier = {
    id: 'top',
    dressings: [{ id: 'discs' }, { id: 'dust', finish: { look: { ...look, ...finish }, on } }],
  } as unknown as TierWorkup;
  return { plan, tier };
}

const of = ({ plan, tier }: ReturnType<typeof cake>, id: string) => shadesOf(plan, tier, { id });

test('without a finish a course has its own colours in turn, else the first of the palette', () => {
  expect(shades(palette, ['gold', 'rose']).map((s) => s.fill)).toEqual(['#c0a040', '#cc8888']);
  expect(shades(palette, [])).toEqual([{ fill: '#cc8888' }]);
  expect(shades([], [])).toEqual([{ fill: '#27375f' }]);
  expect(shades(palette, ['gone'])).toEqual([{ fill: '#cc8888' }]);
});

test.each([
  [[], ['#664444', '#605020']],
  [[1], ['#cc8888', '#605020']],
])('a finish tones the turns that are meant: %j', (colours, fills) => {
  expect(of(cake({}, [{ dressing: 'discs', colours }]), 'discs').map((s) => s.fill)).toEqual(fills);
});

test('an undusted course stays as it is', () => {
  expect(of(cake({}, []), 'discs')).toEqual(shades(palette, ['rose', 'gold']));
});

test('a gilded edge leaves the face and is as wide as told, in the colour chosen', () => {
  const gilt = of(cake({ edge: true, wide: 2 }, [{ dressing: 'discs', colours: [] }], ['gold']), 'discs');
  expect(gilt).toEqual([
    { fill: '#cc8888', edge: '#c0a040', wide: 2 },
    { fill: '#c0a040', edge: '#c0a040', wide: 2 },
  ]);
  expect(keyOf(gilt)).not.toBe(keyOf(shades(palette, ['rose', 'gold'])));
});

test('sheen lightens, and a finish without a colour has its own', () => {
  const [dull] = of(cake({ sheen: 0 }, [{ dressing: 'discs', colours: [] }]), 'discs');
  const [shiny] = of(cake({ sheen: 1 }, [{ dressing: 'discs', colours: [] }]), 'discs');
  expect(Number.parseInt(shiny!.fill.slice(1), 16)).toBeGreaterThan(Number.parseInt(dull!.fill.slice(1), 16));
  expect(of(cake({ tint: '#123456' }, []), 'dust')).toEqual([{ fill: '#123456' }]);
});

test('what is no colour is not mixed', () => {
  expect(mixed('var(--x)', '#ffffff', 0.5)).toBe('var(--x)');
  expect(mixed('#000000', '#ffffff', 0.5)).toBe('#808080');
});
