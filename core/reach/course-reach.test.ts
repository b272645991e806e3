import { beforeAll, describe, expect, test } from 'vitest';
import { loadConcepts } from '../languages/concepts/loaded-concepts';
import { readCourse, writeCourse } from '../languages/concepts/course';
import { packOf } from '../languages/registry/registry';
import { courseTextReach } from '../texts/fit/course-text-reach';
import { kestrels } from '../testing/test-lexicon';
import { checkMaterial, hasReach } from './check-material';
import { checkInCourse, courseIndexOf, courseOf } from './course-reach';
import type { ClassProfile } from '../classes/class-profile';

beforeAll(loadConcepts);

const classOf = (language: string, more: Partial<ClassProfile> = {}) =>
  kestrels({
    name: 'The circle',
    language,
    level: { system: 'cefr', value: 'A1' },
    step: null,
    ...more,
  });

function reachOf(word: string, profile: ClassProfile) {
  const index = courseIndexOf(profile);
  if (!index) throw new Error('no course');
  const { reach, reasons } = checkInCourse(word, index, profile);
  return `${reach}: ${reasons.map(({ text }) => text).join(' ')}`;
}

describe('the usual course', () => {
  test.each(['fr', 'es', 'pt', 'it', 'ru', 'ja'])(
    '%s: A1 comes before A2, each word stands once in a unit',
    (language) => {
      const course = courseOf(classOf(language));
      const levels = course?.units.map(({ cefr }) => cefr) ?? [];
      expect(levels.lastIndexOf('A1')).toBeLessThan(levels.indexOf('A2'));
      expect(course?.units.flatMap(({ words }) => words).length).toBeGreaterThan(1000);
      for (const { words, name } of course?.units ?? []) {
        expect(new Set(words).size, name).toBe(words.length);
      }
    },
  );

  test('a class stands at the end of its level, unless its unit is given', () => {
    const at = (profile: ClassProfile) => {
      const index = courseIndexOf(profile);
      return index?.course.units[index.at - 1]?.cefr;
    };
    expect(at(classOf('fr'))).toBe('A1');
    expect(at(classOf('fr', { level: { system: 'cefr', value: 'A2' } }))).toBe('A2');
    expect(courseIndexOf(classOf('fr', { unit: 3 }))?.at).toBe(3);
    expect(courseIndexOf(classOf('fr', { unit: 999 }))?.at).toBeLessThan(40);
  });
});

describe('words in any form', () => {
  // Plurals, feminines and verb forms as any school grammar has them.
  test.each([
    ['fr', 'le chat', 'secure'],
    ['fr', 'chats', 'secure'],
    ['fr', 'les yeux', 'secure'],
    ['fr', 'grandes', 'secure'],
    ['fr', 'mangeons', 'secure'],
    ['es', 'luces', 'secure'],
    ['es', 'el perro', 'secure'],
    ['it', 'bambini', 'secure'],
    ['pt', 'as crianças', 'secure'],
    ['pt', 'cães', 'secure'],
    ['fr', 'parce que', 'secure'],
  ])('%s: %s is %s', (language, word, reach) => {
    expect(reachOf(word, classOf(language))).toMatch(reach);
  });

  test('a known verb in a form that comes later says so', () => {
    expect(reachOf('mangerai', classOf('fr'))).toBe(
      'beyond: A form of manger: the future comes in unit 20, Animals and plants, A2.',
    );
    expect(reachOf('mangeasse', classOf('fr'))).toMatch(/beyond: Not in the course/);
    expect(reachOf('mangerai', classOf('fr', { unit: 20 }))).toMatch(/^secure/);
    expect(reachOf('mangerai', classOf('fr', { unit: 18 }))).toMatch(/^stretch/);
  });

  test('several words are as hard as the hardest, and a word the course lacks is named', () => {
    expect(reachOf('un chat photovoltaïque', classOf('fr'))).toBe(
      'beyond: Not in the course. Count it as known if the class has met it.',
    );
    const profile = classOf('fr', { knownWords: ['photovoltaïque', 'Girouette'] });
    expect(reachOf('photovoltaïque', profile)).toMatch(/^secure: The circle know/);
    expect(reachOf('la girouette', profile)).toMatch(/^secure/);
  });
});

