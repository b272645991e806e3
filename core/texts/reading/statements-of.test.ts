import { describe, expect, test } from 'vitest';
import { testLexicon } from '../../testing/test-lexicon';
import { findItQuestions } from './find-it-questions';
import { openPassage } from './passage';
import { statementsOf } from './statements-of';
import { completeMaterial } from './text-material';

const lexicon = testLexicon();
const passage = (body: string) => openPassage(completeMaterial(body), lexicon);
const told = (body: string) => statementsOf(passage(body), lexicon).map(({ text }) => text);
const asked = (body: string) =>
  findItQuestions(passage(body), lexicon).map(({ question, answer }) => `${question} ${answer}.`);

describe('whom a pronoun means', () => {
  test.each([
    ['Mina took the kite. She ran down the hill.', 'Mina ran down the hill.'],
    ['The bees work all day. They use wax.', 'The bees use wax.'],
    ['Daniel Okoro moved to Leeds. He studied English.', 'Daniel Okoro studied English.'],
    ['Her brother Bram came too. He carried the bag.', 'Bram carried the bag.'],
    ['The gate fell. It broke the fence.', 'The gate broke the fence.'],
  ])('%s', (body, last) => {
    expect(told(body).at(-1)).toBe(last);
  });

  test.each([
    'Mina met Asha. She lost her hat.', // either of them
    'The woman waved. Mina ran home. She wrote a letter.',
    'The dogs chased the cats. They went home.', // either of them
    'The woman gave the children warm rolls. They went home.', // rolls do not walk
    'It rained. They went home.', // nobody was named
    'The hut feels every wind that blows. They went home.', // one wind does not go anywhere
    '“I am cold,” said Bram.', // speech
    'Is the gate open? Shut it.',
  ])('%s: nothing is made of what is not sure', (body) => {
    expect(told(body).some((text) => /lost|wrote|went|cold|open/.test(text))).toBe(false);
  });

  // Each was wrong on texts that the rules had not been written with.
  test.each([
    ['Tomas held the rope while Kofi climbed up. He straightened the tail.', /straightened/],
    [
      'A cat lived in the lighthouse. The keeper called her Pepper. She caught mice. One night Pepper jumped on the bed. They gave Pepper a salmon.',
      /caught/,
    ],
    ['Pepper jumped on the keeper’s bed. He woke at once.', /woke/],
    ['In May swifts return to Europe and build their nests under roofs.', /^And/],
    ['Frogs, ducks and dragonflies moved in.', /^Ducks/],
  ])('%s: nothing is made of it', (body, wrong) => {
    expect(told(body).filter((text) => wrong.test(text))).toEqual([]);
  });

  test('a second verb has the subject said again', () => {
    expect(told('The children sat on a rock and ate six plums.')).toEqual([
      'The children sat on a rock.',
      'The children ate six plums.',
    ]);
  });

  test('a name after a word of time is no part of it', () => {
    const [statement] = statementsOf(
      passage('In the evening Mina mended the tail with ribbon.'),
      lexicon,
    );
    expect(statement?.subject.text).toBe('Mina');
  });
});

describe('what a part of a sentence does not answer', () => {
  test.each([
    ['The wind was strong that morning.', /^When was the wind/],
    ['In September the cook made soup from the carrots.', /^Where did the cook make/],
    ['Mina ran up the hill with her new kite.', /^How did Mina run/],
    ['A man with a violin plays from seven to ten.', /^When does a man/],
    ['The class started a test on road signs.', /^Where did/],
    ['The captain turned the ship in time.', /^When/],
    ['The keeper called the cat Pepper.', /^What did/],
    ['The sun heats the pools, and the water slowly disappears.', /heats the pools, and/],
  ])('%s', (body, wrong) => {
    expect(asked(body).filter((question) => wrong.test(question))).toEqual([]);
  });

  test('how long something goes on, and since when', () => {
    expect(asked('The parents feed their chicks for six weeks.')).toContain(
      'How long do the parents feed their chicks? For six weeks.',
    );
    expect(asked('Mrs Hall has kept bees since 2015.')).toContain(
      'Since when has Mrs Hall kept bees? Since 2015.',
    );
  });
});

