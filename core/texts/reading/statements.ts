/** Statements about a text that are true, false or not said, made from its sentences by checked changes. */
import { pronounOfName } from '../../languages/en/grammar/tagging/given-names';
import type { TaggedToken } from '../../languages/en/grammar/tagging/tag-sentence';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { define, type Meanings } from '../../languages/en/words/meanings';
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import { transformSentence } from '../../languages/en/grammar/transform/transform';
import { wordTokens } from '../analysis/word-tokens';
import { formsOf, inForm } from '../fit/word-form';
import type { Random } from '../../kernel/random';
import type { Passage, PassageSentence } from './passage';
import { statementsOf as plainStatements, type PlainStatement } from './statements-of';

export type Verdict = 'true' | 'false' | 'not said';

export interface Statement {
  readonly text: string;
  readonly verdict: Verdict;
  readonly sentence: PassageSentence;
  /** What was changed, for the key. */
  readonly why: string;
}

const LONGEST = 20;
const startsBack =
  /^(?:he|she|it|they|this|that|these|those|then|but|and|so|there|yes|no|not|well|oh|ah|now|his|her|its|their|our|my|your)\b/i;

/** Words in front that join a sentence to the one before, or judge it: alone it needs none. */
const joinsBack =
  /^(?:worse|better|still|however|therefore|instead|besides|meanwhile|also|luckily|sadly|\p{L}+ enough|as a result|in fact|for example|of course|after that|in the end|at (?:first|last)|in other words)\b,? /iu;

/** A statement that can stand alone, with the sentence that proves it. */
interface Candidate {
  readonly text: string;
  readonly sentence: PassageSentence;
  /** Taken apart; of what a speaker says in a dialogue it is not. */
  readonly plain?: PlainStatement;
}

const owned = /^(?:his|her|its|their|our|my|your)$/;

/** Means something that stands outside the statement. */
const pointsOut = /\b(?:him|them|it|he|she|they|this|that|these|those|there|then|one)\b/i;

/** Of what is said in a talk, a whole sentence that tells something: no command, no half answer. */
function tells(text: string, lexicon: Lexicon): boolean {
  const { sure, type, completeness, main } = analyseSentence(text, lexicon);
  return sure && type === 'declarative' && completeness === 'complete' && !main?.group.imperative;
}

