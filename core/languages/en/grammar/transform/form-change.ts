/** Statement, question and negative; one tense to another. */
import { hasOperator, verbPhrase, type VerbFeatures } from '../../forms/verb-phrase';
import type { FormSource } from '../../forms/verb-forms';
import type { TenseAspect } from '../clauses/tense-aspect';
import type { SentenceAnalysis } from '../describe/describe-sentence';
import { isExclamation } from '../describe/sentence-type';
import { refuseLeftBehind } from './linked-clauses';
import { NoSuchForm, type Changed, type GrammarChange } from './change';
import { frameOf, render, verbText, type ClauseFrame } from './clause-frame';

function mainFrame(sentence: string, analysis: SentenceAnalysis, forms: FormSource): ClauseFrame {
  if (analysis.main === undefined)
    throw new NoSuchForm('This is no whole sentence: it has no main clause to change.');
  if (analysis.completeness === 'run-on')
    throw new NoSuchForm('These are two sentences in one: part them first.');
  return frameOf(sentence, analysis, forms);
}

/** How cold it is! It has the word order of neither a statement nor a question. */
function refuseExclamation(analysis: SentenceAnalysis): void {
  if (isExclamation(analysis.tokens, analysis.main))
    throw new NoSuchForm(
      'An exclamation with what or how has a word order of its own: say it as a plain statement first.',
    );
}

