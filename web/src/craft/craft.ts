import moduleUrl from './craft.wasm?url';
import type { Craft, Question, Said } from './module';

export type State = 'not yet' | 'loading' | 'ready' | 'none' | 'outdated';

/** Newer than the screens would be, and shorter. */
const NAME = moduleUrl.slice(moduleUrl.lastIndexOf('/') + 1);

let state: State = 'not yet';
let craft: Craft | null = null;
let module: WebAssembly.Module | null = null;
let documentOf: (value: object) => object | undefined = () => undefined;
const counts = { here: 0, there: 0 };

/** Fetches core and puts it to work. A browser that cannot goes on asking the server, and nobody is told: it works. */
export async function begin(shown: (value: object) => object | undefined): Promise<void> {
  if (state !== 'not yet') {
    return;
  }
  state = 'loading';
  documentOf = shown;
  try {
    const [{ workWith }, compiled] = await Promise.all([
      import('./module'),
      WebAssembly.compileStreaming(fetch(moduleUrl)),
    ]);
    const ready = await workWith(compiled, documentOf);
    // The server may have turned out to be another one meanwhile.
    if (state === 'loading') {
      [craft, module, state] = [ready, compiled, 'ready'];
    }
  } catch {
    if (state === 'loading') {
      state = 'none';
    }
  }
}

/** The module that the server's own screens carry: where it is another than here, its rules are, too, and it is asked alone. */
export function heard(name: string | null): void {
  if (name !== null && name !== NAME && state !== 'outdated') {
    [craft, module, state] = [null, null, 'outdated'];
  }
}

/** Words that were typed stay in it as long as it lives, and some bytes of each question; after so many it is begun anew. */
const MOST_WORDS = 50_000;
const MOST_ASKED = 100_000;

/** A fresh one in the old one's place; meanwhile the old one answers. */
async function renewed(): Promise<void> {
  const { workWith } = await import('./module');
  const fresh = module && (await workWith(module, documentOf));
  if (fresh && state === 'ready') {
    craft = fresh;
    asked = 0;
  }
  renewing = false;
}

let renewing = false;
let asked = 0;

/** What core in the page says, or null where the server has to be asked. */
export function said(question: Question, body: object): Said {
  const now = craft?.ask(question, body) ?? null;
  counts[now !== null && 'answer' in now ? 'here' : 'there']++;
  asked++;
  if (!renewing && ((craft?.words ?? 0) > MOST_WORDS || asked > MOST_ASKED)) {
    renewing = true;
    void renewed();
  }
  return now;
}

/** The same of a question that takes long, away from the hand. `text` is the body as JSON. */
export async function saidAside(question: Question, text: string): Promise<Said> {
  if (module === null) {
    counts.there++;
    return null;
  }
  try {
    const { ask } = await import('./aside');
    const now = await ask(module, question, text);
    counts[now !== null && 'answer' in now ? 'here' : 'there']++;
    return now;
  } catch {
    // Its script cannot be fetched, as without a server: then a frame is late, which is better than no answer.
    return said(question, JSON.parse(text));
  }
}

/** For tests and whoever wonders who answers: how far core is, how many questions were answered here and there. */
export const looked = {
  get state() {
    return state;
  },
  get words() {
    return craft?.words ?? 0;
  },
  counts,
  module: NAME,
  ask: (question: Question, body: object): Said => craft?.ask(question, body) ?? null,
};
