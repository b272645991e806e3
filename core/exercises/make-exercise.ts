/** From a recipe (maker, words, parameters, seed) to an exercise, and from an exercise to its reach check. */
import { pictureFor } from './making/picture-of';
import type { ClassProfile } from '../classes/class-profile';
import { checkWord, type WordReach } from '../reach/check-word';
import { checkInCourse, courseIndexOf } from '../reach/course-reach';
import { aimOf, withAim } from '../lists/aim-of';
import { findSwaps } from '../search/find-swaps';
import { findWords } from '../search/find-words';
import type { Lexicon } from '../languages/en/lexicon/lexicon';
import type { Meanings } from '../languages/en/words/meanings';
import { sectionOf, type TextMaterial } from '../texts/reading/text-material';
import type { Exercise, ExerciseParameters, MakerNote } from './making/exercise';
import { textReach } from '../texts/fit/text-reach';
import { findStructures } from '../texts/fit/structures';
import { withAccepted } from './accepted';
import { arrangeItems, nextTurn } from './arrange-items';
import { applyEdits } from './hand-edits';
import { packOf, speaks } from '../languages/registry/registry';
import { interactionOf, keyedItems, markTask, type Task } from './interactions';
import type { Maker, MakerInput } from './making/maker';
import { grammarTerms } from '../languages/en/grammar/grammar-terms';
import { makers } from './makers';
import { saidAtHome } from './making/said-at-home';
import { shortageOf } from './shortage';
import { Random } from '../kernel/random';
import { versionOf, versionParameters } from './versions';

/** All that is kept of an exercise: it can be made again from this. */
export interface ExerciseRecipe {
  readonly maker: string;
  readonly words: readonly string[];
  readonly parameters: ExerciseParameters;
  readonly seed: number;
  /** The text of a reading exercise; what is kept is its id alone. */
  readonly reading?: TextMaterial | undefined;
}

/** @throws RangeError where no maker has the id */
export function findMaker(id: string): Maker {
  const maker = makers.find((each) => each.id === id);
  if (maker === undefined) {
    const known = makers.map((each) => each.id).join(', ');
    throw new RangeError(`There is no maker called ${id}. The makers are ${known}.`);
  }
  return maker;
}

function inputOf(
  recipe: ExerciseRecipe,
  lexicon: Lexicon,
  meanings?: Meanings,
): Omit<MakerInput, 'random'> {
  return {
    words: recipe.words.map((word) => ({
      word,
      entry: speaks(recipe.parameters.language, 'words') ? lexicon.find(word) : undefined,
    })),
    parameters: recipe.parameters,
    pack: packOf(recipe.parameters.language),
    lexicon,
    meanings,
    text: recipe.reading ? sectionOf(recipe.reading, recipe.parameters.section) : undefined,
  };
}

/** The words a task really uses, each once, in the task's order. */
export function wordsOfTask(task: Task): string[] {
  return interactionOf(task).wordsOf(task);
}

/** The teacher's own words stand on every face. */
function instructionOnScreen({ onScreen }: Maker, own: string | undefined, paper: string): string {
  if (own !== undefined || onScreen === undefined) return paper;
  return typeof onScreen === 'string' ? onScreen : onScreen(paper);
}

/** Makes the exercise. The same recipe always gives the same exercise for the same class. */
export function makeExercise(
  recipe: ExerciseRecipe,
  lexicon: Lexicon,
  meanings?: Meanings,
  profile?: ClassProfile,
): Exercise {
  const maker = findMaker(recipe.maker);
  const { version, language = 'en' } = recipe.parameters;
  const settled = { ...recipe, parameters: versionParameters(recipe.parameters) };
  const input = {
    ...inputOf(settled, lexicon, meanings),
    random: new Random(recipe.seed),
    ...(profile ? { profile } : {}),
  };
  if (maker.needsText === true && input.text === undefined) {
    return withoutText(maker, recipe, language);
  }
  const whole = maker.make(input);
  const arranged = arrangeItems(whole.task, recipe.parameters, (turn) =>
    madeAgain(maker, input, recipe.seed, turn),
  );
  const plain = versionOf({ ...whole, task: arranged.task }, version, maker);
  const edited = applyEdits(plain.task, recipe.parameters.edits ?? []);
  const task = withAccepted(edited.task, recipe.parameters.accept);
  const made = { ...plain, task, notes: [...plain.notes, ...arranged.notes, ...edited.notes] };
  const problems = interactionOf(made.task).validate(made.task);
  const notes = [...made.notes];
  const rest = leftOver(maker, recipe.words, made.task, notes);
  const unused = new Set([...rest, ...notes.flatMap(({ word }) => word ?? [])]);
  const shown = recipe.words.filter((word) => !unused.has(word)).length;
  const items = wordsOfTask(made.task).length;
  // Three of the four words of an odd one out are no answer, and stand there all the same.
  const used =
    maker.usesWords === false ? maker.fewestWords : items === 0 ? 0 : Math.max(items, shown);
  const { interaction } = made.task;
  const also = saidAtHome(recipe.parameters.alsoIn, { maker: maker.id, interaction });
  const missing = shortageOf(maker, recipe, arranged.task, used);
  if (rest.length > 0 && used > 0) {
    notes.push({
      text: `${recipe.words.length - rest.length} of ${recipe.words.length} words are used. Left for a second sheet: ${rest.join(', ')}.`,
    });
  }
  return {
    maker: maker.id,
    parameters: recipe.parameters,
    seed: recipe.seed,
    words: recipe.words,
    language,
    ...made,
    ...(arranged.places.length > 0 ? { items: arranged.places } : {}),
    pictures: picturesOf(wordsOfTask(made.task), recipe.parameters, { lexicon, profile }),
    screenInstruction: instructionOnScreen(maker, recipe.parameters.instruction, made.instruction),
    ...(also ? { also } : {}),
    ...(recipe.parameters.printText && input.text ? { reading: input.text } : {}),
    ...(missing === undefined ? {} : { short: missing }),
    notes: [...notes, ...problems.map((text) => ({ text }))],
  };
}

