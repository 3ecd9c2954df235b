import { create } from 'zustand';
import type { HelpKey } from './help-texts';

interface Help {
  open: boolean;
  /** The view that is explained; none: the keys alone. */
  about: HelpKey | null;
  setOpen: (open: boolean) => void;
  show: (about: HelpKey) => void;
}

export const useHelp = create<Help>((set) => ({
  open: false,
  about: null,
  setOpen: (open) => set({ open, about: null }),
  show: (about) => set({ open: true, about }),
}));
