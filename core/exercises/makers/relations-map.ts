import { define } from '../../languages/en/words/meanings';
import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import type { BuildPiece, BuildPlace } from '../interactions/build/task';
import type { MakerNote } from '../making/exercise';
import type { Maker, MakerInput } from '../making/maker';
import { offered } from '../making/offered';
import { choice, lines, read } from '../making/parameters';
import { numbered } from '../making/usable-words';

/** A word rarer than this is not known to a class. */
const LEAST_ZIPF = 3.4;
const MOST_PLACES = 6;
const FEWEST_PLACES = 3;

const parameters = {
  relation: choice(
    'Which relations',
    [
      ['mixed', 'opposites and near words'],
      ['opposites', 'opposites'],
      ['same', 'nearly the same'],
      ['own', 'my own, from the lines below'],
    ],
    'mixed',
  ),
  ownRelations: lines('Your own, one a line: Vera’s children: Mina, Kofi', 20),
};

/** What stands in the middle. */
const centres: Readonly<Record<string, string>> = {
  mixed: 'relations',
  opposites: 'opposites',
  same: 'near words',
};

type Relation = 'opposite' | 'same';

/** How a word and what is laid beside it are related, as it stands on the map and in the key. */
const labels: Readonly<Record<Relation, (word: string) => string>> = {
  opposite: (word) => `the opposite of ${word}`,
  same: (word) => `nearly the same as ${word}`,
};
const reasons: Readonly<Record<Relation, (word: string, piece: string) => string>> = {
  opposite: (word, piece) => `${piece} is the opposite of ${word}.`,
  same: (word, piece) => `${piece} means nearly the same as ${word}.`,
};

type Related = Readonly<Record<Relation, readonly string[]>>;

/** What a word is related to; in its first sense, and in any, for what must not fit twice. */
function relatedTo(
  entry: LexiconEntry,
  { meanings, lexicon }: Pick<MakerInput, 'lexicon' | 'meanings'>,
  allSenses: boolean,
): Related {
  const senses = meanings ? define(entry.word, meanings, lexicon).senses : [];
  const used = allSenses ? senses : senses.slice(0, 1);
  return {
    opposite: used.flatMap(({ opposites }) => opposites),
    same: used.flatMap(({ near }) => near),
  };
}

interface Found {
  readonly word: string;
  readonly relation: Relation;
  readonly piece: string;
}

const wantedOf: Readonly<Record<string, readonly Relation[]>> = {
  mixed: ['opposite', 'same'],
  opposites: ['opposite'],
  same: ['same'],
};

/** One piece for each word, none of which fits a second place. */
function found(input: MakerInput, wanted: readonly Relation[], notes: MakerNote[]): Found[] {
  const { words, lexicon, random, parameters: given } = input;
  const ordered = given.shuffle === false ? words : random.shuffle(words);
  const fit = offered(input);
  const common = (piece: string, word: string) => {
    const entry = lexicon.find(piece);
    return entry !== undefined && entry.zipf >= LEAST_ZIPF && fit(entry) && piece !== word;
  };
  const known = ordered.flatMap(({ word, entry }) => {
    // What the wordbook lacks has the near words of what it is built on: group for disband.
    if (entry && entry.schoolClasses !== '' && !lexicon.isUnfit(word)) {
      return [{ word, all: relatedTo(entry, input, true), entry }];
    }
    notes.push({ word, text: `The wordbook has no relations for ${word}. It was left out.` });
    return [];
  });
  const chosen: Found[] = [];
  for (const { word, entry } of known) {
    if (chosen.length === MOST_PLACES) break;
    const first = relatedTo(entry, input, false);
    // Relations that the map has least of come first, so that it has of each.
    const order = [...wanted].sort(
      (one, other) =>
        chosen.filter(({ relation }) => relation === one).length -
        chosen.filter(({ relation }) => relation === other).length,
    );
    const elsewhere = (piece: string) =>
      known.some(
        (other) =>
          other.word !== word &&
          Object.values(other.all).some((texts: readonly string[]) => texts.includes(piece)),
      ) ||
      chosen.some((each) => each.piece === piece || each.word === piece) ||
      words.some((each) => each.word === piece);
    const match = order
      .flatMap((relation) => first[relation].map((piece) => ({ word, relation, piece })))
      .find(({ piece }) => common(piece, word) && !elsewhere(piece));
    if (match) chosen.push(match);
    else
      notes.push({
        word,
        text: `${word} has no such relation that fits it alone. It was left out.`,
      });
  }
  return chosen;
}

