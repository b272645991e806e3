import { pictureFor } from '../making/picture-of';
import { filled, slotsOf, type FrameChoice, type FramePart } from '../../kernel/sentence-frame';
import type { WordKind } from '../../kernel/sentence-parts';
import { isVowelPhoneme } from '../../languages/en/sounds/phonemes';
import type { Lexicon, LexiconEntry } from '../../languages/en/lexicon/lexicon';
import { helperWords, kindOfWord } from '../making/helper-words';
import type { Maker } from '../making/maker';
import { isNotCounted } from '../making/not-counted';
import { choice, lines, read } from '../making/parameters';
import { type GivenItem, written } from '../making/written';

const parameters = {
  frames: lines(
    'Your frames, one a line. A slot is a kind of word, or what fits: I see a {thing} in the {rain | snow}.',
    12,
  ),
  pictures: choice(
    'Words',
    [
      ['with', 'with their pictures'],
      ['without', 'without pictures'],
    ],
    'with',
  ),
};

/** How a slot is named in a frame, by the kind of word that fits it. */
const slotNames: Readonly<Record<string, WordKind>> = {
  who: 'people',
  thing: 'things',
  doing: 'doing',
  'what like': 'how',
  where: 'where',
};

/** To begin with, and for whoever looks how a frame is written. */
const usualFrames = [
  'I can see the {thing}.',
  'We saw the {what like} {thing}.',
  '{who} can {doing}.',
];

interface Word extends FrameChoice {
  /** Absent where it fits no slot by its kind: it can still be written into one. */
  readonly kind: WordKind | undefined;
  readonly entry: LexiconEntry | undefined;
}

/** What a slot offers that is not in the list: only who does it, and where; the rest is the teacher's. */
const given: Readonly<Partial<Record<WordKind, readonly string[]>>> = {
  people: ['I', 'we', 'you', 'he', 'she', 'they'],
  where: ['in', 'near', 'behind', 'by'],
};

/** The kind of a word by its class; a small word fits only a slot that it is written into. */
function kindOf(word: string, entry: LexiconEntry | undefined): WordKind | undefined {
  if (Object.values(helperWords).some((all) => all.includes(word.toLowerCase()))) return undefined;
  const letter = entry?.schoolClasses[0];
  return letter !== undefined && 'nvad'.includes(letter) ? kindOfWord(letter) : undefined;
}

