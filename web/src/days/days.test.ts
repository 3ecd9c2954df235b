import { describe, expect, it } from 'vitest';
import { DAY, HOUR, local, minutes, rows, span } from '../units/time';
import { boxes } from './boxes';
import { lots } from './lots';
import { CRAFT, days, item } from './sample';
import { scale } from './scale';

describe('moments', () => {
  it.each([['2026-12-12T14:00'], ['2026-02-28T23:59'], ['2028-02-29T00:00'], ['1999-12-31T12:30']])(
    '%s comes back',
    (moment) => {
      expect(local(minutes(moment))).toBe(moment);
    },
  );

  it.each([
    [0, '0 min'],
    [59, '59 min'],
    [60, '1 h'],
    [430, '7 h 10'],
    [-90, '1 h 30'],
    [2 * DAY, '2 days'],
    [3 * DAY + 4 * HOUR, '3 days 4 h'],
    [3 * DAY - 10, '3 days'],
  ])('%d minutes are %s', (m, said) => {
    expect(span(m)).toBe(said);
  });
});

describe('boxes of a day', () => {
  it('puts alike work together and keeps its minutes', () => {
    const pile = boxes(days([item({ id: 'a' }), item({ id: 'b' }), item({ id: 'c', kind: 'measure' })]));
    expect([...pile.values()][0]).toMatchObject([
      { label: 'Cover ×2', minutes: 60 },
      { label: 'Measure', minutes: 30 },
    ]);
  });

  it('cuts work at midnight', () => {
    const night = item({ work: [{ from: '2026-12-11T23:30', to: '2026-12-12T00:15' }] });
    expect([...boxes(days([night])).values()].map((p) => p[0]!.minutes)).toEqual([30, 15]);
  });

  it('shows another order as one box', () => {
    const other = (id: string) => item({ id, own: false, order: 'plan-2', plan: 'Opener' });
    expect([...boxes(days([other('a'), other('b')])).values()][0]).toMatchObject([
      { label: 'Opener', minutes: 60 },
    ]);
  });

  it.each([
    [7, 0, ['P0', 'P1', 'P2', 'P3', 'P4', 'P5', 'P6']],
    [12, 0, ['P0', 'P1', 'P2', 'P3', 'P4', 'P5', '6 more orders']],
    [12, 5, ['P0', '11 more orders']],
    [12, 7, ['12 other orders']],
    [1, 7, ['P0']],
  ])('%d other orders beside %d own tasks fit the pile', (others, own, labels) => {
    const all = [
      ...Array.from({ length: own }, (_, i) => item({ id: `d${i}`, kind: 'dress', name: `D${i}` })),
      ...Array.from({ length: others }, (_, i) => item({ own: false, order: `p${i}`, plan: `P${i}` })),
    ];
    const pile = [...boxes(days(all)).values()][0]!;
    expect(pile.slice(own).map((b) => b.label)).toEqual(labels);
    expect(pile.reduce((sum, b) => sum + b.minutes, 0)).toBe(30 * (own + others));
  });

  it('decorating is one box where there are too many', () => {
    const many = Array.from({ length: 9 }, (_, i) =>
      item({ id: `d${i}`, kind: 'dress', name: `D${i} on it` }),
    );
    expect([...boxes(days(many)).values()][0]).toMatchObject([{ label: 'Decorate ×9', minutes: 270 }]);
  });
});

describe('shelves', () => {
  const chill = (id: string, hour: string) =>
    item({
      id,
      kind: 'coat',
      lying: {
        storage: 'fridge',
        places: 1,
        from: `2026-12-11T${hour}:00`,
        low: `2026-12-11T${hour}:15`,
        until: `2026-12-11T${hour}:20`,
        basis: CRAFT,
      },
    });

  it('lays what is alike and begun on one day together', () => {
    const all = lots(days([chill('a', '10'), chill('b', '12')]), () => true);
    expect(all).toHaveLength(1);
    expect(all[0]).toMatchObject({
      many: 2,
      from: minutes('2026-12-11T10:00'),
      until: minutes('2026-12-11T12:20'),
    });
  });

  it('lets no two things in a row overlap', () => {
    const things = [
      [0, 10],
      [5, 20],
      [10, 12],
      [11, 30],
    ] as [number, number][];
    expect(rows(things, (t) => t).map((r) => r.row)).toEqual([0, 1, 0, 2]);
  });
});

describe('the scale of days', () => {
  const from = minutes('2026-12-08T00:00');
  const x = scale(days([item({})]), from, from + 6 * DAY, 600);

  it('fills the width and never runs backwards', () => {
    expect(x(from)).toBe(0);
    expect(x(from + 6 * DAY - 1)).toBeLessThan(600);
    for (let at = from - DAY; at < from + 7 * DAY; at += 7 * HOUR) {
      expect(x(at + 7 * HOUR)).toBeGreaterThan(x(at));
    }
  });

  it('gives days with work more room', () => {
    const wide = (day: string) => x(minutes(`${day}T23:00`)) - x(minutes(`${day}T00:00`));
    expect(wide('2026-12-11')).toBeGreaterThan(1.5 * wide('2026-12-09'));
    expect(wide('2026-12-12')).toBeCloseTo(wide('2026-12-11'), 6);
  });

  it('is even where hours are seen', () => {
    const near = scale(days([]), from, from + DAY, 240);
    expect(near(from + 6 * HOUR)).toBeCloseTo(60, 9);
  });
});
