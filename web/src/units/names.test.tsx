import { describe, expect, it } from 'vitest';
import type { Names, Role } from '../api/client';
import { may } from './names';

const me = (role: Role): Names => ({ workshop: 'W', person: 'P', role, demo: false, claimed: true });

describe('what somebody may', () => {
  it.each<[Role, Role, boolean]>([
    ['reader', 'reader', true],
    ['reader', 'helper', false],
    ['helper', 'helper', true],
    ['helper', 'decorator', false],
    ['decorator', 'helper', true],
    ['decorator', 'owner', false],
    ['owner', 'owner', true],
  ])('a %s may what a %s may: %s', (role, needed, answer) => {
    expect(may(me(role), needed)).toBe(answer);
  });

  it('is left to the server until it is known', () => {
    expect(may(undefined, 'owner')).toBe(true);
  });
});
