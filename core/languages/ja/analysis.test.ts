/** Japanese texts as the analyser of the server takes them apart: the npm package @sglkc/kuromoji with the IPA dictionary. */
import kuromoji from '@sglkc/kuromoji';
import { beforeAll, describe, expect, test } from 'vitest';
import { readRuby, withoutRuby } from '../../sheets/reading/ruby';
import {
  placesInBody,
  readingsOfWord,
  toHiragana,
  withFurigana,
  withoutFurigana,
  withPhraseSpaces,
} from './furigana';
import type { JapaneseToken } from './japanese-token';
import { lightUpJapanese } from './light-up';

let analyse: (text: string) => readonly JapaneseToken[];

beforeAll(async () => {
  const dicPath = 'node_modules/@sglkc/kuromoji/dict/';
  const tokenizer = await new Promise<kuromoji.Tokenizer<kuromoji.IpadicFeatures>>(
    (resolve, reject) => {
      kuromoji.builder({ dicPath }).build((error, made) => {
        if (error) reject(error);
        else resolve(made);
      });
    },
  );
  const known = (value: string | undefined) => (value === undefined || value === '*' ? '' : value);
  analyse = (text) =>
    tokenizer.tokenize(text).map((token) => ({
      text: token.surface_form,
      base: known(token.basic_form) || token.surface_form,
      reading: known(token.reading),
      wordClass: token.pos,
      kind: known(token.pos_detail_1),
      conjugation: known(token.conjugated_type),
      form: known(token.conjugated_form),
    }));
});

describe('readings of a word with kana of its own', () => {
  test.each([
    ['強い', 'ツヨイ', '強:つよ'],
    ['取り扱い', 'トリアツカイ', '取:と 扱:あつか'],
    ['天気', 'テンキ', '天気:てんき'],
    ['お茶', 'オチャ', '茶:ちゃ'],
    ['食べ物', 'タベモノ', '食:た 物:もの'],
    ['ひらがな', 'ヒラガナ', ''],
    ['カメラ', 'カメラ', ''],
    // What does not fit together has its whole reading over the whole word.
    ['明日は', 'アス', '明日は:あす'],
  ])('%s', (word, reading, wanted) => {
    const found = readingsOfWord(word, reading);
    expect(found.map(({ start, end, kana }) => `${word.slice(start, end)}:${kana}`).join(' ')).toBe(
      wanted,
    );
  });

  test('katakana become hiragana, the long sign stays', () => {
    expect(toHiragana('ラーメン')).toBe('らーめん');
  });
});

describe('kana over the kanji of a text', () => {
  // Readings as any dictionary of school has them.
  test.each([
    [
      '強い風が古い木を倒しました。',
      '強《つよ》い風《かぜ》が古《ふる》い木《き》を倒《たお》しました。',
    ],
    ['今日は雨が降っています。', '今日《きょう》は雨《あめ》が降《ふ》っています。'],
    ['お天気はどうですか。', 'お天気《てんき》はどうですか。'],
    [
      '夏休みに北海道へ行きました。',
      '夏休《なつやす》みに北海道《ほっかいどう》へ行《い》きました。',
    ],
    [
      '先生は毎日、日記を書く。',
      '先生《せんせい》は毎日《まいにち》、日記《にっき》を書《か》く。',
    ],
  ])('%s', (text, wanted) => {
    expect(withFurigana(text, analyse(text))).toBe(wanted);
  });

  // Hours, days and people: readings that no rule gives, as a first course lists them.
  test.each([
    ['毎朝七時に測ります。', '毎朝《まいあさ》｜七時《しちじ》に測《はか》ります。'],
    ['四月二日に二人で行く。', '四月《しがつ》｜二日《ふつか》に｜二人《ふたり》で行《い》く。'],
  ])('%s', (text, wanted) => {
    const made = withFurigana(text, analyse(text));
    expect(made.replaceAll('｜', '')).toBe(wanted.replaceAll('｜', ''));
    expect(withoutFurigana(made)).toBe(text);
  });

  test('what the teacher has written stays, and once more changes nothing', () => {
    const body = '明日《あした》は風が強い。';
    const made = withFurigana(body, analyse(withoutFurigana(body)));
    expect(made).toBe('明日《あした》は風《かぜ》が強《つよ》い。');
    expect(withFurigana(made, analyse(withoutFurigana(made)))).toBe(made);
  });

  test.each([
    '雨量計説明書を読む。',
    '毎朝七時に気温と雨の量を測ります。\n\n風が強い日は、窓を閉めます。',
    '私たちの観測所は丘の上にあります。',
  ])('taken away again the text is as it was: %s', (text) => {
    const made = withFurigana(text, analyse(text));
    expect(withoutFurigana(made)).toBe(text);
    // The paper reads the same signs.
    expect(withoutRuby(made)).toBe(text);
    const kanji = readRuby(made).filter(({ ruby }) => ruby === undefined);
    expect(kanji.map((run) => run.text).join('')).not.toMatch(/\p{Script=Han}/u);
  });

  test('a place of the plain text is found under its kana', () => {
    const body = '強《つよ》い｜雨量計《うりょうけい》が';
    const place = placesInBody(body);
    const plain = withoutFurigana(body);
    const found = (part: string) => {
      const start = plain.indexOf(part);
      const { start: from, end } = place({ start, end: start + part.length });
      return body.slice(from, end);
    };
    expect(found('強い')).toBe('強《つよ》い');
    expect(found('雨量計')).toBe('雨量計《うりょうけい》');
    expect(found('が')).toBe('が');
  });
});

