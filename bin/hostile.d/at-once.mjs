// Sends at one moment what may not disturb each other, and looks at what is left. Usage: node at-once.mjs URL ROUNDS
import { signIn } from './people.mjs';

const [, , home, rounds = '10'] = process.argv;
const [ines, bram] = await Promise.all(['ines', 'bram'].map((who) => signIn(home, who)));
const people = (await ines.ask('GET', '/api/people')).json;
const ids = Object.fromEntries(['ines', 'bram'].map((who) => [who, people.find((p) => p.email === `${who}@saltmarsh.example`)?.id]));
let [lead, other] = [ines, bram];
const faults = [];
const counts = {};
function check(name, fine, told) {
  counts[name] ??= [0, 0];
  counts[name][fine ? 0 : 1]++;
  if (!fine) faults.push(`${name}: ${told}`);
}
const noFault = (name, answers) => {
  for (const a of answers) check(`${name}: no fault of ours`, a.status < 500, `${a.status} ${a.text.slice(0, 120)}`);
};

const template = (await ines.ask('GET', '/api/jobs/5a17a45b-0000-4000-8000-000000000001')).json.document;
const open = async (change = {}) => {
  const document = { ...template, car: { ...template.car, plate: crypto.randomUUID().slice(0, 8) }, ...change };
  return (await ines.ask('POST', '/api/jobs', { document })).json.id;
};
const desk = async (job) => (await ines.ask('GET', `/api/jobs/${job}/colour`)).json;
const reading = (l) => ({
  spot: 'door',
  surface: 'polished',
  readings: [{ geometry: '45/0', viewing: 'D65/10', labs: { 45: [l, 1, 2] } }],
});
const close = (a, b) => Math.abs(a - b) < 0.011;

