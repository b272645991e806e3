import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { mergeEdit } from './merge';
import { applyPatch, diff, invert, PatchConflict, placeName } from './patch';

/** Records as they are kept: fields, texts, lists of words, lists of things with an id. */
const thing = fc.record({
  id: fc.constantFrom('a', 'b', 'c', 'd'),
  text: fc.string({ maxLength: 6 }),
  count: fc.nat(3),
});
const record = fc.record({
  name: fc.string({ maxLength: 5 }),
  body: fc.constantFrom('', 'rain '.repeat(60), `${'rain '.repeat(60)}snow`, 'hail'),
  words: fc.uniqueArray(fc.constantFrom('rain', 'hail', 'snow', 'mist', 'gale'), { maxLength: 5 }),
  things: fc.uniqueArray(thing, { selector: ({ id }) => id, maxLength: 4 }),
  maybe: fc.option(fc.boolean(), { nil: undefined }),
});
const plain = <Value>(value: Value): Value => JSON.parse(JSON.stringify(value)) as Value;

describe('a patch', () => {
  test('makes the record after from the record before, and back', () => {
    fc.assert(
      fc.property(record, record, (left, right) => {
        const [before, after] = [plain(left), plain(right)];
        const patch = diff(before, after);
        expect(applyPatch(before, patch)).toEqual(after);
        expect(applyPatch(after, invert(patch))).toEqual(before);
        // It is kept as JSON.
        expect(applyPatch(before, plain(patch))).toEqual(after);
      }),
      { numRuns: 3000, seed: 20261126 },
    );
  });

  test('is small where little was changed in much', () => {
    const before = { body: 'The wind blew all night. '.repeat(4000), words: [] };
    const after = { ...before, body: before.body.replace('all night', 'all day') };
    expect(JSON.stringify(diff(before, after)).length).toBeLessThan(200);
  });

  test('names its place in words', () => {
    const before = { stages: [{ id: 'alone', minutes: 5 }] };
    const [change] = diff(before, { stages: [{ id: 'alone', minutes: 8 }] });
    expect(placeName(change?.at ?? [])).toBe('stages › alone › minutes');
  });

  test('is taken back although other things were changed since', () => {
    const before = { name: 'Storm', words: ['rain'], notes: [{ id: 'x', text: 'wet' }] };
    const after = { ...before, name: 'Gale' };
    const since = { ...after, words: ['rain', 'hail'], notes: [{ id: 'x', text: 'dry' }] };
    expect(applyPatch(since, invert(diff(before, after)))).toEqual({ ...since, name: 'Storm' });
  });

  test('is refused where what it touches was changed since', () => {
    const before = { name: 'Storm' };
    const undo = invert(diff(before, { name: 'Gale' }));
    expect(() => applyPatch({ name: 'Wind' }, undo)).toThrow(PatchConflict);
    const removed = invert(diff({ notes: [] as object[] }, { notes: [{ id: 'x', text: 'a' }] }));
    expect(() => applyPatch({ notes: [{ id: 'x', text: 'b' }] }, removed)).toThrow(/notes/);
  });

  test('a long text is mended where it stands now, and left where that cannot be known', () => {
    const body = `${'The wind blew. '.repeat(30)}The gauge broke. ${'It rained. '.repeat(30)}`;
    const after = { body: body.replace('gauge broke', 'barometer fell') };
    const undo = invert(diff({ body }, after));
    const since = { body: `A new beginning. ${after.body}` };
    expect(applyPatch(since, undo)).toEqual({ body: `A new beginning. ${body}` });
    const twice = { body: `barometer fell. barometer fell. ${after.body}` };
    expect(() => applyPatch(twice, undo)).toThrow(PatchConflict);
  });
});

describe('an edit of an older version', () => {
  const base = { name: 'Storm', body: 'It rained. We went home.', words: ['rain'], minutes: 5 };
  const patchTo = (theirs: typeof base) => [diff(base, theirs)];

  test('keeps what others changed elsewhere', () => {
    const theirs = { ...base, name: 'Gale', words: ['rain', 'hail'] };
    const edited = { ...theirs, minutes: 8 };
    expect(mergeEdit(theirs, edited, patchTo(theirs))).toEqual({ record: edited, conflicts: [] });
  });

  test('a whole text drawn from the older version joins theirs', () => {
    const theirs = { ...base, body: base.body.replace('home', 'inside') };
    const mine = { ...theirs, body: base.body.replace('rained', 'poured') };
    const { record: merged, conflicts } = mergeEdit(theirs, mine, patchTo(theirs));
    expect(conflicts).toEqual([]);
    expect(merged.body).toBe('It poured. We went inside.');
  });

  test('both changed one thing: both are shown, and both together where it is text', () => {
    const theirs = { ...base, name: 'Gale', minutes: 6 };
    const mine = { ...theirs, name: 'Wind', minutes: 9 };
    const { conflicts } = mergeEdit(theirs, mine, patchTo(theirs));
    expect(conflicts).toEqual([
      { at: ['name'], mine: 'Wind', theirs: 'Gale', both: 'Gale / Wind' },
      { at: ['minutes'], mine: 9, theirs: 6 },
    ]);
  });

  test('a list drawn from the older version keeps what others put in, and out', () => {
    const older = { help: ['larger'], targets: [{ id: 'a', help: [] as string[] }] };
    const theirs = { help: ['fewer'], targets: [{ id: 'a', help: ['larger'] }] };
    // A second learner is added on a screen that shows the older version.
    const mine = {
      help: ['larger', 'pictures'],
      targets: [...older.targets, { id: 'b', help: [] }],
    };
    expect(mergeEdit(theirs, mine, [diff(older, theirs)])).toEqual({
      record: {
        help: ['fewer', 'pictures'],
        targets: [
          { id: 'a', help: ['larger'] },
          { id: 'b', help: [] },
        ],
      },
      conflicts: [],
    });
  });

  test('what this tab did just before is known: a member renamed twice in a row stands once', () => {
    const older = { places: [{ word: '', x: 1 }] };
    const first = { places: [{ word: 'hut', x: 1 }] };
    const mine = {
      places: [
        { word: 'hut', x: 1 },
        { word: '', x: 2 },
      ],
    };
    // Both were sent from a screen that showed the empty picture.
    const since = [diff({ places: [] }, older), diff(older, first)];
    expect(mergeEdit(first, mine, since, []).record).toEqual(mine);
  });

  test('of two that begin a list, both stand in it', () => {
    const theirs = { reasons: ['sound'] };
    const merged = mergeEdit<object>(theirs, { reasons: ['play'] }, [diff({}, theirs)]);
    expect(merged).toEqual({ record: { reasons: ['sound', 'play'] }, conflicts: [] });
  });

  test('what was there in the version that was edited can be taken out', () => {
    const older = { words: ['rain', 'hail'] };
    const theirs = { words: ['rain', 'hail', 'snow'] };
    expect(mergeEdit(theirs, { words: ['rain'] }, [diff(older, theirs)]).record).toEqual({
      words: ['rain', 'snow'],
    });
  });

  test('a value that is only as the older version had it does not take theirs back', () => {
    const theirs = { ...base, minutes: 6 };
    const mine = { ...base, name: 'Wind' };
    expect(mergeEdit(theirs, mine, patchTo(theirs)).record).toEqual({ ...theirs, name: 'Wind' });
  });
});
