import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

async function openGallery(
  size?: { width: number; height: number },
  hasTouch = false,
): Promise<Desk> {
  const desk = await Desk.withDemo('/lessons', size, hasTouch);
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.locator('.paper-stack .paper-page').first().waitFor();
  await page.getByRole('link', { name: 'Add to Alone' }).click();
  await page.getByRole('heading', { name: /^Add to Alone, with these 12 words/ }).waitFor();
  return desk;
}

test('exercises are seen made of the lesson’s words, and taken by the mouse', async () => {
  const desk = await openGallery();
  const { page } = desk;
  await page.locator('.gallery-card .paper-page').first().waitFor();
  await expectNoViolations(page, 'the gallery');

  // What cannot be made stays, and says what is missing.
  await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('soft c');
  const card = page.locator('.gallery-card--missing', { hasText: 'Sort hard and soft c or g' });
  await card.waitFor();
  await card.getByRole('button').focus();
  await page.locator('.gallery__missing', { hasText: 'words' }).waitFor();
  await page.getByRole('button', { name: 'Add it, and set it up there' }).waitFor();

  // In the teacher's words.
  await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('anagrams');
  const found = page.getByRole('button', { name: 'Put the letters in order', exact: true });
  await found.waitFor();
  await page.locator('.gallery__large .paper-page').waitFor();
  await found.click();
  await page.waitForURL(/[?]part=/);
  await page
    .locator('.paper-stack')
    .getByRole('heading', { name: 'Put the letters in order' })
    .waitFor();

  // It stands among those used last.
  await page.getByRole('link', { name: 'Add to Alone' }).click();
  await page.getByRole('button', { name: /^Used last/ }).click();
  await page.getByRole('button', { name: 'Put the letters in order', exact: true }).waitFor();
  await desk.close();
});

test('arrow keys move among the cards, Enter takes one', async () => {
  const desk = await openGallery();
  const { page } = desk;
  const names = page.locator('[data-maker]');
  await names.nth(1).waitFor();
  await page.locator('.gallery-card .paper-page').nth(1).waitFor();
  const large = page.locator('.gallery__large');
  await names.nth(2).hover();
  const third = (await names.nth(2).textContent()) ?? '';
  await large.getByRole('heading', { name: third, level: 2 }).waitFor();
  await names.first().focus();
  await page.keyboard.press('ArrowRight');
  const second = (await names.nth(1).textContent()) ?? '';
  expect(await page.evaluate(() => document.activeElement?.textContent)).toBe(second);
  await large.getByRole('heading', { name: second, level: 2 }).waitFor();
  await page.keyboard.press('Enter');
  await page.waitForURL(/[?]part=/);
  await desk.close();
});

test('on a phone a touch shows an exercise, and a button adds it', async () => {
  const desk = await openGallery({ width: 390, height: 800 }, true);
  const { page } = desk;
  await page.locator('.gallery-card .paper-page').first().waitFor();
  const card = page.locator('[data-maker="crossword"]');
  await card.tap();
  await page
    .locator('.gallery__large')
    .getByRole('heading', { name: 'Crossword', level: 2 })
    .waitFor();
  expect(page.url()).toContain('/add');
  await page.getByRole('button', { name: 'Add it', exact: true }).click();
  await page.waitForURL(/[?]part=/);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await desk.close();
});

test('a sheet changes its look, closes with a strip, and writes its answers in', async () => {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  const paper = page.locator('.paper-stack');
  await paper.locator('.paper-page').first().waitFor();
  await page.getByText('Paper and print').click();
  await page.getByRole('combobox', { name: /^Look/ }).selectOption('log');
  await paper.getByText('Observer').waitFor();
  await page.getByRole('combobox', { name: 'At the end of the sheet' }).selectOption('can-do');
  await paper.getByText(/^I can read and spell words/).waitFor();
  await page.getByRole('combobox', { name: 'Key', exact: true }).selectOption('written');
  await page.getByRole('button', { name: 'Key', exact: true }).click();
  await paper.getByRole('heading', { name: /^Key: Write the missing/ }).waitFor();
  await paper.getByText('drain', { exact: false }).first().waitFor({ state: 'attached' });
  await expectNoViolations(page, 'a sheet in the look of the log');
  await page.getByRole('button', { name: /^Undo: / }).click();
  await desk.close();
});

