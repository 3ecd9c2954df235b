// Each person opens a plan of their own, then edits: a workup for every change of the drop, a save now and then.
const [people, seconds] = process.argv.slice(2).map(Number);
const base = process.env.SECTORUM_BASE;
if (!(people >= 1 && people <= 1000 && seconds >= 1 && seconds <= 600) || !base) {
  console.error('people 1 to 1000, seconds 1 to 600');
  process.exit(2);
}
// As whoever is at the machine: entered once, the session is kept by the database.
const cookie = (await fetch(`${base}/api/enter`, { method: 'POST' })).headers.getSetCookie().map((c) => c.split(';')[0]).join('; ');
const call = async (method, path, body) => {
  const answer = await fetch(base + path, {
    method,
    headers: { 'Content-Type': 'application/json', Cookie: cookie },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  const text = await answer.text();
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${text.slice(0, 120)}`);
  return text === '' ? null : JSON.parse(text);
};
const sleep = (ms) => new Promise((done) => setTimeout(done, ms));
const taken = { workup: [], save: [] };
const timed = async (kind, task) => {
  const from = performance.now();
  const value = await task();
  taken[kind].push(performance.now() - from);
  return value;
};
// One edit, its save a quarter of a second after, then a look at what came of it: about two seconds and a half.
async function edits(i, until) {
  let { id, revision, document } = await call('POST', '/api/plans/fresh', { name: `Load ${i}` });
  document.tiers[0].dressings = [
    { id: 'swags', technique: 'swag', division: 'marks', aside: false, covers: false, settings: { drop: 20 } },
  ];
  let errors = 0;
  await sleep((i * 2500) / people);
  while (performance.now() < until) {
    document.tiers[0].dressings[0].settings.drop = 10 + ((i + revision * 7) % 40);
    await timed('workup', () => call('POST', '/api/workup', { plan: document })).catch(() => errors++);
    await sleep(250);
    await timed('save', async () => {
      ({ revision } = await call('PUT', `/api/plans/${id}`, { base: revision, document }));
    }).catch(() => errors++);
    await sleep(1800 + (i % 9) * 150);
  }
  await call('DELETE', `/api/plans/${id}`);
  return errors;
}
// Warm first: a bench machine has been on since the morning.
await Promise.all(Array.from({ length: 20 }, (_, i) => edits(i, performance.now() + 4000)));
taken.workup.length = taken.save.length = 0;
const until = performance.now() + seconds * 1000;
const errors = (await Promise.all(Array.from({ length: people }, (_, i) => edits(i, until)))).reduce((a, b) => a + b, 0);
for (const [kind, list] of Object.entries(taken)) {
  list.sort((a, b) => a - b);
  const at = (share) => list[Math.min(list.length - 1, Math.floor(share * list.length))].toFixed(1);
  console.log(`${kind}: ${list.length}, median ${at(0.5)} ms, 95th ${at(0.95)} ms, 99th ${at(0.99)} ms, most ${at(1)} ms`);
}
console.log(`${people} people, ${seconds} s, ${errors} errors`);
process.exit(errors === 0 ? 0 : 1);
