import { describe, expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { testLexicon } from '../testing/test-lexicon';
import { openRecord, recordTables } from './open-record';

const demo = fernhillDemo(testLexicon());

describe('one way in for every record', () => {
  test.each(recordTables)('the demo’s %s are valid as they are', (table) => {
    for (const record of demo[table]) {
      const read = openRecord(table, JSON.parse(JSON.stringify(record)));
      expect(read.ok ? [] : read.problems).toEqual([]);
    }
  });

  test('a class and a list of version 1 are completed', () => {
    const [profile] = demo.classes;
    const {
      accent: _a,
      sequence: _s,
      hiddenWords: _h,
      ...old
    } = profile as never as object & {
      accent: unknown;
      sequence: unknown;
      hiddenWords: unknown;
    };
    expect(openRecord('classes', old)).toMatchObject({
      ok: true,
      value: { accent: 'american', sequence: null, hiddenWords: [] },
    });
    const list = { id: 'a', classId: 'b', name: 'Storm', words: ['rain'] };
    expect(openRecord('lists', list)).toMatchObject({
      ok: true,
      value: { details: [], groupBy: 'none' },
    });
  });

  test('what stood for “as usual” before version 4 is taken out, and nothing else', () => {
    const [lesson] = demo.lessons;
    const part = {
      id: 'p',
      kind: 'exercise',
      text: '',
      maker: 'find-it',
      words: [],
      parameters: { textId: 't', section: -1, count: 0, title: 'Kept', sound: 'EY', version: null },
      seed: 4,
    };
    const stages = lesson?.stages.map((stage, index) =>
      index ? stage : { ...stage, parts: [part] },
    );
    const read = openRecord('lessons', { ...lesson, stages });
    expect(read.ok && read.value.stages[0]?.parts[0]?.parameters).toEqual({
      textId: 't',
      title: 'Kept',
    });
  });

  test.each([null, undefined, 7, 'text', [], [{}]])('%j is no record', (value) => {
    expect(openRecord('lessons', value).ok).toBe(false);
  });
});
