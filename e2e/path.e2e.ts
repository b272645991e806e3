import { readFileSync } from 'node:fs';
import { execFileSync } from 'node:child_process';
import type { Page } from 'playwright-core';
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk, addFromGallery } from './desk';
import { pdfFacts } from './pdf';

afterAll(closeBrowser);

/** The pages that the printer would get, as text of each page. */
async function printedPages(page: Page, name: string): Promise<string[]> {
  const file = `/tmp/wordane-e2e-${name}.pdf`;
  await page.evaluate(() => document.fonts.ready.then(() => undefined));
  await page.pdf({ path: file, preferCSSPageSize: true, printBackground: true });
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  return text.split('\f').filter((each) => each.trim() !== '');
}

test('from the empty desk to a printed sheet with its key, with the mouse', async () => {
  const desk = await Desk.open();
  const { page } = desk;
  await desk.go('/');
  await page.getByLabel('Name of the class').fill('Kestrels');
  await page.getByLabel('Accent').selectOption({ label: 'General American' });
  await page.getByLabel('Sounds and spellings taught up to').selectOption({ label: 'Step 23: ay' });
  await page.getByRole('button', { name: 'Make this class' }).click();

  // The sentence asks for the sound of the class's step without a question.
  await page.getByRole('button', { name: /^Sound: \/ā\/ as in rain/ }).waitFor();
  for (const word of ['rain', 'train', 'paint', 'day', 'play', 'stay', 'make', 'take', 'game']) {
    const tile = page.getByRole('button', { name: `${word}, secure`, exact: true });
    // More words are asked for, and scrolled to, until the one is in sight.
    for (const more of await page.getByRole('button', { name: /^Show more/ }).all()) {
      if ((await tile.count()) === 0) await more.click();
    }
    for (let turn = 0; turn < 30 && (await tile.count()) === 0; turn += 1) {
      await page.mouse.move(400, 600);
      await page.mouse.wheel(0, 500);
      await page.waitForTimeout(60);
    }
    await tile.click();
    await page.getByRole('button', { name: `Remove ${word}`, exact: true }).waitFor();
    await page.evaluate(() => window.scrollTo(0, 0));
  }
  expect(await page.getByText('3 spellings: ai 3 · ay 3 · a–e 3').count()).toBe(1);
  await page.getByRole('button', { name: 'Make a lesson' }).click();

  await page.getByRole('heading', { name: 'Write the missing /ā/ spelling' }).first().waitFor();
  await page.getByRole('link', { name: /Sort the/ }).click();
  await page.locator('.paper-stack .paper-page h4', { hasText: 'a–e' }).waitFor();
  await page.getByText('All 9 words are within reach. Every answer is keyed: 9.').waitFor();
  await page.getByRole('button', { name: 'Key', exact: true }).click();
  await page.locator('.paper-stack .paper-page h4', { hasText: 'ai (3)' }).waitFor();

  const pages = await printedPages(page, 'sort');
  expect(pages).toHaveLength(2);
  expect(pages[0]).toMatch(/Name\s+Date/);
  expect(pages[0]).toContain('Sort the /ā/ words');
  for (const word of ['rain', 'play', 'game']) expect(pages[0]).toContain(word);
  expect(pages[1]).toContain('Key: Sort the /ā/ words');

  // The download is the same pages.
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download PDF' }).click(),
  ]);
  const file = await download.path();
  const facts = pdfFacts(file);
  expect(facts.pages).toBe(2);
  expect(facts.tagged).toBe(true);
  // A4 is 210 × 297 mm: 595.28 × 841.89 points (ISO 216).
  expect(facts.size[0]).toBeCloseTo(595.28, 0);
  expect(facts.size[1]).toBeCloseTo(841.89, 0);
  expect(facts.fonts.length).toBeGreaterThan(0);
  for (const font of facts.fonts) {
    expect(font).toMatch(/Andika/);
    // pdffonts: name, type, encoding, emb, sub, uni.
    expect(font).toMatch(/\byes yes yes\b/);
  }
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  expect(text.split('\f').filter((each) => each.trim() !== '')).toEqual(pages);
  await desk.close();
});

/** Presses Tab until the element in focus has the name. */
async function tabTo(page: Page, name: RegExp, most = 320): Promise<void> {
  for (let presses = 0; presses < most; presses += 1) {
    await page.keyboard.press('Tab');
    const focused = await page.evaluate(() => {
      const element = document.activeElement as HTMLElement | null;
      const labels = (element as HTMLInputElement | null)?.labels;
      return (
        element?.getAttribute('aria-label') ??
        labels?.[0]?.textContent ??
        element?.textContent ??
        ''
      );
    });
    if (name.test(focused.trim())) return;
  }
  throw new Error(`Nothing named ${name} can be reached with Tab.`);
}

