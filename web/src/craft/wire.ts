/** What a value is, as the module knows it. */
const NOTHING = 0;
const NUMBER = 1;
const WORD = 2;
const FLAG = 3;
const LIST = 4;
const OBJECT = 5;

type Bag = Record<string, unknown>;

/**
 * The page's side of what crosses into the module and back: `sectorum.browser.Wire` tells what each does. What is asked is
 * seen as JSON would carry it, so that the module reads what the server would.
 */
export function createWire(documentOf: (value: object) => object | undefined) {
  const words: string[] = [];
  const numbers = new Map<string, number>();
  let spelling = '';
  const numberOf = (word: string): number => {
    let number = numbers.get(word);
    if (number === undefined) {
      number = words.length;
      numbers.set(word, number);
      words.push(word);
    }
    return number;
  };

  // Reading: the value that the reader stands at, those above it, and the names of the objects gone into.
  let at: unknown;
  const above: unknown[] = [];
  const named = new Map<object, string[]>();
  const seen = (value: unknown): unknown =>
    typeof value === 'object' && value !== null ? (documentOf(value) ?? value) : value;
  const namesOf = (bag: Bag): string[] => {
    let names = named.get(bag);
    if (names === undefined) {
      names = Object.keys(bag).filter((name) => bag[name] !== undefined);
      named.set(bag, names);
    }
    return names;
  };

  // The very objects that came before, each with a number: what a plan keeps from edit to edit is read once.
  const handles = new WeakMap<object, number>();
  let lastHandle = 0;

  // Writing: the value that grows, those around it, and the name of what comes next.
  let grown: unknown;
  let list: unknown[] | null = null;
  let bag: Bag | null = null;
  let key = '';
  const around: (unknown[] | Bag)[] = [];
  const keys: string[] = [];
  let closed: unknown;
  /** Parts of answers that the module will name again. */
  const kept = new Map<number, unknown>();
  const put = (value: unknown): void => {
    if (list !== null) {
      list.push(value);
    } else if (bag !== null) {
      bag[key] = value;
    } else {
      grown = value;
    }
  };
  const into = (value: unknown[] | Bag): void => {
    put(value);
    around.push(value);
    keys.push(key);
    list = Array.isArray(value) ? value : null;
    bag = list === null ? (value as Bag) : null;
  };

  return {
    imports: {
      kind(): number {
        switch (typeof at) {
          case 'number':
            return Number.isFinite(at) ? NUMBER : NOTHING;
          case 'string':
            return WORD;
          case 'boolean':
            return FLAG;
          case 'object':
            return at === null ? NOTHING : Array.isArray(at) ? LIST : OBJECT;
          default:
            return NOTHING;
        }
      },
      // JSON has no nought with a sign.
      number: (): number => (at === 0 ? 0 : (at as number)),
      word: (): number => numberOf(at as string),
      flag: (): number => (at ? 1 : 0),
      size: (): number => (Array.isArray(at) ? at.length : namesOf(at as Bag).length),
      field(word: number): void {
        above.push(at);
        const name = words[word]!;
        at = Object.hasOwn(at as Bag, name) ? seen((at as Bag)[name]) : undefined;
      },
      item(index: number): void {
        above.push(at);
        at = seen((at as unknown[])[index]);
      },
      name: (index: number): number => numberOf(namesOf(at as Bag)[index]!),
      up(): void {
        at = above.pop();
      },
      handle(): number {
        let handle = handles.get(at as object);
        if (handle === undefined) {
          handle = ++lastHandle;
          handles.set(at as object, handle);
        }
        return handle;
      },
      length: (word: number): number => words[word]!.length,
      sign: (word: number, index: number): number => words[word]!.charCodeAt(index),
      spell(sign: number): void {
        spelling += String.fromCharCode(sign);
      },
      spelt(): number {
        const number = numberOf(spelling);
        spelling = '';
        return number;
      },
      open: (): void => into({}),
      openList: (): void => into([]),
      close(): void {
        closed = around.pop();
        key = keys.pop()!;
        const outer = around[around.length - 1];
        list = Array.isArray(outer) ? outer : null;
        bag = outer === undefined || list !== null ? null : (outer as Bag);
      },
      key(word: number): void {
        key = words[word]!;
      },
      putNumber: (number: number): void => put(Number.isFinite(number) ? number : String(number)),
      putWord: (word: number): void => put(words[word]),
      putFlag: (flag: number): void => put(flag !== 0),
      putNothing: (): void => put(null),
      keep: (number: number): void => void kept.set(number, closed),
      putAgain: (number: number): void => put(kept.get(number)),
      forget: (number: number): void => void kept.delete(number),
    },
    numberOf,
    /** How many words have crossed: they are never forgotten while the module lives. */
    get size(): number {
      return words.length;
    },
    /** Lays a question before the module, asks, and takes what it wrote. */
    exchange<T>(question: object, ask: () => T): { told: T; written: unknown } {
      at = seen(question);
      above.length = 0;
      grown = undefined;
      list = null;
      bag = null;
      around.length = 0;
      keys.length = 0;
      spelling = '';
      try {
        const told = ask();
        return { told, written: grown };
      } finally {
        // Nothing of a plan is held on to.
        at = undefined;
        above.length = 0;
        named.clear();
        grown = undefined;
        closed = undefined;
      }
    },
  };
}
