import { useRef, useState } from 'react';
import { api, type BookletOrder, type Packing, problemOf, type TemplateOrder } from '../api/client';
import { tell, tellBad } from '../ui/toasts';

/** Makes a pack, tells how far it is, and stops when it is told to. */
export function usePacking() {
  const [packing, setPacking] = useState<Packing | null>(null);
  const hangUp = useRef<AbortController | null>(null);
  const run = async (
    pack: (told: (far: Packing) => void, hangUp: AbortSignal) => Promise<Blob>,
    sheets: number,
    then: (pdf: Blob) => void,
  ) => {
    if (hangUp.current !== null) {
      return;
    }
    const control = new AbortController();
    const pressed = document.activeElement;
    hangUp.current = control;
    setPacking({ done: 0, of: sheets });
    try {
      then(await pack(setPacking, control.signal));
    } catch (thrown) {
      if (control.signal.aborted) {
        tell('Stopped; nothing was printed.');
      } else {
        tellBad(problemOf(thrown).detail);
      }
    } finally {
      hangUp.current = null;
      // "Stop" is gone now: the keys go back to where they were.
      const lost = document.activeElement?.closest('[role=status]') !== null;
      setPacking(null);
      if (lost && pressed instanceof HTMLElement) {
        pressed.focus();
      }
    }
  };
  const make = (order: TemplateOrder, sheets: number, then: (pdf: Blob) => void) =>
    run((told, signal) => api.pack(order, told, signal), sheets, then);
  const makeBooklet = (order: BookletOrder, then: (pdf: Blob) => void) =>
    run((told, signal) => api.booklet(order, told, signal), 1, then);
  return { packing, make, makeBooklet, cancel: () => hangUp.current?.abort() };
}
