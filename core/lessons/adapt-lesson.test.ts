import { describe, expect, test } from 'vitest';
import { checkExercise, makeExercise } from '../exercises/make-exercise';
import { practisedBy } from '../standards/serves';
import { stageIds, type Lesson, type LessonPart } from '../records/lesson';
import { kestrels, testLexicon } from '../testing/test-lexicon';
import { adaptPart, withExchanges, withoutItsClass } from './adapt-lesson';

const part = (words: string[], maker = 'missing-grapheme'): LessonPart => ({
  id: 'p',
  kind: 'exercise',
  text: '',
  maker,
  words,
  parameters: {},
  seed: 3,
});
const lessonOf = (own: LessonPart): Lesson => ({
  id: 'l',
  classId: 'kestrels',
  title: 'Long a',
  objective: '',
  stages: stageIds.map((id) => ({ id, minutes: 5, parts: id === 'alone' ? [own] : [] })),
});

function adaptedFor(words: string[], step: number) {
  const own = part(words);
  const profile = kestrels({ step });
  const exercise = makeExercise(own, testLexicon(), undefined, profile);
  return {
    own,
    adapted: adaptPart(
      own,
      exercise.title,
      checkExercise(own, exercise, profile, testLexicon()),
      exercise.short,
    ),
    profile,
  };
}

describe('an exercise for another class', () => {
  test('has each word past its reach exchanged for one within it that keeps the spelling', () => {
    const words = ['rain', 'train', 'neighbour', 'raisin', 'snail', 'day'];
    const { own, adapted, profile } = adaptedFor(words, 23);
    expect(adapted.exchanges.map(({ from }) => from)).toContain('neighbour');
    expect(adapted.after).toHaveLength(words.length);
    expect(new Set(adapted.after).size).toBe(words.length);
    const [changed] = withExchanges(lessonOf(own), adapted.exchanges).stages.flatMap(
      ({ parts }) => parts,
    );
    if (!changed) throw new Error('no part');
    const exercise = makeExercise(changed, testLexicon(), undefined, profile);
    const beyond = checkExercise(changed, exercise, profile, testLexicon()).filter(
      ({ reach }) => reach === 'beyond',
    );
    expect(beyond.map(({ word }) => word)).toEqual(adapted.kept);
    // What it practises is what it practised: its standards stay.
    const before = practisedBy({ ...own, task: makeExercise(own, testLexicon()).task });
    const after = practisedBy({ ...changed, task: exercise.task });
    expect([...after].filter((key) => key === 'spelling:ai')).toEqual(
      [...before].filter((key) => key === 'spelling:ai'),
    );
  });

  test('of words that are all within reach stays as it is', () => {
    const { adapted } = adaptedFor(['rain', 'train', 'day', 'play'], 40);
    expect(adapted.exchanges).toEqual([]);
    expect(adapted.after).toEqual(adapted.before);
  });

  test('names what no other word can stand for', () => {
    const own = part(['zephyr']);
    const adapted = adaptPart(
      own,
      'x',
      [{ word: 'zephyr', reach: 'beyond', swaps: [] }],
      'Too few.',
    );
    expect(adapted).toMatchObject({ kept: ['zephyr'], after: ['zephyr'], short: 'Too few.' });
  });

  test('never takes one word for two', () => {
    const own = part(['aa', 'bb', 'cc']);
    const swaps = ['cc', 'dd'];
    const adapted = adaptPart(own, 'x', [
      { word: 'aa', reach: 'beyond', swaps },
      { word: 'bb', reach: 'beyond', swaps },
    ]);
    expect(adapted.after).toEqual(['dd', 'bb', 'cc']);
    expect(adapted.kept).toEqual(['bb']);
  });
});

describe('a copy', () => {
  test('leaves what was set by hand for a word that went', () => {
    const own = {
      ...part(['rain', 'hail']),
      parameters: {
        edits: [
          { word: 'hail', from: 'a', to: 'b' },
          { word: 'rain', from: 'c', to: 'd' },
        ],
      },
    };
    const { stages } = withExchanges(lessonOf(own), [{ part: 'p', from: 'hail', to: 'sail' }]);
    const changed = stages.flatMap(({ parts }) => parts)[0];
    expect(changed?.words).toEqual(['rain', 'sail']);
    expect(changed?.parameters.edits).toEqual([{ word: 'rain', from: 'c', to: 'd' }]);
  });

  test('has nothing of the learners it was made for', () => {
    const copy = withoutItsClass({
      ...lessonOf(part(['rain'])),
      slips: ['W1-x'],
      remarks: [{ learner: 'Mina', exercise: 'p', item: 'i', text: 'Good', met: '' }],
      plan: {
        date: '2026-11-30',
        background: 'Mina sees little.',
        targets: [{ id: 't', name: 'Mina', need: 'sees little', help: ['larger'], also: '' }],
        reasons: ['model'],
        standards: ['ccss:L.1.2'],
      },
    });
    expect(JSON.stringify(copy)).not.toContain('Mina');
    expect(copy.plan).toEqual({ reasons: ['model'], standards: ['ccss:L.1.2'] });
  });
});

describe('a lesson with the words of another list', () => {
  test('takes them one for one; words that both have stay', () => {
    const part = { id: 'a', words: ['rain', 'train', 'day'] };
    const { after, exchanges } = adaptPart(part, 'Sort', [], undefined, {
      list: ['snow', 'day', 'boat'],
    });
    expect(after).toEqual(['snow', 'boat', 'day']);
    expect(exchanges).toHaveLength(2);
  });

  test('a list that is too short leaves the last as they are', () => {
    const part = { id: 'a', words: ['rain', 'train', 'day'] };
    expect(adaptPart(part, 'Sort', [], undefined, { list: ['snow'] }).after).toEqual([
      'snow',
      'train',
      'day',
    ]);
  });

  test('a word that the class spells otherwise is spelled so, and not swapped as well', () => {
    const part = { id: 'a', words: ['colour', 'rain'] };
    const checks = [{ word: 'colour', reach: 'beyond' as const, swaps: ['shade'] }];
    const adapted = adaptPart(part, 'Sort', checks, undefined, {
      respelled: { colour: 'color' },
    });
    expect(adapted.after).toEqual(['color', 'rain']);
    expect(adapted.exchanges).toHaveLength(1);
  });
});
