/** Russian in tables: nouns in their cases, adjectives with their nouns, verbs in their pairs. */
import type { Concept, Concepts } from '../concepts/concept';
import type { TableKind, TableRow, WordTables } from '../language-pack';
import { russianAdjective } from './adjectives';
import { declineNoun, russianCases } from './nouns';

const columns = [...russianCases];
const kinds: readonly TableKind[] = [
  {
    id: 'usual',
    name: 'Usual forms: a noun, one',
    columns,
    start: ['стол', 'река', 'окно', 'музей', 'неделя', 'ночь'],
  },
  {
    id: 'many',
    name: 'Russian: a noun, more than one',
    columns,
    start: ['стол', 'река', 'окно', 'друг', 'неделя', 'ночь'],
  },
  {
    id: 'agreeing',
    name: 'Russian: an adjective with its noun',
    columns: ['он', 'она', 'оно', 'они', 'comparative'],
    start: ['новый', 'большой', 'хороший', 'синий', 'маленький', 'тёплый'],
  },
  {
    id: 'aspects',
    name: 'Russian: verb pairs',
    columns: ['imperfective', 'perfective'],
    start: ['писать', 'читать', 'говорить', 'делать', 'покупать', 'открывать'],
  },
];

/** Nouns of what lives. */
const living: ReadonlySet<string> = new Set(['animals', 'people', 'family']);
const notLiving = new Set(['name', 'birthday', 'wedding', 'family', 'group', 'team', 'farm']);

export const isAnimate = ({ topics, english }: Pick<Concept, 'topics' | 'english'>): boolean =>
  topics.some((topic) => living.has(topic)) && !notLiving.has(english);

const plain = (word: string) => word.normalize('NFD').replaceAll('\u0301', '').normalize('NFC');

/** The two verbs of a pair as the list writes them: покупать/купить. */
function pairsOf({ all }: Concepts): ReadonlyMap<string, readonly [string, string, string]> {
  const pairs = new Map<string, readonly [string, string, string]>();
  for (const { partOfSpeech, words, english } of all) {
    const [first, second] = words.ru ?? [];
    if (partOfSpeech !== 'verb' || !first || !second) continue;
    const pair = [first.word, second.word, english] as const;
    for (const word of pair.slice(0, 2)) if (!pairs.has(word)) pairs.set(word, pair);
  }
  return pairs;
}

export function russianTables(concepts: Concepts): WordTables {
  const pairs = pairsOf(concepts);
  const known = (word: string, partOfSpeech: Concept['partOfSpeech']) =>
    concepts.of('ru', plain(word)).find((concept) => concept.partOfSpeech === partOfSpeech);
  const row = (
    word: string,
    meaning: string,
    cells: readonly (readonly string[])[],
    rule: string,
  ) => ({
    word,
    meaning,
    cells,
    rule,
  });
  const nounRow = (word: string, many: boolean): TableRow | undefined => {
    const concept = known(word, 'noun');
    const said = concept?.words.ru?.find((each) => each.word === plain(word))?.said ?? word;
    const animate = concept !== undefined && isAnimate(concept);
    const noun = declineNoun(said, animate);
    const forms = many ? noun?.plural : noun?.singular;
    if (!noun || !forms) return undefined;
    // Of a word that is not in the list nobody knows whether it lives: both accusatives are right.
    const other =
      concept === undefined
        ? many
          ? declineNoun(said, true)?.plural
          : declineNoun(said, true)?.singular
        : undefined;
    const cells = russianCases.map((name) => [
      ...new Set([forms[name], other?.[name] ?? forms[name]]),
    ]);
    return row(plain(word), concept?.english ?? '', cells, noun.rule);
  };
  return {
    kinds,
    start: kinds[0]?.start ?? [],
    row(word, { id }) {
      switch (id) {
        case 'agreeing': {
          const found = russianAdjective(word);
          return (
            found &&
            row(
              found.masculine,
              known(word, 'adjective')?.english ?? '',
              [
                [found.masculine],
                [found.feminine],
                [found.neuter],
                [found.plural],
                found.comparative,
              ],
              found.rule,
            )
          );
        }
        case 'aspects': {
          const [imperfective, perfective, english] = pairs.get(plain(word)) ?? [];
          return imperfective === undefined || perfective === undefined
            ? undefined
            : row(
                plain(word),
                english ?? '',
                [[imperfective], [perfective]],
                'The imperfective names what goes on or is done again; the perfective what is done once, to its end.',
              );
        }
        default:
          return nounRow(word, id === 'many');
      }
    },
  };
}
