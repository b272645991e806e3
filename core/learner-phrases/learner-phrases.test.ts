import { describe, expect, test } from 'vitest';
import { learnerTables } from '.';

const tables = Object.entries(learnerTables);
const [, french] = tables.find(([tag]) => tag === 'fr') ?? [];

/** The names of the fields of a table, those of its parts too. */
const fieldsOf = (table: object): string[] =>
  Object.entries(table).flatMap(([name, value]) =>
    typeof value === 'object' && value !== null && !Array.isArray(value)
      ? Object.keys(value as object).map((inner) => `${name}: ${inner}`)
      : [name],
  );

describe.each(tables)('%s', (tag, table) => {
  test('has every field that the others have, and no other', () => {
    expect(fieldsOf(table).sort()).toEqual(fieldsOf(french ?? {}).sort());
  });

  test('says something in each, with nothing to trim', () => {
    const texts = [table.learner, table.atHome, table.rules, table.family].flatMap((part) =>
      Object.values(part).flatMap((text) => text),
    );
    expect(texts.filter((text) => text.trim() !== text || text === '')).toEqual([]);
    expect(table.learner.bands).toHaveLength(4);
  });

  // Unicode Standard Annex 9: only scripts from right to left have strong letters of classes R and AL.
  test('runs as its letters run', () => {
    const rightToLeft = /\p{Script=Arabic}|\p{Script=Hebrew}/u.test(table.learner.name);
    expect(table.direction).toBe(rightToLeft ? 'rtl' : 'ltr');
  });

  // ECMA-402: the name of a language in itself, from the data of the platform.
  test('bears its own name', () => {
    const own = new Intl.DisplayNames([tag], { type: 'language' }).of(tag) ?? '';
    expect(table.learner.name.toLocaleLowerCase(tag)).toContain(
      own.toLocaleLowerCase(tag).slice(0, 4),
    );
  });
});
