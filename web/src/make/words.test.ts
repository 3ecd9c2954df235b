import { describe, expect, it } from 'vitest';
import type { Batch } from '../api/client';
import { decimal, hours, mass, money } from '../units/units';
import { batchWords, capital, formWords } from '../units/words';

const batch = (
  material: Batch['material'],
  colour: string,
  thickness: number,
  form: Batch['form'],
): Batch => ({
  id: 'x',
  form,
  material,
  tint: { id: colour === '' ? '' : 'c', name: colour, shade: '#ffffff' },
  thickness,
  coverings: [],
  filled: [],
  lines: [],
  loose: 0,
  length: 0,
  ahead: false,
  parts: { net: 0, spare: 0, offCuts: 0, credit: 0, rounding: 0 },
  rolls: 0,
  mixed: [],
  shares: [],
});

describe('words of the table', () => {
  it.each([
    ['fondant', 'Dusk', 1.5, 'rolled', 'Fondant, Dusk, 1.5 mm', 'rolled and cut'],
    ['half', '', 2, 'cover', 'Half-and-half, 2 mm', 'rolled to cover'],
    ['royal', 'Brass', 0, 'shaped', 'Royal icing, Brass', 'shaped'],
    ['pearl', '', 0, 'bought', 'Pearl', 'bought'],
    ['ganache', '', 5, 'coat', 'Ganache, 5 mm', 'spread'],
    ['sponge', '', 0, 'bake', 'Sponge', 'baked'],
    ['curd', '', 0, 'fill', 'Curd', 'inside and between'],
  ] as const)('%s %s', (paste, colour, thickness, form, words, how) => {
    const one = batch(paste, colour, thickness, form);
    expect(
      batchWords(one, 'mm', (m) => (m === 'half' ? 'half-and-half' : m === 'royal' ? 'royal icing' : m)),
    ).toBe(words);
    expect(formWords(one)).toBe(how);
  });

  it.each([
    [0.04, '0.04 g'],
    [0.001, '0.001 g'],
    [0.0004, '0 g'],
    [3.94, '3.9 g'],
    [9.96, '10 g'],
    [1234.5, '1235 g'],
  ])('%d grams are shown as %s', (grams, shown) => {
    expect(mass(grams)).toBe(shown);
  });

  it.each([
    [0, '0 min'],
    [9.25, '9.3 min'],
    [59.4, '59 min'],
    [60, '1 h 00'],
    [119.7, '2 h 00'],
    [339, '5 h 39'],
  ])('%d minutes are shown as %s', (minutes, shown) => {
    expect(hours(minutes)).toBe(shown);
  });

  it('shows money in the coin there is, and numbers without noise', () => {
    expect(money(4.5, '')).toBe('4.50');
    expect(money(4.555, 'cr')).toBe('cr 4.56');
    expect(decimal(2.5)).toBe('2.5');
    expect(decimal(-0.001)).toBe('0');
    expect(capital('')).toBe('');
  });
});
