// Adds up the runners' own reports in var/reports and prints the closing line of bin/test.
import { existsSync, readdirSync, readFileSync } from 'node:fs';

const folder = process.argv[2] ?? 'var/reports';
let passed = 0;
let failed = 0;
for (const name of existsSync(folder) ? readdirSync(folder).sort() : []) {
  const text = readFileSync(`${folder}/${name}`, 'utf8');
  if (name.endsWith('.check')) {
    // One line a check: "pass name" or "fail name".
    for (const line of text.trim().split('\n')) {
      if (line.startsWith('pass ')) passed++;
      else failed++;
    }
  } else if (name.endsWith('.xml')) {
    const all = [...text.matchAll(/<testcase\b[^>]*?(\/>|>([\s\S]*?)<\/testcase>)/g)];
    const bad = all.filter(([, , inner]) => /<(failure|error)\b/.test(inner ?? '')).length;
    failed += bad;
    passed += all.length - bad;
  } else if (name === 'e2e.json') {
    const { stats } = JSON.parse(text);
    passed += stats.expected + stats.flaky;
    failed += stats.unexpected;
  } else if (name === 'unit.json') {
    const report = JSON.parse(text);
    passed += report.numPassedTests;
    failed += report.numFailedTests;
  }
}
console.log(`${passed} passed, ${failed} failed`);
process.exitCode = failed > 0 || passed === 0 ? 1 : 0;
