// Many people at once: who drags a contour, and who reads and taps in the booth. Prints medians and the 95th part in ms.
// Usage: node load.mjs URL SECONDS
import { signIn } from '../hostile.d/people.mjs';

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
        await wait(work.pause ?? 0);
      }
    }),
  );
  times.sort((a, b) => a - b);
  console.log(`${name}: ${times.length} answers, median ${part(times, 0.5)} ms, 95 % under ${part(times, 0.95)} ms, ${errors} errors`);
}

const jobs = (await people[0].ask('GET', '/api/jobs')).json.map((j) => j.id);

/** A repair is pulled over its panel: as the page does it, a question after the other, the next when the last was answered. */
await crowd('20 people drag', 20, async (who, i) => {
  const job = jobs[i % jobs.length];
  const { document } = (await who.ask('GET', `/api/jobs/${job}`)).json;
  const work = async (n) => {
    const pulled = document.repairs.map((r, k) => (k > 0 || r.shape.xMm === undefined ? r : { ...r, shape: { ...r.shape, xMm: r.shape.xMm + ((n + i) % 40) / 2 } }));
    return (await who.ask('POST', `/api/jobs/${job}/preview`, { document: { ...document, repairs: pulled } })).status;
  };
  work.pause = Number(process.env.PAUSE ?? 100);
  return work;
});

/** In the booth somebody reads, and taps now and then. */
await crowd('60 people read and tap', 60, async (who, i) => {
  const job = jobs[i % jobs.length];
  const paths = [`/api/jobs/${job}`, '/api/jobs', `/api/jobs/${job}/mixes`, `/api/jobs/${job}/runs`, `/api/jobs/${job}/history`];
  const work = async (n) => (await who.ask('GET', paths[(n + i) % paths.length])).status;
  work.pause = 2000;
  return work;
});
