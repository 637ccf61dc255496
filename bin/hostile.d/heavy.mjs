// Files and drawings made to be slow: each is answered within its time, and no answer is a fault. Usage: node heavy.mjs URL
import { patience, signIn } from './people.mjs';

const [, , home] = process.argv;
const ines = await signIn(home, 'ines');
const LIMIT_MS = await patience(home, ines);
const SEARCH_MS = 30_000;
const template = (await ines.ask('GET', '/api/jobs/5a17a45b-0000-4000-8000-000000000001')).json.document;
const job = (await ines.ask('POST', '/api/jobs', { document: template })).json.id;
const file = (text, name, type) => ['POST', `/api/jobs/${job}/colour/imports?name=${name}`, text, { 'Content-Type': type }];
const svg = (inner) =>
  `<svg xmlns="http://www.w3.org/2000/svg" data-kalopsis="body-shape 1" data-key="k${Math.floor(performance.now())}" data-name="K" data-style="van">${inner}</svg>`;
const panel = (d) => `<g id="a" data-panel="door" data-name="A" data-material="steel" data-orientation="upright"><path data-role="outline" d="${d}"/></g>`;
const zigzag = (n) => `M0 0 ${Array.from({ length: n }, (_, i) => `L${i % 2 === 0 ? 1000 : i / 10} ${i}`).join(' ')} L0 ${n} Z`;
const document = (await ines.ask('GET', `/api/jobs/${job}`)).json.document;
const outlines = (corners) => Array.from({ length: 20 }, (_, i) => ({
  id: `r${i}`, panel: document.repairs[0].panel, under: { kind: 'primer', greyShade: 4 },
  shape: { kind: 'outline', points: Array.from({ length: corners }, (_, k) => {
    const a = (k / corners) * 2 * Math.PI;
    const r = 40 + (k % 2) * 15;
    const at = document.repairs[0].shape;
    return [at.xMm + (i % 5) * 40 + r * Math.cos(a), at.yMm + Math.floor(i / 5) * 40 + r * Math.sin(a)];
  }) },
}));
const cgats = (tokens) => `CGATS.17\nBEGIN_DATA_FORMAT\n${'LAB_L '.repeat(tokens)}\nEND_DATA_FORMAT\nBEGIN_DATA\n1\nEND_DATA\n`;
const cases = {
  '15 MB of format tokens': file(cgats(2_400_000), 'a.txt', 'text/plain'),
  '3.7 million empty elements': file(`<?xml version="1.0"?><CxF xmlns="http://colorexchangeformat.com/CxF3-core">${'<a/>'.repeat(3_700_000)}</CxF>`, 'a.cxf', 'application/xml'),
  '10,000 levels of elements': file(`<?xml version="1.0"?><CxF>${'<a>'.repeat(10_000)}${'</a>'.repeat(10_000)}</CxF>`, 'a.cxf', 'application/xml'),
  'a bomb of entities': file('<?xml version="1.0"?><!DOCTYPE a [<!ENTITY b "bbbbbbbbbb"><!ENTITY c "&b;&b;&b;&b;&b;&b;&b;&b;">]><CxF>&c;</CxF>', 'a.cxf', 'application/xml'),
  'two million bad lines': file(`sample,spot,L45,a45,b45\n${'x,y,z\n'.repeat(2_000_000)}`, 'a.csv', 'text/csv'),
  'one line of 15 MB': file(`sample,spot,L45,a45,b45\n${'9'.repeat(15_000_000)}`, 'a.csv', 'text/csv'),
  'a million columns': file(`${'L45,'.repeat(1_000_000)}\n${'1,'.repeat(1_000_000)}\n`, 'a.csv', 'text/csv'),
  'a file of quotes': file(`"${'""'.repeat(5_000_000)}`, 'a.csv', 'text/csv'),
  'an outline of zigzags': ['POST', '/api/bodies', { svg: svg(panel(zigzag(60_000))) }],
  '30,000 nested groups': ['POST', '/api/bodies', { svg: svg('<g>'.repeat(30_000) + '</g>'.repeat(30_000)) }],
  '250 nested groups with panels': ['POST', '/api/bodies', { svg: svg(`${'<g id="a" data-panel="door">'.repeat(250)}${'</g>'.repeat(250)}`) }],
  'data attributes of a megabyte': ['POST', '/api/bodies', { svg: svg(`<g data-panel="${'x'.repeat(900_000)}"/>`) }],
  'a drawing in UTF-16 with a document type': ['POST', '/api/bodies', { svg: '\ufeff<!DOCTYPE svg [<!ENTITY a "b">]>' + svg('&a;') }],
  'twenty outlines of 190 corners': ['POST', `/api/jobs/${job}/preview`, { document: { ...document, repairs: outlines(190) } }],
  'twenty outlines of 98 corners, previewed': ['POST', `/api/jobs/${job}/preview`, { document: { ...document, repairs: outlines(98) } }],
  'twenty outlines of 98 corners, simulated': ['POST', `/api/jobs/${job}/simulate`, { document: { ...document, repairs: outlines(98) } }],
  'twenty outlines, the smallest blend': ['POST', `/api/jobs/${job}/smallest`, { document: { ...document, repairs: outlines(98) } }],
  'a table of 40,000 colours': ['POST', '/api/colours/import', { text: `name,code,finish\n${Array.from({ length: 40_000 }, (_, i) => `c${i},x${i},solid-dark`).join('\n')}` }],
  'a table of wrong colours': ['POST', '/api/colours/import', { text: `name,code,finish\n${'a,b,c\n'.repeat(200_000)}` }],
  'a sheet of a million lines': ['POST', '/api/paint-systems/read', { text: 'a,b\n'.repeat(700_000) }],
  '100,000 toner readings': ['POST', '/api/toners/fit', { kind: 'solid', cards: Array.from({ length: 20_000 }, () => ({ lab: [50, 0, 0] })) }],
};
let bad = 0;
for (const [name, [method, path, body, more]] of Object.entries(cases)) {
  const began = performance.now();
  let answer;
  try {
    answer = await ines.ask(method, path, body, more);
  } catch (error) {
    answer = { status: 0, text: String(error) };
  }
  const ms = Math.round(performance.now() - began);
  // A search is given twenty seconds and answers with the best it has found, whatever it was given.
  const isSearch = path.endsWith('/smallest');
  const fine = answer.status > 0 && answer.status < 500 && ms < (isSearch ? SEARCH_MS : LIMIT_MS) && (!isSearch || answer.json?.found);
  bad += fine ? 0 : 1;
  console.log(`${fine ? '  ok  ' : 'FAIL  '}${name}: ${answer.status} in ${ms} ms  ${fine ? '' : answer.text.slice(0, 140)}`);
}
process.exit(bad === 0 ? 0 : 1);
