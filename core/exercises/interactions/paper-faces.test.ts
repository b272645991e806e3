/** Faults that were seen on printed sheets, each with the sheet on which it was seen. */
import { describe, expect, test } from 'vitest';
import { paperFace } from '../../sheets/exercise-face';
import { sheetStyle } from '../../paper/style';
import { sizeThatHolds, textWidth } from '../../paper/measure';
import type { PageMark, TextMark } from '../../paper/marks';
import { kestrels, testLexicon, testMeanings } from '../../testing/test-lexicon';
import { layOutSheet } from '../../sheets/sheet';
import { makeExercise } from '../make-exercise';
import { packOf } from '../../languages/registry/registry';
import { orderPaper } from './order/paper-face';
import { writtenOut } from './order/task';
import type { SortTask } from './sort/task';

const lexicon = testLexicon();
const meanings = testMeanings();
const year1 = kestrels({ look: 'young', level: { system: 'uk', value: 'Y1' } });

function facesOf(maker: string, words: readonly string[], parameters = {}, profile = year1) {
  const exercise = makeExercise({ maker, words, parameters, seed: 11 }, lexicon, meanings, profile);
  const style = sheetStyle(profile);
  return { exercise, style, ...paperFace(exercise, style) };
}
const texts = (marks: readonly PageMark[]) =>
  marks.filter((mark): mark is TextMark => mark.kind === 'text');
const allTexts = ({ blocks }: ReturnType<typeof facesOf>) =>
  blocks.flatMap(({ marks }) => texts(marks));
const isPicture = ({ kind }: PageMark) => kind === 'picture';

describe('as large as what is read', () => {
  test('a table is set in four fifths of the print at least, and cuts no word', () => {
    const face = facesOf('forms-of-words', ['grow', 'snow', 'bow', 'play', 'jump']);
    const cells = allTexts(face).filter(({ weight }) => weight === 400);
    for (const { size } of cells) expect(size).toBeGreaterThanOrEqual(face.style.body * 0.8);
    expect(cells.map(({ text }) => text).join(' ')).not.toMatch(/-$|- /);
  });

  test('all boards of a class are in one size', () => {
    const words = 'boat coat snow goat road toad rainbow snowman cat hat big jumping'.split(' ');
    const boards = allTexts(facesOf('bingo-boards', words)).filter(
      ({ role }) => role !== 'heading',
    );
    expect(new Set(boards.map(({ size }) => size.toFixed(3))).size).toBe(1);
  });

  test('a heading of a sort is set smaller rather than cut in two', () => {
    const words = 'boat road coat hat snow rainbow goat cat toad snowman'.split(' ');
    const headings = allTexts(facesOf('sort-by-topic', words)).map(({ text }) => text);
    expect(headings).toContain('transport');
  });

  test('the largest size holds the longest word, and is no larger than wanted', () => {
    const size = sizeThatHolds(['a thermometer', 'rain'], 'andika', 400, 6, 20);
    expect(textWidth('thermometer', 'andika', 400, size)).toBeCloseTo(20, 5);
    expect(sizeThatHolds(['rain'], 'andika', 400, 6, 200)).toBe(6);
  });
});

