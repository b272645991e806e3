/**
 * The parts of a QTI 3.0 assessment item (1EdTech, Question and Test Interoperability 3.0, final):
 * declarations, body, and how a response is scored.
 */
import { element, escapeXml } from './xml';

/** The picture of an item: by its name in our pictures; the package has its file. */
export const pictureFile = (name: string) => `pictures/${name.replace(/[^\w-]+/g, '_')}.png`;

export const imageOf = (name: string, says: string): string =>
  element('img', { src: `../${pictureFile(name)}`, alt: says, width: 144 });

export const value = (text: string): string => element('qti-value', {}, escapeXml(text));

export interface Declaration {
  readonly identifier: string;
  readonly cardinality: 'single' | 'multiple' | 'ordered';
  readonly baseType: 'identifier' | 'string' | 'directedPair';
  readonly correct: readonly string[];
  /** Marks of what may be given; with `beside`, what anything else costs. */
  readonly marks?: readonly (readonly [given: string, marks: number])[];
  readonly beside?: number;
}

export const declare = ({ identifier, cardinality, baseType, correct, ...rest }: Declaration) => {
  const { marks, beside = 0 } = rest;
  const right = element('qti-correct-response', {}, ...correct.map(value));
  const mapping =
    marks === undefined
      ? ''
      : element(
          'qti-mapping',
          { 'default-value': beside, 'lower-bound': 0 },
          ...marks.map(([given, each]) =>
            element('qti-map-entry', { 'map-key': given, 'mapped-value': each }),
          ),
        );
  return element(
    'qti-response-declaration',
    { identifier, cardinality, 'base-type': baseType },
    right,
    mapping,
  );
};

const score = (inside: string) => element('qti-set-outcome-value', { identifier: 'SCORE' }, inside);
const number = (marks: number) =>
  element('qti-base-value', { 'base-type': 'float' }, String(marks));

/** Scored by one condition: a mark where it holds, none where not. */
export const markWhere = (condition: string): string =>
  element(
    'qti-response-processing',
    {},
    element(
      'qti-response-condition',
      {},
      element('qti-response-if', {}, condition, score(number(1))),
      element('qti-response-else', {}, score(number(0))),
    ),
  );

/** The response equals the key. */
export const isKey = (identifier = 'RESPONSE'): string =>
  element(
    'qti-match',
    {},
    element('qti-variable', { identifier }),
    element('qti-correct', { identifier }),
  );

/** The response is one of several texts; capitals do not count. */
export const isOneOf = (identifier: string, texts: readonly string[]): string => {
  const each = texts.map((text) =>
    element(
      'qti-string-match',
      { 'case-sensitive': 'false' },
      element('qti-variable', { identifier }),
      element('qti-base-value', { 'base-type': 'string' }, escapeXml(text)),
    ),
  );
  return each.length === 1 ? (each[0] ?? '') : element('qti-or', {}, ...each);
};

export const allOf = (conditions: readonly string[]): string =>
  conditions.length === 1 ? (conditions[0] ?? '') : element('qti-and', {}, ...conditions);

/** Each right part has its mark. */
export const markByMap = (identifier = 'RESPONSE'): string =>
  element('qti-response-processing', {}, score(element('qti-map-response', { identifier })));

export interface WrittenItem {
  readonly identifier: string;
  readonly title: string;
  readonly language: string;
  /** Marks it can earn; none where nothing is computed. */
  readonly outOf: number;
  readonly declarations: readonly string[];
  readonly body: readonly string[];
  /** How it is scored; nothing where a person reads it. */
  readonly processing: string;
}

export const NAMESPACE = 'http://www.imsglobal.org/xsd/imsqtiasi_v3p0';
const SCHEMA = 'https://purl.imsglobal.org/spec/qti/v3p0/schema/xsd/imsqti_asiv3p0_v1p0.xsd';

/** The item as a file. */
export function itemFile(item: WrittenItem): string {
  const outcome = (identifier: string, marks: number) =>
    element(
      'qti-outcome-declaration',
      { identifier, cardinality: 'single', 'base-type': 'float' },
      element('qti-default-value', {}, value(String(marks))),
    );
  const xml = element(
    'qti-assessment-item',
    {
      xmlns: NAMESPACE,
      'xmlns:xsi': 'http://www.w3.org/2001/XMLSchema-instance',
      'xsi:schemaLocation': `${NAMESPACE} ${SCHEMA}`,
      identifier: item.identifier,
      title: item.title,
      adaptive: 'false',
      'time-dependent': 'false',
      'xml:lang': item.language,
    },
    ...item.declarations,
    outcome('SCORE', 0),
    outcome('MAXSCORE', item.outOf),
    element('qti-item-body', {}, ...item.body),
    item.processing,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>\n${xml}\n`;
}
