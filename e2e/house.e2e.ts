/** The house: it opens without the server, stays whole when something is gone, and its menus are open to everyone. */
import { afterAll, describe, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { address, closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

describe('without the server, after one visit', () => {
  test('every screen opens, what is typed is kept, a text comes in, an exercise is made, and what only the server can do says so', async () => {
    const desk = await Desk.open(undefined, undefined, true);
    const { page, context } = desk;
    await desk.go('/demo');
    await page.locator('.tile').first().waitFor();
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => undefined));
    await page.waitForFunction(
      async () => (await (await caches.open('files')).match('/pictures/all-kept')) !== undefined,
    );
    await context.setOffline(true);

    // A reload, and an address that was never opened.
    await page.reload();
    await page.locator('.tile').first().waitFor();
    await page.goto(new URL('/texts/fernhill-wind?view=measures', page.url()).href);
    await page.getByRole('heading', { name: 'Measures' }).first().waitFor();
    for (const [path, heading] of [
      ['/classes', 'Classes'],
      ['/lessons', /^Lessons for/],
      ['/shelf', 'Shelf'],
      ['/classes/fernhill-kestrels', 'Kestrels'],
      ['/classes/fernhill-kestrels/sequence', /Sequence of Kestrels/],
      ['/texts', /^Texts for/],
      ['/words', /^Words for/],
    ] as const) {
      await page.goto(new URL(path, page.url()).href);
      await page.getByRole('heading', { level: 1, name: heading }).waitFor({ state: 'attached' });
    }

    // Made, changed, undone.
    await page.getByLabel('Add a word').fill('gale');
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: 'Remove gale' }).waitFor();
    await page.getByRole('button', { name: /^Undo: Added gale/ }).click();
    await page.getByRole('button', { name: 'Remove gale' }).waitFor({ state: 'detached' });
    for (const word of ['gale', 'hail', 'rain', 'snow']) {
      await page.getByLabel('Add a word').fill(word);
      await page.keyboard.press('Enter');
      await page.getByRole('button', { name: `Remove ${word}` }).waitFor();
    }
    await page.getByRole('button', { name: /Make a lesson/ }).click();
    await page.locator('.paper-page').first().waitFor();
    const missing = await page.evaluate(
      () =>
        [...document.querySelectorAll('img')].filter(
          (image) => image.complete && image.naturalWidth === 0,
        ).length,
    );
    expect(missing).toBe(0);
    await page.getByRole('button', { name: 'Download as something else' }).click();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: /Word file/ }).click(),
    ]);
    expect(file.suggestedFilename()).toMatch(/\.docx$/);
    await page
      .getByText(/server cannot be reached, so no PDF now/)
      .first()
      .waitFor();

    await page.goto(new URL('/texts', page.url()).href);
    await page.getByText('Bring in a text', { exact: true }).click();
    await page
      .getByLabel('Paste or type it here')
      .fill('The gale blew all night. It took the hut.');
    await page.getByRole('button', { name: /^Read it for/ }).click();
    await page.getByRole('heading', { level: 1, name: /The gale blew/ }).waitFor();

    await page.goto(new URL('/shelf', page.url()).href);
    const [backup] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Export everything' }).click(),
    ]);
    expect(backup.suggestedFilename()).toMatch(/\.zip$/);
    await context.close();
  });
});

test('choosing another class while a lesson is open goes to the lessons of that class', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-if-lesson');
  const { page } = desk;
  await page.locator('.paper-page').first().waitFor();
  await page.getByRole('button', { name: /^Newcomers/ }).click();
  await page.getByRole('button', { name: /^Harriers/ }).click();
  await page.getByRole('button', { name: 'Leave it, and go to Harriers' }).click();
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
  ['/lessons/fernhill-if-lesson', 'what can be added', /^More for Look back$/],
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

describe('what is broken is said, and takes nothing else with it', () => {
  test('a damaged record breaks its own line: the Shelf, the desk and the export open, and it can be taken out', async () => {
    const desk = await Desk.withDemo('/shelf');
    const { page } = desk;
    await page.evaluate(async () => {
      const open = indexedDB.open('wordane');
      const base = await new Promise<IDBDatabase>((resolve) => {
        open.onsuccess = () => resolve(open.result);
      });
      const write = base.transaction('texts', 'readwrite').objectStore('texts');
      write.put({ id: 'broken', classId: 'fernhill-kestrels', title: 'Broken log', body: 7 });
      await new Promise((resolve) => {
        write.transaction.oncomplete = resolve;
      });
      base.close();
    });
    for (const path of ['/', '/texts', '/words', '/shelf']) {
      await desk.go('/classes');
      await desk.go(path);
      expect(await page.getByRole('heading', { level: 1 }).count()).toBeGreaterThan(0);
      expect(await page.getByText('Something went wrong').count()).toBe(0);
    }
    await page.getByRole('heading', { name: 'Cannot be opened · 1' }).waitFor();
    const [file] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Export everything' }).click(),
    ]);
    expect(file.suggestedFilename()).toMatch(/\.zip$/);
    await page
      .locator('li', { hasText: 'Broken log' })
      .getByRole('button', { name: 'Remove' })
      .click();
    await page
      .getByRole('heading', { name: 'Cannot be opened · 1' })
      .waitFor({ state: 'detached' });
    await desk.context.close();
  });

  test('a word bank that cannot start says so, and can be tried again', async () => {
    const desk = await Desk.open();
    const { page } = desk;
    let broken = true;
    await page.route('**/engine.worker*', (route) => (broken ? route.abort() : route.continue()));
    await page.goto(new URL('/demo', address).href);
    await page.getByRole('heading', { name: /word bank could not be (started|loaded)/ }).waitFor();
    expect(await page.getByRole('navigation', { name: 'Places' }).count()).toBe(1);
    broken = false;
    await page.getByRole('button', { name: 'Try again' }).click();
    await page.waitForURL('**/words');
    await page.locator('.tile').first().waitFor();
    await desk.context.close();
  });
});
