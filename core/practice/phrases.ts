/** The phrases that ship, by language: English here, the others in core/learner-phrases. */
import { placeWords } from '../pieces/say-where';
import { learnerTables } from '../learner-phrases';
import type { Phrases } from './phrase';

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
  record: 'Record',
  stop: 'Stop',
  listenAgain: 'Listen again',
  noMicrophone: 'The microphone cannot be used here. Read aloud to somebody, and tick.',
  withFile: 'Recordings go back with the file, not with the code.',
  score: '{n} of {of} right.',
  empty: 'Still empty: {n}.',
  toDo: 'to do',
  answered: 'answered',
  done: 'I am done',
  hint: 'Hint',
  inText: 'Look in the text',
  passed: 'Passed.',
  toPass: 'To pass: {n} of {of}.',
  wrongAgain: 'Practise what was wrong',
  turn: 'Turn',
  type: 'Type',
  choose: 'Choose',
  spell: 'Hear and spell',
  quickTest: 'Quick test',
  pairs: 'Pairs',
  race: 'Against the clock',
  otherSide: 'Other side first',
  turnCard: 'Turn the card',
  knew: 'I knew it',
  comesAgain: 'It comes again.',
  known: 'Known: {n} of {of}.',
  allKnown: 'All cards are known.',
  throughAgain: 'Go through them again',
  howPieces:
    'Drag a piece, or tap it and then tap where it goes. With the keyboard: Tab, then the arrow keys.',
  turnPiece: 'Turn it',
  takeBack: 'Take back',
  ...placeWords,
  otherSideIs: 'What stands on the other side',
  beginHere: 'Begin at the dot.',
  strokeOrder: 'The other stroke comes first.',
  hard: 'Hard',
  onlyHard: 'Only the hard ones',
  best: 'Best time: {n} s',
  due: 'Due today: {n}',
  nothingDue: 'Nothing is due today. Come back tomorrow, or go through all.',
  allCards: 'All cards',
  bands: [
    'All of it is right.',
    'Nearly all of it is right.',
    'More than half is right.',
    'You have begun. Look at the hints, and try once more.',
  ],
};

const written = Object.entries(learnerTables).map(([tag, table]): [string, Phrases] => {
  const { name, bands, ...learner } = table.learner;
  const [all = '', nearly = '', half = '', begun = ''] = bands;
  const direction = table.direction === 'rtl' ? 'rtl' : 'ltr';
  return [tag, { name, direction, ...learner, bands: [all, nearly, half, begun] }];
});

export const phrases: Readonly<Record<string, Phrases>> = { en, ...Object.fromEntries(written) };

/** The phrases of a language; English where none ship for it. */
export const phrasesOf = (language: string): Phrases => phrases[language] ?? en;

/** The language of phrases. */
export const tagOf = (says: Phrases): string =>
  Object.keys(phrases).find((tag) => phrases[tag] === says) ?? 'en';

/** A phrase with its numbers in. */
export const withNumbers = (phrase: string, numbers: Readonly<Record<string, number>>): string =>
  phrase.replace(/\{(\w+)\}/g, (whole, name: string) =>
    numbers[name] === undefined ? whole : String(numbers[name]),
  );
