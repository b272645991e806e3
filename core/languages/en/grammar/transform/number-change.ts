/** The subject of a sentence from one to many and back, with everything that agrees with it. */
import { inflect } from '../../forms/inflect';
import type { Lexicon } from '../../lexicon/lexicon';
import type { FormSource } from '../../forms/verb-forms';
import { headOf } from '../clauses/noun-phrase';
import type { SentenceAnalysis } from '../describe/describe-sentence';
import type { TaggedToken } from '../tagging/tag-sentence';
import { genderOf } from './gender';
import { NoSuchForm, type Changed, type GrammarChange } from './change';
import { frameOf, lowered, render, textOf, verbText, type ClauseFrame } from './clause-frame';

const toMany: Readonly<Record<string, string>> = {
  a: '',
  an: '',
  this: 'these',
  that: 'those',
  each: 'all the',
  every: 'all',
  one: 'two',
  another: 'other',
  its: 'their',
  much: 'many',
  either: 'both',
};
const toOne: Readonly<Record<string, string>> = {
  these: 'this',
  those: 'that',
  all: 'every',
  many: 'one',
  several: 'one',
  some: 'a',
  few: 'one',
  both: 'one',
  two: 'one',
  three: 'one',
  four: 'one',
  five: 'one',
  six: 'one',
  ten: 'one',
};
const pronounsToMany: Readonly<Record<string, string>> = {
  i: 'we',
  this: 'these',
  that: 'those',
  he: 'they',
  she: 'they',
  it: 'they',
};
const pronounsToOne: Readonly<Record<string, string>> = {
  we: 'I',
  they: 'he',
  these: 'this',
  those: 'that',
};

const article = (word: string) =>
  /^(?:[aeio]|u(?!ni|se|s[ei]))/i.test(word) || /^(?:hour|honest)/i.test(word) ? 'an' : 'a';

/**
 * Materials that are measured when a whole sentence speaks of them, although their plural exists (waters, snows);
 * what has no plural at all stands in core/forms/english/inflect.ts. Common practice.
 */
const notCounted = new Set(
  `water milk tea coffee juice rain snow hail ice fog frost air cheese pasta flour sugar salt pepper jam
   honey meat sand grass wood iron steel silver plastic metal paper cotton wool help work research
   electricity energy heat dust smoke soil oil petrol`.split(/\s+/),
);

function pluralOf(word: string, lexicon: Lexicon): string {
  const reading = lexicon.find(word.toLowerCase())?.readings[0];
  if (notCounted.has(word.toLowerCase()))
    throw new NoSuchForm(`${word} is not counted: it has no plural.`);
  const made = inflect(word.toLowerCase(), 's', {
    wordClass: 'noun',
    ...(reading ? { reading } : {}),
  });
  if (made.rule === 'not-counted')
    throw new NoSuchForm(`${word} is not counted: it has no plural.`);
  return made.form;
}

