/**
 * A QTI 3.0 package read in: our own exercises as they went out, by the file that lies beside them;
 * of a foreign package the questions and gaps, as lines that can be changed.
 */
import { strFromU8, unzipSync } from 'fflate';
import { DomUtils, parseDocument } from 'htmlparser2';
import { recipeProblems } from '../../exercises/catalogue';
import { itemsFromQti } from '../../qti/from-qti';
import { BackupError } from '../backup-error';
import { LessonPart } from '../lesson';
import { validateAs } from '../validate';
import { zipEntries } from '../zip-entries';

export interface ReadQti {
  readonly title: string;
  /** Exercises; their ids are to be given anew. */
  readonly parts: readonly LessonPart[];
  /** What was left out, a sentence each. */
  readonly left: readonly string[];
}

const MANIFEST = 'imsmanifest.xml';
const OWN = 'wordane.json';
/** All texts of a package, unpacked. */
const LARGEST = 64 * 1024 * 1024;
const MOST_ITEMS = 2000;

const part = (maker: string, parameters: LessonPart['parameters']): LessonPart => ({
  id: 'part',
  kind: 'exercise',
  text: '',
  maker,
  words: [],
  parameters,
  seed: 1,
});

/** Items of one exercise: a sheet holds no more lines. */
const MOST_LINES = 60;

const chunks = (lines: readonly string[]): (readonly string[])[] =>
  Array.from({ length: Math.ceil(lines.length / MOST_LINES) }, (_, at) =>
    lines.slice(at * MOST_LINES, (at + 1) * MOST_LINES),
  );

/** What our own file says, where it is whole and every exercise in it can be made. */
function ownParts(json: string, left: string[]): LessonPart[] | undefined {
  let given: unknown;
  try {
    given = JSON.parse(json);
  } catch {
    return undefined;
  }
  const { format, parts } = (given ?? {}) as { format?: unknown; parts?: unknown };
  if (format !== 'wordane-exercises' || !Array.isArray(parts)) return undefined;
  return (parts as unknown[]).flatMap((each) => {
    const read = validateAs<LessonPart>(LessonPart, each);
    const [problem] = !read.ok
      ? read.problems.map(({ text }) => text)
      : read.value.kind === 'exercise'
        ? recipeProblems(read.value.maker, read.value.parameters)
        : [];
    if (read.ok && problem === undefined) return [read.value];
    left.push(`An exercise was left out (${problem ?? 'it is not valid'}).`);
    return [];
  });
}

/**
 * Reads a package; undefined where the zip is none.
 *
 * @throws BackupError where it is one and nothing in it can be read
 */
export function readQti(bytes: Uint8Array): ReadQti | undefined {
  const entries = zipEntries(bytes);
  if (entries === undefined || !entries.some(({ name }) => name === MANIFEST)) return undefined;
  const texts = entries.filter(({ name }) => name.endsWith('.xml') || name === OWN);
  if (texts.reduce((sum, { size }) => sum + size, 0) > LARGEST) {
    throw new BackupError('This package is larger than any that can be read. Nothing was changed.');
  }
  const wanted = new Set(texts.map(({ name }) => name));
  let files: Record<string, Uint8Array>;
  try {
    files = unzipSync(bytes, {
      filter: ({ name, originalSize }) => wanted.has(name) && originalSize <= LARGEST,
    });
  } catch {
    throw new BackupError(
      'This package is damaged: a part of it cannot be unpacked. Choose another copy. Nothing was changed.',
    );
  }
  const textOf = (name: string) => strFromU8(files[name] ?? new Uint8Array());
  const left: string[] = [];
  const test = parseDocument(textOf('test.xml'), { xmlMode: true });
  const [named] = DomUtils.getElementsByTagName('qti-assessment-test', test.children);
  const title = named?.attribs['title']?.trim().slice(0, 300) || 'Exercises read in';
  const own = OWN in files ? ownParts(textOf(OWN), left) : undefined;
  if (own !== undefined && own.length > 0) return { title, parts: own, left };
  const manifest = parseDocument(textOf(MANIFEST), { xmlMode: true });
  const hrefs = DomUtils.getElementsByTagName('resource', manifest.children)
    .filter(({ attribs }) => /item/.test(attribs['type'] ?? ''))
    .map(({ attribs }) => attribs['href'] ?? '');
  const missing = hrefs.filter((href) => files[href] === undefined);
  left.push(...missing.map((href) => `${href} is named in the package and is not in it.`));
  const there = hrefs.filter((href) => files[href] !== undefined).slice(0, MOST_ITEMS);
  const {
    questions,
    sentences,
    left: unread,
  } = itemsFromQti(Object.fromEntries(there.map((href) => [href, textOf(href)])));
  left.push(...unread);
  const parts = [
    ...chunks(questions).map((lines) => part('own-choices', { questions: [...lines] })),
    ...chunks(sentences).map((lines) => part('own-gaps', { sentencesWithGaps: [...lines] })),
  ];
  if (parts.length === 0) {
    throw new BackupError(
      `Nothing in this package could be read in. ${left.slice(0, 5).join(' ')} Nothing was changed.`,
    );
  }
  return { title, parts, left };
}