describe('where it stands', () => {
  test('a sort of five headings and long words has its boxes and cards on one page', () => {
    const words =
      'rain thunder umbrella thermometer meteorology wind puddle hurricane barometer temperature fog lightning electricity observation meteorological snow'.split(
        ' ',
      );
    for (const paper of ['a4', 'letter'] as const) {
      const profile = kestrels({ paper, level: { system: 'uk', value: 'Y6' } });
      const exercise = makeExercise(
        { maker: 'sort-by-syllables', words, parameters: {}, seed: 11 },
        lexicon,
        meanings,
        profile,
      );
      expect((exercise.task as SortTask).headings.length).toBeGreaterThanOrEqual(5);
      expect(layOutSheet(exercise, profile, '', ['learner']).pages).toHaveLength(1);
    }
  });

  test('a number that is written into a box stands inside it', () => {
    const { exercise, style } = facesOf('order-of-events', [], {}, year1);
    const big = { ...style, body: 9 };
    const face =
      exercise.short === undefined
        ? paperFace(exercise, big, 'all')
        : orderPaper(
            {
              interaction: 'order',
              list: true,
              items: [
                {
                  id: 'a',
                  word: 'a',
                  pieces: ['It rained.', 'It began.'],
                  key: ['It began.', 'It rained.'],
                  reason: '',
                },
              ],
            },
            big,
            'all',
          );
    for (const { marks } of face.blocks) {
      const box = marks.find((mark) => mark.kind === 'box');
      const number = texts(marks).find(({ text }) => /^[0-9]$/.test(text));
      if (box?.kind !== 'box' || number === undefined) continue;
      expect(number.y).toBeLessThan(box.y + box.height);
      expect(number.y - number.size * 0.7).toBeGreaterThan(box.y);
    }
    expect(face.blocks.length).toBeGreaterThan(1);
  });

  test('numbers in a row are written with commas, words of a sentence with spaces', () => {
    expect(writtenOut(['265 ml', '2 l'], { sentence: true, row: true })).toBe('265 ml, 2 l');
    expect(writtenOut(['It', 'rained.'], { sentence: true })).toBe('It rained.');
    expect(writtenOut(['r', 'ai', 'n'], {})).toBe('rain');
  });

  test('no mark begins a line: it goes with the gap that it ends', () => {
    for (const width of [80, 95, 110, 125, 140, 155, 170]) {
      const { exercise, style } = facesOf('question-tags', []);
      const { blocks } = paperFace(exercise, { ...style, width });
      for (const { marks } of blocks) {
        const marked = texts(marks).filter(({ text }) => /^[?.!,]+$/.test(text));
        for (const { x } of marked) expect(x).toBeGreaterThan(11.5);
      }
    }
  });

  test('a long answer stays within its gap', () => {
    for (const { marks } of facesOf('used-to', [], { version: 'core' }).blocks) {
      for (const answer of texts(marks).filter(({ grey }) => grey)) {
        const half = textWidth(answer.text, year1.font, 400, answer.size) / 2;
        const line = marks.find(
          (mark) => mark.kind === 'line' && mark.x1 < answer.x && mark.x2 > answer.x,
        );
        if (line?.kind !== 'line') throw new Error('an answer without its gap');
        expect(answer.x - half).toBeGreaterThanOrEqual(line.x1 - 0.1);
        expect(answer.x + half).toBeLessThanOrEqual(line.x2 + 0.1);
      }
    }
  });

  test('clues stand clear of their numbers, also of those with two figures', () => {
    const words = 'rain hail snow wind storm cloud fog sun ice mist gale frost thunder sleet'.split(
      ' ',
    );
    const clues = facesOf('crossword', words).blocks.find(({ name }) => name === 'The clues');
    const marks = texts(clues?.marks ?? []);
    const numbers = marks.filter(({ text, weight }) => weight === 700 && /^\d+$/.test(text));
    expect(numbers.some(({ text }) => text.length === 2)).toBe(true);
    for (const number of numbers) {
      const end = number.x + textWidth(number.text, year1.font, 700, number.size);
      const behind = marks.filter(({ x, y }) => y === number.y && x > number.x);
      expect(Math.min(...behind.map(({ x }) => x))).toBeGreaterThan(end + 1);
    }
  });

  test('a line of the word box without a picture has no room for one', () => {
    const pictured = 'boat coat snow goat cat hat rainbow snowman'.split(' ');
    const plain = 'big young clever busy tall small kind brave'.split(' ');
    const { blocks, style } = facesOf('picture-prompt', [...pictured, ...plain]);
    const box = blocks.find(({ name }) => name === 'The box to choose from');
    const rows = [...new Set(texts(box?.marks ?? []).map(({ y }) => y))].sort((a, b) => a - b);
    const steps = rows.slice(1).map((y, at) => y - (rows[at] ?? 0));
    expect(Math.min(...steps.filter((step) => step > 2))).toBeLessThan(style.picture * 0.75);
  });

  test('bookmarks stand on the page of their head, also where an exam adds its marks', () => {
    const exam = kestrels({ look: 'exam', paper: 'letter' });
    const { blocks } = facesOf('bookmarks', ['rain', 'hail', 'snow'], {}, exam);
    const { exercise, style } = facesOf('bookmarks', ['rain', 'hail', 'snow'], {}, exam);
    const [row] = paperFace(exercise, { ...style, reserved: 60 }).blocks;
    expect(row?.height).toBeLessThanOrEqual((blocks[0]?.height ?? 0) - 20);
  });
});

