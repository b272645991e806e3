/** Questions whose answer stands in one sentence, with the words that answer them. */
import { transformSentence } from '../../languages/en/grammar/transform/transform';
import type { ClausePart, PartName } from '../../languages/en/grammar/clauses/part';
import { pronounOfName } from '../../languages/en/grammar/tagging/given-names';
import type { TaggedToken } from '../../languages/en/grammar/tagging/tag-sentence';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import type { Passage, PassageSentence } from './passage';
import { isPersonNoun, statementsOf, type PlainStatement } from './statements-of';

export interface FoundQuestion {
  readonly asks:
    'who' | 'what' | 'when' | 'where' | 'why' | 'how many' | 'how' | 'how long' | 'which';
  readonly question: string;
  readonly answer: string;
  readonly accepted: readonly string[];
  readonly sentence: PassageSentence;
  /** Whom the pronoun of the sentence means: She is Mina here. */
  readonly means?: string;
}

const LONGEST_QUESTION = 18;
const LONGEST_ANSWER = 12;

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/** Pronouns that mean something outside the sentence. */
const pointsBack =
  /\b(?:he|she|it|they|him|them|this|that|these|those|I|we|you|me|us|my|our|your|there)\b/i;
const owns = /\b(?:his|her|their|its)\b/i;

/** The text of some tokens, as they stand. */
const textOf = (text: string, tokens: readonly TaggedToken[]) => {
  const [first] = tokens;
  const last = tokens[tokens.length - 1];
  return first === undefined || last === undefined ? '' : text.slice(first.start, last.end);
};

const tidied = (text: string) =>
  text
    .replace(/\s+/g, ' ')
    .replace(/ ([,.;!?])/g, '$1')
    .replace(/,\./g, '.')
    .replace(/^[,\s]+/, '')
    .trim();

/** The tokens that are left, as they stand. */
function joined(text: string, tokens: readonly TaggedToken[], away: ReadonlySet<number>): string {
  let made = '';
  let end = tokens[0]?.start ?? 0;
  for (const token of tokens) {
    if (!away.has(token.at)) made += text.slice(end, token.end);
    end = token.end;
  }
  return tidied(made);
}

/** What stands in front of the subject, to stand at the end of a question: in June; an adverb is left out. */
function leadOf({ text, parts }: PlainStatement, gone: ReadonlySet<number> = new Set()): string {
  const lead = parts.lead.filter(({ at }) => !gone.has(at));
  return lead.length < 2 ? '' : lower(textOf(text, lead));
}

/** The sentence without some of its tokens, whole and with its end mark; its lead at its end. */
function without(statement: PlainStatement, gone: readonly TaggedToken[]): string {
  const { text, analysis, parts } = statement;
  const away = new Set(gone.map(({ at }) => at));
  const lead = leadOf(statement, away);
  const all = new Set([...away, ...parts.lead.map(({ at }) => at)]);
  const body = joined(text, analysis.tokens, all).replace(/[.!]+$/, '');
  return `${capital(tidied(`${body} ${lead}`))}.`;
}

const partOf = ({ parts }: PlainStatement, name: PartName): ClausePart | undefined => {
  const all = parts.parts.filter((part) => part.name === name);
  // Of two places nobody knows which is asked for.
  return all.length === 1 ? all[0] : undefined;
};

/** The statement as a question, ready for a question word in front. */
function asQuestion(statement: string, lexicon: Lexicon): string | undefined {
  const { result, sure } = transformSentence({ sentence: statement, to: 'question' }, lexicon);
  if (result === null || !sure) return undefined;
  // Why does he leave some honey? What is asked of is known: some stays some.
  const some = /\bsome\b/i.test(statement) ? result.replace(/\bany\b/g, 'some') : result;
  return lower(some.replace(/\?$/, ''));
}

const singular: Readonly<Record<string, string>> = { were: 'was', are: 'is', have: 'has' };

/** Prepositions of places, and those that only look like it: of iron, at once, for a walk. */
const placeLead =
  /^(?:in|on|under|behind|near|beside|above|below|inside|outside|across|beyond|between|along|through|over|into|onto|round|around|at|to|from|by|past|down|up)\b/i;
const noPlace =
  /\b(?:first|last|once|all|hurry|time|way|moment|end|case|fact|danger|trouble|silence|surprise|dark|rain|wind|air|voice|row|turn|other|whole|hour|day|week|month|year|morning|afternoon|evening|night)$|^(?:in (?:contrast|addition|spite|comparison|other words)|on the other hand|at least|at most)\b/i;
