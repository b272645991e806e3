/**
 * The morphemes of a word as a class meets them: compounds with their parts,
 * base with prefixes and suffixes, and the spelling rule at each seam. A part
 * counts only where it is a word of the lexicon and its sounds are heard in the
 * whole.
 */
import { inflect, ruleText, type Suffix, suffixes } from '../forms/inflect';
import { isVowelPhoneme, type Phoneme } from '../sounds/phonemes';
import { irregularForm } from './irregular-base';
import type { Lexicon, LexiconEntry } from '../lexicon/lexicon';
import { phonemesIn } from './sound-index';
import { wordClassBits } from '../lexicon/word-class';

export interface WordPart {
  /** The letters as they stand in the word. */
  readonly text: string;
  readonly kind: 'prefix' | 'base' | 'suffix' | 'word';
  /** The word it is on its own, where its letters changed (hop in hopping). */
  readonly from?: string;
  /** What a prefix or suffix means. */
  readonly meaning?: string;
}

export interface WordParts {
  readonly kind: 'simple' | 'compound' | 'affixed' | 'irregular';
  readonly parts: readonly WordPart[];
  /** How the last suffix was joined, or what is irregular; absent where nothing was joined. */
  readonly rule?: { readonly name: string; readonly reason: string };
}

interface Ending {
  readonly suffix: string;
  readonly meaning: string;
  /** The base must be one of these classes. */
  readonly of: number;
  /** The base's last sounds may change (act, action). */
  readonly shifts?: boolean;
}

const { noun, verb, adjective, adverb } = wordClassBits;

const endings: readonly Ending[] = [
  { suffix: 'fulness', meaning: 'being full of', of: noun },
  { suffix: 'ation', meaning: 'the act of', of: verb, shifts: true },
  { suffix: 'ition', meaning: 'the act of', of: verb, shifts: true },
  { suffix: 'ability', meaning: 'being able to be', of: verb, shifts: true },
  { suffix: 'ness', meaning: 'being', of: adjective },
  { suffix: 'ment', meaning: 'the result of', of: verb },
  { suffix: 'less', meaning: 'without', of: noun | verb },
  { suffix: 'ship', meaning: 'the state of', of: noun },
  { suffix: 'hood', meaning: 'the state of', of: noun },
  { suffix: 'ward', meaning: 'towards', of: noun },
  { suffix: 'able', meaning: 'able to be', of: verb | noun },
  { suffix: 'ible', meaning: 'able to be', of: verb },
  { suffix: 'ance', meaning: 'the act of', of: verb },
  { suffix: 'ence', meaning: 'the act of', of: verb },
  { suffix: 'ful', meaning: 'full of', of: noun | verb },
  { suffix: 'ing', meaning: 'doing', of: verb },
  { suffix: 'est', meaning: 'most', of: adjective },
  { suffix: 'ist', meaning: 'one who does', of: noun | verb | adjective },
  { suffix: 'ish', meaning: 'rather like', of: adjective | noun },
  { suffix: 'ity', meaning: 'being', of: adjective, shifts: true },
  { suffix: 'ous', meaning: 'full of', of: noun, shifts: true },
  { suffix: 'ive', meaning: 'that does', of: verb, shifts: true },
  { suffix: 'ion', meaning: 'the act of', of: verb, shifts: true },
  { suffix: 'dom', meaning: 'the state of', of: noun | adjective },
  { suffix: 'ed', meaning: 'done', of: verb | noun },
  { suffix: 'er', meaning: 'one who does, or more', of: verb | adjective },
  { suffix: 'or', meaning: 'one who does', of: verb },
  { suffix: 'en', meaning: 'made of, or to make', of: noun | adjective },
  { suffix: 'ly', meaning: 'in this way', of: adjective | noun },
  { suffix: 'al', meaning: 'of', of: noun | verb, shifts: true },
  { suffix: 'ic', meaning: 'of', of: noun, shifts: true },
  { suffix: 'es', meaning: 'more than one, or he or she does', of: noun | verb },
  { suffix: "'s", meaning: 'belonging to', of: noun },
  { suffix: 's', meaning: 'more than one, or he or she does', of: noun | verb },
  { suffix: 'y', meaning: 'full of', of: noun | verb },
];

