/* Takes the pictures of docs/screenshots from the demo data of a running bin/start: npm run screenshots */
import { chromium } from '@playwright/test';

const base = process.env.KALOPSIS_URL ?? 'http://127.0.0.1:8080';
const folder = process.env.SHOTS ?? 'docs/screenshots';
const only = process.argv.slice(2);
const job = (n) => `/jobs/5a17a45b-0000-4000-8000-${String(n).padStart(12, '0')}`;

const browser = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking'],
});

/** One sign-in for all pictures: many in a minute are refused, as they should be. */
let signedIn;

async function shot(name, path, options = {}) {
  if (only.length > 0 && !only.includes(name)) {
    return;
  }
  const page = await browser.newPage({
    viewport: { width: options.width ?? 1280, height: options.height ?? 800 },
    baseURL: base,
    storageState: signedIn,
  });
  await page.goto('/');
  if (signedIn === undefined) {
    await page.getByLabel('E-mail').fill('ines@saltmarsh.example');
    await page.getByLabel('Password').fill('harbour-light');
    await page.getByRole('button', { name: 'Sign in' }).click();
  }
  await page.getByRole('heading', { name: 'Today' }).waitFor();
  await page.evaluate(() => localStorage.setItem('kalopsis.tour', '{"step":0,"open":false}'));
  signedIn ??= await page.context().storageState();
  await page.evaluate(
    async ([theme, units]) => {
      const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
      await fetch('/api/me', {
        method: 'PATCH',
        headers: { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token },
        body: JSON.stringify({ theme, units }),
      });
    },
    [options.theme ?? 'light', options.units ?? 'metric'],
  );
  await page.goto(path);
  await page.waitForLoadState('networkidle');
  await options.prepare?.(page);
  await page.waitForTimeout(300);
  await page.screenshot({ path: `${folder}/${name}.png`, fullPage: options.full ?? false });
  await options.after?.(page);
  await page.close();
}

await shot('today', `/?at=${new Date().toISOString().slice(0, 10)}T09:57`);
await shot('car', `${job(1)}/car`);
await shot('blend', `${job(1)}/blend`);
await shot('colour', `${job(1)}/colour`);
await shot('light-walk', `${job(1)}/blend?view=walk`, {
  prepare: async (page) => {
    // The naive plan, without its wet bed; taken back afterwards.
    await page.getByRole('button', { name: 'Wet bed on' }).click();
    await page.getByRole('button', { name: 'Wet bed off' }).waitFor();
    await page.waitForLoadState('networkidle');
    await page.getByTestId('walk-mark').waitFor();
    await page.getByRole('button', { name: 'Where it shows most' }).click();
    await page.waitForTimeout(600);
  },
  after: async (page) => {
    await page.getByRole('button', { name: 'Undo' }).click();
    await page.getByRole('button', { name: 'Wet bed on' }).waitFor();
  },
});
await shot('cups', `${job(1)}/cups`, {
  prepare: async (page) => {
    await page.getByRole('button', { name: 'Thin Base coat' }).click();
    await page.getByText('hides in').waitFor();
    await page.getByRole('region', { name: 'Base coat' }).evaluate((e) => e.scrollIntoView());
  },
});
await shot('weigh', `${job(1)}/weigh?cup=base-effect`, {
  theme: 'booth',
  prepare: async (page) => {
    await page.getByRole('button', { name: /begin/ }).click();
    await page.getByTestId('to-go').waitFor();
    await page.getByRole('button', { name: 'Hold to pour' }).hover();
    await page.mouse.down();
    await page.getByText('still to go: slowly').waitFor();
    await page.mouse.up();
    await page.waitForTimeout(1500);
  },
  after: (page) => page.getByRole('button', { name: 'Throw this mix away' }).click(),
});
await shot('booth-sheet', `${job(1)}/sheet`, {
  width: 900,
  height: 1240,
  prepare: (page) => page.getByRole('img', { name: /What you would see/ }).waitFor(),
});
await shot('shelf', '/shelf');
await shot('car-by-tape', '/shelf/tape', {
  prepare: async (page) => {
    await page.getByLabel('Front door, width').fill('1130');
    await page.keyboard.press('Enter');
    await page.getByText('1130 mm').waitFor();
    await page.getByLabel('Bonnet, width').focus();
    await page.getByText('From gap to gap where it is widest').waitFor();
  },
});
// The first page of an installation that was begun empty (bin/start --empty), at an address of its own.
const empty = process.env.KALOPSIS_EMPTY_URL;
if (empty !== undefined) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: empty });
  await page.goto('/');
  await page.getByLabel('Name of the workshop').fill('Gull Street Paint');
  await page.getByLabel('Your name').fill('Odd Marsh');
  await page.getByRole('heading', { level: 1 }).click();
  await page.screenshot({ path: `${folder}/first-run.png`, animations: 'disabled' });
}
await shot('data-sheet', '/shelf/paint/northlight-w', {
  width: 1024,
  height: 1100,
  prepare: async (page) => {
    await page.getByRole('button', { name: /Northlight clear 2:1/ }).click();
    await page.getByText('63.5 % clear').waitFor();
  },
});
await shot('people', '/people');

