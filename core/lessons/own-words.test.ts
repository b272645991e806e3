import { expect, test } from 'vitest';
import { fernhillDemo } from '../demo/fernhill';
import { partsOf, type Lesson } from '../records/lesson';
import { testLexicon } from '../testing/test-lexicon';
import { ownWords } from './own-words';

const lessonOf = (...parts: readonly (readonly string[])[]) =>
  ({ stages: [{ parts: parts.map((words) => ({ words })) }] }) as unknown as Lesson;
const none = new Set<string>();

test('what one exercise added to the words of the others is not the lesson’s', () => {
  const [lesson] = fernhillDemo(testLexicon()).lessons;
  const [list] = fernhillDemo(testLexicon()).lists;
  if (!lesson || !list) throw new Error('no demo');
  const last = partsOf(lesson)
    .filter(({ words }) => words.length > 0)
    .at(-1);
  // One of its exercises was filled up with words of its kind.
  const filled = {
    ...lesson,
    stages: lesson.stages.map((stage) => ({
      ...stage,
      parts: stage.parts.map((part) =>
        'words' in part && part.id === last?.id
          ? { ...part, words: [...part.words, 'jump', 'make'] }
          : part,
      ),
    })),
  };
  const all = new Set(partsOf(filled).flatMap(({ words }) => words));
  expect([...all].filter((word) => !list.words.includes(word))).toEqual(['jump', 'make']);
  expect(ownWords(filled, new Set(list.words)).sort()).toEqual([...list.words].sort());
});

test('words of several exercises, of a list, of an exercise on its own, and of the only one', () => {
  expect(ownWords(lessonOf(['rain', 'hail'], ['rain', 'hail', 'gale']), none)).toEqual([
    'rain',
    'hail',
  ]);
  expect(ownWords(lessonOf(['rain', 'gale'], ['rain']), new Set(['gale']))).toEqual([
    'rain',
    'gale',
  ]);
  expect(ownWords(lessonOf(['rain'], ['go', 'see']), none)).toEqual(['rain', 'go', 'see']);
  expect(ownWords(lessonOf(['rain', 'hail']), none)).toEqual(['rain', 'hail']);
  expect(ownWords(lessonOf(), none)).toEqual([]);
});
