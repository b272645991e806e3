/** A lesson is planned from a standard, printed for two learners, looked back on, found again; the week and the year. */
import { readFileSync } from 'node:fs';
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

test('a Kestrels lesson is planned from a standard, printed, looked back on, and found again', async () => {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.getByRole('link', { name: 'Plan', exact: true }).click();
  await page.getByRole('heading', { name: 'Plan', exact: true }).waitFor();

  // The objective says what it still needs, until it has it.
  const objective = page.getByRole('textbox', { name: 'Objective' });
  const check = page.getByRole('list', { name: 'What the objective says' });
  await check.getByText(/^Say how well/).waitFor();
  await objective.fill('Learners spell /ā/ in 8 of 10 words.');
  await objective.press('Enter');
  await check.getByText(/^Say how well/).waitFor({ state: 'hidden' });

  // A standard of another year is found by what it asks, and suggests its words and exercises.
  await page.getByLabel('Find a standard').fill('spelling:ay');
  const found = page.getByRole('list', { name: 'Found' });
  await found.getByRole('button').first().click();
  const own = page.getByRole('list', { name: 'Of this lesson' });
  await own.getByText('chosen').first().waitFor();
  expect(await own.getByRole('link', { name: 'its words' }).getAttribute('href')).toContain(
    'spelling=',
  );
  await page.getByLabel('Find a standard').fill('');

  await page.getByLabel('Day', { exact: true }).fill('2026-11-30');
  await page.getByLabel('Time', { exact: true }).fill('09:15');
  for (const [at, name] of ['Mina', 'Kofi'].entries()) {
    await page.getByRole('button', { name: 'Look to a learner' }).click();
    await page.getByLabel('Learner', { exact: true }).nth(at).selectOption(name);
    await page.getByLabel(`What ${name} needs`).waitFor();
    await page
      .getByLabel(at === 0 ? 'larger print' : 'fewer items, with support')
      .nth(at)
      .click();
  }
  // What was ticked for the first stays as the second is added at once.
  expect(await page.getByLabel('larger print').first().isChecked()).toBe(true);
  await page.getByLabel('They hear the sound before they see how it is written.').click();
  await page.getByLabel('How the class works in Alone').selectOption('pairs');
  const reflection = page.getByLabel('Afterwards: what to change, Alone');
  await reflection.fill('Give the drizzle log five minutes more.');
  await reflection.blur();
  await expectNoViolations(page, 'the plan');

  await page.getByRole('button', { name: 'On paper …' }).click();
  const paper = page.locator('.document-view');
  for (const said of ['Monday', '09:15', 'Mina', 'Kofi', 'pairs', 'drizzle', '26 ×', 'They hear']) {
    expect(await paper.innerText()).toContain(said);
  }
  await expectNoViolations(page, 'the plan on paper');
  const [word] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Word (.docx)' }).click(),
  ]);
  // A Word file is a zip (ECMA-376, part 2).
  expect(
    readFileSync(await word.path())
      .subarray(0, 2)
      .toString(),
  ).toBe('PK');
  await page.getByLabel('Layout').selectOption('run');
  expect(await paper.locator('tbody tr').first().innerText()).toContain('09:15');
  const pdf = await page.pdf();
  expect(pdf.length).toBeGreaterThan(8000);

  // The copies are made so: Mina's is larger than the others', Kofi's has fewer items.
  await page.getByRole('button', { name: 'Back to the plan' }).click();
  await page
    .getByRole('link', { name: /Write the missing/ })
    .first()
    .click();
  await page.getByLabel('What to print').selectOption('copies');
  const pageOf = (name: string) =>
    page.locator('.paper-stack .paper-page', { hasText: name }).first();
  await pageOf('Mina').waitFor({ state: 'attached' });
  const largest = (name: string) =>
    pageOf(name)
      .locator('.ink')
      .evaluateAll((all) =>
        Math.max(...all.map((each) => parseFloat(getComputedStyle(each).fontSize))),
      );
  expect(await largest('Mina')).toBeGreaterThan(await largest('Asha'));

  // Found by a word that is only in its plan.
  await desk.go('/shelf');
  await page.getByLabel('Find in everything').fill('drizzle log');
  await page.getByText(/Give the drizzle log/).waitFor();
  const hit = page.locator('.shelf-thing', { hasText: 'Long a in the storm log' });
  await hit.getByRole('button', { name: /^Star/ }).click();
  await hit.getByRole('button', { name: /^Star/, pressed: true }).waitFor();
  await hit.getByRole('button', { name: /^Change/ }).click();
  await page.getByLabel(/^New folder for/).fill('Autumn');
  await page.getByLabel(/^New folder for/).press('Enter');
  await hit.locator('.shelf-tag', { hasText: 'Autumn' }).waitFor();
  await page.keyboard.press('Escape');
  await expectNoViolations(page, 'the shelf');
  await hit.getByRole('button', { name: /^Change/ }).click();
  await page.getByRole('button', { name: 'Put away', exact: true }).click();
  await hit.waitFor({ state: 'detached' });
  await page.getByRole('button', { name: /^Put away · 1/ }).click();
  await hit.getByRole('button', { name: /^Change/ }).click();
  await page.getByRole('button', { name: 'Have it back' }).click();
  await page.getByText('Nothing has all of this').waitFor();
  await desk.close();
});