/** The task of the same material at another turn of chance. */
const madeAgain = (
  maker: Maker,
  input: Omit<MakerInput, 'random'>,
  seed: number,
  turn: number,
): Task => maker.make({ ...input, random: new Random(seed + turn * TURN) }).task;

/** A prime, so that turns of neighbouring seeds do not meet. */
const TURN = 7919;

/**
 * How often the item must be made once more to be another one, for `renewed` of the recipe.
 *
 * @returns undefined where this material has no other item for it
 */
export function anotherTurn(
  recipe: ExerciseRecipe,
  id: string,
  lexicon: Lexicon,
  meanings?: Meanings,
  profile?: ClassProfile,
): { readonly key: string; readonly turn: number } | undefined {
  const maker = findMaker(recipe.maker);
  const settled = { ...recipe, parameters: versionParameters(recipe.parameters) };
  const input = { ...inputOf(settled, lexicon, meanings), ...(profile ? { profile } : {}) };
  if (maker.needsText === true && input.text === undefined) return undefined;
  const again = (turn: number) => madeAgain(maker, input, recipe.seed, turn);
  const { task, places } = arrangeItems(again(0), recipe.parameters, again);
  const key = places.find((place) => place.id === id)?.key;
  if (key === undefined) return undefined;
  const turn = nextTurn(task, id, recipe.parameters.renewed?.[key] ?? 0, again);
  return turn === undefined ? undefined : { key, turn };
}

/** A picture for each word that has one: the teacher's own choice, else the bank's. */
function picturesOf(
  words: readonly string[],
  { beside = {}, language }: ExerciseParameters,
  input: Pick<MakerInput, 'lexicon' | 'profile'>,
): Record<string, string> {
  const known = speaks(language, 'words');
  return Object.fromEntries(
    words.flatMap((word) => {
      const picture = beside[word]?.picture ?? (known ? pictureFor(word, input) : undefined);
      return picture && picture !== 'none' ? [[word, picture] as const] : [];
    }),
  );
}

/** Words of the teacher's that the task has no room for, and of which no note has said why. */
function leftOver(
  { usesWords, usesSentences, needsText, bringsWords, saysWhatIsLeft }: Maker,
  words: readonly string[],
  task: Task,
  notes: readonly MakerNote[],
): string[] {
  if (usesWords === false || bringsWords || usesSentences || needsText || saysWhatIsLeft) return [];
  const shown = JSON.stringify(task).toLowerCase();
  return words.filter(
    (word) =>
      !shown.includes(JSON.stringify(word).slice(1, -1).toLowerCase()) &&
      !notes.some((note) => note.word === word || note.text.includes(word)),
  );
}

/** A reading exercise whose text is not there says so, and what to do. */
function withoutText(maker: Maker, recipe: ExerciseRecipe, language: string): Exercise {
  return {
    maker: maker.id,
    parameters: recipe.parameters,
    seed: recipe.seed,
    words: recipe.words,
    language,
    title: recipe.parameters.title ?? maker.name,
    instruction: '',
    screenInstruction: '',
    worked: false,
    task: { interaction: 'write', items: [], script: [] },
    short: `${maker.name} is made from a text. Choose one in this panel, or bring one in under Texts.`,
    notes: [],
  };
}

/** One word of an exercise as the class meets it, with up to three words that could take its place. */
export interface CheckedWord extends WordReach {
  readonly swaps: readonly string[];
}