describe('what can be seen', () => {
  test('a colour is pictured only where sheets print in colour', () => {
    const words = ['yellow', 'red', 'boat', 'coat', 'goat', 'snow'];
    const grey = facesOf('picture-writing', words).exercise;
    expect(grey.notes.map(({ text }) => text).join(' ')).toMatch(
      /yellow can be seen in colour only/,
    );
    const coloured = facesOf('picture-writing', words, {}, { ...year1, colour: true });
    expect(coloured.exercise.notes).toEqual([]);
    expect(coloured.blocks.flatMap(({ marks }) => marks).filter(isPicture)).toHaveLength(6);
  });

  test('a bow is what is tied, as its long o is read', () => {
    expect(lexicon.picturesOf('bow')).toEqual(['ribbon']);
  });

  test('pieces of a word in a narrow column go on below, with a line to write on', () => {
    const { exercise, style } = facesOf('unscramble', ['thermometer', 'rain', 'snow', 'cloud']);
    const width = 56;
    for (const { marks } of paperFace(exercise, { ...style, width }).blocks) {
      for (const mark of marks) {
        if (mark.kind === 'box') expect(mark.x + mark.width).toBeLessThanOrEqual(width + 0.01);
        if (mark.kind === 'line') expect(mark.x2 - mark.x1).toBeGreaterThanOrEqual(28);
      }
    }
  });
});

describe('which words a table takes', () => {
  const forms = (words: readonly string[]) => {
    const { exercise } = facesOf('forms-of-words', words, { shuffle: false });
    const { task } = exercise;
    return {
      rows: task.interaction === 'write' ? task.items.map(({ word }) => word) : [],
      notes: exercise.notes.map(({ text }) => text),
    };
  };

  test('verbs in their base form; a cat is none, though it could be', () => {
    expect(forms(['grow', 'cat', 'hat', 'yellow', 'plant', 'water', 'be']).rows).toEqual([
      'grow',
      'plant',
      'water',
      'be',
    ]);
  });

  test('a form of a verb is left out by the name of its verb', () => {
    const { rows, notes } = forms(['grow', 'play', 'jumping', 'ran']);
    expect(rows).toEqual(['grow', 'play']);
    expect(notes).toEqual([
      'jumping is a form of jump. It was left out: take jump.',
      'ran is a form of run. It was left out: take run.',
    ]);
  });

  test('a tense is shown of the first word that is mostly a verb', () => {
    expect(facesOf('forms-table', ['goat', 'boat', 'jumping', 'grow']).exercise.title).toBe(
      'grow: present simple',
    );
    expect(facesOf('forms-table', ['switch off']).exercise.title).toBe(
      'switch off: present simple',
    );
  });
});

