/** Handwriting on paper: each word on ruled lines, in the inks asked for, then the learner's own line. */
import { fontOf, emForXHeight, handWidth, type HandName } from '../../../paper/hands';
import { plainRuling, rulingRow, type Ruling } from '../../../paper/ruling';
import type { Handwriting, WriteItem } from './task';
import { itemArea } from '../../../paper/face';
import type { PageMark } from '../../../paper/marks';
import type { Block } from '../../../paper/paginate';
import type { SheetStyle } from '../../../paper/style';

/** White between two models, in millimetres: as a rule, and at least. */
const GAP = 9;
const LEAST_GAP = 3.5;
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

/** How many models stand on a line, and the white between them: less of it where that spares a row. */
function abreastOf(width: number, places: number, room: number) {
  const at = (gap: number) => Math.max(1, Math.floor((room + gap) / (width + gap)));
  return at(GAP) < places && at(LEAST_GAP) >= places
    ? { gap: (room - places * width) / Math.max(1, places - 1), abreast: places }
    : { gap: GAP, abreast: at(GAP) };
}

/** The rows of one word: as many models to a line as it holds, from the right for a left hand. */
export function traceBlocks(item: WriteItem, handwriting: Handwriting, style: SheetStyle): Block[] {
  const { hand } = handwriting;
  const ruling = rulingOf(handwriting, style);
  const row = rulingRow(ruling, hand, style.width);
  const em = emForXHeight(hand, ruling.letter);
  const width = traceWidth(item.answer, hand, ruling);
  const inks = item.trace ?? [];
  // One place to write alone is enough: no row of its own for a second.
  const models = inks.filter((ink) => ink !== 'blank').length;
  const places = Math.min(inks.length, models + 1);
  const { gap, abreast } = abreastOf(width, places, style.width);
  const rows = Math.max(1, Math.ceil(places / abreast));
  const blocks: Block[] = [];
  for (let at = 0; at < rows; at += 1) {
    const drawn = inks.slice(at * abreast, (at + 1) * abreast).flatMap((ink, index): PageMark[] => {
      if (ink === 'blank') return [];
      const offset = index * (width + gap);
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
      marks: [itemArea(item, style.width, row.height), ...row.marks, ...drawn],
      name: `The line for ${item.word}`,
      ...(at < rows - 1 ? { keepWithNext: true } : {}),
    });
  }
  return blocks;
}
