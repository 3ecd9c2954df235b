import { afterEach, beforeEach, expect, it, vi } from 'vitest';

interface Told {
  id: number;
  question: string;
}
const made: FakeWorker[] = [];

/** A worker that answers when it is told to. */
class FakeWorker {
  onmessage: ((e: { data: { id: number; said: unknown } }) => void) | null = null;
  onerror: (() => void) | null = null;
  asked: Told[] = [];
  terminate = vi.fn();
  constructor() {
    made.push(this);
  }
  postMessage(data: Told | { module: unknown }) {
    if ('id' in data) {
      this.asked.push(data);
    }
  }
  answer(at: number) {
    this.onmessage?.({ data: { id: this.asked[at]!.id, said: { answer: this.asked[at]!.question } } });
  }
}

const module = {} as WebAssembly.Module;

beforeEach(() => {
  vi.resetModules();
  vi.useFakeTimers();
  vi.stubGlobal('Worker', FakeWorker);
  made.length = 0;
});
afterEach(() => {
  vi.useRealTimers();
});

it('gives each its own answer, whatever comes first', async () => {
  const { ask } = await import('./aside');
  const ways = ask(module, 'WaysRequest', '{}');
  const tray = ask(module, 'TrayRequest', '{}');
  made[0]!.answer(1);
  made[0]!.answer(0);
  expect(await ways).toEqual({ answer: 'WaysRequest' });
  expect(await tray).toEqual({ answer: 'TrayRequest' });
  expect(made).toHaveLength(1);
});

it('is let go when nobody asks for long, and begun again', async () => {
  const { ask } = await import('./aside');
  const first = ask(module, 'WaysRequest', '{}');
  vi.advanceTimersByTime(60_000);
  expect(made[0]!.terminate).not.toHaveBeenCalled();
  made[0]!.answer(0);
  await first;
  vi.advanceTimersByTime(60_000);
  expect(made[0]!.terminate).toHaveBeenCalled();
  const second = ask(module, 'BuildRequest', '{}');
  made[1]!.answer(0);
  expect(await second).toEqual({ answer: 'BuildRequest' });
});

it('fails those that wait where it cannot begin', async () => {
  const { ask } = await import('./aside');
  const first = ask(module, 'WaysRequest', '{}');
  made[0]!.onerror?.();
  await expect(first).rejects.toThrow('gone');
});
