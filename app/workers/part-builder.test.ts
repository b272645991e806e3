import { describe, expect, test } from 'vitest';
import type { ClassProfile } from '~core/classes/class-profile';
import type { LessonPart } from '~core/records/lesson';
import type { Sheet } from '~core/sheets/sheet';
import { kestrels, testLexicon, testMeanings } from '~core/testing/test-lexicon';
import { PartBuilder, type BrokenPart, type BuiltExercise, type BuiltSheet } from './part-builder';
import type { PartContext } from './part-maker';

const lexicon = testLexicon();
const meanings = testMeanings();
const builder = new PartBuilder(lexicon);
const words = ['rain', 'train', 'snail', 'lake', 'snake', 'day', 'play', 'wave'];
const roster: ClassProfile['roster'] = [
  { id: '1', name: 'Asha' },
  { id: '2', name: 'Bram', version: 'support' },
  { id: '3', name: 'Cleo', version: 'stretch' },
];

const context = (settings: Partial<ClassProfile> = {}, beside = {}): PartContext => ({
  profile: kestrels({ roster, ...settings }),
  footer: 'Storm words · Kestrels',
  beside,
});

const part = (maker: string, fields: Partial<LessonPart> = {}): LessonPart => ({
  id: maker,
  kind: 'exercise',
  text: '',
  maker,
  words,
  parameters: {},
  seed: 3,
  ...fields,
});

const textsOf = (sheet: Sheet | undefined, index: number) =>
  (sheet?.pages[index]?.marks ?? []).flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []));

const tracedOn = (sheet: Sheet | undefined, index: number) =>
  (sheet?.pages[index]?.marks ?? []).flatMap((mark) => (mark.kind === 'hand' ? [mark.text] : []));

/** What was built; a test fails where it could not be. */
function whole<Built extends object>(built: Built | BrokenPart): Built {
  if ('broken' in built) throw new Error(built.broken);
  return built as Built;
}
const made = (from: PartBuilder, ...input: Parameters<PartBuilder['build']>) =>
  whole<BuiltExercise>(from.build(...input));

describe('a part that cannot be made', () => {
  test('is told in words, and never thrown', () => {
    const broken = (fields: Partial<LessonPart>) =>
      builder.build({ ...part('sort-hard-soft'), ...fields }, context());
    expect(broken({ maker: 'sort-by-magic' })).toEqual({
      broken: 'There is no exercise called sort-by-magic in this Wordane.',
    });
    expect(broken({ parameters: { letter: 'q' } })).toEqual({
      broken: 'letter is one of c, g.',
    });
    expect(broken({ parameters: { lettre: 'c' } })).toMatchObject({
      broken: expect.stringContaining('knows no parameter lettre') as unknown,
    });
  });

  test('leaves a sheet without it standing', () => {
    const sheet = {
      ...part(''),
      kind: 'sheet' as const,
      blocks: [
        { id: 'a', kind: 'heading' as const, text: 'Storm' },
        { id: 'b', kind: 'exercise' as const, part: 'gone' },
      ],
    };
    const built = whole<BuiltSheet>(
      builder.buildSheet(sheet, [part('gone', { id: 'gone' })], context()),
    );
    expect(built.sheet.pages.length).toBeGreaterThan(0);
    expect(built.exercises).toEqual([]);
  });
});

describe('an exercise knows its class', () => {
  test('what the lists have written beside a word stands on its cards', () => {
    const { exercise } = made(
      builder,
      part('match-translation'),
      context(
        {},
        {
          rain: { translation: 'pluie' },
          day: { translation: 'jour' },
          lake: { translation: 'lac' },
        },
      ),
    );
    const rights = exercise.task.interaction === 'match' ? exercise.task.rights : [];
    expect(rights.map(({ text }) => text).sort()).toEqual(['jour', 'lac', 'pluie']);
  });

  test('the class’s own confused words are used', () => {
    const confusables = [
      {
        words: [
          { word: 'gale', meaning: 'a strong wind', sentence: 'A ___ blew.' },
          { word: 'gail', meaning: 'no word', sentence: 'It is no ___ at all.' },
        ],
        tell: 'a gale is a wind.',
        britishOnly: false as const,
      },
    ];
    const { exercise } = made(
      builder,
      part('confusable-words', { words: ['gale'] }),
      context({ confusables }),
    );
    expect(exercise.task.interaction === 'choice' && exercise.task.items).toHaveLength(2);
  });

  test('the paper of the part is used in place of the class’s', () => {
    const { sheet } = made(
      builder,
      part('build-ing', { layout: { paper: 'a5', header: 'Log' } }),
      context(),
    );
    expect(sheet.paper).toBe('a5');
    expect(textsOf(sheet, 0)).toContain('Log');
  });
});

