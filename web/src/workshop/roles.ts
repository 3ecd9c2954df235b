import type { Role } from '../api/client';

/** What each role is called, and what it may. */
export const ROLES: Record<Role, { label: string; words: string }> = {
  owner: { label: 'Owner', words: 'everything, with people, settings and files.' },
  decorator: { label: 'Decorator', words: 'plans and keeps the cupboard, recipes and notebook.' },
  helper: { label: 'Helper', words: 'sees all plans; ticks, times and notes at the bench.' },
  reader: { label: 'Reader', words: 'sees all, changes nothing.' },
};

export const IN_ORDER: readonly Role[] = ['owner', 'decorator', 'helper', 'reader'];
