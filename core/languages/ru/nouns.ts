/**
 * Nouns of Russian in their six cases: the three declensions of a school grammar, with the rules of
 * spelling (и after г к х ж ш щ ч; unstressed е after ж ш щ ч ц), from memory.
 */
import {
  genitivePlurals,
  indeclinable,
  keepsVowel,
  masculineSoft,
  others,
  pluralOnly,
  plurals,
  stems,
  stressedEnding,
} from './noun-lists';

export const russianCases = [
  'nominative',
  'genitive',
  'dative',
  'accusative',
  'instrumental',
  'prepositional',
] as const;
export type RussianCase = (typeof russianCases)[number];
type Forms = Readonly<Record<RussianCase, string>>;

export interface RussianNoun {
  readonly gender: 'm' | 'f' | 'n' | 'pl';
  /** Absent of a noun that is only plural. */
  readonly singular?: Forms;
  readonly plural: Forms;
  readonly rule: string;
}

const HUSHING = /[жшщч]$/;
const VELAR = /[гкх]$/;
/** A word that begins its ending with и where another has ы. */
const writesI = (stem: string) => HUSHING.test(stem) || VELAR.test(stem);

const withoutStress = (word: string) =>
  word.normalize('NFD').replaceAll('\u0301', '').normalize('NFC');

/** True where the last vowel of a word bears the mark of its stress. */
const endsStressed = (said: string) =>
  /[аеиоуыэюяё]\u0301[^аеиоуыэюя]*$/u.test(said.normalize('NFD'));

/** The stem before an ending that begins with a vowel. */
function stemOf(word: string): string {
  const known = stems[word];
  if (known !== undefined) return known;
  const bare = word.replace(/[аяоеёйь]$/u, '');
  if (bare !== word && !/[йь]$/u.test(word)) return bare;
  if (keepsVowel.has(word)) return bare;
  // Отец, отца; подарок, подарка; котёнок, котёнка; after л soft: палец, пальца is in the list.
  if (/[^аеиоуыэюяй]ец$/u.test(word))
    return word.replace(/ец$/u, word.endsWith('лец') ? 'ьц' : 'ц');
  if (/[чш]ек$/u.test(word)) return word.replace(/ек$/u, 'к');
  if (/[^аеиоуыэюя]ок$/u.test(word) && word.length > 3) return word.replace(/ок$/u, 'к');
  return bare;
}

/** Genitive plural without an ending; a vowel parts two consonants before к. */
function bareGenitive(stem: string, soft: boolean): string {
  const parted = stem
    .replace(/([жшщчц])к$/u, '$1ек')
    .replace(/([^аеиоуыэюя])н$/u, (whole, before: string) =>
      soft ? `${before === 'ь' ? '' : before}ен` : whole,
    )
    .replace(/[йь]к$/u, 'ек')
    .replace(/([бвгдзклмнпрстфх])к$/u, '$1ок');
  return soft && parted === stem ? `${stem}ь` : parted;
}

const six = (
  nominative: string,
  genitive: string,
  dative: string,
  accusative: string,
  instrumental: string,
  prepositional: string,
): Forms => ({ nominative, genitive, dative, accusative, instrumental, prepositional });

interface Pattern {
  readonly gender: 'm' | 'f' | 'n';
  readonly singular: Forms;
  readonly pluralNominative: string;
  readonly pluralGenitive: string;
  readonly rule: string;
}

const o = (stem: string, stressed: boolean) => (/[жшщчц]$/u.test(stem) && !stressed ? 'е' : 'о');

