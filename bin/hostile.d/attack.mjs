// Asks the running application thousands of things that nobody should ask. What it may answer: anything but a fault of its own,
// within three seconds, and every refusal as a problem detail. Usage: node attack.mjs URL CALLS SEED
import { readFileSync } from 'node:fs';
import { repeatable } from './chance.mjs';
import { patience, signIn } from './people.mjs';

const [, , home, calls = '2000', seed = '1'] = process.argv;
const api = JSON.parse(readFileSync(new URL('../../docs/formats/openapi.json', import.meta.url)));
const AT_ONCE = 4;
const STREAMED = /\/(smallest|take)$/;

const chance = repeatable(seed);
const one = (list) => list[Math.floor(chance() * list.length)];

// --- what is true, to be bent
const get = async (person, path) => (await person.ask('GET', path)).json;

function example(schema, depth = 0) {
  if (schema.$ref) return example(api.components.schemas[schema.$ref.split('/').pop()] ?? {}, depth + 1);
  if (depth > 8) return null;
  if (schema.enum) return one(schema.enum);
  if (schema.oneOf ?? schema.anyOf) return example(one(schema.oneOf ?? schema.anyOf), depth + 1);
  switch (Array.isArray(schema.type) ? schema.type[0] : schema.type) {
    case 'object':
      return Object.fromEntries(Object.entries(schema.properties ?? {}).map(([k, v]) => [k, example(v, depth + 1)]));
    case 'array':
      return [0, 1, 2].slice(0, 1 + Math.floor(chance() * 2)).map(() => example(schema.items ?? {}, depth + 1));
    case 'integer':
      return Math.floor(chance() * 10);
    case 'number':
      return Math.round(chance() * 1000) / 10;
    case 'boolean':
      return chance() < 0.5;
    default:
      return schema.format === 'uuid' ? crypto.randomUUID() : one(['a', 'Harbour Slate', '2026-11-30T16:00', 'sm-07', '3:1:10 %']);
  }
}

const deep = (n) => JSON.parse('['.repeat(n) + ']'.repeat(n));
const deepObject = (n) => JSON.parse('{"a":'.repeat(n) + '1' + '}'.repeat(n));
const BAD = [
  () => null, () => '', () => ' ', () => 'x'.repeat(100_000), () => '\u0000', () => 'ü💥\u202e', () => '\ud800', () => -1, () => 0,
  () => -0.0, () => 1e308, () => -1e308, () => 5e-324, () => 9007199254740993, () => 1.5, () => true, () => false, () => [], () => ({}),
  () => [[]], () => [null], () => deep(40), () => deepObject(40), () => deep(200), () => Array(5000).fill(1),
  () => Object.fromEntries(Array.from({ length: 2000 }, (_, i) => [`k${i}`, i])), () => '1e309', () => 'NaN', () => '<svg onload=1>',
  () => "'; DROP TABLE users; --", () => '../../etc/passwd', () => '{{7*7}}', () => [1, 'a', null, {}], () => ({ toString: 1 }),
  () => '9'.repeat(400), () => Array.from({ length: 60 }, () => ({ id: 'r', panel: 'x', shape: { kind: 'spot' } })),
];
const PLACES = ['0', '-1', '1e309', '9'.repeat(300), 'ü', '%00', '%ff', '..%2f..', 'null', "'", '%F0%9F%92%A5', 'a'.repeat(300), '[]', '0x10'];

