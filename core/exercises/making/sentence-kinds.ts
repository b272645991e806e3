/** Sentences of the four kinds, each sure by its words alone. */
import { isExclamation } from '../../languages/en/grammar/describe/sentence-type';
import { dialogues, typeSets } from '../../languages/en/sentence-sets/sentence-sets';
import { asSpelled, forClass } from './for-class';
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
export function sentencesByKind(input: GrammarInput): KindOfSentence[] {
  const { given, wanted, random } = input;
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
  const rows = forClass(typeSets, input, ({ statement, question }) => `${statement} ${question}`);
  const asked = forClass(dialogues, input, ({ question }) => question);
  // Each kind of another matter, so that no two cards say the same.
  const of = (kind: SentenceKind, at: number, textOf: (row: (typeof rows)[number]) => string) =>
    rows
      .slice(at * each, (at + 1) * each)
      .map((row) => ({ text: asSpelled(textOf(row), input), kind, mark: markOf[kind] }));
  const questions = of('Question', 1, ({ question }) => question);
  return random.shuffle([
    ...of('Statement', 0, ({ statement }) => statement),
    // Half of them ask for yes or no in a dialogue.
    ...questions.map((one, at) => {
      const other = at % 2 === 1 ? asked[at]?.question : undefined;
      return other === undefined ? one : { ...one, text: asSpelled(other, input) };
    }),
    ...of('Command', 2, ({ command }) => command),
    ...of('Exclamation', 3, ({ exclamation }) => exclamation),
  ]);
}
