import { describe, expect, test } from 'vitest';
import { completeClass } from '../classes/new-class';
import { catalogue } from '../exercises/catalogue';
import { makeExercise } from '../exercises/make-exercise';
import type { PageMark } from '../paper/marks';
import { readAloud, readAs, readAsCell, readingOf, spokenGaps, withTables } from '../paper/reading';
import { testLexicon, testMeanings } from '../testing/test-lexicon';
import { proses } from '../testing/texts';
import { completeMaterial } from '../texts/reading/text-material';
import { layOutSheet } from './sheet';

const lexicon = testLexicon();
const meanings = testMeanings();
const words = 'rain train snail lake snake day play wave rainbow umbrella hop hope'.split(' ');
const beside = Object.fromEntries(words.map((word) => [word, { translation: `<${word}>` }]));
const profile = completeClass({ id: 'a', name: 'Kestrels' });

const sheetOf = (maker: string) =>
  layOutSheet(
    makeExercise(
      {
        maker,
        words,
        parameters: { beside },
        seed: 5,
        reading: completeMaterial(proses[0] ?? ''),
      },
      lexicon,
      meanings,
    ),
    profile,
    'Kestrels',
  );
const read = (maker: string) => readAloud(sheetOf(maker).pages[0]?.marks ?? []);

const text = (said: string): PageMark => ({
  kind: 'text',
  text: said,
  ...{ x: 0, y: 0, size: 5, weight: 400, align: 'start', role: 'text' },
});

describe('what a page says', () => {
  test('marks of one saying are one, and only neighbours', () => {
    const marks = [
      ...readAs([text('w'), text('v'), text('e')], undefined, '1. w gap v e'),
      text('and'),
      ...readAs([text('w')], undefined, '1. w gap v e'),
    ];
    expect(readAloud(marks)).toEqual(['1. w gap v e', 'and', '1. w gap v e']);
    expect(readingOf(marks)[0]?.marks).toHaveLength(3);
  });

  test('columns are read one after the other, between what stands around them', () => {
    const marks = [
      text('Title'),
      ...readAs([text('1'), text('wave')], 1, '1. wave'),
      ...readAs([text('6'), text('lake')], 6, '6. lake'),
      ...readAs([text('2'), text('snake')], 2, '2. snake'),
      text('End'),
      ...readAs([text('1'), text('hail')], 1, '1. hail'),
    ];
    expect(readAloud(marks)).toEqual(['Title', '1. wave', '2. snake', '6. lake', 'End', '1. hail']);
  });

  test('lines of one text need no other saying', () => {
    const [group] = readingOf(
      readAs([text('The gale'), text('blew.')], undefined, 'The gale blew.'),
    );
    expect(group).toMatchObject({ text: 'The gale blew.', differs: false });
  });

  test('cells of a table stand in their rows, under their heads, and end with it', () => {
    const cell = (said: string, row: number, column: number, head = false) =>
      readAsCell([text(said === 'gap' ? '' : said)], { row, column, head }, said);
    const marks = [
      ...cell('Base', 0, 0, true),
      ...cell('Past', 0, 1, true),
      ...cell('go', 1, 0),
      ...cell('gap', 1, 1),
      ...cell('gap', 2, 0),
      ...cell('gap', 2, 1),
      text('End'),
      ...cell('wind', 0, 0),
      ...cell('rain', 1, 0),
    ];
    const tables = withTables(readingOf(marks)).filter((read) => 'rows' in read);
    expect(tables.map(({ rows }) => rows.map((row) => row.map((group) => group.text)))).toEqual([
      [
        ['Base', 'Past'],
        ['go', 'gap'],
        ['gap', 'gap'],
      ],
      [['wind'], ['rain']],
    ]);
    expect(readAloud(marks)).toEqual([
      'table with columns: Base; Past',
      'row: Base: go; Past: gap',
      'row: Base: gap; Past: gap',
      'End',
      'row 1: wind',
      'row 2: rain',
    ]);
  });

  test.each([
    ['Rain ______ all night.', 'Rain gap all night.'],
    ['It is ____.', 'It is gap.'],
    ['no gap', 'no gap'],
  ])('%s is said as %s', (written, said) => {
    expect(spokenGaps(written)).toBe(said);
  });
});

describe.each(catalogue.map(({ id }) => id))('%s, read aloud', (id) => {
  const sheet = sheetOf(id);

  test('says everything that is printed, once, with words whole and gaps named', () => {
    for (const page of sheet.pages) {
      const groups = readingOf(page.marks);
      const inGroups = groups.flatMap(({ marks }) => marks);
      const readable = page.marks.filter(({ kind }) => ['text', 'picture', 'hand'].includes(kind));
      expect(inGroups).toHaveLength(readable.length);
      expect(new Set(inGroups).size).toBe(readable.length);
      for (const { text: said } of groups) expect(said).not.toMatch(/_{2,}|undefined|\[object/);
    }
  });

  test('has its numbers in order', () => {
    const numbers = (sheet.pages[0] ? readAloud(sheet.pages[0].marks) : [])
      .map((line) => /^(\d+)\. /.exec(line)?.[1])
      .filter((number) => number !== undefined)
      .map(Number);
    // A crossword has two lists of clues, and not every number in each.
    const runs = numbers.filter((number, index) => index > 0 && number < (numbers[index - 1] ?? 0));
    expect(runs.length).toBeLessThanOrEqual(1);
  });
});

describe('an item of each way of answering', () => {
  test.each<[string, RegExp[]]>([
    ['missing-grapheme', [/^Word box: a–e, ai, ay$/, /^2\. sn gap k gap$/, /^3\. d gap$/]],
    ['sound-boxes', [/^1\. h ?o ?p$/, /^2\. .*(boxes|gap)/]],
    ['sentence-gaps', [/^Word box: /, /^\d+\. .* gap .*\.?/]],
    ['picture-to-word', [/^1\. picture$/, /^(ticked )?box: train$/]],
    ['match-picture', [/^1\. snake$/, /^to join: picture$/]],
    ['match-meaning', [/^1\. hop$/, /^to join: a large area of water with land all round it$/]],
    ['unscramble', [/^2\. .*pieces: s, k, a, n, e; line to write on$/]],
    ['sort-by-spelling', [/^box to sort into: a–e$/, /^card: wave$/]],
    ['word-search', [/^Word box: /, /^row 1: m, e, p/]],
    ['labelled-picture', [/^picture: gap\npicture: gap$/]],
    ['roll-and-read', [/^row 1: (1, )?hop, train, wave$/]],
    ['irregular-parts', [/^table with columns: Base; Past; Past participle$/, /^row: Base: go;/]],
    ['work-it-out', [/^1\. .*; \d lines to write on$/]],
    ['onset-rime-wheel', [/^Real words$/]],
    ['crossword', [/^Grid of squares, \d+ across and \d+ down/]],
  ])('%s', (maker, lines) => {
    const said = read(maker);
    for (const line of lines) expect(said.join('\n')).toMatch(new RegExp(line.source, 'm'));
  });

  test('the right side of a match is read after the left', () => {
    const said = read('match-translation');
    expect(said.indexOf('12. hope')).toBeLessThan(said.findIndex((line) => /^to join/.test(line)));
  });
});
