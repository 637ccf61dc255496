// Cars are opened while the disk fills up, and until there is room again: what was acknowledged is there, and the rest was refused
// in words.
// Usage: node full-disk.mjs URL FILE-TO-FILL-THE-DISK-WITH
import { execFileSync } from 'node:child_process';
import { rmSync } from 'node:fs';
import { signIn } from './people.mjs';

const [, , home, ballast] = process.argv;
const wait = (ms) => new Promise((go) => setTimeout(go, ms));
/** The database looks for room each minute. */
const PATIENCE_MS = 150_000;
const ines = await signIn(home, 'ines');
const { document } = (await ines.ask('GET', '/api/jobs/5a17a45b-0000-4000-8000-000000000001')).json;
const acknowledged = [];
const said = {};
const faults = [];

async function open(times) {
  for (let i = 0; i < times; i++) {
    const answer = await Promise.race([ines.ask('POST', '/api/jobs', { document }), wait(10_000).then(() => null)]);
    if (answer === null) {
      said.late = (said.late ?? 0) + 1;
      return;
    }
    const name = `${answer.status} ${answer.json?.code ?? ''}`.trim();
    said[name] = (said[name] ?? 0) + 1;
    if (answer.status === 201) acknowledged.push(answer.json.id);
    else if (answer.status !== 503) faults.push(`refused with ${name}: ${answer.text.slice(0, 120)}`);
  }
}

await open(20);
try {
  execFileSync('dd', ['if=/dev/zero', `of=${ballast}`, 'bs=1M'], { stdio: 'ignore' });
} catch {
  // It ends when there is no room left, as it should.
}
await open(150);
if (Object.keys(said).every((name) => name.startsWith('201'))) faults.push('the disk was not full');
rmSync(ballast);
const began = Date.now();
let up = false;
while (!up && Date.now() - began < PATIENCE_MS) {
  await wait(500);
  up = await fetch(`${home}/up`).then((r) => r.ok, () => false);
}
const away = Math.round((Date.now() - began) / 1000);
if (!up) faults.push('it did not come back');
else await open(20);
for (const id of acknowledged) if ((await ines.ask('GET', `/api/jobs/${id}`)).status !== 200) faults.push(`${id} is lost`);
console.log(`${acknowledged.length} cars acknowledged, all asked for again; answers ${JSON.stringify(said)}; up again ${away} s after there was room`);
for (const f of faults.slice(0, 10)) console.log(`FAIL  ${f}`);
process.exit(faults.length === 0 ? 0 : 1);
