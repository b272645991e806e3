/** What a set of words is about, as a question for more of the same: their sound, their topic, their pattern, their class. */
import { patternMask, patternsIn, type PatternName } from '../languages/en/sounds/patterns';
import type { Lexicon, LexiconEntry } from '../languages/en/lexicon/lexicon';
import { wordFacts } from '../languages/en/words/word-facts';
import { findTargetSound, spellingsOf } from '../search/target-sound';
import type { WordQuery } from '../search/word-query';
import type { WordClassName } from '../languages/en/lexicon/word-class';

/** A sound is the aim where so many of the words have it, a topic where so many belong to it. */
const LEAST_SHARE = { sound: 0.8, topic: 0.6 } as const;
/** Fewer words have no aim that could be told. */
const LEAST_WORDS = 3;

/** Patterns that say what a list is for; nearly every list has blends or closed syllables. */
const telling: readonly PatternName[] = ['CVC', 'CVCe', 'vowel-team', 'r-controlled'];

const classNames: Readonly<Record<string, WordClassName>> = {
  v: 'verb',
  a: 'adjective',
  d: 'adverb',
  p: 'preposition',
};

function topicOf(entries: readonly LexiconEntry[], lexicon: Lexicon): string | undefined {
  const counts = new Map<string, number>();
  for (const { word } of entries) {
    for (const topic of lexicon.topicsOf(word)) counts.set(topic, (counts.get(topic) ?? 0) + 1);
  }
  const [most] = [...counts].sort(([, left], [, right]) => right - left);
  return most && most[1] >= entries.length * LEAST_SHARE.topic ? most[0] : undefined;
}

/** The question that more words for the same aim answer; empty where the words share nothing. */
export function aimOf(words: readonly string[], lexicon: Lexicon): WordQuery {
  const material = words.map((word) => ({ word, entry: lexicon.find(word) }));
  const entries = material.flatMap(({ entry }) => entry ?? []);
  if (entries.length < LEAST_WORDS) return {};
  const sound = findTargetSound(material);
  const having = sound ? material.filter((word) => spellingsOf(word, sound).length > 0) : [];
  if (sound && having.length >= entries.length * LEAST_SHARE.sound) return { sound };
  const topic = topicOf(entries, lexicon);
  if (topic !== undefined) return { topic };
  const facts = wordFacts(lexicon);
  const shared = patternsIn(
    entries.reduce((bits, { rank }) => bits & (facts.patterns[rank] ?? 0), patternMask(telling)),
  );
  const [pattern] = shared;
  if (pattern !== undefined) return { patterns: [pattern] };
  const classes = new Set(entries.map((entry) => lexicon.lemmaOf(entry).schoolClasses[0] ?? ''));
  const [only] = classes;
  const wordClass = classes.size === 1 && only ? classNames[only] : undefined;
  return wordClass ? { wordClass } : {};
}

/** A question narrowed to an aim; what it asks itself of sounds, spellings and patterns stands. */
export function withAim(query: WordQuery, aim: WordQuery): WordQuery {
  const ownSounds = query.sound ?? query.sounds ?? query.spelling ?? query.rhymesWith;
  const { sound, ...rest } = aim;
  return { ...rest, ...(ownSounds === undefined && sound ? { sound } : {}), ...query };
}
