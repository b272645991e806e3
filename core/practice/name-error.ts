import { alignWords } from '../kernel/align-words';

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

/** The ending of a past or plural, written as it sounds or where there is none. */
function endingError(given: string, expected: string): NamedError | undefined {
  const stem = expected.replace(/ed$/, '');
  const sounded = given.startsWith(stem) ? given.slice(stem.length) : '';
  if (expected.endsWith('ed') && /^(t|d|id|et|it)$/.test(sounded)) {
    return {
      error: `writes “-${sounded}” for “-ed”`,
      rule: 'The past ending is written -ed, however it sounds.',
    };
  }
  if (expected.endsWith('es') && given === `${expected.slice(0, -2)}s`) {
    return {
      error: 'writes -s for -es',
      rule: 'After s, x, z, ch and sh the ending is -es.',
    };
  }
  if (/ves$/.test(expected) && given.replace(/fe?s$/, 'ves') === expected) {
    return { error: 'keeps the f', rule: 'In some words f becomes v before -es.' };
  }
  if (given.endsWith('ed') && !expected.endsWith('ed') && !given.startsWith(expected)) {
    return {
      error: 'puts -ed on an irregular verb',
      rule: 'This verb has a past form of its own: learn it by heart.',
    };
  }
  const noun = given.slice(0, -1);
  const consonantsOf = (text: string) => text.replace(/[aeiou]/g, '');
  // child, children; foot, feet; mouse, mice.
  const irregular =
    expected.startsWith(noun) ||
    consonantsOf(expected) === consonantsOf(noun) ||
    /(ice|eese|oxen)$/.test(expected);
  if (
    /[^s]s$/.test(given) &&
    !expected.endsWith('s') &&
    irregular &&
    noun !== expected &&
    !expected.startsWith(given)
  ) {
    return {
      error: 'puts -s on an irregular noun',
      rule: 'This noun has a plural of its own: learn it by heart.',
    };
  }
  return undefined;
}

/** Errors at the joint of a word and its ending. */
function joinError(given: string, expected: string): NamedError | undefined {
  const at = difference(given, expected);
  const ending = /^(ing|ed|er|est|y|en|able|s|es|ly|ness|ful|ment)$/;
  const beforeEnding = /^[a-z]?(ing|ed|er|est|y|en|able)$/.test(at.after);
  if (at.given === '' && /^[a-z]$/.test(at.expected) && !VOWELS.test(at.expected)) {
    // runing for running: the comparison puts the doubled letter on either side.
    if (at.before.endsWith(at.expected) || at.after.startsWith(at.expected)) {
      return {
        error: 'does not double the consonant',
        rule: beforeEnding
          ? 'After one short vowel the consonant is doubled before the ending.'
          : `Here ${at.expected} stands twice.`,
      };
    }
  }
  if (at.expected === '' && /^[a-z]$/.test(at.given) && !VOWELS.test(at.given)) {
    if (at.before.endsWith(at.given) || at.after.startsWith(at.given)) {
      return {
        error: 'doubles a consonant that stays single',
        rule: beforeEnding
          ? 'The consonant is doubled only after one short vowel, before an ending with a vowel.'
          : `Here ${at.given} stands once.`,
      };
    }
  }
  if (at.expected === '' && at.given === 'e' && /^(ing|ed|er|est|y|able|ous|ion)/.test(at.after)) {
    // rain, boat, jump: there was no silent e; leave, dance, make: there was.
    if (/([aeiou]{2}[bdfklmnprt]|[bdfklmnprt]{2}|[wxy])$/.test(at.before)) {
      return {
        error: 'has an e that was never there',
        rule: 'The word has no silent e: the ending follows it as it is.',
      };
    }
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
  const unmarked = (text: string) => letters(text).replace(/['’]/g, '');
  if (unmarked(gave) === unmarked(wanted)) {
    return {
      error: 'apostrophe',
      rule: 'The apostrophe stands where letters are left out, or before the s of whose it is.',
    };
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
  const joint = endingError(word, right) ?? joinError(word, right);
  return joint ?? (far(word, right) ? undefined : letterError(word, right));
}

/** Another word altogether: no letter of it tells of an error. */
const far = (given: string, expected: string) => {
  const at = difference(given, expected);
  if (expected.length <= 3 || at.expected.length <= expected.length / 2) return false;
  // nite for night: the consonants that are heard are there, in their order.
  const consonants = (text: string) => [...text].filter((letter) => !/[aeiouy]/.test(letter));
  const wanted = consonants(expected);
  let from = 0;
  const heard = consonants(given).every((letter) => {
    const found = wanted.indexOf(letter, from);
    from = found + 1;
    return found >= 0;
  });
  return !(heard && consonants(given).length > 1 && given[0] === expected[0]);
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
  const others = alignWords(expected.join(' '), given.join(' ')).filter(({ same }) => !same).length;
  // What has hardly a word of it is another sentence.
  if (expected.length < 4 || others > expected.length / 2) return undefined;
  return {
    error: 'has several other words',
    rule: `${expected.length - others} words are right. Take the sentence again, part by part.`,
  };
}
