/** What every screen owes: nothing lost, nothing overwritten in silence, bad input answered, axe silent. */
import { readFileSync, writeFileSync } from 'node:fs';
import { strToU8, zipSync } from 'fflate';
import type { Page } from 'playwright-core';
import { afterAll, describe, expect, test } from 'vitest';
import { violations } from './axe';
import { address, closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

async function withDemo(): Promise<Desk> {
  const desk = await Desk.withDemo();
  await desk.page.getByRole('button', { name: /^Sound:/ }).waitFor();
  return desk;
}

async function openSort(desk: Desk): Promise<void> {
  await desk.go('/lessons');
  await desk.page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await desk.page.getByRole('link', { name: /Sort the/ }).click();
  await desk.page.locator('.paper-stack h4', { hasText: 'eigh' }).waitFor();
}

const addWord = async (page: Page, word: string) => {
  await page.getByLabel('Add a word', { exact: true }).fill(word);
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: `Remove ${word}`, exact: true }).waitFor();
};

describe('axe finds nothing on', () => {
  test('the empty desk, and a page that is not there', async () => {
    const desk = await Desk.open();
    await desk.go('/');
    expect(await violations(desk.page)).toEqual([]);
    for (const path of ['/words', '/lessons', '/shelf']) {
      await desk.go(path);
      expect(await violations(desk.page), path).toEqual([]);
    }
    await desk.close();
    const lost = await Desk.open();
    await lost.page.goto(`${address}/nowhere`);
    await lost.page.getByRole('link', { name: 'Back to the desk' }).waitFor();
    expect(await violations(lost.page)).toEqual([]);
    await lost.context.close();
  });

  test('the main views of the demo', async () => {
    const desk = await withDemo();
    for (const path of ['/', '/words', '/classes', '/classes/fernhill-kestrels', '/shelf']) {
      await desk.go(path);
      expect(await violations(desk.page), path).toEqual([]);
    }
    await openSort(desk);
    expect(await violations(desk.page), 'lesson').toEqual([]);
    await desk.page.getByRole('button', { name: 'Key', exact: true }).click();
    expect(await violations(desk.page), 'key').toEqual([]);
    await desk.go('/words');
    await desk.page.getByRole('button', { name: /^Sound:/ }).click();
    expect(await violations(desk.page), 'an open slot').toEqual([]);
    await desk.close();
  });
});

