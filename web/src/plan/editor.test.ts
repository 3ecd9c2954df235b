import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { api, type Plan, Refusal, type StackWorkup } from '../api/client';
import { findDraft } from './draft';
import { createEditor, type Editor } from './editor';
import { count } from './edits';
import { openEditor } from './open-editor';
import { sampleBench, samplePlan } from './sample';

const saved = (revision: number, document: Plan = samplePlan()) => ({
  id: 9,
  revision,
  savedAt: '2026-11-24T10:00:00Z',
  document,
});
const workup = (tiers: object[] = []): StackWorkup =>
  ({ tiers: tiers.map((t) => ({ ...t, dressings: [] })), ledges: [] as number[] }) as unknown as StackWorkup;
const rename = (name: string) => (plan: Plan) => ({ ...plan, name });
const refusal = (status: number, more = {}) =>
  new Refusal({ type: 't', title: 'T', status, detail: `status ${status}`, ...more });

beforeEach(() => {
  vi.useFakeTimers();
  localStorage.clear();
  vi.spyOn(api, 'workup').mockImplementation(async (plan) => workup(plan.tiers.map(({ id }) => ({ id }))));
  vi.spyOn(api, 'save').mockImplementation(async (_id, base, document) => saved(base + 1, document));
});
afterEach(() => {
  vi.restoreAllMocks();
  vi.useRealTimers();
});

