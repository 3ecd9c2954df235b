import type { Plan, Problem, Role } from '../api/client';
import { isOnlyDone } from './merge';

const WORDS: Partial<Record<Role, string>> = {
  reader: 'You look at this plan and change nothing in it. An owner can let you do more.',
  helper: 'You tick, time and note here; the plan itself is changed by a decorator.',
};

/** Why somebody in this role may not make this change; the server says the same. */
export function allowedFor(role: Role | undefined, before: Plan, after: Plan): Problem | null {
  const words = role === undefined ? undefined : WORDS[role];
  if (words === undefined || before === after || (role === 'helper' && isOnlyDone(before, after))) {
    return null;
  }
  return { type: 'urn:sectorum:problem:not-yours', title: 'Not yours to do', status: 403, detail: words };
}
