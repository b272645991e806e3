/**
 * Furigana over a text, as Japanese plain text writes them: 風《かぜ》, with ｜ where the word does
 * not begin with the first of its kanji. What a teacher has written herself stays.
 */
import { placeTokens, type JapaneseToken } from './japanese-token';

const KANJI = /[\p{Script=Han}々〆ヶ]/u;
const RUBY = /(?:｜([^｜《》]+)|([\p{Script=Han}々]+))《([^《》]+)》/gu;

/** Kana over a stretch of a text. */
export interface Reading {
  readonly start: number;
  readonly end: number;
  readonly kana: string;
}

/** Katakana as hiragana: the two rows of Unicode stand side by side. */
export const toHiragana = (kana: string): string =>
  kana.replace(/[ァ-ヶ]/gu, (sign) => String.fromCharCode(sign.charCodeAt(0) - 0x60));

/**
 * The reading of the kanji alone in a word with kana of its own: 取り扱い, とりあつかい gives と and
 * あつか. The whole reading where the two do not fit together.
 */
export function readingsOfWord(word: string, reading: string): Reading[] {
  const pieces = [...word.matchAll(/[\p{Script=Han}々〆ヶ]+|[^\p{Script=Han}々〆ヶ]+/gu)];
  if (!pieces.some(({ 0: piece }) => KANJI.test(piece))) return [];
  const escaped = (kana: string) => kana.replace(/[.*+?^${}()|[\]\\]/gu, '\\$&');
  const pattern = pieces
    .map(({ 0: piece }) => (KANJI.test(piece) ? '(.+?)' : escaped(toHiragana(piece))))
    .join('');
  const fits = new RegExp(`^${pattern}$`, 'u').exec(toHiragana(reading));
  if (!fits) return [{ start: 0, end: word.length, kana: toHiragana(reading) }];
  let group = 0;
  return pieces.flatMap(({ 0: piece, index }) => {
    if (!KANJI.test(piece)) return [];
    group += 1;
    return [{ start: index, end: index + piece.length, kana: fits[group] ?? '' }];
  });
}

/** The furigana that stand in a body, with their places in the text without them. */
function ownReadings(body: string): { readonly text: string; readonly own: readonly Reading[] } {
  const own: Reading[] = [];
  let text = '';
  let at = 0;
  for (const match of body.matchAll(RUBY)) {
    text += body.slice(at, match.index);
    const word = match[1] ?? match[2] ?? '';
    own.push({ start: text.length, end: text.length + word.length, kana: match[3] ?? '' });
    text += word;
    at = match.index + match[0].length;
  }
  return { text: text + body.slice(at), own };
}

/**
 * Where places of the text without furigana stand in the body with them: a place at the end of a
 * word takes its kana along.
 */
export function placesInBody(body: string) {
  const { own } = ownReadings(body);
  // Of each reading the signs before its word and behind it, with the kana between.
  const shift = (offset: number, isEnd: boolean) =>
    own.reduce((sum, { start, end, kana }, index) => {
      const marked = markedAt(body, index);
      const before = marked && (start < offset || (start === offset && !isEnd)) ? 1 : 0;
      const after = end <= offset ? kana.length + 2 : 0;
      return sum + before + after;
    }, offset);
  return ({ start, end }: { readonly start: number; readonly end: number }) => ({
    start: shift(start, false),
    end: shift(end, true),
  });
}

/** True where the reading of that number has the sign ｜ before its word. */
const markedAt = (body: string, index: number) =>
  [...body.matchAll(RUBY)][index]?.[0].startsWith('｜') ?? false;

/** A text without its furigana. */
export const withoutFurigana = (body: string): string => ownReadings(body).text;

/**
 * Readings over every kanji of a text; those that stand there already stay as they are.
 *
 * @param tokens of the text without furigana
 */
export function withFurigana(body: string, tokens: readonly JapaneseToken[]): string {
  const { text, own } = ownReadings(body);
  const found = placeTokens(text, tokens).flatMap(({ text: word, reading, start }) =>
    reading === ''
      ? []
      : readingsOfWord(word, reading).map((one) => ({
          ...one,
          start: start + one.start,
          end: start + one.end,
        })),
  );
  const clear = (of: readonly Reading[]) => (one: Reading) =>
    !of.some(({ start, end }) => one.start < end && one.end > start);
  const counted = figureReadings(text).filter(clear(own));
  const settled = [...own, ...counted];
  const free = found.filter(clear(settled));
  let out = '';
  let at = 0;
  for (const { start, end, kana } of [...settled, ...free].sort((a, b) => a.start - b.start)) {
    const word = text.slice(start, end);
    // Without the sign a reading belongs to all kanji before it.
    const before = text.slice(at, start);
    const plain = /^[\p{Script=Han}々]+$/u.test(word) && !/[\p{Script=Han}々]$/u.test(before);
    out += `${before}${plain ? '' : '｜'}${word}《${kana}》`;
    at = end;
  }
  return out + text.slice(at);
}

/**
 * Figures with what they count, where the reading of the two is not that of each: hours, people,
 * months and days of the month.
 */
const together: Readonly<Record<string, string>> = {
  四時: 'よじ',
  七時: 'しちじ',
  九時: 'くじ',
  一人: 'ひとり',
  二人: 'ふたり',
  四人: 'よにん',
  四月: 'しがつ',
  七月: 'しちがつ',
  九月: 'くがつ',
  二日: 'ふつか',
  三日: 'みっか',
  四日: 'よっか',
  五日: 'いつか',
  六日: 'むいか',
  七日: 'なのか',
  八日: 'ようか',
  九日: 'ここのか',
  十日: 'とおか',
  二十日: 'はつか',
  四年: 'よねん',
  十分: 'じゅっぷん',
  三百: 'さんびゃく',
  六百: 'ろっぴゃく',
  八百: 'はっぴゃく',
  三千: 'さんぜん',
  八千: 'はっせん',
};
/** Where a longer figure stands before, 十四日, the reading is another. */
const figures = new RegExp(
  `(?<![一二三四五六七八九十百千])(?:${Object.keys(together).join('|')})(?![間目半])`,
  'gu',
);

/** The readings of figures with what they count, with their places. */
const figureReadings = (text: string): Reading[] =>
  [...text.matchAll(figures)].map(({ 0: word, index }) => ({
    start: index,
    end: index + word.length,
    kana: together[word] ?? '',
  }));

/** Words that lean on the one before them: no blank stands before them in a first book. */
const leans = ({ wordClass, kind }: JapaneseToken): boolean =>
  wordClass === '助詞' ||
  wordClass === '助動詞' ||
  wordClass === '記号' ||
  kind === '接尾' ||
  (wordClass === '動詞' && kind === '非自立');

/** A blank between phrases, as first books have it: a word with what leans on it. Furigana are taken away. */
export function withPhraseSpaces(body: string, tokens: readonly JapaneseToken[]): string {
  const text = withoutFurigana(body);
  const placed = placeTokens(text, tokens);
  let out = '';
  let at = 0;
  placed.forEach((token, index) => {
    const before = placed[index - 1];
    const opens =
      before !== undefined &&
      before.end === token.start &&
      !leans(token) &&
      before.wordClass !== '接頭詞' &&
      !(before.wordClass === '名詞' && token.wordClass === '名詞') &&
      // After a full stop or a comma stands a blank of its own.
      !/[「『（]$/u.test(before.text);
    out += text.slice(at, token.start) + (opens ? ' ' : '') + token.text;
    at = token.end;
  });
  return out + text.slice(at);
}
