/**
 * Answered on a screen: every interaction by mouse, keys and touch in a file that is opened from
 * disk with the network off; hints, cards, a test.
 */
import { afterAll, describe, expect, test } from 'vitest';
import type { Locator, Page } from 'playwright-core';
import { makeExercise } from '../core/exercises/make-exercise';
import { interactionOf, keyedItems, learnerCopy, type Task } from '../core/exercises/interactions';
import { usualBehaviour } from '../core/kernel/behaviour';
import { forLearner } from '../core/practice/for-learner';
import { printOf, readSlip } from '../core/practice/slip';
import type { TakeHome } from '../core/practice/take-home';
import { testLexicon, testMeanings } from '../core/testing/test-lexicon';
import { expectNoViolations } from './axe';
import { button, closeFiles, faults, homePage, openFile, reopen } from './home-file';

afterAll(closeFiles);

type Way = 'mouse' | 'keys' | 'touch';

const words = ['rain', 'train', 'snail', 'lake', 'snake', 'day', 'cloud', 'rainbow', 'storm'];

/** An exercise of each interaction, and of each shape that is answered in another way. */
const makers = [
  'picture-to-word',
  'missing-grapheme',
  'crossword',
  'sentence-gaps',
  'match-picture',
  'sort-by-spelling',
  'unscramble',
  'word-search',
  'underline-spelling',
  'irregular-parts',
  'trace-copy-write',
  'fluency-grid',
  'labelled-picture',
  'onset-rime-wheel',
  'relations-map',
] as const;

/** Material of exercises that the words of the file are too few for. */
const ownWords: Readonly<Record<string, readonly string[]>> = {
  'irregular-parts': ['go', 'see', 'run', 'blow'],
  'relations-map': ['hot', 'early', 'happy', 'north'],
};

const exercises = makers.map((maker) => {
  const given = [...(ownWords[maker] ?? words)];
  const made = makeExercise(
    { maker, words: given, parameters: {}, seed: 5 },
    testLexicon(),
    testMeanings(),
  );
  if (made.short !== undefined) throw new Error(`${maker}: ${made.short}`);
  return { id: maker, made, task: made.task };
});

const taskOf = (id: string): Task => exercises.find((each) => each.id === id)?.task as Task;

/** The file with all of them. */
const pageOf = (more: Partial<TakeHome> = {}, answers = true): string =>
  homePage({
    exercises: exercises.map(({ id, made, task }) => ({
      id,
      print: printOf(learnerCopy(task)),
      exercise: forLearner(made, answers),
    })),
    ...more,
  });

async function press(target: Locator, way: Way): Promise<void> {
  if (way === 'mouse') await target.click();
  else if (way === 'touch') await target.tap();
  else {
    await target.focus();
    await target.page().keyboard.press('Enter');
  }
}

/** A piece is taken up, then put: its place is named by what stands there. */
async function put(piece: Locator, target: Locator, way: Way): Promise<void> {
  await press(piece, way);
  await press(target.getByRole('button', { name: /^Put here/ }), way);
}

