/** Loose pieces: laid by mouse, touch and keys, checked, kept, copied, and cut out. */
import type { Page } from 'playwright-core';
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { readFileSync } from 'node:fs';
import { closeBrowser, Desk } from './desk';
import { button, closeFiles, faults, openFile, reopen } from './home-file';

afterAll(async () => {
  await closeFiles();
  await closeBrowser();
});

const piece = (page: Page, name: string | RegExp) => page.getByRole('button', { name });

/** A board of the demo lesson's sort. */
async function sortBoard(): Promise<Desk> {
  const desk = await Desk.withDemo('/lessons/fernhill-33/pieces');
  await desk.page.getByRole('button', { name: 'Sort the /ā/ words' }).click();
  await desk.page.waitForURL(/\/pieces\/.+/);
  await piece(desk.page, /^rain, /).waitFor();
  return desk;
}

async function drag(page: Page, from: string | RegExp, to: { x: number; y: number }) {
  const box = await piece(page, from).boundingBox();
  if (!box) throw new Error('the piece is not there');
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(to.x - 20, to.y - 20);
  await page.mouse.move(to.x, to.y, { steps: 4 });
  await page.mouse.up();
}

const middleOf = async (page: Page, label: string) => {
  const box = await page.locator('.loose__place', { hasText: label }).boundingBox();
  if (!box) throw new Error('the place is not there');
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
};

test('a sort is laid by mouse, by two taps and by keys alone, checked, and found as it lay', async () => {
  const desk = await sortBoard();
  const { page } = desk;
  await expectNoViolations(page, 'loose pieces');
  const [ai, ae, ay] = ['ai', 'a–e', 'ay'];

  await drag(page, /^rain, /, await middleOf(page, ai));
  await piece(page, 'rain, in ai').waitFor();

  // Two taps: the piece, then the place.
  await piece(page, /^day, /).click();
  await page.getByRole('button', { name: `Put it in ${ay}` }).click();
  await piece(page, 'day, in ay').waitFor();

  // Keys alone.
  await piece(page, /^wave, /).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: `Put it in ${ai}` }).focus();
  await page.keyboard.press('Enter');
  await piece(page, 'wave, in ai').waitFor();
  await expect.poll(() => page.getByRole('status').first().innerText()).toContain('wave, in ai');

  await page.getByRole('button', { name: 'Check' }).click();
  await page.getByText(/^2 of \d+ are right, \d+ not placed yet\.$/).waitFor();
  await piece(page, 'wave, in ai, not yet').waitFor();
  await piece(page, 'rain, in ai, right').waitFor();

  // Out of there again by the arrow keys, and into its own place.
  await piece(page, /^wave, in ai/).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: `Put it in ${ae}` }).focus();
  await page.keyboard.press('Enter');
  await piece(page, 'wave, in a–e').waitFor();
  await page.getByRole('button', { name: 'Take back' }).click();
  await piece(page, 'wave, in ai').waitFor();
  await page.getByRole('button', { name: 'Do again' }).click();
  await piece(page, 'wave, in a–e').waitFor();

  await page.reload();
  await piece(page, 'rain, in ai').waitFor();
  await piece(page, 'wave, in a–e').waitFor();
  await desk.close();
});

test('a free board: pieces from piles, joined, turned, kept together, and a sentence read', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-33/pieces');
  const { page } = desk;
  await page.getByRole('button', { name: 'An empty board' }).click();
  await page.waitForURL(/\/pieces\/.+/);
  const field = page.getByLabel('Words for new pieces');
  await field.fill('the winds blows');
  await field.press('Enter');
  for (const [at, name] of ['the', 'winds', 'blows'].entries()) {
    const stage = await page.locator('svg.loose').boundingBox();
    if (!stage) throw new Error('no stage');
    await drag(page, new RegExp(`^${name}, `), { x: stage.x + 300 + at * 220, y: stage.y + 200 });
  }
  await page.getByRole('button', { name: 'Check' }).click();
  await page
    .getByText(/the verb has no s/)
    .first()
    .waitFor();
  await expectNoViolations(page, 'a free board checked');

  await piece(page, /^winds, /).click();
  await page.getByRole('button', { name: 'Join to …' }).click();
  await page.getByText('Tap the piece it is joined to.').waitFor();
  await piece(page, /^blows, /).click();
  await piece(page, /^winds, .*joined to blows/).waitFor();
  await piece(page, /^winds, /).focus();
  await page.keyboard.press('r');
  await piece(page, /^winds, .*turned 15 degrees/).waitFor();
  await piece(page, /^the, /).click();
  await piece(page, /^winds, /).click({ modifiers: ['Shift'] });
  await page.getByRole('button', { name: 'Keep together' }).click();
  await page.getByRole('button', { name: 'Let go' }).waitFor();
  await page.getByLabel('A shape').selectOption('fork');
  await piece(page, /^fork, /).focus();
  await page.keyboard.press('Delete');
  await piece(page, /^fork, /).waitFor({ state: 'detached' });
  await desk.close();
});

