/**
 * Standards as CASE JSON, the open exchange of competencies (1EdTech CASE 1.0, CFPackage: a
 * CFDocument with CFItems). What a set has beside these fields is passed over, and said.
 */
import {
  columns,
  setName,
  standardSets,
  standardsFrom,
  type ReadStandards,
  type Standard,
} from './standard';

/** A name-based UUID in the shape of RFC 9562 version 8, from two FNV-1a hashes: the same standard has the same one each time. */
function uuidOf(name: string): string {
  const hash = (seed: number) => {
    let value = seed >>> 0;
    for (const sign of name)
      value = Math.imul(value ^ (sign.codePointAt(0) ?? 0), 16_777_619) >>> 0;
    return value.toString(16).padStart(8, '0');
  };
  const hex = [0x811c9dc5, 0x1000193, 0xdeadbeef, 0x2545f491].map(hash).join('');
  const variant = ((parseInt(hex.slice(16, 17), 16) & 3) | 8).toString(16);
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-${variant}${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/** Our grades as CASE has them: CEDS codes for grades (KG, 01 …), the set’s own name otherwise. */
function gradeCode({ set, grade }: Standard): string {
  if (set !== 'ccss') return grade;
  return grade === 'K' ? 'KG' : grade.padStart(2, '0');
}

const gradeFrom = (code: string) =>
  code === 'KG' ? 'K' : /^0\d$/.test(code) ? code.slice(1) : code;

/**
 * One set as a CFPackage.
 *
 * @param made when it was written, as an ISO 8601 time
 */
export function toCase(standards: readonly Standard[], made: string): object {
  const [first] = standards;
  const title = first ? setName(first.set) : 'Standards';
  const document = uuidOf(`document ${title}`);
  const link = { title, identifier: document, uri: `urn:uuid:${document}` };
  return {
    CFDocument: {
      identifier: document,
      uri: `urn:uuid:${document}`,
      creator: 'Wordane',
      title,
      lastChangeDateTime: made,
      adoptionStatus: 'Draft',
      notes: first?.source ?? '',
    },
    CFItems: standards.map((standard) => {
      const identifier = uuidOf(`${standard.set}:${standard.code}`);
      return {
        identifier,
        uri: `urn:uuid:${identifier}`,
        CFDocumentURI: link,
        fullStatement: standard.wording,
        humanCodingScheme: standard.code,
        CFItemType: standard.strand,
        educationLevel: [gradeCode(standard)],
        conceptKeywords: standard.serves,
        notes: standard.source,
        lastChangeDateTime: made,
      };
    }),
  };
}

const textOf = (value: unknown) => (typeof value === 'string' ? value : '');
const listOf = (value: unknown): string[] =>
  Array.isArray(value) ? value.filter((each) => typeof each === 'string') : [];

/** Standards of a CFPackage; items without a statement, and what links them, are left out and said. */
export function fromCase(json: string): ReadStandards {
  let given: unknown;
  try {
    given = JSON.parse(json);
  } catch {
    return { standards: [], problems: ['The file is not JSON, or it is cut off.'] };
  }
  const { CFDocument, CFItems, CFAssociations } = (given ?? {}) as Record<string, unknown>;
  if (!Array.isArray(CFItems)) {
    return {
      standards: [],
      problems: ['The file has no CFItems, so it is not a CASE package of standards.'],
    };
  }
  const set = textOf((CFDocument as Record<string, unknown> | undefined)?.['title']) || 'Own set';
  const known = Object.entries(standardSets).find(([, name]) => name === set)?.[0];
  const read = standardsFrom(
    (CFItems as unknown[]).map((item) => {
      const own = (item ?? {}) as Record<string, unknown>;
      return {
        set: known ?? set,
        code: textOf(own['humanCodingScheme']) || textOf(own['identifier']).slice(0, 8),
        grade: gradeFrom(listOf(own['educationLevel'])[0] ?? ''),
        strand: textOf(own['CFItemType']),
        wording: textOf(own['fullStatement']),
        serves: listOf(own['conceptKeywords']).join(';'),
        source: textOf(own['notes']),
      };
    }),
  );
  const links = Array.isArray(CFAssociations) ? CFAssociations.length : 0;
  return {
    standards: read.standards,
    problems: [
      ...read.problems,
      ...(links > 0
        ? [`${links} links between standards were left out: Wordane keeps a plain list.`]
        : []),
    ],
  };
}

const quoted = (field: string) => (/[",\n]/.test(field) ? `"${field.replace(/"/g, '""')}"` : field);

/** The same as CSV (RFC 4180), with our columns. */
export const toCsv = (standards: readonly Standard[]): string =>
  [
    columns.join(','),
    ...standards.map((standard) =>
      columns
        .map((name) => quoted(name === 'serves' ? standard.serves.join(';') : standard[name]))
        .join(','),
    ),
  ].join('\r\n') + '\r\n';
