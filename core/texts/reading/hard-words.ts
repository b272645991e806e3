/** The words of a text that a class may not know, each with the sentence in which it stands. */
import type { ClassProfile } from '../../classes/class-profile';
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { cefrLevels, type CefrLevel } from '../../kernel/level';
import type { Lexicon, LexiconEntry } from '../../languages/en/lexicon/lexicon';
import { offeredAge } from '../../reach/fitness';
import { entryOf } from '../analysis/word-tokens';
import { functionWords } from '../devices/device';
import type { Passage, PassageSentence } from './passage';
import { senseClasses } from './sense-in-context';

export interface HardWord {
  /** Its base form, lower case: what is looked up. */
  readonly word: string;
  /** As it stands. */
  readonly form: string;
  readonly sentence: PassageSentence;
  /** n, v, a or d. */
  readonly wordClass: string;
  /** How hard it is on the class’s scale: the age at which it is understood, or its step among the CEFR levels. */
  readonly level: number;
}

/** A shorter sentence does not show what its words mean. */
const LEAST_WORDS = 3;

/** What makes another verb of the verb before it. */
const particle = /^(?:up|out|off|on|down|away|back|over|in|through|round|along)$/;

/** Words of phrases that join sentences: for example, as a result. */
const fixed =
  /^(?:for (?:example|instance)|a result|in (?:contrast|addition|fact|spite)|other hand|of course|at (?:least|last|first|once)|this reason)$/;

/** A word understood so many years before the class’s age needs no explaining. */
const YEARS_KNOWN = 1;
/** Commoner words (Zipf scale) are known to whoever reads at all. */
const EVERYDAY = 5.3;

/**
 * Hard words of a passage, the hardest first; of a word used in several ways the
 * first way. Names are none.
 */
export function hardWords(passage: Passage, lexicon: Lexicon, profile?: ClassProfile): HardWord[] {
  const found = new Map<string, HardWord>();
  const cefr = profile?.level.system === 'cefr';
  const levelOf = (entry: LexiconEntry) => (cefr ? cefrLevels.indexOf(entry.cefr) : entry.age);
  for (const sentence of passage.sentences) {
    // Splash! says nothing of what it means.
    if (sentence.words < LEAST_WORDS) continue;
    const { tokens } = analyseSentence(sentence.text, lexicon);
    for (const { at, tag, lower, base, text, mark } of tokens) {
      const wordClass = senseClasses[tag];
      // Picked up is no picking: with its particle a verb is another word.
      const { lower: after = '' } = tokens[at + 1] ?? {};
      if (wordClass === 'v' && particle.test(after)) continue;
      if (fixed.test(`${tokens[at - 1]?.lower ?? ''} ${lower}`)) continue;
      const word = (base ?? lower).toLowerCase();
      if (mark || wordClass === undefined || found.has(word) || word.length < 3) continue;
      if (functionWords.has(word) || passage.names.has(lower) || passage.names.has(word)) continue;
      const entry = entryOf(word, lexicon);
      if (entry === undefined || entry.zipf > EVERYDAY || lexicon.isUnfit(word)) continue;
      found.set(word, { word, form: text, sentence, wordClass, level: levelOf(entry) });
    }
  }
  const least =
    profile === undefined
      ? 0
      : profile.level.system === 'cefr'
        ? cefrLevels.indexOf(profile.level.value as CefrLevel)
        : offeredAge(profile) - YEARS_KNOWN;
  const ordered = [...found.values()].sort((left, right) => right.level - left.level);
  const hard = ordered.filter(({ level }) => level >= least);
  return hard.length >= 3 ? hard : ordered;
}
