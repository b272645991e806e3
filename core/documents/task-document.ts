/** A task as the nodes of a document: one case for each interaction. */
import type { Task } from '../exercises/exercise';
import type { BuildTask } from '../exercises/interactions/build';
import { crossingLetters, type GapTask } from '../exercises/interactions/gap';
import type { MatchSide, MatchTask } from '../exercises/interactions/match';
import type { SpotTask } from '../exercises/interactions/spot';
import { OPEN_ANSWER } from '../exercises/interactions/write';
import { clueNumbers } from '../exercises/crossing-words';
import { GAP, type DocumentNode, type TableCell } from './document';

/** Rows of so many cells. */
function rowsOf<Cell>(cells: readonly Cell[], columns: number): Cell[][] {
  return Array.from({ length: Math.ceil(cells.length / columns) }, (_, row) =>
    cells.slice(row * columns, (row + 1) * columns),
  );
}

const box = (words: readonly string[]): DocumentNode[] =>
  words.length === 0 ? [] : [{ kind: 'box', words }];

const sideCell = (side: MatchSide | undefined, hidden: boolean): TableCell =>
  side === undefined
    ? ''
    : side.picture === undefined
      ? side.text
      : { picture: side.picture, text: hidden ? '' : side.text };

/** Squares with their numbers; the letters too where `filled`. */
function crossingNodes(task: GapTask, filled: boolean): DocumentNode[] {
  const { crossing } = task;
  if (crossing === undefined) return [];
  const squares = crossingLetters(task, crossing);
  const numbers = clueNumbers(crossing.entries);
  const starts = new Map(
    crossing.entries.map(({ item, row, column }) => [`${row} ${column}`, numbers.get(item) ?? 0]),
  );
  const rows = Array.from({ length: crossing.rows }, (_, row) =>
    Array.from({ length: crossing.columns }, (__, column) => {
      const place = `${row} ${column}`;
      const letter = squares.get(place)?.[0];
      if (letter === undefined) return '';
      const number = starts.get(place);
      return filled ? letter : number === undefined ? '□' : String(number);
    }),
  );
  const clues = [false, true].flatMap((down): DocumentNode[] => {
    const entries = crossing.entries.filter((entry) => entry.down === down);
    if (entries.length === 0) return [];
    return [
      { kind: 'heading', text: down ? 'Down' : 'Across' },
      ...entries
        .map((entry) => ({
          number: numbers.get(entry.item) ?? 0,
          item: task.items.find((item) => item.id === entry.item),
        }))
        .sort((left, right) => left.number - right.number)
        .map(({ number, item }): DocumentNode => ({
          kind: 'text',
          text: `${number}  ${(item?.pieces ?? []).map((piece) => (piece.kind === 'text' ? piece.text : '')).join('')}`,
        })),
    ];
  });
  return [{ kind: 'table', head: false, rows }, ...(filled ? [] : clues)];
}

function gapNodes(task: GapTask): DocumentNode[] {
  if (task.crossing) return [...box(task.bank), ...crossingNodes(task, false)];
  return [
    ...box(task.bank),
    ...task.items.map((item, index): DocumentNode => ({
      kind: 'item',
      number: index + 1,
      text: item.pieces
        .map((piece) =>
          piece.kind === 'text'
            ? piece.text
            : task.boxes
              ? ' [    ]'
              : task.sentences || piece.answer.length > 4
                ? GAP
                : '____',
        )
        .join('')
        .trim(),
    })),
  ];
}

function matchNodes(task: MatchTask): DocumentNode[] {
  if (task.cards === 'backs') {
    return [
      {
        kind: 'table',
        head: true,
        rows: [
          ['Front', 'Back'],
          ...task.pairs.map((pair): TableCell[] => [
            sideCell(pair.left, false),
            sideCell(
              task.rights.find((right) => right.id === pair.partner),
              false,
            ),
          ]),
        ],
      },
    ];
  }
  if (task.cards === 'pairs') {
    const cards = [
      ...task.pairs.map((pair) => sideCell(pair.left, false)),
      ...task.rights.map((right) => sideCell(right, true)),
    ];
    return [{ kind: 'table', head: false, rows: rowsOf(cards, 4) }];
  }
  return [
    {
      kind: 'table',
      head: false,
      rows: task.pairs.map((pair, index): TableCell[] => [
        `${index + 1}. ${pair.left.text}`,
        '•',
        '•',
        sideCell(task.rights[index], true),
      ]),
    },
  ];
}

