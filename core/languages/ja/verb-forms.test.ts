import { describe, expect, test } from 'vitest';
import { japaneseVerbForms } from './japanese-verb';
import { classByForm, japaneseVerbs, type VerbRow } from './verb-lexicon';
import rows from './words.json';

const verbs = japaneseVerbs(rows as unknown as readonly VerbRow[]);
const first = (verb: string) => japaneseVerbForms(verb, verbs)[0];

/** masu, nai, te, ta, passive, potential, causative, causative passive, ba, volitional: tables of school grammars, from memory. */
const table: readonly (readonly [verb: string, forms: string])[] = [
  ['書く', 'かきます かかない かいて かいた かかれる かける かかせる かかせられる かけば かこう'],
  [
    '泳ぐ',
    'およぎます およがない およいで およいだ およがれる およげる およがせる およがせられる およげば およごう',
  ],
  [
    '話す',
    'はなします はなさない はなして はなした はなされる はなせる はなさせる はなさせられる はなせば はなそう',
  ],
  ['待つ', 'まちます またない まって まった またれる まてる またせる またせられる まてば まとう'],
  ['死ぬ', 'しにます しなない しんで しんだ しなれる しねる しなせる しなせられる しねば しのう'],
  [
    '遊ぶ',
    'あそびます あそばない あそんで あそんだ あそばれる あそべる あそばせる あそばせられる あそべば あそぼう',
  ],
  ['読む', 'よみます よまない よんで よんだ よまれる よめる よませる よませられる よめば よもう'],
  [
    '作る',
    'つくります つくらない つくって つくった つくられる つくれる つくらせる つくらせられる つくれば つくろう',
  ],
  ['買う', 'かいます かわない かって かった かわれる かえる かわせる かわせられる かえば かおう'],
  ['行く', 'いきます いかない いって いった いかれる いける いかせる いかせられる いけば いこう'],
  [
    '食べる',
    'たべます たべない たべて たべた たべられる たべられる たべさせる たべさせられる たべれば たべよう',
  ],
  ['見る', 'みます みない みて みた みられる みられる みさせる みさせられる みれば みよう'],
  ['する', 'します しない して した される できる させる させられる すれば しよう'],
  ['来る', 'きます こない きて きた こられる こられる こさせる こさせられる くれば こよう'],
  [
    '勉強する',
    'べんきょうします べんきょうしない べんきょうして べんきょうした べんきょうされる べんきょうできる べんきょうさせる べんきょうさせられる べんきょうすれば べんきょうしよう',
  ],
];

describe('verbs in their forms', () => {
  test.each(table)('%s', (verb, forms) => {
    const kana = first(verb)?.kana;
    if (!kana) throw new Error('no kana');
    const { masu, nai, te, ta, passive, potential, causative, causativePassive, ba, volitional } =
      kana;
    expect(
      [masu, nai, te, ta, passive, potential, causative, causativePassive, ba, volitional].join(
        ' ',
      ),
    ).toBe(forms);
  });

  test('as written, the kanji stays', () => {
    expect(first('来る')?.written).toMatchObject({ masu: '来ます', nai: '来ない', ba: '来れば' });
    expect(first('持って来る')?.written.te).toBe('持って来て');
    expect(first('書く')?.written.passive).toBe('書かれる');
  });

  test('verbs in -iru and -eru that are godan, and their twins', () => {
    for (const verb of [
      '帰る',
      '入る',
      '走る',
      '切る',
      '知る',
      '要る',
      '滑る',
      '減る',
      '喋る',
      '握る',
      '散る',
      '蹴る',
      '限る',
      '参る',
    ]) {
      expect(first(verb)?.class, verb).toBe('godan');
    }
    for (const verb of ['変える', '着る', '居る', '寝る', '得る', '経る', '似る', '煮る']) {
      expect(first(verb)?.class, verb).toBe('ichidan');
    }
    expect(
      japaneseVerbForms('きる', verbs)
        .map((each) => each.verb)
        .sort(),
    ).toEqual(['切る', '着る']);
  });

  test('the honorific verbs, ある and 問う', () => {
    expect(first('いらっしゃる')?.kana?.masu).toBe('いらっしゃいます');
    expect(first('くださる')?.kana?.imperative).toBe('ください');
    expect(first('ある')?.kana?.nai).toBe('ない');
    expect(first('問う')?.kana).toMatchObject({ te: 'とうて', ta: 'とうた' });
    expect(first('飛ぶ')?.kana?.te).toBe('とんで');
  });

  test('what is said as well', () => {
    expect(first('書く')?.also.causativePassive).toEqual(['書かされる', 'かかされる']);
    expect(first('食べる')?.also.potential).toEqual(['食べれる', 'たべれる']);
    expect(first('話す')?.also.causativePassive).toBeUndefined();
  });
});

describe('a verb that the table lacks', () => {
  test('goes by the verb at its end, or by its letters', () => {
    expect(first('引き返す')?.written.te).toBe('引き返して');
    expect(first('踏み切る')?.class).toBe('godan');
    expect(first('ググる')?.class).toBe('godan');
    expect(classByForm('はじける')).toBe('ichidan');
  });

  test('is asked for where its class cannot be told, and is made when it is given', () => {
    expect(() => first('這る')).toThrow(/Give its reading in kana, or its class/);
    expect(
      japaneseVerbForms('這る', verbs, { reading: 'はう', verbClass: 'godan' })[0]?.class,
    ).toBe('godan');
  });

  test('what is no dictionary form is refused with what one is', () => {
    expect(() => first('食べます')).toThrow(/no dictionary form/);
    expect(() => first('rain')).toThrow(/no dictionary form/);
  });

  test('no form of any verb is empty or ends in a kanji', () => {
    for (const written of verbs.keys()) {
      for (const made of japaneseVerbForms(written, verbs)) {
        for (const form of Object.values(made.written))
          expect(form, written).toMatch(/[\p{Script=Hiragana}]$/u);
      }
    }
  });
});