/** Everything answered rightly, by what is on the screen. */
async function answer(page: Page, task: Task, way: Way): Promise<void> {
  switch (task.interaction) {
    case 'choice':
      for (const [index, { options }] of task.items.entries()) {
        const right = options.find((option) => option.right)?.text ?? '';
        const item = page.locator('.play-item').nth(index);
        const radio = item.getByRole('radio', { name: right, exact: true });
        if (way === 'keys') {
          await radio.focus();
          await page.keyboard.press('Space');
        } else {
          const label = item.locator('label').filter({
            has: page.getByRole('radio', { name: right, exact: true }),
          });
          await press(label, way);
        }
      }
      return;
    case 'gap':
      if (task.crossing) {
        for (const { item, row, column, down } of task.crossing.entries) {
          const answerText = task.items.find(({ id }) => id === item)?.key ?? '';
          for (const [at, letter] of [...answerText].entries()) {
            const name = `Row ${row + 1 + (down ? at : 0)}, column ${column + 1 + (down ? 0 : at)}`;
            await page.getByRole('textbox', { name, exact: true }).fill(letter);
          }
        }
        return;
      }
      for (const [index, { pieces }] of task.items.entries()) {
        const gaps = pieces.flatMap((piece) => (piece.kind === 'gap' ? [piece.answer] : []));
        for (const [at, text] of gaps.entries()) {
          const field = page.getByRole('textbox', { name: `Item ${index + 1}, gap ${at + 1}` });
          const chip = button(page.getByRole('group', { name: 'Box to choose from' }), text);
          // What stands in the box can be tapped into the gap.
          if (way === 'touch' && (await chip.count()) === 1) {
            await field.tap();
            await chip.tap();
          } else await field.fill(text);
        }
      }
      return;
    case 'match':
      for (const [index, { partner }] of task.pairs.entries()) {
        const at = task.rights.findIndex(({ id }) => id === partner);
        const { picture, text = '' } = task.rights[at] ?? {};
        const name = picture === undefined ? text : `picture ${at + 1}`;
        const pieces = page.getByRole('region', { name: 'Partners' });
        await put(button(pieces, name), page.locator('.put-target').nth(index), way);
      }
      return;
    case 'sort':
    case 'build': {
      const pieces = task.interaction === 'sort' ? task.cards : task.pieces;
      const targets = task.interaction === 'sort' ? task.headings : task.places;
      const tray = page.locator('.put-tray');
      for (const piece of pieces) {
        const home = 'home' in piece ? piece.home : piece.place;
        const target = targets.findIndex(({ id }) => id === home);
        await put(button(tray, piece.text).first(), page.locator('.put-target').nth(target), way);
      }
      return;
    }
    case 'order':
      for (const [index, { key }] of task.items.entries()) {
        const tray = page.locator('.play-item').nth(index).getByRole('group', { name: 'Pieces' });
        for (const piece of key) await press(button(tray, piece).first(), way);
      }
      return;
    case 'spot':
      for (const { place, find } of task.items) {
        if (task.layout === 'grid') {
          for (const offset of [place[0], place.at(-1)]) {
            await press(page.locator(`[data-offset="${offset}"]`), way);
          }
        } else {
          expect(place).toHaveLength(find.length);
          for (const offset of place) {
            await press(page.locator(`[data-offset="${offset}"]`), way);
          }
        }
      }
      return;
    case 'write':
      for (const [
        index,
        { answer: text, trace, keyCells = [], cells = [] },
      ] of task.items.entries()) {
        if (trace) {
          const box = page.locator('.play-item').nth(index);
          if (way === 'keys') {
            await box.getByRole('checkbox').focus();
            await page.keyboard.press('Space');
          } else if (way === 'touch') await box.getByText('I have written it').tap();
          else {
            const pad = await box.locator('svg').first().boundingBox();
            if (pad === null) throw new Error('no pad');
            await box.scrollIntoViewIfNeeded();
            const at = (await box.locator('svg').first().boundingBox()) ?? pad;
            await page.mouse.move(at.x + at.width - 20, at.y + at.height - 8);
            await page.mouse.down();
            await page.mouse.move(at.x + at.width - 80, at.y + at.height - 20, { steps: 5 });
            await page.mouse.up();
            // A stroke that began nowhere near a letter's start is told where to begin.
            await box.getByText('Begin at the dot.').waitFor();
          }
          continue;
        }
        if (cells.length > 0) {
          const parts = keyCells.filter((_, at) => cells[at] === '');
          for (const [at, part] of parts.entries()) {
            await page
              .getByRole('textbox', { name: `Row ${index + 1}, field ${at + 1}` })
              .fill(part);
          }
          continue;
        }
        await page.locator('.play-item').nth(index).getByRole('textbox').fill(text);
      }
      return;
    case 'speak':
      for (let at = 0; at < task.items.length; at += 1) {
        await press(page.locator('.play-speak .piece').nth(at), way);
      }
      return;
    case 'point':
      for (const { word, thing } of task.items) {
        const at = task.scene.things.findIndex(({ id }) => id === thing);
        await press(button(page.getByRole('group', { name: 'Words' }), word), way);
        await press(page.locator('.play-thing').nth(at), way);
      }
  }
}

