/** Direct speech to reported speech: backshift, pronouns, words of time and place (Swan, “indirect speech”, from memory). */
import { pronounOf, pronouns, type Pronoun } from '../../forms/pronouns';
import type { FormSource } from '../../forms/verb-forms';
import {
  verbPhrase,
  withOperator,
  negativeOf,
  hasOperator,
  type VerbFeatures,
} from '../../forms/verb-phrase';
import { analyseSentence, type SentenceAnalysis } from '../describe/describe-sentence';
import type { Clause } from '../clauses/clause';
import { tagSentence } from '../tagging/tag-sentence';
import { tokenise } from '../tokens/tokenise';
import { NoSuchForm, type Changed, type GrammarChange } from './change';
import { agreementOf, featuresOf, frameOf, lowered } from './clause-frame';

interface Quotation {
  readonly said: string;
  readonly speaker: string;
  readonly verb: string;
  /** To whom, where it is said. */
  readonly hearer?: string;
}

const quoted = /[“"]([^”"]+)[”"]/u;
const shift: Readonly<Record<string, string>> = {
  today: 'that day',
  tonight: 'that night',
  yesterday: 'the day before',
  tomorrow: 'the next day',
  now: 'then',
  here: 'there',
  ago: 'before',
  this: 'that',
  these: 'those',
};

/** The quotation with who said it: “…,” said Bram; Bram said, “…”. */
function read(sentence: string): Quotation {
  const match = quoted.exec(sentence);
  if (match?.[1] === undefined)
    throw new NoSuchForm('There is no direct speech: put what is said between quotation marks.');
  const around = `${sentence.slice(0, match.index)} ${sentence.slice(match.index + match[0].length)}`;
  const before = sentence
    .slice(0, match.index)
    .replace(/[,:]\s*$/, '')
    .trim();
  const after = sentence
    .slice(match.index + match[0].length)
    .replace(/[.!?]\s*$/, '')
    .trim();
  const speech =
    /\b(said|says|asked|asks|told|tells|shouted|replied|answered|cried|whispered|called|added|explained|thought)\b/i.exec(
      around,
    )?.[1];
  if (speech === undefined)
    throw new NoSuchForm('Say who speaks, with a verb of speech: “…,” said Bram.');
  const side = before !== '' ? before : after;
  const rest = side
    .replace(new RegExp(`\\b${speech}\\b`, 'i'), '|')
    .split('|')
    .map((part) => part.trim());
  const [first = '', second = ''] = rest;
  const inverted = first === '';
  const speaker = inverted ? (second.split(/\s+to\s+/)[0] ?? '') : first;
  const hearer = inverted ? second.split(/\s+to\s+/)[1] : second.replace(/^to\s+/, '');
  if (speaker === '') throw new NoSuchForm('Say who speaks: “…,” said Bram.');
  return {
    said: match[1].trim(),
    speaker,
    verb: speech.toLowerCase(),
    ...(hearer ? { hearer } : {}),
  };
}

const pronounsFor = (speaker: string, pronoun: string): Pronoun =>
  pronounOf(speaker) ?? pronounOf(pronoun) ?? (pronounOf('they') as Pronoun);

const men =
  /\b(?:brother|father|dad|uncle|grandfather|grandpa|son|nephew|man|boy|king|prince|postman|mr)\b/i;
const women =
  /\b(?:sister|mother|mum|mom|aunt|grandmother|grandma|daughter|niece|woman|girl|queen|princess|mrs|miss|ms)\b/i;

/** Who you is, once it is told by somebody else: the one who was spoken to, and them where nobody is named. */
function hearerAs(hearer: string | undefined): Pronoun {
  const they = pronounOf('they') as Pronoun;
  if (hearer === undefined) return they;
  const named = pronounOf(hearer) ?? pronouns.find(({ object }) => object === hearer.toLowerCase());
  if (named) return named;
  if (men.test(hearer)) return pronounOf('he') ?? they;
  return women.test(hearer) ? (pronounOf('she') ?? they) : they;
}

const pastModals: Readonly<Record<string, string>> = {
  will: 'would',
  can: 'could',
  may: 'might',
  shall: 'should',
};

/** One step back in time. */
function backshift(features: VerbFeatures): VerbFeatures {
  if (features.modal !== undefined)
    return { ...features, modal: pastModals[features.modal] ?? features.modal };
  if (!features.past) return { ...features, past: true };
  return features.perfect ? features : { ...features, perfect: true };
}

function verbOf(
  clause: Clause,
  analysis: SentenceAnalysis,
  forms: FormSource,
  subject: string,
  keepInverted: boolean,
): { text: string; old: string } {
  const features = backshift(featuresOf(clause.group));
  const tokens = tagSentence(tokenise(subject), forms.lexicon)[0]?.tokens ?? [];
  const agreement = agreementOf(tokens);
  const source = forms;
  const negative = clause.group.negative;
  const words = negative
    ? withOperator(features, agreement, source)
    : verbPhrase(features, agreement, source);
  const inner = analysis.tokens
    .slice(clause.group.finite.at + 1, clause.group.verb.at)
    .filter(({ tag }) => tag === 'adverb')
    .map(({ text }) => text);
  const [first = '', ...others] = negative
    ? [negativeOf(words[0] ?? '', true), ...words.slice(1)]
    : words;
  const text =
    hasOperator(features) || negative
      ? [first, ...inner, ...others].join(' ')
      : [...inner, first, ...others].join(' ');
  return {
    text,
    old: keepInverted ? '' : clause.group.tokens.map((token) => token.text).join(' '),
  };
}

/** What stands before a subject: nothing, or a word that opens a clause. */
const leadsClause =
  /^$|\b(?:if|when|that|because|what|where|who|which|why|how|while|until|before|after|and|but|so)\s+$/i;

/** The rest of what was said, with its pronouns and words of time moved. */
function moveWords(text: string, who: Pronoun, to: Pronoun, changes: GrammarChange[]): string {
  return text.replace(
    /\b(?:I|me|my|mine|myself|we|us|our|you|your|yours|yourself|today|tonight|yesterday|tomorrow|now|here|ago|this|these|last (?:night|week|year)|next (?:week|year))\b/gi,
    (word, offset: number) => {
      const lower = word.toLowerCase();
      const plural = {
        we: 'they',
        us: 'them',
        our: 'their',
        you: leadsClause.test(text.slice(0, offset)) ? to.subject : to.object,
        your: to.determiner,
        yours: to.possessive,
        yourself: to.reflexive,
      }[lower];
      const last = /^last (night|week|year)$/.exec(lower);
      const next = /^next (week|year)$/.exec(lower);
      const moved =
        plural ??
        {
          i: who.subject,
          me: who.object,
          my: who.determiner,
          mine: who.possessive,
          myself: who.reflexive,
        }[lower] ??
        (last ? `the ${last[1]} before` : next ? `the next ${next[1]}` : shift[lower]) ??
        word;
      if (moved !== word)
        changes.push({
          what: shift[lower] || last || next ? 'time and place' : 'pronoun',
          from: word,
          to: moved,
          why:
            shift[lower] || last || next
              ? 'Seen from later, the word moves.'
              : 'The speaker is now spoken about.',
        });
      return moved;
    },
  );
}

/** If you call me: what a clause inside says in the present moves back too; what is past stays. */
function innerClauses(rest: string, analysis: SentenceAnalysis, forms: FormSource): string {
  let text = rest;
  for (const clause of analysis.clauses) {
    const { group } = clause;
    const first = group.tokens[0];
    const last = group.tokens[group.tokens.length - 1];
    if (clause === analysis.main || group.past || group.imperative || !first || !last) continue;
    if (last.at - first.at !== group.tokens.length - 1 || group.negative) continue;
    const from = (clause.opener?.at ?? analysis.main?.group.verb.at ?? -1) + 1;
    const subject = analysis.tokens
      .slice(from, group.finite.at)
      .map((token) => token.text)
      .join(' ');
    const { text: moved, old } = verbOf(clause, analysis, forms, subject, false);
    text = text.replace(`${subject} ${old}`, `${subject} ${moved}`);
  }
  return text;
}

export interface ReportOptions {
  /** The pronoun for a speaker who is named: he, she or they. */
  readonly pronoun?: 'he' | 'she' | 'they';
}

export function toReported(
  sentence: string,
  forms: FormSource,
  { pronoun = 'they' }: ReportOptions = {},
): Changed {
  const { said, speaker, verb, hearer } = read(sentence);
  const analysis = analyseSentence(
    /[.!?]$/.test(said) ? said : `${said.replace(/,$/, '')}.`,
    forms.lexicon,
  );
  const inner = /[.!?]$/.test(said) ? said : `${said.replace(/,$/, '')}.`;
  if (analysis.main === undefined || analysis.completeness !== 'complete')
    throw new NoSuchForm('What is said is no whole sentence: it cannot be reported as one.');
  const who = pronounsFor(speaker, pronoun);
  const to = hearerAs(hearer);
  const name = speaker.charAt(0).toUpperCase() + speaker.slice(1);
  const changes: GrammarChange[] = [];
  if (analysis.type === 'imperative') {
    const frame = frameOf(inner, analysis, forms);
    const rest = moveWords(
      `${frame.adverbs.join(' ')} ${frame.features.base} ${frame.rest}`.trim(),
      who,
      to,
      changes,
    );
    const whom = hearer ?? 'them';
    const result = `${name} told ${whom} ${frame.negative ? 'not ' : ''}to ${rest}.`.replace(
      / please\b/i,
      '',
    );
    changes.unshift({
      what: 'verb',
      from: frame.features.base,
      to: `to ${frame.features.base}`,
      why: 'A command is reported with told, a person, and to.',
    });
    return { result, accepted: [result.replace(' told ', ' asked ')], changes };
  }
  const frame = frameOf(inner, analysis, forms);
  const subject = moveWords(frame.subject, who, to, changes);
  const moved = verbOf(analysis.main, analysis, forms, subject, false);
  const lead = frame.question ? '' : frame.before.trim();
  const shifted = innerClauses(frame.rest, analysis, forms);
  const rest = moveWords(` ${shifted}`, who, to, changes).trim();
  changes.unshift({
    what: 'verb',
    from: moved.old,
    to: moved.text,
    why: 'After a verb of speech in the past, the tense moves one step back.',
  });
  const told = hearer ? `told ${hearer}` : verb === 'asked' || verb === 'told' ? 'said' : verb;
  if (analysis.type === 'interrogative') {
    const word = analysis.tokens.find(
      ({ tag, lower }) =>
        tag === 'question' || (tag === 'determiner' && /^(?:what|which|whose)$/.test(lower)),
    );
    const asked = hearer ? `asked ${hearer}` : 'asked';
    const fronted = word
      ? inner.slice(word.start, analysis.main.group.finite.start).trim().toLowerCase()
      : '';
    const clause = word
      ? frame.subject === '' || fronted.includes(frame.subject.toLowerCase())
        ? `${fronted} ${moved.text} ${rest}`
        : `${fronted} ${subject} ${moved.text} ${rest}`
      : `if ${subject} ${moved.text} ${rest}`;
    const result = `${name} ${asked} ${clause.replace(/\s+/g, ' ').trim()}.`;
    changes.push({
      what: 'word order',
      from: 'question',
      to: 'statement',
      why: 'A reported question has the order of a statement, and no question mark.',
    });
    return { result, accepted: word ? [] : [result.replace(' if ', ' whether ')], changes };
  }
  const body =
    `${lead ? `${lowered(lead, analysis.tokens[0])} ` : ''}${subject} ${moved.text} ${rest}`
      .replace(/\s+/g, ' ')
      .trim();
  const result = `${name} ${told} that ${body}.`;
  const accepted = [result.replace(' that ', ' ')];
  if (who.subject === 'they' && !/^(?:he|she|they|we|i|you)$/i.test(speaker)) {
    for (const other of ['he', 'she'] as const) {
      const again = toReported(sentence, forms, { pronoun: other });
      accepted.push(again.result, ...again.accepted);
    }
  }
  return { result, accepted: [...new Set(accepted)].filter((one) => one !== result), changes };
}
