/** A lesson at the board: led by a clicker, played with, seen from the teacher's window. */
import { afterAll, expect, test } from 'vitest';
import { expectNoViolations } from './axe';
import { addFromGallery, closeBrowser, Desk } from './desk';

afterAll(closeBrowser);

test('a lesson is taught at the board with a clicker; nothing of the key is there before it is opened', async () => {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.getByRole('link', { name: 'Board', exact: true }).click();
  await page.waitForURL(/board$/);
  const part = page.getByLabel('Part of the lesson');
  await part.selectOption({ label: 'Together: Write the missing /ā/ spelling' });
  await page.getByText('1 of 12 · done together').waitFor();
  const answer = page.locator('.board-question__answer');
  const words = 'lake wave day drain neighbour gale stay hail spray flake rain train'.split(' ');
  const html = await page.content();
  for (const word of words) expect(html).not.toMatch(new RegExp(`>${word}<`));
  expect(await page.title()).toBe('At the board · Wordane');
  await expectNoViolations(page, 'the board with an item');
  const seen: string[] = [];
  for (let item = 1; item <= 12; item += 1) {
    await page.getByText(new RegExp(`^${item} of 12`)).waitFor();
    expect(await answer.count()).toBe(0);
    await page.keyboard.press('PageDown');
    seen.push(await answer.innerText());
    // Of the first, which is done together, why is said as well.
    if (item === 1) {
      await page.keyboard.press('PageDown');
      await page.locator('.board-question__why').waitFor();
    }
    await page.keyboard.press('PageDown');
  }
  expect(seen.sort()).toEqual([...words].sort());
  expect(await part.locator('option:checked').innerText()).toBe('Alone: Sort the /ā/ words');

  // The board shows nothing; any step shows it again.
  await page.keyboard.press('.');
  await page.getByText('The board shows nothing.').waitFor({ state: 'attached' });
  await page.keyboard.press('PageDown');
  await page.getByText(/^1 of /).waitFor();

  // What is drawn stays in its place through a reload; the clock, a name and the cover are there on a press.
  await page.getByRole('button', { name: 'Pen', exact: true }).click();
  await page.mouse.move(300, 300);
  await page.mouse.down();
  await page.mouse.move(500, 360, { steps: 6 });
  await page.mouse.up();
  const drawn = page.locator('.board-pen path');
  expect(await drawn.count()).toBe(1);
  await page.reload();
  await drawn.waitFor();
  await page.getByRole('button', { name: 'Ask somebody' }).click();
  const first = await page.locator('.board-asked strong').innerText();
  await page.getByRole('button', { name: 'Somebody else' }).click();
  expect(await page.locator('.board-asked strong').innerText()).not.toBe(first);
  await page.getByRole('button', { name: 'Clock' }).click();
  await page.getByRole('button', { name: 'Pair 2 min' }).click();
  await page
    .getByRole('timer')
    .getByText(/1:5\d|2:00/)
    .waitFor();
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  const edge = page.getByRole('slider', { name: 'How much of the board is covered' });
  await edge.press('ArrowUp');
  expect(await edge.getAttribute('aria-valuenow')).toBe('55');
  await expectNoViolations(page, 'the board with its tools');
  // A stamp is set by a click, or in the middle and moved by keys; what is drawn stays with the lesson.
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  await page.getByRole('button', { name: 'Pen', exact: true }).click();
  await page.getByRole('button', { name: 'Stamp: Well seen' }).click();
  await page.mouse.click(240, 420);
  await page.getByRole('button', { name: 'Stamp: Look again' }).click();
  await page.getByRole('button', { name: 'Set it in the middle' }).click();
  const stamp = page.getByRole('button', { name: /^Stamp 2, Look again/ });
  const stood = await stamp.boundingBox();
  await stamp.press('ArrowLeft');
  expect((await stamp.boundingBox())?.x).toBeLessThan(stood?.x ?? 0);
  await expectNoViolations(page, 'stamps on the board');
  await stamp.press('Delete');
  await page
    .locator('.board-pens')
    .first()
    .getByRole('button', { name: 'Keep with the lesson' })
    .click();
  await page.getByText('Kept with the lesson.').first().waitFor();
  await page.evaluate(() => localStorage.clear());
  await page.reload();
  await part.selectOption({ label: 'Alone: Sort the /ā/ words' });
  await page.getByRole('button', { name: /^Stamp 1, Well seen/ }).waitFor();
  await drawn.waitFor();
  await page.getByRole('button', { name: 'Cover', exact: true }).click();
  // Over single parts: drawn, or put in the middle and moved by keys; a click opens one.
  await page.getByRole('button', { name: 'Over parts' }).click();
  const stage = await page.locator('.board-stage').boundingBox();
  if (!stage) throw new Error('no stage');
  await page.mouse.move(stage.x + 60, stage.y + 60);
  await page.mouse.down();
  await page.mouse.move(stage.x + 260, stage.y + 200, { steps: 3 });
  await page.mouse.up();
  await page.getByRole('button', { name: 'Cover the middle' }).click();
  const middle = page.getByRole('button', { name: 'Cover 2: open it' });
  const before = await middle.boundingBox();
  await middle.press('ArrowRight');
  expect((await middle.boundingBox())?.x).toBeGreaterThan(before?.x ?? 0);
  await expectNoViolations(page, 'covers over parts of the board');
  await page.getByRole('button', { name: 'Cover 1: open it' }).click();
  await expect.poll(() => page.locator('.board-area').count()).toBe(1);
  await page.getByRole('button', { name: 'Open all' }).click();
  expect(await page.locator('.board-area').count()).toBe(0);
  await page.getByRole('button', { name: 'Cover', exact: true }).click();

  // The rule of its sound comes line by line, and leads to the first item.
  await page.getByRole('button', { name: 'The rule' }).click();
  await page.getByRole('heading', { name: 'Ways to spell /ā/' }).waitFor();
  expect(await page.locator('.board-rule__line').count()).toBe(1);
  await page.keyboard.press('PageDown');
  await expect.poll(() => page.locator('.board-rule__line').count()).toBe(2);
  await expectNoViolations(page, 'a rule at the board');

  // A word that is written is taken apart at once.
  await page.getByRole('button', { name: 'Write', exact: true }).click();
  await page.getByLabel('Write on the board').fill('train');
  await page.getByRole('button', { name: 'Take words apart' }).click();
  await page.getByText('t, r, ai, n').waitFor({ state: 'attached' });
  await page.getByRole('link', { name: 'Leave the board' }).click();
  await page.waitForURL(/lessons\/[^/]+$/);
  await desk.close();
});

