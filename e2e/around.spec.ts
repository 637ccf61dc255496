import { readFileSync } from 'node:fs';
import { choose, expect, openJob, panel, saved, signIn, station, test, verdict } from './bench';

test('the palette reaches cars, stations, colours and settings', async ({ page }) => {
  await signIn(page, 'col');
  const find = async (words: string) => {
    await page.keyboard.press('Control+k');
    await page
      .getByRole('combobox', { name: 'Find anything' })
      .or(page.getByPlaceholder('A car, a station'))
      .first()
      .fill(words);
    await page.keyboard.press('Enter');
  };
  await find('vesper 71');
  await expect(page.getByRole('heading', { name: /MB 71 VES/, level: 1 })).toBeVisible();
  await find('cups');
  await expect(page).toHaveURL(/cups$/);
  await find('inches');
  await expect(page.getByRole('region', { name: 'Base coat' })).toContainText('fl oz');
  await find('millimetres');
  await expect(page.getByRole('region', { name: 'Base coat' })).toContainText('ml');
  await find('dark theme');
  await expect.poll(() => page.evaluate(() => getComputedStyle(document.body).backgroundColor)).toBe('rgb(26, 26, 26)');
  await find('light theme');
  await expect
    .poll(() => page.evaluate(() => getComputedStyle(document.body).backgroundColor))
    .toBe('rgb(236, 236, 236)');
  await find('op-33');
  await expect(page).toHaveURL(/shelf/);
  await page.keyboard.press('Control+k');
  await page.getByPlaceholder('A car, a station').fill('no such thing at all');
  await expect(page.getByText('Nothing of that name.')).toBeVisible();
});

test('every figure on the blend can be asked why', async ({ page }) => {
  await signIn(page, 'col');
  await page.goto('/jobs/5a17a45b-0000-4000-8000-000000000001/blend');
  await expect(page.getByRole('heading', { name: 'Zones, from the damage outwards' })).toBeVisible();
  const whys = page.getByRole('button', { name: /: why\?$/ });
  const count = await whys.count();
  expect(count).toBeGreaterThan(15);
  for (const i of [0, 1, 5, 9, count - 1]) {
    await whys.nth(i).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog).toContainText(
      /Common practice|Measured on the body shape|Published|Estimate|Your choice|Data sheet/,
    );
    await page.keyboard.press('Escape');
    await expect(page.locator('.MuiPopover-root')).toHaveCount(0);
  }
});

test('inches: what is typed and what is shown', async ({ page }) => {
  await signIn(page, 'col');
  await openJob(page, { body: 'Hallam Ox, pick-up', plate: 'E2E 8', colour: 'Harbour Slate, HS-21' });
  await page.getByRole('button', { name: 'inch' }).click();
  await panel(page, 'Bonnet').click();
  await page.getByRole('button', { name: 'Spot in its middle' }).click();
  await saved(page);
  const radius = page.getByLabel('Radius');
  await expect(radius).toHaveValue('2');
  await radius.fill('3 1/2');
  await radius.press('Enter');
  await saved(page);
  await expect(page.getByRole('button', { name: /Bonnet, spot 3 1\/2 in/ })).toBeVisible();
  await radius.fill('100 mm');
  await radius.press('Enter');
  await saved(page);
  await expect(radius).toHaveValue('3 7/8');
  await radius.fill('900 in');
  await radius.press('Enter');
  await expect(page.getByText('The radius must be between 1/4 in and 39 3/8 in.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await page.getByRole('button', { name: 'mm', exact: true }).click();
  await expect(radius).toHaveValue('100');
});

test('the shelf takes a drawing from a lead, and a new job can use it', async ({ page }) => {
  await signIn(page, 'ines');
  await page.getByRole('link', { name: 'Shelf' }).click();
  const svg = readFileSync('data/bodies/quill-3.svg', 'utf8')
    .replace('data-key="quill-3"', 'data-key="quill-9"')
    .replace('data-name="Quill 3"', 'data-name="Quill 9"');
  // The page before has a file input of its own.
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible();
  const input = page.locator('input[type=file][accept*=svg]');
  await input.setInputFiles({ name: 'quill-9.svg', mimeType: 'image/svg+xml', buffer: Buffer.from(svg) });
  await expect(page.getByRole('link', { name: 'Download the drawing of Quill 9' })).toBeVisible();
  await input.setInputFiles({ name: 'broken.svg', mimeType: 'image/svg+xml', buffer: Buffer.from('<svg>') });
  await expect(page.getByRole('alert')).toContainText('This is not an SVG drawing.');
  await page.getByRole('link', { name: 'Today' }).click();
  await openJob(page, {
    body: 'Quill 9, hatchback',
    plate: 'E2E 9',
    colour: 'Gull White, GW-01',
    system: 'Northlight W',
  });
  await panel(page, 'Tailgate').click();
  await page.getByRole('button', { name: 'New part' }).click();
  await saved(page);
  await expect(verdict(page)).toContainText(/join/);
});

test('what is put away rests in the logbook and comes back', async ({ page }) => {
  await signIn(page, 'ines');
  await openJob(page, { body: 'Quill 3, hatchback', plate: 'E2E 10', colour: 'Gull White, GW-01' });
  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByRole('button', { name: 'List', exact: true }).click();
  await page.getByRole('button', { name: 'Put Quill 3 E2E 10 away' }).click();
  await page.getByRole('link', { name: 'Logbook' }).click();
  const away = page.getByRole('region', { name: 'Put away' });
  await away.getByRole('link', { name: 'Quill 3 E2E 10' }).click();
  await panel(page, 'Roof').click();
  await page.getByRole('button', { name: 'Spot in its middle' }).click();
  await expect(page.getByText('This job is put away.').first()).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await page.getByRole('link', { name: 'Logbook' }).click();
  await away
    .getByRole('link', { name: 'Quill 3 E2E 10' })
    .locator('..')
    .getByRole('button', { name: 'Bring back' })
    .click();
  await expect(away.getByRole('link', { name: 'Quill 3 E2E 10' })).toHaveCount(0);
  await page.getByRole('link', { name: 'Today' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  await expect(page.getByRole('link', { name: /E2E 10/ })).toBeVisible();
});

test('on a phone the whole way is there', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page, 'wren');
  await page.getByRole('link', { name: /MB 19 QLL/ }).click();
  // It opens where the car waits; the verdict is a bar at the foot.
  await expect(page).toHaveURL(/colour$/);
  await station(page, 'Blend').click();
  await expect(page.getByTestId('verdict-bar')).toContainText('Needs');
  await station(page, 'Car').click();
  await choose(page, page.getByRole('combobox', { name: 'Panel' }), 'Roof');
  await page.getByRole('button', { name: 'Spot in its middle' }).click();
  await expect(page.getByRole('button', { name: /Roof, spot 50 mm/ })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: /Roof, spot 50 mm/ })).toHaveCount(0);
  await saved(page);
  await station(page, 'Cups').click();
  await expect(page.getByRole('region', { name: 'Base coat' })).toBeVisible();
});

