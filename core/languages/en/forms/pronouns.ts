/** The personal pronouns of English in their five forms (any school grammar). */
import type { Agreement } from './verb-phrase';

export interface Pronoun extends Agreement {
  readonly subject: string;
  readonly object: string;
  /** Before a noun: my hat. */
  readonly determiner: string;
  /** Alone: it is mine. */
  readonly possessive: string;
  readonly reflexive: string;
}

const row = (person: 1 | 2 | 3, plural: boolean, forms: string): Pronoun => {
  const [subject = '', object = '', determiner = '', possessive = '', reflexive = ''] =
    forms.split(' ');
  return { person, plural, subject, object, determiner, possessive, reflexive };
};

export const pronouns: readonly Pronoun[] = [
  row(1, false, 'I me my mine myself'),
  row(2, false, 'you you your yours yourself'),
  row(3, false, 'he him his his himself'),
  row(3, false, 'she her her hers herself'),
  row(3, false, 'it it its its itself'),
  row(1, true, 'we us our ours ourselves'),
  row(2, true, 'you you your yours yourselves'),
  row(3, true, 'they them their theirs themselves'),
];

/** The pronoun whose form as a subject is this word, in any case of letters. */
export const pronounOf = (subject: string): Pronoun | undefined =>
  pronouns.find((each) => each.subject.toLowerCase() === subject.toLowerCase());