function spotNodes(task: SpotTask): DocumentNode[] {
  const rows = task.text.split('\n');
  return [
    ...(task.listed ? box(task.items.map((item) => item.word)) : []),
    ...(task.layout === 'grid'
      ? [{ kind: 'table' as const, head: false, rows: rows.map((row) => [...row]) }]
      : rows.map((text): DocumentNode => ({ kind: 'text', text }))),
  ];
}

function buildNodes(task: BuildTask): DocumentNode[] {
  return [
    { kind: 'heading', text: task.board === 'wheel' ? `–${task.centre}` : task.centre },
    {
      kind: 'table',
      head: false,
      rows: rowsOf(
        task.pieces.map((piece) => piece.text),
        4,
      ),
    },
    {
      kind: 'table',
      head: true,
      rows: [task.places.map((place) => place.label), task.places.map(() => '\n\n')],
    },
  ];
}

/** What is read before an item. */
const passageNodes = (passage: string | undefined): DocumentNode[] =>
  passage === undefined
    ? []
    : passage.split('\n').map((text): DocumentNode => ({ kind: 'text', text }));

/** What the learner gets. */
export function taskNodes(task: Task): DocumentNode[] {
  switch (task.interaction) {
    case 'choice':
      return task.items.flatMap((item, index): DocumentNode[] => [
        ...passageNodes(item.passage),
        {
          kind: 'item',
          number: index + 1,
          text: item.prompt,
          options: item.options.map((option) => option.text),
          ...(item.picture === undefined ? {} : { picture: item.picture }),
        },
      ]);
    case 'gap':
      return gapNodes(task);
    case 'match':
      return matchNodes(task);
    case 'order':
      if (task.list) {
        return task.items.flatMap((item) =>
          item.pieces.map((piece): DocumentNode => ({ kind: 'text', text: `☐ ${piece}` })),
        );
      }
      return task.items.map((item, index) => ({
        kind: 'item',
        number: index + 1,
        text: `${item.pieces.join('   ')}   ${GAP}`,
        ...(item.picture === undefined ? {} : { picture: item.picture }),
      }));
    case 'sort':
      return [
        {
          kind: 'table',
          head: true,
          rows: [task.headings.map((heading) => heading.label), task.headings.map(() => '\n\n\n')],
        },
        {
          kind: 'table',
          head: false,
          rows: rowsOf(
            task.cards.map((card) => card.text),
            4,
          ),
        },
      ];
    case 'spot':
      return spotNodes(task);
    case 'write':
      if (task.columns) {
        return [
          {
            kind: 'table',
            head: true,
            rows: [
              task.columns.map(({ title }) => title),
              ...task.items.map((item) => [...(item.cells ?? [])]),
            ],
          },
        ];
      }
      return [
        ...(task.scene
          ? [
              {
                kind: 'picture' as const,
                picture: task.scene.picture,
                name: task.scene.shows ?? 'The picture to write about',
              },
            ]
          : []),
        ...box((task.bank ?? []).map((each) => each.word)),
        ...task.items.flatMap((item, index): DocumentNode[] => [
          ...passageNodes(item.passage),
          {
            kind: 'item',
            number: index + 1,
            text: item.trace ? item.answer : item.prompt,
            lines: item.lines,
            ...(item.picture === undefined ? {} : { picture: item.picture }),
          },
        ]),
        ...(task.checklist ?? []).map((text): DocumentNode => ({
          kind: 'text',
          text: `☐ ${text}`,
        })),
      ];
    case 'speak':
      return [
        {
          kind: 'table',
          head: false,
          rows: rowsOf(
            task.items.map((item) => item.word),
            task.columns,
          ).map((row, index) => (task.dice ? [String(index + 1), ...row] : row)),
        },
      ];
    case 'point': {
      const things: TableCell[] = task.scene.things.map((thing) => ({
        picture: thing.picture,
        text: task.answer === 'label' ? GAP : '',
      }));
      const words = task.answer === 'label' ? task.bank : task.items.map((item) => item.word);
      return [...box(words), { kind: 'table', head: false, rows: rowsOf(things, 4) }];
    }
    case 'build':
      return buildNodes(task);
  }
}

