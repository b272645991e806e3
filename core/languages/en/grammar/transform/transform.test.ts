import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../../../testing/test-lexicon';
import { analyseSentence, type SentenceAnalysis } from '../describe/describe-sentence';
import { tenses } from './form-change';
import { targets, transformSentence } from './transform';

const lexicon = testLexicon();
const straight = (text: string | null) => text?.replaceAll('’', "'") ?? null;
const change = (sentence: string, to: string) => transformSentence({ sentence, to }, lexicon);

// Worked by hand; the rules are those of Quirk et al. 1985 and Swan (from memory).
describe.each([
  [
    'passive',
    [
      ['My uncle grows onions.', 'Onions are grown by my uncle.'],
      ['Can you lend me your ruler?', 'Can your ruler be lent to me?'],
      ['Must we wear a uniform?', 'Must a uniform be worn?'],
      ['Who ate my porridge?', 'Who was my porridge eaten by?'],
      ['She must have taken the wrong bus.', 'The wrong bus must have been taken by her.'],
      ['I saw the thief run down the street.', 'The thief was seen to run down the street by me.'],
      [
        'If I had a dragon, I would call it Spark.',
        'If I had a dragon, it would be called Spark by me.',
      ],
    ],
  ],
  [
    'active',
    [
      ['The ring was never found.', 'Nobody ever found the ring.'],
      ['Nothing has been decided yet.', 'Nobody has decided anything yet.'],
      ['The hero is not mentioned in the book.', 'Nobody mentions the hero in the book.'],
      [
        'The exams are going to be marked by computer.',
        'Someone is going to mark the exams by computer.',
      ],
      ['When is the rubbish collected?', 'When does someone collect the rubbish?'],
      ['The town is surrounded by mountains.', 'Mountains surround the town.'],
    ],
  ],
  [
    'question',
    [
      [
        'The boy we met yesterday speaks four languages.',
        'Does the boy we met yesterday speak four languages?',
      ],
      ['Dogs that bark seldom bite.', 'Do dogs that bark seldom bite?'],
      ['Yesterday we rowed across the bay.', 'Did we row across the bay yesterday?'],
      ['Mum had her hair cut on Friday.', 'Did Mum have her hair cut on Friday?'],
      [
        'The children put on their coats and went out.',
        'Did the children put on their coats and go out?',
      ],
      ['She used to be a dancer.', 'Did she use to be a dancer?'],
      ['There must be a mistake.', 'Must there be a mistake?'],
    ],
  ],
  [
    'negative',
    [
      ['Everyone cheered.', 'Not everyone cheered.'],
      ['Somebody is knocking at the door.', 'Nobody is knocking at the door.'],
      ['I can see some birds.', "I can't see any birds."],
      ['The guests have already left.', "The guests haven't left yet."],
      [
        'Potatoes were first brought to Europe by sailors.',
        "Potatoes weren't first brought to Europe by sailors.",
      ],
    ],
  ],
  [
    'present perfect',
    [
      ['We rowed across the bay two days ago.', 'We have rowed across the bay.'],
      ['Yesterday we rowed across the bay.', 'We have rowed across the bay.'],
      [
        'The sun rises in the east and sets in the west.',
        'The sun has risen in the east and set in the west.',
      ],
      ['The floor is being swept.', 'The floor has been swept.'],
      [
        'The woman who lives upstairs plays the violin.',
        'The woman who lives upstairs has played the violin.',
      ],
    ],
  ],
  [
    'plural',
    [
      ['He was ashamed of his behaviour.', 'They were ashamed of their behaviour.'],
      ['This is my book.', 'These are my books.'],
      ['There is a spider in the bath.', 'There are spiders in the bath.'],
      ['The cat washes itself.', 'The cats wash themselves.'],
      ['The wolf ate a sheep.', 'The wolves ate a sheep.'],
    ],
  ],
  [
    'singular',
    [
      ['There are three lamps in the hut.', 'There is one lamp in the hut.'],
      ['These mice eat cheese.', 'This mouse eats cheese.'],
      ['We lost our keys.', 'I lost my keys.'],
    ],
  ],
  [
    'reported',
    [
      ['"Do you like your new hut?" Bram asked us.', 'Bram asked us if we liked our new hut.'],
      ['"I will come if you call me," he said.', 'He said that he would come if they called him.'],
      [
        '"You are late," said the guard to my sister.',
        'The guard told my sister that she was late.',
      ],
      [
        '"We saw a fox yesterday," said the twins.',
        'The twins said that they had seen a fox the day before.',
      ],
      ['"Don\'t touch the wire," the keeper told us.', 'The keeper told us not to touch the wire.'],
    ],
  ],
  [
    'full',
    [
      ["They couldn't've known.", 'They could not have known.'],
      ["I'd've gone if she'd asked.", 'I would have gone if she had asked.'],
      ["Isn't he coming?", 'Is he not coming?'],
    ],
  ],
  [
    'second conditional',
    [
      ['If she can swim, she will join us.', 'If she could swim, she would join us.'],
      ['We will get wet if it rains.', 'We would get wet if it rained.'],
    ],
  ],
  [
    'third conditional',
    [
      [
        'If he can find the key, he will open the hut.',
        'If he had been able to find the key, he would have opened the hut.',
      ],
      [
        'If it rains, we will stay in the hut.',
        'If it had rained, we would have stayed in the hut.',
      ],
    ],
  ],
] as [string, [string, string][]][])('%s', (to, rows) => {
  test.each(rows)('%s', (sentence, wanted) => {
    expect(straight(change(sentence, to).result)).toBe(wanted);
  });
});

