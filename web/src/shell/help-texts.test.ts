import { describe, expect, it } from 'vitest';
import { HELP } from './help-texts';
import { STAGES } from './stages';
import { STOPS } from './tour-stops';

describe('help', () => {
  it.each(STAGES)('$label explains itself in three sentences', ({ key }) => {
    const text = HELP.find((h) => h.key === key)!;
    expect(text.sentences).toHaveLength(3);
    for (const sentence of text.sentences) {
      expect(sentence).toMatch(/^[A-Z][^.!?]*\.$/);
    }
  });

  it('is called once each', () => {
    expect(new Set(HELP.map((h) => h.key)).size).toBe(HELP.length);
    expect(new Set(HELP.map((h) => h.title)).size).toBe(HELP.length);
  });
});

describe('the tour', () => {
  it('goes through every stage once, in the order of the work', () => {
    const order = STAGES.map((s) => s.key as string);
    const walked = STOPS.filter((s) => s.plan !== undefined && order.includes(s.to)).map((s) => s.to);
    expect(walked).toEqual(order);
  });

  it('begins and ends at pages of the workshop', () => {
    expect(STOPS[0]!.plan).toBeUndefined();
    expect(STOPS.at(-1)!.plan).toBeUndefined();
  });
});
