/** A word of a Japanese text as the IPA dictionary of the analyser names it. */
export interface JapaneseToken {
  /** As it is written. */
  readonly text: string;
  /** As a dictionary has it. */
  readonly base: string;
  /** In katakana; empty where it is not known. */
  readonly reading: string;
  /** 名詞, 動詞, 形容詞, 助詞 … */
  readonly wordClass: string;
  /** 自立, 非自立, 接尾, 格助詞 …; empty where there is none. */
  readonly kind: string;
  /** 五段・ラ行, 一段 … */
  readonly conjugation: string;
  /** 基本形, 連用形, 未然形 … */
  readonly form: string;
}

/** A token and where it stands in its text. */
export interface PlacedToken extends JapaneseToken {
  readonly start: number;
  readonly end: number;
}

/** Where each token stands; what the analyser left out, blanks and line ends, lies between. */
export function placeTokens(text: string, tokens: readonly JapaneseToken[]): PlacedToken[] {
  let at = 0;
  return tokens.flatMap((token) => {
    const start = text.indexOf(token.text, at);
    if (start < 0 || token.text.trim() === '') return [];
    at = start + token.text.length;
    return [{ ...token, start, end: at }];
  });
}
