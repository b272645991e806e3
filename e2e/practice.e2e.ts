/** How practice behaves in a file at home: cards in all their ways, hints, rounds, one by one, at the end. */
import { afterAll, expect, test } from 'vitest';
import type { Locator, Page } from 'playwright-core';
import { makeExercise } from '../core/exercises/make-exercise';
import type { Exercise } from '../core/exercises/making/exercise';
import { usualBehaviour, type Behaviour } from '../core/kernel/behaviour';
import { forLearner } from '../core/practice/for-learner';
import { testLexicon, testMeanings } from '../core/testing/test-lexicon';
import { expectNoViolations } from './axe';
import { button, closeFiles, faults, homePage, openFile } from './home-file';

afterAll(closeFiles);

const words = ['rain', 'lake', 'storm', 'cloud'];

function opened(name: string, exercise: Exercise, behaviour: Partial<Behaviour> = {}) {
  const one = {
    id: name,
    print: 'x',
    exercise: forLearner(exercise, true),
    behaviour: { ...usualBehaviour, ...behaviour },
  };
  return openFile(`${name}.html`, homePage({ exercises: [one], returned: false }));
}

const made = (maker: string, parameters = {}, given = words) =>
  makeExercise({ maker, words: given, parameters, seed: 1 }, testLexicon(), testMeanings());

function cardsOfWeather(parameters = {}) {
  const translations = ['la lluvia', 'el lago', 'la tormenta', 'la nube'];
  const beside = Object.fromEntries(
    words.map((word, at) => [word, { translation: translations[at] ?? '' }]),
  );
  const cards = made('two-sided-cards', { beside, ...parameters });
  if (cards.task.interaction !== 'match') throw new Error('no cards');
  const { pairs, rights } = cards.task;
  const backs = new Map(
    pairs.map(({ left, partner }) => [
      left.text,
      rights.find(({ id }) => id === partner)?.text ?? '',
    ]),
  );
  return { cards, backs };
}

const front = (page: Page) => page.locator('.play-card > span').first().innerText();
const known = (page: Page, count: number) =>
  page.getByText(`Known: ${count} of 4.`, { exact: true }).last().waitFor();

test('cards are turned and come again until they are known; what is hard is marked, and comes on its day', async () => {
  const { cards } = cardsOfWeather();
  const page = await opened('cards-turned', cards);
  await button(page, 'Turn the card').click();
  await expectNoViolations(page, 'a card');
  await button(page, 'Hard').click();
  await button(page, 'Not yet').click();
  await page.getByText('It comes again.').waitFor();
  for (let count = 1; count <= 4; count += 1) {
    await button(page, 'Turn the card').click();
    await button(page, 'I knew it').click();
    await known(page, count);
  }
  await page.getByText('All cards are known.').waitFor();
  // What is kept of the cards is there after a reload.
  await page.reload();
  const some = page.getByRole('combobox', { name: 'All cards' });
  await some.selectOption('due');
  await page.getByText('Nothing is due today.').waitFor();
  await some.selectOption('hard');
  await button(page, 'Turn the card').click();
  await button(page, 'I knew it').click();
  await page.getByText('All cards are known.').waitFor();
  await page.context().close();
});

