import type { Question, Said } from './module';

/** A worker that nobody asks is let go: it holds core a second time. */
const IDLE_MS = 30_000;

let worker: Worker | null = null;
let leave: ReturnType<typeof setTimeout> | undefined;
let number = 0;
const waiting = new Map<number, (said: Said) => void>();

function letGo(): void {
  worker?.terminate();
  worker = null;
  // Whoever still waits asks the server.
  for (const done of waiting.values()) {
    done(null);
  }
  waiting.clear();
}

/** Asks core in a worker of its own, so that a long answer keeps no frame waiting. */
export function ask(module: WebAssembly.Module, question: Question, text: string): Promise<Said> {
  clearTimeout(leave);
  if (worker === null) {
    worker = new Worker(new URL('./worker.ts', import.meta.url), { type: 'module' });
    worker.onmessage = ({ data }: MessageEvent<{ id: number; said: Said }>) => {
      waiting.get(data.id)?.(data.said);
      waiting.delete(data.id);
      if (waiting.size === 0) {
        leave = setTimeout(letGo, IDLE_MS);
      }
    };
    worker.onerror = letGo;
    worker.postMessage({ module });
  }
  const id = ++number;
  return new Promise((done) => {
    waiting.set(id, done);
    worker!.postMessage({ id, question, text });
  });
}
