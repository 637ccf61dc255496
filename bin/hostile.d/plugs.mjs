// A day of work while plugs are pulled: edits, readings and taps are sent until somebody acknowledges them, and the database, PHP
// and the web server are killed again and again. In the end everything acknowledged is there, and nothing twice.
// Usage: node plugs.mjs URL INSTANCE KILLS SEED SECONDS; without kills the day lasts so many seconds, and somebody else pulls plugs
import { readFileSync } from 'node:fs';
import { repeatable } from './chance.mjs';
import { signIn } from './people.mjs';

const [, , home, instance, kills = '10', seed = '1', seconds = '0'] = process.argv;
const chance = repeatable(seed);
const wait = (ms) => new Promise((go) => setTimeout(go, ms));
const PATIENCE_MS = 90_000;

const ines = await signIn(home, 'ines');
const template = (await ines.ask('GET', '/api/jobs/5a17a45b-0000-4000-8000-000000000001')).json.document;

/** Sent under one key until it is acknowledged; what came back. */
let again = 0;
async function surely(method, path, body, more = {}) {
  const key = crypto.randomUUID();
  const until = Date.now() + PATIENCE_MS;
  while (Date.now() < until) {
    try {
      const answer = await Promise.race([
        ines.ask(method, path, body, { 'Idempotency-Key': key, ...more }),
        wait(10_000).then(() => Promise.reject(new Error('late'))),
      ]);
      if (answer.status < 500) return answer;
    } catch {
      // Nobody there, or the line was cut.
    }
    again++;
    await wait(150);
  }
  throw new Error(`${method} ${path}: nobody answered for ${PATIENCE_MS / 1000} s`);
}

let done = false;
const worked = { edits: 0, readings: 0, cards: 0, taps: 0 };
const faults = [];

async function edits() {
  const made = await surely('POST', '/api/jobs', { document: template });
  const job = made.json.id;
  let version = 1;
  const kept = [];
  while (!done) {
    const temperatureC = 15 + ((version * 7) % 150) / 10;
    const document = { ...template, booth: { ...template.booth, temperatureC } };
    const answer = await surely('PUT', `/api/jobs/${job}`, { document, change: `edit ${version}` }, { 'If-Match': `"${version}"` });
    if (answer.status !== 200) {
      faults.push(`edit ${version}: ${answer.status} ${answer.text.slice(0, 160)}`);
      return;
    }
    version = answer.json.version;
    kept.push(temperatureC);
    worked.edits++;
  }
  const history = (await surely('GET', `/api/jobs/${job}/history`)).json;
  const last = (await surely('GET', `/api/jobs/${job}`)).json;
  if (last.version !== version || last.document.booth.temperatureC !== kept.at(-1)) faults.push(`the last edit is not there: ${last.version} of ${version}`);
  if (history.length > version) faults.push('history has more than was done');
}

async function readings() {
  const job = (await surely('POST', '/api/jobs', { document: template })).json.id;
  const colour = `/api/jobs/${job}/colour`;
  const sample = (await surely('POST', `${colour}/samples`, { kind: 'car', name: 'Car' })).json.samples[0].id;
  const sent = [];
  while (!done) {
    const l = Math.round((40 + sent.length / 100) * 100) / 100;
    const body = { spot: `s${sent.length}`, readings: [{ geometry: '45/0', viewing: 'D65/10', labs: { 45: [l, 1, 2] } }] };
    const answer = await surely('POST', `${colour}/samples/${sample}/readings`, body);
    if (answer.status !== 201) {
      faults.push(`reading: ${answer.status} ${answer.text.slice(0, 160)}`);
      return;
    }
    sent.push(body.spot);
    worked.readings++;
    if (sent.length % 5 === 0) {
      await surely('POST', `${colour}/samples`, { kind: 'card', name: `Card ${sent.length}` });
      worked.cards++;
    }
  }
  const there = (await surely('GET', `${colour}/samples/${sample}/readings`)).json.map((r) => r.spot);
  const newest = sent.slice(-200);
  for (const spot of newest) {
    const times = there.filter((s) => s === spot).length;
    if (times !== 1) faults.push(`reading ${spot} is there ${times} times`);
  }
  const cards = (await surely('GET', colour)).json.samples.filter((s) => s.kind === 'card').map((s) => s.name);
  if (new Set(cards).size !== cards.length || cards.length !== Math.floor(sent.length / 5)) faults.push(`${cards.length} cards of ${Math.floor(sent.length / 5)}`);
}

async function taps() {
  const opened = await surely('POST', '/api/jobs', { document: template });
  const job = opened.json.id;
  await surely('POST', `/api/jobs/${job}/colour/override`, { reason: 'Seen outdoors by two.' });
  const id = crypto.randomUUID();
  const began = await surely('POST', `/api/jobs/${job}/runs`, { id });
  if (began.status >= 400) {
    faults.push(`the run does not begin: ${began.status} ${began.text.slice(0, 200)}`);
    return;
  }
  const keys = [];
  while (!done) {
    const key = crypto.randomUUID();
    const body = { device: 'tablet', clockMs: Date.now(), events: [{ key, kind: 'note', occurredMs: Date.now(), seq: keys.length + 1, body: { text: `n${keys.length}` } }] };
    const answer = await surely('POST', `/api/jobs/${job}/runs/${id}/events`, body);
    if (answer.status >= 400) {
      faults.push(`tap: ${answer.status} ${answer.text.slice(0, 200)}`);
      return;
    }
    keys.push(key);
    worked.taps++;
  }
  const there = (await surely('GET', `/api/jobs/${job}/runs/${id}`)).json.events.map((e) => e.key);
  for (const key of keys) {
    const times = there.filter((k) => k === key).length;
    if (times !== 1) faults.push(`a tap is there ${times} times`);
  }
}

const slowest = {};
async function pull() {
  for (let n = 0; n < Number(kills); n++) {
    await wait(300 + chance() * 1500);
    const what = ['database', 'php', 'web'][Math.floor(chance() * 3)];
    const group = Number(readFileSync(`${instance}/run/${what}.group`, 'utf8'));
    try {
      process.kill(chance() < 0.5 ? group : -group, 'SIGKILL');
    } catch {
      n--;
      continue;
    }
    const began = Date.now();
    for (;;) {
      await wait(50);
      const up = await fetch(`${home}/up`).then((r) => r.ok, () => false);
      if (up) break;
      if (Date.now() - began > PATIENCE_MS) {
        faults.push(`${what} did not come back`);
        done = true;
        return;
      }
    }
    slowest[what] = Math.max(slowest[what] ?? 0, Date.now() - began);
  }
  await wait(500 + 1000 * Number(seconds));
  done = true;
}

await Promise.all([edits(), readings(), taps(), pull()]);
console.log(`${kills} kills; ${JSON.stringify(worked)} acknowledged, ${again} asked again; longest away ${JSON.stringify(slowest)} ms`);
for (const f of faults.slice(0, 10)) console.log(`FAIL  ${f}`);
process.exit(faults.length === 0 ? 0 : 1);
