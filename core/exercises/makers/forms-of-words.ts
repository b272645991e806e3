import type { TableKind, TableRow, WordTables } from '../../languages/language-pack';
import { packOf } from '../../languages/registry/registry';
import { metAsVerb } from '../../languages/en/words/met-as-verb';
import { verbFormsOf } from '../../languages/en/forms/verb-form-of';
import { choice, read } from '../making/parameters';
import type { MakerNote } from '../making/exercise';
import type { Maker } from '../making/maker';
import { written, type GivenItem } from '../making/written';

/** Tables that some language has, the usual one first; a table of another language gives way to the usual one. */
const offered: readonly (readonly [string, string])[] = [
  ['usual', 'Usual forms'],
  ['polite', 'Japanese: polite forms'],
  ['plain', 'Japanese: plain forms'],
  ['voices', 'Japanese: passive, causative, potential'],
  ['conditions', 'Japanese: conditions and plans'],
  ['adjectives', 'Japanese: adjectives'],
  ['counters', 'Japanese: counting things'],
  ['tenses', 'Latin: he, she, it in present, imperfect, future'],
  ['perfects', 'Latin: he, she, it in the three perfects'],
  ['passive', 'Latin: passive, 3rd person singular'],
  ['subjunctive', 'Latin: subjunctive, 3rd person singular'],
  ['singular', 'Latin: a noun in the singular'],
  ['plural', 'Latin: a noun in the plural'],
  ['many', 'Russian: a noun, more than one'],
  ['agreeing', 'Russian: an adjective with its noun'],
  ['aspects', 'Russian: verb pairs'],
  ['preterite', 'Spanish: preterite'],
  ['imperfect', 'Spanish: imperfect'],
  ['future', 'Spanish: future'],
  ['conditional', 'Spanish: conditional'],
  ['wishes', 'Spanish: present subjunctive'],
];

const declared = { table: choice('Which forms', offered, 'usual') };

const NONE = '–';

function itemOf(word: string, row: TableRow, { columns }: TableKind): GivenItem {
  const keyCells = row.cells.map((cell) => cell[0] ?? NONE);
  const asked = row.cells.filter((cell) => cell.length > 0);
  // Each form that is right beside each other that is: no more than a marker can be asked to try.
  const accepted = asked.reduce<string[]>(
    (lines, cell) =>
      lines.flatMap((line) => cell.map((form) => `${line} ${form}`.trim())).slice(0, 64),
    [''],
  );
  const [answer = ''] = accepted;
  return {
    word,
    prompt: row.word,
    answer,
    accepted: accepted.slice(1),
    cells: [row.word, ...columns.map((_, at) => (row.cells[at]?.length ? '' : NONE))],
    keyCells: [row.word, ...keyCells],
    reason: [row.meaning, row.rule].filter((part) => part !== '').join('. '),
  };
}

/** The words that a table begins with. */
const startOf = (tables: WordTables | undefined, table: unknown) =>
  tables?.kinds.find(({ id }) => id === table)?.start ?? tables?.start ?? [];

const FIRST = 0.28;

/** Which forms they are stands in the title: Passive, causative, potential. */
function titleOf(kind: TableKind | undefined): string {
  if (kind === undefined || kind.id === 'usual') return 'Fill in the forms';
  const name = kind.name.replace(/^[^:]*: /, '');
  return `Fill in: ${name}`;
}

/** Words of a list in a table of their forms: a row each, to be filled in. */
const maker: Maker = {
  id: 'forms-of-words',
  name: 'Forms of words in a table',
  description:
    'A row for each word, a column for each form: verbs, the nouns of Latin and Russian, the adjectives and counters of Japanese.',
  interaction: 'write',
  group: 'Grammar',
  fewestWords: 2,
  needs:
    'verbs in the form that a dictionary has; of Latin and Russian nouns, of Japanese adjectives and counters as well',
  parameters: declared,
  // Of a language without a word bank the table has its own words to begin with.
  ownStartWords: ({ language = 'en', table }) =>
    language === 'en' ? [] : startOf(packOf(language).tables?.(), table),
  asks: ['tables'],
  workedByDefault: true,
  make({ words, parameters, pack, random, lexicon, meanings }) {
    const tables = pack.tables?.();
    const wanted = read(declared, parameters).table;
    const kind = tables?.kinds.find(({ id }) => id === wanted) ?? tables?.kinds[0];
    const notes: MakerNote[] = [];
    const own = (kind?.start ?? tables?.start ?? []).map((word) => ({ word, entry: undefined }));
    // A table with words of its own, adjectives or counters, may be asked for beside a list of verbs.
    const others = kind?.start !== undefined && !words.some(({ word }) => tables?.row(word, kind));
    const given = words.length > 0 && !others ? words : own;
    if (others && words.length > 0) {
      notes.push({
        text: 'None of the words of the list has these forms: words of Wordane’s own are taken. Put adjectives or counters into the list to have them instead.',
      });
    }
    const english = words.length > 0 && pack.tag === 'en';
    const metAs = (word: string) => metAsVerb(word, lexicon, meanings);
    // To coat and to frost belong in a list of verbs, not in one of things.
    const met = given.filter(({ word }) => ['first', 'also'].includes(metAs(word)));
    const ofVerbs = 2 * met.length >= given.length;
    const items = given.flatMap(({ word }): GivenItem[] => {
      // An English word that is no verb has none of these forms, though they could be made.
      const verbs = english ? verbFormsOf(word.toLowerCase(), lexicon) : [];
      const as = english ? metAs(word) : 'first';
      const noVerb =
        english &&
        (as === 'never' ||
          (as === 'rarely' && !ofVerbs) ||
          !verbs.some(({ form }) => form === 'base'));
      const row = noVerb || !tables || !kind ? undefined : tables.row(word, kind);
      if (row && kind) return [itemOf(word, row, kind)];
      const base = verbs[0]?.base;
      notes.push({
        word,
        text:
          noVerb && as === 'rarely'
            ? `${word} is hardly met as a verb. It was left out: put it into a list of verbs to have it.`
            : base === undefined || base === word.toLowerCase()
              ? `${word} has no forms in this table, or is not known in the form that a dictionary has. It was left out.`
              : `${word} is a form of ${base}. It was left out: take ${base}.`,
      });
      return [];
    });
    const columns = kind?.columns ?? [];
    return {
      title: parameters.title ?? titleOf(kind),
      instruction:
        parameters.instruction ??
        'Fill in the missing forms of each word. The first row shows how.',
      worked: parameters.worked ?? true,
      ...written(parameters.shuffle === false ? items : random.shuffle(items), {
        columns: [
          { title: 'Word', share: FIRST },
          ...columns.map((title) => ({ title, share: (1 - FIRST) / columns.length })),
        ],
      }),
      notes,
    };
  },
  replacements: () => [{ wordClass: 'verb' }],
  suggestions: () => [{ wordClass: 'verb' }],
};

export default maker;
