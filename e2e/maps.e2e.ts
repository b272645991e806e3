/** A map of a place becomes the picture of an exercise. */
import { afterAll, beforeAll, describe, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

let desk: Desk;

beforeAll(async () => {
  desk = await Desk.withDemo('/lessons/fernhill-33');
  await desk.page.locator('.paper-stack .paper-page').first().waitFor();
});

afterAll(closeBrowser);

describe('a map of a place', () => {
  test('is found by its name, chosen, and stands on the sheet with its place named', async () => {
    const { page } = desk;
    // Without a picture it cannot be made yet: it is added and set up in the lesson.
    await page.getByRole('link', { name: 'Add to Alone' }).click();
    await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('Places on my picture');
    await page.getByRole('button', { name: 'Places on my picture', exact: true }).focus();
    await page.getByRole('button', { name: 'Add it, and set it up there' }).click();
    await page.waitForURL(/[?]part=/);
    await page.getByRole('button', { name: 'A map of a place …' }).click();
    const dialog = page.getByRole('dialog', { name: 'A map of a place' });
    await dialog.getByLabel('A country, or a town of 15,000 people or more').fill('porto');
    await dialog.getByLabel('Porto, Portugal').check();
    await dialog.getByRole('img', { name: 'Map: Porto, Portugal' }).waitFor();
    await dialog.getByLabel('in its region').check();
    await expectNoViolations(page, 'the map of a place');
    await dialog.getByRole('button', { name: 'Take this map' }).click();
    await dialog.waitFor({ state: 'hidden' });
    const paper = page.locator('.paper-stack .paper-page').first();
    // The name of the place is the answer: neither the sheet nor what is read aloud of it says it.
    await paper.getByAltText('A map with a place on it').waitFor();
    expect(await paper.textContent()).not.toContain('Porto');
    await page.getByRole('button', { name: 'Key', exact: true }).click();
    await page.locator('.paper-stack .paper-page', { hasText: 'Porto' }).first().waitFor();
  });

  test('what the atlas lacks is said, with what to do', async () => {
    const { page } = desk;
    await page.getByRole('button', { name: 'A map of a place …' }).click();
    const dialog = page.getByRole('dialog', { name: 'A map of a place' });
    await dialog.getByLabel('A country, or a town of 15,000 people or more').fill('Fernhill');
    await dialog.getByText('The atlas has no place called Fernhill.').waitFor();
    await page.keyboard.press('Escape');
    await dialog.waitFor({ state: 'hidden' });
    expect(
      await page
        .getByRole('button', { name: 'A map of a place …' })
        .evaluate((each) => each === document.activeElement),
    ).toBe(true);
  });
});
