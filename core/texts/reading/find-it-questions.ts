/** Questions whose answer stands in one sentence, with the words that answer them. */
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { Passage, PassageSentence } from './passage';
import { inverted, simpleClause, type SimpleClause } from './simple-clause';

export interface FoundQuestion {
  readonly asks: 'who' | 'what' | 'when' | 'where' | 'why' | 'how many';
  readonly question: string;
  readonly answer: string;
  readonly accepted: readonly string[];
  readonly sentence: PassageSentence;
}

const numberWord =
  '(?:\\d[\\d,]*|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|twenty|thirty|forty|fifty|a hundred)';
const timePhrase = new RegExp(
  `\\b((?:at (?:${numberWord}(?: o[’']clock)?(?: in the (?:morning|evening|afternoon))?|noon|midnight|dawn|dusk|night|once)|on (?:(?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day(?: (?:morning|afternoon|evening|night))?)|in (?:\\d{4}|(?:January|February|March|April|May|June|July|August|September|October|November|December)|spring|summer|autumn|winter|the (?:morning|afternoon|evening|night))|last (?:night|week|year|winter|summer)|yesterday|every (?:day|morning|evening|week|night|year)|before (?:breakfast|school|dawn|dark)|after (?:school|dark|lunch|the storm)))\\b`,
);
const placePhrase =
  /\b((?:in|on|under|behind|near|beside|above|below|inside|outside|across|beyond) (?:the|a|an|his|her|their|its|our) (?:\p{L}+ ){0,2}?\p{L}+)$/u;
const noPlaces =
  /(?:morning|afternoon|evening|night|end|time|hurry|way|day|week|month|year|moment|minute|hour|rain|dark|case|fact|book|story|row|list|air|wind|cold|voice|same|other|whole)$/i;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const tidy = (text: string) =>
  text
    .replace(/\s+/g, ' ')
    .replace(/[,\s]+$/, '')
    .trim();
const without = (rest: string, phrase: string) => tidy(rest.replace(phrase, ' '));

/** Subjects and rests that point back to another sentence cannot be asked about alone. */
const pointsBack = /\b(?:he|she|it|they|him|them|this|that|these|those|his|her|their|its)\b/i;

function aboutClause(clause: SimpleClause, sentence: PassageSentence): FoundQuestion[] {
  const found: FoundQuestion[] = [];
  const { subject, person, auxiliary, verb } = clause;
  // Only the first of two clauses is asked about.
  const rest = clause.rest
    .replace(/, (?:which|who|whose|where|a|an|the) .*$/, '')
    .replace(
      /,? (?:and|but|so|while|when|where|which|who|until|although|though) (?:the|a|an|he|she|it|they|we|his|her|their|then|nobody|everyone|\p{Lu})\b.*$/u,
      '',
    );
  const add = (
    asks: FoundQuestion['asks'],
    question: string,
    answer: string,
    accepted: string[] = [],
  ) =>
    found.push({
      asks,
      question: `${capital(tidy(question))}?`,
      answer: capital(answer),
      accepted,
      sentence,
    });
  const because = /^(.*?),? because (?!of\b)(.+)$/.exec(rest);
  if (because) {
    const [, before = '', reason = ''] = because;
    if (before !== '' || auxiliary === undefined) {
      add('why', `why ${inverted(clause, tidy(before))}`, `because ${reason}`, [reason]);
    }
  }
  const core = because?.[1] ?? rest;
  const time = timePhrase.exec(core)?.[1];
  if (time !== undefined)
    add('when', `when ${inverted(clause, without(core, time))}`, time, [
      time.replace(/^(?:at|on|in) /, ''),
    ]);
  const place = placePhrase.exec(core)?.[1];
  if (
    place !== undefined &&
    !noPlaces.test(place) &&
    !pointsBack.test(place) &&
    time === undefined
  ) {
    add('where', `where ${inverted(clause, without(core, place))}`, place, [
      place.replace(/^\S+ /, ''),
    ]);
  }
  if (!pointsBack.test(core) && core !== '') {
    const group = auxiliary === undefined ? verb : singular(auxiliary);
    add(person ? 'who' : 'what', `${person ? 'who' : 'what'} ${group} ${core}`, subject, [
      subject.replace(/^(?:the|a|an) /i, ''),
    ]);
  }
  const number = new RegExp(`\\b(${numberWord}) (\\p{L}+(?: \\p{L}+)?)`, 'u').exec(core);
  if (
    number &&
    auxiliary === undefined &&
    core.startsWith(number[0]) &&
    /s$/.test(number[2]?.split(' ')[0] ?? '')
  ) {
    const noun = number[2]?.split(' ')[0] ?? '';
    const after = tidy(core.slice((number[1]?.length ?? 0) + 1 + noun.length));
    add('how many', `how many ${noun} ${inverted(clause, after)}`, number[1] ?? '', []);
  }
  return found;
}

/** Who is asked about in the singular. */
const singular = (auxiliary: string) =>
  ({ were: 'was', are: 'is', have: 'has' })[auxiliary] ?? auxiliary;

/** Every question that a passage answers for certain, in its order. */
export function findItQuestions(passage: Passage, lexicon: Lexicon): FoundQuestion[] {
  const questions = passage.sentences.flatMap((sentence) => {
    const clause = simpleClause(sentence.text, passage.names, lexicon);
    return clause === undefined || pointsBack.test(clause.subject)
      ? []
      : aboutClause(clause, sentence);
  });
  // Two sentences that answer one question make it unfair.
  const counts = new Map<string, number>();
  for (const { question } of questions) counts.set(question, (counts.get(question) ?? 0) + 1);
  return questions.filter(
    ({ question }) => counts.get(question) === 1 && question.split(' ').length <= 22,
  );
}