const prefixes: Readonly<Record<string, string>> = {
  under: 'too little, below',
  super: 'above',
  inter: 'between',
  trans: 'across',
  over: 'too much, above',
  anti: 'against',
  auto: 'by itself, of oneself',
  tele: 'far away',
  multi: 'many',
  fore: 'before',
  semi: 'half',
  self: 'by oneself',
  dis: 'not, the opposite of',
  mis: 'wrongly',
  non: 'not',
  pre: 'before',
  sub: 'under',
  out: 'more than, beyond',
  mid: 'the middle of',
  tri: 'three',
  un: 'not, the opposite of',
  re: 'again',
  im: 'not',
  in: 'not',
  il: 'not',
  ir: 'not',
  en: 'to make',
  de: 'to take away',
  bi: 'two',
};

/** Words that look as if they had an ending or a beginning, and have none that a class would see. */
const whole = new Set(
  `station nation mission passion portion ration section motion potion notion fiction corner under
   mother father brother sister other another either neither weather whether leather feather together ladder butter
   letter hyper beer former trigger hammer barber gutter liver pepper matter better water number summer winter center offer suffer differ enter order tower flower shower power
   finger silver answer master monster murder chapter proper paper ever never over after forest honest interest
   modest harvest request suggest protest contest family belly jelly holy ugly silly only early ally rally bully
   fully business witness moment comment cement garment element document department apartment ring bring spring string
   thing sing king wing during ceiling evening morning nothing something anything everything pudding wedding
   princess mistress finish polish publish punish english british spanish vanish dish fish wish hundred sacred naked
   wicked red bed feed seed need indeed speed weed hair story city party army body baby lady duty enemy country
   company pony copy penny pretty animal metal total hospital general several capital final real deal
   heal meal signal medal equal oral rival royal sandal scandal vandal captain table cable able stable capable
   syllable vegetable constable dinner banner manner
   garden sudden kitchen chicken golden-rule often listen open even seven happen token oven
   actor doctor factor tractor color favor honor flavor mirror error terror horror minor major motor author
   address across process dress press pass less bless unless this his has is was as gas bus us yes lens always
   perhaps news series physics mathematics
   uncle unit union under unite until reach read ready real reason receive remain repeat reply report result
   rest red record region regular relax relate religion inch ink inn image important impress
   import improve increase indeed inside instead into insect interest invite island display distance district distant
   dish mister missing misty prefer president press pretty present precious subject suburb outfit outlet
   earring button cotton mutton kitten mitten bitten carpet target market bullet pocket rocket ticket
   season reason discuss disguise dispatch dismiss dispose disgust distress distort distribute disease pretend
   prepare prevent defend despite delight devote detest delay devoid detailing decease demean derange
   entire encore entail refuse treat retreat repose repair relay remark recover release relent rely mishap
   intermission transparent transmission translate recommend impale inhale intense seminary prescribe describe
   subscribe decree question grateful marshal internal sentence curious gorgeous banish radish skittish bible
   gullible by bitty livery door rigor siren warden maiden positive savory savoury coral consolation submission
   infant slay recite reflex refusal compose expose impose oppose suppose purpose propose report import
   export support intend extend attend tender ponder wonder thunder blunder cinder linger hunger anger ginger
   danger ranger stranger manager passenger messenger cancer canter banter lantern badger ledger
   butcher pitcher stretcher archer kosher usher gusher tailor anchor razor sensor tenor rumor humor
   armor vapor vigor labor harbor parlor fervor ardor ability gravity charity rarity parity deity unity pity
   city entity identity dignity vanity legacy agency pharmacy sunday monday tuesday wednesday thursday
   friday saturday busy dizzy fuzzy lazy crazy cozy cosy posy daisy easy 
   weary dreary eerie very every bury berry cherry merry ferry fairy dairy diary library injury
   century luxury treasury fury glory victory memory category theory ivory history mystery misery gallery
   battery artery lottery poetry pastry country sentry pantry carry marry hurry sorry
   worry curry scurry flurry navy gravy ivy envy levy bevy chevy cavity novelty royalty
   penalty loyalty faculty difficulty specialty`.split(/\s+/),
);

