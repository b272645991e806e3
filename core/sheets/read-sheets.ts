/** Reads sheets that come as JSON from elsewhere: every field checked, nothing else kept. */
import { learnerFonts } from '../languages/language-pack';
import { handIds, inks, type HandFont } from '../paper/hands';
import { lookNames } from '../kernel/look';
import { fills, type PageMark } from '../paper/marks';
import { wideFont } from '../paper/measure';
import { paperNames, type PaperName } from '../kernel/paper-size';
import type { Sheet, SheetPage } from './sheet';
import type { Cell, Reading } from '../paper/reading';

const MOST_PAGES = 2000;
/** Letters of a crossword, squares of a grid, cards: no page has near as many marks. */
const MOST_MARKS = 400_000;

/** A picture of the teacher's own, as the browser made it. */
const ownPicture = /^data:image\/(?:png|jpeg|webp);base64,[A-Za-z0-9+/]+=*$/;
const LARGEST_PICTURE = 4_000_000;

/** Every learner font, plainly set and widely spaced. */
const sheetFonts = Object.keys(learnerFonts).flatMap((font) => [font, wideFont(font)]);

type Fields = Record<string, unknown>;

function fail(what: string): never {
  throw new RangeError(`${what} is missing or not as it should be.`);
}

function fields(value: unknown, what: string): Fields {
  return typeof value === 'object' && value !== null ? (value as Fields) : fail(what);
}

function list(value: unknown, what: string): unknown[] {
  return Array.isArray(value) ? value : fail(what);
}

function numberOf(from: Fields, name: string): number {
  const value = from[name];
  return typeof value === 'number' && Number.isFinite(value) ? value : fail(`The number ${name}`);
}

function textOf(from: Fields, name: string): string {
  const value = from[name];
  return typeof value === 'string' ? value : fail(`The text ${name}`);
}

function oneOf<Value extends string | number>(
  value: unknown,
  options: readonly Value[],
  what: string,
): Value {
  return options.find((option) => option === value) ?? fail(what);
}

/** The cell of a table that a mark stands in, where it does. */
function cellIn(from: Fields): { cell?: Cell } {
  if (from['cell'] === undefined) return {};
  const given = fields(from['cell'], 'The cell of a mark');
  return {
    cell: {
      row: numberOf(given, 'row'),
      column: numberOf(given, 'column'),
      ...(given['head'] === true ? { head: true } : {}),
    },
  };
}

/** How a mark is read aloud, where it says. */
function readingIn(from: Fields): { reading?: Reading } {
  if (from['reading'] === undefined) return {};
  const given = fields(from['reading'], 'The reading of a mark');
  return {
    reading: {
      ...(typeof given['item'] === 'number' ? { item: numberOf(given, 'item') } : {}),
      ...(typeof given['as'] === 'string' ? { as: given['as'] } : {}),
      ...cellIn(given),
    },
  };
}

