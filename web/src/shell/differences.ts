import type { Plan } from '../api/client';

export interface Difference {
  what: string;
  mine: string;
  theirs: string;
}

type Json = unknown;
const isObject = (v: Json): v is Record<string, Json> =>
  typeof v === 'object' && v !== null && !Array.isArray(v);

/** Fields that say nothing to a decorator. */
const UNSAID = new Set(['id', 'format', 'version', 'accepted']);
/** Numbers that are lengths are called so by their place; these are not. */
const PLAIN = new Set([
  'count',
  'into',
  'every',
  'rows',
  'each',
  'strings',
  'strips',
  'pleats',
  'stakes',
  'weavers',
  'halfRows',
  'rings',
  'stripes',
  'round',
  'up',
  'inPatch',
  'minutes',
  'placing',
  'ahead',
  'mark',
  'humidity',
  'celsius',
  'angle',
  'foldTo',
  'hours',
  'syrup',
  'least',
  'most',
  'share',
  'sides',
  'lobes',
]);
const WORDS: Record<string, string> = {
  readyBy: 'needed',
  tiers: 'tier',
  dressings: 'course',
  divisions: 'division',
  pieces: 'piece',
  palette: 'colour',
  outline: '',
  sizes: '',
  settings: '',
  brief: '',
  seat: 'place',
  agenda: 'days',
  table: 'table',
  stand: 'support',
};

const spaced = (key: string) => key.replace(/([A-Z])/g, ' $1').toLowerCase();

/** What two versions of a plan differ in, field by field, in words. */
export function differences(mine: Plan, theirs: Plan, show: (mm: number) => string): Difference[] {
  const found: Difference[] = [];

  const said = (key: string, value: Json): string => {
    if (value === undefined || value === null || value === '') {
      return 'not said';
    }
    if (typeof value === 'number') {
      return PLAIN.has(key) ? String(Math.round(value * 1000) / 1000) : show(value);
    }
    if (typeof value === 'boolean') {
      return value ? 'yes' : 'no';
    }
    if (Array.isArray(value)) {
      return value.length === 0 ? 'none' : value.map((v) => said(key, v)).join(', ');
    }
    if (isObject(value)) {
      return Object.entries(value)
        .filter(([k]) => !UNSAID.has(k))
        .map(([k, v]) => `${WORDS[k] ?? spaced(k)} ${said(k, v)}`.trim())
        .join(', ');
    }
    return String(value);
  };

  const walk = (where: string[], key: string, a: Json, b: Json): void => {
    if (JSON.stringify(a) === JSON.stringify(b) || UNSAID.has(key)) {
      return;
    }
    if (Array.isArray(a) && Array.isArray(b) && [...a, ...b].every((v) => isObject(v) && 'id' in v)) {
      named(where, key, a as Record<string, Json>[], b as Record<string, Json>[]);
    } else if (isObject(a) && isObject(b)) {
      for (const k of new Set([...Object.keys(a), ...Object.keys(b)])) {
        const word = WORDS[k] ?? spaced(k);
        walk(word === '' || isObject(a[k]) || Array.isArray(a[k]) ? where : [...where, word], k, a[k], b[k]);
      }
    } else {
      const word = WORDS[key] ?? spaced(key);
      const what = where.at(-1) === word || word === '' ? where : [...where, word];
      found.push({ what: capital(what.join(', ')), mine: said(key, a), theirs: said(key, b) });
    }
  };

  const named = (
    where: string[],
    key: string,
    a: Record<string, Json>[],
    b: Record<string, Json>[],
  ): void => {
    const kind = WORDS[key] ?? spaced(key);
    const name = (v: Record<string, Json>) => String(v.name ?? v.technique ?? v.id);
    for (const one of a) {
      const other = b.find((v) => v.id === one.id);
      if (other === undefined) {
        found.push({
          what: capital([...where, `${kind} ${name(one)}`].join(', ')),
          mine: 'there',
          theirs: 'not there',
        });
      } else {
        walk([...where, name(one)], '', one, other);
      }
    }
    for (const other of b) {
      if (!a.some((v) => v.id === other.id)) {
        found.push({
          what: capital([...where, `${kind} ${name(other)}`].join(', ')),
          mine: 'not there',
          theirs: 'there',
        });
      }
    }
  };

  walk([], '', mine, theirs);
  return found;
}

const capital = (words: string) => words.charAt(0).toUpperCase() + words.slice(1);
