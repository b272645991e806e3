/** Every way to read a token by itself, with what each costs: closed classes by list, the rest by the word bank. */
import { verbFormsOf } from '../../forms/verb-form-of';
import { irregularForm } from '../../words/irregular-base';
import type { Lexicon } from '../../lexicon/lexicon';
import type { Token } from '../tokens/token';
import { alsoOpen, closedReadings } from './closed-class';
import { weekdaysAndMonths } from './names';
import type { Tag, WordReading } from './tag';

/** Shares of noun, verb, adjective and adverb, 0 to 9. */
type Shares = readonly [noun: number, verb: number, adjective: number, adverb: number];

const sharesOf = (word: string, lexicon: Lexicon): Shares | undefined => {
  const entry = lexicon.find(word);
  if (entry === undefined) return undefined;
  const digits = [...entry.shares].map(Number);
  return [digits[0] ?? 0, digits[1] ?? 0, digits[2] ?? 0, digits[3] ?? 0];
};

/** A share as a cost: nearly always 0, half the time 0.5, hardly ever 1.6. */
const costOf = (share: number) => Math.round(Math.log(9 / Math.max(share, 0.4)) * 75) / 100;

/** Participles that are adjectives of their own after be: bored, interested. */
export const adjectivalParticiples = new Set(
  `tired bored excited interested worried pleased scared frightened surprised delighted amazed annoyed confused
   disappointed embarrassed exhausted fascinated relaxed satisfied shocked upset married engaged crowded ashamed
   concerned determined experienced gifted skilled talented wicked naked ragged rugged beloved aged complicated
   drunk lost gone finished thrilled terrified puzzled depressed devoted unexpected unlocked unhurt unharmed
   well-known worn-out broken-down so-called old-fashioned deserted inclined convinced accustomed haunted stuck
   retired impressed relieved alarmed horrified disgusted flattered obliged prepared qualified organised organized
   divorced mistaken swollen unemployed unimpressed overjoyed offended startled unprepared dissatisfied
   fed-up astonished amused motivated packed`.split(/\s+/),
);

/** Adjectives in -ing: after be they say what something is like. */
const ingAdjectives = new Set(
  `boring interesting exciting amazing surprising tiring frightening confusing disappointing annoying relaxing
   charming shocking worrying embarrassing missing willing outstanding amusing exhausting thrilling promising
   disgusting refreshing terrifying fascinating stunning striking misleading challenging convincing demanding
   encouraging satisfying inspiring depressing`.split(/\s+/),
);

const tagOfForm: Readonly<Record<string, Tag>> = {
  third: 'third',
  past: 'past',
  participle: 'participle',
  ing: 'ing',
};

/** Plural of a noun, by its ending or by the table of irregulars. */
function singularOf(word: string, lexicon: Lexicon): string | undefined {
  const irregular = irregularForm(word);
  if (irregular?.what === 'plural') return irregular.base;
  const man = word.endsWith('men') ? `${word.slice(0, -2)}an` : '';
  if (man !== '' && sharesOf(man, lexicon) !== undefined) return man;
  if (!word.endsWith('s') || word.length < 3 || /(ss|us|is)$/.test(word)) return undefined;
  const nounShare = (base: string) => sharesOf(base, lexicon)?.[0] ?? 0;
  const bases = [
    ...(word.endsWith('ies') ? [`${word.slice(0, -3)}y`] : []),
    ...(word.endsWith('ves') ? [`${word.slice(0, -3)}f`, `${word.slice(0, -3)}fe`] : []),
    word.slice(0, -1),
    ...(word.endsWith('es') ? [word.slice(0, -2)] : []),
  ];
  return bases.find((base) => nounShare(base) > 0);
}

/** Adverbs in careless speech only: school grammars know them as adjectives (did good work). */
const notAdverbs = new Set(['good', 'bad', 'real']);

