import { type Craft, type Question, workWith } from './module';

type Told = { module: WebAssembly.Module } | { id: number; question: Question; text: string };

let craft: Promise<Craft> | null = null;

addEventListener('message', async ({ data }: MessageEvent<Told>) => {
  if ('module' in data) {
    craft = workWith(data.module, () => undefined);
    return;
  }
  let said = null;
  try {
    said = (await craft)?.ask(data.question, JSON.parse(data.text)) ?? null;
  } catch {
    // Then the server is asked.
  }
  postMessage({ id: data.id, said });
});
