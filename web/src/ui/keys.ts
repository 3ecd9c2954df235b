import { useEffect, useRef } from 'react';

export interface Shortcut {
  /** As the browser names the key. */
  key: string;
  ctrl?: boolean;
  shift?: boolean;
  run: () => void;
}

const SWITCH = 'sectorum.single-keys';

export function singleKeysOn(): boolean {
  try {
    return localStorage.getItem(SWITCH) !== 'off';
  } catch {
    return true;
  }
}

export function setSingleKeys(on: boolean): void {
  try {
    localStorage.setItem(SWITCH, on ? 'on' : 'off');
  } catch {
    // Then they stay as they are until the page is closed.
  }
}

const typing = (target: EventTarget | null) =>
  target instanceof HTMLElement &&
  (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));

/** Whether a key belongs to whatever is open over the page: a menu, a dialog, a list. */
const covered = () => document.querySelector('[role="dialog"],[role="listbox"],[role="menu"]') !== null;

/** Keys work everywhere but while typing, and never through something that lies over the page. */
export function useShortcuts(shortcuts: readonly Shortcut[]): void {
  const current = useRef(shortcuts);
  current.current = shortcuts;
  useEffect(() => {
    const pressed = (e: KeyboardEvent) => {
      const ctrl = e.ctrlKey || e.metaKey;
      if (e.altKey || covered() || (typing(e.target) && !ctrl)) {
        return;
      }
      const found = current.current.find(
        (s) =>
          s.key.toLowerCase() === e.key.toLowerCase() &&
          (s.ctrl ?? false) === ctrl &&
          (s.shift === undefined || s.shift === e.shiftKey),
      );
      // While something is being typed its own undo serves; after Enter the field is done, and the plan's does.
      const done = e.target instanceof HTMLElement && e.target.dataset.idle !== undefined;
      if (found === undefined || (typing(e.target) && found.ctrl && found.key === 'z' && !done)) {
        return;
      }
      if (!found.ctrl && !singleKeysOn()) {
        return;
      }
      e.preventDefault();
      found.run();
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
}
