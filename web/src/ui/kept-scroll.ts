import { type RefObject, useEffect, useRef } from 'react';
import { useLocation } from 'react-router';
import { read } from './kept';

/** How far a region was scrolled outlives a reload and going back to it. */
export function useKeptScroll<E extends HTMLElement>(name: string): RefObject<E | null> {
  const { pathname } = useLocation();
  const region = useRef<E>(null);
  useEffect(() => {
    const element = region.current;
    if (element === null) {
      return;
    }
    const key = `sectorum.scroll.${pathname}.${name}`;
    const wanted = read(key, 0);
    // What it holds may come later than it does itself: until it is high enough, or somebody scrolls.
    let tries = 0;
    const reach = () => {
      element.scrollTop = wanted;
      if (element.scrollTop < wanted && tries++ < 40) {
        frame = requestAnimationFrame(reach);
      }
    };
    let frame = requestAnimationFrame(reach);
    const scrolled = () => {
      try {
        sessionStorage.setItem(key, String(Math.round(element.scrollTop)));
      } catch {
        // Then it is forgotten with the page.
      }
    };
    element.addEventListener('scroll', scrolled, { passive: true });
    return () => {
      cancelAnimationFrame(frame);
      element.removeEventListener('scroll', scrolled);
    };
  }, [pathname, name]);
  return region;
}
