/** Handwriting on paper: each word on ruled lines, in the inks asked for, then the learner's own line. */
import { fontOf, emForXHeight, handWidth, type HandName } from '../../../paper/hands';
import { plainRuling, rulingRow, type Ruling } from '../../../paper/ruling';
import type { Handwriting, WriteItem } from './task';
import { itemArea } from '../../../paper/face';
import type { PageMark } from '../../../paper/marks';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';

const GAP = 9;
const BETWEEN_ROWS = 3;

/** The ruling of a sheet: the teacher's own, or one whose letters suit the age of the class. */
export function rulingOf(handwriting: Handwriting, style: SheetStyle): Ruling {
  return { ...plainRuling, letter: style.letterRoom * 0.8, ...handwriting.ruling };
}

/** Widest model that stands on a line, in the hand and ruling given. */
export function traceWidth(text: string, hand: HandName, ruling: Ruling): number {
  return handWidth(text, fontOf(hand, 'grey'), emForXHeight(hand, ruling.letter));
}

/** An empty ruled line. */
export function ruledBlock(ruling: Ruling, hand: HandName, style: SheetStyle): Block {
  const row = rulingRow(ruling, hand, style.width);
  return { height: row.height + BETWEEN_ROWS, marks: row.marks, name: 'A ruled line' };
}

/** The rows of one word: as many models to a line as it holds, from the right for a left hand. */
export function traceBlocks(item: WriteItem, handwriting: Handwriting, style: SheetStyle): Block[] {
  const { hand } = handwriting;
  const ruling = rulingOf(handwriting, style);
  const row = rulingRow(ruling, hand, style.width);
  const em = emForXHeight(hand, ruling.letter);
  const width = traceWidth(item.answer, hand, ruling);
  const abreast = Math.max(1, Math.floor((style.width + GAP) / (width + GAP)));
  const inks = item.trace ?? [];
  const rows = Math.max(1, Math.ceil(inks.length / abreast));
  const blocks: Block[] = [];
  for (let at = 0; at < rows; at += 1) {
    const models = inks
      .slice(at * abreast, (at + 1) * abreast)
      .flatMap((ink, index): PageMark[] => {
        if (ink === 'blank') return [];
        const offset = index * (width + GAP);
        return [
          {
            kind: 'hand',
            x: ruling.leftHanded ? style.width - offset - width : offset,
            y: row.baseline,
            text: item.answer,
            font: fontOf(hand, ink),
            ink,
            size: em,
          },
        ];
      });
    blocks.push({
      height: row.height + BETWEEN_ROWS,
      marks: [itemArea(item, style.width, row.height), ...row.marks, ...models],
      name: `The line for ${item.word}`,
      ...(at < rows - 1 ? { keepWithNext: true } : {}),
    });
  }
  return blocks;
}
