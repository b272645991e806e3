/** A standard: what a published curriculum asks of a grade, in our own short wording. */
export const standardSets = {
  ccss: 'US Common Core',
  'nc-england': 'England’s national curriculum',
  cefr: 'CEFR can-do areas',
} as const;
/** One of the shipped sets, or the name of a set that was read in. */
export type StandardSet = string;

export interface Standard {
  readonly set: StandardSet;
  readonly code: string;
  /** As the set names it: K, 1 … 8; Y1 … Y6; A1 … C1. */
  readonly grade: string;
  readonly strand: string;
  readonly wording: string;
  /** What of it can be computed or made: `spelling:ai`, `structure:passive`, `find-it`. */
  readonly serves: readonly string[];
  readonly source: string;
}

/** The name by which a lesson keeps a standard; codes are one’s own only within a set. */
export const standardId = ({ set, code }: Pick<Standard, 'set' | 'code'>): string =>
  `${set}:${code}`;

export const setName = (set: StandardSet): string =>
  set in standardSets ? standardSets[set as keyof typeof standardSets] : set;

export interface ReadStandards {
  readonly standards: readonly Standard[];
  /** What was left out, and why. */
  readonly problems: readonly string[];
}

export const columns = ['set', 'code', 'grade', 'strand', 'wording', 'serves', 'source'] as const;

/** Letters that a wording can have. */
export const WORDING_LENGTH = 600;
export const MOST_STANDARDS = 10_000;

const trimmed = (value: unknown, most: number) =>
  (typeof value === 'string' ? value : '').trim().replace(/\s+/g, ' ').slice(0, most);

/** Rows of fields as standards. Of two with one code in one set the first is kept, and the other is named. */
export function standardsFrom(
  rows: readonly Readonly<Partial<Record<(typeof columns)[number], unknown>>>[],
): ReadStandards {
  const found = new Map<string, Standard>();
  const problems: string[] = [];
  rows.slice(0, MOST_STANDARDS).forEach((row, index) => {
    const set = trimmed(row.set, 80);
    const code = trimmed(row.code, 60);
    const wording = trimmed(row.wording, WORDING_LENGTH);
    if (set === '' || code === '' || wording === '') {
      problems.push(
        `Line ${index + 1} has no ${set === '' ? 'set' : code === '' ? 'code' : 'wording'} and was left out.`,
      );
      return;
    }
    const standard: Standard = {
      set,
      code,
      grade: trimmed(row.grade, 20),
      strand: trimmed(row.strand, 120),
      wording,
      serves: trimmed(row.serves, 400)
        .split(';')
        .map((each) => each.trim())
        .filter((each) => each !== '' && each !== 'none'),
      source: trimmed(row.source, 300),
    };
    const id = standardId(standard);
    if (found.has(id)) {
      problems.push(`${code} stands twice in ${setName(set)}: “${wording}” was left out.`);
    } else found.set(id, standard);
  });
  if (rows.length > MOST_STANDARDS) {
    problems.push(
      `Only the first ${MOST_STANDARDS.toLocaleString('en')} of ${rows.length.toLocaleString('en')} lines were read.`,
    );
  }
  return { standards: [...found.values()], problems };
}

/** The shipped table: a header line, then fields parted by tabs. */
export function standardsFromTable(table: string): ReadStandards {
  const [head = '', ...lines] = table.split(/\r?\n/).filter((line) => line.trim() !== '');
  const names = head.split('\t');
  return standardsFrom(
    lines.map((line) =>
      Object.fromEntries(line.split('\t').map((field, at) => [names[at] ?? '', field])),
    ),
  );
}
