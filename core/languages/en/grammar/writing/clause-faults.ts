/** Faults that only the reading of a whole sentence shows: one with many, and a noun that lacks its article. */
import { irregularVerb } from '../../forms/irregular-verbs';
import type { Lexicon } from '../../lexicon/lexicon';
import { isMassNoun } from '../../forms/inflect';
import { wordClassBits } from '../../lexicon/word-class';
import type { TaggedToken } from '../tagging/tag-sentence';
import { clauseParts } from '../clauses/clause-parts';
import { analyseSentence } from '../describe/describe-sentence';
import type { Fault } from './fault';

/** Classes of people, and animals that are alike as one and as many: the verb may be either. */
const either =
  /^(?:team|class|family|club|band|crowd|group|police|staff|sheep|\p{L}*fish|deer|people|cattle|series|government|committee|audience|couple|rest|lot|number|pair|half|most|all|some|none|any|more|each|both|few|dozen|everyone|everybody|bank|data|headquarters)$/u;

const MANY = 'With more than one, and with I and you, the verb has no s.';

const thirdPerson = (verb: string) =>
  /(?:s|sh|ch|x|z|o)$/.test(verb) ? `${verb}es` : `${verb.replace(/([^aeiou])y$/, '$1ie')}s`;

/** The children, my wet boots: a noun of many after a word that is no number. */
const isMany = (head: TaggedToken, first: TaggedToken): boolean =>
  head.tag === 'nouns' &&
  /^(?:the|these|those|my|your|his|her|our|their|some|many|all)$/.test(first.lower) &&
  !either.test(head.lower) &&
  !isOneInS.test(head.lower);

/** The verb of one with a subject of many, and the other way about. */
export function clauseAgreement(sentence: string, at: number, lexicon: Lexicon): Fault[] {
  const { main, tokens, clauses, type } = analyseSentence(sentence, lexicon);
  if (main === undefined) return missingEnding(tokens, at, lexicon);
  if (clauses.length !== 1 || type !== 'declarative') return [];
  if (main.group.modal !== undefined || main.group.inverted) return [];
  const { subject } = clauseParts(tokens, main, clauses);
  const [first] = subject;
  const head = subject[subject.length - 1];
  const { finite } = main.group;
  if (first === undefined || head === undefined || subject.length > 4) return [];
  if (subject.some(({ tag }) => /^(?:preposition|relative|comma)$/.test(tag))) return [];
  const fault = (rule: string, offer: string | undefined): Fault => ({
    ...{ start: at + finite.start, end: at + finite.end, name: 'agreement', sure: false },
    rule,
    ...(offer ? { offer } : {}),
  });
  const both = subject.some(({ lower }) => lower === 'and');
  const many =
    /^(?:they|we|you|i)$/.test(head.lower) && subject.length === 1
      ? true
      : both
        ? /^\p{Lu}/u.test(first.text) && /^\p{Lu}/u.test(head.text)
        : isMany(head, first) || undefined;
  if (many && finite.tag === 'third' && finite.base !== undefined) {
    return [fault(MANY, finite.base)];
  }
  if (both && many && /^(?:is|was|has)$/.test(finite.lower)) {
    const offer = { is: 'are', was: 'were', has: 'have' }[finite.lower];
    return [fault('Two together are more than one: are, were, have.', offer)];
  }
  const alone = subject.length === 1 && /^(?:he|she|it)$/.test(head.lower);
  const one =
    alone ||
    (head.tag === 'noun' &&
      !both &&
      /^(?:the|a|an|this|that|my|your|his|her|its|our|their|every|each)$/.test(first.lower) &&
      !either.test(head.lower) &&
      !/s$/.test(head.lower));
  // Cut and put are their own past.
  const pastToo = irregularVerb(finite.lower)?.past.includes(finite.lower) === true;
  if (
    one &&
    finite.tag === 'present' &&
    finite.lower === finite.base &&
    !pastToo &&
    !/ed$/.test(finite.lower)
  ) {
    return [fault(`${head.text} is one: the verb has an s.`, thirdPerson(finite.lower))];
  }
  return [];
}

/** One or many, by the words that stand for who does it; undefined where they do not say. */
function subjectBefore(tokens: readonly TaggedToken[], verb: number): 'one' | 'many' | undefined {
  const [first] = tokens;
  const head = tokens[verb - 1];
  if (first === undefined || head === undefined) return undefined;
  if (verb === 1) {
    if (/^(?:he|she|it)$/.test(head.lower)) return 'one';
    return /^(?:they|we|you|i)$/.test(head.lower) ? 'many' : undefined;
  }
  const between = tokens.slice(1, verb - 1);
  if (first.tag !== 'determiner' || between.some(({ tag }) => tag !== 'adjective'))
    return undefined;
  if (either.test(head.lower) || isOneInS.test(head.lower)) return undefined;
  if (head.tag === 'nouns') return 'many';
  return head.tag === 'noun' && !/s$/.test(head.lower) ? 'one' : undefined;
}

