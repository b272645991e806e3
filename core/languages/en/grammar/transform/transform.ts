/** A sentence in another form, with what moved and why, or the reason why it has no such form. */
import type { Lexicon } from '../../lexicon/lexicon';
import type { Spelling } from '../../../../kernel/spelling';
import { sentencesIn } from '../../../shared/segment';
import { analyseSentence, type SentenceAnalysis } from '../describe/describe-sentence';
import { speechVerbs } from '../tagging/verb-patterns';
import { NoSuchForm, type Changed } from './change';
import { combine, isJoiner, joiners } from './combine';
import { moveClause, toConditional } from './conditional-change';
import { toContracted, toFull } from './contractions';
import { tenses, toNegative, toPositive, toQuestion, toStatement, toTense } from './form-change';
import { toNumber } from './number-change';
import { refusePointingBack, refuseTwoClauses } from './linked-clauses';
import { toReported, type ReportOptions } from './reported';
import { toActive, toPassive } from './voice-change';

const conditionals = ['zero', 'first', 'second', 'third', 'mixed'];

/** Every form that can be asked for. */
export const targets: readonly string[] = [
  'passive',
  'active',
  'question',
  'statement',
  'negative',
  'positive',
  'full',
  'contracted',
  ...tenses,
  ...conditionals.map((type) => `${type} conditional`),
  'if-clause first',
  'if-clause last',
  'plural',
  'singular',
  'reported',
  ...joiners,
];

export interface TransformRequest extends ReportOptions {
  readonly sentence: string;
  readonly to: string;
  /** Spelling of the verb forms: travelled or traveled; `us` where it is not given. */
  readonly spelling?: Spelling | undefined;
  /** The second sentence, for and, but, because …; it may stand in `sentence` too. */
  readonly with?: string;
}

export interface Transformed {
  readonly sentence: string;
  readonly to: string;
  /** The new sentence; null where there is none. */
  readonly result: string | null;
  readonly accepted: readonly string[];
  readonly changes: Changed['changes'];
  /** Why there is no such form. */
  readonly refused?: string;
  /** False where the sentence can be read in two ways: a person should look. */
  readonly sure: boolean;
}

const aliases: Readonly<Record<string, string>> = {
  interrogative: 'question',
  declarative: 'statement',
  affirmative: 'positive',
  contraction: 'contracted',
  contractions: 'contracted',
  'full form': 'full',
  'reported speech': 'reported',
  indirect: 'reported',
  'if-first': 'if-clause first',
  'if-last': 'if-clause last',
  'if first': 'if-clause first',
  'if last': 'if-clause last',
  future: 'future will',
  will: 'future will',
  'going to': 'future going-to',
};

/** A quotation with who said it, and a question tag, are two sentences in one: neither can be changed alone. */
function refuseReport({ main, tokens, clauses }: SentenceAnalysis): void {
  const quoted = tokens.filter(({ text }) => /^["“”]$/.test(text)).length > 1;
  if (quoted && main !== undefined && speechVerbs.has(main.group.verb.base ?? ''))
    throw new NoSuchForm(
      'This reports what somebody said. Change the sentence inside the quotation marks, or ask for reported speech.',
    );
  const last = clauses[clauses.length - 1];
  const tagged =
    last !== undefined &&
    last !== main &&
    last.group.inverted &&
    tokens[last.group.finite.at - 1]?.tag === 'comma' &&
    tokens.length - last.group.finite.at <= 4;
  if (tagged)
    throw new NoSuchForm(
      'A question tag stands at the end. Take it away, then change the sentence.',
    );
}

function change(request: TransformRequest, lexicon: Lexicon): { changed: Changed; sure: boolean } {
  const forms = { lexicon, spelling: request.spelling };
  const to = aliases[request.to.trim().toLowerCase()] ?? request.to.trim().toLowerCase();
  const sentence = request.sentence.trim();
  if (sentence === '') throw new NoSuchForm('There is no sentence. Write one, with its end mark.');
  if (isJoiner(to.replace(/^combine (?:with )?/, ''))) {
    const joiner = to.replace(/^combine (?:with )?/, '') as (typeof joiners)[number];
    const spans = sentencesIn(sentence);
    const both =
      request.with === undefined
        ? spans.map(({ start, end }) => sentence.slice(start, end))
        : [sentence, request.with];
    const [first, second] = both;
    if (first === undefined || second === undefined || both.length !== 2)
      throw new NoSuchForm('Give two sentences to join.');
    const left = analyseSentence(first, lexicon);
    const right = analyseSentence(second, lexicon);
    return {
      changed: combine([first, second], [left, right], joiner),
      sure: left.sure && right.sure,
    };
  }
  if (to === 'reported') return { changed: toReported(sentence, forms, request), sure: true };
  if (sentencesIn(sentence).length > 1) throw new NoSuchForm('Change one sentence at a time.');
  const analysis = analyseSentence(sentence, lexicon);
  const asked = (): Changed => {
    if (analysis.completeness === 'fragment') {
      throw new NoSuchForm(
        `This is no whole sentence: it lacks a ${analysis.whole.missing.join(' and a ')}.`,
      );
    }
    refuseReport(analysis);
    if (/^(?:passive|active|question|statement|negative|positive|plural|singular)$/.test(to)) {
      refuseTwoClauses(analysis, /^(?:passive|active|negative|positive)$/.test(to));
    }
    if (/^(?:plural|singular)$/.test(to)) refusePointingBack(analysis);
    switch (to) {
      case 'passive':
        return toPassive(sentence, analysis, forms);
      case 'active':
        return toActive(sentence, analysis, forms);
      case 'question':
        return toQuestion(sentence, analysis, forms);
      case 'statement':
        return toStatement(sentence, analysis, forms);
      case 'negative':
        return toNegative(sentence, analysis, forms);
      case 'positive':
        return toPositive(sentence, analysis, forms);
      case 'if-clause first':
        return moveClause(sentence, analysis, true);
      case 'if-clause last':
        return moveClause(sentence, analysis, false);
      case 'plural':
        return toNumber(sentence, analysis, forms, true);
      case 'singular':
        return toNumber(sentence, analysis, forms, false);
      default: {
        const conditional = to.replace(/ conditional$/, '');
        if (conditionals.includes(conditional))
          return toConditional(sentence, analysis, forms, conditional);
        if ((tenses as readonly string[]).includes(to))
          return toTense(sentence, analysis, forms, to);
        throw new RangeError(
          `There is no form called ${request.to}. Forms: ${targets.join(', ')}.`,
        );
      }
    }
  };
  if (to === 'full') return { changed: toFull(sentence, analysis), sure: analysis.sure };
  if (to === 'contracted')
    return { changed: toContracted(sentence, analysis), sure: analysis.sure };
  return { changed: asked(), sure: analysis.sure };
}

/**
 * The sentence in the form asked for.
 *
 * @throws RangeError for a form that is not one of `targets`
 */
export function transformSentence(request: TransformRequest, lexicon: Lexicon): Transformed {
  const { sentence, to } = request;
  try {
    const { changed, sure } = change(request, lexicon);
    return { sentence, to, ...changed, sure };
  } catch (error) {
    if (!(error instanceof NoSuchForm)) throw error;
    return {
      sentence,
      to,
      result: null,
      accepted: [],
      changes: [],
      refused: error.message,
      sure: true,
    };
  }
}
