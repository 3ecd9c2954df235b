import { createContext, type ReactNode, useContext, useMemo } from 'react';
import { createStore, useStore } from 'zustand';
import type { Plan, StackWorkup, Tier, TierWorkup } from '../api/client';
import { cut } from './cut';
import type { Editor } from './editor';
import type { EditorState } from './editor-state';

export interface Open {
  editor: Editor;
  tierId: string;
  chooseTier: (id: string) => void;
}

export const OpenPlan = createContext<Open | null>(null);

export function useOpen(): Open {
  const open = useContext(OpenPlan);
  if (open === null) {
    throw new Error('No plan is open here');
  }
  return open;
}

export function useEditorState<T>(select: (state: EditorState) => T): T {
  return useStore(useOpen().editor.store, select);
}

/** The document on the screen: what a hand is dragging, or what was last done. */
export function useDocument(): Plan {
  return useEditorState((s) => s.live?.plan ?? s.history.present);
}

/** The same as it is worn: what goes over several tiers is put on each of them. */
export function usePlan(): Plan {
  return cut(useDocument());
}

export function useWorkup(): StackWorkup {
  return useEditorState((s) => s.live?.workup ?? s.workup);
}

/** The chosen tier and all that follows from it; the topmost where the chosen one is gone. */
export function useTier(): { tier: Tier; worked: TierWorkup; index: number } {
  const { tierId } = useOpen();
  const plan = usePlan();
  const workup = useWorkup();
  const found = plan.tiers.findIndex((t) => t.id === tierId);
  const index = found < 0 ? plan.tiers.length - 1 : found;
  return { tier: plan.tiers[index]!, worked: workup.tiers[index]!, index };
}

/** Waits no longer than this for a frame that never comes, as on a page that nobody looks at. */
const AT_LAST_MS = 120;
const lagging = new WeakMap<Editor['store'], Editor['store']>();

function oneFrameLater(store: Editor['store']): Editor['store'] {
  const known = lagging.get(store);
  if (known) {
    return known;
  }
  const later = createStore<EditorState>(() => store.getState());
  let waiting = false;
  const catchUp = () => {
    if (waiting) {
      waiting = false;
      later.setState(store.getState(), true);
    }
  };
  store.subscribe(() => {
    if (!waiting) {
      waiting = true;
      // The frame after the one that shows the work: until that one is painted nothing else is begun.
      requestAnimationFrame(() => requestAnimationFrame(catchUp));
      setTimeout(catchUp, AT_LAST_MS);
    }
  });
  lagging.set(store, later);
  return later;
}

/** What stands beside the work follows a frame after it, so that a drag's own picture never waits for the rest. */
export function Beside({ children }: { children: ReactNode }) {
  const open = useOpen();
  const value = useMemo(
    () => ({ ...open, editor: { ...open.editor, store: oneFrameLater(open.editor.store) } }),
    [open],
  );
  return <OpenPlan.Provider value={value}>{children}</OpenPlan.Provider>;
}
