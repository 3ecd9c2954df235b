import { createWire } from './wire';

/** Questions that core in the page can answer: the names of their records there. */
export type Question =
  | 'WorkupRequest'
  | 'NextTierRequest'
  | 'LengthRequest'
  | 'RescueRequest'
  | 'RefitRequest'
  | 'WaysRequest'
  | 'TrayRequest'
  | 'BuildRequest'
  | 'PiecesRequest'
  | 'PieceTrayRequest'
  | 'PlacesRequest'
  | 'BenchStateRequest'
  | 'EvennessRequest';

/** What the module has to say: an answer, a refusal in core's words, or that it could not. */
export type Said = { answer: unknown } | { refused: Refused } | null;

export interface Refused {
  field: string;
  detail: string;
  phrase: unknown;
}

export interface Craft {
  /** Asks by the name of the question's record in core. */
  ask(question: Question, body: object): Said;
  /** Words that have crossed: a measure of what is kept. */
  readonly words: number;
}

const ANSWERED = 0;
const REFUSED = 1;

/** The compiler's library asks for memory of this kind, as much as its first pages at least; core's own is the page's. */
const FIRST_PAGES = 64;
const MOST_PAGES = 32_767;

/** Puts a compiled module to work. Its own loader would make scripts at run time, which the page's policy forbids. */
export async function workWith(
  module: WebAssembly.Module,
  documentOf: (value: object) => object | undefined,
): Promise<Craft> {
  const wire = createWire(documentOf);
  const instance = await WebAssembly.instantiate(module, {
    wire: wire.imports,
    env: { memory: new WebAssembly.Memory({ initial: FIRST_PAGES, maximum: MOST_PAGES }) },
    teavmMemory: {
      notifyHeapResized: () => undefined,
      heapOffset: new WebAssembly.Global({ value: 'i32', mutable: false }, 0),
      maxSize: new WebAssembly.Global({ value: 'i32', mutable: false }, 2 ** 31 - 1),
    },
    teavmMath: Math as unknown as WebAssembly.ModuleImports,
    teavmDate: { currentTimeMillis: () => Date.now() },
    teavmConsole: { putcharStdout: () => undefined, putcharStderr: () => undefined },
  });
  (instance.exports.begin as () => void)();
  const ask = instance.exports.ask as (question: number) => number;
  let broken = false;
  return {
    ask(question, body) {
      if (broken) {
        return null;
      }
      try {
        const { told, written } = wire.exchange(body, () => ask(wire.numberOf(question)));
        return told === ANSWERED
          ? { answer: written }
          : told === REFUSED
            ? { refused: written as Refused }
            : null;
      } catch {
        // Out of memory or stack: what it knows may be half done, so it is asked no more.
        broken = true;
        return null;
      }
    },
    get words() {
      return wire.size;
    },
  };
}