describe('copies', () => {
  test('each learner gets her version with her name; the keys of the versions share a page; the cutting list is last', () => {
    const copies = builder.copies(part('sort-by-spelling'), [], context(), 'learners');
    const learners = copies?.pages.filter((page) => page.part === 'learner') ?? [];
    expect(learners.length).toBeGreaterThanOrEqual(3);
    const keys = copies?.pages.filter((page) => page.part === 'key') ?? [];
    expect(keys).toHaveLength(2);
    const keyed = textsOf(copies, learners.length).join(' ');
    for (const version of ['Core', 'Support', 'Stretch']) expect(keyed).toContain(version);
    const last = textsOf(copies, (copies?.pages.length ?? 0) - 1).join(' ');
    expect(last).toMatch(/Cutting list/);
    expect(last).toMatch(/1 Asha · cut page 1: \d+ pieces/);
    expect(last).toMatch(/Bram · support · cut page/);
  });

  test('each learner traces her own name', () => {
    const copies = builder.copies(
      part('trace-copy-write', { parameters: { ownName: true } }),
      [],
      context(),
      'learners',
    );
    expect(tracedOn(copies, 0)).toContain('Asha');
    expect(tracedOn(copies, 1)).toContain('Bram');
    expect(tracedOn(copies, 2)).toContain('Cleo');
  });

  test('cards have the name at the foot, for they have no line for it', () => {
    const copies = builder.copies(part('two-sided-cards'), [], context(), 'learners', meanings);
    expect(textsOf(copies, 0)).toContain('Asha');
  });

  test('a roster of 200 is laid out whole', () => {
    const many = Array.from({ length: 200 }, (_, index) => ({
      id: `${index}`,
      name: `Learner ${index + 1}`,
    }));
    const copies = builder.copies(part('build-ing'), [], context({ roster: many }), 'learners');
    expect(copies?.pages.filter((page) => page.part === 'learner')).toHaveLength(200);
    expect(textsOf(copies, 199)).toContain('Learner 200');
  });

  const versions = ['support', 'core', 'stretch'] as const;

  test('in three versions: each once without a name, and their keys on one page', () => {
    const sheet = builder.copies(part('missing-grapheme'), [], context({ roster: [] }), 'versions');
    const own = versions.map(
      (version) =>
        made(builder, part('missing-grapheme', { parameters: { version } }), context()).sheet,
    );
    const marksOf = (pages: Sheet['pages'], face: 'learner' | 'key') =>
      pages.filter((page) => page.part === face).map(({ marks }) => marks);
    expect(marksOf(sheet?.pages ?? [], 'learner')).toEqual(
      own.flatMap(({ pages }) => marksOf(pages, 'learner')),
    );
    const keys = marksOf(sheet?.pages ?? [], 'key');
    expect(keys).toHaveLength(1);
    const said = (keys[0] ?? []).flatMap((mark) => (mark.kind === 'text' ? [mark.text] : []));
    expect(said).toEqual(expect.arrayContaining(['Core', 'Support', 'Stretch']));
    // Every line of each version's own key is there, cut at the edge of its column or not.
    const flat = said.join(' ').replace(/\s+/g, '');
    for (const { pages } of own) {
      for (const mark of pages.filter(({ part: face }) => face === 'key')[0]?.marks ?? []) {
        if (mark.kind !== 'text' || !/^\d+\. /.test(mark.text)) continue;
        expect(flat).toContain(mark.text.replace(/\s+/g, ''));
      }
    }
  });

  test('keys written into the sheet keep pages of their own, on the paper of the sheet', () => {
    const written = part('missing-grapheme', { layout: { key: 'written', paper: 'a5' } });
    const sheet = builder.copies(written, [], context({ roster: [] }), 'versions');
    expect(sheet?.paper).toBe('a5');
    expect(sheet?.pages.filter(({ part: face }) => face === 'key').length).toBeGreaterThan(2);
  });

  test('nobody on the roster is no copy', () => {
    expect(
      builder.copies(part('build-ing'), [], context({ roster: [] }), 'learners'),
    ).toBeUndefined();
  });
});

describe('a sheet of blocks', () => {
  const exercises = [
    part('build-ing'),
    part('sort-by-spelling'),
    part('trace-copy-write', { parameters: { ownName: true } }),
  ];
  const sheet = part('', {
    id: 'sheet',
    kind: 'sheet',
    text: 'Storm sheet',
    words: [],
    blocks: [
      { id: 'n', kind: 'name' },
      { id: 't', kind: 'text', text: 'The barometer fell.' },
      ...exercises.map((each, index) => ({
        id: `${index}`,
        kind: 'exercise' as const,
        part: each.id,
      })),
    ],
  });

  test('shows its exercises as they are now, and checks the words of its texts', () => {
    const built = whole<BuiltSheet>(builder.buildSheet(sheet, exercises, context()));
    expect(built.exercises.map(({ maker }) => maker)).toEqual(exercises.map(({ maker }) => maker));
    expect(built.checks.find(({ word }) => word === 'barometer')?.reach).toBe('beyond');
    const gone = whole<BuiltSheet>(builder.buildSheet(sheet, exercises.slice(1), context()));
    expect(gone.sheet.problems.join(' ')).toMatch(/was removed from the lesson/);
  });

  test('is copied in versions, with each learner’s own name to trace', () => {
    const copies = builder.copies(sheet, exercises, context(), 'learners');
    const texts = copies?.pages.map((_, index) => textsOf(copies, index).join(' ')) ?? [];
    expect(texts.some((text) => text.includes('(support)'))).toBe(true);
    expect(texts.some((text) => text.includes('(stretch)'))).toBe(true);
    const traced = copies?.pages.flatMap((_, index) => tracedOn(copies, index)) ?? [];
    expect([...new Set(traced)]).toEqual(['Asha', 'Bram', 'Cleo']);
  });
});
