import { describe, expect, test } from 'vitest';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { proses } from '../../testing/texts';
import { completeMaterial } from '../../texts/reading/text-material';
import { catalogue } from '../catalogue';
import { makeExercise } from '../make-exercise';
import { interactionOf, keyedItems, learnerCopy, markTask, type Task } from './index';

const lexicon = testLexicon();
const meanings = testMeanings();
const words = 'rain train snail lake snake day play wave rainbow umbrella hop hope'.split(' ');
const beside = Object.fromEntries(words.map((word) => [word, { translation: `<${word}>` }]));

const made = (id: string) =>
  makeExercise(
    {
      maker: id,
      words,
      parameters: { beside },
      seed: 5,
      reading: completeMaterial(proses[0] ?? 'It rained. Mina ran home.'),
    },
    lexicon,
    meanings,
  );

/** The ids of the items, whatever the interaction calls them. */
const ids = (task: Task) => keyedItems(task).map(({ id }) => id);

/** What can be done to paper only. */
const paperOnly =
  /\b(cut|glue|fold|underline|dot to dot|draw a line|face down|print on|ring it|pin)\b/i;

describe.each(catalogue.map(({ id }) => id))('the learner’s copy of %s', (id) => {
  const { task, instruction, screenInstruction } = made(id);
  const copy = learnerCopy(task);
  const interaction = interactionOf(task);

  test('is given in words that can be done on a screen', () => {
    expect(screenInstruction).not.toMatch(paperOnly);
    if (!paperOnly.test(instruction)) expect(screenInstruction).not.toBe('');
  });

  test('has the same items, and is marked against the whole', () => {
    expect(ids(copy)).toEqual(ids(task));
    const key = interaction.keyOf(task);
    const mark = markTask(task, key);
    // A free text without a model answer has no key that its own checks would pass.
    const free =
      task.interaction === 'write' &&
      task.items.every((item) => item.open && item.checks && item.answer === '');
    expect(mark.score).toBe(free ? 0 : mark.outOf);
    expect(mark.verdicts.map(({ item }) => item)).toEqual(ids(task));
  });

  test('gives no answer and no reason away', () => {
    for (const { answer, accepted, reason } of keyedItems(copy)) {
      // What is traced is shown; what is ringed on a picture is asked for by its word.
      const shown =
        copy.interaction === 'point' ||
        (copy.interaction === 'write' && copy.items.some((item) => item.trace));
      if (!shown) expect(['', 'own answer']).toContain(answer);
      expect(accepted).toEqual([]);
      expect(reason).toBe('');
    }
  });

  test('answers of nothing are wrong, each with what was asked and expected', () => {
    const { verdicts, score } = markTask(task, {});
    expect(score).toBe(0);
    for (const verdict of verdicts) {
      expect(verdict).toMatchObject({ right: false, score: 0, outOf: 1, given: '' });
      expect(verdict.asked + verdict.expected).not.toBe('');
    }
  });
});
