/**
 * Changes of sentences against sets whose keys were written by hand and not by
 * this code (data/sentences): reported speech, the passive, the four types, the
 * types of conditionals.
 */
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import {
  conditionals,
  listed,
  passives,
  reportedSet,
  typeSets,
} from '../../sentence-sets/sentence-sets';
import { analyseSentence } from '../describe/describe-sentence';
import { questionTag } from './question-tag';
import { transformSentence } from './transform';

const lexicon = testLexicon();
const change = (sentence: string, to: string) =>
  transformSentence({ sentence, to, spelling: 'uk' }, lexicon);
const plain = (text: string) => text.replace(/[“”]/g, '"').replaceAll('’', "'");

/** Of keys written by hand, those that the change does not give. */
function missed(
  rows: readonly { readonly from: string; readonly keys: readonly string[] }[],
  to: string,
) {
  return rows.flatMap(({ from, keys }) => {
    const { result, accepted, sure } = change(from, to);
    const made = result === null || !sure ? [] : [result, ...accepted].map(plain);
    return made.some((text) => keys.map(plain).includes(text)) ? [] : [`${from} → ${result}`];
  });
}

describe('keys written by hand', () => {
  test('reported speech: every one of sixty', () => {
    const rows = reportedSet.map(({ direct, reported, others }) => ({
      from: direct,
      keys: [reported, ...listed(others)],
    }));
    expect(rows.length).toBeGreaterThanOrEqual(60);
    expect(missed(rows, 'reported')).toEqual([]);
  });

  test('the passive: all but two, and none where there is none', () => {
    const none = passives.filter(({ passive }) => passive === '' || passive === 'none');
    for (const { active } of none) expect(change(active, 'passive').result, active).toBeNull();
    const rows = passives
      .filter((row) => !none.includes(row))
      .map(({ active, passive, others }) => ({ from: active, keys: [passive, ...listed(others)] }));
    expect(missed(rows, 'passive').length).toBeLessThanOrEqual(2);
  });

  test('statements become questions and negatives, and are read as such', () => {
    for (const { statement } of typeSets) {
      const question = change(statement, 'question').result ?? '';
      expect(analyseSentence(question, lexicon).type, question).toBe('interrogative');
      const negative = change(statement, 'negative').result ?? '';
      expect(analyseSentence(negative, lexicon).main?.group.negative, negative).toBe(true);
    }
  });

  test('the types of sentences: 236 of 240 read as they were written', () => {
    const wrong = typeSets.flatMap(({ statement, question, command, exclamation }) =>
      (
        [
          [statement, 'declarative'],
          [question, 'interrogative'],
          [command, 'imperative'],
          [exclamation, 'exclamatory'],
        ] as const
      ).filter(([text, type]) => analyseSentence(text, lexicon).type !== type),
    );
    expect(wrong.length, wrong.join('\n')).toBeLessThanOrEqual(4);
  });

  test('the types of conditionals: all but five of 159', () => {
    const wrong = conditionals.filter(({ type, condition, result }) => {
      const text = `${condition.charAt(0).toUpperCase()}${condition.slice(1)}, ${result}.`;
      return analyseSentence(text, lexicon).conditional !== type;
    });
    expect(wrong.length).toBeLessThanOrEqual(5);
  });
});

describe('what hangs together is not torn', () => {
  test.each([
    ['The captain shouted, and the sailors tied up the ship.', 'passive'],
    ['The shop had closed, so we had to cook something ourselves.', 'negative'],
    ['The family left the city and settled in a village.', 'negative'],
    ['I have a cold, so I’m feeling a bit below par.', 'plural'],
    ['Our neighbour is a jolly man who always jokes and laughs.', 'plural'],
    ['The sailor threw a coil of rope that unwound in the air.', 'present simple'],
    ['He showed restraint and did not answer the insult.', 'past continuous'],
  ])('%s has no %s, with a reason', (sentence, to) => {
    const { result, refused } = change(sentence, to);
    expect(result).toBeNull();
    expect(refused).toMatch(/ /);
  });
});

// The tag repeats the auxiliary and the pronoun, with the other sign (common practice; Swan,
// Practical English Usage, “question tags”, from memory).
describe('question tags', () => {
  const isLiving = (noun: string) => noun === 'butcher';
  test.each([
    ['It is cold.', "isn't it"],
    ['You can’t swim.', 'can you'],
    ['The waves left white foam on the sand.', "didn't they"],
    ['My aunt has two cats.', "doesn't she"],
    ['I am late.', "aren't I"],
    ['Everybody knows the way.', "don't they"],
    ['Nobody called.', 'did they'],
    ['There was snow on the hill.', "wasn't there"],
    ['We rarely eat out.', 'do we'],
    ['Those are your boots.', "aren't they"],
    ['She will help us.', "won't she"],
    ['Oil and water do not mix.', 'do they'],
  ])('%s %s?', (sentence, tag) => {
    const found = questionTag(sentence, analyseSentence(sentence, lexicon), isLiving);
    expect(found && plain(found.tag)).toBe(tag);
  });

  test.each([
    'The butcher cut the meat.', // he or she
    'He’s gone.', // is or has
    'Shut the door.',
    'Where is it?',
    'The fire was no accident.', // some say wasn’t it, some was it
    'This cup is dirty. Please bring me another one.', // two sentences
    'With no map, the sailors headed for unknown lands.', // no, but not of the verb
    'Telling lies can spoil a good friendship.', // it, though the lies are they
  ])('%s has none that is sure', (sentence) => {
    expect(questionTag(sentence, analyseSentence(sentence, lexicon), isLiving)).toBeUndefined();
  });
});
