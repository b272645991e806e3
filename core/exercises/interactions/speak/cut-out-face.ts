/** Things to cut out with words on them: a spinner, a die to fold, bookmarks, labels. */
import { cardMarks, cardPrint, cutLine, type CardBox } from '../../../paper/cut-cards';
import { textAt, type Face } from '../../../paper/face';
import type { PageMark } from '../../../paper/marks';
import { textWidth } from '../../../paper/measure';
import type { Block } from '../../../paper/paginate';
import { readAs } from '../../../paper/reading';
import { roomUnderHead, type SheetStyle } from '../../../paper/style';
import { faces, tabs, type Edge } from './die-net';
import type { CutOut } from './task';

/** A circle as path data about its own middle. */
const circle = (radius: number) =>
  `M${-radius} 0 A${radius} ${radius} 0 1 0 ${radius} 0 A${radius} ${radius} 0 1 0 ${-radius} 0 Z`;

/** The size at which the longest of some words is no wider than there is room. */
function fitted(words: readonly string[], style: SheetStyle, room: number, wanted: number) {
  const widest = Math.max(1, ...words.map((word) => textWidth(word, style.font, 400, style.body)));
  return Math.min(wanted, (style.body * room) / widest);
}

/** A circle in fields, a word in each, read from the middle outwards; a cross where the pencil stands. */
function spinner(words: readonly string[], style: SheetStyle): Block {
  const radius = Math.min(68, style.width / 2 - 1, roomUnderHead(style) * 0.36);
  const middle = { x: style.width / 2, y: radius };
  const count = words.length;
  const inner = radius * 0.22;
  const size = fitted(words, style, radius - inner - 5, style.body * 1.5);
  const out = (share: number, at: number) => {
    const angle = (at / count) * 2 * Math.PI - Math.PI / 2;
    return `${(radius * share * Math.cos(angle)).toFixed(3)} ${(radius * share * Math.sin(angle)).toFixed(3)}`;
  };
  const fields = words.map((_, at) => `M0 0 L${out(1, at)}`).join(' ');
  return {
    height: 2 * radius + 6,
    name: 'A spinner',
    marks: [
      { kind: 'path', ...middle, d: circle(radius), stroke: 0.35, dashed: true },
      { kind: 'path', ...middle, d: fields, stroke: 0.25 },
      { kind: 'path', ...middle, d: 'M-3 0 L3 0 M0 -3 L0 3', stroke: 0.6 },
      ...words.flatMap((word, at): PageMark[] => {
        const turn = ((at + 0.5) / count) * 360 - 90;
        const angle = (turn * Math.PI) / 180;
        // On the left half a word would stand on its head: it is read towards the middle.
        const flipped = turn > 90;
        const far = inner + (radius - inner) / 2;
        const drop = size * 0.33 * (flipped ? -1 : 1);
        const x = middle.x + far * Math.cos(angle) - drop * Math.sin(angle);
        const y = middle.y + far * Math.sin(angle) + drop * Math.cos(angle);
        return readAs(
          [textAt(x, y, word, style, { size, align: 'middle', turn: flipped ? turn - 180 : turn })],
          at,
          `field: ${word}`,
        );
      }),
    ],
  };
}

/** The net of a die with tabs to glue: a word on each face, again from the first where there are fewer. */
function die(words: readonly string[], style: SheetStyle): Block {
  const side = Math.min(46, (style.width - 2) / 3.1, (roomUnderHead(style) * 0.8) / 4.3);
  const tab = side * 0.22;
  const left = (style.width - 3 * side) / 2;
  const boxOf = (face: number): CardBox => {
    const [column, row] = faces[face] ?? faces[0];
    return { x: left + column * side, y: tab + row * side, width: side, height: side };
  };
  const shapes: Readonly<Record<Edge, string>> = {
    up: `M0 0 L${tab} ${-tab} L${side - tab} ${-tab} L${side} 0`,
    down: `M0 ${side} L${tab} ${side + tab} L${side - tab} ${side + tab} L${side} ${side}`,
    left: `M0 0 L${-tab} ${tab} L${-tab} ${side - tab} L0 ${side}`,
    right: `M${side} 0 L${side + tab} ${tab} L${side + tab} ${side - tab} L${side} ${side}`,
  };
  return {
    height: tab + 4 * side + tab + 4,
    name: 'A die to fold',
    marks: [
      ...tabs.map(([face, edge]): PageMark => {
        const { x, y } = boxOf(face);
        return { kind: 'path', x, y, d: shapes[edge], stroke: 0.25, dashed: true };
      }),
      ...faces.flatMap((_, face): PageMark[] => {
        const box = boxOf(face);
        const word = words[face % Math.max(1, words.length)] ?? '';
        return [
          { kind: 'box', ...box, stroke: 0.3 },
          ...readAs(cardMarks({ text: word }, box, style, style.body * 1.4), face, `face: ${word}`),
        ];
      }),
    ],
  };
}