/** Doers and things named after a noun, which the noun alone would not prove (inn is no doer of inner). */
const fromNoun = new Set(
  `farmer villager cottager prisoner banker boxer footballer outsider insider widower bowler golfer jeweller jeweler trucker rancher
   gunner adventurer planter islander trooper voyager gamer logger forester homesteader commissioner timer duster
   fielder roofer landscaper trafficker wholesaler falconer marketer`.split(/\s+/),
);

const sound = (entry: LexiconEntry) => phonemesIn(entry.readings[0].units);

/** How many of the base's sounds the whole begins with. */
function sharedStart(base: readonly Phoneme[], all: readonly Phoneme[]): number {
  let count = 0;
  while (count < base.length && heardAlike(base[count], all[count])) count += 1;
  return count;
}

/** The dictionary writes the vowel of dog now as AA, now as AO, and a weak vowel now as AH, now as IH. */
function heardAlike(one: Phoneme | undefined, other: Phoneme | undefined): boolean {
  const both = `${one ?? ''} ${other ?? ''}`;
  return one === other || /^(?:A[AO] A[AO]|AH IH|IH AH)$/.test(both);
}

/** The base of a prefixed word is heard at its end; its first vowel may be weaker there (obey, disobey). */
function endsWithBase(all: readonly Phoneme[], base: readonly Phoneme[]): boolean {
  const from = all.length - base.length;
  const firstVowel = base.findIndex(isVowelPhoneme);
  const several = base.filter(isVowelPhoneme).length > 1;
  return base.every((phoneme, index) => {
    const said = all[from + index];
    if (heardAlike(phoneme, said)) return true;
    return several && index === firstVowel && said !== undefined && isVowelPhoneme(said);
  });
}

function basesOf(stem: string, suffix: string): string[] {
  const found = [stem];
  if (/^[aeiouy]/.test(suffix)) {
    found.push(`${stem}e`);
    if (/([^aeiou])\1$/.test(stem)) found.push(stem.slice(0, -1));
    if (/ck$/.test(stem)) found.push(stem.slice(0, -1));
    if (/y$/.test(stem)) found.push(`${stem.slice(0, -1)}ie`);
  }
  if (/i$/.test(stem)) found.push(`${stem.slice(0, -1)}y`);
  // gently is from gentle rather than from gent.
  if (suffix === 'ly') found.unshift(`${stem}le`);
  if (suffix === 'ly') found.push(`${stem}ll`, stem.replace(/al$/, ''));
  if (suffix === 'es' && /v$/.test(stem)) {
    found.push(`${stem.slice(0, -1)}f`, `${stem.slice(0, -1)}fe`);
  }
  return [...new Set(found)].filter((base) => base.length >= 2);
}

/** A base is heard in the whole where at most its last sound gives way. */
function isHeard(base: LexiconEntry, all: readonly Phoneme[], ending: Ending): boolean {
  const own = sound(base);
  const shared = sharedStart(own, all);
  if (shared === own.length) return true;
  // In gently the l of gentle is said once.
  if (ending.suffix === 'ly' && /AH L$/.test(own.join(' ')) && shared >= own.length - 2)
    return true;
  // A long base that stands there whole needs no more proof (courage, courageous).
  if (ending.shifts && base.word.length >= 6 && shared > 0) return true;
  if (ending.shifts) return shared >= Math.max(3, Math.floor(own.length * 0.6));
  // The last sound may change: wife, wives; easy, easily; centre, central.
  const changed = own.length - shared;
  return (
    changed === 1 && (isVowelPhoneme(own[shared] ?? '') || /^[FTSDKL]$/.test(own[shared] ?? ''))
  );
}

interface Split {
  readonly base: LexiconEntry;
  readonly stem: string;
  readonly ending: Ending;
}

function splitEnding(entry: LexiconEntry, lexicon: Lexicon): Split | undefined {
  const { word } = entry;
  if (whole.has(word)) return undefined;
  const all = sound(entry);
  for (const ending of endings) {
    if (!word.endsWith(ending.suffix) || (ending.suffix === 's' && /(ss|us|is)$/.test(word)))
      continue;
    const stem = word.slice(0, -ending.suffix.length);
    for (const base of basesOf(stem, ending.suffix)) {
      const found = lexicon.find(base);
      if (found === undefined || found === entry || found.word !== base) continue;
      const fits =
        (found.kinds & ending.of) !== 0 || (ending.suffix === 'er' && fromNoun.has(word));
      if (!fits || base.length < 2) continue;
      if (ending.shifts && base.length < 4) continue;
      if (/^(y|er|or|en|al|ic|ish|ist|est)$/.test(ending.suffix) && found.zipf < 2.5) continue;
      if (isHeard(found, all, ending)) return { base: found, stem, ending };
    }
  }
  return undefined;
}

