/** Every tense of a regular and of two irregular verbs, active and passive, by the names that grammars for learners use. */
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { describe as report } from '../find/sentence-report';

const lexicon = testLexicon();
const read = (sentence: string) => {
  const { tenseAspect, voice } = report(sentence, lexicon);
  return `${tenseAspect}, ${voice}`;
};

/** Tense, then the sentence told, denied and asked. */
const active: readonly (readonly [string, string, string, string])[] = [
  [
    'present simple',
    'Mina paints the gate.',
    'Mina does not paint the gate.',
    'Does Mina paint the gate?',
  ],
  [
    'present continuous',
    'Mina is painting the gate.',
    'Mina is not painting the gate.',
    'Is Mina painting the gate?',
  ],
  [
    'past simple',
    'Mina painted the gate.',
    'Mina did not paint the gate.',
    'Did Mina paint the gate?',
  ],
  [
    'past continuous',
    'Mina was painting the gate.',
    'Mina was not painting the gate.',
    'Was Mina painting the gate?',
  ],
  [
    'present perfect',
    'Mina has painted the gate.',
    'Mina has not painted the gate.',
    'Has Mina painted the gate?',
  ],
  [
    'present perfect continuous',
    'Mina has been painting the gate.',
    'Mina has not been painting the gate.',
    'Has Mina been painting the gate?',
  ],
  [
    'past perfect',
    'Mina had painted the gate.',
    'Mina had not painted the gate.',
    'Had Mina painted the gate?',
  ],
  [
    'past perfect continuous',
    'Mina had been painting the gate.',
    'Mina had not been painting the gate.',
    'Had Mina been painting the gate?',
  ],
  [
    'future will',
    'Mina will paint the gate.',
    'Mina will not paint the gate.',
    'Will Mina paint the gate?',
  ],
  [
    'future going-to',
    'Mina is going to paint the gate.',
    'Mina is not going to paint the gate.',
    'Is Mina going to paint the gate?',
  ],
];

const passive: readonly (readonly [string, string, string])[] = [
  ['present simple', 'The bread is eaten.', 'Is the bread eaten?'],
  ['present continuous', 'The bread is being eaten.', 'Is the bread being eaten?'],
  ['past simple', 'The bread was eaten.', 'Was the bread eaten?'],
  ['past continuous', 'The bread was being eaten.', 'Was the bread being eaten?'],
  ['present perfect', 'The bread has been eaten.', 'Has the bread been eaten?'],
  ['past perfect', 'The bread had been eaten.', 'Had the bread been eaten?'],
  ['future will', 'The bread will be eaten.', 'Will the bread be eaten?'],
  ['future going-to', 'The bread is going to be eaten.', 'Is the bread going to be eaten?'],
];

describe('active', () => {
  test.each(active)('%s', (tense, ...sentences) => {
    for (const sentence of sentences)
      expect([sentence, read(sentence)]).toEqual([sentence, `${tense}, active`]);
  });
});

describe('passive', () => {
  test.each(passive)('%s', (tense, ...sentences) => {
    for (const sentence of sentences)
      expect([sentence, read(sentence)]).toEqual([sentence, `${tense}, passive`]);
  });
});

describe('an irregular verb, whatever stands between its parts', () => {
  test.each([
    ['She has already written three letters.', 'present perfect, active'],
    ['They have never been to the island.', 'present perfect, active'],
    ['Have you ever seen a seal?', 'present perfect, active'],
    ['He had just begun his supper.', 'past perfect, active'],
    ['The letters were quickly written.', 'past simple, passive'],
    ['We are still waiting for the bus.', 'present continuous, active'],
    ['I have been thinking about it all week.', 'present perfect continuous, active'],
    ['The house has not yet been sold.', 'present perfect, passive'],
    ['Bread is usually baked in the morning.', 'present simple, passive'],
    ['They had often been warned.', 'past perfect, passive'],
    ['Nobody has ever found the cave.', 'present perfect, active'],
    ["She'd never flown before.", 'past perfect, active'],
    ["It's been stolen.", 'present perfect, passive'],
    ["They've been swimming.", 'present perfect continuous, active'],
    ["He's going to sing.", 'future going-to, active'],
    ["I'll have the soup.", 'future will, active'],
  ])('%s', (sentence, wanted) => expect(read(sentence)).toBe(wanted));
});

describe('what looks like a tense and is none', () => {
  test.each([
    ['The door is closed.', 'present simple'],
    ['Bram is tired of waiting.', 'present simple'],
    ['She has a painted box.', 'present simple'],
    ['He had a long sleep.', 'past simple'],
    ['They are going to the beach.', 'present continuous'],
    ['The film was boring.', 'past simple'],
    ['I was used to the noise.', 'past simple'],
    ['She used to live here.', 'past simple'],
    ['He got married in June.', 'past simple'],
  ])('%s', (sentence, tense) => expect(report(sentence, lexicon).tenseAspect).toBe(tense));
});
