/** Any form of an English word by its suffix, with the rule, exceptions first. */
import type { Spelling } from '../../../kernel/spelling';
import type { Reading } from '../lexicon/lexicon';
import { agentForm, deriveRules, prefixForm, prefixNames, tionForm, type Prefix } from './derive';
import { doublingForLearner, ingForm, ingRules } from './ing';
import type { Inflection } from './inflection';
import { learnedForm } from './learned-forms';
import { irregularPlurals } from './irregular-plurals';
import { irregularVerb } from './irregular-verbs';
import {
  joinConsonantSuffix,
  joinRules,
  joinVowelSuffix,
  type Joined,
  type JoinRuleName,
} from './join';

export const suffixes = [
  'ing',
  's',
  'ed',
  'er',
  'er-agent',
  'est',
  'ly',
  'y',
  'y-adj',
  'ful',
  'less',
  'ness',
  'ment',
  'able',
  'ish',
  'en',
  'tion',
  ...prefixNames,
] as const;
export type Suffix = (typeof suffixes)[number];

export interface InflectOptions {
  /** The base's reading, for its stress and its vowel; without one the letters decide. */
  readonly reading?: Reading;
  readonly spelling?: Spelling;
  /** The word class wanted where -s makes two forms: a noun's plural or a verb's third person. */
  readonly wordClass?: 'noun' | 'verb';
  /** Whether a form is a word in use; asked where letters alone cannot settle it. */
  readonly isWord?: (word: string) => boolean;
}

interface RuleText {
  readonly name: string;
  readonly learner: string;
}

/** Rules that belong to one suffix. */
const ownRules: Readonly<Record<string, RuleText>> = {
  irregular: { name: 'irregular: learn it', learner: 'This one has its own form: learn it.' },
  'add-es': { name: 'add -es', learner: 'A hissing sound at the end: add es.' },
  'o-to-oes': { name: 'o: add -es', learner: 'This word in o takes es.' },
  'f-to-ves': { name: 'f becomes ves', learner: 'Change the f to v and add es.' },
  'same-form': { name: 'no change', learner: 'One or many: the word stays the same.' },
  'not-counted': { name: 'not counted', learner: 'We do not count this: it has no plural.' },
  'no-form': { name: 'no such form', learner: 'Nobody says that.' },
  'more-most': { name: 'more and most', learner: 'A long word: put more or most before it.' },
};

/** The name and the learner's wording of any rule. */
export function ruleText(rule: string): RuleText {
  return (
    ownRules[rule] ??
    deriveRules[rule] ??
    joinRules[rule as JoinRuleName] ??
    (ingRules as Readonly<Record<string, RuleText>>)[rule] ?? { name: rule, learner: '' }
  );
}

function made(
  base: string,
  form: string,
  rule: string,
  reason: string,
  alternatives: readonly string[] = [],
): Inflection {
  return { base, form, rule, reason, learnerReason: ruleText(rule).learner, alternatives };
}

const fromJoin = (base: string, joined: Joined): Inflection =>
  made(base, joined.form, joined.rule, joined.reason, joined.alternatives);

/** Nouns that are not counted: a class says some rice, not rices. */
const massNouns = new Set(
  `advice anger baggage bread butter cash chaos clothing courage cutlery equipment evidence fun furniture garbage gold
   golf gossip health homework honesty housework information jewellery jewelry knowledge laughter lightning litter
   luck luggage machinery mail moonlight money mud music news oxygen patience personnel police
   poverty progress rice rubbish safety scenery shopping starlight sunlight sunshine thunder trash traffic violence
   weather wealth wildlife wisdom`.split(/\s+/),
);

/** True for a noun that is not counted: some rice. */
export const isMassNoun = (noun: string): boolean => massNouns.has(noun.toLowerCase());

function irregularS(base: string, wordClass: InflectOptions['wordClass']): Inflection | undefined {
  const third = { be: 'is', have: 'has' }[base];
  if (third !== undefined && wordClass !== 'noun') {
    return made(base, third, 'irregular', `${base} has a form of its own: ${third}.`);
  }
  if (wordClass === 'verb') return undefined;
  if (massNouns.has(base)) {
    return made(base, base, 'not-counted', `${base} is not counted: it has no plural.`);
  }
  const plurals = irregularPlurals.get(base) ?? manPlural(base);
  const [form, ...others] = plurals ?? [];
  if (form === undefined) return undefined;
  if (form === base) {
    return made(base, form, 'same-form', `${base} is the same for one and for many.`, others);
  }
  if (/ves$/.test(form)) {
    return made(base, form, 'f-to-ves', `${base}: the f becomes v, and es is added.`, others);
  }
  if (/oes$/.test(form)) {
    return made(base, form, 'o-to-oes', `${base} ends in o and takes es.`, others);
  }
  if (form === `${base}s` || form === `${base}es`) {
    const rule = form.endsWith('es') ? 'add-es' : 'just-add';
    return made(base, form, rule, `The usual plural of ${base} is ${form}.`, others);
  }
  return made(base, form, 'irregular', `${base} has a plural of its own: ${form}.`, others);
}