describe('what the key writes', () => {
  const keyOf = (maker: string, words: readonly string[], key: 'list' | 'written') => {
    const { exercise } = facesOf(maker, words);
    const { pages } = layOutSheet(exercise, year1, '', ['key'], { key });
    return texts(pages.flatMap(({ marks }) => marks)).map(({ text }) => text);
  };

  test.each(['list', 'written'] as const)(
    'a beginning that makes no word stands with its ending: %s',
    (key) => {
      const said = keyOf('onset-rime-wheel', ['boat', 'goat', 'coat', 'float'], key).join('\n');
      expect(said).toMatch(/goat/);
      const { exercise } = facesOf('onset-rime-wheel', ['boat', 'goat', 'coat', 'float']);
      if (exercise.task.interaction !== 'build') throw new Error('a wheel');
      const none = exercise.task.pieces.filter(({ place }) => place === 'no-word');
      expect(none.length).toBeGreaterThan(0);
      for (const { text } of none) expect(said).toContain(`${text}oat`);
    },
  );

  test('a sentence under its kind has the end mark that was asked for', () => {
    const said = keyOf('sentence-types', [], 'written').filter(
      (text) => text.split(' ').length > 3,
    );
    const cards = said.filter((text) => !/^(?:Key|Cut|Put|Name)/.test(text));
    expect(cards.filter((text) => /[.!?]$/.test(text)).length).toBeGreaterThan(8);
  });

  test('a frame is written out whole, and its box has no word twice', () => {
    const { exercise } = facesOf('picture-prompt', ['goat', 'snow', 'big', 'happy']);
    if (exercise.task.interaction !== 'write') throw new Error('a writing task');
    const [frame] = exercise.task.items;
    expect(frame?.answer.split(' ').length).toBeGreaterThan(3);
    const box = (exercise.task.bank ?? []).map(({ word }) => word);
    expect(new Set(box).size).toBe(box.length);
  });
});

describe('a sign stroke by stroke', () => {
  test('shows each step with one stroke more, then what is traced, and leaves squares empty', async () => {
    await packOf('ja').load?.();
    const { blocks, problems } = facesOf('stroke-order', ['か'], { language: 'ja' });
    expect(problems).toEqual([]);
    const [sign] = blocks;
    const strokes = (sign?.marks ?? []).flatMap((mark) =>
      mark.kind === 'path' && mark.round ? [mark] : [],
    );
    const squares = (sign?.marks ?? []).filter(({ kind }) => kind === 'box');
    // The whole sign, its three steps, two to trace: by the left edge of their square.
    const byPlace = [...new Set(strokes.map(({ x }) => x))].map((x) =>
      strokes.filter((each) => each.x === x),
    );
    expect(byPlace.map((each) => each.length)).toEqual([3, 1, 2, 3, 3, 3]);
    expect(byPlace.map((each) => each.some(({ pale }) => pale))).toEqual([
      false,
      false,
      false,
      false,
      true,
      true,
    ]);
    expect(squares.length).toBeGreaterThan(byPlace.length + 4);
    // The licence asks to be named.
    expect(blocks.flatMap(({ marks }) => texts(marks)).map(({ text }) => text)).toContain(
      'Stroke order: KanjiVG, CC BY-SA 3.0',
    );
  });

  test('a sign of many strokes has numbers, and no steps', () => {
    const { blocks } = facesOf('stroke-order', ['雪'], { language: 'ja' });
    const strokes = (blocks[0]?.marks ?? []).filter((mark) => mark.kind === 'path' && mark.round);
    expect(strokes).toHaveLength(33);
    const numbers = texts(blocks[0]?.marks ?? []).map(({ text }) => Number(text));
    expect(numbers).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11]);
  });
});

describe('what the young tick off and cut out', () => {
  test('a list to tick off is nearly as large as what is worked on', () => {
    const face = facesOf('writing-task', []);
    const list = allTexts(face).filter(({ text }) => /capital letter|read it once/.test(text));
    expect(list.length).toBeGreaterThan(0);
    for (const { size } of list) expect(size).toBeGreaterThanOrEqual(face.style.body * 0.79);
  });

  test('labels grow with the room of their page', () => {
    const exercise = makeExercise(
      { maker: 'word-labels', words: ['rain', 'hail'], parameters: {}, seed: 1 },
      lexicon,
      meanings,
      year1,
    );
    const heightAt = (growth: number) =>
      paperFace(exercise, sheetStyle(year1, {}, growth)).blocks[0]?.height ?? 0;
    expect(heightAt(1)).toBeGreaterThan(heightAt(0) * 1.3);
  });
});
