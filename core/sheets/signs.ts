/** Small signs for what a learner does, drawn for Wordane: each in a square of one, its line as wide as is asked. */
import type { PageMark } from '../paper/marks';

export const signNames = ['look', 'say', 'write', 'cut', 'listen', 'partner', 'glue'] as const;

export type SignName = (typeof signNames)[number];

/** Points and curves of each sign in a square of 24. */
const paths: Readonly<Record<SignName, string>> = {
  look: 'M2 12 C6 5.5 18 5.5 22 12 C18 18.5 6 18.5 2 12 Z M12 8.6 A3.4 3.4 0 1 0 12 15.4 A3.4 3.4 0 1 0 12 8.6 Z',
  say: 'M3 12 C6 8.5 9 7 10.4 8 L12 9 L13.6 8 C15 7 18 8.5 21 12 C17 17.5 7 17.5 3 12 Z M3 12 C8 13.2 16 13.2 21 12',
  write: 'M4 20 L5.4 14.8 L16.6 3.6 L20.4 7.4 L9.2 18.6 Z M14 6.2 L17.8 10',
  cut: 'M8 16.4 L18.5 3 M16 16.4 L5.5 3 M6.4 22 A2.9 2.9 0 1 1 6.4 16.2 A2.9 2.9 0 1 1 6.4 22 Z M17.6 22 A2.9 2.9 0 1 1 17.6 16.2 A2.9 2.9 0 1 1 17.6 22 Z',
  listen:
    'M7 9.5 A5.2 5.2 0 1 1 17.4 9.5 C17.4 13 14.2 13.6 14.2 17 C14.2 21.4 9.6 22 8.2 18.6 M9.8 9.8 A2.5 2.5 0 1 1 14.6 9.8 C14.6 11.6 12.6 12 12.4 14',
  partner:
    'M8 4.4 A3 3 0 1 0 8 10.4 A3 3 0 1 0 8 4.4 Z M2.6 20 C2.6 14.6 5 12.6 8 12.6 C11 12.6 13.4 14.6 13.4 20 M16.4 6.4 A2.6 2.6 0 1 0 16.4 11.6 A2.6 2.6 0 1 0 16.4 6.4 Z M15.4 13.8 C19.4 13 21.6 15.2 21.6 20',
  glue: 'M9.6 3 L14.4 3 L14.4 6.4 L9.6 6.4 Z M8 9 L9.6 6.4 M16 9 L14.4 6.4 M8 9 L16 9 L16 21 L8 21 Z M8 13 L16 13',
};

/** The verbs of an instruction, and the sign of each. */
const verbs: readonly (readonly [RegExp, SignName])[] = [
  [/\bcut\b/i, 'cut'],
  [/\b(glue|stick)\b/i, 'glue'],
  [/\b(partner|take turns)\b/i, 'partner'],
  [/\b(listen|hear)\b/i, 'listen'],
  [/\b(write|finish|fill|underline|ring|tick|join|draw|trace|copy|number|complete)\b/i, 'write'],
  [/\b(say|tell|read(?= [^.]*aloud))\b/i, 'say'],
  [/\b(look|read(?! [^.]*aloud)|find)\b/i, 'look'],
];

/** Says how things are: the letters are mixed up. */
const statement =
  /^(?:the|an?|this|that|these|those|each|all|its?|they|there|something|one|two|three|four|letters|what it)\b(?!.*\?)/i;

const question = /^(?:what|which|who|how|why|when|where)\b.*\?$/i;

/** True for a sentence of an instruction that is no step: it tells or asks, and nothing is done. */
export const isRemark = (sentence: string) => statement.test(sentence) || question.test(sentence);

/** The sign that goes with a sentence of an instruction, by its first verb; undefined where none fits. */
export function signOf(sentence: string): SignName | undefined {
  if (isRemark(sentence)) return undefined;
  const found = verbs
    .map(([pattern, name]) => ({ name, at: sentence.search(pattern) }))
    .filter(({ at }) => at >= 0)
    .sort((one, other) => one.at - other.at);
  return found[0]?.name;
}

/** A path of a square of 24, made larger or smaller: every number of it times the scale. */
export const scaledPath = (path: string, scale: number) =>
  path.replace(/([A-Z])([^A-Z]*)/g, (_, command: string, rest: string) => {
    const numbers = rest.match(/-?\d+(?:\.\d+)?/g) ?? [];
    const scaled = numbers.map((value, index) =>
      // The turn and the two flags of an arc are no lengths.
      command === 'A' && [2, 3, 4].includes(index % 7)
        ? value
        : String(Number((Number(value) * scale).toFixed(3))),
    );
    return `${command}${scaled.join(' ')}`;
  });

/** A sign in a square of `side` millimetres, its top left corner at a place. */
export const signMark = (name: SignName, x: number, y: number, side: number): PageMark => ({
  kind: 'path',
  x,
  y,
  d: scaledPath(paths[name], side / 24),
  stroke: side * 0.075,
});

/** How it went, as the weather: sun, sun behind a cloud, rain. */
export const weathers = ['sun', 'cloud', 'rain'] as const;

const weatherPaths: Readonly<Record<(typeof weathers)[number], string>> = {
  sun: 'M12 7.4 A4.6 4.6 0 1 0 12 16.6 A4.6 4.6 0 1 0 12 7.4 Z M12 1.6 L12 4.6 M12 19.4 L12 22.4 M1.6 12 L4.6 12 M19.4 12 L22.4 12 M4.6 4.6 L6.8 6.8 M17.2 17.2 L19.4 19.4 M4.6 19.4 L6.8 17.2 M17.2 6.8 L19.4 4.6',
  cloud:
    'M8 20 A4 4 0 0 1 8 12 A5.4 5.4 0 0 1 18 12.4 A3.9 3.9 0 0 1 18.4 20 Z M6.2 9.6 A3.9 3.9 0 0 1 12.6 6.4 M8.8 1.8 L8.8 3.6 M3.2 4.2 L4.6 5.6 M1.4 9.6 L3.4 9.6 M14.2 3.2 L13 4.6',
  rain: 'M7.4 15 A4.2 4.2 0 0 1 7.4 6.8 A5.6 5.6 0 0 1 17.8 7.2 A4 4 0 0 1 18 15 Z M8.4 17.6 L7.2 20.6 M12.6 17.6 L11.4 20.6 M16.8 17.6 L15.6 20.6',
};

export const weatherMark = (
  name: (typeof weathers)[number],
  x: number,
  y: number,
  side: number,
): PageMark => ({
  kind: 'path',
  x,
  y,
  d: scaledPath(weatherPaths[name], side / 24),
  stroke: side * 0.06,
});