describe.each(['mouse', 'keys', 'touch'] as const)('by %s', (way) => {
  test('every interaction is answered, checked and kept, from disk with the network off', async () => {
    const page = await openFile(`${way}.html`, pageOf(), way === 'touch');
    await page.getByLabel('Who are you?').selectOption('Mina');
    await press(button(page, 'Begin'), way);
    for (const [index, { id, made, task }] of exercises.entries()) {
      await page.getByRole('heading', { level: 2, name: made.title }).waitFor();
      await answer(page, task, way);
      await press(button(page, 'Check'), way);
      const { length } = keyedItems(task);
      await expect
        .poll(() => page.locator('.play__score').first().innerText(), {
          timeout: 20_000,
          message: id,
        })
        .toMatch(new RegExp(`^${length} of ${length} right. All of it is right.`));
      if (way === 'mouse') await expectNoViolations(page, `${id} answered`);
      // What was done is there after the page is opened again.
      if (index === 2) {
        await reopen(page);
        await page.getByText('9/9').first().waitFor();
        for (let step = 0; step < index; step += 1) await press(button(page, 'Next'), way);
      }
      const last = index === exercises.length - 1;
      await press(
        page.locator('.home-foot').getByRole('button', { name: last ? 'Hand in' : 'Next' }),
        way,
      );
    }
    const slip = readSlip((await page.locator('.home-slip').innerText()).trim());
    if ('error' in slip) throw new Error(slip.error);
    expect(slip.learner).toBe('Mina');
    expect(slip.answers.map((each) => each.exercise)).toEqual([...makers]);
    for (const { exercise, response } of slip.answers) {
      const task = taskOf(exercise);
      const verdicts = interactionOf(task).mark(task, response);
      expect([exercise, verdicts.every(({ right }) => right)]).toEqual([exercise, true]);
    }
    await page.context().close();
    expect(faults).toEqual([]);
  });
});

test('a wrong answer gets a hint without the answer; after the tries the answers can be seen', async () => {
  const ing = makeExercise(
    { maker: 'build-ing', words: ['hop', 'run', 'make', 'rain'], parameters: {}, seed: 1 },
    testLexicon(),
  );
  const one = { id: 'ing', print: 'x', exercise: forLearner(ing, true) };
  const page = await openFile('hint.html', pageOf({ exercises: [one], returned: false }));
  const items = ing.task.interaction === 'gap' ? ing.task.items : [];
  const at = items.findIndex(({ word }) => word === 'run');
  const gap = page.getByRole('textbox', { name: `Item ${at + 1}, gap 1` });
  const item = page.locator('.play-item').nth(at);
  for (const tried of [1, 2]) {
    await gap.fill('runing');
    await button(page, 'Check').click();
    const hint = await item.locator('.play-said').innerText();
    expect(hint).toContain('After one short vowel the consonant is doubled before the ending.');
    expect(hint).not.toContain('running');
    expect(await button(page, 'Show the answers').count()).toBe(tried === 2 ? 1 : 0);
    if (tried === 1) await gap.fill('');
  }
  await button(page, 'Show the answers').click();
  await button(page, 'Show them').click();
  await page.locator('.play-answers').getByText('running', { exact: true }).waitFor();
  expect(await gap.isDisabled()).toBe(true);
  await button(page, 'Begin again').click();
  expect(await gap.inputValue()).toBe('');
  await page.context().close();
});

test('a test has no answer in its file; where nothing may be kept the page says so', async () => {
  const file = pageOf({ behaviour: { ...usualBehaviour, feedback: 'none' } }, false);
  const sorted = taskOf('sort-by-spelling');
  for (const { reason } of keyedItems(sorted)) {
    if (reason !== '') expect(file).not.toContain(reason);
  }
  expect(file).not.toContain('"right":true');
  const page = await openFile(
    'test.html',
    file.replace(
      '<script>',
      '<script>Object.defineProperty(window,"localStorage",{get(){throw new Error("no")}});</script><script>',
    ),
  );
  await page.getByText('This device does not let the page keep anything').waitFor();
  await page.getByLabel('Who are you?').selectOption('Ivo');
  await button(page, 'Begin').click();
  expect(await button(page, 'Check').count()).toBe(0);
  await page.context().close();
});
