/**
 * The face of the core for scripts: functions that take one plain object and
 * give plain data. The lexicon is loaded once a process with `useLexicon`.
 */
import { completeClass, type ClassSettings } from '../classes/new-class';
import { readRoster as readRosterText } from '../classes/roster';
import { catalogue, parametersOf, recipeProblems } from '../exercises/catalogue';
import type { ExerciseParameters } from '../exercises/making/exercise';
import {
  checkExercise as checkExerciseWords,
  findMaker,
  makeExercise as makeFromRecipe,
  markItem,
  type MarkableItem,
} from '../exercises/make-exercise';
import { versions } from '../kernel/version';
import { ruleText } from '../languages/en/forms/inflect';
import { inflectKnown } from '../languages/en/forms/inflect-known';
import { checkWord } from '../reach/check-word';
import { sentencesOf as findSentences } from '../reach/sentences-of';
import type { Sequence } from '../languages/en/sounds/sequence';
import { ruleCard as makeRuleCard, type RuleTopic } from '../rule-cards/rule-card';
import type { ClassProfile } from '../classes/class-profile';
import type { SheetBlock } from '../sheets/blocks/sheet-block';
import type { SheetLayout } from '../paper/sheet-layout';
import { layOutBooklet, layOutLesson as layOutWhole } from '../sheets/lay-out-lesson';
import { fitsBest as fits } from '../exercises/fits-best';
import { layOutBlocks as layOutAll, type ResolvedBlock } from '../sheets/lay-out-blocks';
import { exerciseDocument } from '../documents/sheet-document';
import { toItemsCsv } from '../documents/items-csv';
import { toMarkdown } from '../documents/markdown';
import { toPlainText } from '../documents/plain-text';
import { confusableSets, confusablesOf } from '../languages/en/words/confusables';
import { COLUMN_GAP } from '../paper/style';
import { layOutSheet as layOut } from '../sheets/sheet';
import { paginate as paginateBlocks, type Block } from '../paper/paginate';
import { papers, type Paper } from '../kernel/paper-size';
import { defaultSequences, sequenceIndexOf } from '../classes/class-sequence';
import type { Accent } from '../kernel/accent';
import { isPatternName, type PatternName } from '../languages/en/sounds/patterns';
import { analyseWord as analyse, describeReading } from '../languages/en/words/analyse-word';
import {
  explainWord as explain,
  findWords as search,
  orderOf,
  type WordQuery,
} from '../search/find-words';
import { pseudowords as makePseudowords } from '../search/pseudowords';
import { wordsLike as likeness } from '../search/words-like';
import { define as defineWord } from '../languages/en/words/meanings';
import { loadedLexicon, loadedMeanings, loadedSyllables } from './loaded';
import type { Spelling } from '../kernel/spelling';
import { analyseText as measureText } from '../texts/analysis/analyse-text';
import { findDevices as devicesOf } from '../texts/devices/find-devices';
import { layOutText as layOutReading } from '../sheets/lay-out-text';
import type { ReadingLayout } from '../texts/reading-layout';
import { textReach } from '../texts/fit/text-reach';
import { completeMaterial, type TextMaterial } from '../texts/reading/text-material';
import { methods as allMethods } from '../texts/marks/methods';
import { readText as readTextFile, type TextFormat } from '../records/exchange/read-text';
import { languagesFor } from '../languages/registry/registry';

/** Short meanings of a word or of the base it is a form of, the likeliest sense first. */
export function define({ word }: { word: string }) {
  const known = loadedMeanings();
  if (known === undefined) {
    throw new Error('The meanings are not loaded: call useMeanings first.');
  }
  return defineWord(word, known, loadedLexicon());
}

/** Sentences with a word in them, in whatever form: those that suit the class first, with the words past its reach. */
export function sentencesOf({ word, class: settings }: { word: string; class?: ClassSettings }) {
  const known = loadedMeanings();
  if (known === undefined) {
    throw new Error('The meanings are not loaded: call useMeanings first.');
  }
  const profile = settings ? completeClass(settings) : undefined;
  return findSentences(word, known, loadedLexicon(profile?.accent), profile);
}

/** A word taken apart: graphemes, phonemes, syllables, patterns, parts, frequency, level, pictures. */
export function analyseWord({ word, accent }: { word: string; accent?: Accent }) {
  return analyse(word, loadedLexicon(accent));
}

