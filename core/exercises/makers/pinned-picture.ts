import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { SceneThing } from '../interactions/point/task';
import type { Maker } from '../making/maker';
import { choice, read, shaped, type Pin } from '../making/parameters';
import { numbered } from '../making/usable-words';

const parameters = {
  picture: shaped('picture', 'Your picture'),
  places: shaped('places on the picture', 'Its places and their names'),
  ask: choice(
    'What is asked',
    [
      ['label', 'the name of each numbered place'],
      ['ring', 'to find what each word names'],
      ['verbs', 'the verbs only'],
      ['uncover', 'what is under each cover'],
    ],
    'label',
  ),
};

/** Largest share of the picture's width that a place takes up. */
const PLACE = 0.12;

/** Square places round the pins, small enough that none lies over another. */
function placesOf(pins: readonly Pin[], height: number): SceneThing[] {
  const at = pins.map(({ x, y }) => ({ x, y: y * height }));
  const apart = at.flatMap((one, index) =>
    at
      .slice(index + 1)
      .map((other) => Math.max(Math.abs(one.x - other.x), Math.abs(one.y - other.y))),
  );
  const side = Math.min(PLACE, ...apart.map((distance) => distance * 0.99));
  return at.map(({ x, y }, index) => ({
    id: `place-${index + 1}`,
    picture: '',
    x: x - side / 2,
    y: y - side / 2,
    width: side,
    height: side,
  }));
}

/** True for a word that is meant as a verb at least as often as a noun, or stands in its -ing form. */
function isVerb(word: string, lexicon: Lexicon): boolean {
  const [first = ''] = word.toLowerCase().split(' ');
  const [noun = 0, verb = 0] = [...(lexicon.find(first)?.shares ?? '')].map(Number);
  return verb > 0 && (verb >= noun || first.endsWith('ing'));
}

const titles = {
  label: ['What is it?', 'Look at the picture. Write the word for each number.'],
  ring: ['Can you find it?', 'Read each word. Find it in the picture and ring it.'],
  verbs: ['What are they doing?', 'Look at the picture. Write the verb for each number.'],
  uncover: [
    'What is under it?',
    'Part of the picture is covered. Think what is under each number, and write it.',
  ],
} as const;

/** A picture of the teacher's own, with the places that she has named on it. */
const maker: Maker = {
  id: 'pinned-picture',
  name: 'Places on my picture',
  group: 'Vocabulary',
  description:
    'Your own picture or a map with the places that you name on it: labelled, found, its verbs collected, or covered and guessed.',
  interaction: 'point',
  fewestWords: 1,
  usesWords: false,
  needs: 'a picture of your own or a map, and a place or more that you have named on it',
  asks: [],
  parameters,
  workedByDefault: false,

  make({ parameters: given, random, lexicon }) {
    const { picture, places = [], ask } = read(parameters, given);
    const named = places.filter(({ word }) => word.trim() !== '');
    // Two places of one name would each be right for the other.
    const once = named.filter(
      ({ word }, index) => named.findIndex((other) => sameName(other.word, word)) === index,
    );
    const twice = ask === 'ring' ? named.filter((pin) => !once.includes(pin)) : [];
    const asked = (ask === 'ring' ? once : named).filter(
      ({ word }) => ask !== 'verbs' || isVerb(word, lexicon),
    );
    const others = ask === 'verbs' ? named.filter((pin) => !asked.includes(pin)) : [];
    const height = picture ? 1 / picture.ratio : 1;
    const things = placesOf(asked, height);
    const items = numbered(
      asked.map(({ word }, index) => ({
        word: word.trim(),
        thing: things[index]?.id ?? '',
        reason: '',
      })),
    );
    const [title, instruction] = titles[ask];
    const unnamed = places.length - named.length;
    return {
      title: given.title ?? title,
      instruction: given.instruction ?? instruction,
      worked: given.worked ?? maker.workedByDefault,
      task: {
        interaction: 'point',
        scene: {
          height,
          things,
          ...(picture
            ? { backdrop: { picture: picture.picture, shows: picture.shows ?? 'The picture' } }
            : {}),
        },
        answer: ask === 'verbs' ? 'label' : ask,
        // A box of one word would be the answer.
        bank:
          ask === 'ring' || given.bank === false || items.length < 2
            ? []
            : random.shuffle([...new Set(items.map(({ word }) => word))]),
        items: picture ? items : [],
      },
      notes: [
        ...(unnamed > 0
          ? [{ text: `${unnamed} ${unnamed === 1 ? 'place has' : 'places have'} no name yet.` }]
          : []),
        ...twice.map(({ word }) => ({
          word,
          text: `${word} names two places: each would be right for the other, so one is asked for.`,
        })),
        ...(others.length > 0
          ? [
              {
                text: `Only verbs are asked for. Left out: ${others.map(({ word }) => word).join(', ')}.`,
              },
            ]
          : []),
      ],
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

const sameName = (one: string, other: string) =>
  one.trim().toLowerCase() === other.trim().toLowerCase();

export default maker;
