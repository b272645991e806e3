import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { describe as report } from '../find/sentence-report';

const lexicon = testLexicon();
const partsOf = (sentence: string) =>
  report(sentence, lexicon).parts.map(({ name, text }) => `${name}: ${text}`);

// Who, did what, to whom, where, when, why: school grammar (common practice).
describe('the parts of a sentence', () => {
  test.each([
    [
      'The nurse gave the patient a glass of water at noon.',
      'subject: The nurse|verb: gave|to whom: the patient|object: a glass of water|when: at noon',
    ],
    [
      'Bram tied the boat to the wall because the wind was strong.',
      'subject: Bram|verb: tied|object: the boat|where: to the wall|why: because the wind was strong',
    ],
    [
      'Every morning two members read the gauge on the hill.',
      'when: Every morning|subject: two members|verb: read|object: the gauge|where: on the hill',
    ],
    [
      'The gate was closed by Asha yesterday.',
      'subject: The gate|verb: was closed|agent: by Asha|when: yesterday',
    ],
    [
      'In the hut the lamp burned brightly.',
      'where: In the hut|subject: the lamp|verb: burned|how: brightly',
    ],
    [
      'Mina sent a letter to her aunt.',
      'subject: Mina|verb: sent|object: a letter|to whom: to her aunt',
    ],
    [
      'Where did the club find the old map?',
      'where: Where|subject: the club|verb: did the club find|object: the old map',
    ],
    ['She became a doctor.', 'subject: She|verb: became|complement: a doctor'],
    [
      'The man who lives next door repaired our roof last week.',
      'subject: The man who lives next door|verb: repaired|object: our roof|when: last week',
    ],
    [
      'Zeb ran up the hill to ring the bell.',
      'subject: Zeb|verb: ran|where: up the hill|why: to ring the bell',
    ],
    ['My uncle grows beans.', 'subject: My uncle|verb: grows|object: beans'],
    ['You need to water the plants.', 'subject: You|verb: need|object: to water the plants'],
  ])('%s', (sentence, wanted) => {
    expect(partsOf(sentence).join('|')).toBe(wanted);
  });

  test('every part is a stretch of the sentence, and none but the verb overlaps another', () => {
    const sentence = 'After lunch the twins carried the old ladder up the hill for their aunt.';
    const { parts } = report(sentence, lexicon);
    for (const { name, start, end, text } of parts)
      if (name !== 'verb') expect(sentence.slice(start, end)).toBe(text);
    const ordered = [...parts].sort((left, right) => left.start - right.start);
    ordered
      .slice(1)
      .forEach((part, at) => expect(part.start).toBeGreaterThanOrEqual(ordered[at]?.end ?? 0));
  });
});