/** The teacher's own lines: a place, and what belongs there. */
function ownOnes(given: readonly string[], notes: MakerNote[]) {
  const places: BuildPlace[] = [];
  const pieces: Omit<BuildPiece, 'id'>[] = [];
  for (const line of given) {
    if (line.trim() === '') continue;
    const [label = '', rest = ''] = line.split(/:(.*)/s).map((each) => each.trim());
    const texts = rest
      .split(',')
      .map((each) => each.trim())
      .filter((each) => each !== '');
    const twice = texts.filter((text) => pieces.some((piece) => piece.text === text));
    if (label === '' || texts.length === 0) {
      notes.push({
        text: `“${line.trim().slice(0, 60)}” has no relation: write a name, a colon, and what belongs there. It was left out.`,
      });
      continue;
    }
    if (twice.length > 0) {
      notes.push({
        text: `${twice.join(', ')} would belong to two places. It was left out of “${label}”.`,
      });
    }
    const place = `place-${places.length + 1}`;
    const own = texts.filter((text) => !twice.includes(text));
    if (own.length === 0) continue;
    places.push({ id: place, label });
    pieces.push(...own.map((text) => ({ text, word: text, place, reason: `${label}: ${text}.` })));
  }
  return { places, pieces };
}

/** Pieces laid beside what they are related to: opposites, near words, or a family of one's own. */
const maker: Maker = {
  id: 'relations-map',
  name: 'Map of relations',
  group: 'Vocabulary',
  description:
    'Pieces are laid where they belong: the opposite of a word, a near one, or a family and its relations of your own.',
  interaction: 'build',
  onScreen: 'Put each piece where it belongs.',
  fewestWords: FEWEST_PLACES,
  needsMeanings: true,
  needs: 'words that have an opposite or a near word; or lines of your own',
  asks: ['words', 'meanings'],
  saysWhatIsLeft: true,
  workedByDefault: false,
  parameters,
  startWords: ['hot', 'big', 'early', 'storm', 'happy'],

  make(input) {
    const { random, parameters: given } = input;
    const { relation, ownRelations = [] } = read(parameters, given);
    const notes: MakerNote[] = [];
    const own = relation === 'own' ? ownOnes(ownRelations, notes) : undefined;
    const pairs = own ? [] : found(input, wantedOf[relation] ?? [], notes);
    const enough = own !== undefined || pairs.length >= FEWEST_PLACES;
    const used = enough ? pairs : [];
    const places =
      own?.places ??
      used.map(({ word, relation: kind }, at) => ({
        id: `place-${at + 1}`,
        label: labels[kind](word),
      }));
    const pieces =
      own?.pieces ??
      used.map(({ word, relation: kind, piece }, at) => ({
        text: piece,
        word,
        place: `place-${at + 1}`,
        reason: reasons[kind](word, piece),
      }));
    return {
      title: given.title ?? 'How are they related?',
      instruction: given.instruction ?? 'Cut out the pieces. Lay each where it belongs.',
      worked: false,
      task: {
        interaction: 'build',
        board: 'map',
        centre: own ? 'who and what' : (centres[relation] ?? ''),
        places,
        pieces: numbered(random.shuffle(pieces), 'piece'),
      },
      notes,
    };
  },

  replacements: () => [{ maxSyllables: 2 }],
  suggestions: () => [{ topic: 'weather' }],
};

export default maker;