await shot('booth', `${job(3)}/booth`);
/** A run of the first car, begun as it would be, and led to its third coat. */
const run = '0e000000-0000-4000-8000-000000000001';
const led = async (page) => {
  await page.evaluate(
    async ([at, id]) => {
      const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '');
      const headers = { 'Content-Type': 'application/json', Accept: 'application/json', 'X-XSRF-TOKEN': token };
      const post = (path, body) => fetch(`/api${at}/${path}`, { method: 'POST', headers, body: JSON.stringify(body) });
      await post('colour/override', { reason: 'Held to the car outdoors.' });
      await post('runs', { id });
    },
    [job(1), run],
  );
  await page.goto(`${job(1)}/runs/${run}?speed=20`);
  await page.getByTestId('step').waitFor();
  while (!/Base 3/.test(await page.getByTestId('step').textContent())) {
    const before = await page.getByTestId('primary').textContent();
    await page.keyboard.press(' ');
    await page.waitForFunction((was) => document.querySelector('[data-testid=primary]')?.textContent !== was, before);
  }
  await page.goto(`${job(1)}/runs/${run}`);
  await page.getByTestId('countdown').waitFor();
};
await shot('run', `${job(1)}/booth`, { prepare: led });
await shot('look-back', `${job(101)}/look-back`, {
  prepare: async (page) => {
    const causes = page.getByRole('region', { name: 'What likely caused it' });
    await causes.getByRole('listitem').first().waitFor();
    await page.getByRole('region', { name: 'What was seen' }).evaluate((e) => e.scrollIntoView());
  },
});
await shot('calibration', '/calibration', {
  prepare: async (page) => {
    const take = async () => {
      await page.getByRole('button', { name: 'Take it in' }).click();
      await page.getByText('Taken in.').waitFor();
    };
    for (const minutes of ['6.5', '7']) {
      await page.getByRole('radio', { name: 'Time to dull' }).click();
      await page.getByLabel('Until dull').fill(minutes);
      await page.keyboard.press('Tab');
      await take();
    }
    await page.getByRole('radio', { name: 'Sheet of fades' }).click();
    for (const n of [1, 2, 3, 4, 5]) {
      const fade = page.getByRole('radiogroup', { name: `Fade ${n}` });
      await fade.getByLabel(n < 4 ? 'Not seen' : 'Seen', { exact: true }).check();
    }
    await take();
    await page.getByRole('radio', { name: 'Hiding card' }).click();
    const read = [
      [1, '20', '27'],
      [2, '25.4', '26.8'],
      [3, '26.3', '26.6'],
    ];
    const fill = async () => {
      for (const [coats, black, white] of read) {
        await page.getByLabel(`Y over black, coats: ${coats}`).fill(black);
        await page.getByLabel(`Y over white, coats: ${coats}`).fill(white);
      }
    };
    await fill();
    await take();
    await fill();
    await page.evaluate(() => document.getElementById('main').scrollTo(0, 0));
  },
  // What was taken in for the picture counts for no other.
  after: async (page) => {
    for (const left of [3, 2, 1, 0]) {
      await page
        .getByRole('button', { name: /^Put .* away$/ })
        .first()
        .click();
      await page.waitForFunction(
        (n) => [...document.querySelectorAll('button')].filter((b) => b.textContent === 'Put away').length === n,
        left,
      );
    }
  },
});
await shot('practice-bay', '/practice/bed-silver', {
  prepare: async (page) => {
    await page.getByRole('button', { name: 'Inside-out, no wet bed' }).click();
    await page.getByRole('button', { name: 'Spray it' }).click();
    await page.getByTestId('score').waitFor();
    await page.evaluate(() => document.getElementById('main').scrollTo(0, 0));
  },
});
await shot('logbook', '/logbook', { prepare: async (page) => page.getByRole('list', { name: 'Cars' }).waitFor() });
await browser.close();
