/** Forms of a Japanese text with their places, from its words as the analyser names them. */
import { placesInBody, withoutFurigana } from './furigana';
import { placeTokens, type JapaneseToken, type PlacedToken } from './japanese-token';

export interface LitJapanese {
  readonly name: string;
  readonly group: 'Word classes' | 'Verbs and clauses';
  readonly places: readonly {
    readonly start: number;
    readonly end: number;
    readonly text: string;
    /** The word as a dictionary has it, where it stands in another form. */
    readonly full?: string;
    readonly sure: boolean;
  }[];
}

/** A verb or adjective with all that is joined to it: 飛ばさ れ まし た. */
interface Predicate {
  readonly head: PlacedToken;
  readonly tail: readonly PlacedToken[];
}

const isHead = ({ wordClass, kind }: JapaneseToken) =>
  (wordClass === '動詞' || wordClass === '形容詞') && kind === '自立';

const joins = (token: PlacedToken) =>
  token.wordClass === '助動詞' ||
  (token.wordClass === '動詞' && (token.kind === '接尾' || token.kind === '非自立')) ||
  (token.wordClass === '形容詞' && token.kind === '非自立') ||
  (token.wordClass === '助詞' &&
    token.kind === '接続助詞' &&
    /^(?:て|で|ば|ちゃ|じゃ)$/.test(token.text));

function predicatesOf(tokens: readonly PlacedToken[]): Predicate[] {
  return tokens.flatMap((head, index) => {
    if (!isHead(head)) return [];
    const tail: PlacedToken[] = [];
    for (const next of tokens.slice(index + 1)) {
      const touches = next.start === (tail.at(-1) ?? head).end;
      if (!touches || !joins(next)) break;
      tail.push(next);
    }
    return [{ head, tail }];
  });
}

const has = ({ tail }: Predicate, base: RegExp, wordClass?: string) =>
  tail.some(
    (each) => base.test(each.base) && (wordClass === undefined || each.wordClass === wordClass),
  );

/** Everyday verbs whose form in -eru says that one can: the analyser has them as words of their own. */
const potentials: ReadonlySet<string> = new Set(
  `会える 買える 行ける 書ける 聞ける 歩ける 泳げる 脱げる 話せる 出せる 返せる 貸せる 待てる 持てる 立てる 遊べる
  飛べる 運べる 読める 飲める 休める 住める 帰れる 作れる 取れる 乗れる 走れる 座れる 使える 歌える 洗える 言える
  習える できる 出来る`.split(/\s+/),
);

const isVerb = ({ head }: Predicate) => head.wordClass === '動詞';

/** 食べられる can be eaten, or can eat: with verbs that drop る the two are one form. */
const isEither = ({ head, tail }: Predicate) =>
  /^(?:一段|カ変)/.test(head.conjugation) && tail.some(({ base }) => base === 'られる');

const isPassive = (predicate: Predicate) => has(predicate, /^(?:れる|られる)$/, '動詞');

const isPotential = (predicate: Predicate) =>
  isVerb(predicate) && (potentials.has(predicate.head.base) || isEither(predicate));

const joined = ({ tail }: Predicate, written: RegExp) =>
  tail.some(({ text, kind }) => kind === '接続助詞' && written.test(text));

const isGoingOn = ({ tail }: Predicate) =>
  tail.some(
    ({ base }, at) => /^(?:いる|る)$/.test(base) && /^[てで]$/.test(tail[at - 1]?.text ?? ''),
  );

const isTara = ({ tail }: Predicate) => tail.some(({ text }) => /^(?:たら|だら)$/.test(text));

const forms: readonly (readonly [name: string, holds: (predicate: Predicate) => boolean])[] = [
  ['verbs', isVerb],
  ['adjectives in -i', ({ head }) => head.wordClass === '形容詞'],
  ['polite forms', (predicate) => has(predicate, /^(?:ます|です)$/)],
  ['past forms', (predicate) => has(predicate, /^(?:た|だ)$/, '助動詞') && !isTara(predicate)],
  ['negative forms', (predicate) => has(predicate, /^(?:ない|ん|ぬ)$/)],
  ['te-forms', (predicate) => isVerb(predicate) && joined(predicate, /^[てで]$/)],
  ['te-iru: it is going on', isGoingOn],
  ['passive forms', isPassive],
  ['potential forms', isPotential],
  ['causative forms', (predicate) => has(predicate, /^(?:せる|させる)$/, '動詞')],
  ['conditional -ba', (predicate) => joined(predicate, /^ば$/)],
  ['conditional -tara', isTara],
  ['wishes with -tai', (predicate) => has(predicate, /^たい$/)],
  ['plans with -ou', (predicate) => has(predicate, /^(?:う|よう)$/, '助動詞')],
];

/** Forms that another form is written like. */
const doubtful: ReadonlySet<string> = new Set(['passive forms', 'potential forms']);

const particles: readonly (readonly [name: string, signs: RegExp])[] = [
  ['particle wa', /^は$/],
  ['particle ga', /^が$/],
  ['particle o', /^を$/],
  ['particle ni', /^に$/],
  ['particle de', /^で$/],
  ['particle e', /^へ$/],
  ['particle to', /^と$/],
  ['particle no', /^の$/],
  ['particles kara and made', /^(?:から|まで)$/],
  ['particle mo', /^も$/],
];

/** 格助詞, 係助詞, 連体化 …: particles after a noun, not those that join clauses. */
const afterNoun = /^(?:格助詞|係助詞|連体化|副助詞|並立助詞)/;

/**
 * Every form with its places; forms that the text has not stay away.
 *
 * @param body as it stands, with furigana or without
 * @param tokens of the text without furigana
 */
export function lightUpJapanese(body: string, tokens: readonly JapaneseToken[]): LitJapanese[] {
  const text = withoutFurigana(body);
  const inBody = placesInBody(body);
  const placed = placeTokens(text, tokens);
  const predicates = predicatesOf(placed);
  const built = forms.map(([name, holds]): LitJapanese => ({
    name,
    group: 'Verbs and clauses',
    places: predicates.filter(holds).map((predicate) => {
      const { head, tail } = predicate;
      const end = (tail.at(-1) ?? head).end;
      return {
        ...inBody({ start: head.start, end }),
        text: text.slice(head.start, end),
        ...(tail.length > 0 || head.base !== head.text ? { full: head.base } : {}),
        sure: !(doubtful.has(name) && isEither(predicate)),
      };
    }),
  }));
  const small = particles.map(([name, signs]): LitJapanese => ({
    name,
    group: 'Word classes',
    places: placed
      .filter(
        ({ wordClass, kind, text: written }) =>
          wordClass === '助詞' && afterNoun.test(kind) && signs.test(written),
      )
      .map(({ start, end, text: written }) => ({
        ...inBody({ start, end }),
        text: written,
        sure: true,
      })),
  }));
  return [...small, ...built].filter(({ places }) => places.length > 0);
}