// Questions and answers written by hand before the code was run on these sentences.
describe('questions that a sentence answers', () => {
  test.each([
    [
      'On Saturday Mina took her kite to the hill.',
      'On which day did Mina take her kite to the hill? On Saturday.',
    ],
    ['The wind rose at noon.', 'When did the wind rise? At noon.'],
    ['Bram freed the kite with a stick.', 'How did Bram free the kite? With a stick.'],
    ['The children ate six plums.', 'How many plums did the children eat? Six.'],
    [
      'The largest barrier has sixty-two gates.',
      'How many gates does the largest barrier have? Sixty-two.',
    ],
    [
      'The queen lives in the middle of the hive.',
      'Where does the queen live? In the middle of the hive.',
    ],
    [
      'Bram came too because he wanted to see the sea.',
      'Why did Bram come too? Because he wanted to see the sea.',
    ],
    ['A beekeeper opens the hive in summer.', 'Who opens the hive in summer? A beekeeper.'],
    [
      'The government closed the last gap in November.',
      'In which month did the government close the last gap? In November.',
    ],
    ['His parents have invited sixty guests.', 'How many guests have his parents invited? Sixty.'],
  ])('%s', (body, question) => {
    expect(asked(body)).toContain(question);
  });

  test.each([
    ['A good hive gives the beekeeper thirty jars of honey.', /^What does a good hive give/],
    ['The nectar turns into honey.', /^Where/],
    ['He gets up at five.', /^Where/],
    ['The queen lays up to two thousand eggs every day.', /^Where/],
    ['The kite was red, with a long tail.', /^How/],
  ])('%s: not asked, because the answer would be none', (body, wrong) => {
    expect(asked(body).filter((question) => wrong.test(question))).toEqual([]);
  });

  test('no question holds its own answer', () => {
    const body =
      'The water rose quickly and covered whole villages. Farmers drove their cattle to higher ground. Soldiers filled thousands of bags with sand. The disaster changed the country.';
    const questions = findItQuestions(passage(body), lexicon);
    expect(questions.length).toBeGreaterThan(8);
    for (const { question, answer } of questions) {
      expect(question.toLowerCase()).not.toContain(answer.toLowerCase());
    }
  });

  test('a phrase that was cut in two is no question', () => {
    const body = 'The bench stood at the very top, beside the weather station.';
    expect(asked(body).filter((question) => /\bvery[,?]/.test(question))).toEqual([]);
  });
});

describe('whom or what a pronoun means after a clause that stands before it', () => {
  const told = (body: string) => statementsOf(passage(body), lexicon).map(({ text }) => text);

  test('what that clause speaks of may be meant: then nothing is said', () => {
    const body =
      'The story begins with rain. As rain falls, it picks up a little carbon dioxide from the air.';
    expect(told(body).filter((text) => text.includes('story picks'))).toEqual([]);
    const two = 'Asha ran home. When Mina called, she opened the window.';
    expect(told(two).filter((text) => text.includes('Asha opened'))).toEqual([]);
  });

  test('where it speaks of nobody else, the one before is meant', () => {
    const body = 'Asha ran home. When the bell rang, she opened the window.';
    expect(told(body).join(' ')).toMatch(/Asha opened the window/);
  });

  test('what is called something has no verb in called', () => {
    const body = 'Under them, the duck wears a soft, warm layer called down.';
    expect(told(body).filter((text) => /layer/i.test(text))).toEqual([]);
  });
});

// Sentences written by hand, each like one that was read wrongly once.
describe('what is no statement of its own', () => {
  test.each([
    ['Behind the table sat old Mr Kofi, looking pleased.', /table sat/],
    ['Out went three pancakes and half of a pie.', /pancakes/],
    ['Green tea and black tea look and taste different.', /tea look\./],
    ['Asha saw the bread. So did forty rolls and a cello.', /cello/],
    ['Bram ran. The hut they had been looking for stood thirty steps away.', /they/],
    ['On 4 January 1953 the wind blew from the north.', /^4 January/],
    ['Mina smiled. Mr Kofi said, ‘Nothing.’', /Nothing/],
    ['There are many clocks. One in the centre of Bristol still does.', /^One/],
  ])('%s', (body, wrong) => {
    expect(
      statementsOf(passage(body), lexicon)
        .flatMap(({ text, subject }) => [text, subject.text])
        .filter((said) => wrong.test(said)),
    ).toEqual([]);
  });

  test('a thing is meant by it only right after it was spoken of', () => {
    const body =
      'The difference is clear. Peppermint has no leaves of that plant. Everybody knows. It is not really tea.';
    expect(told(body).filter((text) => /difference is not/.test(text))).toEqual([]);
  });

  test('a name, and Aunt before a name, keep their capitals', () => {
    const body = 'Aunt Noor pulled the rope. Wren ran. On Monday Wren’s pumpkin won a prize.';
    const subjects = statementsOf(passage(body), lexicon).map(({ subject }) => subject.text);
    expect(subjects).toEqual(expect.arrayContaining(['Aunt Noor', 'Wren’s pumpkin']));
  });
});

describe('lines of verse as prose', () => {
  test('a capital that only begins a line goes; a name and I keep theirs', () => {
    const poem = openPassage(
      completeMaterial({
        body: 'The newest baby in the town\nHas woken up today.\nThe baker and\nAsha smile while\nI go to bed.\nThen Asha sings.',
        kind: 'poem',
      }),
      lexicon,
    );
    const text = poem.sentences.map((sentence) => sentence.text).join(' ');
    expect(text).toContain('in the town has woken up');
    expect(text).toMatch(/and Asha smile while I go/);
  });

  test('a list of things is nobody who speaks', () => {
    const talk = passage('You need: a bottle, scissors and a pen.\n\nMr Kofi: The bottle is full.');
    expect(talk.sentences.map(({ speaker }) => speaker)).toEqual([undefined, 'Mr Kofi']);
  });
});
