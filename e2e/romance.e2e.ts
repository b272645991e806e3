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
