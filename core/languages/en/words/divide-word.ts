/**
 * Written syllables that keep the parts of a word whole: a form is divided like
 * its base (drain, drain·age; hope, hop·ing; care·ful, care·ful·ly), a prefix
 * stands alone (dis·cre·tion), and what is heard as a syllable of m alone has no
 * letters of its own (prism, rac·ism). As American school dictionaries divide
 * (common practice).
 */
import type { Lexicon, LexiconEntry, Reading } from '../lexicon/lexicon';
import { wordClassBits } from '../lexicon/word-class';
import { isVowelPhoneme } from '../sounds/phonemes';
import { wordParts, type WordParts } from './word-parts';

/** Endings of one syllable that keep their base whole. */
const whole = new Set(
  'ing ed er est y ly ness ment ful less able ible age ish ist ism en or ship hood ward dom es'.split(
    ' ',
  ),
);
/** Endings that have two written syllables. */
const divided: Readonly<Record<string, readonly string[]>> = {
  able: ['a', 'ble'],
  ible: ['i', 'ble'],
  fulness: ['ful', 'ness'],
};
/** Letters at the start that are a beginning of their own where a consonant follows. */
const beginnings = ['trans', 'dis', 'mis', 'ex', 'sub', 'con', 'un', 'in'];

const heard = ({ units }: Reading) =>
  units.reduce((count, unit) => count + (unit.phonemes.some(isVowelPhoneme) ? 1 : 0), 0);

/** Nouns in -age whose base stands whole before it: drain·age, and not cab·bage. */
const beforeAge =
  /^(drain|pack|post|pass|wreck|leak|block|cover|orphan|percent|break|foot|short|front|link|lever|anchor|yard|mile|haul|spoil|sewer|parent|patron)age$/;

/** What a division by parts may still leave: in·ti·mat·ed, eth·i·cal, pris·ms, ma·jor·i·ty. */
function tidy(syllables: readonly string[]): readonly string[] {
  const parts = [...syllables];
  const end = parts.length - 1;
  const [before = '', last = ''] = parts.slice(-2);
  if (parts.length > 2 && /[^aeiou]a$/.test(before) && /^t(ed|ing|or|ors)$/.test(last)) {
    parts.splice(end - 1, 2, `${before}t`, last.slice(1));
  }
  if (/ic$/.test(before) && /^al/.test(last)) {
    parts.splice(end - 1, 2, before.slice(0, -1), `c${last}`);
  }
  // na·tion·al, mis·sion·ar·y.
  for (let at = 0; at < parts.length - 1; at += 1) {
    const next = parts[at + 1] ?? '';
    if (/[tsch]io$/.test(parts[at] ?? '') && /^n[aeiou]/.test(next)) {
      parts.splice(at, 2, `${parts[at]}n`, next.slice(1));
    }
  }
  if (parts.length > 1 && /^(s|th)?ms?$/.test(last)) parts.splice(end - 1, 2, before + last);
  const at = parts.findIndex(
    (part, index) =>
      /o$/.test(part) &&
      /^ri$/.test(parts[index + 1] ?? '') &&
      /^t(y|ies)$/.test(parts[index + 2] ?? ''),
  );
  if (at >= 0) parts.splice(at, 2, `${parts[at]}r`, 'i');
  return parts;
}

/** The base's syllables with an ending added, or undefined where the seam is not a plain one. */
function withEnding(
  word: string,
  base: string,
  own: readonly string[],
  ending: string,
): string[] | undefined {
  const stem = word.slice(0, -ending.length);
  const tail = divided[ending] ?? [ending];
  const last = own[own.length - 1] ?? '';
  const before = own.slice(0, -1);
  const vowel = /^[aeiouy]/.test(ending);
  if (stem === base) return [...own, ...tail];
  // run·ning: the second of the doubled letters goes with the ending.
  if (stem === base + base.slice(-1) && vowel) return [...own, base.slice(-1) + tail.join('')];
  if (stem === `${base}k`) return [...own, `k${ending}`];
  if (stem === base.slice(0, -1) && base.endsWith('e')) {
    // gam·ble, gam·bling.
    if (/[^aeiou]le$/.test(last)) return [...before, last.slice(0, -1) + ending];
    // com·pe·ten·cy.
    if (ending === 'ly' || !vowel || (ending === 'y' && /ce$/.test(base))) return undefined;
    if (last.length < 2) return undefined;
    return [...before, last.slice(0, -1), ...tail];
  }
  // hap·py, hap·pi·ly, hap·pi·er.
  if (stem === `${base.slice(0, -1)}i` && base.endsWith('y')) {
    return [...before, `${last.slice(0, -1)}i`, ...tail];
  }
  return undefined;
}

/** An ending that adds no syllable: cats, jumped, makes. */
function withoutSyllable(word: string, base: string, own: readonly string[]): string[] | undefined {
  const shared = [...base].findIndex((letter, at) => word[at] !== letter);
  const keeps = shared < 0 ? base.length : shared;
  const last = own[own.length - 1] ?? '';
  const from = base.length - last.length;
  return keeps > from ? [...own.slice(0, -1), word.slice(from)] : undefined;
}

