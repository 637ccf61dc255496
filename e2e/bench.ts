import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { createInterface } from 'node:readline';
import { expect, test as base, type BrowserContext, type Locator, type Page } from '@playwright/test';
import AxeBuilder from '@axe-core/playwright';

export type Person = 'ines' | 'bram' | 'petra' | 'col' | 'wren';

const sessions = new Map<Person, Awaited<ReturnType<BrowserContext['cookies']>>>();

async function token(page: Page): Promise<Record<string, string>> {
  const cookie = (await page.context().cookies()).find((c) => c.name === 'XSRF-TOKEN');
  const home = process.env['KALOPSIS_URL'] ?? 'http://127.0.0.1:8080';
  const origin = new URL(page.url().startsWith('http') ? page.url() : home).origin;
  return { Accept: 'application/json', Origin: origin, 'X-XSRF-TOKEN': decodeURIComponent(cookie?.value ?? '') };
}

/** Signed in as one of the demo's people, on Today; each worker signs a person in once. */
export async function signIn(page: Page, who: Person = 'bram'): Promise<void> {
  const kept = sessions.get(who);
  if (kept === undefined) {
    await page.request.get('/sanctum/csrf-cookie');
    const answer = await page.request.post('/api/login', {
      data: { email: `${who}@saltmarsh.example`, password: 'harbour-light' },
      headers: await token(page),
    });
    expect(answer.ok()).toBe(true);
    sessions.set(who, await page.context().cookies());
  } else {
    await page.context().addCookies(kept);
  }
  // Who works here every day has had the tour.
  await page.addInitScript(() => localStorage.setItem('kalopsis.tour', '{"step":0,"open":false}'));
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
}

/** Signs in by the form, on a device that knows nobody. */
export async function signInByForm(page: Page, who: Person): Promise<void> {
  await page.goto('/');
  await page.getByLabel('E-mail').fill(`${who}@saltmarsh.example`);
  await page.getByLabel('Password').fill('harbour-light');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
}

interface Wish {
  body: string;
  plate: string;
  colour: string;
  system?: string;
}

const COLOURS: Record<string, { finish: string; undercoatShade: number }> = {
  'Saltmist Silver': { finish: 'metallic-light', undercoatShade: 3 },
  'Lichen Green': { finish: 'solid-dark', undercoatShade: 5 },
  'Harbour Slate': { finish: 'metallic-dark', undercoatShade: 5 },
  'Gull White': { finish: 'solid-light', undercoatShade: 1 },
};

/** A new job, opened over the API, on its car. */
export async function openJob(page: Page, wish: Wish, repairs: readonly object[] = []): Promise<string> {
  const [label = ''] = wish.body.split(',');
  const [name = '', code = ''] = wish.colour.split(', ');
  const answer = await page.request.post('/api/jobs', {
    data: {
      document: {
        car: { label, plate: wish.plate, bodyShape: label.toLowerCase().replace(' ', '-') },
        colour: { name, code, ...COLOURS[name] },
        paintSystem: (wish.system ?? 'Northlight S').toLowerCase().replace(' ', '-'),
        booth: { temperatureC: 22, humidityPercent: 50 },
        repairs,
        plan: { school: 'inside-out-wet-bed' },
      },
    },
    headers: await token(page),
  });
  expect(answer.ok()).toBe(true);
  const { id } = (await answer.json()) as { id: string };
  await page.goto(`/jobs/${id}/car`);
  await expect(page.getByRole('heading', { name: new RegExp(wish.plate) })).toBeVisible();
  return id;
}

/** Opens a new job through the dialog and waits for its car. */
export async function openJobByDialog(page: Page, wish: Wish): Promise<void> {
  await page.getByRole('button', { name: 'New job' }).click();
  const dialog = page.getByRole('dialog', { name: 'New job' });
  await choose(page, dialog.getByLabel('Body shape'), wish.body);
  await dialog.getByLabel('Plate').fill(wish.plate);
  await choose(page, dialog.getByLabel('Colour', { exact: true }), wish.colour);
  await choose(page, dialog.getByLabel('Paint system'), wish.system ?? 'Northlight S');
  await dialog.getByRole('button', { name: 'Open the job' }).click();
  await expect(page.getByRole('heading', { name: new RegExp(wish.plate) })).toBeVisible();
}

export async function choose(page: Page, select: Locator, option: string): Promise<void> {
  // By keys: a menu that opens under the pointer takes the click's end for a choice on a slow machine.
  await select.focus();
  await page.keyboard.press('ArrowDown');
  await page.getByRole('option', { name: option }).click();
  // While the menu fades out, everything behind it is hidden from roles.
  await expect(page.locator('.MuiPopover-root')).toHaveCount(0);
}

export const saved = (page: Page): Promise<void> => expect(page.getByTestId('save-state')).toHaveText('saved');
export const verdict = (page: Page): Locator => page.getByTestId('verdict');
export const station = (page: Page, name: string): Locator =>
  page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: new RegExp(name) });
export const panel = (page: Page, name: string): Locator => page.getByRole('button', { name, exact: true });