const noTime =
  /^(?:(?:in|on) time|at once|from .+ to\b.*|from \p{L}+|still|again|just|always|never|once|then|first|already|soon|now|later|today|\p{L}+ly)$/iu;

/** For six weeks is no when, but how long. */
const lasting =
  /^for (?!.*\b(?:first|second|last) time\b)(?:.+ )?(?:moments?|seconds?|minutes?|hours?|days?|nights?|weeks?|months?|years?|centuries|while|long)$/i;

/** By bus and by pulling say how; by the stove says where. */
const byMeans =
  /^by (?:\p{L}+ing|hand|heart|mistake|bus|train|tram|car|bike|bicycle|boat|ship|plane|air|sea|road|rail|post|phone|email|horse|letter)\b/iu;

/** What is about something: a test on road signs stands nowhere. */
const aboutSomething =
  /^(?:test|book|talk|lesson|report|song|story|poem|film|essay|article|quiz|lecture|speech|question|programme|program|information|news|advice|work)s?$/;

const isMatter = ([first]: readonly TaggedToken[], tokens: readonly TaggedToken[]) =>
  first?.lower === 'on' && aboutSomething.test(tokens[first.at - 1]?.lower ?? '');

/** Who is called something: her Pepper is no one thing. */
const calling = /^(?:call|name|elect|crown)$/;

/** Verbs with two objects: what is given needs whom it is given to. */
const givers = /^(?:give|send|show|tell|lend|hand|pass|bring|offer|teach|sell|ask|pay|promise)$/;
/** With whom or what one is or goes says no way of doing it. */
const noManner =
  /^(?:be|have|wear|arrive|come|go|live|sit|stand|walk|stay|leave|run|climb|fly|swim|travel|return|race|hurry|march|cross|sail|sleep)$/;
const becoming = /^(?:turn|change|grow|divide|break|make|cut|fall)$/;
/** Numbers that are not exact: about fifty. */
const roughly =
  /^(?:about|over|nearly|almost|around|up|to|more|less|fewer|than|at|least|most|some)$/;

/** Sixty-two is one number, whatever it is tagged. */
const isNumber = ({ tag, lower: word }: TaggedToken) =>
  tag === 'number' ||
  /^(?:twenty|thirty|forty|fifty|sixty|seventy|eighty|ninety)-\p{L}+$/u.test(word);

/** Do, does or did, as the verb of the statement wants it. */
const doOf = ({ analysis, subject }: PlainStatement) =>
  analysis.main?.group.past ? 'did' : subject.plural ? 'do' : 'does';

