import type { Plan } from '../api/client';

/** A plan that was changed here and not yet saved, kept by the browser so that a closed page loses nothing. */
export interface Draft {
  base: number;
  plan: Plan;
  /** What it was before the changes: what both sides of a conflict started from. */
  from?: Plan;
}

/** Long enough for the frame that shows an edit, shorter than the time until it is saved. */
const AFTER_A_FRAME_MS = 40;

const key = (id: number) => `sectorum.draft.${id}`;

/** What waits to be written: the newest of each plan. Writing takes a while, so a frame goes before it. */
const waiting = new Map<number, Draft>();

function write(): void {
  for (const [id, draft] of waiting) {
    writeNow(id, draft);
  }
  waiting.clear();
}

// A page that is left writes what it has at once.
window.addEventListener('pagehide', write);

/** Keeps a draft, once what it shows is painted. */
export function keepDraft(id: number, draft: Draft): void {
  if (waiting.size === 0) {
    // A page that nobody looks at has no frames.
    setTimeout(write, document.hidden ? 0 : AFTER_A_FRAME_MS);
  }
  waiting.set(id, draft);
}

function writeNow(id: number, draft: Draft): void {
  try {
    localStorage.setItem(key(id), JSON.stringify(draft));
  } catch {
    // Full or forbidden: the save on its way is then the only copy, as it would be without drafts.
  }
}

export function dropDraft(id: number): void {
  waiting.delete(id);
  try {
    localStorage.removeItem(key(id));
  } catch {
    // Nothing kept, nothing to drop.
  }
}

export function findDraft(id: number): Draft | null {
  write();
  try {
    const kept = localStorage.getItem(key(id));
    return kept === null ? null : (JSON.parse(kept) as Draft);
  } catch {
    return null;
  }
}
