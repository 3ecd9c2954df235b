import { createStore } from 'zustand';
import {
  api,
  type Bench,
  type Plan,
  type Problem,
  problemOf,
  Refusal,
  type SavedPlan,
  type StackWorkup,
} from '../api/client';
import { dropDraft, keepDraft } from './draft';
import type { Edit } from './edit';
import type { EditorState } from './editor-state';
import { following } from './follow';
import { begin, commit, type History, redo, rewritten, undo } from './history';
import { merged, same } from './merge';
import { told, whenToldElsewhere } from './windows';
import { workUp } from './work-up';

/** Long enough to gather a row of presses, short enough to be saved before a page is closed. */
const SAVE_AFTER_MS = 250;
const RETRY_AFTER_MS = 2000;

type Choices = Record<string, 'mine' | 'theirs'>;

/** A step of what is meant: an edit, or one back or forth. */
type Step = (history: History) => History;

interface Meant {
  step: Step;
  settle: (problem: Problem | null) => void;
}

export type Editor = ReturnType<typeof createEditor>;

/** Why somebody may not make this edit; none: they may. */
export type Allowed = (before: Plan, after: Plan) => Problem | null;

export function createEditor(
  saved: SavedPlan,
  workup: StackWorkup,
  bench: () => Bench,
  allowed: Allowed = () => null,
) {
  const store = createStore<EditorState>(() => ({
    id: saved.id,
    revision: saved.revision,
    history: begin(saved.document),
    workup,
    live: null,
    kept: 0,
    saving: 'saved',
    savedAt: saved.savedAt,
    base: saved.document,
    from: null,
    conflict: null,
    elsewhere: null,
    trouble: null,
  }));
  /** What is meant and not shown yet, in order. */
  let meant: Meant[] = [];
  let reckoning = false;
  let timer: ReturnType<typeof setTimeout> | undefined;
  let inFlight = false;
  let dragged: Edit | null = null;
  let closed = false;
  /** The newest document that came from elsewhere: shown, it is saved already. */
  let taken: Plan | null = null;

  const after = (steps: readonly Meant[]): History =>
    steps.reduce((history, { step }) => step(history), store.getState().history);

  /** The document as it is meant to be: every press counts on it, whatever the screen shows yet. */
  const newest = (): Plan => after(meant).present;

  const worked = (plan: Plan, anew = false): Promise<StackWorkup> =>
    workUp(store.getState(), plan, bench(), anew);

  const pause = (ms: number) => new Promise((done) => setTimeout(done, ms));

  /**
   * Reckons what is meant, all of it at once; where that is refused one step after the other, so that only the step that
   * cannot be is left out. Without an answer everything is kept and tried again.
   */
  async function reckon(): Promise<void> {
    let one = false;
    while (meant.length > 0 && !closed) {
      const steps = one ? meant.slice(0, 1) : [...meant];
      const history = after(steps);
      try {
        const same = history.present === store.getState().history.present;
        const now = same ? store.getState().workup : await worked(history.present);
        // Steps are only ever added at the end meanwhile, so these are still the first.
        meant = meant.slice(steps.length);
        const moved = history !== store.getState().history;
        store.setState({ history, workup: now, live: null, kept: meant.length });
        if (moved && !same && history.present !== taken) {
          saveSoon();
        }
        for (const { settle } of steps) {
          settle(null);
        }
        one = false;
      } catch (thrown) {
        if (thrown instanceof Refusal && thrown.unreachable) {
          store.setState({ saving: 'unreachable', kept: meant.length });
          keep();
          // Nobody waits for what is kept: fields close, and the state says that it is kept.
          for (const { settle } of meant) {
            settle(null);
          }
          await pause(RETRY_AFTER_MS);
        } else if (steps.length > 1) {
          one = true;
        } else {
          meant = meant.slice(1);
          store.setState({ live: null, kept: meant.length });
          steps[0]!.settle(problemOf(thrown));
        }
      }
    }
    // At once with the loop's end: a step that comes now begins it anew.
    reckoning = false;
    store.setState({ kept: meant.length });
    if (store.getState().saving === 'unreachable') {
      // The last of what was kept may have been refused; what stands is saved again.
      saveSoon();
    }
  }

  /** One more step of what is meant; the problem, where it cannot be. */
  function mean(step: Step): Promise<Problem | null> {
    return new Promise((settle) => {
      let moves: boolean;
      try {
        const now = after(meant);
        moves = step(now) !== now;
      } catch (thrown) {
        settle(problemOf(thrown));
        return;
      }
      if (!moves) {
        settle(null);
        return;
      }
      meant = [...meant, { step, settle }];
      store.setState({ kept: meant.length });
      keep();
      if (!reckoning) {
        reckoning = true;
        void reckon();
      }
    });
  }

  /** The newest of what is meant stays in the browser until it is saved, over a reload, too. */
  function keep(): void {
    const { id, revision, base } = store.getState();
    keepDraft(id, { base: revision, plan: newest(), from: base });
  }

  function saveSoon(): void {
    keep();
    store.setState({ saving: 'waiting' });
    clearTimeout(timer);
    timer = setTimeout(() => void save(), SAVE_AFTER_MS);
  }

  /** @param choices which side holds of what both changed, where that was asked */
  async function save(choices: Choices = {}): Promise<void> {
    const { id, revision, history, from, conflict } = store.getState();
    if (inFlight || conflict !== null) {
      return;
    }
    inFlight = true;
    const sent = history.present;
    try {
      const kept = await api.save(id, revision, sent, { ...(from ? { from } : {}), choices });
      await answered(sent, kept);
    } catch (thrown) {
      const problem = problemOf(thrown);
      if (problem.status === 409 && problem.theirs) {
        store.setState({ conflict: { theirs: problem.theirs, clashes: problem.clashes ?? [] } });
        if (same(history.present, problem.theirs.document)) {
          await settle('theirs');
        }
      } else if (thrown instanceof Refusal && thrown.unreachable) {
        store.setState({ saving: 'unreachable' });
        if (!closed) {
          timer = setTimeout(() => void save(), RETRY_AFTER_MS);
        }
      } else {
        store.setState({ trouble: problem });
      }
    } finally {
      inFlight = false;
    }
  }

  /** What was sent is kept; where another saved meanwhile, put together with theirs. */
  async function answered(sent: Plan, kept: SavedPlan): Promise<void> {
    const { id, history } = store.getState();
    const still = history.present === sent && meant.length === 0;
    const together = !same(kept.document, sent);
    if (together && !still) {
      // Edited again meanwhile: put together once more, from what was sent, so that nothing of either is written over unseen.
      store.setState({ from: sent, saving: 'waiting', trouble: null });
      timer = setTimeout(() => void save(), SAVE_AFTER_MS);
      return;
    }
    store.setState({
      revision: kept.revision,
      savedAt: kept.savedAt,
      base: kept.document,
      from: null,
      saving: still ? 'saved' : 'waiting',
      elsewhere: null,
      trouble: null,
    });
    told({ id, revision: kept.revision });
    if (together) {
      await take(sent, kept.document);
    } else if (!still) {
      store.setState({ base: sent });
      timer = setTimeout(() => void save(), SAVE_AFTER_MS);
      return;
    } else {
      store.setState({ base: sent });
    }
    if (meant.length === 0 && store.getState().saving === 'saved') {
      dropDraft(id);
    }
  }

  /** Takes over what another's part of a document is; undo still leads back through one's own alone. */
  async function take(before: Plan, now: Plan): Promise<void> {
    taken = now;
    await mean((h) => rewritten(h, (plan) => merged(before, plan, now)));
  }

  /** A whole conflict, or each part of it: one's own changes are made on what the other has, or theirs is taken. */
  async function settle(choice: 'mine' | 'theirs' | Choices): Promise<void> {
    const { conflict, history, base, from, id } = store.getState();
    if (conflict === null) {
      return;
    }
    const { theirs, clashes } = conflict;
    store.setState({ conflict: null, elsewhere: null });
    if (typeof choice === 'object' || (choice === 'mine' && clashes.length > 0)) {
      inFlight = false;
      await save(
        typeof choice === 'object' ? choice : Object.fromEntries(clashes.map((c) => [c, 'mine' as const])),
      );
      return;
    }
    const wanted =
      choice === 'mine' ? merged(from ?? base, history.present, theirs.document) : theirs.document;
    store.setState({
      revision: theirs.revision,
      savedAt: theirs.savedAt,
      base: theirs.document,
      from: null,
    });
    const refused = await mean((h) => commit(h, wanted));
    if (refused !== null && choice === 'mine') {
      // Both together cannot be: then one's own as it is, which could be before.
      await mean((h) => commit(h, { ...history.present }));
    }
    if (choice === 'theirs') {
      clearTimeout(timer);
      store.setState({ saving: 'saved' });
      dropDraft(id);
    } else {
      inFlight = false;
      await save();
    }
  }

  const isSettled = () =>
    store.getState().saving === 'saved' && meant.length === 0 && store.getState().conflict === null;

  /** What another saved, where nothing here is on its way; else both are put together with the next save. */
  async function takeOver(): Promise<void> {
    try {
      const theirs = await api.plan(store.getState().id);
      const { revision, history } = store.getState();
      if (theirs.revision > revision && isSettled()) {
        store.setState({ revision: theirs.revision, savedAt: theirs.savedAt, base: theirs.document });
        await take(history.present, theirs.document);
        if (isSettled()) {
          dropDraft(theirs.id);
        }
      }
      store.setState({ elsewhere: null });
    } catch {
      // Asked again, or told again at the next save of either side.
    }
  }

  const isIdle = () => isSettled() && dragged === null && !inFlight;
  const others = following(() => store.getState().revision, isIdle, takeOver);

  const silent = whenToldElsewhere(({ id, revision }) => {
    const now = store.getState();
    if (id === now.id && revision > now.revision) {
      store.setState({ elsewhere: revision });
    }
  });

  function refusedFor(change: Edit): Problem | null {
    try {
      return allowed(newest(), change(newest()));
    } catch (thrown) {
      return problemOf(thrown);
    }
  }

  return {
    store,
    newest,

    /** Makes an edit of the newest document if it can be worked up; otherwise nothing changes and the problem comes back. */
    async edit(change: Edit): Promise<Problem | null> {
      const shut = refusedFor(change);
      if (shut !== null) {
        return shut;
      }
      const refused = await mean((history) => commit(history, change(history.present)));
      dragged = null;
      store.setState({ live: null });
      return refused;
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

    undo: () => mean(undo),
    redo: () => mean(redo),

    /** Works everything up anew, as when the tape in hand or the shelf changed. */
    async rework(): Promise<void> {
      try {
        store.setState({ workup: await worked(store.getState().history.present, true) });
      } catch {
        // The next edit reckons with the new bench.
      }
    },

    settle,

    /** A draft that was made from an older save: what it started from is told, and both are put together by its save. */
    resume(revision: number, from: Plan): void {
      store.setState({ revision, base: from, from });
    },

    /** Takes over what another saved, as soon as nothing here is on its way. */
    keepUp: others.hear,
    follow: takeOver,
    saveNow: () => save(),
    close(): void {
      closed = true;
      silent();
      others.stop();
      if (store.getState().saving !== 'saved') {
        clearTimeout(timer);
        void save();
      }
    },
  };
}