/** fisherman, fishermen: compounds of man and woman (but human, German, Roman). */
function manPlural(base: string): string[] | undefined {
  const known = /^(.+)(man|woman)$/.exec(base);
  if (!known || /^(hu|ger|ro|nor|sha|cay|talis|otto|mussul|brah)man$/i.test(base)) return undefined;
  return [`${known[1]}${known[2] === 'man' ? 'men' : 'women'}`];
}

/** Plural of a noun or third person of a verb. */
function sForm(base: string, { reading, wordClass }: InflectOptions): Inflection {
  const irregular = irregularS(base, wordClass);
  if (irregular) return irregular;
  const hardCh = /ch$/.test(base) && reading?.units.at(-1)?.phonemes.join(' ') === 'K';
  if (/(s|x|z|sh)$/.test(base) || (/ch$/.test(base) && !hardCh)) {
    if (/[^aeiou][aeiou]z$/.test(base) && !base.endsWith('tz')) {
      return made(base, `${base}zes`, 'add-es', `${base}: double the z and add es.`);
    }
    return made(base, `${base}es`, 'add-es', `${base} ends in a hissing sound: add es.`);
  }
  if (/[^aeiou]y$/.test(base) || /quy$/.test(base)) {
    return made(
      base,
      `${base.slice(0, -1)}ies`,
      'y-to-i',
      `${base} ends in a consonant and y: the y becomes i, and es is added.`,
    );
  }
  if (/[aeou]y$/.test(base)) {
    return made(base, `${base}s`, 'keep-y', `${base} ends in a vowel letter and y: just add s.`);
  }
  if (wordClass !== 'noun' && /^(go|do|undergo|undo|redo|outdo|overdo|forgo)$/.test(base)) {
    return made(base, `${base}es`, 'o-to-oes', `${base} ends in o and takes es.`);
  }
  return made(base, `${base}s`, 'just-add', `Nothing in ${base} changes: just add s.`);
}

function edForm(base: string, options: InflectOptions): Inflection {
  const irregular = irregularVerb(base, options.spelling);
  if (irregular) {
    const [form = base, ...others] = irregular.past;
    const regular = fromJoin(base, joinVowelSuffix(base, 'ed', options));
    if (form === regular.form) return { ...regular, alternatives: others };
    return made(
      base,
      form,
      'irregular',
      `${base} is irregular: ${base}, ${form}, ${irregular.pastParticiple[0] ?? form}.`,
      others,
    );
  }
  return fromJoin(base, joinVowelSuffix(base, 'ed', options));
}

const comparisons: Readonly<Record<string, readonly [er: string, est: string]>> = {
  good: ['better', 'best'],
  well: ['better', 'best'],
  bad: ['worse', 'worst'],
  far: ['farther/further', 'farthest/furthest'],
  little: ['less', 'least'],
  much: ['more', 'most'],
  many: ['more', 'most'],
  old: ['older/elder', 'oldest/eldest'],
};

/** Adjectives of two syllables that compare with -er although they do not end in y, le, ow or er. */
const shortTwoSyllables = new Set(
  'quiet polite simple clever narrow gentle common handsome stupid pleasant cruel remote sincere severe'.split(
    ' ',
  ),
);
/** Adjectives of one syllable that take more and most all the same. */
const takesMore = new Set('real right wrong just like worth bored tired fun ill real'.split(' '));

function syllableCount(base: string, reading: Reading | undefined): number {
  if (reading) return reading.syllables.length;
  return (base.replace(/e$/, '').match(/[aeiouy]+/g) ?? ['']).length;
}

function comparison(base: string, suffix: 'er' | 'est', options: InflectOptions): Inflection {
  const irregular = comparisons[base]?.[suffix === 'er' ? 0 : 1].split('/');
  if (irregular) {
    const [form = base, ...others] = irregular;
    if (base !== 'old') {
      return made(base, form, 'irregular', `${base} has a form of its own: ${form}.`, others);
    }
  }
  const syllables = syllableCount(base, options.reading);
  const adverb = suffix === 'er' ? 'more' : 'most';
  const short =
    (syllables === 1 && !takesMore.has(base)) ||
    (syllables === 2 &&
      (/([^aeiou]y|le|ow|er)$/.test(base) || shortTwoSyllables.has(base)) &&
      !/ly$/.test(
        base.replace(
          /^(early|lonely|friendly|ugly|lovely|likely|lively|silly|jolly|curly|chilly|hilly|holy|deadly|costly)$/,
          '',
        ),
      ));
  if (!short) {
    const joined = joinVowelSuffix(base, suffix, options);
    const either = syllables === 2 ? [joined.form] : [];
    return made(
      base,
      `${adverb} ${base}`,
      'more-most',
      syllables === 1
        ? `${base} does not take -${suffix}: say ${adverb} ${base}.`
        : `${base} has ${syllables} syllables: say ${adverb} ${base}.`,
      /(ful|less|ing|ed|ous|ive|ic|al|ant|ent|ly)$/.test(base) ? [] : either,
    );
  }
  const joined = joinVowelSuffix(base, suffix, options);
  const alternatives =
    syllables === 2 ? [...joined.alternatives, `${adverb} ${base}`] : joined.alternatives;
  const elder = base === 'old' ? [irregular?.[1] ?? ''] : [];
  const dry = /^(dry|shy|sly|spry|wry)$/.test(base) ? [`${base}${suffix}`] : [];
  return { ...fromJoin(base, joined), alternatives: [...alternatives, ...elder, ...dry] };
}

