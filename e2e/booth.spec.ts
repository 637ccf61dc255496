import ICAL from 'ical.js';
import type { Page } from '@playwright/test';
import type { Person } from './bench';
import { expect, nothingSerious, openJob, ownShop, signIn, signInByForm, station, test } from './bench';

// A run goes on without a network: the pages have to come from the tablet itself.
test.use({ serviceWorkers: 'allow' });

const SILVER = { body: 'Marlo Tern, small estate', colour: 'Saltmist Silver, SM-07', system: 'Northlight S' };

const spot = (xMm: number, yMm: number, radiusMm: number, panel: string) => ({
  id: 'r1',
  panel,
  shape: { kind: 'spot', xMm, yMm, radiusMm },
  under: { kind: 'primer', greyShade: 3 },
});

const primary = (page: Page) => page.getByTestId('primary');
const step = (page: Page) => page.getByTestId('step');
const network = (page: Page) => page.getByTestId('network');

/** A car whose booth the lead opened, with its run begun by pressing. */
async function inTheBooth(
  page: Page,
  plate: string,
  enter: (page: Page, who: Person) => Promise<void> = signIn,
): Promise<{ job: string; run: string }> {
  await enter(page, 'ines');
  const job = await openJob(page, { ...SILVER, plate }, [spot(1525, 1836, 60, 'front-door-left')]);
  await station(page, 'Booth').click();
  await expect(page.getByRole('heading', { name: 'Locked until a card has passed' })).toBeVisible();
  await page.getByRole('link', { name: 'To the card' }).click();
  await page.getByRole('button', { name: 'Lead: open the booth anyway' }).click();
  await page.getByLabel('Reason').fill('Held to the car outdoors, matches.');
  await page.getByRole('button', { name: 'Open the booth without a card' }).click();
  await station(page, 'Booth').click();
  await page.getByRole('button', { name: 'Begin the run' }).click();
  await expect(step(page)).toHaveText('Ready to spray');
  return { job, run: page.url().split('/').at(-1)?.split('?')[0] ?? '' };
}

/** Presses the big button by Space, once the step and what it asks for are there. */
async function go(page: Page, name: string, says: string): Promise<void> {
  await expect(step(page)).toContainText(name);
  await expect(primary(page)).toContainText(says);
  await page.keyboard.press(' ');
}

async function answer(page: Page, name: string, says: string): Promise<void> {
  await expect(step(page)).toContainText(name);
  await page.getByRole('button', { name: says }).click();
}

test('before the run: time axis, why, another order, heat', async ({ page }) => {
  await signIn(page);
  await openJob(page, { ...SILVER, plate: 'BTH 1' }, [
    spot(1525, 1836, 60, 'front-door-left'),
    { ...spot(2200, 1836, 60, 'rear-door-left'), id: 'r2' },
  ]);
  await station(page, 'Booth').click();
  const job = page.getByRole('region', { name: 'The whole job' });
  await expect(job).toContainText(/Card first saves \d+ min/);
  await expect(job).toContainText(/While the card dries: strip handles/);
  const rows = await job.getByRole('row').allTextContents();
  const place = (name: string) => rows.findIndex((row) => row.startsWith(name));
  expect(place('Spray the card')).toBeLessThan(place('Sand: Repair'));
  expect(place('Clean, first time')).toBeLessThan(place('Clean, second time'));
  // Every figure can be asked.
  await page.getByRole('region', { name: 'Coats and waits' }).getByRole('button').last().click();
  await expect(page.getByRole('presentation').last()).toContainText('Data sheet');
  await page.keyboard.press('Escape');
  const walk = page.getByRole('region', { name: 'The wet edge' });
  const first = (await walk.getByRole('listitem').first().textContent()) ?? '';
  await walk.getByRole('listitem').first().getByRole('button', { name: /later/ }).click();
  await expect(walk.getByRole('listitem').first()).not.toHaveText(first);
  await walk.getByRole('button', { name: 'Best order again' }).click();
  await expect(walk.getByRole('listitem').first()).toHaveText(first);
  const air = page.getByRole('region', { name: 'Air and heat' });
  await air.getByLabel('Hybrid or electric').check();
  await expect(air).toContainText('look its bake limit up');
  await air.getByLabel('Panel at most, says the car maker').fill('45');
  await air.getByLabel('Panel at most, says the car maker').press('Enter');
  await expect(air).toContainText(/Baked 5\d min with the panel at 45 °C/);
  await expect(job).toContainText('Bake at 45 °C');
  await nothingSerious(page);
});

