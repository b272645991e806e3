import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

test('the desk shows what was worked on, and its doors lead on', async () => {
  const desk = await Desk.withDemo('/');
  const { page } = desk;
  await page.getByRole('heading', { name: 'Kestrels today' }).waitFor();
  await page.locator('.small-page .paper-page').first().waitFor({ state: 'attached' });
  await expectNoViolations(page, 'the desk');
  await page.getByRole('link', { name: 'Long a in the storm log' }).waitFor();

  // A grammar target fills the five stages; its rule is on a card.
  await page.getByRole('link', { name: 'New lesson' }).first().click();
  await page.getByRole('heading', { name: 'A new lesson for Kestrels' }).waitFor();
  await expectNoViolations(page, 'the doors of a new lesson');
  await page.getByRole('combobox', { name: 'The grammar target' }).selectOption('past simple');
  await page
    .getByRole('region', { name: 'A grammar target' })
    .getByRole('button', { name: 'Begin' })
    .click();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  expect(await page.locator('.part__link').count()).toBeGreaterThanOrEqual(4);

  // The lesson is there after a reload, and first on the desk.
  await page.reload();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  await desk.go('/');
  const first = page.getByRole('region', { name: 'Lessons, the last first' }).getByRole('link');
  expect(await first.first().textContent()).toBe('Past simple');
  await desk.close();
});

test('a lesson from a list, an empty one, and one of names to trace', async () => {
  const desk = await Desk.withDemo('/lessons/new');
  const { page } = desk;
  await page.getByRole('region', { name: 'Words' }).getByRole('button', { name: 'Begin' }).click();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  await page.getByRole('button', { name: /^Undo: Made the lesson/ }).waitFor();

  await desk.go('/lessons/new');
  await page
    .getByRole('region', { name: 'Names to trace' })
    .getByRole('button', { name: 'Begin' })
    .click();
  await page.locator('.paper-stack .paper-page').first().waitFor();

  await desk.go('/lessons/new');
  await page
    .getByRole('region', { name: 'An empty lesson' })
    .getByRole('button', { name: 'Begin' })
    .click();
  await page.getByRole('heading', { name: 'No exercise yet' }).waitFor();
  await desk.close();
});

test('on a phone the work begins under a low head', async () => {
  const desk = await Desk.withDemo('/', { width: 390, height: 800 });
  const { page } = desk;
  await page.getByRole('heading', { name: 'Kestrels today' }).waitFor();
  const masthead = await page.locator('.masthead').boundingBox();
  expect(masthead?.height).toBeLessThanOrEqual(112);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await desk.close();
});
