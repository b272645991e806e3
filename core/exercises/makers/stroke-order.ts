import type { SignStrokes } from '../../kernel/sign-strokes';
import type { MakerNote } from '../making/exercise';
import type { Maker } from '../making/maker';
import { choice, flag, read } from '../making/parameters';
import { written } from '../making/written';

const parameters = {
  rows: choice(
    'Rows for a sign',
    [
      ['2', 'Two'],
      ['3', 'Three'],
      ['4', 'Four'],
    ],
    '2',
  ),
  // Signs stand in the order of the list.
  shuffle: flag('Shuffle', false),
};

/** Signs beyond this are for a second sheet. */
const MOST = 24;

/** The signs of the words, each once, as they come. */
const signsOf = (words: readonly string[]) => [...new Set(words.flatMap((word) => [...word]))];

/** Kana and kanji stroke by stroke: shown in their order, traced, then written alone. */
const maker: Maker = {
  id: 'stroke-order',
  name: 'Stroke by stroke',
  group: 'Sounds and spelling',
  description:
    'The kana and kanji of the words, each with the order of its strokes: to trace, then to write alone.',
  interaction: 'write',
  fewestWords: 1,
  needs: 'words in kana or kanji',
  asks: ['stroke order'],
  parameters,
  workedByDefault: false,
  bringsWords: true,
  // あ to お: the first five of the syllabary.
  startWords: ['あ', 'い', 'う', 'え', 'お'],

  make({ words, parameters: given, random, pack }) {
    const { rows, shuffle } = read(parameters, given);
    const strokesOf = pack.strokes?.();
    const signs = signsOf(words.map(({ word }) => word)).filter((sign) => sign.trim() !== '');
    const asked = shuffle ? random.shuffle(signs) : signs;
    const found = asked.flatMap((sign): SignStrokes[] => {
      const strokes = strokesOf?.(sign);
      return strokes === undefined ? [] : [strokes];
    });
    const known = new Set(found.map(({ sign }) => sign));
    const lacking = asked.filter((sign) => !known.has(sign));
    const wordOf = (sign: string) => words.find(({ word }) => word.includes(sign))?.word ?? sign;
    const notes: MakerNote[] = [
      ...(lacking.length > 0
        ? [
            {
              text: `The order of strokes is not known here for ${lacking.join(' ')}: kana and the kanji of Wordane’s own words are. They were left out.`,
            },
          ]
        : []),
      ...(found.length > MOST
        ? [
            {
              text: `${MOST} of ${found.length} signs are used; make a second sheet for ${found
                .slice(MOST)
                .map(({ sign }) => sign)
                .join(' ')}.`,
            },
          ]
        : []),
    ];
    return {
      title: given.title ?? 'Stroke by stroke',
      instruction:
        given.instruction ??
        'Look at the numbers: they show the order. Trace the grey ones. Then write it in the empty squares.',
      worked: false,
      ...written(
        found.slice(0, MOST).map((strokes) => ({
          word: wordOf(strokes.sign),
          prompt: '',
          answer: strokes.sign,
          lines: Number(rows),
          trace: ['grey', 'blank'],
          strokes,
          reason: `${strokes.strokes.length} ${strokes.strokes.length === 1 ? 'stroke' : 'strokes'}.`,
        })),
      ),
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