test('a run: fast-forward, no network, streaks, another tablet, the end, the record', async ({ page, browser }) => {
  test.slow();
  const { job, run } = await inTheBooth(page, 'BTH 2');
  // Once more, so that the tablet has everything itself.
  await page.evaluate(async () => {
    await navigator.serviceWorker.ready;
  });
  await page.goto(`/jobs/${job}/runs/${run}?speed=60`);
  await expect
    .poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null), {
      message: 'the tablet has the pages',
    })
    .toBe(true);
  await page.reload();
  await go(page, 'Ready to spray', 'Done: Ready to spray');
  await go(page, 'Wet bed', 'Begin Wet bed');
  await go(page, 'Wet bed', 'Done: Wet bed is on');
  // The wait runs down by itself, and a look decides.
  await expect(page.getByTestId('countdown')).toHaveText(/\d:\d\d/);
  await expect(page.getByTestId('countdown')).toHaveText('Look now');
  await go(page, 'Base 1', 'begin Base 1');
  await go(page, 'Base 1', 'Done: Base 1 is on');
  await expect(network(page)).toContainText('kept');

  // The network goes; taps are kept, also over a reload.
  await page.context().setOffline(true);
  await go(page, 'Base 2', 'begin Base 2');
  await go(page, 'Base 2', 'Done: Base 2 is on');
  await expect(step(page)).toContainText('Base 3');
  // Two at least: the air may have changed meanwhile, which is kept too.
  await expect(network(page)).toContainText(/no network: kept here, [2-9] taps/);
  const taps = async () => Number(/(\d+) taps/.exec((await network(page).textContent()) ?? '')?.[1]);
  const kept = await taps();
  await page.reload();
  await expect(step(page)).toContainText('Base 3');
  await expect.poll(taps).toBe(kept);

  // Streaks: chosen by picture, and the sequence changes from here, still without a network.
  await page.getByRole('button', { name: 'Something’s wrong' }).click();
  await page
    .getByRole('dialog')
    .getByRole('button', { name: /Streaks/ })
    .click();
  await expect(page.getByRole('dialog')).toContainText('more coats will not cure it');
  await page.getByRole('button', { name: 'Stop, dry, sand, start slower' }).click();
  await expect(step(page)).toHaveText('Let it dry');
  await expect(page.getByTestId('countdown')).toHaveText(/2\d:\d\d/);
  await expect(page.getByTestId('countdown')).toHaveText('Look now');
  await go(page, 'Let it dry', 'Done: Let it dry');
  await expect.poll(taps).toBeGreaterThanOrEqual(kept + 2);

  // It comes back, and everything is sent, once.
  await page.context().setOffline(false);
  await expect(network(page)).toContainText('kept');
  await expect(network(page)).not.toContainText('no network');

  // A second tablet at the same run stands where this one does.
  const other = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await signIn(other, 'bram');
  await other.goto(`/jobs/${job}/runs/${run}`);
  await expect(step(other)).toHaveText('Sand it flat');
  await other.keyboard.press(' ');
  await expect(step(other)).toHaveText('Wipe and tack');
  await expect(step(page)).toHaveText('Wipe and tack');
  await go(page, 'Wipe and tack', 'Done: Wipe and tack');
  await expect(step(other)).toContainText('Base 2 again');
  await other.context().close();

  await go(page, 'Base 2', 'Begin Base 2');
  // A step back is kept with its reason, a note by one tap.
  await go(page, 'Base 2', 'Done: Base 2 is on');
  await page.getByRole('button', { name: 'Step back' }).click();
  await page.getByRole('button', { name: 'Missed a place' }).click();
  await go(page, 'Base 2', 'Begin Base 2');
  await go(page, 'Base 2', 'Done: Base 2 is on');
  await page.getByRole('button', { name: 'Note' }).click();
  await page.getByRole('button', { name: 'Gun spat' }).click();
  for (const coat of ['Base 3', 'Control coat']) {
    await go(page, coat, `begin ${coat}`);
    await go(page, coat, `Done: ${coat} is on`);
  }
  await go(page, 'Tack-rag test', 'It is ready');
  await answer(page, 'Tack-rag test', 'Dust on it');
  await answer(page, 'Tack-rag test', 'The rag is clean');
  await answer(page, 'Cover and evenness', 'Covered and even');
  // Space does not answer for the eye.
  await expect(step(page)).toHaveText('The card against the car');
  await page.keyboard.press(' ');
  await expect(page.getByTestId('asks')).toContainText('does it match');
  await answer(page, 'The card against the car', 'It matches');
  for (const coat of ['Clear 1', 'Clear 2']) {
    await go(page, coat, `begin ${coat}`);
    await go(page, coat, `Done: ${coat} is on`);
  }
  await go(page, 'Bake', 'It is ready');
  await go(page, 'Bake', 'Done: Bake');
  await go(page, 'Unmask', 'It is ready');
  await go(page, 'Unmask', 'Done: Unmask');
  await expect(step(page)).toHaveText('Out of the booth');
  await page.getByRole('link', { name: 'See the record' }).click();
  await expect(page.getByRole('heading', { name: /In the booth: Marlo Tern BTH 2/ })).toBeVisible();
  await expect(page.getByText(/All done in \d+ min/)).toBeVisible();
  await expect(page.getByRole('row', { name: /\+ Sand it flat/ })).toContainText('Bram Oxley');
  const said = page.getByRole('region', { name: 'What was said' });
  await expect(said).toContainText('Streaks: Stop, dry, sand, start slower');
  await expect(said).toContainText('one step back: Missed a place');
  await expect(said).toContainText('Gun spat');
  await expect(said).toContainText('dust on the rag');
  const events = (await page.evaluate(
    async (at) => ((await (await fetch(at)).json()) as { events: { key: string; kind: string }[] }).events,
    `/api/jobs/${job}/runs/${run}`,
  )) as { key: string; kind: string }[];
  expect(new Set(events.map((e) => e.key)).size).toBe(events.length);
  expect(events.filter((e) => e.kind === 'wrong')).toHaveLength(1);
  await page.goto(`/jobs/${job}/booth`);
  await expect(station(page, 'Booth')).toContainText('sprayed');
});

