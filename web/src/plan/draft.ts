import type { Plan } from '../api/client';

/** A plan that was changed here and not yet saved, kept by the browser so that a closed page loses nothing. */
export interface Draft {
  base: number;
  plan: Plan;
  /** What it was before the changes: what both sides of a conflict started from. */
  from?: Plan;
}

const key = (id: number) => `sectorum.draft.${id}`;

export function keepDraft(id: number, draft: Draft): void {
  try {
    localStorage.setItem(key(id), JSON.stringify(draft));
  } catch {
    // Full or forbidden: the save on its way is then the only copy, as it would be without drafts.
  }
}

export function dropDraft(id: number): void {
  try {
    localStorage.removeItem(key(id));
  } catch {
    // Nothing kept, nothing to drop.
  }
}

export function findDraft(id: number): Draft | null {
  try {
    const kept = localStorage.getItem(key(id));
    return kept === null ? null : (JSON.parse(kept) as Draft);
  } catch {
    return null;
  }
}