test('two teams play with the lesson’s own items; the teacher’s window leads the board', async () => {
  const desk = await Desk.withDemo('/lessons');
  const { page } = desk;
  await page.getByRole('link', { name: 'Long a in the storm log' }).click();
  await page.getByRole('link', { name: 'Board', exact: true }).click();
  await page
    .getByLabel('Part of the lesson')
    .selectOption({ label: 'Together: Write the missing /ā/ spelling' });
  const play = page.getByLabel('Play with its items');
  await play.selectOption({ label: 'Three in a line' });
  const take = async (square: number, right: boolean) => {
    await page.getByRole('button', { name: `Square ${square}`, exact: true }).click();
    await page.getByRole('button', { name: 'Open the answer' }).click();
    await page.locator('.board-question__answer').waitFor();
    await page.getByRole('button', { name: right ? 'Right' : 'Not yet', exact: true }).click();
  };
  await take(1, true);
  await take(5, false);
  await take(2, true);
  await take(5, true);
  await page.getByText('Suns, choose a square.').waitFor();
  await take(3, true);
  await page.getByText('Suns have 3 in a line.').waitFor();
  await expectNoViolations(page, 'three in a line');
  // A rope is pulled over by five right answers of one team, and five of the other that are not.
  await play.selectOption({ label: 'Pull the rope' });
  await expectNoViolations(page, 'a rope to pull');
  for (let turn = 0; turn < 5; turn += 1) {
    const right = turn % 2 === 0;
    await page.getByRole('button', { name: right ? 'Right' : 'Not yet', exact: true }).click();
  }
  await page.getByText('Suns have pulled it over.').waitFor();
  await play.selectOption({ label: 'Along the path' });
  await page.getByRole('button', { name: 'Throw the die' }).click();
  await page.getByText(/^Suns threw [1-6]: answer, and walk\.$/).waitFor();
  await page.getByRole('button', { name: 'Right', exact: true }).click();
  await page.getByText(/^Waves, throw the die\. Suns are at [1-6], Waves at 0, of 20\.$/).waitFor();
  await expectNoViolations(page, 'a path to walk');
  // Around the vane: where it rests, a word and what to do with it.
  await play.selectOption({ label: 'The vane' });
  await page.getByRole('button', { name: 'Turn the vane' }).click();
  await page
    .locator('.board-game__turn')
    .getByText(/^\p{L}+: \p{Lu}/u)
    .waitFor();
  expect(await page.locator('.board-vane__word--lit').count()).toBe(1);
  await expectNoViolations(page, 'a vane among words');
  await page.getByText('Other words').click();
  await page.getByLabel('Words around the vane, one a line').fill('gust\nsquall');
  await expect
    .poll(() => page.locator('.board-vane__word').allInnerTexts())
    .toEqual(['gust', 'squall']);
  await play.selectOption({ label: 'Call the words' });
  await page.getByRole('button', { name: 'Next word' }).click();
  await expectNoViolations(page, 'words to call');
  await play.selectOption({ label: 'Describe it' });
  await page.getByRole('button', { name: 'Show it' }).click();
  // The word itself, and what would give it away.
  await page.getByText(/^Not to be said: \w+, \w+/).waitFor();
  await page.getByRole('button', { name: 'Found' }).click();
  await page.getByText(/^1 found\./).waitFor();
  await play.selectOption({ label: 'Dice' });
  await page.getByText('Other words').click();
  await page.getByLabel('What to do, on the second, one a line').fill('Whisper it.');
  await page.getByLabel('Words on the first die, one a line').fill('gale');
  await page.getByRole('button', { name: 'Throw' }).click();
  await page.locator('.board-die', { hasText: 'gale' }).waitFor();
  await page.locator('.board-die', { hasText: 'Whisper it.' }).waitFor();
  await expectNoViolations(page, 'dice');
  await page.getByLabel('Words on the first die, one a line').fill('');
  await page.getByText('Write at least one.').waitFor();
  expect(await page.getByRole('button', { name: 'Throw' }).isDisabled()).toBe(true);
  await play.selectOption({ label: 'Hidden word' });
  const covers = page.locator('.board-hidden__cover');
  const before = await covers.count();
  await page.getByRole('button', { name: 'Right', exact: true }).click();
  expect(await covers.count()).toBe(before - 1);
  await page.getByRole('button', { name: 'It was said: open all' }).click();
  expect(await covers.count()).toBe(0);
  await expectNoViolations(page, 'a hidden word');

  // The second window: the key, the next part, and the same steps.
  const teacher = await desk.tab();
  await desk.go(page.url().replace(/^https?:\/\/[^/]+/, '') + '/teacher', teacher);
  await teacher.getByRole('heading', { name: /^Next: Sort the/ }).waitFor();
  await expectNoViolations(teacher, 'the teacher’s window');
  await teacher.getByRole('button', { name: 'Next', exact: true }).click();
  await page.getByText(/^1 of /).waitFor();
  await teacher.getByRole('button', { name: 'Hide the board' }).click();
  await page.getByText('The board shows nothing.').waitFor({ state: 'attached' });
  await teacher.getByRole('button', { name: 'Show the board' }).click();
  await teacher.getByRole('button', { name: 'Next', exact: true }).click();
  await page.locator('.board-question__answer').waitFor();
  await desk.close();
});