/** What an ending tells of a word that the word bank does not know. */
function guessed(word: string): WordReading[] {
  if (/ly$/.test(word))
    return [
      { tag: 'adverb', cost: 0.2 },
      { tag: 'adjective', cost: 1 },
    ];
  if (/ing$/.test(word))
    return [
      { tag: 'ing', cost: 0.2 },
      { tag: 'noun', cost: 0.6 },
    ];
  if (/ed$/.test(word)) {
    const base = word.replace(/ed$/, '');
    return [
      { tag: 'past', cost: 0.3, base },
      { tag: 'participle', cost: 0.3, base },
      { tag: 'adjective', cost: 0.6 },
    ];
  }
  if (/(ism|ness|ity|tion|sion|ment|ship|hood|age|ance|ence|or|er|ist)$/.test(word))
    return [
      { tag: 'noun', cost: 0.1, plural: false },
      { tag: 'adjective', cost: 1.6 },
    ];
  if (/(ous|ful|less|able|ible|ish|ic|ive|al|ant|ent|ary)$/.test(word)) {
    return [
      { tag: 'adjective', cost: 0.2 },
      { tag: 'noun', cost: 0.9 },
    ];
  }
  if (/[^s]s$/.test(word)) {
    return [
      { tag: 'nouns', cost: 0.2, plural: true },
      { tag: 'third', cost: 1, base: word.replace(/s$/, '') },
    ];
  }
  return [
    { tag: 'noun', cost: 0.2 },
    { tag: 'adjective', cost: 1.1 },
    { tag: 'base', cost: 1.5, base: word },
    { tag: 'present', cost: 1.6, base: word },
  ];
}

/** Nouns with one form for one and for many. */
const sameForm = new Set('sheep fish deer series species aircraft'.split(' '));

/** Nouns whose verb may be singular or plural. */
const collective = new Set(
  `team family police class club crew crowd group government staff committee public audience band choir army
   council pair majority rest half number couple company cattle poultry`.split(/\s+/),
);

/** Verbs that the word bank also has as nouns, which hardly anybody means. */
const rarelyNouns = new Set(
  'come go get give know say see tell keep let make put take think find hear lose bring like'.split(
    ' ',
  ),
);

/** Readings of a word of an open class in lower case. */
function openReadings(word: string, lexicon: Lexicon): WordReading[] {
  const hyphened = /-/.test(word) && lexicon.find(word) === undefined;
  if (hyphened) {
    const last = word.slice(word.lastIndexOf('-') + 1);
    const ends = openReadings(last, lexicon);
    const verbs = ends
      .filter(({ tag }) => /^(?:third|past|participle|ing)$/.test(tag))
      .map((one) => ({
        ...one,
        cost: one.cost + 0.8,
        base: `${word.slice(0, -last.length)}${one.base ?? ''}`,
      }));
    const noun = ends.some(({ tag, cost }) => (tag === 'noun' || tag === 'nouns') && cost < 0.8);
    const plural = ends.some(({ tag }) => tag === 'nouns');
    return [
      { tag: 'adjective', cost: noun ? 0.3 : 0.1 },
      ...(noun ? [{ tag: plural ? 'nouns' : 'noun', cost: 0.2, plural } as const] : []),
      ...verbs,
    ];
  }
  const shares = sharesOf(word, lexicon);
  const readings: WordReading[] = [];
  const verbs = verbFormsOf(word, lexicon);
  const inflected = verbs.filter(({ form, base }) => form !== 'base' && base !== word);
  if (shares === undefined && verbs.length === 0) {
    const plural = singularOf(word, lexicon);
    return plural ? [{ tag: 'nouns', cost: 0, base: plural, plural: true }] : guessed(word);
  }
  const [noun, verb, adjective, adverb] = shares ?? [0, 9, 0, 0];
  const singular = singularOf(word, lexicon);
  if (singular !== undefined) {
    readings.push({
      tag: 'nouns',
      cost: costOf(Math.max(noun, 2)) + (rarelyNouns.has(singular) ? 1.5 : 0),
      base: singular,
      plural: true,
    });
  } else if (noun > 0) {
    // Found, felt, left: as a rule the past of a verb.
    const rare = (noun === 1 && inflected.length > 0 ? 1.2 : 0) + (rarelyNouns.has(word) ? 1.5 : 0);
    readings.push({
      tag: 'noun',
      cost: costOf(noun) + rare,
      // The team plays, the team play.
      ...(collective.has(word) ? {} : { plural: false }),
    });
    if (sameForm.has(word)) readings.push({ tag: 'nouns', cost: 0.3, plural: true });
  }
  if (adjective > 0) {
    const rare = adjective === 1 && inflected.length > 0 && !word.endsWith('ed') ? 1 : 0;
    readings.push({
      tag: 'adjective',
      cost: ingAdjectives.has(word) ? 0.1 : costOf(adjective) + rare,
    });
  }
  if (adverb > 0 && !notAdverbs.has(word)) {
    readings.push({ tag: 'adverb', cost: costOf(adverb) });
  }
  for (const { base, form } of verbs) {
    if (form === 'base') {
      // An inflected form is a base of its own only where its table says so: found, saw, lay.
      if (
        inflected.length > 0 &&
        !/^(?:found|saw|lay|ground|fell|wound|felt|left|bound|rose|shed|set)$/.test(word)
      )
        continue;
      const rare = inflected.length > 0 ? 3.6 : 0;
      const cost = costOf(verb) + rare;
      readings.push(
        { tag: 'base', cost, base },
        { tag: 'present', cost: cost + 0.1, base, plural: true },
      );
      continue;
    }
    const tag = tagOfForm[form] as Tag;
    const state = tag === 'participle' && adjectivalParticiples.has(word) ? 0.6 : 0;
    const own = (base === word ? 0.1 : 0) + (ingAdjectives.has(word) ? 1 : 0) + state;
    const cost = costOf(Math.max(verb, tag === 'past' || tag === 'participle' ? 4 : 1)) + own;
    readings.push({ tag, cost, base, ...(tag === 'third' ? { plural: false } : {}) });
  }
  if ((adjectivalParticiples.has(word) || ingAdjectives.has(word)) && adjective === 0)
    readings.push({ tag: 'adjective', cost: 0.2 });
  // Any -ing form can name what is done: swimming is fun.
  if (readings.some(({ tag }) => tag === 'ing') && !readings.some(({ tag }) => tag === 'noun')) {
    readings.push({ tag: 'noun', cost: 1.2, plural: false });
  }
  return readings.length > 0 ? readings : guessed(word);
}

