import { describe, expect, test } from 'vitest';
import type { Lesson } from '~core/records/lesson';
import { lessonOperations } from './lesson-operations';
import { keptAfter } from './testing/kept-after';

const lesson = (): Lesson => ({
  id: 'storm',
  classId: 'kestrels',
  title: 'Storm log',
  objective: '',
  stages: (['get-ready', 'show', 'together', 'alone', 'look-back'] as const).map((id) => ({
    id,
    minutes: 5,
    parts: [],
  })),
});

const kept = keptAfter<Lesson>('lessons', lessonOperations);

const after = (present: Lesson, intent: string, input: object) => kept(present, intent, input).kept;

const on = { learner: 'Mina', exercise: 'e1', item: 'i1' };

describe('what is said of an open answer', () => {
  test('a word and a mark stand together, for that learner and item alone', () => {
    const said = after(lesson(), 'remark', { ...on, text: 'A strong first line.' });
    const marked = after(said, 'remark-met', { ...on, met: 'met' });
    const other = after(marked, 'remark', { ...on, item: 'i2', text: 'Add an end mark.' });
    expect(other.remarks).toEqual([
      { ...on, text: 'A strong first line.', met: 'met' },
      { ...on, item: 'i2', text: 'Add an end mark.', met: '' },
    ]);
  });

  test('what says nothing any more goes, and leaves no empty list', () => {
    const said = after(lesson(), 'remark-met', { ...on, met: 'again' });
    expect('remarks' in after(said, 'remark-met', { ...on, met: '' })).toBe(false);
  });
});

describe('what is done to a part on the shelf', () => {
  const part = {
    id: 'p1',
    kind: 'exercise' as const,
    text: '',
    maker: 'sort-by-sound',
    words: ['rain', 'day'],
    parameters: {},
    seed: 1,
  };
  const note = { ...part, id: 'n1', kind: 'note' as const, maker: '', words: [], text: 'Say it.' };
  const withParts = (): Lesson => ({
    ...lesson(),
    stages: lesson().stages.map((stage) =>
      stage.id === 'alone' ? { ...stage, parts: [part, note] } : stage,
    ),
  });
  const partsAfter = (intent: string, input: object) =>
    after(withParts(), intent, input).stages.flatMap(({ parts }) => parts);

  test('a star is put on it alone, and leaves nothing behind when it is taken', () => {
    const [starred, other] = partsAfter('shelf-part', { part: 'p1', name: 'Sort', starred: true });
    expect([starred?.starred, other?.starred]).toEqual([true, undefined]);
    const bare = after(
      after(withParts(), 'shelf-part', { part: 'p1', name: 'Sort', starred: true }),
      'shelf-part',
      { part: 'p1', name: 'Sort', starred: false },
    );
    expect(bare).toEqual(after(withParts(), 'field', { field: 'title', value: 'Storm log' }));
  });

  test('another name: of an exercise it is its title, of a note or sheet its text', () => {
    const [exercise] = partsAfter('shelf-part', { part: 'p1', name: 'Sort', rename: 'Hear it' });
    expect(exercise?.parameters.title).toBe('Hear it');
    const [, said] = partsAfter('shelf-part', { part: 'n1', name: 'Say it.', rename: 'Say more.' });
    expect(said?.text).toBe('Say more.');
  });

  test('a copy stands below it, is made of the same, and has an id and no star of its own', () => {
    const parts = partsAfter('copy-part', { part: 'p1', name: 'Sort' });
    expect(parts.map(({ kind }) => kind)).toEqual(['exercise', 'exercise', 'note']);
    expect(parts[1]?.id).not.toBe('p1');
    expect({ ...parts[1], id: 'p1', starred: undefined }).toEqual({
      ...parts[0],
      starred: undefined,
    });
  });

  test('what is not there cannot be starred', () => {
    expect(() => partsAfter('shelf-part', { part: 'gone', name: 'Sort', starred: true })).toThrow();
  });
});

