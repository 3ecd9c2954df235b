import { describe, expect, it } from 'vitest';
import lengths from '../../../core/src/test/resources/lengths.csv?raw';
import { countWord, length, lengthParts, quantity, say } from './units';

const table = lengths
  .split('\n')
  .filter((line) => line !== '' && !line.startsWith('#') && !line.startsWith('mm;'))
  .map((line) => line.split(';') as [string, 'mm' | 'cm' | 'inch', string]);

describe('lengths are shown as core shows them', () => {
  // The inch sign and the minus are typographic on the screen.
  const same = (text: string) => text.replace('″', '"').replace('−', '-');
  it.each(table)('%s mm in %s is %s', (mm, unit, shown) => {
    expect(same(length(Number(mm), unit))).toBe(same(shown));
  });
});

describe('quantities', () => {
  it.each([
    [{ kind: 'angle', value: Math.PI / 2 }, '90°'],
    [{ kind: 'share', value: 0.0761 }, '7.6 %'],
    [{ kind: 'minutes', value: 85 }, '1 h 25'],
    [{ kind: 'minutes', value: 8 }, '8 min'],
    [{ kind: 'mass', value: 352.04 }, '352 g'],
    [{ kind: 'count', value: 11 }, '11'],
    [{ kind: 'text', value: 0, text: 'odd' }, 'odd'],
  ] as const)('%o', (q, shown) => expect(quantity(q, 'cm')).toBe(shown));

  it('fills a phrase in the reader’s unit', () => {
    const phrase = {
      template: 'A drop of {} on {} sections.',
      quantities: [
        { kind: 'length', value: 48 },
        { kind: 'count', value: 5 },
      ],
    } as const;
    expect(say({ ...phrase, quantities: [...phrase.quantities] }, 'cm')).toBe(
      'A drop of 4.8 cm on 5 sections.',
    );
    expect(say({ ...phrase, quantities: [...phrase.quantities] }, 'inch')).toBe(
      'A drop of 1 7/8″ on 5 sections.',
    );
  });

  it('keeps number and unit apart for the ledger', () => {
    expect(lengthParts(146.2, 'cm')).toEqual({ number: '14.62', unit: 'cm' });
    expect(countWord(5)).toBe('Five');
    expect(countWord(37)).toBe('37');
  });
});