type ScriptQuery = Omit<WordQuery, 'class'> & { class?: ClassSettings; accent?: Accent };

/** Fills in the class, and finds the lexicon of the query's accent or its class's. */
function readQuery({ class: settings, accent, ...rest }: ScriptQuery) {
  for (const name of [...(rest.patterns ?? []), ...(rest.pattern ? [rest.pattern] : [])]) {
    if (!isPatternName(name)) throw new RangeError(`The pattern ${String(name)} is not known.`);
  }
  const profile = settings ? completeClass(settings) : undefined;
  return {
    lexicon: loadedLexicon(accent ?? profile?.accent),
    query: { ...rest, ...(profile ? { class: profile } : {}) } as WordQuery,
  };
}

/** Why a word is among the answers of a query, or is not: each condition with whether it is met. */
export function explainWord({ word, query }: { word: string; query: ScriptQuery }) {
  const read = readQuery(query);
  return explain(read.lexicon, word, read.query);
}

/** What a few example words share, as a query for more like them. */
export function wordsLike({ words, accent }: { words: string[]; accent?: Accent }) {
  return likeness(words, loadedLexicon(accent));
}

/** Words a class can sound out and cannot know; `sequence` is `american`, `british` or a whole sequence. */
export function pseudowords({
  sequence = 'american',
  step,
  pattern,
  count = 10,
  seed = 1,
}: {
  sequence?: Accent | Sequence;
  step: number;
  pattern?: PatternName;
  count?: number;
  seed?: number;
}) {
  const own = typeof sequence === 'string' ? null : sequence;
  const accent = sequence === 'british' ? 'british' : 'american';
  if (typeof sequence === 'string' && !(sequence in defaultSequences)) {
    throw new RangeError(`The sequence ${sequence} is not known: american, british, or steps.`);
  }
  if (pattern !== undefined && !isPatternName(pattern)) {
    throw new RangeError(`The pattern ${String(pattern)} is not known.`);
  }
  const index = sequenceIndexOf({ accent, sequence: own as never });
  return makePseudowords(loadedLexicon(accent), {
    index,
    step,
    ...(pattern ? { pattern } : {}),
    count,
    seed,
  });
}

/** The words that match a query, most frequent first, with the count under each spelling. */
export function findWords(query: ScriptQuery) {
  const { limit } = query;
  const { lexicon, query: asked } = readQuery(query);
  const result = search(lexicon, asked);
  const found = result.groups.flatMap((group) => group.words);
  const compare = orderOf(asked, lexicon);
  found.sort((left, right) => compare(left.entry, right.entry));
  return {
    total: result.total,
    spellings: result.groups.map(({ spelling, total }) => ({ spelling, total })),
    words: found.slice(0, limit).map(({ entry, reading, reach, partner, forms }) => ({
      word: entry.word,
      ...describeReading(reading),
      zipf: entry.zipf,
      ...(reach ? { reach: reach.reach } : {}),
      ...(partner === undefined ? {} : { partner }),
      ...(forms ? { forms } : {}),
    })),
  };
}

/** A word form with the rule that made it; the suffixes are those of `suffixes`. */
export function inflect({
  base,
  suffix,
  spelling,
  wordClass,
}: {
  base: string;
  suffix: string;
  spelling?: Spelling;
  wordClass?: 'noun' | 'verb';
}) {
  const lexicon = loadedLexicon();
  const entry = lexicon.find(base);
  const inflection = inflectKnown(base, suffix.replace(/^-/, ''), lexicon, {
    ...(spelling ? { spelling } : {}),
    ...(wordClass ? { wordClass } : {}),
  });
  return { ...inflection, ruleName: ruleText(inflection.rule).name, known: entry !== undefined };
}

/** Counts, eight readability formulas, vocabulary, what the class can decode, and how the text runs. */
export function analyseText({
  text,
  language = 'en',
  class: settings,
  verse,
}: {
  text: string;
  language?: string;
  class?: ClassSettings;
  verse?: boolean;
}) {
  const profile = settings ? completeClass(settings) : undefined;
  const lexicon = loadedLexicon(profile?.accent);
  return measureText({ text, lexicon, syllables: loadedSyllables(), profile, language, verse });
}

/** Devices that a machine can find, and how a poem is built. */
export function findDevices({ text, verse }: { text: string; verse?: boolean }) {
  return devicesOf(text, loadedLexicon(), loadedSyllables(), verse);
}

/** The list of methods, with definition and example. */
export function methods() {
  return allMethods;
}

