import { describe, expect, test } from 'vitest';
import { catalogue } from '~core/exercises/catalogue';
import type { Preview } from '~/workers/part-builder';
import { filterGroups, passes } from './filters';

const kept = (chosen: readonly string[], preview?: Preview) =>
  catalogue.filter((info) => passes(new Set(chosen), info, preview)).map(({ id }) => id);

const taking = (minutes: number) => ({ missing: undefined, minutes }) as Preview;

describe('the gallery narrowed', () => {
  test('by nothing keeps everything', () => {
    expect(kept([])).toHaveLength(catalogue.length);
  });

  test('no two filters have one id, and each keeps some and leaves some', () => {
    const ids = filterGroups.flatMap(({ filters }) => filters.map(({ id }) => id));
    expect(new Set(ids).size).toBe(ids.length);
    for (const id of ids.filter((each) => each !== 'short' && each !== 'long')) {
      const count = kept([id]).length;
      expect([id, count > 0 && count < catalogue.length]).toEqual([id, true]);
    }
  });

  test('within a group any is enough, over the groups all are asked for', () => {
    const [words, text] = [kept(['words']), kept(['text'])];
    expect(kept(['words', 'text']).sort()).toEqual([...new Set([...words, ...text])].sort());
    const cut = kept(['cut']);
    expect(kept(['cut', 'words'])).toEqual(words.filter((id) => cut.includes(id)));
  });

  test('written or cut out is one or the other', () => {
    const [written, cut] = [kept(['write']), kept(['cut'])];
    expect(written.length + cut.length).toBe(catalogue.length);
    expect(cut).toEqual(
      expect.arrayContaining(['two-sided-cards', 'sort-by-spelling', 'dominoes']),
    );
    expect(written).toEqual(expect.arrayContaining(['missing-grapheme', 'find-it']));
  });

  test('paper only or on a screen too is one or the other', () => {
    const [screen, paper] = [kept(['screen']), kept(['paper'])];
    expect(screen.length + paper.length).toBe(catalogue.length);
    expect(paper).toEqual(expect.arrayContaining(['bookmarks', 'word-labels']));
  });

  test('minutes: what is not tried yet stays, the rest is held against ten', () => {
    expect(kept(['short'])).toHaveLength(catalogue.length);
    expect(kept(['long'])).toHaveLength(catalogue.length);
    expect(kept(['short'], taking(10))).toHaveLength(catalogue.length);
    expect(kept(['short'], taking(11))).toEqual([]);
    expect(kept(['long'], taking(10))).toEqual([]);
    expect(kept(['short', 'long'], taking(11))).toHaveLength(catalogue.length);
    // What cannot be made has no minutes: it stays to say what is missing.
    expect(kept(['short'], { missing: 'words' })).toHaveLength(catalogue.length);
  });
});