test('cards are typed, chosen, found in pairs and tested, and either side may be first', async () => {
  const { cards, backs } = cardsOfWeather();
  const page = await opened('cards-ways', cards);
  const field = page.getByRole('textbox', { name: 'What stands on the other side' });
  await button(page, 'Type').click();
  await field.fill('xyz');
  await button(page, 'Check').click();
  // What was typed stands beside what is on the card.
  const card = await page.locator('.play-card').innerText();
  expect(card).toContain('xyz');
  expect(card).toContain(backs.get(await front(page)));
  await button(page, 'Next').click();
  for (let count = 1; count <= 4; count += 1) {
    await field.fill(backs.get(await front(page)) ?? '');
    await field.press('Enter');
    await known(page, count);
  }
  await button(page, 'Choose').click();
  await button(page, 'Other side first').click();
  const fronts = new Map([...backs].map(([one, other]) => [other, one]));
  for (let count = 1; count <= 4; count += 1) {
    await button(page, fronts.get(await front(page)) ?? '').click();
  }
  await page.getByText('All cards are known.').waitFor();
  // The tiles are shuffled by the time of day: a fixed one lays them out the same in every run,
  // and not so that a turn from left to right finds all pairs by luck.
  await page.clock.setFixedTime(new Date('2026-03-02T09:00:00Z'));
  await button(page, 'Pairs').click();
  const tiles = page.locator('.play-tile');
  expect(await tiles.count()).toBe(8);
  await expectNoViolations(page, 'pairs of cards');
  const texts: string[] = [];
  for (let at = 0; at < 8; at += 1) {
    await tiles.nth(at).click();
    texts.push(await tiles.nth(at).innerText());
  }
  for (const [at, text] of texts.entries()) {
    const other = texts.indexOf(backs.get(text) ?? '');
    if (other < 0) continue;
    // A turned tile lies open still: it is turned back by the next one.
    for (const each of [at, other]) {
      // Its other half may have lain open: then one turn has ended the game.
      const there = (await tiles.count()) > 0;
      if (there && (await tiles.nth(each).isEnabled())) await tiles.nth(each).click();
    }
  }
  await page.locator('.play-card--done').waitFor();
  await button(page, 'Quick test').click();
  const fields = page.getByRole('textbox');
  await fields.first().fill('wrong');
  await button(page, 'I am done').click();
  await page.getByText('0 of 4 right.').waitFor();
  await page.context().close();
});

test('a side in another language is marked as such, and its own letters are offered', async () => {
  const { cards, backs } = cardsOfWeather({ front: 'en', back: 'es' });
  const page = await opened('cards-languages', cards);
  await button(page, 'Type').click();
  expect(await page.locator('.play-card > span').first().getAttribute('lang')).toBe('en');
  await button(page, 'ñ').waitFor();
  const field = page.getByLabel('What stands on the other side');
  const answer = backs.get(await front(page)) ?? '';
  await field.fill(answer.slice(0, -1));
  await button(page, 'ñ').click();
  expect(await field.inputValue()).toBe(`${answer.slice(0, -1)}ñ`);
  await button(page, 'Check').click();
  expect(await page.locator('.play-card [lang="es"]').innerText()).toBe(answer);
  await expectNoViolations(page, 'cards in two languages');
  await page.context().close();
});

const gap = (page: Page, item: number) =>
  page.getByRole('textbox', { name: `Item ${item}, gap 1`, exact: true });

const ing = () => made('build-ing', {}, ['hop', 'run', 'make', 'rain']);
const answersOfIng = () => {
  const { task } = ing();
  return task.interaction === 'gap' ? task.items.map(({ key }) => key) : [];
};

test('marked once at the end: no word before, then all of it, and a round of what was wrong until it is right', async () => {
  const page = await opened('at-the-end', ing(), { feedback: 'end', pass: 75, clock: true });
  const [first = '', , third = ''] = answersOfIng();
  await gap(page, 1).fill(first);
  await gap(page, 3).fill(third);
  expect(await page.locator('.play-said').count()).toBe(0);
  expect(await page.getByRole('timer').innerText()).toMatch(/^\s*\d+:\d\d$/);
  await button(page, 'I am done').click();
  await page.getByText('2 of 4 right.').waitFor();
  await page.getByText('To pass: 3 of 4.').waitFor();
  expect(await gap(page, 1).isDisabled()).toBe(true);
  await button(page, 'Practise what was wrong').click();
  const round = page.getByRole('region', { name: 'Practise what was wrong' });
  expect(await round.getByRole('textbox').count()).toBe(2);
  const [, second = '', , fourth = ''] = answersOfIng();
  await round.getByRole('textbox').nth(0).fill(second);
  await round.getByRole('textbox').nth(1).fill(fourth);
  await button(round, 'Check').click();
  await round.getByText('2 of 2 right.').waitFor();
  await page.context().close();
});

test('marked at once: a word counts when its field is left', async () => {
  const page = await opened('at-once', ing(), { feedback: 'once' });
  const [first = ''] = answersOfIng();
  await gap(page, 1).pressSequentially(first.slice(0, 3));
  expect(await page.locator('.play-said').count()).toBe(0);
  await gap(page, 1).fill(first);
  await gap(page, 2).focus();
  await page.locator('.play-item').first().getByText('Right', { exact: true }).waitFor();
  expect(await button(page, 'Check').count()).toBe(0);
  await page.context().close();
});

