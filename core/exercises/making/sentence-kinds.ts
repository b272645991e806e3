/** Sentences of the four kinds, each sure by its words alone. */
import { bankSentence } from '../../languages/en/grammar/frames/bank-sentence';
import { bankCommands, bankExclamations } from '../../languages/en/grammar/frames/clause-bank';
import { isExclamation } from '../../languages/en/grammar/describe/sentence-type';
import { transformSentence } from '../../languages/en/grammar/transform/transform';
import type { GrammarInput } from './grammar-maker';

export const kindsOfSentence = ['Statement', 'Question', 'Command', 'Exclamation'] as const;
export type SentenceKind = (typeof kindsOfSentence)[number];

export const whyKind: Readonly<Record<SentenceKind, string>> = {
  Statement: 'It tells something: the subject comes before the verb.',
  Question: 'It asks: a question word or an auxiliary comes first.',
  Command: 'It tells somebody to do something: the verb comes first, in its base form.',
  Exclamation: 'It begins with what or how and exclaims.',
};

const markOf: Readonly<Record<SentenceKind, string>> = {
  Statement: '.',
  Question: '?',
  Command: '.',
  Exclamation: '!',
};

export interface KindOfSentence {
  readonly text: string;
  readonly kind: SentenceKind;
  readonly mark: string;
}

/** The teacher's sentences by kind, or some of each from the bank; no sentence whose kind only its mark shows. */
export function sentencesByKind({
  given,
  bank,
  wanted,
  lexicon,
  forms,
  random,
}: GrammarInput): KindOfSentence[] {
  if (given.length > 0) {
    return given
      .filter(({ analysis }) => analysis.completeness === 'complete' && analysis.sure)
      .flatMap(({ text, analysis }): KindOfSentence[] => {
        const { main, type } = analysis;
        if (main === undefined) return [];
        const exclaims = isExclamation(analysis.tokens, main);
        if (exclaims) return [{ text, kind: 'Exclamation', mark: '!' }];
        if (type === 'interrogative')
          return main.group.inverted || analysis.tokens[0]?.tag === 'question'
            ? [{ text, kind: 'Question', mark: '?' }]
            : [];
        if (type === 'imperative')
          return [{ text, kind: 'Command', mark: text.endsWith('!') ? '! or .' : '.' }];
        // We won! and We won. differ in nothing but their mark.
        return [{ text, kind: 'Statement', mark: '.' }];
      })
      .slice(0, wanted);
  }
  const each = Math.max(1, Math.ceil(wanted / 4));
  const told = bank.map(
    (clause) => bankSentence(clause, random.next() < 0.5 ? {} : { past: true }, forms).text,
  );
  const asked = told
    .slice(each, each * 3)
    .flatMap(
      (sentence) =>
        transformSentence({ sentence, to: 'question', spelling: forms.spelling }, lexicon).result ??
        [],
    );
  const of = (kind: SentenceKind, texts: readonly string[]) =>
    texts.slice(0, each).map((text) => ({ text, kind, mark: markOf[kind] }));
  return random.shuffle([
    ...of('Statement', told),
    ...of('Question', asked),
    ...of('Command', random.shuffle(bankCommands)),
    ...of('Exclamation', random.shuffle(bankExclamations)),
  ]);
}