test('on a tablet the verdict stays in sight while a contour is pulled, and opens', async ({ page }) => {
  await page.setViewportSize({ width: 1024, height: 768 });
  await signIn(page, 'wren');
  await page.goto('/jobs/5a17a45b-0000-4000-8000-000000000002/blend');
  const bar = page.getByTestId('verdict-bar');
  await expect(bar).toContainText('Needs');
  // What will be seen of it comes after the sentence.
  await expect(bar).toContainText(/sees it|seen/i);
  const before = await bar.textContent();
  const grip = page.getByRole('slider', { name: /^Reach of/ }).last();
  await grip.focus();
  await page.keyboard.press('ArrowRight');
  await saved(page);
  await expect(bar).toBeInViewport();
  await page.getByRole('heading', { name: 'Schools side by side' }).scrollIntoViewIfNeeded();
  await expect(bar).toBeInViewport();
  await page.getByRole('button', { name: /What it means/ }).click();
  await expect(page.getByText('Once it is sprayed')).toBeInViewport();
  await page.getByRole('button', { name: /Close/ }).click();
  await page.getByRole('button', { name: 'Undo' }).click();
  await saved(page);
  await expect(bar).toHaveText(before ?? '');
});

test('a panel of an open job is measured by tape: car and plan follow, undo brings the drawing back', async ({
  page,
}) => {
  await signIn(page, 'petra');
  await openJob(page, { body: 'Quill 3, hatchback', plate: 'E2E TAPE', colour: 'Saltmist Silver, SM-07' }, [
    {
      id: 'r1',
      panel: 'front-door-left',
      shape: { kind: 'spot', xMm: 1550, yMm: 1800, radiusMm: 40 },
      under: { kind: 'primer', greyShade: 4 },
    },
  ]);
  const lengths = page.getByText(/^Door left: /);
  await expect(lengths).toContainText('1285 mm by 750 mm');

  await page.getByRole('button', { name: 'Measure it' }).click();
  const dialog = page.getByRole('dialog', { name: 'Door left by tape' });
  const along = dialog.getByLabel('Front to rear');
  await along.fill('5 m');
  await dialog.getByRole('button', { name: 'Plan on these sizes' }).click();
  await expect(dialog.getByText(/Out of proportion with the rest/)).toBeVisible();
  await along.fill('1350');
  await dialog.getByRole('button', { name: 'Plan on these sizes' }).click();
  await expect(dialog).toHaveCount(0);
  await saved(page);
  await expect(lengths).toContainText('1350 mm by 750 mm');
  await expect(lengths).toContainText('Measured on this car.');
  // The damage was seen on the metal: it is no larger for that.
  await expect(page.getByRole('button', { name: /Door left, spot 40 mm/ })).toBeVisible();

  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(lengths).toContainText('1285 mm by 750 mm');
});
