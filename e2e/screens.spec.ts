import type { Page } from '@playwright/test';
import { expect, misfits, nothingSerious, signIn, test } from './bench';

const silver = '/jobs/5a17a45b-0000-4000-8000-000000000001';
const SCREENS: [string, string, RegExp][] = [
  ['Today', '/', /Today/],
  ['Today, list', '/?view=list', /Today/],
  ['New job', '/?new', /New job/],
  ['Car', `${silver}/car`, /Marlo Tern/],
  ['Colour', `${silver}/colour`, /How it was sprayed/],
  ['Colour, let-down', '/jobs/5a17a45b-0000-4000-8000-000000000006/colour', /Let-down set/],
  ['Colour, empty', '/jobs/5a17a45b-0000-4000-8000-000000000005/colour', /The card against the car/],
  ['Blend', `${silver}/blend`, /Room to the neighbours/],
  ['Cups', `${silver}/cups`, /What to mix/],
  ['Cup list', `${silver}/cup-list`, /Cups: Marlo Tern/],
  ['Labels', `${silver}/labels`, /Labels/],
  ['Weigh', `${silver}/weigh?cup=base-effect`, /Weigh Base coat/],
  ['Booth', `${silver}/booth`, /Locked until a card has passed/],
  ['Look-back', `${silver}/look-back`, /Look at it/],
  ['Booth sheet', `${silver}/sheet`, /MB 24 TRN/],
  ['Shelf', '/shelf', /Shelf/],
  ['Logbook', '/logbook', /Logbook/],
  ['A colour', '/logbook/colour?name=Saltmist+Silver&code=SM-07', /version by version/],
  ['A colour, typed', '/shelf/colours/new?name=Fern+Green', /Formula, toner by toner/],
  ['A car by tape', '/shelf/tape', /by tape measure/],
  ['A data sheet', '/shelf/paint/northlight-s', /Which data sheet this is/],
  ['A toner', '/shelf/toners/new', /A new toner/],
  ['People', '/people', /People/],
  ['My account', '/account', /Where you are signed in/],
  ['Tests', '/calibration', /Tests of the model/],
  ['Practice bay', '/practice', /Practice bay/],
  ['Practice, one', '/practice/variant-three', /Three variants/],
  ['Practice, by hand', '/practice/hand-silver', /Silver forgives/],
  ['Sandbox', '/practice/sandbox', /Sandbox/],
];

test('axe finds nothing serious on the sign-in', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await nothingSerious(page);
});

const OFFICE = { width: 1280, height: 800 };
const TABLET = { width: 1024, height: 768 };
const PHONE = { width: 390, height: 844 };

// Dark is as large as light: what fits there fits here.
for (const [theme, units, target, sizes] of [
  ['Light', 'mm', 44, [OFFICE, PHONE]],
  ['Dark', 'inch', 44, []],
  ['Booth (dark, large)', 'inch', 72, [TABLET, PHONE]],
] as const) {
  test(`axe finds nothing, and nothing is cut off or too small on any screen, ${theme}, ${units}`, async ({ page }) => {
    test.slow();
    await signIn(page, 'ines');
    await page.getByRole('button', { name: /settings/ }).click();
    await page.getByRole('menuitem', { name: theme, exact: true }).click();
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: units, exact: true }).click();
    for (const [name, path, heading] of SCREENS) {
      await test.step(name, async () => {
        if (theme === 'Light') {
          await page.goto(path);
        } else {
          // The application is there already; only the address changes.
          await page.evaluate((to) => {
            history.pushState({}, '', to);
            dispatchEvent(new PopStateEvent('popstate'));
          }, path);
        }
        await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible();
        // Only colours differ from theme to theme.
        await nothingSerious(page, theme === 'Light' ? undefined : 'color-contrast');
        for (const size of ['Booth sheet', 'Cup list', 'Labels'].includes(name) ? [] : sizes) {
          await page.setViewportSize(size);
          expect(await misfits(page, target), `${size.width} wide`).toEqual([]);
        }
        await page.setViewportSize({ width: 1280, height: 800 });
      });
    }
    await page.goto('/');
    await page.getByRole('button', { name: 'mm', exact: true }).click();
    await page.getByRole('button', { name: /settings/ }).click();
    await page.getByRole('menuitem', { name: 'Light' }).click();
  });

  test(`what the keyboard is on is plain to see, ${theme}`, async ({ page }) => {
    await signIn(page, 'ines');
    await page.getByRole('button', { name: /settings/ }).click();
    await page.getByRole('menuitem', { name: theme, exact: true }).click();
    await page.keyboard.press('Escape');
    await page.goto(`${silver}/blend`);
    await expect(page.getByTestId('outlook')).toBeVisible();
    await page.getByRole('combobox', { name: /School/ }).focus();
    await page.keyboard.press('Shift+Tab');
    const unseen: string[] = [];
    for (let stop = 0; stop < 12; stop++) {
      await page.keyboard.press('Tab');
      const here = await page.evaluate(() => {
        const e = document.activeElement;
        const box = e?.getBoundingClientRect();
        const name = e?.getAttribute('aria-label') ?? e?.textContent.slice(0, 40) ?? '';
        return box === undefined ? null : { name, x: box.x, y: box.y, width: box.width, height: box.height };
      });
      if (here === null || here.width < 3 || here.y < 6 || here.y + here.height > 790 || here.x < 0) {
        continue;
      }
      const clip = {
        x: Math.max(0, here.x - 6),
        y: here.y - 6,
        width: Math.min(here.width + 12, 600),
        height: Math.min(here.height + 12, 300),
      };
      const focused = await page.screenshot({ clip, animations: 'disabled' });
      await page.evaluate(() => (document.activeElement as HTMLElement).blur());
      const plain = await page.screenshot({ clip, animations: 'disabled' });
      const changed = await differing(page, focused, plain);
      if (changed < 60) {
        unseen.push(`${here.name}: ${changed} px`);
      }
    }
    expect(unseen).toEqual([]);
    await page.goto('/');
    await page.getByRole('button', { name: /settings/ }).click();
    await page.getByRole('menuitem', { name: 'Light' }).click();
  });
}

/** Pixels that differ plainly between two pictures of the same size. */
function differing(page: Page, a: Buffer, b: Buffer): Promise<number> {
  return page.evaluate(
    async ([one, two]) => {
      const pixels = async (base64: string) => {
        const image = new Image();
        image.src = `data:image/png;base64,${base64}`;
        await image.decode();
        const canvas = new OffscreenCanvas(image.width, image.height);
        const context = canvas.getContext('2d');
        context?.drawImage(image, 0, 0);
        return context?.getImageData(0, 0, image.width, image.height).data ?? new Uint8ClampedArray();
      };
      const [x, y] = [await pixels(one), await pixels(two)];
      let count = 0;
      for (let i = 0; i < x.length; i += 4) {
        const off = [0, 1, 2].reduce((sum, c) => sum + Math.abs((x[i + c] ?? 0) - (y[i + c] ?? 0)), 0);
        count += off > 90 ? 1 : 0;
      }
      return count;
    },
    [a.toString('base64'), b.toString('base64')] as const,
  );
}
