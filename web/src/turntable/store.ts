import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { BenchStep, Entry, KeptEntry } from '../api/client';

interface Tables extends DBSchema {
  /** Lines that wait to be sent, in the order in which they were made. */
  waiting: { key: number; value: { plan: number; entry: Entry }; indexes: { plan: number } };
  /** Lines as the server keeps them. */
  lines: { key: [number, number]; value: { plan: number; place: number; entry: Entry } };
  /** The steps of a plan as they were told last. */
  steps: { key: number; value: { plan: number; steps: BenchStep[] } };
}

let opening: Promise<IDBPDatabase<Tables>> | null = null;

/** What the device itself keeps; every window of the browser has the same. */
function base(): Promise<IDBPDatabase<Tables>> {
  opening ??= openDB<Tables>('sectorum', 1, {
    upgrade(db) {
      db.createObjectStore('waiting', { autoIncrement: true }).createIndex('plan', 'plan');
      db.createObjectStore('lines', { keyPath: ['plan', 'place'] });
      db.createObjectStore('steps', { keyPath: 'plan' });
    },
  });
  return opening;
}

export interface Held {
  kept: KeptEntry[];
  waiting: Entry[];
}

export interface Store {
  load(plan: number): Promise<Held>;
  /** A line that was just made. */
  wait(plan: number, entry: Entry): Promise<void>;
  /** What the server keeps now: it waits no longer. */
  keep(plan: number, lines: readonly KeptEntry[], settled: readonly string[]): Promise<void>;
  steps(plan: number): Promise<BenchStep[] | null>;
  keepSteps(plan: number, steps: BenchStep[]): Promise<void>;
}

export const deviceStore: Store = {
  async load(plan) {
    const db = await base();
    const [lines, waiting] = await Promise.all([
      db.getAll('lines', IDBKeyRange.bound([plan, 0], [plan, Number.MAX_SAFE_INTEGER])),
      db.getAllFromIndex('waiting', 'plan', plan),
    ]);
    return {
      kept: lines.map(({ entry, place }) => ({ entry, place })),
      waiting: waiting.map((w) => w.entry),
    };
  },
  async wait(plan, entry) {
    await (await base()).add('waiting', { plan, entry });
  },
  async keep(plan, lines, settled) {
    const write = (await base()).transaction(['waiting', 'lines'], 'readwrite');
    const gone = new Set([...lines.map((l) => l.entry.id), ...settled]);
    for (const { entry, place } of lines) {
      void write.objectStore('lines').put({ plan, place, entry });
    }
    let cursor = await write.objectStore('waiting').index('plan').openCursor(plan);
    while (cursor) {
      if (gone.has(cursor.value.entry.id)) {
        void cursor.delete();
      }
      cursor = await cursor.continue();
    }
    await write.done;
  },
  async steps(plan) {
    return (await (await base()).get('steps', plan))?.steps ?? null;
  },
  async keepSteps(plan, steps) {
    await (await base()).put('steps', { plan, steps });
  },
};
