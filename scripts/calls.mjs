// What the scripts that ask a running Sectorum share: entering it as whoever is at the machine, asking, waiting, sharing out.
import http from 'node:http';

export const base = process.env.SECTORUM_BASE;
if (!base) {
  console.error('SECTORUM_BASE names no Sectorum to ask');
  process.exit(2);
}
export const sleep = (ms) => new Promise((done) => setTimeout(done, ms));

// Plain requests over connections that stay: the asking costs a fraction of what `fetch` does, and so is not what is measured.
const agent = new http.Agent({ keepAlive: true, maxSockets: 1024 });

/** Status, text and headers of an answer. Body: an object, sent as JSON, or bytes. Throws where nobody answers in time. */
export function asked(method, path, { body, cookie = '', patience = 30_000, at = base } = {}) {
  const bytes = body === undefined || Buffer.isBuffer(body) ? body : Buffer.from(JSON.stringify(body));
  const type = Buffer.isBuffer(body) ? 'application/octet-stream' : 'application/json';
  return new Promise((done, failed) => {
    const request = http.request(at + path, {
      agent,
      method,
      headers: { 'Content-Type': type, 'Content-Length': bytes?.length ?? 0, Cookie: cookie },
      timeout: patience,
    });
    request.on('timeout', () => request.destroy(new Error(`${method} ${path}: no answer in ${patience} ms`)));
    request.on('error', failed);
    request.on('response', (response) => {
      const parts = [];
      response.on('data', (part) => parts.push(part));
      response.on('error', failed);
      response.on('end', () =>
        done({ status: response.statusCode, text: Buffer.concat(parts).toString(), headers: response.headers }),
      );
    });
    request.end(bytes);
  });
}

/** Entered once; the session is kept by the database. `ask` answers with status and text, `call` throws what is no answer. */
export async function signedIn(patience = 30_000) {
  const entered = await asked('POST', '/api/enter', { patience });
  if (entered.status !== 204) throw new Error(`Nobody is let in: ${entered.status} ${entered.text}`);
  const cookie = entered.headers['set-cookie'].map((c) => c.split(';')[0]).join('; ');
  const ask = (method, path, body, ms = patience) => asked(method, path, { body, cookie, patience: ms });
  const call = async (method, path, body, ms) => {
    const { status, text } = await ask(method, path, body, ms);
    if (status >= 300) throw new Error(`${method} ${path}: ${status} ${text.slice(0, 200)}`);
    return text === '' ? null : JSON.parse(text);
  };
  return { ask, call, cookie };
}

/** The value that so great a share of a list stays under. */
export function quantile(list, share) {
  const sorted = [...list].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}