for (let round = 0; round < Number(rounds); round++) {
  const job = await open();
  const colour = `/api/jobs/${job}/colour`;
  const made = await ines.ask('POST', `${colour}/samples`, { kind: 'car', name: 'Car' });
  const sample = made.json.samples[0].id;
  const at = `${colour}/samples/${sample}`;
  const readings = async () => (await ines.ask('GET', `${at}/readings`)).json;
  const labOf = (r) => r.labs[0][0];

  // A reading is added while another is left out: the mean is of those that count.
  const first = await ines.ask('POST', `${at}/readings`, reading(50));
  check('a reading is taken', first.status === 201, `${first.status} ${first.text.slice(0, 200)}`);
  await ines.ask('POST', `${at}/readings`, reading(50.6));
  const [odd] = await readings();
  const both = await Promise.all([
    bram.ask('POST', `${at}/readings`, reading(50.3)),
    ines.ask('POST', `${at}/readings/${odd.id}/exclude`),
    bram.ask('POST', `${at}/readings`, reading(50.2)),
  ]);
  noFault('add and exclude', both);
  const counted = (await readings()).filter((r) => !r.excluded).map(labOf);
  const mean = counted.reduce((a, b) => a + b, 0) / counted.length;
  const shown = (await desk(job)).samples.find((s) => s.id === sample)?.reading;
  const l = JSON.stringify(shown ?? {}).match(/\[(-?[\d.]+),/)?.[1];
  check('add and exclude: the mean is of what counts', counted.length === 3 && close(Number(l), mean), `${l} of ${counted.join(', ')}`);

  // Two change different things of one card.
  await Promise.all([ines.ask('PATCH', at, { note: `note ${round}` }), bram.ask('PATCH', at, { dried: 'air' })]);
  const changed = (await desk(job)).samples.find((s) => s.id === sample);
  check('two fields at once both stay', changed.note === `note ${round}` && changed.dried === 'air', JSON.stringify([changed.dried, changed.note]));

  // One press, five times on its way.
  const key = { 'Idempotency-Key': crypto.randomUUID() };
  const presses = await Promise.all([1, 2, 3, 4, 5].map(() => ines.ask('POST', `${colour}/samples`, { kind: 'card', name: 'Card 1' }, key)));
  noFault('five times one press', presses);
  const cards = (await desk(job)).samples.filter((s) => s.kind === 'card').length;
  check('five times one press: one card', cards === 1, `${cards} cards`);

  // Variants are laid out once.
  const laid = await Promise.all([1, 2, 3, 4].map(() => ines.ask('POST', `${colour}/variants`)));
  noFault('variants', laid);
  const names = (await desk(job)).samples.filter((s) => s.kind === 'variant').map((s) => s.name);
  check('variants: each once', new Set(names).size === names.length, names.join(', '));

  // A file is taken once.
  const csv = 'sample,spot,L45,a45,b45\nDoor,1,50,1,2\nDoor,2,50.2,1,2\n';
  const file = await ines.ask('POST', `${colour}/imports?name=door.csv`, csv, { 'Content-Type': 'text/csv' });
  if (file.status < 300) {
    const as = Object.fromEntries((file.json.samples ?? []).map((s) => [s.name, 'card']));
    const before = (await desk(job)).samples.length;
    const taken = await Promise.all([1, 2, 3].map(() => ines.ask('POST', `${colour}/imports/${file.json.id}/take`, { as })));
    noFault('a file', taken);
    const more = (await desk(job)).samples.length - before;
    check('a file is taken once', more === Object.keys(as).length, `${more} samples`);
  } else {
    check('a file is read', false, `${file.status} ${file.text.slice(0, 200)}`);
  }

  // Of two saves on one version one is kept.
  const saves = await Promise.all(
    [ines, bram].map((who, i) =>
      who.ask('PUT', `/api/jobs/${job}`, { document: { ...template, booth: { ...template.booth, temperatureC: 20 + i + round / 100 } } }, { 'If-Match': '"1"' }),
    ),
  );
  const kinds = saves.map((s) => s.status).sort().join(' ');
  check('two saves on one version: one is kept', kinds === '200 412', kinds);

  // Two leads put each other back to painter: one of them stays a lead, and raises the other again.
  for (let n = 0; n < 4; n++) {
    const raised = await lead.ask('PATCH', `/api/people/${ids[other.who]}`, { role: 'lead' });
    check('a lead is made', raised.status < 300, `${raised.status} ${raised.text.slice(0, 120)}`);
    const put = await Promise.all([[lead, other], [other, lead]].map(([who, whom]) => who.ask('PATCH', `/api/people/${ids[whom.who]}`, { role: 'painter' })));
    noFault('two leads put each other back', put);
    const stay = put.filter((a) => a.status < 300).length;
    check('two leads put each other back: one stays', stay === 1, `${stay} were put back`);
    if (stay === 2) break;
    if (put[1].status < 300) [lead, other] = [other, lead];
  }
  // As it was.
  if (lead !== ines) {
    await lead.ask('PATCH', `/api/people/${ids.ines}`, { role: 'lead' });
    [lead, other] = [ines, bram];
    await ines.ask('PATCH', `/api/people/${ids.bram}`, { role: 'painter' });
  }

  // Everybody at one car.
  const crowd = await Promise.all(
    Array.from({ length: 12 }, (_, i) =>
      (i % 2 ? ines : bram).ask('POST', `${at}/${i % 3 === 0 ? 'strike' : i % 3 === 1 ? 'restore' : 'readings'}`, i % 3 === 2 ? reading(50 + i / 100) : undefined),
    ),
  );
  noFault('twelve at one car', crowd);
}
for (const [name, [fine, bad]] of Object.entries(counts)) console.log(`${bad === 0 ? '  ok  ' : 'FAIL  '}${name}  ${fine} of ${fine + bad}`);
for (const f of faults.slice(0, 10)) console.log(`      ${f}`);
process.exit(faults.length === 0 ? 0 : 1);
