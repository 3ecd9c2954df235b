import { tell } from '../ui/toasts';

/** Files of a newer build have come: they are taken when whoever works says so, never in the middle of a step. */
function waits(worker: ServiceWorker): void {
  tell('A newer Sectorum has come.', {
    label: 'Take it',
    run: () => {
      navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
        once: true,
      });
      worker.postMessage('take over');
    },
  });
}

function watch(registration: ServiceWorkerRegistration): void {
  if (registration.waiting && navigator.serviceWorker.controller) {
    waits(registration.waiting);
  }
  registration.addEventListener('updatefound', () => {
    const fresh = registration.installing;
    fresh?.addEventListener('statechange', () => {
      if (fresh.state === 'installed' && navigator.serviceWorker.controller) {
        waits(fresh);
      }
    });
  });
}

const TAKES_OVER_MS = 3000;

/** Keeps the page and its plan on the device, so that they open without a connection, too. */
export async function keepOnDevice(plan: number): Promise<void> {
  if (!('serviceWorker' in navigator)) {
    return;
  }
  try {
    await navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' });
  } catch {
    // Away, or not over an encrypted line: what is kept already goes on serving.
  }
  const registration = await navigator.serviceWorker.getRegistration();
  if (registration) {
    watch(registration);
    await navigator.serviceWorker.ready;
    if (!navigator.serviceWorker.controller) {
      // It stands, and takes this page over within a moment.
      await new Promise((taken) => {
        navigator.serviceWorker.addEventListener('controllerchange', taken, { once: true });
        setTimeout(taken, TAKES_OVER_MS);
      });
    }
    // What was asked for before the worker stood is asked for once more, so that it keeps it.
    for (const path of [
      `/api/plans/${plan}/opened`,
      '/api/preferences',
      '/api/bench',
      '/api/catalogue',
      '/api/names',
      `/api/plans/${plan}/pictures`,
    ]) {
      void fetch(path).catch(() => undefined);
    }
    const pictures = await fetch(`/api/plans/${plan}/pictures`)
      .then((r) => r.json() as Promise<{ id: number }[]>)
      .catch(() => []);
    pictures.forEach((p) => void fetch(`/api/pictures/${p.id}`).catch(() => undefined));
  }
  // The device is asked not to clear it away by itself.
  void navigator.storage?.persist?.().catch(() => undefined);
}
