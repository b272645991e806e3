/** Direct speech to reported speech: backshift, pronouns, words of time and place (Swan, “indirect speech”, from memory). */
import { pronounOf, pronouns, type Pronoun } from '../../forms/pronouns';
import { formsOfVerb, type FormSource } from '../../forms/verb-forms';
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
import { isBareName, pronounOfName } from '../tagging/given-names';
import { genderOf, men, women } from './gender';
import { wordClassBits } from '../../lexicon/word-class';
import type { Lexicon } from '../../lexicon/lexicon';
import { agreementOf, featuresOf, frameOf, lowered, type ClauseFrame } from './clause-frame';

interface Quotation {
  readonly said: string;
  readonly speaker: string;
  readonly verb: string;
  /** To whom, where it is said. */
  readonly hearer?: string;
  /** Please was said; it is no part of the report. */
  readonly politely: boolean;
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
    /\b(said|says|asked|asks|told|tells|shouted|replied|answered|cried|whispered|called|added|explained|thought|ordered|advised|warned|begged|reminded|complained|exclaimed|announced|promised|muttered|agreed|admitted|insisted|yelled|remarked)\b/i.exec(
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
  const spoken = address(match[1].trim());
  const whom = hearer || spoken.name;
  return {
    said: spoken.said,
    speaker,
    verb: speech.toLowerCase(),
    politely: spoken.politely,
    ...(whom ? { hearer: whom } : {}),
  };
}

/** Who is spoken to by name, and please, taken out of what is said. */
function address(said: string): { said: string; name?: string; politely: boolean } {
  const politely = /\bplease\b/i.test(said);
  let text = said
    .replace(/^please,?\s+/i, '')
    .replace(/,?\s+please(?=[.!?,]*$)/i, '')
    .replace(/\bplease\s+/i, '');
  const after = /,\s+(\p{Lu}\p{L}+)(?=[.!?,]*$)/u.exec(text);
  const name = after?.[1];
  if (after) text = text.slice(0, after.index) + text.slice(after.index + after[0].length);
  const first = /^(\p{Lu}\p{L}+),\s+/u.exec(text);
  const named = name ?? (first?.[1] && isCalled(first[1]) ? first[1] : undefined);
  if (first?.[1] && first[1] === named) text = text.slice(first[0].length);
  text = text.charAt(0).toUpperCase() + text.slice(1);
  return { said: text, politely, ...(named === undefined ? {} : { name: named }) };
}

const isCalled = (word: string) =>
  pronounOfName(word) !== undefined || isBareName(word) || men.test(word) || women.test(word);

const pronounsFor = (speaker: string, pronoun: string | undefined): Pronoun =>
  pronounOf(speaker) ??
  pronounOf(pronoun ?? genderOf(speaker) ?? 'they') ??
  (pronounOf('they') as Pronoun);

/** Who you is, once it is told by somebody else: the one who was spoken to, and them where nobody is named. */
function hearerAs(hearer: string | undefined): Pronoun {
  const they = pronounOf('they') as Pronoun;
  if (hearer === undefined) return they;
  const named = pronounOf(hearer) ?? pronouns.find(({ object }) => object === hearer.toLowerCase());
  if (named) return named;
  return pronounOf(genderOf(hearer) ?? 'they') ?? they;
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
  given: VerbFeatures = featuresOf(clause.group),
): { text: string; old: string } {
  const features = backshift(given);
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

/** The frame of what was said; is there a ferry has there for its subject, does it close its verb after the subject. */
function framed(inner: string, analysis: SentenceAnalysis, forms: FormSource): ClauseFrame {
  const frame = frameOf(inner, analysis, forms);
  if (/^(?:is|are|was|were)(?:n['’]t)? there\b/i.test(inner) && frame.subject !== 'there') {
    const rest = inner.replace(/^\S+ there\s*/i, '').replace(/[.!?]+$/, '');
    return { ...frame, subject: 'there', rest };
  }
  const [first = '', ...others] = frame.rest.split(' ');
  const kinds = forms.lexicon?.find(first)?.kinds ?? 0;
  if (frame.question && frame.features.base === 'do' && (kinds & wordClassBits.verb) !== 0) {
    return { ...frame, features: { ...frame.features, base: first }, rest: others.join(' ') };
  }
  return frame;
}

/** Verbs that ask what is so, not for a favour: Would you like some tea? */
const noFavour = /^(?:like|prefer|know|be|have|see|hear|want|need|love|mind|remember|swim)$/;

/** What is asked of somebody with could, would, will or can you; undefined where it is a real question. */
function requestOf(inner: string, frame: ClauseFrame, politely: boolean): string | undefined {
  const asks = /^(could|would|will|can) you\b/i.exec(inner)?.[1]?.toLowerCase();
  if (asks === undefined || frame.negative) return undefined;
  const doing = /^(\p{L}+ing)\b(.*)$/u.exec(frame.rest);
  if (frame.features.base === 'mind' && asks === 'would' && doing?.[1] !== undefined) {
    const base = frame.forms.lexicon && baseOfIng(doing[1], frame.forms.lexicon);
    return base === undefined ? undefined : `${base}${doing[2] ?? ''}`;
  }
  if (noFavour.test(frame.features.base) || (asks === 'can' && !politely)) return undefined;
  return `${frame.features.base} ${frame.rest}`;
}

/** The verb of an -ing form. */
const baseOfIng = (form: string, lexicon: Lexicon) =>
  tagSentence(tokenise(`They are ${form} it.`), lexicon)[0]?.tokens.find(
    ({ lower }) => lower === form.toLowerCase(),
  )?.base;

export interface ReportOptions {
  /** The pronoun for a speaker who is named: he, she or they. */
  readonly pronoun?: 'he' | 'she' | 'they';
}

/** Who speaks, where the name does not tell he or she: somebody has to say. */
export function unknownSpeaker(sentence: string): string | undefined {
  if (!quoted.test(sentence)) return undefined;
  try {
    const { speaker } = read(sentence);
    const named = /^\p{Lu}\p{L}+$/u.test(speaker) && pronounOf(speaker) === undefined;
    return named && genderOf(speaker) === undefined ? speaker : undefined;
  } catch (error) {
    if (error instanceof NoSuchForm) return undefined;
    throw error;
  }
}

export function toReported(
  sentence: string,
  forms: FormSource,
  options: ReportOptions = {},
): Changed {
  const { speaker, hearer, said } = read(sentence);
  const known = options.pronoun !== undefined || genderOf(speaker) || pronounOf(speaker);
  if (known && (hearer !== undefined || !speaksTo(said, forms)))
    return reportAs(sentence, forms, options);
  // Who was spoken to is not named: I, we, he and she are as right as they.
  const heard = (chosen: ReportOptions): Changed => {
    const made = reportAs(sentence, forms, chosen);
    if (hearer !== undefined || !speaksTo(said, forms)) return made;
    const others = (['I', 'we', 'he', 'she'] as const).flatMap((told) => {
      const { result, accepted } = reportAs(sentence, forms, { ...chosen, told });
      return [result, ...accepted];
    });
    return { ...made, accepted: [...made.accepted, ...others] };
  };
  const made = heard(options);
  if (known) return { ...made, accepted: [...new Set(made.accepted)] };
  // Nobody knows whether the courier is he or she: each is right, if it stays the same.
  const others = (['he', 'she'] as const).flatMap((pronoun) => {
    const { result, accepted } = heard({ pronoun });
    return [result, ...accepted];
  });
  const accepted = [...new Set([...made.accepted, ...others])];
  return { ...made, accepted: accepted.filter((one) => one !== made.result) };
}

/** Let’s go: what is proposed is suggested. */
function suggested(name: string, rest: string, not: boolean, forms: FormSource): Changed {
  const [verb = '', ...others] = rest.split(' ');
  const { presentParticiple } = formsOfVerb(verb.toLowerCase(), forms);
  const tail = others.length === 0 ? '' : ` ${others.join(' ')}`;
  const no = not ? 'not ' : '';
  return {
    result: `${name} suggested ${no}${presentParticiple}${tail}.`,
    accepted: [
      `${name} suggested that they ${no}${verb}${tail}.`,
      `${name} suggested that they should ${no}${verb}${tail}.`,
      `${name} suggested that we ${no}${verb}${tail}.`,
      `${name} suggested that we should ${no}${verb}${tail}.`,
    ],
    changes: [
      {
        what: 'verb',
        from: 'let’s',
        to: 'suggested',
        why: 'Let’s proposes something: it is suggested.',
      },
    ],
  };
}

/** True where somebody is spoken to: you is said, or a command is given. */
const speaksTo = (said: string, forms: FormSource): boolean =>
  /\b(?:you|your|yours|yourself)\b/i.test(said) ||
  analyseSentence(said, forms.lexicon).type === 'imperative';

function reportAs(
  sentence: string,
  forms: FormSource,
  { pronoun, told }: ReportOptions & { readonly told?: string } = {},
): Changed {
  const { said, speaker, verb, hearer, politely } = read(sentence);
  const analysis = analyseSentence(
    /[.!?]$/.test(said) ? said : `${said.replace(/,$/, '')}.`,
    forms.lexicon,
  );
  const inner = /[.!?]$/.test(said) ? said : `${said.replace(/,$/, '')}.`;
  if (analysis.main === undefined || analysis.completeness !== 'complete')
    throw new NoSuchForm('What is said is no whole sentence: it cannot be reported as one.');
  const who = pronounsFor(speaker, pronoun);
  const to = hearerAs(hearer ?? told);
  const name = speaker.charAt(0).toUpperCase() + speaker.slice(1);
  const changes: GrammarChange[] = [];
  const proposal = /^let[’']?s (?:(not) )?(.+?)[.!?]*$/i.exec(inner);
  if (proposal?.[2] !== undefined)
    return suggested(name, proposal[2], proposal[1] === 'not', forms);
  if (analysis.type === 'imperative') {
    const frame = frameOf(inner, analysis, forms);
    const never = /^never\b/i.test(inner);
    const inside = innerClauses(frame.rest, analysis, forms);
    const adverbs = frame.adverbs.filter((word) => word.toLowerCase() !== 'never');
    const rest = moveWords(
      `${adverbs.join(' ')} ${frame.features.base} ${inside}`.trim(),
      who,
      to,
      changes,
    );
    const whom = hearer ?? to.object;
    const orders = /^(?:ordered|advised|warned|begged|reminded)$/.test(verb);
    const usual = orders ? verb : politely || verb === 'asked' ? 'asked' : 'told';
    const not = never ? 'never ' : frame.negative ? 'not ' : '';
    const result = `${name} ${usual} ${whom} ${not}to ${rest}.`;
    const others = ['asked', 'told'].filter((other) => other !== usual && !orders);
    changes.unshift({
      what: 'verb',
      from: frame.features.base,
      to: `to ${frame.features.base}`,
      why: 'A command is reported with told, a person, and to.',
    });
    return {
      result,
      accepted: others.map((other) => result.replace(` ${usual} `, ` ${other} `)),
      changes,
    };
  }
  const frame = framed(inner, analysis, forms);
  const subject = moveWords(frame.subject, who, to, changes);
  // May I go? asks for leave, and leave is told with could.
  const leave = frame.question && frame.features.modal === 'may' && /\bI\b|\bwe\b/i.test(inner);
  const moved = verbOf(
    analysis.main,
    analysis,
    forms,
    subject,
    false,
    leave ? { ...frame.features, modal: 'can' } : frame.features,
  );
  const lead = frame.question
    ? ''
    : moveWords(innerClauses(frame.before.trim(), analysis, forms), who, to, changes);
  const shifted = innerClauses(frame.rest, analysis, forms);
  const rest = moveWords(` ${shifted}`, who, to, changes).trim();
  changes.unshift({
    what: 'verb',
    from: moved.old,
    to: moved.text,
    why: 'After a verb of speech in the past, the tense moves one step back.',
  });
  const saying = hearer ? `told ${hearer}` : verb === 'asked' || verb === 'told' ? 'said' : verb;
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
    const asks = `${name} ${asked} ${clause.replace(/\s+/g, ' ').trim()}.`;
    const request = requestOf(inner, frame, politely);
    const wanted = request === undefined ? undefined : moveWords(request, who, to, []);
    const result =
      wanted === undefined ? asks : `${name} asked ${hearer ?? to.object} to ${wanted}.`;
    if (wanted !== undefined) {
      return {
        result,
        accepted: [asks, asks.replace(' if ', ' whether ')],
        changes: [
          {
            what: 'verb',
            from: `${frame.features.modal ?? ''} you`,
            to: 'to',
            why: 'A request is reported with asked, a person, and to.',
          },
        ],
      };
    }
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
  const result = `${name} ${saying} that ${body}.`;
  // Must is told as had to, where it says what somebody has to do.
  const owed = /^must (?!be\b)/.test(moved.text) ? [result.replace(/\bmust\b/, 'had to')] : [];
  const accepted = [result, ...owed].flatMap((one) => [one, one.replace(' that ', ' ')]);
  return { result, accepted: [...new Set(accepted)].filter((one) => one !== result), changes };
}
