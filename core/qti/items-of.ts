/**
 * An exercise as QTI 3.0 items: each item of ours that stands alone is one of theirs, and what is
 * answered as a whole (pairs, sorts, a text with places to find) is one item with a mark a part.
 * What has no counterpart in the standard is said.
 */
import type { Task } from '../exercises/interactions';
import type { ChoiceTask } from '../exercises/interactions/choice/task';
import { gapsOf, type GapItem, type GapTask } from '../exercises/interactions/gap/task';
import type { MatchSide, MatchTask } from '../exercises/interactions/match/task';
import type { OrderItem, OrderTask } from '../exercises/interactions/order/task';
import type { SpotTask } from '../exercises/interactions/spot/task';
import type { WriteItem, WriteTask } from '../exercises/interactions/write/task';
import {
  allOf,
  declare,
  imageOf,
  isKey,
  isOneOf,
  markByMap,
  markWhere,
  type WrittenItem,
} from './item-parts';
import { element, escapeXml, paragraph, textOf } from './xml';

/** What every item of an exercise has. */
export interface ItemHead {
  /** Begins the identifier of each item. */
  readonly id: string;
  readonly title: string;
  readonly instruction: string;
  readonly language: string;
}

export interface ItemsOf {
  readonly items: readonly WrittenItem[];
  /** What does not go along, a sentence each. */
  readonly left: readonly string[];
  /** Names of the pictures that the items show. */
  readonly pictures: readonly string[];
}

/** An identifier as XML wants it: letters, digits, strokes, never a digit first. */
const nameOf = (id: string) => `w_${id.replace(/[^\w-]+/g, '_')}`;

const head = ({ id, title, instruction, language }: ItemHead, index: number) => ({
  identifier: nameOf(`${id}_${index + 1}`),
  title: `${title} ${index + 1}`,
  language,
  instruction: element('p', {}, escapeXml(instruction)),
});

const pictureOf = (name: string | undefined, says: string) =>
  name === undefined ? '' : element('p', {}, imageOf(name, says));

function choices({ items }: ChoiceTask, of: ItemHead): WrittenItem[] {
  return items.map((item, index) => {
    const { instruction, ...rest } = head(of, index);
    const right = item.options.find((option) => option.right);
    return {
      ...rest,
      outOf: 1,
      declarations: [
        declare({
          identifier: 'RESPONSE',
          cardinality: 'single',
          baseType: 'identifier',
          correct: right ? [nameOf(right.id)] : [],
        }),
      ],
      body: [
        instruction,
        paragraph(item.passage ?? ''),
        pictureOf(item.picture, 'What is asked for'),
        element(
          'qti-choice-interaction',
          { 'response-identifier': 'RESPONSE', 'max-choices': 1 },
          ...(item.prompt === '' ? [] : [element('qti-prompt', {}, textOf(item.prompt))]),
          ...item.options.map(({ id, text }) =>
            element('qti-simple-choice', { identifier: nameOf(id) }, textOf(text)),
          ),
        ),
      ],
      processing: markWhere(isKey()),
    };
  });
}

const typed = (identifier: string, length: number) =>
  element('qti-text-entry-interaction', {
    'response-identifier': identifier,
    'expected-length': Math.max(3, length),
  });

function gapItem(item: GapItem, bank: readonly string[], of: ItemHead, index: number): WrittenItem {
  const { instruction, ...rest } = head(of, index);
  const gaps = gapsOf(item);
  const named = gaps.map((gap, at) => ({ ...gap, identifier: `RESPONSE_${at + 1}` }));
  let at = -1;
  const line = item.pieces.map((piece) => {
    if (piece.kind === 'text') return textOf(piece.text);
    at += 1;
    return typed(named[at]?.identifier ?? '', piece.answer.length);
  });
  return {
    ...rest,
    outOf: 1,
    declarations: named.map(({ identifier, answer }) =>
      declare({ identifier, cardinality: 'single', baseType: 'string', correct: [answer] }),
    ),
    body: [
      instruction,
      ...(bank.length === 0 ? [] : [element('p', {}, escapeXml(bank.join('   ')))]),
      element('p', {}, ...line),
    ],
    processing: markWhere(
      allOf(
        named.map(({ identifier, answer, accepted }) => isOneOf(identifier, [answer, ...accepted])),
      ),
    ),
  };
}

/** Orders that are right where two pieces look the same: each may stand for the other. */
const MOST_ORDERS = 24;

export function rightOrders({ pieces, key }: Pick<OrderItem, 'pieces' | 'key'>): number[][] {
  let orders: number[][] = [[]];
  for (const piece of key) {
    orders = orders
      .flatMap((order) =>
        pieces.flatMap((each, index) =>
          each === piece && !order.includes(index) ? [[...order, index]] : [],
        ),
      )
      .slice(0, MOST_ORDERS);
  }
  return orders;
}

