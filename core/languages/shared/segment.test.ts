import { describe, expect, test } from 'vitest';
import fc from 'fast-check';
import { fernhillDemo } from '../../demo/fernhill';
import { testLexicon } from '../../testing/test-lexicon';
import {
  headingText,
  isHeading,
  lettersIn,
  linesIn,
  looksLikeVerse,
  paragraphsIn,
  sectionsIn,
  sentencesIn,
  wordsIn,
  type Span,
} from './segment';

const cut = (text: string, spans: readonly Span[]) =>
  spans.map(({ start, end }) => text.slice(start, end));
const sentences = (text: string, verse?: boolean) => cut(text, sentencesIn(text, verse));

describe('sentences', () => {
  // Unicode Standard Annex 29, Sentence Boundaries: the kinds of cases it names, with words of our own.
  test.each([
    ['two', 'The wind rose. The rain came.', 2],
    ['a decimal', 'It rained 3.7 mm. We wrote it down.', 2],
    ['a title', 'Mr. Okafor opened the gate. Mrs. Lund closed it.', 2],
    ['hours', 'We met at 6 a.m. on Monday. Nobody was late.', 2],
    ['hours before a day of the week', 'We met at 6 a.m. Monday was cold.', 1],
    ['a number', 'Gauge No. 5 was full. Gauge 6 was not.', 2],
    ['no before a word', 'Did it rain? No. The sun shone.', 3],
    ['for example', 'Some clouds, e.g. Cirrus, are high. Others are low.', 2],
    ['a month before its day', 'On Sept. 4 it snowed. On Sept. 5 it thawed.', 2],
    ['an address', 'Look at example.org for more. It is short.', 2],
    ['an ellipsis in a sentence', 'The lid … was gone. We looked for it.', 2],
    ['three marks', 'What?! It is gone! Look …', 3],
    ['the word I', 'It was Mina and I. The rest had gone.', 2],
    ['an initial', 'J. Okafor read the gauge. It was full.', 2],
    ['no end mark', 'The vane turned', 1],
    ['only marks', '… ?!', 0],
    ['nothing', '', 0],
  ])('%s', (_, text, count) => {
    expect(sentences(text)).toHaveLength(count);
  });

  test.each([
    ['“Who took the lid?” asked Mina. Nobody knew.', 2],
    ['“Stop!” shouted the old keeper. The wind went on.', 2],
    ['“It is cold.” Mina shivered.', 2],
    ['Bram said, “Look up.” The cloud was black.', 2],
    ['“Look!” The cloud was black.', 2],
    ['(It rained.) Then it stopped.', 2],
    ['«Il pleut!» dit Mina. Elle court.', 2],
  ])('in a quotation: %s', (text, count) => {
    expect(sentences(text)).toHaveLength(count);
  });

  test('a paragraph ends its last sentence, a heading is one for itself', () => {
    expect(sentences('# The storm\nThe wind rose\n\nThe rain came.')).toEqual([
      '# The storm',
      'The wind rose',
      'The rain came.',
    ]);
  });

  test('in verse a sentence runs on over the end of a stanza', () => {
    const poem = 'The wind goes by\nand bends the tree\n\nand comes again\nto look at me.';
    expect(looksLikeVerse(poem)).toBe(true);
    expect(sentences(poem)).toHaveLength(1);
    expect(sentences(poem, false)).toHaveLength(2);
  });

  // Intl.Segmenter (Unicode Standard Annex 29, in the ICU of Node) as a second opinion.
  test('of the texts of the demo they are those of Unicode, but where somebody speaks', () => {
    const segmenter = new Intl.Segmenter('en', { granularity: 'sentence' });
    let [same, all] = [0, 0];
    for (const { body, kind, language } of fernhillDemo(testLexicon()).texts) {
      if (kind === 'poem' || (language !== undefined && language !== 'en')) continue;
      for (const { start, end } of paragraphsIn(body)) {
        const paragraph = body.slice(start, end);
        const theirs = new Set(
          [...segmenter.segment(paragraph)].map((each) => each.segment.trim()),
        );
        const ours = sentences(paragraph, false);
        all += ours.length;
        same += ours.filter((each) => theirs.has(each)).length;
      }
    }
    expect(all).toBeGreaterThan(30);
    expect(same / all).toBeGreaterThan(0.95);
  });
});

describe('whatever is written', () => {
  const text = fc
    .array(
      fc.constantFrom(
        'Wind',
        'rain',
        'I',
        'Mr.',
        '3.7',
        'No.',
        '“',
        '”',
        '. ',
        '! ',
        '? ',
        ' ',
        '\n',
        '\n\n',
        '# ',
        'é',
        '雨',
        'a.m.',
        '…',
      ),
      { maxLength: 40 },
    )
    .map((pieces) => pieces.join(''));

  test.each([
    ['words', wordsIn],
    ['sentences', sentencesIn],
    ['sentences of verse', (given: string) => sentencesIn(given, true)],
    ['lines', linesIn],
    ['paragraphs', paragraphsIn],
  ] as const)('%s stand in order, lie over nothing, and hold every letter', (_, spansOf) => {
    fc.assert(
      fc.property(text, (given) => {
        const spans = spansOf(given);
        let last = 0;
        for (const { start, end } of spans) {
          expect(start).toBeGreaterThanOrEqual(last);
          expect(end).toBeGreaterThan(start);
          last = end;
        }
        expect(last).toBeLessThanOrEqual(given.length);
        expect(lettersIn(cut(given, spans).join(''))).toBe(lettersIn(given));
      }),
    );
  });
});

describe('words, lines, paragraphs, sections', () => {
  test('hyphens, apostrophes, decimals and hours are one word each; a dash is none', () => {
    const text = 'The well-kept log doesn’t say 3.7 – at 6 a.m.';
    expect(cut(text, wordsIn(text))).toEqual([
      'The',
      'well-kept',
      'log',
      'doesn’t',
      'say',
      '3.7',
      'at',
      '6',
      'a.m.',
    ]);
  });

  test('words within a stretch end where it ends', () => {
    expect(cut('wind rain', wordsIn('wind rain', { start: 0, end: 6 }))).toEqual(['wind', 'r']);
  });

  test('empty lines and the white space about a line are left out', () => {
    const text = '  one \n\n\ttwo\n';
    expect(cut(text, linesIn(text))).toEqual(['one', 'two']);
  });

  test('a heading begins with # and a blank', () => {
    expect(['# Rain', '###### Rain', '#Rain', 'Rain # '].map(isHeading)).toEqual([
      true,
      true,
      false,
      false,
    ]);
    expect(headingText('##  Rain ')).toBe('Rain');
  });

  test('each section begins with its heading; what stands before the first is one, too', () => {
    const text = 'Before.\n# One\nA.\n## Two\nB.';
    expect(sectionsIn(text).map(({ title }) => title)).toEqual(['', 'One', 'Two']);
    expect(
      sectionsIn(text)
        .map(({ start, end }) => text.slice(start, end))
        .join(''),
    ).toBe(text);
    expect(sectionsIn('')).toHaveLength(1);
  });

  test('prose is no verse, nor are two short lines', () => {
    const prose = 'The club meets on Monday in the hall. '.repeat(4);
    expect(looksLikeVerse(`${prose}\n\n${prose}\n\n${prose}`)).toBe(false);
    expect(looksLikeVerse('The wind\nthe rain')).toBe(false);
  });
});
