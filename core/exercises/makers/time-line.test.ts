import { describe, expect, test } from 'vitest';
import { testLexicon, testMeanings } from '../../testing/test-lexicon';
import { timesIn } from '../../texts/reading/dates';
import { completeMaterial } from '../../texts/reading/text-material';
import { makeExercise } from '../make-exercise';
import { paperFace } from '../../sheets/exercise-face';
import { sheetStyle } from '../../paper/style';
import { kestrels } from '../../testing/test-lexicon';

const make = (body: string, parameters = {}) =>
  makeExercise(
    { maker: 'time-line', words: [], parameters, seed: 1, reading: completeMaterial(body) },
    testLexicon(),
    testMeanings(),
  );
const rowsOf = (body: string, parameters = {}) => {
  const { task } = make(body, parameters);
  return task.interaction === 'write'
    ? task.items.map(({ keyCells = [] }) => keyCells.join(' | '))
    : [];
};

const life = `Ada Brook was born in a small town by the sea on 2 March 1904. In 1911 the family moved to Fernhill. When she was twelve, in 1916, she built a rain gauge. From 1925 to 1931 she studied at night. In the winter of 1932 she drew snow. Since 1940 her books have been read everywhere. The coldest night was 21 December 1938.`;

describe('times in a text', () => {
  test.each([
    ['on 4 July 1987 it snowed', '4 July 1987', 'years'],
    ['on July 4, 1987 it snowed', 'July 4, 1987', 'years'],
    ['in March 1901 it snowed', 'March 1901', 'years'],
    ['in the 1890s it snowed', 'the 1890s', 'years'],
    ['between 1914 and 1918 it snowed', '1914 and 1918', 'years'],
    ['in 1980, 1981 and 1983 it snowed', '1980, 1981 and 1983', 'years'],
    ['the summer of 2003 was dry', 'the summer of 2003', 'years'],
    ['on 3 May it snowed', '3 May', 'months'],
    ['on Tuesday it snowed', 'Tuesday', 'week'],
    ['at 7:30 it snowed', '7:30', 'day'],
    ['at four o’clock it snowed', 'four o’clock', 'day'],
    ['at noon it snowed', 'at noon', 'day'],
  ])('%s', (text, found, scale) => {
    expect(timesIn(text).map((time) => [time.text, time.scale])).toEqual([[found, scale]]);
  });

  test.each([
    'it may snow, and we march on',
    'they counted 1900 birds',
    'in 1900 metres of wire',
    'the second of the three',
    'a score of 3.5',
  ])('%s: none', (text) => {
    expect(timesIn(text)).toEqual([]);
  });

  test('later is larger, over months and halves of a day', () => {
    const at = (text: string) => timesIn(text)[0]?.at ?? NaN;
    const years = ['1987', 'March 1987', '4 March 1987', 'the summer of 1987', 'May 1988'];
    const values = years.map((year) => at(`in ${year} it rained`));
    expect(values).toEqual([...values].sort((one, other) => one - other));
    expect(at('at 2 pm')).toBeGreaterThan(at('at noon'));
    expect(at('at four o’clock in the afternoon')).toBeGreaterThan(at('at 11:30'));
  });
});

describe('a line of time', () => {
  test('has the dates in their order, and what happened without them', () => {
    expect(rowsOf(life)).toEqual([
      '2 March 1904 | Ada Brook was born in a small town by the sea',
      '1911 | The family moved to Fernhill',
      '1916 | When she was twelve, she built a rain gauge',
      '1925 to 1931 | She studied at night',
      'Winter of 1932 | She drew snow',
      '21 December 1938 | The coldest night was …',
      'Since 1940 | Her books have been read everywhere',
    ]);
  });

  test('takes the scale that most sentences have', () => {
    expect(
      rowsOf(
        'At dawn the keeper woke. By noon the fog was gone. At 4.45 pm the boat came back. It was built in 1911.',
      ),
    ).toEqual([
      'Dawn | The keeper woke',
      'By noon | The fog was gone',
      '4.45 pm | The boat came back',
    ]);
  });

  test('two dates are no line: it is said what is missing', () => {
    const { short } = make('In 1911 it was built. In 1950 it fell down.');
    expect(short).toMatch(/three dates, days or times/);
  });

  test('events are given and the dates are keyed, with or without their small word', () => {
    const { task } = make(life, { given: 'events' });
    if (task.interaction !== 'write') throw new Error('not written');
    const last = task.items.at(-1);
    expect(last?.cells).toEqual(['', 'Her books have been read everywhere']);
    expect(last?.answer).toBe('Since 1940');
    expect(last?.accepted).toContain('1940');
    expect(task.items.every(({ open }) => open !== true)).toBe(true);
  });

  test('stands along one line down the page, a dot for each date', () => {
    const exercise = make(life);
    const { blocks } = paperFace(exercise, sheetStyle(kestrels()), 'none');
    const axes = blocks.flatMap(({ marks, height }) =>
      marks.flatMap((mark) =>
        mark.kind === 'line' && mark.x1 === mark.x2 && mark.y2 === height ? [mark.x1] : [],
      ),
    );
    expect(axes).toHaveLength(7);
    expect(new Set(axes).size).toBe(1);
    expect(blocks.flatMap(({ marks }) => marks).filter(({ kind }) => kind === 'path')).toHaveLength(
      7,
    );
  });
});
