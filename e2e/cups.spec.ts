import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { choose, expect, openJob, saved, signIn, station, test } from './bench';

const spot = (panel: string, xMm: number, yMm: number) => ({
  id: 'r1',
  panel,
  shape: { kind: 'spot', xMm, yMm, radiusMm: 50 },
  under: { kind: 'primer', greyShade: 4 },
});

const silver = '/jobs/5a17a45b-0000-4000-8000-000000000001';

const cup = (page: Page, name: string) => page.getByRole('region', { name, exact: true });

async function cupsOf(page: Page, plate: string): Promise<string> {
  await signIn(page);
  const id = await openJob(page, { body: 'Quill 3, hatchback', plate, colour: 'Saltmist Silver, SM-07' }, [
    spot('bonnet', 700, 500),
  ]);
  await station(page, 'Cups').click();
  await expect(cup(page, 'Base coat')).toBeVisible();
  return id;
}

/** Puts a cup on the scale and waits for the first figure. */
async function onTheScale(page: Page, name: string): Promise<void> {
  await cup(page, name)
    .getByRole('button', { name: `Weigh ${name}` })
    .click();
  await page.getByLabel('Batch of the tins').fill('tin 12');
  await page.getByRole('button', { name: 'The cup is on: begin' }).click();
  await expect(page.getByTestId('to-go')).toBeVisible();
}

/** Types what the scale should show until everything is in. */
async function weighTheRest(page: Page): Promise<void> {
  const done = page.getByText('All is in. Stir it well.');
  const now = page.getByRole('list', { name: 'What goes in' }).locator('[aria-current=step]');
  while (!(await done.isVisible())) {
    const line = /the line is at ([\d.]+) g/.exec((await page.getByText(/the line is at/).textContent()) ?? '');
    const name = (await now.textContent()) ?? '';
    await page.getByLabel('or type what it shows').fill(line?.[1] ?? '');
    await page.getByRole('button', { name: 'Take this' }).click();
    await expect(now.filter({ hasText: name })).toHaveCount(0);
    await expect(done.or(page.getByText(/the line is at/))).toBeVisible();
  }
}

test('the last coat is over-reduced from what is left, with the reason kept; the slider moves what is seen', async ({
  page,
}) => {
  await cupsOf(page, 'CUP 1');
  const base = cup(page, 'Base coat');
  await base.getByRole('button', { name: 'Thin Base coat' }).click();
  await expect(base.getByText('hides in')).toBeVisible();
  await base.getByRole('button', { name: 'only Base 3' }).click();
  await base.getByRole('button', { name: 'Over-reduced', exact: true }).click();
  await saved(page);
  const over = cup(page, 'Base coat, over-reduced');
  await expect(over).toContainText('what is left of the base coat');
  await expect(page.getByText(/its data sheet says 60% to 90%. Say why/).first()).toBeVisible();
  await expect(station(page, 'Cups')).toContainText('outside its data sheet');

  // What is left in the gun is more than the last coat takes.
  const left = page.getByLabel('Left of Base coat', { exact: true });
  await left.fill('500');
  await left.press('Enter');
  await saved(page);
  await expect(base).toContainText(/Pour \d+ ml off before anything is added/);

  await over.getByRole('button', { name: /^Thin/ }).click();
  const why = over.getByLabel('Outside the data sheet: why?');
  await why.fill('melts the fade in');
  await why.press('Enter');
  await saved(page);
  await expect(page.getByText(/Kept reason: melts the fade in/).first()).toBeVisible();

  // By keys: every press is a per cent, and what a coat is like follows at once.
  const slider = over.getByRole('slider', { name: /Reducer in/ });
  await expect(slider).toHaveAttribute('aria-valuetext', '113%');
  const voc = over.locator('dl > div').filter({ hasText: 'VOC' });
  const before = await voc.textContent();
  await slider.focus();
  for (let i = 0; i < 8; i++) {
    await page.keyboard.press('ArrowRight');
  }
  await expect(slider).toHaveAttribute('aria-valuetext', '121%');
  await expect(voc).not.toHaveText(before ?? '');
  await saved(page);
  // Back within the sheet nothing is asked any more.
  await over.getByRole('button', { name: 'Upper end' }).click();
  await saved(page);
  await expect(page.getByText(/its data sheet says/)).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await saved(page);
  await expect(page.getByText(/Kept reason: melts the fade in/).first()).toBeVisible();
});

