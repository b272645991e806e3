/** The phrases that ship, by language. */
import type { Phrases } from './phrase';
import { inLatin } from './phrases-in-latin';
import { inOtherScripts } from './phrases-in-other-scripts';

export type { Phrases } from './phrase';

const en: Phrases = {
  name: 'English',
  direction: 'ltr',
  check: 'Check',
  showAnswers: 'Show the answers',
  sure: 'Then it cannot be changed any more.',
  showThem: 'Show them',
  notYet: 'Not yet',
  beginAgain: 'Begin again',
  right: 'Right',
  lookAgain: 'Not yet. Look at it again.',
  next: 'Next',
  back: 'Back',
  print: 'Print',
  handIn: 'Hand in',
  handInHow: 'Give your answers back in one of these ways.',
  saveFile: 'Save the file',
  copyCode: 'Copy the code',
  copied: 'Copied',
  who: 'Who are you?',
  chooseName: 'Choose your name',
  begin: 'Begin',
  keepsNothing:
    'This device does not let the page keep anything. Stay on this page until you are done.',
  allPlaced: 'All are placed.',
  putHere: 'Put here:',
  hear: 'Hear it',
  score: '{n} of {of} right.',
  empty: 'Still empty: {n}.',
  toDo: 'to do',
  answered: 'answered',
  bands: [
    'All of it is right.',
    'Nearly all of it is right.',
    'More than half is right.',
    'You have begun. Look at the hints, and try once more.',
  ],
};

export const phrases: Readonly<Record<string, Phrases>> = { en, ...inLatin, ...inOtherScripts };

/** The phrases of a language; English where none ship for it. */
export const phrasesOf = (language: string): Phrases => phrases[language] ?? en;

/** A phrase with its numbers in. */
export const withNumbers = (phrase: string, numbers: Readonly<Record<string, number>>): string =>
  phrase.replace(/\{(\w+)\}/g, (whole, name: string) =>
    numbers[name] === undefined ? whole : String(numbers[name]),
  );
