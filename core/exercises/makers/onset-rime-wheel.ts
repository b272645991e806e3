import { offered } from '../making/offered';
import { isVowelPhoneme, type Phoneme } from '../../languages/en/sounds/phonemes';
import { soundIndex } from '../../languages/en/words/sound-index';
import type { AlignedUnit } from '../../languages/en/sounds/align';
import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import { joinList } from '../../kernel/join-list';
import type { BuildPiece } from '../interactions/build/task';
import type { Maker } from '../making/maker';
import { numbered } from '../making/usable-words';
import type { MaterialWord } from '../../search/material-word';

/** Beginnings round the wheel. */
const MOST = 10;
const MOST_WRONG = 3;
/** Beginnings that may stand before a rime although they make no word there. */
const common =
  'b c d f g h l m n p r s t w bl br cl cr dr fl fr gl gr pl pr sh sl sp st th tr'.split(' ');

/** The letters before the vowel of a word of one syllable, and the rest. */
export function onsetRime(word: string, units: readonly AlignedUnit[]) {
  const at = units.findIndex((unit) => unit.phonemes.some(isVowelPhoneme));
  const start = units[at]?.start ?? 0;
  if (at < 1 || start === 0) return undefined;
  return { onset: word.slice(0, start), rime: word.slice(start) };
}

function cut({ word, entry }: MaterialWord) {
  const reading = entry?.readings[0];
  return reading === undefined || reading.syllables.length !== 1
    ? undefined
    : onsetRime(word.toLowerCase(), reading.units);
}

const sounds = (entry: LexiconEntry, rime: string) => {
  const { units } = entry.readings[0];
  const from = entry.word.length - rime.length;
  return units
    .filter((unit) => unit.start >= from)
    .flatMap((unit) => unit.phonemes)
    .join(' ');
};

/** The sounds of a beginning, letter by letter; sh, ch and th are one. */
const letterSounds: Readonly<Record<string, Phoneme>> = {
  b: 'B',
  c: 'K',
  d: 'D',
  f: 'F',
  g: 'G',
  h: 'HH',
  j: 'JH',
  k: 'K',
  l: 'L',
  m: 'M',
  n: 'N',
  p: 'P',
  r: 'R',
  s: 'S',
  t: 'T',
  v: 'V',
  w: 'W',
  y: 'Y',
  z: 'Z',
  sh: 'SH',
  ch: 'CH',
  th: 'TH',
};
const sayings: Readonly<Record<string, readonly Phoneme[]>> = Object.fromEntries(
  common.map((onset) => [
    onset,
    (onset.match(/sh|ch|th|[a-z]/g) ?? []).flatMap((letter) => letterSounds[letter] ?? []),
  ]),
);

/** A rime that stays and beginnings that turn: which make a word? */
const maker: Maker = {
  id: 'onset-rime-wheel',
  name: 'Word wheel',
  group: 'Sounds and spelling',
  doneWith: ['partner'],
  description: 'Two discs to cut out: beginnings turn before one ending. Which make real words?',
  interaction: 'build',
  onScreen: 'Read each beginning with the ending. Put it under real words or under no words.',
  fewestWords: 3,
  needs: 'words of one syllable that share their ending, such as rain, train, chain',
  asks: ['sounds'],
  workedByDefault: false,
  bringsWords: true,
  startWords: ['rain', 'train', 'chain', 'brain', 'main'],

  make({ words, parameters, random, lexicon, profile }) {
    const fit = offered({ profile, lexicon });
    const rimes = new Map<string, MaterialWord[]>();
    for (const word of words) {
      const rime = cut(word)?.rime;
      if (rime !== undefined) rimes.set(rime, [...(rimes.get(rime) ?? []), word]);
    }
    const [rime = '', given = []] =
      [...rimes].sort(([, left], [, right]) => right.length - left.length)[0] ?? [];
    const model = given[0]?.entry;
    // The material's own words first, then common words with the same ending said alike.
    const found = model
      ? lexicon.entries.slice(0, 12_000).filter(
          (entry) =>
            entry.word.endsWith(rime) &&
            // A name has a capital that no other beginning has.
            entry.word === entry.word.toLowerCase() &&
            fit(entry) &&
            cut({ word: entry.word, entry })?.rime === rime &&
            sounds(entry, rime) === sounds(model, rime),
        )
      : [];
    const real = [
      ...new Set([
        ...given.map(({ word }) => word.toLowerCase()),
        ...found.map(({ word }) => word),
      ]),
    ].slice(0, given.length > MOST - MOST_WRONG ? MOST : MOST - MOST_WRONG);
    const onsets = new Set(real.map((word) => word.slice(0, -rime.length)));
    const known = (onset: string) =>
      lexicon.find(onset + rime) !== undefined ||
      lexicon.isOtherWord(onset + rime) ||
      lexicon.isUnfit(onset + rime);
    // Wip is heard as whip, and cip as sip: what is a word to the ear is none to leave out.
    const heardAsWord = (onset: string) => {
      if (/^[cg]$/.test(onset) && /^[eiy]/.test(rime)) return true;
      const first = sayings[onset];
      if (model === undefined || first === undefined) return false;
      const rest = sounds(model, rime).split(' ') as Phoneme[];
      return soundIndex(lexicon).said([...first, ...rest]).length > 0;
    };
    const wrong =
      rime === ''
        ? []
        : random
            .shuffle(common)
            .filter((onset) => !onsets.has(onset) && !known(onset) && !heardAsWord(onset))
            .slice(0, Math.min(MOST_WRONG, MOST - real.length));
    const pieces: Omit<BuildPiece, 'id'>[] = [
      ...real.map((word) => ({
        text: word.slice(0, -rime.length),
        word,
        place: 'word',
        reason: `${word.slice(0, -rime.length)} and ${rime} make ${word}, a real word.`,
      })),
      ...wrong.map((onset) => ({
        text: onset,
        place: 'no-word',
        reason: `${onset}${rime} can be read, but it is no word.`,
      })),
    ];
    const left = words.filter((word) => cut(word)?.rime !== rime).map(({ word }) => word);
    return {
      title: parameters.title ?? `Word wheel: –${rime}`,
      instruction:
        parameters.instruction ??
        'Cut out both discs. Pin the small one on the big one. Turn it, read each word, and write it in its list.',
      worked: false,
      task: {
        interaction: 'build',
        board: 'wheel',
        centre: rime,
        places: [
          { id: 'word', label: 'Real words' },
          { id: 'no-word', label: 'Not words' },
        ],
        pieces: numbered(random.shuffle(pieces), 'piece'),
      },
      notes:
        left.length > 0 && rime !== ''
          ? [
              {
                text: `The wheel has one ending, –${rime}: ${joinList(left, 'and')} ${left.length === 1 ? 'was' : 'were'} left out.`,
              },
            ]
          : [],
    };
  },

  replacements: (word) => {
    const found = cut(word);
    return found ? [{ endsWith: found.rime, maxSyllables: 1 }] : [];
  },
  suggestions: ({ words }) => {
    const rime = words.map(cut).find((found) => found !== undefined)?.rime ?? 'ain';
    return [{ endsWith: rime, maxSyllables: 1 }];
  },
};

export default maker;