test('sentences go under the hammer: a bid wins for a right one, and loses for a wrong one', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-33');
  const { page } = desk;
  await page.locator('.paper-page').first().waitFor();
  await addFromGallery(page, 'Alone', 'Articles with place names');
  await page.getByRole('heading', { name: 'The, or no article?' }).first().waitFor();
  await desk.go('/lessons/fernhill-33/board');
  await page.getByLabel('Part of the lesson').selectOption({ label: 'Alone: The, or no article?' });
  await page.getByLabel('Play with its items').selectOption({ label: 'Auction of sentences' });
  await page.getByText(/^Sentence 1 of 10\. Is it right\?/).waitFor();
  await expectNoViolations(page, 'an auction');
  await page.getByRole('button', { name: 'Suns bid · 100 coins' }).click();
  await page.getByText('Suns bid 10.').waitFor();
  await page.getByRole('button', { name: 'Waves bid · 100 coins' }).click();
  await page.getByText('Waves bid 20.').waitFor();
  await page.getByRole('button', { name: 'Sold: open it' }).click();
  const said = await page.locator('.board-game__turn').innerText();
  expect(said).toMatch(/^(?:Right|Wrong)\. /);
  const coins = said.startsWith('Right') ? 120 : 80;
  await page.getByRole('button', { name: `Waves bid · ${coins} coins` }).waitFor();
  await page.getByRole('button', { name: 'Next sentence' }).click();
  await page.getByText(/^Sentence 2 of 10\./).waitFor();
  await desk.close();
});

