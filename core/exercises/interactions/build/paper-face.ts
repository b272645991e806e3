/** The build on paper: a word map with pieces to cut out, or the two discs of a word wheel. */
import type { BuildPiece, BuildTask } from './task';
import type { PageMark } from '../../../paper/marks';
import { breakLines, sizeThatHolds, textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import { roomUnderHead, type SheetStyle } from '../../../paper/style';
import { textBlock } from '../../../paper/text-block';
import { cardPrint, cardRows, SMALLEST_CARD_PRINT } from '../../../paper/cut-cards';
import { keyLine, textAt, type Answers, type Face } from '../../../paper/face';

const CARD_HEIGHT = 17;
/** Pieces no lower than this still hold two lines. */
const LEAST_CARD = 11;
/** White under a branch. */
const BRANCH_WHITE = 5;
const CARD_COLUMNS = 3;

/** The boxes of a map: how wide and high they are, and their labels in lines. */
function branchesOf(task: BuildTask, style: SheetStyle) {
  const width = style.width * 0.34;
  const sides = [
    task.places.filter((_, index) => index % 2 === 0),
    task.places.filter((_, index) => index % 2 === 1),
  ];
  const rows = Math.max(...sides.map((side) => side.length), 1);
  const most = Math.max(
    1,
    ...task.places.map(({ id }) => task.pieces.filter((piece) => piece.place === id).length),
  );
  // Labels are as large as may be: broken over lines, and smaller only for a word that is too long.
  const label = sizeThatHolds(
    task.places.map((place) => place.label),
    style.font,
    700,
    Math.max(style.body * 0.75, style.small * 1.1),
    width - 3,
  );
  const labels = new Map(
    task.places.map((place) => [
      place.id,
      breakLines(place.label, style.font, 700, label, width - 3),
    ]),
  );
  const header =
    label * (0.6 + 1.2 * Math.max(1, ...[...labels.values()].map((lines) => lines.length)));
  // As high as its pieces need, or a little less where the map then stands under its title.
  const fitting = roomUnderHead(style) / rows - header - BRANCH_WHITE;
  const highest = Math.min(most * CARD_HEIGHT + 3, 54);
  const body = Math.min(highest, Math.max(fitting, most * LEAST_CARD + 3));
  return { width, sides, rows, label, labels, header, body, card: (body - 3) / most };
}

/** The word in the middle, its branches at both sides, each a box for its pieces. */
function mapBlock(task: BuildTask, style: SheetStyle, filled: boolean): Block {
  const { width, sides, rows, label, labels, header, body } = branchesOf(task, style);
  const each = header + body + BRANCH_WHITE;
  const height = rows * each;
  const middle = { x: style.width / 2, y: (height - BRANCH_WHITE) / 2 };
  const oval = { width: style.width * 0.24, height: task.picture === undefined ? 22 : 38 };
  const marks: PageMark[] = [];
  sides.forEach((side, right) => {
    const x = right === 1 ? style.width - width : 0;
    const top = ((rows - side.length) * each) / 2;
    side.forEach((place, index) => {
      const y = top + index * each;
      marks.push(
        {
          kind: 'line',
          x1: middle.x,
          y1: middle.y,
          x2: right === 1 ? x : width,
          y2: y + header / 2,
          width: 0.5,
        },
        { kind: 'box', x, y, width, height: header + body, stroke: 0.5, radius: 3 },
        ...(labels.get(place.id) ?? []).map((line, row) =>
          textAt(x + width / 2, y + label * (1.1 + 1.2 * row), line, style, {
            size: label,
            weight: 700,
            align: 'middle',
            role: 'heading',
          }),
        ),
      );
      if (!filled) return;
      const pieces = task.pieces.filter((piece) => piece.place === place.id);
      // As large as lets every piece stand whole in its box.
      const broken = (size: number) =>
        pieces.flatMap(({ text }) => breakLines(text, style.font, 400, size, width - 4));
      let size = style.body * 0.85;
      while (size > 2 && broken(size).length * size * 1.25 > body) size *= 0.93;
      broken(size).forEach((line, row) => {
        marks.push(
          textAt(x + width / 2, y + header + (row + 0.9) * size * 1.25, line, style, {
            size,
            align: 'middle',
            grey: true,
          }),
        );
      });
    });
  });
  const size = Math.min(
    style.body * 1.3,
    (style.body * 1.3 * (oval.width - 6)) /
      Math.max(1, textWidth(task.centre, style.font, 700, style.body * 1.3)),
  );
  marks.push(
    {
      kind: 'box',
      x: middle.x - oval.width / 2,
      y: middle.y - oval.height / 2,
      width: oval.width,
      height: oval.height,
      stroke: 0.7,
      radius: 11,
      fill: 'paper',
    },
    textAt(middle.x, middle.y + oval.height / 2 - 6, task.centre, style, {
      size,
      weight: 700,
      align: 'middle',
      role: 'heading',
    }),
    {
      kind: 'word',
      x: middle.x - oval.width / 2,
      y: middle.y + oval.height / 2 - 6 - size,
      width: oval.width,
      height: size * 1.3,
      word: task.centre,
    },
  );
  if (task.picture !== undefined) {
    marks.push({
      kind: 'picture',
      x: middle.x - 11,
      y: middle.y - oval.height / 2 + 2,
      width: 22,
      height: 22,
      picture: task.picture,
      name: '',
    });
  }
  return { height, marks, name: 'The map' };
}

function mapPaper(task: BuildTask, style: SheetStyle, answers: Answers): Face {
  if (answers === 'all') return { blocks: [mapBlock(task, style, true)], problems: [] };
  const width = Math.min(style.width / CARD_COLUMNS, style.width * 0.33);
  const height = Math.min(CARD_HEIGHT, branchesOf(task, style).card);
  const box = { x: 0, y: 0, width, height };
  return {
    blocks: [
      mapBlock(task, style, false),
      ...cardRows(
        task.pieces.map(({ text, word }) => ({ text, word })),
        { columns: CARD_COLUMNS, width, height },
        style,
      ),
    ],
    problems: task.pieces
      .filter((piece) => cardPrint(piece.text, box, style, style.body) < SMALLEST_CARD_PRINT)
      .map((piece) => `“${piece.text.slice(0, 40)}” is too long for a piece.`),
  };
}

/** A circle as path data about its own middle. */
const circle = (radius: number) =>
  `M${-radius} 0 A${radius} ${radius} 0 1 0 ${radius} 0 A${radius} ${radius} 0 1 0 ${-radius} 0 Z`;

/**
 * Beginnings stand round the rim of the large disc, each turned so that it is
 * upright when it is at the left; the ending stands on the small disc, beside it.
 */
function discs(task: BuildTask, style: SheetStyle): Block {
  const large = Math.min(50, style.width * 0.29);
  const small = large * 0.66;
  const pin = (x: number, y: number): PageMark[] => [
    { kind: 'path', x, y, d: circle(1), stroke: 0.3 },
  ];
  const centre = { x: large, y: large };
  const count = Math.max(1, task.pieces.length);
  const rim = (large + small) / 2;
  const widest = Math.max(
    1,
    ...task.pieces.map((piece) => textWidth(piece.text, style.font, 400, style.body)),
  );
  const size = Math.min(style.body, (style.body * (large - small - 3)) / widest);
  const marks: PageMark[] = [
    { kind: 'path', ...centre, d: circle(large), stroke: 0.35, dashed: true },
    { kind: 'path', ...centre, d: circle(small), stroke: 0.15 },
    ...pin(centre.x, centre.y),
    ...task.pieces.map((piece, index) => {
      const turn = (360 / count) * index;
      const angle = ((180 + turn) * Math.PI) / 180;
      // The middle of the letters' height, not their base line, stands on the rim's middle.
      const drop = size * 0.3;
      const x = centre.x + rim * Math.cos(angle) - drop * Math.sin((turn * Math.PI) / 180);
      const y = centre.y + rim * Math.sin(angle) + drop * Math.cos((turn * Math.PI) / 180);
      return textAt(x, y, piece.text, style, { size, align: 'middle', turn });
    }),
  ];
  const second = { x: 2 * large + 6 + small, y: large };
  const rimeWidth = textWidth(task.centre, style.font, 700, size);
  const rimeSize = Math.min(size, (size * (small - 4)) / Math.max(1, rimeWidth));
  marks.push(
    { kind: 'path', ...second, d: circle(small), stroke: 0.35, dashed: true },
    ...pin(second.x, second.y),
    textAt(second.x - small + 1.5, second.y + rimeSize * 0.3, task.centre, style, {
      size: rimeSize,
      weight: 700,
    }),
  );
  return { height: 2 * large + 6, marks, name: 'The discs', keepWithNext: true };
}

/** What a piece makes where it lies: on the wheel a beginning with the ending, a word or none. */
const madeBy = ({ board, centre }: BuildTask, { word, text }: BuildPiece) =>
  word ?? (board === 'wheel' ? text + centre : text);

/** Lines to list the words on, under the heading of each place. */
function lists(task: BuildTask, style: SheetStyle, filled: boolean): Block {
  const width = (style.width - 10) / Math.max(1, task.places.length);
  const most = Math.max(
    0,
    ...task.places.map(({ id }) => task.pieces.filter(({ place }) => place === id).length),
  );
  const rows = filled ? most : Math.min(task.pieces.length, 7);
  const line = style.lineRoom * 0.85;
  const marks = task.places.flatMap((place, index): PageMark[] => {
    const x = index * (width + 10);
    return [
      textAt(x, style.body, place.label, style, { weight: 700, role: 'heading' }),
      ...Array.from({ length: rows }, (_, row): PageMark => ({
        kind: 'line',
        x1: x,
        x2: x + width,
        y1: style.body + 2 + (row + 1) * line,
        y2: style.body + 2 + (row + 1) * line,
        width: 0.35,
      })),
      ...(filled
        ? task.pieces
            .filter((piece) => piece.place === place.id)
            .map((piece, row) =>
              textAt(x + 1, style.body + 1 + (row + 1) * line, madeBy(task, piece), style, {
                grey: true,
              }),
            )
        : []),
    ];
  });
  return { height: style.body + 4 + rows * line, marks, name: 'The lists' };
}

export function buildPaper(task: BuildTask, style: SheetStyle, answers: Answers): Face {
  if (task.pieces.length === 0) return { blocks: [], problems: [] };
  return task.board === 'map'
    ? mapPaper(task, style, answers)
    : { blocks: [discs(task, style), lists(task, style, answers === 'all')], problems: [] };
}

export function buildKey(task: BuildTask, style: SheetStyle): Block[] {
  return task.places.flatMap((place) => {
    const pieces = task.pieces.filter((piece) => piece.place === place.id);
    return [
      textBlock(place.label, style, {
        size: style.small * 1.25,
        weight: 700,
        role: 'heading',
        keepWithNext: true,
      }),
      ...pieces.map((piece, index) =>
        keyLine(index, madeBy(task, piece), piece.reason, style),
      ),
    ];
  });
}
