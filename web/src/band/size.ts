import { type RefObject, useLayoutEffect, useRef, useState } from 'react';

/** The width a drawing may take, followed as the window changes. */
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
    return () => observer.disconnect();
  }, [start]);
  return [ref, width];
}

/** Whether this person wants nothing to move by itself. */
export function reducedMotion(): boolean {
  return window.matchMedia?.('(prefers-reduced-motion: reduce)').matches ?? false;
}
