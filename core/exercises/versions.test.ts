import { describe, expect, test } from 'vitest';
import { kestrels, testLexicon, testMeanings } from '../testing/test-lexicon';
import { namedCopies } from '../sheets/copies';
import { sheetStyle } from '../paper/style';
import { layOutSheet } from '../sheets/sheet';
import { interactionOf } from './interactions';
import type { ChoiceTask } from './interactions/choice/task';
import { makeExercise, markTask } from './make-exercise';
import { makers } from './makers';
import { readsFor } from './making/error-names';
import { startWords } from './start-words';
import type { Version } from '../kernel/version';

const lexicon = testLexicon();
const meanings = testMeanings();
const material = [
  'rain',
  'hail',
  'train',
  'snail',
  'lake',
  'snake',
  'day',
  'play',
  'make',
  'cake',
  'rainbow',
  'snowman',
];

function make(maker: string, version?: Version) {
  const recipe = { maker, words: material, parameters: version ? { version } : {}, seed: 3 };
  const words = startWords({ ...recipe, parameters: {} }, kestrels(), lexicon, meanings);
  return makeExercise({ ...recipe, words }, lexicon, meanings);
}

// A piece of writing is read, not marked.
const marked = makers.map(({ id }) => id).filter((id) => id !== 'writing-task');

describe.each(marked)('%s in three versions', (id) => {
  test('each is keyed, and support asks less than core', () => {
    const outOf = (version?: Version) => {
      const { task } = make(id, version);
      const full = markTask(task, interactionOf(task).keyOf(task));
      expect(full.score).toBe(full.outOf);
      return full.outOf;
    };
    expect(outOf('support')).toBeLessThanOrEqual(outOf());
    expect(outOf('stretch')).toBe(outOf());
    expect(outOf('core')).toBe(outOf());
  });
});

describe('what a version changes', () => {
  test('support has the choices and the first item worked, stretch has neither and something more', () => {
    const support = make('missing-grapheme', 'support');
    const stretch = make('missing-grapheme', 'stretch');
    expect(support.worked).toBe(true);
    expect(support.task).toMatchObject({ bank: expect.arrayContaining(['ai']) as string[] });
    expect(stretch.worked).toBe(false);
    expect(stretch.task).toMatchObject({ bank: [] });
    expect(stretch.instruction).toMatch(/write two more words with the same spelling\.$/);
  });

  test('support leaves two answers to choose from, and a fixed set as it is', () => {
    const meaning = make('choose-meaning', 'support').task as ChoiceTask;
    expect(meaning.items.length).toBeGreaterThan(0);
    for (const { options } of meaning.items) {
      expect(options).toHaveLength(2);
      expect(options.filter(({ right }) => right)).toHaveLength(1);
    }
    const marks = make('end-marks', 'support').task as ChoiceTask;
    for (const { options } of marks.items) expect(options).toHaveLength(3);
  });

  test('stretch asks for more of the same skill', () => {
    const said = new Map(
      makers
        // A piece of writing is read, not marked.
        .filter(({ needsText, id }) => needsText !== true && id !== 'writing-task')
        .map(({ id }) => [
          id,
          make(id, 'stretch').instruction.replace(make(id, 'core').instruction, '').trim(),
        ]),
    );
    for (const [id, more] of said)
      expect([id, more]).toEqual([id, expect.stringMatching(/^When you are done, .*\.$/)]);
    expect(said.get('sort-by-spelling')).toMatch(/under each heading/);
    expect(said.get('verb-form')).toMatch(/of the same kind/);
    expect(said.get('roll-and-read')).toMatch(/say it once more|smoothly/);
    expect(new Set(said.values()).size).toBeGreaterThan(10);
  });

  test('a wrong answer that was offered names its error', () => {
    let wrong = 0;
    for (const { id } of makers.filter(({ interaction }) => interaction === 'choice')) {
      const { task } = make(id) as { task: ChoiceTask };
      for (const item of task.items.slice(0, 3)) {
        for (const option of item.options.filter(({ right }) => !right)) {
          const [verdict] = markTask(task, { [item.id]: option.id }).verdicts.filter(
            (each) => each.item === item.id,
          );
          expect(verdict?.right).toBe(false);
          expect(verdict?.error?.length ?? 0).toBeGreaterThan(5);
          wrong += 1;
        }
      }
    }
    expect(wrong).toBeGreaterThan(20);
  });

  test.each([
    ['ship', 'sheep', /reads \/.+\/ for \/.+\//],
    ['rain', 'train', 'leaves out a sound'],
    ['stop', 'top', 'reads a sound that is not there'],
    ['cat', 'dog', 'takes “cat” for “dog”'],
  ])('%s taken for %s', (taken, right, name) => {
    const [one, other] = [lexicon.find(taken), lexicon.find(right)];
    if (!one || !other) throw new Error('not in the bank');
    expect(readsFor(one, other, 'american')).toMatch(name);
  });

  test('the support sheet is set larger', () => {
    const sizes = (version?: Version) =>
      layOutSheet(make('missing-grapheme', version), kestrels(), '').pages.flatMap((page) =>
        page.marks.flatMap((mark) =>
          mark.kind === 'text' && mark.role === 'text' ? [mark.size] : [],
        ),
      );
    expect(Math.max(...sizes('support'))).toBeGreaterThan(Math.max(...sizes()) * 1.1);
  });
});

describe('copies for a class', () => {
  const core = layOutSheet(make('missing-grapheme'), kestrels(), 'Fernhill');
  const support = layOutSheet(make('missing-grapheme', 'support'), kestrels(), 'Fernhill');
  const copies = namedCopies(
    [
      { name: 'Asha', sheet: core },
      { name: 'Bram', version: 'support', sheet: support },
      { name: 'A'.repeat(60), sheet: core },
    ],
    sheetStyle(kestrels()),
  );

  test('come in roster order with the name on, each version’s key once at the end', () => {
    const texts = copies?.pages.map((page) =>
      page.marks.flatMap((mark) => (mark.kind === 'text' ? [mark.text] : [])),
    );
    expect(copies?.pages.map((page) => page.part)).toEqual([
      'learner',
      'learner',
      'learner',
      'key',
      'key',
      'key',
    ]);
    expect(texts?.[0]).toContain('Asha');
    expect(texts?.[1]).toContain('Bram');
    expect(texts?.[4]?.join(' ')).toContain('(support)');
    expect(texts?.[5]?.join(' ')).toMatch(/^Cutting list.*2 Bram · support/);
  });

  test('a long name is set smaller rather than over the date', () => {
    const mark = copies?.pages[2]?.marks.find(
      (each) => each.kind === 'text' && each.text.startsWith('AAAA'),
    );
    expect(mark?.kind === 'text' && mark.size).toBeLessThan(4);
  });

  test('nobody on the roster is no sheet', () => {
    expect(namedCopies([], sheetStyle(kestrels()))).toBeUndefined();
  });
});
