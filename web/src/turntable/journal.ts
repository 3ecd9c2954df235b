import { createStore } from 'zustand';
import { api, type Entry, type KeptEntry, problemOf, Refusal } from '../api/client';
import { type Anchor, serverTime } from './clock';
import { deviceStore, type Store } from './store';

export type Touch = 'in touch' | 'away';

export interface JournalState {
  /** As the server keeps them, by place. */
  kept: readonly KeptEntry[];
  /** Made here and not yet sent. */
  waiting: readonly Entry[];
  touch: Touch;
  /** Lines that the server would not take, with why. */
  refused: readonly { entry: Entry; why: string }[];
  /** False until what the device keeps is read. */
  ready: boolean;
}

export type Made = Pick<Entry, 'kind'> & Partial<Pick<Entry, 'step' | 'amount' | 'about' | 'window' | 'at'>>;

/** So many are sent at once. */
const BATCH = 400;
const AWAY_EVERY_MS = 3000;
const HERE_EVERY_MS = 15_000;

const DEVICE = 'sectorum.device';
const ANCHOR = 'sectorum.clock';
export const READER = 'sectorum.reader';

function kept(key: string, make: () => string): string {
  try {
    const known = localStorage.getItem(key);
    if (known !== null) {
      return known;
    }
    const fresh = make();
    localStorage.setItem(key, fresh);
    return fresh;
  } catch {
    return make();
  }
}

/** This browser on this device, as journals call it. */
export const deviceName = (): string => kept(DEVICE, () => crypto.randomUUID().slice(0, 13));

export const who = (): string => {
  try {
    return localStorage.getItem(READER) ?? '';
  } catch {
    return '';
  }
};

let anchor: Anchor | null = readAnchor();

function readAnchor(): Anchor | null {
  try {
    const known = localStorage.getItem(ANCHOR);
    // The steady clock of another page says nothing here.
    return known === null ? null : { ...(JSON.parse(known) as Anchor), steady: Number.POSITIVE_INFINITY };
  } catch {
    return null;
  }
}

/** The server's time as far as this device knows it, ms. */
export const now = (): number => serverTime(anchor, Date.now(), performance.now());

function heardTime(server: number): void {
  anchor = { server, wall: Date.now(), steady: performance.now() };
  try {
    localStorage.setItem(ANCHOR, JSON.stringify(anchor));
  } catch {
    // Then it is asked anew after a reload.
  }
}

/** Only one window of a browser sends, or each would send the same. */
const alone = <T>(name: string, run: () => Promise<T>): Promise<T> =>
  'locks' in navigator ? navigator.locks.request(name, run) : run();

export type Journal = ReturnType<typeof openJournal>;

/**
 * The journal of a plan on this device: what is done is kept here first, sent when there is somebody to take it, and what
 * others did comes in. Nothing waits for the line.
 */
