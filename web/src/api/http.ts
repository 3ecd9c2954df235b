import createClient from 'openapi-fetch';
import { heard, said, saidAside } from '../craft/craft';
import type { Question, Said } from '../craft/module';
import { type Problem, Refusal } from './problem';
import type { paths } from './schema.generated';
import type { Phrase, Plan } from './types';

/** Whoever has not answered by then does not: what waits is kept and asked again. */
const PATIENCE_MS = 20_000;

/** An archive takes as long as it is large. */
const ARCHIVE_MS = 600_000;
const patience = (request: Request) => (request.url.endsWith('/api/archive') ? ARCHIVE_MS : PATIENCE_MS);

/** The request itself: what is no answer, or a refusal, is thrown as a problem. */
async function asked(request: Request): Promise<Response> {
  const hangUp = request.signal;
  let response: Response;
  try {
    response = await fetch(request, {
      signal: AbortSignal.any([hangUp, AbortSignal.timeout(patience(request))]),
    });
  } catch (thrown) {
    if (hangUp.aborted) {
      throw thrown;
    }
    throw new Refusal({
      type: 'unreachable',
      title: 'No answer',
      status: 0,
      detail: 'Sectorum does not answer just now. Nothing was changed there; try again in a moment.',
    });
  }
  heard(response.headers.get('Sectorum-Craft'));
  if (!response.ok) {
    const refused = await problem(response);
    if (refused.type === 'urn:sectorum:problem:unknown') {
      signInFirst();
    }
    throw new Refusal(refused);
  }
  return response;
}

/** Pages that are for whoever is not signed in. */
const OUTSIDE = /^\/(sign-in|join|shared)(\/|$)/;

/** Whoever is not signed in, or not any more, comes back here after; drafts are kept by the browser. */
function signInFirst(): void {
  if (!OUTSIDE.test(window.location.pathname)) {
    const here = window.location.pathname + window.location.search;
    window.location.replace(`/sign-in${here === '/' ? '' : `?to=${encodeURIComponent(here)}`}`);
  }
}

async function problem(response: Response): Promise<Problem> {
  try {
    return (await response.json()) as Problem;
  } catch {
    return {
      type: 'unknown',
      title: 'It went wrong',
      status: response.status,
      detail: `Sectorum answered ${response.status}. Try again; nothing typed is lost.`,
    };
  }
}

const documents = new WeakMap<object, Plan>();

/** A plan as it is shown, with what goes over several tiers on each of them, is asked about as the document it is of. */
export function isShownOf(shown: Plan, document: Plan): void {
  documents.set(shown, document);
}

/** The document that is meant where this is shown. */
export const documentOf = (shown: object): Plan | undefined => documents.get(shown);

/** What is sent: documents in place of what is shown of them. */
export function sent(body: unknown): string {
  return JSON.stringify(body, (_, value) =>
    typeof value === 'object' && value !== null ? (documentOf(value) ?? value) : value,
  );
}

/** Paths, what they take and what they give come from the server's description. */
export const http = createClient<paths>({ baseUrl: location.origin, fetch: asked, bodySerializer: sent });

/** What was answered; a refusal has been thrown before. */
export async function got<T>(answer: Promise<{ data?: T }>): Promise<T> {
  return (await answer).data as T;
}

/**
 * What core in the page said, else what the server says. A refusal is told by the server, too, so that it has one source;
 * without one, core's own phrase is shown.
 */
async function orElse<T>(here: Said, server: () => Promise<T>): Promise<T> {
  if (here !== null && 'answer' in here) {
    return here.answer as T;
  }
  try {
    return await server();
  } catch (thrown) {
    if (here !== null && thrown instanceof Refusal && thrown.unreachable) {
      const { detail, field, phrase } = here.refused;
      throw new Refusal({
        type: 'urn:sectorum:problem:refused',
        title: 'Not possible',
        status: 400,
        detail,
        field,
        phrase: phrase as Phrase,
      });
    }
    throw thrown;
  }
}

/** Asks core in the page, else the server. */
export const near = async <T>(question: Question, body: object, server: () => Promise<T>): Promise<T> =>
  orElse(said(question, body), server);

/** The same where an answer takes longer than a frame. */
export const aside = async <T>(question: Question, body: object, server: () => Promise<T>): Promise<T> =>
  orElse(await saidAside(question, sent(body)), server);

export const BLOB = { parseAs: 'blob' } as const;
export const asBlob = (answer: Promise<{ data?: unknown }>): Promise<Blob> =>
  got(answer as Promise<{ data?: Blob }>);

/** A body that is sent as it is: the text of a file, or its bytes. */
export const raw = (body: string | Blob) => ({
  body: body as never,
  bodySerializer: () => body,
  headers: { 'Content-Type': typeof body === 'string' ? 'application/json' : 'application/octet-stream' },
});
export const of = <P extends object>(path: P) => ({ params: { path } });

/** How far a pack is. */
export interface Packing {
  done: number;
  of: number;
}

/** A pack a line at a time, told how far it is; hanging up ends it. */
export async function packed(
  { response }: { response: Response },
  told: (far: Packing) => void,
): Promise<Blob> {
  const reader = response.body!.pipeThrough(new TextDecoderStream()).getReader();
  let text = '';
  for (;;) {
    const { done, value } = await reader.read();
    text += value ?? '';
    const lines = text.split('\n');
    text = lines.pop() ?? '';
    for (const line of lines) {
      const far = JSON.parse(line) as Packing & { pdf?: string };
      if (far.pdf !== undefined) {
        const bytes = Uint8Array.from(atob(far.pdf), (c) => c.charCodeAt(0));
        return new Blob([bytes], { type: 'application/pdf' });
      }
      told(far);
    }
    if (done) {
      throw new Refusal({
        type: 'cut',
        title: 'Cut off',
        status: 0,
        detail: 'The pack broke off. Make it again.',
      });
    }
  }
}