test('a cup is weighed with an over-pour, mended, finished, and its label printed', async ({ page }) => {
  await cupsOf(page, 'CUP 2');
  await onTheScale(page, 'Base coat');
  const pour = page.getByRole('button', { name: 'Hold to pour' });
  const take = page.getByRole('button', { name: 'Take it, next' });
  await expect(take).toBeDisabled();

  // A scale that goes silent says so, loses nothing and comes back.
  await page.getByRole('button', { name: 'Scale goes silent' }).click();
  await expect(page.getByText(/The scale is silent. What is in the cup is kept/)).toBeVisible();
  await page.getByRole('button', { name: 'Put the scale right' }).click();
  await expect(page.getByText('still to go: pour')).toBeVisible();

  // Poured until it is too much; the stream runs on a little.
  await pour.hover();
  await page.mouse.down();
  await expect(page.getByText('too much: stop')).toBeVisible({ timeout: 30_000 });
  await page.mouse.up();
  await expect(take).toBeEnabled();
  await take.click();
  await expect(page.getByRole('alert')).toContainText('too much of base');
  const reducer = page.getByRole('list', { name: 'What goes in' }).getByRole('listitem').nth(1);
  const before = await reducer.textContent();
  await page.getByRole('button', { name: 'Recompute the rest' }).click();
  await expect(reducer).not.toHaveText(before ?? '');
  await expect(page.getByRole('heading', { name: 'Base coat' })).toBeVisible();

  // Loaded again it stands where it stood.
  await page.reload();
  await expect(page.getByTestId('to-go')).toBeVisible();
  await weighTheRest(page);
  await page.getByRole('button', { name: 'Finish the mix' }).click();
  await expect(page.getByText(/^Mixed, /)).toBeVisible();
  await expect(page.getByRole('table', { name: 'What happened' })).toContainText('rest recomputed');

  await page.getByRole('link', { name: 'Print its label' }).click();
  const label = page.getByRole('article', { name: 'Label of Base coat' });
  await expect(label).toContainText('Saltmist Silver SM-07');
  await expect(label).toContainText('tin 12');
  await page.getByRole('button', { name: 'Roll, 62 mm' }).click();
  await expect(page).toHaveURL(/on=roll/);
  writeFileSync('var/playwright-label.pdf', await page.pdf({ preferCSSPageSize: true }));
  const info = execFileSync('pdfinfo', ['var/playwright-label.pdf'], { encoding: 'utf8' });
  expect(info).toMatch(/Pages:\s+1\n/);
  expect(info).toMatch(/Page size:\s+17[56]\.\d* x 11[34]/);

  await page.getByRole('link', { name: 'Back to Cups' }).click();
  await expect(page.getByRole('table', { name: 'Mixes' })).toContainText('tin 12');
});

