import { strFromU8, unzipSync } from 'fflate';
import { Packer } from 'docx';
import { describe, expect, test } from 'vitest';
import { exerciseDocument } from '~core/documents/sheet-document';
import { makeExercise } from '~core/exercises/make-exercise';
import { testLexicon, testMeanings } from '~core/testing/test-lexicon';
import { wordDocument } from './word-file';

// A picture of one pixel: the smallest PNG (PNG specification, ISO/IEC 15948).
const pixel = Uint8Array.from(
  atob(
    'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==',
  ),
  (character) => character.charCodeAt(0),
);

async function opened(
  maker: string,
  pictures: ReadonlyMap<string, Uint8Array<ArrayBuffer>> = new Map(),
) {
  const words = ['rain', 'snail', 'snake', 'cloud', 'rainbow'];
  const exercise = makeExercise(
    { maker, words, parameters: {}, seed: 2 },
    testLexicon(),
    testMeanings(),
  );
  const document = wordDocument(exerciseDocument(exercise), {
    title: exercise.title,
    paper: 'letter',
    font: 'Andika',
    pictures,
  });
  const files = unzipSync(new Uint8Array(await Packer.toBuffer(document)));
  const xml = strFromU8(files['word/document.xml'] as Uint8Array);
  const text = [...xml.matchAll(/<w:t[^>]*>([^<]*)<\/w:t>/g)].map((match) => match[1]).join(' ');
  return { exercise, files, xml, text };
}

describe('a Word file', () => {
  test('has the parts that Office Open XML asks for (ECMA-376)', async () => {
    const { files } = await opened('build-ing');
    for (const part of [
      '[Content_Types].xml',
      '_rels/.rels',
      'word/document.xml',
      'word/styles.xml',
    ]) {
      expect(Object.keys(files)).toContain(part);
    }
  });

  test('has the sheet’s text, its items and its key, with headings as headings', async () => {
    const { exercise, text, xml } = await opened('build-ing');
    expect(text).toContain(exercise.title);
    expect(text).toContain(exercise.instruction);
    expect(text).toContain(`Key: ${exercise.title}`);
    if (exercise.task.interaction === 'gap') {
      for (const item of exercise.task.items) expect(text).toContain(item.key);
    }
    expect(xml.match(/<w:pStyle w:val="Heading1"\/>/g)?.length).toBe(2);
  });

  test('is on the paper of the class: Letter is 12240 by 15840 twentieths of a point', async () => {
    const { xml } = await opened('build-ing');
    expect(xml).toMatch(/<w:pgSz w:w="1224[01]" w:h="1584[01]"/);
  });

  test('shows the pictures it was given, and names the others', async () => {
    const drawn = await opened('match-picture', new Map([['snail', pixel]]));
    expect(Object.keys(drawn.files).filter((name) => name.startsWith('word/media/'))).toHaveLength(
      1,
    );
    expect(drawn.text).toContain('[picture: ');
    expect(drawn.xml).toContain('descr="snail"');
  });
});
