import { expect, it } from 'vitest';
import type { TierWorkup, Worn } from '../api/client';
import { sharedTier } from './shared';

const worn = (id: string, drop: number) =>
  ({
    id,
    figures: [{ name: 'drop', value: { kind: 'length', value: drop } }],
    layout: { shapes: [], placements: [0, drop, 0, 0, 1, 0], inPlane: false, standing: [] },
  }) as unknown as Worn;
const tier = (...dressings: Worn[]) =>
  ({ id: 'top', form: { width: 200 }, dressings }) as unknown as TierWorkup;
const again = <T>(value: T): T => structuredClone(value);

it('is the very same where nothing changed', () => {
  const last = tier(worn('swag', 20), worn('pearls', 3));
  expect(sharedTier(last, again(last))).toBe(last);
  expect(sharedTier(undefined, last)).toBe(last);
});

it('keeps what did not change', () => {
  const last = tier(worn('swag', 20), worn('pearls', 3));
  const next = sharedTier(last, again(tier(worn('swag', 24), worn('pearls', 3))));
  expect(next.dressings[1]).toBe(last.dressings[1]);
  expect(next.form).toBe(last.form);
  expect(next).toEqual(tier(worn('swag', 24), worn('pearls', 3)));
  const moved = again(last.dressings[0]!);
  moved.layout.placements[1] = 21;
  const only = sharedTier(last, tier(moved, last.dressings[1]!)).dressings[0]!;
  expect(only.figures).toBe(last.dressings[0]!.figures);
  expect(only.layout.placements[1]).toBe(21);
});

it.each([
  [[worn('swag', 20)], [worn('swag', 20), worn('pearls', 3)]],
  [[worn('swag', 20), worn('pearls', 3)], [worn('pearls', 3)]],
  [
    [worn('swag', 20), worn('pearls', 3)],
    [worn('pearls', 3), worn('swag', 20)],
  ],
  [[], [worn('swag', 20)]],
])('is what is new, whatever came before', (before, now) => {
  expect(sharedTier(tier(...before), tier(...again(now)))).toEqual(tier(...now));
});
