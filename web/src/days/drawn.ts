import type { Days, Plan } from '../api/client';

/** Height of the days' names, px. */
export const HEAD = 34;

/** What is drawn of the days, and what a hand may do with it. */
export interface Look {
  days: Days;
  plan: Plan;
  from: number;
  to: number;
  chosen: string | null;
  choose: (id: string) => void;
  ready: number;
  look: (at: number) => void;
  onMove: (at: number) => void;
  onMoved: (at: number) => void;
}

/** The same on its scale. */
export type Drawn = Look & { x: (at: number) => number; width: number };