/** A place on a panel on the screen, as shares of its box. */
export async function on(locator: Locator, across: number, down: number): Promise<{ x: number; y: number }> {
  const box = await locator.boundingBox();
  if (box === null) {
    throw new Error('not on the screen');
  }
  return { x: box.x + across * box.width, y: box.y + down * box.height };
}

export async function drag(
  page: Page,
  from: { x: number; y: number },
  ...to: { x: number; y: number }[]
): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  for (const point of to) {
    await page.mouse.move(point.x, point.y, { steps: 6 });
  }
  await page.mouse.up();
}

const LEVELS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/** Everything axe knows of WCAG 2.2 AA and of good practice, at any level, or one rule of it. */
export async function nothingSerious(page: Page, rule?: string): Promise<void> {
  const axe = new AxeBuilder({ page });
  const found = await // Tooltips and menus hang below the body, outside the landmarks of the page.
  (rule === undefined ? axe.withTags(LEVELS).disableRules(['region']) : axe.withRules([rule])).analyze();
  expect(
    found.violations.map(
      (v) =>
        `${v.id}: ${v.nodes
          .map((n) => n.target.join(' '))
          .slice(0, 3)
          .join(' | ')}`,
    ),
  ).toEqual([]);
}

/** What does not fit: wider than the screen, cut off, or smaller than a gloved finger. @param target px */
export function misfits(page: Page, target: number): Promise<string[]> {
  return page.evaluate((least) => {
    const out = new Set<string>();
    const name = (e: Element) => (e.getAttribute('aria-label') ?? e.textContent).trim().slice(0, 40);
    const width = document.documentElement.clientWidth;
    if (document.documentElement.scrollWidth > width + 1) {
      out.add(`the page is ${document.documentElement.scrollWidth} px wide`);
    }
    const shown = (e: Element) => {
      const box = e.getBoundingClientRect();
      return box.width > 2 && box.height > 2 && getComputedStyle(e).visibility !== 'hidden';
    };
    for (const e of document.querySelectorAll('body *')) {
      const cut = ['hidden', 'clip'].includes(getComputedStyle(e).overflowX) && e.scrollWidth > e.clientWidth + 1;
      if (
        cut &&
        shown(e) &&
        e.closest('svg') === null &&
        e.querySelector('svg') === null &&
        e.textContent.trim() !== ''
      ) {
        out.add(`cut off: ${name(e)}`);
      }
      if (e instanceof HTMLInputElement && e.type !== 'checkbox' && shown(e) && e.scrollWidth > e.clientWidth + 1) {
        out.add(`cut off in its field: ${e.value}`);
      }
    }
    const pressed = 'button, a[href], input:not([type=hidden]), [role=button], [role=tab], summary';
    for (const e of document.querySelectorAll(pressed)) {
      const whole = e.matches('input')
        ? (e.closest('label') ??
          e.closest('.MuiSlider-root, .MuiInputBase-root, .MuiCheckbox-root, .MuiRadio-root') ??
          e)
        : e;
      const box = whole.getBoundingClientRect();
      const reached = Math.max(box.height, Number.parseFloat(getComputedStyle(e, '::after').height) || 0);
      // Off the screen until it is focused, or drawn inside a picture with a grip of its own.
      if (shown(e) && shown(whole) && e.closest('svg') === null && box.right > 0 && reached < least - 0.6) {
        out.add(`${Math.round(box.width)} x ${Math.round(reached)} px: ${name(e)}`);
      }
    }
    return [...out];
  }, target);
}

export { expect };
export const test = base;

export interface OwnShop {
  url: string;
  /** Waits until it is done. */
  says: (
    what: 'kill database' | 'start database' | 'kill php' | 'start php' | 'backup' | 'wipe' | 'restore',
  ) => Promise<void>;
  close: () => Promise<void>;
}

/** An application with a database of its own, for a test that takes them away or changes what every plan counts with. */
export async function ownShop(number = 0, demo = true): Promise<OwnShop> {
  const process = spawn('bash', ['e2e/shop.sh', String(number), ...(demo ? [] : ['empty'])], {
    stdio: ['pipe', 'pipe', 'inherit'],
  });
  const lines = createInterface({ input: process.stdout })[Symbol.asyncIterator]();
  const answer = async () => {
    const line = await lines.next();
    if (line.done === true) {
      throw new Error('The shop closed.');
    }
    return line.value;
  };
  const url = (await answer()).replace('open ', '');
  return {
    url,
    says: async (what) => {
      process.stdin.write(`${what}\n`);
      await answer();
    },
    close: async () => {
      const closed = once(process, 'exit');
      process.stdin.end();
      await closed;
    },
  };
}

/** Posts to the API as the person who is signed in. */
export async function send(page: Page, path: string, data: object): Promise<unknown> {
  const answer = await page.request.post(path, { data, headers: await token(page) });
  expect(answer.ok(), `${path}: ${answer.status()}`).toBe(true);
  return answer.status() === 204 ? null : answer.json();
}
