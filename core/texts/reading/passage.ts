/** A text laid open for questions: its sentences with their places, its names, its most told words. */
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { wordClassBits } from '../../languages/en/lexicon/word-class';
import {
  isHeading,
  linesIn,
  paragraphsIn,
  sentencesIn,
  wordsIn,
  type Span,
} from '../../languages/shared/segment';
import { entryOf, namesIn, sentenceStarts, wordTokens } from '../analysis/word-tokens';
import { functionWords } from '../devices/device';
import { lineNumberAt } from './quotation-chart';
import { formsOf } from '../fit/word-form';
import { isPlaceName } from './place-names';
import { simpleClause } from './simple-clause';
import type { TextMaterial } from './text-material';

export interface PassageSentence extends Span {
  readonly text: string;
  /** Who says it, in a talk that is written with names and colons. */
  readonly speaker?: string;
  readonly words: number;
  /** Counted from 1. */
  readonly paragraph: number;
  /** “line 3”, “paragraph 2”. */
  readonly where: string;
}

export interface Passage {
  readonly material: TextMaterial;
  readonly sentences: readonly PassageSentence[];
  /** Paragraphs or stanzas, headings left out. */
  readonly paragraphs: readonly (Span & { readonly text: string })[];
  /** Names of people and places, lower case. */
  readonly names: ReadonlySet<string>;
  /** Names as they are written. */
  readonly people: readonly string[];
  /** Names of single people: those that do something and never stand after “the”. */
  readonly persons: readonly string[];
  /** The full words that come most, as base forms. */
  readonly keywords: readonly string[];
}

const oneLine = (text: string) => text.replace(/\s+/g, ' ').trim();

