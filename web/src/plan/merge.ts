import type { Plan } from '../api/client';

type Json = unknown;
type Named = { id: string };

const isObject = (value: Json): value is Record<string, Json> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const same = (a: Json, b: Json): boolean => a === b || JSON.stringify(a) === JSON.stringify(b);
const isNamed = (list: Json): list is Named[] =>
  Array.isArray(list) && list.every((each) => isObject(each) && typeof each.id === 'string');

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
  const find = (list: Named[], id: string) => list.find((each) => each.id === id);
  const kept = mine.flatMap((each) => {
    const before = find(base, each.id);
    const other = find(theirs, each.id);
    if (other === undefined) {
      // Taken out over there: gone, unless it was changed here or is new.
      return before !== undefined && same(before, each) ? [] : [each];
    }
    return [both(before, each, other) as Named];
  });
  theirs.forEach((each, at) => {
    const before = find(base, each.id);
    if (find(mine, each.id) === undefined && (before === undefined || !same(before, each))) {
      kept.splice(Math.min(at, kept.length), 0, each);
    }
  });
  return kept;
}
