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

async function timed(count, work) {
  const times = [];
  for (let i = 0; i < count; i++) {
    const began = performance.now();
    await work(i);
    times.push(performance.now() - began);
  }
  return median(times.slice(Math.floor(count / 4)));
}

const open = async (document) => JSON.parse(await call('POST', '/api/jobs', { document }));

/** The last coat that fades drawn out a little further each time, as a hand on its handle does. */
function drag({ id, document, plan }) {
  const fading = plan.sequence.findLastIndex((s) => s.extent.reach !== undefined);
  return timed(60, (i) => {
    const steps = plan.sequence.map((s, k) =>
      k === fading ? { ...s, extent: { ...s.extent, reachMm: 150 + i, fadeMm: 110 } } : s,
    );
    const moved = { ...document, plan: { ...document.plan, sequence: steps } };
    return call('POST', `/api/jobs/${id}/preview`, { document: moved });
  });
}

/** A car and five cards on the desk, each read once. */
async function desk({ id }) {
  const samples = [];
  for (const [i, kind] of ['car', 'card', 'card', 'card', 'card', 'card'].entries()) {
    const answer = JSON.parse(await call('POST', `/api/jobs/${id}/colour/samples`, { kind, name: `${kind} ${i}` }));
    samples.push(answer.samples.at(-1).id);
    const labs = { 15: [130 + i / 2, 0, 0], 45: [60 + i / 2, 0, 0], 110: [38 + i / 2, 0, 0] };
    const readings = [{ geometry: '15-45-110', viewing: 'D65/10', labs }];
    await call('POST', `/api/jobs/${id}/colour/samples/${samples[i]}/readings`, { readings });
  }
  return samples;
}

await call('GET', '/sanctum/csrf-cookie');
await call('POST', '/api/login', { email: 'ines@saltmarsh.example', password: 'harbour-light' });
const five = await drag(await open(jit.job));
const demo = JSON.parse(await call('GET', '/api/jobs/5a17a45b-0000-4000-8000-000000000001'));
const bare = await open(demo.document);
const without = await drag(bare);
const samples = await desk(bare);
const withCards = await drag(bare);
const shot = await timed(16, () =>
  call('POST', `/api/jobs/${bare.id}/colour/samples/${samples[1]}/measure`, {
    spot: 'one',
    shots: 1,
    geometry: '15-45-110',
    fault: 'none',
  }),
);
const edit = { document: bare.document };
const simulate = await timed(16, () => call('POST', `/api/jobs/${bare.id}/simulate`, edit));
const ways = await timed(5, () => call('POST', `/api/jobs/${bare.id}/ways`, edit));
// Half a minute of a pointer at 60 places a second, back and forth.
const path = Array.from({ length: 1800 }, (_, i) => {
  const [row, at] = [Math.floor(i / 144), i % 144];
  return [i * 16.7, row % 2 === 0 ? at * 8.4 : 1200 - at * 8.4, 40 * row, 180];
});
const stroke = await timed(16, () => call('POST', '/api/practice/scenarios/hand-silver/stroke', { path }));

const ms = (n) => `${n.toFixed(1)} ms`.padStart(10);
console.log(`
Planning, ${jit.panels} panels, medians after warm-up
  core, as served (JIT)                ${ms(jit.medianMs)}   (${jit.minMs.toFixed(1)} to ${jit.maxMs.toFixed(1)}, ${jit.runs} runs)
  core, plain interpreter              ${ms(plain.medianMs)}   (ratio to JIT ${(plain.medianMs / jit.medianMs).toFixed(1)})
  a drag through HTTP                  ${ms(five)}   (ratio to core ${(five / jit.medianMs).toFixed(1)})
Through HTTP on the demo's silver estate, 2 panels
  a drag, no card on the desk          ${ms(without)}   (wanted: under 100)
  a drag, five cards on the desk       ${ms(withCards)}   (ratio ${(withCards / without).toFixed(2)}; wanted: under 100 and 1.2)
  one shot of the instrument           ${ms(shot)}   (wanted: under 150)
  what will be seen                    ${ms(simulate)}
  every way compared, in one call      ${ms(ways)}   (wanted: under 900)
  half a minute of a practice stroke   ${ms(stroke)}   (wanted: under 60)`);