describe('nothing is lost', () => {
  test('a list survives a reload, a closed tab and an undo', async () => {
    const desk = await withDemo();
    const { page } = desk;
    await addWord(page, 'haze');
    await page.reload();
    await page.getByRole('button', { name: 'Remove haze' }).waitFor();
    const second = await desk.tab();
    await page.close();
    await desk.go('/words', second);
    await second.getByRole('button', { name: 'Remove haze' }).click();
    await second.getByRole('button', { name: 'Remove haze' }).waitFor({ state: 'detached' });
    await second.getByRole('button', { name: 'Undo: Removed haze' }).click();
    await second.getByRole('button', { name: 'Remove haze' }).waitFor();
    await desk.close();
  });

  test('two tabs build on each other, and a field is never overwritten in silence', async () => {
    const desk = await withDemo();
    const first = desk.page;
    const second = await desk.tab();
    await desk.go('/words', second);
    await addWord(first, 'haze');
    // The other tab shows it without being asked.
    await second.getByRole('button', { name: 'Remove haze' }).waitFor();
    await addWord(second, 'maze');
    await first.getByRole('button', { name: 'Remove maze' }).waitFor();

    const name = (page: Page) => page.getByLabel('Name of the list');
    await name(first).focus();
    await name(second).focus();
    // Both type before either hears of the other.
    await Promise.all([name(first).fill('First name'), name(second).fill('Second name')]);
    await Promise.all([name(first).press('Enter'), name(second).press('Enter')]);
    const asked = (page: Page) => page.getByText(/Changed in another tab meanwhile/);
    await Promise.race([asked(first).waitFor(), asked(second).waitFor()]);
    const late = (await asked(first).isVisible()) ? first : second;
    await late.getByRole('button', { name: 'Keep both' }).click();
    for (const page of [first, second]) {
      await expect
        .poll(() => name(page).inputValue(), { timeout: 60_000 })
        .toMatch(/(First name \/ Second name|Second name \/ First name)/);
    }
    await desk.close();
  });

  test('everything goes out in one zip and comes back on an empty browser', async () => {
    const desk = await withDemo();
    await desk.go('/shelf');
    const [download] = await Promise.all([
      desk.page.waitForEvent('download'),
      desk.page.getByRole('button', { name: 'Export everything' }).click(),
    ]);
    const file = '/tmp/wordane-e2e-backup.zip';
    await download.saveAs(file);
    await desk.close();

    const empty = await Desk.open();
    const { page } = empty;
    await empty.go('/shelf');
    const readIn = async (path: string) => {
      await page.getByLabel('Read an exported file back in').setInputFiles(path);
      await page.getByRole('button', { name: 'Read it in' }).click();
    };
    // Damaged and foreign files first: each is refused with a reason, and the desk stays empty.
    const damaged = '/tmp/wordane-e2e-damaged.zip';
    writeFileSync(damaged, readFileSync(file).subarray(0, 900));
    await readIn(damaged);
    await page.getByText(/not a zip file that Wordane can open/).waitFor();
    const foreign = '/tmp/wordane-e2e-foreign.zip';
    writeFileSync(foreign, zipSync({ 'notes.txt': strToU8('hello') }));
    await readIn(foreign);
    await page.getByText(/no manifest\.json/).waitFor();
    await page.getByText('Lessons · 0').waitFor();

    await readIn(file);
    await page.getByText('Read in: 29 things added.').waitFor();
    await page.getByRole('link', { name: 'Long a in the storm log' }).click();
    await page.locator('.paper-stack .paper-page').first().waitFor();
    await empty.close();
  });

  test('the demo goes out in one click and leaves what is not its own', async () => {
    const desk = await Desk.open();
    const { page } = desk;
    await desk.go('/');
    await page.getByLabel('Name of the class').fill('Owls');
    await page.getByRole('button', { name: 'Make this class' }).click();
    await page.waitForURL('**/words');
    await desk.go('/demo');
    await page.waitForURL('**/words');
    await desk.go('/shelf');
    await page.getByRole('button', { name: 'Remove the demo' }).click();
    await page.getByText('Word lists · 0').waitFor();
    await page.getByRole('button', { name: /^Owls/ }).waitFor();
    await desk.close();
  });
});

describe('reach', () => {
  test('the check names the grapheme and its step; a swap is one click, and so is its undo', async () => {
    const desk = await withDemo();
    const { page } = desk;
    await openSort(desk);
    const card = page.getByRole('article', { name: 'neighbour: beyond' });
    expect(await card.textContent()).toContain('eigh for /ā/ is taught at step 41.');
    const swaps = card.getByRole('button', { name: /^Swap neighbour for/ });
    expect(await swaps.count()).toBe(3);
    const swap = ((await swaps.first().getAttribute('aria-label')) ?? '').split(' ').at(-1) ?? '';
    await swaps.first().click();
    await page.locator('.paper-stack .ink', { hasText: new RegExp(`^${swap}$`) }).waitFor();
    await card.waitFor({ state: 'detached' });
    await page.getByText('12 of 12 words within reach').waitFor();
    await page.getByRole('button', { name: /^Undo: Swapped neighbour/ }).click();
    await card.waitFor();
    await desk.close();
  });

  test('moving the class along its sequence changes every check at once', async () => {
    const desk = await withDemo();
    const { page } = desk;
    await page.getByText('11 of 12 words within reach').waitFor();
    await desk.go('/classes/fernhill-kestrels');
    await page.getByRole('radio', { name: /^10\b/ }).click();
    await page.getByText(/Undo: Changed the class’s step/).waitFor();
    await desk.go('/words');
    await page.getByText('2 of 12 words within reach').waitFor();
    await desk.close();
  });
});