const STRIP = 52;
const TICK = 4;

/** Strips beside each other: the words one under another, each with a box to tick. */
function bookmarks(
  groups: readonly (readonly string[])[],
  title: string,
  style: SheetStyle,
): Block[] {
  const columns = Math.max(1, Math.floor((style.width + 0.01) / STRIP));
  const width = style.width / columns;
  const height = Math.min(roomUnderHead(style), 200);
  // One for each learner at the table: the strips of a page are filled with what there is.
  const strips = Math.max(columns, Math.ceil(groups.length / columns) * columns);
  const all = Array.from({ length: strips }, (_, at) => groups[at % groups.length] ?? []);
  const most = Math.max(1, ...groups.map((words) => words.length));
  const head = 22;
  const line = Math.min((height - head - 6) / most, style.body * 3.2);
  const size = fitted(
    all.flat(),
    style,
    width - TICK - 12,
    Math.min(style.body * 1.2, line * 0.62),
  );
  const rows = Math.ceil(strips / columns);
  return Array.from({ length: rows }, (_, row): Block => ({
    height,
    name: 'A row of bookmarks',
    marks: all.slice(row * columns, (row + 1) * columns).flatMap((words, column): PageMark[] => {
      const x = column * width;
      const place = row * columns + column;
      return [
        cutLine({ x, y: 0, width, height }),
        // A hole for a ribbon.
        { kind: 'path', x: x + width / 2, y: 7, d: circle(2), stroke: 0.3 },
        ...readAs(
          cardMarks({ text: title }, { x, y: 10, width, height: head - 10 }, style, style.body),
          place,
          `bookmark: ${title}`,
        ),
        ...words.flatMap((word, at): PageMark[] => {
          const y = head + at * line;
          return [
            {
              kind: 'box',
              x: x + 5,
              y: y + (line - TICK) / 2,
              width: TICK,
              height: TICK,
              stroke: 0.3,
              radius: 0.8,
            },
            ...readAs(
              [textAt(x + TICK + 8, y + line / 2 + size * 0.33, word, style, { size })],
              place * 100 + at,
              `box to tick: ${word}`,
            ),
          ];
        }),
      ];
    }),
  }));
}

const LABEL = { width: 80, height: 30 } as const;

/** Labels of one size, the picture beside its word; larger where the page has the room. */
function labels({ groups, pictures = {} }: CutOut, style: SheetStyle): Block[] {
  const words = groups.flat();
  const columns = Math.max(1, Math.floor((style.width + 0.01) / LABEL.width));
  const width = style.width / columns;
  const height = LABEL.height * style.stretch;
  const rows = Math.ceil(words.length / columns);
  const beside = (word: string) => (pictures[word] === undefined ? 0 : height - 4);
  // All in the size of the one that has the least room, as labels of one classroom; a whole
  // sentence among them does not make the others small.
  const wanted = style.body * 1.8 * style.stretch;
  const sizes = words.map((word) =>
    cardPrint(word, { x: 0, y: 0, width: width - beside(word), height }, style, wanted),
  );
  const size = Math.max(Math.min(...sizes), wanted * 0.6);
  return Array.from({ length: rows }, (_, row): Block => ({
    height,
    name: 'A row of labels',
    marks: words.slice(row * columns, (row + 1) * columns).flatMap((word, column): PageMark[] => {
      const box = { x: column * width, y: 0, width, height };
      const picture = pictures[word];
      const left = beside(word);
      return [
        cutLine(box),
        ...readAs(
          [
            ...(picture === undefined
              ? []
              : cardMarks({ text: word, picture }, { ...box, width: height }, style)),
            ...cardMarks(
              { text: word, word },
              { ...box, x: box.x + left, width: width - left },
              style,
              size,
            ),
          ],
          row * columns + column,
          `label: ${word}`,
        ),
      ];
    }),
  }));
}

export function cutOutPaper(cutOut: CutOut, style: SheetStyle): Face {
  const { form, groups, title = '' } = cutOut;
  const blocks =
    form === 'spinner'
      ? groups.map((words) => spinner(words, style))
      : form === 'die'
        ? groups.map((words) => die(words, style))
        : form === 'bookmark'
          ? bookmarks(groups, title, style)
          : labels(cutOut, style);
  return { blocks, problems: [] };
}
