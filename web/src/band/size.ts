import { type RefObject, useLayoutEffect, useRef, useState } from 'react';
import { flushSync } from 'react-dom';

/** What A4 and Letter have between their margins, at 96 to the inch. */
const PAPER_PX = 690;

/** The width a drawing may take, followed as the window changes and as it goes to paper. */
export function useWidth<T extends HTMLElement>(start: number): [RefObject<T | null>, number] {
  const ref = useRef<T>(null);
  const [width, setWidth] = useState(start);
  useLayoutEffect(() => {
    const element = ref.current;
    if (element === null) {
      return;
    }
    const measure = () => setWidth(Math.max(240, Math.floor(element.clientWidth || start)));
    measure();
    const observer = new ResizeObserver(measure);
    observer.observe(element);
    // The paper is laid out as soon as this returns.
    const onPaper = () => flushSync(() => setWidth((now) => Math.min(now, PAPER_PX)));
    window.addEventListener('beforeprint', onPaper);
    window.addEventListener('afterprint', measure);
    return () => {
      observer.disconnect();
      window.removeEventListener('beforeprint', onPaper);
      window.removeEventListener('afterprint', measure);
    };
  }, [start]);
  return [ref, width];
}

/** Whether this person wants nothing to move by itself. */
export function reducedMotion(): boolean {
  return window.matchMedia?.('(prefers-reduced-motion: reduce)').matches ?? false;
}
