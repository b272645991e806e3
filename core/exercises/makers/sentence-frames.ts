import { filled, slotsOf, type FrameChoice, type FramePart } from '../../kernel/sentence-frame';
import type { WordKind } from '../../kernel/sentence-parts';
import { isVowelPhoneme } from '../../languages/en/sounds/phonemes';
import type { LexiconEntry } from '../../languages/en/lexicon/lexicon';
import { helperWords, kindOfWord } from '../making/helper-words';
import type { Maker } from '../making/maker';
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
const usualFrames = ['I can see the {thing}.', 'I like the {what like} {thing}.'];

interface Word extends FrameChoice {
  /** Absent where it fits no slot by its kind: it can still be written into one. */
  readonly kind: WordKind | undefined;
  readonly entry: LexiconEntry | undefined;
}

const slotKinds = Object.values(slotNames);

/** The kind of a word by its class; a small word is what it is among the helping words, and nothing else. */
function kindOf(word: string, entry: LexiconEntry | undefined): WordKind | undefined {
  const helper = Object.entries(helperWords).find(([, all]) => all.includes(word.toLowerCase()));
  if (helper) return slotKinds.find((kind) => kind === helper[0]);
  const letter = entry?.schoolClasses[0];
  return letter !== undefined && 'nvad'.includes(letter) ? kindOfWord(letter) : undefined;
}

/** What a word begins with when it is said; by its letter where its sounds are not known. */
const beginsWithVowel = (word: string, entry: LexiconEntry | undefined) => {
  const [sound] = entry?.readings[0].units.flatMap(({ phonemes }) => phonemes) ?? [];
  return sound === undefined ? /^[aeiou]/i.test(word) : isVowelPhoneme(sound);
};

/** After “a” only what begins with a consonant fits, after “an” only what begins with a vowel. */
function fitsAfter(before: string, { word, entry }: Word): boolean {
  const article = /(?:^|\s)(an?)\s+$/i.exec(before)?.[1]?.toLowerCase();
  return article === undefined || (article === 'an') === beginsWithVowel(word, entry);
}

/** A frame of a line; or what is wrong with it, to be read after the line. */
function readFrame(line: string, words: readonly Word[]): readonly FramePart[] | string {
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
          ...(helperWords[kind] ?? []).map((word) => ({ word, kind, entry: undefined })),
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
        ? `has a slot for ${piece.trim()}, and the list has not two such words for it`
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

  make({ words: material, parameters: given, lexicon }) {
    const { frames = [], pictures } = read(parameters, given);
    const words = material.map(({ word, entry }): Word => {
      const picture = pictures === 'with' ? lexicon.picturesOf(word)[0] : undefined;
      return {
        word,
        entry,
        kind: kindOf(word, entry),
        ...(picture === undefined ? {} : { picture }),
      };
    });
    const asked = frames.filter((line) => line.trim() !== '');
    const notes: { text: string }[] = [];
    const items = (asked.length > 0 ? asked : usualFrames).flatMap((line): GivenItem[] => {
      const frame = readFrame(line, words);
      if (typeof frame === 'string') {
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
      title: given.title ?? 'Make sentences',
      instruction: given.instruction ?? 'Choose a word for each gap. Write the whole sentence.',
      worked: given.worked ?? maker.workedByDefault,
      ...written(items, {
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
