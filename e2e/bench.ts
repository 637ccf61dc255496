import { expect, test as base, type Locator, type Page } from '@playwright/test';
import AxeBuilder from '@axe-core/playwright';

/** Signs in as one of the demo's people. */
export async function signIn(page: Page, who: 'ines' | 'bram' | 'wren' = 'bram'): Promise<void> {
  await page.goto('/');
  await page.getByLabel('E-mail').fill(`${who}@saltmarsh.example`);
  await page.getByLabel('Password').fill('harbour-light');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { name: 'Today' })).toBeVisible();
}

/** Opens a new job through the dialog and waits for its car. */
export async function openJob(page: Page, wish: { body: string; plate: string; colour: string; system?: string }): Promise<void> {
  await page.getByRole('button', { name: 'New job' }).click();
  const dialog = page.getByRole('dialog', { name: 'New job' });
  await choose(page, dialog.getByLabel('Body shape'), wish.body);
  await dialog.getByLabel('Plate').fill(wish.plate);
  await choose(page, dialog.getByLabel('Colour', { exact: true }), wish.colour);
  await choose(page, dialog.getByLabel('Paint system'), wish.system ?? 'Northlight S');
  await dialog.getByRole('button', { name: 'Open the job' }).click();
  await expect(page.getByRole('heading', { name: new RegExp(wish.plate) })).toBeVisible();
}

export async function choose(page: Page, select: Locator, option: string): Promise<void> {
  await select.click();
  await page.getByRole('option', { name: option }).click();
  // While the menu fades out, everything behind it is hidden from roles.
  await expect(page.locator('.MuiPopover-root')).toHaveCount(0);
}

export const saved = (page: Page): Promise<void> => expect(page.getByTestId('save-state')).toHaveText('saved');
export const verdict = (page: Page): Locator => page.getByTestId('verdict');
export const station = (page: Page, name: string): Locator => page.getByRole('navigation', { name: 'Stations' }).getByRole('link', { name: new RegExp(name) });
export const panel = (page: Page, name: string): Locator => page.getByRole('button', { name, exact: true });

/** A place on a panel on the screen, as shares of its box. */
export async function on(locator: Locator, across: number, down: number): Promise<{ x: number; y: number }> {
  const box = await locator.boundingBox();
  if (box === null) {
    throw new Error('not on the screen');
  }
  return { x: box.x + across * box.width, y: box.y + down * box.height };
}

export async function drag(page: Page, from: { x: number; y: number }, ...to: { x: number; y: number }[]): Promise<void> {
  await page.mouse.move(from.x, from.y);
  await page.mouse.down();
  for (const point of to) {
    await page.mouse.move(point.x, point.y, { steps: 6 });
  }
  await page.mouse.up();
}

/** Everything axe knows of WCAG 2.2 AA, or one rule of it. */
export async function nothingSerious(page: Page, rule?: string): Promise<void> {
  const axe = new AxeBuilder({ page });
  const found = await (rule === undefined ? axe.withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa']) : axe.withRules([rule])).analyze();
  const serious = found.violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
  expect(serious.map((v) => `${v.id}: ${v.nodes.map((n) => n.target.join(' ')).slice(0, 3).join(' | ')}`)).toEqual([]);
}

export { expect };
export const test = base;
