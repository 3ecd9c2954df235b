import { replaceEqualDeep } from '@tanstack/react-query';
import { createStore } from 'zustand';
import {
  api,
  type Bench,
  type Plan,
  type Problem,
  problemOf,
  Refusal,
  type SavedPlan,
  type TierWorkup,
  type Workup,
} from '../api/client';
import { dropDraft, findDraft, keepDraft } from './draft';
import type { Edit } from './edits';
import { begin, commit, type History, redo, undo } from './history';

/** A document and what follows from it, always of one another. */
export interface Shown {
  plan: Plan;
  workup: Workup;
}

export interface EditorState {
  id: number;
  revision: number;
  history: History;
  workup: Workup;
  /** What a hand is dragging, not yet let go. */
  live: Shown | null;
  saving: 'saved' | 'waiting' | 'unreachable';
  savedAt: string;
  /** Set when the plan was changed elsewhere: both sides, until one is chosen. */
  conflict: { theirs: SavedPlan } | null;
  /** Set when a save was refused for another reason than being stale. */
  trouble: Problem | null;
}

/** Long enough to gather a row of presses, short enough to be saved before a page is closed. */
const SAVE_AFTER_MS = 250;
const RETRY_AFTER_MS = 3000;

export type Editor = ReturnType<typeof createEditor>;

/** Opens a plan for editing. The workup of a document is fetched before the document is shown, so both always agree. */
export async function openEditor(id: number, bench: () => Bench): Promise<Editor> {
  const saved = await api.plan(id);
  const draft = findDraft(id);
  const editor = createEditor(saved, await api.workup(saved.document, bench()), bench);
  if (draft !== null && JSON.stringify(draft.plan) !== JSON.stringify(saved.document)) {
    const refused = await editor.edit(() => draft.plan);
    if (refused === null && draft.base !== saved.revision) {
      editor.store.setState({ conflict: { theirs: saved } });
    }
  }
  return editor;
}