describe('what has no such form says why', () => {
  test.each([
    ['Iron rusts if it gets wet.', 'plural', /not counted/],
    ['If nobody cut the grass, it would reach our knees.', 'plural', /clause before/],
    ['You like chocolate, don’t you?', 'passive', /question tag/],
    ['“Close your books,” said the teacher.', 'negative', /inside the quotation marks/],
    ['How cold it is!', 'question', /word order of its own/],
    ['What she wants is a puppy.', 'question', /clause of its own/],
    ['He sings and she dances.', 'question', /one at a time/],
    ['I think the storm is over.', 'passive', /clause of its own/],
    ['My grandfather was born in a village.', 'active', /no active form/],
    ['If babies are hungry, they cry.', 'past simple', /go together/],
    ['You had better hurry.', 'past perfect', /no other tense/],
    ['The cut on his knee bled a lot.', 'passive', /no object/],
  ])('%s: %s', (sentence, to, reason) => {
    const { result, refused } = change(sentence, to);
    expect(result).toBeNull();
    expect(refused).toMatch(reason);
  });
});

// A place after the object may tell which one is meant (Quirk et al. 1985, 17.1 and 15.36, from memory): both are right.
describe('a place after what it is done to', () => {
  test.each([
    [
      'The fog hid the tower above the village.',
      'The tower above the village was hidden by the fog.',
    ],
    [
      'The goat ate the flowers behind the hut.',
      'The flowers behind the hut were eaten by the goat.',
    ],
    [
      'The rain flooded the field near the school.',
      'The field near the school was flooded by the rain.',
    ],
  ])('%s: it tells which', (sentence, passive) => {
    const { result, accepted } = change(sentence, 'passive');
    expect(result).toBe(passive);
    // Where it was done is right as well: the same words with the place behind the verb.
    const [, thing = '', place = '', verb = '', by = ''] =
      /^(The \w+) (\w+ the \w+) ((?:was|were) \w+) (by .+)\.$/.exec(passive) ?? [];
    expect(accepted).toContain(`${thing} ${verb} ${place} ${by}.`);
  });

  test.each([
    ['A girl found the key under the mat.', 'The key was found under the mat by a girl.'],
    ['She hid the key behind the clock.', 'The key was hidden behind the clock by her.'],
    ['The wind blew the hats over the wall.', 'The hats were blown over the wall by the wind.'],
    ['The boys built a den behind the barn.', 'A den was built behind the barn by the boys.'],
  ])('%s: it is where it was done', (sentence, passive) => {
    expect(change(sentence, 'passive').result).toBe(passive);
  });

  test('where both can be meant both are accepted; a way that something goes is no place of it', () => {
    expect(change('A girl found the key under the mat.', 'passive').accepted).toContain(
      'The key under the mat was found by a girl.',
    );
    const { accepted } = change('The wind blew the hats over the wall.', 'passive');
    expect(accepted.join(' ')).not.toContain('hats over the wall were');
  });
});

/** What a form that was asked for looks like once it is read again. */
const has: Readonly<Record<string, (found: SentenceAnalysis) => boolean>> = {
  passive: ({ voice }) => voice === 'passive',
  active: ({ voice }) => voice === 'active',
  question: ({ type }) => type === 'interrogative',
  statement: ({ type }) => type === 'declarative',
  'first conditional': ({ conditional }) => conditional === 'first',
  'second conditional': ({ conditional }) => conditional === 'second',
  'third conditional': ({ conditional }) => conditional === 'third',
  ...Object.fromEntries(
    tenses.map((tense) => [tense, ({ tenseAspect }: SentenceAnalysis) => tenseAspect === tense]),
  ),
};

test('a changed sentence, read again, has the form that was asked for', () => {
  // All labelled sentences that are whole, in every form they have: a few are spelled alike in two forms.
  const sentences = ['tuning', 'second', 'third', 'fourth', 'fifth'].flatMap((file) =>
    readFileSync(new URL(`../testing/${file}.tsv`, import.meta.url), 'utf8')
      .trimEnd()
      .split('\n')
      .map((row) => row.split('\t'))
      .filter((row) => row[5] === 'complete')
      .map(([sentence = '']) => sentence),
  );
  const wrong: string[] = [];
  let made = 0;
  for (const sentence of sentences) {
    for (const [to, fits] of Object.entries(has)) {
      const { result } = change(sentence, to);
      if (result === null) continue;
      made += 1;
      if (!fits(analyseSentence(result, lexicon))) wrong.push(`${to}: ${result}`);
    }
  }
  expect(made).toBeGreaterThan(4500);
  expect(wrong.length / made, wrong.slice(0, 20).join('\n')).toBeLessThan(0.01);
});

test('whatever is written, there is a result or a reason, and never both', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string({ maxLength: 60 }),
        fc
          .array(
            fc.constantFrom(
              'the',
              'wind',
              'blows',
              'if',
              'is',
              'not',
              'closed',
              'by',
              ',',
              'who',
              '“',
              '”',
              '?',
              '.',
            ),
            {
              maxLength: 14,
            },
          )
          .map((words) => words.join(' ')),
      ),
      fc.constantFrom(...targets),
      (sentence, to) => {
        const { result, refused } = change(sentence, to);
        expect(result === null).toBe(refused !== undefined);
        if (result !== null) expect(result.trim()).not.toBe('');
      },
    ),
    { numRuns: 1000, seed: 20261125 },
  );
});