const isContracted = (sentence: string) => /\p{L}n[’']t\b/iu.test(sentence);

const endWith = (end: string, mark: string) =>
  /[.!?]/.test(end) ? end.replace(/[.!?]+/, mark) : `${mark}${end}`;

/** A time that stands in front of a sentence without a verb of its own. */
const leadTime =
  /^(?:yesterday|today|tomorrow|now|then|usually|sometimes|(?:every|last|next|this) \p{L}+|on \p{L}+days?|in the \p{L}+|at (?:noon|night|midnight|\p{L}+ o[’']clock)|in \d{4})$/iu;

export function toQuestion(
  sentence: string,
  analysis: SentenceAnalysis,
  forms: FormSource,
): Changed {
  refuseExclamation(analysis);
  const frame = mainFrame(sentence, analysis, forms);
  if (frame.question || analysis.type === 'interrogative')
    throw new NoSuchForm('This is a question already.');
  if (frame.imperative)
    throw new NoSuchForm('A command has no question: it has no subject of its own.');
  const opener = analysis.tokens.find(({ mark }) => !mark)?.tag;
  const two = analysis.clauses.some(
    (clause) =>
      clause !== analysis.main && clause.kind === 'main' && clause.joiner && !clause.shares,
  );
  if (two)
    throw new NoSuchForm(
      'Two sentences are joined here, each with its subject: ask about one at a time.',
    );
  if (opener === 'to' || (opener === 'question' && analysis.clauses[0]?.kind === 'question'))
    throw new NoSuchForm('Its subject is a clause of its own, which has no place after the verb.');
  if (frame.subject === '')
    throw new NoSuchForm('There is no subject that could change places with the verb.');
  const inPlace = {
    ...frame,
    question: true,
    end: endWith(frame.end, '?'),
    rest: toAny(frame.rest),
  };
  // Yesterday we rowed: did we row yesterday? A time in front goes to the end.
  const lead = frame.before.trim().replace(/,$/, '');
  const asked = leadTime.test(lead)
    ? {
        ...inPlace,
        before: '',
        rest: `${inPlace.rest} ${lead.charAt(0).toLowerCase()}${lead.slice(1)}`.trim(),
      }
    : inPlace;
  // Did the children put on their coats and go out? After do the second verb stands in its base form.
  const plain = hasOperator(frame.features)
    ? undefined
    : { base: frame.features.base, modal: 'do' };
  const shared = (text: string) =>
    plain ? withShared(text, sentence, analysis, { ...frame, features: plain }, forms) : text;
  const result = shared(render(asked, isContracted(sentence)));
  return {
    result,
    accepted: [
      ...new Set([
        render(
          { ...asked, rest: asked.rest.replace(inPlace.rest, frame.rest) },
          isContracted(sentence),
        ),
        render(asked, !isContracted(sentence)),
        render(inPlace, isContracted(sentence)),
      ]),
    ]
      .map(shared)
      .filter((one) => one !== result),
    changes: [
      {
        what: 'word order',
        from: `${frame.subject} ${verbText(frame)}`,
        to: verbText(asked),
        why:
          verbText(asked) === verbText(frame)
            ? 'The first auxiliary goes before the subject.'
            : 'There is no auxiliary: do comes in, and the verb stands in its base form.',
      },
      { what: 'end mark', from: '.', to: '?', why: 'A question ends with a question mark.' },
    ],
  };
}

export function toStatement(
  sentence: string,
  analysis: SentenceAnalysis,
  forms: FormSource,
): Changed {
  const frame = mainFrame(sentence, analysis, forms);
  refuseExclamation(analysis);
  if (analysis.type === 'declarative') throw new NoSuchForm('This is a statement already.');
  if (frame.imperative)
    throw new NoSuchForm('A command has no subject: say first who is to do it.');
  const open = analysis.tokens.find(
    ({ tag, lower }) =>
      tag === 'question' || (tag === 'determiner' && /^(?:what|which|whose)$/.test(lower)),
  );
  if (open && analysis.type === 'interrogative')
    throw new NoSuchForm(
      `A question with ${open.lower} asks for something that the sentence does not say.`,
    );
  const told = { ...frame, question: false, end: endWith(frame.end, '.') };
  const result = render(told, isContracted(sentence));
  const other = render(told, !isContracted(sentence));
  return {
    result,
    accepted: other === result ? [] : [other],
    changes: [
      {
        what: 'word order',
        from: verbText(frame),
        to: verbText(told),
        why: 'The subject comes before its verb.',
      },
      { what: 'end mark', from: '?', to: '.', why: 'A statement ends with a full stop.' },
    ],
  };
}

/** Some becomes any where something is denied or asked. */
const toAny = (text: string) =>
  text.replace(
    /\bsome(one|body|thing|where)?\b/g,
    (_, tail: string | undefined) => `any${tail ?? ''}`,
  );
const toSome = (text: string) =>
  text.replace(
    /\bany(one|body|thing|where)?\b/g,
    (_, tail: string | undefined) => `some${tail ?? ''}`,
  );

export function toNegative(
  sentence: string,
  analysis: SentenceAnalysis,
  forms: FormSource,
): Changed {
  const frame = mainFrame(sentence, analysis, forms);
  if (frame.negative) throw new NoSuchForm('This sentence is negative already.');
  if (
    /\b(?:never|nobody|nothing|no one|none|neither|hardly)\b/i.test(
      `${frame.subject} ${frame.adverbs.join(' ')}`,
    )
  ) {
    throw new NoSuchForm('This sentence says no already, with another word than not.');
  }
  const whole = quantified(frame);
  if (whole !== undefined) return whole;
  const { modal } = frame.features;
  const already = frame.adverbs.includes('already');
  const denied: ClauseFrame = {
    ...frame,
    negative: true,
    adverbs: frame.adverbs.filter((adverb) => adverb !== 'already'),
    rest: `${toAny(frame.rest)}${already ? ' yet' : ''}`.trim(),
  };
  const result = render(denied, true);
  const changes: GrammarChange[] = [
    {
      what: 'verb',
      from: verbText(frame),
      to: verbText(denied),
      why:
        frame.imperative || verbText(denied).startsWith('d')
          ? 'Not needs an auxiliary: do comes in, and the verb stands in its base form.'
          : 'Not follows the first auxiliary.',
    },
  ];
  if (denied.rest !== frame.rest)
    changes.push({
      what: 'some',
      from: frame.rest,
      to: denied.rest,
      why: 'After not, some becomes any and already becomes yet.',
    });
  if (modal === 'must')
    changes.push({
      what: 'meaning',
      from: 'must',
      to: 'must not',
      why: 'Must not forbids; do not have to says that it is not needed.',
    });
  return {
    result,
    accepted: [
      ...new Set([render(denied, false), render({ ...denied, rest: frame.rest }, true)]),
    ].filter((one) => one !== result),
    changes,
  };
}

/** Everyone came, not everyone came; somebody knocks, nobody knocks: the subject says no, and the verb stays. */
function quantified(frame: ClauseFrame): Changed | undefined {
  if (frame.question) return undefined;
  const all = /^(?:every(?:one|body|thing)?|all)\b/i.exec(frame.subject);
  const some = /^some(?=one\b|body\b|thing\b)/i.exec(frame.subject);
  if (!all && !some) return undefined;
  const subject = all
    ? `not ${frame.subject}`
    : frame.subject.replace(/^some(one)?/i, (found) => (found.length > 4 ? 'no one' : 'no'));
  const result = render({ ...frame, subject });
  return {
    result,
    accepted: some
      ? [
          render({
            ...frame,
            subject: subject === 'no one' ? 'nobody' : subject.replace('nobody', 'no one'),
          }),
        ].filter((one) => one !== result)
      : [render({ ...frame, negative: true }, true)],
    changes: [
      {
        what: 'subject',
        from: frame.subject,
        to: subject,
        why: all
          ? 'Not before everyone or all: it is true of some, and not of all.'
          : 'Somebody becomes nobody: the no is in the subject.',
      },
    ],
  };
}

export function toPositive(
  sentence: string,
  analysis: SentenceAnalysis,
  forms: FormSource,
): Changed {
  const frame = mainFrame(sentence, analysis, forms);
  if (!frame.negative) throw new NoSuchForm('There is no not at the main verb of this sentence.');
  const affirmed: ClauseFrame = {
    ...frame,
    negative: false,
    rest: frame.question ? frame.rest : toSome(frame.rest),
  };
  const result = render(affirmed);
  return {
    result,
    accepted: [],
    changes: [
      {
        what: 'verb',
        from: verbText(frame),
        to: verbText(affirmed),
        why: 'Not is taken out; do goes where nothing else needs it.',
      },
    ],
  };
}

/** The verb features of each tense; the base and the voice stay. */
const featuresOfTense: Readonly<Record<string, Omit<VerbFeatures, 'base'>>> = {
  'present simple': {},
  'present continuous': { progressive: true },
  'present perfect': { perfect: true },
  'present perfect continuous': { perfect: true, progressive: true },
  'past simple': { past: true },
  'past continuous': { past: true, progressive: true },
  'past perfect': { past: true, perfect: true },
  'past perfect continuous': { past: true, perfect: true, progressive: true },
  'future will': { modal: 'will' },
  'future going-to': { goingTo: true },
};

export const tenses = Object.keys(featuresOfTense) as TenseAspect[];

/** Verbs that are not used in continuous tenses: know, own. */
const stative = new Set(
  'know believe own belong need want like love hate prefer understand seem contain consist mean matter remember forget deserve exist recognise recognize'.split(
    ' ',
  ),
);

const reasons: Readonly<Record<string, string>> = {
  'present simple': 'What is always or usually so: the base form, with -s after he, she and it.',
  'present continuous': 'What is going on now: am, is or are and the -ing form.',
  'present perfect': 'What has to do with now: have or has and the past participle.',
  'present perfect continuous':
    'What began before and still goes on: have or has been and the -ing form.',
  'past simple': 'What is over: the past form.',
  'past continuous': 'What was going on then: was or were and the -ing form.',
  'past perfect': 'What was over before something else: had and the past participle.',
  'past perfect continuous': 'What had gone on until then: had been and the -ing form.',
  'future will': 'What is to come: will and the base form.',
  'future going-to':
    'What is planned or can be seen coming: am, is or are going to and the base form.',
};

/** Why a verb stands in this tense, in the learner's words. */
export const whyTense = (tense: string): string => reasons[tense] ?? '';

/** The verb features of a tense by its name; the present simple where the name is unknown. */
export const tenseFeatures = (tense: string): Omit<VerbFeatures, 'base'> =>
  featuresOfTense[tense] ?? {};

/** The frame with its verb in another tense. */
export function inTense(frame: ClauseFrame, tense: string): ClauseFrame {
  const wanted = featuresOfTense[tense];
  if (wanted === undefined)
    throw new NoSuchForm(`There is no tense called ${tense}. Tenses: ${tenses.join(', ')}.`);
  const { base, passive } = frame.features;
  if (wanted.progressive && (stative.has(base) || (base === 'be' && !passive)))
    throw new NoSuchForm(`${base} says how things are and is not used in a continuous tense.`);
  if (passive && wanted.progressive && wanted.perfect)
    throw new NoSuchForm('A passive has no perfect continuous in use.');
  return { ...frame, features: { base, ...(passive ? { passive } : {}), ...wanted } };
}

export function toTense(
  sentence: string,
  analysis: SentenceAnalysis,
  forms: FormSource,
  tense: string,
): Changed {
  const frame = mainFrame(sentence, analysis, forms);
  if (frame.imperative) throw new NoSuchForm('A command has no tense.');
  if (frame.features.modal === 'had better')
    throw new NoSuchForm('Had better gives advice for now: it has no other tense.');
  if (analysis.tenseAspect === tense)
    throw new NoSuchForm(`This sentence is in the ${tense} already.`);
  if (analysis.condition.condition !== undefined && analysis.conditional !== 'none')
    throw new NoSuchForm(
      'The tenses of an if-sentence go together. Ask for another type: zero, first, second or third conditional.',
    );
  refuseLeftBehind(analysis, tense);
  const clash = clashingTime(`${frame.before} ${frame.rest}`, tense);
  const kept = (text: string) => (clash === undefined ? text : without(text, clash));
  const before = kept(frame.before);
  const moved = {
    ...inTense(frame, tense),
    before: before === frame.before ? before : /\p{L}/u.test(before) ? `${before} ` : '',
    rest: kept(frame.rest),
  };
  const short = isContracted(sentence);
  const result = withShared(render(moved, short), sentence, analysis, moved, forms);
  const changes: GrammarChange[] = [
    { what: 'verb', from: verbText(frame), to: verbText(moved), why: whyTense(tense) },
  ];
  if (clash !== undefined)
    changes.push({
      what: 'time',
      from: clash,
      to: '',
      why: `${clash} does not go with the ${tense}: it is left out.`,
    });
  const other = frame.negative ? render(moved, !short) : result;
  return { result, accepted: other === result ? [] : [other], changes };
}

const past = String.raw`yesterday(?: \w+)?|last (?:night|week|weekend|month|year|spring|summer|autumn|winter|monday|tuesday|wednesday|thursday|friday|saturday|sunday)|(?:\w+ )?\w+ ago|in 1\d{3}|in 20[01]\d`;
const future = 'tomorrow(?: \\w+)?|next (?:week|weekend|month|year|spring|summer|autumn|winter)';
const nowWords = 'at the moment|right now|now';

/** A time that cannot stand with the tense: yesterday with the present perfect. */
function clashingTime(rest: string, tense: string): string | undefined {
  const bars = [
    ...(/^(?:present|future)/.test(tense) ? [past] : []),
    ...(/^past|^present perfect/.test(tense) ? [future, nowWords] : []),
  ];
  if (bars.length === 0) return undefined;
  return new RegExp(`\\b(?:${bars.join('|')})\\b`, 'i').exec(rest)?.[0];
}

const without = (text: string, part: string) =>
  text
    .replace(part, '')
    .replace(/\s+/g, ' ')
    .replace(/ ([,;])/g, '$1')
    .trim();

/**
 * A second verb of the same subject moves too: the sun rose in the east and set in the west.
 * `result` is the sentence with its first verb moved.
 */
function withShared(
  result: string,
  sentence: string,
  { clauses, main, tokens }: SentenceAnalysis,
  { features, agreement }: ClauseFrame,
  forms: FormSource,
): string {
  let made = result;
  for (const clause of clauses) {
    const { group } = clause;
    const { finite, verb } = group;
    const shares = clause.kind === 'main' && clause !== main && clause.shares;
    if (!shares || finite.at !== verb.at || finite.tag === 'modal') continue;
    const { base = verb.lower } = verb;
    // After an auxiliary the second verb follows without it: has risen and set.
    const words = verbPhrase({ ...features, base, passive: false }, agreement, forms);
    const said = words[words.length - 1] ?? verb.text;
    const tail = sentence.slice(verb.end, tokens[tokens.length - 1]?.start ?? sentence.length);
    const old = `${verb.text}${tail}`;
    const at = made.lastIndexOf(old);
    if (at >= 0) made = `${made.slice(0, at)}${said}${tail}${made.slice(at + old.length)}`;
  }
  return made;
}