/** A noun phrase in the other number. */
function phraseInNumber(phrase: readonly TaggedToken[], many: boolean, lexicon: Lexicon): string {
  const head = headOf(phrase);
  if (head === undefined) throw new NoSuchForm('There is no noun to change.');
  const pronoun = (many ? pronounsToMany : pronounsToOne)[head.lower];
  if (pronoun !== undefined && phrase.length === 1) return pronoun;
  if (head.tag === 'name') throw new NoSuchForm(`${head.text} is a name: it keeps its number.`);
  if (head.tag !== 'noun' && head.tag !== 'nouns')
    throw new NoSuchForm(`${head.text} has no other number.`);
  if (many === (head.tag === 'nouns'))
    throw new NoSuchForm(
      many ? `${head.text} is plural already.` : `${head.text} is singular already.`,
    );
  const headForm = many ? pluralOf(head.text, lexicon) : (head.base ?? head.text);
  const words: string[] = [];
  phrase.forEach((token, at) => {
    if (token === head) words.push(headForm);
    else if (token.tag === 'determiner' || token.tag === 'number') {
      const before = phrase.slice(at + 1).find(({ tag }) => tag !== 'adverb');
      const swapped = (many ? toMany : toOne)[token.lower];
      if (!many && swapped === undefined && token.tag === 'number') words.push('one');
      else if (swapped === 'a')
        words.push(article(before === head ? headForm : (before?.text ?? '')));
      else words.push(swapped ?? (at === 0 ? lowered(token.text, token) : token.text));
    } else words.push(at === 0 ? lowered(token.text, token) : token.text);
  });
  const bare =
    !many &&
    !phrase.some(({ tag }) => tag === 'determiner' || tag === 'number' || tag === 'possessive');
  const text = words
    .filter((word) => word !== '')
    .join(' ')
    .replace(/ ('s?)/g, '$1');
  return bare ? `${article(text)} ${text}` : text;
}

export function toNumber(
  sentence: string,
  analysis: SentenceAnalysis,
  forms: FormSource,
  many: boolean,
): Changed {
  if (analysis.main === undefined) throw new NoSuchForm('There is no main clause to change.');
  const frame = frameOf(sentence, analysis, forms);
  const { subject } = frame.parts;
  if (subject.length === 0)
    throw new NoSuchForm('A command has no subject that could be one or many.');
  if (subject.some(({ lower, tag }) => tag === 'and' && lower === 'and'))
    throw new NoSuchForm('Two are named here: the subject is plural, and has no one singular.');
  if (subject[0]?.lower === 'there') return thereInNumber(sentence, frame, many, forms);
  // If nobody cuts the grass, it grows: it stands for what the clause in front names.
  const only = subject.length === 1 ? subject[0]?.lower : undefined;
  if (only === 'it' && analysis.clauses.some((clause) => clause.to < (subject[0]?.at ?? 0)))
    throw new NoSuchForm('It stands for something in the clause before: change that one first.');
  const relative = subject.findIndex(({ tag }) => tag === 'relative' || tag === 'preposition');
  const phrase = relative > 0 ? subject.slice(0, relative) : subject;
  const tail = relative > 0 ? ` ${textOf(sentence, subject.slice(relative))}` : '';
  const made = phraseInNumber(phrase, many, forms.lexicon);
  const agreement =
    made === 'I'
      ? { person: 1 as const, plural: false }
      : made === 'we'
        ? { person: 1 as const, plural: true }
        : { person: 3 as const, plural: many };
  // She is a farmer, they are farmers.
  const complement = frame.parts.parts.find(({ name }) => name === 'complement')?.tokens;
  let rest = frame.rest;
  const changes: GrammarChange[] = [
    {
      what: 'subject',
      from: frame.subject,
      to: `${made}${tail}`,
      why: many
        ? 'More than one: the noun takes its plural.'
        : 'Only one: the noun takes its singular.',
    },
  ];
  if (
    complement &&
    headOf(complement)?.tag === (many ? 'noun' : 'nouns') &&
    frame.features.base === 'be'
  ) {
    try {
      const other = phraseInNumber(complement, many, forms.lexicon);
      const old = textOf(sentence, complement);
      rest = rest.replace(old, other);
      changes.push({
        what: 'complement',
        from: old,
        to: other,
        why: 'It says what the subject is, and has its number.',
      });
    } catch {
      // What is not counted stays as it is.
    }
  }
  // He was ashamed of his behaviour, they were ashamed of theirs.
  const own = ownWords(only ?? genderOfOne(phrase, analysis) ?? '', many);
  if (own !== undefined) {
    const turned = rest.replace(own.words, (word) => own.turn[word.toLowerCase()] ?? word);
    if (turned !== rest)
      changes.push({
        what: 'pronoun',
        from: rest,
        to: turned,
        why: 'It stands for the subject, and has its number.',
      });
    rest = turned;
  }
  const before = verbText(frame);
  const changed = { ...frame, subject: `${made}${tail}`, agreement, rest };
  if (verbText(changed) !== before)
    changes.push({
      what: 'verb',
      from: before,
      to: verbText(changed),
      why: 'The verb agrees with its subject.',
    });
  const result = render(changed, /n[’']t/i.test(sentence));
  const accepted =
    made === 'he'
      ? ['she', 'it'].map((other) =>
          render({ ...changed, subject: other }, /n[’']t/i.test(sentence)),
        )
      : [];
  return { result, accepted, changes };
}

/** The woman carries her child, the women carry theirs: he or she by the noun; not where her is no determiner. */
function genderOfOne(
  phrase: readonly TaggedToken[],
  { tokens }: SentenceAnalysis,
): 'he' | 'she' | undefined {
  const head = headOf(phrase);
  if (head === undefined || head.tag !== 'noun') return undefined;
  if (tokens.some(({ lower, tag }) => lower === 'her' && tag !== 'determiner')) return undefined;
  return genderOf(head.text);
}

const theirs: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  he: { his: 'their', himself: 'themselves' },
  she: { her: 'their', herself: 'themselves' },
  it: { its: 'their', itself: 'themselves' },
  i: { my: 'our', myself: 'ourselves' },
};
const ofOne: Readonly<Record<string, Readonly<Record<string, string>>>> = {
  we: { our: 'my', ourselves: 'myself' },
  they: { their: 'his', themselves: 'himself' },
};
/** What follows a noun of one or of many may say either of several pronouns for it. */
const afterNoun: Readonly<Record<string, string>> = { its: 'their', itself: 'themselves' };

/** The words after the verb that go with the subject, and what they turn into. */
function ownWords(subject: string, many: boolean) {
  const turn = (many ? theirs : ofOne)[subject] ?? (many && subject === '' ? afterNoun : undefined);
  if (turn === undefined) return undefined;
  return { words: new RegExp(`\\b(?:${Object.keys(turn).join('|')})\\b`, 'gi'), turn };
}

/** There is a spider, there are spiders: what is there has the number, and the verb goes with it. */
function thereInNumber(
  sentence: string,
  frame: ClauseFrame,
  many: boolean,
  forms: FormSource,
): Changed {
  const what = frame.parts.parts.find(({ name }) => name === 'complement')?.tokens;
  if (what === undefined) throw new NoSuchForm('There is no noun to change.');
  const old = textOf(sentence, what);
  const made = phraseInNumber(what, many, forms.lexicon);
  const before = verbText(frame);
  const changed = {
    ...frame,
    agreement: { person: 3 as const, plural: many },
    rest: frame.rest.replace(old, made),
  };
  return {
    result: render(changed, /n[’']t/i.test(sentence)),
    accepted: many
      ? [render({ ...changed, rest: changed.rest.replace(made, `some ${made}`) })]
      : [],
    changes: [
      {
        what: 'noun',
        from: old,
        to: made,
        why: many
          ? 'More than one: the noun takes its plural.'
          : 'Only one: the noun takes its singular.',
      },
      {
        what: 'verb',
        from: before,
        to: verbText(changed),
        why: 'After there the verb agrees with what is there.',
      },
    ],
  };
}
