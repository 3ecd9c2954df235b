import { describe, expect, it } from 'vitest';
import { clock, phaseOf } from './timers';

describe('a timer', () => {
  it.each([
    [99, 200, 'soon'],
    [100, 200, 'now'],
    [200, 200, 'now'],
    [201, 200, 'late'],
    [9e12, undefined, 'now'],
  ])('at %d with the late edge %s is %s', (at, late, phase) => {
    expect(phaseOf({ early: 100, ...(late === undefined ? {} : { late }) }, at)).toBe(phase);
  });
  it.each([
    [0, '0:00'],
    [-5, '0:00'],
    [8200, '0:09'],
    [750_000, '12:30'],
    [3_900_000, '1 h 05'],
  ])('%d ms are %s', (ms, words) => {
    expect(clock(ms)).toBe(words);
  });
});