function masculine(word: string, stem: string, stressed: boolean, animate: boolean): Pattern {
  const of = (genitive: string) => (animate ? genitive : word);
  if (word.endsWith('й')) {
    const prepositional = word.endsWith('ий') ? `${stem}и` : `${stem}е`;
    return {
      gender: 'm',
      singular: six(
        word,
        `${stem}я`,
        `${stem}ю`,
        of(`${stem}я`),
        `${stem}${stressed ? 'ё' : 'е'}м`,
        prepositional,
      ),
      pluralNominative: `${stem}и`,
      pluralGenitive: `${stem}ев`,
      rule: 'Masculine in -й: soft endings.',
    };
  }
  if (word.endsWith('ь')) {
    const instrumental = `${stem}${stressed ? 'ё' : 'е'}м`;
    return {
      gender: 'm',
      singular: six(word, `${stem}я`, `${stem}ю`, of(`${stem}я`), instrumental, `${stem}е`),
      pluralNominative: `${stem}и`,
      pluralGenitive: `${stem}ей`,
      rule: 'Masculine in -ь: soft endings.',
    };
  }
  const genitivePlural = HUSHING.test(stem)
    ? `${stem}ей`
    : /ц$/u.test(stem) && !stressed
      ? `${stem}ев`
      : `${stem}ов`;
  return {
    gender: 'm',
    singular: six(
      word,
      `${stem}а`,
      `${stem}у`,
      of(`${stem}а`),
      `${stem}${o(stem, stressed)}м`,
      `${stem}е`,
    ),
    pluralNominative: `${stem}${writesI(stem) ? 'и' : 'ы'}`,
    pluralGenitive: genitivePlural,
    rule: 'Masculine in a consonant: hard endings.',
  };
}

function inA(word: string, stem: string, stressed: boolean, gender: 'm' | 'f'): Pattern {
  const soft = word.endsWith('я');
  const i = soft || writesI(stem) ? 'и' : 'ы';
  const iya = word.endsWith('ия');
  const dative = `${stem}${iya ? 'и' : 'е'}`;
  const instrumental = soft ? `${stem}${stressed ? 'ё' : 'е'}й` : `${stem}${o(stem, stressed)}й`;
  const genitivePlural = !soft
    ? bareGenitive(stem, false)
    : /[аеиоуыэ]$/u.test(stem)
      ? `${stem}й`
      : /ь$/u.test(stem)
        ? stem.replace(/ь$/u, 'ий')
        : bareGenitive(stem, true);
  return {
    gender,
    singular: six(word, `${stem}${i}`, dative, `${stem}${soft ? 'ю' : 'у'}`, instrumental, dative),
    pluralNominative: `${stem}${i}`,
    pluralGenitive: genitivePlural,
    rule: `${gender === 'f' ? 'Feminine' : 'A man, with the endings of a feminine'} in -${soft ? 'я' : 'а'}.`,
  };
}

function feminineSoft(word: string, stem: string): Pattern {
  return {
    gender: 'f',
    singular: six(word, `${stem}и`, `${stem}и`, word, `${stem}ью`, `${stem}и`),
    pluralNominative: `${stem}и`,
    pluralGenitive: `${stem}ей`,
    rule: 'Feminine in -ь: the third declension.',
  };
}

function neuter(word: string, stem: string): Pattern {
  if (word.endsWith('мя')) {
    const long = `${word.slice(0, -1)}ен`;
    return {
      gender: 'n',
      singular: six(word, `${long}и`, `${long}и`, word, `${long}ем`, `${long}и`),
      pluralNominative: `${long}а`,
      pluralGenitive: `${word.slice(0, -1)}ён`,
      rule: 'Neuter in -мя: -ен- before the endings.',
    };
  }
  if (word.endsWith('о') || /[жшщчц]е$/u.test(word)) {
    const end = word.endsWith('о') ? 'о' : 'е';
    return {
      gender: 'n',
      singular: six(word, `${stem}а`, `${stem}у`, word, `${stem}${end}м`, `${stem}е`),
      pluralNominative: `${stem}а`,
      pluralGenitive: bareGenitive(stem, false),
      rule: `Neuter in -${end}: hard endings.`,
    };
  }
  const iye = word.endsWith('ие');
  return {
    gender: 'n',
    singular: six(
      word,
      `${stem}я`,
      `${stem}ю`,
      word,
      `${stem}${word.endsWith('ё') ? 'ё' : 'е'}м`,
      `${stem}${iye ? 'и' : 'е'}`,
    ),
    pluralNominative: `${stem}я`,
    pluralGenitive: iye ? `${stem}й` : /ь$/u.test(stem) ? stem.replace(/ь$/u, 'ий') : `${stem}ей`,
    rule: 'Neuter in -е: soft endings.',
  };
}

