import { describe, expect, test } from 'vitest';
import { validateAs } from '../records/validate';
import { cefrOf, levelOfAge, ageOfLevel, ukYearOf, usGradeOf } from '../kernel/level';
import { levelOptions, scaleOf } from './class-level';
import { completeClass } from './new-class';
import { readRoster } from './roster';
import { ClassRecord } from '../records/class-record';
import { handOf, usualHand } from './school-hand';

describe('a pasted roster', () => {
  test('blank lines, numbers and doubles are passed over, and said', () => {
    const reading = readRoster('1. Asha\n\n  Bram \nasha\n- Cleo, Dario;Edie\n\n');
    expect(reading.names).toEqual(['Asha', 'Bram', 'Cleo', 'Dario', 'Edie']);
    expect(reading.notes).toHaveLength(1);
    expect(reading.notes[0]).toMatch(/^asha was there already, so left out/);
  });

  test('names that are there already are not added again', () => {
    expect(readRoster('Asha\nFemi', ['ASHA']).names).toEqual(['Femi']);
  });

  test('a register with surnames gives first names, and an initial where two are alike', () => {
    const columns =
      'Surname\tFirst name\tBorn\nBell\tAsha\t2018\nReed\tAsha\t2018\nHart\tFemi\t2019';
    expect(readRoster(columns).names).toEqual(['Asha B', 'Asha R', 'Femi']);
    const listed = readRoster('Bell, Asha\nReed, Bram\nHart, Femi');
    expect(listed.names).toEqual(['Asha', 'Bram', 'Femi']);
    expect(listed.notes[0]).toContain('surname, first name');
    expect(readRoster('Forename;Last name\nAsha;Bell').names).toEqual(['Asha']);
    // Two lines of two are names side by side.
    expect(readRoster('Asha, Bram\nCleo, Dario').names).toEqual(['Asha', 'Bram', 'Cleo', 'Dario']);
  });

  test('a line too long for a name is left out and said', () => {
    const { names, notes } = readRoster(`${'x'.repeat(61)}\nGus`);
    expect(names).toEqual(['Gus']);
    expect(notes[0]).toContain('longer than a name can be');
  });

  test('nothing pasted gives nothing', () => {
    expect(readRoster(' \n\n ')).toEqual({ names: [], notes: [] });
  });
});

describe('the internal scale', () => {
  test('a US grade is one less than a UK year', () => {
    // England's Year 1 and US Kindergarten both begin at the age of five (common practice).
    expect(scaleOf({ system: 'us', value: 'G1' }).middle).toBe(
      scaleOf({ system: 'uk', value: 'Y2' }).middle,
    );
    expect([ukYearOf(2), usGradeOf(2)]).toEqual(['Y2', 'G1']);
    expect([ukYearOf(0), usGradeOf(1)]).toEqual(['Rec', 'K']);
  });

  test('CEFR bands follow one another', () => {
    const bands = levelOptions.cefr;
    bands.slice(1).forEach((band, index) => expect(band.from).toBe(bands[index]?.to));
    for (const band of bands) expect(cefrOf((band.from + band.to) / 2)).toBe(band.value);
  });

  test('a year of school is the age of its children less five', () => {
    // Reception is five, Year 1 (US Kindergarten) six, Year 2 (Grade 1) seven: common practice in England.
    expect([5, 6, 7].map((age) => ukYearOf(levelOfAge(age)))).toEqual(['Rec', 'Y1', 'Y2']);
    expect([6, 7].map((age) => usGradeOf(levelOfAge(age)))).toEqual(['K', 'G1']);
    expect(ageOfLevel(levelOfAge(9))).toBe(9);
  });
});

describe('validation', () => {
  test('a complete class is valid', () => {
    expect(validateAs(ClassRecord, completeClass({ name: 'Kestrels' })).ok).toBe(true);
  });

  test.each([
    [{ name: '' }, /Give the class a name/],
    [{ step: 99 }, /The sequence has 60 steps/],
    [{ paper: 'napkin' as never }, /A4 or Letter/],
    [{ font: 'comic' }, /font/],
    [{ roster: [{ id: '1', name: '' }] }, /first name/],
  ])('%o is refused', (settings, reason) => {
    const checked = validateAs(ClassRecord, completeClass({ name: 'Kestrels', ...settings }));
    expect(checked.ok).toBe(false);
    if (!checked.ok) expect(checked.problems.map((problem) => problem.text).join()).toMatch(reason);
  });

  test('something that is no object is refused', () => {
    for (const value of [null, 'text', [1]]) {
      expect(validateAs(ClassRecord, value).ok).toBe(false);
    }
  });
});

describe('the hand that a class learns', () => {
  const hand = (settings: Parameters<typeof completeClass>[0]) =>
    usualHand(completeClass(settings));

  test('is that of its language, and upright in England', () => {
    // National Curriculum for England: letters are joined from Year 2 on, some of them (from memory).
    const year = (value: string) => hand({ spelling: 'uk', level: { system: 'uk', value } });
    expect(['Rec', 'Y1', 'Y2', 'Y6'].map(year)).toEqual(['andika', 'andika', 'gb-semi', 'gb-semi']);
    expect(hand({ language: 'fr' })).toBe('fr-cursive');
    expect(hand({ language: 'de' })).toBe('de-grund');
    // A language whose schools’ hand is not among the fonts.
    expect(hand({ language: 'pl' })).toBe('print');
  });

  test('is joined from Grade 3 on in the United States', () => {
    // Many states ask for cursive in Grades 3 to 5 (common practice).
    expect(hand({ spelling: 'us', level: { system: 'us', value: 'G1' } })).toBe('print');
    expect(hand({ spelling: 'us', level: { system: 'us', value: 'G3' } })).toBe('us-cursive');
    expect(hand({ spelling: 'us', level: { system: 'cefr', value: 'B2' } })).toBe('print');
  });

  test('is the one its teacher chose, and as usual again without', () => {
    const french = completeClass({ language: 'fr', hand: 'joined' });
    expect(handOf(french)).toBe('joined');
    expect(handOf({ ...french, hand: null })).toBe('fr-cursive');
    expect(handOf(undefined)).toBe('print');
  });
});
