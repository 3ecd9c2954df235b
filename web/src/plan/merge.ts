import type { Plan } from '../api/client';

type Json = unknown;
/** What has a name in its list; a dressing over several tiers has that of the dressing. */
type Named = { id: string } | { dressing: { id: string } };

const nameOf = (each: Named): string => ('id' in each ? each.id : each.dressing.id);

const isObject = (value: Json): value is Record<string, Json> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
/** Whether two documents say the same, in whatever order their fields stand. */
export function same(a: Json, b: Json): boolean {
  if (a === b) {
    return true;
  }
  if (Array.isArray(a) && Array.isArray(b)) {
    return a.length === b.length && a.every((each, i) => same(each, b[i]));
  }
  if (!isObject(a) || !isObject(b)) {
    return false;
  }
  const fields = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...fields].every((field) => same(a[field], b[field]));
}

/** Whether all that one side changed is what is done: that stands beside whatever the other changed. */
export const isOnlyDone = (base: Plan, mine: Plan): boolean =>
  same({ ...base, agenda: undefined }, { ...mine, agenda: undefined }) &&
  same({ ...base.agenda, done: undefined }, { ...mine.agenda, done: undefined });
const isNamed = (list: Json): list is Named[] =>
  Array.isArray(list) &&
  list.every(
    (each) =>
      isObject(each) &&
      (typeof each.id === 'string' || (isObject(each.dressing) && typeof each.dressing.id === 'string')),
  );

/** Three documents of one beginning as one: what one side left alone is the other's; where both changed it, mine. */
export function merged(base: Plan, mine: Plan, theirs: Plan): Plan {
  return both(base, mine, theirs) as Plan;
}

function both(base: Json, mine: Json, theirs: Json): Json {
  if (same(mine, base)) {
    return theirs;
  }
  if (same(theirs, base) || same(mine, theirs)) {
    return mine;
  }
  if (isObject(mine) && isObject(theirs)) {
    const from = isObject(base) ? base : {};
    const made: Record<string, Json> = {};
    for (const key of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
      const value = both(from[key], mine[key], theirs[key]);
      if (value !== undefined) {
        made[key] = value;
      }
    }
    return made;
  }
  if (isNamed(mine) && isNamed(theirs)) {
    return lists(isNamed(base) ? base : [], mine, theirs);
  }
  return mine;
}

/** By name and in my order; what the other side added stands where it put it, what one took out and the other left goes. */
function lists(base: Named[], mine: Named[], theirs: Named[]): Named[] {
  const find = (list: Named[], id: string) => list.find((each) => nameOf(each) === id);
  const kept = mine.flatMap((each) => {
    const before = find(base, nameOf(each));
    const other = find(theirs, nameOf(each));
    if (other === undefined) {
      // Taken out over there: gone, unless it was changed here or is new.
      return before !== undefined && same(before, each) ? [] : [each];
    }
    return [both(before, each, other) as Named];
  });
  theirs.forEach((each, at) => {
    const before = find(base, nameOf(each));
    if (find(mine, nameOf(each)) === undefined && (before === undefined || !same(before, each))) {
      kept.splice(Math.min(at, kept.length), 0, each);
    }
  });
  return kept;
}
