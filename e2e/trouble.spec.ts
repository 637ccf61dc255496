import { drag, expect, on, openJob, panel, saved, signIn, signInByForm, station, test, verdict } from './bench';

test('refused input stays on screen with the reason at its field', async ({ page }) => {
  await signIn(page);
  await openJob(page, { body: 'Quill 3, hatchback', plate: 'E2E 4', colour: 'Lichen Green, LG-02' });
  await panel(page, 'Roof').click();
  await page.getByRole('button', { name: 'Spot in its middle' }).click();
  await saved(page);

  const radius = page.getByLabel('Radius');
  await radius.fill('wide');
  await expect(page.getByText('Type a number, like 50 mm.')).toBeVisible();
  await radius.fill('0');
  await radius.press('Enter');
  await expect(page.getByTestId('save-state')).toHaveText('not saved');
  await expect(page.getByText('The radius must be between 5 mm and 1000 mm.').first()).toBeVisible();
  await expect(radius).toHaveValue('0');
  await page.reload();
  await expect(page.getByTestId('save-state')).toHaveText('not saved');
  await expect(page.getByLabel('Radius')).toHaveValue('0');
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByLabel('Radius')).toHaveValue('50');

  // An outline that crosses itself.
  await page.getByRole('button', { name: 'Outline' }).click();
  const roof = panel(page, 'Roof');
  await drag(
    page,
    await on(roof, 0.2, 0.2),
    await on(roof, 0.4, 0.6),
    await on(roof, 0.4, 0.2),
    await on(roof, 0.2, 0.6),
  );
  await expect(page.getByText('The outline crosses itself. Draw it again in one loop.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await saved(page);

  await station(page, 'Cups').click();
  const ratio = page.getByLabel('Ratio of clear coat 1');
  await ratio.fill('4:0:x');
  await ratio.press('Enter');
  await expect(page.getByText(/"4:0:x" is no mixing ratio/).first()).toBeVisible();
  await expect(ratio).toHaveValue('4:0:x');
});

test('without network the change is kept and sent later', async ({ page, context }) => {
  await signIn(page);
  await openJob(page, { body: 'Quill 3, hatchback', plate: 'E2E 5', colour: 'Lichen Green, LG-02' });
  await panel(page, 'Bonnet').click();
  await page.getByRole('button', { name: 'Spot in its middle' }).click();
  await saved(page);
  await context.setOffline(true);
  await page.getByLabel('Radius').fill('80');
  await page.getByLabel('Radius').press('Enter');
  await expect(page.getByTestId('save-state')).toHaveText('not saved yet');
  await expect(page.getByRole('alert')).toContainText('kept on this device');
  await expect(page.getByRole('button', { name: /spot 80 mm/ })).toBeVisible();
  await context.setOffline(false);
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Radius')).toHaveValue('80');
});

test('two people on one job: nobody overwrites the other unawares', async ({ page, browser }) => {
  await signIn(page);
  await openJob(page, { body: 'Quill 3, hatchback', plate: 'E2E 6', colour: 'Lichen Green, LG-02' });
  await panel(page, 'Bonnet').click();
  await page.getByRole('button', { name: 'Spot in its middle' }).click();
  await saved(page);
  const other = await (await browser.newContext()).newPage();
  await signIn(other, 'ines');
  await other.goto(page.url());
  // Another test may have her in inches meanwhile.
  await other.getByLabel('Radius').fill('70 mm');
  await other.getByLabel('Radius').press('Enter');
  await saved(other);

  await page.getByLabel('Radius').fill('90');
  await page.getByLabel('Radius').press('Enter');
  await expect(page.getByRole('alert')).toContainText('Ines Tolland saved version 3 in between');
  await expect(page.getByLabel('Radius')).toHaveValue('90');
  await page.getByRole('button', { name: 'Put mine on top' }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByLabel('Radius')).toHaveValue('90');
  await other.close();
});

test('a lead puts a car away and takes it back; a painter cannot', async ({ page }) => {
  await signInByForm(page, 'wren');
  await page.getByRole('button', { name: 'List', exact: true }).click();
  await expect(page.getByRole('link', { name: /MB 08 OXX/ })).toBeVisible();
  await expect(page.getByRole('button', { name: /^Put .* away$/ })).toHaveCount(0);
  await page.getByRole('button', { name: /settings/ }).click();
  await page.getByRole('menuitem', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await page.getByLabel('E-mail').fill('ines@saltmarsh.example');
  await page.getByLabel('Password').fill('wrong');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('E-mail or password is not right.')).toBeVisible();
  await page.getByLabel('Password').fill('harbour-light');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await page.getByRole('button', { name: 'List', exact: true }).click();
  await page.getByRole('button', { name: 'Put Hallam Ox MB 08 OXX away' }).click();
  await expect(page.getByRole('link', { name: /MB 08 OXX/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('link', { name: /MB 08 OXX/ })).toBeVisible();
});

test('a new job says what is missing and keeps what was typed', async ({ page }) => {
  await signIn(page);
  await page.getByRole('button', { name: 'New job' }).click();
  const dialog = page.getByRole('dialog', { name: 'New job' });
  await dialog.getByLabel('Plate').fill('E2E 7');
  await dialog.getByLabel('Booth', { exact: true }).fill('95');
  await dialog.getByRole('button', { name: 'Open the job' }).click();
  await expect(dialog.getByText('Choose a body shape.')).toBeVisible();
  await dialog.getByLabel('Body shape').click();
  await page.getByRole('option', { name: 'Quill 3, hatchback' }).click();
  await dialog.getByLabel('Colour', { exact: true }).click();
  await page.getByRole('option', { name: 'Another colour' }).click();
  await dialog.getByLabel('Name of the colour').fill('Copper Dusk');
  await dialog.getByLabel('Paint system').click();
  await page.getByRole('option', { name: 'Northlight S' }).click();
  await dialog.getByRole('button', { name: 'Open the job' }).click();
  await expect(dialog.getByText('Booth temperature must be between 5 °C and 45 °C.')).toBeVisible();
  await expect(dialog.getByLabel('Plate')).toHaveValue('E2E 7');
  await dialog.getByLabel('Booth', { exact: true }).fill('72 °F');
  await dialog.getByRole('button', { name: 'Open the job' }).click();
  await expect(page.getByRole('heading', { name: /E2E 7/ })).toBeVisible();
  await expect(verdict(page)).toHaveText('Place a repair on the car first.');
});

test('the page carries its headers, and what never reaches the application is told in its words', async ({ page }) => {
  const head = (await page.request.get('/')).headers();
  expect(head['content-security-policy']).toContain("default-src 'self'");
  expect(head['content-security-policy']).not.toContain("script-src 'unsafe-inline'");
  expect(head['x-content-type-options']).toBe('nosniff');
  expect(head['x-frame-options']).toBe('DENY');
  expect(head['cache-control']).toContain('no-cache');
  const long = await page.request.get(`/api/logbook?q=${'x'.repeat(40_000)}`);
  expect(long.status()).toBe(414);
  expect(long.headers()['content-type']).toContain('application/problem+json');
  expect(((await long.json()) as { title: string }).title).toBe('This address is too long.');
});
