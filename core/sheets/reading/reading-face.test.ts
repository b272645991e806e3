import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '../../demo/fernhill';
import { completeClass } from '../../classes/new-class';
import { testLexicon } from '../../testing/test-lexicon';
import { completeMaterial, materialOf, type TextMaterial } from '../../texts/reading/text-material';
import { textWidth } from '../../paper/measure';
import { validateSync } from 'class-validator';
import { plainToInstance } from 'class-transformer';
import type { TextMark } from '../../paper/marks';
import { sheetStyle } from '../../paper/style';
import { layOutText } from '../lay-out-text';
import { litForms } from './lit-forms';
import type { ReadingLayout } from '../../texts/reading-layout';
import { readRuby, withoutRuby } from './ruby';
import { ReadingLayoutRecord } from '../../records/reading-layout-record';

const texts = fernhillDemo(testLexicon()).texts.map(materialOf);
const [wind, station] = texts as [TextMaterial, TextMaterial];
const grade9 = completeClass({ level: { system: 'us', value: 'G9' }, step: null });
const style = sheetStyle(grade9);
const lay = (text: TextMaterial, reading: ReadingLayout = {}, layout = {}) =>
  layOutText(text, reading, grade9, 'Test', layout);
const inks = (text: TextMaterial, reading: ReadingLayout = {}, layout = {}, part = 'learner') =>
  lay(text, reading, layout).pages.flatMap((page) =>
    page.part === part ? page.marks.flatMap((mark) => (mark.kind === 'text' ? [mark] : [])) : [],
  );
const printed = (marks: readonly TextMark[]) => marks.map(({ text }) => text);

