/**
 * Plain sentences of a Romance language: of things and what they are like, whose adjective agrees,
 * and of what is done; each with what denies it and what asks it, as any school grammar has it.
 */
import type { Statement } from '../language-pack';
import { articlesOf, feminineOf, pluralOf, type RomanceLanguage } from './nouns';
import {
  statementAdjectives,
  statementDeeds,
  statementNouns,
  type StatementAdjective,
  type StatementNoun,
} from './statement-words';

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const small = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/** To be, of one and of many: what things are like for good. */
const being = {
  fr: ['est', 'sont'],
  es: ['es', 'son'],
  pt: ['é', 'são'],
  it: ['è', 'sono'],
} as const satisfies Record<RomanceLanguage, readonly [string, string]>;

interface Clause {
  /** As it stands within a sentence. */
  readonly subject: string;
  readonly verb: string;
  readonly rest: string;
  readonly gender: 'm' | 'f';
  readonly plural: boolean;
}

const vowelFirst = /^[aeiouhàâéèêëîïôûùœ]/;

function negativeOf({ subject, verb, rest }: Clause, language: RomanceLanguage): string[] {
  const not = { es: 'no', pt: 'não', it: 'non' } as const;
  if (language !== 'fr') return [`${capital(subject)} ${not[language]} ${verb} ${rest}.`];
  const ne = vowelFirst.test(verb) ? 'n’' : 'ne ';
  return [`${capital(subject)} ${ne}${verb} pas ${rest}.`];
}

/** A French verb before its subject: a t between two vowels. */
function inverted({ verb, gender, plural }: Clause): string {
  const pronoun = `${gender === 'f' ? 'elle' : 'il'}${plural ? 's' : ''}`;
  return `${verb}-${/[aeiou]$/.test(verb) ? 't-' : ''}${pronoun}`;
}

function questionOf(clause: Clause, language: RomanceLanguage): string[] {
  const { subject, verb, rest } = clause;
  const whole = `${subject} ${verb} ${rest}`;
  if (language === 'fr') {
    const elided = vowelFirst.test(subject.toLowerCase()) ? 'qu’' : 'que ';
    return [
      `Est-ce ${elided}${whole} ?`,
      `${capital(subject)} ${inverted(clause)} ${rest} ?`,
      `${capital(whole)} ?`,
    ];
  }
  const last = `${verb} ${rest} ${subject}`;
  const orders = {
    es: [whole, last, `${verb} ${subject} ${rest}`],
    pt: being.pt.some((each) => each === verb) ? [whole, last] : [whole],
    it: [whole, last],
  };
  return orders[language].map((order) => `${language === 'es' ? '¿' : ''}${capital(order)}?`);
}

const whyNot = {
  fr: 'ne stands before the verb and pas behind it; ne is n’ before a vowel',
  es: 'no stands before the verb',
  pt: 'não stands before the verb',
  it: 'non stands before the verb',
} as const satisfies Record<RomanceLanguage, string>;

const whyAsks = {
  fr: 'est-ce que stands before the sentence, or the verb comes before its pronoun',
  es: 'the words may stay as they are or the verb comes first, between ¿ and ?',
  pt: 'the words stay as they are: the voice rises at the end',
  it: 'the words stay as they are: the voice rises at the end',
} as const satisfies Record<RomanceLanguage, string>;

const asStatement = (clause: Clause, meaning: string, language: RomanceLanguage): Statement => ({
  sentence: `${capital(clause.subject)} ${clause.verb} ${clause.rest}.`,
  meaning,
  negative: negativeOf(clause, language),
  question: questionOf(clause, language),
  whyNegative: whyNot[language],
  whyQuestion: whyAsks[language],
});

function ofThing(
  noun: StatementNoun,
  adjective: StatementAdjective,
  plural: boolean,
  language: RomanceLanguage,
): Statement {
  const { gender } = noun;
  const articles = articlesOf(noun.word, language, gender);
  const things = plural ? pluralOf(noun.word, language, gender) : noun.word;
  const article = plural ? articles.many : articles.definite;
  const subject = `${article}${article.endsWith('’') ? '' : ' '}${things}`;
  const one = gender === 'f' ? feminineOf(adjective.word, language) : adjective.word;
  const form = plural ? pluralOf(one, language, gender) : one;
  const verb = being[language][plural ? 1 : 0];
  const clause = { subject, verb, rest: form, gender, plural };
  const meaning = plural
    ? `The ${noun.englishPlural} are ${adjective.english}.`
    : `The ${noun.english} is ${adjective.english}.`;
  const start = subject.length + verb.length + 2;
  const of = `${gender === 'f' ? 'feminine' : 'masculine'}, ${plural ? 'more than one' : 'one'}`;
  return {
    ...asStatement(clause, meaning, language),
    adjective: {
      start,
      end: start + form.length,
      base: adjective.word,
      noun: noun.word,
      many: plural,
      why: `${things}: ${of}${form === adjective.word ? '' : ` → ${form}`}`,
    },
  };
}

/** All that can be said of all things, one and many, then what is done. */
export function statementsOf(language: RomanceLanguage): Statement[] {
  const adjectives = statementAdjectives(language);
  const said = statementNouns(language).flatMap((noun) =>
    adjectives
      .filter(({ kinds }) => kinds.some((kind) => noun.kinds.includes(kind)))
      .flatMap((adjective) =>
        [false, true].map((plural) => ofThing(noun, adjective, plural, language)),
      ),
  );
  const done = statementDeeds(language).map(({ english, subject, ...rest }) => {
    // A name keeps its capital within a sentence.
    const named = /^(?:Asha|Bram|Mina)$/.test(subject);
    return asStatement({ ...rest, subject: named ? subject : small(subject) }, english, language);
  });
  return [...said, ...done];
}
