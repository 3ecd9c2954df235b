// Asks a list of known faults about libraries, a line each: kind, name, version.
import { readFileSync } from 'node:fs';

const [file, list] = process.argv.slice(2);
const libraries = readFileSync(file, 'utf8')
  .trim()
  .split('\n')
  .map((line) => line.split(' '));
let answers;
try {
  const answer = await fetch(`${list}/v1/querybatch`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({
      queries: libraries.map(([ecosystem, name, version]) => ({ package: { ecosystem, name }, version })),
    }),
    signal: AbortSignal.timeout(20_000),
  });
  if (!answer.ok) throw new Error(`it answered ${answer.status}`);
  answers = (await answer.json()).results;
  if (answers?.length !== libraries.length) throw new Error('it answered something else than was asked');
} catch (thrown) {
  console.log(`No list of known faults can be reached at ${list} (${thrown.cause?.code ?? thrown.message}); nothing is known either way.`);
  process.exit(3);
}
let known = 0;
answers.forEach(({ vulns }, i) => {
  for (const { id } of vulns ?? []) {
    known++;
    console.log(`${libraries[i].slice(1).join(' ')}: ${id}`);
  }
});
console.log(`${known} known faults in ${libraries.length} libraries`);
process.exit(known === 0 ? 0 : 1);
