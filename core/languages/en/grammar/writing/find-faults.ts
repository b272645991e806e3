/**
 * Faults in what a learner has written: each with its place, a name, the rule and,
 * where one is likely, what to write instead. What is surely wrong is marked so;
 * the rest is asked (“look again”). Rules of common practice for learners’ writing.
 */
import { sentencesIn } from '../../../shared/segment';
import type { Lexicon } from '../../lexicon/lexicon';
import { wordClassBits } from '../../lexicon/word-class';
import { pronounOfName } from '../tagging/given-names';
import { isVowelPhoneme } from '../../sounds/phonemes';
import { analyseSentence } from '../describe/describe-sentence';
import { bareNouns, clauseAgreement } from './clause-faults';
import type { Fault, FaultPattern } from './fault';
import { formPatterns } from './form-patterns';
import { learnerPatterns } from './learner-patterns';
import { regularised } from './regularised';

const contractions: Readonly<Record<string, string>> = {
  ...{ dont: 'don’t', cant: 'can’t', wont: 'won’t', isnt: 'isn’t', arent: 'aren’t' },
  ...{ didnt: 'didn’t', doesnt: 'doesn’t', wasnt: 'wasn’t', werent: 'weren’t' },
  ...{ havent: 'haven’t', hasnt: 'hasn’t', hadnt: 'hadn’t', couldnt: 'couldn’t' },
  ...{ wouldnt: 'wouldn’t', shouldnt: 'shouldn’t', im: 'I’m', ive: 'I’ve', youre: 'you’re' },
  ...{ theyre: 'they’re', whos: 'who’s', thats: 'that’s', hes: 'he’s', shes: 'she’s' },
};

const negative = String.raw`(?:\w+n['’]t|never|nobody|none|neither)`;