/** One item of a key. */
export interface KeyedItem {
  /** What is asked, as text. */
  readonly question: string;
  readonly answer: string;
  /** Other right answers. */
  readonly accepted: readonly string[];
  readonly reason: string;
  readonly word: string;
}

/** Every item with its answer and why: for the key, and for a spreadsheet. */
export function keyedItems(task: Task): KeyedItem[] {
  const none: readonly string[] = [];
  switch (task.interaction) {
    case 'choice':
      return task.items.map((item) => ({
        question: item.prompt || `picture: ${item.picture ?? ''}`,
        answer: item.options.find((option) => option.right)?.text ?? '',
        accepted: none,
        reason: item.reason,
        word: item.word,
      }));
    case 'gap':
      return task.items.map((item) => ({
        question: item.pieces.map((piece) => (piece.kind === 'text' ? piece.text : GAP)).join(''),
        answer: item.key,
        accepted: item.pieces.flatMap((piece) => (piece.kind === 'gap' ? piece.accepted : [])),
        reason: item.rule === undefined ? item.reason : `${item.rule}: ${item.reason}`,
        word: item.word,
      }));
    case 'match':
      return task.pairs.map((pair) => {
        const right = task.rights.find((side) => side.id === pair.partner);
        return {
          question: pair.left.text,
          answer: right?.picture === undefined ? (right?.text ?? '') : `picture of ${pair.word}`,
          accepted: none,
          reason: pair.reason,
          word: pair.word,
        };
      });
    case 'order':
      return task.items.map((item) => ({
        question: item.pieces.join(' '),
        answer: item.key.join(' '),
        accepted: none,
        reason: item.reason,
        word: item.word,
      }));
    case 'sort':
      return task.cards.map((card) => ({
        question: card.text,
        answer: task.headings.find((heading) => heading.id === card.home)?.label ?? '',
        accepted: none,
        reason: card.reason,
        word: card.text,
      }));
    case 'spot':
      return task.items.map((item) => ({
        question: item.word,
        answer: item.find,
        accepted: none,
        reason: item.reason,
        word: item.word,
      }));
    case 'write':
      return task.items.map((item) => ({
        question:
          item.prompt || (item.picture === undefined ? item.word : `picture: ${item.picture}`),
        answer: item.keyCells
          ? item.keyCells.filter((cell) => cell !== '').join(' · ')
          : item.answer || (item.open ? OPEN_ANSWER : ''),
        accepted: item.accepted,
        reason: item.reason,
        word: item.word,
      }));
    case 'speak':
      return task.items.map((item) => ({
        question: item.word,
        answer: item.says,
        accepted: none,
        reason: '',
        word: item.word,
      }));
    case 'point':
      return task.items.map((item) => ({
        question: `picture: ${task.scene.things.find((thing) => thing.id === item.thing)?.picture ?? ''}`,
        answer: item.word,
        accepted: none,
        reason: item.reason,
        word: item.word,
      }));
    case 'build':
      return task.pieces.map((piece) => ({
        question: piece.text,
        answer: task.places.find((place) => place.id === piece.place)?.label ?? '',
        accepted: none,
        reason: piece.reason,
        word: piece.word ?? piece.text,
      }));
  }
}

/** What the key says. */
export function keyNodes(task: Task): DocumentNode[] {
  const grid = task.interaction === 'gap' && task.crossing ? crossingNodes(task, true) : [];
  const script =
    task.interaction === 'write'
      ? task.script.map((text): DocumentNode => ({ kind: 'text', text }))
      : [];
  return [
    ...script,
    ...grid,
    ...keyedItems(task).map(({ question, answer, reason }, index): DocumentNode => ({
      kind: 'item',
      number: index + 1,
      text: `${task.interaction === 'gap' || task.interaction === 'write' ? '' : `${question}: `}${answer}${reason === '' ? '' : ` (${reason})`}`,
    })),
  ];
}
