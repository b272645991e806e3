/** The reach of a text for a class: every word past it in its place with the reason, long sentences, hard structures. */
import type { ClassProfile } from '../../classes/class-profile';
import { scaleOf } from '../../classes/class-level';
import { checkWord, type Reach, type ReachReason, type WordReach } from '../../reach/check-word';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { Meanings } from '../../languages/en/words/meanings';
import {
  linesIn,
  looksLikeVerse,
  sentencesIn,
  wordsIn,
  type Span,
} from '../../languages/shared/segment';
import { entryOf, namesIn, sentenceStarts, wordTokens } from '../analysis/word-tokens';
import { findStructures } from './structures';
import { formsOf } from './word-form';
import { textSwaps, type TextSwap } from './swaps';

export interface ReachSpan extends Span {
  readonly kind: 'word' | 'sentence' | 'structure';
  readonly text: string;
  readonly reach: Reach;
  readonly reasons: readonly ReachReason[];
  /** Words within reach that could stand here, in the same form; of a word only. */
  readonly swaps: readonly TextSwap[];
}

export interface TextReach {
  readonly spans: readonly ReachSpan[];
  /** Each different word once, for the ruler. */
  readonly words: readonly WordReach[];
  /** Running words, and those within reach. */
  readonly total: number;
  readonly secure: number;
}

export interface TextReachInput {
  readonly text: string;
  readonly profile: ClassProfile;
  readonly lexicon: Lexicon;
  readonly meanings?: Meanings | undefined;
  readonly verse?: boolean | undefined;
  /** Words that the teacher has settled for this text: glossed, in its word box, or accepted. */
  readonly settled?: readonly string[];
  /** Give the words within reach too. */
  readonly all?: boolean;
}

/**
 * Words that a sentence may have before it is long for a class: eight at the
 * beginning of school and two more a year (common practice for graded readers).
 */
export function longSentence(profile: ClassProfile): { stretch: number; beyond: number } {
  const years = scaleOf(profile.level).middle;
  const usual = Math.round(8 + 2 * Math.max(0, years - 1));
  return { stretch: Math.round(usual * 1.5), beyond: usual * 2 };
}

function longSentences(text: string, verse: boolean, profile: ClassProfile): ReachSpan[] {
  const { stretch, beyond } = longSentence(profile);
  return sentencesIn(text, verse).flatMap((span): ReachSpan[] => {
    const words = wordsIn(text, span).length;
    if (words <= stretch) return [];
    const reach = words > beyond ? 'beyond' : 'stretch';
    return [
      {
        ...span,
        kind: 'sentence',
        text: text.slice(span.start, span.end),
        reach,
        reasons: [
          {
            kind: 'sentence',
            text: `${words} words in one sentence: long for this class from ${stretch}. Could it be two?`,
          },
        ],
        swaps: [],
      },
    ];
  });
}

/** Signs of units after a number: read as the unit they stand for, and no words of their own. */
const units = /^(?:mm|cm|m|km|g|kg|ml|l|s|h|min|kph|mph|°?[CF])$/;

/** A word in running text: an inflected form is no harder than its base. */
function checkInText(
  written: string,
  key: string,
  profile: ClassProfile,
  lexicon: Lexicon,
): WordReach {
  if (lexicon.isLeftOut(key)) {
    return {
      word: written,
      reach: 'beyond',
      level: undefined,
      reasons: [
        {
          kind: 'unfit',
          text: 'Not a word for a class: it stays in your text, and nothing is made of it.',
        },
      ],
    };
  }
  const own = checkWord(written, entryOf(key, lexicon), profile);
  // A class on the sequence has to decode the form itself.
  if (own.reach === 'secure' || profile.step !== null) return own;
  for (const { base, form } of formsOf(key, lexicon)) {
    if (form === 'base') continue;
    const known = checkWord(base, lexicon.find(base), profile);
    if (known.reach === 'secure' || (known.reach === 'stretch' && own.reach === 'beyond')) {
      return { ...known, word: written };
    }
  }
  return own;
}

/** Checks a whole text. */
export function textReach(input: TextReachInput): TextReach {
  const { text, profile, lexicon, meanings, settled = [], all = false } = input;
  const verse = input.verse ?? looksLikeVerse(text);
  const tokens = wordTokens(text);
  const names = namesIn(
    tokens,
    sentenceStarts(text, sentencesIn(text, verse), linesIn(text)),
    lexicon,
  );
  const done = new Set(settled.map((word) => word.toLowerCase()));
  const known = new Map<string, WordReach>();
  const swaps = new Map<string, readonly TextSwap[]>();
  const spans: ReachSpan[] = [];
  let secure = 0;
  for (const token of tokens) {
    const { key, start, end } = token;
    if (units.test(token.text) && /\d\s?$/.test(text.slice(Math.max(0, start - 3), start)))
      continue;
    let reach = known.get(key);
    if (reach === undefined) {
      reach = names.has(key)
        ? {
            word: token.text,
            reach: 'secure',
            level: undefined,
            reasons: [{ kind: 'known', text: 'A name: read it with the class once.' }],
          }
        : checkInText(token.text, key, profile, lexicon);
      known.set(key, reach);
    }
    if (reach.reach === 'secure' || done.has(key)) {
      secure += 1;
      if (all) {
        const { reasons } = reach;
        spans.push({
          kind: 'word',
          start,
          end,
          text: token.text,
          reach: 'secure',
          reasons,
          swaps: [],
        });
      }
      continue;
    }
    const offered = swaps.get(key) ?? textSwaps({ text, token, profile, lexicon, meanings });
    swaps.set(key, offered);
    spans.push({
      kind: 'word',
      start,
      end,
      text: token.text,
      reach: reach.reach,
      reasons: reach.reasons,
      swaps: offered,
    });
  }
  spans.push(...longSentences(text, verse, profile));
  spans.push(
    ...findStructures(text, profile, lexicon).map((found): ReachSpan => ({
      ...found,
      kind: 'structure',
      text: text.slice(found.start, found.end),
      swaps: [],
    })),
  );
  spans.sort((left, right) => left.start - right.start || right.end - left.end);
  return { spans, words: [...known.values()], total: tokens.length, secure };
}