/** -er on a verb makes the one who does it (teach, teacher); on an adjective it compares. */
function erForm(base: string, options: InflectOptions): Inflection {
  if (options.wordClass === 'verb') return agentForm(base, options);
  return comparison(base, 'er', options);
}

function lyForm(base: string): Inflection {
  const irregular = {
    good: 'well',
    true: 'truly',
    due: 'duly',
    whole: 'wholly',
    shy: 'shyly',
    sly: 'slyly',
    public: 'publicly',
    fast: 'fast',
    hard: 'hard',
    early: 'early',
    gay: 'gaily',
    day: 'daily',
  }[base];
  if (irregular !== undefined) {
    return made(base, irregular, 'irregular', `${base} has a form of its own: ${irregular}.`);
  }
  if (/[^aeiou]le$/.test(base)) {
    return made(
      base,
      `${base.slice(0, -1)}y`,
      'drop-le',
      `${base} ends in a consonant and le: the e becomes y.`,
    );
  }
  if (/ll$/.test(base)) {
    return made(base, `${base}y`, 'just-add', `${base} ends in ll already: add only y.`);
  }
  if (/ic$/.test(base)) {
    return made(base, `${base}ally`, 'just-add', `${base} ends in ic: add -ally.`);
  }
  if (base === 'dry') return made(base, 'drily', 'y-to-i', 'dry: the y becomes i.', ['dryly']);
  return fromJoin(base, joinConsonantSuffix(base, 'ly'));
}

/** Nouns that keep their e before -y, so that c and g stay soft or the base stays plain. */
const keepsEBeforeY = new Set(['price', 'dice', 'cage', 'dude', 'home', 'bloke']);

/** The adjective in -y: sun, sunny; ice, icy. */
function yForm(base: string, options: InflectOptions): Inflection {
  if (keepsEBeforeY.has(base) || /[aeo]y$/.test(base)) {
    const form = base.endsWith('e') ? `${base}y` : `${base}ey`;
    return made(base, form, 'keep-e', `${base} keeps its spelling before y: ${form}.`);
  }
  return fromJoin(base, joinVowelSuffix(base, 'y', options));
}

/**
 * The form of a word with a suffix.
 *
 * @param word the base, as in a dictionary
 * @throws RangeError for a suffix that is not one of `suffixes`
 */
export function inflect(word: string, suffix: string, options: InflectOptions = {}): Inflection {
  const found = inflectByRule(word, suffix, options);
  if (found.rule !== 'double-final-consonant') return found;
  const learnerReason = doublingForLearner(found.base, options.reading) ?? found.learnerReason;
  return { ...found, learnerReason };
}

function inflectByRule(word: string, suffix: string, options: InflectOptions): Inflection {
  const base = word.trim();
  const learned = learnedForm(base, suffix, options.spelling);
  if (learned) return made(base, learned.form, 'irregular', learned.reason, learned.alternatives);
  switch (suffix as Suffix) {
    case 'ing':
      return ingForm(base, options);
    case 's':
      return sForm(base, options);
    case 'ed':
      return edForm(base, options);
    case 'er':
      return erForm(base, options);
    case 'est':
      return comparison(base, 'est', options);
    case 'ly':
      return lyForm(base);
    case 'er-agent':
      return agentForm(base, options);
    case 'tion':
      return tionForm(base, options);
    case 'un':
    case 're':
    case 'dis':
    case 'mis':
    case 'in':
      return prefixForm(base, suffix as Prefix);
    case 'y':
    case 'y-adj':
      return yForm(base, options);
    case 'able':
    case 'ish':
    case 'en':
      return fromJoin(base, joinVowelSuffix(base, suffix, options));
    case 'ful':
    case 'less':
    case 'ness':
    case 'ment':
      return fromJoin(base, joinConsonantSuffix(base, suffix));
    default:
      throw new RangeError(
        `The suffix ${suffix} is not known. Known suffixes: ${suffixes.join(', ')}.`,
      );
  }
}