const marks: Readonly<Record<string, Tag>> = {
  ',': 'comma',
  ';': 'stop',
  ':': 'stop',
  '.': 'stop',
  '!': 'stop',
  '?': 'stop',
  '…': 'stop',
  '...': 'stop',
  '–': 'dash',
  '—': 'dash',
  '-': 'dash',
  '(': 'dash',
  ')': 'dash',
};

const layObject = (tokens: readonly Token[], at: number): boolean =>
  /^(?:the|a|an|this|these|your|his|her|its|their|our|my|one|two|many|some)$/.test(
    tokens[at + 1]?.lower ?? '',
  ) ||
  [1, 2, 3].some((ahead) =>
    /^(?:eggs?|bricks?|tables?|tiles)$/.test(tokens[at + ahead]?.lower ?? ''),
  );

const beforeNoun =
  /^(?:the|an?|his|her|my|your|their|our|its|'s|free|iron|last|own|strong|ill|good|tin|empty|this|that|each|every|watering|with|in|of|dear)$/;

const timeNoun =
  /^(?:day|night|week|weekend|month|year|time|spring|summer|autumn|winter|term|century|(?:mon|tues|wednes|thurs|fri|satur|sun)day|january|february|march|april|may|june|july|august|september|october|november|december)$/;

const isCapital = (text: string) => /^\p{Lu}/u.test(text);

/** The readings of token `at`. */
export function readingsOf(tokens: readonly Token[], at: number, lexicon: Lexicon): WordReading[] {
  const token = tokens[at] as Token;
  if (token.mark) return [{ tag: marks[token.text] ?? 'quote', cost: 0 }];
  const { lower } = token;
  const half = at > 0 && tokens[at - 1]?.joined === true;
  if (
    half &&
    lower === "'d" &&
    /^(?:like|love|rather|prefer|hate)$/.test(tokens[at + 1]?.lower ?? '')
  ) {
    return [{ tag: 'modal', cost: 0, full: 'would' }];
  }
  if (half && lower === "'d" && tokens[at + 1]?.lower === 'better') {
    return [{ tag: 'modal', cost: 0, full: 'had better' }];
  }
  if (half) return halfReadings(token);
  if (/^\d/.test(lower)) return [{ tag: 'number', cost: 0 }];
  if (/^(?:AM|PM)$/.test(token.text) && tokens[at - 1] !== undefined)
    return [{ tag: 'noun', cost: 0 }];
  const first =
    !tokens.slice(0, at).some(({ mark }) => !mark) || /^[.!?"“]$/.test(tokens[at - 1]?.text ?? '');
  const word = token.full ?? lower;
  const closed = closedReadings(word);
  const readings: WordReading[] = closed.map((reading) => ({ ...reading }));
  const following = tokens[at + 1]?.lower;
  if (/^(?:next|last)$/.test(lower) && timeNoun.test(following ?? ''))
    return [{ tag: 'adjective', cost: 0 }];
  // Most of the boats, all your books.
  if (/^(?:most|all|some|many|few|both|none|half)$/.test(lower) && following === 'of')
    return [{ tag: 'pronoun', cost: 0, ...(lower === 'none' ? {} : { plural: true }) }];
  if (
    /^(?:all|both|half)$/.test(lower) &&
    /^(?:the|my|your|his|her|its|our|their|these|those|this|that)$/.test(following ?? '')
  )
    return [{ tag: 'determiner', cost: 0 }];
  const earlier = tokens[at - 1]?.lower ?? '';
  // Grows only in the hills; but the only one.
  if (lower === 'only' && !/^(?:the|an|my|your|his|her|its|our|their|this|'s)$/.test(earlier))
    return [{ tag: 'adverb', cost: 0 }];
  // Much easier, a little longer.
  const compares = /(?:er|^more|^less|^worse|^too)$/.test(following ?? '');
  if (compares && (lower === 'much' || (lower === 'little' && earlier === 'a')))
    return [{ tag: 'adverb', cost: 0 }];
  if (lower === 'well' && /^(?:the|a|this|that|our|their|deep|old|new)$/.test(earlier))
    return [{ tag: 'noun', cost: 0, plural: false }];
  // Do be careful: do adds weight to a command.
  // In the winter of 2010 the pond froze: before an article it is no adverb.
  if (
    lower === 'in' &&
    first &&
    /^(?:the|an?|his|her|its|our|their|this|that)$/.test(following ?? '')
  )
    return [{ tag: 'preposition', cost: 0 }];
  if (lower === 'do' && first && following === 'be') return [{ tag: 'adverb', cost: 0 }];
  if ((lower === 'upside' && following === 'down') || (lower === 'down' && earlier === 'upside'))
    return [{ tag: 'adverb', cost: 0 }];
  // Nearby farms; but they live nearby.
  if (lower === 'nearby')
    return [
      { tag: 'adjective', cost: 0 },
      { tag: 'adverb', cost: 0.1 },
    ];
  if (lower === 'because' && following === 'of') return [{ tag: 'preposition', cost: 0 }];
  // So that everyone could hear.
  if (
    lower === 'that' &&
    at === 1 &&
    tokens[0]?.lower === 'so' &&
    !/^(?:'s|is|was|will|must|can|means|meant)$/.test(following ?? '')
  )
    return [{ tag: 'that', cost: 0 }];
  if (lower === 'such' && following === 'as') return [{ tag: 'preposition', cost: 0 }];
  // Had better is a modal of its own.
  if (lower === 'had' && following === 'better')
    return [{ tag: 'modal', cost: 0, full: 'had better' }];
  if (lower === 'better' && /^(?:had|'d)$/.test(tokens[at - 1]?.lower ?? ''))
    return [{ tag: 'adverb', cost: 0 }];
  // As soon as, as long as: the second as opens the clause.
  if (lower === 'as' && /^(?:soon|long)$/.test(following ?? '') && tokens[at + 2]?.lower === 'as') {
    return [{ tag: 'adverb', cost: 0 }];
  }
  // Hens lay eggs: with an object it is lay, without it the past of lie.
  if (lower === 'lay' && layObject(tokens, at)) {
    return [
      { tag: 'present', cost: 0, base: 'lay', plural: true },
      { tag: 'base', cost: 0, base: 'lay' },
    ];
  }
  // There used to be a market: no place, but the there of there is.
  if (
    lower === 'there' &&
    /^(?:is|'s|are|was|were|will|'ll|be|been|used|must|might|may|can|should|could|would|has|have|had|seems?)$/.test(
      following ?? '',
    )
  ) {
    return [
      { tag: 'there', cost: 0 },
      { tag: 'adverb', cost: 0.8 },
    ];
  }
  const modal = readings.find(({ tag }) => tag === 'modal');
  if (modal && token.full)
    readings.splice(readings.indexOf(modal), 1, { ...modal, full: token.full });
  const open = closed.length === 0 || alsoOpen.has(word);
  if (open) {
    // Beside closed readings an open one is the rarer.
    for (const reading of openReadings(word, lexicon)) {
      const known = readings.find(({ tag }) => tag === reading.tag);
      if (known === undefined) {
        // The will, a tin can: the noun that looks like a modal has a word before it.
        const bare =
          reading.tag === 'noun' &&
          closed.some(({ tag }) => tag === 'modal') &&
          !beforeNoun.test(tokens[at - 1]?.lower ?? '');
        const rarer = closed.length > 0 ? (bare ? 2.8 : 0.8) : 0;
        readings.push({ ...reading, cost: reading.cost + rarer });
      }
    }
  }
  if (isCapital(token.text) && word !== 'i') {
    const known = lexicon.find(word) !== undefined || closed.length > 0;
    if (weekdaysAndMonths.has(lower)) {
      const verb = lower === 'march' || lower === 'may';
      readings.push({ tag: 'name', cost: verb && first ? 1 : 0 });
      if (!verb) return [{ tag: 'name', cost: 0, plural: false }];
    } else if (!first) {
      // A capital in the middle of a sentence begins a name.
      if (closed.length === 0 || closed.every(({ tag }) => tag === 'modal')) {
        const adjectiveOnly = readings.find(({ tag, cost }) => tag === 'adjective' && cost < 0.3);
        return [
          { tag: 'name', cost: 0, plural: false },
          ...(adjectiveOnly && closed.length === 0 ? [{ ...adjectiveOnly, cost: 0.1 }] : []),
          ...readings.filter(({ tag }) => tag === 'modal').map((one) => ({ ...one, cost: 0.6 })),
        ];
      }
    } else if (
      !known &&
      verbFormsOf(lower, lexicon).length === 0 &&
      singularOf(lower, lexicon) === undefined
    ) {
      return [
        { tag: 'name', cost: 0, plural: false },
        ...guessed(lower).map((one) => ({ ...one, cost: one.cost + 1 })),
      ];
    } else if (closed.length === 0 || word === 'will' || word === 'may') {
      // A verb that everyone knows is hardly a name.
      const verb = readings.some(({ tag, cost }) => tag === 'base' && cost < 0.3);
      readings.push({ tag: 'name', cost: verb ? 2.6 : 1.9, plural: false });
    }
  }
  // In which drawer are they? What begins a question is no relative pronoun.
  if (
    at === 1 &&
    /^(?:which|whose|whom|what)$/.test(lower) &&
    tokens[tokens.length - 1]?.text === '?'
  )
    return readings.filter(({ tag }) => tag !== 'relative');
  // A dark, damp cave: of two words with a comma between the first is an adjective too.
  if (following === ',' && /^(?:the|an?|this|that|his|her|its|their|our|my|your)$/.test(earlier)) {
    const shares = sharesOf(lower, lexicon);
    const next = sharesOf(tokens[at + 2]?.lower ?? '', lexicon);
    if ((shares?.[2] ?? 0) >= 2 && (next?.[2] ?? 0) >= 4)
      return readings.map((one) => (one.tag === 'noun' ? { ...one, cost: one.cost + 1 } : one));
  }
  return readings;
}

/** The second half of a contraction: its letters leave few ways to read it. */
function halfReadings({ lower, full }: Token): WordReading[] {
  switch (lower) {
    case "n't":
      return [{ tag: 'not', cost: 0, full: 'not' }];
    case "'ll":
      return [{ tag: 'modal', cost: 0, full: 'will' }];
    case "'m":
    case "'re":
      return [{ tag: 'be', cost: 0, base: 'be', form: 'present', full: full ?? 'are' }];
    case "'ve":
      return [
        { tag: 'have', cost: 0, base: 'have', form: 'present', full: 'have' },
        { tag: 'have', cost: 0, base: 'have', form: 'base', full: 'have' },
      ];
    case "'d":
      return [
        { tag: 'modal', cost: 0.1, full: 'would' },
        { tag: 'have', cost: 0.1, base: 'have', form: 'past', full: 'had' },
      ];
    case "'s":
      if (full === 'us') return [{ tag: 'pronoun-object', cost: 0, full: 'us' }];
      return [
        { tag: 'be', cost: 0.1, base: 'be', form: 'present', plural: false, full: 'is' },
        { tag: 'have', cost: 0.2, base: 'have', form: 'present', plural: false, full: 'has' },
        { tag: 'possessive', cost: 0.1 },
      ];
    case 'not':
      return [{ tag: 'not', cost: 0, full: 'not' }];
    default:
      return [{ tag: 'possessive', cost: 0 }];
  }
}
