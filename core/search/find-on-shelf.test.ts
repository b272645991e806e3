import { describe, expect, test } from 'vitest';
import { countOnShelf, findOnShelf, type ShelfThing } from './find-on-shelf';

const thing = (fields: Partial<ShelfThing>): ShelfThing => ({
  kind: 'lessons',
  id: 'x',
  record: { table: 'lessons', id: 'x' },
  title: 'Storm log',
  classId: 'kestrels',
  date: '',
  starred: false,
  tags: [],
  standards: [],
  content: '',
  ...fields,
});

const things = [
  thing({ id: 'storm', title: 'Storm log', content: 'Sort the words: rain, hail, drizzle' }),
  thing({ id: 'rain', title: 'Rain words', kind: 'lists', content: 'rain puddle' }),
  thing({
    id: 'wind',
    title: 'The wind',
    kind: 'texts',
    classId: 'merlins',
    content: 'It blew. Élan and rain.',
  }),
  thing({ id: 'star', title: 'Zephyrs', starred: true, tags: ['Autumn'], content: 'rain' }),
  thing({ id: 'old', title: 'Old rain', putAway: '2026-11-01' }),
];
const ids = (query: Parameters<typeof findOnShelf>[1]) =>
  findOnShelf(things, query).map(({ thing: { id } }) => id);

describe('the shelf', () => {
  test('is searched in names and in what stands inside: names first, then stars', () => {
    expect(ids({ words: 'rain' })).toEqual(['rain', 'star', 'storm', 'wind']);
    expect(ids({ words: 'drizzle' })).toEqual(['storm']);
  });

  test('every sought word counts, in the name or inside; capitals and accents do not', () => {
    expect(ids({ words: 'STORM hail' })).toEqual(['storm']);
    expect(ids({ words: 'elan' })).toEqual(['wind']);
    expect(ids({ words: 'storm snow' })).toEqual([]);
  });

  test('shows where a word stands that is not in the name', () => {
    const [found] = findOnShelf(things, { words: 'drizzle' });
    expect(found?.near).toContain('drizzle');
    expect(findOnShelf(things, { words: 'storm' })[0]?.near).toBe('');
  });

  test('is narrowed by kind, class, folder and star; what was put away stands by itself', () => {
    expect(ids({ kind: 'texts' })).toEqual(['wind']);
    expect(ids({ classId: 'merlins' })).toEqual(['wind']);
    expect(ids({ tag: 'Autumn' })).toEqual(['star']);
    expect(ids({ starred: true })).toEqual(['star']);
    expect(ids({ away: true })).toEqual(['old']);
    expect(ids({ words: 'old' })).toEqual([]);
  });

  const inLesson = thing({
    id: 'sort',
    kind: 'exercises',
    title: 'Sort by sound',
    of: 'Storm log',
    starred: true,
    content: 'hail rain',
  });

  test('what is in a lesson is found by its kind, or where it is starred', () => {
    const found = (query: Parameters<typeof findOnShelf>[1]) =>
      findOnShelf([...things, inLesson], query).map(({ thing: { id } }) => id);
    expect(found({ words: 'hail' })).toEqual(['storm']);
    expect(found({ words: 'hail', kind: 'exercises' })).toEqual(['sort']);
    expect(found({ starred: true })).toEqual(['sort', 'star']);
  });

  test('each kind says how many of it have the sought words', () => {
    expect(countOnShelf([...things, inLesson], { words: 'rain' })).toEqual({
      lessons: 2,
      lists: 1,
      texts: 1,
      exercises: 1,
    });
  });

  test('a thousand things are searched at once', () => {
    const many = Array.from({ length: 1000 }, (_, at) =>
      thing({ id: `${at}`, title: `Lesson ${at}`, content: 'rain '.repeat(100) + at }),
    );
    expect(findOnShelf(many, { words: '777' }).map(({ thing: { id } }) => id)).toEqual(['777']);
  });

  test('is narrowed to what practises something, and to the days for which it is planned', () => {
    const planned = [
      thing({ id: 'past', date: '2026-11-02', targets: ['structure past simple'] }),
      thing({ id: 'now', date: '2026-11-26', targets: ['sound /eɪ/', 'topic weather'] }),
      thing({ id: 'free', targets: ['sound /eɪ/'] }),
    ];
    const found = (query: Parameters<typeof findOnShelf>[1]) =>
      findOnShelf(planned, query).map(({ thing: { id } }) => id);
    expect(found({ target: 'sound /eɪ/' })).toEqual(['now', 'free']);
    expect(found({ from: '2026-11-03' })).toEqual(['now']);
    expect(found({ until: '2026-11-02' })).toEqual(['past']);
    expect(found({ from: '2026-11-02', until: '2026-11-26' })).toEqual(['past', 'now']);
    // What is planned for no day is in none of them.
    expect(found({ until: '2030-01-01' })).toEqual(['past', 'now']);
  });
});
