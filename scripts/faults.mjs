// write: saves one plan again and again until nobody answers, noting the last save that was. check: that save is there.
import { readFileSync, writeFileSync } from 'node:fs';

const [mode, file] = process.argv.slice(2);
const base = process.env.SECTORUM_BASE;
// As whoever is at the machine: entered once, the session is kept by the database.
const cookie = (await fetch(`${base}/api/enter`, { method: 'POST' })).headers.getSetCookie().map((c) => c.split(';')[0]).join('; ');
const call = async (method, path, body) => {
  const answer = await fetch(base + path, {
    method,
    headers: { 'Content-Type': 'application/json', Cookie: cookie },
    body: body === undefined ? undefined : JSON.stringify(body),
    signal: AbortSignal.timeout(9000),
  });
  if (!answer.ok) throw new Error(`${answer.status} ${await answer.text()}`);
  return answer.json();
};
if (mode === 'write') {
  const { id, document, ...rest } = await call('POST', '/api/plans/fresh', { name: 'Faults' });
  let { revision } = rest;
  // From the first answer on there is something to lose; what a run before noted is not looked for.
  writeFileSync(file, JSON.stringify({ id, revision, height: document.tiers[0].height }));
  for (let i = 0; ; i++) {
    document.tiers[0].height = 50 + (i % 300);
    try {
      ({ revision } = await call('PUT', `/api/plans/${id}`, { base: revision, document }));
      writeFileSync(file, JSON.stringify({ id, revision, height: document.tiers[0].height }));
    } catch {
      break;
    }
  }
} else {
  const noted = JSON.parse(readFileSync(file, 'utf8'));
  const kept = await call('GET', `/api/plans/${noted.id}`);
  // One save more may have been kept whose answer never came.
  const fine = kept.revision === noted.revision ? kept.document.tiers[0].height === noted.height : kept.revision === noted.revision + 1;
  console.log(`noted save ${noted.revision}, found ${kept.revision}: ${fine ? 'nothing lost' : 'LOST'}`);
  process.exit(fine ? 0 : 1);
}
