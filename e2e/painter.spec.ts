import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import {
  choose,
  drag,
  expect,
  on,
  openJob,
  openJobByDialog,
  panel,
  saved,
  signIn,
  station,
  test,
  verdict,
} from './bench';

test('from a damaged panel to a printed booth sheet', async ({ page }) => {
  await signIn(page, 'petra');
  await openJobByDialog(page, { body: 'Marlo Tern, small estate', plate: 'E2E 1', colour: 'Saltmist Silver, SM-07' });
  await expect(verdict(page)).toHaveText('Place a repair on the car first.');

  // A spot: tap the panel with the tool.
  await page.getByRole('button', { name: 'Spot', exact: true }).click();
  const door = panel(page, 'Front door left');
  const tap = await on(door, 0.35, 0.5);
  await page.mouse.click(tap.x, tap.y);
  await expect(page.getByRole('button', { name: /Front door left, spot 50 mm/ })).toBeVisible();
  await saved(page);

  // A second repair in the same panel, drawn freehand.
  await page.getByRole('button', { name: 'Outline' }).click();
  const from = await on(door, 0.6, 0.45);
  await drag(page, from, await on(door, 0.68, 0.42), await on(door, 0.7, 0.55), await on(door, 0.62, 0.58), from);
  await expect(page.getByRole('button', { name: /Front door left, outline/ })).toBeVisible();
  await saved(page);
  await expect(station(page, 'Car')).toContainText('2 repairs');

  // What lies under it, and the grey of its primer.
  await choose(page, page.getByRole('combobox', { name: 'What lies under it' }), 'old thermoplastic lacquer');
  await saved(page);
  await expect(verdict(page)).toContainText('new solvent can wrinkle it');
  await choose(page, page.getByRole('combobox', { name: 'What lies under it' }), 'primer');
  await page.getByRole('button', { name: 'Grey shade 6' }).click();
  await saved(page);
  await expect(page.getByText(/seal Front door left with shade 3/)).toBeVisible();

  // Drag the first repair towards the rear door: its blend room shrinks until the door joins.
  const spot = page.locator('[data-repair="r1"]');
  await drag(page, await on(spot, 0.5, 0.5), await on(door, 0.9, 0.35));
  await saved(page);
  await station(page, 'Blend').click();
  await expect(verdict(page)).toContainText('rear door left joins');
  const takePart = page.getByRole('region', { name: 'Panels that take part' });
  await expect(takePart).toContainText('Rear door left');

  // Why? opens the chain.
  await page.getByRole('button', { name: /Needed: why/ }).click();
  await expect(page.getByRole('dialog')).toContainText('rule of thumb');
  await page.keyboard.press('Escape');
  // While it fades out it still catches presses, and is hidden from roles already.
  await expect(page.locator('.MuiPopover-root')).toHaveCount(0);

  // Move a contour: plan, warnings and cups follow.
  const cupsBefore = await station(page, 'Cups').textContent();
  const grip = page.getByRole('slider', { name: 'Reach of Control coat' });
  const reachBefore = Number(await grip.getAttribute('aria-valuenow'));
  const at = await on(grip.locator('circle').first(), 0.5, 0.5);
  const middle = await on(page.locator('circle[r="50"]').first(), 0.5, 0.5);
  const length = Math.hypot(at.x - middle.x, at.y - middle.y);
  await drag(page, at, { x: at.x + ((at.x - middle.x) / length) * 60, y: at.y + ((at.y - middle.y) / length) * 60 });
  await saved(page);
  expect(Number(await grip.getAttribute('aria-valuenow'))).toBeGreaterThan(reachBefore + 60);
  await expect(station(page, 'Cups')).not.toHaveText(cupsBefore ?? '');

  // Undo and redo, and a reload that loses nothing.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(grip).toHaveAttribute('aria-valuenow', String(reachBefore));
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(grip).not.toHaveAttribute('aria-valuenow', String(reachBefore));
  const reach = await grip.getAttribute('aria-valuenow');
  await page.reload();
  await expect(grip).toHaveAttribute('aria-valuenow', reach ?? '');

  // A decision at the gap.
  await page
    .getByRole('radio', { name: /Butt joint/ })
    .first()
    .check();
  await saved(page);
  await expect(page.getByText(/only with a card that matches edge to edge/).first()).toBeVisible();
  await expect(takePart).not.toContainText('Rear door left');

  // Cups, in both unit systems without a reload.
  await station(page, 'Cups').click();
  const base = page.getByRole('region', { name: 'Base coat' });
  await expect(base).toContainText(/\d+ ml/);
  await page.getByRole('button', { name: 'inch' }).click();
  await expect(base).toContainText('fl oz');
  await page.getByRole('button', { name: 'mm', exact: true }).click();
  await base.getByLabel('Ratio of base coat').fill('+60 %');
  await page.keyboard.press('Enter');
  await saved(page);
  await expect(base).toContainText('data sheet: 1:0.75');
  await page.getByRole('combobox', { name: 'Reducer in the mix' }).click();
  await page.getByRole('option', { name: 'extra slow', exact: true }).click();
  await saved(page);
  await expect(page.getByText(/by your hand; advised/)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText(/by your hand; advised/)).toHaveCount(0);

  // The sheet, on A4 and on Letter, on one page each.
  await page.getByRole('button', { name: 'Booth sheet' }).click();
  await expect(page.getByRole('heading', { name: /Marlo Tern E2E 1/ })).toBeVisible();
  for (const [paper, size] of [
    ['A4', /595\.\d* x 84[12]|594\.\d* x 84[12]/],
    ['Letter', /612 x 792/],
  ] as const) {
    await page.getByRole('button', { name: paper }).click();
    await expect(page.getByRole('button', { name: paper })).toHaveAttribute('aria-pressed', 'true');
    const file = `var/playwright-sheet-${paper}.pdf`;
    writeFileSync(file, await page.pdf({ preferCSSPageSize: true, printBackground: true }));
    const info = execFileSync('pdfinfo', [file], { encoding: 'utf8' });
    // One page, or two when the plan is long; nothing is cut.
    expect(info).toMatch(/Pages:\s+[12]\n/);
    expect(info).toMatch(size);
    const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
    for (const words of [
      'Marlo Tern E2E 1',
      'Control coat',
      'Inside-out, wet bed',
      'wait until dull',
      'Base coat',
      'Isocyanates',
      'Preparation',
      'planning aid',
    ]) {
      expect(text).toContain(words);
    }
  }
  expect(readFileSync('var/playwright-sheet-A4.pdf').length).toBeGreaterThan(5000);
});

