import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { findFaults } from './find-faults';

const lexicon = testLexicon();
const shown = (text: string) =>
  findFaults(text, lexicon).map(
    ({ start, end, name, offer = '' }) => `${name}: ${text.slice(start, end)} > ${offer}`,
  );

// Each pair is a fault that courses of English warn of (common practice), and a right
// sentence as near to it as can be.
describe.each([
  ['She is learning spanish.', 'capital letter: spanish > Spanish', 'She is learning Spanish.'],
  ['Each of the players need a shirt.', 'agreement: need > ', 'Each of the players needs a shirt.'],
  ['Mathematics are hard.', 'agreement: are > is', 'Mathematics is hard.'],
  ['The tree lost all it’s leaves.', 'apostrophe: it’s > its', 'The tree lost all its leaves.'],
  [
    'The childrens’ coats are wet.',
    'apostrophe: childrens’ > children’s',
    'The children’s coats are wet.',
  ],
  [
    'We bought six apple’s at the farm.',
    'apostrophe: apple’s > apples',
    'We bought six apples at the farm.',
  ],
  ['It is due in two days time.', 'apostrophe: days > days’', 'It is due in two days’ time.'],
  ['We swam in the see all day.', 'homophone: see > sea', 'We swam in the sea all day.'],
  ['The hole class laughed.', 'homophone: hole > whole', 'The whole class laughed.'],
  [
    'A peace of the vase is missing.',
    'homophone: peace > piece',
    'A piece of the vase is missing.',
  ],
  [
    'Give me an advice about it.',
    'article: an advice > some advice',
    'Give me some advice about it.',
  ],
  ['My cousin plays the chess well.', 'article: the > ', 'My cousin plays chess well.'],
  ['Lena works as engineer.', 'article: engineer > an engineer', 'Lena works as an engineer.'],
  ['I like very much grapes.', 'word order: very much > ', 'I like grapes very much.'],
  ['Always we eat at noon.', 'word order: Always we > ', 'We always eat at noon.'],
  ['He speaks well English.', 'word order: well > ', 'He speaks English well.'],
  [
    'It is enough warm for a swim.',
    'word order: enough warm > warm enough',
    'It is warm enough for a swim.',
  ],
  ['Please turn off it.', 'word order: off it > it off', 'Please turn it off.'],
  ['He is most tallest.', 'comparison: most tallest > tallest', 'He is the tallest.'],
  ['Did you saw the heron?', 'verb form: saw > ', 'Did you see the heron?'],
])('%s', (faulty, fault, right) => {
  test('is found', () => {
    expect(shown(faulty)).toContain(fault);
  });

  test(`and not ${right}`, () => {
    const name = fault.slice(0, fault.indexOf(':'));
    expect(shown(right).filter((each) => each.startsWith(`${name}:`))).toEqual([]);
  });
});
