import type { Plan } from '../api/client';

/** Undo as a stack of documents; documents are never changed, only replaced. */
export interface History {
  past: readonly Plan[];
  present: Plan;
  future: readonly Plan[];
}

/** The same with each document as another makes it. */
export const rewritten = (history: History, anew: (plan: Plan) => Plan): History => ({
  past: history.past.map(anew),
  present: anew(history.present),
  future: history.future.map(anew),
});

export const begin = (plan: Plan): History => ({ past: [], present: plan, future: [] });

export function commit(history: History, plan: Plan): History {
  return plan === history.present
    ? history
    : { past: [...history.past, history.present], present: plan, future: [] };
}

export function undo(history: History): History {
  const before = history.past.at(-1);
  return before === undefined
    ? history
    : { past: history.past.slice(0, -1), present: before, future: [history.present, ...history.future] };
}

export function redo(history: History): History {
  const [next, ...rest] = history.future;
  return next === undefined
    ? history
    : { past: [...history.past, history.present], present: next, future: rest };
}
