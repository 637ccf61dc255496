import type { Page } from '@playwright/test';
import { expect, nothingSerious, openJob, send, signIn, station, test } from './bench';

const SILVER = { body: 'Marlo Tern, small estate', colour: 'Saltmist Silver, SM-07', system: 'Northlight S' };

const SPOT = {
  id: 'r1',
  panel: 'front-door-left',
  shape: { kind: 'spot', xMm: 1525, yMm: 1836, radiusMm: 40 },
  under: { kind: 'primer', greyShade: 3 },
};

interface Begun {
  id: string;
  run: { steps: { id: string; waitMin: number | null; minutes: number; answers: string[] }[] };
}

/** A car that was sprayed an hour ago, the bed left for half an hour before its colour. */
async function sprayed(page: Page, plate: string): Promise<string> {
  await signIn(page, 'ines');
  const job = await openJob(page, { ...SILVER, plate }, [SPOT]);
  await send(page, `/api/jobs/${job}/colour/override`, { reason: 'Held to the car outdoors, matches.' });
  const begun = (await send(page, `/api/jobs/${job}/runs`, { id: crypto.randomUUID() })) as Begun;
  const now = Date.now();
  let ms = now - 2 * 3_600_000;
  const last = begun.run.steps.at(-1);
  const events = begun.run.steps
    .filter((step) => step !== last)
    .map((step, i) => {
      ms += (step.id === 'base-1' ? 30 : (step.waitMin ?? 0) + step.minutes) * 60_000;
      return {
        key: crypto.randomUUID(),
        kind: 'done',
        occurredMs: Math.round(ms),
        seq: i,
        body: { step: step.id, ...(step.answers[0] === undefined ? {} : { answer: step.answers[0] }) },
      };
    });
  await send(page, `/api/jobs/${job}/runs/${begun.id}/events`, { device: 'tablet', clockMs: now, events });
  // The last step by hand, at the tablet.
  await page.goto(`/jobs/${job}/runs/${begun.id}`);
  await expect(page.getByTestId('step')).toContainText('Unmask');
  await expect(page.getByTestId('primary')).toContainText('It is ready');
  await page.keyboard.press(' ');
  await expect(page.getByTestId('primary')).toContainText('Done: Unmask');
  await page.keyboard.press(' ');
  await expect(page.getByTestId('step')).toHaveText('Out of the booth');
  return job;
}

test('a run ends, a ring is found, its cause is seen, and the follow-up is planned', async ({ page }) => {
  const job = await sprayed(page, 'LBK 1');
  await page.goto(`/jobs/${job}/look-back`);
  await page.getByRole('button', { name: 'low sun' }).click();
  await page.getByRole('button', { name: 'Light ring' }).click();
  await expect(page.getByRole('group', { name: /as it was sprayed/ })).toBeVisible();
  const panel = page.locator('[data-panel="front-door-left"]').first();
  const box = await panel.boundingBox();
  await panel.click({ position: { x: 0.62 * (box?.width ?? 0), y: 0.4 * (box?.height ?? 0) } });
  await expect(page.getByTestId('look-spot')).toBeVisible();
  const at = await page.getByTestId('look-spot').getAttribute('transform');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByTestId('look-spot')).not.toHaveAttribute('transform', at ?? '');
  await page.getByLabel('Note').fill('Worst from the rear');
  await page.getByRole('button', { name: 'Keep: Light ring' }).click();
  await expect(page.getByRole('region', { name: 'What was seen' })).toContainText('1. Light ring');
  await expect(station(page, 'Look-back')).toContainText('1 thing seen');
  const causes = page.getByRole('region', { name: 'What likely caused it' });
  await expect(causes.getByRole('listitem').first()).toContainText('The wet bed had dried');
  await expect(causes.getByRole('listitem').first()).toContainText(/On record: The bed waited 3\d min/);
  await expect(causes).toContainText('Colour straight into the bed');
  // Every share can be asked.
  await causes.getByRole('button').first().click();
  await expect(page.getByRole('presentation').last()).toContainText('index without it');
  await page.keyboard.press('Escape');
  await nothingSerious(page);

  // Taken back by mistake, and there again.
  await page.getByRole('button', { name: /^Take back/ }).click();
  await expect(page.getByRole('region', { name: 'What likely caused it' })).toHaveCount(0);
  await page.getByRole('button', { name: /^Bring back/ }).click();
  await expect(page.getByRole('region', { name: 'What was seen' })).toContainText('Worst from the rear');

  await page.getByRole('button', { name: 'Make it good: blend wider' }).click();
  await page.waitForURL(/\/blend/);
  await expect(page.getByRole('heading', { name: /LBK 1/ })).toBeVisible();
  expect(page.url()).not.toContain(job);
  await station(page, 'Look-back').click();
  await expect(page.getByRole('region', { name: 'What this job makes good' })).toContainText(/Sanded out to \d+ mm/);
  await page.getByRole('link', { name: 'To the job before' }).click();
  await expect(page.getByRole('link', { name: 'To the job that makes it good' })).toBeVisible();
});

