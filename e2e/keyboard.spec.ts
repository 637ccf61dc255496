import { expect, openJob, saved, signIn, station, test, verdict } from './bench';

test('the whole way with the keyboard alone', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByLabel('E-mail')).toBeFocused();
  await page.keyboard.type('wren@saltmarsh.example');
  await page.keyboard.press('Tab');
  await page.keyboard.type('harbour-light');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();

  // Find and open a car through the palette.
  await page.keyboard.press('Control+k');
  await page.keyboard.type('gul');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: /MB 66 GUL/ })).toBeVisible();

  // Choose a panel, put a spot in its middle, move and size it.
  await page.getByRole('button', { name: 'Rear door right', exact: true }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('s');
  await expect(page.getByRole('button', { name: /Rear door right, spot 50 mm/ })).toBeVisible();
  const across = page.getByLabel('Across the panel');
  const before = Number(await across.inputValue());
  await page.locator('[data-repair="r1"]').focus();
  await page.keyboard.press('ArrowRight');
  await expect(across).toHaveValue(String(before + 10));
  await page.keyboard.press('+');
  await expect(page.getByLabel('Radius')).toHaveValue('55');
  await saved(page);

  // Stations by number, contours by arrow.
  await page.keyboard.press('3');
  await expect(page).toHaveURL(/blend$/);
  const grip = page.getByRole('slider', { name: 'Base 3 reaches' });
  await grip.focus();
  const computed = Number(await grip.getAttribute('aria-valuenow'));
  await page.keyboard.press('ArrowRight');
  await expect(grip).toHaveAttribute('aria-valuenow', String(Math.round(computed + 10)));
  await page.keyboard.press('Shift+ArrowLeft');
  const byHand = String(Math.round(computed + 10) - 1);
  await expect(grip).toHaveAttribute('aria-valuenow', byHand);
  await page.keyboard.press('Delete');
  await expect(grip).toHaveAttribute('aria-valuenow', String(computed));
  await saved(page);
  await page.keyboard.press('Control+z');
  await expect(grip).toHaveAttribute('aria-valuenow', byHand);
  await saved(page);
  await page.keyboard.press('Control+Shift+z');
  await expect(grip).toHaveAttribute('aria-valuenow', String(computed));
  await saved(page);
  await page.keyboard.press('4');
  await expect(page.getByRole('region', { name: 'Clear coat 1' })).toBeVisible();

  // Help, and the sheet.
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toHaveCount(0);
  await page.keyboard.press('p');
  await expect(page).toHaveURL(/sheet$/);
  await expect(page.getByRole('heading', { name: /MB 66 GUL/ })).toBeVisible();
});

test('a new part and taking it away again, by keys', async ({ page }) => {
  await signIn(page, 'wren');
  await openJob(page, { body: 'Hallam Ox, pick-up', plate: 'E2E 3', colour: 'Harbour Slate, HS-21' });
  await page.getByRole('button', { name: 'Tailboard', exact: true }).focus();
  await page.keyboard.press('Enter');
  await page.keyboard.press('n');
  await expect(page.getByRole('button', { name: /Tailboard, new part/ })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Tailboard', exact: true }).focus();
  await page.keyboard.press('Delete');
  await expect(verdict(page)).toHaveText('Place a repair on the car first.');
  await station(page, 'Blend').click();
  await expect(page.getByRole('heading', { name: 'No repair yet' })).toBeVisible();
});