describe('the editor', () => {
  it('shows a document only together with its workup, then saves it once', async () => {
    const { store, edit } = createEditor(saved(3), workup(), () => sampleBench);
    await edit(rename('a'));
    await edit(rename('b'));
    expect(store.getState().history.present.name).toBe('b');
    expect(store.getState().saving).toBe('waiting');
    expect(findDraft(9)?.plan.name).toBe('b');
    await vi.advanceTimersByTimeAsync(400);
    expect(api.save).toHaveBeenCalledOnce();
    expect(store.getState()).toMatchObject({ revision: 4, saving: 'saved' });
    expect(findDraft(9)).toBeNull();
  });

  it('asks anew only for the tiers that an edit touched', async () => {
    const two = samplePlan();
    two.tiers.push({ ...two.tiers[0]!, id: 'foot' });
    const known = workup([{ id: 'top' }, { id: 'foot' }]);
    const { store, edit } = createEditor(saved(3, two), known, () => sampleBench);
    await edit(count('foot', 'marks', 7));
    expect(vi.mocked(api.workup).mock.lastCall?.[2]).toEqual(['foot']);
    expect(store.getState().workup.tiers[0]).toBe(known.tiers[0]);
    await edit(rename('nothing of a tier'));
    expect(vi.mocked(api.workup).mock.lastCall?.[2]).toEqual([]);
  });

  it('changes nothing when an edit is refused, and says why', async () => {
    vi.mocked(api.workup).mockRejectedValueOnce(refusal(400));
    const { store, edit } = createEditor(saved(3), workup(), () => sampleBench);
    expect((await edit(rename('bad')))?.detail).toBe('status 400');
    expect(store.getState().history.present.name).toBe('Sample');
    await vi.advanceTimersByTimeAsync(400);
    expect(api.save).not.toHaveBeenCalled();
  });

  it('a row of presses makes one edit after the other', async () => {
    const { store, edit } = createEditor(saved(3), workup(), () => sampleBench);
    await Promise.all([1, 2, 3].map((n) => edit((plan) => ({ ...plan, name: `${plan.name}${n}` }))));
    expect(store.getState().history.present.name).toBe('Sample123');
    expect(store.getState().history.past).toHaveLength(3);
  });

  it('undoes, redoes and saves what it went back to', async () => {
    const { store, edit, undo, redo } = createEditor(saved(3), workup(), () => sampleBench);
    await edit(rename('a'));
    await undo();
    expect(store.getState().history.present.name).toBe('Sample');
    await redo();
    expect(store.getState().history.present.name).toBe('a');
  });

  it('previews without keeping, one request at a time, the newest last', async () => {
    let let1: (w: StackWorkup) => void = () => undefined;
    vi.mocked(api.workup).mockImplementationOnce(() => new Promise((done) => (let1 = done)));
    const { store, preview, letGo } = createEditor(saved(3), workup(), () => sampleBench);
    preview(rename('1'));
    preview(rename('2'));
    preview(rename('3'));
    expect(api.workup).toHaveBeenCalledOnce();
    let1(workup());
    await vi.advanceTimersByTimeAsync(0);
    expect(store.getState().live?.plan.name).toBe('3');
    expect(api.workup).toHaveBeenCalledTimes(2);
    letGo();
    expect(store.getState().live).toBeNull();
    expect(store.getState().history.present.name).toBe('Sample');
  });

  it.each([
    ['mine', 'mine', 8],
    ['theirs', 'theirs', 7],
  ] as const)('a stale save keeps both sides until %s is chosen', async (keep, name, revision) => {
    vi.mocked(api.save).mockRejectedValueOnce(
      refusal(409, { theirs: saved(7, { ...samplePlan(), name: 'theirs' }) }),
    );
    const { store, edit, settle } = createEditor(saved(3), workup(), () => sampleBench);
    await edit(rename('mine'));
    await vi.advanceTimersByTimeAsync(400);
    expect(store.getState().conflict?.theirs.document.name).toBe('theirs');
    expect(store.getState().history.present.name).toBe('mine');
    await settle(keep);
    expect(store.getState().history.present.name).toBe(name);
    expect(store.getState()).toMatchObject({ revision, conflict: null, saving: 'saved' });
  });

  it('keeps trying when the server is gone, and the draft outlives the page', async () => {
    vi.mocked(api.save).mockRejectedValueOnce(refusal(0));
    const first = createEditor(saved(3), workup(), () => sampleBench);
    await first.edit(rename('alone'));
    await vi.advanceTimersByTimeAsync(400);
    expect(first.store.getState().saving).toBe('unreachable');
    expect(findDraft(9)?.plan.name).toBe('alone');
    vi.spyOn(api, 'opened').mockResolvedValue({ saved: saved(3), bench: sampleBench, workup: workup() });
    const again = await openEditor(9, () => sampleBench);
    expect(again.store.getState().history.present.name).toBe('alone');
    await vi.advanceTimersByTimeAsync(3500);
    expect(first.store.getState().saving).toBe('saved');
  });

  it('a draft made before somebody else saved is put together with theirs, from what it started from', async () => {
    const first = createEditor(saved(3), workup(), () => sampleBench);
    vi.mocked(api.save).mockRejectedValue(refusal(0));
    await first.edit(rename('mine'));
    vi.spyOn(api, 'opened').mockResolvedValue({
      saved: saved(5, { ...samplePlan(), name: 'theirs' }),
      bench: sampleBench,
      workup: workup(),
    });
    const again = await openEditor(9, () => sampleBench);
    expect(again.store.getState().history.present.name).toBe('mine');
    vi.mocked(api.save).mockClear();
    await vi.advanceTimersByTimeAsync(400);
    expect(vi.mocked(api.save).mock.calls).toContainEqual([
      9,
      3,
      expect.objectContaining({ name: 'mine' }),
      { from: expect.objectContaining({ name: 'Sample' }), choices: {} },
    ]);
  });

  it.each([0, 40, 400, 2000])('at a delay of %i ms every press counts, in order', async (delay) => {
    vi.mocked(api.workup).mockImplementation(
      (plan) =>
        new Promise((done) => setTimeout(() => done(workup(plan.tiers.map(({ id }) => ({ id })))), delay)),
    );
    const { store, edit, newest, undo } = createEditor(saved(3), workup(), () => sampleBench);
    const start = newest().tiers[0]!.divisions[0]!.count;
    const more = (plan: Plan) => count('top', 'marks', plan.tiers[0]!.divisions[0]!.count + 1)(plan);
    const presses = [];
    for (let i = 0; i < 6; i++) {
      presses.push(edit(more));
      await vi.advanceTimersByTimeAsync(delay / 5);
    }
    presses.push(undo());
    expect(newest().tiers[0]!.divisions[0]!.count).toBe(start + 5);
    await vi.advanceTimersByTimeAsync(delay * 8 + 10);
    expect(await Promise.all(presses)).toEqual(Array(7).fill(null));
    expect(store.getState().history.present.tiers[0]!.divisions[0]!.count).toBe(start + 5);
    expect(store.getState().history.past).toHaveLength(5);
    expect(store.getState().kept).toBe(0);
  });

  it('without an answer keeps what is done, says so, and makes up for it', async () => {
    const gone = refusal(0);
    vi.mocked(api.workup).mockRejectedValue(gone);
    const { store, edit, undo, newest } = createEditor(saved(3), workup(), () => sampleBench);
    const waiting = [edit(rename('a')), edit(rename('b')), undo()];
    await vi.advanceTimersByTimeAsync(10);
    expect(await Promise.all(waiting)).toEqual([null, null, null]);
    expect(store.getState()).toMatchObject({ saving: 'unreachable', kept: 3 });
    expect(store.getState().history.present.name).toBe('Sample');
    expect(newest().name).toBe('a');
    expect(findDraft(9)?.plan.name).toBe('a');
    vi.mocked(api.workup).mockImplementation(async (plan) => workup(plan.tiers.map(({ id }) => ({ id }))));
    await vi.advanceTimersByTimeAsync(3000);
    expect(store.getState()).toMatchObject({ saving: 'saved', kept: 0, revision: 4 });
    expect(store.getState().history.present.name).toBe('a');
    expect(findDraft(9)).toBeNull();
  });

  it('a database that stands still is no refusal: the edit is kept and saved when it is back', async () => {
    vi.mocked(api.save).mockRejectedValueOnce(refusal(503));
    const { store, edit } = createEditor(saved(3), workup(), () => sampleBench);
    await edit(rename('a'));
    await vi.advanceTimersByTimeAsync(400);
    expect(store.getState()).toMatchObject({ saving: 'unreachable', trouble: null });
    await vi.advanceTimersByTimeAsync(2500);
    expect(store.getState()).toMatchObject({ saving: 'saved', revision: 4 });
  });

  it('of several steps only the one that cannot be is left out', async () => {
    let first = true;
    vi.mocked(api.workup).mockImplementation(async (plan) => {
      if (first) {
        first = false;
        await new Promise((done) => setTimeout(done, 100));
      }
      if (plan.name.includes('bad')) {
        throw refusal(400);
      }
      return workup(plan.tiers.map(({ id }) => ({ id })));
    });
    const { store, edit } = createEditor(saved(3), workup(), () => sampleBench);
    const append = (more: string) => edit((plan) => ({ ...plan, name: `${plan.name}${more}` }));
    const all = Promise.all(['1', '-bad', '2', '3'].map(append));
    await vi.advanceTimersByTimeAsync(300);
    const answers = await all;
    expect(answers.map((a) => a?.status ?? null)).toEqual([null, 400, null, null]);
    expect(store.getState().history.present.name).toBe('Sample123');
  });

  it('mine is made on what the other side has: what I left alone is theirs', async () => {
    const theirs = saved(7, { ...samplePlan(), readyBy: '2031-01-01T10:00' });
    vi.mocked(api.save).mockRejectedValueOnce(refusal(409, { theirs }));
    const { store, edit, settle } = createEditor(saved(3), workup(), () => sampleBench);
    await edit(rename('mine'));
    await vi.advanceTimersByTimeAsync(400);
    expect(store.getState().conflict).not.toBeNull();
    await settle('mine');
    expect(vi.mocked(api.save).mock.lastCall).toEqual([
      9,
      7,
      expect.objectContaining({ name: 'mine', readyBy: '2031-01-01T10:00' }),
      { choices: {} },
    ]);
  });

  describe('with another in the same plan', () => {
    const day = '2031-01-01T10:00';
    const together = (base: number) => async (_: number, __: number, document: Plan) =>
      saved(base, { ...document, readyBy: day });

    it('shows what both together come to, and undo takes back only what was done here', async () => {
      vi.mocked(api.save).mockImplementationOnce(together(5));
      const { store, edit, undo } = createEditor(saved(3), workup(), () => sampleBench);
      await edit(rename('mine'));
      await vi.advanceTimersByTimeAsync(400);
      expect(store.getState().history.present).toMatchObject({ name: 'mine', readyBy: day });
      expect(store.getState()).toMatchObject({ revision: 5, saving: 'saved', from: null });
      expect(api.save).toHaveBeenCalledOnce();
      await undo();
      expect(store.getState().history.present).toMatchObject({ name: 'Sample', readyBy: day });
    });

    it('edits made while the save is on its way are put together from what was sent', async () => {
      let answer: (() => void) | undefined;
      vi.mocked(api.save).mockImplementationOnce(
        (_, __, document) =>
          new Promise((done) => {
            answer = () => done(saved(5, { ...document, readyBy: day }));
          }),
      );
      const { store, edit } = createEditor(saved(3), workup(), () => sampleBench);
      await edit(rename('first'));
      await vi.advanceTimersByTimeAsync(300);
      await edit(rename('second'));
      vi.mocked(api.save).mockImplementationOnce(together(6));
      answer!();
      await vi.advanceTimersByTimeAsync(1000);
      expect(vi.mocked(api.save).mock.calls[1]).toEqual([
        9,
        3,
        expect.objectContaining({ name: 'second' }),
        { from: expect.objectContaining({ name: 'first' }), choices: {} },
      ]);
      expect(store.getState().history.present).toMatchObject({ name: 'second', readyBy: day });
    });

    it('each part that both changed is answered for itself', async () => {
      const theirs = saved(7, { ...samplePlan(), name: 'theirs' });
      vi.mocked(api.save).mockRejectedValueOnce(refusal(409, { theirs, clashes: ['/name'] }));
      const { store, edit, settle } = createEditor(saved(3), workup(), () => sampleBench);
      await edit(rename('mine'));
      await vi.advanceTimersByTimeAsync(400);
      expect(store.getState().conflict?.clashes).toEqual(['/name']);
      vi.mocked(api.save).mockImplementationOnce(async () => saved(8, theirs.document));
      await settle({ '/name': 'theirs' });
      expect(vi.mocked(api.save).mock.lastCall?.[3]).toEqual({ choices: { '/name': 'theirs' } });
      expect(store.getState().history.present.name).toBe('theirs');
      expect(store.getState()).toMatchObject({ revision: 8, conflict: null, saving: 'saved' });
    });

    it('follows what another saved while nothing is on its way here, and undo keeps theirs', async () => {
      const { store, edit, keepUp, undo } = createEditor(saved(3), workup(), () => sampleBench);
      await edit(rename('mine'));
      await vi.advanceTimersByTimeAsync(400);
      vi.spyOn(api, 'plan').mockResolvedValue(saved(6, { ...samplePlan(), name: 'mine', readyBy: day }));
      await keepUp(6);
      expect(store.getState()).toMatchObject({ revision: 6, saving: 'saved' });
      expect(store.getState().history.present.readyBy).toBe(day);
      await undo();
      expect(store.getState().history.present).toMatchObject({ name: 'Sample', readyBy: day });
    });

    it.each([
      ['the answer does not come', async () => undefined],
      ['a handle is held', async (editor: Editor) => editor.preview(rename('pulled'))],
    ])('asks again for what another saved where %s', async (_, meanwhile) => {
      const editor = createEditor(saved(3), workup(), () => sampleBench);
      const asked = vi.spyOn(api, 'plan').mockRejectedValueOnce(new Error('away'));
      asked.mockResolvedValue(saved(6, { ...samplePlan(), readyBy: day }));
      await meanwhile(editor);
      await editor.keepUp(6);
      expect(editor.store.getState().revision).toBe(3);
      editor.letGo();
      await vi.advanceTimersByTimeAsync(5000);
      expect(editor.store.getState()).toMatchObject({ revision: 6, saving: 'saved' });
      expect(editor.store.getState().history.present.readyBy).toBe(day);
      const calls = asked.mock.calls.length;
      await vi.advanceTimersByTimeAsync(10_000);
      expect(asked).toHaveBeenCalledTimes(calls);
      editor.close();
    });
  });
});
