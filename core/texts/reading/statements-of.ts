/**
 * The plain statements of a passage: each sentence that tells something, one main
 * clause at a time, with whom its subject means where that is a pronoun. Speech
 * and questions are left out; so is what cannot be read surely.
 */
import { analyseSentence } from '../../languages/en/grammar/describe/describe-sentence';
import type { SentenceAnalysis } from '../../languages/en/grammar/describe/describe-sentence';
import { clauseExtents } from '../../languages/en/grammar/clauses/clause-extents';
import { clauseParts } from '../../languages/en/grammar/clauses/clause-parts';
import type { ClauseParts } from '../../languages/en/grammar/clauses/part';
import { pronounOfName } from '../../languages/en/grammar/tagging/given-names';
import { linkingVerbs } from '../../languages/en/grammar/tagging/verb-patterns';
import type { TaggedToken } from '../../languages/en/grammar/tagging/tag-sentence';
import type { Lexicon } from '../../languages/en/lexicon/lexicon';
import { isPlaceName } from './place-names';
import type { Passage, PassageSentence } from './passage';

/** Who or what a noun phrase means. */
export interface Referent {
  /** As it stands in the middle of a sentence: Mina, the old keeper. */
  readonly text: string;
  readonly plural: boolean;
  readonly person: boolean;
  /** The pronoun that a name or a word tells; undefined where it may be either. */
  readonly pronoun?: 'he' | 'she' | undefined;
  /** Spoken of without being the subject: it may be meant, but never surely. */
  readonly aside?: boolean;
}

export interface PlainStatement {
  /** A whole sentence with a capital and a full stop, its subject named. */
  readonly text: string;
  readonly analysis: SentenceAnalysis;
  readonly parts: ClauseParts;
  readonly subject: Referent;
  readonly sentence: PassageSentence;
  /** The pronoun that stands there for the subject, where one does. */
  readonly pronoun?: string;
}

const female =
  /^(?:mother|mum|mom|grandma|gran|grandmother|aunt|sister|daughter|girl|woman|lady|queen|princess|wife|niece)$/;
const male =
  /^(?:father|dad|grandpa|grandad|grandfather|uncle|brother|son|boy|man|king|prince|husband|nephew|fisherman|postman)$/;
const people =
  /^(?:farmer|teacher|keeper|friend|sailor|doctor|captain|pupil|learner|scientist|miller|shepherd|neighbou?r|poet|writer|reader|visitor|guard|child|children|people|men|women|person|baker|driver|nurse|baby|crew|twins?|cousin|parents?|grandparents?|owner|ranger|vicar|mayor|guest|customer|player|winner|leader|member|passenger|stranger|witch|wizard|giant|thief|robber|pirate|soldier|clown|artist|singer|actor|waiter)s?$/;
/** Classes of people that act as one. */
const groups = /^(?:club|team|class|family|crowd|band|crew)$/;

export function isPersonNoun(noun: string, lexicon: Lexicon): boolean {
  const base = noun.replace(/s$/, '');
  if (female.test(base) || male.test(base) || people.test(noun)) return true;
  if (/(?:keeper|man|men|woman|women|person|worker|fighter|maker)s?$/.test(noun)) return true;
  return [noun, base].some((word) =>
    lexicon
      .topicsOf(word)
      .some((topic) => topic === 'people' || topic === 'family' || topic === 'jobs'),
  );
}

const capital = (text: string) => text.charAt(0).toUpperCase() + text.slice(1);
const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1);

/** The main clauses of a sentence as sentences of their own; a shared subject is said again. */
function clausesAlone(text: string, analysis: SentenceAnalysis): string[] {
  const { tokens, clauses } = analysis;
  const mains = clauseExtents(tokens, clauses).filter(({ clause }) => clause.kind === 'main');
  if (mains.length < 2) return [text];
  const starts = mains.map(({ from }) => from);
  let subject = '';
  return mains.flatMap(({ clause, from }, index): string[] => {
    const first = clause.joiner ? clause.joiner.at + 1 : from;
    const end = starts[index + 1] ?? tokens.length;
    const last = tokens.slice(first, end).findLast(({ mark }) => !mark);
    const opener = tokens[index === 0 ? 0 : clause.shares ? clause.group.finite.at : first];
    if (last === undefined || opener === undefined) return [];
    // Green and black tea look and taste different: cut after its verb the half says nothing.
    const goesOn = mains[index + 1]?.clause.shares === true;
    if (
      goesOn &&
      clause.group.verb.at === last.at &&
      linkingVerbs.has(clause.group.verb.base ?? '')
    )
      return [];
    const said = text.slice(opener.start, last.end);
    const own = clauseParts(tokens, clause, clauses).subject;
    const [head] = own;
    const tail = own[own.length - 1];
    if (head && tail) subject = text.slice(head.start, tail.end);
    if (clause.shares && index > 0) return subject === '' ? [] : [`${capital(subject)} ${said}.`];
    return [`${capital(said)}.`];
  });
}

