// Many people at once: who drags a contour, and who reads and taps in the booth. Prints medians and the 95th part in ms.
// Usage: node load.mjs URL SECONDS
import { readFileSync } from 'node:fs';
import ts from 'typescript';
import { signIn } from '../hostile.d/people.mjs';

const source = readFileSync(new URL('../../web/src/bench/pace.ts', import.meta.url), 'utf8');
const { pace } = await import(`data:text/javascript,${encodeURIComponent(ts.transpile(source, { module: ts.ModuleKind.ESNext }))}`);

const [, , home, seconds = '30'] = process.argv;
const people = await Promise.all(['ines', 'bram', 'petra', 'col', 'wren'].map((who) => signIn(home, who)));
const wait = (ms) => new Promise((go) => setTimeout(go, ms));
const part = (sorted, p) => Math.round(sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))] ?? 0);

async function crowd(name, count, one) {
  const until = performance.now() + Number(seconds) * 1000;
  const times = [];
  let errors = 0;
  await Promise.all(
    Array.from({ length: count }, async (_, i) => {
      await wait(Math.random() * 500);
      const work = await one(people[i % people.length], i);
      for (let n = 0; performance.now() < until; n++) {
        const began = performance.now();
        const status = await work(n);
        times.push(performance.now() - began);
        if (status >= 400) errors++;
        await wait(work.rest?.(times.at(-1)) ?? 0);
      }
    }),
  );
  times.sort((a, b) => a - b);
  console.log(`${name}: ${times.length} answers, median ${part(times, 0.5)} ms, 95 % under ${part(times, 0.95)} ms, ${errors} errors`);
}

const jobs = (await people[0].ask('GET', '/api/jobs')).json.map((j) => j.id);

/**
 * A repair is pulled over its panel, as the page does it: one question after the other, with the page's own rests between them;
 * with PRESSING=1 without.
 */
await crowd('20 people drag', 20, async (who, i) => {
  const job = jobs[i % jobs.length];
  const { document } = (await who.ask('GET', `/api/jobs/${job}`)).json;
  const work = async (n) => {
    const pulled = document.repairs.map((r, k) => (k > 0 || r.shape.xMm === undefined ? r : { ...r, shape: { ...r.shape, xMm: r.shape.xMm + ((n + i) % 40) / 2 } }));
    return who.time('POST', `/api/jobs/${job}/preview`, { document: { ...document, repairs: pulled } });
  };
  work.rest = process.env.PRESSING === undefined ? pace() : undefined;
  return work;
});

/** In the booth somebody reads, and taps now and then. */
await crowd('60 people read and tap', 60, async (who, i) => {
  const job = jobs[i % jobs.length];
  const paths = [`/api/jobs/${job}`, '/api/jobs', `/api/jobs/${job}/mixes`, `/api/jobs/${job}/runs`, `/api/jobs/${job}/history`];
  const work = (n) => who.time('GET', paths[(n + i) % paths.length]);
  work.rest = () => 2000;
  return work;
});
