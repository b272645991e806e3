/**
 * The texts of the demo: a public-domain poem, and a page and a dialogue written
 * for it. Classes and learners are made up.
 */
import { completeClass } from '../classes/new-class';
import type { ClassProfile } from '../classes/class-profile';
import type { Lesson } from '../records/lesson';
import { grammarDemo } from './grammar-demo';
import { exercisePart, lessonOf, sheetPart } from './lesson-of';
import type { Annotation } from '../texts/marks/annotation';
import { completeText, type ReadingText } from '../texts/reading-text';

const poem = `Who has seen the wind?
Neither I nor you:
But when the leaves hang trembling,
The wind is passing through.

Who has seen the wind?
Neither you nor I:
But when the trees bow down their heads,
The wind is passing by.`;

const stationBefore = `# The station on the hill

Fernhill school maintains a miniature weather station on the summit behind the playground, where it is exposed to every wind that blows. The Harriers are responsible for it this term. At eight o'clock every morning two members of the weather club ascend the steep path because the instruments must be examined before lessons commence.

Asha reads the rain gauge, a cylinder that collects precipitation and is emptied into a measuring glass. Bram observes the vane, which indicates the direction the wind originates from. Both numbers are recorded in the log book immediately, since a number that has been forgotten cannot be measured again.

# The night of the storm

On Monday the club encountered its first difficulty. An enormous storm had crossed the valley during the night, and the gauge had been overturned by the wind. Bram discovered the lid beside the gate. Asha found the cylinder under the hedge. Consequently nobody could determine how much rain had fallen.

The problem was that the gauge had never been fastened securely. Mr Hill proposed a solution. The club buried the base of the gauge in the ground and fixed three wires to it. Asha tightened the wires with a key. After that, the gauge survived two more storms.

# What the numbers show

The log book demonstrates how different two hillsides can be. On the western side 42 mm fell in March, whereas the eastern side received only 17 mm. The clouds release their moisture as they climb, so the side that faces the sea is usually wetter. Therefore farmers on the western side cultivate grass, while their neighbours cultivate barley.`;

const stationAfter = `# The station on the hill

Fernhill school keeps a small weather station on the top of the hill behind the playground. Every wind that blows can reach it there. The Harriers look after it this term. At eight o'clock every morning two members of the weather club climb the steep path. They must read the instruments before lessons begin.

Asha reads the rain gauge. It is a tube that catches rain and is emptied into a measuring glass. Bram watches the vane. It shows where the wind comes from. Both write their number in the log book at once. A number that is forgotten cannot be measured again.

# The night of the storm

On Monday the club met its first problem. A huge storm crossed the valley during the night, and the wind pushed the gauge over. Bram found the lid beside the gate. Asha found the tube under the hedge. So nobody could tell how much rain had fallen.

The problem was that the gauge was not fixed to the ground. Mr Hill had an answer. The club put the foot of the gauge in the ground and tied three wires to it. Asha tightened the wires with a key. After that, the gauge stood through two more storms.

# What the numbers show

The log book shows how different two sides of a hill can be. On the western side 42 mm fell in March, but the eastern side got only 17 mm. The clouds drop their rain as they climb. So the side that faces the sea is usually wetter. Farmers on the western side grow grass, and their neighbours grow barley.`;

const dialogue = `Mina: Good morning. Is this the weather club?

Tomas: Yes, it is. We meet here every Tuesday at four o'clock. Are you new?

Mina: Yes. I came to Fernhill last week. My family lives near the station now.

Tomas: Welcome! Do you want to see the rain gauge? It is behind the school, next to the gate.

Mina: Yes, please. How often do you read it?

Tomas: We read it twice a day, at eight in the morning and at four in the afternoon. Yesterday we had twelve millimetres of rain.

Mina: That is a lot! At home it never rains in summer. What do I need to bring?

Tomas: Bring a coat, a pencil and good shoes. The path is very wet. Juno has a spare notebook for you.

Mina: Can my little brother come too?

Tomas: I am sorry, he cannot. The club is for children from nine years. But he can look at our numbers on the board by the door.

Mina: Thank you. See you on Tuesday!`;

