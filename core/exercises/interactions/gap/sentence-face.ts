/** Sentences with gaps on paper: each broken over as many lines as it needs, its gap as wide as the longest word. */
import type { GapItem, GapTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';
import {
  NUMBER_ROOM,
  numberAt,
  textAt,
  type Face,
  type Answers,
  isAnswered,
  itemArea,
} from '../../../paper/face';
import { wordBox } from '../../../paper/word-box';
import { readAs, spokenGaps } from '../../../paper/reading';

const WIDEST_GAP = 62;
/** What ends a sentence or a part of one. */
const MARKS = /^[\p{Po}\p{Pe}\p{Pf}]+$/u;

interface Token {
  readonly text: string;
  readonly width: number;
  readonly gap: boolean;
  /** Follows the token before it without a space. */
  readonly close: boolean;
}

/** Words and gaps of an item, in order. */
function tokensOf(item: GapItem, gap: number, style: SheetStyle): Token[] {
  const tokens: Token[] = [];
  let close = true;
  for (const piece of item.pieces) {
    if (piece.kind === 'gap') {
      tokens.push({ text: piece.answer, width: gap, gap: true, close });
      close = true;
      continue;
    }
    for (const part of piece.text.split(/(\s+)/)) {
      if (part === '') continue;
      if (/^\s+$/.test(part)) {
        close = false;
        continue;
      }
      const width = textWidth(part, style.font, 400, style.body);
      tokens.push({ text: part, width, gap: false, close });
      close = true;
    }
  }
  return tokens;
}

/** One sentence as a block; the gap holds its answer where the item is worked. */
function itemBlock(
  item: GapItem,
  index: number,
  gap: number,
  style: SheetStyle,
  worked: boolean,
): Block {
  const space = textWidth(' ', style.font, 400, style.body);
  const leading = Math.max(style.body * style.leading, style.lineRoom * 0.9);
  const right = style.width;
  let x = NUMBER_ROOM;
  let y = leading * 0.72;
  const marks: PageMark[] = [...numberAt(y, index + 1, style)];
  let first = true;
  const tokens = tokensOf(item, gap, style);
  for (const [at, token] of tokens.entries()) {
    const before = first ? 0 : token.close ? 0.4 : space;
    // A mark goes with what it ends: none begins a line.
    const mark = tokens[at + 1];
    const ended = mark?.close && MARKS.test(mark.text) ? 0.4 + mark.width : 0;
    if (!first && x + before + token.width + ended > right) {
      x = NUMBER_ROOM;
      y += leading;
    } else {
      x += before;
    }
    first = false;
    if (token.gap) {
      marks.push(
        { kind: 'line', x1: x + 0.5, y1: y + 1, x2: x + token.width - 0.5, y2: y + 1, width: 0.35 },
        {
          kind: 'word',
          x,
          y: y - style.body,
          width: token.width,
          height: style.body * 1.3,
          word: item.word,
        },
      );
      if (worked) {
        // An answer longer than its gap is set smaller, not over what stands beside it.
        const wide = textWidth(token.text, style.font, 400, style.body);
        const size = Math.min(style.body, (style.body * (token.width - 2)) / Math.max(1, wide));
        marks.push(
          textAt(x + token.width / 2, y, token.text, style, { size, align: 'middle', grey: true }),
        );
      }
    } else {
      marks.push(textAt(x, y, token.text, style));
    }
    x += token.width;
  }
  const said = item.pieces.map((piece) =>
    piece.kind === 'text' ? piece.text : worked ? piece.answer : ' gap ',
  );
  return {
    height: y + leading * 0.5,
    marks: [
      itemArea(item, style.width, y + leading * 0.35),
      ...readAs(marks, index, `${index + 1}. ${spokenGaps(said.join(''))}`),
    ],
    name: `The sentence for ${item.word}`,
    loose: true,
  };
}

/** The learner's sheet of whole sentences. */
export function sentencePaper(
  task: GapTask,
  style: SheetStyle,
  answers: Answers,
  letters: number,
): Face {
  const gap = Math.min(Math.max(4, letters) * style.letterRoom * 0.8, WIDEST_GAP);
  return {
    blocks: [
      ...wordBox(
        task.bank.map((text) => ({ text })),
        style,
      ),
      ...task.items.map((item, index) =>
        itemBlock(item, index, gap, style, isAnswered(answers, index)),
      ),
    ],
    problems: [],
  };
}
