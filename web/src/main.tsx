import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { setNonce } from 'get-nonce';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Refusal } from './api/client';
import { App } from './app';
import { looked } from './craft/craft';
import './styles.css';
import { fetchAhead } from './shell/fetch-ahead';
import { isUnanswered } from './shell/unanswered';
import { styleNonce } from './ui/nonce';
import { preferencesQuery } from './units/preferences';

setNonce(styleNonce());

const client = new QueryClient({
  defaultOptions: {
    queries: {
      // Without an answer every view asks again until there is one; what is refused is told at once.
      retry: (times, thrown) =>
        thrown instanceof Refusal && thrown.unreachable ? true : times < 1 && !(thrown instanceof Refusal),
      retryDelay: (times) => Math.min(500 * 2 ** times, 4000),
      networkMode: 'always',
      refetchOnWindowFocus: false,
    },
  },
});

/** Long enough for a slow line, short enough not to be taken for broken. */
const PATIENCE_MS = 4000;

const unansweredOr = (ms: number) =>
  new Promise<void>((done) => {
    const stop = client.getQueryCache().subscribe(() => {
      if (isUnanswered(client)) {
        done();
      }
    });
    setTimeout(() => {
      stop();
      done();
    }, ms);
  });

async function begin() {
  // The first screen should not jump from one unit to another, nor from a placeholder to what is on its way already.
  const known = Promise.all([
    fetchAhead(window.location.pathname, client),
    client.prefetchQuery(preferencesQuery),
  ]);
  // Where it does not come the page tells so.
  await Promise.race([known, unansweredOr(PATIENCE_MS)]);
  createRoot(document.getElementById('root')!).render(
    <StrictMode>
      <QueryClientProvider client={client}>
        <App />
      </QueryClientProvider>
    </StrictMode>,
  );
}

declare global {
  interface Window {
    sectorum: typeof looked;
  }
}
window.sectorum = looked;

void begin();
