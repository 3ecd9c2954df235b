import type { Basis, DayItem, Days } from '../api/client';

export const PLAIN: Basis = { source: 'plain', jobs: 0, off: 0.45 };
export const CRAFT: Basis = { source: 'craft', jobs: 0, off: 0 };

/** A task for tests, with what of it matters there. */
export const item = (part: Partial<DayItem>): DayItem => ({
  order: 'plan-1',
  plan: 'Gala',
  own: true,
  id: 'x',
  name: 'Cover the tier',
  kind: 'cover',
  tier: '',
  about: '',
  pairs: 1,
  minutes: 30,
  pauses: false,
  work: [{ from: '2026-12-11T09:00', to: '2026-12-11T09:30' }],
  slack: 0,
  held: 'moment',
  by: '',
  critical: false,
  late: false,
  state: 'open',
  needs: [],
  guard: [],
  basis: PLAIN,
  ...part,
});

/** Days of these tasks. */
export const days = (items: DayItem[]): Days => ({
  now: '2026-12-08T08:30',
  readyBy: '2026-12-12T14:00',
  items,
  loads: [],
  fills: [],
  late: 0,
  left: 0,
  careful: 0,
  findings: [],
  leftOut: [],
});
