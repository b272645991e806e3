/** A lesson planned from a word list: objective, five stages, and the exercises its words can feed. */
import type { ClassProfile } from '../classes/class-profile';
import type { ExerciseRecipe } from '../exercises/make-exercise';
import { findMaker } from '../exercises/make-exercise';
import { besideWords } from '../lists/beside-words';
import { fitsBest } from '../exercises/fits-best';
import { startWords } from '../exercises/start-words';
import { findTargetSound, spellingsOf, usedSpellings } from '../search/target-sound';
import { showGrapheme } from '../reach/check-word';
import { showSound } from '../languages/en/sounds/phonemes';
import { joinList } from '../kernel/join-list';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import { Lesson, type LessonPart, type StageId } from '../records/lesson';
import type { WordList } from '../lists/word-list';
import { packOf, speaks } from '../languages/registry/registry';
import { inBrackets, soundOfList } from '../exercises/making/read-words';

export interface PlanInput {
  readonly list: WordList;
  readonly class: ClassProfile;
  readonly lexicon: Lexicon;
  /** Gives a new id each time. */
  readonly newId: () => string;
  readonly seed: number;
  /** The exercise for working alone beside the sort; what fits the words best where it is not given. */
  readonly alone?: string;
}

/** Minutes of each stage: forty in all (common practice). */
const minutes: Readonly<Record<StageId, number>> = {
  'get-ready': 5,
  show: 8,
  together: 10,
  alone: 12,
  'look-back': 5,
};

/** Plans the lesson. Its exercises hold only words their maker can key. */
export function planLesson(input: PlanInput): Lesson {
  const { list, class: profile, lexicon, newId, seed } = input;
  const english = speaks(profile.language, 'words');
  const words = list.words.map((word) => ({
    word,
    entry: english ? lexicon.find(word) : undefined,
  }));
  const sound = findTargetSound(words);
  // A list of another language that was made for a sound, where its spelling is read by rule.
  const byRule = english ? undefined : soundOfList(list.words, packOf(profile.language));
  const ipa = byRule
    ? inBrackets(byRule.sound)
    : sound === undefined
      ? undefined
      : showSound(sound.split(' '));
  const used = byRule?.spellings ?? (sound === undefined ? [] : usedSpellings(words, sound));
  // The objective names the spellings that more than one word shows, where there are such.
  const shared = byRule
    ? []
    : used.filter(
        (spelling) =>
          words.filter((word) => spellingsOf(word, sound ?? '')[0]?.grapheme === spelling).length >
          1,
      );
  const spellings = shared.length > 0 ? shared : used;
  const shown = joinList(spellings.map(showGrapheme), 'and');

  const beside = besideWords([list]);
  const translated = list.words.filter((word) => beside[word]?.translation).length;
  const explained = list.words.filter(
    (word) => beside[word]?.definition ?? beside[word]?.translation,
  ).length;

  const note = (text: string): LessonPart => ({
    id: newId(),
    kind: 'note',
    text,
    maker: '',
    words: [],
    parameters: {},
    seed: 0,
  });
  const exercise = (maker: string, offset: number): LessonPart[] => {
    const recipe: ExerciseRecipe = {
      maker,
      words: list.words,
      parameters:
        sound === undefined || findMaker(maker).parameters?.['sound'] === undefined
          ? {}
          : { sound },
      seed: seed + offset,
    };
    // What the list has beside its words is asked again whenever the exercise is made.
    const known = { language: profile.language, beside };
    const usable = startWords(
      { ...recipe, parameters: { ...recipe.parameters, ...known } },
      profile,
      lexicon,
    );
    if (usable.length < findMaker(maker).fewestWords) return [];
    return [{ id: newId(), kind: 'exercise', text: '', ...recipe, words: usable }];
  };

  /** An exercise on the sound of a list of another language: with the words that have it. */
  const ofSound = (
    { sound: spoken, words: having, spellings: ways }: NonNullable<typeof byRule>,
    maker: string,
    offset: number,
  ): LessonPart[] =>
    maker === 'spellings-of-a-sound' && ways.length < 2
      ? []
      : [
          {
            id: newId(),
            kind: 'exercise',
            text: '',
            maker,
            words: having,
            parameters: { spoken },
            seed: seed + offset,
          },
        ];

  /** What fits the words best for working alone, and is not in the lesson yet. */
  const bestAlone = (taken: readonly LessonPart[]): LessonPart[] => {
    const [fit] = fitsBest(
      {
        recipe: { words: list.words, parameters: { beside } },
        stage: 'alone',
        present: taken.map(({ maker }) => maker),
        profile,
      },
      lexicon,
      undefined,
      1,
    );
    return fit === undefined ? [] : exercise(fit.maker, 3);
  };

  // Said aloud to be heard: only words that have the sound.
  const first = (
    byRule
      ? byRule.words
      : sound === undefined
        ? list.words
        : words.filter((word) => spellingsOf(word, sound).length > 0).map(({ word }) => word)
  ).slice(0, 3);
  const written =
    spellings.length > 1
      ? `Write ${shown}. Each can spell ${ipa}. Underline it in a word of each kind.`
      : `Write ${shown}. It spells ${ipa} here. Underline it in three of the words.`;
  const together = english
    ? exercise('missing-grapheme', 1)
    : translated >= 3
      ? exercise('match-translation', 1)
      : [];
  const sorted = byRule
    ? ofSound(byRule, 'spellings-of-a-sound', 2)
    : used.length > 1
      ? exercise('sort-by-spelling', 2)
      : [];
  const parts: Record<StageId, LessonPart[]> = {
    'get-ready': [
      note(
        ipa
          ? `Say ${joinList(first, 'and')} slowly. Learners hold up a finger for each sound. Which sound do the words share? ${ipa}.`
          : `Read ${joinList(first, 'and')} aloud together. What do the words have in common?`,
      ),
    ],
    show: [
      note(
        ipa
          ? written
          : 'Write three of the words. Point out the pattern you teach and say it in one sentence.',
      ),
    ],
    together,
    alone: [
      ...sorted,
      ...(english
        ? input.alone === undefined
          ? bestAlone([...together, ...sorted])
          : exercise(input.alone, 3)
        : byRule
          ? ofSound(byRule, 'missing-letters', 3)
          : [...(explained >= 3 ? exercise('pairs', 2) : []), ...exercise('trace-copy-write', 3)]),
    ],
    'look-back': [
      note(
        ipa
          ? `Each learner says one word with ${ipa}, spells it, and tells a partner where the sound is.`
          : 'Each learner chooses one word, spells it and uses it in a sentence.',
      ),
    ],
  };
  return Object.assign(new Lesson(), {
    id: newId(),
    classId: profile.id,
    title: ipa ? `${list.name}: spelling ${ipa}` : list.name,
    objective: ipa
      ? `Learners spell ${ipa} as ${shown} in words they can read.`
      : 'Learners read and spell the words of this list.',
    stages: (Object.keys(parts) as StageId[]).map((id) => ({
      id,
      minutes: minutes[id],
      parts: parts[id],
    })),
  });
}
