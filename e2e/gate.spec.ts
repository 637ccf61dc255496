import { expect, openJob, signIn, station, test } from './bench';

const SILVER = { body: 'Marlo Tern, small estate', colour: 'Saltmist Silver, SM-07' };
const onBonnet = {
  id: 'r1',
  panel: 'bonnet',
  shape: { kind: 'spot', xMm: 470, yMm: 0, radiusMm: 60 },
  under: { kind: 'primer', greyShade: 3 },
};

test('a shop that judges by eye passes a card by keys alone: two lights, three directions', async ({ page }) => {
  await signIn(page);
  await openJob(page, { ...SILVER, plate: 'EYE 1' }, [onBonnet]);
  await station(page, 'Colour').click();
  await page.getByRole('button', { name: 'New card' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Lay it on the desk' }).click();
  const pass = page.getByRole('button', { name: /Pass this card/ });
  await expect(pass).toBeDisabled();
  const before = await station(page, 'Blend').textContent();
  for (const light of ['daylight lamp', 'shade outdoors']) {
    for (const from of ['face', 'near face', 'flop']) {
      const look = page.getByRole('group', { name: `${light}, ${from}` }).getByRole('button', { name: 'would blend' });
      await look.focus();
      await page.keyboard.press('Space');
      await expect(look).toHaveAttribute('aria-pressed', 'true');
    }
  }
  await expect(page.getByText(/By eye, in 2 lights/).first()).toBeVisible();
  await expect(pass).toHaveText('Pass this card by eye');
  await expect(pass).toBeEnabled();
  await pass.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Booth is open' })).toBeVisible();
  await expect(page.getByText('By eye: nothing was read.')).toBeVisible();
  await expect(station(page, 'Booth')).toContainText('open: the card passed by eye');
  expect(before).not.toBeNull();

  // One look that says off shuts it again for the next plan.
  await page.getByRole('button', { name: 'Lock it again' }).click();
  await page.getByRole('group', { name: 'shade outdoors, flop' }).getByRole('button', { name: 'off' }).click();
  await expect(page.getByText(/The eye says/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Pass this card by eye' })).toBeDisabled();
});

test('what the simulated instrument made up is marked wherever it counts', async ({ page }) => {
  await signIn(page);
  await openJob(page, { ...SILVER, plate: 'SIM 1' }, [onBonnet]);
  await station(page, 'Colour').click();
  await page.getByRole('button', { name: 'Read the car' }).click();
  await expect(page.getByText('It makes its readings up, to learn with.')).toBeVisible();
  await page.getByRole('button', { name: 'Take the shots' }).click();
  await page.getByRole('button', { name: 'New card' }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Lay it on the desk' }).click();
  await page.getByRole('button', { name: 'Read this card' }).click();
  await page.getByRole('button', { name: 'Take the shots' }).click();
  await expect(page.getByText(/Simulated, for practice\./).first()).toBeVisible();
  await station(page, 'Blend').click();
  await expect(page.getByText('simulated, for practice', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Booth sheet' }).click();
  await expect(page.getByText(/Simulated, for practice: paint no car by this sheet/).first()).toBeVisible();
});