/** What can stand alone as a statement: its subject named, nothing in it that points elsewhere. */
function candidates(passage: Passage, lexicon: Lexicon): Candidate[] {
  const told = plainStatements(passage, lexicon)
    .filter(({ text, parts }) => {
      // In spring its only well ran dry: whose?
      if (owned.test(parts.subject[0]?.lower ?? '')) return false;
      const words = text.split(' ').length;
      if (startsBack.test(text) || joinsBack.test(text)) return false;
      return words >= 4 && words <= LONGEST && !pointsOut.test(text);
    })
    .map((plain): Candidate => ({ text: plain.text, sentence: plain.sentence, plain }));
  const spoken = passage.sentences
    .filter(
      ({ text, words, speaker }) =>
        speaker !== undefined &&
        words >= 4 &&
        words <= LONGEST &&
        /\.$/.test(text) &&
        !/["“”?:;]/.test(text) &&
        !startsBack.test(text) &&
        !joinsBack.test(text) &&
        tells(text, lexicon),
    )
    .map((sentence): Candidate => ({ text: sentence.text, sentence }));
  return [...told, ...spoken];
}

/** What may stand in front as well as at the end: a place or a time, and no clause. */
const placeOrTime =
  /^(?:in|on|at|by|from|under|near|behind|beside|during|before|after|until|since|last|next|this|every|one)$/;
const verbal = /^(?:base|present|third|past|participle|be|have|do|modal)$/;

const movable = (tokens: readonly TaggedToken[]) =>
  placeOrTime.test(tokens[0]?.lower ?? '') &&
  !tokens.some(({ tag }) => verbal.test(tag)) &&
  /^(?:noun|nouns|name|number)$/.test(tokens.findLast(({ mark }) => !mark)?.tag ?? '');

/** The same in another order: what stands in front goes to the end, a time at the end to the front. */
function reworded({ text, plain }: Candidate): string | undefined {
  if (plain === undefined) return undefined;
  const { parts, analysis } = plain;
  const [first] = parts.lead;
  const [subject] = parts.subject;
  const body = text.replace(/\.$/, '');
  if (first && subject && parts.lead.length > 1) {
    if (!movable(parts.lead)) return undefined;
    const lead = text.slice(first.start, subject.start).replace(/[,\s]+$/, '');
    const rest = body.slice(subject.start);
    return `${rest.charAt(0).toUpperCase()}${rest.slice(1)} ${lead.charAt(0).toLowerCase()}${lead.slice(1)}.`;
  }
  const when = parts.parts.find(({ name }) => name === 'when')?.tokens;
  if (when && !movable(when)) return undefined;
  const start = when?.[0];
  const end = when?.[when.length - 1];
  const last = analysis.tokens.findLast(({ mark }) => !mark);
  if (!start || !end || end.at !== last?.at || when.length < 2) return undefined;
  const time = text.slice(start.start, end.end);
  const rest = text.slice(0, start.start).trim();
  const named = plain.subject.text.charAt(0) === rest.charAt(0);
  return `${time.charAt(0).toUpperCase()}${time.slice(1)} ${named ? rest : rest.charAt(0).toLowerCase() + rest.slice(1)}.`;
}

const timeWords =
  /^(?:days?|nights?|today|yesterday|tomorrow|tonight|now|then|past|future|present)$/;

/** Days, months, seasons, parts of the day, places: one for another of its kind. */
const wheels: readonly (readonly string[])[] = [
  ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'],
  [
    ...['January', 'February', 'March', 'April', 'June', 'July', 'August'],
    ...['September', 'October', 'November', 'December'],
  ],
  ['spring', 'summer', 'autumn', 'winter'],
  ['morning', 'afternoon', 'evening'],
  ['noon', 'midnight'],
  ['before', 'after'],
  ['over', 'under'],
  ['above', 'below'],
  ['behind', 'in front of'],
  ['inside', 'outside'],
  ['up', 'down'],
  ['first', 'last'],
];

/** Another day, season, place: the first that stands there. */
function otherTimeOrPlace(text: string, random: Random): Change | undefined {
  for (const wheel of wheels) {
    const found = new RegExp(`\\b(?:${wheel.join('|')})\\b`).exec(text)?.[0];
    // Up to, over a hundred: no place.
    if (
      found === undefined ||
      (/^(?:first|last)$/.test(found) && !/\bthe (?:first|last)\b/i.test(text)) ||
      new RegExp(`\\b${found} (?:to|a|two|three|fifty)\\b`).test(text)
    )
      continue;
    // Up the hill, under the bridge; pushed over has no pushed under.
    if (
      /^(?:up|down|over|under|above|below|inside|outside|behind)$/.test(found) &&
      !new RegExp(`\\b${found} (?:the|an?|his|her|its|their|our|my)\\b`).test(text)
    )
      continue;
    const [other] = random.shuffle(wheel.filter((each) => each !== found));
    if (other === undefined) continue;
    return {
      text: text.replace(new RegExp(`\\b${found}\\b`), other),
      why: `it says ${found}, not ${other}`,
    };
  }
  return undefined;
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
  // Not the two of sixty-two.
  const word = new RegExp(`(?<![\\w-])(?:${numbers.join('|')})(?![\\w-])`, 'i').exec(text);
  if (word === null) return undefined;
  const [next = 'nine'] = random.shuffle(numbers.filter((each) => each !== word[0].toLowerCase()));
  const other = /^\p{Lu}/u.test(word[0]) ? next.charAt(0).toUpperCase() + next.slice(1) : next;
  return {
    text: text.replace(word[0], other),
    why: `it says ${word[0].toLowerCase()}, not ${other.toLowerCase()}`,
  };
}

/** Another name of the same text. */
function otherName(text: string, passage: Passage, random: Random): Change | undefined {
  const present = passage.persons.filter((name) => new RegExp(`\\b${name}\\b`, 'u').test(text));
  const others = passage.persons.filter((name) => !present.includes(name));
  const [name] = present;
  if (present.length !== 1 || name === undefined || others.length === 0 || !text.startsWith(name))
    return undefined;
  const [other = ''] = random.shuffle(others);
  // Bram put on her boots: the pronoun gives it away, or means another.
  const pronouns = [name, other].map(pronounOfName);
  if (/\b(?:his|her|him|himself|herself)\b/i.test(text) && new Set(pronouns).size > 1)
    return undefined;
  return { text: text.replace(name, other), why: `it was ${name}, not ${other}` };
}

/** How a word of each class is tagged. */
const tagsOf: Readonly<Record<string, RegExp>> = {
  a: /^adjective$/,
  d: /^adverb$/,
  n: /^nouns?$/,
};

const PARTICLES = /^(?:up|down|in|out|on|off|over|under|away|back|through|round|around|along)$/;

/** Words whose opposite is that of another sense as often: a light bottle, a common frog. */
const manySided = new Set(
  'light fresh common rare tight loose middle hard soft fair plain sharp dull rough flat even odd fine right left kind dry better worse valley sea land problem answer'.split(
    ' ',
  ),
);

/** An adjective, noun or adverb turned into its opposite. */
function opposite(
  { text, plain }: Candidate,
  lexicon: Lexicon,
  meanings: Meanings | undefined,
): Change | undefined {
  if (meanings === undefined) return undefined;
  const { tokens } = plain?.analysis ?? analyseSentence(text, lexicon);
  const tags = new Map(tokens.map(({ start, tag }) => [start, tag as string]));
  for (const token of wordTokens(text).slice(1)) {
    if (token.text !== token.key || token.key.length < 3) continue;
    // Last week has no opposite first week.
    if (/^(?:last|next|first)$/.test(token.key)) continue;
    // Pushed over has no opposite pushed under: what belongs to a verb stays with it.
    if (PARTICLES.test(token.key) || manySided.has(token.key)) continue;
    // The sea bed has no opposite land bed.
    const next = tokens.find(({ start }) => start >= token.end);
    if (/^nouns?$/.test(tags.get(token.start) ?? '') && /^nouns?$/.test(next?.tag ?? '')) continue;
    const entry = lexicon.find(token.key);
    if (entry === undefined || entry.zipf > 6.2) continue;
    // They are repaired today, not yesterday; in the night, but by day: with its time more would change.
    if (timeWords.test(token.key)) continue;
    for (const form of formsOf(token.key, lexicon)) {
      const { senses } = define(form.base, meanings, lexicon);
      const [sense] = senses;
      // The opposite of a verb is seldom another sentence that makes sense.
      const against =
        sense?.wordClass === 'v'
          ? undefined
          : sense?.opposites.find(
              (word) => /^[a-z]{3,}$/.test(word) && (lexicon.find(word)?.zipf ?? 0) > 3.6,
            );
      if (against === undefined || sense === undefined) continue;
      // Fine weather is not the fine of who is well: a word of several senses is left alone.
      const alike = senses.filter(({ wordClass }) => wordClass === sense.wordClass);
      if (!alike.every(({ opposites }) => opposites.includes(against))) continue;
      if (!tagsOf[sense.wordClass]?.test(tags.get(token.start) ?? '')) continue;
      // Leaves need light, but never dark: of a noun without an article the opposite is seldom one.
      if (
        sense.wordClass === 'n' &&
        !/\b(?:an?|the|his|her|its|their)\s+$/i.test(text.slice(0, token.start))
      )
        continue;
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

/** The statement denied. */
function denied({ text, plain }: Candidate, lexicon: Lexicon): Change | undefined {
  if (/ not\b|cannot|n['’]t|never/.test(text)) return undefined;
  // Does not help too, did not only carry it: what denies wants another word here.
  if (/\b(?:too|only|also|rather|almost|already|still|as well|even)\b/.test(text)) return undefined;
  // He does not look out and wonders: only the first of two verbs would be denied.
  if ((plain?.analysis.clauses ?? []).filter(({ kind }) => kind === 'main').length > 1)
    return undefined;
  const { result, sure, accepted } = transformSentence({ sentence: text, to: 'negative' }, lexicon);
  if (result === null || !sure) return undefined;
  const full = accepted.find((other) => / not\b/.test(other)) ?? result;
  return { text: full, why: 'the text says that it is so' };
}

/** Statements about somebody in general, of all. */
const MOST_OF_PERSONS = 2;

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
/** Topics whose things can be touched, and are old or heavy. */
const things = new Set('tool kitchen clothes transport toy furniture music home'.split(' '));

/** How a thing could be, of which the text has no word. */
const looks = ['old', 'new', 'large', 'heavy', 'clean', 'wooden'];

/** A thing of the statement described by a word that the text does not have. */
function described(
  { text, plain }: Candidate,
  passage: Passage,
  free: (said: string) => boolean,
  random: Random,
  lexicon: Lexicon,
): Change | undefined {
  const object = plain?.parts.parts.find(({ name }) => name === 'object')?.tokens;
  const [article, noun] = object ?? [];
  if (object?.length !== 2 || !article || !noun) return undefined;
  if (!/^(?:the|a|an|his|her|their|its)$/.test(article.lower) || noun.tag !== 'noun')
    return undefined;
  // Only things that can be touched are old or heavy, and only where nothing is said of how they are.
  const thing = lexicon.topicsOf(noun.lower).some((topic) => things.has(topic));
  const before = new RegExp(`(\\p{L}+) ${noun.lower}\\b`, 'giu');
  const bare = [...passage.material.body.matchAll(before)].every(([, word = '']) =>
    /^(?:the|a|an|his|her|their|its|this|that)$/i.test(word),
  );
  const [look] = random.shuffle(
    looks.filter(
      (word) => free(word) && !new RegExp(`\\b${word}\\b`, 'i').test(passage.material.body),
    ),
  );
  if (!thing || !bare || look === undefined) return undefined;
  const shown = /^an?$/.test(article.lower) ? (/^[aeiou]/.test(look) ? 'an' : 'a') : article.text;
  return {
    text: `${text.slice(0, article.start)}${shown} ${look} ${text.slice(noun.start)}`,
    why: `nothing is said of whether the ${noun.lower} was ${look}`,
  };
}

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
  candidate: Candidate,
  passage: Passage,
  lexicon: Lexicon,
  random: Random,
  ofPerson: boolean,
): (Change & { sentence: PassageSentence }) | undefined {
  const body = passage.material.body.toLowerCase();
  const free = (said: string) =>
    said
      .split(' ')
      .filter((word) => word.length > 3)
      .every((word) => !body.includes(word));
  const change = described(candidate, passage, free, random, lexicon);
  if (change !== undefined) return { ...change, sentence: candidate.sentence };
  return ofPerson ? untoldOfPerson(passage, free, random) : undefined;
}

/** A false statement must not be true elsewhere in the text. */
const saidElsewhere = (text: string, passage: Passage, lexicon: Lexicon) =>
  [...passage.sentences, ...plainStatements(passage, lexicon)].some(
    (said) => said.text.toLowerCase() === text.toLowerCase(),
  );

/** Up to `count` statements with the three verdicts mixed, in the order of the text. */
export function statementsOf(
  passage: Passage,
  lexicon: Lexicon,
  meanings: Meanings | undefined,
  random: Random,
  count: number,
): Statement[] {
  const verdicts: readonly Verdict[] = ['false', 'true', 'not said'];
  const chosen = random.shuffle(candidates(passage, lexicon)).slice(0, count * 4);
  const made: Statement[] = [];
  const statementOf = (candidate: Candidate, verdict: Verdict): Statement | undefined => {
    const { text, sentence } = candidate;
    const saidBy = (said: string) =>
      sentence.speaker === undefined ? said : `${sentence.speaker}: “${said}”`;
    if (verdict === 'true') {
      // Every other one in other words, where it can be.
      const other = (counts.get('true') ?? 0) % 2 === 0 ? reworded(candidate) : undefined;
      return { text: saidBy(other ?? text), verdict, sentence, why: 'the text says so' };
    }
    if (verdict === 'not said') {
      const change = untold(candidate, passage, lexicon, random, ofSomebody < MOST_OF_PERSONS);
      if (change === undefined) return undefined;
      if (change.sentence !== sentence) ofSomebody += 1;
      return {
        text: change.sentence === sentence ? saidBy(change.text) : change.text,
        verdict,
        sentence: change.sentence,
        why: change.why,
      };
    }
    const change =
      otherNumber(text, random) ??
      otherTimeOrPlace(text, random) ??
      otherName(text, passage, random) ??
      opposite(candidate, lexicon, meanings) ??
      denied(candidate, lexicon);
    return change && { text: saidBy(change.text), verdict, sentence, why: change.why };
  };
  const used = new Set<number>();
  const counts = new Map<Verdict, number>(random.shuffle(verdicts).map((verdict) => [verdict, 0]));
  let ofSomebody = 0;
  for (const candidate of chosen) {
    if (made.length === count) break;
    if (used.has(candidate.sentence.start)) continue;
    // The verdict that there are fewest of, or the next that this sentence allows.
    const order = [...counts].sort((left, right) => left[1] - right[1]).map(([verdict]) => verdict);
    for (const verdict of order) {
      const one = statementOf(candidate, verdict);
      if (one === undefined || made.some((each) => each.text === one.text)) continue;
      if (verdict !== 'true' && saidElsewhere(one.text, passage, lexicon)) continue;
      made.push(one);
      used.add(one.sentence.start);
      counts.set(verdict, (counts.get(verdict) ?? 0) + 1);
      break;
    }
  }
  return made.sort((left, right) => left.sentence.start - right.sentence.start);
}
