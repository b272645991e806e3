import { beforeAll, describe, expect, test } from 'vitest';
import { makeExercise, markTask } from '../../exercises/make-exercise';
import { interactionOf } from '../../exercises/interactions';
import type { WriteTask } from '../../exercises/interactions/write/task';
import { formsOf } from '../../index';
import { testLexicon } from '../../testing/test-lexicon';
import { packOf } from '../registry/registry';
import { adjectiveForms } from './adjective-forms';

beforeAll(async () => {
  await packOf('ja').load?.();
});

const row = (word: string, id: string) => {
  const tables = packOf('ja').tables?.();
  const kind = tables?.kinds.find((each) => each.id === id);
  return kind && tables?.row(word, kind);
};
const first = (word: string, id: string) =>
  row(word, id)
    ?.cells.map(([cell = '–']) => cell)
    .join(' ');

describe('adjectives', () => {
  // Before a noun, negative, past, past negative, adverb: tables of school grammars, from memory.
  test.each([
    ['寒い', '寒い 寒くない 寒かった 寒くなかった 寒く'],
    ['おいしい', 'おいしい おいしくない おいしかった おいしくなかった おいしく'],
    ['かわいい', 'かわいい かわいくない かわいかった かわいくなかった かわいく'],
    ['いい', 'いい よくない よかった よくなかった よく'],
    ['きれい', 'きれいな きれいじゃない きれいだった きれいじゃなかった きれいに'],
    ['親切', '親切な 親切じゃない 親切だった 親切じゃなかった 親切に'],
    ['大切な', '大切な 大切じゃない 大切だった 大切じゃなかった 大切に'],
  ])('%s', (word, forms) => {
    expect(first(word, 'adjectives')).toBe(forms);
  });

  test('what is said as well is right as well, in kana and with its kanji', () => {
    expect(row('寒い', 'adjectives')?.cells[1]).toEqual([
      '寒くない',
      '寒くありません',
      'さむくない',
      'さむくありません',
    ]);
    expect(adjectiveForms('しずか', 'na').negative).toContain('しずかではない');
    expect(adjectiveForms('いい', 'i').te).toEqual(['よくて']);
  });

  test('a verb has no row there, and a word that means two things says both', () => {
    expect(row('書く', 'adjectives')).toBeUndefined();
    expect(row('おもしろい', 'adjectives')?.meaning).toMatch(/funny.*interesting/);
  });

  test('the function for scripts gives each form with its name', () => {
    const { words } = formsOf({ language: 'ja', lemma: '静か' }) as {
      words: { partOfSpeech: string; forms: { form: string; name: string }[] }[];
    };
    expect(words[0]?.partOfSpeech).toBe('adjective');
    expect(words[0]?.forms).toContainEqual({ form: '静かに', name: 'adverb', kana: 'しずかに' });
  });
});

describe('counters', () => {
  // 1, 3, 6, 8, 10, how many: tables of school grammars, from memory.
  test.each([
    ['本', 'いっぽん さんぼん ろっぽん はっぽん じゅっぽん なんぼん'],
    ['匹', 'いっぴき さんびき ろっぴき はっぴき じゅっぴき なんびき'],
    ['枚', 'いちまい さんまい ろくまい はちまい じゅうまい なんまい'],
    ['人', 'ひとり さんにん ろくにん はちにん じゅうにん なんにん'],
    ['個', 'いっこ さんこ ろっこ はっこ じゅっこ なんこ'],
    ['冊', 'いっさつ さんさつ ろくさつ はっさつ じゅっさつ なんさつ'],
    ['階', 'いっかい さんがい ろっかい はっかい じゅっかい なんがい'],
    ['分', 'いっぷん さんぷん ろっぷん はっぷん じゅっぷん なんぷん'],
    ['時', 'いちじ さんじ ろくじ はちじ じゅうじ なんじ'],
    ['日', 'ついたち みっか むいか ようか とおか なんにち'],
    ['つ', 'ひとつ みっつ むっつ やっつ とお いくつ'],
    ['台', 'いちだい さんだい ろくだい はちだい じゅうだい なんだい'],
    ['頭', 'いっとう さんとう ろくとう はっとう じゅっとう なんとう'],
  ])('%s', (counter, readings) => {
    expect(first(counter, 'counters')).toBe(readings);
  });

  test('じっぽん and はちほん are said too', () => {
    expect(row('本', 'counters')?.cells[4]).toEqual(['じゅっぽん', 'じっぽん']);
    expect(row('本', 'counters')?.cells[3]).toContain('はちほん');
  });
});

describe('tables of them', () => {
  const made = (words: string[], table: string) =>
    makeExercise(
      { maker: 'forms-of-words', words, parameters: { language: 'ja', table }, seed: 1 },
      testLexicon(),
    );

  test.each(['adjectives', 'counters'])('%s: the key has full marks', (table) => {
    const { task } = made([], table);
    const marks = markTask(task, interactionOf(task).keyOf(task));
    expect(marks.verdicts.filter(({ right }) => !right)).toEqual([]);
    expect((task as WriteTask).items.length).toBeGreaterThanOrEqual(6);
  });

  test('asked for beside a list of verbs, it begins with words of its own, and says so', () => {
    const { task, notes } = made(['書く', '食べる'], 'counters');
    expect((task as WriteTask).items.map(({ word }) => word)).toContain('匹');
    expect(notes.map(({ text }) => text).join(' ')).toContain('words of Wordane’s own are taken');
  });

  test('of a list with some, those are taken and the others named', () => {
    const { task, notes } = made(['書く', '寒い', '静か'], 'adjectives');
    expect((task as WriteTask).items.map(({ word }) => word).sort()).toEqual(['寒い', '静か']);
    expect(notes.find(({ word }) => word === '書く')?.text).toContain('left out');
  });
});
