/** Items changed where they stand on the paper; redo; another class for what is open. */
import { afterAll, expect, test } from 'vitest';
import { AxeBuilder } from '@axe-core/playwright';
import type { Page } from 'playwright-core';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

/** The words of the items in the order in which they stand on the page. */
const items = (page: Page) =>
  page.locator('.item-area').evaluateAll((areas) =>
    areas
      .map((area) => /item (\d+): (.*)$/.exec(area.getAttribute('aria-label') ?? ''))
      .sort((one, other) => Number(one?.[1]) - Number(other?.[1]))
      .map((match) => match?.[2] ?? ''),
  );

async function openGaps(): Promise<Desk> {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.getByRole('link', { name: /Write the missing/ }).click();
  await page.locator('.item-area').first().waitFor();
  return desk;
}

const waitForItems = (page: Page, wanted: readonly string[]) =>
  expect.poll(() => items(page), { timeout: 20_000 }).toEqual(wanted);

test('an item is moved, taken out, changed and swapped on the page, by mouse and by keys', async () => {
  const desk = await openGaps();
  const { page } = desk;
  const before = await items(page);
  expect(before.length).toBeGreaterThan(5);
  const [first = '', second = '', ...rest] = before;

  await page.getByRole('button', { name: `Change item 2: ${second}` }).click();
  const menu = page.getByRole('dialog', { name: `Item 2: ${second}` });
  await menu.waitFor();
  expect((await new AxeBuilder({ page }).include('.item-menu').analyze()).violations).toEqual([]);
  await menu.getByRole('button', { name: 'Up' }).click();
  await waitForItems(page, [second, first, ...rest]);

  // By keys: the item is reached, opened, and its button pressed.
  await page.getByRole('button', { name: `Change item 1: ${second}` }).focus();
  await page.keyboard.press('Enter');
  const again = page.getByRole('dialog', { name: `Item 1: ${second}` });
  await again.waitFor();
  await expect
    .poll(() => page.evaluate(() => document.activeElement?.getAttribute('aria-label')))
    .toBe('Close');
  await again.getByRole('button', { name: 'Take out' }).focus();
  await page.keyboard.press('Enter');
  await waitForItems(page, [first, ...rest]);

  // What was undone is done again.
  await page
    .getByRole('button', { name: `Undo: Removed ${second}` })
    .first()
    .click();
  await waitForItems(page, [second, first, ...rest]);
  await page.getByRole('button', { name: `Do again: Removed ${second}` }).click();
  await waitForItems(page, [first, ...rest]);
  await page.keyboard.press('Control+z');
  await waitForItems(page, [second, first, ...rest]);
  await page.keyboard.press('Control+Shift+Z');
  await waitForItems(page, [first, ...rest]);
  await page.getByRole('button', { name: /^Do again/ }).waitFor({ state: 'detached' });

  // Its texts are changed beside it, and stand on the page at once.
  await page.getByRole('button', { name: `Change item 1: ${first}` }).click();
  const field = page.getByRole('textbox', { name: `Text of ${first}` }).first();
  const written = await field.inputValue();
  await field.fill(`${written}!`);
  await page.getByRole('button', { name: 'Close' }).click();
  await page.getByText('· 1 changed').waitFor();
  await desk.close();
});

test('pages stand larger or by two, and the panels fold away', async () => {
  const desk = await openGaps();
  const { page } = desk;
  const width = async () => (await page.locator('.paper-page').first().boundingBox())?.width ?? 0;
  const one = await width();
  const view = async (name: string) => {
    await page.getByRole('button', { name: 'How pages stand on the screen' }).click();
    await page.getByRole('button', { name, exact: true }).click();
  };
  await view('Fold the panels away');
  expect(await page.getByRole('region', { name: 'Plan' }).isVisible()).toBe(false);
  await view('Larger');
  expect(await width()).toBeGreaterThan(one * 1.3);
  await view('Two pages');
  await page.getByRole('combobox', { name: 'What to print' }).selectOption('lesson');
  const [left, right] = await page
    .locator('.paper-stack .paper-page')
    .evaluateAll((pages) => pages.slice(0, 2).map((each) => each.getBoundingClientRect().top));
  expect(left).toBe(right ?? left);
  await view('Show the panels');
  expect(await page.getByRole('region', { name: 'Plan' }).isVisible()).toBe(true);
  await desk.close();
});

test('another class is asked about: stay, or a copy that is checked against it', async () => {
  const desk = await openGaps();
  const { page } = desk;
  const choose = async () => {
    await page.locator('.class-button').click();
    await page.getByRole('button', { name: /^Harriers/ }).click();
    return page.getByRole('dialog', { name: /This lesson belongs to Kestrels/ });
  };
  const dialog = await choose();
  await dialog.getByRole('button', { name: 'Stay with Kestrels' }).click();
  await page.getByRole('complementary', { name: 'Check for Kestrels' }).waitFor();
  await (await choose()).getByRole('button', { name: 'Make a copy of it for Harriers' }).click();
  await page.getByRole('complementary', { name: 'Check for Harriers' }).waitFor();
  await page
    .getByRole('button', { name: /^Undo: Copied Long a/ })
    .first()
    .waitFor();
  await desk.close();
});
