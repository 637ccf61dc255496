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

test('a tinted clear is planned by its coats: too many are darker, its edge is told, and it is coloured to the edge', async ({
  page,
}) => {
  await signIn(page);
  await page.goto('/jobs/5a17a45b-0000-4000-8000-000000000009/blend');
  await expect(verdict(page)).toContainText('the edge of the coats over the ground stays, not the colour');
  const coats = page.getByRole('region', { name: 'Coats and colour' });
  await expect(coats.getByRole('group', { name: '2.3 coats' })).toContainText('no polishing takes it off');
  await expect(coats.getByRole('group', { name: '1.7 coats' })).toContainText('another thin coat mends it');
  await coats.getByRole('button', { name: /Hiding sticker: why/ }).click();
  await expect(page.getByText(/black and grey sticker masked beside the repair/).last()).toBeVisible();
  await page.keyboard.press('Escape');

  // Half a coat less, by hand: another colour, and the pictures follow.
  await page.getByRole('listitem', { name: 'Effect 2' }).click();
  const chosen = page.getByRole('region', { name: 'The chosen coat' });
  await chosen.getByRole('button', { name: 'Change', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Effect 2' });
  await expect(dialog.getByLabel('Tint, of the clear')).toHaveValue('5');
  await dialog.getByLabel('Film, share of a full coat').fill('50');
  await dialog.getByRole('button', { name: 'Change the coat' }).click();
  await saved(page);
  await expect(coats.getByRole('group', { name: '1.5 coats' })).toContainText('As planned');
  await page.keyboard.press('Control+z');
  await expect(coats.getByRole('group', { name: '2.0 coats' })).toContainText('As planned');
  await saved(page);

  // What cures it is tried in the model and taken over by a press; cups and sheet follow.
  await page
    .getByRole('button', { name: /Take over.*Colour to the edge|Take over/ })
    .first()
    .click();
  await saved(page);
  await expect(verdict(page)).toContainText('edge to edge');
  await station(page, 'Cups').click();
  await expect(page.getByText(/tint for clear/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Booth sheet' }).click();
  await expect(page.getByText(/stirred at once and well, or it specks/)).toBeVisible();
  await page.getByRole('link', { name: 'Back to the job' }).click();
  await page.keyboard.press('Control+z');
  await saved(page);
});

test('an old waxed car: the rag answers, the lacquer is isolated by a press, and the sheet says what to do if it fries', async ({
  page,
}) => {
  await signIn(page);
  await openJob(page, { body: 'Quill 3, hatchback', plate: 'AWK 4', colour: 'Lichen Green, LG-02' }, [
    {
      id: 'r1',
      panel: 'front-door-left',
      shape: { kind: 'spot', xMm: 1810, yMm: 1700, radiusMm: 40 },
      under: { kind: 'old-untested' },
    },
  ]);
  await page.getByLabel('Waxed, or silicone was used on it').check();
  await saved(page);
  const rag = page.getByRole('group', { name: 'Rag test' });
  await expect(rag).toBeVisible();
  await rag.getByRole('button', { name: 'It softens' }).click();
  await saved(page);
  await station(page, 'Blend').click();
  await expect(verdict(page)).toContainText('new solvent can wrinkle it');
  const ways = page.getByRole('region', { name: 'Other ways' });
  await ways.getByRole('button', { name: 'What else this repair suggests' }).click();
  await expect(ways.getByRole('group', { name: 'This plan' })).toBeVisible();
  await ways.getByRole('button', { name: 'Take over: A dust coat first' }).click();
  await saved(page);
  await ways.getByRole('button', { name: 'Take over: Isolate and dust on' }).click();
  await saved(page);
  await expect(verdict(page)).toContainText('stays on the');
  await expect(page.getByText(/isolated in this plan/).first()).toBeVisible();
  await expect(page.getByRole('listitem', { name: 'Base 1, dust 2' })).toBeVisible();
  await expect(ways.getByRole('button', { name: 'Take over: Isolate and dust on' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Booth sheet' }).click();
  await expect(page.getByRole('heading', { name: 'For this repair' })).toBeVisible();
  await expect(page.getByText(/sand flat with 500, dust on again/).first()).toBeVisible();

  // The demo's old car has no code either: where its colour is to be found stands with it.
  await page.goto('/jobs/5a17a45b-0000-4000-8000-000000000010/blend');
  const care = page.getByRole('region', { name: 'For this repair' });
  await expect(care.getByRole('group', { name: 'No code' })).toContainText('A solid is judged under clear');
  await expect(care.getByRole('group', { name: 'Across a gap' })).toContainText('20 mm to 30 mm');
});

test('the other binder and the quick job stand beside the plan, and a whole job changes at once', async ({ page }) => {
  await signIn(page);
  await openJob(page, { body: 'Marlo Tern, small estate', plate: 'AWK 5', colour: 'Saltmist Silver, SM-07' }, [
    {
      id: 'r1',
      panel: 'bonnet',
      shape: { kind: 'spot', xMm: 486, yMm: 0, radiusMm: 30 },
      under: { kind: 'primer', greyShade: 3 },
    },
  ]);
  await station(page, 'Blend').click();
  const ways = page.getByRole('region', { name: 'Other ways' });
  await ways.getByRole('button', { name: 'What else this repair suggests' }).click();
  await expect(ways.getByRole('group', { name: 'The quick trade job' })).toContainText('fewest minutes');
  await expect(ways.getByRole('group', { name: 'Blend in the open middle' })).toContainText('control coat twice');
  await expect(ways.getByRole('group', { name: 'Colour the whole panel' })).toBeVisible();
  await ways.getByRole('button', { name: 'Take over: Northlight W' }).click();
  await saved(page);
  await expect(page.getByRole('region', { name: 'For this repair' })).toContainText('never sanded wet');
  await expect(ways.getByRole('button', { name: 'Take over: Northlight S' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await saved(page);
  await expect(page.getByRole('region', { name: 'For this repair' })).toContainText('may be sanded wet');
});

test('a bare plastic bumper and a rub-through: promoter, how it hangs, thinned primer on the spot, the peel to aim at', async ({
  page,
}) => {
  await signIn(page);
  await openJob(page, { body: 'Marlo Tern, small estate', plate: 'AWK 6', colour: 'Saltmist Silver, SM-07' }, [
    { id: 'r1', panel: 'front-bumper', shape: { kind: 'new-part' }, under: { kind: 'bare-plastic' } },
    {
      id: 'r2',
      panel: 'bonnet',
      shape: { kind: 'spot', xMm: 486, yMm: 0, radiusMm: 15 },
      under: { kind: 'sand-through' },
    },
  ]);
  await station(page, 'Blend').click();
  const care = page.getByRole('region', { name: 'For this repair' });
  await expect(care.getByRole('group', { name: 'Plastic' })).toContainText('adhesion promoter');
  await expect(care.getByRole('group', { name: 'Plastic' })).toContainText('Hung 30° otherwise its flakes lean');
  await expect(care.getByRole('group', { name: 'Rubbed through, or chipped' })).toContainText('guide coat');
  const ways = page.getByRole('region', { name: 'Other ways' });
  await ways.getByRole('button', { name: 'What else this repair suggests' }).click();
  await ways.getByRole('button', { name: 'Take over: Thinned primer on the spot' }).click();
  await saved(page);
  await expect(page.getByRole('listitem', { name: 'Thinned primer' })).toBeVisible();
  await care.getByRole('button', { name: 'very coarse' }).click();
  await saved(page);
  await expect(care.getByRole('group', { name: 'Texture' })).toContainText('half a turn in');
  await page.getByRole('button', { name: 'Booth sheet' }).click();
  await expect(page.getByText(/Aim at the car's peel, very coarse/)).toBeVisible();
});