test('a job goes out as a file and comes back in', async ({ page }) => {
  await signIn(page, 'petra');
  await page
    .getByRole('link', { name: /Vesper Forty/ })
    .first()
    .click();
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Download this job' }).click();
  const path = await (await download).path();
  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByLabel('Job file').setInputFiles(path);
  await expect(page.getByRole('heading', { name: /Vesper Forty/, level: 1 })).toBeVisible();
  await station(page, 'Blend').click();
  await expect(verdict(page)).toContainText('the front wing right and side door right join');

  await page.getByRole('link', { name: 'Today' }).click();
  await page.getByLabel('Job file').setInputFiles({
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"format":"kalopsis-job","version":2}'),
  });
  await expect(page.getByRole('alert')).toContainText('car.label');
  await page
    .getByLabel('Job file')
    .setInputFiles({ name: 'y.json', mimeType: 'application/json', buffer: Buffer.from('not json') });
  await expect(page.getByRole('alert')).toContainText('not readable JSON');
});

test('the school, the gun and the wet bed change the plan', async ({ page }) => {
  await signIn(page, 'petra');
  await openJob(page, {
    body: 'Quill 3, hatchback',
    plate: 'E2E 2',
    colour: 'Saltmist Silver, SM-07',
    system: 'Northlight W',
  });
  await panel(page, 'Bonnet').click();
  await page.getByRole('button', { name: 'Spot in its middle' }).click();
  await saved(page);
  await station(page, 'Blend').click();
  await expect(page.getByText(/a big flat panel hides nothing/)).toBeVisible();
  const coats = page.getByRole('list', { name: 'Coats' });
  await expect(coats.getByRole('listitem')).toHaveCount(7);
  await choose(page, page.getByRole('combobox', { name: 'School' }), 'Outside-in');
  await saved(page);
  await expect(coats).toContainText('Half coat');
  await page.getByRole('button', { name: 'Wet bed on' }).click();
  await saved(page);
  await expect(coats).not.toContainText('Wet bed');
  const needed = page.getByText(/Rule of thumb \d+ mm/);
  const usual = (await needed.textContent()) ?? '';
  await page.getByRole('button', { name: 'Small gun' }).click();
  await saved(page);
  await expect(needed).not.toHaveText(usual);

  // Another colour: the plan is another one.
  await page.getByRole('button', { name: /change car, colour and paint/ }).click();
  await choose(page, page.getByRole('combobox', { name: 'Colour from the shelf' }), 'Lichen Green, LG-02');
  await page.getByRole('button', { name: 'Save' }).click();
  await saved(page);
  await expect(page.getByRole('button', { name: /^Lichen Green/ })).toBeVisible();
  await expect(coats).not.toContainText('Control coat');
});