/** Faults that a few words show. */
const patterns: readonly FaultPattern[] = [
  ...learnerPatterns,
  ...formPatterns,
  {
    name: 'double word',
    find: /\b(?!had\b|that\b)(\p{L}+) \1\b/iu,
    rule: 'The same word stands here twice: leave one out.',
  },
  {
    name: 'agreement',
    find: /\b(?<!(?:and|of) )(?:we|they|you) (was|is|has|does|wasn['’]t|isn['’]t|hasn['’]t|doesn['’]t)\b/i,
    rule: 'With we, you and they the verb is that of many: were, are, have, do.',
    offer: ([, verb = '']) =>
      verb
        .replace(/^was/i, 'were')
        .replace(/^is/i, 'are')
        .replace(/^has/i, 'have')
        .replace(/^does/i, 'do'),
  },
  {
    name: 'agreement',
    find: /(?<!\b(?:and|if|wish|did|does|do|make|let|help|see|watch|hear|than|had) )\b(?:he|she|it) (have|don['’]t|are|haven['’]t|aren['’]t)\b/i,
    rule: 'With he, she and it the verb is that of one: has, does, is.',
    offer: ([, verb = '']) =>
      verb.replace(/^have/i, 'has').replace(/^don/i, 'doesn').replace(/^are/i, 'is'),
  },
  {
    name: 'agreement',
    find: /\bthere (is|was) (?:two|three|four|five|six|seven|eight|nine|ten|many|several|some \p{L}+s\b)/iu,
    rule: 'There are and there were go with more than one.',
    offer: ([, verb = '']) => (verb === 'is' ? 'are' : 'were'),
  },
  {
    name: 'agreement',
    find: /\b(?:everybody|everyone|each of the \p{L}+|one of \p{L}+ \p{L}+) (have|are|were|do)\b/iu,
    rule: 'Everybody, each and one of them are one: the verb is that of one.',
    offer: ([, verb = '']) => ({ have: 'has', are: 'is', were: 'was', do: 'does' })[verb] ?? verb,
  },
  {
    name: 'homophone',
    find: /\b(?:could|should|would|must|might) (of)\b/i,
    rule: 'Could have sounds like could of: write have.',
    offer: () => 'have',
  },
  {
    name: 'homophone',
    find: /\b(your) (?:a|an|the|not|going|welcome|late|right|wrong|so|very)\b/i,
    rule: 'Your says whose it is; you’re is short for you are.',
    offer: () => 'you’re',
    sure: false,
  },
  {
    name: 'homophone',
    find: /\b(their) (?:is|are|was|were|isn['’]t|aren['’]t|will be)\b|\bover (their)\b(?=[.!?,]|$)/i,
    rule: 'Their says whose it is; there is a place, or begins there is.',
    offer: () => 'there',
  },
  {
    name: 'homophone',
    find: /(?:\p{L}+er|more \p{L}+|less \p{L}+|better|worse) (then) (?:the|a|an|my|me|him|her|it|us|them|yesterday|his|our|last)\b/iu,
    rule: 'To compare, write than; then is about time.',
    offer: () => 'than',
    sure: false,
  },
  {
    name: 'homophone',
    find: /\b(?:can|could|to|can['’]t|cannot|couldn['’]t|you|i|we|they) (here) (?:the|a|it|him|her|them|you|me|us|what|that|your|my)\b/i,
    rule: 'You hear with your ear; here is a place.',
    offer: () => 'hear',
  },
  {
    name: 'homophone',
    find: /\b(to) (?:much|many|late|big|small|old|young|fast|slow|loud|hot|cold)\b(?! \p{L}+s\b)/iu,
    rule: 'More than enough is too, with two o’s.',
    offer: () => 'too',
    sure: false,
  },
  {
    name: 'homophone',
    find: /\b(?:have|has|had|got|see|saw|with|buy|bought) (to) (?:\p{L}+s)\b(?<!\b(?:always|this|his|guess|miss|press|pass|kiss|dress|cross|discuss|focus))/iu,
    rule: 'The number is two.',
    offer: () => 'two',
    sure: false,
  },
  {
    name: 'homophone',
    find: /\b(?:know|knows|knew|sure|ask|asked|wonder|wondered|decide|see|tell me) (weather)\b/i,
    rule: 'Weather is sun and rain; whether means if.',
    offer: () => 'whether',
  },
  {
    name: 'apostrophe',
    find: new RegExp(String.raw`\b(${Object.keys(contractions).join('|')})\b`, 'i'),
    rule: 'Where letters are left out an apostrophe stands for them.',
    offer: ([, word = '']) => {
      const made = contractions[word.toLowerCase()] ?? word;
      return /^\p{Lu}/u.test(word) ? made.charAt(0).toUpperCase() + made.slice(1) : made;
    },
  },
  {
    name: 'apostrophe',
    find: /\b(its) (?:a|an|the|my|your|his|her|our|their|been|not|(?!wing|ceiling|king|ring|spring|string|evening|morning|thing|building|wedding|covering|clothing|painting|meaning|beginning|ending|feeling|opening|wrapping|lining)\p{L}+ing)\b/iu,
    rule: 'It’s is short for it is or it has; its says whose it is.',
    offer: () => 'it’s',
    sure: false,
  },
  {
    name: 'apostrophe',
    find: /\b((?:her|our|your|their)['’]s|it['’]s own)\b/i,
    rule: 'Hers, ours, yours, theirs and its have no apostrophe.',
    offer: ([, word = '']) => word.replace(/['’]/, ''),
  },
  {
    name: 'apostrophe',
    find: /^(Lets) \p{Ll}/u,
    rule: 'Let’s is short for let us.',
    offer: () => 'Let’s',
    sure: false,
  },
  {
    name: 'double negative',
    find: new RegExp(
      String.raw`\b${negative}(?: \p{L}+){0,3} (no|nothing|nobody|nowhere|never|hardly)\b(?! (?:one|more|longer|matter))`,
      'iu',
    ),
    rule: 'One no is enough: after not and never write any, anything, anybody, ever.',
    offer: ([, word = '']) =>
      ({ no: 'any', nothing: 'anything', nobody: 'anybody', nowhere: 'anywhere', never: 'ever' })[
        word.toLowerCase()
      ] ?? '',
  },
  {
    name: 'double negative',
    find: /\b(?:nobody|no one|none of the \p{L}+|neither of (?:us|them)) ((?:do|does|did|is|are|was|were|has|have|had|ca|wo)n['’]t)\b/iu,
    rule: 'One no is enough.',
  },
  {
    name: 'tense',
    find: /\b(?:if|when|until|as soon as) (?:i|you|he|she|it|we|they|the \p{L}+) (will|won['’]t)\b/iu,
    rule: 'After if, when and until the present stands for what is to come.',
    sure: false,
  },
  {
    name: 'word order',
    find: /^(?:where|what|when|why|how|who) ((?:i|you|he|she|it|we|they) (?:are|is|am|was|were|can|will|do|does|did|have|has))\b[^.!]*\?/i,
    rule: 'In a question the verb comes before the one who does it.',
    offer: ([, both = '']) => both.split(' ').reverse().join(' '),
  },
];

/** A or an, by the sound that follows. */
function articles(text: string, at: number, lexicon: Lexicon): Fault[] {
  return [...text.matchAll(/\b(an?) (\p{L}+)/giu)]
    .filter(
      // A letter of the alphabet stands in a capital inside a sentence.
      ({ 1: article, index }) => index === 0 || article !== 'A',
    )
    .flatMap((found): Fault[] => {
      const [, article = '', word = ''] = found;
      const entry = lexicon.find(word);
      // A name and a single letter may be read in several ways.
      if (entry === undefined || word.length === 1 || /^\p{Lu}/u.test(word)) return [];
      const sounds = entry.readings.map(
        ({ units }) => units.find(({ phonemes }) => phonemes.length > 0)?.phonemes[0] ?? '',
      );
      const vowel = sounds.map(isVowelPhoneme);
      const wanted = vowel.every(Boolean) ? 'an' : vowel.some(Boolean) ? article : 'a';
      if (article.toLowerCase() === wanted.toLowerCase()) return [];
      const start = at + found.index;
      return [
        {
          ...{ start, end: start + article.length, name: 'a or an' as const, sure: true },
          offer: /^A/.test(article) ? wanted.charAt(0).toUpperCase() + wanted.slice(1) : wanted,
          rule: `Before the sound that ${word} begins with stands ${wanted}.`,
        },
      ];
    });
}

const letters = 'abcdefghijklmnopqrstuvwxyz';

/** The commonest word that is one slip away: a letter too many, too few, wrong, or two changed about. */
function likelyWord(word: string, lexicon: Lexicon): string | undefined {
  const plain = word.toLowerCase();
  const made = new Set<string>();
  for (let at = 0; at <= plain.length; at += 1) {
    const [left, right] = [plain.slice(0, at), plain.slice(at)];
    if (right !== '') made.add(left + right.slice(1));
    if (right.length > 1) made.add(left + (right[1] ?? '') + (right[0] ?? '') + right.slice(2));
    for (const letter of letters) {
      made.add(left + letter + right);
      if (right !== '') made.add(left + letter + right.slice(1));
    }
  }
  return [...made]
    .flatMap((each) => lexicon.find(each) ?? [])
    .filter(({ zipf }) => zipf > 3)
    .sort((left, right) => right.zipf - left.zipf)[0]?.word;
}

/** Words the word bank does not know, where a common one is a slip away; names and forms are not meant. */
function spellings(text: string, at: number, lexicon: Lexicon): Fault[] {
  return [...text.matchAll(/(?<![\p{L}'’-])\p{Ll}{4,}(?![\p{L}'’-])/gu)].flatMap(
    (found): Fault[] => {
      const [word] = found;
      if (lexicon.find(word) !== undefined || contractions[word] !== undefined) return [];
      // What is left out of the word bank on purpose is no slip.
      if (lexicon.isLeftOut(word) || lexicon.isOtherWord(word) || /[^a-z]/.test(word)) return [];
      const own = regularised(word);
      if (own !== undefined) {
        const where = { start: at + found.index, end: at + found.index + word.length };
        const rule =
          own.kind === 'past'
            ? `${own.base} has a past form of its own: ${own.right}.`
            : `${own.base} has a plural of its own: ${own.right}.`;
        const name = own.kind === 'past' ? ('verb form' as const) : ('spelling' as const);
        return [{ ...where, name, sure: true, offer: own.right, rule }];
      }
      const offer = likelyWord(word, lexicon);
      if (offer === undefined) return [];
      const start = at + found.index;
      return [
        {
          ...{ start, end: start + word.length, name: 'spelling' as const, sure: false, offer },
          rule: `Is ${word} spelled right? Do you mean ${offer}?`,
        },
      ];
    },
  );
}

const days =
  /\b(monday|tuesday|wednesday|thursday|friday|saturday|sunday|january|february|april|june|july|september|october|november|december|i)\b(?!['’]?\p{L})/gu;

/** Names that are no other word. */
const alsoWords =
  /^(?:bill|bob|daisy|eve|frank|grace|ivy|jack|jade|jane|jean|jim|joe|lily|mark|martin|max|may|nick|paul|peter|pat|poppy|robin|rose|rosie|ruby|ruth|sally|tim|tom|victor|violet|will|wren|dan|tess|sue|kim|mia|mina|otto|ines|ida|eva|petra|pia|sita|lola|lara)$/;
const isGivenName = (word: string) => pronounOfName(word) !== undefined && !alsoWords.test(word);

/** Capitals of the sentence, of I, of days and months; and its end mark. */
function marks(sentence: string, at: number): Fault[] {
  const found: Fault[] = [];
  const first = sentence.search(/\p{L}/u);
  const letter = sentence.charAt(first);
  if (first >= 0 && /\p{Ll}/u.test(letter)) {
    found.push({
      ...{ start: at + first, end: at + first + 1, name: 'capital letter', sure: true },
      offer: letter.toUpperCase(),
      rule: 'The first word of a sentence begins with a capital.',
    });
  }
  for (const small of sentence.matchAll(/(?<![\p{L}'’])\p{Ll}{3,}(?![\p{L}])/gu)) {
    const [word] = small;
    if (small.index === first || !isGivenName(word)) continue;
    found.push({
      ...{ start: at + small.index, end: at + small.index + word.length, name: 'capital letter' },
      offer: word.charAt(0).toUpperCase() + word.slice(1),
      rule: 'A name begins with a capital.',
      sure: false,
    });
  }
  for (const small of sentence.matchAll(days)) {
    if (small.index === first || /\bthe $/i.test(sentence.slice(0, small.index))) continue;
    const [word] = small;
    found.push({
      ...{ start: at + small.index, end: at + small.index + word.length, name: 'capital letter' },
      offer: word.charAt(0).toUpperCase() + word.slice(1),
      rule: word === 'i' ? 'I is always a capital.' : 'Days and months begin with a capital.',
      sure: true,
    });
  }
  if (/[\p{L}\p{N}]$/u.test(sentence.trim())) {
    const end = at + sentence.trimEnd().length;
    found.push({
      ...{ start: end - 1, end, name: 'end mark', sure: true },
      rule: 'A sentence ends with an end mark: . ? or !',
    });
  }
  return found;
}

/** Yesterday with a present, tomorrow with a past: asked, because it may be meant. */
function tenses(sentence: string, at: number, lexicon: Lexicon): Fault[] {
  const { main, tenseAspect, sure, clauses } = analyseSentence(sentence, lexicon);
  if (main === undefined || !sure || clauses.length !== 1) return [];
  const past =
    /\b(?:yesterday|last (?:night|week|month|year|summer|winter|spring|autumn|\p{L}+day)|\w+ (?:days?|weeks?|hours?|years?) ago)\b/iu;
  const ahead = /\b(?:tomorrow|next (?:week|month|year))\b/i;
  const cue = /^present (?:simple|perfect)$/.test(tenseAspect)
    ? past.exec(sentence)
    : /^past/.test(tenseAspect)
      ? ahead.exec(sentence)
      : null;
  const since = /\bsince\b/i.test(sentence) && tenseAspect === 'present simple';
  if (cue === null && !since) return [];
  const { start, end } = main.group.verb;
  return [
    {
      ...{ start: at + start, end: at + end, name: 'tense' as const, sure: false },
      rule: `Does the verb go with “${cue?.[0] ?? 'since'}”? Look at its tense again.`,
    },
  ];
}

/** A question that ends as a statement does. */
function questionMark(sentence: string, at: number, lexicon: Lexicon): Fault[] {
  if (!sentence.trim().endsWith('.')) return [];
  const { main, sure, tokens } = analyseSentence(sentence, lexicon);
  const [first] = tokens;
  const asks = main?.group.inverted === true && main.group.finite.at <= 1;
  if (!sure || !asks || !/^(?:aux|modal|be|have|do|question)$/.test(first?.tag ?? '')) return [];
  const end = at + sentence.trimEnd().length;
  return [
    {
      ...{ start: end - 1, end, name: 'end mark' as const, sure: true, offer: '?' },
      rule: 'A question ends with a question mark.',
    },
  ];
}

/** Many of something with is, was or has. */
function nounAgreement(sentence: string, at: number, lexicon: Lexicon): Fault[] {
  const pattern =
    /(?<!\b(?:of|and|with|in|for|to) )\b(?:the|my|our|your|his|her|their|these|those) (\p{Ll}+s) (is|was|has)\b/giu;
  return [...sentence.matchAll(pattern)].flatMap((found): Fault[] => {
    const [all, noun = '', verb = ''] = found;
    const entry = lexicon.find(noun);
    const lemma = entry && lexicon.lemmaOf(entry).word;
    const many =
      entry !== undefined &&
      lemma !== noun &&
      (entry.kinds & wordClassBits.noun) !== 0 &&
      !/(?:ss|ics|news)$/.test(noun);
    if (!many) return [];
    const start = at + found.index + all.length - verb.length;
    const offer = { is: 'are', was: 'were', has: 'have' }[verb.toLowerCase()];
    return [
      {
        ...{ start, end: start + verb.length, name: 'agreement' as const, sure: true },
        ...(offer === undefined ? {} : { offer }),
        rule: `${noun} are more than one: the verb is that of many.`,
      },
    ];
  });
}

/** Everything to look at again, in the order of the text. */
export function findFaults(text: string, lexicon: Lexicon): Fault[] {
  const found: Fault[] = sentencesIn(text, false).flatMap(({ start: at, end }) => {
    const sentence = text.slice(at, end);
    const shown = patterns.flatMap(({ name, find, rule, offer, sure = true }): Fault[] => {
      const match = find.exec(sentence);
      if (match === null) return [];
      const part = match.slice(1).find((group) => group !== undefined) ?? match[0];
      const start = at + match.index + match[0].lastIndexOf(part);
      const made = offer?.(match);
      return [
        { start, end: start + part.length, name, rule, sure, ...(made ? { offer: made } : {}) },
      ];
    });
    // A heading stands alone in its line without an end mark.
    const heading = /^\s*\n/.test(text.slice(end)) && sentence.split(' ').length <= 6;
    return [
      ...marks(sentence, at).filter(({ name }) => name !== 'end mark' || !heading),
      ...shown,
      ...articles(sentence, at, lexicon),
      ...nounAgreement(sentence, at, lexicon),
      ...clauseAgreement(sentence, at, lexicon),
      ...bareNouns(sentence, at, lexicon),
      ...spellings(sentence, at, lexicon),
      ...tenses(sentence, at, lexicon),
      ...questionMark(sentence, at, lexicon),
    ];
  });
  return found.sort((left, right) => left.start - right.start);
}