export function createEditor(saved: SavedPlan, workup: Workup, bench: () => Bench) {
  const store = createStore<EditorState>(() => ({
    id: saved.id,
    revision: saved.revision,
    history: begin(saved.document),
    workup,
    live: null,
    saving: 'saved',
    savedAt: saved.savedAt,
    conflict: null,
    trouble: null,
  }));
  let queue: Promise<unknown> = Promise.resolve();
  let timer: ReturnType<typeof setTimeout> | undefined;
  let inFlight = false;
  let dragged: Edit | null = null;
  let closed = false;

  /** What follows from a document. Tiers that an edit left alone are not asked for again: nothing of them depends on it. */
  const worked = async (plan: Plan, anew = false): Promise<Workup> => {
    const { history, workup: now } = store.getState();
    const known = (i: number) => {
      const tier = plan.tiers[i]!;
      const at = anew ? -1 : history.present.tiers.indexOf(tier);
      return at < 0 ? undefined : now.tiers[at];
    };
    const only = plan.tiers.filter((_, i) => known(i) === undefined).map((t) => t.id);
    const answer = await api.workup(plan, bench(), only.length === plan.tiers.length ? undefined : only);
    const tiers = plan.tiers.map((tier, i) => {
      const fresh = answer.tiers.find((t) => t.id === tier.id);
      const before = now.tiers.find((t) => t.id === tier.id);
      return known(i) ?? (replaceEqualDeep(before, fresh) as TierWorkup);
    });
    return { tiers, ledges: replaceEqualDeep(now.ledges, answer.ledges) as number[] };
  };

  /** One after the other, so that each starts from what the one before made. */
  function inTurn<T>(task: () => Promise<T>): Promise<T> {
    const done = queue.then(task, task);
    queue = done.catch(() => undefined);
    return done;
  }

  async function moveTo(next: (history: History) => History): Promise<void> {
    const changed = next(store.getState().history);
    if (changed === store.getState().history) {
      return;
    }
    const now = await worked(changed.present);
    store.setState({ history: changed, workup: now, live: null });
    saveSoon();
  }

  function saveSoon(): void {
    const { id, revision, history } = store.getState();
    keepDraft(id, { base: revision, plan: history.present });
    store.setState({ saving: 'waiting' });
    clearTimeout(timer);
    timer = setTimeout(save, SAVE_AFTER_MS);
  }

  async function save(): Promise<void> {
    const { id, revision, history, conflict } = store.getState();
    if (inFlight || conflict !== null) {
      return;
    }
    inFlight = true;
    try {
      const kept = await api.save(id, revision, history.present);
      const stillSame = store.getState().history.present === history.present;
      store.setState({
        revision: kept.revision,
        savedAt: kept.savedAt,
        saving: stillSame ? 'saved' : 'waiting',
        trouble: null,
      });
      if (stillSame) {
        dropDraft(id);
      } else {
        timer = setTimeout(save, SAVE_AFTER_MS);
      }
    } catch (thrown) {
      const problem = problemOf(thrown);
      if (problem.status === 409 && problem.theirs) {
        store.setState({ conflict: { theirs: problem.theirs } });
      } else if (thrown instanceof Refusal && thrown.unreachable) {
        store.setState({ saving: 'unreachable' });
        if (!closed) {
          timer = setTimeout(save, RETRY_AFTER_MS);
        }
      } else {
        store.setState({ trouble: problem });
      }
    } finally {
      inFlight = false;
    }
  }

  return {
    store,

    /** Makes an edit if it can be worked up; otherwise nothing changes and the problem comes back. */
    edit(change: Edit): Promise<Problem | null> {
      return inTurn(async () => {
        try {
          await moveTo((history) => commit(history, change(history.present)));
          return null;
        } catch (thrown) {
          store.setState({ live: null });
          return problemOf(thrown);
        } finally {
          dragged = null;
        }
      });
    },

    /** Shows what an edit would do. One request at a time; the newest wins and stale answers are dropped. */
    preview(change: Edit): void {
      const idle = dragged === null;
      dragged = change;
      if (!idle) {
        return;
      }
      void (async () => {
        while (dragged !== null) {
          const asked: Edit = dragged;
          try {
            const plan = asked(store.getState().history.present);
            const now = await worked(plan);
            if (dragged !== null) {
              store.setState({ live: { plan, workup: now } });
            }
          } catch {
            // Past what is possible: the last good picture stays under the hand.
          }
          if (dragged === asked) {
            dragged = null;
          }
        }
      })();
    },

    /** Forgets what was previewed. */
    letGo(): void {
      dragged = null;
      store.setState({ live: null });
    },

    undo: () => inTurn(() => moveTo(undo)).catch(() => undefined),
    redo: () => inTurn(() => moveTo(redo)).catch(() => undefined),

    /** Works everything up anew, as when the tape in hand or the shelf changed. */
    rework: () =>
      inTurn(async () =>
        store.setState({ workup: await worked(store.getState().history.present, true) }),
      ).catch(() => undefined),

    /** Settles a conflict: one's own is saved over the other, which stays among its revisions; or theirs is taken. */
    async settle(keep: 'mine' | 'theirs'): Promise<void> {
      const { conflict, history, id } = store.getState();
      if (conflict === null) {
        return;
      }
      const { theirs } = conflict;
      store.setState({ conflict: null, revision: theirs.revision, savedAt: theirs.savedAt });
      if (keep === 'mine') {
        await save();
      } else {
        // Their document becomes the newest edit, so that undo still leads back to one's own.
        const now = await worked(theirs.document);
        store.setState({ history: commit(history, theirs.document), workup: now, saving: 'saved' });
        dropDraft(id);
      }
    },

    saveNow: save,
    close(): void {
      closed = true;
      if (store.getState().saving !== 'saved') {
        clearTimeout(timer);
        void save();
      }
    },
  };
}
