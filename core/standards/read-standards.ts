/** A file of standards: a CASE package (1EdTech), or a table with a header line. */
import Papa from 'papaparse';
import { fromCase } from './case-json';
import { columns, standardsFrom, type ReadStandards } from './standard';

/** What other tables call our columns. */
const names: Readonly<Record<string, (typeof columns)[number]>> = {
  id: 'code',
  identifier: 'code',
  'human coding scheme': 'code',
  humancodingscheme: 'code',
  standard: 'wording',
  statement: 'wording',
  'full statement': 'wording',
  fullstatement: 'wording',
  description: 'wording',
  text: 'wording',
  level: 'grade',
  year: 'grade',
  'education level': 'grade',
  educationlevel: 'grade',
  domain: 'strand',
  category: 'strand',
  type: 'strand',
  framework: 'set',
  document: 'set',
  notes: 'source',
};

const columnOf = (head: string): string => {
  const name = head.trim().toLowerCase();
  return (columns as readonly string[]).includes(name) ? name : (names[name] ?? '');
};

/**
 * @param name of the set, where the file names none
 */
export function readStandardsFile(text: string, name: string): ReadStandards {
  if (text.trim() === '') return { standards: [], problems: ['The file is empty.'] };
  if (/^\s*[{[]/.test(text)) return fromCase(text.replace(/^\uFEFF/, ''));
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: columnOf,
  });
  const fields = meta.fields ?? [];
  const missing = (['code', 'wording'] as const).filter((each) => !fields.includes(each));
  if (missing.length > 0) {
    return {
      standards: [],
      problems: [
        `The first line has no column “${missing.join('” and no column “')}”. Name the columns code, wording, grade and strand; set and serves if there are any.`,
      ],
    };
  }
  return standardsFrom(data.map((row) => ({ ...row, set: row['set']?.trim() || name })));
}