function orderItem(item: OrderItem, of: ItemHead, index: number): WrittenItem {
  const { instruction, ...rest } = head(of, index);
  const orders = rightOrders(item).map((order) => order.map((at) => `P${at + 1}`));
  const declaration = (identifier: string, correct: readonly string[]) =>
    declare({ identifier, cardinality: 'ordered', baseType: 'identifier', correct });
  const same = orders.map((order) =>
    element(
      'qti-match',
      {},
      element('qti-variable', { identifier: 'RESPONSE' }),
      element(
        'qti-ordered',
        {},
        ...order.map((name) => element('qti-base-value', { 'base-type': 'identifier' }, name)),
      ),
    ),
  );
  return {
    ...rest,
    outOf: 1,
    declarations: [declaration('RESPONSE', orders[0] ?? [])],
    body: [
      instruction,
      pictureOf(item.picture, item.word),
      element(
        'qti-order-interaction',
        { 'response-identifier': 'RESPONSE', shuffle: 'false' },
        ...item.pieces.map((piece, at) =>
          element('qti-simple-choice', { identifier: `P${at + 1}` }, textOf(piece)),
        ),
      ),
    ],
    processing: markWhere(orders.length === 1 ? isKey() : element('qti-or', {}, ...same)),
  };
}

interface Pairing {
  readonly left: readonly { readonly id: string; readonly shows: string }[];
  readonly right: readonly { readonly id: string; readonly shows: string }[];
  readonly pairs: readonly (readonly [left: string, right: string])[];
  /** How often a right side may be taken; any number where it is 0. */
  readonly rightTimes: 0 | 1;
}

function pairing({ left, right, pairs, rightTimes }: Pairing, of: ItemHead): WrittenItem {
  const { instruction, ...rest } = head(of, 0);
  const set = (sides: Pairing['left'], most: number) =>
    element(
      'qti-simple-match-set',
      {},
      ...sides.map(({ id, shows }) =>
        element(
          'qti-simple-associable-choice',
          { identifier: nameOf(id), 'match-max': most },
          shows,
        ),
      ),
    );
  const keys = pairs.map(([one, other]) => `${nameOf(one)} ${nameOf(other)}`);
  return {
    ...rest,
    title: of.title,
    outOf: pairs.length,
    declarations: [
      declare({
        identifier: 'RESPONSE',
        cardinality: 'multiple',
        baseType: 'directedPair',
        correct: keys,
        marks: keys.map((key) => [key, 1]),
      }),
    ],
    body: [
      instruction,
      element(
        'qti-match-interaction',
        { 'response-identifier': 'RESPONSE', 'max-associations': left.length },
        set(left, 1),
        set(right, rightTimes),
      ),
    ],
    processing: markByMap(),
  };
}

const sideShows = (side: MatchSide) =>
  side.picture === undefined ? textOf(side.text) : imageOf(side.picture, side.id);

const matchPairing = ({ pairs, rights }: MatchTask): Pairing => ({
  left: pairs.map(({ left }) => ({ id: left.id, shows: sideShows(left) })),
  right: rights.map((side) => ({ id: side.id, shows: sideShows(side) })),
  pairs: pairs.map(({ left, partner }) => [left.id, partner]),
  rightTimes: 1,
});

