import { beforeEach, expect, it, vi } from 'vitest';

const asked = vi.fn((_question: string, _body: object): object | null => ({ answer: 7 }));
vi.mock('./craft.wasm?url', () => ({ default: '/assets/craft-own.wasm' }));
let words = 3;
const begun = vi.fn(async () => ({ ask: asked, words }));
vi.mock('./module', () => ({ workWith: begun }));

beforeEach(() => {
  vi.resetModules();
  vi.stubGlobal('fetch', vi.fn());
  vi.stubGlobal('WebAssembly', { compileStreaming: vi.fn(async () => ({})) });
});

it('answers once it is here, and counts who did', async () => {
  const { begin, looked, said } = await import('./craft');
  expect(said('WorkupRequest', {})).toBeNull();
  await begin(() => undefined);
  expect(looked.state).toBe('ready');
  expect(said('WorkupRequest', {})).toEqual({ answer: 7 });
  asked.mockReturnValueOnce({ refused: { field: 'plan', detail: 'No.', phrase: {} } });
  expect(said('WorkupRequest', {})).toHaveProperty('refused');
  expect(looked.counts).toEqual({ here: 1, there: 2 });
});

it.each([
  ['its own', 'craft-own.wasm', 'ready', { answer: 7 }],
  ['another', 'craft-newer.wasm', 'outdated', null],
  ['none', null, 'ready', { answer: 7 }],
])('beside a server that carries %s core', async (_, name, state, answer) => {
  const { begin, heard, looked, said } = await import('./craft');
  await begin(() => undefined);
  heard(name);
  expect(looked.state).toBe(state);
  expect(said('WorkupRequest', {})).toEqual(answer);
});

it('is begun anew once it holds too many words', async () => {
  words = 60_000;
  const { begin, said } = await import('./craft');
  await begin(() => undefined);
  const before = begun.mock.calls.length;
  words = 3;
  said('WorkupRequest', {});
  said('WorkupRequest', {});
  await vi.waitFor(() => expect(begun.mock.calls.length).toBe(before + 1));
  said('WorkupRequest', {});
  expect(begun.mock.calls.length).toBe(before + 1);
});

it('never begins beside a newer server', async () => {
  const { begin, heard, looked } = await import('./craft');
  const begun = begin(() => undefined);
  heard('craft-newer.wasm');
  await begun;
  expect(looked.state).toBe('outdated');
});

it('answers long questions itself where there can be no worker', async () => {
  vi.doMock('./aside', () => ({ ask: async () => Promise.reject(new Error('no script')) }));
  const { begin, saidAside } = await import('./craft');
  await begin(() => undefined);
  expect(await saidAside('WaysRequest', '{"tier":"top"}')).toEqual({ answer: 7 });
  expect(asked).toHaveBeenLastCalledWith('WaysRequest', { tier: 'top' });
  vi.doUnmock('./aside');
});

it('is done without where it cannot be compiled', async () => {
  vi.stubGlobal('WebAssembly', {
    compileStreaming: async () => Promise.reject(new Error('no such browser')),
  });
  const { begin, looked, saidAside } = await import('./craft');
  await begin(() => undefined);
  expect(looked.state).toBe('none');
  expect(await saidAside('WaysRequest', '{}')).toBeNull();
});
