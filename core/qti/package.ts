/**
 * A QTI 3.0 package: `imsmanifest.xml`, a test that names the items in their order, the items, and
 * the pictures they show; and beside them `wordane.json`, by which Wordane reads its own exercises
 * back as they were.
 */
import { strToU8, zipSync } from 'fflate';
import type { Exercise } from '../exercises/making/exercise';
import { itemFile, NAMESPACE, pictureFile } from './item-parts';
import { itemsOf } from './items-of';
import { element, escapeXml } from './xml';

export interface PackedExercise {
  readonly id: string;
  readonly exercise: Exercise;
}

export interface QtiFiles {
  /** Texts by their names in the package. */
  readonly files: Readonly<Record<string, string>>;
  /** Names of the pictures that are to go along. */
  readonly pictures: readonly string[];
  /** What has no counterpart, a sentence each. */
  readonly left: readonly string[];
  readonly items: number;
}

const CONTENT = 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1';

function testFile(title: string, hrefs: readonly (readonly [id: string, href: string])[]): string {
  const section = element(
    'qti-assessment-section',
    { identifier: 'section', title, visible: 'true' },
    ...hrefs.map(([identifier, href]) => element('qti-assessment-item-ref', { identifier, href })),
  );
  const part = element(
    'qti-test-part',
    { identifier: 'part', 'navigation-mode': 'nonlinear', 'submission-mode': 'individual' },
    section,
  );
  const test = element(
    'qti-assessment-test',
    { xmlns: NAMESPACE, identifier: 'test', title },
    part,
  );
  return `<?xml version="1.0" encoding="UTF-8"?>\n${test}\n`;
}

function manifestFile(
  items: readonly {
    readonly id: string;
    readonly href: string;
    readonly uses: readonly string[];
  }[],
): string {
  const file = (href: string) => element('file', { href });
  const resources = items.map(({ id, href, uses }) =>
    element(
      'resource',
      { identifier: id, type: 'imsqti_item_xmlv3p0', href },
      file(href),
      ...uses.map(file),
    ),
  );
  const test = element(
    'resource',
    { identifier: 'test', type: 'imsqti_test_xmlv3p0', href: 'test.xml' },
    file('test.xml'),
    ...items.map(({ id }) => element('dependency', { identifierref: id })),
  );
  const manifest = element(
    'manifest',
    { xmlns: CONTENT, identifier: 'wordane' },
    element(
      'metadata',
      {},
      element('schema', {}, 'QTI Package'),
      element('schemaversion', {}, '3.0.0'),
    ),
    element('organizations'),
    element('resources', {}, test, ...resources),
  );
  return `<?xml version="1.0" encoding="UTF-8"?>\n${manifest}\n`;
}

/**
 * The files of a package, apart from its pictures.
 *
 * @param own what Wordane itself reads back, as JSON; nothing where it is not to be read back
 */
export function qtiFiles(
  title: string,
  exercises: readonly PackedExercise[],
  own?: object,
): QtiFiles {
  const files: Record<string, string> = {};
  const pictures = new Set<string>();
  const left: string[] = [];
  const listed: { id: string; href: string; uses: readonly string[] }[] = [];
  for (const { id, exercise } of exercises) {
    const { title: name, screenInstruction: instruction, language, task } = exercise;
    const made = itemsOf(task, { id, title: name, instruction, language });
    left.push(...made.left);
    made.pictures.forEach((picture) => pictures.add(picture));
    for (const item of made.items) {
      const href = `items/${item.identifier}.xml`;
      const xml = itemFile(item);
      files[href] = xml;
      listed.push({
        id: item.identifier,
        href,
        uses: made.pictures.map(pictureFile).filter((file) => xml.includes(escapeXml(file))),
      });
    }
  }
  files['test.xml'] = testFile(
    title,
    listed.map(({ id, href }) => [id, href]),
  );
  files['imsmanifest.xml'] = manifestFile(listed);
  if (own) files['wordane.json'] = `${JSON.stringify(own, null, 1)}\n`;
  return { files, pictures: [...pictures], left, items: listed.length };
}

/** The package as the bytes of a zip; a picture that could not be had is left out. */
export function qtiPackage(
  { files, pictures }: QtiFiles,
  pictureBytes: ReadonlyMap<string, Uint8Array>,
): Uint8Array {
  const packed: Record<string, Uint8Array> = Object.fromEntries(
    Object.entries(files).map(([name, text]) => [name, strToU8(text)]),
  );
  for (const name of pictures) {
    const bytes = pictureBytes.get(name);
    if (bytes) packed[pictureFile(name)] = bytes;
  }
  return zipSync(packed);
}
