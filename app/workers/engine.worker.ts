/** The engine in a web worker. Each pack is fetched once, when the first call needs it. */
import * as Comlink from 'comlink';
import { gunzipSync, strFromU8 } from 'fflate';
import britishUrl from '../../data/packs/british.pack?url';
import meaningsUrl from '../../data/packs/meanings.pack?url';
import sentencesUrl from '../../data/packs/sentences.pack?url';
import packUrl from '../../data/packs/lexicon.pack?url';
import type { ClassProfile } from '~core/classes/class-profile';
import type { SentenceCheck } from '~core/languages/shared/sentence-check';
import { packOf } from '~core/languages/registry/registry';
import { checkWriting } from '~core/languages/en/grammar/writing/check-writing';
import type { Accent } from '~core/kernel/accent';
import { makerInfo } from '~core/exercises/catalogue';
import type { ExerciseRecipe } from '~core/exercises/make-exercise';
import type { LessonPart } from '~core/records/lesson';
import { Meanings, withReadings, type WordSense } from '~core/languages/en/words/meanings';
import type { TextFormat } from '~core/records/exchange/read-text';
import { TextFileError, type IncomingText } from '~core/records/exchange/incoming-text';
import { SyllableCounter, unpackSyllables } from '~core/texts/analysis/syllable-count';
import type { TextExchange } from '~core/texts/fit/refit';
import type { ReadingText } from '~core/texts/reading-text';
import syllablesUrl from '../../data/packs/syllables.pack?url';
import { openEngine, type Engine } from './engine-service';
import { TextService } from './text-service';
import type { Library } from '~core/library/library';
import type { LessonStart } from '~core/lessons/start-lesson';
import type { FitInput } from '~core/exercises/fits-best';
import type { PartContext, PartRecipe } from './part-maker';

async function fetchPack(url: string): Promise<Uint8Array> {
  const response = await fetch(url);
  if (!response.ok) {
    throw new Error(`The word bank could not be loaded (${response.status}). Reload the page.`);
  }
  return new Uint8Array(await response.arrayBuffer());
}

/** A promise made once, and again after it failed. */
function once<Value>(make: () => Promise<Value>): () => Promise<Value> {
  let made: Promise<Value> | undefined;
  return () => {
    made ??= make().catch((error: unknown) => {
      made = undefined;
      throw error;
    });
    return made;
  };
}

const lexiconPack = once(() => fetchPack(packUrl));

async function open(accent: Accent): Promise<Engine> {
  const [pack, spoken] = await Promise.all([
    lexiconPack(),
    accent === 'british' ? fetchPack(britishUrl) : undefined,
  ]);
  const engine = openEngine(pack, spoken);
  // After the first answer, before the first search.
  setTimeout(() => engine.warmUp(), 0);
  return engine;
}

const engines: Readonly<Record<Accent, () => Promise<Engine>>> = {
  american: once(() => open('american')),
  british: once(() => open('british')),
};
const fetchText = async (url: string) => strFromU8(gunzipSync(await fetchPack(url)));
/** The meanings with the wordbook's sentences. */
const meanings = once(
  async () =>
    new Meanings(...(await Promise.all([fetchText(meaningsUrl), fetchText(sentencesUrl)]))),
);

const syllables = once(
  async () =>
    new SyllableCounter(unpackSyllables(strFromU8(gunzipSync(await fetchPack(syllablesUrl))))),
);

/** Texts need everything: it is fetched with the first text. */
async function openTexts(accent: Accent): Promise<TextService> {
  const [engine, counter, known] = await Promise.all([engines[accent](), syllables(), meanings()]);
  return new TextService(engine.words, counter, known);
}
const textServices: Readonly<Record<Accent, () => Promise<TextService>>> = {
  american: once(() => openTexts('american')),
  british: once(() => openTexts('british')),
};
const textsOf = (profile: ClassProfile) => textServices[profile.accent]();

/** Meanings are fetched only for the makers that ask for them. */
const meaningsFor = (parts: readonly { readonly maker: string }[]) =>
  parts.some(({ maker }) => makerInfo(maker)?.needsMeanings === true) ? meanings() : undefined;

/** The engine of a class's accent; the words of its language are there, too. */
const engineOf = async (profile: Pick<ClassProfile, 'accent' | 'language'> | undefined) => {
  await packOf(profile?.language).load?.();
  return engines[profile?.accent ?? 'american']();
};