test('the database and PHP are killed under a run: every tap is in the record, once', async ({ browser }) => {
  test.slow();
  const shop = await ownShop();
  try {
    const context = await browser.newContext({ baseURL: shop.url, serviceWorkers: 'block' });
    const page = await context.newPage();
    const { job, run } = await inTheBooth(page, 'PLG 1', signInByForm);
    await go(page, 'Ready to spray', 'Done: Ready to spray');
    await go(page, 'Wet bed', 'Begin Wet bed');
    await expect(network(page)).toContainText('kept');

    await shop.says('kill database');
    await go(page, 'Wet bed', 'Done: Wet bed is on');
    await go(page, 'Base 1', 'begin Base 1');
    await expect(network(page)).toContainText('kept here');
    await shop.says('start database');
    await expect(network(page)).not.toContainText('kept here');

    // No moment between tap and kill: an answer may be lost whose events were kept.
    await go(page, 'Base 1', 'Done: Base 1 is on');
    await shop.says('kill php');
    await go(page, 'Base 2', 'begin Base 2');
    await expect(network(page)).toContainText('kept here');
    await go(page, 'Base 2', 'Done: Base 2 is on');
    await shop.says('kill database');
    await shop.says('start database');
    await shop.says('start php');
    await expect(step(page)).toContainText('Base 3');
    await expect(network(page)).not.toContainText('kept here');

    // What the shop kept, asked by somebody who holds nothing of it.
    const events = await page.evaluate(async (at) => {
      const answered = (await (await fetch(at)).json()) as {
        events: { key: string; kind: string; body: { step?: string } }[];
      };
      return answered.events;
    }, `/api/jobs/${job}/runs/${run}`);
    expect(new Set(events.map((e) => e.key)).size).toBe(events.length);
    const taps = events.filter((e) => e.kind === 'begin' || e.kind === 'done');
    expect(taps.map((e) => `${e.kind} ${e.body.step ?? ''}`)).toEqual([
      'done ready',
      'begin wet-bed',
      'done wet-bed',
      'begin base-1',
      'done base-1',
      'begin base-2',
      'done base-2',
    ]);
    await context.close();
  } finally {
    await shop.close();
  }
});

