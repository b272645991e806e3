/** What the engine does for the screens: plain data in, plain data out, so that it can live in a worker. */
import { conceptLanguages, readConcepts, type ConceptRow } from '~core/languages/concepts/concept';
import { commonWords } from '~core/languages/romance/common-words';
import { targetsOf, type Targeted } from '~core/records/shelf-targets';
import { gunzipSync, strFromU8 } from 'fflate';
import type { ClassProfile } from '~core/classes/class-profile';
import { toPls, type Pronunciations } from '~core/lists/pls';
import { fernhillDemo, type Demo } from '~core/demo/fernhill';
import type { Library } from '~core/library/library';
import { takeFromLibrary, type Taken } from '~core/library/take';
import type { ExerciseRecipe } from '~core/exercises/make-exercise';
import { packOf, speaks } from '~core/languages/registry/registry';
import { ruleTopicOf } from '~core/exercises/rule-topic';
import { ruleCard, type RuleCard } from '~core/rule-cards/rule-card';
import { startWords } from '~core/exercises/start-words';
import type { Lesson } from '~core/records/lesson';
import { planLesson } from '~core/lessons/plan-lesson';
import { startLesson, type LessonStart } from '~core/lessons/start-lesson';
import type { ListGrouping, WordList } from '~core/lists/word-list';
import { showGrapheme, type WordReach } from '~core/reach/check-word';
import { checkMaterial } from '~core/reach/check-material';
import { courseIndexOf } from '~core/reach/course-reach';
import { findTargetSound, spellingsOf } from '~core/search/target-sound';
import { sequenceIndexOf } from '~core/classes/class-sequence';
import {
  comparedWithText,
  groupedByPattern,
  groupedBySpelling,
  groupedBySyllables,
  type TextComparison,
  type WordGroup,
} from '~core/lists/combine-lists';
import { coverageOf, type ListCoverage } from '~core/lists/coverage';
import type { Column } from '~core/lists/column-headings';
import { readWords, type ReadList } from '~core/lists/read-list';
import {
  heartWord,
  newlyReadable,
  type HeartWord,
  type NewlyReadable,
} from '~core/reach/newly-readable';
import { isPatternName, patternTexts, type PatternName } from '~core/languages/en/sounds/patterns';
import {
  explainWord,
  findWords,
  unitSays,
  type WhyHere,
  type WordQuery,
} from '~core/search/find-words';
import { Lexicon } from '~core/languages/en/lexicon/lexicon';
import type { AccentPack, LexiconPack } from '~core/languages/en/lexicon/lexicon-pack';
import { pseudowords, type Pseudoword } from '~core/search/pseudowords';
import { define, type Meanings, type WordSense } from '~core/languages/en/words/meanings';
import { inSpelling } from '~core/languages/en/lexicon/in-spelling';
import { offeredAge } from '~core/reach/fitness';
import { sentenceAgeOf } from '~core/reach/sentences-of';
import { soundIndex } from '~core/languages/en/words/sound-index';
import { wordFacts } from '~core/languages/en/words/word-facts';
import { wordsLike, type Likeness } from '~core/search/words-like';
import { PartBuilder } from './part-builder';
import { sayByRule, sayUnits, spelledUnits, tileUnits, type TileUnit } from './tile-units';
import { describeForCard, type WordCardData } from './word-card';

export interface WordTileData {
  readonly word: string;
  readonly units: readonly TileUnit[];
  /** The same for whoever listens: “t, a–e as in rain, k”. */
  readonly says: string;
  readonly reach: WordReach;
  /** Name of the picture that shows the word, where one does. */
  readonly picture?: string;
  /** The other word of a minimal pair. */
  readonly partner?: string;
}

export interface TileGroup {
  readonly spelling: string;
  readonly total: number;
  readonly words: readonly WordTileData[];
}

export interface SearchAnswer {
  readonly total: number;
  readonly totalWithoutReach: number;
  readonly groups: readonly TileGroup[];
}

export interface SequenceFacts {
  readonly newly: readonly NewlyReadable[];
  /** For each step its sight words. */
  readonly hearts: readonly (readonly HeartWord[])[];
}

export interface ListAnswer {
  readonly words: readonly WordTileData[];
  /** The sound the words share, and how many words spell it each way. */
  readonly sound: string | undefined;
  readonly coverage: readonly { readonly spelling: string; readonly count: number }[];
}

