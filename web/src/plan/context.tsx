import { createContext, useContext } from 'react';
import { useStore } from 'zustand';
import type { Plan, Tier, TierWorkup, Workup } from '../api/client';
import type { Editor, EditorState } from './editor';

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
export function usePlan(): Plan {
  return useEditorState((s) => s.live?.plan ?? s.history.present);
}

export function useWorkup(): Workup {
  return useEditorState((s) => s.live?.workup ?? s.workup);
}

/** The chosen tier and all that follows from it; the first where the chosen one is gone. */
export function useTier(): { tier: Tier; worked: TierWorkup; index: number } {
  const { tierId } = useOpen();
  const plan = usePlan();
  const workup = useWorkup();
  const index = Math.max(
    0,
    plan.tiers.findIndex((t) => t.id === tierId),
  );
  return { tier: plan.tiers[index]!, worked: workup.tiers[index]!, index };
}