/** A text as the pages that print. */
export function layOutText({
  text,
  reading = {},
  layout = {},
  class: settings = {},
  footer = '',
}: {
  text: string | Partial<TextMaterial>;
  reading?: ReadingLayout;
  layout?: SheetLayout;
  class?: ClassSettings;
  footer?: string;
}) {
  return layOutReading(
    completeMaterial(text),
    reading,
    completeClass(settings),
    footer,
    layout,
    loadedLexicon(),
  );
}

/** A text brought in from a format, with what could not be kept. */
export function readText({
  text,
  fileName,
  format,
}: {
  text: string;
  fileName?: string;
  format?: TextFormat;
}) {
  return readTextFile(text, fileName, format);
}

/** Each word's reach for a class, with the reasons; of a text every word in its place, with swaps, and what else is hard. */
export function checkReach({
  words,
  text,
  class: settings,
}: {
  words?: string[];
  text?: string;
  class: ClassSettings;
}) {
  const profile = completeClass(settings);
  const lexicon = loadedLexicon(profile.accent);
  if (words !== undefined) {
    return words.map((word) => checkWord(word, lexicon.find(word), profile));
  }
  const meanings = loadedMeanings();
  return textReach({ text: text ?? '', profile, lexicon, meanings, all: true }).spans;
}

/** @throws RangeError where a maker or a parameter is not known, with what is */
function refuseWrong(maker: string, parameters: ExerciseParameters): void {
  findMaker(maker);
  const [problem] = recipeProblems(maker, parameters);
  if (problem !== undefined) throw new RangeError(problem);
}

/** An exercise from words, parameters and a seed. */
export function makeExercise({
  maker,
  parameters = {},
  material = {},
  seed = 1,
  class: settings,
}: {
  maker: string;
  parameters?: ExerciseParameters;
  material?: { words?: string[]; text?: string | Partial<TextMaterial> };
  seed?: number;
  class?: ClassSettings;
}) {
  const { words = [] } = material;
  const reading = material.text === undefined ? undefined : completeMaterial(material.text);
  refuseWrong(maker, parameters);
  const recipe = { maker, parameters, words, seed, reading };
  const profile = settings ? completeClass(settings) : undefined;
  return makeFromRecipe(recipe, loadedLexicon(), loadedMeanings(), profile);
}

/** Every word of an exercise with its reach and swaps. */
export function checkExercise({
  maker,
  parameters = {},
  material = {},
  seed = 1,
  class: settings,
}: Parameters<typeof makeExercise>[0] & { class: ClassSettings }) {
  const { words = [] } = material;
  const reading = material.text === undefined ? undefined : completeMaterial(material.text);
  const recipe = { maker, parameters, words, seed, reading };
  const exercise = makeFromRecipe(
    recipe,
    loadedLexicon(),
    loadedMeanings(),
    completeClass(settings),
  );
  return checkExerciseWords(recipe, exercise, completeClass(settings), loadedLexicon());
}

/** Marks one item: `{interaction: 'sort', card}` with a heading id, or `{interaction: 'gap', item}` with the written answers. */
export function markResponse({ item, response }: { item: MarkableItem; response: unknown }) {
  return markItem(item, response);
}

/** The makers, with what each needs. */
export function makers() {
  return catalogue.map((info) => ({
    ...info,
    parameters: parametersOf(info),
    languages: languagesFor(info.asks),
    versions,
  }));
}

/**
 * Sets blocks on pages; lengths in millimetres. A page names its blocks by their
 * place in the list.
 */
export function paginate({
  blocks,
  paper = 'a4',
  columns = 1,
}: {
  blocks: Partial<Block>[];
  paper?: string | { width: number; height: number; margin: number };
  columns?: 1 | 2;
}) {
  const size = typeof paper === 'string' ? paperOf(paper) : { ...papers.a4, ...paper };
  const width = size.width - 2 * size.margin;
  const gap = columns === 2 ? COLUMN_GAP : 0;
  return paginateBlocks(
    blocks.map((block) => ({ height: 0, marks: [], ...block })),
    size,
    { count: columns, width: (width - gap) / columns, gap },
  );
}

function paperOf(name: string): Paper {
  const found = Object.values(papers).find((paper) => paper.name === name.toLowerCase());
  if (found === undefined) {
    throw new RangeError(`There is no paper ${name}. Papers: ${Object.keys(papers).join(', ')}.`);
  }
  return found;
}