const WORD = /[\p{L}\p{M}\p{N}]+(?:['’-][\p{L}\p{M}\p{N}]+)*/gu;

/** Running text whose words, and whose sought stretches, can each be picked. */
function hottext(task: SpotTask, of: ItemHead): WrittenItem {
  const { instruction, ...rest } = head(of, 0);
  const sought = task.items.map(({ id, place }) => ({
    id: nameOf(id),
    start: place[0] ?? 0,
    end: (place.at(-1) ?? 0) + 1,
  }));
  const words = [...task.text.matchAll(WORD)]
    .map((match) => ({ start: match.index, end: match.index + match[0].length }))
    .filter(({ start, end }) => !sought.some((each) => start < each.end && each.start < end))
    .map((place, index) => ({ id: `T${index + 1}`, ...place }));
  const places = [...sought, ...words].sort((one, other) => one.start - other.start);
  const pieces: string[] = [];
  let at = 0;
  for (const { id, start, end } of places) {
    pieces.push(
      textOf(task.text.slice(at, start)),
      element('qti-hottext', { identifier: id }, textOf(task.text.slice(start, end))),
    );
    at = end;
  }
  pieces.push(textOf(task.text.slice(at)));
  return {
    ...rest,
    title: of.title,
    outOf: sought.length,
    declarations: [
      declare({
        identifier: 'RESPONSE',
        cardinality: 'multiple',
        baseType: 'identifier',
        correct: sought.map(({ id }) => id),
        marks: sought.map(({ id }) => [id, 1]),
        beside: -1,
      }),
    ],
    body: [
      instruction,
      element(
        'qti-hottext-interaction',
        { 'response-identifier': 'RESPONSE', 'max-choices': 0 },
        element('p', {}, ...pieces),
      ),
    ],
    processing: markByMap(),
  };
}

function writeItem(item: WriteItem, task: WriteTask, of: ItemHead, index: number): WrittenItem {
  const { instruction, ...rest } = head(of, index);
  const free = item.open === true || item.checks !== undefined;
  const line = task.script[index];
  const shown = [
    instruction,
    paragraph(item.passage ?? ''),
    // What is read out is for whoever reads it out.
    ...(line === undefined
      ? []
      : [
          element(
            'qti-rubric-block',
            { view: 'proctor tutor', use: 'instructions' },
            element('qti-content-body', {}, paragraph(line)),
          ),
        ]),
    pictureOf(item.picture, 'What is asked for'),
    paragraph(item.prompt),
  ];
  const declarations = [
    declare({
      identifier: 'RESPONSE',
      cardinality: 'single',
      baseType: 'string',
      correct: item.answer === '' ? [] : [item.answer],
    }),
  ];
  return free
    ? {
        ...rest,
        outOf: 0,
        declarations,
        body: [
          ...shown,
          element('qti-extended-text-interaction', {
            'response-identifier': 'RESPONSE',
            'expected-lines': 4,
          }),
        ],
        processing: '',
      }
    : {
        ...rest,
        outOf: 1,
        declarations,
        body: [...shown, element('p', {}, typed('RESPONSE', item.answer.length))],
        processing: markWhere(isOneOf('RESPONSE', [item.answer, ...item.accepted])),
      };
}

const nothing = (why: string): ItemsOf => ({ items: [], left: [why], pictures: [] });

const named = (names: readonly (string | undefined)[]) =>
  names.filter((name): name is string => name !== undefined);

/** The items of an exercise, and what of it QTI has no place for. */
export function itemsOf(task: Task, of: ItemHead): ItemsOf {
  switch (task.interaction) {
    case 'choice':
      return {
        items: choices(task, of),
        left: [],
        pictures: named(task.items.map(({ picture }) => picture)),
      };
    case 'gap':
      return {
        items: task.items.map((item, index) => gapItem(item, (task as GapTask).bank, of, index)),
        left: task.crossing
          ? [`${of.title}: the squares of the crossword stay here; its clues go.`]
          : [],
        pictures: [],
      };
    case 'match':
      return {
        items: [pairing(matchPairing(task), of)],
        left: task.cards ? [`${of.title}: the cards become pairs to join.`] : [],
        pictures: named(
          [...task.pairs.map(({ left }) => left), ...task.rights].map(({ picture }) => picture),
        ),
      };
    case 'order':
      return {
        items: (task as OrderTask).items.map((item, index) => orderItem(item, of, index)),
        left: [],
        pictures: named(task.items.map(({ picture }) => picture)),
      };
    case 'sort':
      return {
        items: [
          pairing(
            {
              left: task.cards.map(({ id, text }) => ({ id, shows: textOf(text) })),
              right: task.headings.map(({ id, label }) => ({ id, shows: textOf(label) })),
              pairs: task.cards.map(({ id, home }) => [id, home]),
              rightTimes: 0,
            },
            of,
          ),
        ],
        left: [],
        pictures: [],
      };
    case 'build':
      return {
        items: [
          pairing(
            {
              left: task.pieces.map(({ id, text }) => ({ id, shows: textOf(text) })),
              right: task.places.map(({ id, label }) => ({ id, shows: textOf(label) })),
              pairs: task.pieces.map(({ id, place }) => [id, place]),
              rightTimes: 0,
            },
            of,
          ),
        ],
        left: [`${of.title}: the board stays here; its pieces and places go.`],
        pictures: [],
      };
    case 'spot':
      return task.layout === 'grid'
        ? nothing(`${of.title}: a grid of letters to search has no counterpart in QTI.`)
        : task.letters === true
          ? nothing(`${of.title}: picking letters within words has no counterpart in QTI.`)
          : { items: [hottext(task, of)], left: [], pictures: [] };
    case 'write':
      return task.items.some(({ trace }) => trace !== undefined)
        ? nothing(`${of.title}: handwriting has no counterpart in QTI.`)
        : task.columns
          ? nothing(`${of.title}: a table to fill in has no counterpart in QTI.`)
          : {
              items: task.items.map((item, index) => writeItem(item, task, of, index)),
              left: [],
              pictures: named(task.items.map(({ picture }) => picture)),
            };
    case 'point':
      return nothing(`${of.title}: a picture drawn of several has no counterpart in QTI.`);
    case 'speak':
      return nothing(`${of.title}: what is read aloud has no counterpart in QTI.`);
  }
}