test('a lesson moves through the week by its day and by the mouse; the year says what was met', async () => {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await desk.go('/week?from=2026-11-30');
  await page.getByRole('heading', { name: /week of 30 November/ }).waitFor();
  const lesson = page.locator('.week-lesson', { hasText: 'Long a in the storm log' });
  await lesson.getByRole('combobox').selectOption({ label: 'Tuesday' });
  const tuesday = page.getByRole('region', { name: /^Tuesday/ });
  await tuesday.getByText('Long a in the storm log').waitFor();
  const from = await lesson.boundingBox();
  const to = await page.getByRole('region', { name: /^Thursday/ }).boundingBox();
  if (!from || !to) throw new Error('nothing to drag');
  await page.mouse.move(from.x + 20, from.y + from.height - 60);
  await page.mouse.down();
  await page.mouse.move(from.x + 60, from.y + 40, { steps: 4 });
  await page.mouse.move(to.x + to.width / 2, to.y + 120, { steps: 8 });
  await page.mouse.up();
  await page
    .getByRole('region', { name: /^Thursday/ })
    .getByText('Long a in the storm log')
    .waitFor();
  await expectNoViolations(page, 'the week');
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Calendar (.ics)' }).click(),
  ]);
  expect(readFileSync(await calendar.path(), 'utf8')).toContain('DTSTART;VALUE=DATE:20261203');

  await desk.go('/classes/fernhill-kestrels/coverage');
  await page.getByRole('heading', { name: 'Standards met' }).waitFor();
  await page.getByRole('button', { name: 'Met', exact: true }).click();
  const row = page.getByRole('row', { name: /-ing/ }).first();
  expect(await row.innerText()).toContain('3 Dec');
  await expectNoViolations(page, 'the standards met');
  const [csv] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'CSV' }).click(),
  ]);
  expect(readFileSync(await csv.path(), 'utf8')).toMatch(/^set,code,grade,strand,wording/);
  await desk.close();
});

test('a lesson goes to another class, word for word, and takes no learner with it', async () => {
  const desk = await Desk.withDemo('/classes/fernhill-kestrels');
  const { page } = desk;
  // A class that has been taught less: its words are fewer.
  await desk.go('/classes');
  await desk.go('/lessons/fernhill-33/plan');
  await page.getByRole('button', { name: 'Look to a learner' }).click();
  await page.getByLabel('Learner', { exact: true }).selectOption('Mina');
  await page.getByLabel('What Mina needs').waitFor();
  await page.getByRole('link', { name: 'For another class' }).click();
  const choose = page.getByLabel('For which class');
  await choose.waitFor();
  const options = await choose.locator('option').allInnerTexts();
  expect(options.length).toBeGreaterThan(2);
  await choose.selectOption({ index: 1 });
  const make = page.getByRole('button', { name: /^Make it for/ });
  await make.waitFor();
  const name = (await make.innerText()).replace('Make it for ', '');
  await page.getByRole('heading', { name: 'Now' }).first().waitFor();
  await expectNoViolations(page, 'a lesson for another class');
  await make.click();
  await page.waitForURL((url) => !url.pathname.includes('fernhill-33'));
  await page.locator('.masthead', { hasText: name }).waitFor();
  await desk.go(`${new URL(page.url()).pathname}/plan`);
  await page.getByRole('heading', { name: 'Plan', exact: true }).waitFor();
  expect(await page.getByLabel('What Mina needs').count()).toBe(0);
  await desk.close();
});

test('an exercise is dragged to another stage, and undone', async () => {
  const desk = await Desk.withDemo('/lessons', { width: 1280, height: 1200 });
  const { page } = desk;
  await desk.go('/lessons/fernhill-33');
  const stage = (name: string) => page.getByRole('region', { name, exact: true });
  const part = stage('Alone').locator('.part', { hasText: 'Build words with -ing' });
  const grip = await part.locator('.part__grip').boundingBox();
  const target = await stage('Together').locator('.stage__end').boundingBox();
  if (!grip || !target) throw new Error('nothing to drag');
  await page.mouse.move(grip.x + 4, grip.y + grip.height / 2);
  await page.mouse.down();
  await page.mouse.move(grip.x + 20, grip.y - 20, { steps: 4 });
  await page.mouse.move(target.x + 60, target.y + target.height / 2, { steps: 8 });
  await page.mouse.up();
  const there = stage('Together').locator('.part', { hasText: 'Build words with -ing' });
  await there.waitFor();
  expect(await stage('Alone').locator('.part', { hasText: 'Build words' }).count()).toBe(0);
  await page.keyboard.press('Control+z');
  await there.waitFor({ state: 'detached' });
  await desk.close();
});

test('the desk shows what is planned for this week, by its day', async () => {
  const desk = await Desk.withDemo('/');
  const { page } = desk;
  const week = page.getByRole('region', { name: 'This week' });
  await week.getByText('No lesson has a day yet.').waitFor();
  await week.getByRole('link', { name: 'Plan the week' }).click();
  await page.getByLabel('Day of Long a in the storm log').selectOption({ label: 'Thursday' });
  await page.getByText(/^Undo: Changed the day$/).waitFor();
  await desk.go('/');
  await week.getByRole('link', { name: 'Long a in the storm log' }).waitFor();
  expect(await week.getByRole('listitem').innerText()).toMatch(/Thursday|today/);
  await desk.close();
});
