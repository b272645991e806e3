import { describe, expect, test } from 'vitest';
import { catalogue, makerInfo, makerName, parametersOf, recipeProblems } from './catalogue';
import { infoOf } from './info-of';
import { interactions } from './interactions';
import { commonParameters } from './making/common-parameters';
import {
  choice,
  flag,
  isShown,
  number,
  parameterProblems,
  problemOf,
  read,
  sentences,
  shaped,
  text,
} from './making/parameters';
import { makers } from './makers';

describe('the catalogue', () => {
  test('says of each maker just what the maker says', () => {
    expect(catalogue).toEqual(JSON.parse(JSON.stringify(makers.map(infoOf))));
    expect(new Set(catalogue.map(({ id }) => id)).size).toBe(catalogue.length);
  });

  test('names only interactions that there are', () => {
    for (const { interaction } of catalogue) expect(interactions).toHaveProperty(interaction);
  });

  test('a maker of another version is known by its id', () => {
    expect(makerInfo('sort-by-magic')).toBeUndefined();
    expect(makerName('sort-by-magic')).toBe('sort-by-magic');
    expect(recipeProblems('sort-by-magic', {})[0]).toMatch(/no exercise called sort-by-magic/);
  });

  test.each(catalogue.map((info) => [info.id, info] as const))(
    '%s: what is usual is allowed, and shown under a label or given',
    (id, info) => {
      for (const [name, parameter] of Object.entries(parametersOf(info))) {
        if ('usual' in parameter && parameter.usual !== undefined) {
          expect([id, name, problemOf(parameter, parameter.usual)]).toEqual([id, name, undefined]);
        }
        expect(parameter.kind === 'given' || parameter.label !== '').toBe(true);
        if (parameter.when) expect(parametersOf(info)).toHaveProperty(parameter.when.parameter);
      }
    },
  );
});

describe('what a maker can be asked', () => {
  const declared = {
    letter: choice('Letter', [['c', 'c'] as const, ['g', 'g'] as const], 'c'),
    hints: flag('Hints', true),
    count: number('How many', { least: 1, most: 40, offered: [3, 4] }),
    most: number('Most words', { least: 1, most: 500, usual: 100, offered: [100] }),
    topic: text('Topic', 20),
    sentences: sentences({ when: { parameter: 'letter', is: 'g' } }),
    section: shaped('section', 'Section'),
  };

  test('is read with its types: what is given and right, else what is usual', () => {
    expect(read(declared, {})).toEqual({
      letter: 'c',
      hints: true,
      count: undefined,
      most: 100,
      topic: '',
      sentences: undefined,
      section: undefined,
    });
    const given = { letter: 'g', hints: false, count: 4, sentences: ['It rains.'], section: 0 };
    expect(read(declared, given)).toMatchObject(given);
  });

  test('what is not right is read as usual, and named', () => {
    const wrong = { letter: 'q', hints: 'yes', count: 0, most: 1.5, topic: 'x'.repeat(21) };
    expect(read(declared, wrong)).toMatchObject({ letter: 'c', hints: true, most: 100, topic: '' });
    expect(parameterProblems(declared, wrong, 'Sort')).toEqual([
      'letter is one of c, g.',
      'hints is true or false.',
      'count is a whole number from 1 to 40.',
      'most is a whole number from 1 to 500.',
      'topic is a text of 20 letters at most.',
    ]);
    expect(parameterProblems(declared, { section: -1 }, 'Sort')).toEqual([
      'section is a section, counted from 0.',
    ]);
  });

  test('a name that is not declared is refused with those that are', () => {
    expect(parameterProblems(declared, { leter: 'c' }, 'Sort')[0]).toBe(
      'Sort knows no parameter leter. It knows letter, hints, count, most, topic, sentences, section.',
    );
  });

  test('is shown while what it hangs on has its value', () => {
    expect(isShown(declared.sentences, {}, declared)).toBe(false);
    expect(isShown(declared.sentences, { letter: 'g' }, declared)).toBe(true);
    expect(isShown(commonParameters.beside, {}, commonParameters)).toBe(false);
  });
});
