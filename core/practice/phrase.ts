/**
 * What buttons and messages say to a learner, in her own language. The exercise itself stays in the
 * language that is learnt. Numbers stand after a colon, so that no language needs a plural.
 */
export interface Phrases {
  /** The language's own name. */
  readonly name: string;
  readonly direction: 'ltr' | 'rtl';
  readonly check: string;
  readonly showAnswers: string;
  readonly sure: string;
  readonly showThem: string;
  readonly notYet: string;
  readonly beginAgain: string;
  readonly right: string;
  readonly lookAgain: string;
  readonly next: string;
  readonly back: string;
  readonly print: string;
  readonly handIn: string;
  readonly handInHow: string;
  readonly saveFile: string;
  readonly copyCode: string;
  readonly copied: string;
  readonly who: string;
  readonly chooseName: string;
  readonly begin: string;
  readonly keepsNothing: string;
  readonly allPlaced: string;
  readonly putHere: string;
  readonly hear: string;
  /** `{n}` and `{of}` stand for numbers. */
  readonly score: string;
  readonly empty: string;
  readonly toDo: string;
  readonly answered: string;
  /** By share of the marks, from all down. */
  readonly bands: readonly [all: string, nearly: string, half: string, begun: string];
}