export class Engine {
  /** Exercises and sheets. */
  readonly parts: PartBuilder;

  constructor(private readonly lexicon: Lexicon) {
    this.parts = new PartBuilder(lexicon);
  }

  /** The word bank itself, for what else runs beside it. */
  get words(): Lexicon {
    return this.lexicon;
  }

  get size(): number {
    return this.lexicon.size;
  }

  private pictureOf(word: string): { picture?: string } {
    const picture = this.lexicon.picturesOf(word)[0];
    return picture === undefined ? {} : { picture };
  }

  /** Does ahead what the first search would wait for. */
  warmUp(): void {
    wordFacts(this.lexicon);
    soundIndex(this.lexicon);
  }

  /** Everything about one word for the word card. */
  describeWord(word: string, profile: ClassProfile, query: WordQuery | undefined): WordCardData {
    return describeForCard(word, profile, this.lexicon, query);
  }

  /** Why a word is among the answers, or is not. */
  explain(word: string, query: WordQuery): WhyHere {
    return explainWord(this.lexicon, word, query);
  }

  isKnown(word: string): boolean {
    return this.lexicon.find(word) !== undefined;
  }

  /** The topics that can be asked for. */
  topics(): { topics: readonly string[]; nameKinds: readonly string[] } {
    return {
      topics: [...this.lexicon.topicNames].sort(),
      nameKinds: [...this.lexicon.nameKinds].sort(),
    };
  }

  /** Words of a topic that the class can read, the best known first: for a word box. */
  topicWords(topic: string, profile: ClassProfile, pictured: boolean, count: number): string[] {
    const { groups } = findWords(this.lexicon, {
      topic,
      class: profile,
      knows: 'secure',
      limit: count,
      ...(pictured ? { pictured: true } : {}),
    });
    return groups.flatMap(({ words }) => words.map(({ entry }) => entry.word)).slice(0, count);
  }

  /** A query for more words like the examples. */
  like(words: readonly string[]): Likeness {
    return wordsLike(words, this.lexicon);
  }

  /** Made-up words that the class can sound out and cannot know. */
  madeUp(profile: ClassProfile, pattern: PatternName | undefined, seed: number): Pseudoword[] {
    const index = sequenceIndexOf(profile);
    const step = profile.step ?? index.sequence.steps.length;
    return pseudowords(this.lexicon, {
      index,
      step,
      count: 12,
      seed,
      ...(pattern ? { pattern } : {}),
    });
  }

  /** What each step of the class's sequence makes newly readable, and its heart words marked. */
  sequenceFacts(profile: ClassProfile): SequenceFacts {
    const index = sequenceIndexOf(profile);
    return {
      newly: newlyReadable(this.lexicon, index),
      hearts: index.sequence.steps.map((step) =>
        step.sightWords.map((word) => heartWord(word, step.number, this.lexicon, index)),
      ),
    };
  }

  /** Words read from pasted or imported text. */
  readWords(
    { language }: ClassProfile,
    text: string,
    present: readonly string[],
    columns?: readonly Column[],
  ): ReadList {
    return readWords(text, this.lexicon, present, columns, language);
  }

  /** A list's coverage for a class. */
  coverage(words: readonly string[], profile: ClassProfile): ListCoverage {
    return coverageOf(words, profile, this.lexicon);
  }

  /** A list's words in groups. */
  group(words: readonly string[], by: ListGrouping, profile: ClassProfile): WordGroup[] {
    switch (by) {
      case 'spelling':
        return groupedBySpelling(words, this.lexicon).map((group) => ({
          ...group,
          name: showGrapheme(group.name),
        }));
      case 'pattern':
        return groupedByPattern(words, this.lexicon).map((group) => ({
          ...group,
          name: isPatternName(group.name) ? patternTexts[group.name] : '',
        }));
      case 'syllables':
        return groupedBySyllables(words, this.lexicon);
      case 'reach': {
        const reachOf = (word: string) =>
          checkMaterial(word, this.lexicon.find(word), profile).reach;
        return (['secure', 'stretch', 'beyond'] as const)
          .map((name) => ({ name, words: words.filter((word) => reachOf(word) === name) }))
          .filter((group) => group.words.length > 0);
      }
      case 'none':
        return [{ name: '', words }];
    }
  }

