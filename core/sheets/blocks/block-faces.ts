/** How each block of a teacher's own sheet looks on paper. */
import type { HandName } from '../../paper/hands';
import { plainRuling, rulingRow, type Ruling } from '../../paper/ruling';
import type { RuleCard } from '../../rule-cards/rule-card';
import type { PageMark } from '../../paper/marks';
import { textWidth } from '../../paper/measure';
import type { Block } from '../../paper/paginate';
import type { SheetStyle } from '../../paper/style';
import { textBlock } from '../../paper/text-block';
import { textAt } from '../../paper/face';
import { wordBox } from '../../paper/word-box';
import { LONGEST_CODE, qrMark } from './qr';
import { ruleCardBlock } from './rule-card-face';
import type { BlockSize } from './sheet-block';

export interface BlockFace {
  readonly blocks: readonly Block[];
  readonly problems: readonly string[];
}

const face = (...blocks: Block[]): BlockFace => ({ blocks, problems: [] });
const problem = (text: string): BlockFace => ({ blocks: [], problems: [text] });

/** A title in large letters of outline, to colour in, as wide as the sheet allows. */
function colourTitle(text: string, style: SheetStyle): Block {
  const natural = textWidth(text, style.font, 700, 1);
  const size = Math.min(26, Math.max(style.title, (style.width * 0.96) / Math.max(1, natural)));
  const block = textBlock(text, style, { size, weight: 700, role: 'title', after: 4 });
  return {
    ...block,
    marks: block.marks.map((mark) => (mark.kind === 'text' ? { ...mark, outline: true } : mark)),
    keepWithNext: true,
    wide: true,
  };
}

export function headingFace(text: string, decorative: boolean, style: SheetStyle): BlockFace {
  if (text.trim() === '')
    return problem('A heading has no text. Write it, or take the block away.');
  if (decorative) return face(colourTitle(text, style));
  return face({
    ...textBlock(text, style, {
      size: style.title,
      weight: 700,
      role: 'title',
      after: 1.5,
      keepWithNext: true,
    }),
    wide: true,
  });
}

/** Paragraphs; each may break from the next, never within. */
export function textFace(text: string, style: SheetStyle): BlockFace {
  const paragraphs = text.split(/\n+/).filter((each) => each.trim() !== '');
  if (paragraphs.length === 0) return problem('A text is empty. Write it, or take the block away.');
  return face(
    ...paragraphs.map((paragraph) => ({
      ...textBlock(paragraph, style, { size: style.body, role: 'text', after: style.body * 0.5 }),
      name: 'A paragraph',
    })),
  );
}

export function wordsFace(
  words: readonly string[],
  picture: ((word: string) => string | undefined) | undefined,
  style: SheetStyle,
): BlockFace {
  if (words.length === 0) return problem('A word box is empty. Add words, or take the block away.');
  return face(
    ...wordBox(
      words.map((word) => ({ text: word, word, picture: picture?.(word) })),
      style,
      { keepWithNext: false },
    ),
  );
}

const pictureSides: Readonly<Record<BlockSize, number>> = { small: 28, medium: 55, large: 110 };

export function pictureFace(
  word: string,
  picture: string | undefined,
  size: BlockSize,
  style: SheetStyle,
): BlockFace {
  if (picture === undefined) {
    return problem(
      word.trim() === ''
        ? 'A picture has no word. Write what it shows.'
        : `There is no picture of “${word.slice(0, 40)}”. Try another word for it.`,
    );
  }
  const side = Math.min(pictureSides[size], style.width);
  return face({
    height: side + 4,
    marks: [
      {
        kind: 'picture',
        x: (style.width - side) / 2,
        y: 0,
        width: side,
        height: side,
        picture,
        name: word,
      },
    ],
    name: `The picture of ${word}`,
  });
}

export function linesFace(
  rows: number,
  ruling: Ruling | undefined,
  hand: HandName,
  style: SheetStyle,
): BlockFace {
  const row = rulingRow(
    { ...plainRuling, letter: style.letterRoom * 0.8, ...ruling },
    hand,
    style.width,
  );
  return face(
    ...Array.from({ length: rows }, (): Block => ({
      height: row.height + 2,
      marks: row.marks,
      name: 'A ruled line',
    })),
  );
}

/** What a learner can do now: a line to tick for each, and how it went. */
export function canDoFace(text: string, style: SheetStyle): BlockFace {
  const lines = text.split('\n').filter((line) => line.trim() !== '');
  if (lines.length === 0) {
    return problem('A can-do slip has no lines. Write what the learner can do, one a line.');
  }
  const tick = style.body * 0.8;
  const choices = ['not yet', 'with help', 'on my own'];
  const column = Math.max(
    ...choices.map((choice) => textWidth(choice, style.font, 400, style.small) + 5),
  );
  const start = style.width - column * choices.length;
  const head: Block = {
    height: style.small * 2,
    marks: choices.map((choice, index) =>
      textAt(start + (index + 0.5) * column, style.small * 1.3, choice, style, {
        size: style.small,
        align: 'middle',
        role: 'small',
      }),
    ),
    keepWithNext: true,
  };
  const rows = lines.map((line, index): Block => {
    const said = textBlock(
      `I can ${line.trim().replace(/^i can\s+/i, '')}`,
      { ...style, width: start - 4 },
      { size: style.body, role: 'text', after: 2.5 },
    );
    return {
      height: said.height,
      marks: [
        ...said.marks,
        ...choices.map((_, place): PageMark => ({
          kind: 'box',
          x: start + (place + 0.5) * column - tick / 2,
          y: style.body * 0.3,
          width: tick,
          height: tick,
          stroke: 0.35,
          radius: 1,
        })),
      ],
      keepWithNext: index < lines.length - 1,
      name: 'The can-do slip',
    };
  });
  return face(
    {
      height: 3,
      marks: [{ kind: 'line', x1: 0, y1: 1, x2: style.width, y2: 1, width: 0.25, dashed: true }],
      keepWithNext: true,
    },
    head,
    ...rows,
  );
}

const CODE_SIDE = 34;

export function qrFace(text: string, style: SheetStyle): BlockFace {
  const [address = '', ...caption] = text.split('\n');
  if (address.trim() === '' || address.length > LONGEST_CODE) {
    return problem(
      `A QR code holds 1 to ${LONGEST_CODE} letters. Write an address or a short text in it.`,
    );
  }
  const below = textBlock(
    caption.join(' ').trim() || address,
    { ...style, width: style.width - CODE_SIDE - 4 },
    { size: style.small, role: 'small' },
  );
  return face({
    height: Math.max(CODE_SIDE, below.height + 6) + 2,
    marks: [
      qrMark(address.trim(), 0, 0, CODE_SIDE),
      ...below.marks.map((mark) =>
        mark.kind === 'text' ? { ...mark, x: mark.x + CODE_SIDE + 2, y: mark.y + 6 } : mark,
      ),
    ],
    name: 'The QR code',
  });
}

export function ruleFace(card: RuleCard, size: BlockSize, style: SheetStyle): BlockFace {
  const narrow = size === 'large' || style.width >= 70;
  return narrow
    ? face(ruleCardBlock(card, style, size))
    : problem('The column is too narrow for a rule card. Use one column.');
}
