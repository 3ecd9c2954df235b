// Opens so many slow connections of five kinds, keeps them for twenty seconds, and meanwhile works as people do.
import { connect } from 'node:net';
import { base, quantile, signedIn, sleep } from './calls.mjs';

const SECONDS = 20;
const many = Number(process.argv[2]);
if (!(many >= 5 && many <= 1500)) {
  console.error('connections: 5 to 1500, within what is let in at once');
  process.exit(2);
}
const { call } = await signedIn();
// Whoever sits on it is signed in, too, by another session.
const { cookie } = await signedIn();
const plan = await call('POST', '/api/plans/fresh', { name: 'Beside the slow' });
const { hostname, port } = new URL(base);
const head = (method, path, more = '') =>
  `${method} ${path} HTTP/1.1\r\nHost: 127.0.0.1\r\nCookie: ${cookie}\r\nContent-Type: application/json\r\n${more}`;
const kinds = {
  'a head that drips': { begin: 'GET /api/plans HTTP/1.1\r\nHost: 127.0.0.1\r\nX-Slow: ', drip: 'a' },
  'a body that drips': { begin: `${head('POST', '/api/workup', 'Content-Length: 50000\r\n')}\r\n{`, drip: ' ' },
  'a body of no stated size': { begin: `${head('POST', '/api/workup', 'Transfer-Encoding: chunked\r\n')}\r\n1\r\n{\r\n`, drip: '' },
  'an answer that nobody reads': { begin: `${head('GET', `/api/plans/${plan.id}/opened`)}\r\n`.repeat(40), drip: '', deaf: true },
  'a line that says nothing': { begin: '', drip: '' },
};
const measured = async (seconds) => {
  const took = { page: [], list: [], workup: [], save: [] };
  let refused = 0;
  const until = performance.now() + seconds * 1000;
  const one = async (kind, task) => {
    const from = performance.now();
    try {
      await task();
      took[kind].push(performance.now() - from);
    } catch (thrown) {
      refused++;
      console.log(`   ${kind}: ${thrown.message}`);
    }
  };
  while (performance.now() < until) {
    plan.document.tiers[0].height = 60 + (plan.revision % 90);
    await one('page', () => fetch(base).then((r) => (r.ok ? r.text() : Promise.reject(new Error(r.status)))));
    await one('list', () => call('GET', '/api/plans'));
    await one('workup', () => call('POST', '/api/workup', { plan: plan.document }));
    await one('save', async () => {
      const saved = await call('PUT', `/api/plans/${plan.id}`, { base: plan.revision, document: plan.document });
      plan.revision = saved.revision;
    });
    await sleep(50);
  }
  const told = Object.entries(took).map(
    ([kind, list]) => `${kind} ${quantile(list, 0.5).toFixed(0)} to ${quantile(list, 1).toFixed(0)} ms`,
  );
  return { told: `${told.join(', ')}; ${refused} refused`, refused };
};
await measured(5);
console.log(`alone: ${(await measured(5)).told}`);
const open = [];
let shut = 0;
for (let i = 0; i < many; i++) {
  const kind = Object.values(kinds)[i % 5];
  const socket = connect(Number(port), hostname);
  socket.on('error', () => {});
  socket.on('close', () => shut++);
  if (kind.deaf) socket.pause();
  else socket.resume();
  socket.on('connect', () => kind.begin && socket.write(kind.begin));
  open.push({ socket, drip: kind.drip });
}
const dripping = setInterval(() => {
  for (const { socket, drip } of open) if (drip && !socket.destroyed) socket.write(drip);
}, 1000);
const { told, refused } = await measured(SECONDS);
console.log(`with ${many} sitting on it: ${told}; ${shut} of them were sent away meanwhile`);
clearInterval(dripping);
for (const { socket } of open) socket.destroy();
const after = await measured(3);
console.log(`after: ${after.told}`);
process.exit(refused + after.refused === 0 ? 0 : 1);