  /** Senses in the class's spelling, those that are not for its age left out, the sentences of its age first. */
  sensesFor(senses: readonly WordSense[], profile: ClassProfile): WordSense[] {
    const age = sentenceAgeOf(profile);
    const most = offeredAge(profile);
    const spelled = (text: string) => inSpelling(text, profile.spelling, this.lexicon).text;
    return senses
      .filter(({ from = 0 }) => from <= most)
      .map((sense) => ({
        ...sense,
        definition: spelled(sense.definition),
        sentences: sense.sentences
          .map((sentence) => {
            const { text, marks } = inSpelling(sentence.text, profile.spelling, this.lexicon, [
              sentence,
            ]);
            return { ...(marks[0] ?? sentence), text };
          })
          .sort((left, right) => Math.abs(left.age - age) - Math.abs(right.age - age)),
      }));
  }

  /** The likeliest short meaning of each word that has one, by the word. */
  firstMeanings(words: readonly string[], meanings: Meanings): Readonly<Record<string, string>> {
    const found = words.map(
      (word) => [word, define(word, meanings, this.lexicon).senses[0]] as const,
    );
    return Object.fromEntries(
      found.flatMap(([word, sense]) => (sense ? [[word, sense.definition] as const] : [])),
    );
  }

  /** What a list and a text share. */
  compare(words: readonly string[], text: string): TextComparison {
    return comparedWithText(words, text, this.lexicon);
  }

  /** Searches for a class; at most `limit` words under each spelling. */
  search(query: WordQuery): SearchAnswer {
    const result = findWords(this.lexicon, query);
    return {
      total: result.total,
      totalWithoutReach: result.totalWithoutReach,
      groups: result.groups.map((group) => ({
        spelling: group.spelling,
        total: group.total,
        words: group.words.map(({ entry, reading, matches, reach, partner }) => ({
          word: entry.word,
          units: tileUnits(entry.word, reading, (index) => matches.includes(index)),
          says: sayUnits(reading, query.class?.accent ?? 'american'),
          reach: reach ?? { word: entry.word, reach: 'secure', reasons: [], level: entry.level },
          ...this.pictureOf(entry.word),
          ...(partner === undefined ? {} : { partner }),
        })),
      })),
    };
  }

  /** The words of a list as tiles, with the sound they share lit. */
  describeList(words: readonly string[], profile: ClassProfile): ListAnswer {
    // A word of another language may be written as an English one: chat, pain.
    const english = speaks(profile.language, 'words');
    const { spelling: byRule } = packOf(profile.language);
    const material = words.map((word) => ({
      word,
      entry: english ? this.lexicon.find(word) : undefined,
    }));
    const sound = findTargetSound(material);
    const counts = new Map<string, number>();
    for (const word of material) {
      const spelling = sound === undefined ? undefined : spellingsOf(word, sound)[0]?.grapheme;
      if (spelling !== undefined) counts.set(spelling, (counts.get(spelling) ?? 0) + 1);
    }
    return {
      words: material.map(({ word, entry }) => ({
        word,
        units: entry
          ? tileUnits(word, entry.readings[0], (index) => {
              const unit = entry.readings[0].units[index];
              return sound !== undefined && unit !== undefined && unitSays(unit, sound);
            })
          : byRule
            ? spelledUnits(word, byRule)
            : [{ letters: word, mark: 'none', taught: false }],
        says: entry
          ? sayUnits(entry.readings[0], profile.accent)
          : byRule
            ? sayByRule(word, byRule)
            : '',
        reach: checkMaterial(word, entry, profile),
        ...this.pictureOf(entry?.word ?? word),
      })),
      sound,
      coverage: [...counts].map(([spelling, count]) => ({ spelling, count })),
    };
  }

  startWords(recipe: ExerciseRecipe, profile: ClassProfile, meanings?: Meanings): string[] {
    return startWords(recipe, profile, this.lexicon, meanings);
  }

  /** Plans a lesson from a list; `ids` are new ids for its parts. */
  plan(list: WordList, profile: ClassProfile, ids: readonly string[], seed: number): Lesson {
    const left = [...ids];
    const newId = () => {
      const id = left.pop();
      if (id === undefined) throw new Error('More parts than ids.');
      return id;
    };
    return JSON.parse(
      JSON.stringify(planLesson({ list, class: profile, lexicon: this.lexicon, newId, seed })),
    ) as Lesson;
  }

