/** A lesson for another class: words past its reach exchanged one for one, and what cannot be adapted named. */
import type { Lesson, LessonPart } from '../records/lesson';
import type { WordReach } from '../reach/check-word';

/** One word for another in one part. */
export interface Exchange {
  readonly part: string;
  readonly from: string;
  readonly to: string;
}

/** A word as the other class would have it, with words that keep the exercise's aim. */
export interface CheckedWord extends Pick<WordReach, 'word' | 'reach'> {
  readonly swaps: readonly string[];
}

export interface AdaptedPart {
  readonly part: string;
  readonly title: string;
  readonly before: readonly string[];
  readonly after: readonly string[];
  readonly exchanges: readonly Exchange[];
  /** Words past the class's reach for which no other keeps the aim. */
  readonly kept: readonly string[];
  /** Why there would be no sheet for the class; absent where there is one. */
  readonly short?: string;
}

/** What else an exercise is adapted to. */
export interface AdaptTo {
  /** Words that the class spells otherwise, as it spells them. */
  readonly respelled?: Readonly<Record<string, string>>;
  /** Words of a list that take the place of its own, one for one. */
  readonly list?: readonly string[] | undefined;
}

/** The words of a list for those of an exercise, in their order; words that both have stay. */
export function wordsFromList(
  words: readonly string[],
  list: readonly string[],
): Map<string, string> {
  const both = new Set(words.filter((word) => list.includes(word)));
  const fresh = list.filter((word) => !both.has(word));
  const pairs = words
    .filter((word) => !both.has(word))
    .flatMap((word, at) => (fresh[at] === undefined ? [] : [[word, fresh[at]] as const]));
  return new Map(pairs);
}

/**
 * What becomes of an exercise: a word gets that of the list, or is spelled as the class spells, or,
 * where it is beyond reach, gets the first swap that is not in it already.
 */
export function adaptPart(
  part: Pick<LessonPart, 'id' | 'words'>,
  title: string,
  checks: readonly CheckedWord[],
  short?: string,
  { respelled = {}, list }: AdaptTo = {},
): AdaptedPart {
  const used = new Set(part.words.map((word) => word.toLowerCase()));
  const exchanges: Exchange[] = [];
  const kept: string[] = [];
  const listed = list && wordsFromList(part.words, list);
  for (const word of part.words) {
    const to = listed?.get(word) ?? (listed ? undefined : respelled[word]);
    if (to === undefined) continue;
    used.add(to.toLowerCase());
    exchanges.push({ part: part.id, from: word, to });
  }
  const done = new Set(exchanges.map(({ from }) => from));
  for (const { word, reach, swaps } of checks) {
    if (reach !== 'beyond' || !part.words.includes(word) || done.has(word)) continue;
    const to = swaps.find((swap) => !used.has(swap.toLowerCase()));
    if (to === undefined) kept.push(word);
    else {
      used.add(to.toLowerCase());
      exchanges.push({ part: part.id, from: word, to });
    }
  }
  const exchanged = new Map(exchanges.map(({ from, to }) => [from, to]));
  return {
    part: part.id,
    title,
    before: part.words,
    after: part.words.map((word) => exchanged.get(word) ?? word),
    exchanges,
    kept,
    ...(short === undefined ? {} : { short }),
  };
}

/** The lesson with words exchanged in the parts that have them; what was set by hand for a word goes with it. */
export function withExchanges(lesson: Lesson, exchanges: readonly Exchange[]): Lesson {
  const of = (part: LessonPart) =>
    new Map(exchanges.filter((each) => each.part === part.id).map(({ from, to }) => [from, to]));
  return {
    ...lesson,
    stages: lesson.stages.map((stage) => ({
      ...stage,
      parts: stage.parts.map((part) => {
        const exchanged = of(part);
        if (exchanged.size === 0) return part;
        const { edits = [], ...parameters } = part.parameters;
        const left = edits.filter(({ word }) => !exchanged.has(word));
        return {
          ...part,
          words: part.words.map((word) => exchanged.get(word) ?? word),
          parameters: left.length > 0 ? { ...parameters, edits: left } : parameters,
        };
      }),
    })),
  };
}

/**
 * The lesson with a line in a language of the learners' homes under each instruction; where the
 * language is empty, with none.
 */
export function withAlsoIn(lesson: Lesson, language: string): Lesson {
  return {
    ...lesson,
    stages: lesson.stages.map((stage) => ({
      ...stage,
      parts: stage.parts.map((part) => {
        if (part.kind !== 'exercise') return part;
        const { alsoIn: _alsoIn, ...parameters } = part.parameters;
        return {
          ...part,
          parameters: language === '' ? parameters : { ...parameters, alsoIn: language },
        };
      }),
    })),
  };
}

/** The lesson without anything that belongs to the class or the learners it was made for. */
export function withoutItsClass({
  slips: _slips,
  remarks: _remarks,
  takeHomes: _takeHomes,
  plan,
  ...lesson
}: Lesson): Lesson {
  if (plan === undefined) return lesson;
  const { date: _date, time: _time, targets: _targets, background: _background, ...rest } = plan;
  return { ...lesson, plan: rest };
}