test('one item at a time keeps its number, and all are marked', async () => {
  const page = await opened('one-by-one', ing(), {
    oneByOne: true,
    messages: ['Every drop counted!', '', '', ''],
  });
  for (const [index, answer] of answersOfIng().entries()) {
    expect(await page.locator('.play-item').count()).toBe(1);
    await gap(page, index + 1).fill(answer);
    if (index < 3) await button(page, 'Next').click();
  }
  await button(page, 'Check').click();
  await page.getByText('4 of 4 right. Every drop counted!').waitFor();
  await page.context().close();
});

test('a hint can be asked for first, and leads back to its place in what is read', async () => {
  const exercise = made('match-meaning');
  const reading = {
    title: 'The dial',
    body: 'Mina shut the door.\nOmar read the dial at four.\nThe rain began at night.',
  };
  const task = {
    interaction: 'choice' as const,
    items: [
      {
        id: 'q1',
        word: 'dial',
        prompt: 'Who read the dial?',
        options: [
          { id: 'a', text: 'Omar', right: true },
          { id: 'b', text: 'Mina', right: false },
        ],
        reason: 'The text says: “Omar read the dial at four.”',
      },
    ],
  };
  const one = {
    id: 'reading',
    print: 'x',
    exercise: { ...forLearner({ ...exercise, task }, true), reading },
    behaviour: { ...usualBehaviour, hints: 'first' as const },
  };
  const page = await openFile('hint-first.html', homePage({ exercises: [one], returned: false }));
  await button(page, 'Hint').click();
  // The reason has the answer in it: the place is shown, the reason is not.
  expect(await page.locator('.play-hint').innerText()).not.toContain('Omar');
  await button(page, 'Look in the text').click();
  expect(await page.locator('.play-place').innerText()).toBe('Omar read the dial at four.');
  await expectNoViolations(page, 'a hint');
  await page.context().close();
  expect(faults).toEqual([]);
});

test('three sentences are written by one switch; the keyboard stays alive beside it', async () => {
  const page = await opened('words-chosen', made('writing-bank'), { feedback: 'end' });
  // A clock that stands until it is moved: the light must not go on while this test looks.
  await page.clock.install();
  await page.getByRole('button', { name: 'Choose the words' }).click();
  const bank = page.getByRole('group', { name: 'Item 1: choose words' });
  await bank.getByRole('button', { name: 'How I choose' }).click();
  await expectNoViolations(page, 'words to choose from');
  await bank.getByLabel('I choose').selectOption('one');
  await bank.getByLabel('The light stays').selectOption('600');
  await bank.getByLabel('It goes through').selectOption('5');
  await page.clock.pauseAt((await page.evaluate(() => Date.now())) + 1000);
  /** Until what was set by the clock is drawn: React draws by messages, in their order. */
  const drawn = async () => {
    for (let turn = 0; turn < 2; turn += 1) {
      await page.evaluate(
        () =>
          new Promise((done) => {
            const { port1, port2 } = new MessageChannel();
            port1.onmessage = done;
            port2.postMessage('');
          }),
      );
    }
  };
  for (const item of [1, 2, 3]) {
    const group = page.getByRole('group', { name: `Item ${item}: choose words` });
    // What is set for one bank is set on the device.
    if (item > 1) {
      await group.getByRole('button', { name: 'How I choose' }).click();
      await group.getByLabel('I choose').selectOption('one');
    }
    /** The light moves on until it is there. */
    const until = async (lit: Locator) => {
      for (let steps = 0; steps < 60 && (await lit.count()) === 0; steps += 1) {
        await page.clock.runFor(600);
        await drawn();
      }
      await lit.waitFor();
    };
    /** Presses the one switch when the row is lit, and again when the word is. */
    const choose = async (row: string, word: string) => {
      const of = group.getByRole('group', { name: row, exact: true });
      await until(of.and(page.locator('.choose-row--lit')));
      await page.keyboard.press('Space');
      await until(of.locator('.choose-cell--lit', { hasText: word }));
      await page.keyboard.press('Space');
    };
    await group.getByRole('button', { name: 'Begin' }).focus();
    await page.keyboard.press('Space');
    await choose('Who', 'we');
    await choose('Doing', 'like');
    await choose('Small words', 'this');
    await choose('End, take back, hear', '.');
    await group.getByText('We like this .').waitFor();
  }
  const field = page.getByLabel(/^Item 1: /).and(page.locator('textarea'));
  expect(await field.inputValue()).toBe('We like this.');
  await field.fill('We like this day.');
  await bank.getByText('We like this day .').waitFor();
});