/** Lines of verse as one: a capital that only begins a line goes, that of a name or of I stays. */
const asProse = (text: string, names: ReadonlySet<string>) =>
  text.replace(/(?<![.!?:…"“”])\n\s*(\p{Lu}\p{L}*)/gu, (whole, word: string) =>
    word === 'I' || names.has(word.toLowerCase()) ? whole : ` ${word.toLowerCase()}`,
  );

/** The one who speaks in a line of a talk: GUARD:, Mr Kofi: – but not You need: */
const SPEAKER = /^((?=.{1,26}:)\p{Lu}[\p{L}’']*(?: \p{Lu}[\p{L}’']*)*):\s/u;

/** Words that greet, answer, count and point: no text is about them. */
const greetings = new Set(
  'yes no please thank thanks welcome hello goodbye sorry good well lot way thing one today yesterday tomorrow half past quarter top bottom side part nobody somebody dear'.split(
    ' ',
  ),
);

/** Most words of a line that stands above a text as its title. */
const LONGEST_TITLE = 9;

/** A short line without an end mark: a title, a place, an item of a list; no sentence to ask about. */
const isTitle = (text: string) =>
  !/[.!?…:;,]["'”’»)\]]*$/u.test(text.trim()) && text.trim().split(/\s+/).length <= LONGEST_TITLE;

/** The base forms of nouns and verbs that a text tells of most, the most frequent first. */
export function keywordsIn(text: string, names: ReadonlySet<string>, lexicon: Lexicon): string[] {
  const counts = new Map<string, number>();
  for (const { key } of wordTokens(text)) {
    if (functionWords.has(key) || names.has(key) || greetings.has(key) || key.length < 3) continue;
    const entry = entryOf(key, lexicon);
    if (entry === undefined || (entry.kinds & wordClassBits.noun) === 0 || entry.zipf > 5.9)
      continue;
    if ((entry.kinds & wordClassBits.number) !== 0) continue;
    // Stones are a stone; the ground is nothing that was ground, and a baker bakes.
    const plural = formsOf(key, lexicon).find(
      ({ form, base }) =>
        form === 's' && ((lexicon.find(base)?.kinds ?? 0) & wordClassBits.noun) !== 0,
    );
    const base = plural?.base ?? key;
    counts.set(base, (counts.get(base) ?? 0) + 1);
  }
  return [...counts].sort((left, right) => right[1] - left[1]).map(([word]) => word);
}

export function openPassage(material: TextMaterial, lexicon: Lexicon): Passage {
  const { body, kind } = material;
  const verse = kind === 'poem';
  const all = paragraphsIn(body).filter(
    ({ start, end }) =>
      !isHeading(body.slice(start, end)) && (verse || !isTitle(body.slice(start, end))),
  );
  const units = sentencesIn(body, verse);
  const found = units.filter(
    ({ start, end }) =>
      !isHeading(body.slice(start, end)) && (verse || !isTitle(body.slice(start, end))),
  );
  const tokens = wordTokens(body);
  // A title begins with a capital as a sentence does.
  const starts = sentenceStarts(body, units, verse ? linesIn(body) : paragraphsIn(body));
  const names = namesIn(tokens, starts, lexicon);
  // Nothing is asked of a sentence with a word that is not for a class.
  const asked = found.filter(
    ({ start, end }) =>
      !tokens.some(
        (token) => token.start >= start && token.end <= end && lexicon.isLeftOut(token.key),
      ),
  );
  const sentences = asked.map(({ start, end }): PassageSentence => {
    const paragraph = all.findIndex((each) => start >= each.start && start < each.end) + 1;
    const here = all[paragraph - 1];
    const speaker = here ? SPEAKER.exec(body.slice(here.start, here.end))?.[1] : undefined;
    const written = body.slice(start, end);
    const said = oneLine(verse ? asProse(written, names) : written);
    return {
      start,
      end,
      text: speaker ? said.replace(`${speaker}: `, '') : said,
      ...(speaker ? { speaker } : {}),
      words: wordsIn(body, { start, end }).length,
      paragraph,
      where: verse ? `line ${lineNumberAt(body, start)}` : `paragraph ${paragraph}`,
    };
  });
  const people = [
    ...new Set(
      tokens
        .filter(({ key, text }) => names.has(key) && /^\p{Lu}/u.test(text))
        .map(({ text }) => text.replace(/['’]s?$/, '')),
    ),
  ];
  return {
    material,
    sentences,
    paragraphs: all.map(({ start, end }) => ({ start, end, text: body.slice(start, end) })),
    names,
    people,
    persons: people.filter(
      (name) =>
        isPerson(name, body) &&
        !isPlaceName(name, body) &&
        sentences.some(({ text }) => simpleClause(text, names, lexicon)?.subject === name),
    ),
    keywords: keywordsIn(body, names, lexicon),
  };
}

const titles = /^(?:Mr|Mrs|Ms|Dr|Miss|Sir|Lady|Saint|St)$/;
const calendar =
  /^(?:(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day|January|February|March|April|May|June|July|August|September|October|November|December)$/;

/** A name that can be a person’s: never after “the” or a word of place, and no part of a longer one. */
function isPerson(name: string, body: string): boolean {
  if (titles.test(name) || calendar.test(name)) return false;
  const said = (pattern: string) => new RegExp(pattern, 'u').test(body);
  if (said(`\\b[Tt]he ${name}\\b`) || said(`\\b(?:Mr|Mrs|Ms|Dr|Miss)\\.? ${name}\\b`)) return false;
  if (said(`\\b(?:in|to|from|at) ${name}\\b`)) return false;
  return !said(`${name} \\p{Lu}`);
}

/** The proof of an answer: where it stands and what stands there. */
export const proofOf = ({ where, text }: PassageSentence) =>
  `${where[0]?.toUpperCase()}${where.slice(1)}: “${text}”`;

/** Words of a short name, and of one that has to tell verses with the same first line apart. */
const USUAL_LABEL = 6;
const LONGEST_LABEL = 14;

/** A short name for an item: the first words of what it is about. */
export const labelOf = (text: string, count = USUAL_LABEL) => {
  const words = oneLine(text).split(' ');
  return words.slice(0, count).join(' ') + (words.length > count ? ' …' : '');
};

/** A short name for each of some parts; as long as it takes to tell them apart, else numbered. */
export function labelsOf(parts: readonly string[]): string[] {
  for (let count = USUAL_LABEL; count <= LONGEST_LABEL; count += 1) {
    const labels = parts.map((part) => labelOf(part, count));
    if (new Set(labels).size === labels.length) return labels;
  }
  return parts.map((part, at) => `${at + 1}: ${labelOf(part)}`);
}
