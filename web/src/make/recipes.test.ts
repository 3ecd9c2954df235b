import { describe, expect, it } from 'vitest';
import type { Recipe, ToLay } from '../api/client';
import { tickOf } from './lay-out';
import { blank, copied, slug } from './recipe-form';

describe('names of recipes in documents', () => {
  it.each([
    ['Heather Honey', [], 'heather-honey'],
    ['  Crème brûlée! ', [], 'creme-brulee'],
    ['Heather honey', ['heather-honey'], 'heather-honey-2'],
    ['Heather honey', ['heather-honey', 'heather-honey-2'], 'heather-honey-3'],
    ['…', [], 'recipe'],
    ['x'.repeat(90), [], 'x'.repeat(50)],
  ])('%s beside %j', (name, taken, expected) => {
    expect(slug(name, taken)).toBe(expected);
  });

  it('a copy is the same under a name of its own', () => {
    const royal: Recipe = { ...blank(), id: 'royal', name: 'Royal icing', makes: 'royal', keeps: 3 };
    const own = copied(royal, ['royal']);
    expect(own).toMatchObject({ name: 'Royal icing, own', id: 'royal-icing-own', makes: 'royal', keeps: 3 });
    expect(own.parts).toEqual(royal.parts);
  });
});

describe('what is laid out', () => {
  it('is ticked under its day or its dressing, so that the next day begins anew', () => {
    const item = { id: 'tools-scraper' } as ToLay;
    expect(tickOf('2026-12-11', item)).toBe('lay/2026-12-11/tools-scraper');
    expect(tickOf('dress-top-swag', item)).not.toBe(tickOf('2026-12-11', item));
  });
});