describe('bad input gets a plain sentence and a way on', () => {
  test('a word that the bank lacks, and an empty list', async () => {
    const desk = await withDemo();
    const { page } = desk;
    await addWord(page, 'zogwump');
    await page.getByText(/zogwump is not in the word bank: kept in the list/).waitFor();
    await page.getByRole('button', { name: 'Lists', exact: true }).click();
    await page.getByRole('button', { name: 'New list', exact: true }).click();
    await page.getByText('Choose words on the left: each click keeps one here.').waitFor();
    expect(await page.getByRole('button', { name: 'Make a lesson' }).isDisabled()).toBe(true);
    await desk.close();
  });

  test('a sound with no word at this step offers what comes next', async () => {
    const desk = await withDemo();
    const { page } = desk;
    await desk.go('/words?sound=OY');
    await page.getByText(/No word with \/oi\/ is within Kestrels’ reach at step 23/).waitFor();
    await page.getByRole('button', { name: 'Show any words' }).click();
    await page
      .getByRole('button', { name: /^(boy|point), / })
      .first()
      .waitFor();
    await desk.close();
  });

  test('a roster pasted with blank lines and doubles', async () => {
    const desk = await withDemo();
    const { page } = desk;
    await desk.go('/classes/fernhill-kestrels');
    await page.getByLabel(/^Add first names/).fill('Oona\n\n  asha \nOona\nPetra\n');
    await page.getByRole('button', { name: 'Add', exact: true }).click();
    await page.getByText(/Added 2 learners\./).waitFor();
    await page.getByText(/asha, Oona were there already/).waitFor();
    await desk.close();
  });

  test('a class without a name keeps what was filled in', async () => {
    const desk = await Desk.open();
    const { page } = desk;
    await desk.go('/');
    await page.getByLabel('Level').selectOption({ label: 'Grade 3' });
    await page.getByRole('button', { name: 'Make this class' }).click();
    await page.getByText(/Give the class a name/).waitFor();
    expect(await page.getByLabel('Level').inputValue()).toMatch(/G3/);
    await desk.close();
  });

  test('a word of forty letters still fits its card', async () => {
    const desk = await withDemo();
    const { page } = desk;
    await openSort(desk);
    const sheet = page.locator('.paper-stack .paper-page').first();
    await page.getByLabel('Add a word to this exercise').fill('x'.repeat(40));
    await page.keyboard.press('Enter');
    await page.getByText(/is not in the word bank, so its spelling cannot be keyed/).waitFor();
    const clipped = await sheet.evaluate((element) => {
      const box = element.getBoundingClientRect();
      return [...element.querySelectorAll('.ink')].filter((ink) => {
        const own = ink.getBoundingClientRect();
        return own.right > box.right || own.bottom > box.bottom || own.left < box.left;
      }).length;
    });
    expect(clipped).toBe(0);
    await desk.close();
  });
});

test('the policy on scripts has no unsafe-inline, and every script carries the nonce', async () => {
  const answer = await fetch(address);
  const policy = answer.headers.get('content-security-policy') ?? '';
  const scripts = /script-src ([^;]*)/.exec(policy)?.[1] ?? '';
  expect(scripts).toMatch(/'nonce-[A-Za-z0-9+/=]+'/);
  expect(scripts).not.toContain('unsafe-inline');
  const nonce = /'nonce-([^']+)'/.exec(scripts)?.[1];
  const html = await answer.text();
  for (const [, attributes] of html.matchAll(/<script\b([^>]*)>/g)) {
    expect(attributes).toContain(`nonce="${nonce}"`);
  }
});

test('the learner’s page and the desk can be used at 390 pixels', async () => {
  const desk = await Desk.withDemo('/words', { width: 390, height: 800 });
  for (const path of ['/words', '/classes/fernhill-kestrels', '/lessons', '/shelf']) {
    await desk.go(path);
    const wider = await desk.page.evaluate(
      () => document.documentElement.scrollWidth - window.innerWidth,
    );
    expect(wider, path).toBeLessThanOrEqual(0);
  }
  await desk.close();
});
