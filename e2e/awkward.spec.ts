import { expect, openJob, saved, signIn, station, test, verdict } from './bench';

test('a clear is faded out inside a panel, its edge made too hard and mended, poured, printed and taken back', async ({
  page,
}) => {
  await signIn(page);
  await openJob(page, { body: 'Vesper Forty, van', plate: 'AWK 1', colour: 'Harbour Slate, HS-21' }, [
    {
      id: 'r1',
      panel: 'quarter-left',
      shape: { kind: 'spot', xMm: 3822, yMm: 1809, radiusMm: 40 },
      under: { kind: 'primer', greyShade: 5 },
    },
  ]);
  await station(page, 'Blend').click();
  const clear = page.getByRole('region', { name: 'The clear', exact: true });
  await expect(clear).toContainText('Over the whole panel');
  await clear.getByRole('button', { name: 'Fade it inside the panel' }).click();
  await saved(page);

  // Its edge, what the customer hears, and the nearest place where it could end unseen.
  await expect(clear.getByRole('img', { name: /Film of the clear/ })).toBeVisible();
  await expect(clear).toContainText('that polishes out');
  await expect(clear).toContainText('For the customer: The new clear ends inside the panel.');
  await expect(clear.getByRole('list', { name: 'After the clear' })).toContainText('Polish the edge from slow');
  await expect(page.getByText(/The clear ends .* Tell the customer before/).first()).toBeVisible();
  await expect(verdict(page)).toContainText('stays on the quarter panel left');
  await clear.getByRole('button', { name: /Step at the end of the clear: why/ }).click();
  await expect(page.getByText(/rises within a pad's rim/).first()).toBeVisible();
  await page.keyboard.press('Escape');

  // A coat whose edge is not soft stands as a step.
  const row = page.getByRole('listitem', { name: 'Clear 4' });
  await row.click();
  await page
    .getByRole('region', { name: 'The chosen coat' })
    .getByRole('button', { name: 'Change', exact: true })
    .click();
  const dialog = page.getByRole('dialog', { name: 'Clear 4' });
  await expect(dialog.getByLabel('Fade-out solvent, of the clear')).toHaveValue('100');
  await dialog.getByLabel('Fade-out solvent, of the clear').fill('0');
  await dialog.getByLabel('Fades over').fill('5');
  await dialog.getByLabel('Past the blend').click();
  await dialog.getByRole('button', { name: 'Change the coat' }).click();
  await saved(page);
  await expect(clear).toContainText('more than the 5 µm that polish off: taper further');
  await page.keyboard.press('Control+z');
  await expect(clear).toContainText('that polishes out');
  await saved(page);

  await station(page, 'Cups').click();
  await expect(page.getByRole('region', { name: 'Clear coat, thinned' }).first()).toContainText('fade-out solvent');
  await page.getByRole('button', { name: 'Booth sheet' }).click();
  await expect(page.getByRole('heading', { name: 'The edge of the clear' })).toBeVisible();
  await expect(page.getByText('Grey pad or P1500–P2000, polished afterwards')).toBeVisible();
  await page.getByRole('link', { name: 'Back to the job' }).click();

  await station(page, 'Blend').click();
  await clear.getByRole('button', { name: 'Clear the whole panel' }).click();
  await saved(page);
  await expect(clear).toContainText('Over the whole panel');
  await expect(page.getByRole('listitem', { name: 'Fade-out solvent' })).toHaveCount(0);
});

test('a stone chip by the gap: both guns side by side, the small one is taken and its settings stand in the plan', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/jobs/5a17a45b-0000-4000-8000-000000000008/blend');
  const guns = page.getByRole('region', { name: 'Which gun' });
  await guns.getByRole('button', { name: 'Compare the guns' }).click();
  const small = guns.getByRole('group', { name: 'Small gun' });
  const standard = guns.getByRole('group', { name: 'Standard gun' });
  await expect(standard).toContainText('Pulls in');
  await expect(small).toContainText('Stays on the panel.');
  await expect(small).toContainText('1.0 mm nozzle, 40 to 45 ml/min');
  await expect(small).toContainText('keep colour off the neighbour');
  await small.getByRole('button', { name: /Largest spot with the Small gun: why/ }).click();
  await expect(page.getByText(/tried for one size after another/).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await small.getByRole('button', { name: 'Take the Small gun' }).click();
  await saved(page);
  await expect(small).toContainText('chosen');
  await expect(page.getByRole('button', { name: 'Small gun', pressed: true })).toBeVisible();
});
