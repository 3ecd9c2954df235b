// Each person opens a plan of their own, then edits: a workup for every change of the drop, a save now and then.
import { quantile, signedIn, sleep } from './calls.mjs';

const [people, seconds] = process.argv.slice(2).map(Number);
if (!(people >= 1 && people <= 1000 && seconds >= 1 && seconds <= 600)) {
  console.error('people 1 to 1000, seconds 1 to 600');
  process.exit(2);
}
const { call } = await signedIn();
const taken = { workup: [], save: [] };
const timed = async (kind, task) => {
  const from = performance.now();
  const value = await task();
  taken[kind].push(performance.now() - from);
  return value;
};
const opened = async (i) => {
  const plan = await call('POST', '/api/plans/fresh', { name: `Load ${i}` });
  plan.document.tiers[0].dressings = [
    { id: 'swags', technique: 'swag', division: 'marks', aside: false, covers: false, settings: { drop: 20 } },
  ];
  return plan;
};
let errors = 0;
// One edit, its save a quarter of a second after, then a look at what came of it: about two seconds and a half.
async function edits(plan, i, until) {
  await sleep((i * 2500) / people);
  while (performance.now() < until) {
    plan.document.tiers[0].dressings[0].settings.drop = 10 + ((i + plan.revision * 7) % 40);
    await timed('workup', () => call('POST', '/api/workup', { plan: plan.document })).catch(() => errors++);
    await sleep(250);
    await timed('save', async () => {
      ({ revision: plan.revision } = await call('PUT', `/api/plans/${plan.id}`, {
        base: plan.revision,
        document: plan.document,
      }));
    }).catch(() => errors++);
    await sleep(1800 + (i % 9) * 150);
  }
}
// They come in one after the other, and nobody leaves before all have done.
const plans = [];
for (let i = 0; i < people; i++) plans.push(await opened(i));
const all = (until) => Promise.all(plans.map((plan, i) => edits(plan, i, until)));
// Warm first: a bench machine has been on since the morning.
await all(performance.now() + 12_000);
taken.workup.length = taken.save.length = errors = 0;
console.log(`from ${Date.now()}`);
await all(performance.now() + seconds * 1000);
console.log(`until ${Date.now()}`);
for (const [kind, list] of Object.entries(taken)) {
  console.log(`${kind} ${list.length} ${[0.5, 0.95, 0.99, 1].map((q) => quantile(list, q).toFixed(1)).join(' ')}`);
}
for (const plan of plans) await call('DELETE', `/api/plans/${plan.id}`);
console.log(`errors ${errors}`);
process.exit(errors === 0 ? 0 : 1);
