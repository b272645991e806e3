/**
 * Classes of other languages. Portuguese: everyday words with their articles, small words lit in a
 * text, an exercise of them. Japanese: signs stroke by stroke.
 */
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { addFromGallery, closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

test('everyday words come with article, meaning and picture, and go onto cards', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-portuguese-lesson');
  const { page } = desk;
  await page.locator('.paper-page').first().waitFor();
  await desk.go('/words');
  const common = page.getByRole('region', { name: 'Everyday words' });
  await common.getByText('a chuva').waitFor();
  await expectNoViolations(page, 'everyday words');
  await common.getByLabel('Level of the words').selectOption('A1');
  await common.getByLabel('o sol').uncheck();
  await common.getByRole('button', { name: /^Add \d+ to the list$/ }).click();
  await page.getByRole('button', { name: /^Undo: Added \d+ words/ }).waitFor();
  await common.getByRole('button', { name: /^Add \d+ to the list$/ }).click();
  await page.getByText(/in the list already/).waitFor();
  await desk.close();
});

test('a list for one sound of French becomes a lesson on its spellings', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-french-lesson');
  const { page } = desk;
  await page.locator('.paper-page').first().waitFor();
  await desk.go('/words');
  const common = page.getByRole('region', { name: 'Everyday words' });
  await common.getByLabel('Sound of the words').selectOption({ label: '[ɛ̃] as in lapin' });
  await common.getByLabel('Topic').selectOption('number');
  await common.getByText('vingt', { exact: true }).waitFor();
  expect(await common.getByText('deux', { exact: true }).count()).toBe(0);
  await common.getByLabel('Topic').selectOption({ label: 'every topic' });
  await common.getByRole('button', { name: /^Add \d+ to the list$/ }).click();
  await page.getByRole('button', { name: /^Undo: Added \d+ words/ }).waitFor();
  await page.getByRole('button', { name: 'Make a lesson' }).click();
  await page.getByRole('link', { name: /^Letters that say/ }).click();
  const paper = page.locator('.paper-stack');
  await paper.getByRole('heading', { name: /^Letters that say/ }).waitFor();
  await paper.getByText('le train').first().waitFor();
  await expectNoViolations(page, 'a sort of spellings');
  await page.getByRole('link', { name: /^Write the letters of/ }).click();
  await page.getByRole('button', { name: 'Try it', exact: true }).click();
  await page.getByRole('button', { name: 'ain', exact: true }).waitFor();
  await desk.close();
});

test('words of a text are checked against the course, which the teacher writes anew', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-portuguese-lesson');
  const { page } = desk;
  await page.locator('.paper-page').first().waitFor();
  await desk.go('/texts/fernhill-estacao');
  const check = page.getByRole('complementary', { name: /^Check for Portuguese circle/ });
  await check.getByText('farol').waitFor();
  await check.getByText(/^8\d %$/).waitFor();
  await expectNoViolations(page, 'reach of a Portuguese text');

  await desk.go('/classes/fernhill-portuguese');
  const course = page.getByRole('region', { name: 'Course' });
  await course.getByRole('button', { name: 'Make it our own course' }).click();
  const text = course.getByRole('textbox');
  await text.fill('o farol');
  await course.getByRole('button', { name: 'Keep this course' }).click();
  await course
    .getByRole('alert')
    .getByText(/Line 1: begin a unit first/)
    .waitFor();
  await text.fill('# Na colina\no farol, a estação, o vento\n\n# No mar\no barco, o pescador');
  await expectNoViolations(page, 'a course being written');
  await course.getByRole('button', { name: 'Keep this course' }).click();
  await course.getByText('o farol, a estação, o vento').waitFor();
  await page.getByRole('button', { name: /^Undo: Changed the class’s course/ }).waitFor();

  await desk.go('/texts/fernhill-estacao');
  await check.getByText('It comes in unit 2, No mar.').first().waitFor();
  expect(await check.getByText('farol', { exact: true }).count()).toBe(0);
  await desk.close();
});

test('contractions of a text are lit, counted, and made into an exercise that is marked', async () => {
  const desk = await Desk.withDemo('/texts/fernhill-estacao?view=grammar');
  const { page } = desk;
  await page.locator('.lit', { hasText: 'delas' }).first().waitFor();
  await page.getByRole('button', { name: 'Articles 12' }).click();
  await page.locator('.lit--1', { hasText: /^uma$/ }).waitFor();
  await expectNoViolations(page, 'contractions lit');
  await page.getByRole('button', { name: 'Make an exercise of it' }).first().click();
  await page.waitForURL(/\/lessons\//);
  await expect.poll(() => page.locator('.paper-stack').innerText()).toMatch(/\(\p{L}+\+\p{L}+\)/u);
  await page.getByRole('button', { name: 'Key', exact: true }).click();
  // The answers are written in: what two words make.
  await expect
    .poll(() => page.locator('.paper-stack').innerText())
    .toMatch(/\b(?:ao|num|dos|pelas?)\b/);
  await desk.close();
});

test('Portuguese verbs in a table, with their rule in the key', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-portuguese-lesson');
  const { page } = desk;
  await page.getByRole('link', { name: 'Fill in the forms' }).click();
  await page.locator('.paper-stack').getByText('soprar').first().waitFor();
  await page.getByRole('button', { name: 'Key', exact: true }).click();
  await page.getByText('vejo').first().waitFor();
  expect(await page.getByText('meço').count()).toBeGreaterThan(0);
  await desk.close();
});

