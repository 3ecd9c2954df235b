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
import { isBoundAlike } from './bound';
import { cut } from './cut';
import { dropDraft, keepDraft } from './draft';
import type { Edit } from './edit';
import type { EditorState } from './editor-state';
import { begin, commit, type History, redo, undo } from './history';
import { isOnlyDone, merged, same } from './merge';
import { shared, sharedTier } from './shared';
import { told, whenToldElsewhere } from './windows';

/** Long enough to gather a row of presses, short enough to be saved before a page is closed. */
const SAVE_AFTER_MS = 250;
const RETRY_AFTER_MS = 2000;

/** A step of what is meant: an edit, or one back or forth. */
type Step = (history: History) => History;

interface Meant {
  step: Step;
  settle: (problem: Problem | null) => void;
}

export type Editor = ReturnType<typeof createEditor>;

export function createEditor(saved: SavedPlan, workup: StackWorkup, bench: () => Bench) {
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

  const after = (steps: readonly Meant[]): History =>
    steps.reduce((history, { step }) => step(history), store.getState().history);

  /** The document as it is meant to be: every press counts on it, whatever the screen shows yet. */
  const newest = (): Plan => after(meant).present;

  /**
   * What follows from a document. Tiers that an edit left alone are not asked for again, where it also left alone what bounds
   * them: nothing else matters to them.
   */
  const worked = async (plan: Plan, anew = false): Promise<StackWorkup> => {
    const { history, workup: now } = store.getState();
    const worn = cut(plan).tiers;
    const before = cut(history.present).tiers;
    const known = (i: number) => {
      const at = anew ? -1 : before.indexOf(worn[i]!);
      return at >= 0 && isBoundAlike(history.present, at, plan, i) ? now.tiers[at] : undefined;
    };
    const only = plan.tiers.filter((_, i) => known(i) === undefined).map((t) => t.id);
    const answer = await api.workup(plan, bench(), only.length === plan.tiers.length ? undefined : only);
    const tiers = plan.tiers.map((tier, i) => {
      const fresh = answer.tiers.find((t) => t.id === tier.id);
      const last = now.tiers.find((t) => t.id === tier.id);
      return known(i) ?? sharedTier(last, fresh!);
    });
    return { tiers, ledges: shared(now.ledges, answer.ledges), rates: shared(now.rates, answer.rates) };
  };

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
        if (moved && !same) {
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
        base: history.present,
        saving: stillSame ? 'saved' : 'waiting',
        elsewhere: null,
        trouble: null,
      });
      told({ id, revision: kept.revision });
      if (!stillSame) {
        timer = setTimeout(save, SAVE_AFTER_MS);
      } else if (meant.length === 0) {
        dropDraft(id);
      }
    } catch (thrown) {
      const problem = problemOf(thrown);
      if (problem.status === 409 && problem.theirs) {
        inFlight = false;
        await meet(problem.theirs, store.getState().base);
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

  /** Another saved first: a conflict, but where both say the same, or where here only something was done. */
  async function meet(theirs: SavedPlan, base: Plan): Promise<void> {
    const { history } = store.getState();
    store.setState({ conflict: { theirs }, base });
    if (same(history.present, theirs.document)) {
      await settle('theirs');
    } else if (isOnlyDone(base, history.present)) {
      await settle('mine');
    }
  }

  /**
   * Settles a conflict: one's own changes are made on what the other has, so that what one left alone is the other's; or
   * theirs is taken, and undo still leads back.
   */
  async function settle(choice: 'mine' | 'theirs'): Promise<void> {
    const { conflict, history, base, id } = store.getState();
    if (conflict === null) {
      return;
    }
    const { theirs } = conflict;
    const wanted = choice === 'mine' ? merged(base, history.present, theirs.document) : theirs.document;
    store.setState({
      conflict: null,
      elsewhere: null,
      revision: theirs.revision,
      savedAt: theirs.savedAt,
      base: theirs.document,
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
      await save();
    }
  }

  const isSettled = () =>
    store.getState().saving === 'saved' && meant.length === 0 && store.getState().conflict === null;

  /** @param against what is done where something here stands against it */
  async function takeOver(against: (theirs: SavedPlan) => Promise<void>): Promise<void> {
    try {
      const theirs = await api.plan(store.getState().id);
      if (theirs.revision <= store.getState().revision) {
        store.setState({ elsewhere: null });
      } else if (isSettled()) {
        store.setState({ conflict: { theirs } });
        await settle('theirs');
      } else {
        await against(theirs);
      }
    } catch {
      // Told again at the next save of either side.
    }
  }

  const silent = whenToldElsewhere(({ id, revision }) => {
    const now = store.getState();
    if (id === now.id && revision > now.revision) {
      store.setState({ elsewhere: revision });
    }
  });

  return {
    store,
    newest,

    /** Makes an edit of the newest document if it can be worked up; otherwise nothing changes and the problem comes back. */
    async edit(change: Edit): Promise<Problem | null> {
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
    meet,

    /** Takes over what another saved, where nothing here stands against it; else both meet. */
    async follow(): Promise<void> {
      await takeOver((theirs) => meet(theirs, store.getState().base));
    },

    /** The same while hands work: what stands here is saved as always, and meets the other then. */
    async keepUp(newest: number): Promise<void> {
      if (newest > store.getState().revision && isSettled()) {
        await takeOver(async () => undefined);
      }
    },

    saveNow: save,
    close(): void {
      closed = true;
      silent();
      if (store.getState().saving !== 'saved') {
        clearTimeout(timer);
        void save();
      }
    },
  };
}
