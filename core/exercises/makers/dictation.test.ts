/** Sentences that are dictated, word by word. */
import { describe, expect, test } from 'vitest';
import { asHints } from '../../practice/hint';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { markTask } from '../interactions';
import { makeExercise } from '../make-exercise';

const [lexicon, meanings] = [testLexicon(), testMeanings()];
const said = ['The wind blew all night.', 'Their tent fell on the hill.', 'Rain fell hard.'];
const { task } = makeExercise(
  {
    maker: 'dictation',
    words: ['wind', 'tent', 'rain'],
    parameters: { dictate: 'sentences', sentences: said, shuffle: false },
    seed: 1,
  },
  lexicon,
  meanings,
);
if (task.interaction !== 'write') throw new Error('It is written.');
const { items } = task;
const wrote = (...answers: string[]) =>
  Object.fromEntries(items.map(({ id }, at) => [id, answers[at] ?? '']));

describe('a dictation of sentences', () => {
  test('has the sentences that were given', () => {
    expect(items.map(({ answer }) => answer)).toEqual(said);
  });

  test('says what was heard for what, what was left out and what was added', () => {
    const mark = markTask(
      task,
      wrote('The win blew night.', 'There tent fell on the the hill.', 'Rain fell hard.'),
    );
    expect(mark.verdicts.map(({ reason, right }) => (right ? 'right' : reason))).toEqual([
      '“win” for “wind”; left out: “all”',
      '“there” for “their”; added: “the”',
      'right',
    ]);
  });

  test('tells nothing of it before the answers are shown', () => {
    const { verdicts } = markTask(task, wrote('The win blue all nite', 'Tent fell on the hill.'));
    expect(asHints(verdicts, task).map(({ reason }) => reason)).toEqual([
      '2 words are right, 3 are others. Listen again, part by part.',
      '5 words are right, 1 is missing. Listen again, part by part.',
      'Nothing is here yet.',
    ]);
    const [marks] = asHints(markTask(task, wrote('the wind blew all night')).verdicts, task);
    expect(marks?.reason).toBe('All words are right. Look at the marks and the capitals.');
  });
});
