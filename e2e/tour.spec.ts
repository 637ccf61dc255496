import { expect, misfits, nothingSerious, signIn, signInByForm, test } from './bench';

test('the tour is offered once, goes through a car, is left and resumed', async ({ page }) => {
  test.slow();
  await signInByForm(page, 'wren');
  await expect(page.getByRole('region', { name: 'New here?' })).toBeVisible();
  await nothingSerious(page);
  await page.getByRole('button', { name: 'Take the tour' }).click();
  const tour = page.getByRole('region', { name: 'Tour' });
  const stations = ['Today', 'Car', 'Colour', 'Blend'];
  for (const [i, name] of stations.entries()) {
    await expect(tour).toContainText(`${name} ${i + 1} of 9`);
    if (i < stations.length - 1) {
      await tour.getByRole('button', { name: 'Next' }).click();
    }
  }
  await expect(page).toHaveURL(/\/blend/);
  await expect(
    page
      .getByTestId('verdict')
      .or(page.getByRole('heading', { name: /Needs/ }))
      .first(),
  ).toBeVisible();
  await nothingSerious(page);
  for (const size of [
    { width: 1024, height: 768 },
    { width: 390, height: 844 },
  ]) {
    await page.setViewportSize(size);
    expect(await misfits(page, 44), `${size.width} wide`).toEqual([]);
  }
  await page.setViewportSize({ width: 1280, height: 800 });

  // Left, it is gone; the help of any place takes it up where it was.
  await tour.getByRole('button', { name: 'Leave' }).click();
  await expect(tour).toHaveCount(0);
  await page.goto('/logbook');
  await expect(page.getByRole('heading', { name: 'Logbook' })).toBeVisible();
  await expect(page.getByRole('region', { name: 'New here?' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Help', exact: true }).click();
  const help = page.getByRole('dialog', { name: 'Logbook' });
  await expect(help).toContainText('How a painter does it');
  await help.getByRole('button', { name: 'Two-minute tour' }).click();
  await expect(tour).toContainText('Blend 4 of 9');
  await tour.getByRole('button', { name: 'Back' }).click();
  await expect(page).toHaveURL(/\/colour/);
  for (let i = 3; i < 9; i++) {
    await tour.getByRole('button', { name: 'Next' }).click();
  }
  await tour.getByRole('button', { name: 'That was all' }).click();
  await expect(tour).toHaveCount(0);
});

test('the pocket guide prints the shop’s own ways and sheets', async ({ page }) => {
  await signIn(page, 'wren');
  await page.goto('/guide');
  await expect(page.getByRole('heading', { name: 'Pocket guide' })).toBeVisible();
  await nothingSerious(page);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText('Inside-out, wet bed', { exact: true })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Northlight W' })).toBeVisible();
  await expect(page.getByText('is a planning aid')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
});