/** Compounds whose parts are not said as they are alone, and words that only look like compounds. */
const knownCompounds = new Map<string, string>(
  `breakfast=break+fast cupboard=cup+board forehead=fore+head necklace=neck+lace blackboard=black+board
   raspberry=rasp+berry shepherd=sheep+herd holiday=holy+day something=some+thing anything=any+thing
   everything=every+thing nothing=no+thing today=to+day tomorrow=to+morrow postman=post+man policeman=police+man thereafter=there+after hereafter=here+after therefore=there+fore
   fireman=fire+man snowman=snow+man milkman=milk+man fisherman=fisher+man gentleman=gentle+man woodland=wood+land
   island= carpet= target= season= reason= cotton= button= panic= legend= hatred= bargain= forget= begin= manage=
   message= sausage= kitten= rotten= mushroom= kidnap= heather= tenant= warrant= infant= catalog= pleasure= adage=
   carrot= parrot= cabin= robin= dolphin= bandage= cabbage= goblin= napkin= pumpkin= basin= rabbit= orbit= summit=
   profit= permit= hermit= market= pellet= ballet= wallet= bonnet= cornet= magnet= hornet= planet= comet= legion=
   nation= pension= tension= vision= kingdom= outcome= income= handsome= pretend= attend= intend= contend=
   office= notice= justice= practice= ladies= palace= surface= menace= furnace= terrace= address= actress= buttress=
   impeach= impact= fortress= mattress= princess= impress= compress= express= suppress= depress= lantern= pattern= western= eastern=
   northern= southern= modern= attack= haddock= paddock= hammock= budget= gadget= fidget= widget= forest= asking=
   homage= rampage= tonight=to+night onto=on+to into=in+to within=with+in without=with+out
   decoy= person= prison= poison= crimson= lesson= parson= arson= peasant= wanton= canton= carton= piston= custom=
   ransom= blossom= wisdom= seldom= random= freedom= boredom= capture= pasture= rapture= texture= mixture= venture`
    .split(/\s+/)
    .map((pair) => pair.split('=') as [string, string]),
);

/** Two whole words side by side, both heard in the whole; for a word with no ending of its own. */
function compoundParts(entry: LexiconEntry, lexicon: Lexicon): readonly string[] | undefined {
  const { word } = entry;
  const known = knownCompounds.get(word);
  if (known !== undefined) return known === '' ? undefined : known.split('+');
  if (word.length < 6 || word.includes("'") || whole.has(word)) return undefined;
  const all = sound(entry);
  let best: { parts: readonly string[]; score: number } | undefined;
  for (let at = 3; at <= word.length - 3; at += 1) {
    const parts = [word.slice(0, at), word.slice(at)] as const;
    const left = lexicon.find(parts[0]);
    const right = lexicon.find(parts[1]);
    if (!left || !right || left.word !== parts[0] || right.word !== parts[1]) continue;
    if (!canCompound(left) || !canCompound(right)) continue;
    const leftSounds = sound(left);
    const rightSounds = sound(right);
    const joined = [...leftSounds, ...rightSounds];
    if (joined.length !== all.length || !joined.every((each, index) => each === all[index]))
      continue;
    const score = Math.min(left.zipf, right.zipf);
    if (score >= 2.8 && (best === undefined || score > best.score)) best = { parts, score };
  }
  return best?.parts;
}

/** Short words that are beginnings or endings rather than parts. */
const neverParts = new Set(
  `con pro per sub par cam rep cur com dis mis inter trans fee ham bee lieu ing ion ate age ant able less ness ally
   ties sing ting ding zing ling son ten den ship hood tenant mission tract tact file gram pus ping`.split(
    /\s+/,
  ),
);

function canCompound({ kinds, word }: LexiconEntry): boolean {
  if (neverParts.has(word)) return false;
  return (kinds & (noun | verb | adjective | adverb | wordClassBits.preposition)) !== 0;
}

