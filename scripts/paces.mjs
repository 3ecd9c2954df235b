// The answers that people wait for, of the largest plan of the demo, warm: each asked until it has been asked for some seconds.
import { quantile, signedIn } from './calls.mjs';

const WARM_MS = 5000;
const TIMES = 25;
const { call } = await signedIn();
if ((await call('GET', '/api/plans')).length === 0) await call('POST', '/api/plans/demo');
const lines = await call('GET', '/api/plans');
const { id } = lines.find((l) => l.name === 'Observatory gala');
const { document } = await call('GET', `/api/plans/${id}`);
const others = lines.filter((l) => l.readyBy && !l.archived).length;
const plan = document;
const edited = (n) => ({ ...plan, tiers: plan.tiers.map((t, i) => (i === 0 ? { ...t, height: t.height + (n % 9) / 10 } : t)) });
const asked = [
  ['an edit: workup of four tiers', (n) => call('POST', '/api/workup', { plan: edited(n) })],
  ['the table', () => call('POST', '/api/worktop', { plan })],
  ['the table, something changed each time', (n) => call('POST', '/api/worktop', { plan: edited(n) })],
  [`the days among ${others} orders`, () => call('POST', '/api/days', { id, plan })],
  ['orders: what is next in each', () => call('GET', '/api/days/orders')],
  ['the build', () => call('POST', '/api/build', { plan })],
  ['templates of the whole plan, listed', () => call('POST', '/api/templates/list', { plan, names: [], paper: 'a4' })],
];
for (const [what, ask] of asked) {
  const took = [];
  const warmUntil = performance.now() + WARM_MS;
  for (let n = 0; performance.now() < warmUntil; n++) await ask(n);
  for (let n = 0; n < TIMES; n++) {
    const from = performance.now();
    await ask(n);
    took.push(performance.now() - from);
  }
  console.log(`${what.padEnd(40)} median ${quantile(took, 0.5).toFixed(1).padStart(6)} ms, 95th ${quantile(took, 0.95).toFixed(1).padStart(6)} ms`);
}
process.exit(0);
