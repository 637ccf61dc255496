import { expect, nothingSerious, signIn, test } from './bench';

const silver = '/jobs/5a17a45b-0000-4000-8000-000000000001';
const SCREENS: [string, string, RegExp][] = [
  ['Today', '/', /Today/],
  ['New job', '/?new', /New job/],
  ['Car', `${silver}/car`, /Marlo Tern/],
  ['Colour', `${silver}/colour`, /How it was sprayed/],
  ['Colour, let-down', '/jobs/5a17a45b-0000-4000-8000-000000000006/colour', /Let-down set/],
  ['Colour, empty', '/jobs/5a17a45b-0000-4000-8000-000000000005/colour', /The card against the car/],
  ['Blend', `${silver}/blend`, /Room to the neighbours/],
  ['Cups', `${silver}/cups`, /What to mix/],
  ['Booth', `${silver}/booth`, /Locked until a card has passed/],
  ['Look-back', `${silver}/look-back`, /After the job/],
  ['Booth sheet', `${silver}/sheet`, /MB 24 TRN/],
  ['Shelf', '/shelf', /Shelf/],
  ['Logbook', '/logbook', /Logbook/],
  ['Practice bay', '/practice', /Practice bay/],
];

test('axe finds nothing serious on the sign-in', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await nothingSerious(page);
});

for (const theme of ['Light', 'Dark', 'Booth (dark, large)']) {
  test(`axe finds nothing serious on any screen, ${theme}`, async ({ page }) => {
    test.slow();
    await signIn(page, 'ines');
    await page.getByRole('button', { name: /settings/ }).click();
    await page.getByRole('menuitem', { name: theme, exact: true }).click();
    await page.keyboard.press('Escape');
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
      });
    }
    await page.goto('/');
    await page.getByRole('button', { name: /settings/ }).click();
    await page.getByRole('menuitem', { name: 'Light' }).click();
  });
}

test('nothing is wider than a phone, and everything pressed is large enough', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await signIn(page);
  for (const [name, path, heading] of SCREENS.filter(([n]) => n !== 'Booth sheet')) {
    await test.step(name, async () => {
      await page.goto(path);
      await expect(page.getByRole('heading', { name: heading }).first()).toBeVisible();
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
      const small = await page.evaluate(() =>
        [
          ...document.querySelectorAll<HTMLElement>(
            'button.MuiButton-root, button.MuiIconButton-root, button.MuiToggleButton-root',
          ),
        ]
          .filter((b) => b.offsetParent !== null && b.getBoundingClientRect().height < 47.5)
          .map((b) => b.textContent),
      );
      expect(small).toEqual([]);
    });
  }
});
