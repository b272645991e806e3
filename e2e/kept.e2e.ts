/** Nothing that is typed is lost: by a reload, by leaving, by another tab, by a full disk. */
import type { Page } from 'playwright-core';
import { afterAll, describe, expect, test } from 'vitest';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

/** A wait, never a measure. */
const soon = { timeout: 30_000 };

const note = (page: Page) => page.getByLabel('Name of the list');

/** The names of all lists, as the storage has them. */
const kept = (page: Page) =>
  page.evaluate(async () => {
    const open = indexedDB.open('wordane');
    const base = await new Promise<IDBDatabase>((resolve) => {
      open.onsuccess = () => resolve(open.result);
    });
    const all = base.transaction('lists').objectStore('lists').getAll();
    const names = await new Promise<string[]>((resolve) => {
      all.onsuccess = () => resolve((all.result as { name: string }[]).map(({ name }) => name));
    });
    base.close();
    return names;
  });

describe('what is being typed', () => {
  test('is there after a reload in the middle of a word, and says so', async () => {
    const desk = await Desk.withDemo('/words');
    const { page } = desk;
    await note(page).fill('Words for a very windy');
    await page.reload();
    await note(page).waitFor();
    await expect.poll(() => note(page).inputValue(), soon).toBe('Words for a very windy');
    await page.getByText(/typed before the page was closed is back/).waitFor();
    await expect.poll(() => kept(page), soon).toContain('Words for a very windy');
    await desk.close();
  });

  test.each<[string, (page: Page) => Promise<unknown>]>([
    ['by a link', (page) => page.getByRole('link', { name: 'Texts', exact: true }).click()],
    [
      'by going back',
      async (page) => {
        await page.goBack();
        // The address changes before the page does: a step from it would be taken back.
        await page.getByRole('heading', { name: 'Classes', exact: true }).waitFor();
      },
    ],
    ['to another address', (page) => page.goto(new URL('/shelf', page.url()).href)],
  ])('is kept when the page is left %s', async (_, leave) => {
    const desk = await Desk.withDemo('/classes');
    const { page } = desk;
    await desk.go('/words');
    await note(page).fill('Gusts');
    await leave(page);
    // A page that is thrown away may take its last letters with it: they are in the draft, and back.
    await desk.go('/words');
    await expect.poll(() => note(page).inputValue(), soon).toBe('Gusts');
    await expect.poll(() => kept(page), soon).toContain('Gusts');
    // What was saved as the page was left reached its own screen, and no other.
    await page.getByRole('heading', { name: 'Words for Kestrels' }).waitFor({ state: 'attached' });
    await desk.close();
  });

  test('of a text that is removed in another tab stays, to be copied', async () => {
    const desk = await Desk.withDemo('/texts');
    const { page } = desk;
    await desk.go('/texts/fernhill-wind?view=write');
    const field = page.getByLabel('The text');
    // Only now is the heading that of the text, and not of the screen before it.
    const body = await field.inputValue();
    const title = await page.getByRole('heading', { level: 1 }).innerText();
    const other = await desk.tab();
    await desk.go('/texts', other);
    await field.focus();
    await page.keyboard.press('Control+End');
    await page.keyboard.type(' A last gust');
    await other.getByRole('button', { name: `Remove ${title}` }).click();
    await page.getByText('What you were typing here is kept').waitFor();
    expect(await page.getByLabel('The text').inputValue()).toBe(`${body} A last gust`);
    await desk.context.close();
  });
});

describe('undo', () => {
  test('takes back what its own tab did, and says what', async () => {
    const desk = await Desk.withDemo('/words');
    const { page } = desk;
    const other = await desk.tab();
    await desk.go('/words', other);
    const add = async (tab: Page, word: string) => {
      await tab.getByLabel('Add a word').fill(word);
      await tab.keyboard.press('Enter');
      await tab.getByRole('button', { name: `Remove ${word}` }).waitFor();
    };
    await add(page, 'haze');
    await add(other, 'maze');
    await page.getByRole('button', { name: 'Remove maze' }).waitFor();
    await page.getByRole('button', { name: /^Undo: Added haze/ }).click();
    await page.getByText('Undone: Added haze').first().waitFor();
    await page.getByRole('button', { name: 'Remove haze' }).waitFor({ state: 'detached' });
    expect(await page.getByRole('button', { name: 'Remove maze' }).count()).toBe(1);
    await desk.close();
  });
});

describe('a full disk', () => {
  test('lets a change wait, shows it as waiting, and keeps it when there is room', async () => {
    const desk = await Desk.withDemo('/words');
    const { page } = desk;
    await page.evaluate(() => {
      const put = IDBObjectStore.prototype.put;
      const full = window as { full?: boolean };
      full.full = true;
      IDBObjectStore.prototype.put = function (...given) {
        if (full.full) throw new DOMException('no room', 'QuotaExceededError');
        return put.apply(this, given);
      };
    });
    await note(page).fill('Kept after all');
    await page.keyboard.press('Enter');
    await page.getByText('1 change waits for room').waitFor();
    await page
      .getByText(/no room left to save this/)
      .first()
      .waitFor();
    expect(await note(page).inputValue()).toBe('Kept after all');
    // Every page still opens.
    expect(await page.getByRole('heading', { level: 1 }).count()).toBe(1);
    await page.evaluate(() => {
      (window as { full?: boolean }).full = false;
    });
    await page.getByRole('button', { name: 'Try again' }).click();
    await page.getByText('1 change waits for room').waitFor({ state: 'detached' });
    expect(await kept(page)).toContain('Kept after all');
    await desk.close();
  });
});

describe('a backup of another day', () => {
  test('asks of each thing that differs, rolls back what is chosen, and can be undone', async () => {
    const desk = await Desk.withDemo('/shelf');
    const { page } = desk;
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Export everything' }).click(),
    ]);
    const file = await download.path();
    await desk.go('/words');
    await note(page).fill('Windy words');
    await page.keyboard.press('Enter');
    await expect.poll(() => kept(page), soon).toContain('Windy words');
    await desk.go('/shelf');
    await page.getByLabel('Read an exported file back in').setInputFiles(file);
    await page.getByRole('button', { name: 'Read it in', exact: true }).click();
    await page.getByText('One thing is here already and differs').waitFor();
    await page.getByText('changed here since').waitFor();
    const picture = process.env['PICTURE'];
    if (picture) await page.screenshot({ path: picture, fullPage: true });
    await page.getByLabel(/word list Windy words/).selectOption('replace');
    await page.getByRole('button', { name: 'Read it in so' }).click();
    await page.getByText(/1 replaced/).waitFor();
    expect(await kept(page)).toContain('Storm words');
    await page.getByRole('button', { name: /^Undo: Read a backup in/ }).click();
    await expect.poll(() => kept(page), soon).toContain('Windy words');
    await desk.close();
  });
});