describe('nothing of a text is lost on paper', () => {
  test.each<[string, ReadingLayout, object]>([
    ['plain', {}, {}],
    ['numbered, with a margin', { numbers: 'all', margin: true }, {}],
    ['double spaced', { doubleSpaced: true }, {}],
    ['two columns', { numbers: 'fives' }, { columns: 2 }],
    ['large print on A5', {}, { paper: 'a5', largePrint: true }],
    ['with glosses at the foot', { glosses: 'foot', wordBox: true }, {}],
  ])('%s', (_, reading, layout) => {
    for (const text of texts) {
      const sheet = lay(text, reading, layout);
      expect(sheet.problems).toEqual([]);
      const marks = inks(text, reading, layout);
      const words = (source: string) => source.replace(/^#+ /gm, '').split(/\s+/).filter(Boolean);
      // Japanese has no blanks: each of its signs is looked for, and each kana over a kanji.
      const signs = text.language === 'ja';
      const there = signs ? [...printed(marks).join('')] : printed(marks).join(' ').split(/\s+/);
      const counts = new Map<string, number>();
      for (const word of there) counts.set(word, (counts.get(word) ?? 0) + 1);
      for (const word of signs ? text.body.replace(/[\s《》｜]/gu, '') : words(text.body)) {
        expect(counts.get(word) ?? 0, word).toBeGreaterThan(0);
        counts.set(word, (counts.get(word) ?? 0) - 1);
      }
    }
  });

  test('no line runs into the margin for notes, or off the paper', () => {
    const marks = inks(station, { margin: true, numbers: 'all' }).filter(
      ({ role, size }) => role === 'text' && size === style.body,
    );
    expect(marks.length).toBeGreaterThan(10);
    const most = style.paper.margin + 9 + (style.width * 0.66 - 9 - 5) + 0.01;
    for (const mark of marks)
      expect(mark.x + textWidth(mark.text, style.font, 400, mark.size)).toBeLessThanOrEqual(most);
  });
});

describe('what stands beside the lines', () => {
  test('lines of verse are numbered as they are written, every line or every fifth', () => {
    const numbers = (reading: ReadingLayout) =>
      printed(inks(wind, reading)).filter((text) => /^\d$/.test(text));
    expect(numbers({ numbers: 'all' })).toEqual(['1', '2', '3', '4', '5', '6', '7', '8']);
    expect(numbers({ numbers: 'fives' })).toEqual(['5']);
    expect(numbers({ numbers: 'none' })).toEqual([]);
  });

  test('a mark is lined under and named at its line; a question stands at the line it asks about', () => {
    const marks = inks(wind, { marks: true, questions: true });
    const line = (begin: string) => marks.find(({ text }) => text.startsWith(begin))?.y ?? 0;
    const note = (begin: string) => marks.find(({ text }) => text.startsWith(begin))?.y ?? 0;
    expect(note('parallelism')).toBeCloseTo(line('Neither I nor you'), 1);
    expect(Math.abs(note('Why “is passing”') - line('The wind is passing by'))).toBeLessThan(6);
    const paths =
      lay(wind, { marks: true }).pages[0]?.marks.filter(
        ({ kind }) => kind === 'line' || kind === 'path',
      ) ?? [];
    expect(paths.length).toBeGreaterThan(6);
  });

  test('glosses in the margin stand at the first place of their word', () => {
    const marks = inks(station, { glosses: 'margin' });
    const gloss = marks.find(({ text }) => text.startsWith('gauge:'));
    const line = marks.find(({ text }) => text.includes('rain gauge'));
    expect(gloss?.y).toBeCloseTo(line?.y ?? 0, 1);
  });

  test('the key holds the chart and the model answers, and is left out where nothing is written', () => {
    const key = printed(inks(wind, {}, {}, 'key')).join(' ');
    expect(key).toContain('Key: Who Has Seen the Wind?');
    expect(key).toContain('Model answer: It is happening now');
    expect(lay(completeMaterial('It rained.')).pages.every((page) => page.part === 'learner')).toBe(
      true,
    );
  });

  test('the original prints in place of the fitted text where that is asked for', () => {
    expect(printed(inks(station, { original: true })).join(' ')).toContain(
      'miniature weather station',
    );
    expect(printed(inks(station)).join(' ')).not.toContain('miniature');
  });

  test('an empty text says so', () => {
    expect(lay(completeMaterial('')).problems.join(' ')).toContain('The text is empty');
  });
});

describe('furigana', () => {
  test('are read as Japanese plain texts write them', () => {
    // The convention of the Aozora library: 《 》 after kanji, ｜ where the word begins earlier.
    expect(readRuby('風《かぜ》が').map(({ text, ruby }) => [text, ruby])).toEqual([
      ['風', 'かぜ'],
      ['が', undefined],
    ]);
    expect(readRuby('｜お天気《てんき》だ')[0]).toMatchObject({ text: 'お天気', ruby: 'てんき' });
    expect(withoutRuby('風《かぜ》が吹《ふ》く')).toBe('風が吹く');
  });

  test('stand over their word, half as large', () => {
    const marks = inks(
      completeMaterial({ body: '風《かぜ》が吹《ふ》いています。', kind: 'prose' }),
    );
    const ruby = marks.find(({ text }) => text === 'かぜ');
    const base = marks.find(({ text }) => text === '風');
    expect(ruby && base && ruby.y < base.y - base.size * 0.9).toBe(true);
    expect(ruby?.size).toBeCloseTo((base?.size ?? 0) / 2, 5);
  });
});

describe('grammar underlined in a printed text', () => {
  const body =
    'The wind has been blowing since noon. It’s cold, and the goat ate the lid by the gate.';
  const text = completeMaterial({ title: 'Wind', body });
  const lexicon = testLexicon();
  const pages = (grammar: readonly string[], source = text) =>
    layOutText(source, { grammar }, grade9, 'Test', {}, lexicon).pages.flatMap(
      ({ marks }) => marks,
    );

  test('a line under each form, as long as its word, and a legend that counts them', () => {
    const marks = pages(['prepositions']);
    const said = marks.flatMap((mark) => (mark.kind === 'text' ? [mark] : []));
    expect(said.some(({ text: words }) => words === 'Prepositions (2)')).toBe(true);
    const lines = marks.flatMap((mark) =>
      mark.kind === 'line' && mark.width === 0.8 ? [mark] : [],
    );
    // The sample of the legend, and since and by.
    expect(lines).toHaveLength(3);
    const widths = lines.slice(1).map(({ x1, x2 }) => x2 - x1);
    for (const [at, word] of ['since', 'by'].entries())
      expect(widths[at]).toBeCloseTo(textWidth(word, style.font, 400, style.body), 5);
  });

  test('forms that share words are lined one under another', () => {
    const marks = pages(['verbs', 'present perfect continuous']);
    const tops = new Set(
      marks.flatMap((mark) =>
        mark.kind === 'line' && [0.8, 0.25].includes(mark.width) ? [mark.y1] : [],
      ),
    );
    expect(tops.size).toBeGreaterThan(3);
  });

  test('what is not there is counted as none; another language is left alone', () => {
    expect(litForms(text, ['passive'], lexicon).map(({ places }) => places.length)).toEqual([0]);
    const german = {
      ...text,
      body: 'Der Wind weht über den Hügel und die Kinder laufen schnell nach Hause.',
    };
    expect(litForms(german, ['prepositions'], lexicon)).toEqual([]);
    expect(pages(['prepositions'], german)).toEqual(pages([], german));
  });

  test('five forms, or a form that nobody knows, are refused in plain words', () => {
    const problems = (grammar: readonly string[]) =>
      validateSync(plainToInstance(ReadingLayoutRecord, { grammar })).flatMap(({ constraints }) =>
        Object.values(constraints ?? {}),
      );
    expect(problems(['articles', 'passive'])).toEqual([]);
    expect(problems(['articles', 'verbs', 'nouns', 'adverbs', 'passive'])).toEqual([
      'Four forms can be told apart on paper. Take one away first.',
    ]);
    expect(problems(['gerundive'])).toEqual([
      'One of the forms to light is not known. Choose from the list.',
    ]);
  });
});
