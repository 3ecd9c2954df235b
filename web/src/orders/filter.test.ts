import { expect, it } from 'vitest';
import type { PlanLine } from '../api/client';
import { type Filter, fits } from './filter';

const now = new Date('2026-12-01T12:00').getTime();
const line = (more: Partial<PlanLine>): PlanLine => ({
  id: 1,
  name: 'Observatory gala',
  revision: 0,
  savedAt: '',
  client: 'Hill friends',
  place: 'Dome hall',
  stage: 'measure',
  stack: [],
  archived: false,
  ...more,
});

it.each<[Filter, string, Partial<PlanLine>, boolean]>([
  ['open', '', {}, true],
  ['open', '', { archived: true }, false],
  ['archived', '', { archived: true }, true],
  ['all', '', { archived: true }, true],
  ['late', '', { readyBy: '2026-11-30T14:00' }, true],
  ['late', '', { readyBy: '2026-12-02T14:00' }, false],
  ['late', '', { readyBy: '2026-11-30T14:00', archived: true }, false],
  ['late', '', {}, false],
  ['open', 'GALA', {}, true],
  ['open', 'hill', {}, true],
  ['open', ' dome ', {}, true],
  ['open', 'nobody', {}, false],
])('%s "%s" %o is %s', (filter, typed, more, found) => {
  expect(fits(line(more), filter, typed, now)).toBe(found);
});
