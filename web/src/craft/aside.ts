import type { Question, Said } from './module';

/** A worker that nobody asks is let go: it holds core a second time. */
const IDLE_MS = 30_000;

let worker: Worker | null = null;
let leave: ReturnType<typeof setTimeout> | undefined;
let number = 0;
const waiting = new Map<number, { resolve: (said: Said) => void; reject: (gone: Error) => void }>();

function letGo(): void {
  worker?.terminate();
  worker = null;
  for (const each of waiting.values()) {
    each.reject(new Error('The worker is gone'));
  }
  waiting.clear();
}

/** Asks core in a worker of its own, so that a long answer keeps no frame waiting; fails where there can be no worker. */
export function ask(module: WebAssembly.Module, question: Question, text: string): Promise<Said> {
  clearTimeout(leave);
  if (worker === null) {
    worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<{ id: number; said: Said }>) => {
      waiting.get(data.id)?.resolve(data.said);
      waiting.delete(data.id);
      if (waiting.size === 0) {
        leave = setTimeout(letGo, IDLE_MS);
      }
    };
    worker.onerror = letGo;
    worker.postMessage({ module });
  }
  const id = ++number;
  return new Promise((resolve, reject) => {
    waiting.set(id, { resolve, reject });
    worker!.postMessage({ id, question, text });
  });
}