test('a race and pairs at one board; what is marked in a poem comes mark by mark', async () => {
  const desk = await Desk.withDemo('/lessons/fernhill-33/board');
  const { page } = desk;
  const part = page.getByLabel('Part of the lesson');
  await part.selectOption({ label: 'Alone: Sort the /ā/ words' });
  await page.getByLabel('Play with its items').selectOption({ label: 'Quick race' });
  const suns = page.getByRole('group', { name: 'Suns' });
  const waves = page.getByRole('group', { name: 'Waves' });
  await expectNoViolations(page, 'a race at the board');
  // The word tells its spelling: by touch on one side, by keys on the other.
  const right = async () => {
    const word = await page.locator('.board-question__asked').innerText();
    return /ai/.test(word) ? 'ai' : /ay/.test(word) ? 'ay' : /a.e$/.test(word) ? 'a–e' : '';
  };
  for (let points = 0, tries = 0; points < 5 && tries < 20; tries += 1) {
    const answer = await right();
    const option = suns.getByRole('button', { name: answer, exact: true });
    if (answer === '' || (await option.count()) === 0) {
      await page.getByRole('button', { name: 'Nobody knows it: next' }).click();
      continue;
    }
    // A wrong touch waits.
    if (points === 0) {
      const wrong = answer === 'ai' ? 'ay' : 'ai';
      await waves.getByRole('button', { name: wrong, exact: true }).press('Enter');
      await waves.getByText('Wait for the next one.').waitFor();
    }
    await option.press('Enter');
    points += 1;
    if (points < 5) await suns.getByText(`Suns ${points}`).waitFor();
  }
  await page.getByText('Suns have won.').waitFor();

  await part.selectOption({ label: 'Together: Write the missing /ā/ spelling' });
  await page.getByLabel('Play with its items').selectOption({ label: 'Find the pairs' });
  await page.getByRole('button', { name: 'Card 1, closed' }).click();
  await page.getByText('Suns, turn another card.').waitFor();
  await page.getByRole('button', { name: 'Card 2, closed' }).press('Enter');
  await page.getByText(/(Waves, turn a card|Suns 1, Waves 0)/).waitFor();
  await expectNoViolations(page, 'pairs at the board');

  await desk.go('/lessons/fernhill-wind-lesson/board');
  await part.selectOption({ label: 'Show: Annotation sheet' });
  await page.getByRole('button', { name: 'What is marked' }).click();
  const lit = page.locator('.board-mark--lit');
  expect(await lit.count()).toBe(0);
  await page.keyboard.press('ArrowRight');
  await page.getByRole('heading', { name: 'rhetorical question' }).waitFor();
  expect(await lit.innerText()).toBe('Who has seen the wind?');
  await page.keyboard.press('PageDown');
  await page.getByRole('heading', { name: 'parallelism' }).waitFor();
  await expectNoViolations(page, 'what is marked in a text');
  await page.keyboard.press('ArrowLeft');
  await page.getByRole('heading', { name: 'rhetorical question' }).waitFor();
  await desk.close();
});
