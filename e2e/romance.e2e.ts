/** A Portuguese class: everyday words with their articles, small words lit in a text, an exercise of them. */
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

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