test('a board is copied with other words, set side by side for teams, cut out to scale, and removed', async () => {
  const desk = await sortBoard();
  const { page } = desk;
  await page.getByRole('button', { name: 'Copy …' }).click();
  const words = page.getByLabel('Its words, one a line: write others over them');
  await words.fill((await words.inputValue()).replace(/^rain$/m, 'sleet'));
  await page.getByText('With other words the board is free').waitFor();
  await page.getByRole('button', { name: 'Make the copy' }).click();
  await piece(page, /^sleet, /).waitFor();
  await page.goBack();
  await piece(page, /^rain, /).waitFor();

  await page.getByRole('button', { name: 'Two sides' }).click();
  const left = page.getByRole('region', { name: 'Left team' });
  await left.getByRole('button', { name: /^rain, / }).click();
  await left.getByRole('button', { name: 'Put it in ai' }).click();
  await left.getByRole('button', { name: 'Check' }).click();
  await left.getByText(/^1 of \d+ are right$/).waitFor();
  await expectNoViolations(page, 'two sides');

  await page.getByRole('link', { name: 'To cut out' }).click();
  await page.getByRole('heading', { name: /pieces to cut out/ }).waitFor();
  const pages = page.locator('.paper-page');
  const few = await pages.count();
  await page.getByLabel('Size').selectOption('wall');
  await expect.poll(() => pages.count()).toBeGreaterThan(few);
  await expectNoViolations(page, 'pieces to cut out');
  await page.getByRole('link', { name: 'Back to the board' }).click();
  await page.getByRole('link', { name: 'Leave the pieces' }).click();
  await page.getByRole('button', { name: /^Remove the board .*again$/ }).click();
  await expect.poll(() => page.locator('.loose-list').count()).toBe(1);
  await expectNoViolations(page, 'the boards of a lesson');
  await desk.close();
});

test('a board goes home: laid by touch with no network, checked, and kept as it lies', async () => {
  const desk = await sortBoard();
  const { page } = desk;
  await page.getByRole('link', { name: 'Leave the pieces' }).click();
  await desk.go('/lessons/fernhill-33');
  await page.getByRole('button', { name: 'Try it' }).click();
  await page.getByRole('button', { name: 'Take it home …' }).click();
  await page.getByLabel(/^Loose pieces: .*, as they lie now$/).check();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the file' }).click(),
  ]);
  const file = await download.path();
  const home = await openFile('pieces-at-home.html', readFileSync(file, 'utf8'), true);
  await home.getByLabel(/Who are you/).selectOption('Mina');
  await button(home, 'Begin').tap();
  await home.getByRole('button', { name: /^4 / }).tap();
  await piece(home, /^rain, /).tap();
  await home.getByRole('button', { name: /^Put here: ai$/ }).tap();
  await button(home, 'Check').tap();
  await home.getByText(/^1 of \d+ right\.$/).waitFor();
  await expectNoViolations(home, 'a board at home');
  await reopen(home);
  await home.getByRole('button', { name: /^4 / }).tap();
  await piece(home, /^rain, .*in ai/).waitFor();
  await button(home, 'Begin again').tap();
  await expect.poll(() => piece(home, /^rain, .*in ai/).count()).toBe(0);
  expect(faults).toEqual([]);
  await desk.close();
});

test('by touch at 390 pixels: a tap takes a thin line, and a second puts it', async () => {
  const desk = await Desk.withDemo(
    '/lessons/fernhill-33/pieces',
    { width: 390, height: 844 },
    true,
  );
  const { page } = desk;
  await page.getByRole('button', { name: 'An empty board' }).tap();
  await page.waitForURL(/\/pieces\/.+/);
  await page.getByLabel('A shape').selectOption('line');
  const line = piece(page, /^line, /);
  // A line of ten units is two pixels high here: it is grabbed with a margin of 22 pixels around it.
  await expect.poll(async () => (await line.boundingBox())?.height).toBeGreaterThanOrEqual(44);
  await page.keyboard.press('Escape');
  const stage = await page.locator('svg.loose').boundingBox();
  if (!stage) throw new Error('no stage');
  if ((await line.getAttribute('aria-pressed')) !== 'true') await line.tap();
  await page.touchscreen.tap(stage.x + stage.width / 2, stage.y + stage.height / 2 - 40);
  await piece(page, /^line, (top|middle), centre/).waitFor();
  await desk.close();
});

test('a map of relations of a family is laid by mouse, by touch and by keys', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-33', { width: 1280, height: 800 }, true);
  const { page } = desk;
  // Words with one long vowel have few opposites: some that have are brought with one click.
  await page.getByRole('link', { name: 'Add to Alone' }).click();
  await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('Map of relations');
  await page.getByRole('button', { name: /^Bring \d+ words and add it$/ }).click();
  await page.waitForURL(/[?]part=/);
  await page.getByLabel('Which relations').selectOption({ label: 'my own, from the lines below' });
  await page
    .getByLabel(/^Your own, one a line/)
    .fill('Vera’s children: Mina, Kofi\nMina’s brother: Otto\nKofi’s cousin: Juno');
  // Kept while the field still has the focus.
  await page.getByText('Changed: your own, one a line').first().waitFor();
  await desk.go('/lessons/fernhill-33/pieces');
  await page.getByRole('button', { name: 'How are they related?' }).click();
  await page.waitForURL(/\/pieces\/.+/);
  await piece(page, /^Mina, /).waitFor();

  await drag(page, /^Mina, /, await middleOf(page, 'Vera’s children'));
  await piece(page, 'Mina, in Vera’s children').waitFor();
  await piece(page, /^Otto, /).tap();
  await page.getByRole('button', { name: 'Put it in Mina’s brother' }).tap();
  await piece(page, 'Otto, in Mina’s brother').waitFor();
  await piece(page, /^Juno, /).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Put it in Mina’s brother' }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: 'Check' }).click();
  await page.getByText('2 of 4 are right, 1 not placed yet.').waitFor();
  await piece(page, 'Juno, in Mina’s brother, not yet').waitFor();
  await expectNoViolations(page, 'a map of relations');
  await desk.close();
});