/** Who goes with the word that follows: he has, we have, I am; all where it is the same for all. */
const agreeing: readonly (readonly [after: RegExp, who: readonly string[]])[] = [
  [/^am$/, ['I']],
  [/^was$/, ['I', 'he', 'she']],
  [/^(?:is|has|does|isn't|hasn't|doesn't)$/, ['he', 'she']],
  [/^were$/, ['we', 'you', 'they']],
  [/^are$/, ['we', 'you', 'they']],
  [/^(?:have|do|haven't|don't)$/, ['I', 'we', 'you', 'they']],
];

/** True where a word is the third person of a verb: wants, goes. */
const isThirdPerson = (word: string, lexicon: Lexicon) => {
  const entry = lexicon.find(word);
  const lemma = entry && lexicon.lemmaOf(entry);
  return lemma !== undefined && lemma.word !== word && word.endsWith('s');
};

/** Verbs that are the same after all: helping verbs, and those whose past is their plain form. */
const sameForAll =
  /^(?:can|could|may|might|must|shall|should|will|would|saw|put|cut|hit|let|set|shut|hurt|cost|read)$/;

/** True for the plain form of a verb, which he and she do not have: want, wear. */
function isPlainVerb(word: string, lexicon: Lexicon): boolean {
  if (sameForAll.test(word)) return false;
  const entry = lexicon.find(word);
  const lemma = entry && lexicon.lemmaOf(entry);
  return lemma?.word === word && lemma.schoolClasses.includes('v');
}

function whoFits(after: string, isSlotNext: boolean, lexicon: Lexicon): readonly string[] {
  const all = given.people ?? [];
  const [next] = /[\p{L}'’]+/u.exec(after) ?? [];
  if (next === undefined) return isSlotNext ? all.filter((who) => !/^(?:he|she)$/.test(who)) : all;
  const word = next.replace('’', "'").toLowerCase();
  const known = agreeing.find(([pattern]) => pattern.test(word));
  if (known) return known[1];
  if (isThirdPerson(word, lexicon)) return ['he', 'she'];
  return isPlainVerb(word, lexicon) ? all.filter((who) => !/^(?:he|she)$/.test(who)) : all;
}

/** What a word begins with when it is said; by its letter where its sounds are not known. */
const beginsWithVowel = (word: string, entry: LexiconEntry | undefined) => {
  const [sound] = entry?.readings[0].units.flatMap(({ phonemes }) => phonemes) ?? [];
  return sound === undefined ? /^[aeiou]/i.test(word) : isVowelPhoneme(sound);
};

/** After “a” only what begins with a consonant fits, after “an” only what begins with a vowel; what is not counted after neither. */
function fitsAfter(before: string, { word, entry, kind }: Word): boolean {
  const article = /(?:^|\s)(an?)\s+$/i.exec(before)?.[1]?.toLowerCase();
  if (article === undefined) return true;
  if (kind === 'things' && isNotCounted(word)) return false;
  return (article === 'an') === beginsWithVowel(word, entry);
}

/** A frame of a line; or what is wrong with it, to be read after the line. */
function readFrame(
  line: string,
  words: readonly Word[],
  lexicon: Lexicon,
): readonly FramePart[] | string {
  const pieces = line.trim().split(/\{([^{}]*)\}/);
  if (pieces.length === 1) return 'has no slot: write one in braces, as {thing} or {rain | snow}';
  const frame: FramePart[] = [];
  for (const [at, piece] of pieces.entries()) {
    if (at % 2 === 0) {
      if (piece !== '') frame.push(piece);
      continue;
    }
    const kind = slotNames[piece.trim().toLowerCase()];
    const named = piece.split('|').map((each) => each.trim());
    const own = named.filter((each) => each !== '');
    const all: readonly Word[] = kind
      ? [
          ...words.filter((word) => word.kind === kind),
          ...(kind === 'people'
            ? whoFits(pieces[at + 1] ?? '', at + 2 < pieces.length, lexicon)
            : (given[kind] ?? [])
          ).map((word) => ({ word, kind, entry: undefined })),
        ]
      : own.map(
          (word) =>
            words.find((each) => each.word.toLowerCase() === word.toLowerCase()) ?? {
              word,
              kind: undefined,
              entry: undefined,
            },
        );
    const before = pieces[at - 1] ?? '';
    const fitting = all.filter((word) => fitsAfter(before, word));
    if (fitting.length < 2) {
      return kind
        ? `has a slot for ${piece.trim()}, and there are not two such words for it`
        : 'has a slot with one word only: write two or more, with a | between';
    }
    const seen = new Set<string>();
    frame.push(
      fitting
        .filter(({ word }) => !seen.has(word.toLowerCase()) && seen.add(word.toLowerCase()))
        .map(({ word, picture }) => ({ word, ...(picture === undefined ? {} : { picture }) })),
    );
  }
  return frame;
}

/** Sentences with slots, each of which offers only the words that fit. */
const maker: Maker = {
  id: 'sentence-frames',
  name: 'Sentence frames',
  group: 'Vocabulary',
  description:
    'Sentences with slots, filled by choosing: each slot offers only what fits, with its picture.',
  interaction: 'write',
  fewestWords: 3,
  bringsWords: true,
  needs: 'words to fill the slots with, and a frame such as: I can see the {thing}.',
  asks: ['words'],
  parameters,
  workedByDefault: false,
  onScreen: 'Choose a word for each gap.',

  make({ words: material, parameters: asked, lexicon, profile }) {
    const { frames = [], pictures } = read(parameters, asked);
    const words = material.map(({ word, entry }): Word => {
      const picture =
        pictures === 'with' ? pictureFor(word, { lexicon, profile, parameters: asked }) : undefined;
      return {
        word,
        entry,
        kind: kindOf(word, entry),
        ...(picture === undefined ? {} : { picture }),
      };
    });
    const own = frames.filter((line) => line.trim() !== '');
    const notes: { text: string }[] = [];
    const items = (own.length > 0 ? own : usualFrames).flatMap((line): GivenItem[] => {
      const frame = readFrame(line, words, lexicon);
      if (typeof frame === 'string') {
        if (own.length === 0) return [];
        notes.push({ text: `“${line.trim().slice(0, 80)}” ${frame}. It was left out.` });
        return [];
      }
      const model = filled(
        frame,
        slotsOf(frame).map(([first]) => first?.word),
      );
      return [
        {
          // An item is known by a word, as every other is.
          word: slotsOf(frame)[0]?.[0]?.word ?? model,
          prompt: filled(frame, []),
          answer: model,
          accepted: [],
          frame,
          lines: 1,
          reason: 'Any word that the slot offers is right.',
        },
      ];
    });
    const offered = new Map(
      items.flatMap(({ frame = [] }) => slotsOf(frame).flat()).map((each) => [each.word, each]),
    );
    const unused = words.filter(({ word }) => !offered.has(word)).map(({ word }) => word);
    if (unused.length > 0 && items.length > 0) {
      notes.push({ text: `No slot offers ${unused.join(', ')}.` });
    }
    return {
      title: asked.title ?? 'Make sentences',
      instruction: asked.instruction ?? 'Choose a word for each gap. Write the whole sentence.',
      worked: asked.worked ?? maker.workedByDefault,
      // One frame is filled more than once.
      ...written(items.length > 2 ? items : items.map((item) => ({ ...item, lines: 3 })), {
        script: ['The sentences are the learner’s own; those given here are models.'],
        bank: [...offered.values()],
      }),
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [{ pictured: true }],
};

export default maker;