test('a whole lesson shares its pages, or folds into a booklet', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-station-lesson');
  const { page } = desk;
  await page.locator('.paper-stack .paper-page').first().waitFor();
  const scope = page.getByRole('combobox', { name: 'What to print' });
  await scope.selectOption('shared');
  const said = page.getByRole('status').filter({ hasText: /pages, was \d+/ });
  await said.waitFor();
  const [now = 0, was = 0] = ((await said.textContent()) ?? '').match(/\d+/g)?.map(Number) ?? [];
  expect(now).toBeLessThanOrEqual(was * 0.6);
  await scope.selectOption('booklet');
  await page.getByText('turned over the short edge').waitFor();
  // The open sheet over four pages, to be glued: 2 × 190 − 10 mm across on A4.
  await scope.selectOption('exercise');
  const pages = page.locator('.paper-stack .paper-page');
  const single = await pages.count();
  await scope.selectOption('poster2');
  await page.getByText(/a poster of 37 × 52 cm/).waitFor();
  expect(await pages.count()).toBe(single * 4);
  await page.getByText('Row 2, page 2 of 2. Cut at the ticks.').first().waitFor();
  await expectNoViolations(page, 'a poster');
  await desk.close();
});

test('places on a picture of her own are named, asked for, and there after a reload', async () => {
  const desk = await openGallery();
  const { page } = desk;
  await page.getByRole('searchbox', { name: 'Find an exercise' }).fill('photo');
  await page.getByRole('button', { name: 'Places on my picture', exact: true }).focus();
  await page.getByRole('button', { name: 'Add it, and set it up there' }).click();
  await page.waitForURL(/[?]part=/);
  // A yard with a hut and a flag.
  const yard =
    '<svg xmlns="http://www.w3.org/2000/svg" width="600" height="400"><rect width="600" height="400" fill="#dfeefb"/><rect x="80" y="180" width="140" height="140" fill="#c98"/><path d="M400 80h90v50h-90z" fill="#a83a1e"/></svg>';
  await page.getByLabel('The file of your picture').setInputFiles({
    name: 'yard.svg',
    mimeType: 'image/svg+xml',
    buffer: Buffer.from(yard),
  });
  await page.getByRole('button', { name: 'Mark its places …' }).click();
  const picture = page.locator('.picture-places img');
  await picture.waitFor();
  await picture.click({ position: { x: 150, y: 200 } });
  await page.keyboard.type('hut');
  await page.keyboard.press('Enter');
  // With keys: a place in the middle, moved by an arrow.
  await page.getByRole('button', { name: 'Add a place in the middle' }).click();
  await page.keyboard.type('flag');
  await page.keyboard.press('Enter');
  const place = page.getByRole('button', { name: 'Place 2: flag' });
  await place.focus();
  await page.keyboard.press('Shift+ArrowUp');
  await expectNoViolations(page, 'places on a picture');
  await page.getByRole('button', { name: 'Close' }).click();
  await page.reload();
  const paper = page.locator('.paper-stack');
  await paper.getByText(/^Look at the picture/).waitFor();
  await paper.getByText('hut', { exact: true }).waitFor();
  await page.getByRole('combobox', { name: 'What is asked' }).selectOption('uncover');
  await paper.getByText(/^Part of the picture/).waitFor();
  await desk.close();
});

test('what is no exercise is found beside them: a poster, an exit ticket', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-33/add?stage=show');
  const { page } = desk;
  const search = page.getByRole('searchbox', { name: 'Find an exercise' });
  await search.fill('exit ticket');
  await page.getByRole('button', { name: 'Put it on a sheet: Can-do slip' }).waitFor();
  await search.fill('poster');
  await page.getByText('0 exercises and 2 parts of a sheet for “poster”').waitFor();
  await expectNoViolations(page, 'what is found for a sheet');
  await page.getByRole('button', { name: 'Put it on a sheet: Rule card' }).click();
  await page.waitForURL(/[?]part=/);
  // The card of the sound that the lesson is about, large and alone, as a poster.
  await page
    .locator('.paper-stack')
    .getByText(/^Ways to/)
    .first()
    .waitFor();
  expect(await page.locator('.block-row__name strong').allTextContents()).toEqual(['Rule card']);
  await page.getByLabel('What to print').selectOption('poster2');
  await page.getByRole('button', { name: 'Print 4 pages' }).waitFor();
  // A second thing goes on the same sheet.
  await page.getByRole('button', { name: 'Add a block' }).click();
  await page.getByRole('link', { name: 'A new exercise …' }).click();
  await search.fill('lined paper');
  await page.getByRole('button', { name: 'Put it on a sheet: Ruled space' }).click();
  await expect
    .poll(() => page.locator('.block-row__name strong').allTextContents())
    .toEqual(['Rule card', 'Ruled space']);
  await desk.close();
});
