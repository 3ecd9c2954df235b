// Sixteen who save without a pause, as browsers do it: what was not answered is sent again as it was until it is. Twelve have a plan
// of their own, four share one, each with a tier of it. Told by lines: "recover" answers when each was answered anew, "check" looks
// whether the last answered save of each is there whole, "words" tells what was refused since the last time, and how.
import { createInterface } from 'node:readline';
import { quantile, signedIn, sleep } from './calls.mjs';

const ALONE = 12;
const SHARING = 4;
const { ask, call } = await signedIn();
const plan = async (name, tiers) => {
  const { id, revision, document } = await call('POST', '/api/plans/fresh', { name });
  const [first] = document.tiers;
  document.tiers = Array.from({ length: tiers }, (_, i) => ({ ...first, id: `tier-${i}`, name: `Tier ${i}` }));
  const saved = await call('PUT', `/api/plans/${id}`, { base: revision, document });
  return { id, revision: saved.revision, document };
};
const shared = await plan('Shared', SHARING);
const savers = [];
for (let i = 0; i < ALONE; i++) savers.push({ ...(await plan(`Saver ${i}`, 1)), i, tier: 0 });
for (let t = 0; t < SHARING; t++) savers.push({ ...structuredClone(shared), i: ALONE + t, tier: t, shares: true });

let refused = {};
let waits = [];
let slowest = 0;
let paused = false;
const note = (kind) => {
  refused[kind] = (refused[kind] ?? 0) + 1;
};
/** One try; whether it was answered. What came of others is taken over. */
async function tried(saver, document) {
  const from = performance.now();
  try {
    const { status, text } = await ask('PUT', `/api/plans/${saver.id}`, { base: saver.revision, document }, 30_000);
    if (status === 200) {
      waits.push(performance.now() - from);
      const kept = JSON.parse(text);
      Object.assign(saver, { revision: kept.revision, document: kept.document, answered: saver.answered + 1 });
      return true;
    }
    let type = 'no problem detail';
    try {
      type = JSON.parse(text).type.split(':').pop();
    } catch {}
    note(`${status} ${type}`);
  } catch (gone) {
    note(gone.code ?? 'no answer');
  }
  slowest = Math.max(slowest, performance.now() - from);
  return false;
}
async function saves(saver) {
  saver.answered = 0;
  for (let n = 0; ; n++) {
    while (paused) await sleep(20);
    saver.busy = true;
    // Name and height belong together: half of one save beside half of another would show.
    const document = structuredClone(saver.document);
    saver.meant = 50 + ((n * 7 + saver.i) % 500) / 2;
    document.tiers[saver.tier].height = saver.meant;
    document.tiers[saver.tier].name = `of ${saver.meant}`;
    while (!(await tried(saver, document))) await sleep(200 + saver.i * 10);
    saver.busy = false;
    await sleep(15);
  }
}
async function stopped() {
  paused = true;
  while (savers.some((s) => s.busy)) await sleep(20);
}
const tasks = {
  async recover() {
    const from = performance.now();
    const before = savers.map((s) => s.answered);
    while (savers.some((s, i) => s.answered < before[i] + 2)) await sleep(20);
    return `${((performance.now() - from) / 1000).toFixed(1)} s`;
  },
  async check() {
    await stopped();
    const wrong = [];
    for (const saver of savers) {
      const kept = await call('GET', `/api/plans/${saver.id}`);
      const tier = kept.document.tiers[saver.tier];
      if (tier.height !== saver.meant || tier.name !== `of ${saver.meant}`) {
        wrong.push(`${saver.i} lost ${saver.meant}, found ${tier.height} "${tier.name}"`);
      }
      if (!saver.shares && kept.revision !== saver.revision) wrong.push(`${saver.i} revision ${kept.revision}`);
      const [newest] = await call('GET', `/api/plans/${saver.id}/versions`);
      if (newest.revision !== kept.revision) wrong.push(`${saver.i} has no version ${kept.revision}`);
      await call('POST', '/api/workup', { plan: kept.document });
    }
    paused = false;
    const all = savers.reduce((sum, s) => sum + s.answered, 0);
    return wrong.length === 0 ? `whole ${all}` : `LOST ${wrong.join('; ')}`;
  },
  async words() {
    const told = Object.entries(refused)
      .map(([kind, many]) => `${kind} ×${many}`)
      .join(', ');
    const line = `${told || 'none refused'}; slowest ${(slowest / 1000).toFixed(1)} s; saves ${waits.length}, median ${quantile(waits, 0.5).toFixed(1)} ms, 99th ${quantile(waits, 0.99).toFixed(1)} ms`;
    refused = {};
    waits = [];
    slowest = 0;
    return line;
  },
};
for (const saver of savers) saves(saver);
console.log('saving');
for await (const line of createInterface({ input: process.stdin })) {
  try {
    console.log(await tasks[line]());
  } catch (thrown) {
    console.log(`LOST ${thrown.message}`);
  }
}
process.exit(0);