describe('a course of her own', () => {
  const text = '# Tempo\na chuva, o vento, chover\nforms: present\n\n# Casa\no telhado, a janela';

  test('is read as it is written, and written as it was read', () => {
    const units = readCourse(text);
    expect(units.map(({ name, words }) => `${name} ${words.length}`)).toEqual([
      'Tempo 3',
      'Casa 2',
    ]);
    expect(units[0]?.forms).toEqual(['present']);
    expect(readCourse(writeCourse({ name: 'Ours', units }))).toEqual(units);
  });

  test.each([
    ['chuva, vento', /Line 1: begin a unit first/],
    ['# Tempo\nchuva\n#', /Line 3: give the unit a name/],
    ['  \n ', /Begin each unit/],
    [
      `# Tempo\n${Array.from({ length: 401 }, (_, at) => `p${at}`).join(',')}`,
      /400 words; Tempo has 401/,
    ],
    [Array.from({ length: 81 }, (_, at) => `# u${at}`).join('\n'), /80 units; this one has 81/],
  ])('what is wrong is said: %#', (wrong, message) => {
    expect(() => readCourse(wrong)).toThrow(message);
  });

  test('decides alone: its units, its words, its forms', () => {
    const course = { name: 'Ours', units: readCourse(text) };
    const profile = classOf('pt', { course, unit: 1 });
    expect(reachOf('chuvas', profile)).toBe('secure: The circle met it in unit 1, Tempo.');
    expect(reachOf('chove', profile)).toMatch(/^secure/);
    expect(reachOf('choveu', profile)).toMatch(/the preterite is not in the course/);
    expect(reachOf('as janelas', profile)).toBe('stretch: It comes in unit 2, Casa.');
    expect(reachOf('gato', profile)).toMatch(/^beyond: Not in the course/);
    // A course that names no forms leaves them to the words.
    const plain = { name: 'Ours', units: readCourse('# Tempo\nchover') };
    expect(reachOf('choveu', classOf('pt', { course: plain, unit: 1 }))).toMatch(/^secure/);
  });
});

describe('a text for a class', () => {
  const read = (text: string, profile: ClassProfile) => {
    const index = courseIndexOf(profile);
    return index && courseTextReach(text, profile, index);
  };

  test('small words, names and figures are within reach; what is not stands in its place', () => {
    const text = 'La pluie tombe sur le port. Ici Nora mesure 12 millimètres de pluie.';
    const found = read(text, classOf('fr', { level: { system: 'cefr', value: 'A2' } }));
    const past = found?.spans.map(({ start, end }) => text.slice(start, end));
    expect(past).not.toContain('Nora');
    expect(past).not.toContain('sur');
    expect(past).toContain('port');
    expect(found && found.total - found.secure).toBe(past?.length);
  });

  test('a small word is no form of a verb that comes later', () => {
    const found = read('Una niña lee.', classOf('es'));
    expect(found?.spans.map(({ text }) => text)).toEqual([]);
  });

  test('a word settled for the text counts as read', () => {
    const profile = classOf('es');
    const index = courseIndexOf(profile);
    const settled = index && courseTextReach('El anemómetro gira.', profile, index, ['anemómetro']);
    const open = index && courseTextReach('El anemómetro gira.', profile, index);
    expect((settled?.secure ?? 0) - (open?.secure ?? 0)).toBe(1);
  });

  test('a word at the beginning of a sentence is no name', () => {
    const found = read('Photosynthèse. Girouette rouge.', classOf('fr'));
    expect(found?.spans.map(({ text }) => text)).toEqual(['Photosynthèse', 'Girouette']);
  });
});

describe('which classes have reach', () => {
  test('English by its word bank, the languages of the common list by a course, others not', () => {
    expect(['en', 'fr', 'ja', 'ru', 'la', 'xx'].map(hasReach)).toEqual([
      true,
      true,
      true,
      true,
      false,
      false,
    ]);
    expect(checkMaterial('aqua', undefined, classOf('la')).reasons[0]?.kind).toBe('unknown');
    expect(checkMaterial('chat', undefined, classOf('fr')).reach).toBe('secure');
    expect(packOf('la').can.has('course')).toBe(false);
  });
});
