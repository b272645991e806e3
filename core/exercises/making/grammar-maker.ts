/** What all makers of the group Grammar have in common: where their sentences come from. */
import { analysePassage } from '../../languages/en/grammar/find/analyse-passage';
import { seemsForeign } from '../../languages/en/grammar/find/find-in-text';
import type { SentenceAnalysis } from '../../languages/en/grammar/describe/describe-sentence';
import { bankClauses, type BankClause } from '../../languages/en/grammar/frames/clause-bank';
import { formsOfVerb, type FormSource } from '../../languages/en/forms/verb-forms';
import { closestFirst } from './closest-first';
import type { Task } from '../interactions';
import type { MakerNote } from './exercise';
import type { Maker, MakerUse, MakerInput, MakerOutput } from './maker';
import { choice, howMany, read, sentences, shaped, type Parameters } from './parameters';

/** A sentence of the material with what is in it. */
export interface GivenSentence {
  readonly text: string;
  readonly analysis: SentenceAnalysis;
}

export interface GrammarInput extends MakerInput {
  /** The teacher's own sentences, or those of the text; empty where neither is given. */
  readonly given: readonly GivenSentence[];
  /** Clauses of the bank, in an order of the seed's. */
  readonly bank: readonly BankClause[];
  /** The word bank and the class's spelling, for verb forms. */
  readonly forms: FormSource;
  /** How many items are wanted. */
  readonly wanted: number;
  /** What the exercise is about: a tense, a form, a word class. */
  readonly target: string;
}

export interface GrammarMakerSettings
  extends
    MakerUse,
    Pick<
      Maker,
      'id' | 'name' | 'description' | 'needs' | 'interaction' | 'onScreen' | 'needsMeanings'
    > {
  readonly title: string;
  readonly instruction: string;
  /** Of the language; tagging and forms where it is not said. */
  readonly asks?: Maker['asks'];
  /** True where the teacher's own picture can stand over its items. */
  readonly usesScene?: boolean;
  /** Where its material comes from: sentences of the teacher's or of a text, her own lines alone, or always its own bank. */
  readonly sentences?: 'own or a text' | 'own' | 'none';
  /** True where its sentences belong together in the order they are given in. */
  readonly inOrder?: boolean;
  readonly workedByDefault?: boolean;
  readonly fewest?: number;
  readonly usesWords?: boolean;
  readonly startWords?: readonly string[];
  /** Items where nothing else is asked for. */
  readonly usual?: number;
  /** What can be chosen as target, the first where nothing is chosen. */
  readonly targets?: readonly string[];
  readonly make: (input: GrammarInput) => {
    readonly task: Task;
    readonly paper?: object;
    readonly notes?: readonly (string | MakerNote)[];
    readonly title?: string;
    readonly instruction?: string;
  };
}

/** Longest sentence that goes into an item, in words. */
const LONGEST = 28;

const asked = { sentences: sentences(), count: howMany() };

const named = (targets: readonly string[]) =>
  targets.map((target) => [target, target.charAt(0).toUpperCase() + target.slice(1)] as const);

function givenSentences({ parameters, text, lexicon }: MakerInput): GivenSentence[] {
  const own = (read(asked, parameters).sentences ?? []).join('\n');
  const source = own !== '' ? own : (text?.body ?? '');
  if (source === '') return [];
  return analysePassage(source, lexicon, own !== '' ? true : undefined).map(
    ({ start, end, analysis }) => ({
      text: source.slice(start, end).replace(/\s+/g, ' '),
      // Its spans begin with the sentence, whatever stood before it.
      analysis: shifted(analysis, start),
    }),
  );
}

function shifted(analysis: SentenceAnalysis, by: number): SentenceAnalysis {
  if (by === 0) return analysis;
  const move = <Token extends { readonly start: number; readonly end: number }>(
    token: Token,
  ): Token => ({ ...token, start: token.start - by, end: token.end - by });
  const tokens = analysis.tokens.map(move);
  const at = (token: { readonly at: number }) => tokens[token.at] as (typeof tokens)[number];
  const clause = (one: SentenceAnalysis['clauses'][number]) => ({
    ...one,
    ...(one.opener ? { opener: at(one.opener) } : {}),
    ...(one.joiner ? { joiner: at(one.joiner) } : {}),
    group: {
      ...one.group,
      tokens: one.group.tokens.map(at),
      finite: at(one.group.finite),
      verb: at(one.group.verb),
      inside: one.group.inside.map(at),
    },
  });
  const clauses = analysis.clauses.map(clause);
  const moved = (one: SentenceAnalysis['main']) =>
    one ? clauses[analysis.clauses.indexOf(one)] : undefined;
  const main = moved(analysis.main);
  const condition = moved(analysis.condition.condition);
  const result = moved(analysis.condition.result);
  return {
    ...analysis,
    tokens,
    clauses,
    ...(main ? { main } : {}),
    condition: {
      ...analysis.condition,
      ...(condition ? { condition } : {}),
      ...(result ? { result } : {}),
    },
  };
}

