import spdx from 'spdx-license-list';
import { describe, expect, test } from 'vitest';
import { forbidsChanges, licenceNames, licenceSays, rightsOf, withChange } from './licence';

describe('licences', () => {
  test('each is an SPDX licence of Creative Commons', () => {
    for (const name of licenceNames) expect(spdx[name]?.name, name).toMatch(/^Creative Commons/);
  });

  test('no changes, where it says no derivatives, and only there', () => {
    // By their names on the SPDX list, which write the condition out.
    for (const name of licenceNames) {
      const full = spdx[name]?.name ?? '';
      expect(forbidsChanges(name), name).toBe(full.includes('No Derivatives'));
      expect(forbidsChanges(full), full).toBe(full.includes('No Derivatives'));
    }
    expect(forbidsChanges(undefined)).toBe(false);
    expect(forbidsChanges('public domain')).toBe(false);
    expect(forbidsChanges('free for England and Scotland')).toBe(false);
  });

  test('a thing says itself, or its class does', () => {
    const usual = { author: 'M. Vane', licence: 'CC-BY-4.0' };
    expect(rightsOf({}, usual)).toEqual(usual);
    expect(rightsOf({ author: '', licence: 'CC0-1.0', source: 'the log' }, usual)).toEqual({
      author: 'M. Vane',
      licence: 'CC0-1.0',
      source: 'the log',
    });
    expect(rightsOf({})).toEqual({});
    expect(licenceSays('CC-BY-4.0')).toContain('name the author');
    expect(licenceSays('public domain')).toBe('public domain');
  });

  test('notes of changes are kept, the last forty', () => {
    expect(withChange(undefined, 'given on')).toEqual(['given on']);
    const many = Array.from({ length: 45 }, (_, at) => `${at}`).reduce(
      (changes: string[], note) => withChange(changes, note),
      [],
    );
    expect(many).toHaveLength(40);
    expect(many.at(-1)).toBe('44');
  });
});