function splitPrefix(entry: LexiconEntry, lexicon: Lexicon) {
  const { word } = entry;
  if (whole.has(word)) return undefined;
  const all = sound(entry);
  for (const [prefix, meaning] of Object.entries(prefixes)) {
    if (!word.startsWith(prefix) || word.length < prefix.length + 2) continue;
    const base = lexicon.find(word.slice(prefix.length));
    if (base === undefined || base.word !== word.slice(prefix.length)) continue;
    if ((base.kinds & (noun | verb | adjective)) === 0 || base.zipf < 2) continue;
    if (/^(in|im|il|ir)$/.test(prefix) && (base.kinds & adjective) === 0) continue;
    // un·do, re·do: so short a base must be a verb.
    if (base.word.length < 3 && (base.kinds & verb) === 0) continue;
    if (/^(re|de|en)$/.test(prefix) && (base.kinds & verb) === 0 && prefix !== 'en') continue;
    const tail = sound(base);
    if (tail.length >= all.length) continue;
    if (endsWithBase(all, tail)) return { prefix, meaning, base };
  }
  return undefined;
}

function seamRule(split: Split, word: string): WordParts['rule'] {
  const suffix = (split.ending.suffix === 'es' ? 's' : split.ending.suffix) as Suffix;
  if (!suffixes.includes(suffix)) return undefined;
  for (const wordClass of ['verb', 'noun'] as const) {
    for (const spelling of ['us', 'uk'] as const) {
      const made = inflect(split.base.word, suffix, {
        reading: split.base.readings[0],
        spelling,
        wordClass,
      });
      if (made.form === word) return { name: ruleText(made.rule).name, reason: made.reason };
    }
  }
  return undefined;
}

/** The parts of a base; itself where it is simple. */
function baseParts(entry: LexiconEntry, lexicon: Lexicon, text: string): WordPart[] {
  const inner = wordParts(entry, lexicon);
  if (inner.kind === 'simple' || inner.kind === 'irregular') {
    return [{ text, kind: 'base', ...(text === entry.word ? {} : { from: entry.word }) }];
  }
  const parts = [...inner.parts];
  const last = parts[parts.length - 1];
  if (last && text !== entry.word) {
    const shared = entry.word.length - last.text.length;
    parts[parts.length - 1] = { ...last, text: text.slice(shared), from: last.from ?? last.text };
  }
  return parts;
}

/** The parts of a word. */
export function wordParts(entry: LexiconEntry, lexicon: Lexicon): WordParts {
  const { word } = entry;
  const irregular = irregularForm(word);
  if (irregular !== undefined && irregular.base !== word && !word.endsWith('ed')) {
    return {
      kind: 'irregular',
      parts: [{ text: word, kind: 'base', from: irregular.base }],
      rule: {
        name: 'irregular: learn it',
        reason: `${word} is the ${irregular.what} of ${irregular.base}.`,
      },
    };
  }
  const split = knownCompounds.get(word) ? undefined : splitEnding(entry, lexicon);
  if (split !== undefined) {
    const rule = seamRule(split, word);
    return {
      kind: 'affixed',
      parts: [
        ...baseParts(split.base, lexicon, split.stem),
        { text: split.ending.suffix, kind: 'suffix', meaning: split.ending.meaning },
      ],
      ...(rule ? { rule } : {}),
    };
  }
  const compound = compoundParts(entry, lexicon);
  if (compound !== undefined) {
    return { kind: 'compound', parts: compound.map((text) => ({ text, kind: 'word' })) };
  }
  const prefixed = splitPrefix(entry, lexicon);
  if (prefixed !== undefined) {
    return {
      kind: 'affixed',
      parts: [
        { text: prefixed.prefix, kind: 'prefix', meaning: prefixed.meaning },
        ...baseParts(prefixed.base, lexicon, prefixed.base.word),
      ],
    };
  }
  return { kind: 'simple', parts: [{ text: word, kind: 'base' }] };
}

/** The family of a word: every word of the lexicon that is built on the same base. */
export function baseOf(entry: LexiconEntry, lexicon: Lexicon): string {
  const parts = wordParts(entry, lexicon);
  if (parts.kind === 'compound') return entry.word;
  const base = parts.parts.find((part) => part.kind === 'base' || part.kind === 'word');
  return base?.from ?? base?.text ?? entry.word;
}
