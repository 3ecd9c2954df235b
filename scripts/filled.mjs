// make: one plan, record and thing, as a screen makes them. ask: every list and page of a workshop that holds thousands of each.
import { quantile, signedIn } from './calls.mjs';

const TIMES = 15;
const { ask, call, cookie } = await signedIn();
if (process.argv[2] === 'make') {
  await call('POST', '/api/plans/demo');
  const [demo] = (await call('GET', '/api/plans')).sort((a, b) => a.id - b.id);
  await call('POST', `/api/plans/${demo.id}/copy`, { name: 'Order' });
  await call('POST', '/api/notebook/records', [
    {
      job: 'Job of load',
      at: '2026-05-01T09:00',
      subject: 'dressing/swag',
      name: 'Swags',
      task: '',
      who: 'Load',
      note: '',
      pictures: [],
      aside: [],
      waiting: [],
      time: { plain: 20, minutes: 30 },
    },
  ]);
  const thing = { colour: '', dial: '', stock: 3, pack: 0, notes: '' };
  await call('PUT', '/api/cupboard', { ...thing, kind: 'rod', name: 'Rod', sizes: { across: 6.5 } });
} else {
  const plans = await call('GET', '/api/plans');
  const { id } = plans.find((p) => p.name === 'Order 4999') ?? plans[0];
  const { document } = await call('GET', `/api/plans/${id}`);
  const asked = [
    ['GET', '/api/plans', undefined, 'the list of orders'],
    ['GET', `/api/plans/${id}/opened`, undefined, 'a plan opened'],
    ['PUT', `/api/plans/${id}/archive`, { away: false }, 'a plan taken back to work'],
    ['GET', '/api/cupboard', undefined, 'the cupboard'],
    ['GET', '/api/bench', undefined, 'the bench'],
    ['GET', '/api/names', undefined, 'the names'],
    ['GET', '/api/notebook?words=&skipped=0', undefined, 'the notebook'],
    ['GET', '/api/notebook?words=Job%2012&skipped=100', undefined, 'the notebook searched, a page on'],
    ['GET', '/api/notebook/rates', undefined, 'its rates'],
    ['GET', '/api/notebook/choices', undefined, 'its choices'],
    ['GET', '/api/search?words=Order%2049', undefined, 'Ctrl K: words of many plans'],
    ['GET', '/api/search?words=Rod%209', undefined, 'Ctrl K: words of many things'],
    ['GET', '/api/days/orders', undefined, 'orders in the days'],
    ['POST', '/api/days', { plan: document }, 'the days'],
    ['POST', '/api/worktop', { plan: document }, 'the table'],
    ['POST', '/api/worktop/shopping', { plan: document }, 'the shopping'],
    ['POST', '/api/build', { plan: document }, 'the build'],
    ['POST', '/api/workup', { plan: document }, 'a workup'],
    ['GET', '/api/audit', undefined, 'the audit'],
    ['GET', '/api/plans/deleted', undefined, 'what was deleted'],
  ];
  for (const [method, path, body, what] of asked) {
    const took = [];
    let last;
    for (let i = 0; i < TIMES; i++) {
      const from = performance.now();
      last = await ask(method, path, body);
      // The first is what somebody waits for who opens it in the morning; it is told, too.
      took.push(performance.now() - from);
    }
    const [first, ...rest] = took;
    const fine = last.status < 300 ? '' : ` ${last.status} ${last.text.slice(0, 150)}`;
    console.log(
      `${what.padEnd(34)} first ${first.toFixed(0).padStart(5)} ms, median ${quantile(rest, 0.5).toFixed(0).padStart(4)}, most ${quantile(rest, 1).toFixed(0).padStart(4)} ms, ${(last.text.length / 1000).toFixed(0)} kB${fine}`,
    );
  }
}
process.exit(cookie ? 0 : 1);
