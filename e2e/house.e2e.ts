/** The house: it opens without the server, stays whole when something is gone, and its menus are open to everyone. */
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

test('what was seen once opens again without the server, and the server’s own work says so', async () => {
  const desk = await Desk.open(undefined, undefined, true);
  const { page, context } = desk;
  await desk.go('/demo');
  await page.locator('.tile').first().waitFor();
  await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
  // Once more with the service worker in place, so that the page itself is kept.
  await page.goto(new URL('/words', page.url()).href);
  await page.locator('.tile').first().waitFor();
  await context.setOffline(true);
  await page.reload();
  await page.locator('.tile').first().waitFor();
  expect(await page.getByRole('heading', { name: /Words for Kestrels/ }).count()).toBe(1);
  await context.setOffline(false);
  await context.close();
});

test('choosing another class while a lesson is open goes to the lessons of that class', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-if-lesson');
  const { page } = desk;
  await page.locator('.paper-page').first().waitFor();
  await page.getByRole('button', { name: /^Newcomers/ }).click();
  await page.getByRole('button', { name: /^Harriers/ }).click();
  await page.getByRole('heading', { name: 'Lessons for Harriers' }).waitFor();
  await desk.close();
});

test('undoing “Made the lesson” leaves a page with the header and a way on', async () => {
  const desk = await Desk.withDemo('/words');
  const { page } = desk;
  await page.getByRole('button', { name: /Make a lesson/ }).click();
  await page.locator('.paper-page').first().waitFor();
  await page.getByRole('button', { name: /^Undo: Made the lesson/ }).click();
  await page.getByRole('heading', { name: /This lesson is not here/ }).waitFor();
  expect(await page.getByRole('navigation', { name: 'Places' }).count()).toBe(1);
  await page.getByRole('link', { name: 'Back to the desk' }).click();
  await page.getByRole('heading', { name: /Kestrels today/ }).waitFor();
  await context(desk);
});

/** A page that is not there is told in the console too: that is no fault here. */
async function context(desk: Desk) {
  expect(desk.faults.filter((fault) => !/404|not here/.test(fault))).toEqual([]);
  await desk.context.close();
}

test.each<[string, string, RegExp]>([
  ['/words', 'the menu of lists', /^Lists$/],
  ['/words', 'the classes', /^Kestrels/],
  ['/lessons/fernhill-if-lesson', 'what can be added', /^Add to Get ready$/],
  ['/texts', 'the classes over the texts', /^Kestrels/],
])('%s: %s, opened, has no violations', async (path, name, button) => {
  const desk = await Desk.withDemo(path);
  const { page } = desk;
  await page.getByRole('button', { name: button }).first().click();
  await page.locator('.dropdown-menu.show').first().waitFor();
  await expectNoViolations(page, name);
  await page.keyboard.press('Escape');
  await desk.close();
});
