import { expect, test } from 'vitest';
import type { Form, TierWorkup, Worn } from '../api/client';
import { innerSide } from './inner';

const worn = {
  id: 'pearls',
  surface: 'inner',
  layout: { shapes: [], placements: [0, 400, 7, 0, 1, 0, 0, 100, 7, 0, 1, 2], inPlane: false, standing: [] },
} as unknown as Worn;

const form = {
  foot: { mm: 800, read: false },
  top: { mm: 760, read: false },
  height: { mm: 110, read: false },
  outline: [],
  surfaces: [{ kind: 'side' }, { kind: 'inner', around: 200, depth: 108, rim: [{ s: 400, x: 0, y: -32 }] }],
} as unknown as Form;

const tier = {
  form,
  divisions: [{ id: 'marks', marks: [{ s: 400, tape: 400, fromFirst: 0 }], sections: [{ arc: 800 }] }],
  dressings: [worn, { ...worn, id: 'out', surface: 'side' }],
} as unknown as TierWorkup;

test('a solid tier has no inner side', () => {
  expect(innerSide({ ...tier, form: { ...form, surfaces: [form.surfaces[0]!] } })).toBeNull();
});

test('marks and pieces stand in line with those outside, and pieces keep their size', () => {
  const inner = innerSide(tier)!;
  expect(inner.form.foot.mm).toBe(200);
  expect(inner.form.top.mm).toBe(200);
  expect(inner.form.height.mm).toBe(108);
  expect(inner.divided('marks').marks[0]).toEqual({ s: 100, tape: 100, fromFirst: 0 });
  expect(inner.divided('gone').sections[0]!.arc).toBe(200);
  expect(inner.dressings.map((w) => w.id)).toEqual(['pearls']);
  expect(inner.dressings[0]!.layout.placements).toEqual([0, 100, 7, 0, 1, 0, 0, 25, 7, 0, 1, 2]);
  expect(innerSide(tier)!.dressings[0]!.layout).toBe(inner.dressings[0]!.layout);
});
