import { drag, expect, nothingSerious, on, openJob, panel, saved, signIn, station, test, verdict } from './bench';

test('the naive plan shows a halo in the light walk, the better school removes it, and the table says both', async ({ page }) => {
  await signIn(page);
  await openJob(page, { body: 'Marlo Tern, small estate', plate: 'BLD 1', colour: 'Saltmist Silver, SM-07' });
  await panel(page, 'Bonnet').click();
  await page.getByRole('button', { name: 'Spot in its middle' }).click();
  await saved(page);
  await station(page, 'Blend').click();
  const outlook = page.getByTestId('outlook');
  await expect(outlook).toContainText('Not seen from anywhere');

  // The naive plan: no wet bed.
  await page.getByRole('button', { name: 'Wet bed on' }).click();
  await saved(page);
  await expect(outlook).toContainText(/ring is seen from the side/);
  const schools = page.getByRole('region', { name: 'Table of schools' });
  await expect(schools.getByRole('row', { name: /Inside-out, no wet bed/ })).toContainText(/ring is seen from the side, .* past the primer, at \d+° from \d+ m/);
  await expect(schools.getByRole('row', { name: /Over-reduced fade/ })).toContainText('Not seen from anywhere');

  // Seen: at the flop, from afar, four times exaggerated.
  await page.getByRole('button', { name: 'Light walk' }).click();
  const says = page.getByTestId('walk-says');
  await expect(says).toContainText('Seen from here');
  await page.getByRole('slider', { name: /From/ }).focus();
  for (let i = 0; i < 4; i++) {
    await page.keyboard.press('ArrowLeft');
  }
  await expect(says).toContainText('Not seen from here');
  await expect(page).toHaveURL(/from=0.5/);
  await page.keyboard.press('End');
  await expect(says).toContainText('Seen from here');
  await page.getByRole('slider', { name: /Looked at/ }).focus();
  await page.keyboard.press('ArrowRight');
  await expect(page).toHaveURL(/angle=75/);
  await page.getByRole('button', { name: '×4' }).click();
  const picture = await page.locator('svg image').first().getAttribute('href');
  await page.getByRole('button', { name: '×1' }).click();
  await expect(page.locator('svg image').first()).not.toHaveAttribute('href', picture ?? '');

  // One tap on the better school.
  await schools.getByRole('button', { name: 'Adopt Over-reduced fade' }).click();
  await saved(page);
  await expect(outlook).toContainText('Not seen from anywhere');
  await expect(says).toContainText('Not seen from here');
  await expect(page.getByRole('combobox', { name: 'School' })).toContainText('Over-reduced fade');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(outlook).toContainText(/ring is seen from the side/);
  await nothingSerious(page);
});

test('the cross-cut follows its line, by pointer and by keys, and says the same as a table', async ({ page }) => {
  await signIn(page);
  await page.goto('/jobs/5a17a45b-0000-4000-8000-000000000001/blend?view=cut');
  const cut = page.getByRole('region', { name: 'Cross-cut' });
  await expect(cut).toContainText('long, looked at from 45° and 5 m');
  const table = page.getByRole('table', { name: 'Cross-cut as a table' });
  await expect(table).toContainText('Control coat');
  const end = page.getByRole('button', { name: 'End of the cut' });
  const before = (await cut.textContent()) ?? '';
  const grip = await on(end.locator('rect'), 0.5, 0.5);
  await drag(page, grip, { x: grip.x - 60, y: grip.y + 90 });
  await expect(cut).not.toContainText(/^\D*\d+ mm long/.exec(before)?.[0] ?? 'never');
  await expect(page).toHaveURL(/cut=/);
  const address = page.url();
  await end.focus();
  await page.keyboard.press('ArrowRight');
  await expect(page).not.toHaveURL(address);
  await page.reload();
  await expect(cut).toContainText('long, looked at from 45°');
});

test('too small a panel makes the door join, and the smallest blend is found and adopted', async ({ page }) => {
  await signIn(page);
  await openJob(page, { body: 'Marlo Tern, small estate', plate: 'BLD 2', colour: 'Saltmist Silver, SM-07' });
  await page.getByRole('button', { name: 'Spot', exact: true }).click();
  const at = await on(panel(page, 'Front door left'), 0.84, 0.4);
  await page.mouse.click(at.x, at.y);
  await saved(page);
  await station(page, 'Blend').click();
  await expect(verdict(page)).toContainText('Rear door left');
  const takePart = page.getByRole('region', { name: 'Panels that take part' });
  await expect(takePart).toContainText('Rear door left');
  const reach = page.getByRole('slider', { name: 'Reach of Control coat' });
  const before = Number(await reach.getAttribute('aria-valuenow'));
  await page.getByRole('button', { name: 'Find the smallest blend' }).click();
  await page.getByRole('button', { name: 'Adopt it' }).click();
  await saved(page);
  await expect(page.getByTestId('outlook')).toContainText('Not seen from anywhere');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(reach).toHaveAttribute('aria-valuenow', String(before));

  // The shop's own way: kept from this plan, adopted again after another.
  await reach.focus();
  await page.keyboard.press('ArrowRight');
  await saved(page);
  const ours = Number(await reach.getAttribute('aria-valuenow'));
  await page.getByRole('button', { name: 'Keep this plan as our school' }).click();
  await page.getByLabel('Name of our school').fill('The Merrowby way');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Adopt Outside-in' }).click();
  await saved(page);
  await page.getByRole('button', { name: 'Adopt The Merrowby way' }).click();
  await saved(page);
  await expect(reach).toHaveAttribute('aria-valuenow', String(ours));
  await page.getByRole('button', { name: 'Put The Merrowby way away' }).click();
  await expect(page.getByRole('button', { name: 'Adopt The Merrowby way' })).toHaveCount(0);
});
