import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { BenchState, BenchStep } from '../api/client';

const HOUR = 3_600_000;
const { time } = vi.hoisted(() => ({ time: { now: 100 * 3_600_000 } }));
vi.mock('./journal', () => ({ deviceName: () => 'here', now: () => time.now }));

const { handsHere, open, tellBegun, worked } = await import('./work-clock');

const state = (
  clock?: { since?: number; kept: number },
  hands: BenchState['work']['hands'] = [],
): BenchState =>
  ({
    steps: [],
    timers: [],
    lines: [],
    work: { hands, clocks: clock ? [{ device: 'here', who: '', ...clock }] : [] },
  }) as unknown as BenchState;
const step = (id: string, minutes: number) =>
  ({ key: { id, task: id.split('/')[0] }, told: { minutes } }) as unknown as BenchStep;
const journal = () => {
  const lines: { kind: string; at?: number }[] = [];
  return { lines, add: (line: { kind: string; at?: number }) => lines.push(line) };
};

describe('hands at this device', () => {
  beforeEach(() => {
    time.now = 100 * HOUR;
    open();
  });

  it('go to work when the turntable is opened, and the first press says so', () => {
    const j = journal();
    tellBegun(j as never, state());
    expect(j.lines).toEqual([{ kind: 'begin', at: 100 * HOUR }]);
    expect(handsHere(state()).since).toBe(100 * HOUR);
  });

  it('are known to the journal from then on', () => {
    const j = journal();
    tellBegun(j as never, state({ since: 100 * HOUR, kept: 0 }));
    tellBegun(j as never, state({ kept: 4 }));
    expect(j.lines).toEqual([]);
  });

  it('left the last sitting at its last press, where nobody said when', () => {
    const j = journal();
    tellBegun(j as never, state({ since: 99 * HOUR, kept: 0 }));
    expect(j.lines).toEqual([
      { kind: 'pause', at: 99 * HOUR },
      { kind: 'begin', at: 100 * HOUR },
    ]);
  });

  it.each([
    ['what the clock says', 12, 0, 42],
    ['what is planned where a stop was forgotten', 12, 300, 50],
    ['what is planned where nobody was timed', 0, 0, 50],
  ])('took %s', (_, before, asked, minutes) => {
    const hands = before + asked > 0 ? [{ step: 'a/1', minutes: before, asked, from: 0, who: '' }] : [];
    time.now += before > 0 ? HOUR / 2 : 0;
    expect(
      worked(
        [step('a/1', 10), step('a/2', 40), step('b/1', 99)],
        state({ since: 100 * HOUR, kept: 0 }, hands),
        'a',
      ),
    ).toBe(minutes);
  });
});