/** A maker of the group Grammar. */
export function grammarMaker(settings: GrammarMakerSettings): Maker {
  const {
    title,
    instruction,
    make,
    fewest = 2,
    usesWords = false,
    usual = 8,
    targets = [],
    startWords,
    inOrder = false,
    usesScene = false,
    sentences: source = 'own or a text',
    asks = ['tagging', 'forms'],
    ...rest
  } = settings;
  const [first] = targets;
  const declared: Parameters = {
    ...(first === undefined ? {} : { grammar: choice('About', named(targets), first) }),
    ...(usesScene ? { scene: shaped('picture', 'A picture of your own') } : {}),
    ...(source === 'none' ? {} : { sentences: sentences() }),
    ...(source === 'own or a text'
      ? { textId: shaped('text of the class', 'Or sentences of a text') }
      : {}),
    count: howMany([3, 4, 5, 6, 8, 10, 12, 16]),
  };
  const maker: Maker = {
    ...rest,
    parameters: declared,
    group: 'Grammar',
    fewestWords: fewest,
    usesWords,
    usesSentences: true,
    ...(startWords ? { startWords } : {}),
    asks,
    workedByDefault: settings.workedByDefault ?? true,
    make(input): MakerOutput {
      const { parameters, random } = input;
      const given = givenSentences(input).filter(
        ({ analysis }) => analysis.tokens.filter(({ mark }) => !mark).length <= LONGEST,
      );
      const values = read(asked, parameters);
      const target =
        first === undefined
          ? ''
          : read({ grammar: choice('About', named(targets), first) }, parameters).grammar;
      const forms = { lexicon: input.lexicon, spelling: input.profile?.spelling };
      const made = make({
        ...input,
        forms,
        given: parameters.shuffle === false || inOrder ? given : random.shuffle(given),
        bank: closestFirst(
          random.shuffle(bankClauses),
          input,
          // Spun, caught: its other forms are read too.
          ({ subject, verb, object, tail, why }) => {
            const { past, pastParticiple } = formsOfVerb(verb, forms);
            return [subject, verb, past, pastParticiple, object, tail, why].join(' ');
          },
        ),
        wanted: values.count ?? usual,
        target,
      });
      const notes = (made.notes ?? []).map((note) =>
        typeof note === 'string' ? { text: note } : note,
      );
      const material = (values.sentences ?? []).join(' ') || (input.text?.body ?? '');
      if (seemsForeign(material))
        notes.unshift({ text: 'These sentences do not read like English: check every item.' });
      // A line of figures is no sentence that could be read in two ways.
      const unsure = given.filter(
        ({ text, analysis }) => !analysis.sure && /\p{L}\s+\p{L}/u.test(text),
      ).length;
      if (given.length > 0 && unsure > 0) {
        notes.push({
          text: `${unsure} of your sentences can be read in two ways and ${unsure === 1 ? 'was' : 'were'} left out.`,
        });
      }
      return {
        title: parameters.title ?? made.title ?? title,
        instruction: parameters.instruction ?? made.instruction ?? instruction,
        worked: parameters.worked ?? maker.workedByDefault,
        task: made.task,
        ...(made.paper ? { paper: made.paper } : {}),
        notes,
      };
    },
    replacements: () => [],
    suggestions: () => [],
  };
  return maker;
}

/** Says that fewer items came out than were wanted, and what helps. */
export const shortage = (made: number, wanted: number, what: string): string[] =>
  made >= Math.min(wanted, 3)
    ? []
    : [
        `Only ${made} of your sentences ${made === 1 ? 'gives' : 'give'} ${what}. Write more of them, or take the sentences away and Wordane makes its own.`,
      ];

export const article = (text: string) => (/^[aeiou]/i.test(text) ? 'an' : 'a');
