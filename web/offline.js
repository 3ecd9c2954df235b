/*
 * The page without a connection. Its files come with the build and are kept as they are; what a plan's turntable reads is kept as
 * it was answered last. Files of another build wait until whoever works says so.
 */
const BUILD = '__BUILD__';
const FILES = __FILES__;
const SHELL = `sectorum-shell-${BUILD}`;
const DATA = 'sectorum-data-1';
const PAGE = '/';
/** Who has not answered by then is taken for away, ms. */
const PATIENCE_MS = 6000;
/** What the turntable reads, by address. */
const KEPT = /^\/api\/(plans\/\d+(\/opened|\/pictures)?|preferences|bench|catalogue|names|pictures\/\d+)$/;

self.addEventListener('install', (event) => {
  event.waitUntil(
    caches.open(SHELL).then((shell) => shell.addAll(FILES.map((f) => new Request(f, { cache: 'no-cache' })))),
  );
});

self.addEventListener('activate', (event) => {
  event.waitUntil(
    (async () => {
      for (const name of await caches.keys()) {
        if (name !== SHELL && name !== DATA) {
          await caches.delete(name);
        }
      }
      await self.clients.claim();
    })(),
  );
});

self.addEventListener('message', (event) => {
  if (event.data === 'take over') {
    void self.skipWaiting();
  }
});

const patient = (request) => fetch(request, { signal: AbortSignal.timeout(PATIENCE_MS) });

/** The page keeps its header and the number in it together, so that its styles hold. */
async function page(request) {
  try {
    return await patient(request);
  } catch {
    return (await caches.match(PAGE)) ?? Response.error();
  }
}

async function file(request) {
  return (await caches.match(request, { cacheName: SHELL })) ?? fetch(request);
}

async function kept(request) {
  const data = await caches.open(DATA);
  try {
    const answer = await patient(request);
    if (answer.ok) {
      await data.put(request.url, answer.clone());
    }
    return answer;
  } catch (thrown) {
    const known = await data.match(request.url);
    if (known) {
      return known;
    }
    throw thrown;
  }
}

/** A plan that was saved, or looked at anew, is opened as it is now. */
async function refreshed(path) {
  const opened = `${self.location.origin}${path}/opened`;
  const data = await caches.open(DATA);
  if (await data.match(opened)) {
    const answer = await patient(opened);
    if (answer.ok) {
      await data.put(opened, answer);
    }
  }
}

async function saved(request, path) {
  const answer = await fetch(request);
  return [answer, answer.ok ? refreshed(path).catch(() => undefined) : undefined];
}

self.addEventListener('fetch', (event) => {
  const { request } = event;
  const url = new URL(request.url);
  if (url.origin !== self.location.origin) {
    return;
  }
  if (request.mode === 'navigate') {
    event.respondWith(page(request));
  } else if (request.method === 'PUT' && /^\/api\/plans\/\d+$/.test(url.pathname)) {
    const done = saved(request, url.pathname);
    event.respondWith(done.then(([answer]) => answer));
    event.waitUntil(done.then(([, later]) => later).catch(() => undefined));
  } else if (request.method === 'GET' && KEPT.test(url.pathname)) {
    event.respondWith(kept(request));
    if (/^\/api\/plans\/\d+$/.test(url.pathname)) {
      event.waitUntil(refreshed(url.pathname).catch(() => undefined));
    }
  } else if (request.method === 'GET' && FILES.includes(url.pathname) && url.pathname !== PAGE) {
    event.respondWith(file(request));
  }
});
