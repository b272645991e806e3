import type { LanguagePack, LineAligner, NamedConstruction } from '../../languages/language-pack';
import type { GapItem, GapPiece } from '../interactions/gap/task';
import type { Maker } from '../making/maker';
import { choice, lines, read } from '../making/parameters';
import { numbered } from '../making/usable-words';

const parameters = {
  translated: lines(
    'Lines with their translation, one a line: Ventus flat. | The wind blows. In other languages mark the gaps: The [wind] blows.',
    30,
  ),
  gaps: choice(
    'What is missing',
    [
      ['translation', 'words of the translation'],
      ['source', 'words of the text'],
      ['constructions', 'Latin: the words of a construction'],
    ],
    'translation',
  ),
};

/** Gaps of one line at most: more, and nothing is left to read by. */
const MOST_GAPS = 3;

interface Gap {
  readonly start: number;
  readonly end: number;
  readonly why: string;
}

/** The gaps that the teacher has marked in brackets, and the line without them. */
function marked(line: string): { readonly plain: string; readonly gaps: readonly Gap[] } {
  const gaps: Gap[] = [];
  let plain = '';
  for (const [at, piece] of line.split(/\[([^[\]]+)\]/).entries()) {
    if (at % 2 === 1) gaps.push({ start: plain.length, end: plain.length + piece.length, why: '' });
    plain += piece;
  }
  return { plain, gaps };
}

interface Line {
  readonly shown: string;
  readonly asked: string;
  readonly gaps: readonly Gap[];
  readonly left: readonly string[];
  readonly named: readonly NamedConstruction[];
}

type Constructions = ReturnType<NonNullable<LanguagePack['constructions']>>;

/** Constructions of which none lies in another. */
const apart = (found: readonly NamedConstruction[]) =>
  found.filter((one, index) => !found.some((other, at) => at < index && one.start < other.end));

/** A line with its gaps: those that are marked, else words that were linked; or what is wrong with it. */
function readLine(
  line: string,
  side: 'translation' | 'source' | 'constructions',
  align: LineAligner | undefined,
  constructions: Constructions,
): Line | string {
  const [source = '', translation = '', ...more] = line.split('|').map((each) => each.trim());
  if (source === '' || translation === '' || more.length > 0) {
    return 'is not a line and its translation: write one | between them';
  }
  const [from, to] = [marked(source), marked(translation)];
  const asked = side === 'translation' ? to : from;
  const shown = side === 'translation' ? from.plain : to.plain;
  const named = apart(constructions?.(from.plain) ?? []);
  const whole = { shown, asked: asked.plain, left: [], named };
  if (asked.gaps.length > 0) return { ...whole, gaps: asked.gaps };
  if (side === 'constructions') {
    if (named.length === 0) {
      return 'has no construction that its forms show: mark its words in brackets';
    }
    return { ...whole, gaps: named.map(({ start, end }) => ({ start, end, why: '' })) };
  }
  if (!align) return 'has no gap: mark one in brackets, as The [wind] blows';
  const { links, left } = align(from.plain, to.plain);
  const gaps = links.map((link): Gap => {
    const { start, end } = link[side];
    return { start, end, why: `${link.source.text} is from ${link.lemma}, ${link.meaning}` };
  });
  if (gaps.length === 0) {
    return 'has no word that is known on both sides: mark a gap in brackets';
  }
  return { ...whole, gaps, left: [...left.source, ...left.translation] };
}

function piecesOf(text: string, gaps: readonly Gap[]): GapPiece[] {
  let at = 0;
  const pieces = gaps.flatMap(({ start, end }): GapPiece[] => {
    const before = text.slice(at, start);
    at = end;
    return [
      ...(before === '' ? [] : [{ kind: 'text' as const, text: before }]),
      { kind: 'gap', answer: text.slice(start, end), accepted: [] },
    ];
  });
  const after = text.slice(at);
  return [...pieces, ...(after === '' ? [] : [{ kind: 'text' as const, text: after }])];
}

/** A text and its translation, line beside line, with words missing in one of them. */
const maker: Maker = {
  id: 'line-by-line',
  name: 'Translation line by line',
  description:
    'Lines of a text, each with its translation; words of one side are missing. Of Latin the words are linked by their forms.',
  interaction: 'gap',
  group: 'Vocabulary',
  fewestWords: 1,
  usesWords: false,
  bringsWords: true,
  usesSentences: true,
  needs: 'a line or more of your own, each with its translation after a |',
  asks: [],
  parameters,
  workedByDefault: true,
  onScreen: 'Read both lines. Write what is missing.',

  make({ parameters: given, random, pack }) {
    const { translated = [], gaps: side } = read(parameters, given);
    const align = pack.align?.();
    const constructions = pack.constructions?.();
    const notes: { text: string }[] = [];
    const items = translated.flatMap((line, index): Omit<GapItem, 'id'>[] => {
      if (line.trim() === '') return [];
      const made = readLine(line, side, align, constructions);
      if (typeof made === 'string') {
        notes.push({ text: `“${line.trim().slice(0, 80)}” ${made}. It was left out.` });
        return [];
      }
      if (made.left.length > 0) {
        notes.push({
          text: `Line ${index + 1}: no counterpart is found for ${made.left.join(', ')}.`,
        });
      }
      const chosen = random
        .shuffle(made.gaps)
        .slice(0, MOST_GAPS)
        .sort((one, other) => one.start - other.start);
      const answers = chosen.map(({ start, end }) => made.asked.slice(start, end));
      const why = [
        ...chosen.flatMap((gap) => gap.why || []),
        ...made.named.map(
          ({ text, name, why: shows }) => `${text}: ${name}. ${shows.replace(/\.$/, '')}`,
        ),
      ].join('; ');
      return [
        {
          word: answers.join(', '),
          pieces: [{ kind: 'text', text: `${made.shown} – ` }, ...piecesOf(made.asked, chosen)],
          key: answers.join(', '),
          reason: `${why || `Right is: ${answers.join(', ')}`}.`,
        },
      ];
    });
    const answers = items.flatMap(({ pieces }) =>
      pieces.flatMap((piece) => (piece.kind === 'gap' ? [piece.answer] : [])),
    );
    const bank = [...new Set(answers)];
    return {
      title: given.title ?? 'Line by line',
      instruction:
        given.instruction ??
        'Read each line and its translation. Write the words that are missing.',
      worked: given.worked ?? maker.workedByDefault,
      task: {
        interaction: 'gap',
        items: numbered(items),
        bank: given.bank === false || bank.length < 2 ? [] : random.shuffle(bank),
        sentences: true,
      },
      notes,
    };
  },

  replacements: () => [],
  suggestions: () => [],
};

export default maker;
