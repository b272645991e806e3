import { strToU8, zipSync } from 'fflate';
import { describe, expect, test } from 'vitest';
import { makeExercise } from '../../exercises/make-exercise';
import { qtiFiles, qtiPackage } from '../../qti/package';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { BackupError } from '../backup-error';
import type { LessonPart } from '../lesson';
import { readQti } from './read-qti';

const partOf = (maker: string, words: string[], parameters = {}): LessonPart => ({
  id: maker,
  kind: 'exercise',
  text: '',
  maker,
  words,
  parameters,
  seed: 4,
});
const parts = [
  partOf('missing-grapheme', ['rain', 'lake', 'storm', 'cloud']),
  partOf('own-choices', [], { questions: ['Which is warm? | sun | ice | snow'] }),
  partOf('sentence-gaps', ['rain', 'lake', 'storm', 'cloud']),
  partOf('match-meaning', ['rain', 'lake', 'storm', 'cloud']),
];
const made = parts.map((part) => ({
  id: part.id,
  exercise: makeExercise(part, testLexicon(), testMeanings()),
}));
const packed = (own?: object) => qtiPackage(qtiFiles('Storm log', made, own), new Map());

describe('our own package', () => {
  test('reads back as it was written', () => {
    const read = readQti(packed({ format: 'wordane-exercises', parts }));
    expect(read?.title).toBe('Storm log');
    expect(JSON.parse(JSON.stringify(read?.parts))).toEqual(parts);
    expect(read?.left).toEqual([]);
  });

  test('an exercise that cannot be made is left out by name; a broken list is passed over', () => {
    const odd = [...parts, partOf('no-such-maker', [])];
    const read = readQti(packed({ format: 'wordane-exercises', parts: odd }));
    expect(read?.parts).toHaveLength(parts.length);
    expect(read?.left).toHaveLength(1);
    expect(readQti(packed({ format: 'another' }))?.parts.map(({ maker }) => maker)).toEqual([
      'own-choices',
      'own-gaps',
    ]);
  });
});

describe('without our list, as a foreign reader would have it', () => {
  const read = readQti(packed());

  test('questions come in with their right answer first', () => {
    const [questions] = read?.parts ?? [];
    const [line = ''] = questions?.parameters['questions'] as string[];
    const [asked, right, ...wrong] = line.split(' | ');
    expect([asked, right, wrong.sort()]).toEqual(['Which is warm?', 'sun', ['ice', 'snow']]);
  });

  test('gaps come in where they stand, with all answers that are right', () => {
    const gaps = read?.parts.find(({ maker }) => maker === 'own-gaps');
    const lines = gaps?.parameters['sentencesWithGaps'] as string[];
    const items = made.flatMap(({ exercise: { task } }) =>
      task.interaction === 'gap' ? task.items : [],
    );
    expect(lines).toHaveLength(items.length);
    for (const line of lines) expect(line).toMatch(/___.*\| \S/);
    const exercise = makeExercise(gaps ?? partOf('own-gaps', []), testLexicon());
    expect(exercise.notes).toEqual([]);
    expect(exercise.short).toBeUndefined();
  });

  test('what is not read is named', () => {
    expect(read?.left.join(' ')).toMatch(/match is not read/);
  });
});

describe('packages that are wrong', () => {
  const pack = (files: Record<string, string>) =>
    zipSync(Object.fromEntries(Object.entries(files).map(([name, text]) => [name, strToU8(text)])));
  const manifest = (href: string) =>
    `<manifest><resources><resource type="imsqti_item_xmlv3p0" href="${href}"/></resources></manifest>`;

  test('a zip that is no package is left to whoever reads zips', () => {
    expect(readQti(pack({ 'a.txt': 'a' }))).toBeUndefined();
    expect(readQti(strToU8('no zip at all'))).toBeUndefined();
  });

  test('a part that is named and missing is said; with nothing left the package is refused', () => {
    const lost = () => readQti(pack({ 'imsmanifest.xml': manifest('items/lost.xml') }));
    expect(lost).toThrow(BackupError);
    expect(lost).toThrow(/items\/lost\.xml is named in the package and is not in it/);
    expect(lost).toThrow(/Nothing was changed/);
  });

  test('an older version of the standard, and what is no XML, are refused with the reason', () => {
    const old = pack({ 'imsmanifest.xml': manifest('a.xml'), 'a.xml': '<assessmentItem/>' });
    expect(() => readQti(old)).toThrow(/holds no QTI 3 item/);
    const none = pack({ 'imsmanifest.xml': manifest('a.xml'), 'a.xml': 'just words' });
    expect(() => readQti(none)).toThrow(/holds no QTI 3 item/);
  });

  test('scripts and markup of a package come in as words, or not at all', () => {
    const item = `<qti-assessment-item title="x"><qti-response-declaration identifier="RESPONSE"><qti-correct-response><qti-value>A</qti-value></qti-correct-response></qti-response-declaration><qti-item-body><qti-choice-interaction response-identifier="RESPONSE"><qti-prompt>Who | <b>reads</b> ____ it?</qti-prompt><qti-simple-choice identifier="A">Mina</qti-simple-choice><qti-simple-choice identifier="B">Nils &lt;script&gt;</qti-simple-choice></qti-choice-interaction></qti-item-body></qti-assessment-item>`;
    const read = readQti(pack({ 'imsmanifest.xml': manifest('a.xml'), 'a.xml': item }));
    expect(read?.parts[0]?.parameters['questions']).toEqual([
      'Who / reads … it? | Mina | Nils <script>',
    ]);
  });
});