test('kana stand over the kanji of a text, its forms are lit, and a class reads without', async () => {
  const desk = await Desk.withDemo('/texts/fernhill-oka?view=write');
  const { page } = desk;
  const field = page.getByRole('textbox', { name: 'The text' });
  await page.getByRole('button', { name: 'Take the kana away' }).click();
  await expect.poll(() => field.inputValue()).not.toContain('《');
  await page.getByRole('button', { name: 'Put kana over all kanji' }).click();
  await expect.poll(() => field.inputValue()).toContain('昨日《きのう》は風《かぜ》が');
  await page.getByRole('button', { name: /^Undo: Put kana over the kanji/ }).waitFor();

  await page.getByRole('button', { name: 'Grammar', exact: true }).click();
  const lit = page.locator('.text-sheet .lit');
  await lit.filter({ hasText: 'されました' }).first().waitFor();
  await page.locator('.text-sheet rt', { hasText: 'おか' }).waitFor();
  await expectNoViolations(page, 'forms of Japanese lit');

  await page.getByRole('button', { name: 'Paper', exact: true }).click();
  const paper = page.locator('.paper-page').first();
  await paper.getByText('きのう', { exact: true }).waitFor();
  await desk.go('/classes/fernhill-japanese');
  await page.getByRole('combobox', { name: 'Over the kanji' }).selectOption('none');
  await page.getByRole('button', { name: /^Undo: Changed the class’s kana/ }).waitFor();
  await desk.go('/texts/fernhill-oka?view=paper');
  await paper.getByText('観測所', { exact: false }).first().waitFor();
  expect(await paper.getByText('きのう', { exact: true }).count()).toBe(0);
  await desk.close();
});

test('kana are shown stroke by stroke, and followed while they are written', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-japanese-lesson');
  const { page } = desk;
  await page.getByRole('link', { name: 'Stroke by stroke' }).click();
  const paper = page.locator('.paper-stack');
  await paper.getByText('Stroke order: KanjiVG').waitFor();
  // か: three strokes, numbered on the whole sign.
  const sign = paper.getByRole('img', { name: 'か: 3 strokes, shown in their order' });
  await sign.first().waitFor({ state: 'attached' });
  await expectNoViolations(page, 'stroke by stroke on paper');
  await page.getByRole('button', { name: 'Try it', exact: true }).click();
  const pad = page.getByRole('img', { name: 'か, to write over' });
  await pad.scrollIntoViewIfNeeded();
  const box = await pad.boundingBox();
  if (box === null) throw new Error('no pad');
  /** Draws a stroke between places of the sign's square, in hundredths of its side. */
  const draw = async (from: readonly [number, number], to: readonly [number, number]) => {
    const at = ([x, y]: readonly [number, number]) =>
      [box.x + (box.width * x) / 100, box.y + (box.height * y) / 100] as const;
    await page.mouse.move(...at(from));
    await page.mouse.down();
    await page.mouse.move(...at(to), { steps: 4 });
    await page.mouse.up();
  };
  const said = page.locator('.play-trace__said').first();
  // Its third stroke first: another comes before it.
  await draw([71, 29], [85, 52]);
  await expect.poll(() => said.innerText()).not.toBe('');
  await page.getByRole('button', { name: 'Take back a stroke' }).first().click();
  await draw([22.5, 35.4], [36, 76]);
  await draw([44.5, 16], [18, 77]);
  await draw([71, 29], [85, 52]);
  expect(await said.innerText()).toBe('');
  expect(await page.getByLabel('I have written it').first().isChecked()).toBe(true);
  await expectNoViolations(page, 'stroke by stroke on the screen');
  await desk.close();
});

test('French adjectives agree, and a sentence says no, on paper and on the screen', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-french-lesson');
  const { page } = desk;
  await addFromGallery(page, 'Together', 'Adjectives that agree');
  const paper = page.locator('.paper-stack');
  await expect.poll(() => paper.innerText()).toMatch(/\s(?:est|sont)\s[^(]*\(\p{L}+\)/u);
  await page.getByLabel('Which forms').selectOption('many');
  await expect.poll(() => paper.innerText()).not.toMatch(/\sest\s/);
  await expectNoViolations(page, 'adjectives that agree');
  await addFromGallery(page, 'Alone', 'Negation and questions');
  await page.getByRole('button', { name: 'Key', exact: true }).click();
  await expect.poll(() => paper.innerText()).toMatch(/\sn(?:e\s|’)\p{L}+\spas\s/u);
  await page.getByRole('button', { name: 'Try it' }).click();
  await page.getByText('Write each sentence so that it says no.').first().waitFor();
  await expectNoViolations(page, 'saying no on the screen');
  await desk.close();
});