test('the air cools, and the wait with it', async ({ page }) => {
  await inTheBooth(page, 'BTH 3');
  await page.goto(`${page.url()}?speed=30`);
  await go(page, 'Ready to spray', 'Done');
  await go(page, 'Wet bed', 'Begin');
  await go(page, 'Wet bed', 'Done');
  await page.getByRole('button', { name: 'Wait longer' }).click();
  await page.getByRole('button', { name: 'Door open' }).click();
  await expect(page.getByTestId('air')).toContainText(/1[5-9] °C/);
  await nothingSerious(page);
  const record = `/api${new URL(page.url()).pathname}/record`;
  await expect
    .poll(async () =>
      page.evaluate(async (at) => {
        const answered = (await (await fetch(at)).json()) as { climate: { readings: number } };
        return answered.climate.readings;
      }, record),
    )
    .toBeGreaterThan(1);
});

test('Today: six cars on one axis, a move, a conflict, undone, the best order, the calendar', async ({ page }) => {
  await signIn(page, 'ines');
  const day = new Date(Date.now() + 30 * 86_400_000).toISOString().slice(0, 10);
  await page.goto(`/?at=${day}T08:00`);
  const axis = page.getByRole('group', { name: 'The day, a row for each car' });
  await expect(axis.getByRole('listitem')).not.toHaveCount(0);
  expect(await axis.getByRole('listitem').count()).toBeGreaterThanOrEqual(6);
  const tern = page.getByTestId('car-MB 37 CHP');
  const booth = tern.locator('[data-kind=booth]');
  await expect(booth).toBeVisible();

  // Pulled to another hour it stays there, and says what it collides with.
  await booth.scrollIntoViewIfNeeded();
  const box = (await booth.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  await page.mouse.move(box.x + 10, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 10 - 220, box.y + 8, { steps: 6 });
  await page.mouse.up();
  await expect(page.getByText(/moved, the rest planned again/)).toBeVisible();
  await expect(booth).toContainText('put there by hand');
  await expect(tern).toContainText(/is not done before|holds|is with/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(booth).not.toContainText('put there by hand');

  // By keys, and in the dialog with a time, a booth and a person.
  await booth.focus();
  await page.keyboard.press('ArrowRight');
  await expect(booth).toContainText('put there by hand');
  await booth.focus();
  await page.keyboard.press('Enter');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Begins').fill(`${day}T16:10`);
  await dialog.getByRole('combobox', { name: 'Booth' }).click();
  await page.getByRole('option', { name: 'Booth 2' }).click();
  await dialog.getByRole('button', { name: 'Put it there' }).click();
  await expect(booth).toContainText('16:10');
  await expect(booth).toContainText('Booth 2');
  await nothingSerious(page);

  await page.getByRole('button', { name: 'Best order' }).click();
  await expect(page.getByRole('dialog')).toContainText('Late in all');
  await page
    .getByRole('button', { name: /Leave it|Take this order/ })
    .first()
    .click();
  await expect(page.getByRole('dialog')).toHaveCount(0);

  const ics = await page.evaluate(async (at) => (await fetch(`/api/day/booths.ics?at=${at}`)).text(), `${day}T08:00`);
  const events = new ICAL.Component(ICAL.parse(ics) as unknown[])
    .getAllSubcomponents('vevent')
    .map((v) => new ICAL.Event(v));
  const ours = events.find((e) => e.summary.includes('MB 37 CHP'));
  expect(ours?.location).toBe('Booth 2');
  expect(ours?.startDate.toString()).toBe(`${day}T16:10:00`);
  expect(events.every((e) => e.endDate.compare(e.startDate) > 0)).toBe(true);

  await booth.focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Give it back' }).click();
  await expect(booth).not.toContainText('put there by hand');
});