function fromParts(entry: LexiconEntry, lexicon: Lexicon, parts: WordParts): string[] | undefined {
  const { word } = entry;
  const divide = (text: string) => {
    const part = lexicon.find(text);
    return part && divideWord(part, part.readings[0], lexicon);
  };
  if (parts.kind === 'compound') {
    const all = parts.parts.map(({ text }) => divide(text));
    return all.every((each) => each !== undefined) ? all.flat() : undefined;
  }
  if (parts.kind !== 'affixed') return undefined;
  const [first] = parts.parts;
  const last = parts.parts[parts.parts.length - 1];
  if (last?.kind === 'suffix') {
    const head = parts.parts.slice(0, -1);
    const base = head[head.length - 1];
    const text =
      head
        .slice(0, -1)
        .map((part) => part.text)
        .join('') + (base?.from ?? base?.text ?? '');
    const own = divide(text);
    if (own === undefined || own.join('') !== text) return undefined;
    const plain = last.text.replace(/^'/, '');
    if (/^(s|es|ed|'s)$/.test(last.text) && heard(entry.readings[0]) === own.length) {
      return withoutSyllable(word, text, own);
    }
    return whole.has(plain) || divided[plain] ? withEnding(word, text, own, plain) : undefined;
  }
  if (first?.kind === 'prefix') {
    const rest = divide(word.slice(first.text.length));
    const prefix = /^(over|under|super|inter|anti|semi)$/.test(first.text)
      ? lexicon.find(first.text)?.readings[0].syllables
      : [first.text];
    return rest && prefix?.join('') === first.text ? [...prefix, ...rest] : undefined;
  }
  return undefined;
}

/** Moves a cut that falls inside a beginning to its end: di·scretion, dis·cretion. */
function keepBeginning(word: string, { units, syllables }: Reading): readonly string[] {
  const [first = '', second = '', ...others] = syllables;
  const found = beginnings.find(
    (each) =>
      word.startsWith(each) &&
      each.length === first.length + 1 &&
      each.startsWith(first) &&
      /^[^aeiouyh]/.test(word.slice(each.length)) &&
      !/^trans(cri|cend|pir)/.test(word) &&
      units.some((unit) => unit.start === each.length),
  );
  if (found === undefined || second.length < 3) return syllables;
  return [found, second.slice(1), ...others];
}

const known = new WeakMap<Lexicon, Map<LexiconEntry, readonly string[]>>();

/** The written syllables of a word of the bank, for its first reading; as they were for another. */
export function divideWord(
  entry: LexiconEntry,
  reading: Reading,
  lexicon: Lexicon,
): readonly string[] {
  if (reading !== entry.readings[0]) return reading.syllables;
  const cache = known.get(lexicon) ?? new Map<LexiconEntry, readonly string[]>();
  known.set(lexicon, cache);
  const found = cache.get(entry);
  if (found) return found;
  cache.set(entry, reading.syllables);
  const made = divideAnew(entry, reading, lexicon);
  cache.set(entry, made);
  return made;
}

function divideAnew(entry: LexiconEntry, reading: Reading, lexicon: Lexicon): readonly string[] {
  const { word } = entry;
  const count = heard(reading);
  const ism = /^(.{3,})ism$/.exec(word);
  const base = ism && (lexicon.find(ism[1] ?? '') ?? lexicon.find(`${ism[1]}e`));
  if (base && ism) {
    const made = withEnding(word, base.word, divideWord(base, base.readings[0], lexicon), 'ism');
    if (made) return made;
  }
  if (/n't$/.test(word) && count > 1) {
    const stem = word.slice(0, -3);
    const own = lexicon.find(stem);
    if (own) return [...divideWord(own, own.readings[0], lexicon), "n't"];
  }
  const verb = /^(.{3,})(i[sz])(e|es|ed|ing|er|ers)$/.exec(word);
  const made = verb && lexicon.find(verb[1] ?? '');
  if (made && verb && (made.kinds & (wordClassBits.noun | wordClassBits.adjective)) !== 0) {
    const own = divideWord(made, made.readings[0], lexicon);
    const [is = '', ending = ''] = verb.slice(2);
    const tail = /^ed?$/.test(ending) ? [is + ending] : [is, ending];
    if (own.length + tail.length === count) return [...own, ...tail];
  }
  const agent = /^(.{3,})s(man|men|woman|women|people|person)$/.exec(word);
  const owner = agent && lexicon.find(agent[1] ?? '');
  if (owner && agent && ((owner.kinds & wordClassBits.noun) !== 0 || owner.word === 'spoke')) {
    const own = divideWord(owner, owner.readings[0], lexicon);
    const rest =
      agent[2] === 'woman' || agent[2] === 'women'
        ? ['wom', agent[2].slice(3)]
        : agent[2] === 'people'
          ? ['peo', 'ple']
          : agent[2] === 'person'
            ? ['per', 'son']
            : [agent[2] ?? ''];
    const joined = [...own.slice(0, -1), `${own[own.length - 1]}s`, ...rest];
    if (joined.length === count) return joined;
  }
  if (beforeAge.test(word)) {
    const own = lexicon.find(word.slice(0, -3));
    if (own) return [...divideWord(own, own.readings[0], lexicon), 'age'];
  }
  const parts = fromParts(entry, lexicon, wordParts(entry, lexicon));
  // Only what has as many parts as are heard.
  if (parts && parts.length === count && parts.join('') === word) return tidy(parts);
  return tidy(keepBeginning(word, reading));
}