  /** The lesson that a start gives; `ids` are new ids for it and its parts. */
  startLesson(
    start: LessonStart,
    profile: ClassProfile,
    ids: readonly string[],
    seed: number,
    meanings?: Meanings,
  ): Lesson {
    const left = [...ids];
    const newId = () => left.pop() ?? `${ids[0]}-${seed}`;
    return JSON.parse(
      JSON.stringify(
        startLesson({ start, class: profile, lexicon: this.lexicon, meanings, newId, seed }),
      ),
    ) as Lesson;
  }

  /** A thing of the starter library as records of a class; `ids` are taken for them one by one. */
  takeFromLibrary(
    id: string,
    library: Library,
    profile: ClassProfile,
    ids: readonly string[],
    meanings?: Meanings,
  ): Taken {
    const left = [...ids];
    const newId = () => left.pop() ?? `${id}-${left.length}`;
    return JSON.parse(
      JSON.stringify(
        takeFromLibrary(id, { library, class: profile, lexicon: this.lexicon, meanings, newId }),
      ),
    ) as Taken;
  }

  /** Those of the texts that have a word in them that is none for a class. */
  unfitTexts(texts: readonly string[]): string[] {
    return texts.filter((text) =>
      (text.toLowerCase().match(/\p{L}+/gu) ?? []).some((word) => this.lexicon.isLeftOut(word)),
    );
  }

  /** Those of the words that a class spells otherwise, as it spells them. */
  respelled(
    words: readonly string[],
    { spelling }: ClassProfile,
  ): Readonly<Record<string, string>> {
    return Object.fromEntries(
      words.flatMap((word) => {
        const twin = this.lexicon.suits(word, spelling) ? undefined : this.lexicon.twinOf(word);
        return twin ? [[word, twin.word] as const] : [];
      }),
    );
  }

  /** The course of a class's language and the unit it stands at; undefined where it has none. */
  course(profile: ClassProfile) {
    const index = courseIndexOf(profile);
    return index && { course: index.course, at: index.at };
  }

  /** The words of a language from the common list, with their pictures. */
  commonWords(language: string, rows: readonly ConceptRow[]) {
    const known = conceptLanguages.find((each) => each === language);
    return known === undefined
      ? []
      : commonWords(readConcepts(rows), known).map((word) => ({
          ...word,
          ...this.pictureOf(word.english),
        }));
  }

  /** What each of the exercises and lists practises, by its key. */
  targets(
    things: Readonly<Record<string, readonly Targeted[]>>,
  ): Readonly<Record<string, readonly string[]>> {
    return Object.fromEntries(
      Object.entries(things).map(([key, parts]) => [
        key,
        [...new Set(parts.flatMap((part) => targetsOf(part, this.lexicon)))],
      ]),
    );
  }

  /** The rule card of each exercise that has one, by its id. */
  ruleCards(
    parts: readonly (ExerciseRecipe & { readonly id: string })[],
    profile: ClassProfile,
  ): Readonly<Record<string, RuleCard>> {
    if (!speaks(profile.language, 'words')) return {};
    return Object.fromEntries(
      parts.flatMap((part) => {
        const topic = ruleTopicOf(part, this.lexicon);
        if (topic === undefined) return [];
        const card = ruleCard(topic, profile, this.lexicon);
        return card.rules.length === 0 ? [] : [[part.id, card] as const];
      }),
    );
  }

  pronunciations(words: readonly string[]): Pronunciations {
    return toPls(words, this.lexicon);
  }

  demo(): Demo {
    return JSON.parse(JSON.stringify(fernhillDemo(this.lexicon))) as Demo;
  }
}

const unpack = (pack: Uint8Array): unknown => JSON.parse(strFromU8(gunzipSync(pack)));

/** Reads a packed lexicon, and how it is said in another accent, into an engine. */
export function openEngine(pack: Uint8Array, spoken?: Uint8Array): Engine {
  const accent = spoken ? (unpack(spoken) as AccentPack) : undefined;
  return new Engine(new Lexicon(unpack(pack) as LexiconPack, accent));
}
