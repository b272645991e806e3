/** What is in lessons is found, starred, copied and adapted by itself; lists and keys go out as spreadsheets. */
import { mkdtemp, readFile, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { unzipSync, zipSync } from 'fflate';
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

test('an exercise is found by its name, starred, copied, and saved as a file', async () => {
  const desk = await Desk.withDemo('/shelf');
  const { page } = desk;
  await page.getByLabel('Find in everything').fill('Build with');
  await page.getByRole('button', { name: /^Exercises · 1$/ }).click();
  const row = page.locator('.shelf-thing');
  await row.getByRole('link', { name: 'Build with -ing' }).waitFor();
  // Its page is made when it comes into sight.
  await row.locator('.small-page .ink').first().waitFor({ state: 'attached' });
  await expectNoViolations(page, 'exercises on the shelf');
  await row.getByRole('button', { name: 'Star Build with -ing' }).click();
  await page.getByRole('button', { name: 'Undo: Starred Build with -ing' }).waitFor();
  await row.getByRole('button', { name: 'Change Build with -ing' }).click();
  await page.getByText(/^Copy, below it in/).click();
  await page.getByRole('button', { name: /^Exercises · 2$/ }).waitFor();
  await page.getByRole('button', { name: 'Undo: Copied Build with -ing' }).click();
  await page.getByRole('button', { name: /^Exercises · 1$/ }).waitFor();
  await row.getByLabel('Choose Build with -ing').click();
  await page.getByRole('button', { name: 'Save as a file …' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the file' }).click(),
  ]);
  const file = join(await mkdtemp(join(tmpdir(), 'wordane-')), 'exercise.zip');
  await download.saveAs(file);
  await page.getByText(/^Saved as/).waitFor();
  await desk.close();

  const empty = await Desk.open();
  await empty.go('/shelf');
  await empty.page.getByLabel('Read an exported file back in').setInputFiles(file);
  await empty.page.getByRole('button', { name: 'Read it in' }).click();
  await empty.page.getByText(/^Read in: 2 things added/).waitFor();
  await empty.page.getByRole('button', { name: /^Exercises · 1$/ }).click();
  await empty.page.getByRole('link', { name: 'Build with -ing' }).click();
  await empty.page.locator('.paper-stack').getByText('spray + ing').first().waitFor();
  await empty.close();
});

test('a lesson goes to another level in another spelling, with its text, into a class of its own', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-33/adapt');
  const { page } = desk;
  await page.getByLabel('For which class').selectOption('fernhill-kestrels');
  // Two choices in one moment: both count.
  const level = await page.getByLabel('At the level').elementHandle();
  await page.getByLabel('In the spelling').evaluate((spelling, before) => {
    for (const [choice, value] of [
      [before, 'uk:Y1'],
      [spelling, 'us'],
    ] as const) {
      (choice as HTMLSelectElement).value = value;
      choice?.dispatchEvent(new Event('change', { bubbles: true }));
    }
  }, level);
  await page.getByText('neighbor for neighbour').first().waitFor();
  await page.getByText('Spelling: British (colour) → American (color)').waitFor();
  await expectNoViolations(page, 'a lesson adapted');
  await page.getByRole('button', { name: 'Make it for Kestrels, Year 1, American' }).click();
  await page.waitForURL(/\/lessons\/(?!fernhill-33)/);
  await page.getByRole('button', { name: /^Kestrels, Year 1, American/ }).waitFor();
  await page.getByRole('link', { name: 'Sort the /ā/ words' }).click();
  await page
    .locator('.paper-stack')
    .getByText(/^neighbor/)
    .first()
    .waitFor();
  // One step back takes the class away with the copy.
  await page.getByRole('button', { name: /^Undo: Copied Long a/ }).click();
  await page
    .getByText(/^Undone: Copied Long a/)
    .first()
    .waitFor();
  await desk.go('/classes');
  await page.getByRole('link', { name: 'Kestrels', exact: true }).first().waitFor();
  expect(await page.getByRole('link', { name: 'Kestrels, Year 1, American' }).count()).toBe(0);
  await desk.close();
});

test('a text of a lesson is refitted word for word, as far as the teacher takes it', async () => {
  const desk = await Desk.withDemo('/shelf');
  const { page } = desk;
  await page.getByRole('button', { name: /^Texts/ }).click();
  const used = page.locator('.shelf-thing', { hasText: 'used in' }).first();
  const lesson = /used in ([^·\n]+)/.exec(await used.innerText())?.[1]?.trim() ?? '';
  await page.getByRole('button', { name: /^Lessons/ }).click();
  await page.getByRole('button', { name: `Change ${lesson}`, exact: true }).click();
  await page.getByText('For another class …').click();
  await page.getByLabel('For which class').selectOption('fernhill-kestrels');
  await page.getByRole('heading', { name: /^Text: / }).waitFor();
  await expectNoViolations(page, 'a text adapted');
  await page.getByRole('button', { name: /^Make it for Kestrels/ }).click();
  await page.waitForURL(/\/lessons\/[^/]+$/);
  await desk.go('/shelf');
  await page.getByLabel('Class', { exact: true }).selectOption('fernhill-kestrels');
  await page.getByRole('button', { name: /^Texts/ }).click();
  await page.locator('.shelf-thing').first().waitFor();
  await desk.close();
});