/** Plural cases from the nominative: ам or ям, by how it ends. */
function pluralOf(nominative: string, genitive: string, animate: boolean): Forms {
  const stem = nominative.replace(/[ыиая]$/u, '');
  const soft = nominative.endsWith('я') || (nominative.endsWith('и') && !/[гкхжшщч]$/u.test(stem));
  const a = soft ? 'я' : 'а';
  return six(
    nominative,
    genitive,
    `${stem}${a}м`,
    animate ? genitive : nominative,
    `${stem}${a}ми`,
    `${stem}${a}х`,
  );
}

/** Young animals: котёнок, котята. */
const young = (word: string) => /(?:ёнок|онок)$/u.test(word);

/** Men that end as women do. */
const men = new Set(['папа', 'дедушка', 'дядя', 'мужчина', 'юноша', 'судья', 'коллега']);

/**
 * A noun in all its cases.
 *
 * @param said with the mark of its stress, where it is known: `оте́ц`
 * @returns undefined for what is no single noun of these declensions: indeclinables, nouns that are adjectives
 */
export function declineNoun(said: string, animate: boolean): RussianNoun | undefined {
  const plain = withoutStress(said);
  const word = plain.toLowerCase();
  if (!/^[а-яё-]+$/u.test(word) || indeclinable.has(word)) return undefined;
  const only = pluralOnly[word];
  // Фрукты, покупки: the plural of another word.
  if (only === undefined && /(?:[ыи]|ые)$/u.test(word)) return undefined;
  if (only !== undefined) {
    return { gender: 'pl', plural: pluralOf(word, only, animate), rule: 'Only plural.' };
  }
  // Рабочий, учёный, животное are adjectives in form.
  if (
    /(?:[^а]ый|[кгхжшщч]ий|ой|ое|ая)$/u.test(word) &&
    !/(?:бой|герой|рой|строй|слой|покой|зной|край)$/u.test(word)
  )
    return undefined;
  const stem = stemOf(word);
  const stressed = endsStressed(said) || stressedEnding.has(word);
  const pattern = word.endsWith('мя')
    ? neuter(word, stem)
    : /[ая]$/u.test(word)
      ? inA(word, stem, endsStressed(said), men.has(word) ? 'm' : 'f')
      : /[оеё]$/u.test(word)
        ? neuter(word, stem)
        : word.endsWith('ь') && !masculineSoft.has(word)
          ? feminineSoft(word, stem)
          : masculine(word, stem, stressed, animate);
  const extra = others[word] ?? {};
  const youngStem = young(word) ? word.replace(/(?:ёнок|онок)$/u, '') : undefined;
  const youngA = youngStem !== undefined && HUSHING.test(youngStem) ? 'а' : 'я';
  const nominative =
    plurals[word] ??
    (youngStem === undefined ? pattern.pluralNominative : `${youngStem}${youngA}та`);
  const genitive =
    genitivePlurals[word] ??
    (youngStem !== undefined ? `${youngStem}${youngA}т` : genitiveFor(nominative, pattern, word));
  const plural = pluralOf(nominative, genitive, animate);
  const big = plain !== word;
  return {
    gender: pattern.gender,
    singular: asWritten({ ...pattern.singular, ...pickSingular(extra) }, big),
    plural: {
      ...plural,
      ...(extra['pluralInstrumental'] ? { instrumental: extra['pluralInstrumental'] } : {}),
    },
    rule: pattern.rule,
  };
}

/** A name of its own keeps its capital: Земля. */
const asWritten = (forms: Forms, big: boolean): Forms =>
  big
    ? (Object.fromEntries(
        Object.entries(forms).map(([name, form]) => [
          name,
          form.charAt(0).toUpperCase() + form.slice(1),
        ]),
      ) as Forms)
    : forms;

/** Of a plural in -ья the genitive is -ьев. */
const genitiveFor = (nominative: string, { pluralGenitive }: Pattern, word: string) =>
  plurals[word]?.endsWith('ья') ? nominative.replace(/я$/u, 'ев') : pluralGenitive;

function pickSingular(extra: Readonly<Record<string, string>>): Partial<Forms> {
  return Object.fromEntries(
    russianCases.flatMap((name) => (extra[name] ? [[name, extra[name]]] : [])),
  );
}
