/** Forms of Japanese verbs and adjectives, and numbers with their counters, side by side. */
import type { TableKind, TableRow, WordTables } from '../language-pack';
import {
  adjectiveForms,
  adjectiveFormNames,
  adjectiveRules,
  type AdjectiveFormName,
  type JapaneseAdjective,
} from './adjective-forms';
import { countedAs, type CountedNumber, type Counter } from './counters';
import { japaneseVerbForms } from './japanese-verb';
import { verbFormNames, type VerbFormName } from './verb-forms';
import type { JapaneseVerb } from './verb-lexicon';

const columns: Readonly<Record<string, readonly VerbFormName[]>> = {
  usual: ['masu', 'nai', 'te', 'ta'],
  polite: ['masu', 'masen', 'mashita', 'masendeshita'],
  plain: ['nai', 'ta', 'nakatta', 'te'],
  voices: ['passive', 'causative', 'causativePassive', 'potential'],
  conditions: ['ba', 'tara', 'volitional', 'imperative'],
};

const capital = (name: string) => name.replace(/^./, (first) => first.toUpperCase());

const named = (id: string) => (columns[id] ?? []).map((name) => capital(verbFormNames[name]));

const ofAdjectives: readonly AdjectiveFormName[] = [
  'beforeNoun',
  'negative',
  'past',
  'pastNegative',
  'adverb',
];

/** Those where sounds change, and how many. */
const counted: readonly CountedNumber[] = ['1', '3', '6', '8', '10', '何'];

const kinds: readonly TableKind[] = [
  { id: 'usual', name: 'Usual forms', columns: named('usual') },
  { id: 'polite', name: 'Japanese: polite forms', columns: named('polite') },
  { id: 'plain', name: 'Japanese: plain forms', columns: named('plain') },
  { id: 'voices', name: 'Japanese: passive, causative, potential', columns: named('voices') },
  { id: 'conditions', name: 'Japanese: conditions and plans', columns: named('conditions') },
  {
    id: 'adjectives',
    name: 'Japanese: adjectives',
    columns: ofAdjectives.map((name) => capital(adjectiveFormNames[name])),
    start: ['寒い', '暑い', 'いい', '静か', '元気', '親切'],
  },
  {
    id: 'counters',
    name: 'Japanese: counting things',
    columns: counted,
    start: ['本', '匹', '枚', '人', '個', '冊'],
  },
];

/** Reading behind a word where it is written otherwise. */
const withReading = (written: string, reading: string) =>
  reading === written || reading === '' ? written : `${written} (${reading})`;

function verbRow(
  word: string,
  id: string,
  verbs: ReadonlyMap<string, readonly JapaneseVerb[]>,
): TableRow | undefined {
  try {
    const [made] = japaneseVerbForms(word, verbs);
    if (made === undefined) return undefined;
    const cells = (columns[id] ?? []).map((name) => [
      ...new Set([
        made.written[name],
        ...(made.kana ? [made.kana[name]] : []),
        ...(made.also[name] ?? []),
      ]),
    ]);
    return {
      word: withReading(made.verb, made.reading),
      meaning: made.meaning,
      cells,
      rule: `${made.class}: ${made.rule}`,
    };
  } catch {
    return undefined;
  }
}

function adjectiveRow({ written, reading, adjectiveClass, meaning }: JapaneseAdjective): TableRow {
  const [asWritten, asRead] = [written, reading].map((each) =>
    adjectiveForms(each, adjectiveClass),
  );
  return {
    word: withReading(written, reading),
    meaning,
    cells: ofAdjectives.map((name) => [
      ...new Set([...(asWritten?.[name] ?? []), ...(asRead?.[name] ?? [])]),
    ]),
    rule: adjectiveRules[adjectiveClass],
  };
}

const counterRow = (counter: Counter): TableRow => ({
  word: withReading(counter.written, counter.reading),
  meaning: counter.counts,
  cells: counted.map((number) => countedAs(counter, number)),
  rule: 'the sounds change where number and counter meet',
});

export const japaneseTables = (
  verbs: ReadonlyMap<string, readonly JapaneseVerb[]>,
  adjectives: ReadonlyMap<string, JapaneseAdjective>,
  counters: ReadonlyMap<string, Counter>,
): WordTables => ({
  kinds,
  start: ['書く', '食べる', '飲む', '来る'],
  row(word, { id }) {
    if (id === 'adjectives') {
      // 静かな as well as 静か.
      const adjective = adjectives.get(word) ?? adjectives.get(word.replace(/な$/, ''));
      return adjective && adjectiveRow(adjective);
    }
    if (id === 'counters') {
      const counter = counters.get(word.replace(/^[一1〜~]/, ''));
      return counter && counterRow(counter);
    }
    return verbRow(word, id, verbs);
  },
});
