/** The starter library: found in, read, taken for a class. */
import { expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { Desk } from './desk';

test('a list, a text and a lesson are found, read and taken for a class, and taken back', async () => {
  const desk = await Desk.withDemo('/shelf');
  const { page } = desk;
  await page.getByRole('link', { name: 'Look through it' }).click();
  await page.getByRole('heading', { name: 'Starter library', level: 1 }).waitFor();
  await expectNoViolations(page, 'the starter library');
  const offered = await page.getByLabel('Take for').getByRole('option').allInnerTexts();
  expect(offered).toContain('Kestrels');
  expect(offered).not.toContain('Latin Club');
  await page.getByLabel('Take for').selectOption({ label: 'Kestrels' });
  const find = page.getByLabel('Find by word, sound, topic or title');
  await find.fill('long a');
  await page
    .getByText(/rain · brain|rain/)
    .first()
    .waitFor();
  await page.getByRole('button', { name: 'Take Long a spelt three ways for Kestrels' }).click();
  await page.waitForURL(/\/lessons\//);
  await page.getByText('Long a spelt three ways').first().waitFor();
  await page.locator('.paper-stack').getByText('rain').first().waitFor();
  await desk.go('/library');
  await page.getByRole('button', { name: 'Texts', exact: true }).click();
  await page.getByLabel('Level').selectOption('A2');
  const shoe = page.locator('.library-thing', { hasText: 'The Left Shoe' });
  await shoe.getByText('Read it').click();
  expect(await shoe.locator('.library-text').isVisible()).toBe(true);
  await page.getByLabel('Take for').selectOption({ label: 'Newcomers' });
  await page.getByRole('button', { name: 'Take The Left Shoe for Newcomers' }).click();
  await page.waitForURL(/\/texts\//);
  await page.getByRole('button', { name: /^Undo: Took The Left Shoe/ }).waitFor();
  await desk.go('/shelf');
  await page.getByLabel('Folder', { exact: true }).selectOption('Starter library');
  await page.getByRole('link', { name: 'Long a spelt three ways' }).waitFor();
  await page.getByRole('link', { name: 'Long a: rain, day, gate' }).waitFor();
  await page.getByRole('link', { name: 'The Left Shoe' }).waitFor();
  await desk.close();
});
