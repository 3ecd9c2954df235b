import type { Plan, Problem, SavedPlan, StackWorkup } from '../api/client';
import type { History } from './history';

/** A document and what follows from it, always of one another. */
export interface Shown {
  plan: Plan;
  workup: StackWorkup;
}

export interface EditorState {
  id: number;
  revision: number;
  /** What is shown, with its past and future; its present and the workup are always of one another. */
  history: History;
  workup: StackWorkup;
  /** What a hand is dragging, not yet let go. */
  live: Shown | null;
  /** How many edits are made and not reckoned yet: they are kept, shown as kept, and made up for. */
  kept: number;
  saving: 'saved' | 'waiting' | 'unreachable';
  savedAt: string;
  /** The document that was last saved or opened: what both sides of a conflict started from. */
  base: Plan;
  /** What the next save started from, where that was put together with another's and so never stood as it is; else the base. */
  from: Plan | null;
  /** Set when both changed the same: both sides and the parts, until it is chosen; without parts it is the whole. */
  conflict: { theirs: SavedPlan; clashes: readonly string[] } | null;
  /** Set when another window saved this plan, and nothing here stands against it. */
  elsewhere: number | null;
  /** Set when a save was refused for another reason than being stale. */
  trouble: Problem | null;
}
