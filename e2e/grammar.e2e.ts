/** Grammar lit in a text, made an exercise, set for a class, and written by the teacher. */
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk, addFromGallery } from './desk';

afterAll(closeBrowser);

test('a form is lit in a text, counted, and becomes an exercise with its key', async () => {
  const desk = await Desk.withDemo('/texts/fernhill-station?view=grammar');
  const { page } = desk;
  const past = page.getByRole('button', { name: /^Past simple/ });
  await past.waitFor();
  await page.getByRole('button', { name: /^Passive/ }).click();
  await page.locator('.lit--1').first().waitFor();
  await page.getByRole('heading', { name: 'Two tenses side by side' }).waitFor();
  await expectNoViolations(page, 'grammar in a text');
  await page.getByRole('button', { name: 'Underline them on paper' }).click();
  await page.getByRole('button', { name: /^Undo: Underlined on paper/ }).waitFor();
  await desk.go('/texts/fernhill-station?view=paper');
  await page
    .locator('.paper-stack')
    .getByText(/^Past simple \(/)
    .first()
    .waitFor();
  await page.getByRole('button', { name: 'Take passive away' }).click();
  await page
    .locator('.paper-stack')
    .getByText(/^Passive \(/)
    .first()
    .waitFor({ state: 'detached' });
  await desk.go('/texts/fernhill-station?view=grammar');
  await page.getByRole('button', { name: 'Make a spot-it exercise' }).first().click();
  await page.waitForURL('**/lessons/**');
  await page.locator('.paper-stack').getByText('Find the past simple').first().waitFor();
  await page.getByRole('button', { name: 'Key', exact: true }).click();
  await page.locator('.paper-stack').getByText('crossed').first().waitFor();
  await desk.close();
});

test('own sentences become another form, a shortage is named, and the change is undone', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-if-lesson');
  const { page } = desk;
  await addFromGallery(page, 'Get ready', 'Same sentence, other form');
  const paper = page.locator('.paper-stack');
  await paper.getByText('Active to passive').first().waitFor();
  await page.getByRole('combobox', { name: /^About/ }).selectOption('question');
  await paper.getByText('Make it a question').first().waitFor();
  const own = page.getByLabel('Your own sentences, one a line');
  await own.fill('Mina has found the rain gauge.\nBecause it rained.\nThe goat eats hats.');
  await own.blur();
  await paper.getByText('The goat eats hats.').first().waitFor();
  await page.getByRole('button', { name: 'Key', exact: true }).click();
  await paper.getByText('Has Mina found the rain gauge?').first().waitFor();
  await paper.getByText('Does the goat eat hats?').first().waitFor();
  expect(await paper.getByText('Because it rained').count()).toBe(0);
  await page.getByText(/Only 2 of your sentences give/).waitFor();
  await expectNoViolations(page, 'a grammar exercise');
  await page.getByRole('button', { name: 'Undo: Changed: your own sentences, one a line' }).click();
  await paper.getByText('Has Mina found').first().waitFor({ state: 'detached' });
  await desk.close();
});

test('an answer is checked while it is written', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-sentence-lesson');
  const { page } = desk;
  await page.getByRole('link', { name: /Plan your sentence/ }).click();
  await page.locator('.paper-stack').getByText('Who or what?').first().waitFor();
  // A picture of her own in place of the shipped ones: a square of one colour.
  await page.getByLabel('The file of your picture').setInputFiles({
    name: 'hill.png',
    mimeType: 'image/png',
    buffer: Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
      'base64',
    ),
  });
  await page.locator('.paper-picture[src^="data:image/jpeg"]').first().waitFor();
  await page.getByRole('button', { name: 'Undo: Chose a picture' }).click();
  await page.locator('.paper-picture[src^="data:"]').first().waitFor({ state: 'detached' });
  await page.getByText('Try an answer').click();
  const answer = page.getByLabel('What a learner might write');
  await answer.fill('Because the road is clear');
  await page.getByText(/finish the thought/).waitFor();
  await page.getByText('End with a full stop, a question mark').waitFor();
  await answer.fill('The bus is late because the road is icy.');
  await page.getByText('Everything that was asked for is there.').waitFor();
  await expectNoViolations(page, 'an answer tried');
  // On the screen, as the learner meets it, the same is found while she writes.
  await page.getByRole('button', { name: 'Try it', exact: true }).click();
  const line = page.locator('.play textarea').first();
  await line.fill('Because the road is clear.');
  await page
    .locator('.play-checks')
    .getByText(/finish the thought/)
    .waitFor();
  await line.fill('The bus is late because the road is icy.');
  await page.locator('.play-checks__done').waitFor();
  await desk.close();
});

test('a structure set as not taught is marked in a text of the class', async () => {
  const desk = await Desk.withDemo('/classes/fernhill-harriers');
  const { page } = desk;
  await page.getByText(/structures taught/).click();
  await page.getByLabel('past simple for Harriers').selectOption('beyond');
  await page.getByText(/some set by you/).waitFor();
  await page.getByRole('button', { name: /^Undo: (?!Put the Fernhill)/ }).waitFor();
  await desk.go('/texts/fernhill-station');
  await page
    .getByText(/Past simple: not taught yet, as you have set it/)
    .first()
    .waitFor();
  await page.reload();
  await page
    .getByText(/Past simple: not taught yet/)
    .first()
    .waitFor();
  await desk.close();
});
