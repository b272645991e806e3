/**
 * The question at the end of a statement: It is cold, isn’t it? The auxiliary of
 * the statement (do, does, did where there is none) with the pronoun of its
 * subject; negative after a positive statement, positive after a negative one
 * (common practice of every grammar for learners).
 */
import { negativeOf } from '../../forms/verb-phrase';
import type { SentenceAnalysis } from '../describe/describe-sentence';
import { clauseParts } from '../clauses/clause-parts';
import { genderOf } from './gender';

export interface QuestionTag {
  /** Without its question mark: isn’t it. */
  readonly tag: string;
  readonly accepted: readonly string[];
  readonly negative: boolean;
  readonly auxiliary: string;
  readonly pronoun: string;
}

const auxiliaries =
  /^(?:am|is|are|was|were|has|have|had|do|does|did|will|would|can|could|shall|should|must|might|may)$/;
const short: Readonly<Record<string, string>> = {
  "'m": 'am',
  "'re": 'are',
  "'ve": 'have',
  "'ll": 'will',
};
const personal = /^(?:i|you|he|she|it|we|they|there)$/;
const ofPeople = /^(?:every|some|any|no)(?:body|one)$/;
/** People whose pronoun their name tells. */
const she =
  /^(?:mother|mum|mom|mummy|grandma|granny|gran|grandmother|aunt|auntie|sister|daughter|girl|woman|lady|queen|princess|niece|waitress)$/;
const he =
  /^(?:father|dad|daddy|grandpa|grandad|grandfather|uncle|brother|son|boy|man|king|prince|nephew|waiter|gentleman)$/;
/** Words that say no without not, before the verb or within it. */
const negativeWords = /\b(?:never|hardly|scarcely|rarely|seldom|nobody|nothing|no one)\b|^No\b/i;

const plain = (text: string) => text.toLowerCase().replaceAll('’', "'");

function pronounOf(
  analysis: SentenceAnalysis,
  isLiving: (noun: string) => boolean,
): string | undefined {
  const { main, tokens, clauses } = analysis;
  if (main === undefined) return undefined;
  const { subject } = clauseParts(tokens, main, clauses);
  const words = subject.map(({ text }) => plain(text));
  const [first = ''] = words;
  const head = words[words.length - 1] ?? '';
  if (words.length === 1 && personal.test(first)) return first === 'i' ? 'I' : first;
  if (words.length === 1 && /^(?:this|that)$/.test(first)) return 'it';
  if (words.length === 1 && /^(?:these|those)$/.test(first)) return 'they';
  const named =
    subject[0]?.tag === 'name' && words.length === 1 ? genderOf(subject[0].text) : undefined;
  if (named) return named;
  if (words.length === 1 && ofPeople.test(first)) return 'they';
  if (words.length === 1 && /^(?:every|some|no)thing$/.test(first)) return 'it';
  if (words.includes('and')) {
    return words.some((word) => /^(?:i|we)$/.test(word))
      ? 'we'
      : words.includes('you')
        ? 'you'
        : 'they';
  }
  // Telling lies is wrong, isn’t it? But falling leaves: aren’t they?
  if (words.length > 1 && /ing$/.test(first) && subject[0]?.tag === 'ing') return undefined;
  // A phrase with of or with has its noun before it: too much to be sure of here.
  if (subject.length > 3 || /^(?:of|with|in)$/.test(words[1] ?? '')) return undefined;
  const noun = subject[subject.length - 1];
  if (noun?.tag === 'nouns' || noun?.plural === true) return 'they';
  if (she.test(head)) return 'she';
  if (he.test(head)) return 'he';
  const article = /^(?:the|this|that|my|our|your|his|her|its|their)$/.test(first);
  // A name, a teacher, a dog of the family: who knows whether he or she.
  return article && noun?.tag === 'noun' && !isLiving(noun.base ?? head) ? 'it' : undefined;
}

/**
 * The tag of a statement; undefined where it is no plain statement, or its pronoun is not sure.
 *
 * @param isLiving whether a noun names a person or an animal, of which he or she may be said
 */
export function questionTag(
  text: string,
  analysis: SentenceAnalysis,
  isLiving: (noun: string) => boolean,
): QuestionTag | undefined {
  const { main } = analysis;
  // Was built in May is a deed or a state: its tag is the same.
  const read =
    analysis.sure ||
    analysis.doubts.every((doubt) =>
      /passive or as a state|what was done or what state/.test(doubt),
    );
  if (main === undefined || !read || analysis.type !== 'declarative') return undefined;
  if (analysis.clauses.filter(({ kind }) => kind === 'main').length > 1) return undefined;
  // In speech a tag follows what is short and whole.
  if (/[;:“”"]|[.!?] /.test(text)) return undefined;
  // With no map they set out: the sentence says yes.
  if (/\S \bno\b(?! one)/.test(text.slice(0, main.group.verb.start))) return undefined;
  const pronoun = pronounOf(analysis, isLiving);
  if (pronoun === undefined) return undefined;
  const { finite, verb, negative } = main.group;
  const written = plain(finite.text);
  const word = (short[written] ?? written).replace(/n't$/, '');
  const full = word === 'ca' ? 'can' : word === 'wo' ? 'will' : word === 'sha' ? 'shall' : word;
  // He’s is he is or he has: the tag would give it away.
  if (/^'(?:s|d)$/.test(written) || full === 'may' || full === 'might' || full === 'must') {
    return undefined;
  }
  const isMain = finite.at === verb.at && !/^(?:am|is|are|was|were)$/.test(full);
  let auxiliary = full;
  if (isMain) {
    if (finite.tag === 'past') auxiliary = 'did';
    else if (finite.tag === 'third') auxiliary = 'does';
    else if (finite.tag === 'present') auxiliary = 'do';
    else if (full === 'has' || full === 'have' || full === 'had') {
      auxiliary = full === 'had' ? 'did' : full === 'has' ? 'does' : 'do';
    } else if (!/^d(?:o|oes|id)$/.test(full)) return undefined;
  } else if (!auxiliaries.test(full)) return undefined;
  // It was no accident, he said nothing: some say one tag and some the other.
  if (/\b(?:no|nothing|nobody|nowhere|neither|none)\b/i.test(text.slice(verb.end)))
    return undefined;
  const saysNo = negative || negativeWords.test(text.slice(0, verb.end));
  // Everybody is here, aren’t they?
  const agreed =
    pronoun === 'they'
      ? (({ is: 'are', was: 'were', has: 'have', does: 'do' } as Record<string, string>)[
          auxiliary
        ] ?? auxiliary)
      : auxiliary;
  if (saysNo)
    return {
      tag: `${agreed} ${pronoun}`,
      accepted: [],
      negative: false,
      auxiliary: agreed,
      pronoun,
    };
  const contracted = agreed === 'am' ? "aren't" : negativeOf(agreed, true);
  return {
    tag: `${contracted.replace("'", '’')} ${pronoun}`,
    accepted: [`${agreed} ${pronoun} not`],
    negative: true,
    auxiliary: agreed,
    pronoun,
  };
}