/** Words in s that are one: news, mathematics, the names of games and illnesses. */
const isOneInS = /(?:ics|news|billiards|measles|mumps)$/;

/**
 * The dog run in the garden, it rain, the winds blows: what reads as two nouns is a verb that does not
 * go with who does it.
 */
function missingEnding(tokens: readonly TaggedToken[], at: number, lexicon: Lexicon): Fault[] {
  const last = Math.min(tokens.length, 5);
  for (let place = 1; place < last; place += 1) {
    const [noun, verb, next] = [tokens[place - 1], tokens[place], tokens[place + 1]];
    if (noun === undefined || verb === undefined || !/^nouns?$/.test(verb.tag)) continue;
    const goesOn = /^(?:preposition|adverb|determiner|particle)$/.test(next?.tag ?? '');
    const ends = next === undefined || !/\p{L}/u.test(next.text);
    if (!goesOn && !ends) continue;
    const number = subjectBefore(tokens, place);
    const entry = lexicon.find(verb.lower);
    const isVerb = entry !== undefined && (entry.kinds & wordClassBits.verb) !== 0;
    if (!isVerb || number === undefined) continue;
    const base = lexicon.lemmaOf(entry).word;
    const where = {
      start: at + verb.start,
      end: at + verb.end,
      name: 'agreement',
      sure: false,
    } as const;
    const isBase = verb.lower === base;
    // Two nouns that end a line may be one name for a thing (the rain cloud): only where it goes on, or after he, she, it.
    if (number === 'one' && isBase && (goesOn || place === 1) && !/(?:s|ed)$/.test(base)) {
      const rule = `Is ${verb.text} what the ${noun.text} does? Then it has an s; if it is over, it has the form of the past.`;
      const says = place === 1 ? `${noun.text} is one: the verb has an s.` : rule;
      return [{ ...where, rule: says, offer: thirdPerson(base) }];
    }
    if (number === 'many' && !isBase && verb.lower === thirdPerson(base)) {
      return [{ ...where, rule: MANY, offer: base }];
    }
  }
  return [];
}

/** Verbs whose object is a thing that is counted. */
const takesThing = /^(?:see|buy|have|find|want|need|draw|own|build|open|carry|hold|wear)$/;
const determiners = /^(?:determiner|number|possessive|name)$/;

/** I saw bird: a thing that is counted, alone and one, has an article before it. */
export function bareNouns(sentence: string, at: number, lexicon: Lexicon): Fault[] {
  const { main, tokens, clauses, type } = analyseSentence(sentence, lexicon);
  if (main === undefined || type === 'imperative') return [];
  if (!takesThing.test(main.group.verb.base ?? '')) return [];
  const { parts } = clauseParts(tokens, main, clauses);
  const object = parts.find(({ name }) => name === 'object')?.tokens ?? [];
  const [first] = object;
  const head = object[object.length - 1];
  if (first === undefined || head === undefined || object.length > 2) return [];
  if (head.tag !== 'noun' || head.plural === true || determiners.test(first.tag)) return [];
  if (object.length === 2 && first.tag !== 'adjective') return [];
  const entry = lexicon.find(head.lower);
  if (entry === undefined || isMassNoun(head.lower) || /^\p{Lu}/u.test(head.text)) return [];
  // Only what can be drawn is surely counted, and neither food nor stuff.
  const topics = lexicon.topicsOf(head.lower);
  const counted = topics.some((topic) => /^(?:animals|transport|tool|clothes|home)$/.test(topic));
  if (either.test(head.lower)) return [];
  if (/s$|^(?:petrol|fuel|gas|oil|paint|glue|wire|rope|string)$/.test(head.lower)) return [];
  const stuff = topics.some((topic) => /^(?:food|material|sport|games|time|weather)$/.test(topic));
  if (lexicon.picturesOf(head.lower).length === 0 || !counted || stuff) return [];
  return [
    {
      ...{ start: at + first.start, end: at + head.end, name: 'article', sure: false },
      rule: `${head.text} can be counted: one of them has a, the or my before it.`,
      offer: `${/^[aeiou]/i.test(first.text) ? 'an' : 'a'} ${sentence.slice(first.start, head.end)}`,
    },
  ];
}
