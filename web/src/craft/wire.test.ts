import { describe, expect, it } from 'vitest';
import { createWire } from './wire';

/** Reads what the wire shows, as the module does. */
function seen(wire: ReturnType<typeof createWire>): unknown {
  const { imports: w } = wire;
  const word = (n: number) =>
    Array.from({ length: w.length(n) }, (_, i) => String.fromCharCode(w.sign(n, i))).join('');
  switch (w.kind()) {
    case 1:
      return w.number();
    case 2:
      return word(w.word());
    case 3:
      return w.flag() === 1;
    case 4:
      return Array.from({ length: w.size() }, (_, i) => {
        w.item(i);
        const value = seen(wire);
        w.up();
        return value;
      });
    case 5:
      return Object.fromEntries(
        Array.from({ length: w.size() }, (_, i) => {
          const name = w.name(i);
          w.field(name);
          const value = seen(wire);
          w.up();
          return [word(name), value];
        }),
      );
    default:
      return null;
  }
}

describe('what crosses into the module', () => {
  it.each([
    { name: 'Ärmel', count: 3, half: 0.5, on: false, tiers: [{ id: 'a' }, null, []], none: null },
    { left: undefined, nought: -0, infinite: Number.POSITIVE_INFINITY, nested: { deep: [[1, 'x'], []] } },
    {},
  ])('is seen as JSON would carry it: %j', (asked) => {
    const wire = createWire(() => undefined);
    const { written } = wire.exchange(asked, () => {
      const value = seen(wire) as { nought?: number };
      expect(value).toEqual(JSON.parse(JSON.stringify(asked)));
      expect(Object.is(value.nought, -0)).toBe(false);
    });
    expect(written).toBeUndefined();
  });

  it('is the document where a plan is shown', () => {
    const shown = { id: 'shown' };
    const wire = createWire((value) => (value === shown ? { id: 'document' } : undefined));
    wire.exchange({ plan: shown }, () => expect(seen(wire)).toEqual({ plan: { id: 'document' } }));
  });
});

describe('what is written', () => {
  it('grows where it belongs, and words keep their numbers', () => {
    const wire = createWire(() => undefined);
    const { imports: w } = wire;
    const spell = (word: string) => {
      for (const sign of word) {
        w.spell(sign.charCodeAt(0));
      }
      return w.spelt();
    };
    const { written } = wire.exchange({}, () => {
      w.open();
      w.key(spell('list'));
      w.openList();
      w.putNumber(-0);
      w.open();
      w.key(spell('name'));
      w.putWord(spell('list'));
      w.close();
      w.putNothing();
      w.close();
      w.key(spell('on'));
      w.putFlag(1);
      w.key(spell('odd'));
      w.putNumber(Number.NaN);
      w.close();
    });
    expect(written).toEqual({ list: [-0, { name: 'list' }, null], on: true, odd: 'NaN' });
    expect(spell('name')).toBe(wire.numberOf('name'));
  });

  it('begins anew after what failed half way', () => {
    const wire = createWire(() => undefined);
    expect(() =>
      wire.exchange({}, () => {
        wire.imports.open();
        throw new Error('out of stack');
      }),
    ).toThrow();
    expect(wire.exchange({}, () => wire.imports.putNumber(7)).written).toBe(7);
  });
});
