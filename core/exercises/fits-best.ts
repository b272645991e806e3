/**
 * Which exercises fit a material and a stage of the lesson best, by a stated rule: how many of the
 * words they use, what the list is about, what the stage asks for, and what was not used before.
 */
import type { ClassProfile } from '../classes/class-profile';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import type { Meanings } from '../languages/en/words/meanings';
import { canDo } from '../languages/language-pack';
import { packOf } from '../languages/registry/registry';
import { findTargetSound, usedSpellings } from '../search/target-sound';
import { patternMask, patternsIn } from '../languages/en/sounds/patterns';
import { wordFacts } from '../languages/en/words/word-facts';
import { makeExercise, wordsOfTask, type ExerciseRecipe } from './make-exercise';
import type { Maker } from './making/maker';
import type { MakerGroup } from './making/maker-group';
import { makers } from './makers';

export interface Fit {
  readonly maker: string;
  /** Why, in a few words after each other. */
  readonly why: readonly string[];
}

/** What a stage asks for (common practice): recall, a model, guided practice, practice alone, a look back. */
const stageWants: Readonly<Record<string, readonly string[]>> = {
  'get-ready': ['speak', 'spot', 'match'],
  show: ['sort', 'build', 'spot'],
  together: ['gap', 'sort', 'order', 'match'],
  alone: ['gap', 'choice', 'write', 'sort'],
  'look-back': ['choice', 'write', 'speak'],
};

const stageSays: Readonly<Record<string, string>> = {
  'get-ready': 'quick recall',
  show: 'shows the pattern',
  together: 'to do together',
  alone: 'for working alone',
  'look-back': 'looks back',
};

export interface FitInput {
  readonly recipe: Pick<ExerciseRecipe, 'words' | 'parameters' | 'reading'>;
  /** The stage it is for. */
  readonly stage?: string;
  /** Makers that the lesson has already, the last of them last. */
  readonly present?: readonly string[];
  readonly profile: ClassProfile;
}

/** What the words of a list have in common, and the makers that are made for it. */
function aims(words: readonly string[], lexicon: Lexicon): ReadonlyMap<string, string> {
  const found = new Map<string, string>();
  const material = words.map((word) => ({ word, entry: lexicon.find(word) }));
  const entries = material.flatMap(({ entry }) => entry ?? []);
  if (entries.length < 3) return found;
  const share = (pattern: 'soft-c' | 'soft-g') => {
    const facts = wordFacts(lexicon);
    const having = entries.filter(
      ({ rank }) => patternsIn((facts.patterns[rank] ?? 0) & patternMask([pattern])).length > 0,
    );
    return having.length / entries.length;
  };
  if (Math.max(share('soft-c'), share('soft-g')) >= 0.25)
    found.set('sort-hard-soft', 'hard and soft letters');
  const sound = findTargetSound(material);
  const spellings = sound ? usedSpellings(material, sound).length : 0;
  if (spellings > 1) {
    const why = `${spellings} spellings of one sound`;
    found.set('sort-by-spelling', why);
    found.set('missing-grapheme', why);
  }
  const pictured = entries.filter(({ word }) => lexicon.picturesOf(word).length > 0).length;
  if (pictured >= 6) {
    found.set('picture-to-word', `${pictured} words have a picture`);
    found.set('match-picture', `${pictured} words have a picture`);
  }
  const long = entries.filter(({ readings }) => readings[0].syllables.length > 1).length;
  if (long >= entries.length / 2) found.set('sort-by-syllables', 'words of several syllables');
  return found;
}

/** A text is asked about; words are used; without either a maker brings its own. */
function materialFits(maker: Maker, { words, reading }: FitInput['recipe']): boolean {
  if (reading) return maker.needsText === true;
  return maker.needsText !== true && (words.length === 0 || maker.usesWords !== false);
}

/** A group that a list of words is rarely for. */
const groupWeight: Readonly<Record<MakerGroup, number>> = {
  'Sounds and spelling': 1,
  Vocabulary: 1,
  Grammar: 0.4,
  Reading: 1,
};

/** The makers that fit best, the best first, each with why. */
export function fitsBest(input: FitInput, lexicon: Lexicon, meanings?: Meanings, count = 8): Fit[] {
  const { recipe, stage = 'alone', present = [], profile } = input;
  const pack = packOf(recipe.parameters.language);
  const made = makers.filter((maker) => canDo(pack, maker.asks) && materialFits(maker, recipe));
  const about = recipe.reading ? new Map<string, string>() : aims(recipe.words, lexicon);
  const wants = stageWants[stage] ?? [];
  const last = present.at(-1);
  const lastKind = makers.find(({ id }) => id === last)?.interaction;
  const fits = made.flatMap((maker) => {
    const exercise = makeExercise(
      { ...recipe, maker: maker.id, seed: 1 },
      lexicon,
      meanings,
      profile,
    );
    if (exercise.short !== undefined) return [];
    const shown = new Set(wordsOfTask(exercise.task));
    const used = recipe.words.filter((word) => shown.has(word)).length;
    const whole = recipe.words.length;
    const share = recipe.reading || whole === 0 ? 0.7 : used / whole;
    if (whole > 0 && !recipe.reading && used === 0) return [];
    const place = wants.indexOf(maker.interaction);
    const aim = about.get(maker.id);
    const again = present.includes(maker.id);
    const score =
      2 * share * groupWeight[maker.group] +
      (place < 0 ? 0 : 1 - place * 0.2) +
      // What the list is about counts for less where the stage asks for something else.
      (aim === undefined ? 0 : place < 0 ? 0.5 : 1.2) -
      (again ? 1.5 : 0) -
      // Five minutes of recall are not worth a page to cut out for each learner.
      (stage === 'get-ready' && maker.isCards ? 1 : 0) -
      (lastKind === maker.interaction ? 0.4 : 0);
    const why = [
      ...(aim === undefined ? [] : [aim]),
      ...(recipe.reading || whole === 0 ? [] : [`uses ${used} of ${whole} words`]),
      ...(place < 0 ? [] : [stageSays[stage] ?? '']),
      ...(lastKind !== undefined && lastKind !== maker.interaction && !again
        ? ['other than the last']
        : []),
    ];
    return [{ maker: maker.id, why, score }];
  });
  return fits
    .sort((one, other) => other.score - one.score)
    .slice(0, count)
    .map(({ maker, why }) => ({ maker, why }));
}