export function openJournal(plan: number, store: Store = deviceStore, wire: Wire = api) {
  const state = createStore<JournalState>(() => ({
    kept: [],
    waiting: [],
    touch: 'in touch',
    refused: [],
    ready: false,
  }));
  const windows =
    typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(`sectorum.journal.${plan}`);
  let timer: ReturnType<typeof setTimeout> | undefined;
  let closed = false;
  let running: Promise<void> | null = null;
  let again = false;

  const place = () => state.getState().kept.at(-1)?.place ?? 0;

  async function reread(): Promise<void> {
    const held = await store.load(plan);
    const sent = new Set(held.kept.map((l) => l.entry.id));
    const own = state.getState().waiting.filter((e) => !held.waiting.some((w) => w.id === e.id));
    state.setState({
      kept: held.kept,
      // A line made this moment may not be written yet.
      waiting: [...held.waiting, ...own].filter((e) => !sent.has(e.id)),
      ready: true,
    });
  }

  /** One exchange: what waits goes, what is new comes. Gives back whether there is more. */
  async function exchange(): Promise<boolean> {
    const batch = state.getState().waiting.slice(0, BATCH);
    const after = place();
    const answer =
      batch.length > 0 ? await wire.sendLines(plan, batch, after) : await wire.journal(plan, after);
    heardTime(answer.now);
    const fresh = answer.lines.filter((l) => l.place > after);
    const settled = batch.map((e) => e.id);
    await store.keep(plan, fresh, settled);
    const gone = new Set([...settled, ...fresh.map((l) => l.entry.id)]);
    state.setState((s) => ({
      kept: fresh.length > 0 ? [...s.kept, ...fresh] : s.kept,
      waiting: s.waiting.filter((e) => !gone.has(e.id)),
      touch: 'in touch',
    }));
    if (fresh.length > 0 || batch.length > 0) {
      windows?.postMessage('changed');
    }
    return answer.more || state.getState().waiting.length > 0;
  }

  /** A batch that is refused goes line by line, so that one bad line holds up no other. */
  async function oneByOne(): Promise<void> {
    for (const entry of state.getState().waiting.slice(0, BATCH)) {
      try {
        const answer = await wire.sendLines(plan, [entry], place());
        const fresh = answer.lines.filter((l) => l.place > place());
        await store.keep(plan, fresh, [entry.id]);
        state.setState((s) => ({
          kept: [...s.kept, ...fresh],
          waiting: s.waiting.filter((e) => e.id !== entry.id),
        }));
      } catch (thrown) {
        if (!(thrown instanceof Refusal) || thrown.unreachable || problemOf(thrown).status !== 400) {
          throw thrown;
        }
        await store.keep(plan, [], [entry.id]);
        state.setState((s) => ({
          waiting: s.waiting.filter((e) => e.id !== entry.id),
          refused: [...s.refused, { entry, why: problemOf(thrown).detail }],
        }));
      }
    }
  }

  async function round(): Promise<void> {
    try {
      await alone(`sectorum.journal.${plan}`, async () => {
        await reread();
        let more = true;
        while (more && !closed) {
          try {
            more = await exchange();
          } catch (thrown) {
            if (thrown instanceof Refusal && problemOf(thrown).status === 400) {
              await oneByOne();
            } else {
              throw thrown;
            }
          }
        }
      });
    } catch {
      // Whatever came of it: what waits is still here, and goes again.
      state.setState({ touch: 'away' });
    }
  }

  function sync(): Promise<void> {
    clearTimeout(timer);
    if (running !== null) {
      again = true;
      return running;
    }
    running = (async () => {
      do {
        again = false;
        await round();
      } while (again && !closed && state.getState().touch === 'in touch');
    })().finally(() => {
      running = null;
      if (!closed) {
        timer = setTimeout(
          () => void sync(),
          state.getState().touch === 'away' ? AWAY_EVERY_MS : HERE_EVERY_MS,
        );
      }
    });
    return running;
  }

  if (windows) {
    windows.onmessage = () => void reread();
  }
  const back = () => void sync();
  window.addEventListener('online', back);
  document.addEventListener('visibilitychange', back);
  const opened = reread()
    .catch(() => state.setState({ ready: true }))
    .then(() => void sync());

  return {
    plan,
    state,
    opened,
    sync,

    /** One line more. It counts at once. */
    add(made: Made): Entry {
      const entry: Entry = {
        id: crypto.randomUUID(),
        device: deviceName(),
        who: who(),
        at: Math.round(now()),
        seen: place(),
        step: '',
        amount: 0,
        about: '',
        ...made,
      };
      state.setState((s) => ({ waiting: [...s.waiting, entry] }));
      void store
        .wait(plan, entry)
        .then(() => windows?.postMessage('changed'))
        .finally(() => void sync());
      return entry;
    },

    /** What the live stream says: there is something new. */
    heard(newest: number): void {
      if (newest > place()) {
        void sync();
      }
    },

    close(): void {
      closed = true;
      clearTimeout(timer);
      windows?.close();
      window.removeEventListener('online', back);
      document.removeEventListener('visibilitychange', back);
    },
  };
}

/** What a journal asks of the server. */
export type Wire = Pick<typeof api, 'journal' | 'sendLines'>;

/** All lines, those that wait after those that are kept, as what follows from them is asked. */
export function linesOf({ kept: known, waiting }: Pick<JournalState, 'kept' | 'waiting'>): KeptEntry[] {
  return [...known, ...waiting.map((entry) => ({ entry, place: 0 }))];
}