test('a list goes out as a spreadsheet, and comes back; so does a take-home to the shelf', async () => {
  const desk = await Desk.withDemo('/shelf');
  const { page } = desk;
  await page.getByRole('button', { name: /^Word lists/ }).click();
  await page.locator('.shelf-thing__title').first().click();
  await page.waitForURL(/\/lists\//);
  await page.getByRole('button', { name: 'More', exact: true }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByText('Export as a spreadsheet (.xlsx)').click(),
  ]);
  const file = join(await mkdtemp(join(tmpdir(), 'wordane-')), 'list.xlsx');
  await download.saveAs(file);
  await page.getByRole('button', { name: 'Paste or import' }).click();
  await page.getByLabel('Read a file …').setInputFiles(file);
  const field = page.getByLabel('A word a line, a row of words, or columns from a spreadsheet');
  await expect.poll(() => field.inputValue()).toMatch(/^word\tmeaning/);
  await page.getByRole('button', { name: 'Close' }).first().click();

  await desk.go('/lessons/fernhill-33');
  await page.getByRole('button', { name: 'Try it' }).click();
  await page.getByRole('button', { name: 'Take it home …' }).click();
  const save = page.getByRole('button', { name: 'Save the file' });
  await page.getByText(/exercises? · [\d.,]+ [KM]B/).waitFor();
  await Promise.all([page.waitForEvent('download'), save.click()]);
  await page.getByRole('button', { name: 'Undo: Gave a file home' }).waitFor();
  await desk.go('/shelf');
  await page.getByRole('button', { name: /^Take-homes · 1/ }).click();
  await page.getByRole('link', { name: 'Long a in the storm log, given home' }).click();
  await page.getByRole('heading', { name: 'Take it home' }).waitFor();
  await desk.close();
});

test('the shelf is narrowed to what practises a thing; a tab beside keeps its own class', async () => {
  const desk = await Desk.withDemo('/shelf');
  const { page } = desk;
  await page.getByText('What it practises, day, level, language, standard, licence').click();
  const practises = page.getByLabel('What it practises', { exact: true });
  await expect.poll(() => practises.locator('option').count()).toBeGreaterThan(10);
  await practises.selectOption('sound /eɪ/');
  await page.getByText(/· 1 chosen/).waitFor();
  await page.locator('.shelf-thing', { hasText: 'Long a in the storm log' }).first().waitFor();
  expect(await page.locator('.shelf-thing', { hasText: 'Newcomers' }).count()).toBe(0);
  await page.getByLabel('from').fill('2031-01-01');
  await page.getByText('Nothing has all of this. Take a word or a filter away.').waitFor();
  await page.getByLabel('from').fill('');
  await practises.selectOption('');
  await expectNoViolations(page, 'the shelf narrowed');

  // A lesson of another class, in a tab of its own: this tab stays with its class.
  await page.getByRole('button', { name: /^Kestrels/ }).waitFor();
  await page.getByLabel('Class', { exact: true }).selectOption('fernhill-harriers');
  await page
    .getByRole('button', { name: /^Change / })
    .first()
    .click();
  const [beside] = await Promise.all([
    desk.context.waitForEvent('page'),
    page.getByText('Open in a tab of its own').first().click(),
  ]);
  await beside.getByRole('button', { name: /^Harriers/ }).waitFor();
  await page.reload();
  await page.getByRole('button', { name: /^Kestrels/ }).waitFor();
  await beside.reload();
  await beside.getByRole('button', { name: /^Harriers/ }).waitFor();
  await desk.close();
});

test('instructions also in a language of the learners’ homes, on paper and on a screen', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-33/adapt');
  const { page } = desk;
  await page.getByLabel('For which class').selectOption('fernhill-kestrels');
  await page.getByLabel('Instructions also in').selectOption('uk');
  await page.getByText('A line in Ukrainian stands under each instruction').waitFor();
  await page.getByRole('button', { name: /^Make it for Kestrels/ }).click();
  await page.waitForURL(/\/lessons\/(?!fernhill-33)/);
  await page.getByRole('link', { name: 'Build words with -ing' }).click();
  await expect
    .poll(() => page.getByLabel('Title of the sheet').inputValue())
    .toBe('Build words with -ing');
  const paper = page.locator('.paper-stack');
  await paper.getByText('Впиши, чого бракує.').first().waitFor();
  // Changed for this exercise alone: written from the right, at the right edge.
  await page.getByLabel('A line under it in').selectOption('ar');
  await paper.getByText('اكتب ما ينقص.').first().waitFor();
  await page.getByRole('button', { name: 'Try it' }).click();
  await page.getByText('اكتب ما ينقص.').first().waitFor();
  await desk.close();
});

test('a file from which a part is missing is refused by the part’s name, and nothing changes', async () => {
  const desk = await Desk.withDemo('/shelf');
  const { page } = desk;
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Export everything' }).click(),
  ]);
  const folder = await mkdtemp(join(tmpdir(), 'wordane-'));
  const [whole, cut] = [join(folder, 'whole.zip'), join(folder, 'cut.zip')];
  await download.saveAs(whole);
  const { 'texts.json': _texts, ...rest } = unzipSync(await readFile(whole));
  await writeFile(cut, zipSync(rest));
  await desk.close();

  const empty = await Desk.open();
  await empty.go('/shelf');
  await empty.page.getByLabel('Read an exported file back in').setInputFiles(cut);
  await empty.page.getByRole('button', { name: 'Read it in' }).click();
  await empty.page
    .getByText(
      'The file has no texts.json, so it is not a whole Wordane backup. Nothing was changed.',
    )
    .waitFor();
  await empty.page.getByText('Nothing is here yet.').waitFor();
  await empty.page.getByLabel('Read an exported file back in').setInputFiles(whole);
  await empty.page.getByRole('button', { name: 'Read it in' }).click();
  await empty.page.getByText(/^Read in: \d+ things added/).waitFor();
  await empty.close();
});
