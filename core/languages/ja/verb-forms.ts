/**
 * Japanese verbs in their forms, by the school grammar's classes: godan (consonant stems), ichidan
 * (vowel stems), and the two that are irregular. Rules as in any reference grammar; common practice.
 */
export type VerbClass = 'godan' | 'ichidan' | 'irregular';

export const verbFormNames = {
  dictionary: 'plain present',
  masu: 'polite present',
  masen: 'polite negative',
  mashita: 'polite past',
  masendeshita: 'polite negative past',
  nai: 'plain negative',
  nakatta: 'plain negative past',
  te: 'te-form',
  ta: 'plain past',
  passive: 'passive',
  potential: 'potential',
  causative: 'causative',
  causativePassive: 'causative passive',
  ba: 'conditional in -ba',
  tara: 'conditional in -tara',
  volitional: 'volitional',
  imperative: 'imperative',
  tai: 'wish in -tai',
} as const;
export type VerbFormName = keyof typeof verbFormNames;
export type VerbForms = Readonly<Record<VerbFormName, string>>;

/** Rows of the kana table by the consonant of a godan verb's ending: a, i, u, e, o, and the te-form. */
const rows: Readonly<
  Record<string, readonly [a: string, i: string, e: string, o: string, te: string, ta: string]>
> = {
  う: ['わ', 'い', 'え', 'お', 'って', 'った'],
  く: ['か', 'き', 'け', 'こ', 'いて', 'いた'],
  ぐ: ['が', 'ぎ', 'げ', 'ご', 'いで', 'いだ'],
  す: ['さ', 'し', 'せ', 'そ', 'して', 'した'],
  つ: ['た', 'ち', 'て', 'と', 'って', 'った'],
  ぬ: ['な', 'に', 'ね', 'の', 'んで', 'んだ'],
  ぶ: ['ば', 'び', 'べ', 'ぼ', 'んで', 'んだ'],
  む: ['ま', 'み', 'め', 'も', 'んで', 'んだ'],
  る: ['ら', 'り', 'れ', 'ろ', 'って', 'った'],
};

interface Stems {
  /** Before ない, れる, せる; of ichidan verbs the stem itself. */
  readonly negative: string;
  readonly polite: string;
  readonly te: string;
  readonly ta: string;
  readonly passive: string;
  readonly potential: string;
  readonly causative: string;
  readonly ba: string;
  readonly volitional: string;
  readonly imperative: string;
}

function assemble(dictionary: string, stems: Stems): VerbForms {
  const { negative, polite, te, ta, passive, potential, causative, ba, volitional, imperative } =
    stems;
  return {
    dictionary,
    masu: `${polite}ます`,
    masen: `${polite}ません`,
    mashita: `${polite}ました`,
    masendeshita: `${polite}ませんでした`,
    nai: `${negative}ない`,
    nakatta: `${negative}なかった`,
    te,
    ta,
    passive,
    potential,
    causative,
    causativePassive: `${causative.slice(0, -1)}られる`,
    ba,
    tara: `${ta}ら`,
    volitional,
    imperative,
    tai: `${polite}たい`,
  };
}

/** Polite verbs in -aru whose polite stem ends in i. */
const honorific = /(?:いらっしゃる|くださる|下さる|おっしゃる|仰る|なさる|ござる)$/;
/** 行く and what is made with it. */
const goes = /(?:行く|逝く|往く|^いく|^ゆく|ていく|でいく)$/;
/** Older u-verbs that keep the u: 問うて. */
const keepsU = /(?:問う|請う|乞う|恋う)$/;

function godan(dictionary: string, written: string): VerbForms {
  const end = dictionary.slice(-1);
  const stem = dictionary.slice(0, -1);
  const row = rows[end];
  if (!row) throw new RangeError(`${dictionary} does not end as a verb does.`);
  const [a, i, e, o, regularTe, regularTa] = row;
  const going = goes.test(written);
  const te = going ? 'って' : keepsU.test(written) ? 'うて' : regularTe;
  const ta = going ? 'った' : keepsU.test(written) ? 'うた' : regularTa;
  const polite = honorific.test(dictionary);
  const forms = assemble(dictionary, {
    negative: stem + a,
    polite: stem + (polite ? 'い' : i),
    te: stem + te,
    ta: stem + ta,
    passive: `${stem}${a}れる`,
    potential: `${stem}${e}る`,
    causative: `${stem}${a}せる`,
    ba: `${stem}${e}ば`,
    volitional: `${stem}${o}う`,
    imperative: stem + (polite ? 'い' : e),
  });
  // ある has no negative of its own stem.
  return /^(?:ある|有る|在る)$/.test(dictionary)
    ? { ...forms, nai: 'ない', nakatta: 'なかった' }
    : forms;
}