function readMark(value: unknown): PageMark {
  const from = fields(value, 'A mark');
  const number = (name: string) => numberOf(from, name);
  const dashed = from['dashed'] === true ? { dashed: true } : {};
  const grey = from['grey'] === true ? { grey: true } : {};
  const filled =
    typeof from['fill'] === 'string' ? { fill: oneOf(from['fill'], fills, 'The fill') } : {};
  switch (from['kind']) {
    case 'text':
      return {
        kind: 'text',
        x: number('x'),
        y: number('y'),
        text: textOf(from, 'text'),
        size: number('size'),
        weight: oneOf(from['weight'], [400, 700] as const, 'The weight'),
        align: oneOf(from['align'], ['start', 'middle', 'end'] as const, 'The align'),
        role: oneOf(from['role'], ['title', 'heading', 'text', 'small'] as const, 'The role'),
        ...(from['field'] === 'name' ? { field: 'name' as const } : {}),
        ...readingIn(from),
        ...grey,
        ...(from['light'] === true ? { light: true } : {}),
        ...(from['outline'] === true ? { outline: true } : {}),
        ...(typeof from['turn'] === 'number' ? { turn: number('turn') } : {}),
      };
    case 'hand':
      return {
        kind: 'hand',
        x: number('x'),
        y: number('y'),
        text: textOf(from, 'text'),
        font: oneOf<HandFont>(from['font'], [...handIds, 'dots', 'arrows'], 'The hand'),
        ink: oneOf(
          from['ink'],
          inks.filter((ink) => ink !== 'blank'),
          'The ink',
        ),
        size: number('size'),
        ...readingIn(from),
      };
    case 'path': {
      const d = textOf(from, 'd');
      if (!/^[MLHVCSQTAZmlhvcsqtaz0-9 .,-]*$/.test(d)) fail('The path of a mark');
      return {
        kind: 'path',
        x: number('x'),
        y: number('y'),
        d,
        stroke: number('stroke'),
        ...filled,
        ...dashed,
        ...(from['pale'] === true ? { pale: true } : {}),
        ...(from['round'] === true ? { round: true } : {}),
        ...(typeof from['scale'] === 'number' ? { scale: number('scale') } : {}),
      };
    }
    case 'line':
      return {
        kind: 'line',
        x1: number('x1'),
        y1: number('y1'),
        x2: number('x2'),
        y2: number('y2'),
        width: number('width'),
        ...dashed,
        ...grey,
      };
    case 'box':
      return {
        kind: 'box',
        x: number('x'),
        y: number('y'),
        width: number('width'),
        height: number('height'),
        stroke: number('stroke'),
        ...(typeof from['radius'] === 'number' ? { radius: number('radius') } : {}),
        ...filled,
        ...(from['over'] === true ? { over: true } : {}),
        ...dashed,
      };
    case 'picture': {
      const picture = textOf(from, 'picture');
      const own = picture.length <= LARGEST_PICTURE && ownPicture.test(picture);
      if (!own && !/^[a-z0-9-]+$/.test(picture)) fail('The name of a picture');
      return {
        kind: 'picture',
        x: number('x'),
        y: number('y'),
        width: number('width'),
        height: number('height'),
        picture,
        name: textOf(from, 'name'),
        ...readingIn(from),
      };
    }
    case 'word':
      return {
        kind: 'word',
        x: number('x'),
        y: number('y'),
        width: number('width'),
        height: number('height'),
        word: textOf(from, 'word'),
      };
    case 'item':
      return {
        kind: 'item',
        x: number('x'),
        y: number('y'),
        width: number('width'),
        height: number('height'),
        item: textOf(from, 'item'),
      };
    default:
      return fail('The kind of a mark');
  }
}

function readPage(value: unknown): SheetPage {
  const from = fields(value, 'A page');
  return {
    part: oneOf(from['part'], ['learner', 'key'] as const, 'The part of a page'),
    number: numberOf(from, 'number'),
    marks: list(from['marks'], 'The marks of a page').map(readMark),
  };
}

/**
 * Sheets from JSON.
 *
 * @throws RangeError where a field is missing or of another kind, or there are too many pages
 */
export function readSheets(value: unknown): Sheet[] {
  const sheets = list(value, 'The list of sheets').map((each): Sheet => {
    const from = fields(each, 'A sheet');
    return {
      title: textOf(from, 'title'),
      paper: oneOf<PaperName>(from['paper'], paperNames, 'The paper'),
      font: oneOf(from['font'], sheetFonts, 'The font'),
      pages: list(from['pages'], 'The pages of a sheet').map(readPage),
      problems: [],
      ...(from['colour'] === undefined
        ? {}
        : { colour: oneOf(from['colour'], lookNames, 'The look') }),
    };
  });
  const pages = sheets.reduce((sum, sheet) => sum + sheet.pages.length, 0);
  const marks = sheets.reduce(
    (sum, sheet) => sum + sheet.pages.reduce((all, page) => all + page.marks.length, 0),
    0,
  );
  if (marks > MOST_MARKS)
    throw new RangeError(
      `There are ${marks} marks; ${MOST_MARKS} is the most. Print fewer sheets.`,
    );
  if (pages > MOST_PAGES)
    throw new RangeError(`There are ${pages} pages; ${MOST_PAGES} is the most.`);
  return sheets;
}
