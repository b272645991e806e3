import { describe, expect, test } from 'vitest';
import { completeClass } from '../../classes/new-class';
import { ownTexts } from '../../testing/own-texts';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { completeMaterial } from '../../texts/reading/text-material';
import type { ChoiceTask } from '../interactions/choice/task';
import type { MatchTask } from '../interactions/match/task';
import { makeExercise } from '../make-exercise';

const lexicon = testLexicon();
const meanings = testMeanings();
const classOf = (level: { system: 'uk' | 'us' | 'cefr'; value: string }, spelling = 'uk') =>
  completeClass({ id: 'c', name: 'C', level, step: null, spelling } as never);
const a2 = classOf({ system: 'cefr', value: 'A2' });
const make = (maker: string, body: string, parameters = {}, more = {}) =>
  makeExercise(
    {
      maker,
      words: [],
      parameters,
      seed: 2,
      reading: completeMaterial({ title: 'A text', body, ...more }),
    },
    lexicon,
    meanings,
    a2,
  );

describe('words of a text', () => {
  const body =
    'Tom held the rope and crossed the plank. Far below, the river roared. ' +
    'At last they reached the road. A letter to the capital took four days.';

  test('where two meanings fit the teacher is asked, and what she chooses is taken', () => {
    const { notes } = make('text-word-box', body);
    const ask = notes.find(({ choices }) => choices !== undefined);
    expect(ask?.text).toMatch(/^What does \w+ mean in this text\?/);
    expect(ask?.choices?.length).toBeGreaterThanOrEqual(1);
    const [first] = ask?.choices ?? [];
    const chosen = make('text-word-box', body, first?.parameters);
    const { pairs, rights } = chosen.task as MatchTask;
    const pair = pairs.find(({ word }) => ask?.word === word);
    expect(rights.find(({ id }) => id === pair?.partner)?.text).toBe(first?.label);
    expect(chosen.notes.some(({ word, choices }) => choices && word === ask?.word)).toBe(false);
  });

  test('the teacher’s own gloss comes before any other', () => {
    const { task } = make(
      'text-word-box',
      body,
      {},
      {
        glosses: [{ word: 'plank', text: 'a board to walk on' }],
      },
    );
    const { pairs, rights } = task as MatchTask;
    const pair = pairs.find(({ word }) => word === 'plank');
    expect(rights.find(({ id }) => id === pair?.partner)?.text).toBe('a board to walk on');
  });

  test('a verb with its particle is another word, and is not explained as the verb alone', () => {
    const { task } = make(
      'word-in-context',
      'He picked up the apple. She gave up. The plank broke. The rope held.',
    );
    for (const { word } of (task as ChoiceTask).items)
      expect(word).not.toMatch(/^(?:picked|gave)$/);
  });
});

describe.each(ownTexts.map((text) => [text.name, text] as const))('%s', (_, text) => {
  test('meanings are short, never hold their word, and each wrong one is another’s', () => {
    const exercise = makeExercise(
      { maker: 'word-in-context', words: [], parameters: {}, seed: 5, reading: text.material },
      lexicon,
      meanings,
      a2,
    );
    if (exercise.short !== undefined) return;
    const { items } = exercise.task as ChoiceTask;
    expect(items.length).toBeGreaterThanOrEqual(2);
    for (const { word, options, reason } of items) {
      expect(options).toHaveLength(3);
      expect(options.filter(({ right }) => right)).toHaveLength(1);
      for (const { text: meaning, right, feedback } of options) {
        expect(meaning.length).toBeLessThanOrEqual(85);
        if (right) expect(meaning.toLowerCase().split(/\W+/)).not.toContain(word.toLowerCase());
        else expect(feedback).toMatch(/^That is .+\.$|^It can mean this/);
      }
      expect(reason.toLowerCase()).toContain(word);
    }
    // In the order of the text.
    const body = text.material.body.replace(/\s+/g, ' ');
    const places = items.map(({ reason }) => body.indexOf(reason.slice(1, -1)));
    expect(places).toEqual([...places].sort((left, right) => left - right));
  });
});
