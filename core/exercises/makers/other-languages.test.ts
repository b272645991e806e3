import { beforeAll, describe, expect, test } from 'vitest';
import { packOf } from '../../languages/registry/registry';
import { testLexicon } from '../../testing/test-lexicon';
import { keyedItems, markTask } from '../interactions';
import { makeExercise } from '../make-exercise';

beforeAll(async () => packOf('ja').load?.());

const make = (maker: string, parameters: object, language = 'ja') =>
  makeExercise(
    { maker, words: [], parameters: { language, shuffle: false, ...parameters }, seed: 4 },
    testLexicon(),
  );

describe('particles', () => {
  test('every particle that is right here is marked right, another is not', () => {
    const { task } = make('particles', { particle: 'place', count: 20 });
    const meeting = keyedItems(task).find(({ question }) => question.startsWith('えきで ともだち'));
    const at = (particle: string) => markTask(task, { [meeting?.id ?? '']: [particle] }).score;
    expect([at('に'), at('と'), at('を')]).toEqual([1, 1, 0]);
    expect(meeting?.reason).toMatch(/あう/);
  });

  test('as many as are asked for, with the particles to choose from; none in another language', () => {
    const { task } = make('particles', { count: 12 });
    expect(keyedItems(task)).toHaveLength(12);
    expect(task.interaction === 'gap' && task.bank).toContain('より');
    const objects = make('particles', { particle: 'object' }).task;
    expect(objects.interaction === 'gap' && objects.bank).not.toContain('まで');
    const french = make('particles', {}, 'fr');
    expect(french.short).toBeDefined();
  });
});

describe('a translation line by line', () => {
  beforeAll(async () => packOf('la').load?.());
  const lineByLine = (translated: string[], more: object = {}, language = 'la') =>
    make('line-by-line', { translated, ...more }, language);
  const answers = (exercise: ReturnType<typeof make>) =>
    keyedItems(exercise.task).map(({ answer }) => answer);

  test('of Latin the words are linked by their forms, and missing on the side that is asked for', () => {
    const lines = ['Ventus nūbēs pellit. | The wind drives the clouds.'];
    const [english = ''] = answers(lineByLine(lines));
    expect(english.split(', ').sort()).toEqual(['clouds', 'drives', 'wind']);
    const [latin = ''] = answers(lineByLine(lines, { gaps: 'source' }));
    expect(latin.split(', ').sort()).toEqual(['Ventus', 'nūbēs', 'pellit']);
    const [item] = keyedItems(lineByLine(lines).task);
    expect(item?.question).toMatch(/^Ventus nūbēs pellit\. – The _+/);
    expect(item?.reason).toContain('from ventus, wind');
  });

  test('a construction of Latin is named in the key, and its words can be what is missing', () => {
    const lines = [
      'Urbe capta, cives fugerunt. | When the city had been captured, the citizens fled.',
      'Venio ut te videam. | I come to see you.',
      'Ventus flat. | The wind blows.',
    ];
    const [first, second] = keyedItems(lineByLine(lines).task);
    expect(first?.reason).toContain('Urbe capta: ablative absolute');
    expect(second?.reason).toContain('ut te videam: purpose');
    const asked = lineByLine(lines, { gaps: 'constructions' });
    expect(answers(asked)).toEqual(['Urbe capta', 'ut te videam']);
    expect(asked.notes.map(({ text }) => text).join(' ')).toContain(
      '“Ventus flat. | The wind blows.” has no construction that its forms show',
    );
  });

  test('what the teacher marks is what is missing, in any language', () => {
    const made = lineByLine(['風が つよい。 | The [wind] is [strong].'], {}, 'ja');
    expect(answers(made)).toEqual(['wind, strong']);
    const unmarked = lineByLine(['風が つよい。 | The wind is strong.'], {}, 'ja');
    expect(unmarked.short).toBeDefined();
  });

  test('what cannot be a line says why; what has no counterpart is named', () => {
    const made = lineByLine([
      'Ventus flat.',
      'Ventus zzq pellit. | The wind drives thunder quickly.',
      '',
    ]);
    const said = made.notes.map(({ text }) => text).join(' ');
    expect(said).toContain('“Ventus flat.” is not a line and its translation');
    expect(said).toMatch(/Line 2: no counterpart is found for zzq, thunder, quickly/);
    expect(answers(made)).toHaveLength(1);
  });
});

describe('active and passive', () => {
  test('written with blanks or without, in either order, in kana: right; に for によって is not', () => {
    const { task } = make('other-voice', { count: 12, to: 'passive' });
    const items = keyedItems(task);
    expect(items).toHaveLength(12);
    const id = items[0]?.id ?? '';
    const score = (text: string) => markTask(task, { [id]: text }).score;
    expect(score('ぼうしがかぜにとばされました。')).toBe(1);
    expect(score('かぜに ぼうしは とばされました。')).toBe(1);
    expect(score('ぼうしを かぜに とばされました。')).toBe(0);
    expect(score('かぜが ぼうしを とばしました。')).toBe(0);
  });

  test('back into the active', () => {
    const { task } = make('other-voice', { to: 'active' });
    const [first] = keyedItems(task);
    expect(first?.question).toBe('ぼうしが かぜに とばされました。  (The wind blew the hat away.)');
    expect(first?.answer).toBe('かぜが ぼうしを とばしました。');
  });
});