describe('files that were given home', () => {
  const home = (id: string) => ({
    id,
    day: '2026-11-28',
    parts: ['p1'],
    marks: true,
    returned: false,
    names: false,
    heard: false,
    speaks: 'pt',
  });

  test('are remembered with what was chosen, the last forty', () => {
    let present = lesson();
    for (let at = 1; at <= 42; at += 1) {
      present = after(present, 'gave-home', { takeHome: home(`h${at}`) });
    }
    expect(present.takeHomes).toHaveLength(40);
    expect(present.takeHomes?.at(-1)).toEqual(home('h42'));
    expect(present.takeHomes?.[0]?.id).toBe('h3');
  });
});

describe('what was drawn at the board', () => {
  const place = (id: string, strokes = 1) => ({
    id,
    strokes: Array.from({ length: strokes }, () => ({ tool: 'ink', points: [1, 2, 30, 40] })),
    stamps: [],
    covers: [],
  });
  const keep = (present: Lesson, ...places: object[]) =>
    after(present, 'keep-drawn', { drawn: { places } });

  test('comes whole through the record; a place with nothing over it is not kept; all of it goes', () => {
    const sun = { id: 's', sign: 'sun', x: 500, y: 500 };
    const cover = { id: 'c', x: 300, y: 350, width: 400, height: 300 };
    const full = { ...place('p1 one 0'), stamps: [sun], covers: [cover] };
    const kept = keep(lesson(), full, place('p1 all', 0));
    expect(kept.drawn).toEqual([full]);
    expect(keep(kept)).not.toHaveProperty('drawn');
  });

  test('what is off the board, or of no known kind, is refused', () => {
    const odd = (drawn: object) => () => keep(lesson(), { ...place('p'), ...drawn });
    expect(odd({ strokes: [{ tool: 'ink', points: [1, 2000] }] })).toThrow(/points/);
    expect(odd({ strokes: [{ tool: 'rubber', points: [1, 2] }] })).toThrow(/tool/);
    expect(odd({ stamps: [{ id: 's', sign: 'skull', x: 1, y: 1 }] })).toThrow(/sign/);
    expect(odd({ strokes: place('p', 301).strokes })).toThrow(/300 strokes at most/);
  });
});

describe('boards of loose pieces', () => {
  const board = (id: string, x = 100) => ({
    id,
    name: 'Storm words',
    places: [{ id: 'p', label: 'wet', x: 0, y: 0, width: 400, height: 300 }],
    pieces: [
      { id: 'r', kind: 'word', text: 'rain', x, y: 80, width: 160, height: 84, turn: 15 },
      {
        id: 'c',
        kind: 'shape',
        text: 'cup',
        shape: 'cup',
        x: 9,
        y: 9,
        width: 90,
        height: 90,
        turn: 0,
      },
    ],
    joins: [{ from: 'r', to: 'c' }],
  });
  const keep = (present: Lesson, id: string, x?: number) =>
    after(present, 'keep-board', { board: board(id, x), did: 'Moved rain' });

  test('come whole through the record, are kept in place as they change, and go alone', () => {
    let present = keep(keep(lesson(), 'a'), 'b');
    expect(present.boards).toEqual([board('a'), board('b')]);
    present = keep(present, 'a', 700);
    expect(present.boards?.map(({ id, pieces }) => [id, pieces[0]?.x])).toEqual([
      ['a', 700],
      ['b', 100],
    ]);
    present = after(present, 'remove-board', { board: 'a', name: 'Storm words' });
    expect(present.boards).toEqual([board('b')]);
  });

  test('a piece that is off the board, or of no known kind, is refused', () => {
    expect(() => keep(lesson(), 'a', 99_999)).toThrow(/boards/);
    const [first] = board('a').pieces;
    const odd = { ...board('a'), pieces: [{ ...first, kind: 'balloon' }] };
    expect(() => after(lesson(), 'keep-board', { board: odd, did: '' })).toThrow(/kind/);
  });

  test('thirty and no more', () => {
    let present = lesson();
    for (let at = 0; at < 30; at += 1) present = keep(present, `b${at}`);
    expect(() => keep(present, 'more')).toThrow(/30 boards at most/);
  });
});
