/**
 * The error that a wrong answer shows, by its name: found by comparing what was given with what
 * was expected, letter by letter, as a teacher does.
 */
export interface NamedError {
  /** Its short name, the same for the same error: it is counted by it. */
  readonly error: string;
  /** What the learner should know. */
  readonly rule: string;
}

const VOWELS = /[aeiou]/;
const tidy = (text: string) => text.trim().replace(/\s+/g, ' ');
const letters = (text: string) => tidy(text).toLowerCase();

const swapped = (text: string, one: string, other: string) =>
  [...text].map((letter) => (letter === one ? other : letter === other ? one : letter)).join('');

/** Pairs of letters that look alike turned or mirrored (common practice). */
const mirrored = [
  ['b', 'd'],
  ['p', 'q'],
  ['b', 'p'],
  ['n', 'u'],
] as const;

/** Where two words begin and end alike, and what stands between. */
function difference(given: string, expected: string) {
  let head = 0;
  while (head < given.length && head < expected.length && given[head] === expected[head]) head += 1;
  let tail = 0;
  while (
    tail < given.length - head &&
    tail < expected.length - head &&
    given.at(-1 - tail) === expected.at(-1 - tail)
  ) {
    tail += 1;
  }
  return {
    given: given.slice(head, given.length - tail),
    expected: expected.slice(head, expected.length - tail),
    before: expected.slice(0, head),
    after: expected.slice(expected.length - tail),
  };
}

/** Errors at the joint of a word and its ending. */
function joinError(given: string, expected: string): NamedError | undefined {
  const at = difference(given, expected);
  const ending = /^(ing|ed|er|est|y|en|able|s|es|ly|ness|ful|ment)$/;
  if (at.given === '' && /^[a-z]$/.test(at.expected) && !VOWELS.test(at.expected)) {
    // runing for running: the comparison puts the doubled letter on either side.
    if (at.before.endsWith(at.expected) || at.after.startsWith(at.expected)) {
      return {
        error: 'does not double the consonant',
        rule: 'After one short vowel the consonant is doubled before the ending.',
      };
    }
  }
  if (at.expected === '' && /^[a-z]$/.test(at.given) && !VOWELS.test(at.given)) {
    if (at.before.endsWith(at.given) || at.after.startsWith(at.given)) {
      return {
        error: 'doubles a consonant that stays single',
        rule: 'The consonant is doubled only after one short vowel, before an ending with a vowel.',
      };
    }
  }
  if (at.expected === '' && at.given === 'e' && /^(ing|ed|er|est|y|able|ous|ion)/.test(at.after)) {
    return {
      error: 'keeps the silent e',
      rule: 'The silent e goes before an ending that begins with a vowel.',
    };
  }
  if (at.given === '' && at.expected === 'e' && /^(ly|ment|ness|ful|less)/.test(at.after)) {
    return {
      error: 'drops the silent e',
      rule: 'The silent e stays before an ending that begins with a consonant.',
    };
  }
  const afterConsonant = at.before !== '' && !VOWELS.test(at.before.at(-1) ?? '');
  if (afterConsonant && /^i/.test(at.expected) && /^y/.test(at.given)) {
    return {
      error: 'keeps the y',
      rule: 'After a consonant y becomes i before an ending, but not before -ing.',
    };
  }
  if (at.before.length > 1 && /^y/.test(at.expected) && /^i/.test(at.given)) {
    return {
      error: 'changes a y that stays',
      rule: 'The y stays after a vowel, and before -ing.',
    };
  }
  if (at.given === '' && ending.test(at.expected) && at.after === '') {
    return { error: `leaves off -${at.expected}`, rule: 'Look at the end of the word.' };
  }
  if (at.expected === '' && ending.test(at.given) && at.after === '') {
    return { error: `adds -${at.given}`, rule: 'Look at the end of the word.' };
  }
  return undefined;
}

/** Errors of single letters. */
function letterError(given: string, expected: string): NamedError | undefined {
  for (const [one, other] of mirrored) {
    if (swapped(given, one, other) === expected) {
      return {
        error: `mixes up ${one} and ${other}`,
        rule: `Say ${one} and ${other}, and trace them.`,
      };
    }
  }
  const at = difference(given, expected);
  const sorted = (text: string) => [...text].sort().join('');
  if (at.given.length > 1 && sorted(at.given) === sorted(at.expected)) {
    return {
      error: 'has the letters in another order',
      rule: 'Say the sounds one after the other, and write each.',
    };
  }
  if (at.given === '' && at.expected.length === 1) {
    return {
      error: `leaves out ${VOWELS.test(at.expected) ? 'a vowel' : 'a consonant'}`,
      rule: 'Say the word slowly, and write a letter for each sound.',
    };
  }
  if (at.expected === '' && at.given.length === 1) {
    return { error: 'has a letter too many', rule: 'Say the word slowly, and count its sounds.' };
  }
  if (at.given !== '' && at.expected !== '' && at.given.length <= 4 && at.expected.length <= 4) {
    // A spelling is named whole: with the vowel letters before what differs.
    const vowels = /[aeiou]*$/.exec(at.before)?.[0] ?? '';
    return {
      error: `writes “${vowels}${at.given}” for “${vowels}${at.expected}”`,
      rule: `Here the spelling is ${vowels}${at.expected}.`,
    };
  }
  return undefined;
}

/**
 * The error of an answer in letters or words.
 *
 * @returns undefined where nothing was given, where it is right, or where no error can be named
 */
export function nameError(given: string, expected: string): NamedError | undefined {
  const [gave, wanted] = [tidy(given), tidy(expected)];
  if (gave === '' || gave === wanted) return undefined;
  if (gave.toLowerCase() === wanted.toLowerCase()) {
    return { error: 'capital letter', rule: 'Look where a capital letter is needed.' };
  }
  const bare = (text: string) => letters(text).replace(/[.!?,;:’']/g, '');
  if (bare(gave) === bare(wanted)) {
    return { error: 'punctuation', rule: 'Look at the marks: the end mark, the apostrophe.' };
  }
  const [one, other] = [letters(gave).split(' '), letters(wanted).split(' ')];
  if (other.length > 1 || one.length > 1) {
    return wordsError(bare(gave).split(' '), bare(wanted).split(' '));
  }
  const [word = '', right = ''] = [one[0], other[0]];
  return joinError(word, right) ?? (far(word, right) ? undefined : letterError(word, right));
}

/** Another word altogether: no letter of it tells of an error. */
const far = (given: string, expected: string) => {
  const at = difference(given, expected);
  return expected.length > 3 && at.expected.length > expected.length / 2;
};

/** Errors of whole sentences. */
function wordsError(given: readonly string[], expected: readonly string[]): NamedError | undefined {
  const sorted = (words: readonly string[]) => [...words].sort().join(' ');
  if (sorted(given) === sorted(expected)) {
    return { error: 'word order', rule: 'Who or what comes first, then what is done.' };
  }
  const wrong = given.filter((word) => !expected.includes(word));
  const missing = expected.filter((word) => !given.includes(word));
  if (wrong.length === 0 && missing.length > 0) {
    return { error: 'leaves out a word', rule: `There is no ${missing[0] ?? ''} yet.` };
  }
  if (missing.length === 0 && wrong.length > 0) {
    return { error: 'has a word too many', rule: `Look at ${wrong[0] ?? ''}.` };
  }
  if (wrong.length === 1 && missing.length === 1) {
    return nameError(wrong[0] ?? '', missing[0] ?? '');
  }
  return undefined;
}