test('the same path with the keyboard alone', async () => {
  const desk = await Desk.open();
  const { page } = desk;
  await desk.go('/');
  await tabTo(page, /^Name of the class/);
  await page.keyboard.type('Keyboard class');
  await tabTo(page, /^Sounds and spellings taught up to/);
  await page.keyboard.type('Step 27');
  await tabTo(page, /^Make this class/);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/words');
  await page.getByRole('button', { name: /^Sound:/ }).waitFor();

  // A slot opens with Enter, and its menu is walked with the arrows.
  await tabTo(page, /^Syllables:/);
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: '1 syllable', exact: true }).waitFor();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Syllables: 1 syllable' }).waitFor();

  for (let word = 0; word < 5; word += 1) {
    await tabTo(page, /, secure$/);
    await page.keyboard.press('Space');
    await page
      .locator('.list-panel')
      .getByText(word === 0 ? '1 word' : `${word + 1} words`, { exact: true })
      .waitFor();
  }
  await tabTo(page, /^Make a lesson/);
  await page.keyboard.press('Enter');
  await page.waitForURL('**/lessons/**');
  await page.locator('.paper-stack .paper-page').first().waitFor();
  await tabTo(page, /^Key$/);
  await page.keyboard.press('Enter');
  await page.locator('.paper-stack h3', { hasText: 'Key:' }).waitFor();
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', 'true');
  });
  await tabTo(page, /^Print \d+ pages/);
  await page.keyboard.press('Enter');
  expect(await page.locator('body').getAttribute('data-printed')).toBe('true');
  const pages = await printedPages(page, 'keyboard');
  expect(pages).toHaveLength(2);
  expect(pages[1]).toContain('Key:');
  await desk.close();
});

test('a Letter class prints on Letter', async () => {
  const desk = await Desk.open();
  const { page } = desk;
  await desk.go('/');
  await page.getByLabel('Name of the class').fill('Grade 1 A');
  await page.getByLabel('Level').selectOption({ label: 'Grade 1' });
  await page.getByLabel('Sounds and spellings taught up to').selectOption({ label: 'Step 23: ay' });
  await page.getByRole('button', { name: 'Make this class' }).click();
  for (const word of ['rain', 'day', 'make', 'play']) {
    await page.getByLabel('Add a word').fill(word);
    await page.keyboard.press('Enter');
    await page.getByRole('button', { name: `Remove ${word}`, exact: true }).waitFor();
  }
  await page.getByRole('button', { name: 'Make a lesson' }).click();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  await page.getByLabel('What to print').selectOption('lesson');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download PDF' }).click(),
  ]);
  const facts = pdfFacts(await download.path());
  // 8.5 × 11 inches.
  expect(facts.size).toEqual([612, 792]);
  expect(facts.pages).toBe(6);
  expect(
    readFileSync(await download.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  await desk.close();
});

test('exercises of other kinds are added, open at once, and print with their pictures and keys', async () => {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  const titles: readonly (readonly [maker: string, title: string])[] = [
    ['Picture to word', 'Which word does the picture show?'],
    ['Match word and meaning', 'Join each word to its meaning'],
    ['Sound boxes', 'Sound boxes'],
    ['Put the letters in order', 'Put the letters in order'],
    ['Roll and read', 'Roll and read'],
    ['Dictation', 'Dictation'],
    ['Often confused words', 'Which word is right?'],
    ['Made-up words to read', 'Read the made-up words'],
  ];
  for (const [maker, title] of titles) {
    await addFromGallery(page, 'Alone', maker);
    await page.locator('.paper-stack').getByRole('heading', { name: title, exact: true }).waitFor();
  }
  await page.getByRole('link', { name: /Which word does the picture show/ }).click();
  await page.locator('.paper-stack .paper-picture').first().waitFor();
  await page
    .locator('.paper-stack')
    .getByText('Line drawings: OpenMoji, CC BY-SA 4.0')
    .first()
    .waitFor();
  await expectNoViolations(page, 'an exercise with pictures');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download PDF' }).click(),
  ]);
  const file = await download.path();
  expect(pdfFacts(file).pages).toBe(2);
  const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
  expect(text).toContain('Key: Which word does the picture show?');
  expect(text).toContain('The picture shows train.');
  // The pictures are drawings in the PDF, not gaps: each page with them is far larger than its text.
  expect(readFileSync(file).length).toBeGreaterThan(30_000);
  await desk.close();
});

test('twenty-six learners get a copy with their name, three of them another version', async () => {
  const desk = await Desk.withDemo('/classes/fernhill-kestrels');
  const { page } = desk;
  for (const [learner, version] of [
    ['Bram', 'support'],
    ['Cleo', 'support'],
    ['Zeb', 'stretch'],
  ] as const) {
    await page.getByLabel(`Version for ${learner}`).selectOption(version);
    await page.getByText(`Undo: ${learner} gets the ${version} version`).waitFor();
  }
  await desk.go('/lessons');
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  await page.getByLabel('What to print').selectOption('copies');
  // One page a learner, one for the keys of the versions, and the cutting list.
  await page.getByRole('button', { name: 'Print 28 pages' }).waitFor();
  const pages = await printedPages(page, 'copies');
  expect(pages).toHaveLength(28);
  for (const [index, name] of [
    [0, 'Asha'],
    [1, 'Bram'],
    [25, 'Zeb'],
  ] as const) {
    expect(pages[index]).toMatch(new RegExp(`Name\\s+${name}`));
  }
  expect(pages[1]).not.toMatch(/12\./);
  expect(pages[25]).toMatch(/write\s+two\s+more\s+words\s+with\s+the\s+same\s+spelling/);
  for (const version of ['Core', 'Support', 'Stretch']) expect(pages[26]).toContain(version);
  // Without names: one sheet of each version, then their keys.
  await page.getByLabel('What to print').selectOption('versions');
  await page.getByRole('button', { name: 'Print 4 pages' }).waitFor();
  const versions = await printedPages(page, 'versions');
  expect(versions).toHaveLength(4);
  expect(versions[0]).not.toMatch(/12\./);
  expect(versions[1]).toMatch(/12\./);
  expect(versions[2]).toMatch(/write\s+two\s+more\s+words\s+with\s+the\s+same\s+spelling/);
  expect(versions.slice(0, 3).join(' ')).not.toContain('Bram');
  await desk.close();
});
