/** Eight readability formulas, each with its source, what goes in, and what it is good for. */

export interface TextCounts {
  readonly sentences: number;
  readonly words: number;
  readonly syllables: number;
  /** Digits and signs are no letters. */
  readonly letters: number;
}

/** Everything that some formula asks for. */
export interface ReadabilityInputs extends TextCounts {
  /** Letters and digits. */
  readonly characters: number;
  /** Words of three syllables or more. */
  readonly polysyllables: number;
  /** Of those, the ones Gunning counts: no names, no joined easy words, none by -es or -ed alone. */
  readonly complexWords: number;
  /** Words, each time they come, that the Dale–Chall list does not have. */
  readonly hardWords: number;
  /** Words, once each, that the Spache list does not have. */
  readonly unfamiliarWords: number;
}

export const formulaIds = [
  'fleschReadingEase',
  'fleschKincaid',
  'gunningFog',
  'smog',
  'colemanLiau',
  'ari',
  'daleChall',
  'spache',
] as const;
export type FormulaId = (typeof formulaIds)[number];
export type Readability = Readonly<Record<FormulaId, number>>;

export interface Formula {
  readonly name: string;
  readonly source: string;
  /** What it is computed from, in words. */
  readonly inputs: string;
  readonly goodFor: string;
  /** A US grade, or a scale of its own. */
  readonly scale: 'grade' | 'ease' | 'score';
  readonly compute: (inputs: ReadabilityInputs) => number;
}

export const formulas: Readonly<Record<FormulaId, Formula>> = {
  fleschReadingEase: {
    name: 'Flesch reading ease',
    source: 'Flesch 1948',
    inputs: 'words a sentence, syllables a word',
    goodFor: 'Adult prose; higher is easier, 60 to 70 is plain English.',
    scale: 'ease',
    compute: ({ words, sentences, syllables }) =>
      206.835 - 1.015 * (words / sentences) - 84.6 * (syllables / words),
  },
  fleschKincaid: {
    name: 'Flesch–Kincaid grade',
    source: 'Kincaid and others 1975',
    inputs: 'words a sentence, syllables a word',
    goodFor: 'Instructions and information from grade 3 up.',
    scale: 'grade',
    compute: ({ words, sentences, syllables }) =>
      0.39 * (words / sentences) + 11.8 * (syllables / words) - 15.59,
  },
  gunningFog: {
    name: 'Gunning fog',
    source: 'Gunning 1952',
    inputs: 'words a sentence, share of long words that are no names',
    goodFor: 'Newspaper and business prose; harsh on school books.',
    scale: 'grade',
    compute: ({ words, sentences, complexWords }) =>
      0.4 * (words / sentences + 100 * (complexWords / words)),
  },
  smog: {
    name: 'SMOG grade',
    source: 'McLaughlin 1969',
    inputs: 'words of three syllables or more in 30 sentences',
    goodFor: 'Whether nearly everyone will understand it: it aims at full understanding.',
    scale: 'grade',
    compute: ({ sentences, polysyllables }) =>
      3.1291 + 1.043 * Math.sqrt(polysyllables * (30 / sentences)),
  },
  colemanLiau: {
    name: 'Coleman–Liau index',
    source: 'Coleman and Liau 1975',
    inputs: 'letters and sentences in 100 words',
    goodFor: 'A second view without syllables: it counts letters only.',
    scale: 'grade',
    compute: ({ letters, words, sentences }) =>
      0.0588 * ((letters / words) * 100) - 0.296 * ((sentences / words) * 100) - 15.8,
  },
  ari: {
    name: 'Automated readability index',
    source: 'Senter and Smith 1967',
    inputs: 'characters a word, words a sentence',
    goodFor: 'Technical texts with figures: digits count too.',
    scale: 'grade',
    compute: ({ characters, words, sentences }) =>
      4.71 * (characters / words) + 0.5 * (words / sentences) - 21.43,
  },
  daleChall: {
    name: 'Dale–Chall score',
    source: 'Dale and Chall 1948, list of 1995',
    inputs: 'share of words that are not on a list of 3,000, words a sentence',
    goodFor: 'Grade 4 and up; it looks at vocabulary. It jumps 3.6 at 5 % hard words.',
    scale: 'score',
    compute: ({ hardWords, words, sentences }) => {
      const share = hardWords / words;
      const plain = 0.1579 * share * 100 + 0.0496 * (words / sentences);
      return share > 0.05 ? plain + 3.6365 : plain;
    },
  },
  spache: {
    name: 'Spache grade',
    source: 'Spache 1974',
    inputs: 'different words that are not on a list of 1,000, words a sentence',
    goodFor: 'Grades 1 to 3; above that it says little.',
    scale: 'grade',
    compute: ({ unfamiliarWords, words, sentences }) =>
      0.659 + 0.121 * (words / sentences) + 0.082 * (unfamiliarWords / words) * 100,
  },
};

/** Every formula's value; NaN where there is no word. */
export function readabilityOf(inputs: ReadabilityInputs): Readability {
  return Object.fromEntries(
    formulaIds.map((id) => [id, inputs.words === 0 ? NaN : formulas[id].compute(inputs)]),
  ) as Record<FormulaId, number>;
}

/** Fewer words or sentences than these, and a grade is a guess (common practice). */
export const FEWEST_WORDS = 100;
export const FEWEST_SENTENCES = 10;

export const isSure = ({ words, sentences }: TextCounts) =>
  words >= FEWEST_WORDS && sentences >= FEWEST_SENTENCES;

/** The grades that a Dale–Chall score stands for (Dale & Chall 1948, table). */
export function daleChallGrade(score: number): string {
  const table = [
    [5, 'grade 4 and below'],
    [6, 'grades 5–6'],
    [7, 'grades 7–8'],
    [8, 'grades 9–10'],
    [9, 'grades 11–12'],
    [10, 'college'],
  ] as const;
  return table.find(([limit]) => score < limit)?.[1] ?? 'college graduate';
}