test('what is left after the first clear sets the second; the cup list prints', async ({ page }) => {
  const id = await cupsOf(page, 'CUP 3');
  const second = cup(page, 'Clear coat 2');
  const before = await second.getByRole('button', { name: /to mix/ }).textContent();
  const left = page.getByLabel('Left of Clear coat 1');
  await left.fill('5');
  await left.press('Enter');
  await saved(page);
  await expect(second.getByRole('button', { name: /to mix/ })).not.toHaveText(before ?? '');
  const hand = page.getByLabel('On hand of Base coat');
  await hand.fill('lots');
  await hand.press('Enter');
  await expect(page.getByText(/Type a number, like 50 ml/)).toBeVisible();
  await expect(hand).toHaveValue('lots');
  await hand.fill('20');
  await hand.press('Enter');
  await saved(page);
  await expect(page.getByText(/Not enough: it reaches for/)).toBeVisible();
  await choose(page, cup(page, 'Clear coat 1').getByRole('combobox', { name: 'Cup' }), '750');
  await saved(page);

  await page.getByRole('link', { name: 'Print the cup list' }).click();
  await expect(page.getByRole('heading', { name: /CUP 3/ })).toBeVisible();
  await expect(cup(page, 'Clear coat 2')).toContainText('a tenth more');
  writeFileSync('var/playwright-cups.pdf', await page.pdf({ preferCSSPageSize: true }));
  expect(execFileSync('pdfinfo', ['var/playwright-cups.pdf'], { encoding: 'utf8' })).toMatch(/Pages:\s+1\n/);
  await page.goto(`/jobs/${id}/labels`);
  await expect(page.getByText('No finished mix yet')).toBeVisible();
});

test('hardener, binder and clear are told with what would turn them, and a clear is taken', async ({ page }) => {
  await cupsOf(page, 'CUP 4');
  await expect(page.getByText(/Second best: .*above \d+ °C/)).toBeVisible();
  await page.getByRole('button', { name: 'Hardener, binder, clear, guns' }).click();
  await expect(page.getByRole('group', { name: 'Hardener of the clear' })).toContainText('once around takes');
  await expect(page.getByRole('group', { name: 'Binder today' })).toContainText('hand blower');
  await page.getByRole('button', { name: 'Take premium clear' }).click();
  await saved(page);
  await expect(cup(page, 'Clear coat 1')).toContainText('premium');
  await page.keyboard.press('Control+z');
  await saved(page);
  await expect(cup(page, 'Clear coat 1')).not.toContainText('premium');
});

test('viscosity by a stopwatch, by typing and by the stick; the formula toner by toner', async ({ page }) => {
  await signIn(page, 'ines');
  await page.goto(`${silver}/cups`);
  await page.getByRole('button', { name: 'Check viscosity' }).click();
  const dialog = page.getByRole('dialog', { name: 'Check viscosity' });
  await dialog.getByRole('button', { name: 'Start as the cup runs' }).click();
  await expect(dialog.getByText(/^1\.\d s: stop/)).toBeVisible();
  await dialog.getByRole('button', { name: /stop when the stream breaks/ }).click();
  await expect(dialog.getByRole('status')).toContainText('Thinner than the sheet wants');
  const typed = dialog.getByLabel('or type the seconds');
  await typed.fill('40');
  await typed.press('Enter');
  await expect(dialog.getByRole('status')).toContainText('Thicker than the sheet wants');
  await typed.fill('0');
  await typed.press('Enter');
  await expect(typed).toHaveAttribute('aria-invalid', 'true');
  await choose(page, dialog.getByRole('combobox', { name: 'or what runs off the stick' }), 'a drop a second');
  await expect(dialog.getByRole('status')).toContainText('A stick is a rough reading');
  await dialog.getByRole('button', { name: 'Close' }).click();

  await page.getByRole('button', { name: 'Toners of Base coat' }).click();
  const toners = page.getByRole('table', { name: 'Toners in mixing order' });
  await expect(toners.getByRole('row')).toHaveCount(6);
  const total = await toners.getByRole('row').last().textContent();
  await page.getByLabel('More for cards').fill('60');
  await page.getByLabel('More for cards').press('Enter');
  await expect(toners.getByRole('row').last()).not.toHaveText(total ?? '');
  await expect(page.getByText(/may move the colour by/)).toBeVisible();
  await page.getByRole('button', { name: 'Weigh the toners' }).click();
  await expect(page.getByRole('heading', { name: 'Weigh the toners' })).toBeVisible();
});