/** The same with something in it replaced, doubled or taken out. */
function bent(value) {
  const places = [];
  const walk = (at, path) => {
    places.push(path);
    if (at !== null && typeof at === 'object') for (const key of Object.keys(at)) walk(at[key], [...path, key]);
  };
  walk(value, []);
  const copy = structuredClone(value);
  for (let n = 1 + Math.floor(chance() * 3); n > 0; n--) {
    const path = one(places);
    if (path.length === 0) {
      if (chance() < 0.1) return one(BAD)();
      continue;
    }
    let at = copy;
    for (const key of path.slice(0, -1)) at = at?.[key];
    if (at === null || typeof at !== 'object') continue;
    const last = path[path.length - 1];
    const what = chance();
    if (what < 0.75) at[last] = one(BAD)();
    else if (what < 0.85) Reflect.deleteProperty(at, last);
    else if (what < 0.95) at[`${last}2`] = one(BAD)();
    else at.__proto = deepObject(30);
  }
  return copy;
}

/** As text, sometimes no longer JSON. */
function told(body) {
  const text = JSON.stringify(body) ?? 'null';
  const what = chance();
  if (what < 0.02) return text.slice(0, Math.floor(chance() * text.length));
  if (what < 0.04) return text.replace(/:(\d+)/, ':1e309');
  if (what < 0.06) return Buffer.concat([Buffer.from(text.slice(0, -1)), Buffer.from([0xff, 0xfe]), Buffer.from('}')]);
  if (what < 0.07) return text.replace(/"([a-z])/, '"\\ud800$1');
  if (what < 0.08) return '{"a":'.repeat(600) + '1' + '}'.repeat(600);
  return text;
}

// --- the calls
const people = await Promise.all(['ines', 'bram', 'wren'].map((who) => signIn(home, who)));
const lead = people[0];
const LIMIT_MS = await patience(home, lead);
const jobs = (await get(lead, '/api/jobs')).map((j) => j.id);
const documents = await Promise.all(jobs.slice(0, 4).map(async (id) => (await get(lead, `/api/jobs/${id}`)).document));
const desk = await get(lead, `/api/jobs/${jobs[0]}/colour`);
const shelf = await get(lead, '/api/shelf');
const known = {
  job: jobs,
  sample: JSON.stringify(desk).match(/[0-9a-f]{8}-[0-9a-f-]{27}/g) ?? [],
  key: [...shelf.bodyShapes.map((b) => b.key), 'northlight-s', 'hatchback'],
  scenario: ['1', 'first-fade'],
  id: ['1', '2'], colour: ['1', '2'], toner: ['1'], reading: ['1', '2'], place: ['0', '1'], person: ['1', '2'],
};
// These end the session or the account that asks, or stream without an end.
const LEFT_OUT = new Set(['signIn', 'signOut', 'firstRun', 'changePassword', 'signOutElsewhere', 'signOutDevice', 'signOutPerson', 'resetPassword', 'forgetPerson', 'changePerson', 'scaleStream']);
const operations = Object.entries(api.paths).flatMap(([path, methods]) =>
  Object.entries(methods)
    .filter(([, o]) => typeof o === 'object' && 'operationId' in o && !LEFT_OUT.has(o.operationId))
    .map(([method, o]) => ({ path, method: method.toUpperCase(), ...o })),
);

function call() {
  const o = one(operations);
  const bentPath = chance() < 0.15;
  let path = o.path.replace(/\{(\w+)\}/g, (_, name) =>
    bentPath && chance() < 0.6 ? one(PLACES) : chance() < 0.95 && known[name]?.length ? (chance() < 0.6 ? known[name][0] : one(known[name])) : crypto.randomUUID(),
  );
  if (o.method === 'GET' && chance() < 0.5) {
    const names = (o.parameters ?? []).filter((p) => p.in === 'query').map((p) => p.name);
    const name = names.length > 0 && chance() < 0.8 ? one(names) : one(['q', 'page', 'from', 'sort', 'sizes', 'archived', 'at', 'month']);
    path += `?${name}${one(['', '[]', '[a][b]'])}=${one(PLACES)}`;
  }
  const content = o.requestBody?.content ?? {};
  const schema = content['application/json']?.schema;
  let body, type;
  if (o.method !== 'GET' && schema !== undefined) {
    const base = example(schema);
    if (base !== null && typeof base === 'object' && 'document' in base) base.document = one(documents);
    body = told(chance() < 0.1 ? base : bent(base));
    type = chance() < 0.97 ? 'application/json' : one(['text/plain', 'application/xml', 'multipart/form-data', '']);
  } else if (o.method !== 'GET') {
    body = one([() => '', () => 'a,b\n'.repeat(500), () => '<a>'.repeat(3000), () => Buffer.from([255, 216, 255, 0, 1]), () => '{"a":1}', () => 'x'.repeat(200_000)])();
    type = Object.keys(content)[0] ?? 'text/plain';
  }
  const headers = {};
  if (['PUT', 'PATCH', 'POST'].includes(o.method) && chance() < 0.5) headers['If-Match'] = one(['"1"', '1', '*', '"9999999999999999999"', '""', 'x'.repeat(500)]);
  if (chance() < 0.1) headers['Idempotency-Key'] = one([crypto.randomUUID(), 'x', '1'.repeat(300)]);
  return { o, path, body, type, headers, person: chance() < 0.6 ? lead : one(people) };
}

const found = [];
const statuses = {};
let slowest = { ms: 0 };
async function attack(c) {
  const began = performance.now();
  let answer, text, ms;
  try {
    answer = await fetch(home + c.path, {
      method: c.o.method,
      headers: { ...c.person.headers(), ...(c.type ? { 'Content-Type': c.type } : {}), ...c.headers },
      body: c.o.method === 'GET' ? undefined : c.body,
      signal: AbortSignal.timeout(20_000),
    });
    // What comes line by line shows how far it is, and ends when nobody listens any more: its first line counts.
    if (STREAMED.test(c.o.path)) {
      const lines = answer.body.getReader();
      await lines.read();
      ms = performance.now() - began;
      await lines.cancel();
      text = '';
    } else {
      text = await answer.text();
    }
  } catch (error) {
    found.push({ why: `no answer: ${error.name}`, c, ms: performance.now() - began });
    return;
  }
  ms ??= performance.now() - began;
  statuses[answer.status] = (statuses[answer.status] ?? 0) + 1;
  if (ms > slowest.ms) slowest = { ms, path: c.path, method: c.o.method };
  const kind = answer.headers.get('Content-Type') ?? '';
  if (answer.status >= 500) found.push({ why: `status ${answer.status}`, c, text });
  else if (answer.status >= 400 && !kind.startsWith('application/problem+json')) found.push({ why: `${answer.status} as ${kind}`, c, text });
  if (ms > LIMIT_MS) found.push({ why: `${Math.round(ms)} ms`, c, ms });
}

const total = Number(calls);
for (let done = 0; done < total; done += AT_ONCE) {
  await Promise.all(Array.from({ length: Math.min(AT_ONCE, total - done) }, () => attack(call())));
}
const byPlace = new Map();
for (const f of found) {
  const place = `${f.why.replace(/^\d+ ms$/, 'slow')}: ${f.c.o.method} ${f.c.o.path}`;
  byPlace.set(place, [...(byPlace.get(place) ?? []), f]);
}
for (const [place, list] of byPlace) {
  const [first] = list;
  console.log(`FAIL  ${list.length} x ${place}`);
  console.log(`      ${first.c.path.slice(0, 150)}  ${JSON.stringify(first.c.headers).slice(0, 80)}  ${first.ms === undefined ? '' : `${Math.round(first.ms)} ms`}`);
  console.log(`      ${String(first.c.body ?? '').slice(0, Number(process.env.SHOW ?? 300))}`);
  console.log(`      ${(first.text ?? '').slice(0, 160)}`);
}
console.log(`${total} calls of ${operations.length} operations, seed ${seed}; answers ${JSON.stringify(statuses)}; slowest ${Math.round(slowest.ms)} ms (${slowest.method} ${slowest.path?.slice(0, 60)})`);
process.exit(found.length === 0 ? 0 : 1);