type Input<Name extends keyof Engine> = Engine[Name] extends (...input: infer Values) => unknown
  ? Values
  : never;

const service = {
  search: async (...input: Input<'search'>) => (await engineOf(input[0].class)).search(...input),
  describeList: async (...input: Input<'describeList'>) =>
    (await engineOf(input[1])).describeList(...input),
  describeWord: async (...input: Input<'describeWord'>) =>
    (await engineOf(input[1])).describeWord(...input),
  explain: async (...input: Input<'explain'>) => (await engineOf(input[1].class)).explain(...input),
  isKnown: async (word: string, profile: ClassProfile) => (await engineOf(profile)).isKnown(word),
  topics: async () => (await engineOf(undefined)).topics(),
  topicWords: async (...input: Input<'topicWords'>) =>
    (await engineOf(input[1])).topicWords(...input),
  like: async (words: readonly string[], profile: ClassProfile) =>
    (await engineOf(profile)).like(words),
  madeUp: async (...input: Input<'madeUp'>) => (await engineOf(input[0])).madeUp(...input),
  sequenceFacts: async (...input: Input<'sequenceFacts'>) =>
    (await engineOf(input[0])).sequenceFacts(...input),
  readWords: async (...input: Input<'readWords'>) => (await engineOf(input[0])).readWords(...input),
  coverage: async (...input: Input<'coverage'>) => (await engineOf(input[1])).coverage(...input),
  group: async (...input: Input<'group'>) => (await engineOf(input[2])).group(...input),
  compare: async (profile: ClassProfile, ...input: Input<'compare'>) =>
    (await engineOf(profile)).compare(...input),
  /** The words a new exercise begins with. */
  startWords: async (recipe: ExerciseRecipe, profile: ClassProfile) => {
    const engine = await engineOf(profile);
    return engine.startWords(recipe, profile, await meaningsFor([recipe]));
  },
  build: async (recipe: PartRecipe, context: PartContext) => {
    const engine = await engineOf(context.profile);
    return engine.parts.build(recipe, context, await meaningsFor([recipe]));
  },
  buildSheet: async (sheet: LessonPart, parts: readonly LessonPart[], context: PartContext) => {
    const engine = await engineOf(context.profile);
    return engine.parts.buildSheet(sheet, parts, context, await meaningsFor(parts));
  },
  preview: async (recipe: PartRecipe, context: PartContext) => {
    const engine = await engineOf(context.profile);
    return engine.parts.preview(recipe, context, await meaningsFor([recipe]));
  },
  anotherItem: async (recipe: PartRecipe, item: string, context: PartContext) => {
    const engine = await engineOf(context.profile);
    return engine.parts.anotherItem(recipe, item, context, await meaningsFor([recipe]));
  },
  /** Items of the same kind, for another round of what was wrong. */
  spare: async (recipe: PartRecipe, context: PartContext) => {
    const engine = await engineOf(context.profile);
    return engine.parts.spare(recipe, context, await meaningsFor([recipe]));
  },
  fits: async (input: Omit<FitInput, 'profile'>, context: PartContext) => {
    const engine = await engineOf(context.profile);
    const known = await meaningsFor([{ maker: 'match-meaning' }]);
    return engine.parts.fits(input, context, known);
  },
  /** A copy for each learner with the name on. */
  lesson: async (
    parts: readonly LessonPart[],
    context: PartContext,
    how: 'shared' | 'booklet',
    title: string,
  ) => {
    const engine = await engineOf(context.profile);
    return engine.parts.lesson(parts, context, how, title, await meaningsFor(parts));
  },
  copies: async (
    part: LessonPart,
    parts: readonly LessonPart[],
    context: PartContext,
    whom: 'learners' | 'versions',
  ) => {
    const engine = await engineOf(context.profile);
    return engine.parts.copies(part, parts, context, whom, await meaningsFor([part, ...parts]));
  },
  plan: async (...input: Input<'plan'>) => (await engineOf(input[1])).plan(...input),
  startLesson: async (
    start: LessonStart,
    profile: ClassProfile,
    ids: readonly string[],
    seed: number,
  ) => {
    const [engine, known] = await Promise.all([engineOf(profile), meanings()]);
    return engine.startLesson(start, profile, ids, seed, known);
  },
  /** A thing of the starter library, as records that are not kept yet. */
  takeFromLibrary: async (id: string, profile: ClassProfile, ids: readonly string[]) => {
    const [engine, known, { default: library }] = await Promise.all([
      engineOf(profile),
      meanings(),
      import('~core/library/library.json'),
    ]);
    return engine.takeFromLibrary(id, library as unknown as Library, profile, ids, known);
  },
  pronunciations: async (words: readonly string[], profile: ClassProfile) =>
    (await engineOf(profile)).pronunciations(words),
  demo: async () => (await engineOf(undefined)).demo(),
  size: async () => (await engineOf(undefined)).size,
  /** The likeliest short meaning of each word that has one. */
  firstMeanings: async (words: readonly string[], profile: ClassProfile) => {
    const [known, engine] = await Promise.all([meanings(), engineOf(profile)]);
    return engine.firstMeanings(words, known);
  },
  /** A text from a paste or a file; a message where it cannot be read. */
  readText: async (
    text: string,
    fileName: string,
    format?: TextFormat,
  ): Promise<{ ok: true; text: IncomingText } | { ok: false; message: string }> => {
    // The readers of formats are large: they come with the first text.
    const { readText } = await import('~core/records/exchange/read-text');
    try {
      return { ok: true, text: readText(text, fileName, format) };
    } catch (error) {
      if (error instanceof TextFileError) return { ok: false, message: error.message };
      throw error;
    }
  },
  analyseText: async (
    text: Pick<ReadingText, 'body' | 'kind' | 'language'>,
    profile: ClassProfile,
    onProgress?: (share: number) => void,
  ) => (await textsOf(profile)).analyse(text, profile, onProgress),
  textReach: async (text: ReadingText, profile: ClassProfile) => {
    await packOf(text.language).load?.();
    return (await textsOf(profile)).reach(text, profile);
  },
  checkWriting: async (text: string, check: SentenceCheck, profile: ClassProfile) =>
    checkWriting(text, check, (await engines[profile.accent]()).words),
  grammar: async (text: Pick<ReadingText, 'body' | 'kind' | 'language'>, profile: ClassProfile) =>
    (await textsOf(profile)).grammar(text),
  devices: async (text: Pick<ReadingText, 'body' | 'kind'>, profile: ClassProfile) =>
    (await textsOf(profile)).devices(text),
  unfitTexts: async (texts: readonly string[]) => (await engineOf(undefined)).unfitTexts(texts),
  respelled: async (...input: Input<'respelled'>) => (await engineOf(input[1])).respelled(...input),
  course: async (profile: ClassProfile) => (await engineOf(profile)).course(profile),
  commonWords: async (language: string) => {
    const { default: rows } = await import('~core/languages/concepts/concepts.json');
    return (await engineOf(undefined)).commonWords(language, rows);
  },
  ruleCards: async (...input: Input<'ruleCards'>) => (await engineOf(input[1])).ruleCards(...input),
  targets: async (...input: Input<'targets'>) => (await engineOf(undefined)).targets(...input),
  refit: async (text: ReadingText, profile: ClassProfile) =>
    (await textsOf(profile)).refit(text, profile),
  refitted: async (body: string, exchanges: readonly TextExchange[], profile: ClassProfile) =>
    (await textsOf(profile)).refitted(body, exchanges),
  swapped: async (
    body: string,
    place: { start: number; end: number },
    word: string,
    profile: ClassProfile,
  ) => (await textsOf(profile)).swapped(body, place, word),
  meaningHere: async (body: string, place: { start: number; end: number }, profile: ClassProfile) =>
    (await textsOf(profile)).meaningHere(body, place),
  layOutText: async (text: ReadingText, profile: ClassProfile, footer: string) =>
    (await textsOf(profile)).layOut(text, profile, footer),
  /** The senses of the first of the words that the browser has senses of. */
  senses: async (
    words: readonly string[],
    profile: ClassProfile,
  ): Promise<{ word: string; senses: WordSense[] }> => {
    const [known, engine] = await Promise.all([meanings(), engineOf(profile)]);
    for (const word of words) {
      const senses = withReadings(engine.words.find(word), known.sensesOf(word));
      if (senses.length > 0) return { word, senses: engine.sensesFor(senses, profile) };
    }
    return { word: '', senses: [] };
  },
};

export type EngineService = typeof service;

Comlink.expose(service);
