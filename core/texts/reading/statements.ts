/** Statements about a text that are true, false or not said, made from its sentences by checked changes. */
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { define, type Meanings } from '../../languages/en/words/meanings';
import { wordTokens } from '../analysis/word-tokens';
import { formsOf, inForm } from '../fit/word-form';
import type { Random } from '../../kernel/random';
import type { Passage, PassageSentence } from './passage';
import { simpleClause } from './simple-clause';

export type Verdict = 'true' | 'false' | 'not said';

export interface Statement {
  readonly text: string;
  readonly verdict: Verdict;
  readonly sentence: PassageSentence;
  /** What was changed, for the key. */
  readonly why: string;
}

const LONGEST = 20;
const startsBack = /^(?:he|she|it|they|this|that|these|those|then|but|and|so|there)\b/i;

/** Sentences that can stand alone as a statement. */
function candidates({ sentences }: Passage): PassageSentence[] {
  return sentences.filter(
    ({ text, words }) =>
      words >= 4 &&
      words <= LONGEST &&
      /\.$/.test(text) &&
      !/["“”?:;]/.test(text) &&
      !startsBack.test(text),
  );
}

const numbers = [
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'twelve',
  'twenty',
];

interface Change {
  readonly text: string;
  readonly why: string;
}

/** Another number in the place of the first. */
function otherNumber(text: string, random: Random): Change | undefined {
  const digits = /\b\d{1,4}\b/.exec(text);
  if (digits) {
    const value = Number(digits[0]);
    const other = value + (random.next() < 0.5 && value > 3 ? -1 : 1) * (value > 20 ? 10 : 2);
    return {
      text: text.replace(digits[0], String(other)),
      why: `it says ${digits[0]}, not ${other}`,
    };
  }
  const word = new RegExp(`\\b(?:${numbers.join('|')})\\b`, 'i').exec(text);
  if (word === null) return undefined;
  const [other = 'nine'] = random.shuffle(numbers.filter((each) => each !== word[0].toLowerCase()));
  return { text: text.replace(word[0], other), why: `it says ${word[0]}, not ${other}` };
}

/** Another name of the same text. */
function otherName(text: string, passage: Passage, random: Random): Change | undefined {
  const present = passage.persons.filter((name) => new RegExp(`\\b${name}\\b`, 'u').test(text));
  const others = passage.persons.filter((name) => !present.includes(name));
  const [name] = present;
  if (present.length !== 1 || name === undefined || others.length === 0 || !text.startsWith(name))
    return undefined;
  const [other = ''] = random.shuffle(others);
  return { text: text.replace(name, other), why: `it was ${name}, not ${other}` };
}

/** An adjective, noun or verb turned into its opposite. */
function opposite(
  text: string,
  lexicon: Lexicon,
  meanings: Meanings | undefined,
): Change | undefined {
  if (meanings === undefined) return undefined;
  for (const token of wordTokens(text).slice(1)) {
    if (token.text !== token.key || token.key.length < 3) continue;
    const entry = lexicon.find(token.key);
    if (entry === undefined || entry.zipf > 6.2) continue;
    for (const form of formsOf(token.key, lexicon)) {
      const sense = define(form.base, meanings, lexicon).senses[0];
      // The opposite of a verb is seldom another sentence that makes sense.
      const against =
        sense?.wordClass === 'v'
          ? undefined
          : sense?.opposites.find(
              (word) => /^[a-z]{3,}$/.test(word) && (lexicon.find(word)?.zipf ?? 0) > 3.6,
            );
      if (against === undefined || sense === undefined) continue;
      const wordClass = sense.wordClass === 'n' ? 'noun' : undefined;
      const made = inForm(against, form.form, lexicon, 'uk', wordClass);
      if (made === undefined) continue;
      const vowel = /^[aeiou]/.test(made);
      const before = text
        .slice(0, token.start)
        .replace(/\b(a)n? $/i, (_, letter: string) => `${letter}${vowel ? 'n' : ''} `);
      return {
        text: before + made + text.slice(token.end),
        why: `it says ${token.text}, not ${made}`,
      };
    }
  }
  return undefined;
}

/** The statement denied, where it has an auxiliary. */
function denied(text: string, passage: Passage, lexicon: Lexicon): Change | undefined {
  const clause = simpleClause(text, passage.names, lexicon);
  if (clause === undefined || / not\b|n['’]t|never/.test(text)) return undefined;
  const { subject, auxiliary, base, rest } = clause;
  const begin = subject.charAt(0).toUpperCase() + subject.slice(1);
  const said =
    auxiliary === undefined
      ? `${begin} ${clause.past ? 'did' : clause.plural ? 'do' : 'does'} not ${base ?? ''} ${rest}`
      : `${begin} ${auxiliary} not ${rest}`;
  return { text: `${said.replace(/\s+/g, ' ').trim()}.`, why: 'the text says that it is so' };
}

/** What could be said of anyone; what the text has a word of is not offered. */
const ofPersons = [
  'has an older brother',
  'was late that day',
  'lives near the sea',
  'came by bus',
  'wants to be a teacher',
  'was very hungry',
  'likes cold mornings',
];
/** What could be added to what is done; and verbs that it goes badly with. */
const details = ['for the first time', 'for a whole week', 'without any help'];
const states =
  /^(?:have|know|show|say|keep|live|want|like|need|mean|come|go|be|stay|think|look|seem)$/;

/** Something about a person of the text that it does not tell. */
function untoldOfPerson(passage: Passage, free: (said: string) => boolean, random: Random) {
  const [person] = random.shuffle(passage.persons);
  const [fact] = random.shuffle(ofPersons.filter(free));
  const sentence = passage.sentences.find(({ text }) => person && text.includes(person));
  if (person === undefined || fact === undefined || sentence === undefined) return undefined;
  return { text: `${person} ${fact}.`, why: `nothing is said of it`, sentence };
}

/** A statement that the text neither bears out nor denies. */
function untold(
  sentence: PassageSentence,
  passage: Passage,
  lexicon: Lexicon,
  random: Random,
): (Change & { sentence: PassageSentence }) | undefined {
  const body = passage.material.body.toLowerCase();
  const free = (said: string) =>
    said
      .split(' ')
      .filter((word) => word.length > 3)
      .every((word) => !body.includes(word));
  if (random.next() < 0.6) {
    const made = untoldOfPerson(passage, free, random);
    if (made) return made;
  }
  const { text, words } = sentence;
  const clause = simpleClause(text, passage.names, lexicon);
  const [detail] = random.shuffle(details.filter(free));
  const plain = clause?.auxiliary === undefined && clause?.base && !states.test(clause.base);
  if (!plain || detail === undefined || words > 11 || / (?:with|for|and|that|when)\b/.test(text)) {
    return undefined;
  }
  return {
    text: `${text.replace(/\.$/, '')} ${detail}.`,
    why: `nothing is said of “${detail}”`,
    sentence,
  };
}

/** A false statement must not be true elsewhere in the text. */
const saidElsewhere = (text: string, passage: Passage) =>
  passage.sentences.some((sentence) => sentence.text.toLowerCase() === text.toLowerCase());

/** Up to `count` statements with the three verdicts mixed, in the order of the text. */
export function statementsOf(
  passage: Passage,
  lexicon: Lexicon,
  meanings: Meanings | undefined,
  random: Random,
  count: number,
): Statement[] {
  const verdicts: readonly Verdict[] = ['false', 'true', 'not said'];
  const chosen = random.shuffle(candidates(passage)).slice(0, count * 3);
  const made: Statement[] = [];
  let turn = Math.floor(random.next() * verdicts.length);
  for (const sentence of chosen) {
    if (made.length === count) break;
    const wanted = verdicts[turn % verdicts.length] as Verdict;
    const { text, speaker } = sentence;
    const saidBy = (said: string) => (speaker === undefined ? said : `${speaker}: “${said}”`);
    if (wanted === 'true') {
      made.push({ text: saidBy(text), verdict: 'true', sentence, why: 'the text says so' });
      turn += 1;
      continue;
    }
    const change =
      wanted === 'not said'
        ? untold(sentence, passage, lexicon, random)
        : (otherNumber(text, random) ??
          otherName(text, passage, random) ??
          opposite(text, lexicon, meanings) ??
          denied(text, passage, lexicon));
    if (change === undefined || saidElsewhere(change.text, passage)) continue;
    if (made.some((each) => each.text === change.text)) continue;
    const of = 'sentence' in change ? (change.sentence as PassageSentence) : sentence;
    const shown = of === sentence ? saidBy(change.text) : change.text;
    made.push({ text: shown, verdict: wanted, sentence: of, why: change.why });
    turn += 1;
  }
  return made.sort((left, right) => left.sentence.start - right.sentence.start);
}
