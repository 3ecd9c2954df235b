import { describe, expect, it } from 'vitest';
import type { Plan, Role } from '../api/client';
import { allowedFor } from './allowed';
import { samplePlan } from './sample';

const renamed = (): Plan => ({ ...samplePlan(), name: 'other' });
const ticked = (): Plan =>
  ({
    ...samplePlan(),
    agenda: { done: { coat: { from: '2026-01-01T10:00', minutes: 5 } } },
  }) as unknown as Plan;

describe('what each role may change in a plan', () => {
  it.each<[Role | undefined, boolean, boolean]>([
    ['reader', false, false],
    ['helper', false, true],
    ['decorator', true, true],
    ['owner', true, true],
    [undefined, true, true],
  ])('%s: the plan %s, ticks %s', (role, plan, ticks) => {
    expect(allowedFor(role, samplePlan(), renamed()) === null).toBe(plan);
    expect(allowedFor(role, samplePlan(), ticked()) === null).toBe(ticks);
  });

  it('says why, and what to do', () => {
    expect(allowedFor('reader', samplePlan(), renamed())?.detail).toContain('owner');
  });
});