const pronouns = /^(?:he|she|it|they)$/;

const placed =
  /^(?:in|on|at|under|behind|beside|near|above|below|between|among|inside|outside|opposite|over|beyond|beneath|from|into|through|round|around|against|by|with|of|to)$/;

/** Aunt Noor, Dad, Wren's pumpkin keep their capital in the middle of a sentence. */
const keepsCapital = (said: string, names: ReadonlySet<string>) =>
  /^(?:Aunt|Uncle|Mum|Mom|Dad|Gran|Granny|Grandma|Grandpa|Grandad)\b/.test(said) ||
  names.has((/^[\p{L}-]+/u.exec(said)?.[0] ?? '').toLowerCase());

const timeNoun =
  /^(?:morning|afternoon|evening|night|day|week|month|year|spring|summer|autumn|winter|time|step)s?$/;

/** Two phrases taken as one: the hut they had looked for, 4 January 1953 the wind, the next morning boats. */
const takesInMore = (phrase: readonly TaggedToken[]) =>
  phrase.some(
    ({ tag, lower: word }, at) =>
      word === 'ago' ||
      (at > 0 && tag === 'pronoun-subject') ||
      (at > 0 && tag === 'determiner' && phrase[at - 1]?.tag === 'number') ||
      (at < phrase.length - 1 &&
        timeNoun.test(word) &&
        /^(?:noun|nouns|name|determiner)$/.test(phrase[at + 1]?.tag ?? '')),
  );

/** A lead with a second clause in it, or with the first of those that do it together. */
function holdsMore(lead: readonly TaggedToken[], before: TaggedToken | undefined): boolean {
  const joint = before?.lower === 'and' && lead.length > 2;
  const listed =
    before?.text === ',' &&
    /^(?:noun|nouns)$/.test(lead[0]?.tag ?? '') &&
    !lead.some(({ tag }) => tag === 'preposition');
  return joint || listed;
}