function aboutStatement(statement: PlainStatement, lexicon: Lexicon): FoundQuestion[] {
  const { text, analysis, parts, subject, sentence } = statement;
  const { main } = analysis;
  if (main === undefined || main.group.inverted || main.group.negative) return [];
  // In contrast to the valley, unlike Fernhill: what is compared is nowhere and at no time.
  if (/^(?:in contrast|unlike|compared|on the other hand|as a result)\b/i.test(text)) return [];
  // A clause with who or which: its parts are not those of the sentence.
  if (analysis.tokens.some(({ tag }) => tag === 'relative')) return [];
  // Only, even: what they set apart cannot be asked for without them.
  if (analysis.tokens.some(({ lower: word }) => /^(?:only|even|merely)$/.test(word))) return [];
  const found: FoundQuestion[] = [];
  const add = (
    asks: FoundQuestion['asks'],
    question: string | undefined,
    answer: string,
    accepted: readonly string[] = [],
  ) => {
    if (question === undefined || answer === '') return;
    const asked = `${capital(question.replace(/\s+/g, ' ').trim())}?`;
    const words = asked.split(' ').length;
    if (words < 4 || words > LONGEST_QUESTION || answer.split(' ').length > LONGEST_ANSWER) return;
    // What stands in the question is no answer; and what points elsewhere is no question.
    const plain = answer.toLowerCase().replace(/^(?:the|a|an|in|on|at|to) /, '');
    if (asked.toLowerCase().includes(plain)) return;
    const rest = asked.replace(subject.text, '').replace(capital(subject.text), '');
    if (pointsBack.test(rest)) return;
    if (asks !== 'why' && /\b(?:him|them|it|he|she|they)\b/i.test(answer)) return;
    if (owns.test(rest) && !rest.includes(subject.text) && asks === 'who') return;
    const unique = [...new Set(accepted)].filter((other) => other !== '' && other !== answer);
    const { pronoun } = statement;
    const are = subject.plural ? 'are' : 'is';
    found.push({
      ...{ asks, question: asked, answer: capital(answer), accepted: unique, sentence },
      ...(pronoun === undefined
        ? {}
        : { means: `${capital(pronoun)} ${are} ${subject.text} here.` }),
    });
  };
  const ask = (word: string, gone: readonly TaggedToken[]) => {
    const question = asQuestion(without(statement, gone), lexicon);
    if (question === undefined) return undefined;
    // A name keeps its capital, though a larch is a tree.
    const named = /^\p{Lu}/u.test(subject.text)
      ? question.replace(new RegExp(subject.text.replace(/[^\p{L}’' -]/gu, '.'), 'i'), subject.text)
      : question;
    return `${word} ${named}`;
  };

  const { finite, verb } = main.group;
  const base = verb.base ?? verb.lower;
  const why = analysis.clauses.find(({ kind }) => kind === 'because');
  if (why?.opener && why.opener.lower === 'because') {
    const stop = analysis.tokens.length - 1;
    const clause = analysis.tokens.filter(({ at }) => at >= (why.opener?.at ?? 0) && at < stop);
    if (why.opener.at > main.group.finite.at) {
      const answer = textOf(text, clause);
      add('why', ask('why', clause), answer, [answer.replace(/^because /, '')]);
    }
  }
  // What is not asked for is left out of the other questions where it is a clause of its own.
  const subordinate = analysis.clauses.some(
    (clause) => clause !== main && clause.kind !== 'relative',
  );
  if (subordinate) return found;

  // At six is a time, though nothing but its number says so.
  const hour = parts.parts.find(
    ({ name, tokens }) => name === 'where' && tokens.length === 2 && tokens[1]?.tag === 'number',
  );
  const when = hour ?? partOf(statement, 'when');
  if (when !== undefined) {
    const answer = textOf(text, when.tokens);
    const day = /\b((?:Mon|Tues|Wednes|Thurs|Fri|Satur|Sun)day)\b/.exec(answer)?.[1];
    const month =
      /\bin (January|February|March|April|May|June|July|August|September|October|November|December)$/.exec(
        answer,
      )?.[1];
    if (day && /^on \S+$/i.test(answer)) {
      add('which', ask('on which day', when.tokens), lower(answer), [day]);
    } else if (month) {
      add('which', ask('in which month', when.tokens), lower(answer), [month]);
    } else if (lasting.test(answer)) {
      add('how long', ask('how long', when.tokens), answer, [answer.replace(/^for /i, '')]);
    } else if (/^since /i.test(answer)) {
      add('when', ask('since when', when.tokens), answer, [answer.replace(/^since /i, '')]);
    } else if (
      !noTime.test(answer) &&
      when.tokens[0]?.tag !== 'adjective' &&
      // That morning: which one, the sentence does not say.
      !/^(?:that|this|these|those) /i.test(answer)
    ) {
      add('when', ask('when', when.tokens), answer, [answer.replace(/^(?:at|on|in) /i, '')]);
    }
  }
  const objectIsTwo = parts.parts.some(
    ({ name, tokens }) => name === 'object' && tokens.some(({ lower: word }) => word === 'and'),
  );
  const where = partOf(statement, 'where');
  if (where !== undefined && where !== hour) {
    const answer = textOf(text, where.tokens);
    const loose = /^(?:up|down|past|round|around) (?!(?:the|a|an|his|her|its|their|our)\b)/i.test(
      answer,
    );
    const becomes = /^into /i.test(answer) && becoming.test(base);
    if (
      placeLead.test(answer) &&
      // From the hives, soup from carrots: Where … from? is another question.
      !/^from /i.test(answer) &&
      !isMatter(where.tokens, analysis.tokens) &&
      // Where does it never rise? Nobody asks so.
      !analysis.tokens.some(({ lower: word }) => word === 'never') &&
      !noPlace.test(answer) &&
      !loose &&
      // A suit and a net over his face: only the net.
      !objectIsTwo &&
      !becomes &&
      // Where is it a kind of shelf? Of what something is, where it is so is seldom asked.
      !(base === 'be' && partOf(statement, 'complement') !== undefined) &&
      !/ly$/i.test(answer) &&
      answer.split(' ').length > 1
    ) {
      add('where', ask('where', where.tokens), answer, [answer.replace(/^\S+ /, '')]);
    }
  }
  const how = partOf(statement, 'how');
  if (how !== undefined) {
    const answer = textOf(text, how.tokens);
    const manner =
      (/^(?:with|without) /i.test(answer) || byMeans.test(answer)) && !noManner.test(base);
    if (manner || (/ly$/i.test(answer) && base !== 'be')) {
      add('how', ask('how', how.tokens), answer);
    }
  }
  const object = partOf(statement, 'object');
  if (object !== undefined && partOf(statement, 'to whom') === undefined) {
    const answer = textOf(text, object.tokens);
    const head = object.tokens[object.tokens.length - 1];
    const number = object.tokens.findIndex(isNumber);
    const counts =
      number >= 0 &&
      object.tokens[number + 1] !== undefined &&
      object.tokens[number]?.lower !== 'one' &&
      object.tokens.slice(0, number).every(({ lower: word }) => roughly.test(word));
    if (calling.test(base) || givers.test(base)) {
      // Whom it is given to would be part of what is given.
    } else if (counts) {
      // Sixty-two, two thousand: the numbers that stand together.
      const after = object.tokens.findIndex(
        ({ tag, lower: word }, at) =>
          at > number && tag !== 'number' && !/^(?:hundred|thousand|million)$/.test(word),
      );
      const things = object.tokens.slice(after);
      const exact = textOf(text, object.tokens.slice(0, after));
      const counted = `how many ${textOf(text, things)}`;
      const has = base === 'have' && finite.at === verb.at;
      if (after > 0) {
        add(
          'how many',
          has ? `${counted} ${doOf(statement)} ${subject.text} have` : ask(counted, object.tokens),
          exact,
          [answer],
        );
      }
    } else if (base === 'have' && finite.at === verb.at) {
      add('what', `what ${doOf(statement)} ${subject.text} have`, answer, [
        answer.replace(/^(?:the|a|an) /i, ''),
      ]);
    } else if (
      head &&
      /^(?:noun|nouns|name)$/.test(head.tag) &&
      // A suit, and a net over his face: not both are over it.
      !(objectIsTwo && where !== undefined) &&
      // More fog than …: what is compared belongs to the answer.
      !analysis.tokens.some(({ lower: word }) => word === 'than') &&
      !analysis.tokens.some(({ tag, at }) => tag === 'relative' && at > head.at)
    ) {
      const person =
        isPersonNoun(head.lower, lexicon) ||
        (head.tag === 'name' && pronounOfName(head.text) !== undefined);
      add(person ? 'who' : 'what', ask(person ? 'who' : 'what', object.tokens), answer, [
        answer.replace(/^(?:the|a|an|his|her|their|its|some) /i, ''),
      ]);
    }
  }
  // Who or what did it: the verb agrees with one.
  const last = parts.subject[parts.subject.length - 1];
  if (last !== undefined && !parts.subject.some(({ tag }) => tag === 'relative')) {
    const counted = parts.subject[0];
    const after = text.slice(finite.start, finite.end);
    const one = singular[finite.lower] ?? after;
    const fits =
      main.group.past || main.group.modal !== undefined || !subject.plural || finite.at !== verb.at;
    const rest = text.slice(finite.end).replace(/[.!]+$/, '');
    const lead = leadOf(statement);
    const tail = lead === '' ? '' : ` ${lead}`;
    const inner = text.slice(last.end, finite.start).trim();
    const said = `${inner === '' ? '' : `${inner} `}${one}${rest}${tail}`;
    if (fits && verb.base !== 'be') {
      if (counted?.tag === 'number' && counted.lower !== 'one') {
        const noun = textOf(text, parts.subject.slice(1));
        add('how many', `how many ${noun} ${after}${rest}${tail}`, counted.text, [subject.text]);
      } else {
        add(
          subject.person ? 'who' : 'what',
          `${subject.person ? 'who' : 'what'} ${said}`,
          subject.text,
          [subject.text.replace(/^(?:the|a|an) /i, '')],
        );
      }
    }
  }
  return found;
}

/** Every question that a passage answers for certain, in its order. */
export function findItQuestions(passage: Passage, lexicon: Lexicon): FoundQuestion[] {
  const questions = statementsOf(passage, lexicon).flatMap((statement) =>
    aboutStatement(statement, lexicon),
  );
  // Two sentences that answer one question make it unfair.
  const counts = new Map<string, number>();
  for (const { question } of questions) counts.set(question, (counts.get(question) ?? 0) + 1);
  return questions.filter(
    // “… stood at the very?”: a phrase that was cut in two is no question.
    ({ question }) =>
      counts.get(question) === 1 && !/\b(?:the|an?|very|its|their)[,?]/.test(question),
  );
}
