/** Forms of Latin words side by side. */
import type { TableKind, WordTables } from '../language-pack';
import { plain } from './letters';
import type { LatinLexicon } from './lexicon';
import type { Features, PartOfSpeech } from './parse';
import { formsOf } from './parse-form';

type Column = readonly [title: string, wanted: Features];

const active = (tense: Features['tense'], mood: Features['mood'] = 'indicative'): Features =>
  ({ tense, mood, voice: 'active', person: 3, number: 'singular' }) as Features;
const passive = (tense: Features['tense'], mood: Features['mood'] = 'indicative'): Features => ({
  ...active(tense, mood),
  voice: 'passive',
});
const noun = (its: Features['case'], number: Features['number']): Features =>
  ({ case: its, number }) as Features;

const tables: Readonly<
  Record<
    string,
    { readonly name: string; readonly of: PartOfSpeech; readonly columns: readonly Column[] }
  >
> = {
  usual: {
    name: 'Usual forms',
    of: 'verb',
    columns: [
      ['Infinitive', { mood: 'infinitive', tense: 'present', voice: 'active' }],
      ['Present, 3rd sg.', active('present')],
      ['Imperfect, 3rd sg.', active('imperfect')],
      ['Perfect, 3rd sg.', active('perfect')],
    ],
  },
  tenses: {
    name: 'Latin: he, she, it in present, imperfect, future',
    of: 'verb',
    columns: [
      ['Present', active('present')],
      ['Imperfect', active('imperfect')],
      ['Future', active('future')],
    ],
  },
  perfects: {
    name: 'Latin: he, she, it in the three perfects',
    of: 'verb',
    columns: [
      ['Perfect', active('perfect')],
      ['Pluperfect', active('pluperfect')],
      ['Future perfect', active('future perfect')],
    ],
  },
  passive: {
    name: 'Latin: passive, 3rd person singular',
    of: 'verb',
    columns: [
      ['Present', passive('present')],
      ['Imperfect', passive('imperfect')],
      ['Future', passive('future')],
      ['Infinitive', { mood: 'infinitive', tense: 'present', voice: 'passive' }],
    ],
  },
  subjunctive: {
    name: 'Latin: subjunctive, 3rd person singular',
    of: 'verb',
    columns: [
      ['Present', active('present', 'subjunctive')],
      ['Imperfect', active('imperfect', 'subjunctive')],
      ['Perfect', active('perfect', 'subjunctive')],
      ['Pluperfect', active('pluperfect', 'subjunctive')],
    ],
  },
  singular: {
    name: 'Latin: a noun in the singular',
    of: 'noun',
    columns: (['genitive', 'dative', 'accusative', 'ablative'] as const).map((its): Column => [
      its.replace(/^./, (first) => first.toUpperCase()),
      noun(its, 'singular'),
    ]),
  },
  plural: {
    name: 'Latin: a noun in the plural',
    of: 'noun',
    columns: (['nominative', 'genitive', 'dative', 'accusative', 'ablative'] as const).map(
      (its): Column => [its.replace(/^./, (first) => first.toUpperCase()), noun(its, 'plural')],
    ),
  },
};

const kinds: readonly TableKind[] = Object.entries(tables).map(([id, { name, columns }]) => ({
  id,
  name,
  columns: columns.map(([title]) => title),
}));

const matches = (form: Features, wanted: Features) =>
  Object.entries(wanted).every(([name, value]) => form[name as keyof Features] === value);

/** A deponent's forms are passive, whatever is asked for. */
const orPassive = (wanted: Features): Features =>
  wanted.voice === 'active' ? { ...wanted, voice: 'passive' } : wanted;

/** Forms of sum by the tense that they make with a participle. */
const helpers: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  indicative: { perfect: 'est', pluperfect: 'erat', 'future perfect': 'erit' },
  subjunctive: { perfect: 'sit', pluperfect: 'esset' },
};

/** A perfect of two words: secūtus est. */
function compound(
  forms: readonly (Features & { readonly form: string })[],
  wanted: Features,
  deponent: boolean,
): string[] {
  const helper = helpers[wanted.mood ?? '']?.[wanted.tense ?? ''];
  if (helper === undefined || (wanted.voice === 'active' && !deponent)) return [];
  const participle = forms.find((form) =>
    matches(form, {
      mood: 'participle',
      tense: 'perfect',
      voice: 'passive',
      case: 'nominative',
      number: 'singular',
      gender: 'masculine',
    }),
  );
  return participle ? [`${participle.form} ${helper}`] : [];
}

export const latinTables = (lexicon: LatinLexicon): WordTables => ({
  kinds,
  start: ['amō', 'moneō', 'regō', 'audiō'],
  row(word, { id }) {
    const table = tables[id];
    const found = formsOf(word, lexicon).find(({ partOfSpeech }) => partOfSpeech === table?.of);
    if (table === undefined || found === undefined) return undefined;
    const deponent = found.partOfSpeech === 'verb' && /or,/.test(found.entry);
    const cells = table.columns.map(([, wanted]) => {
      const made = found.forms
        .filter((form) => matches(form, deponent ? orPassive(wanted) : wanted))
        .map(({ form }) => form);
      const whole = made.length > 0 ? made : compound(found.forms, wanted, deponent);
      // Long vowels need not be marked.
      return [...new Set([...whole, ...whole.map(plain)])];
    });
    return cells.some((cell) => cell.length > 0)
      ? {
          word: found.entry,
          meaning: found.meaning,
          cells,
          rule: '',
        }
      : undefined;
  },
});