/** What a subject means by itself; undefined for I, you, this and the like. */
function referentOf(
  text: string,
  subject: readonly TaggedToken[],
  { names, material }: Passage,
  lexicon: Lexicon,
): Referent | undefined {
  const [first] = subject;
  const last = subject[subject.length - 1];
  if (first === undefined || last === undefined || takesInMore(subject)) return undefined;
  // The head stands before a phrase with of or a clause with who.
  const cut = subject.findIndex(
    ({ tag, lower: word }, at) =>
      at > 0 &&
      (/^(?:preposition|relative|comma)$/.test(tag) ||
        /^(?:that|which|who|whose|where)$/.test(word)),
  );
  const phrase = cut < 0 ? subject : subject.slice(0, cut);
  const head = phrase[phrase.length - 1] ?? last;
  const said = text.slice(first.start, last.end);
  const noun = head.base ?? head.lower;
  const both = subject.some(({ lower: word }) => word === 'and');
  const named = names.has(first.lower.replace(/['’]s$/, '')) && /^\p{Lu}/u.test(first.text);
  // Her brother Bram is Bram; Mrs Hall and Daniel Okoro are what they are called.
  const owned = /^(?:his|her|their|my|our)$/.test(first.lower) && phrase.length > 2;
  if (!both && owned && names.has(head.lower) && /^\p{Lu}/u.test(head.text)) {
    return { text: head.text, plural: false, person: true, pronoun: pronounOfName(head.text) };
  }
  const titled = /^(?:Mr|Mrs|Ms|Miss|Dr)$/.exec(first.text)?.[0];
  if (!both && (named || titled) && subject.every(({ text: word }) => /^\p{Lu}/u.test(word))) {
    const pronoun =
      titled === 'Mr' ? 'he' : /^M(?:rs|s|iss)$/.test(titled ?? '') ? 'she' : undefined;
    return {
      text: said,
      plural: false,
      person: !isPlaceName(said, material.body),
      pronoun: pronoun ?? pronounOfName(first.text),
    };
  }
  if (both) {
    const place = named && isPlaceName(first.text, material.body);
    return {
      text: named ? said : lower(said),
      plural: true,
      person: (named && !place) || isPersonNoun(head.lower, lexicon),
    };
  }
  if (!/^(?:determiner|name|noun|nouns|adjective|number)$/.test(first.tag)) return undefined;
  if (/^(?:this|that|these|those|my|our|your|nobody|everybody|i|we|you)$/.test(first.lower))
    return undefined;
  // One in the centre of Bristol: one of what?
  if (first.lower === 'one' && !/^(?:noun|adjective)$/.test(subject[1]?.tag ?? ''))
    return undefined;
  const plural = head.tag === 'nouns' || head.plural === true;
  const person = isPersonNoun(head.lower, lexicon) || groups.test(head.lower);
  return {
    text: first.tag === 'name' || keepsCapital(said, names) ? said : lower(said),
    plural,
    person,
    pronoun: female.test(noun) ? 'she' : male.test(noun) ? 'he' : undefined,
  };
}

/** The one thing a pronoun can mean among what was last spoken of; undefined where there are two, or none. */
function meantBy(pronoun: string, recent: readonly Referent[]): Referent | undefined {
  const fits = recent.filter((each) => {
    if (pronoun === 'they') return each.plural;
    if (each.plural) return false;
    if (pronoun === 'it') return !each.person;
    return each.person && (each.pronoun === undefined || each.pronoun === pronoun);
  });
  // Daniel Okoro is Daniel.
  // The keeper is a keeper.
  const keyOf = ({ text }: Referent) =>
    /^\p{Lu}/u.test(text) ? (text.split(' ')[0] ?? text) : text.replace(/^(?:an?|the) /, '');
  // Where it was a subject once, it can be meant.
  const ordered = [...fits].sort(
    (left, right) => Number(right.aside ?? false) - Number(left.aside ?? false),
  );
  const different = [...new Map(ordered.map((each) => [keyOf(each), each])).values()];
  const [only] = different;
  return different.length === 1 && only?.aside !== true ? only : undefined;
}

/** People of a sentence, named or called by what they are, wherever they stand in it. */
function othersIn(
  text: string,
  tokens: readonly TaggedToken[],
  { people: names, material }: Passage,
  lexicon: Lexicon,
): Referent[] {
  const named = names
    .filter((name) => text.includes(name) && !isPlaceName(name, material.body))
    .map((name) => ({ text: name, pronoun: pronounOfName(name) }));
  const called = tokens
    .filter(
      // Her brother Bram is named.
      ({ tag, lower: word, at }) =>
        tag === 'noun' && isPersonNoun(word, lexicon) && tokens[at + 1]?.tag !== 'name',
    )
    .map(({ lower: word }) => ({
      text: `the ${word}`,
      pronoun: female.test(word) ? ('she' as const) : male.test(word) ? ('he' as const) : undefined,
    }));
  return [...named, ...called].map((who) => ({
    ...who,
    plural: false,
    person: true,
    aside: true,
  }));
}

/** Whether one is spoken of in what another is called: the driver in the bus driver. */
const isAmong = (who: Referent, { text }: Referent) =>
  text.split(' ').includes(who.text.replace(/^the /, ''));

const opens =
  /^(?:when|whenever|as|if|while|after|before|because|although|though|since|until|once)$/;

/**
 * When rain falls, it picks up …: what the clause before the pronoun speaks of may be meant, though
 * never surely.
 */
function spokenOfBefore(
  tokens: readonly TaggedToken[],
  pronoun: TaggedToken,
  lexicon: Lexicon,
): Referent[] {
  if (!opens.test(tokens[0]?.lower ?? '')) return [];
  return tokens
    .filter(({ tag, at }) => at < pronoun.at && /^(?:noun|nouns|name)$/.test(tag))
    .map(({ text, lower: word, tag }) => ({
      text,
      plural: tag === 'nouns',
      person: isPersonNoun(word, lexicon) || (tag === 'name' && /^\p{Lu}/u.test(text)),
      ...(tag === 'name' ? { pronoun: pronounOfName(text) } : {}),
      aside: true,
    }));
}

/** Sentences back in which somebody is still spoken of; a thing is soon another. */
const MEMORY = { person: 3, thing: 1 };

/**
 * Orders of words in which who does what is taken wrongly: … and Tomas, the gardener, moved it; a
 * week later came a note; so did the cello; a stage direction in brackets; what is said in single
 * quotation marks.
 */
const misread = [
  /\band (?:\p{L}+ )?\p{L}+, (?:the|a|an|his|her|our|my|their) [^,]+, /u,
  /\b(?:later|then|there|here|next|soon) (?:came|went|stood|lay|sat|hung|rose|fell|followed|arrived|appeared)\b/i,
  /\b(?:out|off|up|down|away|in|round|along|over) (?:went|came|flew|fell|ran|jumped|rolled|shot)\b/i,
  /\bso (?:do|does|did|is|was|were|has|have|had|can|could|will|would)\b/i,
  /[()[\]]/,
  /(?:^|\s)['‘]\p{L}/u,
];

export function statementsOf(passage: Passage, lexicon: Lexicon): PlainStatement[] {
  const found: PlainStatement[] = [];
  let spoken: { readonly at: number; readonly who: Referent }[] = [];
  passage.sentences.forEach((sentence, at) => {
    const before = passage.sentences[at - 1];
    if (before && before.paragraph !== sentence.paragraph) spoken = spoken.slice(-2);
    if (/["“”]/.test(sentence.text) || sentence.speaker !== undefined) return;
    // A baker called Adrian saved them; a warm layer called down: called is no verb of the sentence.
    if (/\b(?:called|named) \p{Lu}/u.test(sentence.text)) return;
    if (/\b(?:a|an|the) (?:\p{L}+,? ){1,4}(?:called|named) \p{L}/u.test(sentence.text)) return;
    const whole = analyseSentence(sentence.text, lexicon);
    if (!whole.sure || whole.type !== 'declarative' || whole.completeness !== 'complete') return;
    if (misread.some((pattern) => pattern.test(sentence.text))) return;
    for (const text of clausesAlone(sentence.text, whole)) {
      const analysis = text === sentence.text ? whole : analyseSentence(text, lexicon);
      const { main, tokens, clauses } = analysis;
      if (main === undefined || !analysis.sure || analysis.completeness !== 'complete') continue;
      if (analysis.type !== 'declarative' || main.group.imperative) continue;
      const parts = clauseParts(tokens, main, clauses);
      const [first] = parts.subject;
      if (first === undefined) continue;
      // In May swifts return and build: what was taken for the subject is only a joint.
      if (/^(?:and|but|or|nor|so|yet)$/.test(first.lower)) continue;
      // The sun heats the pools, and the water …; frogs, ducks and dragonflies: not all is before the verb that is.
      if (holdsMore(parts.lead, tokens[first.at - 1])) continue;
      // Behind the table sat Mr Kofi: the table did not sit.
      if (parts.turned || placed.test(tokens[first.at - 1]?.lower ?? '')) continue;
      // Whoever is named beside the pronoun is somebody else.
      const recent = spoken
        .filter(({ at: back, who }) => at - back <= MEMORY[who.person ? 'person' : 'thing'])
        .map(({ who }) => who)
        .filter((who) => !text.includes(who.text));
      if (parts.subject.length === 1 && pronouns.test(first.lower)) {
        const who = meantBy(first.lower, [...recent, ...spokenOfBefore(tokens, first, lexicon)]);
        if (who === undefined) continue;
        spoken.push({ at, who });
        const named = `${text.slice(0, first.start)}${first.start === 0 ? capital(who.text) : who.text}${text.slice(first.end)}`;
        const again = analyseSentence(named, lexicon);
        if (again.main === undefined || !again.sure) continue;
        found.push({
          text: named,
          analysis: again,
          parts: clauseParts(again.tokens, again.main, again.clauses),
          subject: who,
          sentence,
          pronoun: first.text,
        });
        continue;
      }
      const who = referentOf(text, parts.subject, passage, lexicon);
      if (who === undefined) continue;
      spoken.push({ at, who });
      found.push({ text, analysis, parts, subject: who, sentence });
      // Mina met Asha: she may be either.
      for (const { name, tokens: others } of parts.parts) {
        if (!/^(?:object|to whom|agent)$/.test(name)) continue;
        const other = referentOf(text, others, passage, lexicon);
        if (other !== undefined) spoken.push({ at, who: { ...other, aside: true } });
      }
    }
    // Whoever else is named in the sentence can be meant as well.
    for (const who of othersIn(sentence.text, whole.tokens, passage, lexicon)) {
      const known = spoken.some(
        ({ at: when, who: one }) => when === at && one.person && isAmong(who, one),
      );
      if (!known) spoken.push({ at, who });
    }
  });
  return found;
}