/** A mark on the nth place of some words. */
function mark(
  id: string,
  body: string,
  words: string,
  rest: Partial<Annotation> & Pick<Annotation, 'kind'>,
  nth = 1,
): Annotation {
  let start = -1;
  for (let count = 0; count < nth; count += 1) start = body.indexOf(words, start + 1);
  return { id, start, end: start + words.length, ...rest };
}

function poemMarks(newId: () => string): Annotation[] {
  const at = (words: string, rest: Partial<Annotation> & Pick<Annotation, 'kind'>, nth?: number) =>
    mark(newId(), poem, words, rest, nth);
  return [
    at('Who has seen the wind?', {
      kind: 'method',
      about: 'rhetorical-question',
      effect: 'It makes the reader stop and look for something that cannot be seen.',
      why: 'No one can answer: the poem is about knowing a thing only by what it does.',
    }),
    at('Neither I nor you', {
      kind: 'method',
      about: 'parallelism',
      effect: 'The two stanzas answer each other like an echo, with the words turned round.',
      why: 'It puts the poet and the child who listens side by side.',
    }),
    at('trembling', {
      kind: 'method',
      about: 'personification',
      effect: 'The leaves seem to shiver, as if they were afraid or cold.',
      why: 'What the wind does is felt by something small, so its power is felt too.',
    }),
    at('But when', {
      kind: 'method',
      about: 'volta',
      effect: 'After the answer no, there is a sign after all.',
      why: 'The poem turns from what is not seen to what shows it.',
    }),
    at('bow down their heads', {
      kind: 'method',
      about: 'personification',
      effect: 'The trees seem humble, even afraid, like people in front of someone great.',
      why: 'It makes the wind powerful although no one sees it.',
    }),
    at(
      'The wind is passing',
      {
        kind: 'question',
        text: 'Why “is passing” and not “passed”?',
        answer: 'It is happening now, while we look: the reader is there.',
      },
      2,
    ),
  ];
}

const names = (list: string, newId: () => string) =>
  list.split(' ').map((name) => ({ id: newId(), name }));

/** A lesson with its parts in their stages. */
export interface ReadingDemo {
  readonly classes: readonly ClassProfile[];
  readonly texts: readonly ReadingText[];
  readonly lessons: readonly Lesson[];
}

/** A history of the club: what happened when. */
const yearsOfWeather = `The hut on the hill was built in 1951 by a farmer who kept his tools in it. It stood empty after 1970, and grass grew on the roof.

In April 1987 a storm tore off the door. The school bought the hut in the summer of 1988. On 4 May 1989 the first rain gauge was set up beside the path, and two pupils read it every morning.

By 1995 the club had filled nine log books. A new vane was given to the club in 2003. In the winter of 2010 the pond froze for six weeks. Since 2012 the log has been kept on a computer too, but the books are still read.`;

