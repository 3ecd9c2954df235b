import { useCallback, useRef } from 'react';
import type { Tier, TierWorkup, Worn } from '../api/client';
import { coursesOf, onSurface, seenOf, surfaceOf } from '../band/level';
import { keyOf, type Shade, shadesOf } from '../band/shades';
import { usePlan, useTier } from '../plan/context';

/** What the hand has chosen, by its wish. */
export interface Held {
  wish: string | null;
  setWish: (id: string) => void;
  section: number | null;
  setSection: (k: number) => void;
  surface: SurfaceName;
  setSurface: (surface: SurfaceName) => void;
  width: number;
}

export type SurfaceName = ReturnType<typeof surfaceOf>;

/**
 * The surface under the hand, and on it the chosen course and section; the topmost course and the front where nothing was
 * chosen, or it is gone.
 */
export function useChosen({ wish, section, surface }: Held) {
  const { tier, worked } = useTier();
  const seen = seenOf(worked.form, surface);
  const here = coursesOf(tier.dressings, worked.form, surface);
  const dressing =
    here.find((d) => d.id === wish) ??
    here.find((d) => d.id === onSurface(worked.dressings, seen.kind).at(-1)?.id) ??
    here.at(-1);
  const worn = worked.dressings.find((w) => w.id === dressing?.id);
  const divided = worked.divisions.find((d) => d.id === dressing?.division) ?? worked.divisions[0]!;
  const at = section !== null && section < divided.count ? section : divided.frontSection;
  return { tier, worked, seen, dressing, worn, divided, at };
}

/** A course is chosen with the surface that it is on. */
export function choose({ setWish, setSurface }: Held, tier: Tier, id: string): void {
  setWish(id);
  const course = tier.dressings.find((d) => d.id === id);
  if (course) {
    setSurface(surfaceOf(course));
  }
}

/** The shades of every dressing of the plan, kept the same as long as the plan's palette and dressings are. */
export function useColours(): (tier: TierWorkup, worn: Worn) => readonly Shade[] {
  const plan = usePlan();
  const kept = useRef(new Map<string, Shade[]>());
  return useCallback(
    (worked: TierWorkup, worn: Worn) => {
      const made = shadesOf(plan, worked, worn);
      const key = keyOf(made);
      const same = kept.current.get(key) ?? made;
      kept.current.set(key, same);
      return same;
    },
    [plan],
  );
}