function ichidan(dictionary: string): VerbForms {
  const stem = dictionary.slice(0, -1);
  const kureru = /(?:くれる|呉れる)$/.test(dictionary);
  return assemble(dictionary, {
    negative: stem,
    polite: stem,
    te: `${stem}て`,
    ta: `${stem}た`,
    passive: `${stem}られる`,
    potential: `${stem}られる`,
    causative: `${stem}させる`,
    ba: `${stem}れば`,
    volitional: `${stem}よう`,
    imperative: kureru ? stem : `${stem}ろ`,
  });
}

function suru(dictionary: string): VerbForms {
  const noun = dictionary.replace(/する$/, '');
  // One kanji and する without a pause between: 愛する is nearly godan.
  const contracted = /^(?:愛|訳|略|属|適|害|託|賭|あい)$/.test(noun);
  const forms = assemble(dictionary, {
    negative: `${noun}し`,
    polite: `${noun}し`,
    te: `${noun}して`,
    ta: `${noun}した`,
    passive: `${noun}される`,
    potential: `${noun}できる`,
    causative: `${noun}させる`,
    ba: `${noun}すれば`,
    volitional: `${noun}しよう`,
    imperative: `${noun}しろ`,
  });
  return contracted
    ? {
        ...forms,
        nai: `${noun}さない`,
        nakatta: `${noun}さなかった`,
        potential: `${noun}せる`,
        volitional: `${noun}そう`,
        imperative: `${noun}せ`,
      }
    : forms;
}

/** 来る: the kanji stays, its sound changes. */
function kuru(dictionary: string): VerbForms {
  const before = dictionary.replace(/(?:来る|くる)$/, '');
  const kanji = dictionary.endsWith('来る');
  const [ko, ki, ku] = kanji ? ['来', '来', '来'] : ['こ', 'き', 'く'];
  return assemble(dictionary, {
    negative: before + ko,
    polite: before + ki,
    te: `${before}${ki}て`,
    ta: `${before}${ki}た`,
    passive: `${before}${ko}られる`,
    potential: `${before}${ko}られる`,
    causative: `${before}${ko}させる`,
    ba: `${before}${ku}れば`,
    volitional: `${before}${ko}よう`,
    imperative: `${before}${ko}い`,
  });
}

/**
 * The forms of a verb, in the letters in which its dictionary form is given.
 *
 * @param written with its kanji, where the same sounds are two verbs: 問う has 問うて, 飛ぶ has no such form
 * @throws RangeError where it does not end as a verb does
 */
export function conjugate(
  dictionary: string,
  verbClass: VerbClass,
  written = dictionary,
): VerbForms {
  if (verbClass === 'godan') return godan(dictionary, written);
  if (verbClass === 'ichidan') {
    if (!dictionary.endsWith('る'))
      throw new RangeError(`${dictionary} is no ichidan verb: those end in る.`);
    return ichidan(dictionary);
  }
  if (dictionary.endsWith('する')) return suru(dictionary);
  if (/(?:来る|くる)$/.test(dictionary)) return kuru(dictionary);
  throw new RangeError(
    `${dictionary} is not irregular: only する and 来る are, and what is made with them.`,
  );
}

/** Forms that are said as well: 食べれる, 書かされる. */
export function alsoSaid(
  dictionary: string,
  verbClass: VerbClass,
): Partial<Record<VerbFormName, string>> {
  const forms = conjugate(dictionary, verbClass);
  if (verbClass === 'ichidan')
    return {
      potential: `${dictionary.slice(0, -1)}れる`,
      imperative: `${dictionary.slice(0, -1)}よ`,
    };
  if (verbClass === 'godan' && !dictionary.endsWith('す')) {
    return { causativePassive: forms.causative.replace(/せる$/, 'される') };
  }
  return /(?:来る|くる)$/.test(dictionary)
    ? { potential: forms.potential.replace('られる', 'れる') }
    : {};
}

/** How a class makes its forms, in a sentence. */
export const classRules: Readonly<Record<VerbClass, string>> = {
  godan:
    'The last sound changes: a before ない, れる and せる, i before ます, e before ば and る, o before う.',
  ichidan: 'る goes, and the ending is put in its place.',
  irregular: 'する and 来る have forms of their own; a word with する changes only that.',
};