/** Poetry set, Harriers and Newcomers with a text and a lesson each. */
export function readingDemo(prefix: string, newId: () => string): ReadingDemo {
  const poetry = completeClass({
    id: `${prefix}poetry`,
    name: 'Poetry set',
    level: { system: 'us', value: 'G9' },
    step: null,
    roster: names('Ada Ben Chidi Dina Elif Finn', newId),
  });
  const harriers = completeClass({
    id: `${prefix}harriers`,
    name: 'Harriers',
    level: { system: 'us', value: 'G4' },
    spelling: 'uk',
    step: null,
    roster: names('Aiko Bela Ciro Dov Esme Fay Gil Hope', newId),
    knownWords: ['gauge', 'vane'],
  });
  const newcomers = completeClass({
    id: `${prefix}newcomers`,
    name: 'Newcomers',
    level: { system: 'cefr', value: 'A2' },
    step: null,
    roster: names('Mina Tomas Juno Karim Lena Otto', newId),
  });
  const wind = completeText({
    id: `${prefix}wind`,
    classId: poetry.id,
    title: 'Who Has Seen the Wind?',
    author: 'Christina Rossetti',
    year: '1872',
    source: 'Sing-Song',
    licence: 'public domain',
    kind: 'poem',
    body: poem,
    annotations: poemMarks(newId),
    reading: { numbers: 'all', margin: true, marks: true, questions: true, doubleSpaced: true },
  });
  const station = completeText({
    id: `${prefix}station`,
    classId: harriers.id,
    title: 'The Station on the Hill',
    author: 'Fernhill weather club',
    year: '2026',
    source: 'written for the demo',
    licence: 'CC0',
    body: stationAfter,
    original: stationBefore,
    glosses: [
      { word: 'gauge', text: 'a tool that measures' },
      { word: 'barley', text: 'a plant like wheat' },
    ],
    boxed: ['valley', 'hedge', 'instruments', 'wires'],
    reading: { numbers: 'fives', glosses: 'margin', wordBox: true },
  });
  const years = completeText({
    id: `${prefix}years`,
    classId: harriers.id,
    title: 'Seventy Years of Weather',
    author: 'Fernhill weather club',
    year: '2026',
    source: 'written for the demo',
    licence: 'CC0',
    body: yearsOfWeather,
    reading: { numbers: 'fives' },
  });
  const talk = completeText({
    id: `${prefix}talk`,
    classId: newcomers.id,
    title: 'At the weather club',
    author: 'Fernhill weather club',
    year: '2026',
    source: 'written for the demo',
    licence: 'CC0',
    kind: 'prose',
    body: dialogue,
    glosses: [{ word: 'spare', text: 'one more than you need' }],
  });
  const exercise = (maker: string, textId: string, seed: number, parameters = {}) =>
    exercisePart(newId(), maker, seed, { textId, ...parameters });
  const sheet = (text: ReadingText, title: string, original = false) =>
    sheetPart(newId(), title, [
      { id: newId(), kind: 'name' },
      {
        id: newId(),
        kind: 'reading',
        textId: text.id,
        reading: original ? { numbers: 'fives', original } : { ...text.reading },
      },
    ]);
  return {
    classes: [harriers, newcomers, poetry],
    texts: [wind, station, talk, years],
    lessons: [
      lessonOf(
        `${prefix}wind-lesson`,
        poetry.id,
        'What no one sees: Rossetti’s wind',
        'Show how a poet makes something felt that cannot be seen, with quotations.',
        {
          'get-ready': [exercise('before-reading', wind.id, 3)],
          show: [sheet(wind, 'Annotation sheet')],
          together: [exercise('quotation-chart', wind.id, 5)],
          alone: [exercise('device-chart', wind.id, 7)],
          'look-back': [
            exercise('writing-task', wind.id, 9, {
              fewest: 80,
              most: 120,
              required: ['wind', 'seen', 'trembling'],
            }),
          ],
        },
      ),
      lessonOf(
        `${prefix}station-lesson`,
        harriers.id,
        'The station on the hill',
        'Read an informational page and prove answers with its lines.',
        {
          'get-ready': [exercise('text-word-box', station.id, 3)],
          show: [sheet(station, 'The page, fitted'), sheet(station, 'The page as it was', true)],
          together: [
            exercise('find-it', station.id, 5),
            exercise('true-false-not-said', station.id, 7),
          ],
          alone: [
            exercise('text-structure', station.id, 11),
            exercise('notes-page', station.id, 12),
          ],
          'look-back': [exercise('order-of-events', station.id, 4)],
        },
      ),
      lessonOf(
        `${prefix}talk-lesson`,
        newcomers.id,
        'At the weather club',
        'Understand a first talk: what it is about, then what it says.',
        {
          show: [sheet(talk, 'The dialogue')],
          together: [exercise('gist-and-detail', talk.id, 2)],
          alone: [exercise('questions-between', talk.id, 3)],
          'look-back': [
            exercisePart(newId(), 'numbers-heard', 5, { grammar: 'temperatures', count: 6 }),
          ],
        },
      ),
      ...grammarDemo(prefix, newId, { harriers: harriers.id, newcomers: newcomers.id }, station.id),
    ],
  };
}
