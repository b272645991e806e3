import type { PlaceWords } from '../pieces/say-where';

/**
 * What buttons and messages say to a learner, in her own language. The exercise itself stays in the
 * language that is learnt. Numbers stand after a colon, so that no language needs a plural.
 */
export interface Phrases extends PlaceWords {
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
  /** What is said into the microphone, and played back. */
  readonly record: string;
  readonly stop: string;
  readonly listenAgain: string;
  readonly noMicrophone: string;
  readonly withFile: string;
  /** `{n}` and `{of}` stand for numbers. */
  readonly score: string;
  readonly empty: string;
  readonly toDo: string;
  readonly answered: string;
  /** Ends an exercise that is marked once, at its end. */
  readonly done: string;
  readonly hint: string;
  /** Leads back to the place in the text. */
  readonly inText: string;
  readonly passed: string;
  readonly toPass: string;
  readonly wrongAgain: string;
  /** Ways to go through cards: turned, typed, chosen, spelt from the sound, found in pairs, against the clock. */
  readonly turn: string;
  readonly type: string;
  readonly choose: string;
  readonly spell: string;
  readonly quickTest: string;
  readonly pairs: string;
  readonly race: string;
  readonly otherSide: string;
  readonly turnCard: string;
  readonly knew: string;
  readonly comesAgain: string;
  readonly known: string;
  readonly allKnown: string;
  readonly throughAgain: string;
  /** How loose pieces are moved. */
  readonly howPieces: string;
  readonly turnPiece: string;
  readonly takeBack: string;
  readonly otherSideIs: string;
  /** Of a letter that is traced: where it begins; and that its strokes have an order. */
  readonly beginHere: string;
  readonly strokeOrder: string;
  /** A card that is hard to remember. */
  readonly hard: string;
  readonly onlyHard: string;
  readonly best: string;
  /** Cards that are to be seen again today. */
  readonly due: string;
  readonly nothingDue: string;
  readonly allCards: string;
  /** By share of the marks, from all down. */
  readonly bands: readonly [all: string, nearly: string, half: string, begun: string];
}
