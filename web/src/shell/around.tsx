import type { Plan } from '../api/client';
import { type Shortcut, useShortcuts } from '../ui/keys';
import { GoTo } from './goto';
import { useGoTo } from './goto-open';
import { useHelp } from './help-open';

/** The keys that work on every page. */
export const EVERYWHERE: Shortcut[] = [
  { key: 'k', ctrl: true, run: () => useGoTo.getState().setOpen(true) },
  { key: '?', run: () => useHelp.getState().setOpen(true) },
];

/** Going to anything, and the keys that every page has. */
export function Around({ id, plan }: { id?: number; plan?: Plan }) {
  useShortcuts(EVERYWHERE);
  return <GoTo id={id} plan={plan} />;
}
