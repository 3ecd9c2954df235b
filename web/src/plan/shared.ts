import { replaceEqualDeep } from '@tanstack/react-query';
import type { Layout, TierWorkup, Worn } from '../api/client';

/** The same with the very parts of the one before where they are equal, so that what shows them is not drawn again. */
export function shared<T>(last: T | undefined, fresh: T): T {
  return replaceEqualDeep(last, fresh) as T;
}

const alike = (a: readonly number[], b: readonly number[]) =>
  a.length === b.length && a.every((n, i) => n === b[i]);

/** A layout is the same or another: thousands of numbers are looked at as far as they agree, and never copied. */
function sharedLayout(last: Layout, fresh: Layout): Layout {
  return alike(last.placements, fresh.placements) &&
    alike(last.standing, fresh.standing) &&
    shared(last.shapes, fresh.shapes) === last.shapes &&
    last.inPlane === fresh.inPlane
    ? last
    : fresh;
}

/** In a layout's place where the rest is compared. */
const NO_LAYOUT: Layout = { shapes: [], placements: [], inPlane: false, standing: [] };

function sharedWorn(last: Worn | undefined, fresh: Worn): Worn {
  if (last === undefined || last === fresh) {
    return fresh;
  }
  const layout = sharedLayout(last.layout, fresh.layout);
  const before = { ...last, layout: NO_LAYOUT };
  const rest = shared(before, { ...fresh, layout: NO_LAYOUT });
  return rest === before && layout === last.layout ? last : { ...rest, layout };
}

/** A tier's workup, its courses one by one. */
export function sharedTier(last: TierWorkup | undefined, fresh: TierWorkup): TierWorkup {
  if (last === undefined || last === fresh) {
    return fresh;
  }
  const known = new Map(last.dressings.map((d) => [d.id, d]));
  const dressings = fresh.dressings.map((w) => sharedWorn(known.get(w.id), w));
  const same =
    dressings.length === last.dressings.length && dressings.every((w, i) => w === last.dressings[i]);
  const before = { ...last, dressings: [] };
  const rest = shared(before, { ...fresh, dressings: [] });
  return same && rest === before ? last : { ...rest, dressings: same ? last.dressings : dressings };
}
