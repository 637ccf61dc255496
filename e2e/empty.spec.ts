import type { Page } from '@playwright/test';
import {
  choose,
  expect,
  nothingSerious,
  on,
  ownShop,
  panel,
  saved,
  station,
  test,
  verdict,
  type OwnShop,
} from './bench';

let shop: OwnShop;

async function newToner(page: Page, line: string, name: string): Promise<void> {
  await choose(page, page.getByRole('combobox', { name: line }), 'Another toner …');
  await page.getByRole('dialog').getByLabel('Name, as on the tin').fill(name);
  await page.getByRole('button', { name: 'Put it on the bench' }).click();
  await expect(page.getByRole('combobox', { name: line })).toContainText(name);
}

test.beforeAll(async () => {
  test.setTimeout(120_000);
  shop = await ownShop(2, false);
});
test.afterAll(() => shop.close());

test('an empty installation, to the booth sheet of a car and a colour that are not ours; its people; a copy read again', async ({
  browser,
}) => {
  const context = await browser.newContext({ baseURL: shop.url });
  await context.addInitScript(() => localStorage.setItem('kalopsis.tour', '{"step":0,"open":false}'));
  const page = await context.newPage();
  let presses = 0;
  await page.exposeFunction('pressed', () => {
    presses++;
  });
  await page.addInitScript(() => {
    const count = () => {
      (window as unknown as { pressed: () => void }).pressed();
    };
    window.addEventListener('click', count, true);
  });
  const began = Date.now();
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Kalopsis: your workshop' })).toBeVisible();
  await nothingSerious(page);
  await page.getByLabel('Name of the workshop').fill('Gull Street Paint');
  await page.getByLabel('Your name').fill('Odd Marsh');
  await page.getByLabel('E-mail').fill('odd@gull.example');
  await page.getByLabel('Password').fill('password123');
  await page.getByRole('button', { name: 'Open the workshop' }).click();
  await expect(page.getByText('This one is tried first.')).toBeVisible();
  await page.getByLabel('Password').fill('three wet coats');
  await page.getByRole('button', { name: 'Open the workshop' }).click();
  await expect(page.getByRole('heading', { name: 'No car in the shop' })).toBeVisible();

  // A car that has no drawing, by what the tape says.
  await page.getByRole('button', { name: 'Open the first job' }).click();
  await page.getByRole('link', { name: /by tape measure/ }).click();
  await choose(page, page.getByRole('combobox', { name: 'What kind of car' }), 'Saloon');
  const drawing = page.getByRole('img', { name: /The car so far/ });
  for (const [name, mm] of [
    ['Front door, width', '1210'],
    ['Front door, height', '780'],
    ['Bonnet, width', '1450'],
  ] as const) {
    await page.getByLabel(name).fill(mm);
    await page.keyboard.press('Enter');
    await expect(drawing).toContainText(`${mm} mm`);
  }
  await page.getByLabel('Wing, length').fill('700');
  await page.keyboard.press('Enter');
  await page.getByLabel('Bonnet, length').fill('1500');
  await page.keyboard.press('Enter');
  await expect(page.getByText('This does not go together with: Bonnet, length')).toBeVisible();
  for (const name of ['Wing, length', 'Bonnet, length']) {
    await page.getByLabel(name).fill('');
    await page.keyboard.press('Enter');
  }
  await expect(page.getByText('This does not go together with')).toHaveCount(0);
  await nothingSerious(page);
  await page.getByLabel('Name of the car').fill('Fern 2');
  await page.getByRole('button', { name: 'Keep it and open a job' }).click();

  // A colour that nobody has on a shelf.
  const dialog = page.getByRole('dialog', { name: 'New job' });
  await expect(dialog.getByRole('combobox', { name: 'Body shape' })).toContainText('Fern 2');
  await dialog.getByLabel('Plate').fill('GS 1');
  await choose(page, dialog.getByRole('combobox', { name: 'Colour' }), 'Another colour');
  await dialog.getByLabel('Name of the colour').fill('Fern Green');
  await choose(page, dialog.getByRole('combobox', { name: 'Finish' }), 'dark solid');
  await choose(page, dialog.getByRole('combobox', { name: 'Paint system' }), 'Usual solvent system');
  await dialog.getByRole('button', { name: 'Open the job' }).click();
  await expect(verdict(page)).toHaveText('Place a repair on the car first.');
  await page.getByRole('button', { name: 'Spot', exact: true }).click();
  const tap = await on(panel(page, 'Front door left'), 0.45, 0.5);
  await page.mouse.click(tap.x, tap.y);
  await expect(page.getByRole('button', { name: /Front door left, spot/ })).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Booth sheet' }).click();
  await expect(page.getByText('GS 1').first()).toBeVisible();
  await expect(page.getByText('Fern Green').first()).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  expect((await page.pdf({ format: 'A4', preferCSSPageSize: true })).byteLength).toBeGreaterThan(10_000);
  await page.emulateMedia({ media: 'screen' });
  const seconds = Math.round((Date.now() - began) / 1000);
  test.info().annotations.push({ type: 'first sheet', description: `${seconds} s, ${presses} presses` });
  expect(presses).toBeLessThan(40);

  // Its formula from the printout: now it can be poured.
  await page.goBack();
  await station(page, 'Colour').click();
  await page.getByRole('link', { name: 'Type its formula' }).click();
  await page.getByLabel('Code').fill('FG-2');
  await page.getByRole('button', { name: 'Add a toner: Formula' }).click();
  // No invented toner stands on a shop's own bench: those of the printout are named.
  await newToner(page, 'Toner 1', 'Fen yellow');
  await page.getByLabel('Amount 1').fill('120');
  await page.keyboard.press('Enter');
  await newToner(page, 'Toner 2', 'Heather');
  await page.getByLabel('Amount 2').fill('14.5');
  await expect(page.getByText('134.5 g in all')).toBeVisible();
  await page.getByRole('button', { name: 'Keep the colour' }).click();
  await page.getByRole('button', { name: 'Take Fern Green FG-2 from the shelf' }).click();
  await expect(page.getByRole('region', { name: 'This colour and the shelf' })).toHaveCount(0);
  await saved(page);

  // The shop's own data sheet: until it is typed, why? says that these are usual values.
  await station(page, 'Cups').click();
  const amount = page.getByRole('button', { name: /Paint for Base 1: why/ }).first();
  const whys = page.getByRole('dialog').or(page.locator('.MuiPopover-paper'));
  await amount.click();
  await expect(whys).toContainText('nobody has named a data sheet');
  await page.keyboard.press('Escape');
  const job = page.url();
  await page.getByRole('link', { name: 'Shelf' }).first().click();
  await page.getByRole('link', { name: 'Data sheets of Usual solvent system' }).click();
  await page.getByRole('button', { name: /base coat, solid/i }).click();
  await page.getByLabel('Sheet and edition').fill('Sheet 41, edition 7');
  await page.getByLabel('Ratio, as on the can').fill('100:x');
  await expect(page.getByText('is no mixing ratio')).toBeVisible();
  await page.getByLabel('Ratio, as on the can').fill('100:80');
  await expect(page.getByRole('status').filter({ hasText: '44.4 % reducer' })).toBeVisible();
  await page.getByLabel('Full coat, dry').fill('11');
  await page.keyboard.press('Enter');
  await nothingSerious(page);
  // A slip of the hand loses nothing.
  await page.reload();
  await expect(page.getByText('not kept yet is still there')).toBeVisible();
  await page.getByRole('button', { name: 'Keep as the next edition' }).click();
  await expect(page.getByRole('link', { name: /^Edition 2/ })).toBeVisible();
  const table = page.waitForEvent('download');
  await page.getByRole('link', { name: 'As a table (CSV)' }).click();
  const csv = await (await table).path();
  await page.goto(job);
  await expect(page.getByText('Planned with edition 1')).toBeVisible();
  await page.getByRole('button', { name: 'What changed' }).click();
  await expect(page.getByRole('dialog')).toContainText('100:80');
  await page.getByRole('button', { name: 'Plan with edition 2' }).click();
  await saved(page);
  await expect(page.getByText('Planned with edition 1')).toHaveCount(0);
  await amount.click();
  await expect(whys).toContainText('Sheet 41, edition 7');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect(page.getByText('Planned with edition 1')).toBeVisible();
  await page.getByRole('button', { name: /^Redo/ }).click();
  await saved(page);
  // The same table under another name is another system.
  await page.goto('/shelf');
  await page.getByLabel('Paint system', { exact: true }).setInputFiles(csv);
  await page.getByLabel('Or beside it, under the name').fill('Harbour Line');
  await page.getByRole('button', { name: 'Put it on the shelf as Harbour Line' }).click();
  await expect(page.getByRole('link', { name: 'Data sheets of Harbour Line' })).toBeVisible();

  // What the shop works with: a cup of its own, a lamp, an instrument, each where it is used.
  await page.getByRole('button', { name: 'Another cup' }).click();
  await page.getByRole('button', { name: 'Keep what we work with' }).click();
  const cup = page.getByRole('group', { name: 'Cup 5' });
  await expect(cup.getByLabel('Takes')).toHaveAttribute('aria-invalid', 'true');
  await cup.getByLabel('Takes').fill('600');
  await page.getByRole('button', { name: 'Another lamp' }).click();
  await page.getByLabel('Lamp', { exact: true }).fill('Lamp by the door');
  await page.getByRole('button', { name: 'Another instrument' }).click();
  await page.getByLabel('Instrument', { exact: true }).fill('Old three-angle');
  await page.getByLabel('Repeats within').fill('0.06');
  await page.getByRole('button', { name: 'Keep what we work with' }).click();
  await expect(page.getByRole('button', { name: 'Keep what we work with' })).toBeDisabled();
  await expect(page.getByRole('group', { name: 'Cup 3' }).getByLabel('Takes')).toHaveValue('600');
  await page.getByLabel('File of readings to take in').setInputFiles({
    name: 'deck.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(
      'sample,spot,shot,viewing,L15,a15,b15,L45,a45,b45,L110,a110,b110\nRook Wing,a,1,D65/10,90,0,-5,40,0,-9,20,0,-4\n',
    ),
  });
  await expect(page.getByText('None of ours: Rook Wing.')).toBeVisible();
  await page.getByRole('button', { name: 'Add them as colours' }).click();
  const rook = page.getByRole('row', { name: /^Rook Wing/ });
  await expect(rook).toContainText('dark metallic');
  await expect(rook.getByRole('img', { name: 'Read at 15°, 45°, 110°' })).toBeVisible();
  await nothingSerious(page);
  // What somebody takes for a solid, its reading knows better; what it hides with goes along to a car.
  await page.getByRole('link', { name: 'Change Rook Wing' }).click();
  await choose(page, page.getByRole('combobox', { name: 'Finish' }), 'dark solid');
  await page.getByLabel('Dry film that hides').fill('9');
  await page.getByRole('button', { name: 'Keep the colour' }).click();
  await page.getByRole('link', { name: 'Change Rook Wing' }).click();
  await page.getByRole('button', { name: 'Take that' }).click();
  await expect(page.getByRole('combobox', { name: 'Finish' })).toContainText('dark metallic');
  await expect(page.getByLabel('Dry film that hides')).toHaveValue('9');
  await page.goto(job.replace(/[^/]+$/, 'colour'));
  await page.getByRole('button', { name: 'Read the car' }).click();
  await expect(page.getByRole('dialog').getByRole('combobox', { name: 'Read with' })).toContainText('Old three-angle');
  await expect(page.getByRole('dialog').getByRole('combobox', { name: 'Angles' })).toContainText('15 to 110');
  await page.keyboard.press('Escape');

  // Somebody comes in with a first password, and changes it before anything else.
  await page.getByRole('button', { name: /settings/ }).click();
  await page.getByRole('menuitem', { name: 'People' }).click();
  await page.getByRole('button', { name: 'Add somebody' }).click();
  await page.getByLabel('Name', { exact: true }).fill('Tam Reed');
  await page.getByLabel('E-mail').fill('tam@gull.example');
  await page.getByLabel('First password').fill('first of all');
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  const people = page.getByRole('list', { name: 'People' });
  await expect(people).toContainText('has a first password');
  await choose(page, people.getByRole('combobox', { name: /^Role of Odd/ }), 'Painter');
  await expect(page.getByRole('alert')).toContainText('last lead');
  await nothingSerious(page);
  const other = await browser.newContext({ baseURL: shop.url });
  const tam = await other.newPage();
  await tam.goto('/');
  await tam.getByLabel('E-mail').fill('tam@gull.example');
  await tam.getByLabel('Password').fill('first of all');
  await tam.getByRole('button', { name: 'Sign in' }).click();
  await expect(tam.getByRole('heading', { name: 'Welcome, Tam Reed' })).toBeVisible();
  await tam.getByLabel('The password you were given').fill('first of all');
  await tam.getByLabel('New password').fill('my own words');
  await tam.getByRole('button', { name: 'Change the password' }).click();
  await expect(tam.getByRole('heading', { name: 'Today' })).toBeVisible();
  // Put away, Tam is out at the next press.
  await page.getByRole('button', { name: 'Put Tam Reed away' }).click();
  await expect(people).toContainText('put away; records keep the name');
  await tam.getByRole('link', { name: 'Logbook' }).click();
  await expect(tam.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await other.close();
  await page.getByRole('button', { name: 'Delete what is personal of Tam Reed' }).click();
  await page.getByRole('button', { name: 'Delete it' }).click();
  await expect(people).not.toContainText('Tam Reed');
  await expect(people).toContainText('Somebody');
  const taken = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Take it out' }).click();
  const archive = await (await taken).path();

  // Copied while it runs, wiped, read again: all that was there is there.
  const kept = async () => ({
    jobs: (await (await page.request.get('/api/jobs')).json()) as unknown,
    colours: (await (await page.request.get('/api/colours')).json()) as unknown,
    done: (await (await page.request.get('/api/happenings')).json()) as unknown,
  });
  const before = await kept();
  await shop.says('backup');
  await shop.says('wipe');
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Kalopsis: your workshop' })).toBeVisible();
  // Another installation takes the archive in, and has the car.
  await page.getByLabel('Name of the workshop').fill('Second Gull');
  await page.getByLabel('Your name').fill('Odd Marsh');
  await page.getByLabel('E-mail').fill('odd@second.example');
  await page.getByLabel('Password').fill('three wet coats');
  await page.getByRole('button', { name: 'Open the workshop' }).click();
  await expect(page.getByRole('heading', { name: 'No car in the shop' })).toBeVisible();
  await page.goto('/people');
  await page.getByLabel('Archive of a workshop').setInputFiles(archive);
  await expect(page.getByText('Taken in: 1 cars')).toBeVisible();
  await page.goto('/');
  await expect(page.getByText('GS 1').first()).toBeVisible();
  await shop.says('wipe');
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'Kalopsis: your workshop' })).toBeVisible();
  await shop.says('restore');
  await page.goto('/');
  // Sessions are not in a copy.
  await page.getByLabel('E-mail').fill('odd@gull.example');
  await page.getByLabel('Password').fill('three wet coats');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
  expect(await kept()).toEqual(before);
  await context.close();
});
