/** The grammar lessons of the demo: conditionals, two tenses, sentence types, a planner, articles, confused words. */
import type { Lesson, LessonPart } from '../records/lesson';
import { exercisePart, lessonOf, sheetPart } from './lesson-of';

export function grammarDemo(
  prefix: string,
  newId: () => string,
  classes: { readonly harriers: string; readonly newcomers: string },
  textId: string,
): Lesson[] {
  const part = (maker: string, seed: number, parameters = {}, words: string[] = []) =>
    exercisePart(newId(), maker, seed, parameters, words);
  const sheet = (title: string, topics: readonly string[], parts: readonly LessonPart[]) =>
    sheetPart(newId(), title, [
      { id: newId(), kind: 'name' },
      { id: newId(), kind: 'heading', text: title },
      ...topics.map((topic) => ({
        id: newId(),
        kind: 'rule' as const,
        topic,
        size: 'medium' as const,
      })),
      ...parts.map(({ id }) => ({ id: newId(), kind: 'exercise' as const, part: id })),
    ]);
  const halves = part('conditional-halves', 5, { grammar: 'first' });
  const second = part('same-meaning', 6, { grammar: 'second conditional', count: 5 });
  const third = part('conditional-halves', 8, { grammar: 'third', count: 5 });
  const tenses = part('tense-contrast', 3, { count: 6 });
  const participles = part('irregular-parts', 4, {}, [
    'break',
    'write',
    'take',
    'see',
    'go',
    'blow',
    'freeze',
    'fall',
  ]);
  const types = part('sentence-types', 7);
  return [
    lessonOf(
      `${prefix}if-lesson`,
      classes.newcomers,
      'If the wind drops: conditionals',
      'Say what follows from what: may happen, only imagined, did not happen.',
      {
        show: [
          sheet('If …', ['grammar:first conditional', 'grammar:second conditional'], [halves]),
        ],
        together: [halves, second],
        alone: [third],
        'look-back': [part('short-answers', 2, { grammar: 'future will', count: 6 })],
      },
    ),
    lessonOf(
      `${prefix}tense-lesson`,
      classes.newcomers,
      'Yesterday or up to now?',
      'Choose past simple or present perfect by the words of time.',
      {
        show: [
          sheet('Yesterday or up to now?', ['grammar:present perfect'], [tenses, participles]),
        ],
        together: [tenses],
        alone: [participles, part('verb-form', 5, { grammar: 'present perfect', count: 6 })],
        'look-back': [part('place-articles', 9, { count: 10 })],
      },
    ),
    lessonOf(
      `${prefix}sentence-lesson`,
      classes.harriers,
      'Whole sentences for the log book',
      'Know the kinds of sentences, plan one from a picture, and write it whole.',
      {
        'get-ready': [types],
        show: [part('end-marks', 3, { count: 8 })],
        together: [part('sentence-planner', 5, { count: 4 })],
        alone: [
          part('grow-sentence', 6),
          part('confusable-words', 4, {}, ['weather', 'hear', 'there']),
        ],
        'look-back': [part('spot-form', 4, { textId, grammar: 'past simple', count: 8 })],
      },
    ),
  ];
}
