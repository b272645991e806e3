/** Things given on: chosen on the shelf, saved with their rights, read into an empty browser. */
import { mkdtemp } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { Desk } from './desk';

test('a lesson goes out under a licence, without its learners, and is whole in an empty browser', async () => {
  const desk = await Desk.withDemo('/classes/fernhill-kestrels');
  const { page } = desk;
  await page.getByLabel('What it makes goes out under').selectOption('CC-BY-ND-4.0');
  const author = page.getByLabel('Author named on it');
  await author.fill('M. Vane');
  await author.blur();
  await page.getByRole('button', { name: 'What is kept of Asha' }).click();
  const needs = page.getByLabel('Needs of Asha');
  await needs.fill('Larger print');
  await needs.blur();
  await page.getByRole('button', { name: /^Undo: Changed the needs of Asha/ }).waitFor();
  await expectNoViolations(page, 'what is kept of a learner');
  await desk.go('/shelf');
  await page.getByText('Level, language, standard, licence').click();
  await page.getByLabel('Licence', { exact: true }).selectOption('CC-BY-ND-4.0');
  await page.getByRole('link', { name: 'Long a in the storm log' }).waitFor();
  await page.getByLabel('Choose Long a in the storm log').click();
  await page.getByRole('button', { name: 'Save as a file …' }).click();
  await page.getByText(/by M\. Vane · CC BY-ND 4\.0/).waitFor();
  await expectNoViolations(page, 'things to give on');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save the file' }).click(),
  ]);
  const file = join(await mkdtemp(join(tmpdir(), 'wordane-')), 'lesson.zip');
  await download.saveAs(file);
  await page.getByText(/^Saved as/).waitFor();
  await page.getByRole('button', { name: 'Close' }).last().click();
  // A licence that forbids changes is said before anything is adapted.
  await desk.go('/lessons/fernhill-33/adapt?to=fernhill-harriers');
  await page.getByText(/lets copies be given on, but not changed ones/).waitFor();
  await desk.close();

  const empty = await Desk.open();
  await empty.go('/shelf');
  await empty.page.getByLabel('Read an exported file back in').setInputFiles(file);
  await empty.page.getByRole('button', { name: 'Read it in' }).click();
  await empty.page.getByText(/^Read in: \d things added/).waitFor();
  await empty.page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await empty.page.waitForURL(/lessons/);
  await empty.page.getByRole('link', { name: /Sort/ }).first().click();
  await empty.page.locator('.paper-stack').getByText('rain').first().waitFor();
  await empty.go('/classes/fernhill-kestrels');
  await empty.page.getByText('Roster · 0').waitFor();
  await empty.close();
});

test('a lesson’s own author and licence stand on the shelf, and can be undone', async () => {
  const desk = await Desk.withDemo('/shelf');
  const { page } = desk;
  const change = () =>
    page.getByRole('button', { name: 'Change Long a in the storm log', exact: true }).click();
  await change();
  await page.getByText('Author and licence …').click();
  await page.getByLabel('Author', { exact: true }).fill('Iris Gale');
  await page.getByLabel('What others may do with it').selectOption('CC-BY-SA-4.0');
  await page.getByLabel('Where it is from').fill('The station log');
  await expectNoViolations(page, 'author and licence');
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: /^Undo: Changed who made Long a/ }).waitFor();
  await change();
  await page.getByText('Author and licence …').click();
  expect(await page.getByLabel('Author', { exact: true }).inputValue()).toBe('Iris Gale');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await change();
  await page.getByRole('button', { name: 'Copy', exact: true }).click();
  await page.getByRole('link', { name: 'Long a in the storm log (copy)' }).waitFor();
  await page
    .getByRole('button', { name: 'Change Long a in the storm log (copy)', exact: true })
    .click();
  const name = page.getByLabel('Another name for Long a in the storm log (copy)');
  await name.fill('Long a once more');
  await name.press('Enter');
  await page.getByRole('link', { name: 'Long a once more' }).waitFor();
  await page
    .getByText(/used in .*weather club/i)
    .first()
    .waitFor();
  await desk.close();
});
