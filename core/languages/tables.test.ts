import { beforeAll, describe, expect, test } from 'vitest';
import { makeExercise, markTask } from '../exercises/make-exercise';
import { makers } from '../exercises/makers';
import { keyedItems } from '../exercises/interactions';
import { testLexicon } from '../testing/test-lexicon';
import { packOf } from './registry/registry';

beforeAll(async () => {
  await packOf('la').load?.();
  await packOf('ja').load?.();
});

const row = (language: string, word: string, id: string) => {
  const tables = packOf(language).tables?.();
  const kind = tables?.kinds.find((each) => each.id === id);
  return (
    kind &&
    tables
      ?.row(word, kind)
      ?.cells.map((cell) => cell[0] ?? '–')
      .join(' ')
  );
};

describe('the forms of a word side by side', () => {
  // Allen and Greenough, New Latin Grammar (1903), §§ 184–191 and 41–97.
  test.each([
    ['amō', 'tenses', 'amat amābat amābit'],
    ['amo', 'perfects', 'amāvit amāverat amāverit'],
    ['regō', 'passive', 'regitur regēbātur regētur regī'],
    ['sequor', 'tenses', 'sequitur sequēbātur sequētur'],
    ['sequor', 'perfects', 'secūtus est secūtus erat secūtus erit'],
    ['audiō', 'subjunctive', 'audiat audīret audīverit audīvisset'],
    ['rēx', 'singular', 'rēgis rēgī rēgem rēge'],
    ['nubes', 'plural', 'nūbēs nūbium nūbibus nūbēs nūbibus'],
  ])('Latin %s, %s', (word, id, cells) => expect(row('la', word, id)).toBe(cells));

  // Tables of school grammars, from memory.
  test.each([
    ['書く', 'polite', '書きます 書きません 書きました 書きませんでした'],
    ['食べる', 'voices', '食べられる 食べさせる 食べさせられる 食べられる'],
    ['来る', 'conditions', '来れば 来たら 来よう 来い'],
  ])('Japanese %s, %s', (word, id, cells) => expect(row('ja', word, id)).toBe(cells));

  test('Spanish contar, preterite and subjunctive', () => {
    expect(row('es', 'contar', 'preterite')).toBe(
      'conté contaste contó contamos contasteis contaron',
    );
    expect(row('es', 'contar', 'wishes')).toBe('cuente cuentes cuente contemos contéis cuenten');
  });

  test('every table that can be asked for is one of some language', () => {
    const { options = [] } = (makers.find(({ id }) => id === 'forms-of-words')?.parameters?.[
      'table'
    ] ?? {}) as { options?: readonly (readonly [string, string])[] };
    const known = ['en', 'es', 'ja', 'la', 'ru'].flatMap(
      (language) => packOf(language).tables?.()?.kinds ?? [],
    );
    expect(options.length).toBeGreaterThan(10);
    for (const [id, name] of options)
      expect(
        known.some((kind) => kind.id === id && kind.name === name),
        name,
      ).toBe(true);
    for (const { id } of known) expect(options.map(([option]) => option)).toContain(id);
  });

  test('English walk, usual', () => {
    expect(row('en', 'stop', 'usual')).toBe('stops stopping stopped stopped');
  });

  test('a noun has no place in a table of verbs, and a stranger in none', () => {
    expect(row('la', 'puella', 'tenses')).toBeUndefined();
    expect(row('la', 'fenestrix', 'singular')).toBeUndefined();
    expect(row('ja', 'rain', 'usual')).toBeUndefined();
  });

  test('every table of every language has a name, columns and words to begin with that fill it or are left out', () => {
    for (const language of ['en', 'es', 'ja', 'la', 'ru']) {
      const tables = packOf(language).tables?.();
      for (const kind of tables?.kinds ?? []) {
        expect(kind.columns.length).toBeGreaterThan(1);
        for (const word of tables?.start ?? []) {
          const cells = tables?.row(word, kind)?.cells;
          if (cells) expect(cells).toHaveLength(kind.columns.length);
        }
      }
      expect(
        tables?.start.every((word) => tables.kinds[0] && tables.row(word, tables.kinds[0])),
      ).toBe(true);
    }
  });
});

describe('as an exercise', () => {
  const make = (language: string, words: string[], table: string) =>
    makeExercise(
      { maker: 'forms-of-words', words, parameters: { language, table, shuffle: false }, seed: 1 },
      testLexicon(),
    );

  test('a table of another language gives way to the usual one; strangers are named', () => {
    const made = make('ja', ['書く', 'storm', '降る'], 'tenses');
    expect(keyedItems(made.task).map(({ word }) => word)).toEqual(['書く', '降る']);
    expect(made.notes.map(({ word }) => word)).toContain('storm');
  });

  test('kana for kanji is right, and so is what is said as well', () => {
    const { task } = make('ja', ['食べる', '書く'], 'voices');
    const response = {
      'item-1': 'たべられる たべさせる たべさせられる 食べれる',
      'item-2': '書かれる 書かせる 書かされる 書ける',
    };
    expect(markTask(task, response)).toMatchObject({ score: 2, outOf: 2 });
    expect(
      markTask(task, { ...response, 'item-2': '書かれる 書かす 書かされる 書ける' }).score,
    ).toBe(1);
  });
});
