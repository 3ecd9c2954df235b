import { create } from 'zustand';

interface Said {
  id: number;
  text: string;
  action?: { label: string; run: () => void };
  bad?: boolean;
}

export const useToasts = create<{ said: Said[] }>(() => ({ said: [] }));
let next = 1;

/** Says something in passing, with a way back where there is one. */
export function tell(text: string, action?: Said['action']): void {
  useToasts.setState(({ said }) => ({
    said: [...said.slice(-2), { id: next++, text, ...(action ? { action } : {}) }],
  }));
}

export function tellBad(text: string): void {
  useToasts.setState(({ said }) => ({ said: [...said.slice(-2), { id: next++, text, bad: true }] }));
}