/** Checks every word of an exercise against the class. */
export function checkExercise(
  recipe: ExerciseRecipe,
  exercise: Exercise,
  profile: ClassProfile,
  lexicon: Lexicon,
): CheckedWord[] {
  const maker = findMaker(recipe.maker);
  if (!speaks(recipe.parameters.language, 'words')) return checkByCourse(recipe, exercise, profile);
  if (maker.needsText === true || maker.usesSentences === true) {
    return checkPrompts(exercise, profile, lexicon);
  }
  // Letters and joins that are traced are no words.
  const { task } = exercise;
  const traced = task.interaction === 'write' && task.items.every((item) => item.trace);
  if (traced && maker.usesWords === false) return [];
  const input = inputOf(recipe, lexicon);
  const aim = aimOf(recipe.words, lexicon);
  return wordsOfTask(exercise.task).map((word) => {
    const entry = lexicon.find(word);
    const checked = checkWord(word, entry, profile);
    if (checked.reach === 'secure') return { ...checked, swaps: [] };
    const queries = maker.replacements({ word, entry }, input).map((query) => withAim(query, aim));
    const swaps = findSwaps(word, queries, profile, lexicon, recipe.words);
    return { ...checked, swaps };
  });
}

/** The words of a list in another language, where the class follows a course of it; sentences are not checked. */
function checkByCourse(
  { maker, parameters }: ExerciseRecipe,
  { task }: Exercise,
  profile: ClassProfile,
): CheckedWord[] {
  const { needsText, usesSentences, usesWords, bringsWords } = findMaker(maker);
  const ofList = !needsText && !usesSentences && usesWords !== false && !bringsWords;
  const index = parameters.language === profile.language ? courseIndexOf(profile) : undefined;
  if (!ofList || !index) return [];
  return wordsOfTask(task).map((word) => ({ ...checkInCourse(word, index, profile), swaps: [] }));
}

/** Every different word, and every structure past the class, that a learner reads in the items of an exercise. */
function checkPrompts(exercise: Exercise, profile: ClassProfile, lexicon: Lexicon): CheckedWord[] {
  const read = keyedItems(exercise.task)
    .flatMap(({ question, answer }) => [question, answer])
    .join('\n');
  const { words } = textReach({ text: `${exercise.instruction}\n${read}`, profile, lexicon });
  const taught = findMaker(exercise.maker).group === 'Grammar' ? grammarTerms : new Set<string>();
  // Whom or what? ____: a label before a line to write on is no sentence to read.
  const sentences = read.replace(/^.*\?\s*_{3,}\s*$/gm, '');
  const structures = new Map(
    findStructures(sentences, profile, lexicon).map((found) => [found.name, found]),
  );
  return [
    ...words
      .filter(({ word }) => !taught.has(word.toLowerCase()))
      .map((word) => ({ ...word, swaps: [] })),
    // A structure past the class is marked as a word is.
    ...[...structures.values()].map(({ name, reach, reasons }): CheckedWord => ({
      word: name,
      reach,
      reasons,
      level: undefined,
      swaps: [],
    })),
  ];
}

/** Words within reach that the maker could use beside the ones it has, those that fill its gaps first. */
export function suggestWords(
  recipe: ExerciseRecipe,
  profile: ClassProfile,
  lexicon: Lexicon,
  count = 6,
): string[] {
  if (!speaks(recipe.parameters.language, 'words')) return [];
  const maker = findMaker(recipe.maker);
  const queries = maker.suggestions(inputOf(recipe, lexicon));
  const aim = aimOf(recipe.words, lexicon);
  const found = queries.map((query) => {
    const search = {
      ...withAim(query, aim),
      class: profile,
      knows: 'secure' as const,
      limit: count * 2,
    };
    const { groups } = findWords(lexicon, { ...search, except: recipe.words, maxSyllables: 2 });
    // What can be read but is in no wordbook (jaywalk) is not offered.
    return takeTurns(
      groups.map(({ words }) =>
        words
          .map(({ entry }) => entry)
          .filter((entry) => lexicon.lemmaOf(entry).schoolClasses !== '')
          .map(({ word }) => word),
      ),
    );
  });
  return takeTurns(found).slice(0, count);
}

/** One from each list in turn, each word once. */
function takeTurns(lists: readonly (readonly string[])[]): string[] {
  const longest = Math.max(0, ...lists.map((list) => list.length));
  const taken = new Set<string>();
  for (let turn = 0; turn < longest; turn += 1) {
    for (const list of lists) {
      const word = list[turn];
      if (word !== undefined) taken.add(word);
    }
  }
  return [...taken];
}

export { markItem, type MarkableItem } from './mark-item';
export { markTask };
