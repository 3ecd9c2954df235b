import { describe, expect, it, vi } from 'vitest';
import { type Entry, type KeptEntry, Refusal } from '../api/client';
import { type Journal, openJournal, type Wire } from './journal';
import type { Store } from './store';

// Two devices have no channel between them, as two windows have.
vi.stubGlobal('BroadcastChannel', undefined);

/** The same chances every run. */
function dice(seed: number): () => number {
  let a = seed * 2654435761;
  return () => {
    a = (a + 0x6d2b79f5) | 0;
    let t = Math.imul(a ^ (a >>> 15), 1 | a);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

const away = () =>
  new Refusal({ type: 'unreachable', title: 'No answer', status: 0, detail: 'Nobody answers.' });
const refused = () => new Refusal({ type: 'x', title: 'Not possible', status: 400, detail: 'No such line.' });

/** A server that keeps each line once, and a line to it that is cut where it is told. */
function server() {
  const kept: KeptEntry[] = [];
  let cut: 'no' | 'before' | 'after' = 'no';
  const answer = (after: number) => ({
    now: 1_000_000,
    revision: 1,
    lines: kept.filter((l) => l.place > after),
    more: false,
  });
  const wire: Wire = {
    async journal(_, after) {
      if (cut !== 'no') {
        throw away();
      }
      return answer(after);
    },
    async sendLines(_, lines, after) {
      if (cut === 'before') {
        throw away();
      }
      if (lines.some((l) => l.about === 'bad')) {
        throw refused();
      }
      for (const entry of lines) {
        if (!kept.some((k) => k.entry.id === entry.id)) {
          kept.push({ entry, place: kept.length + 1 });
        }
      }
      if (cut === 'after') {
        throw away();
      }
      return answer(after);
    },
  };
  return {
    kept,
    wire,
    cutting(where: typeof cut) {
      cut = where;
    },
  };
}

/** What a device keeps, over every reload. */
function device(): Store {
  let waiting: Entry[] = [];
  const lines = new Map<number, KeptEntry>();
  return {
    async load() {
      return { kept: [...lines.values()].sort((a, b) => a.place - b.place), waiting: [...waiting] };
    },
    async wait(_, entry) {
      waiting.push(entry);
    },
    async keep(_, fresh, settled) {
      const gone = new Set([...fresh.map((l) => l.entry.id), ...settled]);
      for (const l of fresh) {
        lines.set(l.place, l);
      }
      waiting = waiting.filter((e) => !gone.has(e.id));
    },
    async steps() {
      return null;
    },
    async keepSteps() {},
  };
}

const ids = (lines: readonly KeptEntry[]) => lines.map((l) => l.entry.id);

async function opened(store: Store, wire: Wire): Promise<Journal> {
  const journal = openJournal(1, store, wire);
  await journal.opened;
  return journal;
}

describe('a journal on a device', () => {
  it('counts a line at once, and sends it when there is somebody', async () => {
    const there = server();
    there.cutting('before');
    const journal = await opened(device(), there.wire);
    journal.add({ kind: 'tick', step: 'a/1' });
    expect(journal.state.getState().waiting).toHaveLength(1);
    await journal.sync();
    expect(journal.state.getState()).toMatchObject({ touch: 'away' });
    there.cutting('no');
    await journal.sync();
    expect(journal.state.getState()).toMatchObject({ touch: 'in touch', waiting: [] });
    expect(there.kept).toHaveLength(1);
    journal.close();
  });

  it('lets one bad line hold up no other, and says why', async () => {
    const there = server();
    const journal = await opened(device(), there.wire);
    there.cutting('before');
    journal.add({ kind: 'tick', step: 'a/1' });
    journal.add({ kind: 'note', step: 'a/1', about: 'bad' });
    journal.add({ kind: 'tick', step: 'a/2' });
    await journal.sync();
    there.cutting('no');
    await journal.sync();
    const { waiting, refused: told } = journal.state.getState();
    expect(waiting).toEqual([]);
    expect(told).toHaveLength(1);
    expect(there.kept.map((l) => l.entry.step)).toEqual(['a/1', 'a/2']);
    journal.close();
  });

  it('is whole wherever the line is cut in a sitting', async () => {
    const sitting = Array.from({ length: 12 }, (_, i) =>
      i % 4 === 3
        ? { kind: 'tick' as const, step: `a/${i}` }
        : { kind: 'count' as const, step: 'a/1', amount: 1 },
    );
    for (let cut = 0; cut < sitting.length; cut++) {
      for (const where of ['before', 'after'] as const) {
        const there = server();
        const journal = await opened(device(), there.wire);
        const made: string[] = [];
        for (const [i, line] of sitting.entries()) {
          there.cutting(i === cut ? where : 'no');
          made.push(journal.add(line).id);
          await journal.sync();
        }
        there.cutting('no');
        await journal.sync();
        expect(ids(there.kept), `cut ${where} line ${cut}`).toEqual(made);
        expect(ids(journal.state.getState().kept)).toEqual(made);
        journal.close();
      }
    }
  });

  it('loses and doubles nothing over 500 cuts, reloads and two devices', async () => {
    for (let seed = 1; seed <= 500; seed++) {
      const roll = dice(seed);
      const there = server();
      const stores = [device(), device()];
      const journals = await Promise.all(stores.map((s) => opened(s, there.wire)));
      const made: string[][] = [[], []];
      for (let i = 0; i < 14; i++) {
        const d = roll() < 0.5 ? 0 : 1;
        there.cutting((['no', 'before', 'after'] as const)[Math.floor(roll() * 3)]!);
        made[d]!.push(journals[d]!.add({ kind: 'count', step: 'a/1', amount: 1 }).id);
        if (roll() < 0.6) {
          await journals[d]!.sync();
        }
        if (roll() < 0.25) {
          // Let what is under way be written, as a page that is left does.
          await journals[d]!.sync();
          journals[d]!.close();
          journals[d] = await opened(stores[d]!, there.wire);
        }
      }
      there.cutting('no');
      for (const j of [...journals, ...journals]) {
        await j.sync();
      }
      const all = ids(there.kept);
      expect(new Set(all).size, `seed ${seed}`).toBe(all.length);
      expect([...all].sort()).toEqual(made.flat().sort());
      journals.forEach((j, d) => {
        expect(ids(j.state.getState().kept), `device ${d} of seed ${seed}`).toEqual(all);
        expect(j.state.getState().waiting).toEqual([]);
        expect(all.filter((id) => made[d]!.includes(id))).toEqual(made[d]);
        j.close();
      });
    }
  }, 60_000);
});