/** An exercise as the pages that print, for a class; `layout` says how its paper differs. */
export function layOutSheet({
  class: settings = {},
  footer = '',
  layout = {},
  ...recipe
}: Parameters<typeof makeExercise>[0] & {
  class?: ClassSettings;
  footer?: string;
  layout?: SheetLayout;
}) {
  return layOut(makeExercise(recipe), completeClass(settings), footer, undefined, layout);
}

/** A whole lesson as the pages that print: its exercises share pages, or are a booklet. */
export function layOutLesson({
  title = 'Lesson',
  exercises,
  class: settings = {},
  footer = '',
  booklet = false,
}: {
  title?: string;
  exercises: (Parameters<typeof makeExercise>[0] & { layout?: SheetLayout })[];
  class?: ClassSettings;
  footer?: string;
  booklet?: boolean;
}) {
  const profile = completeClass(settings);
  const pieces = exercises.map(({ layout, ...recipe }) => ({
    exercise: makeExercise(recipe),
    ...(layout ? { layout } : {}),
  }));
  return booklet
    ? layOutBooklet(title, () => pieces, profile, footer)
    : layOutWhole(title, pieces, profile, footer);
}

/** The exercises that fit words and a stage of the lesson best, each with why. */
export function fitsBest({
  words,
  stage = 'alone',
  present = [],
  class: settings = {},
}: {
  words: string[];
  stage?: string;
  present?: string[];
  class?: ClassSettings;
}) {
  const profile = completeClass(settings);
  const input = { recipe: { words, parameters: {} }, stage, present, profile };
  return fits(input, loadedLexicon(profile.accent), loadedMeanings());
}

type GivenBlock = Partial<SheetBlock> & {
  kind: SheetBlock['kind'];
  exercise?: Parameters<typeof makeExercise>[0];
};

/** Blocks with their exercises made and their rule cards computed. */
function resolveBlocks(blocks: GivenBlock[], profile: ClassProfile): ResolvedBlock[] {
  return blocks.map(({ exercise, ...block }, index) => ({
    block: { id: `block-${index + 1}`, ...block },
    ...(exercise ? { exercise: makeExercise(exercise) } : {}),
    ...(block.kind === 'rule' && block.topic
      ? { card: makeRuleCard(block.topic as RuleTopic, profile, loadedLexicon(profile.accent)) }
      : {}),
  }));
}

/** A sheet of blocks as the pages that print; an exercise block holds what `makeExercise` takes. */
export function layOutBlocks({
  title = 'Sheet',
  blocks,
  layout = {},
  class: settings = {},
  footer = '',
}: {
  title?: string;
  blocks: GivenBlock[];
  layout?: SheetLayout;
  class?: ClassSettings;
  footer?: string;
}) {
  const profile = completeClass(settings);
  const pictureOf = (word: string) => loadedLexicon().picturesOf(word)[0];
  const sheet = { title, blocks: resolveBlocks(blocks, profile), layout, pictureOf };
  return layOutAll(sheet, profile, footer);
}

/** An exercise as a document: Markdown, plain text, or its items and key as CSV. */
export function writeDocument({
  format = 'markdown',
  ...recipe
}: Parameters<typeof makeExercise>[0] & { format?: 'markdown' | 'text' | 'csv' }) {
  const exercise = makeExercise(recipe);
  if (format === 'csv') return { text: toItemsCsv([exercise]) };
  const nodes = exerciseDocument(exercise);
  return { text: format === 'text' ? toPlainText(nodes) : toMarkdown(nodes) };
}

/** A rule card for a class: `sound:EY`, `ending:ing` or `pattern:soft-c`. */
export function ruleCard({
  topic,
  class: settings = {},
}: {
  topic: RuleTopic;
  class?: ClassSettings;
}) {
  const profile = completeClass(settings);
  return makeRuleCard(topic, profile, loadedLexicon(profile.accent));
}

/** The sets of often confused words: all, or those a word belongs to. */
export function confusables({ word }: { word?: string } = {}) {
  return word === undefined ? confusableSets : confusablesOf(word);
}

/** Names from a pasted roster, with notes on what was left out. */
export function readRoster({ text, present = [] }: { text: string; present?: string[] }) {
  return readRosterText(text, present);
}

/** The default sequence of an accent, step by step. */
export function sequence({ accent = 'american' }: { accent?: Accent } = {}) {
  return defaultSequences[accent];
}
