// Times a drag's recomputation through HTTP (POST .../preview) on a signed-in session, and prints all figures.
import { readFileSync } from 'node:fs';

const [base, jitFile, plainFile] = process.argv.slice(2);
const jit = JSON.parse(readFileSync(jitFile, 'utf8'));
const plain = JSON.parse(readFileSync(plainFile, 'utf8'));
const jar = new Map();

async function call(method, path, body) {
  const answer = await fetch(base + path, {
    method,
    headers: {
      Accept: 'application/json',
      'Content-Type': 'application/json',
      Origin: base,
      Cookie: [...jar].map(([k, v]) => `${k}=${v}`).join('; '),
      'X-XSRF-TOKEN': decodeURIComponent(jar.get('XSRF-TOKEN') ?? ''),
    },
    body: body === undefined ? undefined : JSON.stringify(body),
  });
  for (const cookie of answer.headers.getSetCookie()) {
    const [pair] = cookie.split(';');
    jar.set(pair.slice(0, pair.indexOf('=')), pair.slice(pair.indexOf('=') + 1));
  }
  const text = await answer.text();
  if (!answer.ok) {
    throw new Error(`${method} ${path}: ${answer.status} ${text.slice(0, 300)}`);
  }
  return text;
}

const median = (times) => [...times].sort((a, b) => a - b)[Math.floor(times.length / 2)];

async function drag(document) {
  const { id } = JSON.parse(await call('POST', '/api/jobs', { document }));
  const times = [];
  for (let i = 0; i < 70; i++) {
    const moved = { ...document, plan: { ...document.plan, coats: { control: { reachMm: 150 + i } } } };
    const began = performance.now();
    await call('POST', `/api/jobs/${id}/preview`, { document: moved });
    times.push(performance.now() - began);
  }
  return median(times.slice(20));
}

await call('GET', '/sanctum/csrf-cookie');
await call('POST', '/api/login', { email: 'ines@saltmarsh.example', password: 'harbour-light' });
const five = await drag(jit.job);
const demo = JSON.parse(await call('GET', '/api/jobs/5a17a45b-0000-4000-8000-000000000001')).document;
const two = await drag(demo);

const ms = (n) => `${n.toFixed(1)} ms`.padStart(10);
console.log(`
Planning, ${jit.panels} panels, medians after warm-up
  core, as served (JIT)      ${ms(jit.medianMs)}   (${jit.minMs.toFixed(1)} to ${jit.maxMs.toFixed(1)}, ${jit.runs} runs; wanted: under 60)
  core, plain interpreter    ${ms(plain.medianMs)}   (ratio to JIT ${(plain.medianMs / jit.medianMs).toFixed(1)})
  a drag through HTTP        ${ms(five)}   (ratio to core ${(five / jit.medianMs).toFixed(1)}; wanted: under 120)
A drag through HTTP on the demo's silver estate
  2 panels                   ${ms(two)}`);