describe('blanks between phrases', () => {
  test.each([
    ['強い風が古い木を倒しました。', '強い 風が 古い 木を 倒しました。'],
    [
      '今日は雨が降っているので、外で遊べません。',
      '今日は 雨が 降っているので、 外で 遊べません。',
    ],
    ['お天気はどうですか。', 'お天気は どうですか。'],
  ])('%s', (text, wanted) => {
    expect(withPhraseSpaces(text, analyse(text))).toBe(wanted);
  });
});

describe('forms lit in a text', () => {
  const lit = (text: string) =>
    Object.fromEntries(
      lightUpJapanese(text, analyse(withoutFurigana(text))).map(({ name, places }) => [
        name,
        places.map((place) => `${place.text}${place.sure ? '' : '?'}`),
      ]),
    );

  // Labels as a first grammar of Japanese gives them, from memory.
  test.each([
    ['傘が風に飛ばされました。', 'passive forms', ['飛ばされました']],
    ['木が風に倒された。', 'passive forms', ['倒された']],
    ['魚は猫に食べられた。', 'passive forms', ['食べられた?']],
    ['魚が食べられます。', 'potential forms', ['食べられます?']],
    ['ここから山が見える日は、歩いて行ける。', 'potential forms', ['行ける']],
    ['外で遊べません。', 'potential forms', ['遊べません']],
    ['外で遊べません。', 'negative forms', ['遊べません']],
    ['先生は子どもに日記を書かせた。', 'causative forms', ['書かせた']],
    ['雨が降れば、行かない。', 'conditional -ba', ['降れば']],
    ['雨が降ったら、窓を閉めてください。', 'conditional -tara', ['降ったら']],
    ['雨が降ったら、窓を閉めてください。', 'te-forms', ['閉めてください']],
    ['雨が降っています。', 'te-iru: it is going on', ['降っています']],
    ['雪が見たい。', 'wishes with -tai', ['見たい']],
    ['明日、山に登ろう。', 'plans with -ou', ['登ろう']],
    ['風が強かった。', 'past forms', ['強かった']],
    ['風が強かった。', 'adjectives in -i', ['強かった']],
    ['昨日は雪でした。', 'particle wa', ['は']],
    ['駅から学校まで歩く。', 'particles kara and made', ['から', 'まで']],
    ['学校で本を読む。', 'particle de', ['で']],
  ])('%s %s', (text, name, wanted) => {
    expect(lit(text)[name]).toEqual(wanted);
  });

  test('で that joins clauses, and と of a quotation, are told from the particles of place', () => {
    expect(lit('雨で、寒い。')['particle de']).toEqual(['で']);
    expect(lit('読んでください。')['particle de']).toBeUndefined();
  });

  test('each form is lit with its dictionary form, under furigana as without', () => {
    const body = '傘《かさ》が風《かぜ》に飛《と》ばされた。';
    const [passive] = lightUpJapanese(body, analyse(withoutFurigana(body))).filter(
      ({ name }) => name === 'passive forms',
    );
    const [place] = passive?.places ?? [];
    expect(place).toMatchObject({ text: '飛ばされた', full: '飛ばす' });
    expect(body.slice(place?.start, place?.end)).toBe('飛《と》ばされた');
  });

  // Passives of verbs of both groups, as the active sentences say them: the analyser leads each back.
  test('passives of thirty verbs are found, and none in their active sentences', () => {
    const pairs = [
      ['倒す', '倒される'],
      ['飛ばす', '飛ばされる'],
      ['壊す', '壊される'],
      ['運ぶ', '運ばれる'],
      ['呼ぶ', '呼ばれる'],
      ['読む', '読まれる'],
      ['書く', '書かれる'],
      ['開く', '開かれる'],
      ['使う', '使われる'],
      ['洗う', '洗われる'],
      ['買う', '買われる'],
      ['取る', '取られる'],
      ['作る', '作られる'],
      ['切る', '切られる'],
      ['押す', '押される'],
      ['話す', '話される'],
      ['待つ', '待たれる'],
      ['打つ', '打たれる'],
      ['踏む', '踏まれる'],
      ['盗む', '盗まれる'],
      ['叱る', '叱られる'],
      ['守る', '守られる'],
      ['隠す', '隠される'],
      ['直す', '直される'],
      ['消す', '消される'],
      ['見る', '見られる'],
      ['閉める', '閉められる'],
      ['集める', '集められる'],
      ['助ける', '助けられる'],
      ['育てる', '育てられる'],
    ];
    const passives = (verb: string) => lit(`それは${verb}。`)['passive forms'] ?? [];
    const missed = pairs.filter(([, passive = '']) => passives(passive).length === 0);
    const wrong = pairs.filter(([active = '']) => passives(active).length > 0);
    expect(wrong).toEqual([]);
    expect(missed).toEqual([]);
  });
});
