import { describe, expect, it } from 'vitest';
import { serverTime } from './clock';

const ANCHOR = { server: 1_000_000, wall: 500_000, steady: 10_000 };

describe('the server’s time on a device', () => {
  it.each([
    ['nothing heard yet: its own', null, 700_000, 0, 700_000],
    ['a device that runs wrong', ANCHOR, 560_000, 70_000, 1_060_000],
    ['after a sleep: the steady clock stood still', ANCHOR, 4_100_000, 70_000, 4_600_000],
    ['set back by an hour while away', ANCHOR, 560_000 - 3_600_000, 70_000, 1_060_000],
    ['a little apart, as clocks are', ANCHOR, 559_000, 70_000, 1_059_000],
    ['after a reload: the steady clock began anew', { ...ANCHOR, steady: Infinity }, 620_000, 5, 1_120_000],
  ])('%s', (_, anchor, wall, steady, expected) => {
    expect(serverTime(anchor, wall, steady)).toBe(expected);
  });
});