test('nothing seen, delivered, a lesson, a photo; a lost answer is kept once', async ({ page }) => {
  await signIn(page, 'bram');
  const job = await openJob(page, { ...SILVER, plate: 'LBK 2' }, [SPOT]);
  await page.goto(`/jobs/${job}/look-back`);
  // The answer is lost on its way, and again when it is asked for once more: what was chosen is still there, and pressed again
  // it is kept once.
  let lost = 2;
  await page.route('**/look-back', async (route) => {
    if (route.request().method() === 'POST' && lost > 0) {
      lost--;
      await route.fetch();
      await route.abort();
    } else {
      await route.continue();
    }
  });
  await page.getByRole('button', { name: 'Run', exact: true }).click();
  await page.getByLabel('Note').fill('At the sill');
  await page.getByRole('button', { name: 'Keep: Run' }).click();
  await expect(page.getByRole('alert')).toContainText('still here');
  await page.getByRole('button', { name: 'Keep: Run' }).click();
  const seen = page.getByRole('region', { name: 'What was seen' });
  await expect(seen.getByRole('listitem')).toHaveCount(1);
  await expect(page.getByRole('list', { name: 'Polishing plan' })).toContainText('Only when hard');
  await page.getByRole('button', { name: 'Nothing is seen in this light' }).click();
  await expect(page.getByRole('region', { name: 'Look at it' }).getByRole('status')).toContainText('Nothing seen');
  await page.getByLabel('Photo of the car').setInputFiles('docs/screenshots/blend.png');
  await expect(page.getByRole('img', { name: 'blend.png' })).toBeVisible();
  await page.getByRole('button', { name: /^Take away/ }).click();
  await expect(page.getByRole('img', { name: 'blend.png' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Bring the photo back' }).click();
  await expect(page.getByRole('img', { name: 'blend.png' })).toBeVisible();
  await page.getByRole('button', { name: 'The car was delivered' }).click();
  await expect(page.getByRole('region', { name: 'After it left' })).toContainText('Ask again from');
  await page.getByRole('button', { name: 'noticed it' }).click();
  await page.getByRole('button', { name: 'Seen again', exact: true }).click();
  await expect(page.getByRole('region', { name: 'After it left' })).toContainText('It was seen again.');
  await expect(station(page, 'Look-back')).toContainText('came back');
  await page.getByLabel('What did we learn?').fill('Sill: less fluid.');
  await page.getByRole('button', { name: 'Keep it with this colour' }).click();
  await expect(page.getByRole('region', { name: 'After it left' })).toContainText('Sill: less fluid.');
  // The whole job as a file, brought in again: another job, with all that was recorded.
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Download this job' }).click(),
  ]);
  const path = await file.path();
  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByLabel('Job file').setInputFiles(path);
  await expect(page).toHaveURL(/\/jobs\/[0-9a-f-]{36}\/car$/);
  expect(page.url()).not.toContain(job);
  await station(page, 'Look-back').click();
  await expect(page.getByRole('region', { name: 'What was seen' }).getByRole('listitem')).toHaveCount(1);
  await expect(page.getByRole('region', { name: 'After it left' })).toContainText('Sill: less fluid.');
  await expect(page.getByRole('img', { name: 'blend.png' })).toBeVisible();
});

test('the logbook: found by words, what came back, the last time of a colour', async ({ page }) => {
  await signIn(page, 'ines');
  await page.getByRole('link', { name: 'Logbook' }).click();
  const cars = page.getByRole('list', { name: 'Cars' });
  await expect(cars.getByRole('listitem')).not.toHaveCount(0);
  await page.getByRole('searchbox').fill('variant b');
  await expect(cars.getByRole('listitem')).toHaveCount(1);
  await expect(cars).toContainText('MB 21 PST');
  await expect(cars).toContainText('bed twice in summer');
  await page.getByRole('searchbox').fill('zzz');
  await expect(page.getByRole('heading', { name: 'Nothing found' })).toBeVisible();
  await page.getByRole('searchbox').fill('');
  await page.getByRole('button', { name: 'Done again', exact: true }).click();
  await expect(cars).toContainText('MB 20 PST');
  await expect(cars).not.toContainText('MB 21 PST');
  await page.getByRole('button', { name: 'To ask' }).click();
  await expect(cars).toContainText('MB 27 PST');
  await expect(page.getByRole('region', { name: 'By school' })).toContainText('of');
  await expect(page.getByRole('region', { name: 'Paint, month by month' })).toContainText('left over');
  await page.getByRole('link', { name: /^Saltmist Silver SM-07/ }).click();
  await expect(page.getByRole('heading', { name: 'Saltmist Silver SM-07' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Cars in this colour', exact: true })).toContainText('MB 20 PST');
  await expect(page.getByRole('region', { name: 'Cars in this colour', exact: true })).toContainText('off the car at');
  await expect(page.getByRole('table')).toContainText('Aluminium, coarse');
  await nothingSerious(page);
  await page.goBack();
  await nothingSerious(page);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'As a table (CSV)' }).click(),
  ]);
  expect(file.suggestedFilename()).toBe('logbook.csv');
  // The same colour comes in again: what was learned is there by itself.
  await openJob(page, { ...SILVER, plate: 'LBK 3' }, [SPOT]);
  await station(page, 'Colour').click();
  const before = page.getByRole('region', { name: 'The last time this colour was here' });
  await expect(before).toContainText('Here before:');
  await expect(before).toContainText('Learned then:');
});
