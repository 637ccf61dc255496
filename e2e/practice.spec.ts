import type { Page } from '@playwright/test';
import { expect, nothingSerious, signIn, test } from './bench';

/** Strokes over the panel as a hand makes them: to and fro, each a share of the panel below the last. */
async function spray(page: Page, msAPass: number, strokes: number) {
  const panel = page.getByTestId('spray-panel');
  await panel.scrollIntoViewIfNeeded();
  const box = await panel.boundingBox();
  if (box === null) {
    throw new Error('The panel is not there.');
  }
  const places = 20;
  for (let k = 0; k < strokes; k++) {
    const y = box.y + 2 + ((box.height - 4) * k) / (strokes - 1);
    const ends = [box.x + 2, box.x + box.width - 2];
    const [from = 0, to = 0] = k % 2 === 0 ? ends : ends.reverse();
    await page.mouse.move(from, y);
    await page.mouse.down();
    for (let i = 1; i <= places; i++) {
      // The pace of the hand is what is tested: each place is due at its own time.
      await page.evaluate((ms) => new Promise((done) => setTimeout(done, ms)), msAPass / places);
      await page.mouse.move(from + ((to - from) * i) / places, y);
    }
    await page.mouse.up();
  }
}

test('a scenario is sprayed with the pointer as gun, seen, and sprayed better', async ({ page }) => {
  test.slow();
  await signIn(page, 'wren');
  await page.goto('/practice');
  await expect(page.getByRole('heading', { name: 'Practice bay' })).toBeVisible();
  await nothingSerious(page);
  await page.getByRole('link', { name: /Silver forgives no distance/ }).click();
  await expect(page.getByRole('heading', { name: 'Silver forgives no distance' })).toBeVisible();

  // Nothing decided, nothing sprayed: it says what is missing and keeps the rest.
  await page.getByRole('button', { name: 'Spray it' }).click();
  await expect(page.getByText('Decide this first.')).toBeVisible();

  // A hurried hand, far away.
  const length = page.getByRole('slider', { name: 'Colour goes this far past the primer' });
  await length.focus();
  await page.keyboard.press('Home');
  await page.keyboard.press('ArrowRight');
  const distance = page.getByRole('slider', { name: 'Distance of the gun' });
  await distance.focus();
  await page.keyboard.press('End');
  await spray(page, 300, 4);
  const hand = page.getByTestId('hand');
  await expect(hand).toContainText('Too fast');
  await expect(hand).toContainText('Too far away');
  await page.getByRole('button', { name: 'Spray it' }).click();
  const score = page.getByTestId('score');
  await expect(score).toBeVisible();
  const hurried = Number(await score.textContent());
  expect(hurried).toBeLessThan(80);
  await expect(page.getByTestId('gave-away')).toContainText(/seen/i);
  await expect(page.getByRole('region', { name: 'What was true' })).toBeVisible();

  // The panel is walked round: every angle is another picture.
  const picture = page.getByRole('img', { name: /^The sprayed panel/ });
  const before = await picture.getAttribute('aria-label');
  await page.getByRole('slider', { name: 'Walk round the panel' }).focus();
  await page.keyboard.press('Home');
  await expect(picture).not.toHaveAttribute('aria-label', before ?? '');
  await nothingSerious(page);

  // Wiped off, and laid as the data sheet has it.
  await page.getByRole('button', { name: 'Wipe it off' }).click();
  await expect(hand).toHaveCount(0);
  await page.getByText('By numbers instead').click();
  await page.getByRole('button', { name: 'Lay it so' }).click();
  await expect(hand).toContainText('500 mm a second');
  await length.focus();
  await page.keyboard.press('End');
  await page.getByRole('button', { name: 'Spray it' }).click();
  await expect(async () => expect(Number(await score.textContent())).toBeGreaterThan(hurried)).toPass();
  await expect(page.getByTestId('gave-away')).toContainText('Nobody sees it');

  // The ladder knows it.
  await page.getByRole('link', { name: 'All scenarios' }).click();
  await expect(page.getByRole('link', { name: /Silver forgives no distance.*best \d+/ })).toBeVisible();
});

test('one thing changed is one press, and the way there is told', async ({ page }) => {
  await signIn(page, 'wren');
  await page.goto('/practice/bed-silver');
  await page.getByRole('button', { name: 'Inside-out, no wet bed' }).click();
  await page.getByRole('button', { name: 'Spray it' }).click();
  const score = page.getByTestId('score');
  await expect(page.getByTestId('gave-away')).toContainText('ring');
  await page.getByRole('button', { name: 'Try it: Inside-out, wet bed' }).click();
  await expect(score).toHaveText('100');
  await expect(page.getByText('The search would have done the same')).toBeVisible();
});

test('the sandbox answers every slider, by keys', async ({ page }) => {
  await signIn(page, 'wren');
  await page.goto('/practice/sandbox');
  const says = page.getByTestId('sandbox-says');
  await expect(says).toContainText('Nobody sees it');
  await nothingSerious(page);
  await page.getByRole('slider', { name: 'Lighter than the car, L*' }).focus();
  await page.keyboard.press('End');
  await expect(says).toContainText('Seen');
  await page.getByRole('button', { name: 'Back to the beginning' }).click();
  await expect(says).toContainText('Nobody sees it');
});

test('a lead makes a scenario of a car and sees how far everybody has come; an apprentice does not', async ({
  page,
}) => {
  await signIn(page, 'ines');
  await page.goto('/jobs/5a17a45b-0000-4000-8000-000000000101/look-back');
  await page.getByLabel('What the scenario is called').fill('A car of last month');
  await page.getByRole('button', { name: 'Make a scenario of it' }).click();
  await page.getByRole('link', { name: 'It is in the practice bay' }).click();
  await expect(page.getByRole('heading', { name: 'A car of last month' })).toBeVisible();
  await page.goto('/practice');
  await expect(page.getByRole('region', { name: 'Everybody', exact: true })).toContainText('Wren');
  await page.getByRole('button', { name: 'Put A car of last month away' }).click();
  await expect(page.getByRole('link', { name: /A car of last month/ })).toHaveCount(0);
  // What is still on its way would bring her cookie back.
  await page.goto('about:blank');
  await page.context().clearCookies();
  await signIn(page, 'wren');
  await page.goto('/practice');
  await expect(page.getByRole('heading', { name: 'Practice bay' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'Everybody', exact: true })).toHaveCount(0);
});
